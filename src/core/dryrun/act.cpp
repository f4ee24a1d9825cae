#include "core/dryrun/act.h"

#include <algorithm>

namespace anagraph::core::dryrun {
namespace {

Range plus(const Range& a, const Range& b) { return {a.low + b.low, a.high + b.high}; }

bool any_of_kind(const Job& job, const std::vector<ThingNo>& list, ItemKind kind) {
    return std::any_of(list.begin(), list.end(), [&](ThingNo n) { return job.thing(n).kind == kind; });
}

class Acting {
public:
    Acting(State& s, const Job& job, const Doing& d, Moment when) : s_(s), job_(job), d_(d), when_(when) {}

    void act() {
        switch (d_.verb) {
            case Verb::Remove:
                for (const int n : d_.items) take_off(n, Seat::Off);
                break;
            case Verb::Open:
            case Verb::Disconnect:
                for (const int n : d_.items) take_off(n, Seat::Open);
                break;
            case Verb::Cut:
                for (const int n : d_.items)
                    if (job_.thing(n).kind == ItemKind::Fastener || job_.thing(n).kind == ItemKind::Seal) take_off(n, Seat::Off);
                break;
            case Verb::Fit:
            case Verb::Close:
            case Verb::Connect:
                for (const int n : d_.items) put_on(n);
                break;
            case Verb::Replace:
                for (const int n : d_.items) replace(n);
                break;
            case Verb::Tighten:
                for (const int n : d_.items) tighten(n);
                break;
            case Verb::Loosen:
                for (const int n : d_.items) loosen(n);
                break;
            case Verb::Drain:
                for (const int f : d_.fluids) drain(f);
                break;
            case Verb::Fill:
                for (const int f : d_.fluids) fill(f);
                break;
            case Verb::Run:
                run();
                break;
            case Verb::Stop:
                s_.running = false;
                s_.minutes_stopped = 0;
                break;
            case Verb::Wait:
                wait();
                break;
            case Verb::Isolate:
                s_.isolated = true;
                break;
            case Verb::Release:
                s_.isolated = false;
                break;
            case Verb::Lift:
                lift();
                break;
            case Verb::Lower:
                lower();
                break;
            case Verb::Place:
                place();
                break;
            case Verb::Inspect:
            case Verb::Check:
            case Verb::Measure:
                look();
                break;
            case Verb::Dispose:
                dispose();
                break;
            case Verb::Record:
            case Verb::Mark:
                s_.recorded = true;
                break;
            case Verb::Clean:
            case Verb::Lubricate:
            case Verb::Reset:
            case Verb::Pump:
            case Verb::Bleed:
            case Verb::Adjust:
            case Verb::Hold:
                break;
        }
    }

private:
    bool of_the_machine(int n) const {
        const auto kind = job_.thing(n).kind;
        return kind == ItemKind::Part || kind == ItemKind::Fastener || kind == ItemKind::Seal;
    }

    void take_off(int n, Seat seat) {
        if (job_.thing(n).kind == ItemKind::Vessel) std::erase(s_.vessels, n);
        if (!of_the_machine(n)) return;
        auto& t = s_.at(n);
        if (t.seat == Seat::On) {
            ++t.times_off;
            t.came_off = when_;
            opened(n);
            // what sat under it has been pressed once
            for (const int seal : job_.thing(n).seals)
                if (s_.at(seal).new_in_place > 0) {
                    s_.at(seal).old_in_place = true;
                    s_.at(seal).new_in_place = 0;
                }
        }
        t.seat = seat;
        t.grip = Grip::Loose;
        if (job_.thing(n).kind == ItemKind::Seal) {
            t.old_in_place = false;
            t.new_in_place = 0;
        }
    }

    /// A thing that closes a system has come off or open.
    void opened(int n) {
        const auto& thing = job_.thing(n);
        if (thing.fluid == kNone) return;
        const auto& fluid = job_.fluid(thing.fluid);
        auto& f = s_.fluid(thing.fluid);
        if (thing.at == Opening::Top || (thing.at == Opening::Side && fluid.top.empty())) f.proved = true;
        if (thing.at != Opening::Bottom) return;
        f.bottom_opened = true;
        f.run_closed = false;
        f.looked = {};
        if (f.runs_out || (f.drained.ever() && !f.filled.ever())) return;
        f.runs_out = true;
        f.opened = when_;
        f.caught = !s_.vessels.empty() || any_of_kind(job_, d_.needs, ItemKind::Vessel);
    }

    void put_on(int n) {
        if (!of_the_machine(n)) return;
        auto& t = s_.at(n);
        if (job_.thing(n).kind == ItemKind::Seal) {
            // a seal that came off and was not taken to the waste is the one that goes back
            if (t.seat == Seat::Off && !t.disposed && !job_.thing(n).starts_off)
                t.old_in_place = true;
            else
                ++t.new_in_place;
        }
        if (t.seat != Seat::On || t.grip == Grip::Loose) t.grip = Grip::Hand;
        t.seat = Seat::On;
        t.put_on = when_;
        closed(n);
        // the new one sits where the old one came off
        if (const int old = job_.thing(n).instead_of; old != kNone && s_.at(old).seat == Seat::Off) {
            s_.at(old).seat = Seat::On;
            s_.at(old).grip = Grip::Tight;
            closed(old);
        }
    }

