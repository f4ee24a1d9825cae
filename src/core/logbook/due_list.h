// What is due on the machines of a logbook: every rule with the day it ends, reckoned by core/service.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/logbook/logbook.h"
#include "core/service/due.h"

namespace anagraph::core {

struct DueItem {
    std::string machine;
    std::string rule;                 // what is due
    std::int64_t entry = 0;           // of the rule
    const Unit* unit = nullptr;       // of the readings; null: only the calendar counts
    NextDue next;                     // readings are what the meter that is on the machine now shows
    std::optional<Day> planned = {};  // the day a person set for it
    Words trouble = {};               // why it cannot be reckoned; then nothing of `next` holds
};

/// Everything that is due on machines in service, what is overdue first, then by day, what has no day last. Counted from the last service
/// of that name, before the first from nothing on the meter and the first day that is known of the machine; the first interval of a new
/// machine where the rule has one. `on`: the day it is asked for; only what was known by then counts. `within`: only what is due in so many
/// days.
std::vector<DueItem> due_list(const Logbook& log, Day on, std::optional<int> within = {});

/// The same of one machine alone.
std::vector<DueItem> due_of_machine(const Machine& machine, Day on);

/// What it costs to do it on that day: "29 days early; about 8 h of its interval are given away." Late: "3 days after it is due." Empty
/// where it has no day.
Words cost_of(const DueItem& due, Day day);

}  // namespace anagraph::core
