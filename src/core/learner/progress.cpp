#include "core/learner/progress.h"

#include <algorithm>

#include "core/edition/post.h"

namespace anagraph::core {
namespace {

/// How a run was assessed as a whole; nothing said of it: worked.
Stage stage_of(const Run& run) {
    Stage out = Stage::Worked;
    bool all = true;
    for (const auto& s : run.steps) {
        if (s.state == StepState::Skipped) continue;
        if (s.assessed == Assessed::NotYet || s.state == StepState::Stopped) return Stage::NotYet;
        if (s.assessed == Assessed::WithHelp) out = Stage::WithHelp;
        all = all && s.assessed == Assessed::Alone;
    }
    return all && !run.steps.empty() ? Stage::Alone : out;
}

}  // namespace

std::vector<LearnerProgress> progress(const Records& records, const std::vector<RunInLog>& runs, const std::vector<std::string>& guides) {
    std::vector<LearnerProgress> out;
    const auto handed = records.kept<HandedOut>();
    const auto learned = records.kept<Learned>();
    for (const auto& learner : records.learners()) {
        if (learner.left) continue;
        LearnerProgress one{learner.name, learner.group, {}};
        for (const auto& guide : guides) {
            GuideProgress g;
            g.guide = guide;
            const auto is_theirs = [&](const auto& k) { return k.what.guide == guide && same_post(k.what.learner, learner.name); };
            if (std::any_of(handed.begin(), handed.end(), is_theirs)) g.stage = Stage::HandedOut;
            if (std::any_of(learned.begin(), learned.end(), is_theirs)) g.stage = Stage::Learned;
            std::string judged_at;
            for (const auto& r : runs) {
                if (r.guide != guide || !same_post(r.run.who, learner.name)) continue;
                ++g.runs;
                g.last = std::max(g.last, r.run.began.substr(0, 10));
                const auto stage = stage_of(r.run);
                // a later run that was assessed counts before an earlier one; one that was not leaves what was said
                if (stage == Stage::Worked ? judged_at.empty() : r.run.began >= judged_at) g.stage = stage;
                if (stage != Stage::Worked) judged_at = std::max(judged_at, r.run.began);
            }
            one.guides.push_back(std::move(g));
        }
        out.push_back(std::move(one));
    }
    std::stable_sort(out.begin(), out.end(), [](const LearnerProgress& a, const LearnerProgress& b) { return a.learner < b.learner; });
    return out;
}

}  // namespace anagraph::core
