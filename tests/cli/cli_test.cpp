// anagraph-cli as a script sees it: exit codes, JSON, sentences. Runs the program itself.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>

#include "store/library.h"
#include "tests/cli/run_cli.h"
#include "tests/demo_copy.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using anagraph::testing::Scratch;
using nlohmann::json;

namespace {

using Answer = anagraph::testing::CliAnswer;
using anagraph::testing::cli;

const std::string kFilms = ANAGRAPH_SOURCE "/demo/films";

}  // namespace

TEST(Cli, ConvertsAQuantityWithTheDigitsOfTheOriginal) {
    const auto a = cli({"calc", "convert", "18 lbf.ft", "Nm", "--json"});
    EXPECT_EQ(a.code, 0);
    EXPECT_EQ(a.value()["text"], "24 N·m");
    EXPECT_NEAR(a.value()["exact"]["value"].get<double>(), 24.4047, 1e-4);
    EXPECT_EQ(a.value()["exact"]["unit"], "Nm");
    EXPECT_EQ(cli({"calc", "convert", "18 lbf.ft", "Nm"}).out, "18 lbf·ft is 24 N·m.\n");
}

TEST(Cli, WrongUseIsTwoAndNotSoIsOne) {
    EXPECT_EQ(cli({}).code, 2);
    EXPECT_EQ(cli({"fly"}).code, 2);
    EXPECT_EQ(cli({"calc", "convert", "18 lbf.ft", "wombat"}).code, 2);
    EXPECT_EQ(cli({"calc", "convert", "eighteen", "Nm"}).code, 2);
    const auto no = cli({"--json", "calc", "convert", "18 Nm", "L"});
    EXPECT_EQ(no.code, 1);
    EXPECT_EQ(no.value()["ok"], false);
    EXPECT_EQ(cli({"--help"}).code, 0);
    EXPECT_EQ(cli({"read", "/no/such/file"}).code, 2);
    EXPECT_EQ(cli({"verify", "/no/such/pack"}).code, 2);
    EXPECT_EQ(cli({"list", "/no/such/library"}).code, 2);
}

TEST(Cli, ReadsTheDemoNarrationInTheAgreedForm) {
    const auto a = cli({"read", kFilms + "/pt60-service-1.vtt", "--json"});
    ASSERT_EQ(a.code, 0) << a.err;
    const json v = a.value();
    for (const char* field : {"rec", "segment_starts", "figures", "steps", "cautions", "slips", "unseen", "chatter"})
        EXPECT_TRUE(v.contains(field)) << field;
    EXPECT_EQ(v["segment_starts"].size(), 30U);
    const auto has = [&](const char* kind, double value) {
        for (const auto& f : v["figures"])
            if (f["kind"] == kind && f["value"].is_number() && std::abs(f["value"].get<double>() - value) < 1e-3 * value) return true;
        return false;
    };
    EXPECT_TRUE(has("torque", 24));
    EXPECT_TRUE(has("torque", 12));
    EXPECT_TRUE(has("size", 17));
    EXPECT_TRUE(has("duration", 300));
    EXPECT_TRUE(has("reading", 302));
    EXPECT_GE(v["slips"].size(), 2U);
    EXPECT_EQ(v["unseen"].size(), 1U);
}

