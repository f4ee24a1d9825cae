// Calendar: days as a workshop writes them, without clock or time zone.
#pragma once

#include <chrono>
#include <string>
#include <string_view>

#include "core/base/result.h"
#include "core/base/words.h"

namespace anagraph::core {

using Day = std::chrono::sys_days;

/// "2026-11-28". Errors: BadInput for anything that is no such day.
Result<Day> parse_day(std::string_view text);
std::string text_of(Day day);
Words words_of(Day day);

/// The same day of the month so many months on; the last of the month where it has no such day (31 January + 1 month is the
/// end of February).
Day after_months(Day day, int months);

}  // namespace anagraph::core