    void closed(int n) {
        const int f = job_.thing(n).fluid;
        if (f == kNone || job_.thing(n).at != Opening::Bottom || !s_.fluid(f).runs_out || open_below(s_, job_.fluid(f))) return;
        // it ran out without an action that says so; what a filter held is not all there is in the system
        if (job_.thing(n).filter)
            s_.fluid(f).inside.low = 0;
        else
            run_out(f);
        s_.fluid(f).runs_out = false;
    }

    void replace(int n) {
        const auto kind = job_.thing(n).kind;
        if (kind == ItemKind::Fluid) return;
        if (!of_the_machine(n)) return;
        auto& t = s_.at(n);
        if (t.seat == Seat::On && kind != ItemKind::Seal) take_off(n, Seat::Off);
        t.old_in_place = false;
        t.new_in_place = 1;
        t.replaced = true;
        t.disposed = false;
        t.seat = Seat::On;
        t.grip = Grip::Hand;
        t.put_on = when_;
        if (job_.thing(n).fluid != kNone && job_.thing(n).filter) s_.fluid(job_.thing(n).fluid).filter_changed = true;
        closed(n);
    }

    void tighten(int n) {
        auto& t = s_.at(n);
        // a bleed screw is opened by half a turn, and tightening closes it
        if (t.seat == Seat::Open && job_.thing(n).fluid != kNone && job_.thing(n).at == Opening::Vent) t.seat = Seat::On;
        if (t.seat != Seat::On) return;
        t.grip = Grip::Tight;
        t.tightened_to = d_.figure;
    }

    void loosen(int n) {
        auto& t = s_.at(n);
        if (!of_the_machine(n) || t.seat != Seat::On) return;
        t.was_loosened = t.was_loosened || t.grip == Grip::Tight;
        t.grip = Grip::Loose;
        if (!t.came_off.ever()) t.came_off = when_;
        const auto& thing = job_.thing(n);
        if (thing.fluid != kNone && (thing.at == Opening::Top || (thing.at == Opening::Side && job_.fluid(thing.fluid).top.empty())))
            s_.fluid(thing.fluid).proved = true;
        if (thing.fluid != kNone && thing.at == Opening::Bottom) s_.fluid(thing.fluid).bottom_opened = true;
    }

    /// All that runs out of the bottom has run out.
    void run_out(int fluid) {
        auto& f = s_.fluid(fluid);
        const Range stays = residue_of(job_.fluid(fluid));
        const Range left{std::min(stays.low, f.inside.high), std::min(stays.high, f.inside.high)};
        f.out = plus(f.out, {std::max(0.0, f.inside.low - left.high), f.inside.high - left.low});
        f.inside = left;
        f.poured = {};
        f.poured_to_mark = false;
        f.drained = when_;
        f.filled = {};
        f.read = {};
        f.run_closed = false;
        f.looked = {};
    }

    void drain(int fluid) {
        const double most = s_.fluid(fluid).inside.high;
        run_out(fluid);
        s_.fluid(fluid).bottom_opened = true;
        s_.fluid(fluid).runs_out = false;
        std::vector<ThingNo> into;
        for (const int n : d_.needs)
            if (job_.thing(n).kind == ItemKind::Vessel) into.push_back(n);
        for (const int n : s_.vessels)
            if (std::find(into.begin(), into.end(), n) == into.end()) into.push_back(n);
        if (!into.empty()) s_.in_vessels[static_cast<std::size_t>(into.front())] += most;
    }

    void fill(int fluid) {
        auto& f = s_.fluid(fluid);
        const auto& system = job_.fluid(fluid);
        if (d_.litres) {
            f.inside = plus(f.inside, *d_.litres);
            f.poured = plus(f.poured, *d_.litres);
        } else {
            f.poured_to_mark = true;
            f.poured.high = kUnknown;
            f.inside.high = std::max(f.inside.low, most_out(system));
        }
        // a topping up needs no second look for leaks
        if (!f.filled.ever()) {
            f.run_closed = false;
            f.looked = {};
        }
        f.filled = when_;
        f.read = f.misread = {};
        if (fills_to_plug(s_, job_, d_, fluid)) {
            f.poured_to_mark = true;
            (may_be_read(s_, job_, fluid) ? f.read : f.misread) = when_;
            f.run_since_read = false;
        }
    }

    void run() {
        const bool a_tool = !d_.items.empty() && std::all_of(d_.items.begin(), d_.items.end(), [&](int n) { return !of_the_machine(n); });
        if (a_tool) return;
        s_.running = true;
        s_.warm = s_.hot = true;
        s_.cold = false;
        for (std::size_t i = 0; i < s_.fluids.size(); ++i) {
            auto& f = s_.fluids[i];
            const auto& system = job_.fluids[i];
            const bool shut = !open_below(s_, system) && first_off(s_, system.side) == kNone && first_off(s_, system.top) == kNone;
            f.run_closed = shut && (!f.drained.ever() || f.filled.ever());
            f.looked = {};
            f.run_since_read = true;
        }
    }