TEST(Cli, ImportsListsAndRefusesWhatIsNoFilm) {
    const Scratch scratch;
    ASSERT_TRUE(anagraph::testing::make_constant(scratch / "job.mp4"));
    std::ofstream(scratch / "job.vtt") << "WEBVTT\n\n00:01.000 --> 00:03.000\ntighten the plug to 25 newton metres\n";
    const std::string library = scratch / "library";
    const auto in = cli({"--json", "import", library, scratch / "job.mp4"});
    ASSERT_EQ(in.code, 0) << in.err;
    EXPECT_EQ(in.value()["frames"], 150);
    EXPECT_EQ(in.value()["lines"], 1);
    const auto listed = cli({"--json", "list", library});
    ASSERT_EQ(listed.code, 0) << listed.err;
    EXPECT_EQ(listed.value()["recordings"].size(), 1U);
    EXPECT_EQ(listed.value()["recordings"][0]["narration"], true);
    std::ofstream(scratch / "list.mp4") << "bread, milk";
    std::ofstream(scratch / "empty.mp4");
    for (const char* bad : {"list.mp4", "empty.mp4", "none.mp4"}) {
        const auto no = cli({"import", library, scratch / bad});
        EXPECT_EQ(no.code, 1) << bad;
        EXPECT_NE(no.err.find(bad), std::string::npos) << no.err;
        EXPECT_EQ(std::count(no.err.begin(), no.err.end(), '\n'), 1) << "one sentence: " << no.err;
    }
    std::ofstream(scratch / "broken.vtt") << "WEBVTT\n\nxx --> yy\nwords\n";
    EXPECT_EQ(cli({"import", library, scratch / "job.mp4", "--narration", scratch / "broken.vtt"}).code, 1);
    EXPECT_EQ(cli({"--json", "list", library}).value()["recordings"].size(), 1U) << "nothing half entered";
    // a library that is open elsewhere
    const auto open = anagraph::store::Library::make_or_open(library);
    ASSERT_TRUE(open);
    EXPECT_EQ(cli({"list", library}).code, 0) << "who only reads waits for nobody";
    const auto beside = cli({"import", library, scratch / "job.mp4"});
    EXPECT_EQ(beside.code, 0) << "nor does who writes: " << beside.err;
    EXPECT_EQ((*open)->recordings()->size(), 1U);
}

TEST(Cli, ListsWhatHasToBeFilmedAgainAndWritesThePage) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    const auto a = cli({"--json", "reshoot", scratch / "library", anagraph::testing::kDemoGuide, "--to", scratch / "again.html"});
    EXPECT_EQ(a.code, 0) << a.err;
    ASSERT_GE(a.value()["points"].size(), 2U);
    const json answer = a.value();
    for (const auto& p : answer["points"]) EXPECT_FALSE(p["why"].get<std::string>().empty());
    std::ifstream page(scratch / "again.html");
    const std::string html((std::istreambuf_iterator<char>(page)), std::istreambuf_iterator<char>());
    EXPECT_NE(html.find("Reshoot list"), std::string::npos);
    EXPECT_EQ(cli({"reshoot", scratch / "library", "no-such-guide"}).code, 2);
    EXPECT_NE(cli({"reshoot", scratch / "library", anagraph::testing::kDemoGuide, "--to", "/no/such/folder/again.html"}).code, 0);
}

TEST(Cli, ReadsEveryFormOfTimedTextToTheSameAnswer) {
    const Scratch scratch;
    std::ofstream(scratch / "a.vtt") << "WEBVTT\n\n00:00.000 --> 00:04.000\ntighten the plug to 25 newton metres\n\n00:04.000 --> "
                                        "00:08.000\ncareful it is hot and it burns\n";
    std::ofstream(scratch / "a.srt") << "1\n00:00:00,000 --> 00:00:04,000\ntighten the plug to 25 newton metres\n\n2\n00:00:04,000 --> "
                                        "00:00:08,000\ncareful it is hot and it burns\n";
    std::ofstream(scratch / "a.txt")
        << "# a heading\n\n[0:00] tighten the plug to 25 newton metres\n\n[0:04] careful it is hot and it burns\n";
    json first;
    for (const char* name : {"a.vtt", "a.srt", "a.txt"}) {
        const auto a = cli({"read", scratch / name, "--json"});
        ASSERT_EQ(a.code, 0) << a.err;
        const json answer = a.value();
        ASSERT_EQ(answer["figures"].size(), 1U) << name;
        EXPECT_EQ(answer["figures"][0]["kind"], "torque");
        EXPECT_EQ(answer["figures"][0]["unit"], "Nm");
        EXPECT_EQ(answer["figures"][0]["value"], 25.0);
        EXPECT_EQ(answer["cautions"].size(), 1U);
        EXPECT_EQ(answer["segment_starts"].dump(), "[0.0,4.0]");
        EXPECT_FALSE(answer["figures"][0]["because"].get<std::string>().empty());
        if (first.is_null()) first = answer["figures"];
        EXPECT_EQ(answer["figures"], first);
    }
    // without --json it is for people
    EXPECT_NE(cli({"read", scratch / "a.vtt"}).out.find("25"), std::string::npos);
}

