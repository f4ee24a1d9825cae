// How a level is read, in words and in files.
#include "core/fluids/level_rule.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

TEST(LevelRule, SaysWhatIsNotKnown) {
    LevelRule rule{LevelRule::Temperature::Warm, LevelRule::Engine::Stopped, 5, LevelRule::Gauge::DipstickResting};
    EXPECT_EQ(text_of(rule), "On level ground, warm, stopped for 5 min, dipstick resting, not screwed in.");
    EXPECT_EQ(text_of(LevelRule{}), "On level ground. Not known: cold or warm; running or stopped; how it is read.");
}

TEST(LevelRule, EveryNameReadsBack) {
    for (int i = 0; i < 3; ++i)
        EXPECT_EQ(level_temperature(name_of(static_cast<LevelRule::Temperature>(i))), static_cast<LevelRule::Temperature>(i));
    for (int i = 0; i < 3; ++i) EXPECT_EQ(level_engine(name_of(static_cast<LevelRule::Engine>(i))), static_cast<LevelRule::Engine>(i));
    for (int i = 0; i < 5; ++i) EXPECT_EQ(level_gauge(name_of(static_cast<LevelRule::Gauge>(i))), static_cast<LevelRule::Gauge>(i));
    EXPECT_FALSE(level_gauge("by ear"));
}
