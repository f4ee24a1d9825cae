// Text and actions are one value: what lines order is what is done.
#include "core/editing/line_actions.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/editing/editor.h"
#include "tests/core/editing/drained.h"

using namespace anagraph::core;
using anagraph::core::testing::drained;

namespace {

using Ids = std::vector<ItemId>;

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
    Step s = drained().steps[0];
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
    Procedure p = drained();
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