TEST(Cli, ANarrationThatIsNoneSaysWhatIsExpected) {
    const Scratch scratch;
    std::ofstream(scratch / "empty.vtt").close();
    std::ofstream(scratch / "prose.txt") << "nothing here has a time\n";
    for (const char* name : {"empty.vtt", "prose.txt"}) {
        const auto a = cli({"read", scratch / name});
        EXPECT_EQ(a.code, 1) << name;
        EXPECT_FALSE(a.err.empty());
        EXPECT_TRUE(a.out.empty());
    }
}

TEST(Cli, ChecksAGuideAndSaysWhatMustBeDoneFirst) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    const auto a = cli({"--json", "check", scratch / "library", anagraph::testing::kDemoGuide});
    EXPECT_EQ(a.code, 1) << "something is open";
    ASSERT_GT(a.value()["open"].size(), 3U);
    const json answer = a.value();
    for (const auto& p : answer["open"]) EXPECT_FALSE(p["stops_issue"].get<bool>()) << p["text"];
    EXPECT_EQ(cli({"check", scratch / "library", "no-such-guide"}).code, 2);
}

TEST(Cli, ARecordingLeftInPlaceIsFoundAgainByItsContent) {
    namespace fs = std::filesystem;
    const Scratch scratch;
    fs::create_directories(scratch / "card/old");
    const std::string film = scratch / "card/old/film.mp4";
    ASSERT_TRUE(anagraph::testing::run(
        "ffmpeg -y -f lavfi -i testsrc2=size=320x240:rate=25:duration=6 -f lavfi -i sine=440:duration=6 -c:v libx264 -g 12 -c:a aac " +
        film));
    const auto in = cli({"import", scratch / "library", film, "--in-place", "--json"});
    ASSERT_EQ(in.code, 0) << in.err;
    const std::string id = in.value()["recording"];
    for (const auto& file : fs::directory_iterator(scratch / "library/media/" + id))
        EXPECT_NE(file.path().stem(), "original") << "nothing is copied";
    EXPECT_EQ(cli({"find", scratch / "library", scratch / "card"}).out, "Every recording is where it was.\n");
    // moved and renamed; beside it lies another file of the same length
    fs::create_directories(scratch / "card/new/deep");
    fs::rename(film, scratch / "card/new/deep/renamed.mp4");
    std::ofstream(scratch / "card/decoy.mp4") << std::string(fs::file_size(scratch / "card/new/deep/renamed.mp4"), 'x');
    const auto nowhere = cli({"find", scratch / "library", scratch / "library", "--json"});
    EXPECT_EQ(nowhere.code, 1);
    EXPECT_NE(nowhere.value()["missing"][0]["reason"].get<std::string>().find("looked at"), std::string::npos);
    const auto found = cli({"find", scratch / "library", scratch / "card", "--json"});
    EXPECT_EQ(found.code, 0) << found.out;
    EXPECT_EQ(found.value()["found"][0]["path"], std::string(scratch / "card/new/deep/renamed.mp4"));
    EXPECT_EQ(cli({"find", scratch / "library", scratch / "card"}).out, "Every recording is where it was.\n") << "kept";
    EXPECT_EQ(cli({"find", scratch / "library", scratch / "no-such-folder"}).code, 0) << "nothing is away, so nowhere is looked";
}

