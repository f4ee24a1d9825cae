#include "core/logbook/logbook.h"

#include <gtest/gtest.h>

#include <cmath>
#include <nlohmann/json.hpp>

#include "core/base/csv.h"
#include "core/logbook/due_list.h"
#include "core/logbook/history.h"
#include "tests/core/property.h"
#include "tests/core/quantities.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
using anagraph::core::testing::q;
namespace rnd = anagraph::core::testing;

namespace {

Quantity hours(double value) { return q(std::to_string(value) + " h"); }
Day day(const std::string& text) { return *parse_day(text); }
const Day kFirst = day("2026-01-01");
std::string on(int days) { return text_of(kFirst + std::chrono::days(days)); }

/// A logbook that is written in one go.
class Book {
public:
    Outcome add(LogBody body) { return log.add({log.next_number(), "2026-11-30T10:00:00Z", "author", std::move(body)}); }
    void must(LogBody body) {
        const auto done = add(std::move(body));
        EXPECT_TRUE(done) << (done ? std::string() : done.error().message.english());
    }
    std::int64_t last() const { return log.all().back().number; }
    Logbook log;
};

Book pump() {
    Book b;
    b.must(MachineAdded{"PT60 no. 3", "PT60", "", "P-303", "pump bay", "2026-01-01"});
    return b;
}

DueItem due(const Book& b, const std::string& at) {
    const auto all = due_list(b.log, day(at));
    EXPECT_EQ(all.size(), 1U);
    return all.at(0);
}

/// Another time, from the entries alone.
Logbook again(const Logbook& log) {
    Logbook out;
    for (auto e : log.all()) {
        const auto body = log_body_from_json(to_json(e.body));
        EXPECT_TRUE(body) << (body ? std::string() : body.error().message.english());
        e.body = *body;
        EXPECT_TRUE(out.add(e));
    }
    return out;
}

std::string state(const Logbook& log) {
    std::string out = history_table(log);
    for (const auto& m : log.machines()) {
        out += m.about.name + m.place;
        for (const auto& meter : m.meters)
            for (const auto& p : meter.points) out += text_of(p.on) + std::to_string(p.shown) + std::to_string(p.total);
    }
    for (const auto& u : log.units()) out += u.about.serial + std::to_string(log.hours_of(u).value_or(-1));
    for (const auto& d : due_list(log, kFirst + std::chrono::days(400)))
        out += d.machine + d.rule + d.next.because.english() + (d.next.due_day ? text_of(*d.next.due_day) : "");
    return out;
}

}  // namespace

TEST(Logbook, AMeterThatRunsBackwardsIsRefusedWhicheverWayItIsEntered) {
    Book b = pump();
    b.must(MeterRead{"PT60 no. 3", q("302 h"), "2026-03-01"});
    b.must(MeterRead{"P-303", q("340 h"), "2026-05-01"});
    const auto low = b.add(MeterRead{"PT60 no. 3", q("301 h"), "2026-06-01"});
    ASSERT_FALSE(low);
    EXPECT_EQ(low.error().code, ErrorCode::Refused);
    EXPECT_NE(low.error().message.english().find("340 h on 2026-05-01"), std::string::npos) << low.error().message;
    EXPECT_FALSE(b.add(MeterRead{"PT60 no. 3", q("350 h"), "2026-04-01"})) << "a late one beyond what was read after it";
    EXPECT_TRUE(b.add(MeterRead{"PT60 no. 3", q("320 h"), "2026-04-01"})) << "a late one between";
    EXPECT_FALSE(b.add(MeterRead{"PT60 no. 3", q("30 L"), "2026-07-01"})) << "no reading of a meter";
    EXPECT_FALSE(b.add(MeterRead{"PT60 no. 9", q("30 h"), "2026-07-01"})) << "no such machine";
    EXPECT_EQ(b.log.machine("pt60 NO. 3")->meter(Dimension::Duration)->points.size(), 3U);
}

