// Plan: which order of a guide's steps takes the least time with one or two people. What order is allowed is no table: it is the dry
// run (core/dryrun), which must find nothing in it that it does not find in the written order.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/edits/edit.h"
#include "core/schedule/step_times.h"

namespace anagraph::core {

struct PlannedTask {
    enum class Part { Hands, Wait };
    StepId step;
    Part part = Part::Hands;
    Seconds from = 0;  // from the beginning of the job
    Seconds to = 0;
    int who = -1;  // 0: A, 1: B; -1: nobody is needed
    friend bool operator==(const PlannedTask&, const PlannedTask&) = default;
};

struct Suggestion {
    Words because;  // "Change the canister during the wait of step 4: 8 min less."
    Change change;
};

struct Plan {
    std::string variant;
    int people = 1;
    Seconds seconds = 0;
    Seconds as_written = 0;  // the same with the steps in the order of the guide
    bool optimal = true;
    double at_most_longer = 0;  // percent over the best there can be; 0 where it is proved to be the best
    std::vector<StepId> order;
    std::vector<PlannedTask> tasks;
    std::vector<StepId> critical;
    std::vector<StepId> moved;         // done in another place than they are written in, as few as possible
    std::vector<Seconds> idle;         // of each person
    std::vector<StepId> time_unknown;  // steps whose hands-on time nobody has said and no film shows
    std::optional<Suggestion> suggestion;
};

/// The plan of the guide as it stands for a variant (empty: with every step) for 1 or 2 people. Each step is a hands-on part and
/// its waits; a wait in which nobody is needed leaves the hands free. A step begins once all waits it depends on have ended: of
/// steps that act on the same system, or that bring a state it needs. Two people are never within one system at once, and none runs
/// the machine while the other has hands in it. Pinned steps stay where they are, and what is written into the book
/// stays after what it is about. The least total time; among equals the order
/// nearest to the written one. `go_on`: asked now and then; false: the best found so far is given back, not proved.
Plan plan(const Procedure& p, std::string_view variant, int people, const std::function<bool()>& go_on = {});

}  // namespace anagraph::core
