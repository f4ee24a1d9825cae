// BenchSheet: an edition as one variant of it is worked by at the bench: one step at a time, each with what is entered there and within
// which limits. The window and the page on a tablet show this value; what happened meanwhile is Bench.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/bench/limits.h"
#include "core/edition/edition.h"
#include "core/schedule/step_times.h"

namespace anagraph::core {

/// Something that is read and written down.
struct BenchWanted {
    std::string figure;          // its id; empty: `what`
    std::string what;            // "drain plug, tightening torque", "hour meter"
    std::string value, other;    // as it stands in the guide: "25 N·m ± 2.5", "18 lbf·ft"; empty: nothing is known
    const Unit* unit = nullptr;  // it is written down in
    Limits limits;
    std::vector<std::string> settings;  // "small click wrench: 18 lbf·ft"
    bool needed = false;                // the step is not done without it
    int times = 1;                      // on so many fasteners
    std::size_t line = 0;               // of the step, from 1; 0: no line names it
};

struct BenchCaution {
    Signal signal = Signal::Caution;
    std::string text;
};

struct BenchWait {
    std::string text;                // "until it drips (10 to 20 min)"
    std::optional<Seconds> seconds;  // as the plan takes it: of a range the lower end; nothing: until it is seen to be enough
};

struct BenchCheck {
    std::string look, good, stop, ask;
    std::string write;          // what is read there and has no unit, written down as a word; empty: nothing
    std::vector<PlateId> pair;  // its good and its bad picture, where the step has them
};

struct BenchStep {
    StepId id;
    int number = 0;  // in the guide
    std::string heading;
    std::vector<std::string> states, lines;
    std::vector<BenchCaution> cautions;
    std::vector<BenchWanted> wanted;
    std::vector<BenchWait> waits;
    std::vector<BenchCheck> checks;
    std::vector<PlateId> plates;
    std::vector<StepId> meanwhile;  // what the plan does while its waits run
};

struct BenchSheet {
    std::string guide, title, machine, mark, variant;
    int edition = 0;
    /// What is laid out and put on before the work begins: "torque wrench, 5 to 50 N·m", "2 × copper washer, 14 x 20 x 1.5".
    std::vector<std::string> kit, gear;
    std::vector<BenchStep> steps;
    const BenchStep* find(const StepId& id) const;
};

/// `mark`: of the edition; `guide`: its id in the library, or its number; `variant`: one of the guide's, empty where it has none.
BenchSheet bench_sheet(const Edition& edition, const std::string& guide, const std::string& mark, std::string_view variant);

}  // namespace anagraph::core