TEST(Logbook, AMeterThatIsReplacedKeepsTheTotal) {
    Book b = pump();
    b.must(MeterRead{"PT60 no. 3", q("900 h"), "2026-03-01"});
    b.must(MeterReplaced{"PT60 no. 3", q("910 h"), q("0 h"), "2026-03-10"});
    b.must(MeterRead{"PT60 no. 3", q("40 h"), "2026-04-10"});
    const auto& meter = *b.log.machine("PT60 no. 3")->meter(Dimension::Duration);
    EXPECT_DOUBLE_EQ(meter.points.back().total, 950);
    EXPECT_FALSE(b.add(MeterRead{"PT60 no. 3", q("39 h"), "2026-05-01"}));
    b.must(RuleAdded{"PT60 no. 3", "100 h service", {q("100 h")}});
    b.must(ServiceDone{"PT60 no. 3", "100 h service", "", "2026-02-20", q("890 h")});
    // 990 of the total is 80 on the meter that is fitted now
    EXPECT_DOUBLE_EQ(*due(b, "2026-04-10").next.due_reading, 80);
    EXPECT_FALSE(b.add(MeterReplaced{"PT60 no. 3", q("30 h"), q("0 h"), "2026-03-20"})) << "it was read after that day";
}

TEST(Logbook, RunInFirstThenTheInterval) {
    Book b = pump();
    b.must(RuleAdded{"PT60 no. 3", "100 h service", {q("100 h"), q("12 month")}, q("20 h")});
    EXPECT_FALSE(due(b, "2026-02-01").trouble.empty()) << "no meter was read yet";
    b.must(MeterRead{"PT60 no. 3", q("2 h"), "2026-01-11"});
    b.must(MeterRead{"PT60 no. 3", q("12 h"), "2026-01-21"});
    auto d = due(b, "2026-01-21");
    EXPECT_DOUBLE_EQ(*d.next.due_reading, 20);
    EXPECT_TRUE(d.next.by_reading);
    EXPECT_EQ(text_of(*d.next.due_day), "2026-01-29") << "one hour a day";
    b.must(ServiceDone{"PT60 no. 3", "100 H SERVICE", "", "2026-01-30", q("21 h")});
    b.must(MeterRead{"PT60 no. 3", q("31 h"), "2026-02-19"});
    d = due(b, "2026-02-19");
    EXPECT_DOUBLE_EQ(*d.next.due_reading, 121);
    EXPECT_EQ(text_of(*d.next.due_day), "2026-08-18") << "half an hour a day";
    // whichever comes first
    d = due(b, "2027-02-01");
    EXPECT_TRUE(d.next.overdue);
}

TEST(Logbook, AServiceCountsFromItsOwnReadingWhateverElseWasReadThatDay) {
    Book b = pump();
    b.must(RuleAdded{"PT60 no. 3", "100 h service", {q("100 h")}});
    b.must(MeterRead{"PT60 no. 3", q("200 h"), "2026-03-31"});
    b.must(ServiceDone{"PT60 no. 3", "100 h service", "", "2026-03-31", q("202 h")});
    b.must(MeterRead{"PT60 no. 3", q("209 h"), "2026-03-31"});
    EXPECT_DOUBLE_EQ(*due(b, "2026-04-01").next.due_reading, 302);
}

TEST(Logbook, AMachineThatWasNotReadForLongIsReckonedOn) {
    Book b = pump();
    b.must(RuleAdded{"PT60 no. 3", "100 h service", {q("100 h")}});
    b.must(ServiceDone{"PT60 no. 3", "100 h service", "", "2026-01-01", q("0 h")});
    b.must(MeterRead{"PT60 no. 3", q("50 h"), "2026-02-20"});
    EXPECT_FALSE(due(b, "2026-03-01").next.overdue);
    const auto d = due(b, "2026-06-01");
    EXPECT_TRUE(d.next.overdue);
    EXPECT_EQ(text_of(*d.next.due_day), "2026-04-11");
    EXPECT_NE(d.next.because.english().find("last read on 2026-02-20: read it"), std::string::npos) << d.next.because;
}

