// The same words cut otherwise give the same marks, and what a paragraph's mark says is its sentence.
#include "tools/reader/cut_otherwise.h"

#include <gtest/gtest.h>

#include "core/tape/logging.h"
#include "tests/core/job.h"
#include "tests/core/narration/said.h"
#include "tools/reader/learner.h"

using namespace anagraph::core;
using namespace anagraph::reader_tools;
using anagraph::core::testing::said;
using nlohmann::json;

TEST(CutOtherwise, ParagraphsHoldTheSameWordsInOrder) {
    const auto paragraphs = in_paragraphs(said({"one two", "three four", "five", "six"}), 3);
    ASSERT_EQ(paragraphs.size(), 2U);
    EXPECT_EQ(paragraphs[0].text, "one two three four");
    EXPECT_EQ(paragraphs[1].text, "five six");
    EXPECT_EQ(paragraphs[1].start, FrameTime(8, 1));
    EXPECT_EQ(paragraphs[1].end, FrameTime(16, 1));
}

TEST(CutOtherwise, WhatOneAnswerHasAloneDiffers) {
    const auto paragraphs = in_paragraphs(said({"undo the plug", "fit the plug", "fill it"}), 60);
    const auto answer = [](std::vector<json> steps) {
        return json{
            {"figures", json::array()}, {"steps", steps}, {"cautions", json::array()}, {"slips", json::array()}, {"unseen", json::array()}};
    };
    const json loosen{{"t", 0.0}, {"verb", "loosen"}};
    const json fit{{"t", 4.0}, {"verb", "fit"}};
    const json fill{{"t", 0.0}, {"verb", "fill"}};
    const auto d = differing(answer({loosen, fit, fit}), answer({loosen, fill}), paragraphs);
    EXPECT_EQ(d.entries, 4) << "once a paragraph";
    EXPECT_EQ(d.differ, 2);
}

/// By the tables that ship; judge-speech prints the same with speakers left out.
TEST(CutOtherwise, AtMostThreeInAHundredMarksDiffer) {
    for (const std::size_t words : {30U, 60U, 150U}) {
        Differing all;
        for (const auto& sample : read_samples(ANAGRAPH_SOURCE "/tools/reader/narrations")) {
            const auto paragraphs = in_paragraphs(sample.segments, words);
            all += differing(
                marks_json(sample.segments, read_marks(sample.segments)), marks_json(paragraphs, read_marks(paragraphs)), paragraphs);
        }
        EXPECT_GT(all.entries, 5000);
        EXPECT_LE(all.share(), 0.03) << all.differ << " of " << all.entries << " in paragraphs of " << words << " words";
    }
}

TEST(CutOtherwise, AMomentOfAParagraphIsItsSentence) {
    const std::string warning = "Careful, the oil is hot and it will burn your hand.";
    std::string paragraph;
    for (int i = 0; i < 8; ++i) paragraph += "Undo the next screw of the cover and lay it down. ";
    const auto segments = said({paragraph + warning + " " + paragraph});
    std::vector<Mark> cautions;
    for (const auto& m : read_marks(segments))
        if (m.kind == MarkKind::Caution) cautions.push_back(m);
    ASSERT_EQ(cautions.size(), 1U);
    EXPECT_NE(cautions[0].words.find(warning), std::string::npos);
    EXPECT_LT(cautions[0].words.size(), 4 * warning.size());

    // what was put aside while marks of paragraphs had all of their words stays aside
    using anagraph::core::testing::kFilm;
    Procedure p = anagraph::core::testing::guide();
    p.recordings.front().dismissed.push_back({cautions[0].at, segments[0].text});
    EXPECT_TRUE(is_dismissed(p, kFilm, cautions[0]));
    p.recordings.front().dismissed = {{cautions[0].at, "Undo the next screw"}};
    EXPECT_FALSE(is_dismissed(p, kFilm, cautions[0]));
}

TEST(CutOtherwise, EveryWarningOfAParagraphIsMarked) {
    const std::vector<std::string> warnings{
        "Careful, the oil is hot and it will burn your hand.", "Never put your hand under the ram, it can come down on you."};
    std::string work;
    for (int i = 0; i < 5; ++i) work += "Undo the next screw of the cover and lay it down. ";
    std::string words;
    for (const auto& m : read_marks(said({work + warnings[0] + " " + work + warnings[1] + " " + work})))
        if (m.kind == MarkKind::Caution) words += m.words + "|";
    for (const auto& warning : warnings) EXPECT_NE(words.find(warning), std::string::npos) << warning << " in " << words;
}
