// What waits on this computer until the library has it.
#include "store/waiting.h"

#include <gtest/gtest.h>

#include "tests/core/job.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using core::ErrorCode;

namespace {

core::Change heading(const core::Procedure& p, const char* step, const char* words) {
    core::Step s = *p.find(core::StepId(step));
    s.heading = words;
    return {"edit a heading", {core::Put<core::Step>{s, std::nullopt}}};
}

class WaitingTest : public ::testing::Test {
protected:
    void SetUp() override {
        auto opened = store::Library::make_or_open(place(folder / "lib"));
        ASSERT_TRUE(opened) << opened.error().message;
        library = std::move(*opened);
        id = *library->create_guide(start, "author");
    }
    store::Waiting waiting() const {
        auto w = store::Waiting::open(library->place());
        EXPECT_TRUE(w) << (w ? std::string() : w.error().message.english());
        return std::move(*w);
    }
    store::WaitingChange made(const core::Change& change) const { return {id, 1, change, "author", "2026-12-01T08:00:00Z", ""}; }
    std::string said(const char* step) const { return library->load_guide(id)->find(core::StepId(step))->heading; }
    void another(const core::Change& change) {
        const auto done = library->append_on(id, 1, change, "trainer");
        ASSERT_TRUE(done) << done.error().message;
    }

    const Scratch folder;
    const core::Procedure start = core::testing::guide();
    std::unique_ptr<store::Library> library;
    store::GuideId id;
};

}  // namespace

TEST_F(WaitingTest, IsThereAgainAndIsBroughtInTheOrderItWasMade) {
    {
        auto w = waiting();
        ASSERT_TRUE(w.add(made(heading(start, "one", "first"))));
        ASSERT_TRUE(w.add(made(heading(store::with_waiting(start, w.all()), "one", "second"))));
    }
    auto w = waiting();
    ASSERT_EQ(w.all().size(), 2U);
    EXPECT_EQ(store::with_waiting(start, w.all()).find(core::StepId("one"))->heading, "second");
    ASSERT_TRUE(store::bring(*library, w));
    EXPECT_EQ(said("one"), "second");
    EXPECT_EQ(library->history(id)->size(), 3U) << "each of them is there";
    EXPECT_TRUE(w.all().empty());
    EXPECT_TRUE(waiting().all().empty());
}

TEST_F(WaitingTest, StandsBesideWhatOthersDidMeanwhile) {
    auto w = waiting();
    ASSERT_TRUE(w.add(made(heading(start, "one", "mine"))));
    ASSERT_TRUE(w.add(made(heading(store::with_waiting(start, w.all()), "one", "mine again"))));
    another(heading(start, "two", "theirs"));
    ASSERT_TRUE(store::bring(*library, w));
    EXPECT_EQ(said("one"), "mine again");
    EXPECT_EQ(said("two"), "theirs");
    EXPECT_TRUE(w.all().empty());
}

TEST_F(WaitingTest, WhatMeetsAnothersChangeWaitsForAPersonWithAllThreeTexts) {
    auto w = waiting();
    ASSERT_TRUE(w.add(made(heading(start, "one", "mine"))));
    ASSERT_TRUE(w.add(made(heading(store::with_waiting(start, w.all()), "two", "mine too"))));
    another(heading(start, "one", "theirs"));
    ASSERT_TRUE(store::bring(*library, w));
    EXPECT_EQ(said("one"), "theirs");
    EXPECT_EQ(said("two"), "mine too") << "what touches something else is not held up";
    ASSERT_EQ(w.to_decide(), 1);
    EXPECT_EQ(w.to_bring(), 0);
    const auto& conflict = *w.all()[0].conflict;
    EXPECT_EQ(conflict.mine, "mine");
    EXPECT_EQ(conflict.theirs, "theirs");
    EXPECT_EQ(conflict.base, start.find(core::StepId("one"))->heading);
    // it is there after the next start, too
    w = store::Waiting::nowhere({});
    w = waiting();
    ASSERT_EQ(w.to_decide(), 1);
    ASSERT_TRUE(store::settle(*library, w, 0, true));
    EXPECT_EQ(said("one"), "mine");
    EXPECT_EQ(said("two"), "mine too");
    EXPECT_TRUE(w.all().empty());
}

TEST_F(WaitingTest, GivenUpItLeavesTheirs) {
    auto w = waiting();
    ASSERT_TRUE(w.add(made(heading(start, "one", "mine"))));
    another(heading(start, "one", "theirs"));
    ASSERT_TRUE(store::bring(*library, w));
    ASSERT_TRUE(store::settle(*library, w, 0, false));
    EXPECT_EQ(said("one"), "theirs");
    EXPECT_TRUE(w.all().empty());
}

TEST_F(WaitingTest, IsNotBroughtTwiceWhereTheProgramWasKilledInBetween) {
    auto w = waiting();
    ASSERT_TRUE(w.add(made(heading(start, "one", "mine"))));
    // it came there, and the program was killed before it could strike it out here
    const auto change = heading(start, "one", "mine");
    ASSERT_TRUE(library->append(id, change, *core::apply(start, change), "author"));
    ASSERT_TRUE(store::bring(*library, w));
    EXPECT_EQ(library->history(id)->size(), 2U);
    EXPECT_TRUE(w.all().empty());
}

TEST_F(WaitingTest, EachWindowHasItsOwnAndWhatAKilledOneLeftIsTakenOver) {
    auto first = waiting();
    auto second = waiting();
    ASSERT_TRUE(first.add(made(heading(start, "one", "first window"))));
    ASSERT_TRUE(second.add(made(heading(start, "two", "second window"))));
    EXPECT_EQ(first.all().size(), 1U);
    EXPECT_EQ(second.all().size(), 1U);
    { const auto gone = std::move(first); }
    { const auto gone = std::move(second); }
    const auto third = waiting();
    EXPECT_EQ(third.all().size(), 2U);
}
