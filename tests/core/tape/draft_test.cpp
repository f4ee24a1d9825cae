#include "core/tape/draft.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/review/open_points.h"
#include "core/tape/logging.h"
#include "tests/core/narration/said.h"

using namespace anagraph::core;
using anagraph::core::testing::said;

namespace {

const RecordingId kTape("film");

struct Tape {
    std::vector<Segment> lines;
    std::vector<Mark> marks;
    Procedure p;

    explicit Tape(const std::vector<std::string>& text) : lines(said(text)), marks(read_marks(lines)) {
        p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    }
    Result<Change> draft() const { return draft_steps(p, kTape, lines, marks, lines.back().end); }
    void perform(const Result<Change>& change) {
        ASSERT_TRUE(change) << change.error().message;
        p = *anagraph::core::apply(p, *change);
    }
};

const std::vector<std::string> kJob{"hello and welcome everybody", "undo the breather plug with a twenty two socket",
    "then remove the gearbox cover", "the cover has six bolts", "drain the oil into a tray", "careful it is hot and it burns",
    "tighten the drain plug to 25 newton metres", "thanks for watching bye"};

}  // namespace

TEST(Draft, MakesStepsWhereTheTalkTurnsToAnotherThing) {
    Tape tape(kJob);
    tape.perform(tape.draft());
    ASSERT_GE(tape.p.steps.size(), 3U);
    EXPECT_EQ(tape.p.steps[0].takes.front().from, FrameTime(4, 1));  // not the greeting
    EXPECT_EQ(tape.p.steps.back().takes.back().to, FrameTime(28, 1));
    for (const auto& s : tape.p.steps) {
        EXPECT_TRUE(s.drafted);
        EXPECT_FALSE(s.heading.empty());
        EXPECT_FALSE(s.actions.empty());
    }
}

TEST(Draft, TakesFiguresAndCautionsThatWereSaid) {
    Tape tape(kJob);
    tape.perform(tape.draft());
    bool torque = false;
    bool caution = false;
    for (const auto& s : tape.p.steps) {
        for (const auto& id : s.heard) torque = torque || tape.p.find(id)->kind == FigureKind::Torque;
        caution = caution || !s.cautions.empty();
    }
    EXPECT_TRUE(torque);
    EXPECT_TRUE(caution);
    for (const auto& f : tape.p.figures) EXPECT_FALSE(f.claims.empty()) << "every drafted figure says when it was heard";
    for (const auto& f : tape.p.figures) EXPECT_NE(standing_of(f), Standing::Proved) << "speech alone proves nothing";
}

TEST(Draft, BringsInTheItemsThatAreActedOnEachOnce) {
    Tape tape(kJob);
    tape.perform(tape.draft());
    std::size_t acted = 0;
    for (const auto& s : tape.p.steps)
        for (const auto& a : s.actions) acted += a.items.size();
    EXPECT_GE(acted, 3U);
    for (const auto& i : tape.p.items)
        EXPECT_EQ(std::count_if(tape.p.items.begin(), tape.p.items.end(), [&](const Item& x) { return x.name == i.name; }), 1) << i.name;
    const Item* plug = item_named(tape.p, "drain plug");
    ASSERT_NE(plug, nullptr);
    EXPECT_EQ(plug->kind, ItemKind::Fastener);
}

TEST(Draft, IsOneChangeThatOneUndoTakesBack) {
    Tape tape(kJob);
    const auto change = tape.draft();
    ASSERT_TRUE(change);
    const auto back = inverse(tape.p, *change);
    ASSERT_TRUE(back);
    const auto forth = anagraph::core::apply(tape.p, *change);
    EXPECT_EQ(*anagraph::core::apply(*forth, *back), tape.p);
}

TEST(Draft, LeavesAloneWhatAPersonHasBracketed) {
    Tape tape(kJob);
    tape.perform(bracket_step(tape.p, kTape, FrameTime(8, 1), FrameTime(16, 1), tape.marks));
    const Step mine = tape.p.steps.front();
    tape.perform(tape.draft());
    EXPECT_EQ(*tape.p.find(mine.id), mine);
    for (const auto& s : tape.p.steps) EXPECT_EQ(s.drafted, s.id != mine.id);
}

TEST(Draft, SaysWhenThereIsNothingToDraft) {
    Tape silent({"hello and welcome everybody", "thanks for watching bye"});
    ASSERT_FALSE(silent.draft());
    EXPECT_EQ(silent.draft().error().code, ErrorCode::Refused);
    Tape tape(kJob);
    tape.perform(tape.draft());
    EXPECT_EQ(tape.draft().error().code, ErrorCode::Refused);
}

TEST(Draft, StopsTheIssueUntilAPersonHasConfirmedIt) {
    Tape tape(kJob);
    tape.perform(tape.draft());
    const auto reasons = reasons_not_to_issue(tape.p);
    EXPECT_TRUE(std::any_of(reasons.begin(), reasons.end(), [](const std::string& r) { return r.find("drafted") != std::string::npos; }));
    const StepId first = tape.p.steps.front().id;
    tape.perform(confirm_step(tape.p, first));
    EXPECT_FALSE(tape.p.find(first)->drafted);
    EXPECT_EQ(confirm_step(tape.p, first).error().code, ErrorCode::Refused);
    EXPECT_EQ(confirm_step(tape.p, StepId("none")).error().code, ErrorCode::NotFound);
}

TEST(Draft, AMarkPutAsideIsNotDrafted) {
    Tape tape({"undo the breather plug", "tighten the drain plug to 25 newton metres"});
    for (const auto& m : tape.marks)
        if (m.kind == MarkKind::Figure) tape.perform(dismiss(tape.p, kTape, m));
    tape.perform(tape.draft());
    EXPECT_TRUE(tape.p.figures.empty());
}
