// Act: what each verb does to the machine. What is wrong with doing it then is judged elsewhere (rules.h).
#pragma once

#include "core/dryrun/questions.h"
#include "core/dryrun/state.h"

namespace anagraph::core::dryrun {

/// The state once it is done. `when`: where in the walk.
void act(State& state, const Job& job, const Doing& doing, Moment when);

/// A step begins that asks for states of the machine.
void begin_step(State& state, const Job& job, int step);
/// A step has been gone through: what it waits for without an action of its own has passed.
void end_step(State& state, const JobStep& step);

}  // namespace anagraph::core::dryrun
