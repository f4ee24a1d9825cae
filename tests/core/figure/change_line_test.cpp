#include "core/figure/change_line.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

namespace {

Figure torque(const char* value, const char* unit = "Nm") {
    Figure f;
    f.id = FigureId("t");
    f.kind = FigureKind::Torque;
    f.value = {value, "", unit};
    return f;
}

}  // namespace

TEST(ChangeLine, BothValuesStandOnOneScaleInOneUnit) {
    const auto c = change_line(torque("24"), torque("25"));
    ASSERT_TRUE(c.line.drawable);
    EXPECT_DOUBLE_EQ(c.was, 24);
    EXPECT_DOUBLE_EQ(c.is, 25);
    for (const double v : {c.was, c.is}) {
        EXPECT_GT(c.line.place(v), 0);
        EXPECT_LT(c.line.place(v), 1);
    }
    EXPECT_NEAR(change_line(torque("18", "lbf.ft"), torque("25")).was, 24.4, 0.1);
}

TEST(ChangeLine, WhatHasNoPlaceOrDidNotChangeIsNotDrawn) {
    EXPECT_FALSE(change_line(torque("24"), torque("24")).line.drawable);
    Figure grade = torque("75W90", "");
    grade.kind = FigureKind::Grade;
    Figure other = grade;
    other.value.low = "80W90";
    EXPECT_FALSE(change_line(grade, other).line.drawable);
    EXPECT_FALSE(change_line(torque(""), torque("25")).line.drawable);
}