TEST(Logbook, AUnitIsOnOneMachineAndItsHoursFollowIt) {
    Book b = pump();
    b.must(MachineAdded{"PT60 no. 4", "PT60", "", "", "", "2026-01-01"});
    b.must(UnitAdded{"injector set", "I-7"});
    b.must(UnitFitted{"I-7", "PT60 no. 3", q("100 h"), "2026-02-01"});
    const auto twice = b.add(UnitFitted{"I-7", "PT60 no. 4", q("5 h"), "2026-02-02"});
    ASSERT_FALSE(twice);
    EXPECT_NE(twice.error().message.english().find("is on PT60 no. 3"), std::string::npos) << twice.error().message;
    b.must(MeterRead{"PT60 no. 3", q("130 h"), "2026-03-01"});
    EXPECT_DOUBLE_EQ(*b.log.hours_of(*b.log.unit("i-7")), 30) << "it runs on while it is fitted";
    b.must(UnitTakenOff{"I-7", UnitPlace::Repair, q("150 h"), "2026-03-10"});
    EXPECT_FALSE(b.add(UnitTakenOff{"I-7", UnitPlace::Store, q("150 h"), "2026-03-11"})) << "it is on no machine";
    EXPECT_FALSE(b.add(UnitFitted{"I-7", "PT60 no. 4", q("10 h"), "2026-03-01"})) << "before it was taken off";
    b.must(UnitFitted{"I-7", "PT60 no. 4", q("10 h"), "2026-04-01"});
    b.must(MeterRead{"PT60 no. 4", q("22 h"), "2026-05-01"});
    EXPECT_DOUBLE_EQ(*b.log.hours_of(*b.log.unit("I-7")), 62);
    EXPECT_DOUBLE_EQ(*b.log.hours_of(*b.log.unit("I-7"), true), 12) << "since it came from repair";
    EXPECT_FALSE(b.add(UnitFitted{"I-8", "PT60 no. 4", q("10 h"), ""}));
    EXPECT_FALSE(b.add(UnitAdded{"injector set", "i-7"}));
}

TEST(Logbook, AMistakeIsStruckAndNothingThatOthersStandOn) {
    Book b = pump();
    b.must(MeterRead{"PT60 no. 3", q("3020 h"), "2026-03-01"});
    const auto wrong = b.last();
    EXPECT_FALSE(b.add(MeterRead{"PT60 no. 3", q("310 h"), "2026-03-05"}));
    EXPECT_FALSE(b.add(EntryStruck{wrong, ""})) << "say why";
    b.must(EntryStruck{wrong, "one digit too many"});
    b.must(MeterRead{"PT60 no. 3", q("310 h"), "2026-03-05"});
    EXPECT_FALSE(b.add(EntryStruck{wrong, "again"}));
    const auto machine = b.add(EntryStruck{1, "sold"});
    ASSERT_FALSE(machine);
    EXPECT_NE(machine.error().message.english().find("stands on it"), std::string::npos) << machine.error().message;
    EXPECT_EQ(b.log.machines().size(), 1U);
    EXPECT_EQ(state(again(b.log)), state(b.log));
}

TEST(Logbook, FindingsStayOpenUntilSomethingBecameOfThem) {
    Book b = pump();
    b.must(FindingNoted{"PT60 no. 3", "a chafed pipe", Urgency::Watch, "2026-03-01"});
    const auto finding = b.last();
    EXPECT_FALSE(b.add(FindingClosed{finding, "", ""}));
    EXPECT_FALSE(b.add(FindingClosed{1, "renewed", ""})) << "entry 1 is a machine";
    b.must(FindingClosed{finding, "renewed", "2026-04-01"});
    EXPECT_FALSE(b.add(FindingClosed{finding, "renewed", ""}));
    EXPECT_EQ(b.log.findings().front().closed->because, "renewed");
}

