// The kit: everything once, in the order of use, as much as is needed.
#include "core/schedule/kit.h"

#include <gtest/gtest.h>

#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

std::vector<std::string> names(const std::vector<KitEntry>& list) {
    std::vector<std::string> out;
    for (const auto& e : list) out.push_back(e.name);
    return out;
}

}  // namespace

TEST(Kit, ToolsStandInTheOrderOfUseEachOnce) {
    Procedure p = winch();
    p.items.insert(p.items.begin(), {ItemId("spare"), ItemKind::Tool, "spanner nobody needs", "", ""});
    const auto kit = kit_of(p, "");
    EXPECT_EQ(names(kit.tools), (std::vector<std::string>{"drain pan", "19 mm socket", "torque wrench"}));
    EXPECT_EQ(kit.tools[1].step, StepId("drain"));
    EXPECT_EQ(kit.tools[2].size, "10 to 60 Nm");
}

TEST(Kit, PartsAreThoseThatAreNew) {
    const auto kit = kit_of(engine(), "");
    EXPECT_EQ(names(kit.parts), (std::vector<std::string>{"filter O-ring", "oil filter", "copper washer"}));
}

TEST(Kit, SeveralOfOneKindAreCounted) {
    Procedure p = with(winch(), "close", "replace bolts");
    p.items.push_back({ItemId("bolts"), ItemKind::Fastener, "six cover bolts", "", "KQ-7"});
    const auto kit = kit_of(p, "");
    ASSERT_EQ(kit.parts.size(), 2U);
    EXPECT_EQ(kit.parts[1].count, 6);
    EXPECT_EQ(kit.parts[1].number, "KQ-7");
}

TEST(Kit, AFluidIsAsMuchAsIsPouredInPacksItIsSoldIn) {
    Procedure p = winch();
    for (auto& i : p.items)
        if (i.id.text() == "oil") i.spec = "ISO VG 150, in 1 L bottles or 5 L cans";
    auto kit = kit_of(p, "");
    ASSERT_EQ(kit.fluids.size(), 1U);
    EXPECT_DOUBLE_EQ(*kit.fluids[0].litres, 2.6);
    ASSERT_EQ(kit.fluids[0].packs.size(), 1U);
    EXPECT_EQ(kit.fluids[0].packs[0].count, 3);
    EXPECT_DOUBLE_EQ(kit.fluids[0].packs[0].litres, 1.0);
    kit = kit_of(engine(), "");
    EXPECT_DOUBLE_EQ(*kit.fluids[0].litres, 4.0) << "3.5 L, and the rest up to the mark";
    EXPECT_TRUE(kit.fluids[0].packs.empty()) << "nobody says what it is sold in";
}

TEST(Kit, AnAmountThatIsNotKnownStaysUnknown) {
    Procedure p = instead(winch(), "fill", "fill oil @oil-refill", "fill oil");
    for (auto& i : p.items)
        if (i.id.text() == "oil") i.refill = {}, i.none_of = {"refill"};
    EXPECT_FALSE(kit_of(p, "").fluids.at(0).litres);
}

TEST(Kit, GearIsPutOnWhereItIsNamedAndElseBeforeTheFirstStep) {
    Procedure p = winch();
    p.items.push_back({ItemId("gloves"), ItemKind::Protection, "gloves", "", ""});
    p.items.push_back({ItemId("glasses"), ItemKind::Protection, "safety glasses", "", ""});
    p.steps[2].lines = {"Put the {item:glasses} on."};
    const auto kit = kit_of(p, "");
    ASSERT_EQ(kit.protection.size(), 2U);
    EXPECT_EQ(kit.protection[0].step, StepId("drain"));
    EXPECT_EQ(kit.protection[1].step, StepId("warm"));
}

TEST(Kit, IsOfTheVariant) {
    Procedure p = winch();
    p.header.variants = {"W5", "W5-T"};
    p.steps[3].variants = {"W5"};
    EXPECT_EQ(kit_of(p, "W5").parts.size(), 1U);
    EXPECT_TRUE(kit_of(p, "W5-T").parts.empty());
}

TEST(PacksNamed, AreSizesBeforeThePack) {
    const auto packs = packs_named("75W90 GL5, in 1 L bottles: two, or a 5 L can");
    ASSERT_EQ(packs.size(), 2U);
    EXPECT_DOUBLE_EQ(packs[1].litres, 5.0);
    EXPECT_TRUE(packs_named("ISO VG 150").empty());
    EXPECT_TRUE(packs_named("").empty());
}
