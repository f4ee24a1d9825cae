#include "core/schedule/search.h"

#include <algorithm>
#include <map>
#include <memory>
#include <numeric>
#include <queue>

namespace anagraph::core::schedule {
namespace {

using dryrun::Walk;

/// So many steps that can move are proved whatever it takes; with more of them, so many steps are walked and no more, and what is
/// best so far is given with its bound.
constexpr std::size_t kProved = 12;
constexpr std::size_t kMostWalked = 9000;
/// After so many the shortest order is looked for and no longer, among the shortest, the nearest to the written one.
constexpr std::size_t kNearest = 15000;
/// And after so many even a small guide is given with its bound: somebody waits.
constexpr std::size_t kPatience = 300000;
/// Steps beyond this number are left as they are written.
constexpr std::size_t kMostSteps = 200;

struct Prefix {
    std::vector<Placing> order;
    std::vector<bool> done;
    std::shared_ptr<const Walk> walk;
    Timetable times;
    int inversions = 0;
    Seconds bound = 0;  // no order that begins so takes less
};

/// First what can become the best, of equals the nearest to the written order, of those what is nearly complete.
struct Later {
    bool operator()(const std::shared_ptr<Prefix>& a, const std::shared_ptr<Prefix>& b) const {
        if (a->bound != b->bound) return a->bound > b->bound;
        if (a->inversions != b->inversions) return a->inversions > b->inversions;
        return a->order.size() < b->order.size();
    }
};

class Search {
public:
    Search(const Allowed& allowed, const Load& load, int people, const std::function<bool()>& go_on)
        : allowed_(allowed), load_(load), people_(people), go_on_(go_on), steps_(load.held.size()) {
        Seconds common = 0;
        for (const auto* times : {&load.before, &load.held, &load.alone})
            for (const Seconds t : *times) common = std::gcd(common, t);
        grain_ = std::max<Seconds>(1, common);
    }

    Best run() {
        Best best;
        best.order = as_written(load_, people_);
        best.seconds = length_of(load_, best.order, people_);
        if (steps_ == 0) return best;
        auto first = std::make_shared<Prefix>(Prefix{{}, std::vector<bool>(steps_, false), nullptr, Timetable(load_, people_)});
        first->bound = bound_of(*first);
        best.bound = first->bound;
        if (best.bound >= best.seconds) return best;  // the written order is as short as any can be
        if (steps_ > kMostSteps) {
            best.proved = false;
            return best;
        }
        const Seconds bound = best.bound;
        best = improved(std::move(best));  // the shorter what is known, the less has to be looked at
        best.bound = bound;
        most_walked_ = movable(allowed_) > kProved ? kMostWalked : kPatience;
        queue_.push(std::move(first));
        std::size_t looked_at = 0;
        while (!queue_.empty()) {
            const auto prefix = queue_.top();
            queue_.pop();
            if (prefix->order.size() == steps_) return {prefix->order, prefix->times.end(), true, prefix->times.end()};
            if (hurries() && prefix->bound >= best.seconds) break;  // and so are all the others
            if (is_superfluous(*prefix)) continue;
            if (walked_ > most_walked_ || (++looked_at % 16 == 0 && go_on_ && !go_on_())) {
                best.proved = false;
                best.bound = prefix->bound;
                best.proved = best.seconds <= best.bound;
                return best;
            }
            extend(*prefix, hurries() ? best.seconds - 1 : best.seconds);
        }
        best.bound = best.seconds;
        return best;
    }

private:
    Seconds bound_of(const Prefix& p) const {
        Seconds work = 0;
        Seconds tail = p.times.end();
        Seconds soonest = p.times.free_at(0);
        Seconds sum = 0;
        for (int w = 0; w < people_; ++w) {
            soonest = std::min(soonest, p.times.free_at(w));
            sum += p.times.free_at(w);
        }
        for (std::size_t i = 0; i < steps_; ++i) {
            if (p.done[i]) continue;
            work += load_.held[i];
            Seconds begin = std::max(soonest, load_.before[i]);
            for (const auto& placed : p.times.placed())
                if (load_.waits_for[i][static_cast<std::size_t>(placed.step)]) begin = std::max(begin, placed.wait_end + load_.before[i]);
            tail = std::max(tail, begin + load_.held[i] + load_.alone[i]);
        }
        for (const auto& group : load_.one_by_one) tail = std::max(tail, end_of(p, group, soonest, false));
        for (const auto& group : load_.in_a_row) tail = std::max(tail, end_of(p, group, soonest, true));
        // every moment of a plan is a sum of its times: nothing ends between two multiples of what they have in common
        const Seconds bound = std::max(tail, (sum + work + people_ - 1) / people_);
        return (bound + grain_ - 1) / grain_ * grain_;
    }