TEST(Logbook, RulesSayHowOftenAndALaterOneTakesThePlaceOfTheFirst) {
    Book b = pump();
    EXPECT_FALSE(b.add(RuleAdded{"PT60 no. 3", "service", {}}));
    EXPECT_FALSE(b.add(RuleAdded{"PT60 no. 3", "service", {q("5 L")}}));
    EXPECT_FALSE(b.add(RuleAdded{"PT60 no. 3", "service", {q("5 h")}, {}, {"2026-08-20..2026-08-01"}}));
    EXPECT_FALSE(b.add(RuleAdded{"PT60 no. 3", "service", {q("5 h")}, {}, {"in August"}}));
    b.must(RuleAdded{"PT60 no. 3", "Service", {q("12 month")}});
    b.must(RuleAdded{"PT60 no. 3", "service", {q("6 month")}, {}, {"2026-06-20..2026-07-10"}});
    const auto d = due(b, "2026-02-01");
    EXPECT_EQ(text_of(*d.next.due_day), "2026-07-01");
    EXPECT_EQ(text_of(*d.next.service_by), "2026-06-19") << "pulled before the days that are kept free";
    b.must(RuleAdded{"PT60 no. 3", "service", {q("6 month")}, {}, {}, true});
    EXPECT_EQ(text_of(*due(b, "2026-02-01").next.due_day), "2026-04-01") << "hard use";
    b.must(MachineMoved{"PT60 no. 3", "", "", true, "sold"});
    EXPECT_TRUE(due_list(b.log, day("2026-02-01")).empty()) << "nothing is due of what is out of service";
}

TEST(Logbook, DueDaysAgreeWithASlowWalkDayByDay) {
    holds([] {
        Book b;
        b.must(MachineAdded{"M", "PT60", "", "", "", on(0)});
        const int every = rnd::pick(20, 200);
        const int months = rnd::pick(0, 1) == 0 ? 0 : rnd::pick(1, 18);
        std::vector<Quantity> intervals{hours(every)};
        if (months > 0) intervals.push_back(q(std::to_string(months) + " month"));
        b.must(RuleAdded{"M", "service", intervals});
        double total = rnd::pick(0, 50);
        int at = 0;
        double service_total = 0;
        int service_at = -1;
        double first_total = -1;
        int first_at = 0;
        int last_read = 0;
        for (int i = rnd::pick(1, 12); i > 0; --i) {
            at += rnd::pick(1, 20);
            total += rnd::pick(0, 40);
            if (rnd::pick(0, 4) == 0) {
                b.must(ServiceDone{"M", "service", "", on(at), hours(total)});
                service_total = total;
                service_at = at;
            } else {
                b.must(MeterRead{"M", hours(total), on(at)});
            }
            if (first_total < 0) first_total = total, first_at = at;
            last_read = at;
        }
        const int today = at + rnd::pick(0, 30);
        const auto d = due_list(b.log, kFirst + std::chrono::days(today)).at(0);
        // the slow way
        const double limit = service_total + every;
        const double from = service_at >= 0 ? service_total : first_total;
        const int since = service_at >= 0 ? service_at : first_at;
        std::optional<int> by_reading;
        if (total >= limit)
            by_reading = last_read;
        else if (last_read > since && total > from)
            for (int day = last_read; day < last_read + 40000; ++day)
                if (total + (total - from) / (last_read - since) * (day + 1 - last_read) > limit + 1e-7) {
                    by_reading = day;
                    break;
                }
        std::optional<int> by_calendar;
        if (months > 0)
            by_calendar = static_cast<int>((after_months(kFirst + std::chrono::days(std::max(0, service_at)), months) - kFirst).count());
        std::optional<int> first = by_calendar;
        if (by_reading && (!first || *by_reading <= *first)) first = by_reading;
        RC_ASSERT(d.next.due_day.has_value() == first.has_value());
        if (first) RC_ASSERT(text_of(*d.next.due_day) == on(*first));
        RC_ASSERT(*d.next.due_reading == limit);
        RC_ASSERT(d.next.overdue == (total > limit || (first && today > *first) || (by_calendar && today > *by_calendar)));
    });
}

