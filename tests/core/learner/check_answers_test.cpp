#include "core/learner/check_answers.h"

#include <gtest/gtest.h>

#include "tests/core/dryrun/guides.h"
#include "tests/core/learner/answered.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

constexpr const char* kId = "123e4567-e89b-42d3-a456-426614174000";

Edition engine() {
    Edition e;
    e.procedure = rnd::written(rnd::engine());
    return e;
}

CheckAnswers answered(const Edition& e, std::uint64_t seed, std::size_t wrong) {
    return rnd::answered(e, "KQ / 1 / 00000007", seed, wrong);
}

}  // namespace

TEST(CheckAnswers, AreJudgedFromTheEditionAndTheSeedAndPassWithFourOfFive) {
    const Edition e = engine();
    const auto asked = learner_check(e, 7).size();
    ASSERT_GE(asked, 8U);
    for (std::size_t wrong = 0; wrong <= asked; ++wrong) {
        const auto r = judged(e, answered(e, 7, wrong));
        ASSERT_TRUE(r);
        EXPECT_EQ(r->right(), asked - wrong);
        EXPECT_EQ(r->passed(), 5 * (asked - wrong) >= 4 * asked) << wrong;
        for (std::size_t i = 0; i < wrong; ++i) EXPECT_EQ(r->wrong[i], i);
    }
    EXPECT_EQ(needed_to_pass(12), 10U);
    EXPECT_EQ(needed_to_pass(10), 8U);
    EXPECT_EQ(needed_to_pass(5), 4U);
    EXPECT_EQ(needed_to_pass(1), 1U);
}

TEST(CheckAnswers, ToAnotherCheckOrAnotherEditionAreNone) {
    const Edition e = engine();
    auto a = answered(e, 7, 0);
    a.check = 8;
    EXPECT_FALSE(judged(e, a)) << "another seed asks other questions";
    a = answered(e, 7, 0);
    a.answers.pop_back();
    EXPECT_FALSE(judged(e, a)) << "one is not answered";
    a = answered(e, 7, 0);
    a.answers[0] = "whatever";
    EXPECT_FALSE(judged(e, a));
    EXPECT_FALSE(judged(Edition{}, CheckAnswers{kId, "m", 7, "l", "t", {}})) << "nothing is asked, so nothing is passed";
}

TEST(CheckAnswers, ComeBackFromTheirFileAndAnythingElseIsRefused) {
    const auto a = answered(engine(), 4294967295U, 2);
    EXPECT_EQ(*answers_from_json(to_json(a)), a);
    for (const char* bad : {"", "[]", "{}", "null", "{\"format\": 2}", "{\"format\": 1}",
             R"({"format":1,"id":"../../../library.db","mark":"m","check":"7","learner":"l","at":"t","answers":[]})",
             R"({"format":1,"id":"123e4567-e89b-42d3-a456-426614174000","mark":"m","check":"7x","learner":"l","at":"t","answers":[]})",
             R"({"format":1,"id":"123e4567-e89b-42d3-a456-426614174000","mark":"m","check":"7","learner":"","at":"t","answers":[]})",
             R"({"format":1,"id":"123e4567-e89b-42d3-a456-426614174000","mark":"m","check":"7","learner":"l","at":"t","answers":[1]})"})
        EXPECT_FALSE(answers_from_json(bad)) << bad;
    holds([] {
        std::string text = to_json(answered(engine(), 7, 1));
        for (int i = rnd::pick(1, 6); i > 0; --i)
            text[static_cast<std::size_t>(rnd::pick(0, static_cast<int>(text.size()) - 1))] = static_cast<char>(rnd::pick(1, 255));
        (void)answers_from_json(text);
    });
}
