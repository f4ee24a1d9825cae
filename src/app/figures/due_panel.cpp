#include "app/figures/due_panel.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/workout/known.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

namespace {

tl::unexpected<core::Error> wrong(const QString& words) { return core::fail(core::ErrorCode::BadInput, words.toStdString()); }

}  // namespace

DuePanel::DuePanel(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent) : QWidget(parent) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(20);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(9);
    const auto field = [&](const QString& label, const QString& value, const QString& hint) {
        auto* edit = new QLineEdit(value, this);
        edit->setPlaceholderText(hint);
        edit->setFixedWidth(200);
        ask_when_ambiguous(edit);
        form->addRow(label, edit);
        connect(edit, &QLineEdit::textChanged, this, &DuePanel::reckon);
        return edit;
    };
    const auto known = core::known_intervals(procedure, figure);
    const auto said = [](const core::Figure* f) { return f == nullptr ? QString() : text(f->value.low + " " + f->value.unit); };
    QStringList every;
    for (const auto* f : known.every) every << said(f);
    intervals_ = field(tr("&Every"), every.join(QStringLiteral("; ")), tr("100 h; 12 month"));
    run_in_ = field(tr("&First at"), said(known.first), tr("20 h; nothing where it is the same"));
    first_ = new QCheckBox(tr("it is the &first service"), this);
    hard_ = new QCheckBox(tr("&hard use: half the interval"), this);
    form->addRow(first_);
    form->addRow(hard_);
    last_reading_ = field(tr("&Last: meter"), QString(), tr("202 h, 1200 km"));
    last_day_ = field(tr("Last: &day"), QString(), text(theme::today() - std::chrono::days(184)));
    reading_ = field(tr("&Now: meter"), said(known.meter), tr("302 h"));
    today_ = field(tr("Now: d&ay"), text(theme::today()), text(theme::today()));
    avoid_ = field(tr("Not &within"), QString(),
        QStringLiteral("%1..%2").arg(text(theme::today() + std::chrono::days(180)), text(theme::today() + std::chrono::days(270))));
    for (auto* box : {first_, hard_}) connect(box, &QCheckBox::toggled, this, &DuePanel::reckon);
    across->addLayout(form);
    across->addSpacing(330);  // the line of time is painted here
    answer_ = answer_column(across, tr("When it is due"), this);
    reckon();
    setFocusProxy(last_reading_);
}

core::Result<core::ServicePlan> DuePanel::plan() const {
    core::ServicePlan out;
    const auto quantity = [](const QString& words) { return core::Quantity::parse(words.trimmed().toStdString()); };
    for (const auto& part : intervals_->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const auto q = quantity(part);
        if (!q) return tl::make_unexpected(q.error());
        out.intervals.push_back(*q);
    }
    for (const auto& [edit, where] :
        {std::pair(run_in_, &out.run_in), std::pair(last_reading_, &out.last_reading), std::pair(reading_, &out.reading)}) {
        if (edit->text().trimmed().isEmpty()) continue;
        const auto q = quantity(edit->text());
        if (!q) return tl::make_unexpected(q.error());
        *where = *q;
    }
    if (last_day_->text().trimmed().isEmpty()) return wrong(tr("Say when it was serviced last; what follows stands here."));
    for (const auto& [edit, where] : {std::pair(last_day_, &out.last_day), std::pair(today_, &out.today)}) {
        const auto day = core::parse_day(theme::kept_day(edit->text()));
        if (!day) return tl::make_unexpected(day.error());
        *where = *day;
    }
    for (const auto& part : avoid_->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const auto days = core::parse_avoided(theme::kept_days(part));
        if (!days) return tl::make_unexpected(days.error());
        out.avoid.push_back(*days);
    }
    out.first = first_->isChecked();
    if (out.first && !out.run_in) return wrong(tr("Say at what the first service is, or take the tick away."));
    if (hard_->isChecked()) out.hard_use = core::kHardUse;
    return out;
}

