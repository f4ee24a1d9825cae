#include "core/schedule/timetable.h"

#include <algorithm>
#include <set>

#include "core/dryrun/act.h"

namespace anagraph::core::schedule {
namespace {

using dryrun::Doing;
using dryrun::Job;

/// What a step acts on: systems, parts, the machine as a whole.
struct Touches {
    std::set<int> fluids;
    std::set<int> parts;
    bool machine = false;   // runs, stops, locks, frees or lifts it, or is about it as a whole
    bool whole = false;     // what is written into the book is about all that was done
    bool hands_in = false;  // hands are in it
    bool runs = false;      // it is run in it, and stands still at the end
    bool opens = false;     // something of a system comes off or is drained
    bool asks_cold = false;
    bool waits_for_machine = false;  // its wait is of the machine as a whole
    bool cools = false;              // its wait brings a temperature
};

bool of_whole_machine(Verb verb) {
    return verb == Verb::Run || verb == Verb::Stop || verb == Verb::Isolate || verb == Verb::Release || verb == Verb::Lift ||
        verb == Verb::Lower;
}

void touch(const Job& job, const Doing& d, Touches& out) {
    if (d.verb == Verb::Record) out.whole = true;
    if (d.verb == Verb::Record || d.verb == Verb::Dispose || d.verb == Verb::Place) return;
    out.fluids.insert(d.fluids.begin(), d.fluids.end());
    for (const int n : d.items) {
        const auto& t = job.thing(n);
        if (t.fluid != dryrun::kNone) out.fluids.insert(t.fluid);
        if (t.gauge) out.fluids.insert(t.shows.begin(), t.shows.end());
        if (t.kind == ItemKind::Part || t.kind == ItemKind::Fastener || t.kind == ItemKind::Seal) out.parts.insert(n);
        for (std::size_t c = 0; c < job.things.size(); ++c)
            if (job.things[c].fluid != dryrun::kNone &&
                std::find(job.things[c].seals.begin(), job.things[c].seals.end(), n) != job.things[c].seals.end())
                out.fluids.insert(job.things[c].fluid);
        if (t.machine) out.machine = true;
        if (t.fluid != dryrun::kNone && (takes_off(d.verb) || d.verb == Verb::Replace)) out.opens = true;
    }
    if (d.verb == Verb::Drain) out.opens = true;
    if (d.verb == Verb::Run) out.runs = true;
    if (of_whole_machine(d.verb)) out.machine = true;
    if (dryrun::hands_in(d.verb)) out.hands_in = true;
    if (d.verb == Verb::Wait && d.items.empty()) out.waits_for_machine = true;
    if (d.verb == Verb::Wait && d.temperature) out.cools = true;
}

Touches touches_of(const Job& job, const dryrun::JobStep& step) {
    Touches out;
    for (const auto& d : step.doings) touch(job, d, out);
    const auto& states = step.step->states;
    out.asks_cold = std::find(states.begin(), states.end(), MachineState::Cold) != states.end();
    if (step.waits_to_cool) out.cools = true;
    if (step.doings.empty()) out.waits_for_machine = true;
    return out;
}

bool meet(const std::set<int>& a, const std::set<int>& b) {
    return std::any_of(a.begin(), a.end(), [&](int x) { return b.count(x) != 0; });
}

}  // namespace

Load load_of(const Job& job, const std::vector<StepTimes>& times) {
    Load out;
    std::vector<Touches> touches;
    for (std::size_t i = 0; i < job.steps.size(); ++i) {
        touches.push_back(touches_of(job, job.steps[i]));
        out.before.push_back(times[i].before);
        out.held.push_back(times[i].held());
        out.alone.push_back(times[i].alone());
        out.last.push_back(touches.back().whole);
    }
    const std::size_t n = touches.size();
    out.waits_for.assign(n, std::vector<bool>(n, false));
    out.apart = out.waits_for;
    for (std::size_t j = 0; j < n; ++j)
        for (std::size_t i = 0; i < n; ++i) {
            if (i == j) continue;
            const auto& a = touches[i];
            const auto& b = touches[j];
            const bool same = meet(a.fluids, b.fluids) || meet(a.parts, b.parts) || (a.machine && b.machine);
            out.waits_for[j][i] = same || b.whole || (a.runs && (b.hands_in || b.machine || !b.parts.empty() || !b.fluids.empty())) ||
                (b.machine && !a.fluids.empty()) || (a.waits_for_machine && (b.hands_in || b.machine)) ||
                (a.cools && (b.opens || b.asks_cold));
            out.apart[j][i] = same || (a.machine && b.hands_in) || (b.machine && a.hands_in);
        }
    group(out);
    return out;
}

namespace {

/// Steps that are all related to one another, grown from each of them.
template <class Related>
std::vector<std::vector<int>> groups_of(std::size_t n, Related&& related) {
    std::vector<std::vector<int>> out;
    for (std::size_t seed = 0; seed < n; ++seed) {
        std::vector<int> group{static_cast<int>(seed)};
        for (std::size_t i = 0; i < n; ++i)
            if (i != seed && std::all_of(group.begin(), group.end(), [&](int g) { return related(i, static_cast<std::size_t>(g)); }))
                group.push_back(static_cast<int>(i));
        std::sort(group.begin(), group.end());
        if (group.size() > 1 && std::find(out.begin(), out.end(), group) == out.end()) out.push_back(std::move(group));
    }
    return out;
}

}  // namespace

void group(Load& load) {
    const std::size_t n = load.held.size();
    load.one_by_one = groups_of(n, [&](std::size_t i, std::size_t j) { return load.apart[i][j]; });
    load.in_a_row = groups_of(n, [&](std::size_t i, std::size_t j) {
        return (load.waits_for[i][j] && load.waits_for[j][i]) || (load.last[i] && j < i) || (load.last[j] && i < j);
    });
}

Timetable::Timetable(const Load& load, int people)
    : load_(&load), free_(static_cast<std::size_t>(people), 0), where_(load.held.size(), -1) {}

void Timetable::place(int step, int who) {
    const auto s = static_cast<std::size_t>(step);
    Placed now{step, who};
    const auto not_before = [&](Seconds at, int because) {
        if (at > now.begin) now.begin = at, now.held_by = because;
    };
    not_before(last_begin_, placed_.empty() ? -1 : placed_.back().step);
    Seconds person = free_[static_cast<std::size_t>(who)];
    int last_of_person = -1;
    for (const auto& p : placed_) {
        const auto other = static_cast<std::size_t>(p.step);
        if (p.who == who) last_of_person = p.step;
        if (load_->apart[s][other]) not_before(p.hands_end, p.step);
        if (load_->waits_for[s][other]) not_before(p.wait_end, p.step);
    }
    // nobody is needed for a wait that comes first
    now.hands = now.begin + load_->before[s];
    if (person > now.hands) {
        now.hands = person;
        now.begin = person - load_->before[s];
        now.held_by = last_of_person;
    }
    now.hands_end = now.hands + load_->held[s];
    now.wait_end = now.hands_end + load_->alone[s];
    free_[static_cast<std::size_t>(who)] = now.hands_end;
    last_begin_ = now.begin;
    end_ = std::max(end_, now.wait_end);
    where_[s] = static_cast<int>(placed_.size());
    placed_.push_back(now);
}

bool Timetable::as_early_as(const Timetable& other) const {
    if (end_ > other.end_ || last_begin_ > other.last_begin_) return false;
    // from here on the two people are alike
    auto mine = free_;
    auto theirs = other.free_;
    std::sort(mine.begin(), mine.end());
    std::sort(theirs.begin(), theirs.end());
    for (std::size_t i = 0; i < mine.size(); ++i)
        if (mine[i] > theirs[i]) return false;
    // an end that lies before everything that is still to come is felt by nobody
    const Seconds floor = theirs.front();
    for (const auto& p : placed_) {
        if (p.wait_end <= floor) continue;
        const int at = other.where_[static_cast<std::size_t>(p.step)];
        if (at < 0) return false;
        const auto& o = other.placed_[static_cast<std::size_t>(at)];
        if (p.wait_end > o.wait_end || (p.hands_end > o.hands_end && p.hands_end > floor)) return false;
    }
    return true;
}

}  // namespace anagraph::core::schedule
