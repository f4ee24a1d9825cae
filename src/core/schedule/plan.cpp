#include "core/schedule/plan.h"

#include <fmt/format.h>

#include <algorithm>
#include <numeric>
#include <set>

#include "core/base/letters.h"
#include "core/edits/change_label.h"
#include "core/schedule/search.h"

namespace anagraph::core {
namespace {

using namespace schedule;

std::vector<StepTimes> times_of_all(const dryrun::Job& job) {
    std::vector<StepTimes> out;
    for (const auto& step : job.steps) out.push_back(times_of(job.guide, *step.step, job.variant));
    return out;
}

/// The tasks of a laid out order, one after the other.
std::vector<PlannedTask> tasks_of(const dryrun::Job& job, const std::vector<StepTimes>& times, const Timetable& table) {
    using Part = PlannedTask::Part;
    std::vector<PlannedTask> out;
    for (const auto& p : table.placed()) {
        const auto& id = job.at(p.step).step->id;
        const auto& t = times[static_cast<std::size_t>(p.step)];
        if (t.before > 0) out.push_back({id, Part::Wait, p.hands - t.before, p.hands, -1});
        out.push_back({id, Part::Hands, p.hands, p.hands + t.hands, p.who});
        Seconds at = p.hands + t.hands;
        for (std::size_t i = 0; i < t.waits.size(); ++i) {
            // who is needed later on stays through what comes before
            const bool held = std::any_of(
                t.waits.begin() + static_cast<std::ptrdiff_t>(i), t.waits.end(), [](const StepTimes::Wait& w) { return w.attended; });
            out.push_back({id, Part::Wait, at, at + t.waits[i].seconds, held ? p.who : -1});
            at += t.waits[i].seconds;
        }
    }
    std::stable_sort(out.begin(), out.end(), [](const PlannedTask& a, const PlannedTask& b) { return a.from < b.from; });
    return out;
}

/// The steps without which the job would be shorter: back from the one that ends last, each time to what it had to wait for.
std::vector<int> critical_of(const Timetable& table) {
    const auto& placed = table.placed();
    std::vector<int> out;
    auto it = std::find_if(placed.begin(), placed.end(), [&](const Timetable::Placed& p) { return p.wait_end == table.end(); });
    while (it != placed.end() && out.size() < placed.size()) {
        out.push_back(it->step);
        const int before = it->held_by;
        it = std::find_if(placed.begin(), placed.end(), [&](const Timetable::Placed& p) { return p.step == before; });
    }
    std::reverse(out.begin(), out.end());
    return out;
}

/// The steps that have to move for another order, as few as possible: all but a longest run that keeps its order.
std::vector<int> moved_in(const std::vector<Placing>& order) {
    const std::size_t n = order.size();
    std::vector<std::size_t> longest(n, 1), before(n, n);
    std::size_t last = 0;
    for (std::size_t i = 0; i < n; ++i) {
        for (std::size_t k = 0; k < i; ++k)
            if (order[k].step < order[i].step && longest[k] + 1 > longest[i]) longest[i] = longest[k] + 1, before[i] = k;
        if (longest[i] > longest[last]) last = i;
    }
    std::set<int> stay;
    for (std::size_t i = last; i < n; i = before[i]) stay.insert(order[i].step);
    std::vector<int> out;
    for (const auto& p : order)
        if (stay.count(p.step) == 0) out.push_back(p.step);
    return out;
}

/// The edits that put the guide's steps into the order, each step moved at most once. Steps of other variants stay where they are.
std::vector<Edit> moves_to(const Procedure& p, const std::vector<StepId>& wanted) {
    std::vector<int> now(p.steps.size());
    std::iota(now.begin(), now.end(), 0);
    std::vector<Placing> target;
    std::size_t next = 0;
    for (const auto& s : p.steps) {
        const auto& id = std::find(wanted.begin(), wanted.end(), s.id) == wanted.end() ? s.id : wanted[next++];
        target.push_back(
            {static_cast<int>(std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& o) { return o.id == id; }) - p.steps.begin()),
                0});
    }
    const auto moved = moved_in(target);
    std::set<int> unsettled(moved.begin(), moved.end());
    std::vector<Edit> out;
    int before = -1;  // the step that the next one comes after
    for (const auto& [step, who] : target) {
        if (unsettled.erase(step) != 0) {
            std::erase(now, step);
            const auto at = before < 0 ? now.begin() : std::find(now.begin(), now.end(), before) + 1;
            out.emplace_back(MoveStep{p.steps[static_cast<std::size_t>(step)].id, static_cast<std::size_t>(at - now.begin())});
            now.insert(at, step);
        }
        before = step;
    }
    return out;
}

