// SourceChips: the guide's sources as small blocks, to be drawn onto the figure they prove.
#pragma once

#include <QWidget>
#include <vector>

#include "app/session/session.h"
#include "app/spoken/painted.h"
#include "app/theme/cut_text.h"

namespace anagraph::app {

/// What a source is carried as while it is dragged.
inline constexpr const char* kSourceMime = "application/x-anagraph-source";

class SourceChips : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit SourceChips(Session& session, QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    void refresh();
    QSize sizeHint() const override;

protected:
    bool event(QEvent* event) override {
        return cut_.tell(event, this, tr("Drag a source onto the figure it gives")) || QWidget::event(event);
    }
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void lay_out();
    struct Chip {
        QRectF box;
        core::SourceId source;
        QString words;
        bool page = false;  // its page is at hand
    };
    Session& session_;
    std::vector<Chip> chips_;
    theme::CutText cut_;
    std::optional<QPointF> pressed_;
};

}  // namespace anagraph::app
