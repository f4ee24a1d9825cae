// The words of a narration in the lines they are read in, however they were written; and their sentences.
#include "core/narration/reading_lines.h"

#include <gtest/gtest.h>

#include "core/narration/sentences.h"
#include "tests/core/narration/said.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
using anagraph::core::testing::said;

namespace {

std::vector<std::string> read_as(const std::vector<std::string>& lines) {
    std::vector<std::string> out;
    for (const auto& read : reading_lines(said(lines))) out.push_back(read.line.said(0, read.line.size()));
    return out;
}

using Lines = std::vector<std::string>;

}  // namespace

TEST(ReadingLines, EndWhereSentencesDoAndNotWhereCuesDo) {
    EXPECT_EQ(read_as({"Undo the four screws of the front lid. Lift the", "lid off and lay it on the bench. Now the seal", "comes out."}),
        (Lines{"undo the four screws of the front lid", "lift the lid off and lay it on the bench", "now the seal comes out"}));
}

TEST(ReadingLines, WithoutPunctuationEndWhereAThoughtOpens) {
    EXPECT_EQ(
        read_as({"undo the four screws that hold the front lid on so now you lift", "that lid off it with both of your hands on the edge"}),
        (Lines{"undo the four screws that hold the front lid on", "so now you lift that lid off it with both of your hands on the edge"}));
}

TEST(ReadingLines, NeverEndWithinANumber) {
    const std::string talk = "it went on the card in the winter when we had the cover off with a reading of ";
    for (const char* number : {"three thousand and forty hours", "eight thousand nine hundred and sixty", "two and a half litres"}) {
        bool whole = false;
        for (const auto& line : read_as({talk + "well over " + number + " or so"})) whole = whole || line.find(number) != std::string::npos;
        EXPECT_TRUE(whole) << number;
    }
}

TEST(ReadingLines, ACueIsAClauseAndAnotherSpeakerALine) {
    const auto read = reading_lines(said({"that's out of the shot sorry", "axle nuts on with the washers"}));
    ASSERT_EQ(read.size(), 1U);
    EXPECT_TRUE(read[0].line.words[6].clause_start);
    EXPECT_EQ(read[0].line.words[6].text, "axle");

    auto two = said({"how many strokes do you give it then my friend", "eight to ten strokes"});
    two[1].speaker = "Ivo";
    EXPECT_EQ(reading_lines(two).size(), 2U);
}

TEST(ReadingLines, HoldEveryWordOnceInItsPlace) {
    holds([](const std::vector<std::string>& lines) {
        const auto segments = said(lines);
        std::vector<std::vector<Word>> words;
        for (const auto& s : segments) words.push_back(words_of(s.text));
        std::size_t segment = 0;
        std::size_t word = 0;
        for (const auto& read : reading_lines(segments)) {
            RC_ASSERT(read.line.size() == read.written.size());
            RC_ASSERT(read.line.size() > 0U);
            for (std::size_t i = 0; i < read.line.size(); ++i) {
                while (segment < words.size() && word == words[segment].size()) {
                    ++segment;
                    word = 0;
                }
                RC_ASSERT(read.written[i].segment == segment);
                RC_ASSERT(read.written[i].word == word);
                RC_ASSERT(read.line.words[i].text == words[segment][word].text);
                ++word;
            }
        }
        while (segment < words.size() && word == words[segment].size()) {
            ++segment;
            word = 0;
        }
        RC_ASSERT(segment == words.size());
    });
}

TEST(SentencesOfAText, AreFoundByTheWordsTheyHold) {
    const Sentences text("Undo the plug. It's 1.5 litres! Wait for the oil; then wipe it");
    EXPECT_EQ(text.words(), 13U);
    EXPECT_EQ(text.holding(0, 0), "Undo the plug.");
    EXPECT_EQ(text.holding(2, 3), "Undo the plug. It's 1.5 litres!");
    EXPECT_EQ(text.holding(12, 12), "Wait for the oil; then wipe it");
    EXPECT_EQ(text.holding(13, 14), "");
    EXPECT_EQ(Sentences("").holding(0, 0), "");
}
