// A change made on an older state of its guide is brought to what the guide is now.
#include <gtest/gtest.h>

#include "store/library.h"
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

class AppendOn : public ::testing::Test {
protected:
    void SetUp() override {
        library = *store::Library::make_or_open(place(folder / "lib"));
        id = *library->create_guide(start, "author");
    }
    core::Result<std::variant<store::Appended, core::Conflict>> append(std::int64_t base, const core::Change& change, const char* who) {
        return library->append_on(id, base, change, who);
    }

    const Scratch folder;
    const core::Procedure start = core::testing::guide();
    std::unique_ptr<store::Library> library;
    store::GuideId id;
};

}  // namespace

TEST_F(AppendOn, WhatTouchesOtherThingsStandsBesideIt) {
    const auto first = append(1, heading(start, "one", "Drain the oil"), "author");
    ASSERT_TRUE(first) << first.error().message;
    EXPECT_EQ(std::get<store::Appended>(*first).sequence, 2);
    EXPECT_FALSE(std::get<store::Appended>(*first).rebased);
    const auto second = append(1, heading(start, "two", "Fit the plug"), "trainer");
    ASSERT_TRUE(second) << second.error().message;
    EXPECT_EQ(std::get<store::Appended>(*second).sequence, 3);
    EXPECT_TRUE(std::get<store::Appended>(*second).rebased);
    const auto now = library->guide_state(id);
    EXPECT_EQ(now->procedure.find(core::StepId("one"))->heading, "Drain the oil");
    EXPECT_EQ(now->procedure.find(core::StepId("two"))->heading, "Fit the plug");
    EXPECT_EQ(library->history(id, 2)->front().author, "trainer");
    // done already: nothing is written again
    const auto again = append(1, heading(start, "two", "Fit the plug"), "author");
    EXPECT_EQ(std::get<store::Appended>(*again).sequence, 3);
}

TEST_F(AppendOn, TheSameWordsChangedTwiceAreAConflictAndNothingIsWritten) {
    ASSERT_TRUE(append(1, heading(start, "one", "Drain the oil"), "author"));
    const auto second = append(1, heading(start, "one", "Let the oil out"), "trainer");
    ASSERT_TRUE(second);
    ASSERT_TRUE(std::holds_alternative<core::Conflict>(*second));
    EXPECT_EQ(std::get<core::Conflict>(*second).theirs, "Drain the oil");
    EXPECT_EQ(library->guide_state(id)->sequence, 2);
}

TEST_F(AppendOn, ABaseTheGuideNeverHadAndAChangeThatNeverAppliedAreTold) {
    EXPECT_EQ(append(2, heading(start, "one", "Drain the oil"), "author").error().code, ErrorCode::BadInput);
    EXPECT_EQ(append(0, heading(start, "one", "Drain the oil"), "author").error().code, ErrorCode::BadInput);
    const core::Change unknown{"remove a step", {core::Remove<core::StepId>{core::StepId("nine")}}};
    EXPECT_EQ(append(1, unknown, "author").error().code, ErrorCode::NotFound);
    EXPECT_EQ(library->append_on(store::GuideId("none"), 1, unknown, "author").error().code, ErrorCode::NotFound);
    EXPECT_EQ(library->guide_state(id)->sequence, 1);
}
