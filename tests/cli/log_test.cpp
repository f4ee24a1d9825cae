// The logbook from the command line: worked cases.
#include <gtest/gtest.h>

#include <QProcess>
#include <QString>
#include <fstream>
#include <nlohmann/json.hpp>

#include "shop/logbook.h"
#include "tests/cli/run_cli.h"
#include "tests/issued_library.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::cli;
using anagraph::testing::CliAnswer;
using anagraph::testing::Scratch;
using nlohmann::json;

namespace {

class Log : public ::testing::Test {
protected:
    void SetUp() override {
        auto library = store::Library::make_or_open(s_ / "library");
        guide_ = anagraph::testing::new_guide(**library, core::testing::engine(), "KQ-M4");
        mark_ = anagraph::testing::issue(**library, guide_).substr(0, 8);
        library->reset();
        ASSERT_EQ(log({"add", "machine", "PT60 no. 3", "--type", "PT60", "--serial", "P-303"}).code, 0);
    }
    CliAnswer log(std::vector<std::string> arguments) const {
        arguments.insert(arguments.begin(), {"--json", "log", s_ / "library"});
        return cli(arguments);
    }
    json said(std::vector<std::string> arguments) const { return json::parse(log(std::move(arguments)).out, nullptr, false); }

    /// A run on the pump: its hour meter read, one thing found.
    json run(const std::string& id = "123e4567-e89b-42d3-a456-426614174000") const {
        return {{"format", 1}, {"id", id}, {"guide", guide_.text()}, {"edition", 1}, {"mark", "KQ-M4 / 1 / " + mark_}, {"variant", ""},
            {"machine", {{"name", "PT60 no. 3"}, {"serial", "P-303"}}}, {"who", "learner 07"}, {"assessor", ""},
            {"began", "2026-05-02T08:00:00Z"}, {"ended", "2026-05-02T10:00:00Z"},
            {"steps",
                {{{"id", "one"}, {"began", "2026-05-02T08:00:00Z"}, {"ended", "2026-05-02T10:00:00Z"}, {"state", "done"},
                    {"readings",
                        {{{"what", "hour meter"}, {"value", 302}, {"unit", "h"}, {"by", "typed"}, {"at", "2026-05-02T09:00:00Z"},
                            {"judged", "no limits"}}}}}}},
            {"used", json::array()}, {"findings", {{{"step", "one"}, {"words", "a chafed pipe"}, {"urgency", "watch"}}}},
            {"signed", json::array()}};
    }
    CliAnswer take(const json& run) const {
        std::ofstream(s_ / "a.run.json") << run.dump();
        return log({"add", "run", s_ / "a.run.json"});
    }

    const Scratch s_;
    store::GuideId guide_;
    std::string mark_;
};

}  // namespace

TEST_F(Log, DueByTheMeterOrTheCalendarWhicheverComesFirst) {
    ASSERT_EQ(
        log({"add", "rule", "PT60 no. 3", "--what", "100 h service", "--every", "100 h", "--every", "12 month", "--first", "20 h"}).code,
        0);
    ASSERT_EQ(log({"add", "service", "PT60 no. 3", "--what", "100 h service", "--on", "2026-03-31", "--reading", "202 h"}).code, 0);
    ASSERT_EQ(log({"add", "reading", "PT60 no. 3", "280 h", "--on", "2026-11-28"}).code, 0);
    const auto due = said({"due", "--on", "2026-11-28"});
    ASSERT_EQ(due.size(), 1U);
    EXPECT_EQ(due[0]["due_reading"], (json{{"value", 302.0}, {"unit", "h"}}));
    EXPECT_EQ(due[0]["first"], "reading");
    EXPECT_EQ(due[0]["left"]["value"], 22.0);
    EXPECT_EQ(due[0]["due_on"], "2027-02-04");
    EXPECT_EQ(due[0]["overdue"], false);
    // the same as the calculator says
    const auto calc = json::parse(cli({"--json", "calc", "due", "--interval", "100 h", "--interval", "12 month", "--last-reading", "202 h",
                                          "--last-date", "2026-03-31", "--date", "2026-11-28", "--reading", "280 h"})
                                      .out);
    EXPECT_EQ(calc["due_date"], due[0]["due_on"]);
    EXPECT_TRUE(said({"due", "--on", "2026-11-28", "--days", "30"}).empty());
    EXPECT_EQ(said({"due", "--on", "2026-11-28", "--days", "80"}).size(), 1U);
    ASSERT_EQ(log({"add", "reading", "PT60 no. 3", "310 h", "--on", "2026-12-20"}).code, 0);
    EXPECT_EQ(said({"due", "--on", "2026-12-20"})[0]["overdue"], true);
    EXPECT_EQ(said({"machine", "P-303", "--on", "2026-12-20"})["due"][0]["overdue"], true);
}

