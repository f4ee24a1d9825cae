// Words replaced in every guide of a library, and the house kept with its ways.
#include "shop/replace.h"

#include <gtest/gtest.h>

#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;

namespace {

class SeveralGuides : public ::testing::Test {
protected:
    void SetUp() override {
        auto opened = store::Library::make_or_open(place(scratch / "library"));
        ASSERT_TRUE(opened);
        library = std::move(*opened);
        first = made("oil change", {"Push it in.", "Then push it out and push on."});
        second = made("belt", {"Pushing is not meant. Push."});
        third = made("filter", {"Pull."});
    }
    store::GuideId made(const char* title, std::vector<std::string> lines) {
        core::Procedure p;
        p.header = {title, "Perrick PT60", "", "", {}, ""};
        core::Step s;
        s.id = core::StepId("s");
        s.lines = std::move(lines);
        p.steps = {s};
        const auto id = library->create_guide(p, "author");
        EXPECT_TRUE(id);
        return *id;
    }
    std::vector<std::string> lines(const store::GuideId& id) { return library->load_guide(id)->steps[0].lines; }

    Scratch scratch;
    std::unique_ptr<store::Library> library;
    store::GuideId first;
    store::GuideId second;
    store::GuideId third;
};

}  // namespace

TEST_F(SeveralGuides, AreFoundByTheWordsTheySayAndHowOften) {
    const auto saying = shop::guides_with_words(*library, "push");
    ASSERT_TRUE(saying);
    ASSERT_EQ(saying->guides.size(), 1U) << "whole words, as they are written";
    EXPECT_EQ(saying->guides[0].guide.id, first);
    EXPECT_EQ(saying->guides[0].times, 2U);
    EXPECT_TRUE(shop::guides_with_words(*library, "push", first)->guides.empty()) << "the guide in hand is left out";
    EXPECT_EQ(shop::guides_with_words(*library, "Push")->guides.size(), 2U);
    EXPECT_TRUE(shop::guides_with_words(*library, "")->guides.empty());
}

TEST_F(SeveralGuides, AreChangedEachInItsOwnJournal) {
    const auto saying = shop::guides_with_words(*library, "Push")->guides;
    const auto before = library->history(third)->size();
    const auto changes = shop::replacements(*library, saying, "Push", "Press");
    ASSERT_TRUE(changes) << changes.error().message;
    EXPECT_EQ(lines(first)[0], "Push it in.") << "an offer changes nothing";
    ASSERT_TRUE(library->append_all(*changes, std::nullopt, "author"));
    EXPECT_EQ(lines(first)[0], "Press it in.");
    EXPECT_EQ(lines(second)[0], "Pushing is not meant. Press.");
    EXPECT_EQ(lines(third)[0], "Pull.");
    EXPECT_EQ(library->history(first)->back().change.label, "replace words");
    EXPECT_EQ(library->history(third)->size(), before) << "a guide that does not say them is not touched";
    // said twice over: nothing is left to do, and that is told with the guide's name
    const auto again = shop::replacements(*library, saying, "Push", "Press");
    ASSERT_FALSE(again);
    EXPECT_NE(again.error().message.english().find(saying.front().guide.title), std::string::npos);
}

TEST_F(SeveralGuides, TheHousesWaysAreKeptOnceForAllOfThem) {
    auto house = *library->house();
    house.methods = {{"seal", "new", "cheap", {"inspected"}}};
    ASSERT_TRUE(library->set_house(house));
    library.reset();
    auto opened = store::Library::make_or_open(place(scratch / "library"));
    ASSERT_TRUE(opened);
    EXPECT_EQ((*opened)->house()->methods, house.methods);
}
