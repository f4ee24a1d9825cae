#include "core/review/reshoot.h"

#include <gtest/gtest.h>

#include "core/tape/logging.h"
#include "tests/core/narration/said.h"

using namespace anagraph::core;
using anagraph::core::testing::said;

namespace {

const RecordingId kFilm("film");

struct Job {
    std::vector<Segment> lines = said({"undo the plug with a seventeen", "you can't see it it's too dark under here",
        "the torque i'll look that up later", "put the cover back on"});
    std::vector<Mark> marks = read_marks(lines);
    Procedure p;

    Job() {
        p.recordings = {{kFilm, "draining", {}}};
        Step s;
        s.id = StepId("one");
        s.heading = "Undo the plug";
        s.takes = {{kFilm, FrameTime(0, 1), FrameTime(8, 1)}};
        p.steps = {s};
    }
    std::vector<Missing> list(std::vector<PoorStretch> poor = {}) const {
        return reshoot_list(p, {{kFilm, &lines, &marks, std::move(poor)}});
    }
};

}  // namespace

TEST(Reshoot, HoldsWhatIsNotSeenAndWhatWasPromised) {
    const auto list = Job().list();
    ASSERT_EQ(list.size(), 2U);
    EXPECT_EQ(list[0].at, FrameTime(4, 1));
    EXPECT_EQ(list[0].why, "the speaker says that it cannot be seen");
    EXPECT_EQ(list[0].step, StepId("one"));
    EXPECT_EQ(list[1].why, "promised for later");
    EXPECT_TRUE(list[1].step.empty());
}

TEST(Reshoot, HoldsTheNotesOfTheAuthorInTheOrderOfTheTape) {
    Job job;
    job.p.recordings[0].notes = {{NoteKind::NotFilmed, FrameTime(1, 1), "the thread from near"},
        {NoteKind::Note, FrameTime(2, 1), "nice light"}, {NoteKind::LookUp, FrameTime(14, 1), "which washer"}};
    const auto list = job.list();
    ASSERT_EQ(list.size(), 4U);
    EXPECT_EQ(list.front().what, "the thread from near");
    EXPECT_EQ(list.back().what, "which washer");
    EXPECT_TRUE(std::is_sorted(list.begin(), list.end(), [](const Missing& a, const Missing& b) { return a.at < b.at; }));
}

TEST(Reshoot, APoorPictureCountsOnlyWhereAStepNeedsIt) {
    const Job job;
    const auto list = job.list({{FrameTime(2, 1), FrameTime(3, 1), "too dark"}, {FrameTime(20, 1), FrameTime(24, 1), "blurred"}});
    ASSERT_EQ(list.size(), 3U);
    EXPECT_EQ(list.front().what, "Undo the plug");
    EXPECT_EQ(list.front().why, "too dark from 0:02 to 0:03");
}

TEST(Reshoot, WhatWasPutAsideOrDroppedAsksForNothing) {
    Job job;
    for (const auto& m : job.marks)
        if (m.kind == MarkKind::Unseen) job.p = *anagraph::core::apply(job.p, *dismiss(job.p, kFilm, m));
    job.p = *anagraph::core::apply(job.p, *add_note(job.p, kFilm, {NoteKind::DropAsTalk, FrameTime(8, 1), ""}));
    EXPECT_TRUE(job.list().empty());
}

TEST(Reshoot, OneMomentIsOnePoint) {
    Job job;
    job.p.recordings[0].notes = {{NoteKind::NotFilmed, FrameTime(1, 1), "a"}, {NoteKind::NotFilmed, FrameTime(2, 1), "b"},
        {NoteKind::NotFilmed, FrameTime(30, 1), "c"}};
    std::size_t noted = 0;
    for (const auto& m : job.list()) noted += m.why == "noted as not filmed" ? 1 : 0;
    EXPECT_EQ(noted, 2U);
}
