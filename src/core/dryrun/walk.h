// Walk: the actions of a job done one after the other, with every rule looking on. A value: a walk that is copied goes on by
// itself, so that many orders with one beginning are walked together.
#pragma once

#include "core/dryrun/rules.h"

namespace anagraph::core::dryrun {

class Walk {
public:
    /// `words`: findings get their sentences. `job` must outlive the walk.
    Walk(const Job& job, int first_step, bool words);

    void go(int step);
    /// The end of the job.
    void finish();

    /// Goes on beside a walk of another order: from now on it is told where a thing is looked at or cleaned that lies in the hand in
    /// the one and sits in the machine in the other.
    void compare_with(const std::vector<std::vector<Seat>>& written) { written_ = &written; }
    bool differs() const { return differs_; }

    const State& state() const { return state_; }
    const std::vector<Found>& found() const { return found_; }

private:
    void look(Look RuleOfOrder::*where, const Scene& scene);

    const Job* job_;
    State state_;
    std::vector<Found> found_;
    bool words_;
    const std::vector<std::vector<Seat>>* written_ = nullptr;
    bool differs_ = false;
};

/// How the first thing of each action sits when it is done, step by step, in the written order.
std::vector<std::vector<Seat>> written_seats(const Job& job);

/// A job walked as it is written.
Walk walked(const Job& job, bool words);

}  // namespace anagraph::core::dryrun
