#include "core/dryrun/questions.h"

#include <algorithm>

namespace anagraph::core::dryrun {
namespace {

/// Does an action of the step bring the state about that the step asks for?
bool brings(const Job& job, const Doing& d, MachineState state) {
    switch (state) {
        case MachineState::Running:
        case MachineState::Warm:
            return d.verb == Verb::Run;
        case MachineState::Stopped:
            return d.verb == Verb::Stop;
        case MachineState::Isolated:
        case MachineState::LockedOff:
            return d.verb == Verb::Isolate;
        case MachineState::Cold:
            return d.verb == Verb::Wait && d.temperature;
        case MachineState::OnStands:
            return d.verb == Verb::Lower && std::any_of(d.needs.begin(), d.needs.end(), [&](int n) { return job.thing(n).stand; });
        case MachineState::Level:
            return false;
    }
    return false;
}

}  // namespace

bool hands_in(Verb verb) {
    switch (verb) {
        case Verb::Drain:
        case Verb::Fill:
        case Verb::Remove:
        case Verb::Fit:
        case Verb::Replace:
        case Verb::Tighten:
        case Verb::Loosen:
        case Verb::Open:
        case Verb::Close:
        case Verb::Clean:
        case Verb::Lubricate:
        case Verb::Bleed:
        case Verb::Cut:
        case Verb::Adjust:
        case Verb::Connect:
        case Verb::Disconnect:
            return true;
        case Verb::Inspect:
        case Verb::Check:
        case Verb::Measure:
        case Verb::Run:
        case Verb::Stop:
        case Verb::Wait:
        case Verb::Mark:
        case Verb::Reset:
        case Verb::Lift:
        case Verb::Lower:
        case Verb::Pump:
        case Verb::Record:
        case Verb::Dispose:
        case Verb::Place:
        case Verb::Isolate:
        case Verb::Release:
        case Verb::Hold:
            return false;
    }
    return false;
}

bool reaches_into_running(const State& s, const Job& job, const Doing& d) {
    if (!s.running || !hands_in(d.verb)) return false;
    const auto& states = job.at(d.step).step->states;
    const bool asked = std::find(states.begin(), states.end(), MachineState::Running) != states.end();
    const bool opens = d.verb == Verb::Remove || d.verb == Verb::Disconnect || d.verb == Verb::Drain || d.verb == Verb::Clean ||
        d.verb == Verb::Cut || d.verb == Verb::Replace;
    if (asked && !opens) return false;
    const bool goes_on = puts_on(d.verb) || d.verb == Verb::Replace;
    const bool beside = !d.items.empty() && std::all_of(d.items.begin(), d.items.end(), [&](int n) {
        const auto kind = job.thing(n).kind;
        return kind == ItemKind::Tool || kind == ItemKind::Vessel || kind == ItemKind::Protection ||
            (kind != ItemKind::Fluid && s.at(n).seat == Seat::Off && !goes_on);
    });
    return !beside;
}

bool works_under_lifted(const State& s, const Job& job, const Doing& d) {
    if (s.raised != Raised::Up) return false;
    const bool work = hands_in(d.verb) || d.verb == Verb::Inspect || d.verb == Verb::Check || d.verb == Verb::Measure ||
        d.verb == Verb::Mark || d.verb == Verb::Pump || d.verb == Verb::Run;
    const bool goes_on = puts_on(d.verb);
    const bool beside = !d.items.empty() && std::all_of(d.items.begin(), d.items.end(), [&](int n) {
        const auto kind = job.thing(n).kind;
        return kind == ItemKind::Tool || kind == ItemKind::Vessel || kind == ItemKind::Protection || job.thing(n).stand ||
            (is_off(s, n) && !goes_on);
    });
    return work && !beside;
}

bool is_asked_in_vain(const State& s, const Job& job, int step, MachineState asked) {
    const auto& here = job.at(step);
    if (holds(s, asked) || (asked == MachineState::Level && here.stands_level)) return false;
    return std::none_of(here.doings.begin(), here.doings.end(), [&](const Doing& d) { return brings(job, d, asked); });
}

std::vector<ThingNo> parts_of(const Job& job, const Doing& doing) {
    std::vector<ThingNo> out;
    for (const int n : doing.items) {
        const auto kind = job.thing(n).kind;
        if (kind == ItemKind::Part || kind == ItemKind::Fastener || kind == ItemKind::Seal) out.push_back(n);
    }
    return out;
}

bool open_below(const State& s, const Fluid& fluid) {
    return std::any_of(fluid.bottom.begin(), fluid.bottom.end(), [&](int n) { return runs_out_of(s, n); });
}

bool fills_to_plug(const State& s, const Job& job, const Doing& doing, int fluid) {
    const auto& system = job.fluid(fluid);
    if (open_below(s, system) || first_off(s, system.side) == kNone) return false;
    // where nothing closes the top it is filled at its level plug, and runs over there
    if (doing.to_overflow || system.top.empty()) return true;
    // no other thing shows the level: the open plug does
    const bool other = std::any_of(job.things.begin(), job.things.end(), [&](const Thing& t) {
        return t.gauge && std::find(t.shows.begin(), t.shows.end(), fluid) != t.shows.end() && t.at != Opening::Side;
    });
    return !other &&
        !(system.rule && system.rule->gauge != LevelRule::Gauge::WeepingPlug && system.rule->gauge != LevelRule::Gauge::Unknown);
}

bool reads_level(const Job& job, const Doing& doing, int fluid) {
    if (doing.verb != Verb::Inspect && doing.verb != Verb::Check && doing.verb != Verb::Measure) return false;
    return std::any_of(doing.items.begin(), doing.items.end(), [&](int n) {
        const auto& t = job.thing(n);
        if (t.gauge) return std::find(t.shows.begin(), t.shows.end(), fluid) != t.shows.end();
        return n == job.fluid(fluid).thing || (t.fluid == fluid && t.at == Opening::Side);
    });
}

bool may_be_read(const State& s, const Job& job, int fluid) {
    if (job.asks_level && !s.level) return false;
    const auto& rule = job.fluid(fluid).rule;
    if (!rule) return true;
    if (rule->engine == LevelRule::Engine::Stopped && s.running) return false;
    if (rule->engine == LevelRule::Engine::Running && !s.running) return false;
    if (rule->temperature == LevelRule::Temperature::Warm && !s.warm) return false;
    if (rule->temperature == LevelRule::Temperature::Cold && s.hot) return false;
    return s.minutes_stopped >= rule->minutes_after || rule->engine == LevelRule::Engine::Running;
}

std::vector<int> looked_at(const Job& job, const Doing& doing) {
    std::vector<int> out;
    const auto all = [&] {
        out.clear();
        for (std::size_t f = 0; f < job.fluids.size(); ++f) out.push_back(static_cast<int>(f));
    };
    const auto add = [&](int f) {
        if (f != kNone && std::find(out.begin(), out.end(), f) == out.end()) out.push_back(f);
    };
    if (doing.items.empty()) all();
    for (const int n : doing.items) {
        const auto& t = job.thing(n);
        if (t.gauge) continue;
        if (t.machine || (t.fluid == kNone && !t.seals.empty())) all();
        add(t.fluid);
        // a seal stands for what it sits under
        for (std::size_t c = 0; c < job.things.size(); ++c)
            if (std::find(job.things[c].seals.begin(), job.things[c].seals.end(), n) != job.things[c].seals.end()) add(job.things[c].fluid);
    }
    if (doing.verb != Verb::Measure)
        for (const int f : doing.fluids) add(f);
    return out;
}

}  // namespace anagraph::core::dryrun
