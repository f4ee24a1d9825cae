// The pure layouts of the stations: where things stand on the tape and on a number line.
#include <gtest/gtest.h>

#include "app/tape/tape_layout.h"

using namespace anagraph;
using namespace anagraph::app;
using core::FrameTime;

namespace {

struct Tape {
    media::RecordingIndex index;
    std::vector<core::Segment> narration;
    std::vector<core::Mark> marks;
    core::Procedure procedure;
    TapeMetrics metrics;

    Tape() {
        for (int i = 0; i < 1200; ++i) index.times.emplace_back(i, 12);
        index.end = FrameTime(100, 1);
        for (std::size_t i = 0; i < 1200; i += 12) index.thumbnails.push_back({i, 0, 0});
        for (int i = 0; i < 25; ++i)
            narration.push_back({FrameTime(i * 4, 1), FrameTime(i * 4 + 3, 1), "tighten the plug to 25 newton metres"});
        marks = core::read_marks(narration);
        procedure.recordings = {{core::RecordingId("r"), "", {}}};
        core::Step s;
        s.id = core::StepId("s");
        s.takes = {{core::RecordingId("r"), FrameTime(20, 1), FrameTime(40, 1)}};
        procedure.steps = {s};
    }
    /// The same film twice, as two recordings of a job.
    TapeInput input(std::vector<core::Fold> folds = {}) const {
        return {{{&index, &narration, &marks, core::RecordingId("r"), std::move(folds)},
                    {&index, &narration, &marks, core::RecordingId("q"), {}}},
            &procedure};
    }
    TapeLayout layout(std::vector<core::Fold> folds = {}) const { return tape_layout(input(std::move(folds)), metrics); }
};

const std::vector<core::Fold> kFolds{{FrameTime(10, 1), FrameTime(18, 1), true, 2}, {FrameTime(60, 1), FrameTime(95, 1), false, 0}};

}  // namespace

TEST(TapeAxis, TimeRunsDownAndAPlaceGivesItsMomentBack) {
    Tape t;
    for (const double zoom : {0.5, 20.0, 1800.0})
        for (const auto& folds : {std::vector<core::Fold>{}, kFolds}) {
            t.metrics.pixels_per_second = zoom;
            const TapeAxis axis(t.input(folds), t.metrics);
            double last = 0;
            for (const std::size_t r : {0U, 1U})
                for (const int s : {0, 7, 12, 50, 70, 99}) {
                    const double y = axis.y(r, s);
                    EXPECT_GT(y, last);
                    last = y;
                    const auto back = axis.at(y);
                    EXPECT_EQ(back.recording, r);
                    EXPECT_NEAR(back.at.seconds(), s, 1e-4);
                }
            EXPECT_GT(axis.height(), last);
        }
}

TEST(TapeAxis, RecordingsStandOneBelowTheOtherUnderTheirHeads) {
    const Tape t;
    const TapeAxis axis(t.input(), t.metrics);
    EXPECT_DOUBLE_EQ(axis.y(0, 0), axis.head(0) + t.metrics.head_height);
    EXPECT_DOUBLE_EQ(axis.y(0, 100), axis.foot(0));
    EXPECT_DOUBLE_EQ(axis.head(1), axis.foot(0) + t.metrics.foot_height);
    EXPECT_EQ(axis.at(axis.foot(0) + 3).recording, 0U) << "the nearer end";
    EXPECT_EQ(axis.at(axis.head(1) + t.metrics.head_height - 3).recording, 1U);
    EXPECT_EQ(axis.at(-100).at, FrameTime(0, 1));
}

TEST(TapeAxis, AFoldTakesTheRoomOfALineAndOnlyWhereThatIsLess) {
    Tape t;
    const TapeAxis open(t.input(), t.metrics);
    const TapeAxis shut(t.input(kFolds), t.metrics);
    EXPECT_NEAR(open.height() - shut.height(), (8 + 35) * t.metrics.pixels_per_second - 2 * t.metrics.fold_height, 1e-6);
    EXPECT_NEAR(shut.y(0, 18) - shut.y(0, 10), t.metrics.fold_height, 1e-6);
    t.metrics.pixels_per_second = 1;
    const TapeAxis far(t.input(kFolds), t.metrics);
    EXPECT_NEAR(far.y(0, 18) - far.y(0, 10), 8, 1e-6) << "from far away the short one is smaller unfolded";
    EXPECT_NEAR(far.y(0, 95) - far.y(0, 60), t.metrics.fold_height, 1e-6);
}

