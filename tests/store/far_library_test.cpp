// A library on a server whose films, documents and packs lie in a bucket, seen from several computers.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "store/digest.h"
#include "store/library.h"
#include "store/objects/object_cache.h"
#include "store/whole_library.h"
#include "tests/core/job.h"
#include "tests/objects/own_bucket.h"
#include "tests/scratch.h"
#include "tests/store/entering.h"

using namespace anagraph;
using namespace anagraph::testing;
using core::ErrorCode;

namespace {

const std::string kFilm(64, 'a');

class FarLibrary : public ::testing::Test {
protected:
    void SetUp() override {
        if (!with_objects() || !on_server()) GTEST_SKIP() << "no object store and server were started";
    }
    void TearDown() override {
        if (with_objects()) plan("{}");
    }
    std::vector<std::string> in_bucket(const std::string& at) {
        return (*store::bucket_objects(*store::library_place(at)->bucket, scratch_ / "uploads"))
            ->list("")
            .value_or(std::vector<std::string>{"it cannot be asked"});
    }
    Scratch scratch_;
};

core::Edition first_edition() {
    core::Edition out;
    out.number = 1;
    out.procedure = core::testing::guide();
    return out;
}

std::string content_of(const std::string& path) { return store::read_file(path).value_or("nothing"); }

}  // namespace

TEST_F(FarLibrary, WhatOneComputerPutsInAnotherFetches) {
    const std::string at = far_place(scratch_ / "library");
    core::DocumentId page;
    {
        const Computer first(scratch_ / "first");
        auto library = store::Library::make_or_open(at);
        ASSERT_TRUE(library) << library.error().message;
        EXPECT_TRUE((*library)->has_far_files());
        const auto guide = *(*library)->create_guide(core::testing::guide(), "author");
        auto files = store::Library::work_folder(at);
        std::ofstream(files->path() + "/index.json") << "what was learned";
        std::ofstream(files->path() + "/original.mp4") << "a film";
        const std::string film = (*library)->recording_folder(core::RecordingId(kFilm)) + "/original.mp4";
        std::vector<double> told;
        ASSERT_TRUE(store::Library::send_recording(at, core::RecordingId(kFilm), files->path(), [&](double share) {
            told.push_back(share);
            return true;
        }));
        EXPECT_FALSE(told.empty());
        const auto entered = (*library)->enter_recording(
            {core::RecordingId(kFilm), "film.mp4", film, "2026-11-25T10:00:00Z"}, std::nullopt, std::move(*files));
        ASSERT_TRUE(entered) << entered.error().message;
        std::ofstream(scratch_ / "page.txt") << "a page";
        const auto kept = (*library)->keep_document(scratch_ / "page.txt");
        ASSERT_TRUE(kept) << kept.error().message;
        page = *kept;
        const auto issued = enter_edition(**library, guide, first_edition());
        ASSERT_TRUE(issued) << issued.error().message;
    }
    const Computer second(scratch_ / "second");
    auto library = store::Library::open(at);
    ASSERT_TRUE(library) << library.error().message;
    const auto entry = (*library)->recording(core::RecordingId(kFilm));
    ASSERT_TRUE(entry);
    EXPECT_TRUE((*library)->has_original(*entry));
    EXPECT_FALSE(store::is_there(entry->path)) << "it is not here yet";
    ASSERT_TRUE(store::make_here(entry->path));
    EXPECT_EQ(content_of(entry->path), "a film");
    ASSERT_TRUE(store::make_here((*library)->document_path(page)));
    EXPECT_EQ(content_of((*library)->document_path(page)), "a page");
    const auto pack = (*library)->pack_folder((*library)->guides()->front().id, 1);
    ASSERT_TRUE(store::make_all_here(*pack));
    EXPECT_EQ(content_of(*pack + "/manifest.json"), "{}");
}

TEST_F(FarLibrary, WhatWasSentAndNeverEnteredIsTakenAwayByTheNextThatOpensItAlone) {
    const std::string at = far_place(scratch_ / "library");
    ASSERT_TRUE(store::Library::make_or_open(at));
    auto files = store::Library::work_folder(at);
    std::ofstream(files->path() + "/index.json") << "{}";
    ASSERT_TRUE(store::Library::send_recording(at, core::RecordingId(kFilm), files->path(), {}));
    EXPECT_EQ(in_bucket(at), std::vector<std::string>{"media/" + kFilm + "/index.json"});
    // killed here
    ASSERT_TRUE(store::Library::open(at));
    EXPECT_TRUE(in_bucket(at).empty());
}

TEST_F(FarLibrary, WhileTheStoreIsAwayNothingIsCalledKept) {
    const std::string at = far_place(scratch_ / "library", "ANAGRAPH_OBJECTS_WIRE");
    auto library = store::Library::make_or_open(at);
    ASSERT_TRUE(library) << library.error().message;
    (*library)->set_patient(false);
    std::ofstream(scratch_ / "page.txt") << "a page";
    plan(R"({"answer": "HTTP/1.1 503 Slow Down\r\nConnection: close\r\nContent-Length: 0\r\n\r\n"})");
    const auto kept = (*library)->keep_document(scratch_ / "page.txt");
    ASSERT_FALSE(kept);
    EXPECT_EQ(kept.error().code, ErrorCode::Away) << kept.error().message;
    plan("{}");
    const auto again = (*library)->keep_document(scratch_ / "page.txt");
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(in_bucket(at), std::vector<std::string>{"documents/" + again->text()});
}

TEST_F(FarLibrary, MovesThereAndBackByteForByte) {
    const std::string from = scratch_ / "near";
    {
        auto library = store::Library::make_or_open(from);
        ASSERT_TRUE(library);
        const auto guide = *(*library)->create_guide(core::testing::guide(), "author");
        ASSERT_TRUE(enter_recording(**library, kFilm, "film.mp4", "/somewhere/film.mp4"));
        ASSERT_TRUE(enter_edition(**library, guide, first_edition()));
        std::filesystem::create_directories(from + "/inbox");
        std::ofstream(from + "/inbox/run.json") << "a result that waits";
    }
    const auto before = store::digest_of_library(from);
    ASSERT_TRUE(before) << before.error().message;
    const std::string at = far_place(scratch_ / "far");
    const auto there = store::move_library(from, at);
    ASSERT_TRUE(there) << there.error().message;
    EXPECT_EQ(store::digest_of_library(at).value_or("none"), *before);
    EXPECT_EQ(content_of(*store::Library::own_folder_of(at) + "/inbox/run.json"), "a result that waits");
    ASSERT_TRUE(store::archive_library(at, scratch_ / "all.zip"));
    const auto back = store::move_library(at, scratch_ / "back");
    ASSERT_TRUE(back) << back.error().message;
    EXPECT_EQ(store::digest_of_library(scratch_ / "back").value_or("none"), *before);
    const auto restored = store::restore_library(scratch_ / "all.zip", far_place(scratch_ / "restored"));
    ASSERT_TRUE(restored) << restored.error().message;
    EXPECT_EQ(store::digest_of_library(far_place(scratch_ / "restored")).value_or("none"), *before);
}
