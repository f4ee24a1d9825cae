// A change brought to a later state of its guide: the same result whoever came first, or a conflict, never a third thing.
#include "core/edits/rebase.h"

#include <gtest/gtest.h>

#include "core/edits/difference.h"
#include "core/procedure/json.h"
#include "tests/core/job.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace core = anagraph::core;
namespace rnd = anagraph::core::testing;

namespace {

Procedure started() { return rnd::guide(); }

Step step_of(const Procedure& p, const char* id) { return *p.find(StepId(id)); }

Change put(Step step) { return {"edit a step", {Put<Step>{std::move(step), std::nullopt}}}; }

/// `mine` over `theirs`, both made on `base`; nothing where they conflict.
std::optional<Procedure> both(const Procedure& base, const Change& theirs, const Change& mine) {
    const auto now = core::apply(base, theirs);
    EXPECT_TRUE(now);
    const auto rebased = rebase(base, theirs, mine);
    if (!std::holds_alternative<Change>(rebased)) return std::nullopt;
    const Procedure after = replay(*now, std::get<Change>(rebased));
    EXPECT_TRUE(objections(after).empty());
    return after;
}

Conflict conflict(const Procedure& base, const Change& theirs, const Change& mine) {
    const auto rebased = rebase(base, theirs, mine);
    EXPECT_TRUE(std::holds_alternative<Conflict>(rebased));
    return std::holds_alternative<Conflict>(rebased) ? std::get<Conflict>(rebased) : Conflict{};
}

/// Some edits that apply one after the other.
Change some_change(Procedure p) {
    Change out{"some change", {}};
    const int wanted = rnd::pick(1, 4);
    for (int tries = 0; tries < 30 && static_cast<int>(out.edits.size()) < wanted; ++tries) {
        const auto edit = rnd::random_edit(p);
        if (auto next = core::apply(p, edit)) {
            p = std::move(*next);
            out.edits.push_back(edit);
        }
    }
    return out;
}

}  // namespace

TEST(Rebase, WhatTouchesDifferentThingsIsKept) {
    const auto base = started();
    Step one = step_of(base, "one");
    one.lines = {"Undo the plug."};
    Step two = step_of(base, "two");
    two.lines = {"Fit the plug."};
    const auto after = both(base, put(one), put(two));
    ASSERT_TRUE(after);
    EXPECT_EQ(after->find(StepId("one"))->lines, one.lines);
    EXPECT_EQ(after->find(StepId("two"))->lines, two.lines);
}

TEST(Rebase, PartsOfOneStepArePutTogether) {
    const auto base = started();
    Step lines = step_of(base, "one");
    lines.lines = {"Undo the plug."};
    Step heading = step_of(base, "one");
    heading.heading = "Drain the oil";
    const auto after = both(base, put(lines), put(heading));
    ASSERT_TRUE(after);
    EXPECT_EQ(after->find(StepId("one"))->lines, lines.lines);
    EXPECT_EQ(after->find(StepId("one"))->heading, "Drain the oil");
}

TEST(Rebase, TheSameTextChangedTwiceAsksWithMineTheirsAndBase) {
    const auto base = started();
    Step mine = step_of(base, "one");
    mine.heading = "Drain the oil";
    Step theirs = step_of(base, "one");
    theirs.heading = "Let the oil out";
    const auto c = conflict(base, put(theirs), put(mine));
    EXPECT_EQ(c.what, "step 1 \u201C" + base.steps[0].heading + "\u201D, heading");
    EXPECT_EQ(c.mine, "Drain the oil");
    EXPECT_EQ(c.theirs, "Let the oil out");
    EXPECT_EQ(c.base, "one");
    // the same words are no conflict, and nothing is left to do
    const auto same = rebase(base, put(mine), put(mine));
    ASSERT_TRUE(std::holds_alternative<Change>(same));
    EXPECT_TRUE(std::get<Change>(same).edits.empty());
}

