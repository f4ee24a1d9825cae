#include "core/learner/progress.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

namespace {

class Register {
public:
    Register() {
        add(LearnerAdded{"learner 07", "term 2"});
        add(LearnerAdded{"learner 08", "term 2"});
    }
    void add(Entry entry) { EXPECT_TRUE(records.add({records.next_number(), "2026-11-30T10:00:00Z", "author", std::move(entry)})); }
    void run(const std::string& who, const std::string& began, std::vector<Assessed> steps, StepState last = StepState::Done) {
        RunInLog r;
        r.guide = "pump";
        r.run.who = who;
        r.run.began = began;
        for (const auto how : steps) {
            RunStep s;
            s.assessed = how;
            r.run.steps.push_back(s);
        }
        r.run.steps.back().state = last;
        runs.push_back(std::move(r));
    }
    GuideProgress of(std::size_t learner) const { return progress(records, runs, {"pump"}).at(learner).guides.at(0); }
    Records records;
    std::vector<RunInLog> runs;
};

}  // namespace

TEST(Progress, GoesFromNothingToLearned) {
    Register r;
    EXPECT_EQ(r.of(0).stage, Stage::Nothing);
    r.add(HandedOut{"pump", 1, "learner 07", HandedBy::Desk});
    EXPECT_EQ(r.of(0).stage, Stage::HandedOut);
    r.add(Learned{"pump", 1, "Learner 07"});
    EXPECT_EQ(r.of(0).stage, Stage::Learned);
    EXPECT_EQ(r.of(1).stage, Stage::Nothing) << "somebody else's";
}

TEST(Progress, ARunCountsByItsWeakestStep) {
    Register r;
    r.run("learner 07", "2026-11-01T10:00:00Z", {Assessed::Not, Assessed::Not});
    EXPECT_EQ(r.of(0).stage, Stage::Worked);
    r.run("learner 07", "2026-11-02T10:00:00Z", {Assessed::Alone, Assessed::NotYet});
    EXPECT_EQ(r.of(0).stage, Stage::NotYet);
    r.run("learner 07", "2026-11-03T10:00:00Z", {Assessed::Alone, Assessed::WithHelp});
    EXPECT_EQ(r.of(0).stage, Stage::WithHelp);
    r.run("learner 07", "2026-11-04T10:00:00Z", {Assessed::Alone, Assessed::Alone});
    EXPECT_EQ(r.of(0).stage, Stage::Alone);
    EXPECT_EQ(r.of(0).runs, 4);
    EXPECT_EQ(r.of(0).last, "2026-11-04");
    r.run("learner 07", "2026-11-05T10:00:00Z", {Assessed::Alone}, StepState::Stopped);
    EXPECT_EQ(r.of(0).stage, Stage::NotYet) << "it stopped";
}

TEST(Progress, ALaterRunNobodyAssessedLeavesWhatWasSaidAndOrderDoesNotMatter) {
    Register r;
    r.run("learner 07", "2026-11-09T10:00:00Z", {Assessed::Not});
    r.run("learner 07", "2026-11-04T10:00:00Z", {Assessed::Alone});
    r.run("learner 07", "2026-11-02T10:00:00Z", {Assessed::NotYet});
    EXPECT_EQ(r.of(0).stage, Stage::Alone);
}

TEST(Progress, WhoHasLeftIsNotShown) {
    Register r;
    r.add(LearnerLeft{"learner 08"});
    EXPECT_EQ(progress(r.records, {}, {"pump"}).size(), 1U);
}
