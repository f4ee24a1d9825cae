// What a machine's logbook comes to on paper and takes in from others: the warranty file, the form of a sample, calendars, what the store
// needs for the work that is due.
#include <gtest/gtest.h>

#include <QProcess>
#include <fstream>

#include "publish/pdf_maker.h"
#include "shop/bench.h"
#include "shop/calendar_in.h"
#include "shop/store_need.h"
#include "shop/taught.h"
#include "store/digest.h"
#include "store/files.h"
#include "tests/bench_guide.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::BenchLibrary;
using anagraph::testing::Scratch;

namespace {

core::Quantity q(const std::string& text) { return *core::Quantity::parse(text); }
core::Day day(const std::string& text) { return *core::parse_day(text); }

std::string all_words(const std::string& file) {
    std::string out;
    for (int page = 1; page < 9; ++page) out += publish::words_of_page(file, page) + "\n";
    return out;
}

class MachinePapers : public ::testing::Test {
protected:
    MachinePapers() : at(s / "library") {}
    store::Library& library() { return *at.library; }
    void log(std::vector<core::LogBody> bodies) {
        const auto done = library().log(bodies, "author");
        EXPECT_TRUE(done) << (done ? std::string() : done.error().message.english());
    }
    /// A run that stopped at its first step, with a photograph.
    void run_that_stopped() {
        core::RunBegun about;
        about.id = "123e4567-e89b-42d3-a456-426614174000";
        about.machine = "launch";
        about.who = "learner 07";
        auto run = shop::RunAtBench::begin(library(), shop::bench_start(library())->editions.at(0), about, 1796032800);
        ASSERT_TRUE(run);
        ASSERT_TRUE(run->add(library(), {core::LockedOff{}, core::WorkBegun{}, core::StepTaken{"warm"}}, 1796032800));
        ASSERT_TRUE(run->keep_photograph(library(), ANAGRAPH_SOURCE "/docs/screenshots/issue.png", 1796032801));
        ASSERT_TRUE(
            run->add(library(), {core::StepClosed{"warm", core::StepState::Stopped, "the battery is flat"}, core::RunEnded{}}, 1796032860));
        ASSERT_TRUE(run->hand_in(library(), "instructor"));
    }

    const Scratch s;
    BenchLibrary at;
};

}  // namespace

TEST_F(MachinePapers, TheWarrantyFileHoldsServicesRunsPhotographsAndReceiptsWithTheirHashes) {
    log({core::ServiceDone{"launch", "oil and filter", "", "2026-03-01", q("1200 h")}});
    run_that_stopped();
    std::ofstream(s / "invoice.pdf") << "%PDF of an invoice";
    ASSERT_TRUE(shop::keep_evidence(
        library(), {"launch", "", core::EvidenceSort::Receipt, "invoice of the oil", "2026-03-02"}, s / "invoice.pdf", "author"));
    const std::string gone(64, 'a');
    log({core::EvidenceKept{"launch", gone, core::EvidenceSort::Photo, "the old filter", "2026-03-02"}});
    const auto done = shop::write_warranty(library(), "M4-2291", s / "warranty.pdf", day("2026-11-30"));
    ASSERT_TRUE(done) << done.error().message;
    const auto pdf = *store::read_file(s / "warranty.pdf", 1 << 26);
    const auto words = all_words(s / "warranty.pdf");
    for (const auto& expected : {std::string("oil and filter"), std::string("1200 h"), std::string("learner 07"),
             std::string("Receipt: invoice of the oil").substr(1), store::sha256("%PDF of an invoice").substr(0, 20),
             std::string("is not in this library"), gone.substr(0, 20)})
        EXPECT_NE(words.find(expected), std::string::npos) << expected << " in " << words;
    EXPECT_NE(pdf.find("/Subtype /Image"), std::string::npos) << "the photograph itself is in it";
    EXPECT_FALSE(shop::write_warranty(library(), "nobody", s / "other.pdf", day("2026-11-30")));
    EXPECT_FALSE(shop::write_warranty(library(), "launch", s / "warranty.pdf", day("2026-11-30"))) << "over nothing";
}

