// A guide for its variants, side by side: another's figure never stands in for one that is not known.
#include "core/procedure/variant_view.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "tests/core/job.h"

using namespace anagraph::core;
namespace job = anagraph::core::testing;

namespace {

Procedure guide_with_variants() {
    Procedure p = job::guide();
    p.header.variants = {"A", "B", "C"};
    const auto figure = [](const char* id, const char* value, std::vector<std::string> variants) {
        Figure f{FigureId(id), FigureKind::Volume, ItemId("plug"), "refill", {value, "", "L"}, "", {}, {}, ""};
        f.variants = std::move(variants);
        return f;
    };
    p.figures = {figure("a", "1.7", {"A"}), figure("b", "2.2", {"B"})};
    p.steps[0].lines = {"Fill in {figure:a}.", "Close the {item:plug}."};
    p.steps[1].variants = {"B"};
    p.steps[1].lines = {"Close the second outlet."};
    return p;
}

}  // namespace

TEST(VariantView, AVariantWithoutItsOwnFigureSaysSo) {
    EXPECT_NE(rendered_for(guide_with_variants(), "Fill in {figure:a}.", "A").find("1.7 L"), std::string::npos);
    EXPECT_NE(rendered_for(guide_with_variants(), "Fill in {figure:a}.", "B").find("2.2 L"), std::string::npos)
        << "its own, whichever is named";
    EXPECT_EQ(rendered_for(guide_with_variants(), "Fill in {figure:a}.", "C"), "Fill in not known for C.");
}

TEST(VariantView, DifferencesAreMarkedAndStepsThatDoNotApplyAreEmpty) {
    const auto rows = side_by_side(guide_with_variants());
    const auto row = [&](const char* step, const char* what) {
        return *std::find_if(rows.begin(), rows.end(), [&](const VariantRow& r) { return r.step == StepId(step) && r.what == what; });
    };
    EXPECT_TRUE(row("one", "Line 1").differs);
    EXPECT_FALSE(row("one", "Line 2").differs);
    const auto only = row("two", "Line 1");
    EXPECT_TRUE(only.differs);
    EXPECT_EQ(only.texts, (std::vector<std::string>{"", "Close the second outlet.", ""}));
    Procedure p = guide_with_variants();
    p.steps[0].resets = {{"one button", {"A"}, {}}, {"two buttons", {"B"}, {}}};
    const auto more = side_by_side(p);
    const auto display = std::find_if(more.begin(), more.end(), [](const VariantRow& r) { return r.what == "Display"; });
    ASSERT_NE(display, more.end());
    EXPECT_EQ(display->texts, (std::vector<std::string>{"one button", "two buttons", ""}));
    EXPECT_TRUE(std::none_of(rows.begin(), rows.end(), [](const VariantRow& r) { return r.what == "Display"; }))
        << "nothing is of one variant";
}

TEST(VariantView, ItemsOfOneVariantAndLimitsOfReadingsAreLaidSideBySide) {
    Procedure p = guide_with_variants();
    p.items.push_back({ItemId("hose"), ItemKind::Part, "second hose", "", "", {"B"}});
    p.steps[0].checks = {{"the gauge", "in the green", "in the red"}};
    p.steps[0].checks[0].reading = Reading{"level", "L", FigureId("a")};
    const auto rows = side_by_side(p);
    EXPECT_EQ(rows.front().what, "Items");
    EXPECT_TRUE(rows.front().step.empty());
    EXPECT_EQ(rows.front().texts, (std::vector<std::string>{"", "second hose", ""}));
    const auto check = std::find_if(rows.begin(), rows.end(), [](const VariantRow& r) { return r.what == "Check 1"; });
    ASSERT_NE(check, rows.end());
    EXPECT_TRUE(check->differs) << "its limits are not the same";
    EXPECT_NE(check->texts[0].find("stop when in the red; within 1.7 L"), std::string::npos) << check->texts[0];
    EXPECT_NE(check->texts[2].find("not known for C"), std::string::npos) << check->texts[2];
}

TEST(SharedEnds, AreWholeWordsAndNeverOverlap) {
    const auto middles = [](const std::vector<std::string>& texts) {
        const auto ends = shared_ends(texts);
        std::vector<std::string> out;
        for (const auto& t : texts) out.push_back(t.substr(ends.front, t.size() - ends.front - ends.back));
        return out;
    };
    EXPECT_EQ(middles({"Fill in 1.7 L now.", "Fill in 12.7 L now."}), (std::vector<std::string>{"1.7", "12.7"}));
    EXPECT_EQ(middles({"same", "same"}), (std::vector<std::string>{"", ""}));
    EXPECT_EQ(middles({"a a", "a a a"}), (std::vector<std::string>{"", " a"})) << "what is there once more";
    EXPECT_EQ(middles({"", "only here"}), (std::vector<std::string>{"", "only here"}));
    EXPECT_EQ(middles({"one", "two", "one"}), (std::vector<std::string>{"one", "two", "one"}));
    EXPECT_TRUE(middles({}).empty());
}

TEST(VariantView, OneVariantHasItsStepsItemsPlatesAndResets) {
    Procedure p = guide_with_variants();
    p.items.push_back({ItemId("hose"), ItemKind::Part, "second hose", "", "", {"B"}});
    p.steps[0].plates = {{PlateId("x"), job::kFilm, job::at(1), "", {}}};
    p.steps[0].plates[0].variants = {"B"};
    p.steps[0].resets = {{"display", {"A"}, {}}};
    const auto a = for_variant(p, "A");
    const auto b = for_variant(p, "B");
    EXPECT_EQ(a.steps.size(), 2U);
    EXPECT_EQ(b.steps.size(), 3U);
    EXPECT_EQ(a.find(ItemId("hose")), nullptr);
    EXPECT_NE(b.find(ItemId("hose")), nullptr);
    EXPECT_TRUE(a.steps[0].plates.empty());
    EXPECT_EQ(a.steps[0].resets.size(), 1U);
    EXPECT_TRUE(b.steps[0].resets.empty());
    EXPECT_TRUE(applies_to({}, "A"));
}
