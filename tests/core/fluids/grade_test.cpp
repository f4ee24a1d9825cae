// FluidDemand: a grade is not the whole specification, and unknown is unknown.
#include "core/fluids/grade.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

namespace {
Suits suits(const char* demanded, const char* pack) { return compare(parse_fluid_spec(demanded), parse_fluid_spec(pack)).suits; }
}  // namespace

TEST(FluidSpec, IsReadFromWords) {
    const auto s = parse_fluid_spec("gear oil 75W-90 GL5");
    EXPECT_EQ(s.viscosity, "75W90");
    EXPECT_EQ(s.meets, (std::vector<std::string>{"GL5"}));
    EXPECT_EQ(parse_fluid_spec("hydraulic oil VG 46 HVLP").meets.front(), "VG");
    EXPECT_EQ(parse_fluid_spec("hydraulic oil VG46 HVLP").viscosity, "VG46");
    EXPECT_TRUE(parse_fluid_spec("some oil").viscosity.empty());
    EXPECT_EQ(parse_fluid_spec("75W90 GL5 75W90 GL-5").meets.size(), 1U);  // said twice
}

TEST(Compatibility, OnlyWhatIsSaidCounts) {
    EXPECT_EQ(suits("75W90 GL5", "75W-90 GL-5 gear oil"), Suits::Yes);
    EXPECT_EQ(suits("75W90 GL5", "75W90"), Suits::Unknown);
    EXPECT_EQ(suits("75W90 GL5", "80W90 GL5"), Suits::No);
    EXPECT_EQ(suits("75W90 GL5", "GL5"), Suits::Unknown);
    EXPECT_EQ(suits("", "75W90 GL5"), Suits::Unknown);
    EXPECT_NE(compare(parse_fluid_spec("75W90 GL5"), parse_fluid_spec("75W90")).why.english().find("GL5"), std::string::npos);
}