TEST(Cli, CutsAStretchExactToTheFrame) {
    const Scratch scratch;
    const std::string film = scratch / "film.mp4";
    ASSERT_TRUE(anagraph::testing::run("ffmpeg -y -f lavfi -i testsrc2=size=320x240:rate=25:duration=6 -c:v libx264 -g 12 " + film));
    const auto a = cli({"cut", film, "0:01.04", "4.2", "--to", scratch / "out.mp4", "--json"});
    ASSERT_EQ(a.code, 0) << a.err;
    EXPECT_EQ(a.value()["copied"].get<int>() + a.value()["encoded"].get<int>(), 79);
    EXPECT_EQ(cli({"cut", film, "4.2", "1.04", "--to", scratch / "no.mp4"}).code, 2);
    EXPECT_EQ(cli({"cut", film, "soon", "4.2", "--to", scratch / "no.mp4"}).code, 2);
    EXPECT_EQ(cli({"cut", film, "100", "104", "--to", scratch / "no.mp4"}).code, 1);
    EXPECT_FALSE(std::filesystem::exists(scratch / "no.mp4"));
}

namespace {
/// What `calc` answers as JSON, with the exit code expected.
json calc(std::vector<std::string> arguments, int code = 0) {
    arguments.insert(arguments.begin(), "calc");
    arguments.emplace_back("--json");
    const auto a = cli(arguments);
    EXPECT_EQ(a.code, code) << a.out << a.err;
    return a.value();
}
}  // namespace

TEST(Cli, ListsEveryFigureWithItsStandingTheOpenOnesFirst) {
    const Scratch folder;
    anagraph::testing::copy_demo_library(folder / "library");
    const auto a = cli({"figures", folder / "library", anagraph::testing::kDemoGuide, "--json"});
    EXPECT_EQ(a.code, 0);
    const auto list = a.value()["figures"];
    ASSERT_GT(list.size(), 10U);
    EXPECT_NE(list.front()["standing"], "proved");
    EXPECT_EQ(list.back()["standing"], "proved");
    EXPECT_EQ(cli({"figures", folder / "library", "no-such-guide"}).code, 2);
}

TEST(Cli, ReadsAPageOfABookForValues) {
    const std::string book = std::string(ANAGRAPH_SOURCE) + "/demo/book/perrick-pt60-book.pdf";
    const auto a = cli({"page", book, "--page", "2", "--kind", "torque", "--about", "level plug", "--json"});
    EXPECT_EQ(a.code, 0);
    ASSERT_EQ(a.value()["values"].size(), 3U);
    EXPECT_EQ(a.value()["values"][0]["value"], "12 N·m");
    EXPECT_EQ(a.value()["values"][0]["tolerance"], "1.2");
    EXPECT_EQ(cli({"page", book, "--page", "1", "--kind", "torque"}).code, 1) << "a page without any";
    EXPECT_EQ(cli({"page", book, "--page", "9", "--kind", "torque"}).code, 2);
    EXPECT_EQ(cli({"page", book, "--kind", "weather"}).code, 2);
    EXPECT_EQ(cli({"page", "/no/such.pdf", "--kind", "torque"}).code, 2);
}

TEST(Cli, SaysWhatLinesOrder) {
    const Scratch scratch;
    const std::string file = scratch / "lines.json";
    std::ofstream(file)
        << R"({"items": [{"id": "oil", "kind": "fluid", "name": "gear oil"}, {"id": "pan", "kind": "vessel", "name": "pan"}],
        "lines": ["Let the {item:oil} run into the {item:pan}.", "The {item:oil} is hot."]})";
    const auto a = cli({"actions", file, "--json"});
    EXPECT_EQ(a.code, 0);
    EXPECT_EQ(a.value()["lines"], json::parse(R"([[{"verb": "drain", "items": ["oil"], "needs": ["pan"], "figure": null}], []])"));
    EXPECT_EQ(cli({"actions", file}).out, "Let the {item:oil} run into the {item:pan}.\n    drain oil with pan\nThe {item:oil} is hot.\n");
    std::ofstream(file) << "{";
    EXPECT_EQ(cli({"actions", file}).code, 2);
    std::ofstream(file) << R"({"lines": [7]})";
    EXPECT_EQ(cli({"actions", file}).code, 2);
    EXPECT_EQ(cli({"actions", "/no/such/file"}).code, 2);
}

