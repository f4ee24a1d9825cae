// What a laptop takes along of a library on a server.
#include "store/taken_along.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "store/digest.h"
#include "store/waiting.h"
#include "tests/core/job.h"
#include "tests/objects/own_bucket.h"
#include "tests/scratch.h"
#include "tests/store/entering.h"

using namespace anagraph;
using namespace anagraph::testing;
using core::ErrorCode;

namespace {

const std::string kTakenFilm = store::sha256("a film");
const std::string kOtherFilm = store::sha256("another");

class Taken : public ::testing::Test {
protected:
    void SetUp() override {
        if (!on_server()) GTEST_SKIP() << "a library on this computer is not taken along";
        at = place(scratch / "library");
        auto opened = store::Library::make_or_open(at);
        ASSERT_TRUE(opened) << opened.error().message;
        library = std::move(*opened);
        guide = *library->create_guide(with_film(kTakenFilm), "author");
        other = *library->create_guide(with_film(kOtherFilm), "author");
        for (const auto& film : {kTakenFilm, kOtherFilm}) {
            auto files = store::Library::work_folder(at);
            std::ofstream(files->path() + "/index.json") << "what was learned of " << film;
            std::ofstream(files->path() + "/original.mp4") << "a long film";
            ASSERT_TRUE(library->enter_recording(
                {core::RecordingId(film), film + ".mp4", library->recording_folder(core::RecordingId(film)) + "/original.mp4", ""},
                std::vector<core::Segment>{{{}, {1, 1}, "Warm the oil.", ""}}, std::move(*files)));
        }
    }
    static core::Procedure with_film(const std::string& film) {
        auto p = core::testing::guide();
        p.recordings.push_back({core::RecordingId(film), "", {}});
        return p;
    }
    static std::string heading_of(const core::Procedure& p) { return p.steps.front().heading; }
    core::Change heading(const core::Procedure& p, const char* words) {
        core::Step s = p.steps.front();
        s.heading = words;
        return {"write a heading", {core::Put<core::Step>{s, std::nullopt}}};
    }

    const Scratch scratch;
    const Computer laptop{scratch / "laptop"};
    std::string at;
    std::unique_ptr<store::Library> library;
    store::GuideId guide, other;
};

}  // namespace

TEST_F(Taken, TheGuidesThatWereTakenAreThereWithAllThatBelongsToThem) {
    ASSERT_TRUE(store::take_along(at, {guide}, false));
    const auto said = store::taken_along(at);
    EXPECT_EQ(said.guides, std::vector<store::GuideId>{guide});
    EXPECT_FALSE(said.films);
    EXPECT_FALSE(said.at.empty());
    const auto copy = store::Library::on_the_road(at);
    ASSERT_TRUE(copy) << copy.error().message;
    EXPECT_EQ((*copy)->home(), at);
    ASSERT_EQ((*copy)->guides()->size(), 1U);
    EXPECT_EQ((*copy)->load_guide(guide).value(), library->load_guide(guide).value());
    EXPECT_EQ((*copy)->history(guide)->size(), library->history(guide)->size());
    ASSERT_EQ((*copy)->recordings()->size(), 1U);
    const auto film = *(*copy)->recording(core::RecordingId(kTakenFilm));
    EXPECT_EQ((*copy)->narration(film.id)->size(), 1U);
    EXPECT_EQ((*copy)->find_said("oil")->size(), 1U);
    EXPECT_TRUE(store::is_there((*copy)->recording_folder(film.id) + "/index.json"));
    EXPECT_FALSE((*copy)->has_original(film)) << "small copies only";
    // with the films themselves; what was there is not copied again
    ASSERT_TRUE(store::take_along(at, {guide, other}, true));
    const auto both = store::Library::on_the_road(at);
    ASSERT_TRUE(both);
    EXPECT_EQ((*both)->guides()->size(), 2U);
    const auto films = (*both)->recordings();
    ASSERT_TRUE(films);
    EXPECT_EQ(films->size(), 2U);
    for (const auto& r : *films) EXPECT_TRUE((*both)->has_original(r));
    ASSERT_TRUE(store::take_along(at, {}, false));
    EXPECT_EQ(store::Library::on_the_road(at).error().code, ErrorCode::NotFound);
}

