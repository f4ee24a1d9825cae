// The laws of a plate's layout, on thousands of random plates.
#include "core/plate/layout.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "tests/core/plate/plain_geometry.h"

using namespace anagraph::core;
using anagraph::core::testing::seen_wrong;

namespace {

constexpr double kAspect = 16.0 / 9;

/// So many targets on a picture, no two so close that they could not be told apart.
std::vector<Callout> random_plate(std::mt19937& random, int count, double aspect = kAspect) {
    std::uniform_int_distribution<int> share(400, 9600);
    std::vector<Callout> out;
    const double apart = 1.6 * disc_radius(static_cast<std::size_t>(count));
    while (static_cast<int>(out.size()) < count) {
        const Place p{share(random), share(random)};
        bool clear = true;
        for (const auto& c : out) clear = clear && std::hypot((p.x - c.target.x) * aspect, static_cast<double>(p.y - c.target.y)) > apart;
        if (clear) out.push_back({ItemId("i" + std::to_string(out.size())), p, p});
    }
    return out;
}

}  // namespace

TEST(CalloutLayout, OnThousandsOfPlatesNothingCrossesNothingIsCoveredAllIsInside) {
    std::mt19937 random(7);
    int plates = 0;
    for (int n = 1; n <= 12; ++n)
        for (int k = 0; k < 300; ++k) {
            const double aspect = k % 3 == 0 ? kAspect : k % 3 == 1 ? 4.0 / 3 : 9.0 / 16;
            const auto out = laid_out(random_plate(random, n, aspect), aspect);
            const auto faults = layout_faults(out, aspect);
            EXPECT_EQ(faults.all(), 0) << n << " callouts, plate " << k << ": " << faults.crossings << " crossing, " << faults.covered
                                       << " covered, " << faults.outside << " outside";
            EXPECT_EQ(seen_wrong(out, aspect), "") << n << " callouts, plate " << k;
            ++plates;
        }
    EXPECT_GE(plates, 3000);
}

TEST(CalloutLayout, FortyCalloutsStillLieWell) {
    std::mt19937 random(11);
    for (int k = 0; k < 50; ++k) {
        const auto out = laid_out(random_plate(random, 40), kAspect);
        const auto faults = layout_faults(out, kAspect);
        EXPECT_EQ(seen_wrong(out, kAspect), "") << "plate " << k;
        EXPECT_EQ(faults.all(), 0) << "plate " << k << ": " << faults.crossings << " crossing, " << faults.covered << " covered, "
                                   << faults.outside << " outside";
    }
}

TEST(CalloutLayout, ASmallMoveOfOneTargetMovesFewLabels) {
    std::mt19937 random(3);
    std::uniform_int_distribution<int> little(-60, 60);
    int moved = 0;
    int all = 0;
    for (int k = 0; k < 500; ++k) {
        auto before = laid_out(random_plate(random, 8), kAspect);
        auto after = before;
        auto& target = after[static_cast<std::size_t>(k) % after.size()].target;
        target = {target.x + little(random), target.y + little(random)};
        after = laid_out(after, kAspect);
        EXPECT_EQ(layout_faults(after, kAspect).all(), 0);
        EXPECT_EQ(seen_wrong(after, kAspect), "");
        for (std::size_t i = 0; i < before.size(); ++i) moved += before[i].label == after[i].label ? 0 : 1;
        all += 8;
    }
    EXPECT_LT(moved, all / 50) << moved << " of " << all;
}

TEST(CalloutLayout, WhatWasMovedByHandStaysWhereItWasPut) {
    std::mt19937 random(5);
    for (int k = 0; k < 200; ++k) {
        auto plate = random_plate(random, 6);
        plate[2].label = {5000, 5000};
        plate[2].fixed = true;
        const auto out = laid_out_anew(plate, kAspect);
        EXPECT_EQ(out[2].label, (Place{5000, 5000}));
        for (std::size_t i = 0; i < out.size(); ++i) EXPECT_EQ(out[i].target, plate[i].target);
    }
}

TEST(CalloutLayout, OneMoreFindsItsPlaceBesideTheOthers) {
    std::mt19937 random(9);
    for (int k = 0; k < 200; ++k) {
        auto plate = random_plate(random, 7);
        Callout last = plate.back();
        plate.pop_back();
        plate = laid_out(plate, kAspect);
        const auto others = plate;
        Plate whole;
        whole.callouts = plate;
        last.label = label_place(last.target, whole, kAspect);
        plate.push_back(last);
        EXPECT_EQ(layout_faults(plate, kAspect).crossings, 0);
        EXPECT_EQ(layout_faults(plate, kAspect).outside, 0);
        plate.pop_back();
        EXPECT_EQ(plate, others);
    }
}

