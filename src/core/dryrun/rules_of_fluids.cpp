// What can go wrong with what a system holds: draining, catching, filling, reading its level, looking for leaks, the waste.
#include <algorithm>

#include "core/base/letters.h"
#include "core/dryrun/rules.h"
#include "core/fluids/refill.h"

namespace anagraph::core::dryrun {
namespace {

const std::string& name(const Scene& in, int fluid) { return in.job.thing(in.job.fluid(fluid).thing).name; }
std::vector<ThingNo> itself(const Scene& in, int fluid) { return {in.job.fluid(fluid).thing}; }

/// Amounts of a guide are good to about two parts in a hundred: what differs by less is the same, written in other units.
constexpr double kSame = 0.02;

/// The vessels under it and those the action names.
std::vector<ThingNo> vessels(const Scene& in) {
    std::vector<ThingNo> out = in.state.vessels;
    for (const int n : in.doing->needs)
        if (in.job.thing(n).kind == ItemKind::Vessel && std::find(out.begin(), out.end(), n) == out.end()) out.push_back(n);
    return out;
}

}  // namespace

void fill_not_proved(const Scene& in, Findings& out) {
    const auto at = [&](int f) {
        const auto& system = in.job.fluid(f);
        const auto& places = system.top.empty() ? system.side : system.top;
        const auto& s = in.state.fluid(f);
        // a job that has drained it once has been through this
        if (places.empty() || s.proved || s.drained.ever() || s.runs_out) return;
        out.say(in.when, {places.front(), system.thing}, [&] {
            return say(
                key("DryRunRules", "The {0} runs out before the {1} has come undone; if that will not move, the machine stands still."),
                name(in, f), in.job.name(places.front()));
        });
    };
    if (does(in, Verb::Drain))
        for (const int f : in.doing->fluids) at(f);
    if (takes_off(in.doing->verb))
        for (const int n : in.doing->items) {
            const auto& t = in.job.thing(n);
            if (t.fluid != kNone && t.at == Opening::Bottom && !t.filter && !is_off(in.state, n)) at(t.fluid);
        }
}

void fluid_onto_open(const Scene& in, Findings& out) {
    if (!does(in, Verb::Fill)) return;
    for (const int f : in.doing->fluids) {
        const auto& system = in.job.fluid(f);
        std::vector<ThingNo> open;
        for (const int n : system.bottom)
            if (runs_out_of(in.state, n)) open.push_back(n);
        if (!fills_to_plug(in.state, in.job, *in.doing, f))
            for (const int n : system.side)
                if (is_off(in.state, n)) open.push_back(n);
        if (!open.empty())
            out.say(in.when, open, [&] {
                return say(in.job.many(open) ? key("DryRunRules", "The {0} is filled while the {1} are open: it runs out again.")
                                             : key("DryRunRules", "The {0} is filled while the {1} is open: it runs out again."),
                    name(in, f), in.job.name(open));
            });
    }
}

void no_vessel(const Scene& in, Findings& out) {
    if (does(in, Verb::Drain)) {
        for (const int f : in.doing->fluids)
            if (vessels(in).empty())
                out.say(in.when, itself(in, f),
                    [&] { return say(key("DryRunRules", "The {0} is drained, and nothing is named to catch it."), name(in, f)); });
        return;
    }
    // what was opened and is closed again without an action that drains it has run out all the same
    if (!puts_on(in.doing->verb) && !does(in, Verb::Replace)) return;
    for (const int n : in.doing->items) {
        const int f = in.job.thing(n).fluid;
        if (f == kNone || in.job.thing(n).at != Opening::Bottom || !is_off(in.state, n)) continue;
        const auto& s = in.state.fluid(f);
        if (s.runs_out && !s.caught && vessels(in).empty())
            out.say(s.opened, {in.job.fluid(f).thing, n}, [&] {
                return say(
                    key("DryRunRules", "The {0} runs out of the {1}, and nothing is named to catch it."), name(in, f), in.job.name(n));
            });
    }
}

void no_vessel_at_end(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.fluids.size(); ++i) {
        const auto& s = in.state.fluids[i];
        if (s.runs_out && !s.caught && in.state.vessels.empty())
            out.say(s.opened, itself(in, static_cast<int>(i)), [&] {
                return say(key("DryRunRules", "The {0} runs out, and nothing is named to catch it."), name(in, static_cast<int>(i)));
            });
    }
}

void vessel_too_small(const Scene& in, Findings& out) {
    if (!does(in, Verb::Drain)) return;
    const auto into = vessels(in);
    if (into.empty()) return;
    double room = 0;
    for (const int n : into) room += in.job.thing(n).holds - in.state.in_vessels[static_cast<std::size_t>(n)];
    double comes = 0;
    bool known = true;
    for (const int f : in.doing->fluids) {
        const double most = in.state.fluid(f).inside.high;
        known = known && most < kUnknown;
        comes += most;
    }
    if (!known || in.doing->fluids.empty() || room >= comes) return;
    out.say(in.when, into, [&] {
        return say(in.job.many(into) ? key("DryRunRules", "Up to {0} comes out; the {1} have room for {2}.")
                                     : key("DryRunRules", "Up to {0} comes out; the {1} has room for {2}."),
            amount_text(comes), in.job.name(into), amount_text(std::max(room, 0.0)));
    });
}

