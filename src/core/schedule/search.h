// Search: the order of least time among those the dry run allows. Branch and bound over prefixes that are walked together; a prefix
// that another one makes superfluous is dropped.
#pragma once

#include <functional>
#include <vector>

#include "core/dryrun/walk.h"
#include "core/schedule/timetable.h"

namespace anagraph::core::schedule {

/// An order with who does each step.
struct Placing {
    int step = 0;
    int who = 0;
    friend bool operator==(const Placing&, const Placing&) = default;
};

/// What is allowed: what is looked at in the hand stays looked at in the hand; and the findings of the written order, which any other may
/// have too, and the steps that stay where they are.
class Allowed {
public:
    explicit Allowed(const dryrun::Job& job);
    const dryrun::Job& job() const { return *job_; }
    /// A walk of an order that begins with that step.
    dryrun::Walk begin(int step) const;
    bool pinned(int step) const { return pinned_[static_cast<std::size_t>(step)]; }
    /// Has the walk found something from its finding number `from` on that the written order does not have?
    bool is_worse(const dryrun::Walk& walk, std::size_t from) const;
    /// May the step come after those that are done? What is written into the book is what was done before it: such a step is passed by
    /// none that stands before it.
    bool after(int step, const std::vector<bool>& done) const;
    /// Does a whole order keep the pinned steps in place and find nothing new?
    bool order(const std::vector<int>& steps) const;

private:
    const dryrun::Job* job_;
    std::vector<dryrun::Found> written_;  // without words
    std::vector<std::vector<dryrun::Seat>> seats_;
    std::vector<bool> pinned_;
    std::vector<bool> records_;
};

/// How many steps can stand anywhere but where they are written, the others staying; counted up to one more than are always proved.
std::size_t movable(const Allowed& allowed);

/// Two steps that may not change places in the written order by the dry run are never done at the same time.
void tell_apart(const Allowed& allowed, Load& load);

struct Best {
    std::vector<Placing> order;
    Seconds seconds = 0;
    bool proved = true;
    Seconds bound = 0;  // no order takes less
};

/// The best order for one or two people; the written one where the search is given up at once. `go_on` as in plan().
Best best_order(const Allowed& allowed, const Load& load, int people, const std::function<bool()>& go_on);

/// The written order, with two people each step given to whoever can begin it first, and how long it takes.
std::vector<Placing> as_written(const Load& load, int people);
Seconds length_of(const Load& load, const std::vector<Placing>& order, int people);

/// Steps of which a later one stands before an earlier one, counted over all pairs: how far an order is from the written one.
int inversions(const std::vector<Placing>& order);

}  // namespace anagraph::core::schedule
