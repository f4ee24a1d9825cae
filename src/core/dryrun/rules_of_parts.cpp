// What can go wrong with what comes off and goes back: left off, left loose, seals, the order in which things are reached.
#include <fmt/format.h>

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
            const char* goes = s.seat == Seat::Off ? (many ? "come off" : "comes off") : many ? "are opened" : "is opened";
            return fmt::format("{} {} in {} and {} {} at the end.", capitalised(in.job.the(n)), goes, in.job.step_name(s.came_off.step),
                many ? "are" : "is", s.seat == Seat::Off ? "not back on" : "still open");
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
            const char* how = undone ? (many ? "are loosened" : "is loosened") : many ? "go back" : "goes back";
            return fmt::format("{} {} and {} never tightened{}.", capitalised(in.job.the(n)), how, many ? "are" : "is",
                t.tightened_to ? ", and there is a figure for it" : "");
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
            return fmt::format("{} {} tightened before {} {} started: the part is held askew, and the others no longer find their threads.",
                capitalised(in.job.the(n)), in.job.many({n}) ? "are" : "is", in.job.the(waiting), in.job.many(waiting) ? "are" : "is");
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
                    [&] { return fmt::format("{} is closed without {}.", capitalised(in.job.the(n)), in.job.the(seal)); });
            else if (there > 1)
                out.say(in.when, {seal, n}, [&] {
                    return fmt::format(
                        "Two of {} lie under {}: nothing takes the old one off, and two leak.", in.job.the(seal), in.job.the(n));
                });
            else if (s.new_in_place == 0 && t.renew == Renewal::EachTime)
                out.say(in.when, {seal, n}, [&] {
                    return fmt::format("{} is closed over the old {}, which is new each time.", capitalised(in.job.the(n)), t.name);
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
                return fmt::format(
                    "The {} cannot run out while {} is on.", in.job.thing(system.thing).name, in.job.the(system.bottom.front()));
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
                return fmt::format("The {} cannot go in while {} is on.", in.job.thing(system.thing).name, in.job.the(places.front()));
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
                return fmt::format("{} lies behind {}, and that behind it again: neither can be reached. Put one of the two right.",
                    capitalised(in.job.the(n)), in.job.the(t.behind));
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
            return fmt::format("{} {} behind {}, and {} still on.", capitalised(in.job.the(n)), in.job.many({n}) ? "lie" : "lies",
                in.job.the(before), in.job.many(before) ? "they are" : "that is");
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
            return fmt::format("{} goes back over {} before the first run and the look for leaks: if it leaks, all comes off again.",
                capitalised(in.job.the(n)), in.job.the(hidden));
        });
    }
}

void off_twice(const Scene& in, Findings& out) {
    if (!takes_off(in.doing->verb)) return;
    for (const int n : in.doing->items)
        if (of_the_machine(in.job.thing(n)) && in.state.at(n).times_off > 0 && in.state.at(n).seat == Seat::On)
            out.say(in.when, {n}, [&] {
                return fmt::format("{} came off in {} already and goes on in between.", capitalised(in.job.the(n)),
                    in.job.step_name(in.state.at(n).came_off.step));
            });
}

void without_effect(const Scene& in, Findings& out) {
    const auto each = [&](auto&& applies, const char* words) {
        for (const int n : in.doing->items)
            if (of_the_machine(in.job.thing(n)) && applies(in.state.at(n)))
                out.say(in.when, {n}, [&] { return capitalised(in.job.the(n)) + " " + words; });
    };
    switch (in.doing->verb) {
        case Verb::Remove:
        case Verb::Disconnect:
            each([](const ThingState& s) { return s.seat == Seat::Off; }, "is off already.");
            break;
        case Verb::Open:
            each([](const ThingState& s) { return s.seat != Seat::On; }, "is open already.");
            break;
        case Verb::Close:
        case Verb::Connect:
            each([](const ThingState& s) { return s.seat == Seat::On && s.grip != Grip::Loose; }, "is closed already.");
            break;
        case Verb::Tighten:
            each(
                [&](const ThingState& s) {
                    return s.seat == Seat::On && s.grip == Grip::Tight && s.tightened_to == in.doing->figure && s.put_on.ever();
                },
                "is tight already.");
            break;
        case Verb::Fill:
            for (const int f : in.doing->fluids) {
                const auto& s = in.state.fluid(f);
                const auto& refill = in.job.fluid(f).refill;
                if (s.drained.ever() && in.doing->litres && refill && !s.poured_to_mark && s.poured.low >= refill->low)
                    out.say(in.when, {in.job.fluid(f).thing}, [&] {
                        return fmt::format(
                            "The {} is full already: what goes in again has been poured.", in.job.thing(in.job.fluid(f).thing).name);
                    });
            }
            break;
        case Verb::Isolate:
            if (in.state.isolated) out.say(in.when, {}, [] { return std::string("The machine is locked off already."); });
            break;
        case Verb::Stop:
            if (!in.state.running) out.say(in.when, {}, [] { return std::string("The machine stands still already."); });
            break;
        default:
            break;
    }
}

}  // namespace anagraph::core::dryrun
