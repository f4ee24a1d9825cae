// Runs at the bench: kept with every touch, taken into the logbook once, whatever becomes of the program meanwhile.
#include "shop/bench.h"

#include <gtest/gtest.h>

#include <QByteArray>
#include <fstream>
#include <nlohmann/json.hpp>

#include "shop/desk/desk.h"
#include "shop/inbox.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/signing_key.h"
#include "tests/bench_guide.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::BenchLibrary;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using nlohmann::json;
using shop::RunAtBench;

namespace {

constexpr core::Moment kNow = 1796032800;  // 2026-11-30T10:00:00Z

class BenchOfLibrary : public ::testing::Test {
protected:
    BenchOfLibrary() : at(s / "library") {}
    store::Library& library() { return *at.library; }
    RunAtBench begun(const char* who = "learner 07") {
        core::RunBegun about;
        about.id = "123e4567-e89b-42d3-a456-42661417400" + std::to_string(count++);
        about.machine = "launch";
        about.serial = "M4-2291";
        about.who = who;
        about.assessor = "instructor";
        auto run = RunAtBench::begin(library(), shop::bench_start(library())->editions.at(0), about, kNow);
        EXPECT_TRUE(run) << (run ? std::string() : run.error().message.english());
        return std::move(*run);
    }
    static void must(const core::Outcome& done) { EXPECT_TRUE(done) << (done ? std::string() : done.error().message.english()); }
    /// Every step left out but the last, which reads the meter.
    void to_the_end(RunAtBench& run) {
        must(run.add(library(), {core::LockedOff{}, core::WorkBegun{}}, kNow + 1));
        const auto steps = run.bench().sheet().steps;
        for (const auto& step : steps) {
            if (step.id == core::StepId("end")) continue;
            must(run.add(library(), {core::StepClosed{step.id.text(), core::StepState::Skipped, "done yesterday"}}, kNow + 2));
        }
        const auto end = *run.bench().sheet().find(core::StepId("end"));
        must(run.add(library(),
            {core::StepTaken{"end"}, core::LinesDone{"end", static_cast<std::int64_t>(end.lines.size())},
                core::ReadingTaken{"end", "", "hour meter", *core::Quantity::parse("302 h"), "typed", ""},
                core::CheckLooked{"end", 0, true, ""}, core::StepClosed{"end", core::StepState::Done, ""}, core::RunEnded{}},
            kNow + 60));
    }
    /// The same library, as another program would open it.
    void open_again() {
        at.library.reset();
        at.library = *store::Library::open(place(s / "library"));
    }

    const Scratch s;
    BenchLibrary at;
    int count = 0;
};

}  // namespace

TEST_F(BenchOfLibrary, WhatWasEnteredIsThereWhenTheProgramComesBack) {
    auto run = begun();
    must(run.add(library(), {core::KitTicked{run.bench().sheet().kit.at(0)}, core::LockedOff{}, core::WorkBegun{}, core::StepTaken{"warm"}},
        kNow + 5));
    must(library().bench_is_alive(run.bench().about().id, kNow + 65));
    const auto before = run.bench().events().size();
    open_again();
    auto start = shop::bench_start(library());
    ASSERT_TRUE(start) << start.error().message;
    ASSERT_EQ(start->waiting.size(), 1U);
    auto& again = start->waiting.front();
    EXPECT_EQ(again.bench().at(), core::Bench::At::Paused);
    EXPECT_TRUE(again.bench().has(run.bench().sheet().kit.at(0)));
    must(again.add(library(), {core::RunGoesOn{}}, kNow + 165));
    EXPECT_EQ(again.bench().run().steps[0].paused, 100) << "from the last moment the program was there";
    EXPECT_EQ(again.bench().events().size(), before + 2);
    open_again();
    EXPECT_EQ(shop::bench_start(library())->waiting.front().bench().run().steps[0].paused, 100)
        << "the pause is kept with what came after it";
}

TEST_F(BenchOfLibrary, WhatIsRefusedLeavesTheRunAsItWas) {
    auto run = begun();
    EXPECT_FALSE(run.add(library(), {core::LockedOff{}, core::LinesDone{"warm", 1}}, kNow));
    EXPECT_FALSE(run.bench().locked_off()) << "all of it or nothing";
    open_again();
    EXPECT_EQ(shop::bench_start(library())->waiting.front().bench().events().size(), 1U);
}

TEST_F(BenchOfLibrary, ARunGoesIntoTheLogbookOnceAndIsGoneFromTheBench) {
    auto run = begun();
    to_the_end(run);
    const auto taken = run.hand_in(library(), "instructor");
    ASSERT_TRUE(taken) << taken.error().message;
    EXPECT_EQ(taken->machine, "launch");
    EXPECT_TRUE(shop::bench_start(library())->waiting.empty());
    const auto log = *library().logbook();
    EXPECT_EQ(log.machine("launch")->services.size(), 1U);
    EXPECT_EQ(log.machine("launch")->meters.at(0).points.back().shown, 302);
    const auto runs = shop::runs_of(library(), log);
    ASSERT_TRUE(runs);
    ASSERT_EQ(runs->size(), 1U);
    EXPECT_EQ(runs->front().guide, at.guide.text());
    EXPECT_TRUE(shop::take_run(library(), core::to_json(run.bench().run()), "instructor")->again);
}

TEST_F(BenchOfLibrary, AProgramKilledBetweenLogbookAndBenchLeavesNoSecondRun) {
    auto run = begun();
    to_the_end(run);
    ASSERT_TRUE(shop::take_run(library(), core::to_json(run.bench().run()), "instructor"));
    open_again();
    EXPECT_TRUE(shop::bench_start(library())->waiting.empty());
    EXPECT_TRUE(library().benches()->empty());
}

