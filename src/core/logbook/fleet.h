// The fleet at a glance: for each machine what was done, what is open and what comes, each on its day.
#pragma once

#include <string>
#include <vector>

#include "core/logbook/due_list.h"

namespace anagraph::core {

struct FleetMark {
    enum class Kind { Service, Due, Overdue };
    Kind kind = Kind::Service;
    Day on;                           // of what is overdue: the day it was due
    std::string words;                // "100 h service"
    Words more;                       // "at 302 h, about 2027-02-04"
    std::optional<Day> planned = {};  // of what is due: the day a person set for it
};

struct FleetColumn {
    std::string machine, place;
    Words reading;                   // "280 h"
    bool out = false;                // of service
    std::vector<FleetMark> marks;    // in the order of days
    std::vector<Avoided> kept_free;  // stretches that no service may fall into
    int findings = 0;                // open
    bool overdue() const;
};

/// Every machine, by place and then as they were entered; what is out of service last.
std::vector<FleetColumn> fleet(const Logbook& log, Day today);

/// What is due of one machine in a sentence each, what is overdue first.
std::vector<Words> due_sentences(const Machine& machine, Day today);

/// The samples of a machine, a sentence each, newest first: what was sent, and what the laboratory found.
std::vector<Words> sample_sentences(const Logbook& log, const std::string& machine);

}  // namespace anagraph::core
