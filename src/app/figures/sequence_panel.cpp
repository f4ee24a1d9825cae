#include "app/figures/sequence_panel.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

namespace {

constexpr int kFree = -1;        // beside the patterns of core
constexpr double kGrid = 100.0;  // free places are typed in hundredths of the drawing

/// The torque of the same item, whose stages these may be.
const core::Figure* torque_of(const core::Procedure& p, const core::Figure& figure) {
    for (const auto& f : p.figures)
        if (f.kind == core::FigureKind::Torque && !figure.item.empty() && f.item == figure.item && f.value.known()) return &f;
    return nullptr;
}

}  // namespace

SequencePanel::SequencePanel(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent) : QWidget(parent) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(10);
    count_ = new QSpinBox(this);
    count_->setRange(1, 60);
    const auto said = core::Number::kept(figure.value.low);
    count_->setValue(said ? static_cast<int>(said->value()) : 6);
    pattern_ = new QComboBox(this);
    for (const auto& p : core::all_of<core::BoltPattern>()) pattern_->addItem(text(core::words_of(p.value)), static_cast<int>(p.value));
    pattern_->addItem(tr("placed by hand"), kFree);
    free_ = new QLineEdit(this);
    free_->setPlaceholderText(tr("click the drawing, or 10,20; 60,15; …"));
    free_->setToolTip(tr("Across and down in hundredths of the drawing, bolt by bolt"));
    stages_ = new QLineEdit(this);
    stages_->setPlaceholderText(tr("20, then 40, then 60 Nm"));
    if (const auto* torque = torque_of(procedure, figure)) stages_->setText(text(core::as_typed(core::text_of(torque->value))));
    list_ = new QLabel(this);
    list_->setWordWrap(true);
    list_->setTextFormat(Qt::RichText);
    list_->setFixedWidth(290);
    form->addRow(tr("&Bolts"), count_);
    form->addRow(tr("&They sit"), pattern_);
    free_label_ = new QLabel(tr("&Places"), this);
    free_label_->setBuddy(free_);
    form->addRow(free_label_, free_);
    form->addRow(tr("&Stages"), stages_);
    form->addRow(list_);
    across->addLayout(form);
    across->addStretch(1);
    connect(count_, &QSpinBox::valueChanged, this, &SequencePanel::reckon);
    connect(pattern_, &QComboBox::currentIndexChanged, this, &SequencePanel::reckon);
    ask_when_ambiguous(stages_);
    for (auto* edit : {free_, stages_}) connect(edit, &QLineEdit::textChanged, this, &SequencePanel::reckon);
    reckon();
    setFocusProxy(count_);
}

QRectF SequencePanel::field() const {
    const double side = std::max(120.0, std::min(width() - 400.0, height() - 10.0) - 92);
    const QPointF middle(350 + (width() - 350) / 2.0, height() / 2.0);
    return {middle.x() - side / 2, middle.y() - side / 2, side, side};
}

std::vector<core::BoltPlace> SequencePanel::places_typed() const {
    std::vector<core::BoltPlace> out;
    for (const auto& part : free_->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const auto two = part.split(QLatin1Char(','));
        bool x_ok = false;
        bool y_ok = false;
        const double x = two.value(0).toDouble(&x_ok);
        const double y = two.value(1).toDouble(&y_ok);
        if (two.size() == 2 && x_ok && y_ok && std::abs(x) <= 10 * kGrid && std::abs(y) <= 10 * kGrid)
            out.push_back({x / kGrid * 2 - 1, y / kGrid * 2 - 1});
    }
    return out;
}

void SequencePanel::mousePressEvent(QMouseEvent* event) {
    const QRectF f = field();
    if (!free() || !f.adjusted(-20, -20, 20, 20).contains(event->position())) return;
    const auto share = [](double at, double from, double length) {
        return std::clamp(std::lround((at - from) / length * kGrid), 0L, std::lround(kGrid));
    };
    const QString place = QStringLiteral("%1,%2")
                              .arg(share(event->position().x(), f.left(), f.width()))
                              .arg(share(event->position().y(), f.top(), f.height()));
    free_->setText(free_->text().trimmed().isEmpty() ? place : free_->text() + QStringLiteral("; ") + place);
}

