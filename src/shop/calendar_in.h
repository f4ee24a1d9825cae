// A calendar file read for the stretches in which machines are away (iCalendar, RFC 5545, by libical).
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/service/due.h"

namespace anagraph::shop {

struct CalendarStretch {
    core::Avoided days;  // both ends belong to it
    std::string words;   // of the event
    std::string doubt;   // what of it cannot be taken as it stands: that it repeats; empty: nothing
};

/// Every event of the file, by day. Errors: BadInput for what is no calendar, and for one without an event.
core::Result<std::vector<CalendarStretch>> read_calendar(std::string_view text);

}  // namespace anagraph::shop
