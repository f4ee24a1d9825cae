// Progress: how far each learner is with each guide, at a glance: handed out, learned, worked by with help, worked by alone.
#pragma once

#include <string>
#include <vector>

#include "core/logbook/run.h"
#include "core/records/owed.h"

namespace anagraph::core {

/// The furthest a learner has come with a guide.
enum class Stage { Nothing, HandedOut, Learned, NotYet, Worked, WithHelp, Alone };
template <>
struct Names<Stage> {
    static constexpr auto all = std::to_array<Named<Stage>>({{Stage::Nothing, "nothing", "nothing yet"},
        {Stage::HandedOut, "handed out", "has it"}, {Stage::Learned, "learned", "has learned it"},
        {Stage::NotYet, "not yet", "worked by it, not yet well"}, {Stage::Worked, "worked", "worked by it, not assessed"},
        {Stage::WithHelp, "with help", "worked by it with help"}, {Stage::Alone, "alone", "works by it alone"}});
};

struct GuideProgress {
    std::string guide;  // id
    Stage stage = Stage::Nothing;
    int runs = 0;
    std::string last;  // day of the last run; empty: none
};
struct LearnerProgress {
    std::string learner, group;
    std::vector<GuideProgress> guides;  // in the order they were given
};

/// What is assessed of the last run that was assessed counts: alone only where every step that was done was done alone. By name; learners
/// who have left are not among them.
std::vector<LearnerProgress> progress(const Records& records, const std::vector<RunInLog>& runs, const std::vector<std::string>& guides);

}  // namespace anagraph::core
