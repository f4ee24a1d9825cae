// Mixture: what is dissolved is conserved; freezing points against published values.
#include "core/fluids/mixture.h"

#include <gtest/gtest.h>

#include <cmath>

#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

TEST(DrainAndReplace, WhatIsDissolvedIsConserved) {
    holds([] {
        const double volume = *rc::gen::inRange(1, 5000) / 10.0;
        const double have = *rc::gen::inRange(0, 90);
        const double want = *rc::gen::inRange(0, 90);
        const double concentrate = *rc::gen::inRange(91, 101);
        RC_PRE(have > 0 || want >= have);
        const auto r = drain_and_replace(volume, have, want, concentrate);
        RC_ASSERT(r.has_value());
        RC_ASSERT(r->drain >= 0 && r->drain <= volume + 1e-9 && r->drain == r->add);
        const double strength = ((volume - r->drain) * have + r->add * r->of_percent) / volume;
        RC_ASSERT(std::abs(strength - want) < 1e-9);
    });
}

TEST(DrainAndReplace, ATextbookExample) {
    // 12 L at 30 %, wanted 50 %, pure concentrate: 12 * 20 / 70
    EXPECT_NEAR(drain_and_replace(12, 30, 50)->drain, 3.42857, 1e-5);
    EXPECT_NEAR(drain_and_replace(8, 50, 35)->drain, 2.4, 1e-9);
    EXPECT_EQ(drain_and_replace(8, 50, 35)->of_percent, 0);
    EXPECT_EQ(drain_and_replace(8, 35, 50, 48).error().code, ErrorCode::Refused);
    EXPECT_EQ(drain_and_replace(0, 35, 50).error().code, ErrorCode::BadInput);
    EXPECT_EQ(drain_and_replace(8, 35, 150).error().code, ErrorCode::BadInput);
}

TEST(TopUp, NeedsRoom) {
    const double add = *top_up(8, 3, 35, 50);
    EXPECT_NEAR((8 * 35 + add * 100) / (8 + add), 50, 1e-9);
    EXPECT_EQ(top_up(8, 1, 35, 50).error().code, ErrorCode::Refused);
    EXPECT_EQ(top_up(8, 1, 35, 0).error().code, ErrorCode::Refused);
    EXPECT_EQ(*top_up(8, 1, 35, 35), 0);
}

TEST(Ratio, SplitsTheAmount) {
    EXPECT_NEAR(mix_by_ratio(5.5, 1, 10)->concentrate, 0.5, 1e-12);
    EXPECT_NEAR(mix_by_ratio(5.5, 1, 10)->water, 5, 1e-12);
    EXPECT_FALSE(mix_by_ratio(0, 1, 10));
    EXPECT_EQ(jug_marks({0.5, 5}), (std::vector<double>{0.5, 5.5}));
}

// ASHRAE Handbook, Fundamentals, by mass: 30 % ethylene glycol freezes at -14.1, 50 % at -33.8 degC. By volume that is 27.7
// and 47.3 %, which the conversion has to come to.
TEST(FreezingPoint, AgreesWithThePublishedTable) {
    EXPECT_NEAR(*freezing_point(Glycol::Ethylene, 27.7), -14.1, 0.3);
    EXPECT_NEAR(*freezing_point(Glycol::Ethylene, 47.3), -33.8, 0.6);
    EXPECT_NEAR(*freezing_point(Glycol::Ethylene, 0), 0, 1e-9);
    EXPECT_FALSE(freezing_point(Glycol::Ethylene, 70));
    EXPECT_FALSE(strength_for(Glycol::Ethylene, -80));
}

TEST(FreezingPoint, FallsWithStrengthAndComesBack) {
    for (const auto type : {Glycol::Ethylene, Glycol::Propylene}) {
        double before = 1;
        for (double p = 0; p <= 56; p += 0.5) {
            const double now = *freezing_point(type, p);
            EXPECT_LT(now, before);
            before = now;
            EXPECT_NEAR(*strength_for(type, now), p, 1e-6);
        }
    }
}

TEST(JugFillings, WhatDoesNotGoIntoOneJugIsPouredInSeveralOfTheSame) {
    const auto two = jug_fillings({1.84, 0.96}, 2);
    ASSERT_TRUE(two);
    EXPECT_EQ(two->times, 2);
    EXPECT_NEAR(two->marks[0], 0.92, 1e-9);
    EXPECT_NEAR(two->marks[1], 1.4, 1e-9);
    EXPECT_EQ(jug_fillings({1, 1}, 2)->times, 1) << "to the brim";
    EXPECT_FALSE(jug_fillings({200}, 2));
    EXPECT_FALSE(jug_fillings({}, 2));
    EXPECT_FALSE(jug_fillings({1}, 0));
}