    void wait() {
        s_.hot = false;
        if (d_.temperature) s_.cold = true;
        if (!s_.running) s_.minutes_stopped = d_.minutes ? s_.minutes_stopped + *d_.minutes : kUnknown;
    }

    bool names_stand() const {
        const auto stand = [&](int n) { return job_.thing(n).stand; };
        return std::any_of(d_.needs.begin(), d_.needs.end(), stand) || std::any_of(d_.items.begin(), d_.items.end(), stand);
    }

    void lift() {
        // what is off is carried, and a lid on its hinge is lifted by hand; the machine is taken up on something
        const bool carried = !d_.items.empty() && std::all_of(d_.items.begin(), d_.items.end(), [&](int n) { return is_off(s_, n); });
        const bool machine =
            d_.items.empty() || std::any_of(d_.items.begin(), d_.items.end(), [&](int n) { return job_.thing(n).machine; });
        if (carried || (d_.needs.empty() && !machine)) return;
        const bool safe = std::any_of(d_.needs.begin(), d_.needs.end(), [&](int n) { return job_.thing(n).ramp; });
        s_.raised = safe ? Raised::OnStands : Raised::Up;
    }

    void lower() {
        const bool carried = !d_.items.empty() && std::all_of(d_.items.begin(), d_.items.end(), [&](int n) { return is_off(s_, n); });
        if (carried || s_.raised == Raised::Down) return;
        // stands that nobody has placed carry nothing
        if (!names_stand())
            s_.raised = Raised::Down;
        else if (s_.stands_placed)
            s_.raised = Raised::OnStands;
    }

    void place() {
        for (const int n : d_.items) {
            if (job_.thing(n).stand) s_.stands_placed = true;
            if (job_.thing(n).kind == ItemKind::Vessel && std::find(s_.vessels.begin(), s_.vessels.end(), n) == s_.vessels.end())
                s_.vessels.push_back(n);
        }
        for (const int n : d_.needs)
            if (job_.thing(n).stand) s_.stands_placed = true;
    }

    void look() {
        for (const int f : looked_at(job_, d_))
            if (s_.fluid(f).run_closed) s_.fluid(f).looked = when_;
        for (std::size_t i = 0; i < s_.fluids.size(); ++i) {
            const int f = static_cast<int>(i);
            if (!reads_level(job_, d_, f)) continue;
            if (!may_be_read(s_, job_, f)) {
                s_.fluids[i].misread = when_;
                continue;
            }
            s_.fluids[i].read = when_;
            s_.fluids[i].run_since_read = false;
        }
        if (d_.temperature) s_.hot = false;
    }

    void dispose() {
        // what is still in the machine cannot go to the waste
        for (const int n : d_.items) {
            s_.at(n).disposed = s_.at(n).disposed || s_.at(n).replaced || is_off(s_, n);
            if (job_.thing(n).kind != ItemKind::Vessel) continue;
            for (auto& f : s_.fluids)
                if (f.drained.ever()) f.disposed = when_;
            s_.in_vessels[static_cast<std::size_t>(n)] = 0;
        }
        for (const int f : d_.fluids) {
            if (s_.fluid(f).drained.ever()) s_.fluid(f).disposed = when_;
            std::fill(s_.in_vessels.begin(), s_.in_vessels.end(), 0);
        }
    }

    State& s_;
    const Job& job_;
    const Doing& d_;
    Moment when_;
};

}  // namespace

void act(State& state, const Job& job, const Doing& doing, Moment when) {
    state.reached_into = state.reached_into || reaches_into_running(state, job, doing);
    state.worked_under = state.worked_under || works_under_lifted(state, job, doing);
    Acting(state, job, doing, when).act();
    if (state.raised != Raised::Up) state.worked_under = false;
    if (!state.running) state.reached_into = false;
}

void begin_step(State& s, const Job& job, int step) {
    for (const auto& named : all_of<MachineState>()) {
        const unsigned bit = 1U << static_cast<unsigned>(named.value);
        if (holds(s, named.value)) s.asked_in_vain &= ~bit;
    }
    for (const auto asked : job.at(step).step->states)
        if (is_asked_in_vain(s, job, step, asked)) s.asked_in_vain |= 1U << static_cast<unsigned>(asked);
}

void end_step(State& s, const JobStep& step) {
    if (step.stands_level) s.level = true;
    if (step.waits_to_cool) {
        s.hot = false;
        s.cold = true;
    }
    if (!step.waits_minutes) return;
    s.hot = false;
    if (!s.running) s.minutes_stopped = *step.waits_minutes > 0 ? s.minutes_stopped + *step.waits_minutes : kUnknown;
}

}  // namespace anagraph::core::dryrun
