// Text and actions are one value: what lines order is what is done, and lines are drafted from what was heard.
#include "core/editing/line_actions.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/editing/editor.h"
#include "core/procedure/draft.h"
#include "core/procedure/text.h"
#include "tests/core/job.h"
#include "tests/core/narration/said.h"

using namespace anagraph::core;
namespace job = anagraph::core::testing;

namespace {

using Ids = std::vector<ItemId>;

Procedure guide() {
    Procedure p = job::guide();
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}, {ItemId("oil"), ItemKind::Fluid, "gear oil", "", ""}, {ItemId("magnet"), ItemKind::Part, "magnet", "", ""}};
    const auto figure = [](const char* id, FigureKind kind, const char* item, FigureValue value) { return Figure{FigureId(id), kind, ItemId(item), "", std::move(value), "", {}, {}, ""}; };
    p.figures = {figure("t", FigureKind::Torque, "plug", {"25", "", "Nm"}), figure("w", FigureKind::Duration, "oil", {"5", "", "min"})};
    Step& s = p.steps[0];
    s.actions = {{"tighten", {ItemId("plug")}, {}}, {"look", {ItemId("magnet")}, {}}, {"clean", {}, {}}};
    s.heard = {FigureId("t"), FigureId("w")};
    return p;
}

}  // namespace

TEST(ActionsOfLine, AreTheVerbTheItemsAndTheFigure) {
    const auto one = actions_of_line("Tighten the {item:plug} to {figure:t} with the {item:wrench}.");
    ASSERT_EQ(one.size(), 1U);
    EXPECT_EQ(one[0].verb, "tighten");
    EXPECT_EQ(one[0].items, Ids{ItemId("plug")}) << "the wrench is what it is done with";
    EXPECT_EQ(one[0].figure, FigureId("t"));
    const auto two = actions_of_line("Undo the {item:plug} and drain the {item:oil}.");
    ASSERT_EQ(two.size(), 2U);
    EXPECT_EQ(two[1].items, Ids{ItemId("oil")});
    EXPECT_TRUE(actions_of_line("The {item:plug} is hot.").empty());
    EXPECT_TRUE(actions_of_line("").empty());
}

TEST(ActionsOfLine, AVerbWithItsParticleIsWhatTheReaderCallsIt) {
    const auto off = actions_of_line("Take the {item:cover} off.");
    ASSERT_EQ(off.size(), 1U);
    EXPECT_EQ(off[0].verb, "remove");
}

TEST(ActionsOf, WhatWasHeardAndIsNotWrittenYetStays) {
    const std::vector<Action> heard{{"undo", {ItemId("plug")}, {}}, {"drain", {ItemId("oil")}, {}}, {"clean", {}, {}}};
    const auto now = actions_of({"Undo the {item:plug}."}, heard);
    ASSERT_EQ(now.size(), 2U);
    EXPECT_EQ(now[0].items, Ids{ItemId("plug")});
    EXPECT_EQ(now[1].items, Ids{ItemId("oil")});
    EXPECT_EQ(actions_of({}, heard), heard);
}

TEST(WithLines, ActionsFollowTheTextAndAreTakenOutWithIt) {
    Step s = guide().steps[0];
    s = with_lines(s, {"Undo the {item:plug}.", "Drain the {item:oil}."});
    ASSERT_EQ(s.actions.size(), 3U) << "the magnet is not written yet";
    EXPECT_EQ(s.actions[1].verb, "drain");
    s = with_lines(s, {"Undo the {item:plug}."});
    EXPECT_EQ(s.actions.size(), 2U) << "the line is gone, and its action with it";
    EXPECT_EQ(s.actions[1].items, Ids{ItemId("magnet")});
    s = with_lines(s, {"Tighten the {item:plug} to {figure:t}."});
    EXPECT_EQ(s.actions[0].verb, "tighten");
    EXPECT_EQ(s.actions[0].figure, FigureId("t"));
}

TEST(WithLines, AFixOfTheEditorChangesWhatIsDoneAsWell) {
    Procedure p = guide();
    p.steps[0] = with_lines(p.steps[0], {"Tighten the {item:plug} and drain the {item:oil}."});
    p.steps[0].actions.clear();
    const auto found = findings(p);
    const auto two = std::find_if(found.begin(), found.end(), [](const Finding& f) { return f.rule == Rule::TwoActions; });
    ASSERT_NE(two, found.end());
    ASSERT_TRUE(two->fix);
    const Step mended = anagraph::core::apply(p, *two->fix)->steps[0];
    ASSERT_EQ(mended.lines.size(), 2U);
    ASSERT_EQ(mended.actions.size(), 2U);
    EXPECT_EQ(mended.actions[0].verb, "tighten");
    EXPECT_EQ(mended.actions[1].verb, "drain");
}

TEST(DraftLines, EveryHeardActionBecomesALineACheckOrAWait) {
    const Procedure q = job::after(guide(), draft_lines(guide(), StepId("one")));
    const Step& s = q.steps[0];
    EXPECT_EQ(s.lines, std::vector<std::string>{"Tighten the {item:plug} to {figure:t}."});
    ASSERT_EQ(s.checks.size(), 1U);
    EXPECT_EQ(s.checks[0].look, "magnet");
    EXPECT_TRUE(s.checks[0].good.empty()) << "what is good is the author's to say";
    ASSERT_EQ(s.waits.size(), 1U);
    EXPECT_EQ(s.waits[0].figure, FigureId("w"));
}

TEST(DraftLines, NeverWriteOverWhatAPersonWrote) {
    Procedure p = guide();
    p.steps[0].lines = {"Do it my way."};
    EXPECT_FALSE(draft_lines(p, StepId("one")));
    EXPECT_FALSE(draft_lines(p, StepId("two"))) << "nothing was heard there";
    EXPECT_FALSE(draft_lines(p, StepId("no")));
    EXPECT_FALSE(draft_all_lines(p));
}

TEST(DraftLines, AWholeTapeIsDraftedDownToItsLines) {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.items = guide().items;
    const auto lines = job::said({"undo the drain plug with a seventeen spanner", "drain the gear oil into a tray", "tighten the drain plug to 25 newton metres", "look at the magnet"});
    p = job::after(p, draft_steps(p, RecordingId("film"), lines, read_marks(lines), lines.back().end));
    p = job::after(p, draft_all_lines(p));
    std::string all;
    for (const auto& s : p.steps) {
        for (const auto& l : s.lines) {
            all += rendered(p, l) + "\n";
            EXPECT_TRUE(unknown_names(p, l).empty());
            EXPECT_FALSE(actions_of_line(l).empty()) << l << " is an action again";
        }
    }
    EXPECT_NE(all.find("Tighten the drain plug to 25 N·m"), std::string::npos) << all;
    EXPECT_NE(all.find("Drain the gear oil."), std::string::npos) << all;
}