TEST(TapeLayout, BracketLinesAndPicturesStandAtTheirMoments) {
    const Tape t;
    const auto layout = t.layout();
    ASSERT_EQ(layout.brackets.size(), 1U);
    EXPECT_DOUBLE_EQ(layout.brackets[0].box.top(), layout.axis.y(0, 20));
    EXPECT_DOUBLE_EQ(layout.brackets[0].box.bottom(), layout.axis.y(0, 40));
    EXPECT_EQ(layout.brackets[0].number, 1);
    ASSERT_EQ(layout.lines.size(), 50U);
    EXPECT_DOUBLE_EQ(layout.lines[3].box.top(), layout.axis.y(0, 12));
    EXPECT_DOUBLE_EQ(layout.lines[28].box.top(), layout.axis.y(1, 12));
    EXPECT_FALSE(layout.lines[3].marks.empty());
    const auto pictures = tape_pictures(t.input(), t.metrics, layout, 0, layout.height());
    ASSERT_GT(pictures.size(), 20U);
    for (std::size_t i = 1; i < pictures.size(); ++i) EXPECT_GE(pictures[i].box.top(), pictures[i - 1].box.bottom());
    for (const auto& p : pictures) EXPECT_EQ(p.frame % 12, 0U) << "pictures of the import only";
    const auto ticks = tape_ticks(t.metrics, layout, 0, layout.height());
    for (std::size_t i = 1; i < ticks.size(); ++i) EXPECT_GE(ticks[i].y - ticks[i - 1].y, 50);
}

TEST(TapeLayout, WhatIsPaintedInAPartIsWhatIsPaintedInTheWhole) {
    Tape t;
    for (const double zoom : {0.7, 20.0, 700.0}) {
        t.metrics.pixels_per_second = zoom;
        const auto layout = t.layout(kFolds);
        const auto whole = tape_pictures(t.input(kFolds), t.metrics, layout, 0, layout.height());
        const double top = layout.height() * 0.4;
        for (const auto& p : tape_pictures(t.input(kFolds), t.metrics, layout, top, top + 600))
            EXPECT_TRUE(p.box.top() <= top || std::any_of(whole.begin(), whole.end(), [&](const TapePicture& w) {
                return w.frame == p.frame && w.recording == p.recording && std::abs(w.box.top() - p.box.top()) < 0.01;
            })) << zoom;
        const auto [first, last] = layout.lines_between(top, top + 600);
        for (std::size_t i = 0; i < layout.lines.size(); ++i) {
            const auto& box = layout.lines[i].box;
            EXPECT_TRUE(box.bottom() <= top || box.top() >= top + 600 || (i >= first && i < last));
        }
    }
}

TEST(TapeLayout, SingleFramesHaveTheirOwnPictures) {
    Tape t;
    const auto reading = t.layout();
    const double picture = (reading.columns.brackets - reading.columns.pictures - 8) / t.metrics.thumb_aspect + 2;
    t.metrics.pixels_per_second = picture * 12;
    const auto layout = t.layout();
    const double top = layout.axis.y(0, 50);
    const auto pictures = tape_pictures(t.input(), t.metrics, layout, top, top + 5 * picture);
    ASSERT_GE(pictures.size(), 5U);
    for (std::size_t i = 1; i < pictures.size(); ++i) EXPECT_EQ(pictures[i].frame, pictures[i - 1].frame + 1);
}

TEST(TapeLayout, LinesNeverOverlapHoweverFarZoomedOut) {
    Tape t;
    for (const double zoom : {0.5, 4.0, 20.0, 200.0}) {
        t.metrics.pixels_per_second = zoom;
        double free_from = -1;
        int shown = 0;
        for (const auto& line : t.layout().lines) {
            if (!line.shown) continue;
            EXPECT_GE(line.box.top() + 1, free_from) << zoom;
            free_from = line.box.top() + t.metrics.line_height;
            ++shown;
        }
        EXPECT_GT(shown, 0);
    }
}

TEST(TapeLayout, NestedChecksAndOtherTakesAreBracketsOfTheirOwn) {
    Tape t;
    t.procedure.steps[0].takes.push_back({core::RecordingId("q"), FrameTime(5, 1), FrameTime(9, 1)});
    t.procedure.steps[0].checks = {{"the washer", "", "", core::Take{core::RecordingId("r"), FrameTime(22, 1), FrameTime(25, 1)}}};
    t.procedure.steps[0].waits = {{"", {}, core::Take{core::RecordingId("q"), FrameTime(6, 1), FrameTime(7, 1)}}};
    const auto layout = t.layout();
    ASSERT_EQ(layout.brackets.size(), 2U);
    EXPECT_EQ(layout.brackets[0].take, 0U);
    EXPECT_EQ(layout.brackets[1].take, 1U);
    EXPECT_EQ(layout.brackets[1].takes, 2U);
    EXPECT_DOUBLE_EQ(layout.brackets[1].box.top(), layout.axis.y(1, 5));
    ASSERT_EQ(layout.nested.size(), 2U);
    EXPECT_FALSE(layout.nested[0].wait);
    EXPECT_DOUBLE_EQ(layout.nested[0].box.top(), layout.axis.y(0, 22));
    EXPECT_TRUE(layout.nested[1].wait);
    EXPECT_DOUBLE_EQ(layout.nested[1].box.top(), layout.axis.y(1, 6));
}

TEST(TapeLayout, NothingIsLaidOutForNoRecording) { EXPECT_EQ(tape_layout({}, {}).height(), 0); }
