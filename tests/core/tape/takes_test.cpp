#include "core/tape/takes.h"

#include <gtest/gtest.h>

#include "core/tape/logging.h"
#include "tests/core/job.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::after;
using anagraph::core::testing::at;
using anagraph::core::testing::guide;
using anagraph::core::testing::holds;
using anagraph::core::testing::kFilm;
using anagraph::core::testing::kOther;
using anagraph::core::testing::step;

TEST(SplitStep, TheFirstPartKeepsTheTextAndTheSecondItsStretchAndPictures) {
    Procedure p = guide();
    p.steps[0].lines = {"Undo the plug."};
    p.steps[0].plates = {{PlateId("early"), kFilm, at(2), "", {}}, {PlateId("late"), kFilm, at(7), "", {}}};
    const auto q = after(p, split_step(p, StepId("one"), kFilm, at(5)));
    ASSERT_EQ(q.steps.size(), 4U);
    EXPECT_EQ(q.steps[0].takes, (std::vector<Take>{{kFilm, at(0), at(5)}}));
    EXPECT_EQ(q.steps[1].takes, (std::vector<Take>{{kFilm, at(5), at(10)}}));
    EXPECT_EQ(q.steps[0].lines.size(), 1U);
    EXPECT_TRUE(q.steps[1].lines.empty());
    EXPECT_EQ(q.steps[0].plates.front().id, PlateId("early"));
    EXPECT_EQ(q.steps[1].plates.front().id, PlateId("late"));
    EXPECT_NE(q.steps[0].id, q.steps[1].id);
}

TEST(SplitStep, CutsTheClipToThePartItStaysWith) {
    Procedure p = guide();
    p.steps[0].clip = Clip{{kFilm, at(0), at(10)}};
    auto q = after(p, split_step(p, StepId("one"), kFilm, at(5)));
    EXPECT_EQ(q.steps[0].clip->take.to, at(5));
    EXPECT_FALSE(q.steps[1].clip);
    p.steps[0].clip = Clip{{kFilm, at(6), at(9)}};
    q = after(p, split_step(p, StepId("one"), kFilm, at(5)));
    EXPECT_FALSE(q.steps[0].clip);
    EXPECT_EQ(q.steps[1].clip->take.from, at(6));
}

TEST(SplitStep, IsRefusedAtAnEdgeAndWhereThereIsNoStep) {
    const Procedure p = guide();
    EXPECT_EQ(split_step(p, StepId("one"), kFilm, at(0)).error().code, ErrorCode::Refused);
    EXPECT_EQ(split_step(p, StepId("one"), kFilm, at(10)).error().code, ErrorCode::Refused);
    EXPECT_EQ(split_step(p, StepId("one"), kOther, at(5)).error().code, ErrorCode::Refused);
    EXPECT_EQ(split_step(p, StepId("none"), kFilm, at(5)).error().code, ErrorCode::NotFound);
}

TEST(MergeSteps, PutsBothOneAfterTheOtherAndWhatStandsInBothOnce) {
    Procedure p = guide();
    p.steps[0].lines = {"a"};
    p.steps[1].lines = {"b"};
    p.steps[0].cautions = {{Signal::Caution, "Hot."}};
    p.steps[1].cautions = {{Signal::Caution, "Hot."}, {Signal::Notice, "Thin."}};
    p.steps[1].heard = {FigureId("f")};
    p.figures = {{FigureId("f"), FigureKind::Torque, ItemId("plug"), "", {}, "", {}, {}, ""}};
    const auto q = after(p, merge_with_next(p, StepId("one")));
    ASSERT_EQ(q.steps.size(), 2U);
    EXPECT_EQ(q.steps[0].lines, (std::vector<std::string>{"a", "b"}));
    EXPECT_EQ(q.steps[0].cautions.size(), 2U);
    EXPECT_EQ(q.steps[0].heard.size(), 1U);
    EXPECT_EQ(q.steps[0].takes, (std::vector<Take>{{kFilm, at(0), at(20)}}));
    EXPECT_EQ(q.steps[0].heading, "one");
}

TEST(MergeSteps, TakesOfTwoRecordingsStayTwo) {
    Procedure p = guide();
    p.steps[1].takes = {{kOther, at(0), at(5)}};
    EXPECT_EQ(after(p, merge_with_next(p, StepId("one"))).steps[0].takes.size(), 2U);
}