TEST(Logbook, HoursOfUnitsAreThoseOfTheMachinesTheyWereOnWhateverIsEntered) {
    holds([] {
        Book b;
        constexpr int kMachines = 3;
        std::array<double, kMachines> reading{};
        std::array<double, 2> ran{};
        std::array<int, 2> where{-1, -1};
        for (int m = 0; m < kMachines; ++m) b.must(MachineAdded{"M" + std::to_string(m), "PT60", "", "", "", on(0)});
        for (int u = 0; u < 2; ++u) b.must(UnitAdded{"set", "U" + std::to_string(u)});
        int at = 1;
        for (int i = 0; i < 40; ++i, ++at) {
            const int m = rnd::pick(0, kMachines - 1);
            const int u = rnd::pick(0, 1);
            const double runs = rnd::pick(0, 9);
            const std::string machine = "M" + std::to_string(m);
            const std::string serial = "U" + std::to_string(u);
            switch (rnd::pick(0, 3)) {
                case 0: {
                    const bool can = where[static_cast<std::size_t>(u)] < 0;
                    RC_ASSERT(b.add(UnitFitted{serial, machine, hours(reading[static_cast<std::size_t>(m)]), on(at)}).has_value() == can);
                    if (can) where[static_cast<std::size_t>(u)] = m;
                    break;
                }
                case 1: {
                    const int is = where[static_cast<std::size_t>(u)];
                    const double shows = is < 0 ? 0 : reading[static_cast<std::size_t>(is)];
                    RC_ASSERT(b.add(UnitTakenOff{serial, UnitPlace::Store, hours(shows), on(at)}).has_value() == (is >= 0));
                    where[static_cast<std::size_t>(u)] = -1;
                    break;
                }
                case 2:
                    RC_ASSERT(b.add(MeterReplaced{machine, hours(reading[static_cast<std::size_t>(m)]), hours(0), on(at)}).has_value());
                    reading[static_cast<std::size_t>(m)] = 0;
                    break;
                default:
                    reading[static_cast<std::size_t>(m)] += runs;
                    for (std::size_t k = 0; k < 2; ++k)
                        if (where[k] == m) ran[k] += runs;
                    RC_ASSERT(b.add(MeterRead{machine, hours(reading[static_cast<std::size_t>(m)]), on(at)}).has_value());
            }
        }
        for (std::size_t k = 0; k < 2; ++k) {
            const auto& unit = *b.log.unit("U" + std::to_string(k));
            RC_ASSERT(std::abs(b.log.hours_of(unit).value_or(0) - ran[k]) < 1e-6);
        }
        RC_ASSERT(state(again(b.log)) == state(b.log));
    });
}

TEST(Logbook, ARefusedEntryChangesNothing) {
    holds([] {
        Book b = pump();
        b.must(UnitAdded{"set", "U"});
        for (int i = 0; i < 25; ++i) {
            const std::string before = state(b.log);
            const Quantity reading = hours(rnd::pick(0, 60));
            const std::string at = on(rnd::pick(0, 30));
            const LogBody body =
                *rc::gen::element<LogBody>(MeterRead{"PT60 no. 3", reading, at}, ServiceDone{"PT60 no. 3", "service", "", at, reading},
                    UnitFitted{"U", "PT60 no. 3", reading, at}, UnitTakenOff{"U", UnitPlace::Store, reading, at},
                    MeterReplaced{"PT60 no. 3", reading, hours(0), at}, EntryStruck{rnd::pick(1, 12), "wrong"},
                    FindingClosed{rnd::pick(1, 9), "done", at}, SampleTaken{"PT60 no. 3", "oil", "", "", at, reading});
            if (!b.add(body)) RC_ASSERT(state(b.log) == before);
        }
    });
}

TEST(Logbook, EveryKindComesBackFromItsJsonAndItsTable) {
    Book b = pump();
    b.must(MachineMoved{"PT60 no. 3", "yard", "2026-02-01"});
    b.must(MeterRead{"PT60 no. 3", q("12.5 h"), "2026-02-02"});
    b.must(ServiceDone{"PT60 no. 3", "service, \"large\"", "guide", "2026-02-03", q("13 h")});
    b.must(StockCounted{"gear oil", "OIL-1", q("4 L"), q("2 L")});
    b.must(StockUsed{"gear oil", q("1.7 L"), "2026-02-04"});
    b.must(SampleTaken{"PT60 no. 3", "gear oil", "S-1", "mid-stream", "2026-02-05", q("14 h"), q("14 h"), q("0.2 L")});
    b.must(SampleAnswered{b.last(), {"iron 12 ppm"}, {"iron 40 ppm"}, "2026-02-20"});
    for (const auto& e : b.log.all()) EXPECT_EQ(*log_body_from_json(to_json(e.body)), e.body) << kind_of(e.body);
    EXPECT_FALSE(log_body_from_json({{"kind", "dream"}}));
    EXPECT_FALSE(log_body_from_json({{"kind", "reading"}, {"machine", "M"}, {"reading", 12}}));
    const auto rows = csv_rows(history_table(b.log));
    ASSERT_TRUE(rows);
    EXPECT_EQ(rows->size(), b.log.all().size() + 1);
    EXPECT_EQ((*rows)[4][4], "service, \"large\"");
    EXPECT_NEAR(b.log.stock().front().amount, 2.3, 1e-9);
}

