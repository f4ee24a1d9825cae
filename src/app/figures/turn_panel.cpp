#include "app/figures/turn_panel.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

TurnPanel::TurnPanel(const core::Figure& figure, QWidget* parent) : QWidget(parent), turn_(core::turn_after_contact(figure.value)) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    auto* words = new QLabel(this);
    words->setWordWrap(true);
    words->setTextFormat(Qt::RichText);
    words->setFixedWidth(300);
    words->setAlignment(Qt::AlignTop);
    words->setText(turn_ ? tr("<p>Turn it by hand until the seal just touches.</p><p>Draw a line across part and housing.</p><p>Turn on by "
                              "<b>%1°</b>: %2 of a hexagon head.</p><p>Done when the line on the part stands at the second mark. Both "
                              "lines stay, to be looked at after the first hour.</p>")
                               .arg(theme::digits(turn_->degrees, 'g', 4), text(turn_->in_words))
                         : tr("How far to turn is not known yet: find the source that says it, or leave it as not known."));
    setAccessibleDescription(without_markup(words->text()));
    across->addWidget(words);
    across->addStretch(1);
}

void TurnPanel::paintEvent(QPaintEvent*) {
    if (!turn_) return;
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QPointF middle(320 + (width() - 320) / 2.0, height() / 2.0);
    const double radius = std::min(width() - 360.0, height() - 40.0) / 2 - 60;
    const double end = std::fmod(turn_->degrees, 360.0);
    // the way turned, clockwise from the top
    QPainterPath way;
    const QRectF ring(middle - QPointF(radius + 22, radius + 22), QSizeF(2 * radius + 44, 2 * radius + 44));
    way.moveTo(middle);
    way.arcTo(ring, 90, -std::min(turn_->degrees, 359.9));
    way.closeSubpath();
    p.fillPath(way, colour("wash"));
    // the hexagon, its corner at the first mark
    QPolygonF hexagon;
    for (int i = 0; i < 6; ++i)
        hexagon << middle + QPointF(std::sin(i * std::numbers::pi / 3), -std::cos(i * std::numbers::pi / 3)) * radius;
    p.setPen(QPen(colour("ink"), 2.4));
    p.setBrush(colour("sheet"));
    p.drawPolygon(hexagon);
    p.drawEllipse(middle, radius * 0.62, radius * 0.62);
    const auto ray = [&](double degrees, double from, double to) {
        const QPointF direction(std::sin(degrees * std::numbers::pi / 180), -std::cos(degrees * std::numbers::pi / 180));
        p.drawLine(middle + direction * from, middle + direction * to);
        return middle + direction * (to + 18);
    };
    p.setFont(theme::font("small", true));
    p.setPen(QPen(colour("ink"), 3));
    const QPointF first = ray(0, radius * 0.3, radius + 34);
    p.drawText(QRectF(first - QPointF(60, 9), QSizeF(120, 18)), Qt::AlignCenter, tr("first mark"));
    p.setPen(QPen(colour("accent"), 3));
    const QPointF second = ray(end, radius, radius + 34);
    p.drawText(QRectF(second - QPointF(60, 9), QSizeF(120, 18)), Qt::AlignCenter, tr("stop here"));
    p.setFont(theme::font("large"));
    p.setPen(colour("ink"));
    p.drawText(
        QRectF(middle - QPointF(70, 24), QSizeF(140, 48)), Qt::AlignCenter, theme::digits(turn_->degrees, 'g', 4) + QStringLiteral("°"));
}

}  // namespace anagraph::app
