// Word classes: what the reader takes a word for, in trades whose words nobody listed.
#include "core/narration/lexicon.h"

#include <gtest/gtest.h>

#include <string>

#include "core/narration/line.h"
#include "core/quantity/unit.h"

using namespace anagraph::core;
using namespace anagraph::core::lexicon;

namespace {

std::string verb(const char* word) {
    const auto v = work_verb(word);
    return v && v->usual != nullptr ? std::string(v->usual->canonical) : "";
}

}  // namespace

TEST(Classes, HoldSingularsPluralsAndOwners) {
    for (const char* word : {"bolt", "bolts", "bolt's", "gasket", "gaskets", "washer", "brushes", "valves"})
        EXPECT_TRUE(is(Class::Part, word)) << word;
    for (const char* word : {"happy", "quickly", "the", "friend"}) EXPECT_FALSE(is(Class::Part, word)) << word;
    for (const char* word : {"oil", "coolant", "grease", "diesel"}) EXPECT_TRUE(is(Class::Fluid, word)) << word;
}

TEST(Classes, KnowThingsOfTradesNobodyListed) {
    for (const char* word : {"loom", "harpsichord", "derrick", "capstan", "anvil", "guillotine", "periscope", "windmill"})
        EXPECT_TRUE(is(Class::Thing, word)) << word;
    for (const char* word : {"carpenter", "plumber", "giraffe"}) EXPECT_TRUE(is(Class::Being, word)) << word;
    for (const char* word : {"bread", "soup"}) EXPECT_TRUE(is(Class::Meal, word)) << word;
    for (const char* word : {"four", "eleven", "seventy"}) EXPECT_FALSE(is(Class::Thing, word)) << word << " is a number";
}

TEST(Classes, AScrewIsNoPersonAndAWasherNeither) {
    for (const char* word : {"screw", "washer", "driver", "jack", "nut"})
        EXPECT_TRUE(is(Class::Part, word) || is(Class::Tool, word)) << word;
}

TEST(Singular, LeavesWordsThatOnlyLookLikePlurals) {
    EXPECT_EQ(singular("bolts"), "bolt");
    EXPECT_EQ(singular("glass"), "glass");
    EXPECT_EQ(singular("gas"), "gas");
    EXPECT_EQ(singular("radius"), "radius");
    EXPECT_TRUE(is_plural("screws"));
    EXPECT_FALSE(is_plural("screw"));
}

TEST(WorkVerbs, AreKnownInAllTheirForms) {
    for (const char* word : {"tighten", "tightens", "tightened", "tightening", "torque", "torqued", "nip", "nipped", "nipping"})
        EXPECT_EQ(verb(word), "tighten") << word;
    for (const char* word : {"drain", "drained", "draining", "drains"}) EXPECT_EQ(verb(word), "drain") << word;
    for (const char* word : {"clean", "wipe", "wiped", "wiping", "rinse", "scrubbed", "brushing"}) EXPECT_EQ(verb(word), "clean") << word;
    for (const char* word : {"undo", "undid", "undone", "slacken", "slackened"}) EXPECT_EQ(verb(word), "loosen") << word;
    EXPECT_EQ(verb("fitted"), "fit");
    EXPECT_EQ(verb("unplugged"), "disconnect");
    EXPECT_EQ(verb("potato"), "");
    EXPECT_EQ(verb(""), "");
}

TEST(WorkVerbs, KnowTheirForm) {
    EXPECT_EQ(work_verb("drain")->form, Form::Base);
    EXPECT_EQ(work_verb("drains")->form, Form::Third);
    EXPECT_EQ(work_verb("drained")->form, Form::Past);
    EXPECT_EQ(work_verb("draining")->form, Form::Ing);
    EXPECT_EQ(work_verb("cut")->form, Form::Base);
}

TEST(WorkVerbs, AParticleChangesWhatIsDone) {
    const auto take = *work_verb("take");
    EXPECT_GT(take.patterns.size(), 1U);
    EXPECT_EQ(take.usual->canonical, "remove");
    EXPECT_TRUE(listed(take.usual->particles, "off"));
    ASSERT_TRUE(work_verb("see"));
    EXPECT_EQ(work_verb("see")->usual, nullptr);  // "see if it leaks" is work, "see" alone is not
}

TEST(SpokenUnits, AreAllKnownToTheUnitTable) {
    for (const char* said : {"newton metres", "foot pounds", "inch pounds", "litres", "quarts", "gallons", "millimetres", "inches", "thou",
             "bar", "psi", "minutes", "hours", "rpm", "percent", "turns", "kilometres", "months", "degrees celsius"}) {
        const std::string text(said);
        const auto blank = text.find(' ');
        const auto unit = blank == std::string::npos ? unit_of(text, "", "") : unit_of(text.substr(0, blank), text.substr(blank + 1), "");
        ASSERT_TRUE(unit) << said;
        EXPECT_NE(find_unit(unit->id), nullptr) << said;
        EXPECT_EQ(unit->length, blank == std::string::npos ? 1U : 2U) << said;
    }
    EXPECT_FALSE(unit_of("wombats", "", ""));
    EXPECT_FALSE(unit_of("", "", ""));
    EXPECT_EQ(unit_of("mil", "", "")->id, "mil") << "a millimetre or a millilitre: the reader decides";
    EXPECT_EQ(unit_of("revs", "per", "minute")->length, 3U);
}

TEST(Lines, FindSequencesWithAJokerAndKnowTheirClauses) {
    const Line line{words_of("Take the old cap off, then wipe it.")};
    EXPECT_TRUE(line.says("old cap"));
    EXPECT_TRUE(line.says("the * cap"));
    EXPECT_FALSE(line.says("cap old"));
    EXPECT_EQ(line.clause_begin(6), 5U);
    EXPECT_EQ(line.clause_end(0), 5U);
    EXPECT_EQ(line.said(1, 3), "the old cap");
    EXPECT_TRUE(line.any({"wipe", "wash"}));
    EXPECT_EQ(line.count(Class::Part), 1U);
    EXPECT_EQ(line.at(99), "");
}

TEST(Lines, NameTheThingNearest) {
    const Line line{words_of("tighten the upper pivot bolt and the drain plug")};
    EXPECT_EQ(thing_near(line, 1), "upper pivot bolt");
    EXPECT_EQ(thing_near(line, 8), "drain plug");
    EXPECT_EQ(thing_near(Line{words_of("wait a moment")}, 0), "");
    EXPECT_EQ(thing_near(Line{}, 0), "");
}

TEST(Lists, HoldWholeWordsOnly) {
    EXPECT_TRUE(listed("off out on", "out"));
    EXPECT_FALSE(listed("off out on", "ou"));
    EXPECT_FALSE(listed("off out on", ""));
    EXPECT_TRUE(listed("one", "one"));
}
