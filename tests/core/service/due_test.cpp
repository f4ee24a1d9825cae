// Due: whichever comes first, forecast from the rate of use, pulled before days to avoid.
#include "core/service/due.h"

#include <gtest/gtest.h>

#include <cmath>

#include "tests/core/property.h"
#include "tests/core/quantities.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
using anagraph::core::testing::q;

namespace {

Day day(const char* text) { return *parse_day(text); }

/// The demo pump: 100 h or 12 months, done at 202 h on 31 March, now 280 h.
ServicePlan pump() {
    ServicePlan p;
    p.intervals = {q("100 h"), q("12 month")};
    p.last_reading = q("202 h");
    p.last_day = day("2026-03-31");
    p.reading = q("280 h");
    p.today = day("2026-11-28");
    return p;
}

}  // namespace

TEST(Calendar, DaysAreReadAndWritten) {
    EXPECT_EQ(text_of(day("2026-02-28")), "2026-02-28");
    for (const char* no : {"2026-02-29", "2026-13-01", "26-01-01", "2026/01/01", "", "2026-1-01", "abcd-ef-gh"})
        EXPECT_FALSE(parse_day(no)) << no;
    EXPECT_EQ(text_of(after_months(day("2026-01-31"), 1)), "2026-02-28");
    EXPECT_EQ(text_of(after_months(day("2024-01-31"), 1)), "2024-02-29");
    EXPECT_EQ(text_of(after_months(day("2026-11-30"), 14)), "2028-01-30");
}

TEST(NextDue, ByTheMeterWhereThatComesFirst) {
    const auto due = *next_due(pump());
    EXPECT_EQ(*due.due_reading, 302);
    EXPECT_TRUE(due.by_reading);
    EXPECT_EQ(*due.left, 22);
    EXPECT_EQ(due.left_unit, "h");
    EXPECT_FALSE(due.overdue);
    // 78 h in 242 days; 22 h more are 68 days
    EXPECT_EQ(text_of(*due.due_day), "2027-02-04");
}

TEST(NextDue, ByTheCalendarWhereTheMachineHardlyRuns) {
    auto p = pump();
    p.reading = q("210 h");
    const auto due = *next_due(p);
    EXPECT_FALSE(due.by_reading);
    EXPECT_EQ(text_of(*due.due_day), "2027-03-31");
    EXPECT_EQ(*due.left, 123);
    p.reading = p.last_reading;  // stood still
    EXPECT_EQ(text_of(*next_due(p)->due_day), "2027-03-31");
    p.intervals = {q("100 h")};
    EXPECT_FALSE(next_due(p)->due_day);
    EXPECT_EQ(*next_due(p)->due_reading, 302);
}

TEST(NextDue, IsOverdueByEither) {
    auto p = pump();
    p.reading = q("303 h");
    EXPECT_TRUE(next_due(p)->overdue);
    EXPECT_EQ(text_of(*next_due(p)->service_by), "2026-11-28");
    p.reading = q("302 h");
    EXPECT_FALSE(next_due(p)->overdue);  // due today
    p = pump();
    p.today = day("2027-04-01");
    p.reading = q("281 h");
    EXPECT_TRUE(next_due(p)->overdue);
}

TEST(NextDue, IsPulledBeforeDaysToAvoid) {
    auto p = pump();
    p.avoid = {{day("2027-01-01"), day("2027-03-01")}};
    EXPECT_EQ(text_of(*next_due(p)->service_by), "2026-12-31");
    p.avoid.push_back({day("2026-12-20"), day("2026-12-31")});  // one leads to the other
    EXPECT_EQ(text_of(*next_due(p)->service_by), "2026-12-19");
    p.avoid = {{day("2026-11-01"), day("2027-03-01")}};  // has begun
    EXPECT_EQ(text_of(*next_due(p)->service_by), "2026-11-28");
    p.avoid = {{day("2027-03-01"), day("2027-04-01")}};  // not concerned
    EXPECT_EQ(next_due(p)->service_by, next_due(p)->due_day);
}

TEST(NextDue, RunInAndHardUseShortenIt) {
    auto p = pump();
    p.run_in = q("20 h");
    EXPECT_EQ(*next_due(p)->due_reading, 302);
    p.first = true;
    EXPECT_EQ(*next_due(p)->due_reading, 222);
    p = pump();
    p.hard_use = 0.5;
    EXPECT_EQ(*next_due(p)->due_reading, 252);
}

TEST(NextDue, DistancesInEitherSystem) {
    ServicePlan p = pump();
    p.intervals = {q("5000 mi")};
    p.last_reading = q("12000 km");
    p.reading = q("16000 km");
    EXPECT_NEAR(*next_due(p)->due_reading, 12000 + 5000 * 1.609344, 1e-6);
    EXPECT_EQ(next_due(p)->left_unit, "km");
}

TEST(NextDue, RefusesWhatCannotBe) {
    const auto refused = [](auto change) {
        auto p = pump();
        change(p);
        return !next_due(p).has_value();
    };
    EXPECT_TRUE(refused([](ServicePlan& p) { p.intervals.clear(); }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.intervals = {q("0 h")}; }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.intervals = {q("25 Nm")}; }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.reading = q("100 h"); }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.reading.reset(); }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.intervals = {q("5000 km")}; }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.last_day = day("2027-01-01"); }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.avoid = {{day("2027-01-02"), day("2027-01-01")}}; }));
    EXPECT_TRUE(refused([](ServicePlan& p) { p.hard_use = 0; }));
}

TEST(NextDue, TheForecastNeverLiesBeyondTheReading) {
    holds([] {
        ServicePlan p = pump();
        p.intervals = {q("100 h")};
        const int used = *rc::gen::inRange(1, 100);
        p.reading = *Quantity::parse(std::to_string(202 + used) + " h");
        p.today = p.last_day + std::chrono::days(*rc::gen::inRange(1, 2000));
        const auto due = *next_due(p);
        RC_PRE(due.due_day.has_value());
        const double days = static_cast<double>((*due.due_day - p.today).count());
        RC_ASSERT(202 + used + days * *due.per_day <= *due.due_reading + 1e-6);
        RC_ASSERT(202 + used + (days + 1) * *due.per_day > *due.due_reading - 1e-6);
    });
}
