// Wrench: settings with a lengthened lever, marks of a scale, and which wrench of the shop will do.
#include "core/torque/wrench.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/quantity/unit.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

const Day kToday = *parse_day("2026-11-28");

Wrench wrench(const char* id, double from, double to, double step) {
    Wrench w;
    w.id = w.name = id;
    w.unit = "Nm";
    w.from = from;
    w.to = to;
    w.main_step = step * 5;
    w.fine_step = step;
    w.arm_mm = 300;
    w.calibrated = "2026-03-02";
    w.due = "2027-03-02";
    return w;
}

}  // namespace

// The worked example that stands in the instructions of lever wrenches everywhere: 400 mm arm, 100 mm extension in line,
// 50 N·m wanted: 50 * 400 / 500 = 40.
TEST(LengthenedSetting, FollowsTheLawOfTheLever) {
    EXPECT_NEAR(*lengthened_setting(50, 400, 100, 0), 40, 1e-12);
    EXPECT_NEAR(*lengthened_setting(50, 400, 100, 45), 50 * 400 / (400 + 100 * std::sqrt(0.5)), 1e-12);
    EXPECT_NEAR(*lengthened_setting(50, 400, 100, 180), 50 * 400 / 300.0, 1e-9);
}

TEST(LengthenedSetting, ChangesNothingAtRightAngles) {
    EXPECT_EQ(*lengthened_setting(25, 400, 60, 90), 25);
    EXPECT_EQ(*lengthened_setting(25, 400, 60, -90), 25);
    EXPECT_EQ(*lengthened_setting(25, 400, 60, 270), 25);
    EXPECT_EQ(*lengthened_setting(25, 400, 0, 0), 25);
}

TEST(LengthenedSetting, RefusesWhatCannotBe) {
    EXPECT_EQ(lengthened_setting(25, 400, 500, 180).error().code, ErrorCode::Refused);
    EXPECT_EQ(lengthened_setting(25, 400, 400, 180).error().code, ErrorCode::Refused);
    EXPECT_EQ(lengthened_setting(-1, 400, 0, 0).error().code, ErrorCode::BadInput);
    EXPECT_EQ(lengthened_setting(25, 0, 10, 0).error().code, ErrorCode::BadInput);
    EXPECT_EQ(lengthened_setting(25, 400, -10, 0).error().code, ErrorCode::BadInput);
    EXPECT_EQ(lengthened_setting(std::nan(""), 400, 10, 0).error().code, ErrorCode::BadInput);
}

TEST(LengthenedSetting, GoesDownWithTheExtensionAndUpWithTheTorque) {
    holds([] {
        const double torque = *rc::gen::inRange(1, 500);
        const double arm = *rc::gen::inRange(100, 1000);
        const double longer = *rc::gen::inRange(1, 300);
        const double angle = *rc::gen::inRange(0, 89);
        const double at = *lengthened_setting(torque, arm, longer, angle);
        RC_ASSERT(at < torque);
        RC_ASSERT(*lengthened_setting(torque, arm, longer + 10, angle) < at);
        RC_ASSERT(*lengthened_setting(torque + 1, arm, longer, angle) > at);
        // what the fastener feels when the wrench is set so, is the torque wanted
        RC_ASSERT(std::abs(at * (arm + longer * std::cos(angle * M_PI / 180)) / arm - torque) < 1e-9 * torque);
    });
}

TEST(ScaleSetting, TakesTheNearestMark) {
    const auto s = *set_on_scale(18.44, 1.3558179483, {5, 80, 1, 4}, 10);
    EXPECT_EQ(s.setting, 18);
    EXPECT_NEAR(s.true_torque, 24.40, 0.01);
    EXPECT_NEAR(s.error_percent, -2.39, 0.01);
    EXPECT_TRUE(s.ok) << s.reason;
    EXPECT_EQ(set_on_scale(30.1, 1, {20, 100, 2.5, 0}, {})->setting, 30);
}

