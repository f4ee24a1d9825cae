// Refill: volume is conserved, the first pour never overfills, contradictions are said.
#include "core/fluids/refill.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numeric>

#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

std::optional<Amount> litres(double value, double slack = 0) { return Amount{value, slack}; }

FluidSystem gearbox() {
    FluidSystem s;
    s.total = litres(2.0, 0.04);
    s.refill = litres(1.7, 0.03);
    s.between_marks = litres(0.25, 0.005);
    return s;
}

}  // namespace

TEST(Refill, TheDemoGearbox) {
    const auto plan = plan_refill(gearbox());
    ASSERT_TRUE(plan);
    EXPECT_NEAR(plan->residue->litres, 0.3, 1e-9);
    EXPECT_LT(*plan->first_pour, 1.7 - 0.15 * 1.67);
    EXPECT_GT(*plan->first_pour, 1.2);
    EXPECT_NEAR(remedy_for(1.0 / 3, 0.25)->add, 0.1667, 1e-4);
    EXPECT_NEAR(remedy_for(1.2, 0.25)->draw_off, 0.05, 1e-9);
    EXPECT_EQ(remedy_for(1, 0.25)->add, 0);
}

TEST(Refill, AnyTwoGiveTheThird) {
    FluidSystem s;
    s.total = litres(5.8);
    s.residue = litres(0.6);
    EXPECT_NEAR(plan_refill(s)->refill->litres, 5.2, 1e-9);
    s = {};
    s.refill = litres(5.2);
    s.residue = litres(0.6);
    EXPECT_NEAR(plan_refill(s)->total->litres, 5.8, 1e-9);
    s = {};
    s.drained = litres(1.5);
    s.filter = litres(0.2);
    const auto measured = plan_refill(s);
    EXPECT_NEAR(measured->refill->litres, 1.7, 1e-9);
    EXPECT_TRUE(measured->measured);
    EXPECT_FALSE(measured->residue);
}

TEST(Refill, ContradictionsAreSaid) {
    const auto why = [](auto set) {
        FluidSystem s;
        set(s);
        const auto plan = plan_refill(s);
        EXPECT_FALSE(plan);
        return plan ? std::string() : plan.error().message.english();
    };
    EXPECT_EQ(why([](FluidSystem& s) { s.total = litres(5.8), s.refill = litres(6, 0.5); }),
        "6 L refill out of 5.8 L total cannot be: one of the two is wrong.");
    EXPECT_NE(why([](FluidSystem& s) { s.total = litres(5.8), s.refill = litres(5), s.residue = litres(0.2); }), "");
    EXPECT_NE(why([](FluidSystem& s) { s.refill = litres(1), s.filter = litres(1.2); }), "");
    EXPECT_NE(why([](FluidSystem& s) { s.total = litres(2), s.drained = litres(1.9), s.filter = litres(0.2); }), "");
    EXPECT_NE(why([](FluidSystem& s) { s.refill = litres(0.2), s.between_marks = litres(0.3); }), "");
    EXPECT_NE(why([](FluidSystem& s) { s.refill = litres(-1); }), "");
    // within the digits said it is none
    FluidSystem s;
    s.total = litres(2.0, 0.04), s.refill = litres(1.7, 0.03), s.residue = litres(0.25, 0.005);
    EXPECT_TRUE(plan_refill(s));
}

TEST(Refill, VolumeIsConservedAndNothingOverfills) {
    holds([] {
        FluidSystem s;
        const double total = *rc::gen::inRange(10, 4000) / 100.0;
        const double residue = total * *rc::gen::inRange(0, 40) / 100.0;
        const double refill = total - residue;
        const double filter = refill * *rc::gen::inRange(0, 15) / 100.0;
        const double marks = refill * *rc::gen::inRange(1, 30) / 100.0;
        if (*rc::gen::arbitrary<bool>()) s.total = litres(total);
        if (*rc::gen::arbitrary<bool>()) s.refill = litres(refill);
        if (*rc::gen::arbitrary<bool>()) s.residue = litres(residue);
        if (*rc::gen::arbitrary<bool>()) s.filter = litres(filter);
        if (*rc::gen::arbitrary<bool>()) s.between_marks = litres(marks);
        const auto plan = plan_refill(s);
        RC_ASSERT(plan.has_value());
        if (plan->refill) {
            RC_ASSERT(std::abs(plan->refill->litres - refill) < 1e-9);
            RC_ASSERT(std::abs(std::accumulate(plan->stages.begin(), plan->stages.end(), 0.0) - refill) < 1e-9);
        }
        if (plan->refill && plan->residue) RC_ASSERT(std::abs(plan->refill->litres + plan->residue->litres - total) < 1e-9);
        // before the filter has filled the sump takes the refill less the filter's share up to the upper mark, whatever was said
        if (plan->first_pour) RC_ASSERT(*plan->first_pour <= refill - filter + 1e-9);
    });
}

TEST(Refill, OnlyWhatFollowsIsSaid) {
    FluidSystem s;
    s.between_marks = litres(0.3);
    const auto plan = plan_refill(s);
    EXPECT_FALSE(plan->refill || plan->residue || plan->first_pour);
    EXPECT_TRUE(plan->stages.empty());
    EXPECT_FALSE(remedy_for(0.5, 0));
    EXPECT_FALSE(remedy_for(40, 0.3));
}

TEST(Vessel, HoldsItAllOrIsChanged) {
    EXPECT_TRUE(vessel_for(1.7, 3)->holds);
    const auto plan = *vessel_for(9, 5);
    EXPECT_FALSE(plan.holds);
    EXPECT_EQ(plan.trips, 2);
    EXPECT_EQ(plan.changes, 1);
    EXPECT_DOUBLE_EQ(plan.change_after, 4.5);
    EXPECT_FALSE(vessel_for(0, 5));
    holds([] {
        const double out = *rc::gen::inRange(1, 5000) / 100.0;
        const double vessel = *rc::gen::inRange(50, 3000) / 100.0;
        const auto p = *vessel_for(out, vessel);
        RC_ASSERT(p.trips * vessel * 0.9 >= out - 1e-6);
        RC_ASSERT((p.trips - 1) * vessel * 0.9 < out);
    });
}

TEST(AmountText, IsReadInWholeNumbersOfMillilitresWhereItIsSmall) {
    EXPECT_EQ(amount_text(3), "3 L");
    EXPECT_EQ(amount_text(1.7), "1.7 L");
    EXPECT_EQ(amount_text(0.25), "0.25 L");
    EXPECT_EQ(amount_text(0.03), "30 mL");
    EXPECT_EQ(amount_in_both(1.7), "1.7 L (1.8 US qt)");
}

TEST(MostThatComesOut, IsWhatGoesInAgainOrAllThereIs) {
    FluidSystem system;
    system.total = Amount{2.1, 0.05};
    RefillPlan plan;
    EXPECT_EQ(most_that_comes_out(plan, system), 2.1);
    plan.refill = Amount{1.7, 0.05};
    EXPECT_EQ(most_that_comes_out(plan, system), 1.7);
    EXPECT_FALSE(most_that_comes_out({}, {}));
}
