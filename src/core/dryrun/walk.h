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

    const State& state() const { return state_; }
    const std::vector<Found>& found() const { return found_; }

private:
    void look(Look RuleOfOrder::*where, const Scene& scene);

    const Job* job_;
    State state_;
    std::vector<Found> found_;
    bool words_;
};

/// A job walked as it is written.
Walk walked(const Job& job, bool words);

}  // namespace anagraph::core::dryrun