    /// When what is still to be done of a group can end at the soonest, one after the other, with the waits between them or without.
    Seconds end_of(const Prefix& p, const std::vector<int>& group, Seconds soonest, bool with_waits) const {
        Seconds together = 0;
        for (const int g : group) {
            const auto i = static_cast<std::size_t>(g);
            if (!p.done[i]) together += load_.held[i] + (with_waits ? load_.alone[i] : 0);
        }
        if (together == 0) return 0;
        for (const auto& placed : p.times.placed())
            if (std::binary_search(group.begin(), group.end(), placed.step))
                soonest = std::max(soonest, with_waits ? placed.wait_end : placed.hands_end);
        return soonest + together;
    }

    void extend(const Prefix& p, Seconds at_most) {
        const auto place = p.order.size();
        for (std::size_t i = 0; i < steps_; ++i) {
            const int step = static_cast<int>(i);
            if (p.done[i] || !allowed_.after(step, p.done)) continue;
            // what is pinned has its place, and its place has it
            if (allowed_.pinned(step) ? i != place : allowed_.pinned(static_cast<int>(place))) continue;
            auto walk = p.walk == nullptr ? std::make_shared<Walk>(allowed_.begin(step)) : std::make_shared<Walk>(*p.walk);
            const std::size_t found = walk->found().size();
            ++walked_;
            walk->go(step);
            if (place + 1 == steps_) walk->finish();
            if (allowed_.is_worse(*walk, found)) continue;
            int before = 0;
            for (std::size_t k = 0; k < i; ++k) before += p.done[k] ? 0 : 1;
            // who begins makes no difference
            const int choices = people_ == 1 || place == 0 ? 1 : 2;
            for (int who = 0; who < choices; ++who) {
                auto next = std::make_shared<Prefix>(p);
                next->order.push_back({step, who});
                next->done[i] = true;
                next->walk = walk;
                next->times.place(step, who);
                next->inversions += before;
                next->bound = bound_of(*next);
                if (next->bound <= at_most && !is_superfluous(*next, true)) queue_.push(std::move(next));
            }
        }
    }

    /// Another prefix of the same steps leaves the machine in the same state, no later, and is no further from the written order.
    /// `keep`: it is kept to compare others with.
    bool is_superfluous(const Prefix& p, bool keep = false) {
        if (p.order.empty() || p.order.size() == steps_) return false;
        auto& others = by_steps_[p.done];
        for (const auto& o : others) {
            if (o.order == p.order) return false;
            if ((hurries() || o.inversions <= p.inversions) && o.times.as_early_as(p.times) && o.walk->state() == p.walk->state())
                return true;
        }
        if (keep) others.push_back(p);
        return false;
    }

    bool hurries() const { return walked_ > kNearest; }

    /// One step after the other is put where the whole becomes shortest, as long as that helps.
    Best improved(Best best) const {
        bool better = steps_ <= kMostSteps;
        while (better && (!go_on_ || go_on_())) {
            better = false;
            for (std::size_t from = 0; from < steps_ && !better; ++from)
                for (std::size_t at = 0; at < steps_ * static_cast<std::size_t>(people_) && !better; ++at) {
                    const std::size_t to = at % steps_;
                    auto order = best.order;
                    auto moved = order[from];
                    if (at >= steps_) moved.who = 1 - moved.who;
                    if (from == to && at < steps_) continue;
                    order.erase(order.begin() + static_cast<std::ptrdiff_t>(from));
                    order.insert(order.begin() + static_cast<std::ptrdiff_t>(to), moved);
                    const Seconds seconds = length_of(load_, order, people_);
                    if (seconds >= best.seconds) continue;
                    std::vector<int> steps;
                    for (const auto& p : order) steps.push_back(p.step);
                    if (!allowed_.order(steps)) continue;
                    best.order = std::move(order);
                    best.seconds = seconds;
                    better = true;
                }
        }
        return best;
    }

