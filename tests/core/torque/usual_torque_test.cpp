// UsualTorque: against the tables of VDI 2230, and where a figure is doubted.
#include "core/torque/usual_torque.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

// VDI 2230 part 1, table A1: assembly torques in N·m for coarse threads, hexagon heads by ISO 4014, friction 0.10 and 0.16.
TEST(UsualTorque, AgreesWithTheTablesOfTheStandard) {
    struct Row {
        const char* thread;
        const char* strength;
        double low;
        double high;
    };
    const Row rows[] = {{"M6", "8.8", 9.0, 12.3}, {"M8", "8.8", 21.6, 29.8}, {"M10", "8.8", 43, 59}, {"M12", "8.8", 73, 102},
        {"M6", "10.9", 13.2, 18.0}, {"M8", "10.9", 31.8, 43.8}, {"M10", "10.9", 63, 87}};
    for (const auto& r : rows) {
        auto joint = *parse_thread(r.thread);
        joint.property_class = r.strength;
        const auto band = usual_torque(joint);
        ASSERT_TRUE(band) << r.thread;
        EXPECT_NEAR(band->low, r.low, 0.03 * r.low) << r.thread << " " << r.strength;
        EXPECT_NEAR(band->high, r.high, 0.03 * r.high) << r.thread << " " << r.strength;
    }
}

TEST(UsualTorque, ThreadsAreReadAsTheyAreWritten) {
    EXPECT_EQ(parse_thread("M14x1.5")->pitch_mm, 1.5);
    EXPECT_EQ(parse_thread("M 14 x 1.5")->diameter_mm, 14);
    EXPECT_EQ(parse_thread("M6x16")->pitch_mm, 0);  // a length
    EXPECT_EQ(parse_thread("m8")->diameter_mm, 8);
    for (const char* no : {"", "M", "8", "T30", "M-6", "Mx"}) EXPECT_FALSE(parse_thread(no)) << no;
    EXPECT_FALSE(usual_torque(*parse_thread("M9.3")));
    ThreadedJoint soft = *parse_thread("M6");
    soft.property_class = "3.1";
    EXPECT_FALSE(usual_torque(soft));
}

TEST(UsualTorque, ADoubtIsSaidWhereItIsFarOff) {
    auto m6 = *parse_thread("M6");
    m6.in = ThreadIn::Aluminium;
    const auto doubt = doubt_about(60, m6);
    ASSERT_TRUE(doubt);
    EXPECT_NE(doubt->english().find("60.0 N·m is far above"), std::string::npos) << *doubt;
    EXPECT_NE(doubt->english().find("M6 in aluminium"), std::string::npos);
    EXPECT_FALSE(doubt_about(8, m6));
    EXPECT_TRUE(doubt_about(0.9, *parse_thread("M6")));  // inch pounds read as newton metres
    auto plug = *parse_thread("M14x1.5");
    plug.hollow = true;
    EXPECT_FALSE(doubt_about(25, plug));
    EXPECT_TRUE(doubt_about(250, plug));
    plug.seals = true;
    EXPECT_FALSE(doubt_about(8, plug));
    EXPECT_FALSE(doubt_about(25, *parse_thread("M9.3")));  // not known well enough to doubt
}

TEST(UsualTorque, GrowsWithThreadAndClass) {
    double before = 0;
    for (const char* thread : {"M3", "M4", "M5", "M6", "M8", "M10", "M12", "M16", "M20", "M24", "M30", "M36"}) {
        const double now = usual_torque(*parse_thread(thread))->high;
        EXPECT_GT(now, before) << thread;
        before = now;
    }
}
