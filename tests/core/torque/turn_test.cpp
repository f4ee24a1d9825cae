// TurnAfterContact: turns, degrees and flats of a head are one and the same.
#include "core/torque/turn.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

TEST(TurnAfterContact, IsCountedInFlats) {
    const auto turn = [](const char* text) { return *turn_after_contact(*parse_figure_value(text)); };
    EXPECT_DOUBLE_EQ(turn("3/4 turn").degrees, 270);
    EXPECT_EQ(turn("3/4 turn").in_words, "4 1/2 flats");
    EXPECT_EQ(turn("90 deg").in_words, "1 1/2 flats");
    EXPECT_EQ(turn("60 deg").in_words, "1 flat");
    EXPECT_EQ(turn("1/2 turn").in_words, "3 flats");
    EXPECT_EQ(turn("1/12 turn").in_words, "1/2 flat");
    EXPECT_EQ(turn("100 deg").in_words, "about 1 1/2 flats");
    EXPECT_FALSE(turn_after_contact(*parse_figure_value("25 Nm")));
    EXPECT_FALSE(turn_after_contact(FigureValue{}));
}