TEST_F(Log, RefusesWhatCannotBeAndSaysWhatIsMistyped) {
    ASSERT_EQ(log({"add", "reading", "PT60 no. 3", "280 h", "--on", "2026-03-01"}).code, 0);
    EXPECT_EQ(log({"add", "reading", "PT60 no. 3", "279 h", "--on", "2026-03-02"}).code, 1);
    EXPECT_EQ(log({"add", "reading", "PT60 no. 3", "many h", "--on", "2026-03-02"}).code, 2);
    EXPECT_EQ(log({"add", "reading", "PT60 no. 3", "290 h", "--on", "tomorrow"}).code, 2);
    EXPECT_EQ(log({"add", "reading", "PT60 no. 4", "290 h"}).code, 1);
    EXPECT_EQ(log({"add", "machine", "PT60 no. 3", "--type", "PT60"}).code, 1);
    EXPECT_EQ(log({"unit", "none"}).code, 1);
    EXPECT_EQ(log({"add"}).code, 2);
    EXPECT_EQ(cli({"log", s_ / "nowhere", "due"}).code, 2);
    EXPECT_EQ(cli({"log", s_ / "nowhere", "add", "reading", "PT60 no. 3", "290 h"}).code, 2);
    // a logbook begins with a machine
    EXPECT_EQ(cli({"log", s_ / "new", "add", "machine", "PT60 no. 3", "--type", "PT60"}).code, 0);
    EXPECT_EQ(cli({"log", s_ / "new", "due"}).code, 0);
}

TEST_F(Log, AUnitIsFollowedOverMachines) {
    ASSERT_EQ(log({"add", "machine", "PT60 no. 4", "--type", "PT60"}).code, 0);
    ASSERT_EQ(log({"add", "unit", "injector set", "--serial", "I-7"}).code, 0);
    ASSERT_EQ(log({"fit", "I-7", "PT60 no. 3", "--reading", "100 h", "--on", "2026-02-01"}).code, 0);
    EXPECT_EQ(log({"fit", "I-7", "PT60 no. 4", "--reading", "5 h", "--on", "2026-02-02"}).code, 1);
    ASSERT_EQ(log({"take-off", "I-7", "--to", "store", "--reading", "150 h", "--on", "2026-03-01"}).code, 0);
    ASSERT_EQ(log({"fit", "I-7", "PT60 no. 4", "--reading", "5 h", "--on", "2026-03-02"}).code, 0);
    ASSERT_EQ(log({"add", "reading", "PT60 no. 4", "12 h", "--on", "2026-04-02"}).code, 0);
    const auto unit = said({"unit", "I-7"});
    EXPECT_EQ(unit["on"], "PT60 no. 4");
    EXPECT_EQ(unit["hours_fitted"], 57.0);
    EXPECT_EQ(unit["history"].size(), 2U);
    EXPECT_EQ(unit["history"][0]["to_reading"]["value"], 150.0);
}