void not_tested(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.fluids.size(); ++i) {
        const int f = static_cast<int>(i);
        const auto& s = in.state.fluids[i];
        const auto& system = in.job.fluids[i];
        if (!s.bottom_opened || s.looked.ever()) continue;
        std::vector<ThingNo> opened;
        for (const int n : system.bottom)
            if (in.state.at(n).came_off.ever()) opened.push_back(n);
        Moment at = s.drained;
        for (const int n : opened) at = in.state.at(n).came_off;
        if (opened.empty()) opened.push_back(system.thing);
        out.say(at, opened, [&] {
            const bool many = in.job.many(opened);
            if (s.run_closed)
                return say(many ? key("DryRunRules", "It runs with the {0} in it again, and nobody looks whether the {1} are tight.")
                                : key("DryRunRules", "It runs with the {0} in it again, and nobody looks whether the {1} is tight."),
                    name(in, f), in.job.name(opened));
            return say(many ? key("DryRunRules",
                                  "The {0} were opened, and it is not run and looked at for leaks once it is closed and filled again.")
                            : key("DryRunRules",
                                  "The {0} was opened, and it is not run and looked at for leaks once it is closed and filled again."),
                in.job.name(opened));
        });
    }
}

void not_refilled(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.fluids.size(); ++i) {
        const auto& s = in.state.fluids[i];
        if (s.drained.ever() && !s.filled.ever())
            out.say(s.drained, itself(in, static_cast<int>(i)),
                [&] { return say(key("DryRunRules", "The {0} is drained and not filled again."), name(in, static_cast<int>(i))); });
    }
}

void overfilled(const Scene& in, Findings& out) {
    if (!does(in, Verb::Fill) || !in.doing->litres) return;
    for (const int f : in.doing->fluids) {
        const auto& system = in.job.fluid(f);
        const auto& s = in.state.fluid(f);
        // what is too much runs over at an open level plug
        if (fills_to_plug(in.state, in.job, *in.doing, f)) continue;
        const double before = s.poured.high < kUnknown ? s.poured.high : s.poured.low;
        const double poured = before + in.doing->litres->high;
        const auto limit = system.refill ? system.refill : system.total;
        if (!limit) continue;
        const bool full = !s.drained.ever() && !s.runs_out;
        if (full && s.poured.low + in.doing->litres->low > 0.5 * limit->high)
            out.say(in.when, itself(in, f),
                [&] { return say(key("DryRunRules", "{0} are poured into a system that nothing has drained."), amount_text(poured)); });
        else if (!full && poured > limit->high * (1 + kSame))
            out.say(in.when, itself(in, f), [&] {
                return say(system.refill ? key("DryRunRules", "{0} are poured; {1} is what goes in again.")
                                         : key("DryRunRules", "{0} are poured; {1} is all the system holds."),
                    amount_text(poured, 3), amount_text(limit->high, 3));
            });
    }
}

void too_little(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.fluids.size(); ++i) {
        const auto& s = in.state.fluids[i];
        const auto& refill = in.job.fluids[i].refill;
        if (!refill || !s.drained.ever() || !s.filled.ever() || s.poured_to_mark) continue;
        if (s.poured.high < refill->low * (1 - kSame))
            out.say(s.filled, itself(in, static_cast<int>(i)), [&] {
                return say(
                    key("DryRunRules", "{0} are poured, and {1} go in."), amount_text(s.poured.high, 3), amount_text(refill->low, 3));
            });
    }
}

void level_not_read(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.fluids.size(); ++i) {
        const int f = static_cast<int>(i);
        const auto& s = in.state.fluids[i];
        const auto& system = in.job.fluids[i];
        if (!s.filled.ever()) continue;
        const bool stale = s.read.ever() && s.filter_changed && s.run_since_read;
        if (s.read.ever() && !stale) continue;
        // an amount that is measured in, in a system that shows no level, is the whole of it
        if (!system.has_gauge && !s.poured_to_mark) continue;
        out.say(s.filled, itself(in, f), [&] {
            if (stale)
                return say(key("DryRunRules", "The {0} is read before the run in which the new filter takes its share."), name(in, f));
            if (s.misread.ever())
                return say(key("DryRunRules", "The level of the {0} is read in step {1}, but not by its rule: {2}"), name(in, f),
                    in.job.at(s.misread.step).number,
                    system.rule ? Words(text_of(*system.rule)) : Words(key("DryRunRules", "on level ground.")));
            return say(key("DryRunRules", "The level of the {0} is not read after it is filled."), name(in, f));
        });
    }
}

void waste(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.fluids.size(); ++i) {
        const auto& s = in.state.fluids[i];
        if (s.drained.ever() && !s.disposed.ever())
            out.say(s.drained, itself(in, static_cast<int>(i)),
                [&] { return say(key("DryRunRules", "Nothing says where the used {0} goes."), name(in, static_cast<int>(i))); });
    }
    for (std::size_t n = 0; n < in.state.things.size(); ++n) {
        const auto& t = in.state.things[n];
        if (t.replaced && !t.disposed)
            out.say(t.put_on, {static_cast<int>(n)},
                [&] { return say(key("DryRunRules", "Nothing says where the old {0} goes."), in.job.things[n].name); });
    }
}

}  // namespace anagraph::core::dryrun