TEST(MergeSteps, IsRefusedAtTheLastStep) {
    const Procedure p = guide();
    EXPECT_EQ(merge_with_next(p, StepId("three")).error().code, ErrorCode::Refused);
    EXPECT_EQ(merge_with_next(p, StepId("none")).error().code, ErrorCode::NotFound);
}

TEST(MergeSteps, UndoesASplit) {
    holds([] {
        Procedure p = guide();
        const int cut = *rc::gen::inRange(1, 10);
        const auto split = anagraph::core::apply(p, *split_step(p, StepId("one"), kFilm, at(cut)));
        const auto joined = anagraph::core::apply(*split, *merge_with_next(*split, StepId("one")));
        RC_ASSERT(joined.has_value());
        RC_ASSERT(*joined == p);
    });
}

TEST(MoveEdge, NudgesAndTakesTheClipAlong) {
    Procedure p = guide();
    p.steps[2].clip = Clip{p.steps[2].takes.front()};
    const auto q = after(p, move_edge(p, StepId("three"), {0, Edge::Begin}, at(25)));
    EXPECT_EQ(q.steps[2].takes.front().from, at(25));
    EXPECT_EQ(q.steps[2].clip->take.from, at(25));
    EXPECT_EQ(after(p, move_edge(p, StepId("three"), {0, Edge::End}, at(50))).steps[2].takes.front().to, at(50));
}

TEST(MoveEdge, IsRefusedWhereItWouldRunIntoAnotherStepAndSaysWhich) {
    const Procedure p = guide();
    const auto refused = move_edge(p, StepId("three"), {0, Edge::Begin}, at(15));
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ErrorCode::Refused);
    EXPECT_NE(refused.error().message.english().find("\"two\""), std::string::npos);
    EXPECT_EQ(move_edge(p, StepId("one"), {0, Edge::End}, at(0)).error().code, ErrorCode::Refused);
    EXPECT_EQ(move_edge(p, StepId("one"), {1, Edge::End}, at(5)).error().code, ErrorCode::NotFound);
}

TEST(MoveEdge, KnowsTheNearerEdge) {
    const Procedure p = guide();
    EXPECT_EQ(nearest_edge(p.steps[0], kFilm, at(2))->edge, Edge::Begin);
    EXPECT_EQ(nearest_edge(p.steps[0], kFilm, at(8))->edge, Edge::End);
}

TEST(Takes, NoTwoStepsEverShareAMoment) {
    holds([] {
        Procedure p = guide();
        for (int i = 0; i < 12; ++i) {
            const StepId id = p.steps[static_cast<std::size_t>(*rc::gen::inRange<int>(0, static_cast<int>(p.steps.size())))].id;
            const auto t = at(*rc::gen::inRange(0, 60));
            const int what = *rc::gen::inRange(0, 4);
            const auto change = what == 0 ? split_step(p, id, kFilm, t)
                : what == 1               ? merge_with_next(p, id)
                                          : move_edge(p, id, {0, what == 2 ? Edge::Begin : Edge::End}, t);
            if (change) p = *anagraph::core::apply(p, *change);
            for (int s = 0; s < 60; ++s) {
                int holders = 0;
                for (const auto& x : p.steps)
                    for (const auto& take : x.takes) holders += take.recording == kFilm && !(at(s) < take.from) && at(s) < take.to ? 1 : 0;
                RC_ASSERT(holders <= 1);
            }
        }
    });
}

TEST(Notes, AreKeptByMomentAndTakenAwayAgain) {
    Procedure p = guide();
    p = after(p, add_note(p, kFilm, {NoteKind::NotFilmed, at(12), "the thread of the plug"}));
    p = after(p, add_note(p, kFilm, {NoteKind::LookUp, at(4), "torque of the breather"}));
    ASSERT_EQ(p.find(kFilm)->notes.size(), 2U);
    EXPECT_EQ(p.find(kFilm)->notes.front().at, at(4));
    EXPECT_EQ(add_note(p, kFilm, {NoteKind::LookUp, at(4), "torque of the breather"}).error().code, ErrorCode::Refused);
    EXPECT_EQ(add_note(p, kFilm, {NoteKind::NotFilmed, at(4), "  "}).error().code, ErrorCode::Refused);
    const Note first = p.find(kFilm)->notes.front();
    p = after(p, remove_note(p, kFilm, first));
    EXPECT_EQ(p.find(kFilm)->notes.size(), 1U);
    EXPECT_EQ(remove_note(p, kFilm, first).error().code, ErrorCode::NotFound);
}