Words heading_of(const dryrun::Job& job, int step) {
    const auto& heading = job.at(step).step->heading;
    return heading.empty() ? say(key("Plan", "Step {0}"), job.at(step).number) : Words(heading);
}

/// "Change the canister during the wait of step 4: 8 min less."
Words words_for(const dryrun::Job& job, const Timetable& table, const std::vector<int>& moved, Seconds less) {
    const auto& placed = table.placed();
    const auto position = [&](int step) {
        return std::find_if(placed.begin(), placed.end(), [&](const Timetable::Placed& p) { return p.step == step; }) - placed.begin();
    };
    // what has changed places with something and is done in another step's wait now
    const auto has_moved = [&](const Timetable::Placed& own) {
        return std::any_of(placed.begin(), placed.end(), [&](const Timetable::Placed& p) {
            return p.step != own.step && (own.step < p.step) != (position(own.step) < position(p.step));
        });
    };
    for (const auto& own : placed)
        for (const auto& p : placed) {
            const bool within = p.step != own.step &&
                ((own.hands >= p.hands_end && own.hands < p.wait_end) || (own.hands >= p.begin && own.hands < p.hands));
            if (within && has_moved(own))
                return moved.size() > 1 ? say(key("Plan", "{0} during the wait of step {1}, and move {2} more: {3} less."),
                                              heading_of(job, own.step), job.at(p.step).number, moved.size() - 1, time_text(less))
                                        : say(key("Plan", "{0} during the wait of step {1}: {2} less."), heading_of(job, own.step),
                                              job.at(p.step).number, time_text(less));
        }
    return moved.size() > 1 ? say(key("Plan", "{0} and {1} more in another place: {2} less."), heading_of(job, moved.front()),
                                  moved.size() - 1, time_text(less))
                            : say(key("Plan", "{0} in another place: {1} less."), heading_of(job, moved.front()), time_text(less));
}

}  // namespace

Plan plan(const Procedure& p, std::string_view variant, int people, const std::function<bool()>& go_on) {
    const dryrun::Job job = dryrun::job_of(p, variant);
    const Allowed allowed(job);
    const auto times = times_of_all(job);
    Load load = load_of(job, times);
    if (people == 2 && job.steps.size() <= 100) tell_apart(allowed, load);
    const Best best = best_order(allowed, load, people, go_on);

    Plan out;
    out.variant = std::string(variant);
    out.people = people;
    out.optimal = best.proved;
    out.seconds = best.seconds;
    if (!best.proved && best.bound > 0)
        out.at_most_longer = 100.0 * static_cast<double>(best.seconds - best.bound) / static_cast<double>(best.bound);
    Timetable table(load, people);
    for (const auto& placed : best.order) {
        table.place(placed.step, placed.who);
        out.order.push_back(job.at(placed.step).step->id);
    }
    out.as_written = length_of(load, schedule::as_written(load, people), people);
    out.tasks = tasks_of(job, times, table);
    for (const int step : critical_of(table)) out.critical.push_back(job.at(step).step->id);
    for (int who = 0; who < people; ++who) {
        Seconds busy = 0;
        for (const auto& t : table.placed()) busy += t.who == who ? t.hands_end - t.hands : 0;
        out.idle.push_back(table.end() - busy);
    }
    for (std::size_t i = 0; i < times.size(); ++i)
        if (times[i].from == TimeFrom::Nothing) out.time_unknown.push_back(job.steps[i].step->id);
    const auto moved = moved_in(best.order);
    for (const int step : moved) out.moved.push_back(job.at(step).step->id);
    if (!moved.empty() && best.seconds < out.as_written)
        out.suggestion = Suggestion{
            words_for(job, table, moved, out.as_written - best.seconds), {change_label("take another order"), moves_to(p, out.order)}};
    return out;
}

}  // namespace anagraph::core
