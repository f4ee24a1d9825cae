#include "app/figures/page_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>

#include "app/theme/theme.h"

namespace anagraph::app {

using theme::colour;

namespace {
constexpr double kWhole = 10000;  // ten-thousandths of a page
constexpr int kLeastDrag = 6;     // pixels; less is a click
}  // namespace

PageView::PageView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(320, 300);
    setMouseTracking(true);
    setCursor(Qt::CrossCursor);
    setAccessibleName(tr("Page of the source"));
}

void PageView::show_page(const QImage& image, int page) {
    image_ = image;
    page_ = page;
    offset_ = {};
    offers_.clear();
    marked_.reset();
    words_.clear();
    keep_inside();
    update();
}

void PageView::set_words(const QString& words) {
    words_ = words;
    update();
}

double PageView::scale() const { return image_.isNull() ? 1 : zoom_ * width() / image_.width(); }

QRectF PageView::at(const core::PageSpot& s) const {
    const double w = image_.width() * scale();
    const double h = image_.height() * scale();
    return {QPointF(offset_.x() + s.left / kWhole * w, offset_.y() + s.top / kWhole * h),
        QPointF(offset_.x() + s.right / kWhole * w, offset_.y() + s.bottom / kWhole * h)};
}

void PageView::mark(const std::optional<core::PageSpot>& spot) {
    marked_ = spot;
    if (marked_ && !image_.isNull()) {
        const QRectF box = at(*marked_);
        const QRectF sight = QRectF(rect()).adjusted(30, 40, -30, -40);
        if (!sight.contains(box)) offset_ += QRectF(rect()).center() - box.center();
        keep_inside();
    }
    update();
}

void PageView::offer(std::vector<core::PageSpot> spots) {
    offers_ = std::move(spots);
    update();
}

void PageView::keep_inside() {
    const double w = image_.width() * scale();
    const double h = image_.height() * scale();
    offset_.setX(w <= width() ? (width() - w) / 2 : std::clamp(offset_.x(), width() - w, 0.0));
    offset_.setY(h <= height() ? 0 : std::clamp(offset_.y(), height() - h, 0.0));
}

void PageView::zoom(double by) {
    const double before = zoom_;
    zoom_ = std::clamp(zoom_ * by, 0.4, 6.0);
    const QPointF centre = QRectF(rect()).center();
    offset_ = centre + (offset_ - centre) * (zoom_ / before);
    keep_inside();
    if (marked_) mark(marked_);
    update();
}

QPixmap PageView::crop(const core::PageSpot& s, const QSize& most) const {
    if (image_.isNull()) return {};
    const auto px = [](int share, int whole) { return static_cast<int>(share / kWhole * whole); };
    const QRect box = QRect(QPoint(px(s.left, image_.width()), px(s.top, image_.height())),
                          QPoint(px(s.right, image_.width()), px(s.bottom, image_.height())))
                          .adjusted(-24, -14, 24, 14) &
        image_.rect();
    const double ratio = devicePixelRatioF();
    QPixmap out = QPixmap::fromImage(image_.copy(box).scaled(most * ratio, Qt::KeepAspectRatio, Qt::SmoothTransformation));
    out.setDevicePixelRatio(ratio);
    return out;
}

