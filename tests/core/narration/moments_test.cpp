// Cautions, slips, what is not seen, and talk, in sentences of many speakers: each with its counterpart that is none.
#include <gtest/gtest.h>

#include "core/narration/read_moments.h"
#include "tests/core/narration/said.h"

using namespace anagraph::core;
using anagraph::core::testing::answer;

namespace {

std::size_t found(const char* kind, const std::vector<std::string>& lines) { return answer(lines)[kind].size(); }

}  // namespace

TEST(ReadCautions, AreFoundHoweverTheyAreSaid) {
    for (const char* line :
        {"Careful, the manifold is hot.", "mind your fingers when the spring lets go", "don't overtighten it, the housing is alloy",
            "never put your hand under the ram", "wear goggles, the spring can fly", "keep your sleeves away from the chuck",
            "that acid will burn your skin", "if you lift it with the key in it can start by itself", "the edge is as sharp as a razor",
            "not more than that or the thread strips", "gloves on for this bit", "it'll take your thumb off",
            "lock it off and keep the key, somebody could start it", "do not mix the two fluids, they turn to jelly",
            "stand to one side when the plug comes out", "hand tight only, the bowl is plastic and it cracks", "watch out for the steam",
            "the capacitor still holds a charge", "the old oil must not go down the drain, it poisons the water",
            "it's heavy, lift it with a helper", "no smoking near the open tank", "otherwise the seal gets crushed and leaks"})
        EXPECT_EQ(found("cautions", {line}), 1U) << line;
}

TEST(ReadCautions, AreNotSeenInEverySentence) {
    for (const char* line : {"undo the four screws", "the oil is a bit dark", "I don't know what the number is",
             "there are no cracks in it", "pour in two litres", "it's a nineteen millimetre nut", "the belt looks fine", "never mind",
             "put the cover back on the bench", "i do not remember the torque", "that looks good"})
        EXPECT_EQ(found("cautions", {line}), 0U) << line;
}

TEST(ReadSlips, AreFoundHoweverTheyAreSaid) {
    for (const char* line : {"no wait, that's the wrong one", "I forgot to put the washer on", "we should have drained it first",
             "sorry, I meant the left one", "where's my ten mil socket gone", "oh no, I dropped the circlip",
             "my mistake, it goes the other way round", "that's a twelve, no, a fourteen", "scratch that, it's the rear one", "oops",
             "thirty newtons, newton metres I mean", "before I forget, there was a spring in there", "I put it in backwards",
             "hang on, no, that's not right", "I should've checked the level before"})
        EXPECT_EQ(found("slips", {line}), 1U) << line;
}

TEST(ReadSlips, AreNotSeenInEverySentence) {
    for (const char* line :
        {"people forget this one", "don't lose the clip", "no more than ten", "there is no oil in it", "the wrong oil would swell the seal",
            "take the circlip out", "where the pipe goes in", "first the lower bolt, then the upper"})
        EXPECT_EQ(found("slips", {line}), 0U) << line;
}

TEST(ReadUnseen, IsFoundHoweverItIsSaid) {
    for (const char* line : {"you can't see it from there", "it's too dark under here for the camera",
             "sorry, my hand's in the way of the camera", "I can't show you that, there's no room", "that's out of shot",
             "the lens has fogged up, you can't see much", "I couldn't film this part", "it's all gone blurry, sorry",
             "i put the camera down for this", "they won't see that, it's behind the panel"})
        EXPECT_EQ(found("unseen", {line}), 1U) << line;
}

TEST(ReadUnseen, IsNotSeenInEverySentence) {
    for (const char* line : {"I can't see any cracks", "see the little arrow here", "look at the seal", "the oil is dark",
             "you don't want to see metal in there", "if you can't see the mark turn it a bit"})
        EXPECT_EQ(found("unseen", {line}), 0U) << line;
}

TEST(ReadTalk, IsMarkedInRuns) {
    const auto a = answer({"good morning everybody and welcome back to the channel", "my neighbour says hello and so does the cat",
        "right the drain plug is at the bottom", "undo it with a seventeen", "catch the oil in the tray",
        "so that's all from me thanks for watching", "see you next week bye bye"});
    EXPECT_EQ(a["chatter"].dump(), "[[0.0,4.0],[20.0,24.0]]");
}

TEST(ReadTalk, SongsAndGibberishAreTalk) {
    const auto a = answer({"remove the filter housing", "la la la dum dum la la la", "na na na na na na", "clean the housing with a rag"});
    EXPECT_EQ(a["chatter"].dump(), "[[4.0,8.0]]");
}

TEST(ReadTalk, AMarkInTalkIsNoMark) {
    EXPECT_EQ(answer({"thanks for the cake everybody and welcome back",
                  "use the code summer for ten percent off at the shop and say hello to my sister"})["figures"]
                  .size(),
        0U);
}

TEST(TalkRuns, ChangeOverOnlyWhereItPays) {
    EXPECT_EQ(talk_runs({}), std::vector<bool>{});
    EXPECT_EQ(talk_runs({-2, -2, 3, 3}), (std::vector<bool>{true, true, false, false}));
    EXPECT_EQ(talk_runs({-2, 0.1, -2, 3}), (std::vector<bool>{true, true, true, false}));  // a doubtful line among talk is talk
    EXPECT_EQ(talk_runs({3, -0.2, 3}), (std::vector<bool>{false, false, false}));          // and among work it is work
}

TEST(Promises, OfALaterFigure) {
    const auto line = [](const char* text) { return Line{words_of(text)}; };
    EXPECT_TRUE(promises(line("i'll look it up and put it in the text")));
    EXPECT_TRUE(promises(line("the torque I'll look that up")));
    EXPECT_FALSE(promises(line("look up at the hoist")));
}

TEST(ReadMoments, SayWhyByTheTurnOfSpeechThatWasHeard) {
    const auto why = [](const std::string& said_line) {
        for (const auto& m : read_marks(anagraph::core::testing::said({said_line})))
            if (m.kind == MarkKind::Caution || m.kind == MarkKind::Slip || m.kind == MarkKind::Unseen) return m.because;
        return std::string();
    };
    EXPECT_EQ(why("watch out for the steam"), "a call to watch out");
    EXPECT_EQ(why("I forgot to put the washer on"), "the speaker forgot something");
    EXPECT_EQ(why("you can't see it from there"), "you cannot see it");
    EXPECT_EQ(why("never open it while it turns"), "something never to be done");
}
