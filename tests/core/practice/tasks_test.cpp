#include "core/practice/tasks.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

namespace {

/// What the tasks are about, and nothing else.
Procedure practice() {
    Procedure p;
    p.header.number = "KQ-PT60-100";
    p.items.push_back({ItemId("wing-nuts"), ItemKind::Fastener, "wing nuts", "", ""});
    Source book;
    book.id = SourceId("book");
    p.sources.push_back(book);
    Figure f{FigureId("level-torque"), FigureKind::Torque, {}, "tightening torque", *parse_figure_value("12 Nm"), "1.2", {}, {}, ""};
    Claim said;
    said.value = *parse_figure_value("12 N");
    f.claims.push_back(said);
    f.proofs.push_back({SourceId("book"), "page 2", *parse_figure_value("12 Nm")});
    p.figures.push_back(f);
    Step step;
    step.id = StepId("strainer");
    step.checks.push_back({"mesh", "whole", "torn"});
    p.steps.push_back(step);
    return p;
}

std::string missing(Task task, const Procedure& p) {
    const auto out = still_missing(task, p);
    return out ? out->english() : "";
}

}  // namespace

TEST(Tasks, AreFoundInTheDemoGuideOnly) {
    EXPECT_TRUE(has_tasks(practice()));
    EXPECT_FALSE(has_tasks(Procedure{}));
    Procedure other = practice();
    other.header.number = "KQ-PT60-200";
    EXPECT_FALSE(has_tasks(other));
    Procedure cut = practice();
    cut.items.clear();
    EXPECT_FALSE(has_tasks(cut)) << "what a task is about was taken out";
}

TEST(Tasks, SettlingIsDoneOnceTheFigureIsProvedAndNotByTakingItsSourceAway) {
    Procedure p = practice();
    EXPECT_EQ(missing(Task::Settle, p), "What was said and what the book gives still stand against each other.");
    p.figures[0].settled = "the house rule";
    EXPECT_EQ(missing(Task::Settle, p), "");
    p.figures[0].settled.clear();
    p.figures[0].proofs.clear();
    EXPECT_EQ(missing(Task::Settle, p), "No source gives the value any more; Undo brings it back.");
}

TEST(Tasks, CallingOutIsDoneOnceTheItemHasANumber) {
    Procedure p = practice();
    EXPECT_NE(missing(Task::CallOut, p), "");
    p.steps[0].plates.push_back({});
    p.steps[0].plates[0].callouts.push_back({ItemId("other"), {}, {}});
    EXPECT_NE(missing(Task::CallOut, p), "") << "another part was called out";
    p.steps[0].plates[0].callouts.push_back({ItemId("wing-nuts"), {}, {}});
    EXPECT_EQ(missing(Task::CallOut, p), "");
}

TEST(Tasks, ACheckSaysWhatToLookAtWhatIsGoodAndWhatStops) {
    Procedure p = practice();
    EXPECT_EQ(missing(Task::AddCheck, p), "The step has no check of the wing nuts yet.");
    auto& checks = p.steps[0].checks;
    checks.push_back({});
    EXPECT_EQ(missing(Task::AddCheck, p), "The new check does not say what to look at.");
    checks.back().look = "wing nuts";
    EXPECT_EQ(missing(Task::AddCheck, p), "The new check does not say what is good.");
    checks.back().good = "hand tight";
    EXPECT_EQ(missing(Task::AddCheck, p), "The new check does not say what stops the work.");
    checks.back().stop = "one turns without end";
    EXPECT_EQ(missing(Task::AddCheck, p), "");
}