TEST(Rebase, WhatOneTookAwayAndTheOtherChangedAsks) {
    const auto base = started();
    Step mine = step_of(base, "one");
    mine.heading = "Drain the oil";
    const Change gone{"remove a step", {Remove<StepId>{StepId("one")}}};
    EXPECT_TRUE(conflict(base, gone, put(mine)).theirs.is_null());
    EXPECT_TRUE(conflict(base, put(mine), gone).mine.is_null());
    EXPECT_EQ(both(base, gone, gone)->steps.size(), 2U) << "both took it away";
}

TEST(Rebase, WhatARuleRefusesAfterwardsAsks) {
    const auto base = started();
    Step uses = step_of(base, "one");
    uses.actions.push_back({"loosen", {ItemId("plug")}, {}, {}});
    const Change gone{"remove an item", {Remove<ItemId>{ItemId("plug")}}};
    EXPECT_NE(conflict(base, put(uses), gone).what.find("no item of this guide"), std::string::npos);
    EXPECT_NE(conflict(base, gone, put(uses)).what.find("no item of this guide"), std::string::npos);
}

TEST(Rebase, StepsAreMovedByOneOnly) {
    const auto base = started();
    const Change last{"move a step", {MoveStep{StepId("one"), 2}}};
    const Change first{"move a step", {MoveStep{StepId("three"), 0}}};
    EXPECT_EQ(conflict(base, last, first).what, "the order of the steps");
    Step added = step_of(base, "two");
    added.id = StepId("new");
    added.takes.clear();
    // beside the step that moved nobody knows where it belongs; elsewhere it does
    const Change beside{"add a step", {Put<Step>{added, 1}}};
    EXPECT_FALSE(both(base, last, beside) || both(base, beside, last));
    const Change elsewhere{"add a step", {Put<Step>{added, 2}}};
    const auto a = both(base, last, elsewhere);
    const auto b = both(base, elsewhere, last);
    ASSERT_TRUE(a && b);
    EXPECT_TRUE(*a == *b);
    EXPECT_EQ(a->steps[1].id, StepId("new"));
}

TEST(Rebase, IsTheSameWhoeverCameFirstOrAConflictBothTimes) {
    int kept = 0;
    int asked = 0;
    holds([&] {
        const Procedure base = rnd::random_procedure(rnd::pick(0, 25));
        const Change a = some_change(base);
        const Change b = some_change(base);
        const auto ab = both(base, a, b);
        const auto ba = both(base, b, a);
        RC_ASSERT(ab.has_value() == ba.has_value());
        if (ab) RC_ASSERT(to_json(*ab).dump() == to_json(*ba).dump());
        ++(ab ? kept : asked);
    });
    EXPECT_GT(kept, 20);
    EXPECT_GT(asked, 5);
}

TEST(Rebase, OverNothingIsTheChangeItself) {
    holds([] {
        const Procedure base = rnd::random_procedure(rnd::pick(0, 20));
        const Change a = some_change(base);
        const auto rebased = rebase(base, {}, a);
        RC_ASSERT(std::holds_alternative<Change>(rebased));
        RC_ASSERT(to_json(replay(base, std::get<Change>(rebased))).dump() == to_json(*core::apply(base, a)).dump());
    });
}

TEST(Rebase, TwoLinesOfOneStepArePutTogetherAndTheSameLineAsks) {
    Procedure base = started();
    Step s = step_of(base, "one");
    s.lines = {"Undo the plug.", "Let it drain."};
    base = *core::apply(base, put(s));
    Step mine = s;
    mine.lines[0] = "Undo the drain plug.";
    Step theirs = s;
    theirs.lines[1] = "Let it drain until it drips.";
    const auto now = both(base, put(theirs), put(mine));
    ASSERT_TRUE(now);
    EXPECT_EQ(step_of(*now, "one").lines, (std::vector<std::string>{"Undo the drain plug.", "Let it drain until it drips."}));
    theirs.lines[0] = "Open the plug.";
    const auto c = conflict(base, put(theirs), put(mine));
    EXPECT_NE(c.what.find("line 1"), std::string::npos) << c.what;
    EXPECT_EQ(c.mine, "Undo the drain plug.");
    EXPECT_EQ(c.theirs, "Open the plug.");
    EXPECT_EQ(c.base, "Undo the plug.");
}

