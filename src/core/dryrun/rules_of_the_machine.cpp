// What can go wrong with the machine as a whole: running, locked off, hot, lifted.
#include <algorithm>

#include "core/base/letters.h"
#include "core/dryrun/rules.h"

namespace anagraph::core::dryrun {
namespace {

/// What was in it has run out, and nothing is in it yet.
bool is_drained(const State& s, int fluid) { return s.fluid(fluid).drained.ever() && !s.fluid(fluid).filled.ever(); }

}  // namespace

void state_not_brought_about(const Scene& in, Findings& out) {
    const auto& step = in.job.at(in.step);
    for (const auto asked : step.step->states) {
        if (!is_asked_in_vain(in.state, in.job, in.step, asked) || (in.state.asked_in_vain >> static_cast<unsigned>(asked) & 1U) != 0)
            continue;
        out.say(in.when, {}, [&] {
            return say(key("DryRunRules", "Step {0} asks for the machine to be {1}, and nothing before it has brought that about."),
                in.job.at(in.step).number, words_of(asked));
        });
    }
}

void in_the_wrong_state(const Scene& in, Findings& out) {
    const auto& d = *in.doing;
    if (d.verb == Verb::Run) {
        if (!d.items.empty() && parts_of(in.job, d).empty()) return;  // a tool is run, not the machine
        if (in.state.isolated) {
            out.say(in.when, d.items, [] { return key("DryRunRules", "It is run while it is locked off; nothing has released it."); });
            return;
        }
        for (std::size_t i = 0; i < in.job.fluids.size(); ++i) {
            const auto& system = in.job.fluids[i];
            const auto& s = in.state.fluids[i];
            std::vector<ThingNo> open;
            for (const auto* places : {&system.bottom, &system.side, &system.top})
                for (const int n : *places)
                    if (is_off(in.state, n) || (places == &system.bottom && in.state.at(n).grip == Grip::Loose)) open.push_back(n);
            const auto& name = in.job.thing(system.thing).name;
            if (!open.empty())
                out.say(in.when, open, [&] {
                    return say(in.job.many(open) ? key("DryRunRules", "It is run while the {0} are open: the {1} comes out.")
                                                 : key("DryRunRules", "It is run while the {0} is open: the {1} comes out."),
                        in.job.name(open), name);
                });
            else if (s.drained.ever() && !s.filled.ever())
                out.say(in.when, {system.thing}, [&] { return say(key("DryRunRules", "It is run without {0}."), name); });
        }
        return;
    }
    if (in.state.reached_into || !reaches_into_running(in.state, in.job, d)) return;
    out.say(in.when, d.items, [&] { return Words(key("DryRunRules", "Hands are in the machine while it runs; nothing has stopped it.")); });
}

void too_hot(const Scene& in, Findings& out) {
    if (!in.state.hot || in.job.at(in.step).warns_of_heat || in.job.at(in.step).waits_to_cool) return;
    const auto& d = *in.doing;
    if (d.verb == Verb::Drain) {
        for (const int f : d.fluids)
            if (!open_below(in.state, in.job.fluid(f)))
                out.say(in.when, {in.job.fluid(f).thing}, [&] {
                    return say(key("DryRunRules", "The {0} is drained straight after running: no temperature, no wait, no caution."),
                        in.job.thing(in.job.fluid(f).thing).name);
                });
        return;
    }
    if (!takes_off(d.verb) && d.verb != Verb::Replace) return;
    for (const int n : d.items)
        if (const int f = in.job.thing(n).fluid; f != kNone && !is_off(in.state, n) && !is_drained(in.state, f))
            out.say(in.when, {n}, [&] {
                return say(
                    key("DryRunRules", "The {0} is opened straight after running: no temperature, no wait, no caution."), in.job.name(n));
            });
}

void unsupported(const Scene& in, Findings& out) {
    const auto& d = *in.doing;
    if (in.state.worked_under || !works_under_lifted(in.state, in.job, d)) return;
    out.say(in.when, d.items, [&] {
        return in.state.stands_placed ? key("DryRunRules", "The machine is lifted and not lowered on its stands yet.")
                                      : key("DryRunRules", "The machine is lifted and not on stands.");
    });
}

}  // namespace anagraph::core::dryrun
