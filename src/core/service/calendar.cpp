#include "core/service/calendar.h"

#include <fmt/format.h>

#include <charconv>

namespace anagraph::core {

using namespace std::chrono;

Result<Day> parse_day(std::string_view text) {
    const auto bad = [&] { return fail(ErrorCode::BadInput, say(key("Service", "\"{0}\" is no day; write it as 2026-03-31."), text)); };
    if (text.size() != 10 || text[4] != '-' || text[7] != '-') return bad();
    const auto number = [&](std::size_t from, std::size_t length) {
        int value = -1;
        const auto part = text.substr(from, length);
        const auto r = std::from_chars(part.data(), part.data() + part.size(), value);
        return r.ptr == part.data() + part.size() ? value : -1;
    };
    const year_month_day day{
        year{number(0, 4)}, month{static_cast<unsigned>(number(5, 2))}, std::chrono::day{static_cast<unsigned>(number(8, 2))}};
    if (!day.ok() || number(0, 4) < 1900) return bad();
    return sys_days(day);
}

std::string text_of(Day day) {
    const year_month_day d(day);
    return fmt::format("{:04}-{:02}-{:02}", static_cast<int>(d.year()), static_cast<unsigned>(d.month()), static_cast<unsigned>(d.day()));
}

Words words_of(Day day) { return Words::day(text_of(day)); }

Day after_months(Day day, int count) {
    const year_month_day d(day);
    const year_month target = year_month(d.year(), d.month()) + months(count);
    const year_month_day same(target.year(), target.month(), d.day());
    return same.ok() ? sys_days(same) : sys_days(target.year() / target.month() / last);
}

}  // namespace anagraph::core
