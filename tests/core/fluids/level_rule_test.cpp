// How a level is read, in words and in files.
#include "core/fluids/level_rule.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

TEST(LevelRule, SaysWhatIsNotKnown) {
    LevelRule rule{LevelRule::Temperature::Warm, LevelRule::Engine::Stopped, 5, LevelRule::Gauge::DipstickResting};
    EXPECT_EQ(text_of(rule), "On level ground, warm, stopped for 5 min, dipstick resting, not screwed in.");
    EXPECT_EQ(text_of(LevelRule{}), "On level ground. Not known: cold or warm, running or stopped, how it is read.");
}
