#include "core/edition/compare_words.h"

#include <gtest/gtest.h>

#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

std::string joined(const std::vector<WordRun>& runs, bool changed_too = true) {
    std::string out;
    for (const auto& r : runs)
        if (changed_too || !r.changed) out += r.text;
    return out;
}

std::string random_text() {
    std::string out;
    for (int i = rnd::pick(0, 12); i > 0; --i) out += *rc::gen::element<std::string>("plug ", "to ", "25 ", "N·m\n", "by", " hand", "  ");
    return out;
}

}  // namespace

TEST(CompareWords, PiecesGiveTheTextsBackAndWhatIsKeptStandsInBoth) {
    holds([] {
        const std::string was = random_text();
        const std::string is = random_text();
        const auto c = compare_words(was, is);
        RC_ASSERT(joined(c.was) == was);
        RC_ASSERT(joined(c.is) == is);
        const auto bare = [](std::string s) {
            std::erase_if(s, [](char x) { return x == ' ' || x == '\n'; });
            return s;
        };
        RC_ASSERT(bare(joined(c.was, false)) == bare(joined(c.is, false)));
        const auto same = compare_words(was, was);
        RC_ASSERT(bare(joined(same.is, false)) == bare(was));
    });
}

TEST(CompareWords, OnlyTheWordsThatChangedAreMarked) {
    const auto c = compare_words("Tighten the plug to 24 N·m.", "Tighten the plug to 25 N·m with the torque wrench.");
    EXPECT_EQ(joined(c.was, false), "Tighten the plug to ");
    EXPECT_EQ(c.is.back().text, "25 N·m with the torque wrench.");
    EXPECT_TRUE(c.is.back().changed);
}

TEST(CompareWords, OnlyLinesInWhichSomethingChangedAreKept) {
    const auto c = changed_lines(
        compare_words("Close the valve.\nTighten to 24 N·m.\nWipe it dry.", "Close the valve.\nTighten to 25 N·m.\nWipe it dry."));
    EXPECT_EQ(joined(c.was), "Tighten to 24 N·m.\n");
    EXPECT_EQ(joined(c.is), "Tighten to 25 N·m.\n");
    const auto more = changed_lines(compare_words("one\ntwo", "one\ntwo\nthree"));
    EXPECT_EQ(joined(more.is).find("one"), std::string::npos);
    EXPECT_NE(joined(more.is).find("three"), std::string::npos);
    EXPECT_TRUE(changed_lines(compare_words("same\nhere", "same\nhere")).is.empty());
}