TEST_F(Log, ARunIsTakenInOnceWithAllThatFollowsAndOnlyByItsEdition) {
    ASSERT_EQ(log({"add", "rule", "PT60 no. 3", "--what", core::testing::engine().header.title, "--every", "100 h"}).code, 0);
    const auto first = take(run());
    ASSERT_EQ(first.code, 0) << first.out;
    const auto again = take(run());
    EXPECT_EQ(again.code, 0);
    EXPECT_EQ(json::parse(first.out)["entry"], json::parse(again.out)["entry"]);
    const auto m = said({"machine", "PT60 no. 3", "--on", "2026-05-02"});
    EXPECT_EQ(m["meters"][0]["reading"]["value"], 302.0);
    EXPECT_EQ(m["services"].size(), 1U);
    EXPECT_EQ(m["services"][0]["run"], run()["id"]);
    EXPECT_EQ(m["due"][0]["due_reading"]["value"], 402.0);
    const auto findings = said({"findings"});
    ASSERT_EQ(findings.size(), 1U);
    EXPECT_EQ(findings[0]["words"], "a chafed pipe");
    EXPECT_EQ(findings[0]["urgency"], "watch");
    const std::string finding = std::to_string(findings[0]["entry"].get<int>());
    ASSERT_EQ(log({"close", finding, "--because", "the pipe was renewed"}).code, 0);
    EXPECT_EQ(log({"close", finding, "--because", "again"}).code, 1);
    EXPECT_TRUE(said({"findings"}).empty());
    // of no edition of ours
    auto other = run("223e4567-e89b-42d3-a456-426614174000");
    other["mark"] = "KQ-M4 / 1 / 00000000";
    EXPECT_EQ(take(other).code, 1);
    other.erase("edition");
    EXPECT_EQ(take(other).code, 1);
    // one that stopped is no service, and what it found is kept
    auto stopped = run("323e4567-e89b-42d3-a456-426614174000");
    stopped["steps"][0]["state"] = "stopped";
    stopped["steps"][0]["readings"][0]["value"] = 310;
    stopped["ended"] = "2026-05-20T10:00:00Z";
    stopped["steps"][0]["readings"][0]["at"] = "2026-05-20T09:00:00Z";
    EXPECT_EQ(take(stopped).code, 0);
    EXPECT_EQ(said({"machine", "PT60 no. 3"})["services"].size(), 1U);
    EXPECT_EQ(said({"findings"}).size(), 1U);
    // one that contradicts the meter is refused whole
    auto late = run("423e4567-e89b-42d3-a456-426614174000");
    late["ended"] = "2026-06-20T10:00:00Z";
    late["steps"][0]["readings"][0]["at"] = "2026-06-20T09:00:00Z";
    EXPECT_EQ(take(late).code, 1);
    EXPECT_EQ(said({"findings"}).size(), 1U);
}

TEST_F(Log, ComesOutAsTableCalendarBookAndLabels) {
    ASSERT_EQ(log({"add", "rule", "PT60 no. 3", "--what", "100 h service", "--every", "100 h"}).code, 0);
    ASSERT_EQ(log({"add", "service", "PT60 no. 3", "--what", "100 h service", "--on", "2026-03-31", "--reading", "202 h"}).code, 0);
    const auto wrong = said({"add", "reading", "PT60 no. 3", "2800 h", "--on", "2026-11-28"});
    ASSERT_EQ(log({"strike", std::to_string(wrong["entry"].get<int>()), "--because", "one digit too many"}).code, 0);
    ASSERT_EQ(log({"add", "reading", "PT60 no. 3", "280 h", "--on", "2026-11-28"}).code, 0);
    const auto written = [&](const char* form) {
        const std::string file = s_ / (std::string("h.") + form);
        EXPECT_EQ(log({"history", "--as", form, "--to", file, "--on", "2026-11-28"}).code, 0) << form;
        return file;
    };
    const auto read = [](const std::string& file) {
        std::ifstream in(file, std::ios::binary);
        return std::string(std::istreambuf_iterator<char>(in), {});
    };
    EXPECT_NE(read(written("csv")).find("2026-03-31,PT60 no. 3,service,100 h service,202 h,author,"), std::string::npos);
    EXPECT_NE(read(s_ / "h.csv").find("2800 h,author,yes"), std::string::npos) << "what was struck stands there, struck";
    const std::string calendar = read(written("ics"));
    EXPECT_NE(calendar.find("DTSTART;VALUE=DATE:20270204\r\n"), std::string::npos) << calendar;
    EXPECT_NE(calendar.find("SUMMARY:PT60 no. 3: 100 h service\r\n"), std::string::npos);
    const auto words = [](const std::string& file) {
        QProcess p;
        p.start("pdftotext", {"-layout", QString::fromStdString(file), "-"});
        p.waitForFinished(-1);
        return p.readAllStandardOutput().toStdString();
    };
    EXPECT_NE(words(written("pdf")).find("100 h service"), std::string::npos);
    for (const char* form : {"panel", "filter", "part"}) {
        const std::string file = s_ / (std::string(form) + ".pdf");
        ASSERT_EQ(cli({"label", s_ / "library", "PT60 no. 3", "--as", form, "--to", file, "--on", "2026-11-28"}).code, 0);
        const std::string said = words(file);
        EXPECT_NE(said.find("302 h"), std::string::npos) << said;
        EXPECT_NE(said.find("2026-03-31, 202 h"), std::string::npos) << said;
        QProcess pages;
        pages.start("pdfinfo", {QString::fromStdString(file)});
        pages.waitForFinished(-1);
        EXPECT_TRUE(pages.readAllStandardOutput().contains("Pages:           1\n")) << form;
    }
    EXPECT_EQ(cli({"label", s_ / "library", "PT60 no. 9", "--as", "panel", "--to", s_ / "x.pdf"}).code, 1);
}
