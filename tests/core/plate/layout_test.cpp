// The laws of a plate's layout, on thousands of random plates.
#include "core/plate/layout.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

using namespace anagraph::core;

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
            const double aspect = k % 3 == 0 ? kAspect : k % 3 == 1 ? 4.0 / 3
                                                                    : 9.0 / 16;
            const auto out = laid_out(random_plate(random, n, aspect), aspect);
            const auto faults = layout_faults(out, aspect);
            EXPECT_EQ(faults.all(), 0) << n << " callouts, plate " << k << ": " << faults.crossings << " crossing, " << faults.covered << " covered, " << faults.outside << " outside";
            ++plates;
        }
    EXPECT_GE(plates, 3000);
}

TEST(CalloutLayout, FortyCalloutsStillLieWell) {
    std::mt19937 random(11);
    for (int k = 0; k < 50; ++k) {
        const auto faults = layout_faults(laid_out(random_plate(random, 40), kAspect), kAspect);
        EXPECT_EQ(faults.all(), 0) << "plate " << k << ": " << faults.crossings << " crossing, " << faults.covered << " covered, " << faults.outside << " outside";
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
        last.label = label_place(last.target, plate, kAspect);
        plate.push_back(last);
        EXPECT_EQ(layout_faults(plate, kAspect).crossings, 0);
        EXPECT_EQ(layout_faults(plate, kAspect).outside, 0);
        plate.pop_back();
        EXPECT_EQ(plate, others);
    }
}

TEST(CalloutLayout, DiscsShrinkOnlyWhereThereAreMany) {
    EXPECT_EQ(disc_radius(3), kDiscRadius);
    EXPECT_EQ(disc_radius(16), kDiscRadius);
    EXPECT_LT(disc_radius(40), kDiscRadius);
    EXPECT_GE(disc_radius(400), 200);
}
