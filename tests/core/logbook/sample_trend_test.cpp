#include "core/logbook/sample_trend.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

namespace {

class Samples {
public:
    Samples() { add(MachineAdded{"launch", "M4", "", "", "", "2026-01-01"}); }
    void add(LogBody body) { EXPECT_TRUE(log.add({log.next_number(), "2026-11-30T10:00:00Z", "author", std::move(body)})); }
    void sample(const std::string& on, std::vector<std::string> found, std::vector<std::string> limits = {},
        const std::string& fluid = "engine oil") {
        add(SampleTaken{"launch", fluid, "S", "", on, {}, {}, {}});
        add(SampleAnswered{log.all().back().number, std::move(found), std::move(limits), ""});
    }
    Logbook log;
};

}  // namespace

TEST(SampleTrend, RunsInTheOrderOfDaysWithTheLimitThatWasGivenLast) {
    Samples s;
    s.sample("2026-05-01", {"iron 41 ppm", "water none"}, {"iron 40 ppm"});
    s.sample("2026-02-01", {"Iron 12 ppm", "copper 3 ppm"}, {"iron 60 ppm"});
    s.sample("2026-03-01", {"iron 18 ppm"}, {}, "gear oil");
    const auto trends = sample_trends(s.log, "Launch");
    ASSERT_EQ(trends.size(), 3U) << "iron and copper of the engine oil, iron of the gear oil; water has no number";
    EXPECT_EQ(trends[0].what, "Iron");
    ASSERT_EQ(trends[0].points.size(), 2U);
    EXPECT_EQ(trends[0].points[0].value, 12);
    EXPECT_EQ(trends[0].limit, 40);
    EXPECT_TRUE(trends[0].points[1].over);
    EXPECT_EQ(trends[0].words(), "engine oil, Iron: 12, 41 ppm; the last is over its limit of 40 ppm");
    EXPECT_FALSE(trends[1].limit);
}

TEST(SampleTrend, SaysThatAValueRisesFromThreeSamplesOn) {
    Samples s;
    s.sample("2026-01-05", {"iron 10 ppm"});
    s.sample("2026-02-05", {"iron 12 ppm"});
    EXPECT_EQ(sample_trends(s.log, "launch")[0].words(), "engine oil, iron: 10, 12 ppm");
    s.sample("2026-03-05", {"iron 15.5 ppm"});
    EXPECT_EQ(sample_trends(s.log, "launch")[0].words(), "engine oil, iron: 10, 12, 15.5 ppm; rising");
    s.sample("2026-04-05", {"iron 9 ppm"});
    EXPECT_EQ(sample_trends(s.log, "launch")[0].words(), "engine oil, iron: 10, 12, 15.5, 9 ppm");
}

TEST(SampleTrend, NothingOfASampleThatWaitsAndNothingOfWhatCannotBeRead) {
    Samples s;
    s.add(SampleTaken{"launch", "engine oil", "S", "", "2026-01-05", {}, {}, {}});
    s.sample("2026-02-05", {"12 ppm", "clear", ""});
    EXPECT_TRUE(sample_trends(s.log, "launch").empty());
}
