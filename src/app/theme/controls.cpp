#include "app/theme/controls.h"

#include <QApplication>
#include <QDialogButtonBox>
#include <QEvent>
#include <QFocusEvent>
#include <QPainter>
#include <QPointer>
#include <QShortcut>
#include <QVBoxLayout>

#include "app/theme/theme.h"
#include "core/quantity/quantity.h"

namespace anagraph::app {

KeyButton::KeyButton(const QString& words, const QKeySequence& key, QWidget* scope, bool main)
    : QPushButton(words, scope), key_(key), main_(main) {
    setAccessibleName(words);
    setToolTip(key.isEmpty() ? words : tr("%1 (%2)").arg(words, key.toString(QKeySequence::NativeText)));
    setCursor(Qt::PointingHandCursor);
    setFocusPolicy(Qt::TabFocus);
    if (key.isEmpty()) return;
    shortcut_ = new QShortcut(key, scope);
    shortcut_->setContext(Qt::WidgetWithChildrenShortcut);
    connect(shortcut_, &QShortcut::activated, this, &QPushButton::click);
}

void KeyButton::changeEvent(QEvent* event) {
    // A button that is not offered leaves its key to others: Escape to a dialog, for one.
    if (event->type() == QEvent::EnabledChange && shortcut_ != nullptr) shortcut_->setEnabled(isEnabled());
    QPushButton::changeEvent(event);
}

void KeyButton::set_words(const QString& words) {
    setText(words);
    setAccessibleName(words);
    updateGeometry();
}

QSize KeyButton::sizeHint() const {
    const QFontMetrics metrics(font());
    const QFontMetrics small(theme::font("small"));
    const QString key = key_.toString(QKeySequence::NativeText);
    return {metrics.horizontalAdvance(text()) + 20 + (key.isEmpty() ? 0 : small.horizontalAdvance(key) + 16), metrics.height() + 14};
}

void KeyButton::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(rect()).adjusted(0.75, 0.75, -0.75, -0.75);
    const bool filled = main_ && isEnabled();
    QColor ground = filled            ? theme::colour(isDown() ? "accent_dark" : "accent")
        : isDown()                    ? theme::colour("key")
        : underMouse() && isEnabled() ? theme::colour("wash")
                                      : theme::colour("sheet");
    p.setPen(QPen(hasFocus() ? theme::colour("accent") : filled ? ground : theme::colour("strong"), hasFocus() ? 2 : 1.2));
    p.setBrush(ground);
    p.drawRoundedRect(box, 3, 3);
    if (hasFocus() && filled) {
        p.setPen(QPen(theme::colour("on_accent"), 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(box.adjusted(3, 3, -3, -3), 2, 2);
    }
    const QColor ink = !isEnabled() ? theme::colour("strong") : filled ? theme::colour("on_accent") : theme::colour("ink");
    p.setPen(ink);
    p.setFont(font());
    const QString key = key_.toString(QKeySequence::NativeText);
    p.drawText(box.adjusted(10, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, text());
    if (key.isEmpty()) return;
    p.setFont(theme::font("small"));
    const double w = QFontMetricsF(p.font()).horizontalAdvance(key) + 10;
    const QRectF cap(box.right() - w - 6, box.center().y() - 9.5, w, 19);
    p.setPen(Qt::NoPen);
    p.setBrush(filled ? theme::colour("accent_dark") : theme::colour("key"));
    p.drawRoundedRect(cap, 2, 2);
    p.setPen(ink);
    p.drawText(cap, Qt::AlignCenter, key);
}

namespace {

/// Keeps keys from becoming shortcuts.
class KeysOfTheMenu : public QObject {
public:
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() != QEvent::ShortcutOverride) return false;
        event->accept();
        return true;
    }
};

}  // namespace

QAction* chosen_from(QMenu& menu, const QPoint& at) {
    KeysOfTheMenu keys;
    qApp->installEventFilter(&keys);
    return menu.exec(at);
}

void ask_when_ambiguous(QLineEdit* field) {
    QObject::connect(field, &QLineEdit::editingFinished, field, [field] {
        const auto ways = core::two_ways(field->text().toStdString());
        if (ways.empty() || !field->isModified() || !field->isVisible()) return;
        QMenu menu(field);
        menu.setAccessibleName(QCoreApplication::translate("Controls", "This can be read two ways. Which is meant?"));
        menu.addSection(menu.accessibleName());
        int n = 0;
        for (const auto& way : ways) menu.addAction(QStringLiteral("&%1  %2").arg(++n).arg(theme::text(way)))->setData(theme::text(way));
        const QPointer<QLineEdit> alive(field);
        const auto* chosen = chosen_from(menu, field->mapToGlobal(QPoint(0, field->height())));
        if (alive && chosen != nullptr) field->setText(chosen->data().toString());
    });
}

QLabel* end_form(QFormLayout* form, QDialog* dialog) {
    auto* trouble = new QLabel(dialog);
    trouble->setObjectName(QStringLiteral("trouble"));
    trouble->setWordWrap(true);
    form->addRow(trouble);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, dialog);
    form->addRow(buttons);
    QObject::connect(buttons, &QDialogButtonBox::accepted, dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, dialog, &QDialog::reject);
    return trouble;
}

QLabel* answer_column(QHBoxLayout* across, const QString& title, QWidget* parent) {
    auto* down = new QVBoxLayout;
    down->addWidget(titled(title, parent));
    auto* answer = new QLabel(parent);
    answer->setWordWrap(true);
    answer->setTextFormat(Qt::RichText);
    down->addWidget(answer);
    down->addStretch(1);
    across->addLayout(down, 1);
    return answer;
}

bool has_keys(const QWidget* widget) { return widget->window()->focusWidget() == widget; }

void tell_it_is_left(QWidget* field) {
    if (field->hasFocus()) return;
    QFocusEvent out(QEvent::FocusOut);
    QApplication::sendEvent(field, &out);
}

QLabel* titled(const QString& words, QWidget* parent) {
    auto* label = new QLabel(words, parent);
    label->setObjectName(QStringLiteral("title"));
    return label;
}

QLabel* second(const QString& words, QWidget* parent) {
    auto* label = new QLabel(words, parent);
    label->setObjectName(QStringLiteral("second"));
    label->setWordWrap(true);
    return label;
}

}  // namespace anagraph::app
