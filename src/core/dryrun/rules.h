// Rules: what can be wrong with an order of steps. A rule is one value in one table (rules.cpp): its name, how much it weighs,
// why it is there, where it looks, and how what it finds is mended. The functions they look with stand beside what they are about.
#pragma once

#include <span>

#include "core/dryrun/act.h"
#include "core/dryrun/finding.h"

namespace anagraph::core::dryrun {

/// What a rule sees: the machine before an action, before a step, or at the end of the job.
struct Scene {
    const Job& job;
    const State& state;
    int step = kNone;
    const Doing* doing = nullptr;
    Moment when;
};

inline bool does(const Scene& in, Verb verb) { return in.doing->verb == verb; }

/// What was found, in the numbers of the job.
struct Found {
    OrderRule rule = OrderRule::LeftOff;
    Moment at;
    std::vector<ThingNo> things;
    Words because;
};

/// Takes findings. Words are made only where somebody reads them: plans walk thousands of orders.
class Findings {
public:
    Findings(OrderRule rule, bool words, std::vector<Found>& out) : rule_(rule), words_(words), out_(out) {}
    template <class Because>
    void say(Moment at, std::vector<ThingNo> things, Because&& because) {
        out_.push_back({rule_, at, std::move(things), words_ ? Words(because()) : Words()});
    }

private:
    OrderRule rule_;
    bool words_;
    std::vector<Found>& out_;
};

using Look = void (*)(const Scene&, Findings&);

/// The changes that may mend a finding, the likeliest first (mends.h).
using Mend = std::vector<Change> (*)(const Procedure& guide, const OrderFinding& finding);

struct RuleOfOrder {
    OrderRule rule;
    Weight weight;
    Key reason;
    Look before_step = nullptr;
    Look before_action = nullptr;
    Look at_end = nullptr;
    Mend mend = nullptr;
};
std::span<const RuleOfOrder> rules_of_order();

// -- rules_of_fluids.cpp
void fill_not_proved(const Scene&, Findings&);
void fluid_onto_open(const Scene&, Findings&);
void no_vessel(const Scene&, Findings&);
void no_vessel_at_end(const Scene&, Findings&);
void vessel_too_small(const Scene&, Findings&);
void not_tested(const Scene&, Findings&);
void not_refilled(const Scene&, Findings&);
void overfilled(const Scene&, Findings&);
void too_little(const Scene&, Findings&);
void level_not_read(const Scene&, Findings&);
void waste(const Scene&, Findings&);
// -- rules_of_parts.cpp
void left_off(const Scene&, Findings&);
void left_loose(const Scene&, Findings&);
void tightened_early(const Scene&, Findings&);
void old_seal(const Scene&, Findings&);
void not_reached(const Scene&, Findings&);
void closed_before_test(const Scene&, Findings&);
void off_twice(const Scene&, Findings&);
void without_effect(const Scene&, Findings&);
// -- rules_of_the_machine.cpp
void state_not_brought_about(const Scene&, Findings&);
void in_the_wrong_state(const Scene&, Findings&);
void too_hot(const Scene&, Findings&);
void unsupported(const Scene&, Findings&);
// -- rules_of_the_kit.cpp
void not_named(const Scene&, Findings&);
void figure_open(const Scene&, Findings&);
void not_recorded(const Scene&, Findings&);

}  // namespace anagraph::core::dryrun
