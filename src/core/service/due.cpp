#include "core/service/due.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/quantity/unit_words.h"

namespace anagraph::core {
namespace {

bool of_calendar(const Unit& u) { return u.dimension == Dimension::Calendar; }
bool of_meter(const Unit& u) {
    return u.dimension == Dimension::Duration || u.dimension == Dimension::Distance || u.dimension == Dimension::Count;
}

/// The day a calendar interval after `from` ends. Months and years go by the calendar, weeks and days by counting.
Day ends(Day from, const Quantity& interval, double share) {
    const double value = interval.number.value() * share;
    if (interval.unit->id == "day" || interval.unit->id == "week")
        return from + std::chrono::days(std::lround(std::floor(value * (interval.unit->id == "week" ? 7 : 1))));
    const double months = value * (interval.unit->id == "year" ? 12 : 1);
    const int whole = static_cast<int>(std::floor(months + 1e-9));
    constexpr double kDaysOfMonth = 365.2425 / 12;
    return after_months(from, whole) + std::chrono::days(static_cast<int>(std::floor((months - whole) * kDaysOfMonth + 1e-9)));
}

Outcome checked(const ServicePlan& plan) {
    const auto bad = [](Words why) { return fail(ErrorCode::BadInput, std::move(why)); };
    if (plan.intervals.empty()) return bad(key("Service", "Say how often: give at least one interval, as in \"100 h\" or \"12 month\"."));
    if (plan.today < plan.last_day) return bad(key("Service", "The last service lies after today."));
    if (plan.read_on && (*plan.read_on < plan.last_day || *plan.read_on > plan.today))
        return bad(key("Service", "The meter was read before the last service or after today."));
    if (!(plan.hard_use > 0 && plan.hard_use <= 1)) return bad(key("Service", "Hard use shortens an interval: a share between 0 and 1."));
    for (const auto& a : plan.avoid)
        if (a.to < a.from) return bad(key("Service", "The days to avoid end before they begin."));
    auto intervals = plan.intervals;
    if (plan.run_in) intervals.push_back(*plan.run_in);
    for (const auto& i : intervals) {
        if (!(i.number.value() > 0)) return bad(say(key("Service", "An interval of {0} never ends."), display(i)));
        if (of_calendar(*i.unit)) continue;
        if (!of_meter(*i.unit))
            return bad(say(key("Service", "{0} is no interval: hours, a distance or a time by the calendar are."), display(i)));
        if (!plan.reading || !plan.last_reading)
            return bad(
                say(key("Service", "For an interval of {0} the meter's reading now and at the last service are needed."), display(i)));
        if (plan.reading->unit->dimension != i.unit->dimension)
            return bad(
                say(key("Service", "The interval is told in {0}, the meter in {1}."), unit_words(*i.unit), plan.reading->unit->symbol));
    }
    if (plan.reading && plan.last_reading) {
        if (!of_meter(*plan.reading->unit) || plan.reading->unit->dimension != plan.last_reading->unit->dimension)
            return bad(key("Service", "Both readings must be hours, or both a distance."));
        if (plan.last_reading->in(*plan.reading->unit) > plan.reading->number.value() + 1e-9)
            return bad(key("Service", "The meter reads less than at the last service: was it changed?"));
    }
    return {};
}

}  // namespace

Result<Avoided> parse_avoided(std::string_view text) {
    const auto dots = text.find("..");
    const auto from = parse_day(text.substr(0, dots));
    const auto to = dots == std::string_view::npos ? from : parse_day(text.substr(dots + 2));
    if (!from || !to)
        return fail(
            ErrorCode::BadInput, say(key("Service", "\u201C{0}\u201D is no stretch of days; write it as 2026-08-01..2026-08-21."), text));
    if (*to < *from) return fail(ErrorCode::BadInput, say(key("Service", "{0} ends before it begins."), text));
    return Avoided{*from, *to};
}

Result<NextDue> next_due(const ServicePlan& plan) {
    if (auto ok = checked(plan); !ok) return tl::make_unexpected(ok.error());
    NextDue due;
    auto intervals = plan.intervals;
    if (plan.first && plan.run_in) intervals = {*plan.run_in};
    std::optional<Day> by_calendar;
    std::optional<Day> by_forecast;
    const Unit* unit = plan.reading ? plan.reading->unit : nullptr;
    const double now = plan.reading ? plan.reading->number.value() : 0;
    const double before = plan.last_reading && unit != nullptr ? plan.last_reading->in(*unit) : 0;
    for (const auto& i : intervals) {
        if (of_calendar(*i.unit)) {
            const Day day = ends(plan.last_day, i, plan.hard_use);
            by_calendar = by_calendar ? std::min(*by_calendar, day) : day;
        } else {
            const double at = before + i.in(*unit) * plan.hard_use;
            due.due_reading = due.due_reading ? std::min(*due.due_reading, at) : at;
        }
    }
    const Day read_on = plan.read_on.value_or(plan.today);
    const Day rated_on = plan.rate_from ? plan.rate_from->on : plan.last_day;
    const double rated = plan.rate_from && unit != nullptr ? plan.rate_from->reading.in(*unit) : before;
    const auto passed = (read_on - rated_on).count();
    if (passed > 0 && unit != nullptr && now > rated) due.per_day = (now - rated) / static_cast<double>(passed);
    if (due.due_reading) {
        const double left = *due.due_reading - now;
        if (left <= 0)
            by_forecast = read_on;
        else if (due.per_day) {
            constexpr double kFarthest = 36500;  // days: a century on is never
            const double days = std::floor(left / *due.per_day + 1e-9);
            if (days < kFarthest) by_forecast = read_on + std::chrono::days(static_cast<int>(days));
        }
    }
    due.by_reading = by_forecast && (!by_calendar || *by_forecast <= *by_calendar);
    if (!by_forecast && !by_calendar) due.by_reading = true;  // only the meter decides, and it stands still
    due.due_day = due.by_reading ? by_forecast : by_calendar;
    if (due.by_reading) {
        due.left = *due.due_reading - now;
        due.left_unit = std::string(unit->id);
    } else {
        due.left = static_cast<double>((*by_calendar - plan.today).count());
        due.left_unit = "day";
    }
    const bool read_over = due.due_reading && now > *due.due_reading;
    const bool reckoned_over = by_forecast && plan.today > *by_forecast;
    due.overdue = read_over || reckoned_over || (by_calendar && plan.today > *by_calendar);
    if (due.overdue) {
        due.service_by = plan.today;
        due.because = reckoned_over && !read_over && due.by_reading && *due.left > 0
            ? say(key("Service", "By its use it was due on {0}; the meter was last read on {1}: read it."), words_of(*due.due_day),
                  words_of(read_on))
            : Words(key("Service", "It is overdue."));
        return due;
    }
    if (!due.due_day) {
        due.because =
            say(key("Service", "The machine has not run since the last service, so no day can be forecast; it is due at {0} {1}."),
                std::lround(*due.due_reading), unit->symbol);
        return due;
    }
    due.service_by = due.due_day;
    due.because = due.by_reading ? say(key("Service", "By the meter, at {0} a day."),
                                       say(key("Values", "{0} {1}"), Words::number(rounded_text(due.per_day.value_or(0), 2)), unit->symbol))
                                 : Words(key("Service", "By the calendar."));
    // stretches one after the other are all gone before
    for (bool moved = true; moved;) {
        moved = false;
        for (const auto& a : plan.avoid) {
            if (*due.service_by < a.from || *due.service_by > a.to) continue;
            const Day pulled = a.from - std::chrono::days(1);
            if (pulled < plan.today) {
                due.because = one_after_other({due.because,
                    say(key("Service", "It falls into {0} to {1}, which has begun: do it today or accept that it is late."),
                        words_of(a.from), words_of(a.to))});
                due.service_by = plan.today;
                return due;
            }
            due.because = one_after_other({due.because,
                say(key("Service", "Pulled before {0} to {1}, into which it would fall."), words_of(a.from), words_of(a.to))});
            due.service_by = pulled;
            moved = true;
        }
    }
    return due;
}

}  // namespace anagraph::core
