#include "core/dryrun/state.h"

#include <algorithm>

namespace anagraph::core::dryrun {

State found_state(const Job& job, int first_step) {
    State s;
    s.things.resize(job.things.size());
    s.in_vessels.resize(job.things.size(), 0);
    for (std::size_t i = 0; i < job.things.size(); ++i) {
        if (job.things[i].starts_off) s.things[i].seat = Seat::Off;
        if (job.things[i].starts_open) s.things[i].seat = Seat::Open;
    }
    s.fluids.resize(job.fluids.size());
    for (std::size_t i = 0; i < job.fluids.size(); ++i) s.fluids[i].inside = {0, most_out(job.fluids[i])};
    if (first_step == kNone) return s;
    const auto& asked = job.at(first_step).step->states;
    const auto asks = [&](MachineState m) { return std::find(asked.begin(), asked.end(), m) != asked.end(); };
    s.level = asks(MachineState::Level);
    s.cold = asks(MachineState::Cold);
    s.warm = asks(MachineState::Warm) || asks(MachineState::Running);
    s.running = asks(MachineState::Running);
    s.isolated = asks(MachineState::Isolated) || asks(MachineState::LockedOff);
    s.raised = asks(MachineState::OnStands) ? Raised::OnStands : Raised::Down;
    return s;
}

bool is_off(const State& s, ThingNo n) { return s.at(n).seat != Seat::On; }

bool runs_out_of(const State& s, ThingNo n) { return is_off(s, n) || s.at(n).grip == Grip::Loose; }

ThingNo first_off(const State& s, const std::vector<ThingNo>& list) {
    const auto it = std::find_if(list.begin(), list.end(), [&](ThingNo n) { return is_off(s, n); });
    return it == list.end() ? kNone : *it;
}

Range residue_of(const Fluid& fluid) {
    if (!fluid.total) return {0, kUnknown};
    if (!fluid.refill) return {0, fluid.total->high};
    return {0, std::max(0.0, fluid.total->high - fluid.refill->low)};
}

double most_out(const Fluid& fluid) {
    if (fluid.total) return fluid.total->high;
    return fluid.refill ? fluid.refill->high : kUnknown;
}

bool holds(const State& s, MachineState state) {
    switch (state) {
        case MachineState::Level:
            return s.level;
        case MachineState::Cold:
            return s.cold;
        case MachineState::Warm:
            return s.warm;
        case MachineState::Running:
            return s.running;
        case MachineState::Stopped:
            return !s.running;
        case MachineState::Isolated:
        case MachineState::LockedOff:
            return s.isolated;
        case MachineState::OnStands:
            return s.raised == Raised::OnStands;
    }
    return true;
}

}  // namespace anagraph::core::dryrun
