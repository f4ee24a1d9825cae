#include "core/logbook/due_list.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/edition/post.h"

namespace anagraph::core {
namespace {

Quantity quantity(double value, const Unit& unit) {
    // readings come from what was written and from sums of it: nine digits hold them all
    return {Number::kept(fmt::format("{:.9f}", std::max(0.0, value))).value_or(Number{}), &unit};
}

/// The last service of that name by a day; null: none.
const ServiceInLog* last_service(const Machine& m, const std::string& what, Day on) {
    const ServiceInLog* out = nullptr;
    for (const auto& s : m.services)
        if (s.on <= on && same_post(s.what.what, what)) out = &s;
    return out;
}

/// The meter that the rule's intervals are read on; null: only the calendar counts, or the machine has no such meter.
const Meter* meter_of(const Machine& m, const RuleAdded& rule) {
    auto intervals = rule.every;
    if (rule.first) intervals.push_back(*rule.first);
    for (const auto& i : intervals)
        if (i.unit->dimension != Dimension::Calendar) return m.meter(i.unit->dimension);
    return nullptr;
}

bool counts_readings(const RuleAdded& rule) {
    return std::any_of(rule.every.begin(), rule.every.end(), [](const Quantity& q) { return q.unit->dimension != Dimension::Calendar; }) ||
        (rule.first && rule.first->unit->dimension != Dimension::Calendar);
}

/// What the meter was read at with a service; without a reading of its own the last of that day. Null: none by then.
const MeterPoint* read_at(const Meter& meter, const ServiceInLog& service) {
    const auto own = std::find_if(meter.points.begin(), meter.points.end(), [&](const MeterPoint& p) { return p.entry == service.entry; });
    return own != meter.points.end() ? &*own : meter.at(service.on);
}

DueItem due_of(const Machine& m, const RuleInLog& in_log, Day on) {
    const RuleAdded& rule = in_log.what;
    DueItem out{m.about.name, rule.what, in_log.entry, nullptr, {}};
    ServicePlan plan;
    plan.intervals = rule.every;
    plan.run_in = rule.first;
    plan.today = on;
    plan.hard_use = rule.hard ? kHardUse : 1;
    for (const auto& span : rule.avoid) {
        plan.avoid.push_back(*parse_avoided(span));  // read when it was entered
    }
    for (const auto& free : m.kept_free) plan.avoid.push_back(free.days);
    for (const auto& planned : m.planned)
        if (same_post(planned.what.what, rule.what)) out.planned = planned.day;
    const auto* service = last_service(m, rule.what, on);
    plan.first = service == nullptr;
    plan.last_day = service != nullptr ? service->on : std::min(m.since, on);
    const Meter* meter = meter_of(m, rule);
    const MeterPoint* now = meter == nullptr ? nullptr : meter->at(on);
    double offset = 0;  // between the machine's total and what its meter shows
    if (counts_readings(rule)) {
        if (now == nullptr) {
            out.trouble = say(key("Logbook", "No meter of {0} was read by then; enter a reading."), m.about.name);
            return out;
        }
        out.unit = meter->unit;
        offset = now->total - now->shown;
        const MeterPoint* then = service == nullptr ? nullptr : read_at(*meter, *service);
        plan.last_reading = quantity(then == nullptr ? 0 : then->total, *meter->unit);
        plan.reading = quantity(now->total, *meter->unit);
        plan.read_on = std::max(now->on, plan.last_day);
        // before the first service nothing on the meter has no day of its own: the rate is that between the readings there are
        if (service == nullptr) {
            const auto& first = meter->points.front();
            plan.rate_from = RateFrom{quantity(first.total, *meter->unit), first.on};
        }
    }
    const auto next = next_due(plan);
    if (!next) {
        out.trouble = next.error().message;
        return out;
    }
    out.next = *next;
    if (out.next.due_reading) *out.next.due_reading -= offset;
    if (service == nullptr && !rule.first)
        out.next.because =
            one_after_other({out.next.because, key("Service", "No such service is in the logbook; it counts from the beginning.")});
    return out;
}

}  // namespace

namespace {

void sort_by_day(std::vector<DueItem>& list) {
    std::stable_sort(list.begin(), list.end(), [](const DueItem& a, const DueItem& b) {
        if (a.next.overdue != b.next.overdue) return a.next.overdue;
        if (a.next.due_day.has_value() != b.next.due_day.has_value()) return a.next.due_day.has_value();
        return a.next.due_day && *a.next.due_day < *b.next.due_day;
    });
}

}  // namespace

std::vector<DueItem> due_of_machine(const Machine& machine, Day on) {
    std::vector<DueItem> out;
    if (machine.out) return out;
    for (const auto& rule : machine.rules) out.push_back(due_of(machine, rule, on));
    sort_by_day(out);
    return out;
}

std::vector<DueItem> due_list(const Logbook& log, Day on, std::optional<int> within) {
    std::vector<DueItem> out;
    for (const auto& m : log.machines())
        for (auto& d : due_of_machine(m, on)) out.push_back(std::move(d));
    if (within)
        std::erase_if(out,
            [&](const DueItem& d) { return !d.next.overdue && (!d.next.due_day || *d.next.due_day > on + std::chrono::days(*within)); });
    sort_by_day(out);
    return out;
}

Words cost_of(const DueItem& due, Day day) {
    if (!due.trouble.empty() || !due.next.due_day) return {};
    const auto days = (*due.next.due_day - day).count();
    if (days == 0) return key("Logbook", "On the day it is due.");
    if (days < 0) return {counted_key("Logbook", "%n days after it is due.", "1 day after it is due."), -days};
    if (!due.next.per_day || due.unit == nullptr || *due.next.per_day <= 0)
        return {counted_key("Logbook", "%n days early.", "1 day early."), days};
    return {counted_key("Logbook", "%n days early; about {0} of its interval are given away.",
                "1 day early; about {0} of its interval are given away."),
        days, {amount_words(*due.next.per_day * static_cast<double>(days), *due.unit, 3)}};
}

}  // namespace anagraph::core
