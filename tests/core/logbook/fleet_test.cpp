#include "core/logbook/fleet.h"

#include <gtest/gtest.h>

#include <utility>
#include <variant>

#include "core/logbook/history.h"
#include "core/logbook/store_need.h"
#include "tests/core/quantities.h"

using namespace anagraph::core;
using anagraph::core::testing::q;

namespace {

Logbook three() {
    Logbook log;
    const auto add = [&](LogBody body) { ASSERT_TRUE(log.add({log.next_number(), "2026-11-30T10:00:00Z", "author", std::move(body)})); };
    add(MachineAdded{"C", "PT60", "", "", "yard", "2026-01-01"});
    add(MachineAdded{"A", "PT60", "", "", "bay", "2026-01-01"});
    add(MachineAdded{"B", "PT60", "", "", "bay", "2026-01-01"});
    add(MachineMoved{"A", "", "2026-02-01", true, "sold"});
    add(RuleAdded{"B", "100 h service", {q("100 h")}, {}, {"2026-08-01..2026-08-21"}});
    add(ServiceDone{"B", "100 h service", "", "2026-01-01", q("0 h")});
    add(MeterRead{"B", q("50 h"), "2026-02-20"});
    add(RuleAdded{"C", "look at the belt", {q("1 month")}});
    add(FindingNoted{"C", "a worn belt", Urgency::Watch, "2026-02-02"});
    return log;
}

}  // namespace

TEST(Fleet, MachinesStandByPlaceWithWhatWasDoneAndWhatComes) {
    const auto all = fleet(three(), *parse_day("2026-02-20"));
    ASSERT_EQ(all.size(), 3U);
    EXPECT_EQ(all[0].machine, "B");
    EXPECT_EQ(all[1].machine, "C");
    EXPECT_EQ(all[2].machine, "A") << "what is out of service comes last";
    EXPECT_TRUE(all[2].out);
    ASSERT_EQ(all[0].marks.size(), 2U);
    EXPECT_EQ(all[0].marks[0].kind, FleetMark::Kind::Service);
    EXPECT_EQ(all[0].marks[1].kind, FleetMark::Kind::Due);
    EXPECT_EQ(text_of(all[0].marks[1].on), "2026-04-11");
    EXPECT_EQ(all[0].marks[1].more, "at 100 h, about 2026-04-11");
    EXPECT_EQ(all[0].reading, "50 h");
    ASSERT_EQ(all[0].kept_free.size(), 1U);
    EXPECT_TRUE(all[1].overdue());
    EXPECT_FALSE(all[0].overdue());
    EXPECT_EQ(all[1].findings, 1);
    const auto said = due_sentences(*three().machine("C"), *parse_day("2026-02-20"));
    ASSERT_EQ(said.size(), 1U);
    EXPECT_TRUE(said[0].english().starts_with("look at the belt is overdue, on 2026-02-01. It is overdue.")) << said[0];
}

TEST(Fleet, TellsWhatToOrderAndWhatSamplesCameTo) {
    Logbook log = three();
    const auto add = [&](LogBody body) { ASSERT_TRUE(log.add({log.next_number(), "2026-11-30T10:00:00Z", "author", std::move(body)})); };
    add(StockCounted{"gear oil", "OIL-1", q("6 L"), q("4 L")});
    EXPECT_TRUE(to_order(store_needs(log, {})).empty());
    add(StockUsed{"gear oil", q("3.5 L"), ""});
    const auto order = to_order(store_needs(log, {}));
    ASSERT_EQ(order.size(), 1U);
    EXPECT_EQ(order.front(), "gear oil, OIL-1: 2.5 L there, 4 L is the least; order 1.5 L");
    add(SampleTaken{"B", "gear oil", "S-1", "", "2026-02-01", {}, q("40 h"), {}});
    const auto sample = log.all().back().number;
    ASSERT_EQ(sample_sentences(log, "B").size(), 1U);
    EXPECT_EQ(sample_sentences(log, "B").front(), "2026-02-01: gear oil, no. S-1, 40 h on the fluid: no answer yet");
    add(SampleAnswered{sample, {"iron 12 ppm"}, {"iron 40 ppm"}, ""});
    EXPECT_EQ(sample_sentences(log, "B").front(), "2026-02-01: gear oil, no. S-1, 40 h on the fluid: iron 12 ppm (limits: iron 40 ppm)");
    EXPECT_TRUE(sample_sentences(log, "C").empty());
}

namespace {

template <std::size_t... I>
std::vector<LogBody> one_of_each(std::index_sequence<I...>) {
    return {LogBody(std::in_place_index<I>)...};
}

}  // namespace

TEST(EntryRead, EveryKindOfEntryCanBeSaidInAnotherLanguage) {
    const auto all = one_of_each(std::make_index_sequence<std::variant_size_v<LogBody>>());
    EXPECT_GE(all.size(), 20U);
    for (const auto& body : all) EXPECT_TRUE(kind_words(body).has_key()) << kind_of(body);
}