    const Allowed& allowed_;
    const Load& load_;
    int people_;
    const std::function<bool()>& go_on_;
    std::size_t steps_;
    Seconds grain_ = 1;
    std::size_t walked_ = 0;
    std::size_t most_walked_ = 0;
    std::priority_queue<std::shared_ptr<Prefix>, std::vector<std::shared_ptr<Prefix>>, Later> queue_;
    std::map<std::vector<bool>, std::vector<Prefix>> by_steps_;
};

}  // namespace

Allowed::Allowed(const dryrun::Job& job) : job_(&job), written_(dryrun::walked(job, false).found()), seats_(dryrun::written_seats(job)) {
    for (const auto& step : job.steps) {
        pinned_.push_back(step.step->pinned);
        records_.push_back(
            std::any_of(step.doings.begin(), step.doings.end(), [](const dryrun::Doing& d) { return d.verb == Verb::Record; }));
    }
}

Walk Allowed::begin(int step) const {
    Walk walk(*job_, step, false);
    walk.compare_with(seats_);
    return walk;
}

bool Allowed::after(int step, const std::vector<bool>& done) const {
    return !records_[static_cast<std::size_t>(step)] || std::all_of(done.begin(), done.begin() + step, [](bool d) { return d; });
}

bool Allowed::is_worse(const Walk& walk, std::size_t from) const {
    if (walk.differs()) return true;
    const auto& found = walk.found();
    for (std::size_t i = from; i < found.size(); ++i)
        if (std::none_of(written_.begin(), written_.end(), [&](const dryrun::Found& w) {
                return w.rule == found[i].rule && w.at.step == found[i].at.step && w.things == found[i].things;
            }))
            return true;
    return false;
}

bool Allowed::order(const std::vector<int>& steps) const {
    for (std::size_t i = 0; i < steps.size(); ++i)
        if (pinned(static_cast<int>(i)) && steps[i] != static_cast<int>(i)) return false;
    if (steps.empty()) return true;
    Walk walk = begin(steps.front());
    std::vector<bool> done(steps.size(), false);
    for (const int s : steps) {
        if (!after(s, done)) return false;
        done[static_cast<std::size_t>(s)] = true;
        const std::size_t found = walk.found().size();
        walk.go(s);
        if (is_worse(walk, found)) return false;
    }
    const std::size_t found = walk.found().size();
    walk.finish();
    return !is_worse(walk, found);
}

void tell_apart(const Allowed& allowed, Load& load) {
    const std::size_t n = load.held.size();
    std::vector<int> written(n);
    std::iota(written.begin(), written.end(), 0);
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = i + 1; j < n; ++j) {
            if (load.apart[i][j]) continue;
            const auto from = written.begin() + static_cast<std::ptrdiff_t>(i);
            const auto to = written.begin() + static_cast<std::ptrdiff_t>(j);
            auto later_first = written;  // j comes straight before i
            std::rotate(later_first.begin() + static_cast<std::ptrdiff_t>(i), later_first.begin() + static_cast<std::ptrdiff_t>(j),
                later_first.begin() + static_cast<std::ptrdiff_t>(j) + 1);
            auto earlier_last = written;  // i comes straight after j
            std::rotate(earlier_last.begin() + (from - written.begin()), earlier_last.begin() + (from - written.begin()) + 1,
                earlier_last.begin() + (to - written.begin()) + 1);
            if (!allowed.order(later_first) && !allowed.order(earlier_last)) load.apart[i][j] = load.apart[j][i] = true;
        }
    group(load);
}

std::size_t movable(const Allowed& allowed) {
    const std::size_t n = allowed.job().steps.size();
    std::size_t count = 0;
    for (std::size_t from = 0; from < n; ++from) {
        bool moves = false;
        // from its own place outwards: what can move at all mostly passes its neighbour
        for (std::size_t by = 1; by < n && !moves; ++by)
            for (const bool up : {true, false}) {
                if (moves || (up ? from < by : from + by >= n)) continue;
                std::vector<int> order(n);
                std::iota(order.begin(), order.end(), 0);
                order.erase(order.begin() + static_cast<std::ptrdiff_t>(from));
                order.insert(order.begin() + static_cast<std::ptrdiff_t>(up ? from - by : from + by), static_cast<int>(from));
                moves = allowed.order(order);
            }
        count += moves ? 1 : 0;
        if (count > kProved) return count;
    }
    return count;
}

Best best_order(const Allowed& allowed, const Load& load, int people, const std::function<bool()>& go_on) {
    return Search(allowed, load, people, go_on).run();
}

std::vector<Placing> as_written(const Load& load, int people) {
    // with two people each step goes to whoever can begin it first
    std::vector<Placing> out;
    Timetable table(load, people);
    for (std::size_t i = 0; i < load.held.size(); ++i) {
        int who = 0;
        if (people == 2) {
            Timetable by_a = table, by_b = table;
            by_a.place(static_cast<int>(i), 0);
            by_b.place(static_cast<int>(i), 1);
            if (by_b.placed().back().begin < by_a.placed().back().begin) who = 1;
        }
        table.place(static_cast<int>(i), who);
        out.push_back({static_cast<int>(i), who});
    }
    return out;
}

Seconds length_of(const Load& load, const std::vector<Placing>& order, int people) {
    Timetable table(load, people);
    for (const auto& p : order) table.place(p.step, p.who);
    return table.end();
}

int inversions(const std::vector<Placing>& order) {
    int out = 0;
    for (std::size_t i = 0; i < order.size(); ++i)
        for (std::size_t k = i + 1; k < order.size(); ++k) out += order[k].step < order[i].step ? 1 : 0;
    return out;
}

}  // namespace anagraph::core::schedule
