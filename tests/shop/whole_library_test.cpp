// A library as a whole: moved to the other engine and back, put into one file and taken out, checked.
#include "store/whole_library.h"

#include <gtest/gtest.h>

#include <fstream>

#include "shop/whole_check.h"
#include "store/archive.h"
#include "tests/issued_library.h"
#include "tests/place.h"
#include "tests/scratch.h"
#include "tests/store/entering.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using core::ErrorCode;

namespace {

/// Two guides, an issued and changed one among them, recordings with what was said, a document, records and a logbook.
class WholeLibrary : public ::testing::Test {
protected:
    void SetUp() override {
        auto opened = store::Library::make_or_open(at);
        ASSERT_TRUE(opened) << opened.error().message;
        auto& library = **opened;
        engine = anagraph::testing::new_guide(library, core::testing::engine(), "KQ-M4");
        ASSERT_FALSE(anagraph::testing::issue(library, engine).empty());
        anagraph::testing::change_torque(library, engine, "41");
        (void)anagraph::testing::new_guide(library, core::testing::lathe(), "KQ-LATHE");
        for (const char* film : {"one", "two"}) {
            const std::string path = s / film;
            std::ofstream(path, std::ios::binary) << std::string(300000, film[0]) << '\0' << "\xFF";
            const auto id = store::sha256_of_file(path);
            auto files = store::Library::work_folder(library.place());
            std::ofstream(files->path() + "/index.json") << "{}";
            std::filesystem::copy_file(path, files->path() + "/original.mp4");
            ASSERT_TRUE(library.enter_recording({core::RecordingId(*id), std::string(film) + ".mp4",
                                                    library.folder() + "/media/" + *id + "/original.mp4", "2026-12-01T08:00:00Z"},
                std::vector<core::Segment>{{core::FrameTime(0, 1), core::FrameTime(2, 1), "undo the Drain-plug, 24 N·m 'zwölf'"},
                    {core::FrameTime(2, 1), core::FrameTime(4, 1), film}},
                std::move(*files)));
        }
        std::ofstream(s / "page.pdf") << "%PDF-1.7 page";
        ASSERT_TRUE(library.keep_document(s / "page.pdf"));
        ASSERT_TRUE(library.record({core::LearnerAdded{"learner 07", "term 2"}}, "author"));
        ASSERT_TRUE(library.log({core::MachineAdded{"launch", "Ostrel M4 launch diesel", "", "M4-2291", "harbour steps", ""}}, "author"));
        core::House house;
        house.store = {{"gear oil", "75W90", 1, 1, ""}};
        ASSERT_TRUE(library.set_house(house));
    }

    std::string digest(const std::string& of) const {
        const auto d = store::digest_of_library(of);
        EXPECT_TRUE(d) << (d ? std::string() : d.error().message.english());
        return d.value_or("");
    }
    /// On the other engine where there is a server; else in another folder.
    std::string elsewhere() const { return s / "moved"; }

    const Scratch s;
    const std::string at = place(s / "library");
    store::GuideId engine;
};

}  // namespace

TEST_F(WholeLibrary, MovesToTheOtherEngineAndBackAndIsTheSameByteForByte) {
    const auto before = digest(at);
    double share = 0;
    ASSERT_TRUE(store::move_library(at, elsewhere(), [&](double now) {
        EXPECT_GE(now, share - 1e-9);
        share = now;
        return true;
    }));
    EXPECT_GT(share, 0.5);
    EXPECT_EQ(digest(elsewhere()), before);
    EXPECT_EQ(digest(at), before) << "the old one is as it was";
    const std::string back = place(s / "back");
    ASSERT_TRUE(store::move_library(elsewhere(), back));
    EXPECT_EQ(digest(back), before);
    // and it is a library to work in
    auto library = store::Library::open(back);
    ASSERT_TRUE(library) << library.error().message;
    EXPECT_EQ((*library)->find_said("drain plug")->size(), 2U);
    EXPECT_EQ((*library)->find_said("DRAIN-PL")->size(), 2U);
    EXPECT_EQ((*library)->editions(engine)->size(), 1U);
    EXPECT_TRUE((*library)->records()) << "what seals the records holds";
    EXPECT_TRUE((*library)->logbook());
    anagraph::testing::change_torque(**library, engine, "42");
    ASSERT_TRUE(anagraph::testing::enter_recording(**library, std::string(64, 'd'), "three.mp4", "/films/three.mp4",
        std::vector<core::Segment>{{core::FrameTime(0, 1), core::FrameTime(2, 1), "the third film"}}));
    EXPECT_EQ((*library)->find_said("third")->size(), 1U);
}

