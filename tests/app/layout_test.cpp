// The pure layouts of the stations: where things stand on the tape and on a number line.
#include <gtest/gtest.h>

#include "app/figures/number_line.h"
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
        for (int i = 0; i < 25; ++i) narration.push_back({FrameTime(i * 4, 1), FrameTime(i * 4 + 3, 1), "tighten the plug to 25 newton metres"});
        marks = core::read_marks(narration);
        procedure.recordings = {{core::RecordingId("r"), "", {}}};
        core::Step s;
        s.id = core::StepId("s");
        s.takes = {{core::RecordingId("r"), FrameTime(20, 1), FrameTime(40, 1)}};
        procedure.steps = {s};
    }
    TapeInput input() const { return {&index, &narration, &marks, &procedure, core::RecordingId("r")}; }
};

}  // namespace

TEST(TapeLayout, TimeRunsDownAndAPlaceGivesItsMomentBack) {
    const Tape t;
    for (const int s : {0, 7, 50, 99}) {
        const double y = tape_y(t.input(), t.metrics, FrameTime(s, 1));
        EXPECT_NEAR(tape_time(t.input(), t.metrics, y).seconds(), s, 1e-5);
        EXPECT_LT(y, tape_y(t.input(), t.metrics, FrameTime(s + 1, 1)));
    }
}

TEST(TapeLayout, BracketLinesAndPicturesStandAtTheirMoments) {
    const Tape t;
    const auto layout = tape_layout(t.input(), t.metrics);
    ASSERT_EQ(layout.brackets.size(), 1U);
    EXPECT_DOUBLE_EQ(layout.brackets[0].box.top(), tape_y(t.input(), t.metrics, FrameTime(20, 1)));
    EXPECT_DOUBLE_EQ(layout.brackets[0].box.bottom(), tape_y(t.input(), t.metrics, FrameTime(40, 1)));
    EXPECT_EQ(layout.brackets[0].number, 1);
    ASSERT_EQ(layout.lines.size(), 25U);
    EXPECT_DOUBLE_EQ(layout.lines[3].box.top(), tape_y(t.input(), t.metrics, FrameTime(12, 1)));
    EXPECT_FALSE(layout.lines[3].marks.empty());
    for (std::size_t i = 1; i < layout.pictures.size(); ++i) EXPECT_GE(layout.pictures[i].box.top(), layout.pictures[i - 1].box.bottom());
    for (std::size_t i = 1; i < layout.ticks.size(); ++i) EXPECT_GE(layout.ticks[i].y - layout.ticks[i - 1].y, 50);
}

TEST(TapeLayout, LinesNeverOverlapHoweverFarZoomedOut) {
    Tape t;
    for (const double zoom : {2.0, 4.0, 20.0, 200.0}) {
        t.metrics.pixels_per_second = zoom;
        double free_from = -1;
        int shown = 0;
        for (const auto& line : tape_layout(t.input(), t.metrics).lines) {
            if (!line.shown) continue;
            EXPECT_GE(line.box.top() + 1, free_from) << zoom;
            free_from = line.box.top() + t.metrics.line_height;
            ++shown;
        }
        EXPECT_GT(shown, 0);
    }
}

TEST(TapeLayout, NothingIsLaidOutForNoRecording) { EXPECT_EQ(tape_layout({}, {}).height, 0); }

TEST(NumberLine, HoldsClaimsSourcesAndToleranceOnOneScale) {
    core::Figure f;
    f.kind = core::FigureKind::Torque;
    f.value = {"25", "", "Nm"};
    f.tolerance = "2.5";
    f.claims = {{core::RecordingId("r"), FrameTime(79, 1), "eighteen foot pounds", {"18", "", "lbf.ft"}}, {core::RecordingId("r"), FrameTime(79, 1), "twenty four", {"24", "", "Nm"}}};
    f.proofs = {{core::SourceId("b"), "page 2", {"25", "", "Nm"}}};
    const auto line = number_line(f);
    ASSERT_TRUE(line.drawable);
    EXPECT_EQ(line.unit, QString::fromUtf8("N·m"));
    ASSERT_EQ(line.pins.size(), 2U);
    EXPECT_NEAR(line.pins[1].at, 24.405, 0.001);
    EXPECT_NE(line.pins[0].level, line.pins[1].level) << "pins close together stand at different heights";
    EXPECT_DOUBLE_EQ(line.band_from, 22.5);
    EXPECT_DOUBLE_EQ(line.band_to, 27.5);
    for (const double v : {24.0, 24.405, 25.0, 22.5, 27.5}) {
        EXPECT_GE(line.place(v), 0);
        EXPECT_LE(line.place(v), 1);
    }
    EXPECT_GE(line.ticks.size(), 4U);
}

TEST(NumberLine, AForceSaidForATorqueStandsAtItsNumber) {
    core::Figure f;
    f.kind = core::FigureKind::Torque;
    f.claims = {{core::RecordingId("r"), FrameTime(1, 1), "twelve newtons", {"12", "", "N"}}};
    const auto line = number_line(f);
    ASSERT_TRUE(line.drawable);
    EXPECT_DOUBLE_EQ(line.pins[0].at, 12);
    EXPECT_EQ(line.unit, QString::fromUtf8("N·m"));
}

TEST(NumberLine, GradesHaveNone) {
    core::Figure f;
    f.kind = core::FigureKind::Grade;
    f.value = {"75W90", "", ""};
    EXPECT_FALSE(number_line(f).drawable);
}
