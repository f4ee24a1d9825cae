#include "app/issue/change_line_view.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

ChangeLineView::ChangeLineView(QWidget* parent) : QWidget(parent) { setFixedHeight(96); }

void ChangeLineView::show_change(
    const std::optional<core::Figure>& was, const std::optional<core::Figure>& is, const QString& was_words, const QString& is_words) {
    change_ = was && is ? core::change_line(*was, *is) : core::ChangeLine{};
    setVisible(change_.line.drawable);
    if (!change_.line.drawable) return;
    was_ = QStringLiteral("%1: %2").arg(was_words, text(core::words_of(was->value)));
    is_ = QStringLiteral("%1: %2").arg(is_words, text(core::words_of(is->value)));
    setAccessibleName(tr("On the number line: %1; %2").arg(was_, is_));
    update();
}

void ChangeLineView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double left = 30;
    const double right = width() - 30;
    const double base = height() - 30;
    const auto x = [&](double value) { return left + change_.line.place(value) * (right - left); };
    if (change_.line.band_to > change_.line.band_from)
        p.fillRect(
            QRectF(x(change_.line.band_from), base - 22, x(change_.line.band_to) - x(change_.line.band_from), 22), theme::colour("band"));
    p.setPen(QPen(theme::colour("ink"), 1.6));
    p.drawLine(QPointF(left, base), QPointF(right, base));
    p.setFont(theme::font("small"));
    for (const double tick : change_.line.ticks) {
        p.drawLine(QPointF(x(tick), base), QPointF(x(tick), base + 6));
        p.drawText(QRectF(x(tick) - 40, base + 8, 80, 18), Qt::AlignHCenter, QString::number(tick));
    }
    const double a = x(change_.was);
    const double b = x(change_.is);
    const bool up = b >= a;
    const QFontMetricsF small(theme::font("small"));
    // the two labels stand away from each other, within the line's own room
    const auto label = [&](double at, const QString& words, bool to_left, const QFont& font, const QColor& ink) {
        const double wide = QFontMetricsF(font).horizontalAdvance(words) + 4;
        const double from = std::clamp(to_left ? at - wide + 8 : at - 8, 0.0, std::max(0.0, width() - wide));
        p.setFont(font);
        p.setPen(ink);
        p.drawText(QRectF(from, base - 62, wide, 18), Qt::AlignVCenter | Qt::AlignLeft, words);
    };
    label(a, was_, up, theme::font("small"), theme::colour("second"));
    label(b, is_, !up, theme::font("small", true), theme::colour("accent"));
    p.setPen(QPen(theme::colour("second"), 2));
    p.drawLine(QPointF(a, base), QPointF(a, base - 40));
    p.setPen(QPen(theme::colour("accent"), 3));
    p.drawLine(QPointF(b, base), QPointF(b, base - 40));
    if (std::abs(b - a) > 16) {
        const double tip = b - (up ? 5 : -5);
        p.setPen(QPen(theme::colour("accent"), 1.6));
        p.drawLine(QPointF(a + (up ? 5 : -5), base - 32), QPointF(tip, base - 32));
        p.setBrush(theme::colour("accent"));
        const double back = up ? -9 : 9;
        p.drawPolygon(QPolygonF({QPointF(tip, base - 32), QPointF(tip + back, base - 36), QPointF(tip + back, base - 28)}));
    }
}

}  // namespace anagraph::app
