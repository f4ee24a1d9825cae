#include "app/figures/fill_panel.h"

#include <QCoreApplication>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/fluids/grade.h"
#include "core/fluids/packs.h"
#include "core/workout/known.h"
#include "core/workout/store_packs.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

namespace {

constexpr int kReadings = 100;  // steps of the slider between the marks

using Part = std::optional<core::Amount> core::FluidSystem::*;
/// What may be known, and what it is called here.
struct Known {
    Part part;
    const char* label;
};
constexpr std::array<Known, 6> kKnown{{{&core::FluidSystem::total, QT_TRANSLATE_NOOP("FillPanel", "&Total, dry")},
    {&core::FluidSystem::refill, QT_TRANSLATE_NOOP("FillPanel", "&Refill with filter")},
    {&core::FluidSystem::residue, QT_TRANSLATE_NOOP("FillPanel", "&Stays behind")},
    {&core::FluidSystem::filter, QT_TRANSLATE_NOOP("FillPanel", "&Filter takes")},
    {&core::FluidSystem::drained, QT_TRANSLATE_NOOP("FillPanel", "&Came out")},
    {&core::FluidSystem::between_marks, QT_TRANSLATE_NOOP("FillPanel", "&Between the marks")}}};

QString litres(double value) { return text(core::amount_text(value)); }

}  // namespace

SumpView::SumpView(QWidget* parent) : QWidget(parent) {
    setFixedWidth(250);
    setMinimumHeight(300);
    setAccessibleName(tr("The sump, filled in stages"));
}

void SumpView::show_plan(const core::RefillPlan& plan, double between_marks, std::optional<double> reading) {
    plan_ = plan;
    between_marks_ = between_marks;
    reading_ = reading;
    update();
}

void SumpView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double top = 24;
    const double bottom = height() - 24;
    const QRectF vessel(20, top, 96, bottom - top);
    p.setPen(QPen(colour("ink"), 2));
    p.drawPolyline(QPolygonF({vessel.topLeft(), vessel.bottomLeft(), vessel.bottomRight(), vessel.topRight()}));
    if (!plan_.refill || plan_.stages.empty()) {
        p.setFont(theme::font("small"));
        p.setPen(colour("second"));
        p.drawText(QRectF(126, top, width() - 130, 120), Qt::TextWordWrap,
            plan_.first_pour ? tr("The refill is not known: pour %1, read, and add by the marks.").arg(litres(*plan_.first_pour))
                             : tr("Nothing is known of it yet."));
        return;
    }
    const double residue = plan_.residue ? plan_.residue->litres : 0;
    const double full = residue + plan_.refill->litres;
    const double scale = (vessel.height() - 26) / (full * 1.06);
    const auto y = [&](double amount) { return vessel.bottom() - amount * scale; };
    const auto band = [&](double from, double to, const QBrush& brush, const QString& words) {
        const QRectF box(vessel.left() + 2, y(to), vessel.width() - 4, y(from) - y(to));
        p.fillRect(box, brush);
        p.setPen(QPen(colour("sheet"), 1.5));
        p.drawLine(box.topLeft(), box.topRight());
        if (box.height() >= 13) {
            p.setFont(theme::font("small"));
            p.setPen(colour("ink"));
            p.drawText(box, Qt::AlignCenter, words);
        }
    };
    p.fillRect(QRectF(vessel.left() + 2, y(residue), vessel.width() - 4, vessel.bottom() - 1 - y(residue)),
        QBrush(colour("second"), Qt::Dense5Pattern));
    double level = residue;
    for (std::size_t i = 0; i < plan_.stages.size(); ++i) {
        band(level, level + plan_.stages[i], i == 0 ? colour("band") : colour("wash"),
            i == 0 ? litres(plan_.stages[i]) : tr("+ %1").arg(litres(plan_.stages[i])));
        level += plan_.stages[i];
    }
    const auto mark = [&](double amount, const QString& words, bool strong) {
        p.setPen(QPen(colour(strong ? "accent" : "ink"), strong ? 2.4 : 1.6));
        p.drawLine(QPointF(vessel.right() - (strong ? 30 : 14), y(amount)), QPointF(vessel.right() + 12, y(amount)));
        p.setFont(theme::font("small", strong));
        p.setPen(colour(strong ? "accent" : "ink"));
        p.drawText(QRectF(vessel.right() + 18, y(amount) - 9, width() - vessel.right() - 20, 18), Qt::AlignVCenter, words);
    };
    mark(full, tr("upper mark"), false);
    if (between_marks_ > 0) {
        if (between_marks_ * scale > 16) mark(full - between_marks_, tr("lower mark"), false);
        if (reading_) mark(full - between_marks_ * (1 - *reading_), tr("reads here"), true);
    }
    if (residue > 0) {
        p.setFont(theme::font("small"));
        p.setPen(colour("second"));
        p.drawText(QRectF(vessel.right() + 18, std::min(y(residue / 2) - 9, vessel.bottom() - 16), 120, 18), Qt::AlignVCenter,
            tr("%1 stays").arg(litres(residue)));
    }
}

