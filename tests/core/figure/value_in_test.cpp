#include "core/figure/value_in.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

TEST(ValueIn, IsTheNumberInTheUnitAskedForOrNothing) {
    EXPECT_DOUBLE_EQ(*value_in("1.5", "L", "mL"), 1500);
    EXPECT_FALSE(value_in("1.5", "L", "Nm")) << "another dimension";
    EXPECT_FALSE(value_in("75W90", "", "L"));
    EXPECT_FALSE(value_in("", "L", "L"));
}

TEST(MinutesIn, KnowsDaysAndWeeksAndNoMonths) {
    EXPECT_DOUBLE_EQ(*minutes_in({"90", "", "s"}), 1.5);
    EXPECT_DOUBLE_EQ(*minutes_in({"2", "", "day"}), 2880);
    EXPECT_DOUBLE_EQ(*minutes_in({"1", "", "week"}), 7 * 24 * 60);
    EXPECT_FALSE(minutes_in({"1", "", "month"})) << "months differ in length";
    EXPECT_FALSE(minutes_in({"3", "", "L"}));
}