void DuePanel::reckon() {
    due_.reset();
    const auto asked = plan();
    const auto due = asked ? core::next_due(*asked) : core::Result<core::NextDue>(tl::make_unexpected(asked.error()));
    if (!due) {
        answer_->setText(text(due.error().message).toHtmlEscaped());
    } else {
        plan_ = *asked;
        due_ = *due;
        QString words = due->overdue ? tr("<p><b>Overdue.</b></p>") : QString();
        if (due->service_by) words += tr("<p>Service it by <b>%1</b>.</p>").arg(text(*due->service_by));
        if (due->due_reading && plan_.reading)
            words += tr("<p>By the meter it is due at <b>%1 %2</b>.</p>")
                         .arg(theme::digits(*due->due_reading, 'g', 8), text(std::string(plan_.reading->unit->symbol)));
        if (due->left && *due->left > 0)
            words += tr("<p>%1 %2 are left.</p>")
                         .arg(text(core::rounded_text(*due->left, 3)), due->left_unit == "day" ? tr("days") : text(due->left_unit));
        words += QStringLiteral("<p style='color:%1'>%2</p>").arg(colour("second").name(), text(due->because).toHtmlEscaped());
        answer_->setText(words);
    }
    setAccessibleDescription(without_markup(answer_->text()));
    update();
}

void DuePanel::paintEvent(QPaintEvent*) {
    if (!due_) return;
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double x = avoid_->geometry().right() + 150;
    const double top = 24;
    const double bottom = height() - 30;
    // from the last service to a little past what comes last
    core::Day end = std::max(plan_.today, due_->due_day.value_or(plan_.today));
    for (const auto& a : plan_.avoid) end = std::max(end, a.to);
    end += std::chrono::days(20);
    const double days = std::max(1.0, static_cast<double>((end - plan_.last_day).count()));
    const auto y = [&](core::Day d) {
        return std::clamp(top + (bottom - top) * static_cast<double>((d - plan_.last_day).count()) / days, top, bottom);
    };
    for (const auto& a : plan_.avoid)
        p.fillRect(QRectF(QPointF(x - 14, y(a.from)), QPointF(x + 14, y(a.to))), QBrush(colour("second"), Qt::Dense6Pattern));
    p.setPen(QPen(colour("ink"), 1.4));
    p.drawLine(QPointF(x, top), QPointF(x, bottom));
    p.setPen(QPen(colour("accent"), 4));
    p.drawLine(QPointF(x, top), QPointF(x, y(plan_.today)));
    const auto mark = [&](core::Day day, const QString& words, bool strong, bool to_left) {
        p.setPen(QPen(colour(strong ? "accent" : "ink"), strong ? 2.6 : 1.4));
        p.drawLine(QPointF(x - 9, y(day)), QPointF(x + 9, y(day)));
        p.setFont(theme::font("small", strong));
        const QRectF where = to_left ? QRectF(x - 148, y(day) - 9, 134, 18) : QRectF(x + 16, y(day) - 9, 170, 18);
        p.drawText(where, (to_left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, words);
    };
    mark(plan_.last_day, tr("last service"), false, true);
    const QString due = due_->by_reading ? tr("due by the meter") : tr("due by the calendar");
    // two that would stand one over the other are told in one
    const bool together = due_->due_day && std::abs(y(*due_->due_day) - y(plan_.today)) < 16;
    mark(plan_.today, together ? tr("today: %1").arg(due) : tr("today"), false, true);
    if (due_->due_day && !together) mark(*due_->due_day, due, false, true);
    if (due_->service_by) mark(*due_->service_by, tr("service by %1").arg(text(*due_->service_by)), true, false);
}

std::vector<spoken::Painted> DuePanel::painted() const {
    if (!due_) return {};
    std::vector<std::pair<core::Day, QString>> days{{plan_.last_day, tr("last service")}, {plan_.today, tr("today")}};
    if (due_->due_day) days.emplace_back(*due_->due_day, due_->by_reading ? tr("due by the meter") : tr("due by the calendar"));
    if (due_->service_by) days.emplace_back(*due_->service_by, tr("service by then"));
    for (const auto& a : plan_.avoid) days.emplace_back(a.from, tr("kept free from then to %1").arg(text(a.to)));
    std::stable_sort(days.begin(), days.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    std::vector<spoken::Painted> out;
    for (const auto& [day, words] : days) out.push_back({.name = tr("%1: %2").arg(text(day), words)});
    return out;
}

}  // namespace anagraph::app
