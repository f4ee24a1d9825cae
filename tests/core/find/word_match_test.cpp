#include "core/find/word_match.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

using anagraph::core::distance;
using anagraph::core::Findable;

TEST(WordMatch, EveryTypedWordBeginsAWordOfTheText) {
    const Findable close{"Close step", {}};
    EXPECT_TRUE(distance("clo", close));
    EXPECT_TRUE(distance("step clo", close)) << "in any order";
    EXPECT_TRUE(distance("CLOSE, step!", close));
    EXPECT_FALSE(distance("lose", close)) << "not in the middle of a word";
    EXPECT_FALSE(distance("close guide", close)) << "all of them";
    EXPECT_TRUE(distance("", close)) << "nothing typed shows everything";
}

TEST(WordMatch, WordsForTheSameThingFindTheSame) {
    const Findable remove{"Remove step", {}};
    for (const char* typed : {"remove step", "delete step", "take out step", "drop step", "del"})
        EXPECT_TRUE(distance(typed, remove)) << typed;
    EXPECT_FALSE(distance("delete", Findable{"Close step", {}}));
    EXPECT_TRUE(distance("torque wrench", Findable{"Work it out", {"torque wrench setting", "filling plan"}}));
}

TEST(WordMatch, TheTextsOwnWordsComeBeforeOthers) {
    EXPECT_LT(*distance("delete", Findable{"Delete", {}}), *distance("delete", Findable{"Remove step", {}}));
    EXPECT_LT(*distance("pla", Findable{"Play", {}}), *distance("pla", Findable{"Show place", {}}));
    EXPECT_EQ(*distance("play", Findable{"Play", {}}), 0);
    EXPECT_LT(*distance("play", Findable{"Play", {}}), *distance("play", Findable{"Play slowly", {}}));
}

RC_GTEST_PROP(WordMatch, TypingOnNeverFindsMore, ()) {
    const auto words = *rc::gen::container<std::vector<std::string>>(
        rc::gen::elementOf(std::vector<std::string>{"close", "step", "remove", "figure", "the", "take", "out", "new"}));
    std::string text;
    for (const auto& w : words) text += w + " ";
    const auto typed = *rc::gen::container<std::string>(rc::gen::elementOf(std::string("closetpramvfigun ")));
    for (std::size_t n = 0; n < typed.size(); ++n)
        if (distance(typed.substr(0, n + 1), {text, {}})) RC_ASSERT(distance(typed.substr(0, n), {text, {}}));
}
