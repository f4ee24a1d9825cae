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

std::vector<Item> things() {
    auto out = drained().items;
    out.push_back({ItemId("wrench"), ItemKind::Tool, "torque wrench", "10 to 60 Nm", ""});
    out.push_back({ItemId("pan"), ItemKind::Vessel, "drain pan", "5 L", ""});
    out.push_back({ItemId("washer"), ItemKind::Seal, "copper washer", "", ""});
    return out;
}

}  // namespace

TEST(ActionsOfLine, AreTheVerbTheItemsAndTheFigure) {
    const auto one = actions_of_line("Tighten the {item:plug} to {figure:t} with the {item:wrench}.", things());
    ASSERT_EQ(one.size(), 1U);
    EXPECT_EQ(one[0].verb, "tighten");
    EXPECT_EQ(one[0].items, Ids{ItemId("plug")});
    EXPECT_EQ(one[0].needs, Ids{ItemId("wrench")}) << "what it is done with";
    EXPECT_EQ(one[0].figure, FigureId("t"));
    const auto two = actions_of_line("Undo the {item:plug} and drain the {item:oil}.", things());
    ASSERT_EQ(two.size(), 2U);
    EXPECT_EQ(two[1].items, Ids{ItemId("oil")});
    EXPECT_TRUE(actions_of_line("The {item:plug} is hot.", things()).empty());
    EXPECT_TRUE(actions_of_line("", things()).empty());
}

TEST(ActionsOfLine, AVerbWithItsParticleIsWhatTheReaderCallsIt) {
    const auto off = actions_of_line("Take the {item:cover} off.", things());
    ASSERT_EQ(off.size(), 1U);
    EXPECT_EQ(off[0].verb, "remove");
}

TEST(ActionsOf, WhatWasHeardAndIsNotWrittenYetStays) {
    const std::vector<Action> heard{{"undo", {ItemId("plug")}, {}}, {"drain", {ItemId("oil")}, {}}, {"clean", {}, {}}};
    Step s;
    EXPECT_EQ(actions_of(s, things(), heard), heard);
    s.lines = {"Undo the {item:plug}."};
    const auto now = actions_of(s, things(), heard);
    ASSERT_EQ(now.size(), 2U);
    EXPECT_EQ(now[0].items, Ids{ItemId("plug")});
    EXPECT_EQ(now[1].items, Ids{ItemId("oil")});
}

TEST(WithLines, ActionsFollowTheTextAndAreTakenOutWithIt) {
    Step s = drained().steps[0];
    s = with_lines(s, {"Undo the {item:plug}.", "Drain the {item:oil}."}, things());
    ASSERT_EQ(s.actions.size(), 3U) << "the magnet is not written yet";
    EXPECT_EQ(s.actions[1].verb, "drain");
    s = with_lines(s, {"Undo the {item:plug}."}, things());
    EXPECT_EQ(s.actions.size(), 2U) << "the line is gone, and its action with it";
    EXPECT_EQ(s.actions[1].items, Ids{ItemId("magnet")});
    s = with_lines(s, {"Tighten the {item:plug} to {figure:t}."}, things());
    EXPECT_EQ(s.actions[0].verb, "tighten");
    EXPECT_EQ(s.actions[0].figure, FigureId("t"));
}

TEST(WithLines, AFixOfTheEditorChangesWhatIsDoneAsWell) {
    Procedure p = drained();
    p.steps[0] = with_lines(p.steps[0], {"Tighten the {item:plug} and drain the {item:oil}."}, things());
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

TEST(LineFor, EveryActionIsReadAgainFromItsLine) {
    const Procedure p = [] {
        Procedure q = drained();
        q.items = things();
        q.figures.push_back({FigureId("v"), FigureKind::Volume, ItemId("oil"), "refill", {"2", "", "L"}, "", {}, {}, ""});
        return q;
    }();
    const std::vector<Action> all{{"fit", {ItemId("plug")}, {}}, {"close", {ItemId("plug")}, {}},
        {"tighten", {ItemId("plug")}, FigureId("t")}, {"replace", {ItemId("washer")}, {}},
        {"inspect", {ItemId("plug"), ItemId("magnet")}, {}}, {"measure", {ItemId("magnet")}, {}}, {"fill", {ItemId("oil")}, FigureId("v")},
        {"place", {ItemId("pan")}, {}}, {"open", {ItemId("plug")}, {}}, {"remove", {ItemId("washer")}, {}},
        {"dispose", {ItemId("oil")}, {}}, {"drain", {ItemId("oil")}, {}, {ItemId("pan")}}, {"isolate", {}, {}}, {"release", {}, {}},
        {"stop", {}, {}}, {"run", {}, {}}, {"record", {}, {}}, {"tighten", {ItemId("plug")}, FigureId("t"), {ItemId("wrench")}}};
    for (const auto& a : all) EXPECT_EQ(actions_of_line(line_for(p, a), p.items), std::vector{a}) << line_for(p, a);
}

TEST(PutRight, ALineThatWasReadWronglyDoesWhatItsAuthorSays) {
    Step s;
    s.lines = {"Nip the {item:plug} up.", "Drain the {item:oil}."};
    s = with_lines(Step{}, s.lines, things());
    ASSERT_EQ(s.actions.size(), 2U);
    const Action right{"fit", {ItemId("plug")}, {}};
    s = with_line_actions(s, 0, {right}, things());
    EXPECT_EQ(s.actions[0], right);
    ASSERT_EQ(s.put_right.size(), 1U);
    EXPECT_EQ(s.actions[1].verb, "drain") << "the other lines stay as they are read";
    // another line is added, this one stays; then its wording changes but not what is read in it
    s = with_lines(s, {"Nip the {item:plug} up.", "Drain the {item:oil}.", "Look at the {item:magnet}."}, things());
    EXPECT_EQ(s.actions[0], right);
    s = with_lines(s, {"Then nip the {item:plug} up.", "Drain the {item:oil}.", "Look at the {item:magnet}."}, things());
    EXPECT_EQ(s.actions[0], right) << "it reads the same";
    s = with_lines(s, {"Remove the {item:plug}.", "Drain the {item:oil}.", "Look at the {item:magnet}."}, things());
    EXPECT_EQ(s.actions[0].verb, "remove") << "another line is read anew";
    EXPECT_TRUE(s.put_right.empty());
}

TEST(PutRight, AsTheLineReadsByItselfTheCorrectionGoes) {
    Step s = with_lines(Step{}, {"Drain the {item:oil}."}, things());
    s = with_line_actions(s, 0, {}, things());
    EXPECT_TRUE(s.actions.empty()) << "it orders nothing, says its author";
    s = with_line_actions(s, 0, actions_of_line("Drain the {item:oil}.", things()), things());
    EXPECT_TRUE(s.put_right.empty());
    EXPECT_EQ(s.actions.size(), 1U);
}

TEST(LinesOfActions, SayWhichLineOrdersWhat) {
    Step s = with_lines(Step{}, {"Undo the {item:plug} and drain the {item:oil}.", "It is hot.", "Look at the {item:magnet}."}, things());
    s.actions.push_back({"record", {}, {}});
    using Lines = std::vector<std::optional<std::size_t>>;
    EXPECT_EQ(lines_of_actions(s, things()), (Lines{0, 0, 2, std::nullopt}));
}
