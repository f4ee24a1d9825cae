#include "core/dryrun/threads.h"

#include <algorithm>
#include <map>

#include "core/dryrun/act.h"

namespace anagraph::core {
namespace {

using namespace dryrun;

Sits sits(const ThingState& s) {
    if (s.seat == Seat::Off) return Sits::Off;
    if (s.seat == Seat::Open) return Sits::Open;
    return s.grip == Grip::Tight ? Sits::Tight : s.grip == Grip::Hand ? Sits::Hand : Sits::Loose;
}

MachineKnot standing(const State& s, Down at) {
    return {at, s.running, s.isolated, s.hot, s.raised == Raised::Up, s.raised == Raised::OnStands};
}

class Drawer {
public:
    explicit Drawer(const Job& job) : job_(job), state_(found_state(job, job.steps.empty() ? kNone : 0)) {}

    Threads draw() {
        out_.machine.push_back(standing(state_, {0, 0}));
        for (std::size_t i = 0; i < job_.steps.size(); ++i) {
            const auto& step = job_.steps[i];
            out_.steps.push_back(step.step->id);
            for (const auto& d : step.doings)
                if (d.place != kNone) go(static_cast<int>(i), d, step.step->actions.size());
            end_step(state_, step);
            note_machine({static_cast<int>(i), 1});
        }
        return std::move(out_);
    }

private:
    void go(int step, const Doing& d, std::size_t actions) {
        const Down at = Threads::place_of(step, static_cast<std::size_t>(d.place), actions);
        const State before = state_;
        act(state_, job_, d, {step, d.place});
        for (const int n : parts_of(job_, d)) {
            auto& t = thread(n, sits(before.at(n)));
            t.knots.push_back(
                {at, sits(state_.at(n)), state_.at(n).new_in_place > 0 || state_.at(n).replaced, std::string(name_of(d.verb))});
        }
        for (std::size_t f = 0; f < job_.fluids.size(); ++f) {
            const bool meant = std::find(d.fluids.begin(), d.fluids.end(), static_cast<int>(f)) != d.fluids.end();
            if (state_.fluids[f].inside == before.fluids[f].inside && !meant) continue;
            auto& t = fluid_thread(static_cast<int>(f), before);
            auto [low, high] = share(static_cast<int>(f), state_.fluids[f].inside);
            // until something runs out it is taken to be full: it ran until now
            if (!state_.fluids[f].drained.ever() && !state_.fluids[f].runs_out) low = high;
            t.knots.push_back({at, low, high, std::string(name_of(d.verb))});
        }
        note_machine(at);
    }

    void note_machine(Down at) {
        auto now = standing(state_, at);
        auto last = out_.machine.back();
        last.at = at;
        if (now != last) out_.machine.push_back(now);
    }

    Thread& thread(int n, Sits first) {
        const auto it = places_.find(n);
        if (it != places_.end()) return out_.threads[it->second];
        places_[n] = out_.threads.size();
        out_.threads.push_back({job_.thing(n).id, job_.thing(n).name, job_.thing(n).kind, first, {}});
        return out_.threads.back();
    }
    FluidThread& fluid_thread(int f, const State& before) {
        const auto it = fluid_places_.find(f);
        if (it != fluid_places_.end()) return out_.fluids[it->second];
        fluid_places_[f] = out_.fluids.size();
        const auto& thing = job_.thing(job_.fluid(f).thing);
        // a system is found full: it ran until now
        const double full = share(f, before.fluid(f).inside).second;
        out_.fluids.push_back({thing.id, thing.name, full, full, {}});
        return out_.fluids.back();
    }
    std::pair<double, double> share(int f, const Range& inside) const {
        const double most = most_out(job_.fluid(f));
        const bool known = most > 0 && most < kUnknown;
        // of a system that nobody knows the size of, what is in it is all there is
        const auto of = [&](double litres) {
            if (litres == kUnknown || (!known && litres > 0)) return 1.0;
            return known ? std::clamp(litres / most, 0.0, 1.2) : 0.0;
        };
        return {of(inside.low), of(inside.high)};
    }

    const Job& job_;
    State state_;
    Threads out_;
    std::map<int, std::size_t> places_;
    std::map<int, std::size_t> fluid_places_;
};

}  // namespace

Sits Threads::at(const Thread& thread, const Down& down) {
    Sits out = thread.first;
    for (const auto& k : thread.knots)
        if (k.at <= down) out = k.sits;
    return out;
}

MachineKnot Threads::machine_at(const Down& down) const {
    MachineKnot out = machine.empty() ? MachineKnot{} : machine.front();
    for (const auto& k : machine)
        if (k.at <= down) out = k;
    return out;
}

std::vector<std::string> Threads::beside(const Down& down) const {
    std::vector<std::string> out;
    for (const auto& t : threads) {
        const auto now = at(t, down);
        if (now == Sits::Off && t.first != Sits::Off) out.push_back(t.name);
    }
    return out;
}

Down Threads::place_of(int step, std::size_t action, std::size_t actions) {
    return {step, (static_cast<double>(action) + 1) / (static_cast<double>(actions) + 1)};
}

Threads threads_of(const Procedure& p, std::string_view variant) {
    const Job job = job_of(p, variant);
    return Drawer(job).draw();
}

Words machine_words(const MachineKnot& m) {
    std::vector<Words> out{m.running ? key("MachineState", "runs") : key("MachineState", "stands still")};
    if (m.locked) out.emplace_back(key("MachineState", "locked off"));
    if (m.hot) out.emplace_back(key("MachineState", "hot"));
    if (m.lifted) out.emplace_back(key("MachineState", "on the jack"));
    if (m.on_stands) out.emplace_back(key("MachineState", "on its stands"));
    return listed(out);
}

}  // namespace anagraph::core