void SequencePanel::reckon() {
    for (QWidget* w : {static_cast<QWidget*>(free_), static_cast<QWidget*>(free_label_)}) w->setVisible(free());
    count_->setEnabled(!free());
    const auto pattern = static_cast<core::BoltPattern>(pattern_->currentData().toInt());
    places_ = free() ? places_typed() : core::bolt_places(pattern, count_->value());
    const auto order = free() ? core::tightening_order(places_) : core::tightening_order(pattern, count_->value());
    order_ = order ? *order : std::vector<int>{};
    QStringList numbers;
    for (const int n : order_) numbers << QString::number(n);
    QString words;
    if (order_.empty()) {
        words = tr("Click where the bolts sit, one after the other; the order follows.");
    } else {
        words = tr("Start all by hand, then tighten in the order drawn. By the bolts' own numbers: %1.")
                    .arg(numbers.join(QStringLiteral(", ")));
        words += free() ? tr(" They are numbered as they were placed.")
                        : tr(" Bolt 1 is at the top, at the upper left or at one end; the others follow clockwise.");
    }
    // one pass over all bolts for each stage
    if (!stages_->text().trimmed().isEmpty()) {
        const auto torque = core::parse_figure_value(stages_->text().toStdString(), core::FigureKind::Torque);
        if (!torque) {
            words += QStringLiteral("<p>%1</p>").arg(text(torque.error().message).toHtmlEscaped());
        } else if (torque->known()) {
            auto each = torque->before;
            each.push_back(torque->low);
            const core::Unit* unit = core::find_unit(torque->unit);
            const QString symbol = QString::fromUtf8(unit->symbol.data(), static_cast<qsizetype>(unit->symbol.size()));
            words += QStringLiteral("<p>");
            for (std::size_t i = 0; i < each.size(); ++i)
                words += each[i] == "loosen" ? tr("Pass %1: loosen every bolt again, in the same order.<br>").arg(i + 1)
                                             : tr("Pass %1: every bolt to <b>%2 %3</b>.<br>").arg(i + 1).arg(text(each[i]), symbol);
            if (!torque->turn.empty())
                words += tr("Pass %1: every bolt <b>%2°</b> further; mark head and part first.<br>")
                             .arg(each.size() + 1)
                             .arg(text(torque->turn));
            words += QStringLiteral("</p>");
            if (!torque->turn.empty())
                words +=
                    tr("<p>Bolts tightened by an angle are stretched, and many are used once: the maker's book says whether new ones go "
                       "in.</p>");
        }
    }
    list_->setText(words);
    setAccessibleDescription(without_markup(list_->text()));
    update();
}

void SequencePanel::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF f = field();
    const double side = f.width() / 2;
    const QPointF middle = f.center();
    const auto at = [&](int bolt) {
        const auto& b = places_[static_cast<std::size_t>(bolt - 1)];
        return middle + QPointF(b.x * side, b.y * side);
    };
    if (free()) {
        p.setPen(QPen(colour("rule"), 1, Qt::DashLine));
        p.drawRect(f.adjusted(-20, -20, 20, 20));
    }
    const double radius = std::clamp(side * 2.4 / static_cast<double>(std::max<std::size_t>(1, places_.size())), 9.0, 26.0);
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
        p.drawText(
            QRectF(at(order_[i]) - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)), Qt::AlignCenter, QString::number(i + 1));
        // the bolt's own number, outside
        p.setFont(theme::font("small"));
        p.setPen(colour("second"));
        QPointF out = at(order_[i]) - middle;
        const double length = std::max(1.0, std::hypot(out.x(), out.y()));
        const bool below = pattern_->currentData().toInt() == static_cast<int>(core::BoltPattern::Line) || length < radius;
        out = below ? QPointF(0, radius + 12) : out / length * (radius + (std::abs(out.x()) > std::abs(out.y()) ? 34 : 20));
        const QPointF label = at(order_[i]) + out;
        p.drawText(QRectF(label - QPointF(30, 9), QSizeF(60, 18)), Qt::AlignCenter, tr("bolt %1").arg(order_[i]));
    }
}

std::vector<spoken::Painted> SequencePanel::painted() const {
    const QRectF f = field();
    std::vector<spoken::Painted> out;
    for (std::size_t i = 0; i < order_.size(); ++i) {
        const auto& b = places_[static_cast<std::size_t>(order_[i] - 1)];
        const QPointF at = f.center() + QPointF(b.x, b.y) * f.width() / 2;
        out.push_back({.role = QAccessible::Graphic,
            .name = tr("Number %1 to tighten: bolt %2").arg(i + 1).arg(order_[i]),
            .box = QRectF(at - QPointF(12, 12), QSizeF(24, 24)).toAlignedRect()});
    }
    return out;
}

}  // namespace anagraph::app
