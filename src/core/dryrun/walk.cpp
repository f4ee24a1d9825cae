#include "core/dryrun/walk.h"

namespace anagraph::core::dryrun {
namespace {

/// How what is looked at, cleaned or oiled sits; what is not of that kind sits as if it were on.
Seat sits(const State& s, const Doing& d) {
    const bool in_hand =
        d.verb == Verb::Inspect || d.verb == Verb::Check || d.verb == Verb::Measure || d.verb == Verb::Clean || d.verb == Verb::Lubricate;
    return in_hand && !d.items.empty() ? s.at(d.items.front()).seat : Seat::On;
}

}  // namespace

Walk::Walk(const Job& job, int first_step, bool words) : job_(&job), state_(found_state(job, first_step)), words_(words) {}

void Walk::look(Look RuleOfOrder::*where, const Scene& scene) {
    for (const auto& rule : rules_of_order())
        if (rule.*where != nullptr) {
            Findings findings(rule.rule, words_, found_);
            (rule.*where)(scene, findings);
        }
}

void Walk::go(int step) {
    const auto& here = job_->at(step);
    look(&RuleOfOrder::before_step, {*job_, state_, step, nullptr, {step, kNone}});
    begin_step(state_, *job_, step);
    for (std::size_t i = 0; i < here.doings.size(); ++i) {
        const Doing& doing = here.doings[i];
        const Moment when{step, doing.place};
        if (written_ != nullptr && sits(state_, doing) != (*written_)[static_cast<std::size_t>(step)][i]) differs_ = true;
        // a check of the step is looked at, not judged: it is no order
        if (doing.place != kNone) look(&RuleOfOrder::before_action, {*job_, state_, step, &doing, when});
        act(state_, *job_, doing, when);
    }
    end_step(state_, here);
}

void Walk::finish() { look(&RuleOfOrder::at_end, {*job_, state_, kNone, nullptr, {}}); }

std::vector<std::vector<Seat>> written_seats(const Job& job) {
    std::vector<std::vector<Seat>> out;
    State state = found_state(job, job.steps.empty() ? kNone : 0);
    for (std::size_t i = 0; i < job.steps.size(); ++i) {
        out.emplace_back();
        for (const auto& d : job.steps[i].doings) {
            out.back().push_back(sits(state, d));
            act(state, job, d, {static_cast<int>(i), d.place});
        }
        end_step(state, job.steps[i]);
    }
    return out;
}

Walk walked(const Job& job, bool words) {
    Walk walk(job, job.steps.empty() ? kNone : 0, words);
    for (std::size_t i = 0; i < job.steps.size(); ++i) walk.go(static_cast<int>(i));
    walk.finish();
    return walk;
}

}  // namespace anagraph::core::dryrun
