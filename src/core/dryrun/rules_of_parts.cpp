// What can go wrong with what comes off and goes back: left off, left loose, seals, the order in which things are reached.
#include <algorithm>

#include "core/base/letters.h"
#include "core/dryrun/rules.h"

namespace anagraph::core::dryrun {
namespace {

bool of_the_machine(const Thing& t) {
    return t.known && (t.kind == ItemKind::Part || t.kind == ItemKind::Fastener || t.kind == ItemKind::Seal);
}

/// Is being tight a question for it? Not for what is closed by hand or by its own spring.
bool is_to_be_tight(const Thing& t, const ThingState& s) {
    if (t.tightened_to) return true;
    if (t.by_hand) return false;
    return t.kind == ItemKind::Fastener || s.was_loosened;
}

}  // namespace

void left_off(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.things.size(); ++i) {
        const int n = static_cast<int>(i);
        const auto& s = in.state.things[i];
        const auto& t = in.job.things[i];
        if (!of_the_machine(t) || s.seat == Seat::On || !s.came_off.ever() || t.starts_open) continue;
        // the old seal comes off to make way; that another sits there is asked where it is closed
        if (t.kind == ItemKind::Seal && s.disposed) continue;
        out.say(s.came_off, {n}, [&] {
            const bool many = in.job.many({n});
            const Key one = s.seat == Seat::Off ? key("DryRunRules", "The {0} comes off in step {1} and is not back on at the end.")
                                                : key("DryRunRules", "The {0} is opened in step {1} and is still open at the end.");
            const Key several = s.seat == Seat::Off ? key("DryRunRules", "The {0} come off in step {1} and are not back on at the end.")
                                                    : key("DryRunRules", "The {0} are opened in step {1} and are still open at the end.");
            return say(many ? several : one, in.job.name(n), in.job.at(s.came_off.step).number);
        });
    }
}

void left_loose(const Scene& in, Findings& out) {
    for (std::size_t i = 0; i < in.state.things.size(); ++i) {
        const int n = static_cast<int>(i);
        const auto& s = in.state.things[i];
        const auto& t = in.job.things[i];
        if (!of_the_machine(t) || s.seat != Seat::On || s.grip == Grip::Tight) continue;
        const bool undone = s.grip == Grip::Loose;
        if (!undone && !is_to_be_tight(t, s)) continue;
        out.say(s.put_on.ever() ? s.put_on : s.came_off, {n}, [&] {
            const bool many = in.job.many({n});
            const Key one = undone ? key("DryRunRules", "The {0} is loosened and never tightened.")
                                   : key("DryRunRules", "The {0} goes back and is never tightened.");
            const Key several = undone ? key("DryRunRules", "The {0} are loosened and never tightened.")
                                       : key("DryRunRules", "The {0} go back and are never tightened.");
            const Words said = say(many ? several : one, in.job.name(n));
            return t.tightened_to ? one_after_other({said, key("DryRunRules", "There is a figure for it.")}) : said;
        });
    }
}

void tightened_early(const Scene& in, Findings& out) {
    if (!does(in, Verb::Tighten)) return;
    for (const int n : in.doing->items) {
        std::vector<ThingNo> waiting;
        for (const int other : in.job.thing(n).siblings)
            if (in.state.at(other).seat != Seat::On && in.state.at(other).came_off.ever()) waiting.push_back(other);
        if (in.job.thing(n).pieces > 1 && in.state.at(n).seat != Seat::On && in.state.at(n).came_off.ever()) waiting.push_back(n);
        if (waiting.empty()) continue;
        auto things = waiting;
        if (std::find(things.begin(), things.end(), n) == things.end()) things.insert(things.begin(), n);
        out.say(in.when, things, [&] {
            return say(key("DryRunRules",
                           "Tightened before all are started: the {0}, and not started yet: the {1}. The part is held askew, and "
                           "the others no longer find their threads."),
                in.job.name(n), in.job.name(waiting));
        });
    }
}

