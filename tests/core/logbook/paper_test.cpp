#include "core/logbook/paper.h"

#include <gtest/gtest.h>

#include "core/base/csv.h"
#include "core/logbook/history.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

Logbook two() {
    Logbook log;
    EXPECT_TRUE(log.add({1, "2026-11-30T10:00:00Z", "author", MachineAdded{"PT60 no. 3", "PT60", "", "P-303", "", "2024-01-01"}}));
    EXPECT_TRUE(log.add({2, "2026-11-30T10:00:00Z", "author", MachineAdded{"launch", "M4", "", "", "", "2024-01-01"}}));
    EXPECT_TRUE(log.add({3, "2026-11-30T10:00:00Z", "author", MeterRead{"PT60 no. 3", *Quantity::parse("300 h"), "2026-01-01"}}));
    return log;
}

}  // namespace

TEST(Paper, ColumnsAreTakenByTheirNamesWhateverTheirOrder) {
    const auto paper =
        read_paper("Hours;Done;Remarks;Machine;Work\n102;1.3.2025;fine;P-303;100 h service\n;2025-04-02;;launch;oil and filter\n", two());
    ASSERT_TRUE(paper);
    EXPECT_TRUE(paper->headed);
    ASSERT_EQ(paper->lines.size(), 2U);
    EXPECT_EQ(paper->doubts(), 0U) << paper->lines[0].doubt << paper->lines[1].doubt;
    EXPECT_EQ(paper->lines[0].service.machine, "PT60 no. 3") << "by its serial";
    EXPECT_EQ(paper->lines[0].service.on, "2025-03-01");
    EXPECT_EQ(typed(*paper->lines[0].service.reading), "102 h");
    EXPECT_FALSE(paper->lines[1].service.reading);
    Logbook log = two();
    for (const auto& e : paper->entries()) ASSERT_TRUE(log.add({log.next_number(), "2026-11-30T10:00:00Z", "author", e}));
    EXPECT_EQ(log.machine("launch")->services.size(), 1U);
}

TEST(Paper, WithoutNamesByWhatStandsInThem) {
    const auto paper = read_paper("2025-03-01,100 h service,PT60 no. 3,102 h\n2025-06-01,100 h service,PT60 no. 3,199 h\n", two());
    ASSERT_TRUE(paper);
    EXPECT_FALSE(paper->headed);
    EXPECT_EQ(paper->columns, (std::vector<PaperColumn>{PaperColumn::On, PaperColumn::What, PaperColumn::Machine, PaperColumn::Reading}));
    EXPECT_EQ(paper->doubts(), 0U);
    EXPECT_FALSE(read_paper("a,b\nc,d\n", two())) << "no machine, no day";
    EXPECT_FALSE(read_paper("", two()));
}

TEST(Paper, DoubtfulLinesAreToldAndThenNothingIsEntered) {
    const auto paper = read_paper(
        "machine,date,what,reading\n"
        "PT60 no. 3,03/04/2025,100 h service,102 h\n"
        "PT60 no. 9,2025-03-01,100 h service,102 h\n"
        "PT60 no. 3,2025-03-01,,102 h\n"
        "PT60 no. 3,2025-03-02,100 h service,many\n"
        "PT60 no. 3,2025-05-01,100 h service,120 h\n"
        "PT60 no. 3,2025-06-01,100 h service,110 h\n"
        "PT60 no. 3,2025-07-01,100 h service,400 h\n",
        two());
    ASSERT_TRUE(paper);
    const auto doubt = [&](std::size_t i) { return paper->lines.at(i).doubt; };
    EXPECT_NE(doubt(0).find("two ways"), std::string::npos);
    EXPECT_NE(doubt(1).find("PT60 no. 9"), std::string::npos);
    EXPECT_FALSE(doubt(2).empty());
    EXPECT_NE(doubt(3).find("is no reading"), std::string::npos);
    EXPECT_EQ(doubt(4), "");
    EXPECT_NE(doubt(5).find("backwards"), std::string::npos) << "against another line";
    EXPECT_NE(doubt(6).find("backwards"), std::string::npos) << "against what is in the logbook";
    EXPECT_TRUE(paper->entries().empty());
    EXPECT_EQ(read_paper("machine,date,what\nPT60 no. 3,13/3/2025,x\n", two())->lines[0].service.on, "2025-03-13") << "only one way";
}

TEST(Paper, WhatTheLogbookWroteComesInAgainAndTwiceIsTold) {
    holds([] {
        Logbook log = two();
        std::string table = "machine,date,what,reading\n";
        double hours = 0;
        int entered = 0;
        for (int i = rnd::pick(1, 8); i > 0; --i) {
            hours += rnd::pick(0, 30);
            const std::string on = text_of(*parse_day("2024-02-01") + std::chrono::days(40 * (9 - i)));
            const ServiceDone done{
                "PT60 no. 3", i % 2 == 0 ? "100 h service" : "belt, \"large\"", "", on, *Quantity::parse(std::to_string(hours) + " h")};
            RC_ASSERT(log.add({log.next_number(), "2026-11-30T10:00:00Z", "author", done}).has_value());
            ++entered;
        }
        // the services of the history, as a table of paper
        for (const auto& e : entries_read(log))
            if (e.kind == ServiceDone::kKind) table += csv_row({e.machine, e.on, e.what, e.reading});
        const auto paper = read_paper(table, two());
        RC_ASSERT(paper.has_value());
        RC_ASSERT(paper->doubts() == 0U);
        Logbook again = two();
        for (const auto& e : paper->entries()) RC_ASSERT(again.add({again.next_number(), "2026-11-30T10:00:00Z", "author", e}).has_value());
        RC_ASSERT(again.machine("PT60 no. 3")->services.size() == static_cast<std::size_t>(entered));
        RC_ASSERT(again.machine("PT60 no. 3")->meter(Dimension::Duration)->points.size() ==
            log.machine("PT60 no. 3")->meter(Dimension::Duration)->points.size());
        RC_ASSERT(read_paper(table, again)->doubts() == static_cast<std::size_t>(entered));
    });
}
