// Texts beside their translation: what is missing, out of date, and never translated twice.
#include "core/edits/translation.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "tests/core/job.h"

using namespace anagraph::core;
namespace job = anagraph::core::testing;
using State = TranslatedLine::State;

namespace {

Procedure guide_to_translate() {
    Procedure p = job::guide();
    p.steps[0].lines = {"Undo the {item:plug}.", "Tighten the {item:plug} to {figure:t}."};
    p.figures = {{FigureId("t"), FigureKind::Torque, ItemId("plug"), "torque", {"25", "", "Nm"}, "", {}, {}, ""}};
    return p;
}

TranslatedLine line(const Procedure& p, const std::string& of) {
    const auto all = translation(p, "de");
    const auto it = std::find_if(all.begin(), all.end(), [&](const TranslatedLine& l) { return l.of == of; });
    EXPECT_NE(it, all.end()) << of;
    return it == all.end() ? TranslatedLine{} : *it;
}

}  // namespace

TEST(Translation, EveryTextIsThereAndMissingAtFirst) {
    const auto all = translation(guide_to_translate(), "de");
    EXPECT_TRUE(std::all_of(all.begin(), all.end(), [](const TranslatedLine& l) { return l.state == State::Missing; }));
    EXPECT_EQ(line(guide_to_translate(), "Undo the {item:plug}.").what, "Step 1, line 1");
    EXPECT_EQ(line(guide_to_translate(), "100 h service").what, "Title");
    EXPECT_EQ(line(guide_to_translate(), "plug").what, "Item");
}

TEST(Translation, IsKeptCurrentAndSpokenInItsLanguage) {
    Procedure p = guide_to_translate();
    p = job::after(p, translate(p, line(p, "Undo the {item:plug}."), "de", "{item:plug} lösen."));
    p = job::after(p, translate(p, line(p, "plug"), "de", "Schraube"));
    p = job::after(p, translate(p, line(p, "100 h service"), "de", "100-h-Wartung"));
    EXPECT_EQ(line(p, "Undo the {item:plug}.").state, State::Current);
    EXPECT_EQ(languages_of(p), std::vector<std::string>{"de"});
    const Procedure q = in_language(p, "de");
    EXPECT_EQ(q.steps[0].lines[0], "{item:plug} lösen.");
    EXPECT_EQ(q.steps[0].lines[1], p.steps[0].lines[1]) << "what is missing stays as it is";
    EXPECT_EQ(q.items[0].name, "Schraube");
    EXPECT_EQ(q.header.title, "100-h-Wartung");
    EXPECT_EQ(in_language(p, "fr").steps[0].lines, p.steps[0].lines);
}

TEST(Translation, AChangedTextIsOutOfDateAndSaysWhatItWasMadeFrom) {
    Procedure p = guide_to_translate();
    p = job::after(p, translate(p, line(p, "Undo the {item:plug}."), "de", "{item:plug} lösen."));
    p.steps[0].lines[0] = "Undo the {item:plug} slowly.";
    const auto now = line(p, "Undo the {item:plug} slowly.");
    EXPECT_EQ(now.state, State::OutOfDate);
    EXPECT_EQ(now.was, "Undo the {item:plug}.");
    EXPECT_EQ(now.text, "{item:plug} lösen.");
    EXPECT_EQ(in_language(p, "de").steps[0].lines[0], p.steps[0].lines[0]) << "an old translation is not given to a learner";
    p = job::after(p, translate(p, now, "de", "{item:plug} langsam lösen."));
    EXPECT_EQ(line(p, "Undo the {item:plug} slowly.").state, State::Current);
    EXPECT_EQ(p.steps[0].translated.size(), 1U) << "the old one is gone";
}

TEST(Translation, FollowsATextThatMoves) {
    Procedure p = guide_to_translate();
    p = job::after(p, translate(p, line(p, "Undo the {item:plug}."), "de", "{item:plug} lösen."));
    std::swap(p.steps[0].lines[0], p.steps[0].lines[1]);
    EXPECT_EQ(line(p, "Undo the {item:plug}.").state, State::Current);
    EXPECT_EQ(line(p, "Undo the {item:plug}.").what, "Step 1, line 2");
}

TEST(Translation, FiguresAndItemsAreNotTranslated) {
    const Procedure p = guide_to_translate();
    const auto of = line(p, "Tighten the {item:plug} to {figure:t}.");
    EXPECT_FALSE(translate(p, of, "de", "Die Schraube mit 25 Nm anziehen.")) << "a number typed once more";
    EXPECT_FALSE(translate(p, of, "de", "{item:plug} mit {figure:t} und {figure:t} anziehen."));
    EXPECT_TRUE(translate(p, of, "de", "Mit {figure:t} die {item:plug} anziehen.")) << "in the order of the other language";
}

TEST(Translation, AnEmptyTextTakesItOut) {
    Procedure p = guide_to_translate();
    p = job::after(p, translate(p, line(p, "Undo the {item:plug}."), "de", "{item:plug} lösen."));
    p = job::after(p, translate(p, line(p, "Undo the {item:plug}."), "de", ""));
    EXPECT_EQ(p, guide_to_translate());
}
