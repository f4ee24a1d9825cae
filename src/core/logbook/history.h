// The logbook in open forms, as text.
#pragma once

#include <string>
#include <vector>

#include "core/logbook/due_list.h"

namespace anagraph::core {

/// What an entry says, in a few words: "reading 302 h", "100 h service".
struct EntryRead {
    std::int64_t number = 0;
    std::string on, machine;
    Words kind, what, reading;
    std::string by;
    bool struck = false;
};
/// What kind of entry it is, as a person reads it.
Words kind_words(const LogBody& body);
/// Every entry as it is read, in the order of its day and then of its number; struck ones are told as such.
std::vector<EntryRead> entries_read(const Logbook& log);

/// entry, on, machine, kind, what, reading, by, struck (RFC 4180).
std::string history_table(const Logbook& log);
/// What is due, a day each (iCalendar, RFC 5545). `now`: UTC.
std::string due_calendar(const std::vector<DueItem>& due, const std::string& now);

}  // namespace anagraph::core