TEST_F(Taken, NothingIsWrittenInACopy) {
    ASSERT_TRUE(store::take_along(at, {guide}, false));
    const auto copy = store::Library::on_the_road(at);
    ASSERT_TRUE(copy) << copy.error().message;
    const auto p = *(*copy)->load_guide(guide);
    const auto written = (*copy)->append(guide, heading(p, "Lost"), p, "author");
    ASSERT_FALSE(written);
    EXPECT_EQ(written.error().code, ErrorCode::Away) << written.error().message;
    EXPECT_FALSE((*copy)->create_guide(p, "author"));
    EXPECT_FALSE((*copy)->set_length(core::RecordingId(kTakenFilm), {1, 1}));
    EXPECT_EQ(store::Library::open(store::taken_folder(at)).error().code, ErrorCode::Away);
    EXPECT_EQ(store::Library::beside(store::taken_folder(at)).error().code, ErrorCode::Away);
}

TEST_F(Taken, WhatWasChangedOnTheWayIsBroughtToWhatOthersDidMeanwhile) {
    ASSERT_TRUE(store::take_along(at, {guide}, false));
    const auto copy = store::Library::on_the_road(at);
    ASSERT_TRUE(copy) << copy.error().message;
    const auto state = *(*copy)->guide_state(guide);
    auto waiting = store::Waiting::open(at);
    ASSERT_TRUE(waiting) << waiting.error().message;
    ASSERT_TRUE(waiting->add({guide, state.sequence, heading(state.procedure, "Warm it up first"), "author", "2026-12-01T10:00:00Z", ""}));
    // another writes in the library meanwhile
    auto theirs = *library->load_guide(guide);
    core::Header h = theirs.header;
    h.site_note = "Bay 3";
    const core::Change note{"note", {core::SetHeader{h}}};
    ASSERT_TRUE(library->append(guide, note, *core::apply(theirs, note), "trainer"));
    ASSERT_TRUE(store::bring(*library, *waiting));
    EXPECT_TRUE(waiting->all().empty());
    const auto now = *library->load_guide(guide);
    EXPECT_EQ(heading_of(now), "Warm it up first");
    EXPECT_EQ(now.header.site_note, "Bay 3");
}

TEST_F(Taken, AStoppedCopyLeavesTheOneBefore) {
    ASSERT_TRUE(store::take_along(at, {guide}, false));
    for (int calls = 0; calls < 4; ++calls) {
        int seen = 0;
        const auto stopped = store::take_along(at, {other}, true, [&](double) { return seen++ < calls; });
        ASSERT_FALSE(stopped);
        EXPECT_EQ(stopped.error().code, ErrorCode::Cancelled);
        EXPECT_EQ(store::taken_along(at).guides, std::vector<store::GuideId>{guide});
    }
    EXPECT_EQ(store::names_in(store::parent_of(store::taken_folder(at))).size(), 1U) << "nothing lies beside it";
}

TEST_F(Taken, TheCopyIsOfOneMomentWhileOthersWrite) {
    auto writer = store::Library::beside(at);
    ASSERT_TRUE(writer);
    int written = 0;
    const auto taken = store::take_along(at, {guide}, false, [&](double) {
        const auto now = (*writer)->guide_state(guide);
        const auto done =
            (*writer)->append_on(guide, now->sequence, heading(now->procedure, ("Change " + std::to_string(++written)).c_str()), "trainer");
        EXPECT_TRUE(done) << done.error().message;
        return true;
    });
    ASSERT_TRUE(taken) << taken.error().message;
    ASSERT_GT(written, 0);
    const auto copy = store::Library::on_the_road(at);
    ASSERT_TRUE(copy) << copy.error().message;
    const auto state = (*copy)->guide_state(guide);
    ASSERT_TRUE(state) << state.error().message;
    EXPECT_TRUE(state->lost.empty());
    EXPECT_EQ(state->procedure, library->guide_state_at(guide, state->sequence)->procedure);
}

TEST(TakenFromAFolder, IsRefused) {
    const Scratch scratch;
    ASSERT_TRUE(store::Library::make_or_open(scratch / "library"));
    EXPECT_EQ(store::take_along(scratch / "library", {store::GuideId("g")}, false).error().code, ErrorCode::Refused);
}
