// Words replaced through a guide.
#include "core/editing/replace_words.h"

#include <gtest/gtest.h>

#include "tests/core/editing/drained.h"

using namespace anagraph::core;
using anagraph::core::testing::after;
using anagraph::core::testing::drained;

namespace {

Procedure guide_of_words() {
    Procedure p = drained();
    p.steps.resize(2);
    Step& s = p.steps[0];
    s.heading = "Refit the plug";
    s.lines = {"Put the washer on.", "Undo the {item:plug} by hand.", "Take the plug out."};
    s.actions = {{"undo", {ItemId("plug")}, {}}};
    s.cautions = {{Signal::Notice, "The plug is hot.", ""}};
    s.comments = {{"Undo the {item:plug} by hand.", "Ilse", "2026-11-02", "Which way?"}};
    p.steps[1].heading = "Check the plug";
    p.steps[1].lines = {"Look at the plugs."};
    return p;
}

}  // namespace

TEST(ReplaceWords, WholeWordsOutsideOfNames) {
    const Procedure p = guide_of_words();
    EXPECT_EQ(times_said(p, "plug"), 4U) << "two headings, a line, a caution; not \"plugs\" and not {item:plug}";
    EXPECT_EQ(times_said(p, ""), 0U);
    const auto now = after(p, replace_words(p, "plug", "screw"));
    EXPECT_EQ(now.steps[0].lines[2], "Take the screw out.");
    EXPECT_EQ(now.steps[0].lines[1], p.steps[0].lines[1]);
    EXPECT_EQ(now.steps[0].cautions[0].text, "The screw is hot.");
    EXPECT_EQ(now.steps[1].lines[0], "Look at the plugs.");
    EXPECT_EQ(times_said(now, "plug"), 0U);
    EXPECT_FALSE(replace_words(p, "spanner", "wrench"));
    EXPECT_FALSE(replace_words(p, "", "wrench"));
}

TEST(ReplaceWords, WhatALineNowOrdersIsDone) {
    const Procedure p = guide_of_words();
    const auto now = after(p, replace_words(p, "Undo", "Tighten"));
    ASSERT_EQ(now.steps[0].actions.size(), 1U);
    EXPECT_EQ(now.steps[0].actions[0].verb, "fit") << "what is tightened by hand is fitted";
    EXPECT_EQ(now.steps[0].comments[0].at, "Tighten the {item:plug} by hand.") << "the comment is about this line still";
}

TEST(ReplaceWords, OneUndoTakesItBack) {
    const Procedure p = guide_of_words();
    const auto change = replace_words(p, "plug", "screw");
    ASSERT_TRUE(change);
    const auto back = inverse(p, *change);
    ASSERT_TRUE(back);
    EXPECT_EQ(after(after(p, change), back), p);
}
