#include "core/tape/mishearings.h"

#include <gtest/gtest.h>

#include "core/tape/draft.h"
#include "core/tape/logging.h"
#include "core/tape/spoken_lines.h"
#include "tests/core/job.h"

using namespace anagraph::core;
using anagraph::core::testing::after;
using anagraph::core::testing::at;
using anagraph::core::testing::guide;
using anagraph::core::testing::kFilm;

namespace {

using Wrong = std::vector<Mishearing>;

const std::vector<Segment> kMisheard{{at(0), at(4), "take the brain love out"}, {at(10), at(14), "the brain love is in again"},
    {at(20), at(24), "and wipe it"}, {at(30), at(34), "a brain is no love"}};

}  // namespace

TEST(Mishearings, AreTheWordsThatDiffer) {
    EXPECT_EQ(mishearings("take the brain love out", "take the drain plug out"), (Wrong{{"brain love", "drain plug"}}));
    EXPECT_EQ(mishearings("fifty newton meet us on the strain her", "fifteen newton metres on the strainer"),
        (Wrong{{"fifty", "fifteen"}, {"meet us", "metres"}, {"strain her", "strainer"}}));
    EXPECT_TRUE(mishearings("take it out", "Take it out.").empty()) << "capitals and points are writing";
    EXPECT_TRUE(mishearings("a washer", "the washer").empty()) << "a short word may be anything elsewhere";
    EXPECT_TRUE(mishearings("take the old washer out", "take it out").empty() ||
        !mishearings("take the old washer out", "take it out")[0].meant.empty());
    EXPECT_TRUE(mishearings("drain plug out", "").empty());
    EXPECT_TRUE(mishearings("one two three four five six", "alpha beta gamma delta epsilon zeta").empty()) << "another sentence altogether";
}

TEST(Mishearings, ArePutRightWhereTheyStandWholeAndOnlyThere) {
    const Wrong wrong{{"brain love", "drain plug"}};
    EXPECT_EQ(put_right("the brain love, and the Brain love.", wrong), "the drain plug, and the drain plug.");
    EXPECT_EQ(put_right("a brain is no love", wrong), "a brain is no love");
    EXPECT_EQ(put_right("", wrong), "");
}

TEST(Mishearings, OfOneLineAreOfferedInTheOthersAndTakenBackInOneStep) {
    Procedure p = guide();
    const std::string meant = "take the drain plug out";
    const auto wrong = mishearings(kMisheard[0].text, meant);
    EXPECT_EQ(lines_misheard_alike(p, kFilm, kMisheard, 0, wrong), (std::vector<std::size_t>{1}));
    const auto change = correct_lines_alike(p, kFilm, kMisheard, 0, meant, {1});
    const Procedure q = after(p, change);
    const auto lines = spoken_lines(kMisheard, q.find(kFilm)).lines;
    EXPECT_EQ(lines[0].text, meant);
    EXPECT_EQ(lines[1].text, "the drain plug is in again");
    EXPECT_EQ(lines[3].text, kMisheard[3].text);
    EXPECT_TRUE(lines_misheard_alike(q, kFilm, kMisheard, 0, wrong).empty()) << "corrected ones are the author's";
    const auto back = inverse(p, *change);
    ASSERT_TRUE(back);
    EXPECT_EQ(*anagraph::core::apply(q, *back), p);
}

TEST(HeardByAProgram, AFigureSaysSoUntilItsStepIsConfirmed) {
    Segment line{at(1), at(4), "tighten the plug to twenty five newton metres", "", {}, true};
    for (std::size_t i = 0; i < said_words(line.text).size(); ++i) line.words.push_back({at(1), i == 4});
    const auto marks = read_marks({line});
    const auto figure = std::find_if(marks.begin(), marks.end(), [](const Mark& m) { return m.kind == MarkKind::Figure; });
    ASSERT_NE(figure, marks.end());
    EXPECT_TRUE(figure->by_program);
    EXPECT_TRUE(figure->unsure) << "it rests on a word the recogniser was not sure of";
    EXPECT_NE(figure->because.find("heard by the program"), std::string::npos) << figure->because;
    Procedure p = guide();
    p.steps[0].drafted = true;
    p = after(p, take_figure(p, kFilm, *figure, StepId("one")));
    ASSERT_EQ(p.figures.size(), 1U);
    EXPECT_TRUE(p.figures[0].claims[0].by_program);
    EXPECT_EQ(standing_of(p.figures[0]), Standing::Open);
    EXPECT_NE(finding_of(p.figures[0]).english().find("Heard by the program"), std::string::npos);
    p = after(p, confirm_step(p, StepId("one")));
    EXPECT_FALSE(p.figures[0].claims[0].by_program) << "a person listened";
    const Procedure own = after(guide(), take_figure(guide(), kFilm, *figure, StepId("one")));
    EXPECT_FALSE(own.figures[0].claims[0].by_program) << "taken by a person into a step of theirs";
    // a line put right is the author's
    const Procedure q = after(guide(), correct_line(guide(), kFilm, line, "tighten the plug to twenty newton metres"));
    const auto lines = spoken_lines({line}, q.find(kFilm)).lines;
    EXPECT_FALSE(lines[0].by_program);
    EXPECT_TRUE(lines[0].words.empty());
}