FillPanel::FillPanel(Session& session, const core::Figure& figure, QWidget* parent) : QWidget(parent), session_(session) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(20);
    across->addLayout(known_column());
    sump_ = new SumpView(this);
    across->addWidget(sump_);
    across->addLayout(plan_column(figure), 1);
    if (auto house = session_.library().house()) house_ = *house;
    prefill(figure);
    for (auto* edit : {packs_, vessel_}) ask_when_ambiguous(edit);
    for (auto* edit : {packs_, vessel_}) connect(edit, &QLineEdit::textChanged, this, &FillPanel::reckon);
    connect(machines_, &QSpinBox::valueChanged, this, &FillPanel::reckon);
    connect(reading_, &QSlider::valueChanged, this, &FillPanel::reckon);
    reckon();
    setFocusProxy(reading_);
}

/// What is known of the system, and what there is to fill it from and drain it into.
QLayout* FillPanel::known_column() {
    auto* left = new QGridLayout;
    left->setVerticalSpacing(8);
    left->addWidget(title_label(tr("What is known"), this), 0, 0, 1, 2);
    for (std::size_t i = 0; i < known_.size(); ++i) {
        known_[i] = new QLineEdit(this);
        ask_when_ambiguous(known_[i]);
        known_[i]->setFixedWidth(110);
        known_[i]->setPlaceholderText(tr("not known"));
        const QString label = QCoreApplication::translate("FillPanel", kKnown[i].label);
        known_[i]->setAccessibleName(QString(label).remove(QLatin1Char('&')));
        auto* words = new QLabel(label, this);
        words->setBuddy(known_[i]);
        left->addWidget(words, static_cast<int>(i) + 1, 0);
        left->addWidget(known_[i], static_cast<int>(i) + 1, 1);
        connect(known_[i], &QLineEdit::textChanged, this, &FillPanel::reckon);
    }
    packs_ = new QLineEdit(QStringLiteral("1 L; 5 L"), this);
    packs_->setAccessibleName(tr("Packs to be had"));
    packs_->setToolTip(tr("Sizes and, where known, prices: 1 L@6.50; 5 L@24"));
    auto* packs_label = new QLabel(tr("&Packs to be had"), this);
    packs_label->setBuddy(packs_);
    left->addWidget(packs_label, 7, 0);
    left->addWidget(packs_, 7, 1);
    left->addWidget(quiet_label(tr("Sizes and prices, as in\n1 L@6.50; 5 L@24"), this), 8, 0, 1, 2);
    machines_ = new QSpinBox(this);
    machines_->setRange(1, 50);
    machines_->setFixedWidth(110);
    machines_->setAccessibleName(tr("Machines of the day"));
    auto* machines_label = new QLabel(tr("&Machines of the day"), this);
    machines_label->setBuddy(machines_);
    left->addWidget(machines_label, 9, 0);
    left->addWidget(machines_, 9, 1);
    vessel_ = new QLineEdit(this);
    vessel_->setFixedWidth(110);
    vessel_->setPlaceholderText(tr("not known"));
    vessel_->setAccessibleName(tr("The pan holds"));
    if (const auto vessel = core::known_vessel(session_.procedure())) vessel_->setText(text(core::as_typed(core::display(*vessel))));
    auto* vessel_label = new QLabel(tr("T&he pan holds"), this);
    vessel_label->setBuddy(vessel_);
    left->addWidget(vessel_label, 10, 0);
    left->addWidget(vessel_, 10, 1);
    left->setRowStretch(11, 1);
    return left;
}