void old_seal(const Scene& in, Findings& out) {
    if (!puts_on(in.doing->verb) && !does(in, Verb::Replace)) return;
    for (const int n : in.doing->items) {
        if (in.state.at(n).seat == Seat::On && !does(in, Verb::Replace)) continue;
        for (const int seal : in.job.thing(n).seals) {
            // a seal that goes on with the thing in one action is on when it closes
            const bool with_it = std::find(in.doing->items.begin(), in.doing->items.end(), seal) != in.doing->items.end();
            if (with_it && does(in, Verb::Replace)) continue;
            const auto& s = in.state.at(seal);
            const auto& t = in.job.thing(seal);
            const int there = (s.old_in_place ? 1 : 0) + s.new_in_place + (with_it && s.seat == Seat::Off ? 1 : 0);
            if (there == 0)
                out.say(in.when, {seal, n},
                    [&] { return say(key("DryRunRules", "The {0} is closed without the {1}."), in.job.name(n), in.job.name(seal)); });
            else if (there > 1)
                out.say(in.when, {seal, n}, [&] {
                    return say(key("DryRunRules", "Two of the {0} lie under the {1}: nothing takes the old one off, and two leak."),
                        in.job.name(seal), in.job.name(n));
                });
            else if (s.new_in_place == 0 && t.renew == Renewal::EachTime)
                out.say(in.when, {seal, n}, [&] {
                    return say(key("DryRunRules", "The {0} is closed over the old {1}, which is new each time."), in.job.name(n), t.name);
                });
        }
    }
}

void not_reached(const Scene& in, Findings& out) {
    if (does(in, Verb::Drain)) {
        for (const int f : in.doing->fluids) {
            const auto& system = in.job.fluid(f);
            const bool sucked =
                std::any_of(in.doing->needs.begin(), in.doing->needs.end(), [&](int n) { return in.job.thing(n).kind == ItemKind::Tool; });
            if (system.bottom.empty() || open_below(in.state, system) || sucked) continue;
            out.say(in.when, {system.thing, system.bottom.front()}, [&] {
                return say(key("DryRunRules", "The {0} cannot run out while the {1} is on."), in.job.thing(system.thing).name,
                    in.job.name(system.bottom.front()));
            });
        }
        return;
    }
    if (does(in, Verb::Fill)) {
        for (const int f : in.doing->fluids) {
            const auto& system = in.job.fluid(f);
            const auto& places = system.top.empty() ? system.side : system.top;
            const auto open = [&](int n) { return is_off(in.state, n) || in.state.at(n).grip != Grip::Tight; };
            if (places.empty() || std::any_of(places.begin(), places.end(), open) || first_off(in.state, system.side) != kNone) continue;
            out.say(in.when, {system.thing, places.front()}, [&] {
                return say(key("DryRunRules", "The {0} cannot go in while the {1} is on."), in.job.thing(system.thing).name,
                    in.job.name(places.front()));
            });
        }
        return;
    }
    const bool looks = does(in, Verb::Inspect) || does(in, Verb::Check);
    if (!hands_in(in.doing->verb) && !does(in, Verb::Measure) && !looks) return;
    for (const int n : in.doing->items) {
        const auto& t = in.job.thing(n);
        if (t.cyclic) {
            out.say(in.when, {n}, [&] {
                return say(key("DryRunRules",
                               "The {0} lies behind the {1}, and that behind it again: neither can be reached. Put one of the two right."),
                    in.job.name(n), in.job.name(t.behind));
            });
            continue;
        }
        // a look for leaks is a look at what closes a system from where one stands
        if (looks && (in.state.running || (t.fluid != kNone && in.state.fluid(t.fluid).run_closed))) continue;
        // what is off is in the hand; going back on it needs its place free
        if (is_off(in.state, n) && !puts_on(in.doing->verb) && !does(in, Verb::Replace)) continue;
        std::vector<ThingNo> before;
        for (const int b : t.behind) {
            // what is taken off or put on in the same action comes off first and goes on last
            const bool with_it = std::find(in.doing->items.begin(), in.doing->items.end(), b) != in.doing->items.end();
            if (!is_off(in.state, b) && !with_it) before.push_back(b);
        }
        if (before.empty()) continue;
        auto things = before;
        things.insert(things.begin(), n);
        out.say(in.when, things, [&] {
            const bool many = in.job.many({n});
            const Key one = many ? key("DryRunRules", "The {0} lie behind the {1}, and that is still on.")
                                 : key("DryRunRules", "The {0} lies behind the {1}, and that is still on.");
            const Key several = many ? key("DryRunRules", "The {0} lie behind the {1}, and they are still on.")
                                     : key("DryRunRules", "The {0} lies behind the {1}, and they are still on.");
            return say(in.job.many(before) ? several : one, in.job.name(n), in.job.name(before));
        });
    }
}