TEST(Notes, ALineDroppedAsTalkHasNoMarksLeft) {
    Procedure p = guide();
    const std::vector<Segment> lines{{at(0), at(4), "tighten the plug to 25 newton metres"}};
    const auto marks = read_marks(lines);
    EXPECT_EQ(open_marks(p, kFilm, marks).size(), 1U);
    p = after(p, add_note(p, kFilm, {NoteKind::DropAsTalk, at(0), ""}));
    EXPECT_TRUE(open_marks(p, kFilm, marks).empty());
}

TEST(Takes, AStepIsTakenAgainAndTheBestComesFirst) {
    Procedure p = guide();
    p.steps[0].clip = Clip{p.steps[0].takes.front()};
    p = after(p, add_take(p, StepId("one"), {kFilm, at(50), at(60)}));
    p = after(p, add_take(p, StepId("one"), {kOther, at(5), at(9)}));
    EXPECT_EQ(take_at(p.steps[0], kFilm, at(55)), 1U);
    EXPECT_EQ(take_at(p.steps[0], kOther, at(5)), 2U);
    EXPECT_EQ(take_at(p.steps[0], kOther, at(9)), std::nullopt) << "an end is not in its take";
    EXPECT_EQ(step_at(p, kOther, at(6))->id, StepId("one"));
    EXPECT_EQ(choose_take(p, StepId("one"), 0).error().code, ErrorCode::Refused);
    p = after(p, choose_take(p, StepId("one"), 2));
    EXPECT_EQ(p.steps[0].takes, (std::vector<Take>{{kOther, at(5), at(9)}, {kFilm, at(0), at(10)}, {kFilm, at(50), at(60)}}));
    EXPECT_EQ(p.steps[0].clip->take, (Take{kOther, at(5), at(9)})) << "the clip was the best take and follows it";
    p = after(p, remove_take(p, StepId("one"), 0));
    EXPECT_FALSE(p.steps[0].clip) << "a clip of a take that is gone";
    p = after(p, remove_take(p, StepId("one"), 0));
    EXPECT_EQ(remove_take(p, StepId("one"), 0).error().code, ErrorCode::Refused) << "the only one stays";
}

TEST(Takes, OverlapIsRefusedWithTheStretchNamed) {
    const Procedure p = guide();
    const auto other = add_take(p, StepId("one"), {kFilm, at(15), at(25)});
    ASSERT_FALSE(other);
    EXPECT_NE(other.error().message.english().find("\"two\""), std::string::npos) << other.error().message;
    const auto own = add_take(p, StepId("one"), {kFilm, at(5), at(8)});
    ASSERT_FALSE(own);
    EXPECT_NE(own.error().message.english().find("take of this step"), std::string::npos) << own.error().message;
}

TEST(Takes, TheNearestEdgeIsThatOfTheNearestTake) {
    Procedure p = guide();
    p = after(p, add_take(p, StepId("one"), {kFilm, at(50), at(60)}));
    const auto edge = nearest_edge(p.steps[0], kFilm, at(52));
    ASSERT_TRUE(edge);
    EXPECT_EQ(edge->take, 1U);
    EXPECT_EQ(edge->edge, Edge::Begin);
    p = after(p, move_edge(p, StepId("one"), *edge, at(48)));
    EXPECT_EQ(p.steps[0].takes[1], (Take{kFilm, at(48), at(60)}));
    EXPECT_FALSE(nearest_edge(p.steps[0], kOther, at(3)));
}

TEST(Nested, ChecksAndWaitsLieWithinTheirStepAndHoldItsEdges) {
    Procedure p = guide();
    p = after(p, nest_check(p, StepId("one"), {"oil at the weep hole", "", "", Take{kFilm, at(6), at(9)}}));
    p = after(p, nest_wait(p, StepId("one"), {"until it has run down", {}, Take{kFilm, at(1), at(3)}}));
    const auto outside = nest_check(p, StepId("one"), {"", "", "", Take{kFilm, at(8), at(12)}});
    EXPECT_EQ(outside.error().code, ErrorCode::Refused);
    EXPECT_EQ(move_edge(p, StepId("one"), {0, Edge::End}, at(8)).error().code, ErrorCode::Refused) << "a check lies beyond";
    const auto parts = after(p, split_step(p, StepId("one"), kFilm, at(5)));
    EXPECT_EQ(parts.steps[0].waits.size(), 1U);
    EXPECT_TRUE(parts.steps[0].checks.empty());
    EXPECT_EQ(parts.steps[1].checks.size(), 1U);
    EXPECT_EQ(split_step(p, StepId("one"), kFilm, at(7)).error().code, ErrorCode::Refused) << "through a check";
    const auto whole = after(parts, merge_with_next(parts, parts.steps[0].id));
    EXPECT_EQ(whole.steps[0].waits.size() + whole.steps[0].checks.size(), 2U);
}