/// What follows from it.
QLayout* FillPanel::plan_column(const core::Figure& figure) {
    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addWidget(title_label(tr("How to fill it"), this));
    trouble_ = new QLabel(this);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    right->addWidget(trouble_);
    plan_ = new QLabel(this);
    plan_->setWordWrap(true);
    plan_->setTextFormat(Qt::RichText);
    right->addWidget(plan_);
    auto* reading_label = new QLabel(tr("The &dipstick reads"), this);
    reading_ = new QSlider(Qt::Horizontal, this);
    reading_->setRange(-kReadings / 2, kReadings * 3 / 2);
    reading_->setValue(kReadings / 3);
    reading_->setAccessibleName(tr("Reading between the marks"));
    reading_label->setBuddy(reading_);
    right->addWidget(reading_label);
    right->addWidget(reading_);
    reading_words_ = new QLabel(this);
    reading_words_->setWordWrap(true);
    reading_words_->setTextFormat(Qt::RichText);
    right->addWidget(reading_words_);
    level_words_ = quiet_label(figure.level ? tr("How it is read: %1").arg(text(core::text_of(*figure.level)))
                                            : tr("How its level is read is not written down; say it at the figure."),
        this);
    right->addWidget(level_words_);
    right->addWidget(title_label(tr("What it drains into"), this));
    vessel_words_ = new QLabel(this);
    vessel_words_->setWordWrap(true);
    right->addWidget(vessel_words_);
    right->addStretch(1);
    return right;
}

void FillPanel::prefill(const core::Figure& figure) {
    demanded_ = core::known_demand(session_.procedure(), figure);
    for (std::size_t i = 0; i < kKnown.size(); ++i) {
        const auto* known = core::known_amount(session_.procedure(), figure, kKnown[i].part);
        if (known == nullptr) continue;
        const QSignalBlocker still(known_[i]);
        known_[i]->setText(text(core::as_typed(known->value.low + " " + known->value.unit)));
    }
}

QString FillPanel::packs_words(double need) const {
    std::vector<core::Pack> packs;
    for (const auto& part : packs_->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const auto pack = core::parse_pack(part.trimmed().toStdString());
        if (!pack) return text(pack.error().message);
        packs.push_back(pack->pack);
    }
    const auto found = core::choose_with_store(need, packs, demanded_, house_.store);
    if (!found) return text(found.error().message);
    const auto& choice = found->choice;
    QStringList used;
    QStringList opened;
    for (const auto* f : found->used) used << tr("the opened %1 of %2").arg(litres(f->left), text(f->name));
    for (std::size_t i = 0; i < packs.size(); ++i)
        if (choice.count[i] > 0) opened << QStringLiteral("%1 × %2").arg(choice.count[i]).arg(litres(packs[i].litres));
    QString words = used.isEmpty() ? QString() : tr("Use up %1 first. ").arg(used.join(tr(" and ")));
    if (!opened.isEmpty()) words += tr("Open %1. ").arg(opened.join(tr(" and ")));
    words += tr("%1 is left over%2.")
                 .arg(litres(choice.leftover),
                     choice.cost && *choice.cost > 0 ? tr("; it costs %1").arg(theme::digits(*choice.cost, 'f', 2)) : QString());
    for (const auto& a : found->aside)
        words += QLatin1Char(' ') + tr("The open %1 of %2 is left aside: %3").arg(litres(a.fluid->left), text(a.fluid->name), text(a.why));
    return words;
}

/// What comes out is what goes in again, the filter's share with it; where neither is known, nothing is promised.
QString FillPanel::vessel_words(const core::RefillPlan& plan, const core::FluidSystem& system) const {
    const auto out = core::most_that_comes_out(plan, system);
    if (!out) return tr("How much comes out is not known: keep a second pan beside it.");
    if (vessel_->text().trimmed().isEmpty())
        return tr("%1 come out: say what the pan holds to see whether it takes them.").arg(litres(*out * machines_->value()));
    const auto said = core::Quantity::parse(vessel_->text().trimmed().toStdString());
    const auto amount = said ? core::amount_of(*said) : core::Result<core::Amount>(tl::make_unexpected(said.error()));
    if (!amount) return text(amount.error().message);
    const auto vessel = core::vessel_for(*out * machines_->value(), amount->litres);
    return text(vessel ? vessel->words : vessel.error().message);
}