TEST(Rebase, CommentsOfTwoStandBesideEachOther) {
    const Procedure base = started();
    Step mine = step_of(base, "one");
    Step theirs = mine;
    mine.comments.push_back({"", "checker", "2026-12-01", "which washer?"});
    theirs.comments.push_back({"", "trainer", "2026-12-01", "show the bucket"});
    const auto a = both(base, put(theirs), put(mine));
    const auto b = both(base, put(mine), put(theirs));
    ASSERT_TRUE(a && b);
    EXPECT_TRUE(*a == *b);
    EXPECT_EQ(step_of(*a, "one").comments.size(), 2U);
}

TEST(Insist, MineStandsWhereBothChangedTheSameAndTheirsElsewhere) {
    const Procedure base = started();
    Step mine = step_of(base, "one");
    Step theirs = mine;
    mine.heading = "Mine";
    theirs.heading = "Theirs";
    theirs.pinned = !theirs.pinned;
    const Procedure now = *core::apply(base, put(theirs));
    const auto kept = insist(base, now, put(mine));
    ASSERT_TRUE(kept) << kept.error().message;
    const auto after = core::apply(now, *kept);
    ASSERT_TRUE(after);
    EXPECT_EQ(step_of(*after, "one").heading, "Mine");
    EXPECT_EQ(step_of(*after, "one").pinned, theirs.pinned) << "what only they changed stays theirs";
}

TEST(Insist, WhatOthersTookAwayComesBackWithMyChange) {
    const Procedure base = started();
    const auto gone = core::apply(base, Change{"take it out", {Remove<StepId>{StepId("one")}}});
    ASSERT_TRUE(gone) << gone.error().message;
    Step mine = step_of(base, "one");
    mine.heading = "Mine";
    const auto kept = insist(base, *gone, put(mine));
    ASSERT_TRUE(kept) << kept.error().message;
    const auto after = core::apply(*gone, *kept);
    ASSERT_TRUE(after);
    EXPECT_EQ(after->steps[0].heading, "Mine");
}

TEST(Insist, IsWhatRebaseKeepsWhereNobodyHasToDecide) {
    holds([] {
        const Procedure base = rnd::random_procedure(rnd::pick(0, 20));
        const Change a = some_change(base);
        const Change b = some_change(base);
        const auto rebased = rebase(base, a, b);
        if (!std::holds_alternative<Change>(rebased)) return;
        const Procedure now = *core::apply(base, a);
        const auto kept = insist(base, now, b);
        RC_ASSERT(kept.has_value());
        RC_ASSERT(to_json(replay(now, *kept)).dump() == to_json(replay(now, std::get<Change>(rebased))).dump());
    });
}

TEST(Rebase, WhatWasDoneAndTakenBackStandsInNobodysWay) {
    // undo goes past what others did; their way there is no matter
    holds([] {
        const Procedure base = rnd::random_procedure(rnd::pick(0, 20));
        const Change there = some_change(base);
        const Change back = *inverse(base, there);
        Change and_back = there;
        and_back.edits.insert(and_back.edits.end(), back.edits.begin(), back.edits.end());
        RC_ASSERT(difference(base, replay(base, and_back)).edits.empty());
        const Change mine = some_change(base);
        const auto rebased = rebase(base, difference(base, replay(base, and_back)), mine);
        RC_ASSERT(std::holds_alternative<Change>(rebased));
    });
}