TEST_F(BenchOfLibrary, SaysWhenTheEditionWasReplacedOrWithdrawnMeanwhile) {
    auto run = begun();
    anagraph::testing::change_torque(library(), at.guide, "36");
    anagraph::testing::issue(library(), at.guide);
    EXPECT_NE(shop::bench_start(library())->waiting.front().edition_trouble().find("replaced"), std::string::npos);
    EXPECT_EQ(shop::bench_start(library())->editions.at(0).edition, 2) << "new runs are done by what holds";
    ASSERT_TRUE(library().record({core::Withdrawn{at.guide.text(), 1, "the torque"}}, "author"));
    EXPECT_NE(shop::bench_start(library())->waiting.front().edition_trouble().find("withdrawn"), std::string::npos);
}

TEST_F(BenchOfLibrary, ARunThatCannotBeTakenUpIsToldAndTheOthersAreThere) {
    auto run = begun();
    core::RunBegun lost = run.bench().about();
    lost.id = "123e4567-e89b-42d3-a456-426614174099";
    lost.mark = "KQ-0 / 1 / 00000000";
    must(library().keep_bench(lost.id, {{kNow, lost}}));
    const auto start = shop::bench_start(library());
    ASSERT_TRUE(start);
    ASSERT_EQ(start->troubles.size(), 1U);
    EXPECT_NE(start->troubles[0].find(lost.id), std::string::npos);
    ASSERT_EQ(start->waiting.size(), 1U);
    EXPECT_EQ(start->waiting[0].bench().about().id, run.bench().about().id);
    EXPECT_EQ(start->editions.size(), 1U);
}

TEST_F(BenchOfLibrary, APhotographIsKeptByWhatIsInIt) {
    auto run = begun();
    must(run.add(library(), {core::LockedOff{}, core::WorkBegun{}, core::StepTaken{"warm"}}, kNow));
    std::ofstream(s / "photo.jpg") << "a photograph";
    must(run.keep_photograph(library(), s / "photo.jpg", kNow));
    const auto sha256 = run.bench().run().steps[0].evidence.at(0).sha256;
    EXPECT_EQ(sha256, store::sha256("a photograph"));
    EXPECT_EQ(store::read_file(library().document_path(core::DocumentId(sha256)), 100).value_or(""), "a photograph");
    EXPECT_FALSE(run.keep_photograph(library(), s / "none.jpg", kNow));
}

TEST_F(BenchOfLibrary, ASignatureHoldsForTheRunAndAnAlteredRunIsRefused) {
    const auto key = *store::SigningKey::make("instructor");
    ASSERT_TRUE(library().record({core::KeyRegistered{key.post(), key.key()}}, "author"));
    auto run = begun();
    to_the_end(run);
    must(run.add(library(), {core::RunSignedBy{"learner 07", "", ""}}, kNow + 70));
    must(run.add(library(), {core::RunSignedBy{"instructor", key.key(), key.sign(core::signed_text(run.bench().run()))}}, kNow + 71));
    json altered = json::parse(core::to_json(run.bench().run()));
    altered["steps"].back()["readings"][0]["value"] = "303";
    const auto refused = shop::take_run(library(), altered.dump(), "instructor");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.english().find("signature of instructor"), std::string::npos);
    EXPECT_TRUE(run.hand_in(library(), "instructor"));
}

TEST_F(BenchOfLibrary, ARunOfATabletNamesItsGuideByNumberAndBringsItsPhotographs) {
    auto run = begun();
    to_the_end(run);
    json j = json::parse(core::to_json(run.bench().run()));
    j["guide"] = "KQ-M4";
    const auto within = store::sha256("one"), waiting = store::sha256("two"), missing = store::sha256("three");
    j["steps"][0]["evidence"] = {{{"sha256", within}, {"kind", "photo"}, {"at", ""}}, {{"sha256", waiting}, {"kind", "photo"}, {"at", ""}},
        {{"sha256", missing}, {"kind", "photo"}, {"at", ""}}};
    j["files"] = {{within, QByteArray("one").toBase64().toStdString()}};
    std::filesystem::create_directory(s / "library/inbox");
    std::ofstream(s / "library/inbox/" + waiting + shop::kEvidenceEnding) << "two";
    const auto taken = shop::take_run(library(), j.dump(), "instructor");
    ASSERT_TRUE(taken) << taken.error().message;
    EXPECT_EQ(taken->photographs_missing, 1);
    for (const auto& [sha256, there] : {std::pair(within, true), std::pair(waiting, true), std::pair(missing, false)})
        EXPECT_EQ(store::is_there(library().document_path(core::DocumentId(sha256))), there) << sha256;
    const auto log = *library().logbook();
    EXPECT_EQ(shop::runs_of(library(), log)->front().guide, at.guide.text());
    EXPECT_EQ(std::get<core::RunTaken>(log.run(run.bench().about().id)->body).body.find("files"), std::string::npos);
    j["id"] = "123e4567-e89b-42d3-a456-426614174fff";
    j["files"] = {{missing, QByteArray("something else").toBase64().toStdString()}};
    EXPECT_FALSE(shop::take_run(library(), j.dump(), "instructor")) << "a photograph that is not what it says";
}

TEST_F(BenchOfLibrary, AMachineIsFoundByNameBySerialAndByTheCodeOfItsLabel) {
    const auto log = *library().logbook();
    for (const char* typed : {"launch", "Launch", "M4-2291", "launch / M4-2291 / entry 4 / 2026-11-30, 302 h", "x / m4-2291"})
        EXPECT_NE(shop::machine_named(log, typed), nullptr) << typed;
    for (const char* typed : {"", " / ", "launches"}) EXPECT_EQ(shop::machine_named(log, typed), nullptr) << typed;
}