TEST(CalloutLayout, NoDiscLiesOnWhatElseIsDrawn) {
    std::mt19937 random(17);
    std::uniform_int_distribution<int> share(1200, 8800);
    int marks = 0;
    for (int k = 0; k < 1500; ++k) {
        Plate plate;
        plate.callouts = random_plate(random, 1 + k % 8);
        const auto place = [&] { return Place{share(random), share(random)}; };
        // a glass lies beside the parts called out, as an author would put it
        const Place glass = place();
        std::erase_if(plate.callouts, [&](const Callout& c) {
            return std::hypot((c.target.x - glass.x) * kAspect, static_cast<double>(c.target.y - glass.y)) <
                kLensRadius + 2.5 * kDiscRadius;
        });
        if (k % 2 == 0) plate.marks.push_back({PlateSign::Magnify, place(), glass});
        if (k % 3 == 0) plate.marks.push_back({PlateSign::Distance, place(), place()});
        if (k % 5 == 0) plate.marks.push_back({PlateSign::DoNotTouch, place(), {}});
        if (k % 7 == 0) plate.marks.push_back({PlateSign::Pull, place(), place()});
        if (k % 4 == 0) plate.role = PairRole::Wrong;
        for (int f = 0; f < k % 5; ++f) plate.fasteners.push_back({ItemId("bolt"), place()});
        marks += static_cast<int>(plate.marks.size());
        const Plate out = laid_out(plate, kAspect);
        const auto faults = layout_faults(out.callouts, kAspect, kept_clear(out, kAspect));
        EXPECT_EQ(faults.all(), 0) << "plate " << k << ": " << faults.crossings << " crossing, " << faults.covered << " covered, "
                                   << faults.outside << " outside";
        EXPECT_EQ(seen_wrong(out.callouts, kAspect, kept_clear(out, kAspect)), "") << "plate " << k;
        EXPECT_EQ(out.marks, plate.marks);
    }
    EXPECT_GT(marks, 1000);
}

TEST(CalloutLayout, AMarkPutOnALabelMovesTheLabelAndNoOther) {
    std::mt19937 random(19);
    Plate plate;
    plate.callouts = random_plate(random, 5);
    plate = laid_out(plate, kAspect);
    EXPECT_EQ(laid_out(plate, kAspect), plate);
    const Place label = plate.callouts[2].label;
    plate.marks = {{PlateSign::DoNotTouch, label, {}}};
    const Plate out = laid_out(plate, kAspect);
    EXPECT_NE(out.callouts[2].label, label);
    EXPECT_EQ(layout_faults(out.callouts, kAspect, kept_clear(out, kAspect)).all(), 0);
    plate.callouts[2].fixed = true;
    EXPECT_EQ(laid_out(plate, kAspect).callouts[2].label, label) << "a person put it there";
}

TEST(CalloutLayout, TheTagOfAPairIsKeptClear) {
    Plate plate;
    EXPECT_TRUE(kept_clear(plate, kAspect).empty());
    for (const auto role : {PairRole::Right, PairRole::Wrong, PairRole::Before, PairRole::After, PairRole::New, PairRole::Old}) {
        plate.role = role;
        plate.callouts = {{ItemId("plug"), {1500, 2600}, {600, 700}}};
        const Plate out = laid_out(plate, kAspect);
        const auto tag = kept_clear(plate, kAspect).at(0);
        EXPECT_GT(tag.right, 0);
        EXPECT_TRUE(out.callouts[0].label.x > tag.right || out.callouts[0].label.y > tag.bottom) << name_of(role);
    }
}

TEST(CalloutLayout, DiscsShrinkOnlyWhereThereAreMany) {
    EXPECT_EQ(disc_radius(3), kDiscRadius);
    EXPECT_EQ(disc_radius(7), kDiscRadius);
    EXPECT_GE(disc_radius(kNarrowCallouts), 390) << "six points on a plate printed 47 mm high";
    EXPECT_LT(disc_radius(40), kDiscRadius);
    EXPECT_GE(disc_radius(400), 200);
}

TEST(CalloutLayout, TheSecondGeometrySeesWhatIsWrong) {
    const auto callout = [](const char* id, Place target, Place label) { return Callout{ItemId(id), target, label}; };
    EXPECT_EQ(seen_wrong({callout("a", {2000, 2000}, {5000, 2000})}, 1), "");
    EXPECT_NE(seen_wrong({callout("a", {2000, 2000}, {100, 2000})}, 1), "") << "outside";
    EXPECT_NE(seen_wrong({callout("a", {1000, 2000}, {5000, 2000}), callout("b", {1000, 8000}, {5300, 2100})}, 1), "") << "on each other";
    EXPECT_NE(seen_wrong({callout("a", {1000, 1000}, {5000, 5000}), callout("b", {1000, 5000}, {5000, 1000})}, 1), "") << "crossing";
    EXPECT_NE(seen_wrong({callout("a", {1000, 5000}, {9000, 5000}), callout("b", {5000, 9000}, {5000, 5200})}, 1), "")
        << "a line under a disc";
    EXPECT_NE(seen_wrong({callout("a", {1000, 5000}, {5000, 5000}), callout("b", {5100, 5100}, {9000, 9000})}, 1), "")
        << "a part under a disc";
    EXPECT_NE(seen_wrong({callout("a", {1000, 5000}, {5000, 5000})}, 1, {{5200, 4000, 6000, 6000}}), "") << "on a mark";
}
