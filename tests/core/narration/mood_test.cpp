// How a clause stands to what is done: orders, what is done now, and what only sounds like it.
#include "core/narration/mood.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

namespace {

/// The mood of the first verb of work in what is said.
Mood mood(const char* said) {
    const Line line{words_of(said)};
    for (const auto& clause : clauses_of(line))
        for (std::size_t i = clause.from; i < clause.to; ++i)
            if (const auto verb = lexicon::work_verb(line.at(i)); verb && verb->usual != nullptr) return mood_of(line, clause, i);
    ADD_FAILURE() << "no verb of work in: " << said;
    return Mood::General;
}

}  // namespace

TEST(Mood, TellsWhatIsDoneFromWhatIsSpokenOf) {
    EXPECT_EQ(mood("tighten the bolt"), Mood::Order);
    EXPECT_EQ(mood("you need to tighten the bolt"), Mood::Advised);
    EXPECT_EQ(mood("I tighten the bolt"), Mood::Now);
    EXPECT_EQ(mood("we're tightening the bolt"), Mood::Now);
    EXPECT_EQ(mood("I've tightened the bolt"), Mood::Done);
    EXPECT_EQ(mood("I tightened that last year"), Mood::General) << "on another day";
    EXPECT_EQ(mood("we're gonna tighten the bolt"), Mood::Intended);
    EXPECT_EQ(mood("you can tighten the bolt"), Mood::Possible);
    EXPECT_EQ(mood("if you tighten the bolt"), Mood::Hypothetical);
    EXPECT_EQ(mood("I would tighten the bolt"), Mood::Hypothetical);
    EXPECT_EQ(mood("some people tighten the bolt"), Mood::Others);
    EXPECT_EQ(mood("it drains slowly"), Mood::General);
    EXPECT_EQ(mood("don't tighten the bolt"), Mood::Denied);
    EXPECT_EQ(mood("how do you tighten the bolt"), Mood::Asked);
}

TEST(Mood, HoldsForItsClauseOnly) {
    const Line line{words_of("if it drips tighten the plug and then I clean it")};
    std::vector<std::string> clauses;
    for (const auto& c : clauses_of(line)) clauses.push_back(line.said(c.from, c.to - c.from));
    EXPECT_EQ(clauses.back(), "and then i clean it") << "connecting words begin one together";
    EXPECT_EQ(mood("they never clean it, but I tighten the plug"), Mood::Denied);
    const Line two{words_of("some people leave it, I tighten the plug")};
    const auto last = clauses_of(two).back();
    EXPECT_EQ(mood_of(two, last, last.from + 1), Mood::Now);
}

TEST(Mood, EveryWordOfALineIsInOneClause) {
    for (const char* said : {"", "so", "and and and", "take it off and then, well, I put it back because it leaks if you don't"}) {
        const Line line{words_of(said)};
        std::size_t next = 0;
        for (const auto& c : clauses_of(line)) {
            EXPECT_EQ(c.from, next) << said;
            EXPECT_GT(c.to, c.from) << said;
            next = c.to;
        }
        EXPECT_EQ(next, line.size()) << said;
    }
}