TEST_F(WholeLibrary, GoesIntoOneFileAndOutOfItAgain) {
    const auto before = digest(at);
    ASSERT_TRUE(store::archive_library(at, s / "library.zip"));
    EXPECT_EQ(store::archive_library(at, s / "library.zip").error().code, ErrorCode::Refused) << "never over another file";
    const auto archive = store::Archive::open(s / "library.zip");
    ASSERT_TRUE(archive) << "any program opens it: " << archive.error().message;
    EXPECT_TRUE((*archive)->holds("tables/change.jsonl"));
    ASSERT_TRUE(store::restore_library(s / "library.zip", elsewhere()));
    EXPECT_EQ(digest(elsewhere()), before);
    const std::string again = place(s / "again");
    ASSERT_TRUE(store::restore_library(s / "library.zip", again));
    EXPECT_EQ(digest(again), before);
}

TEST_F(WholeLibrary, NothingIsWrittenOver) {
    const std::string other = place(s / "other");
    {
        auto library = store::Library::make_or_open(other);
        (void)anagraph::testing::new_guide(**library, core::testing::lathe(), "KQ-1");
    }
    const auto before = digest(other);
    EXPECT_EQ(store::move_library(at, other).error().code, ErrorCode::Refused);
    ASSERT_TRUE(store::archive_library(at, s / "library.zip"));
    EXPECT_EQ(store::restore_library(s / "library.zip", other).error().code, ErrorCode::Refused);
    EXPECT_EQ(digest(other), before);
}

TEST_F(WholeLibrary, IsNotMovedWhileSomebodyWorksInItButPutIntoAFile) {
    const auto library = store::Library::open(at);
    ASSERT_TRUE(library);
    EXPECT_EQ(store::move_library(at, elsewhere()).error().code, ErrorCode::Busy);
    ASSERT_TRUE(store::archive_library(at, s / "library.zip"));
    ASSERT_TRUE(store::restore_library(s / "library.zip", s / "taken-out"));
    EXPECT_EQ(digest(s / "taken-out"), digest(at));
}

TEST_F(WholeLibrary, AStoppedMoveLeavesNoGuideAndIsAskedForAgain) {
    const auto before = digest(at);
    EXPECT_EQ(store::move_library(at, elsewhere(), [](double share) { return share < 0.3; }).error().code, ErrorCode::Cancelled);
    {
        const auto library = store::Library::read(elsewhere());
        EXPECT_TRUE(!library || (*library)->guides()->empty());
    }
    ASSERT_TRUE(store::move_library(at, elsewhere()));
    EXPECT_EQ(digest(elsewhere()), before);
}

TEST_F(WholeLibrary, ADamagedOrForeignFileIsRefused) {
    ASSERT_TRUE(store::archive_library(at, s / "library.zip"));
    auto bytes = *store::read_file(s / "library.zip");
    std::ofstream(s / "cut.zip", std::ios::binary) << bytes.substr(0, bytes.size() / 2);
    EXPECT_FALSE(store::restore_library(s / "cut.zip", elsewhere()));
    ASSERT_TRUE(store::write_archive(s / "other.zip", {{"letter.txt", {}, "x"}}));
    EXPECT_EQ(store::restore_library(s / "other.zip", elsewhere()).error().code, ErrorCode::BadInput);
    ASSERT_TRUE(store::write_archive(s / "newer.zip", {{"library.json", {}, R"({"format": 1, "schema": 99})"}}));
    EXPECT_EQ(store::restore_library(s / "newer.zip", elsewhere()).error().code, ErrorCode::Refused);
    ASSERT_TRUE(store::restore_library(s / "library.zip", elsewhere())) << "and the good one still goes there";
}

TEST_F(WholeLibrary, WhatIsMissingOrDamagedIsFoundWithWhatDependsOnIt) {
    auto library = store::Library::open(at);
    ASSERT_TRUE(library);
    const auto fine = shop::check_library(**library);
    ASSERT_TRUE(fine) << fine.error().message;
    EXPECT_TRUE(fine->empty()) << fine->front().name << ": " << fine->front().what;
    const auto recordings = *(*library)->recordings();
    std::ofstream(recordings[0].path, std::ios::app | std::ios::binary) << "x";
    std::filesystem::remove(recordings[1].path);
    const auto pack = *(*library)->pack_folder(engine, 1);
    std::ofstream(pack + "/guide.html", std::ios::app) << "<!-- -->";
    const auto found = shop::check_library(**library);
    ASSERT_TRUE(found);
    ASSERT_EQ(found->size(), 3U);
    EXPECT_EQ((*found)[0].kind, "edition");
    EXPECT_EQ((*found)[0].lack, shop::Lack::Damaged);
    ASSERT_EQ((*found)[0].used_by.size(), 1U);
    EXPECT_NE((*found)[0].used_by[0].find("edition 1"), std::string::npos);
    EXPECT_EQ((*found)[1].lack, shop::Lack::Damaged);
    EXPECT_EQ((*found)[2].lack, shop::Lack::Missing);
    EXPECT_EQ(shop::check_library(**library, [](double) { return false; }).error().code, ErrorCode::Cancelled);
}