void FillPanel::reckon() {
    core::FluidSystem system;
    trouble_->hide();
    plan_->clear();
    const auto trouble = [&](const QString& words) {
        trouble_->setText(words);
        trouble_->show();
        sump_->show_plan({}, 0, std::nullopt);
        reading_words_->clear();
        vessel_words_->clear();
    };
    for (std::size_t i = 0; i < kKnown.size(); ++i) {
        const auto words = known_[i]->text().trimmed();
        if (words.isEmpty()) continue;
        const auto said = core::Quantity::parse(words.toStdString());
        const auto amount = said ? core::amount_of(*said) : core::Result<core::Amount>(tl::make_unexpected(said.error()));
        if (!amount) {
            trouble(text(amount.error().message));
            return;
        }
        system.*kKnown[i].part = *amount;
    }
    const auto plan = core::plan_refill(system);
    if (!plan) {
        trouble(text(plan.error().message));
        return;
    }
    QStringList lines;
    if (plan->first_pour) lines << tr("<b>Pour %1</b>. Run it, stop, wait, read.").arg(text(core::amount_in_both(*plan->first_pour)));
    if (plan->stages.size() > 1)
        lines << tr("Then add %1 at a time, %2 times at most; run, wait and read after each.")
                     .arg(litres(plan->stages[1]))
                     .arg(plan->stages.size() - 1);
    if (plan->refill) {
        lines << tr("Stop at the upper mark: <b>%1 in all</b>%2.")
                     .arg(text(core::amount_in_both(plan->refill->litres)), plan->measured ? tr(", going by what came out") : QString());
        lines << (machines_->value() > 1 ? tr("For %1 machines: ").arg(machines_->value()) : QString()) +
                packs_words(plan->refill->litres * machines_->value());
    }
    QString html;
    for (const auto& l : lines) html += QStringLiteral("<p style='margin:3px 0'>%1</p>").arg(l);
    for (const auto& b : plan->because)
        html += QStringLiteral("<p style='margin:3px 0; color:%1'>%2</p>").arg(colour("second").name(), text(b).toHtmlEscaped());
    plan_->setText(lines.isEmpty() ? tr("Say what is known of the system on the left; what follows stands here.") : html);
    const double reading = static_cast<double>(reading_->value()) / kReadings;
    const double between = system.between_marks ? system.between_marks->litres : 0;
    reading_->setEnabled(between > 0);
    if (between <= 0) {
        reading_words_->setText(tr("What lies between the marks is not known, so a reading cannot be turned into an amount."));
    } else if (const auto remedy = core::remedy_for(reading, between)) {
        const QString where = reading > 1 ? tr("%1 % of the way over the upper mark").arg(std::lround((reading - 1) * 100))
            : reading < 0                 ? tr("below the lower mark")
                                          : tr("%1 % up between the marks").arg(std::lround(reading * 100));
        reading_words_->setText(remedy->draw_off > 0 ? tr("Where it stands %1: <b>draw off %2</b>.").arg(where, litres(remedy->draw_off))
                : remedy->add > 0                    ? tr("Where it stands %1: <b>add %2</b>.").arg(where, litres(remedy->add))
                                                     : tr("It is full."));
    }
    vessel_words_->setText(vessel_words(*plan, system));
    sump_->show_plan(*plan, between, between > 0 ? std::optional(reading) : std::nullopt);
}

std::vector<spoken::Painted> SumpView::painted() const {
    std::vector<spoken::Painted> out;
    if (plan_.residue) out.push_back({.name = tr("%1 stay behind").arg(litres(plan_.residue->litres))});
    for (std::size_t i = 0; i < plan_.stages.size(); ++i)
        out.push_back({.name = (i == 0 ? tr("First pour: %1") : tr("Then %1 more")).arg(litres(plan_.stages[i]))});
    if (plan_.stages.empty() && plan_.first_pour)
        out.push_back({.name = tr("The refill is not known: pour %1, read, and add by the marks.").arg(litres(*plan_.first_pour))});
    if (plan_.stages.empty() && !plan_.first_pour) out.push_back({.name = tr("Nothing is known of it yet.")});
    if (reading_ && between_marks_ > 0)
        out.push_back({.role = QAccessible::Indicator,
            .name = tr("The level reads %1 % of the way from the lower to the upper mark").arg(std::lround(*reading_ * 100)),
            .scale = spoken::OnScale{*reading_ * 100, 0, 100}});
    return out;
}

}  // namespace anagraph::app