void closed_before_test(const Scene& in, Findings& out) {
    if (!puts_on(in.doing->verb)) return;
    for (const int n : in.doing->items) {
        const auto& t = in.job.thing(n);
        if (t.kind != ItemKind::Part || t.fluid != kNone || !t.seals.empty() || !is_off(in.state, n)) continue;
        std::vector<ThingNo> hidden;
        for (const int h : t.hides) {
            int f = in.job.thing(h).fluid;
            const auto at = in.job.thing(h).at;
            if (f == kNone || at == Opening::Top || at == Opening::Vent || !in.state.at(h).came_off.ever()) continue;
            if (!in.state.fluid(f).looked.ever()) hidden.push_back(h);
        }
        if (hidden.empty()) continue;
        auto things = hidden;
        things.insert(things.begin(), n);
        out.say(in.when, things, [&] {
            return say(key("DryRunRules",
                           "The {0} goes back over the {1} before the first run and the look for leaks: if it leaks, all comes off again."),
                in.job.name(n), in.job.name(hidden));
        });
    }
}

void off_twice(const Scene& in, Findings& out) {
    if (!takes_off(in.doing->verb)) return;
    for (const int n : in.doing->items)
        if (of_the_machine(in.job.thing(n)) && in.state.at(n).times_off > 0 && in.state.at(n).seat == Seat::On)
            out.say(in.when, {n}, [&] {
                return say(key("DryRunRules", "The {0} came off in step {1} already and goes on in between."), in.job.name(n),
                    in.job.at(in.state.at(n).came_off.step).number);
            });
}

void without_effect(const Scene& in, Findings& out) {
    const auto each = [&](auto&& applies, const Key& words) {
        for (const int n : in.doing->items)
            if (of_the_machine(in.job.thing(n)) && applies(in.state.at(n)))
                out.say(in.when, {n}, [&] { return say(words, in.job.name(n)); });
    };
    switch (in.doing->verb) {
        case Verb::Remove:
        case Verb::Disconnect:
            each([](const ThingState& s) { return s.seat == Seat::Off; }, key("DryRunRules", "The {0} is off already."));
            break;
        case Verb::Open:
            each([](const ThingState& s) { return s.seat != Seat::On; }, key("DryRunRules", "The {0} is open already."));
            break;
        case Verb::Close:
        case Verb::Connect:
            each([](const ThingState& s) { return s.seat == Seat::On && s.grip != Grip::Loose; },
                key("DryRunRules", "The {0} is closed already."));
            break;
        case Verb::Tighten:
            each(
                [&](const ThingState& s) {
                    return s.seat == Seat::On && s.grip == Grip::Tight && s.tightened_to == in.doing->figure && s.put_on.ever();
                },
                key("DryRunRules", "The {0} is tight already."));
            break;
        case Verb::Fill:
            for (const int f : in.doing->fluids) {
                const auto& s = in.state.fluid(f);
                const auto& refill = in.job.fluid(f).refill;
                if (s.drained.ever() && in.doing->litres && refill && !s.poured_to_mark && s.poured.low >= refill->low)
                    out.say(in.when, {in.job.fluid(f).thing}, [&] {
                        return say(key("DryRunRules", "The {0} is full already: what goes in again has been poured."),
                            in.job.thing(in.job.fluid(f).thing).name);
                    });
            }
            break;
        case Verb::Isolate:
            if (in.state.isolated) out.say(in.when, {}, [] { return key("DryRunRules", "The machine is locked off already."); });
            break;
        case Verb::Stop:
            if (!in.state.running) out.say(in.when, {}, [] { return key("DryRunRules", "The machine stands still already."); });
            break;
        default:
            break;
    }
}

}  // namespace anagraph::core::dryrun
