// Questions asked of an action before it is done, with the machine as it stands then: by what does it (act.h), by what judges it
// (rules.h) and by the plan.
#pragma once

#include "core/dryrun/state.h"

namespace anagraph::core::dryrun {

/// Are hands in the machine while it is done? Looking, waiting and writing is done from outside.
bool hands_in(Verb verb);

/// Does the action put hands into the machine while it runs? Not where the step asks for it to run and nothing comes off: a setting,
/// a bleed, a topping up.
bool reaches_into_running(const State& s, const Job& job, const Doing& doing);
/// Is it work on a machine that is lifted and does not stand on stands yet?
bool works_under_lifted(const State& s, const Job& job, const Doing& doing);
/// Is a state that the step asks for not there, and brought about by none of its own actions?
bool is_asked_in_vain(const State& s, const Job& job, int step, MachineState asked);

/// The things of the action that are on the machine or belong there: no tool, vessel or protective gear.
std::vector<ThingNo> parts_of(const Job& job, const Doing& doing);

/// The places of a system where what is drained runs out: of all that close it at the bottom.
bool open_below(const State& s, const Fluid& fluid);

/// Does the fill stop by itself, at a level plug that is open, all below it being closed?
bool fills_to_plug(const State& s, const Job& job, const Doing& doing, int fluid);

/// Does the look or the measure show the level of the fluid?
bool reads_level(const Job& job, const Doing& doing, int fluid);
/// Does the machine stand as the level's own rule asks: level ground, warm or cold, running or stopped, so long after stopping?
bool may_be_read(const State& s, const Job& job, int fluid);

/// The fluids whose leaks would be seen by looking so: of what it names, and all where it names the machine or nothing.
std::vector<int> looked_at(const Job& job, const Doing& doing);

}  // namespace anagraph::core::dryrun
