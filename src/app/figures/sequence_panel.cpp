#include "app/figures/sequence_panel.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"

namespace anagraph::app {

using theme::colour;

SequencePanel::SequencePanel(const core::Figure& figure, QWidget* parent) : QWidget(parent) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    auto* form = new QFormLayout;
    count_ = new QSpinBox(this);
    count_->setRange(1, 60);
    const auto said = core::Number::parse(figure.value.low);
    count_->setValue(said ? static_cast<int>(said->value()) : 6);
    pattern_ = new QComboBox(this);
    pattern_->addItem(tr("on a circle"), static_cast<int>(core::BoltPattern::Circle));
    pattern_->addItem(tr("on a rectangle"), static_cast<int>(core::BoltPattern::Rectangle));
    pattern_->addItem(tr("in a line"), static_cast<int>(core::BoltPattern::Line));
    list_ = new QLabel(this);
    list_->setWordWrap(true);
    list_->setFixedWidth(260);
    form->addRow(tr("&Bolts"), count_);
    form->addRow(tr("&They sit"), pattern_);
    form->addRow(list_);
    across->addLayout(form);
    across->addStretch(1);
    connect(count_, &QSpinBox::valueChanged, this, &SequencePanel::reckon);
    connect(pattern_, &QComboBox::currentIndexChanged, this, &SequencePanel::reckon);
    reckon();
    setFocusProxy(count_);
}

void SequencePanel::reckon() {
    const auto order = core::tightening_order(static_cast<core::BoltPattern>(pattern_->currentData().toInt()), count_->value());
    order_ = order ? *order : std::vector<int>{};
    QStringList numbers;
    for (const int n : order_) numbers << QString::number(n);
    list_->setText(tr("Start all by hand, then tighten in the order drawn. By the bolts' own numbers: %1. Bolt 1 is at the top, at the upper left or at one end; the others follow clockwise.").arg(numbers.join(QStringLiteral(", "))));
    setAccessibleDescription(list_->text());
    update();
}

void SequencePanel::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double side = std::min(width() - 330.0, height() - 10.0) / 2 - 46;
    const QPointF middle(300 + (width() - 300) / 2.0, height() / 2.0);
    const auto places = core::bolt_places(static_cast<core::BoltPattern>(pattern_->currentData().toInt()), count_->value());
    const auto at = [&](int bolt) {
        const auto& b = places[static_cast<std::size_t>(bolt - 1)];
        return middle + QPointF(b.x * side, b.y * side);
    };
    const double radius = std::clamp(side * 2.4 / static_cast<double>(places.size()), 9.0, 26.0);
    // the way of the wrench, fading as it goes
    for (std::size_t i = 1; i < order_.size(); ++i) {
        QColor line = colour("accent");
        line.setAlphaF(static_cast<float>(0.75 - 0.5 * static_cast<double>(i) / static_cast<double>(order_.size())));
        p.setPen(QPen(line, 1.6));
        p.drawLine(at(order_[i - 1]), at(order_[i]));
    }
    for (std::size_t i = 0; i < order_.size(); ++i) {
        p.setPen(QPen(colour("ink"), 2));
        p.setBrush(i == 0 ? colour("accent") : colour("sheet"));
        p.drawEllipse(at(order_[i]), radius, radius);
        p.setPen(i == 0 ? colour("on_accent") : colour("ink"));
        p.setFont(theme::font(radius > 18 ? "figure" : "small", true));
        p.drawText(QRectF(at(order_[i]) - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)), Qt::AlignCenter, QString::number(i + 1));
        // the bolt's own number, outside
        p.setFont(theme::font("small"));
        p.setPen(colour("second"));
        QPointF out = at(order_[i]) - middle;
        const double length = std::max(1.0, std::hypot(out.x(), out.y()));
        const bool line = pattern_->currentData().toInt() == static_cast<int>(core::BoltPattern::Line);
        out = line ? QPointF(0, radius + 12) : out / length * (radius + (std::abs(out.x()) > std::abs(out.y()) ? 34 : 20));
        const QPointF label = at(order_[i]) + out;
        p.drawText(QRectF(label - QPointF(30, 9), QSizeF(60, 18)), Qt::AlignCenter, tr("bolt %1").arg(order_[i]));
    }
}

}  // namespace anagraph::app