TEST(Cli, WalksAGuideOfALibraryOrAFile) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    const auto right = cli({"dryrun", scratch / "library", "perrick-pt60-100-h-service", "--json"});
    EXPECT_EQ(right.code, 0) << right.out;
    EXPECT_TRUE(right.value()["findings"].empty());
    EXPECT_EQ(cli({"dryrun", scratch / "library", "perrick-pt60-100-h-service"}).out, "The order of the steps works.\n");
    const auto wrong = cli({"dryrun", scratch / "library", "tolvane-30-forklift-axle-oil-and-wheel-bearings", "--json"});
    EXPECT_EQ(wrong.code, 1);
    ASSERT_EQ(wrong.value()["findings"].size(), 8U);
    for (const auto& f : wrong.value()["findings"]) {
        for (const char* field : {"rule", "level", "step", "line", "items", "because", "fix"}) EXPECT_TRUE(f.contains(field)) << field;
        EXPECT_TRUE(f["level"] == "stop" || f["level"] == "warn");
        EXPECT_TRUE(f["fix"].is_null() || f["fix"].contains("edits"));
    }
    EXPECT_EQ(cli({"dryrun", scratch / "library", "perrick-pt60-100-h-service", "--variant", "PT60-T"}).code, 0);
    const auto unknown = cli({"dryrun", scratch / "library", "perrick-pt60-100-h-service", "--variant", "PT9"});
    EXPECT_EQ(unknown.code, 2);
    EXPECT_NE(unknown.err.find("PT60, PT60-T"), std::string::npos);
    EXPECT_EQ(cli({"dryrun", scratch / "library", "nothing"}).code, 2);
    EXPECT_EQ(cli({"dryrun", "/no/such/file"}).code, 2);
}

TEST(Cli, WalksAProcedureOrAnEditionInAFile) {
    const Scratch scratch;
    const std::string file = scratch / "guide.json";
    const json procedure =
        json::parse(R"({"format": 1, "header": {"title": "t", "machine": "Orrin W5", "number": "", "interval": "", "variants": [],
        "site_note": ""}, "recordings": [], "sources": [], "figures": [],
        "items": [{"id": "lid", "kind": "part", "name": "lid", "spec": "", "number": ""}],
        "steps": [{"id": "one", "heading": "Open it", "lines": ["Open the {item:lid}."], "cautions": [], "checks": [], "heard": [], "takes": [],
        "plates": [], "clip": null, "actions": [{"verb": "open", "items": ["lid"], "figure": ""}], "hands": {"low": "2", "unit": "min"}}]})");
    std::ofstream(file) << procedure;
    const auto a = cli({"dryrun", file, "--json"});
    EXPECT_EQ(a.code, 1);
    ASSERT_EQ(a.value()["findings"].size(), 1U);
    EXPECT_EQ(a.value()["findings"][0]["rule"], "left-off");
    EXPECT_EQ(a.value()["findings"][0]["line"], 0);
    EXPECT_FALSE(a.value()["findings"][0]["fix"].is_null());
    std::ofstream(file) << json{{"edition", 1}, {"procedure", procedure}};
    EXPECT_EQ(cli({"dryrun", file}).code, 1) << "an edition holds one";
    EXPECT_EQ(cli({"plan", file, "--json"}).value()["seconds"], 120);
    std::ofstream(file) << "[1, 2]";
    EXPECT_EQ(cli({"dryrun", file}).code, 2);
    EXPECT_EQ(cli({"plan", file}).code, 2);
}