TEST(ScaleSetting, SaysWhyItWillNotDo) {
    const auto reason = [](double torque, Scale scale, std::optional<double> tolerance) {
        const auto s = set_on_scale(torque, 1, scale, tolerance);
        EXPECT_FALSE(s->ok);
        return s->reason;
    };
    EXPECT_NE(reason(19, {5, 100, 1, 4}, {}).english().find("below 20 %"), std::string::npos);
    EXPECT_NE(reason(120, {20, 100, 1, 4}, {}).english().find("beyond the end"), std::string::npos);
    EXPECT_NE(reason(30, {40, 200, 1, 4}, {}).english().find("below the first mark"), std::string::npos);
    EXPECT_NE(reason(22.4, {20, 100, 5, 4}, 10).english().find("more than the 10 % allowed"), std::string::npos);
    EXPECT_TRUE(set_on_scale(20, 1, {5, 100, 1, 4}, {})->ok);  // 20 % itself is good
    EXPECT_EQ(set_on_scale(20, 1, {100, 5, 1, 4}, {}).error().code, ErrorCode::BadInput);
    EXPECT_EQ(set_on_scale(20, 1, {5, 100, 0, 4}, {}).error().code, ErrorCode::BadInput);
}

TEST(ScaleSetting, IsMonotonicAndNeverOffByMoreThanHalfAStep) {
    holds([] {
        const double from = *rc::gen::inRange(0, 50);
        const double step = *rc::gen::inRange(1, 20) / 4.0;
        const Scale scale{from, from + step * *rc::gen::inRange(5, 200), step, 4};
        const double torque = from + (scale.to - from) * *rc::gen::inRange(1, 1000) / 1000.0;
        const auto s = set_on_scale(torque, 1, scale, {});
        RC_ASSERT(std::abs(s->setting - torque) <= step / 2 + 1e-9);
        RC_ASSERT(set_on_scale(torque * 1.01, 1, scale, {})->setting >= s->setting);
        const double marks = (s->setting - from) / step;
        RC_ASSERT(std::abs(marks - std::round(marks)) < 1e-6);
    });
}

TEST(Wrenches, TheBestThatMayBeUsedStandsFirst) {
    auto small = wrench("small", 5, 25, 0.5);
    auto middle = wrench("middle", 20, 100, 1);
    auto large = wrench("large", 40, 200, 5);
    auto lapsed = wrench("lapsed", 5, 50, 0.1);
    lapsed.due = "2026-06-01";
    auto never = wrench("never", 5, 50, 0.1);
    never.calibrated.clear();
    const std::vector<Wrench> shop{large, lapsed, never, middle, small};
    const auto offers = wrenches_for(23.3, 10, shop, kToday);
    ASSERT_EQ(offers.size(), 5U);
    EXPECT_EQ(offers[0].wrench->id, "small");
    EXPECT_EQ(offers[0].scale.setting, 23.5);
    EXPECT_EQ(offers[1].wrench->id, "middle");
    EXPECT_FALSE(offers[2].usable);
    const auto why = [&](const char* id) {
        for (const auto& o : offers)
            if (o.wrench->id == id) return o.why.english();
        return std::string();
    };
    EXPECT_NE(why("lapsed").find("2026-06-01"), std::string::npos);
    EXPECT_NE(why("never").find("never calibrated"), std::string::npos);
    EXPECT_NE(why("large").find("below the first mark"), std::string::npos);
}

TEST(Wrenches, AnExtensionIsReckonedWith) {
    const auto w = wrench("w", 5, 60, 0.5);
    const std::vector<Wrench> shop{w};
    const auto offers = wrenches_for(25, 10, shop, kToday, {60, 0});
    EXPECT_EQ(offers[0].scale.setting, 21);  // 25 * 300 / 360 = 20.83
    EXPECT_NEAR(offers[0].scale.true_torque, 25.2, 1e-9);
    auto unknown = w;
    unknown.arm_mm = 0;
    EXPECT_FALSE(wrenches_for(25, 10, {unknown}, kToday, {60, 0})[0].usable);
    EXPECT_TRUE(wrenches_for(25, 10, {unknown}, kToday, {60, 90})[0].usable);  // makes no difference there
}

TEST(Wrenches, AScaleInTheOtherSystemIsConverted) {
    auto w = wrench("pounds", 5, 40, 1);
    w.unit = "lbf.ft";
    const std::vector<Wrench> shop{w};
    const auto offers = wrenches_for(25, 10, shop, kToday);
    EXPECT_EQ(offers[0].scale.setting, 18);
    EXPECT_NEAR(offers[0].scale.true_torque, 24.4, 0.01);
}

TEST(Marks, AreToldAsTheHandFindsThem) {
    const auto w = wrench("w", 20, 100, 1);
    EXPECT_EQ(marks_text(w, 25), "mark 25");
    EXPECT_EQ(marks_text(w, 26), "mark 25 and 1 fine mark more");
    EXPECT_EQ(marks_text(w, 28), "mark 25 and 3 fine marks more");
}
