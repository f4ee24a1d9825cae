#include "core/tape/folds.h"

#include <gtest/gtest.h>

#include "tests/core/job.h"

using namespace anagraph::core;
using anagraph::core::testing::at;
using anagraph::core::testing::guide;
using anagraph::core::testing::kOther;

namespace {

/// Talk 0-12 s, work 12-16, silence to 50, talk 50-51 (too short), work 55-60, the film ends at 90.
struct FoldedTape {
    std::vector<Segment> lines{{at(0), at(4), "hello"}, {at(4), at(8), "and thanks"}, {at(8), at(12), "for watching"},
        {at(12), at(16), "undo the plug"}, {at(50), at(51), "music"}, {at(55), at(60), "fit the plug"}};
    std::vector<Mark> marks;
    Procedure p = guide();

    FoldedTape() {
        for (const std::size_t talk : {0U, 1U, 2U, 4U}) {
            Mark m;
            m.kind = MarkKind::Talk;
            m.segment = talk;
            m.at = lines[talk].start;
            marks.push_back(m);
        }
    }
    std::vector<Fold> now() const { return folds(p, kOther, lines, marks, at(0), at(90)); }
};

}  // namespace

TEST(Folds, TalkAndLongSilenceFoldAndWorkDoesNot) {
    const FoldedTape t;
    EXPECT_EQ(t.now(), (std::vector<Fold>{{at(0), at(12), true, 3}, {at(16), at(50), false, 0}, {at(60), at(90), false, 0}}));
}

TEST(Folds, StepsAndNotesKeepTheirStretchOpen) {
    FoldedTape t;
    t.p.steps[0].takes = {{kOther, at(30), at(34)}};
    t.p.recordings[1].notes = {{NoteKind::LookUp, at(1), "who"}};
    const auto now = t.now();
    for (const auto& f : now) {
        EXPECT_FALSE(f.from < at(34) && at(30) < f.to) << "a step lies in it";
        EXPECT_FALSE(f.from <= at(1) && at(1) < f.to) << "a note lies in it";
    }
    EXPECT_EQ(now.size(), 4U) << "the rest of the talk, the silence before and after the step, and the end";
}

TEST(Folds, ALineDroppedByTheAuthorIsTalk) {
    FoldedTape t;
    t.p.recordings[1].notes = {{NoteKind::DropAsTalk, at(12), ""}};
    EXPECT_EQ(t.now().front(), (Fold{at(0), at(16), true, 4}));
}

TEST(Folds, AFilmWithoutAWordIsAllThereIs) { EXPECT_TRUE(folds(guide(), kOther, {}, {}, at(0), at(900)).empty()); }

TEST(Folds, NeverOverlap) {
    FoldedTape t;
    t.lines[2].end = at(14);  // runs on under the next line
    const auto now = t.now();
    for (std::size_t i = 1; i < now.size(); ++i) EXPECT_LE(now[i - 1].to, now[i].from);
    EXPECT_EQ(now[0].to, at(12));
}
