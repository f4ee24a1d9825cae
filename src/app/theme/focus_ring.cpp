#include "app/theme/focus_ring.h"

#include <QAbstractScrollArea>
#include <QApplication>
#include <QEvent>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPointer>
#include <QTextEdit>
#include <QWidget>

#include "app/theme/theme.h"

namespace anagraph::app::theme {

namespace {

/// Lies over the place it is around.
class FocusRing : public QWidget {
public:
    explicit FocusRing(QAbstractScrollArea* around) : QWidget(around) {
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setGeometry(around->rect());
        around->installEventFilter(this);
        show();
        raise();
    }

protected:
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::Resize) setGeometry(parentWidget()->rect());
        return false;
    }
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        draw_focus(p, rect());
    }
};

}  // namespace

void show_focus_rings() {
    QObject::connect(qApp, &QApplication::focusChanged, qApp, [ring = QPointer<FocusRing>()](QWidget*, QWidget* now) mutable {
        delete ring.data();
        auto* area = qobject_cast<QAbstractScrollArea*>(now);
        const bool shows_itself = qobject_cast<QTextEdit*>(now) != nullptr || qobject_cast<QPlainTextEdit*>(now) != nullptr;
        if (area != nullptr && !shows_itself && !now->isWindow()) ring = new FocusRing(area);
    });
}

}  // namespace anagraph::app::theme
