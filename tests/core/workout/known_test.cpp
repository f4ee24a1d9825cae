#include "core/workout/known.h"

#include <gtest/gtest.h>

#include "core/workout/store_packs.h"

using namespace anagraph::core;

namespace {

Item item(const char* id, ItemKind kind, const char* name, const char* spec) {
    Item i;
    i.id = ItemId(id);
    i.kind = kind;
    i.name = name;
    i.spec = spec;
    return i;
}

Figure figure(const char* id, FigureKind kind, const char* about, const char* purpose, const char* low, const char* unit) {
    Figure f;
    f.id = FigureId(id);
    f.kind = kind;
    f.item = ItemId(about);
    f.purpose = purpose;
    f.value = {low, "", unit};
    return f;
}

std::optional<ThreadedJoint> joint_of(const char* name, const char* spec) {
    Procedure p;
    p.items = {item("it", ItemKind::Fastener, name, spec)};
    p.figures = {figure("t", FigureKind::Torque, "it", "tightening torque", "25", "Nm")};
    return known_joint(p, p.figures[0]);
}

}  // namespace

TEST(KnownJoint, ReadsTheThreadOutOfTheItemsSize) {
    const auto plain = joint_of("cover bolt", "M6");
    ASSERT_TRUE(plain);
    EXPECT_EQ(plain->diameter_mm, 6);
    EXPECT_EQ(plain->pitch_mm, 0);
    EXPECT_FALSE(plain->seals);
    for (const char* written : {"M14x1.5, magnetic tip", "M14 x 1.5, magnetic tip", "hexagon, M14 x1.5"}) {
        const auto fine = joint_of("bolt", written);
        ASSERT_TRUE(fine) << written;
        EXPECT_EQ(fine->diameter_mm, 14) << written;
        EXPECT_EQ(fine->pitch_mm, 1.5) << written;
    }
    EXPECT_FALSE(joint_of("bolt", "17 mm across flats"));
    EXPECT_FALSE(joint_of("bolt", "PM25 steel")) << "no thread within a word";
    EXPECT_FALSE(joint_of("bolt", "Magnetic"));
}

TEST(KnownJoint, KnowsWhatItIsCutInAndWhetherItSeals) {
    EXPECT_TRUE(joint_of("drain plug", "M14")->seals);
    EXPECT_TRUE(joint_of("breather", "M10")->seals);
    EXPECT_FALSE(joint_of("spark arrester", "M10")->seals);
    EXPECT_EQ(joint_of("bolt", "M8, into aluminium")->in, ThreadIn::Aluminium);
    EXPECT_EQ(joint_of("bolt", "M8 in the plastic housing")->in, ThreadIn::Plastic);
    EXPECT_EQ(joint_of("bolt", "M8, class 10.9")->property_class, "10.9");
    EXPECT_EQ(joint_of("bolt", "M8, 18.8 mm long")->property_class, "") << "a length is no class";
    EXPECT_EQ(joint_of("nut", "M8 with a nylon ring")->in, ThreadIn::Steel);
    EXPECT_EQ(joint_of("bolt", "M8, alloy steel")->in, ThreadIn::Steel);
    EXPECT_TRUE(joint_of("banjo bolt", "M10")->hollow);
}

TEST(TolerancePercent, IsHalfTheWidthAgainstTheValue) {
    auto f = figure("t", FigureKind::Torque, "it", "tightening torque", "25", "Nm");
    EXPECT_FALSE(tolerance_percent(f));
    f.tolerance = "2.5";
    EXPECT_DOUBLE_EQ(*tolerance_percent(f), 10);
    f.value = {};
    EXPECT_FALSE(tolerance_percent(f)) << "of an unknown value";
}

TEST(KnownAmount, IsFoundByWhatItsPurposeSaysAndNotAnotherVariants) {
    Procedure p;
    p.items = {item("oil", ItemKind::Fluid, "engine oil", "SAE30"), item("gear", ItemKind::Fluid, "gear oil", "75W90 GL5")};
    p.figures = {figure("gear-total", FigureKind::Volume, "gear", "total, dry", "0.9", "L"),
        figure("oil-refill", FigureKind::Volume, "oil", "refill with filter", "1.7", "L"),
        figure("oil-total", FigureKind::Volume, "oil", "dry capacity", "2.1", "L"),
        figure("oil-stays", FigureKind::Volume, "oil", "left behind in the sump", "0.3", "L"),
        figure("torque", FigureKind::Torque, "oil", "refill", "12", "Nm")};
    const Figure& about = p.figures[1];
    EXPECT_EQ(known_amount(p, about, &FluidSystem::total)->id, FigureId("oil-total")) << "of the same fluid before another's";
    EXPECT_EQ(known_amount(p, about, &FluidSystem::refill)->id, FigureId("oil-refill"));
    EXPECT_EQ(known_amount(p, about, &FluidSystem::residue)->id, FigureId("oil-stays"));
    EXPECT_EQ(known_amount(p, about, &FluidSystem::between_marks), nullptr) << "nothing is made up";
    p.figures[2].variants = {"electric"};
    p.figures[1].variants = {"petrol"};
    EXPECT_EQ(known_amount(p, p.figures[1], &FluidSystem::total)->id, FigureId("gear-total"));
    p.figures[2].value = {};
    p.figures[2].variants = {};
    EXPECT_EQ(known_amount(p, p.figures[1], &FluidSystem::total)->id, FigureId("gear-total")) << "an unknown one says nothing";
}

