#include "shop/calendar_in.h"

#include <fmt/format.h>
#include <libical/ical.h>

#include <algorithm>
#include <memory>

namespace anagraph::shop {

using core::ErrorCode;

namespace {

core::Result<core::Day> day_of(const icaltimetype& t) { return core::parse_day(fmt::format("{:04}-{:02}-{:02}", t.year, t.month, t.day)); }

/// An end of a whole day is the day after its last one; that of an hour belongs to its own day.
core::Result<core::Avoided> days_of(icalcomponent* event) {
    const auto start = icalcomponent_get_dtstart(event);
    const auto end = icalcomponent_get_dtend(event);
    const auto from = day_of(start);
    if (!from) return tl::make_unexpected(from.error());
    auto to = icaltime_is_null_time(end) != 0 ? from : day_of(end);
    if (!to) return tl::make_unexpected(to.error());
    const bool midnight = end.is_date != 0 || (end.hour == 0 && end.minute == 0 && end.second == 0);
    if (midnight && *to > *from) *to -= std::chrono::days(1);
    return core::Avoided{*from, std::max(*from, *to)};
}

}  // namespace

core::Result<std::vector<CalendarStretch>> read_calendar(std::string_view text) {
    const auto bad = [](const std::string& why) {
        return core::fail(ErrorCode::BadInput,
            core::say(core::key("Shop", "This is no calendar that can be taken in: {0} Save it as .ics and try again."), why));
    };
    const std::unique_ptr<icalcomponent, decltype(&icalcomponent_free)> calendar(
        icalparser_parse_string(std::string(text).c_str()), &icalcomponent_free);
    if (!calendar || icalcomponent_isa(calendar.get()) != ICAL_VCALENDAR_COMPONENT) return bad("the file is of another form.");
    std::vector<CalendarStretch> out;
    for (auto* event = icalcomponent_get_first_component(calendar.get(), ICAL_VEVENT_COMPONENT); event != nullptr;
         event = icalcomponent_get_next_component(calendar.get(), ICAL_VEVENT_COMPONENT)) {
        const auto days = days_of(event);
        if (!days) continue;
        const char* summary = icalcomponent_get_summary(event);
        const bool repeats = icalcomponent_get_first_property(event, ICAL_RRULE_PROPERTY) != nullptr;
        out.push_back({*days, summary == nullptr ? "" : summary, repeats ? "It repeats; only the first time is taken." : ""});
    }
    if (out.empty()) return bad("there is no event in it.");
    std::stable_sort(out.begin(), out.end(), [](const CalendarStretch& a, const CalendarStretch& b) { return a.days.from < b.days.from; });
    return out;
}

}  // namespace anagraph::shop