TEST(KeptPictures, BecomePlatesOfTheStepBracketedOverThem) {
    Procedure p = guide();
    p = after(p, add_note(p, kFilm, {NoteKind::Keep, at(25), ""}));
    p = after(p, add_note(p, kFilm, {NoteKind::Keep, at(45), ""}));
    p = after(p, bracket_step(p, kFilm, at(22), at(28), {}));
    const auto made = std::find_if(p.steps.begin(), p.steps.end(), [](const Step& s) { return s.takes.front().from == at(22); });
    ASSERT_NE(made, p.steps.end());
    ASSERT_EQ(made->plates.size(), 1U);
    EXPECT_EQ(made->plates[0].at, at(25));
    ASSERT_EQ(p.find(kFilm)->notes.size(), 1U) << "the other stays kept";
    EXPECT_EQ(p.find(kFilm)->notes[0].at, at(45));
}

TEST(Dismissed, AMarkPutAsideTakesNoOtherOfItsLineAlong) {
    Procedure p = guide();
    Mark figure;
    figure.at = at(3);
    figure.words = "25 newton metres";
    figure.value = {"25", "", "Nm"};
    Mark caution = figure;
    caution.kind = MarkKind::Caution;
    caution.words = "careful no more than 25 newton metres";
    p = after(p, dismiss(p, kFilm, figure));
    EXPECT_TRUE(is_dismissed(p, kFilm, figure));
    EXPECT_FALSE(is_dismissed(p, kFilm, caution)) << "its words hold those of the figure";
}

TEST(Taken, AnotherValueOfTheLineIsStillOpen) {
    Procedure p = guide();
    Mark low;
    low.figure_kind = FigureKind::Torque;
    low.at = at(3);
    low.words = "25";
    low.value = {"25", "", "Nm"};
    Mark range = low;
    range.words = "20 to 25 newton metres";
    range.value = {"20", "25", "Nm"};
    p = after(p, take_figure(p, kFilm, low, StepId("one")));
    EXPECT_NE(taken_as(p, kFilm, low), nullptr);
    EXPECT_EQ(taken_as(p, kFilm, range), nullptr);
    Mark again = low;
    again.words = "25 newton metres";
    EXPECT_NE(taken_as(p, kFilm, again), nullptr) << "the same value, a word more caught at a second reading";
}

TEST(Trimmed, PosterAndMarksKeepWhatOfThemLiesWithinTheClip) {
    Clip clip{{kFilm, at(0), at(10)}};
    clip.poster = at(8);
    clip.marks = {{{}, {}, at(1), at(3)}, {{}, {}, at(4), at(9)}, {{}, {}, at(7), at(9)}};
    const Clip cut = trimmed(clip, {kFilm, at(2), at(6)});
    EXPECT_EQ(cut.take, (Take{kFilm, at(2), at(6)}));
    EXPECT_FALSE(cut.poster);
    ASSERT_EQ(cut.marks.size(), 2U);
    EXPECT_EQ(cut.marks[0].from, at(2));
    EXPECT_EQ(cut.marks[0].to, at(3));
    EXPECT_EQ(cut.marks[1].to, at(6));
}

TEST(Takes, ATakeOfAnotherRecordingKeepsNoStillAndNoMarksOfTheFirst) {
    Procedure p = guide();
    Step s = *p.find(StepId("one"));
    s.takes.push_back({kOther, at(0), at(8)});
    Clip clip{s.takes.front()};
    clip.poster = at(3);
    clip.marks.resize(1);
    clip.marks[0].from = at(2);
    clip.marks[0].to = at(4);
    s.clip = clip;
    p = after(p, Change{"set", {Put<Step>{s, std::nullopt}}});
    p = after(p, choose_take(p, StepId("one"), 1));
    const auto& after = *p.find(StepId("one"))->clip;
    EXPECT_EQ(after.take.recording, kOther);
    EXPECT_FALSE(after.poster) << "second 3 of the other film shows something else";
    EXPECT_TRUE(after.marks.empty());
}