TEST(KnownAmount, APurposeMeansOneAmountOnly) {
    const std::pair<const char*, std::optional<Amount> FluidSystem::*> purposes[] = {{"refill with new filter", &FluidSystem::refill},
        {"what the new filter takes", &FluidSystem::filter}, {"total refill", &FluidSystem::refill},
        {"drained at a change", &FluidSystem::drained}, {"between the marks of the dry dipstick", &FluidSystem::between_marks}};
    for (const auto& [purpose, meant] : purposes) {
        Procedure p;
        p.figures = {figure("f", FigureKind::Volume, "oil", purpose, "1.7", "L")};
        for (const auto amount : {&FluidSystem::total, &FluidSystem::refill, &FluidSystem::residue, &FluidSystem::filter,
                 &FluidSystem::drained, &FluidSystem::between_marks})
            EXPECT_EQ(known_amount(p, p.figures[0], amount) != nullptr, amount == meant) << purpose;
    }
}

TEST(KnownDemand, IsTheItemsSizeAndItsGrades) {
    Procedure p;
    p.items = {item("gear", ItemKind::Fluid, "gear oil", "75W90")};
    p.figures = {figure("v", FigureKind::Volume, "gear", "refill", "0.9", "L"), figure("g", FigureKind::Grade, "gear", "grade", "GL5", "")};
    const auto spec = known_demand(p, p.figures[0]);
    EXPECT_EQ(spec.viscosity, "75W90");
    EXPECT_EQ(spec.meets, std::vector<std::string>{"GL5"});
}

TEST(KnownVessel, IsReadOutOfTheGuidesPan) {
    Procedure p;
    EXPECT_FALSE(known_vessel(p));
    p.items = {item("tray", ItemKind::Vessel, "tray", "flat"), item("pan", ItemKind::Vessel, "drain pan", "3 L or more")};
    ASSERT_TRUE(known_vessel(p));
    EXPECT_EQ(amount_of(*known_vessel(p))->litres, 3);
}

TEST(KnownIntervals, TellTheFirstServiceFromTheOthers) {
    Procedure p;
    p.figures = {figure("h", FigureKind::Interval, "engine", "oil change", "100", "h"),
        figure("first", FigureKind::Interval, "engine", "running in", "20", "h"),
        figure("y", FigureKind::Interval, "engine", "oil change", "12", "month"),
        figure("other", FigureKind::Interval, "gear", "oil change", "500", "h"),
        figure("meter", FigureKind::Reading, "", "hour meter", "302", "h")};
    const auto known = known_intervals(p, p.figures[0]);
    EXPECT_EQ(known.every, (std::vector<const Figure*>{&p.figures[0], &p.figures[2]}));
    EXPECT_EQ(known.first, &p.figures[1]);
    EXPECT_EQ(known.meter, &p.figures[4]);
}

TEST(StorePacks, WhatIsRightIsUsedUpAndWhatMayBeRightIsLeftAside) {
    const std::vector<StoreFluid> store{
        {"gear oil", "75W90 GL5", 1, 0.4, ""}, {"old tin", "75W90", 1, 0.8, ""}, {"engine oil", "SAE30", 5, 3, ""}};
    const auto found = choose_with_store(1.2, {{1, std::nullopt}}, parse_fluid_spec("75W90 GL5"), store);
    ASSERT_TRUE(found);
    ASSERT_EQ(found->used.size(), 1U);
    EXPECT_EQ(found->used[0], &store[0]);
    ASSERT_EQ(found->aside.size(), 1U) << "another oil is not even spoken of";
    EXPECT_EQ(found->aside[0].fluid, &store[1]);
    EXPECT_FALSE(found->aside[0].why.empty());
    EXPECT_EQ(found->choice.count, std::vector<int>{1});
}
