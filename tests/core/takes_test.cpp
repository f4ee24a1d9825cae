#include "core/procedure/takes.h"

#include <gtest/gtest.h>

#include "core/procedure/logging.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

const RecordingId kFilm("film");
const RecordingId kOther("other");

FrameTime at(int s) { return {s, 1}; }

Step step(const char* id, int from, int to) {
    Step s;
    s.id = StepId(id);
    s.heading = id;
    s.takes = {{kFilm, at(from), at(to)}};
    return s;
}

Procedure guide() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.recordings = {{kFilm, "", {}}, {kOther, "", {}}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "plug", "", ""}};
    p.steps = {step("one", 0, 10), step("two", 10, 20), step("three", 30, 40)};
    return p;
}

Procedure after(const Procedure& p, const Result<Change>& change) {
    EXPECT_TRUE(change) << (change ? "" : change.error().message);
    return change ? *anagraph::core::apply(p, *change) : p;
}

}  // namespace

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
    p.steps[0].clip = Take{kFilm, at(0), at(10)};
    auto q = after(p, split_step(p, StepId("one"), kFilm, at(5)));
    EXPECT_EQ(q.steps[0].clip->to, at(5));
    EXPECT_FALSE(q.steps[1].clip);
    p.steps[0].clip = Take{kFilm, at(6), at(9)};
    q = after(p, split_step(p, StepId("one"), kFilm, at(5)));
    EXPECT_FALSE(q.steps[0].clip);
    EXPECT_EQ(q.steps[1].clip->from, at(6));
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
    p.steps[2].clip = p.steps[2].takes.front();
    const auto q = after(p, move_edge(p, StepId("three"), kFilm, Edge::Begin, at(25)));
    EXPECT_EQ(q.steps[2].takes.front().from, at(25));
    EXPECT_EQ(q.steps[2].clip->from, at(25));
    EXPECT_EQ(after(p, move_edge(p, StepId("three"), kFilm, Edge::End, at(50))).steps[2].takes.front().to, at(50));
}

TEST(MoveEdge, IsRefusedWhereItWouldRunIntoAnotherStepAndSaysWhich) {
    const Procedure p = guide();
    const auto refused = move_edge(p, StepId("three"), kFilm, Edge::Begin, at(15));
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ErrorCode::Refused);
    EXPECT_NE(refused.error().message.find("\"two\""), std::string::npos);
    EXPECT_EQ(move_edge(p, StepId("one"), kFilm, Edge::End, at(0)).error().code, ErrorCode::Refused);
    EXPECT_EQ(move_edge(p, StepId("one"), kOther, Edge::End, at(5)).error().code, ErrorCode::NotFound);
}

TEST(MoveEdge, KnowsTheNearerEdge) {
    const Procedure p = guide();
    EXPECT_EQ(nearer_edge(p.steps[0], kFilm, at(2)), Edge::Begin);
    EXPECT_EQ(nearer_edge(p.steps[0], kFilm, at(8)), Edge::End);
}

TEST(Takes, NoTwoStepsEverShareAMoment) {
    holds([] {
        Procedure p = guide();
        for (int i = 0; i < 12; ++i) {
            const StepId id = p.steps[static_cast<std::size_t>(*rc::gen::inRange<int>(0, static_cast<int>(p.steps.size())))].id;
            const auto t = at(*rc::gen::inRange(0, 60));
            const int what = *rc::gen::inRange(0, 4);
            const auto change = what == 0 ? split_step(p, id, kFilm, t) : what == 1 ? merge_with_next(p, id)
                                                                                    : move_edge(p, id, kFilm, what == 2 ? Edge::Begin : Edge::End, t);
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

TEST(Corrections, PutALineRightAndTheRecognisersWordsTakeItOutAgain) {
    Procedure p = guide();
    const std::vector<Segment> heard{{at(0), at(4), "undo the brief her"}, {at(4), at(8), "with a twenty two"}};
    p = after(p, correct_line(p, kFilm, heard[0], "undo the breather"));
    auto now = corrected(heard, p.find(kFilm)->corrections);
    EXPECT_EQ(now[0].text, "undo the breather");
    EXPECT_EQ(now[1].text, heard[1].text);
    p = after(p, correct_line(p, kFilm, heard[0], "undo the breather plug"));
    EXPECT_EQ(p.find(kFilm)->corrections.size(), 1U);
    p = after(p, correct_line(p, kFilm, heard[0], heard[0].text));
    EXPECT_TRUE(p.find(kFilm)->corrections.empty());
    EXPECT_EQ(correct_line(p, kFilm, heard[0], " ").error().code, ErrorCode::Refused);
}
