// Turns of speech by what they mean and not by their words: each pair says nearly the same words and means something else.
#include "core/narration/speech_cues.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

namespace {

bool gives(const char* said, std::string_view name) {
    const auto cues = speech_cues(Line{words_of(said)});
    return std::any_of(cues.begin(), cues.end(), [&](const SpeechCue& c) { return c.name == name; });
}

}  // namespace

TEST(SpeechCues, PointingIsNotHiding) {
    EXPECT_TRUE(gives("you can see it right there", "you see it"));
    EXPECT_FALSE(gives("you can see it right there", "you cannot see it"));
    EXPECT_TRUE(gives("you can't see it from there", "you cannot see it"));
    EXPECT_TRUE(gives("I can't see any cracks", "none is seen"));
    EXPECT_FALSE(gives("I can't see any cracks", "you cannot see it"));
    EXPECT_TRUE(gives("if you can't see the level add some", "if it is not seen"));
    EXPECT_FALSE(gives("I don't know if you can see that", "you cannot see it"));
    EXPECT_TRUE(gives("let me show you the other side", "it will be shown"));
    EXPECT_TRUE(gives("I couldn't show you that", "it is not shown"));
    EXPECT_TRUE(gives("sorry that was out of frame", "outside of the picture"));
    EXPECT_FALSE(gives("take it out of the box", "outside of the picture"));
}

TEST(SpeechCues, AdviceIsNoWarningWithoutHarm) {
    EXPECT_TRUE(gives("don't touch that it will burn you", "what must not be done, and its harm"));
    EXPECT_TRUE(gives("you don't need to take it off", "what need not be done"));
    EXPECT_TRUE(gives("don't worry about it", "a mild do not"));
    EXPECT_TRUE(gives("I don't clean mine", "what somebody does not do"));
    EXPECT_TRUE(gives("it'll burn your hand", "harm or damage that may come"));
    EXPECT_TRUE(gives("it's not cracked", "harm or damage denied"));
    EXPECT_TRUE(gives("watch your fingers", "a call to watch out"));
    EXPECT_FALSE(gives("I watch the needle", "a call to mind something"));
    EXPECT_TRUE(gives("that's too tight or you'll strip it", "too much, and what of it"));
}

TEST(SpeechCues, ASlipIsTheSpeakersOwn) {
    EXPECT_TRUE(gives("I forgot the washer", "the speaker forgot something"));
    EXPECT_TRUE(gives("don't forget the washer", "do not forget"));
    EXPECT_TRUE(gives("it's thirty two, no, thirty six", "a number said again, otherwise"));
    EXPECT_FALSE(gives("thirty two and no more than thirty six", "a number said again, otherwise"));
    EXPECT_TRUE(gives("where's my wrench", "something is looked for"));
    EXPECT_TRUE(gives("I should have done that first", "it should have been done before"));
    EXPECT_TRUE(gives("that should have come with one", "it should be so"));
}
