// Timetable: when each step of an order is done, by whom. The rules of plan.h, without any search.
#pragma once

#include <vector>

#include "core/dryrun/job.h"
#include "core/schedule/step_times.h"

namespace anagraph::core::schedule {

/// What a plan needs to know of a job's steps, worked out once.
struct Load {
    std::vector<Seconds> before, held, alone;  // of each step
    std::vector<bool> last;                    // it comes after all that is written before it: the entry in the book
    std::vector<std::vector<bool>> waits_for;  // [j][i]: j, coming after i, begins once the waits of i have ended
    std::vector<std::vector<bool>> apart;      // [j][i]: never done at the same time by two people
    std::vector<std::vector<int>> one_by_one;  // steps of which each is apart from every other; see group()
    std::vector<std::vector<int>> in_a_row;    // and of which each waits for every other, whatever the order: a bound with their waits
};
/// `times` in the order of the job's steps. Two steps that may not change places by the dry run are apart as well; that is told later
/// (search.h).
Load load_of(const dryrun::Job& job, const std::vector<StepTimes>& times);

/// Finds steps that are all apart from one another, once it is known which are: what they take together is a bound.
void group(Load& load);

/// An order in the middle of being laid out.
class Timetable {
public:
    Timetable(const Load& load, int people);
    /// The next step of the order, done by that person. Steps begin in the order in which they are placed.
    void place(int step, int who);

    Seconds end() const { return end_; }
    Seconds free_at(int who) const { return free_[static_cast<std::size_t>(who)]; }
    struct Placed {
        int step = 0;
        int who = 0;
        Seconds begin = 0;  // of what comes first, the wait before the hands or the hands
        Seconds hands = 0;  // when the hands begin
        Seconds hands_end = 0;
        Seconds wait_end = 0;
        int held_by = -1;  // the step placed before it whose end it begins at; -1: it begins at once
    };
    const std::vector<Placed>& placed() const { return placed_; }
    /// Everything that the rest of the job can still feel of what was placed is at least as early as in the other.
    bool as_early_as(const Timetable& other) const;

private:
    const Load* load_;
    std::vector<Seconds> free_;
    std::vector<Placed> placed_;
    std::vector<int> where_;  // of each step in placed_; -1: not placed
    Seconds last_begin_ = 0;
    Seconds end_ = 0;
};

}  // namespace anagraph::core::schedule