TEST(Cli, PlansForOneAndForTwo) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    const auto one = cli({"plan", scratch / "library", "perrick-pt60-100-h-service", "--variant", "PT60", "--json"});
    ASSERT_EQ(one.code, 0) << one.err;
    const json v = one.value();
    for (const char* field : {"variant", "people", "seconds", "as_written_seconds", "optimal", "order", "tasks", "critical", "idle_seconds",
             "suggestion", "kit"})
        EXPECT_TRUE(v.contains(field)) << field;
    EXPECT_EQ(v["people"], 1);
    EXPECT_EQ(v["optimal"], true);
    EXPECT_LT(v["seconds"].get<int>(), v["as_written_seconds"].get<int>());
    EXPECT_TRUE(v["suggestion"]["change"].contains("edits"));
    EXPECT_EQ(v["order"].size(), 14U);
    for (const auto& t : v["tasks"]) EXPECT_TRUE(t["who"].is_null() || t["who"] == "A");
    EXPECT_EQ(v["kit"]["fluids"][0]["packs"][0]["count"], 2);
    const auto two = cli({"plan", scratch / "library", "perrick-pt60-100-h-service", "--people", "2", "--json"});
    EXPECT_LE(two.value()["seconds"].get<int>(), v["seconds"].get<int>());
    EXPECT_TRUE(two.value()["idle_seconds"].contains("B"));
    EXPECT_EQ(cli({"plan", scratch / "library", "perrick-pt60-100-h-service", "--people", "3"}).code, 2);
}

TEST(CliCalc, WrenchAndScale) {
    EXPECT_NEAR(
        calc({"wrench", "--torque", "50 Nm", "--arm", "400 mm", "--extension", "100 mm"})["setting"]["value"].get<double>(), 40, 1e-9);
    EXPECT_EQ(
        calc({"wrench", "--torque", "25 lbf.ft", "--arm", "16 in", "--extension", "50 mm", "--angle", "90"})["setting"]["value"], 25.0);
    EXPECT_EQ(calc({"wrench", "--torque", "25 lbf.ft", "--arm", "16 in"})["setting"]["unit"], "lbf.ft");
    EXPECT_EQ(calc({"wrench", "--torque", "25 Nm", "--arm", "400 mm", "--extension", "500 mm", "--angle", "180"}, 1)["ok"], false);
    const auto scale = calc({"scale", "--torque", "25 Nm", "--unit", "lbf.ft", "--from", "5", "--to", "80", "--step", "1", "--accuracy",
        "4%", "--tolerance", "10%"});
    EXPECT_EQ(scale["setting"], 18.0);
    EXPECT_NEAR(scale["true"]["value"].get<double>(), 24.405, 1e-3);
    EXPECT_EQ(scale["true"]["unit"], "Nm");
    EXPECT_NEAR(scale["error_percent"].get<double>(), -2.38, 0.01);
    EXPECT_EQ(scale["ok"], true);
    const auto weak = calc({"scale", "--torque", "15 Nm", "--unit", "Nm", "--from", "5", "--to", "100", "--step", "1"}, 1);
    EXPECT_EQ(weak["ok"], false);
    EXPECT_NE(weak["reason"].get<std::string>().find("20 %"), std::string::npos);
}

TEST(CliCalc, SocketSequenceAndMixture) {
    EXPECT_EQ(calc({"socket", "--head", "27 mm", "--socket", "1 1/16 in"})["verdict"], "fits");
    EXPECT_EQ(calc({"socket", "--head", "24 mm", "--socket", "15/16 in"})["verdict"], "tight");
    EXPECT_EQ(calc({"socket", "--head", "13 mm", "--socket", "14 mm"})["verdict"], "rounds off");
    EXPECT_EQ(calc({"socket", "--head", "19 mm", "--socket", "17 mm"})["verdict"], "does not go on");
    const auto order = calc({"sequence", "--count", "8", "--stages", "20,40,60", "--unit", "Nm"});
    EXPECT_EQ(order["order"], json({1, 5, 3, 7, 2, 6, 4, 8}));
    EXPECT_EQ(order["stages"][1]["value"], 40.0);
    EXPECT_EQ(calc({"mixture", "--volume", "12 L", "--have", "30%", "--want", "50%"})["drain"]["unit"], "L");
    EXPECT_NEAR(calc({"mixture", "--volume", "12 L", "--have", "30%", "--want", "50%"})["drain"]["value"].get<double>(), 3.42857, 1e-5);
}