TEST_F(MachinePapers, TheFormOfASampleSaysWhatTheLaboratoryNeedsAndWhatWasFoundBefore) {
    log({core::SampleTaken{"launch", "engine oil", "S-1", "mid-stream", "2026-02-01", {}, q("95 h"), {}}});
    const auto first = library().logbook()->all().back().number;
    log({core::SampleAnswered{first, {"iron 12 ppm"}, {}, ""}});
    log({core::SampleTaken{"launch", "engine oil", "S-2", "mid-stream", "2026-06-01", q("1300 h"), q("90 h"), q("0.2 L")}});
    const auto second = library().logbook()->all().back().number;
    const auto done = shop::write_sample_form(library(), second, s / "form.pdf");
    ASSERT_TRUE(done) << done.error().message;
    const auto words = all_words(s / "form.pdf");
    for (const char* expected : {"S-2", "launch", "M4-2291", "mid-stream", "1300 h", "90 h", "0.2 L", "iron: 12 ppm"})
        EXPECT_NE(words.find(expected), std::string::npos) << expected << " in " << words;
    EXPECT_FALSE(shop::write_sample_form(library(), 1, s / "none.pdf")) << "entry 1 is a machine";
}

TEST_F(MachinePapers, WhatTheStoreNeedsComesFromTheKitOfTheGuideThatServesTheRule) {
    log({core::MeterRead{"launch", q("1300 h"), "2026-11-01"}, core::RuleAdded{"launch", "service", {q("12 month")}},
        core::ServiceDone{"launch", "service", "", "2025-12-10", {}}});
    const auto needs = shop::store_needs(library(), *library().logbook(), day("2026-11-30"));
    ASSERT_TRUE(needs);
    const auto oil = std::find_if(needs->begin(), needs->end(), [](const core::StoreNeed& n) { return n.item == "engine oil"; });
    ASSERT_NE(oil, needs->end());
    EXPECT_GT(oil->taken, 3) << "the engine takes its refill";
    ASSERT_EQ(oil->jobs.size(), 1U);
    EXPECT_EQ(oil->jobs.front(), "service of launch");
    EXPECT_TRUE(std::any_of(
        needs->begin(), needs->end(), [](const core::StoreNeed& n) { return n.item == "copper washer" && !n.counted && n.order == 1; }));
    const auto none = shop::store_needs(library(), *library().logbook(), day("2026-08-01"));
    EXPECT_TRUE(std::none_of(none->begin(), none->end(), [](const core::StoreNeed& n) { return n.taken > 0; })) << "nothing is due by then";
}

TEST_F(MachinePapers, WhatRunsTaughtStandsInTheNextEdition) {
    run_that_stopped();
    const auto back = shop::came_back(library(), at.guide);
    ASSERT_TRUE(back);
    ASSERT_EQ(back->runs.size(), 1U);
    anagraph::testing::change_torque(library(), at.guide, "36");
    ASSERT_FALSE(anagraph::testing::issue(library(), at.guide).empty());
    const auto editions = library().editions(at.guide);
    const auto& taught = editions->back().edition.taught;
    ASSERT_EQ(taught.size(), 1U);
    EXPECT_NE(taught[0].find("1 of 1 run stopped here: the battery is flat."), std::string::npos) << taught[0];
    EXPECT_TRUE(editions->front().edition.taught.empty());
    const auto page = store::read_file(*library().pack_folder(at.guide, 2) + "/guide.html", 1 << 24).value_or("");
    EXPECT_NE(page.find("the battery is flat"), std::string::npos);
}

TEST(CalendarIn, WholeDaysHoursAndEventsThatRepeat) {
    const auto all = shop::read_calendar(
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//"
        "EN\r\nBEGIN:VEVENT\r\nUID:2\r\nDTSTART;VALUE=DATE:20260801\r\nDTEND;VALUE=DATE:20260822\r\n"
        "SUMMARY:training trip\\, "
        "north\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:20260703T080000Z\r\nDTEND:20260703T160000Z\r\nSUMMARY:harbour "
        "day\r\nRRULE:FREQ=YEARLY\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:3\r\nDTSTART;VALUE=DATE:20261224\r\nSUMMARY:closed\r\nEND:"
        "VEVENT\r\nEND:VCALENDAR\r\n");
    ASSERT_TRUE(all) << all.error().message;
    ASSERT_EQ(all->size(), 3U);
    EXPECT_EQ(core::text_of(all->at(0).days.from), "2026-07-03");
    EXPECT_EQ(core::text_of(all->at(0).days.to), "2026-07-03");
    EXPECT_FALSE(all->at(0).doubt.empty());
    EXPECT_EQ(all->at(1).words, "training trip, north");
    EXPECT_EQ(core::text_of(all->at(1).days.to), "2026-08-21") << "the end of whole days is the day after";
    EXPECT_EQ(all->at(2).days.from, all->at(2).days.to);
}

TEST(CalendarIn, WhatIsNoCalendarIsRefused) {
    for (const char* text : {"", "hello", "BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n", "BEGIN:VEVENT\r\nDTSTART:20260101\r\nEND:VEVENT\r\n"})
        EXPECT_FALSE(shop::read_calendar(text)) << text;
}
