// Steps cut in two, put together, moved and undone in any order: every reference stays whole.
#include "core/editing/split_line.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/procedure/text.h"
#include "core/tape/takes.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
namespace rnd = anagraph::core::testing;
using rnd::holds;

namespace {

Procedure guide_of_one_line() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.recordings = {{RecordingId("r"), "", {}}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "M14", ""}, {ItemId("washer"), ItemKind::Seal, "copper washer", "", ""}};
    p.figures = {{FigureId("t"), FigureKind::Torque, ItemId("plug"), "tightening torque", {"25", "", "Nm"}, "", {}, {}, ""}};
    Step s;
    s.id = StepId("refit");
    s.heading = "Refit the plug";
    s.lines = {"Put a new {item:washer} on.", "Turn the plug in by hand.", "Tighten the {item:plug} to {figure:t}."};
    s.actions = {{"fit", {ItemId("washer")}, {}}, {"tighten", {ItemId("plug")}, FigureId("t")}};
    s.heard = {FigureId("t")};
    s.takes = {{RecordingId("r"), FrameTime(1, 1), FrameTime(2, 1)}};
    s.cautions = {{Signal::Notice, "The plug is hot.", ""}};
    s.answered = {{"two names", "Turn the plug in by hand.", "clear"}};
    Step next;
    next.id = StepId("check");
    next.heading = "Check the plug";
    next.lines = {"Look at the plugs."};
    next.takes = {{RecordingId("r"), FrameTime(2, 1), FrameTime(3, 1)}};
    p.steps = {s, next};
    return p;
}

std::vector<std::string> lines_of(const Procedure& p) {
    std::vector<std::string> out;
    for (const auto& s : p.steps) out.insert(out.end(), s.lines.begin(), s.lines.end());
    return out;
}

}  // namespace

TEST(SplitAtLine, WhatBelongsToTheLaterLinesGoesWithThem) {
    const Procedure p = guide_of_one_line();
    const auto change = split_at_line(p, StepId("refit"), 1);
    ASSERT_TRUE(change) << change.error().message;
    const auto after = *anagraph::core::apply(p, *change);
    ASSERT_EQ(after.steps.size(), 3U);
    EXPECT_EQ(after.steps[0].lines.size(), 1U);
    EXPECT_EQ(after.steps[1].lines.size(), 2U);
    EXPECT_EQ(after.steps[0].actions.front().verb, "fit");
    EXPECT_EQ(after.steps[1].actions.front().verb, "tighten");
    EXPECT_EQ(after.steps[1].heard, std::vector{FigureId("t")});
    EXPECT_EQ(after.steps[1].answered.size(), 1U) << "the answer goes with its words";
    EXPECT_EQ(after.steps[0].takes.size(), 1U);
    EXPECT_FALSE(split_at_line(p, StepId("refit"), 0));
    EXPECT_FALSE(split_at_line(p, StepId("refit"), 3));
    EXPECT_FALSE(split_at_line(p, StepId("gone"), 1));
}

TEST(MergeSteps, LinesFollowAndTakesThatTouchBecomeOne) {
    const Procedure p = guide_of_one_line();
    const auto after = *anagraph::core::apply(p, *merge_with_next(p, StepId("refit")));
    ASSERT_EQ(after.steps.size(), 1U);
    EXPECT_EQ(after.steps[0].lines.size(), 4U);
    ASSERT_EQ(after.steps[0].takes.size(), 1U);
    EXPECT_EQ(after.steps[0].takes[0].to, FrameTime(3, 1));
    EXPECT_FALSE(merge_with_next(p, StepId("check"))) << "the last one";
    Procedure two = p;
    two.steps[1].variants = {"PT60-T"};
    EXPECT_FALSE(merge_with_next(two, StepId("refit")));
}

TEST(MergeSteps, OneQuestionIsCarriedOnceAndTwoWaysStayTwoSteps) {
    Procedure p = guide_of_one_line();
    p.steps[0].methods = {{"drain-heat"}};
    p.steps[1].methods = {{"drain-heat"}, {"seal"}};
    const auto one = anagraph::core::apply(p, *merge_with_next(p, StepId("refit")));
    ASSERT_TRUE(one);
    EXPECT_EQ(one->steps[0].methods.size(), 2U);
    p.steps[1].methods[0].chosen = "cool";
    p.steps[1].methods[0].because = "it was cold";
    const auto two = merge_with_next(p, StepId("refit"));
    ASSERT_FALSE(two);
    EXPECT_NE(two.error().message.english().find("different methods"), std::string::npos);
}

TEST(MergeSteps, PutsTogetherWhatWasSplit) {
    const Procedure p = guide_of_one_line();
    const auto split = *anagraph::core::apply(p, *split_at_line(p, StepId("refit"), 2));
    const auto merged = *anagraph::core::apply(split, *merge_with_next(split, StepId("refit")));
    EXPECT_EQ(merged.steps[0].lines, p.steps[0].lines);
    EXPECT_EQ(merged.steps[0].heard, p.steps[0].heard);
    EXPECT_EQ(merged.steps.size(), p.steps.size());
}

TEST(StepEdits, InAnyOrderForThousandsOfEditsKeepEveryReferenceAndEveryLine) {
    int edits = 0;
    holds([&] {
        Procedure p = rnd::random_procedure(60);
        std::vector<std::pair<Change, Procedure>> done;
        for (int i = 0; i < 60 && !p.steps.empty(); ++i) {
            const auto& step = p.steps[static_cast<std::size_t>(rnd::pick(0, static_cast<int>(p.steps.size())))];
            auto lines = lines_of(p);
            Result<Change> change = fail(ErrorCode::Refused, std::string("none"));
            switch (rnd::pick(0, 4)) {
                case 0:
                    change = split_at_line(p, step.id, static_cast<std::size_t>(rnd::pick(0, 5)));
                    break;
                case 1:
                    change = merge_with_next(p, step.id);
                    break;
                case 2:
                    change = Change{
                        "move a step", {MoveStep{step.id, static_cast<std::size_t>(rnd::pick(0, static_cast<int>(p.steps.size())))}}};
                    break;
                default:
                    if (done.empty()) continue;
                    p = done.back().second;
                    done.pop_back();
                    continue;
            }
            if (!change) continue;
            const auto back = inverse(p, *change);
            RC_ASSERT(back.has_value());
            const auto after = anagraph::core::apply(p, *change);
            RC_ASSERT(after.has_value());
            RC_ASSERT(*anagraph::core::apply(*after, *back) == p);
            auto kept = lines_of(*after);
            std::sort(kept.begin(), kept.end());
            std::sort(lines.begin(), lines.end());
            RC_ASSERT(kept == lines);
            for (const auto& s : after->steps) {
                for (const auto& f : s.heard) RC_ASSERT(after->find(f) != nullptr);
                for (const auto& a : s.actions)
                    for (const auto& item : a.items) RC_ASSERT(after->find(item) != nullptr);
            }
            done.emplace_back(*change, p);
            p = *after;
            ++edits;
        }
    });
    EXPECT_GT(edits, 1000);
}
