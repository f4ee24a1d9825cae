// Answers to the check of a guide, on their way into the records.
#include "shop/answers.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "publish/pack.h"
#include "shop/desk/desk.h"
#include "shop/handout.h"
#include "tests/core/learner/answered.h"
#include "tests/issued_library.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::Scratch;
using anagraph::testing::place;

namespace {

class Answers : public ::testing::Test {
protected:
    void SetUp() override {
        library_ = std::move(*store::Library::make_or_open(place(s_ / "library")));
        guide_ = anagraph::testing::new_guide(*library_, core::testing::engine(), "KQ-M4");
        anagraph::testing::issue(*library_, guide_);
        ASSERT_TRUE(library_->record({core::LearnerAdded{"learner 07", "spring"}}, "instructor"));
        ASSERT_TRUE(shop::hand_out(*library_, guide_, 1, {"learner 07"}, core::HandedBy::Desk, "instructor"));
    }
    core::CheckAnswers answered(std::size_t wrong, const std::string& learner = "learner 07", char id = '0') {
        const auto e = library_->editions(guide_)->front();
        return core::testing::answered(e.edition, publish::edition_mark(e.edition, e.sha256), 7, wrong, learner,
            std::string("123e4567-e89b-42d3-a456-42661417400") + id);
    }
    std::string file(const core::CheckAnswers& a, const std::string& name) {
        std::filesystem::create_directories(std::filesystem::path(s_ / name).parent_path());
        std::ofstream(s_ / name) << core::to_json(a);
        return s_ / name;
    }
    std::vector<core::Kept<core::Learned>> learned() { return library_->records()->kept<core::Learned>(); }

    const Scratch s_;
    std::unique_ptr<store::Library> library_;
    store::GuideId guide_;
};

}  // namespace

TEST_F(Answers, ThatPassAreKeptOnceWithDateEditionAndAnswers) {
    const auto a = answered(1);
    const auto taken = shop::take_answers(*library_, {file(a, "a.check.json"), file(a, "again.check.json")}, "instructor");
    ASSERT_TRUE(taken);
    ASSERT_EQ(taken->size(), 2U);
    EXPECT_TRUE((*taken)[0].kept);
    EXPECT_FALSE((*taken)[0].again);
    EXPECT_TRUE((*taken)[1].again);
    ASSERT_EQ(learned().size(), 1U);
    EXPECT_EQ(learned()[0].what.edition, 1);
    EXPECT_EQ(learned()[0].what.learner, "learner 07");
    EXPECT_EQ(*core::answers_from_json(learned()[0].what.answers), a);
    EXPECT_EQ(core::had_by(*library_->records(), guide_.text(), "learner 07").confirmed, 1);
}

TEST_F(Answers, ThatDoNotPassOrAreNobodysAreToldAndNotKept) {
    auto foreign = answered(0);
    foreign.mark = "KQ-M4 / 1 / 00000000";
    std::ofstream(s_ / "none.check.json") << "{}";
    const auto taken = shop::take_answers(*library_,
        {file(answered(100), "wrong.check.json"), file(foreign, "foreign.check.json"),
            file(answered(0, "learner 99"), "stranger.check.json"), s_ / "none.check.json", s_ / "away.check.json"},
        "instructor");
    ASSERT_TRUE(taken);
    for (const auto& t : *taken) {
        EXPECT_FALSE(t.kept) << t.file;
        EXPECT_FALSE(t.words.empty());
    }
    EXPECT_NE((*taken)[0].words.find("not passed"), std::string::npos) << (*taken)[0].words;
    EXPECT_NE((*taken)[2].words.find("learner 99"), std::string::npos);
    EXPECT_TRUE(learned().empty());
    ASSERT_TRUE(shop::withdraw(*library_, guide_, 1, "wrong plug", "author"));
    EXPECT_FALSE(shop::take_answers(*library_, {file(answered(0), "late.check.json")}, "instructor")->front().kept);
}

TEST_F(Answers, WaitAtTheDeskUntilTheyAreTakenAndWhoIsNotInTheRegisterKeepsWaiting) {
    EXPECT_TRUE(shop::waiting_answers(*library_).empty());
    file(answered(0), std::string("library") + shop::kInbox + "/a.check.json");
    file(answered(0, "learner 08", '1'), std::string("library") + shop::kInbox + "/b.check.json");
    file(answered(100, "learner 07", '2'), std::string("library") + shop::kInbox + "/c.check.json");
    EXPECT_EQ(shop::waiting_answers(*library_).size(), 3U);
    ASSERT_TRUE(shop::take_waiting_answers(*library_, "instructor"));
    EXPECT_EQ(learned().size(), 1U);
    ASSERT_EQ(shop::waiting_answers(*library_).size(), 1U) << "nothing is lost: add the learner, and take it in";
    ASSERT_TRUE(library_->record({core::LearnerAdded{"learner 08", "spring"}}, "instructor"));
    ASSERT_TRUE(shop::take_waiting_answers(*library_, "instructor"));
    EXPECT_EQ(learned().size(), 2U);
    EXPECT_TRUE(shop::waiting_answers(*library_).empty());
    EXPECT_TRUE(std::filesystem::exists(s_ / "library/inbox/taken/c.check.json"));
}