TEST(Logbook, DaysKeptFreeHoldForEveryRuleOfTheMachine) {
    Book b = pump();
    b.must(RuleAdded{"PT60 no. 3", "oil", {q("6 month")}});
    b.must(ServiceDone{"PT60 no. 3", "oil", "", "2026-02-10", {}});
    EXPECT_EQ(text_of(*due(b, "2026-03-01").next.due_day), "2026-08-10");
    b.must(KeptFree{"pt60 no. 3", "2026-08-01", "2026-08-21", "training trip"});
    EXPECT_EQ(text_of(*due(b, "2026-03-01").next.service_by), "2026-07-31");
    EXPECT_FALSE(b.add(KeptFree{"PT60 no. 3", "2026-08-21", "2026-08-01", ""})) << "it ends before it begins";
    EXPECT_EQ(again(b.log).machine("PT60 no. 3")->kept_free.size(), 1U);
}

TEST(Logbook, AServiceThatIsPlannedStandsUntilItIsDone) {
    Book b = pump();
    b.must(RuleAdded{"PT60 no. 3", "oil", {q("6 month")}});
    EXPECT_FALSE(b.add(ServicePlanned{"PT60 no. 3", "belt", "2027-01-10", ""})) << "nothing of that name is due";
    EXPECT_FALSE(b.add(ServicePlanned{"PT60 no. 3", "oil", "2026-01-10", ""})) << "that day is over";
    b.must(ServicePlanned{"PT60 no. 3", "oil", "2027-01-10", "before the trip"});
    b.must(ServicePlanned{"PT60 no. 3", "Oil", "2027-01-05", "still earlier"});
    EXPECT_EQ(text_of(*due(b, "2026-11-30").planned), "2027-01-05") << "the later word holds";
    b.must(ServiceDone{"PT60 no. 3", "oil", "", "2026-11-01", {}});
    EXPECT_TRUE(due(b, "2026-11-30").planned) << "old paper that comes late does not do it";
    b.must(ServiceDone{"PT60 no. 3", "oil", "", "2026-12-20", {}});
    EXPECT_FALSE(due(b, "2026-12-21").planned);
    EXPECT_TRUE(again(b.log).machine("PT60 no. 3")->planned.empty());
}

TEST(Logbook, PullingAServiceSaysWhatThatCosts) {
    Book b = pump();
    b.must(RuleAdded{"PT60 no. 3", "oil", {q("100 h"), q("12 month")}});
    b.must(ServiceDone{"PT60 no. 3", "oil", "", "2026-01-01", q("0 h")});
    b.must(MeterRead{"PT60 no. 3", q("40 h"), "2026-02-10"});
    const auto d = due(b, "2026-02-10");
    ASSERT_EQ(text_of(*d.next.due_day), "2026-04-11");
    EXPECT_EQ(cost_of(d, day("2026-03-12")), "30 days early; about 30 h of its interval are given away.");
    EXPECT_EQ(cost_of(d, day("2026-04-11")), "On the day it is due.");
    EXPECT_EQ(cost_of(d, day("2026-04-12")), "1 day after it is due.");
}

TEST(Logbook, EvidenceIsNamedByItsHash) {
    Book b = pump();
    EXPECT_FALSE(b.add(EvidenceKept{"PT60 no. 3", "invoice.pdf", EvidenceSort::Receipt, "", ""}));
    b.must(EvidenceKept{"PT60 no. 3", std::string(64, 'a'), EvidenceSort::Receipt, "invoice", ""});
    EXPECT_EQ(again(b.log).machine("PT60 no. 3")->evidence.at(0).what.words, "invoice");
}