void PageView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), colour("band"));
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!image_.isNull()) p.drawImage(QRectF(offset_, QSizeF(image_.size()) * scale()), image_);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(colour("accent"), 1, Qt::DotLine));
    for (const auto& s : offers_) p.drawRect(at(s).adjusted(-3, -3, 3, 3));
    if (marked_) {
        const QRectF box = at(*marked_).adjusted(-5, -5, 5, 5);
        QColor wash = colour("accent");
        wash.setAlphaF(0.10F);
        p.fillRect(box, wash);
        p.setPen(QPen(colour("accent"), 2.6));
        p.drawRect(box);
    }
    if (drag_from_) {
        p.setPen(QPen(colour("accent"), 1.6, Qt::DashLine));
        p.drawRect(QRectF(*drag_from_, drag_to_).normalized());
    }
    cut_.clear();
    if (!words_.isEmpty()) {
        p.setFont(theme::font("text"));
        const QRectF band(0, height() - 34, width(), 34);
        p.fillRect(band, colour("sheet"));
        p.setPen(colour("ink"));
        cut_.draw(p, band.adjusted(12, 0, -12, 0), words_);
    }
    p.setPen(QPen(hasFocus() ? colour("accent") : colour("rule"), hasFocus() ? 2 : 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

void PageView::wheelEvent(QWheelEvent* event) {
    if ((event->modifiers() & Qt::ControlModifier) != 0)
        zoom(event->angleDelta().y() > 0 ? 1.2 : 1 / 1.2);
    else
        offset_ += QPointF(event->angleDelta()) / 2;
    keep_inside();
    update();
    event->accept();
}

void PageView::keyPressEvent(QKeyEvent* event) {
    const double step = 60;
    switch (event->key()) {
        case Qt::Key_Down:
            offset_.ry() -= step;
            break;
        case Qt::Key_Up:
            offset_.ry() += step;
            break;
        case Qt::Key_Left:
            offset_.rx() += step;
            break;
        case Qt::Key_Right:
            offset_.rx() -= step;
            break;
        case Qt::Key_Plus:
        case Qt::Key_Equal:
            zoom(1.25);
            break;
        case Qt::Key_Minus:
            zoom(0.8);
            break;
        default:
            QWidget::keyPressEvent(event);
            return;
    }
    keep_inside();
    update();
}

void PageView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    if (event->button() != Qt::LeftButton || image_.isNull()) return;
    drag_from_ = event->position();
    drag_to_ = event->position();
}

void PageView::mouseMoveEvent(QMouseEvent* event) {
    if (!drag_from_) return;
    drag_to_ = event->position();
    update();
}

void PageView::mouseReleaseEvent(QMouseEvent* event) {
    if (!drag_from_) return;
    const QRectF box = QRectF(*drag_from_, event->position()).normalized();
    drag_from_.reset();
    update();
    if (box.width() < kLeastDrag || box.height() < kLeastDrag) {
        for (std::size_t i = 0; i < offers_.size(); ++i)
            if (at(offers_[i]).adjusted(-5, -5, 5, 5).contains(event->position())) emit offer_clicked(i);
        return;
    }
    const double w = image_.width() * scale();
    const double h = image_.height() * scale();
    const auto share = [](double v) { return std::clamp(static_cast<int>(v * kWhole), 0, 10000); };
    emit dragged({page_, share((box.left() - offset_.x()) / w), share((box.top() - offset_.y()) / h),
        share((box.right() - offset_.x()) / w), share((box.bottom() - offset_.y()) / h)});
}

void PageView::resizeEvent(QResizeEvent*) {
    keep_inside();
    if (marked_) mark(marked_);
}

std::vector<spoken::Painted> PageView::painted() const {
    std::vector<spoken::Painted> out;
    if (!image_.isNull()) out.push_back({.role = QAccessible::Heading, .name = tr("Page %1").arg(page_)});
    if (!words_.isEmpty()) out.push_back({.name = words_});
    if (marked_) out.push_back({.role = QAccessible::Graphic, .name = tr("The place that is marked"), .box = at(*marked_).toAlignedRect()});
    auto* self = const_cast<PageView*>(this);
    for (std::size_t i = 0; i < offers_.size(); ++i)
        out.push_back({.role = QAccessible::Button,
            .name = tr("Value %1 that was read on this page").arg(i + 1),
            .box = at(offers_[i]).toAlignedRect(),
            .does = tr("Choose"),
            .act = [self, i] { emit self->offer_clicked(i); }});
    return out;
}

}  // namespace anagraph::app
