// Taught: what comes back from runs at the machine to the author of a guide: how long each step took, where the work stopped, what was read
// outside its limits, what did not look good, what was found, what learners answered wrongly.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/edits/edit.h"
#include "core/logbook/run.h"
#include "core/schedule/step_times.h"

namespace anagraph::core {

struct TaughtNote {
    Words text;                      // "2 of 12 runs stopped here: the thread is crossed; no washer."
    std::vector<std::int64_t> runs;  // entries of the logbook it comes from; empty: from checks of learners
};

/// A question of a check that a learner answered wrongly at first.
struct WrongAnswer {
    StepId step;
    std::string learner;
};

struct StepTaught {
    StepId step;
    std::size_t runs = 0;               // in which it was done
    std::optional<Seconds> hands;       // the middle one of their times, without pauses and waits; nothing: fewer than kEnoughRuns
    Seconds shortest = 0, longest = 0;  // of the middle half of them
    std::vector<TaughtNote> notes;
    /// "4 min in the middle of 12 runs, half of them 3 min to 7 min"; empty where too few were done.
    Words time_words() const;
};

/// A time is told from so many runs on.
inline constexpr std::size_t kEnoughRuns = 3;

/// For every step of which there is something to tell, in the guide's order. Runs are those by any edition of this guide; steps that are
/// gone are not told. The time of a step is what passed between its beginning and its end, less pauses, less its own waits or what was done
/// meanwhile, whichever is more.
std::vector<StepTaught> taught(const Procedure& p, const std::vector<RunInLog>& runs, const std::vector<WrongAnswer>& wrong = {});

/// What the next edition says of it, a sentence each: where runs stopped, were outside limits or found something.
std::vector<std::string> taught_words(const Procedure& p, const std::vector<StepTaught>& taught);

/// A value that was measured in a run with an instrument, of a figure that nobody has proved.
struct Measured {
    FigureId figure;
    Quantity value;
    std::string instrument;  // "wrench 12"
    std::string on;          // day
    std::int64_t run = 0;    // entry of the logbook
};
/// Newest first.
std::vector<Measured> measured(const Procedure& p, const std::vector<RunInLog>& runs);
/// Takes it as a source of the figure, a measurement; the value stands where the figure has none. Errors: NotFound.
Result<Change> take_measured(const Procedure& p, const Measured& measured);

}  // namespace anagraph::core
