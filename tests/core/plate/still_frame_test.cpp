// A still turned and cut: places go there and back, no corner is empty, and what is drawn stays on what it was drawn on.
#include "core/plate/still_frame.h"

#include <gtest/gtest.h>

#include <cmath>

#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
namespace rnd = anagraph::core::testing;

namespace {

StillCare random_care() {
    StillCare care;
    care.tilt = rnd::pick(-150, 151);
    care.crop = {rnd::pick(0, 4000), rnd::pick(0, 4000), rnd::pick(6000, 10001), rnd::pick(6000, 10001)};
    return care;
}
double random_aspect() { return *rc::gen::element(16.0 / 9, 4.0 / 3, 1.0, 9.0 / 16); }

}  // namespace

TEST(StillFrame, APlaceGoesThereAndBack) {
    rnd::holds([] {
        const auto care = random_care();
        const double aspect = random_aspect();
        const Place p{rnd::pick(0, 10001), rnd::pick(0, 10001)};
        const Place back = recorded_at(shown_at(p, care, aspect), care, aspect);
        RC_ASSERT(std::abs(back.x - p.x) <= 3);
        RC_ASSERT(std::abs(back.y - p.y) <= 3);
    });
}

TEST(StillFrame, EveryCornerOfWhatIsShownLiesOnTheRecordedFrame) {
    rnd::holds([] {
        const auto care = random_care();
        const double aspect = random_aspect();
        for (const Place corner : {Place{0, 0}, Place{10000, 0}, Place{0, 10000}, Place{10000, 10000}}) {
            const Place p = recorded_at(corner, care, aspect);
            RC_ASSERT(p.x >= -1 && p.x <= 10001 && p.y >= -1 && p.y <= 10001);
        }
    });
}

TEST(StillFrame, NothingIsDoneToAStillThatIsLeftAlone) {
    EXPECT_EQ(shown_at({1234, 5678}, {}, 16.0 / 9), (Place{1234, 5678}));
    EXPECT_DOUBLE_EQ(growth(0, 16.0 / 9), 1);
    EXPECT_DOUBLE_EQ(shown_aspect({}, 1.5), 1.5);
}

TEST(StillFrame, WhatIsDrawnStaysOnWhatItWasDrawnOnAndComesBack) {
    Plate plate;
    plate.callouts = {{ItemId("a"), {5000, 5000}, {5600, 5000}, true}, {ItemId("b"), {500, 500}, {1200, 500}}};
    plate.marks = {{PlateSign::Look, {4000, 4000}, {4500, 4000}}, {PlateSign::Look, {100, 9900}, {200, 9900}}};
    plate.fasteners = {{ItemId("a"), {6000, 6000}}};
    plate.off_order = {ItemId("b"), ItemId("a")};
    StillCare cut;
    cut.crop = {2500, 2500, 7500, 7500};
    const Plate shown = with_care(plate, cut, 16.0 / 9);
    ASSERT_EQ(shown.callouts.size(), 1U) << "one points beyond the still";
    EXPECT_EQ(shown.callouts[0].target, (Place{5000, 5000}));
    EXPECT_EQ(shown.callouts[0].label, (Place{6200, 5000}));
    EXPECT_TRUE(shown.callouts[0].fixed);
    EXPECT_EQ(shown.off_order, std::vector<ItemId>{ItemId("a")});
    ASSERT_EQ(shown.marks.size(), 1U);
    EXPECT_EQ(shown.marks[0].at, (Place{3000, 3000}));
    EXPECT_EQ(shown.fasteners[0].at, (Place{7000, 7000}));
    EXPECT_EQ(with_care(shown, {}, 16.0 / 9).callouts[0], plate.callouts[0]);
}

TEST(RecordedArea, CoversWhatWasDrawnOnTheTurnedPicture) {
    const Area drawn{4000, 3000, 6000, 5000};
    EXPECT_EQ(recorded_area(drawn, 0, 1.5), drawn);
    const auto turned = recorded_area(drawn, 100, 1.5);
    StillCare care;
    care.tilt = 100;
    for (const auto corner : {Place{4000, 3000}, Place{6000, 3000}, Place{4000, 5000}, Place{6000, 5000}}) {
        const auto at = recorded_at(corner, care, 1.5);
        EXPECT_LE(turned.left, at.x);
        EXPECT_GE(turned.right, at.x);
        EXPECT_LE(turned.top, at.y);
        EXPECT_GE(turned.bottom, at.y);
    }
    EXPECT_GT((turned.right - turned.left) * (turned.bottom - turned.top), 0);
    EXPECT_EQ(recorded_area({0, 0, 10000, 10000}, 0, 1.5), (Area{0, 0, 10000, 10000}));
}
