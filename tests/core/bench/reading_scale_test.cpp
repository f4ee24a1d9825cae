#include "core/bench/reading_scale.h"

#include "tests/core/bench/at_the_bench.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

RunReading reading(double nm) { return {"t1", "", q(rounded_text(nm, 9) + " Nm"), "typed", "", "", Judged::Within}; }
Limits limits(std::optional<double> low, std::optional<double> high) { return {find_unit("Nm"), low, high}; }

}  // namespace

TEST(ReadingScale, HoldsItsLimitsItsTicksAndEveryReading) {
    holds([] {
        const double low = *rc::gen::inRange(0, 5000) / 10.0;
        const double wide = *rc::gen::inRange(1, 2000) / 10.0;
        const double read = *rc::gen::inRange(0, 10000) / 10.0;
        const auto s = reading_scale(limits(low, low + wide), {reading(read)});
        RC_ASSERT(s.drawable);
        RC_ASSERT(s.place(low) > 0 && s.place(low + wide) < 1);
        RC_ASSERT(s.ticks.size() >= 3 && s.ticks.size() <= 9);
        for (const double t : s.ticks) RC_ASSERT(s.place(t) >= -1e-9 && s.place(t) <= 1 + 1e-9);
        RC_ASSERT(s.pins.size() == 1);
        RC_ASSERT(s.place(s.pins[0].at) >= 0 && s.place(s.pins[0].at) <= 1);
        RC_ASSERT(s.pins[0].beyond == (read < s.low - 1e-9 || read > s.high + 1e-9));
    });
}

TEST(ReadingScale, ALimitOnOneSideBeginsAtNothing) {
    const auto most = reading_scale(limits({}, 60), {});
    EXPECT_EQ(most.low, 0);
    EXPECT_GT(most.high, 60);
    EXPECT_FALSE(most.from);
    const auto least = reading_scale(limits(3, {}), {});
    EXPECT_LT(least.place(3), 1);
}

TEST(ReadingScale, NothingIsDrawnWithoutLimits) { EXPECT_FALSE(reading_scale({}, {reading(25)}).drawable); }

TEST(ReadingScale, TheLastReadingIsTold) {
    const auto s = reading_scale(limits(22.5, 27.5), {reading(31), reading(25)});
    EXPECT_FALSE(s.pins[0].last);
    EXPECT_TRUE(s.pins[1].last);
}