TEST(CliCalc, RefillPacksAndDue) {
    const auto refill = calc({"refill", "--total", "2.0 L", "--refill", "1.7 L", "--between-marks", "0.25 L", "--reading", "0.3333333333"});
    EXPECT_NEAR(refill["residue"]["value"].get<double>(), 0.3, 1e-9);
    EXPECT_NEAR(refill["add"]["value"].get<double>(), 0.16667, 1e-4);
    EXPECT_LT(refill["first_pour"]["value"].get<double>(), 1.7);
    EXPECT_NEAR(calc({"refill", "--between-marks", "0.5 L", "--reading", "1.2"})["draw_off"]["value"].get<double>(), 0.1, 1e-9);
    EXPECT_EQ(calc({"refill", "--total", "5.8 L", "--refill", "6 L"}, 1)["ok"], false);
    const auto packs = calc({"packs", "--need", "7.5 L", "--pack", "1 L@6.50", "--pack", "5 L@24", "--least", "cost"});
    EXPECT_EQ(packs["cost"], 43.5);
    EXPECT_EQ(packs["packs"].size(), 2U);
    EXPECT_EQ(calc({"packs", "--need", "3 L", "--pack", "1 L"})["cost"], nullptr);
    const auto due = calc({"due", "--interval", "100 h", "--interval", "12 month", "--last-reading", "202 h", "--last-date", "2026-03-31",
        "--date", "2026-11-28", "--reading", "280 h", "--avoid", "2027-01-01..2027-03-01"});
    EXPECT_EQ(due["due_reading"]["value"], 302.0);
    EXPECT_EQ(due["due_date"], "2027-02-04");
    EXPECT_EQ(due["first"], "reading");
    EXPECT_EQ(due["left"]["value"], 22.0);
    EXPECT_EQ(due["overdue"], false);
    EXPECT_EQ(due["service_by"], "2026-12-31");
}

TEST(CliCalc, WrongInputIsOneSentenceAndTwo) {
    const std::vector<std::vector<std::string>> wrong{{"convert", "2 L", "quarts"}, {"convert", "2 pints", "L"},
        {"wrench", "--torque", "25", "--arm", "400 mm"}, {"wrench", "--torque", "25 L", "--arm", "400 mm"}, {"wrench", "--torque", "25 Nm"},
        {"scale", "--torque", "25 Nm", "--unit", "mm", "--from", "5", "--to", "80", "--step", "1"},
        {"socket", "--head", "24 L", "--socket", "24 mm"}, {"refill"}, {"packs", "--need", "3 L", "--pack", "1 L@cheap"},
        {"packs", "--need", "3 L", "--pack", "1 L", "--least", "cost"}, {"mixture", "--volume", "8 L", "--have", "half", "--want", "50%"},
        {"sequence", "--count", "0"}, {"sequence", "--count", "6", "--pattern", "heap"},
        {"due", "--interval", "100 h", "--last-date", "2026-02-30", "--date", "2026-11-28"},
        {"due", "--interval", "100 h", "--last-date", "2026-02-28", "--date", "2026-11-28"}, {"nonsense"}};
    for (auto arguments : wrong) {
        arguments.insert(arguments.begin(), "calc");
        const auto a = cli(arguments);
        EXPECT_EQ(a.code, 2) << arguments[1] << ": " << a.err;
        EXPECT_FALSE(a.err.empty()) << arguments[1];
    }
    for (const char* command : {"convert", "wrench", "scale", "socket", "refill", "packs", "mixture", "sequence", "due"}) {
        const auto help = cli({"calc", command, "--help"});
        EXPECT_EQ(help.code, 0);
        EXPECT_NE(help.out.find("Example: calc " + std::string(command)), std::string::npos) << command;
    }
}
