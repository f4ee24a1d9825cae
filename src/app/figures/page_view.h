// PageView: a page of a document with a place marked on it. The mouse marks a place, the wheel turns the page over the sight,
// Ctrl and the wheel (or + and -) bring it nearer.
#pragma once

#include <QImage>
#include <QWidget>
#include <optional>
#include <vector>

#include "app/spoken/painted.h"
#include "app/theme/cut_text.h"
#include "core/page/page_spot.h"

namespace anagraph::app {

class PageView : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit PageView(QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Document; }
    void show_page(const QImage& image, int page);
    /// Marks a place and brings it into sight.
    void mark(const std::optional<core::PageSpot>& spot);
    /// Where values were read: thin frames a click chooses.
    void offer(std::vector<core::PageSpot> spots);
    const std::optional<core::PageSpot>& marked() const { return marked_; }
    void set_words(const QString& words);
    /// The picture of a place with a little around it, at most that large.
    QPixmap crop(const core::PageSpot& spot, const QSize& most) const;
    /// A place of the page in the widget.
    QRectF at(const core::PageSpot& spot) const;

signals:
    void dragged(const anagraph::core::PageSpot& spot);
    void offer_clicked(std::size_t offer);

protected:
    bool event(QEvent* event) override { return cut_.tell(event, this) || QWidget::event(event); }
    void paintEvent(QPaintEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    double scale() const;
    void zoom(double by);
    void keep_inside();

    QImage image_;
    int page_ = 1;
    double zoom_ = 1;  // 1: the page is as wide as the widget
    QPointF offset_;   // of the page's upper left corner
    std::optional<core::PageSpot> marked_;
    std::vector<core::PageSpot> offers_;
    std::optional<QPointF> drag_from_;
    QPointF drag_to_;
    QString words_;
    theme::CutText cut_;
};

}  // namespace anagraph::app
