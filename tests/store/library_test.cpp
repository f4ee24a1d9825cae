#include "store/library.h"

#include <gtest/gtest.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QCoreApplication>
#include <QProcess>
#include <QThread>
#include <fstream>
#include <random>

#include "store/digest.h"
#include "store/files.h"
#include "tests/place.h"
#include "tests/scratch.h"
#include "tests/store/behind.h"
#include "tests/store/entering.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using core::ErrorCode;

namespace {

core::Procedure guide() {
    core::Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    return p;
}

core::Change note(const core::Procedure& p, int i) {
    core::Header h = p.header;
    h.site_note = std::to_string(i);
    return {"note", {core::SetHeader{h}}};
}

}  // namespace

TEST(Library, KeepsAGuideAsAJournalThatComesBackTheSame) {
    const Scratch folder;
    core::Procedure p = guide();
    store::GuideId id;
    {
        auto library = store::Library::make_or_open(place(folder / "lib"));
        ASSERT_TRUE(library) << library.error().message;
        id = *(*library)->create_guide(p, "author");
        for (int i = 0; i < 450; ++i) {  // past two snapshots
            const auto change = note(p, i);
            p = *core::apply(p, change);
            ASSERT_TRUE((*library)->append(id, change, p, "author"));
        }
    }
    auto library = store::Library::make_or_open(place(folder / "lib"));
    ASSERT_TRUE(library);
    EXPECT_EQ(*(*library)->load_guide(id), p);
    const auto history = (*library)->history(id);
    ASSERT_TRUE(history);
    EXPECT_EQ(history->size(), 451U);
    EXPECT_EQ(history->back().author, "author");
    EXPECT_EQ(history->back().change, note(p, 449));
}

TEST(Library, EveryChangeReportedSavedSurvivesAKilledProcess) {
    std::mt19937 random(7);
    for (int round = 0; round < 6; ++round) {
        const Scratch folder;
        store::GuideId id;
        {
            auto library = store::Library::make_or_open(place(folder / "lib"));
            id = *(*library)->create_guide(guide(), "author");
        }
        QProcess child;
        child.start(QCoreApplication::applicationFilePath(),
            {QStringLiteral("--write"), QString::fromStdString(place(folder / "lib")), QString::fromStdString(id.text())});
        ASSERT_TRUE(child.waitForReadyRead(20000));
        QThread::msleep(std::uniform_int_distribution<unsigned>(5, 400)(random));
        child.kill();  // SIGKILL
        child.waitForFinished();
        const auto said = child.readAllStandardOutput().trimmed().split('\n');
        const int last = said.last().toInt();
        auto library = store::Library::make_or_open(place(folder / "lib"));
        ASSERT_TRUE(library) << library.error().message;
        const auto p = (*library)->load_guide(id);
        ASSERT_TRUE(p) << p.error().message;
        EXPECT_GE(std::stoi(p->header.site_note), last) << "reported saved, but lost";
        EXPECT_LE(std::stoi(p->header.site_note), last + 1);
    }
}

TEST(Library, SeveralWriteInItSideBySideAndReadWhatEachOtherWrote) {
    const Scratch folder;
    auto first = store::Library::make_or_open(place(folder / "lib"));
    ASSERT_TRUE(first);
    const auto second = store::Library::open(place(folder / "lib"));
    ASSERT_TRUE(second) << second.error().message;
    const auto id = *(*first)->create_guide(guide(), "author");
    const auto p = (*second)->load_guide(id);
    ASSERT_TRUE(p) << p.error().message;
    ASSERT_TRUE((*second)->append(id, note(*p, 1), *core::apply(*p, note(*p, 1)), "trainer"));
    EXPECT_EQ((*first)->load_guide(id)->header.site_note, "1");
    EXPECT_EQ((*first)->history(id)->back().author, "trainer");
    EXPECT_TRUE(store::Library::read(place(folder / "lib"))) << "reading needs nobody's leave";
}

TEST(Library, WhatAnotherIsBringingInIsNotTakenAwayFromIt) {
    const Scratch folder;
    auto first = store::Library::make_or_open(place(folder / "lib"));
    auto bringing = store::Library::work_folder((*first)->place());
    ASSERT_TRUE(bringing);
    std::ofstream(bringing->path() + "/index.json") << "{}";
    const auto second = store::Library::open(place(folder / "lib"));
    ASSERT_TRUE(second) << second.error().message;
    EXPECT_TRUE(store::is_there(bringing->path() + "/index.json"));
    // both bring in the same film: it is there once, and neither takes the other's away
    const std::string film(64, 'a');
    ASSERT_TRUE(
        (*first)->enter_recording({core::RecordingId(film), "film.mp4", "/films/film.mp4", ""}, std::nullopt, std::move(*bringing)));
    ASSERT_TRUE(anagraph::testing::enter_recording(**second, film, "again.mp4", "/films/film.mp4"));
    EXPECT_EQ((*first)->recordings()->size(), 1U);
    EXPECT_TRUE(store::is_there((*first)->recording_folder(core::RecordingId(film)) + "/index.json"));
}

TEST(Library, TheHouseChangedElsewhereIsNotWrittenOver) {
    const Scratch folder;
    auto first = store::Library::make_or_open(place(folder / "lib"));
    auto second = store::Library::open(place(folder / "lib"));
    core::House mine = *(*first)->house();
    core::House theirs = *(*second)->house();
    theirs.store = {{"grease", "NLGI 2", 1, 1, ""}};
    ASSERT_TRUE((*second)->set_house(theirs));
    mine.store = {{"gear oil", "75W90", 1, 1, ""}};
    EXPECT_EQ((*first)->set_house(mine).error().code, ErrorCode::Refused);
    EXPECT_EQ(*(*first)->house(), theirs) << "and it is seen as it is now";
    EXPECT_TRUE((*first)->set_house(mine)) << "having seen it, they may";
}

TEST(Library, SaysWhoElseHasItOpenAndWhere) {
    const Scratch folder;
    auto first = store::Library::make_or_open(place(folder / "lib"));
    auto second = store::Library::open(place(folder / "lib"));
    (void)(*first)->others_wrote();
    ASSERT_TRUE((*second)->be_present({"checker", store::GuideId("pump"), core::StepId("drain")}));
    const auto seen = (*first)->present();
    ASSERT_TRUE(seen) << seen.error().message;
    ASSERT_EQ(seen->size(), 1U);
    EXPECT_EQ(seen->front().post, "checker");
    EXPECT_EQ(seen->front().step, core::StepId("drain"));
    EXPECT_TRUE((*second)->present()->empty()) << "nobody meets themselves";
    bool told = false;
    for (int i = 0; i < 100 && !told; ++i) {
        QCoreApplication::processEvents(QEventLoop::AllEvents, 10);
        told = (*first)->others_wrote();
        if (!told) QThread::msleep(10);
    }
    EXPECT_TRUE(told) << "within a second";
    EXPECT_FALSE((*first)->others_wrote()) << "told once";
    ASSERT_TRUE((*second)->be_present({}));
    EXPECT_TRUE((*first)->present()->empty());
}

TEST(Library, ANewerOneIsRefusedWithASentence) {
    const Scratch folder;
    { auto library = store::Library::make_or_open(place(folder / "new")); }
    anagraph::testing::behind(
        folder / "new", anagraph::testing::on_server() ? "UPDATE library_schema SET version = 99" : "PRAGMA user_version = 99");
    for (const auto& open : {&store::Library::make_or_open, &store::Library::open, &store::Library::read})
        EXPECT_EQ(open(place(folder / "new")).error().code, ErrorCode::Refused);
}

TEST(Library, AFileAndADamagedDatabaseAreRefusedWithASentence) {
    const Scratch folder;
    std::ofstream(folder / "file") << "x";
    EXPECT_EQ(store::Library::make_or_open(place(folder / "file")).error().code, ErrorCode::BadInput);
    if (anagraph::testing::on_server()) return;
    std::filesystem::create_directories(folder / "bad");
    std::ofstream(folder / "bad/library.db") << std::string(5000, 'x');
    const auto damaged = store::Library::make_or_open(place(folder / "bad"));
    ASSERT_FALSE(damaged);
    EXPECT_EQ(damaged.error().code, ErrorCode::Damaged) << damaged.error().message;
}

TEST(Library, AReadOnlyFolderIsRefusedWithASentence) {
    if (geteuid() == 0) {
        // root may write everywhere: a folder that cannot be made at all stands for it
        const auto no = store::Library::make_or_open(place("/proc/anagraph"));
        ASSERT_FALSE(no);
        EXPECT_EQ(no.error().code, ErrorCode::Unwritable);
        return;
    }
    const Scratch folder;
    std::filesystem::permissions(folder.text(), std::filesystem::perms::owner_read | std::filesystem::perms::owner_exec);
    EXPECT_EQ(store::Library::make_or_open(place(folder / "lib")).error().code, ErrorCode::Unwritable);
}

TEST(Library, AnEditionIsKeptForEverUnderItsNumber) {
    const Scratch folder;
    auto library = store::Library::make_or_open(place(folder / "lib"));
    const auto id = *(*library)->create_guide(guide(), "author");
    const core::Edition first{1, "2026-11-25T10:00:00Z", "author", "checker", guide(), {}};
    const auto hash = anagraph::testing::enter_edition(**library, id, first);
    ASSERT_TRUE(hash);
    core::Edition other = first;
    other.checker = "somebody else";
    EXPECT_EQ(
        anagraph::testing::enter_edition(**library, id, other, anagraph::testing::manifest("another")).error().code, ErrorCode::Refused);
    EXPECT_FALSE(store::is_there((*library)->folder() + "/editions/" + anagraph::testing::manifest("another")))
        << "what is not known leaves nothing";
    const auto kept = (*library)->editions(id);
    ASSERT_EQ(kept->size(), 1U);
    EXPECT_EQ(kept->front().edition, first);
    EXPECT_EQ(kept->front().sha256, *hash);
    EXPECT_EQ((*library)->guides()->front().editions, 1);
    EXPECT_FALSE((*library)->guides()->front().changed_since);
}

TEST(Library, KeepsRecordingsAndTheirNarration) {
    const Scratch folder;
    auto library = store::Library::make_or_open(place(folder / "lib"));
    const core::RecordingId id("abc");
    const std::vector<core::Segment> said{
        {core::FrameTime(1, 3), core::FrameTime(5, 2), "zwölf \"N·m\""}, {core::FrameTime(3, 1), core::FrameTime(4, 1), "next"}};
    ASSERT_TRUE(anagraph::testing::enter_recording(**library, "abc", "film.mp4", folder / "lib/media/abc/original.mp4", said));
    EXPECT_EQ(*(*library)->narration(id), said);
    EXPECT_TRUE((*library)->recording(id)->has_narration);
    // a library that is moved finds its media again
    library->reset();
    std::filesystem::rename(folder / "lib", folder / "moved");
    std::string moved = place(folder / "lib");
    moved.replace(moved.rfind(folder / "lib"), std::string::npos, folder / "moved");
    library = store::Library::make_or_open(moved);
    ASSERT_TRUE(library) << library.error().message;
    EXPECT_EQ((*library)->recording(id)->path, folder / "moved/media/abc/original.mp4");
    EXPECT_FALSE((*library)->recording(core::RecordingId("other")));
    EXPECT_EQ((*library)->load_guide(store::GuideId("none")).error().code, ErrorCode::NotFound);
}

TEST(Library, FindsWhatWasSaidInEveryRecording) {
    const Scratch scratch;
    auto library = store::Library::make_or_open(place(scratch / "library"));
    ASSERT_TRUE(library) << library.error().message;
    for (const char* id : {"one", "two"}) {
        ASSERT_TRUE(anagraph::testing::enter_recording(**library, id, std::string(id) + ".mp4", "/films/" + std::string(id),
            std::vector<core::Segment>{{core::FrameTime(0, 1), core::FrameTime(2, 1), "undo the Drain plug"},
                {core::FrameTime(2, 1), core::FrameTime(4, 1), "about 50% of the oil_comes out é"}}));
    }
    const auto count = [&](const char* words) { return (*library)->find_said(words)->size(); };
    EXPECT_EQ(count("drain plug"), 2U);
    EXPECT_EQ(count("plug undo"), 2U) << "in any order";
    EXPECT_EQ(count("DRAIN"), 2U);
    EXPECT_EQ(count("drain oil"), 0U) << "every word in one line";
    EXPECT_EQ(count(""), 0U);
    EXPECT_EQ(count("   "), 0U);
    EXPECT_EQ(count("50%"), 2U);
    EXPECT_EQ(count("%"), 2U) << "a per cent sign is no joker";
    EXPECT_EQ(count("oil_c"), 2U) << "a sign stands for itself";
    EXPECT_EQ(count("oil_x"), 0U);
    EXPECT_EQ(count("oil.c"), 0U);
    EXPECT_EQ(count("dra pl"), 2U) << "words by their beginnings";
    EXPECT_EQ(count("rain"), 0U) << "and not by their middles";
    EXPECT_EQ(count("\"drain\" OR"), 0U) << "quotes are no language";
    EXPECT_EQ(count("E"), 2U) << "accents do not matter";
    EXPECT_EQ(count("'; DROP TABLE segment; --"), 0U);
    EXPECT_EQ((*library)->find_said("plug", 1)->size(), 1U);
    const auto first = (*library)->find_said("oil")->front();
    EXPECT_EQ(first.name, "one.mp4");
    EXPECT_EQ(first.line.start, core::FrameTime(2, 1));
}

TEST(Digest, AgreesWithTheStandardsExamples) {
    // FIPS 180-4 examples
    EXPECT_EQ(store::sha256("abc"), "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
    EXPECT_EQ(store::sha256(""), "e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855");
    const Scratch folder;
    std::ofstream(folder / "a", std::ios::binary) << std::string(3000000, 'a');
    EXPECT_EQ(*store::sha256_of_file(folder / "a"), store::sha256(std::string(3000000, 'a')));
    EXPECT_FALSE(store::sha256_of_file(folder / "none"));
}

TEST(Files, AreWrittenWholeOrNotAtAll) {
    const Scratch folder;
    ASSERT_TRUE(store::write_file(folder / "a", "first"));
    EXPECT_EQ(*store::read_file(folder / "a"), "first");
    EXPECT_EQ(store::write_file(folder / "none/a", "x").error().code, ErrorCode::Unwritable);
    EXPECT_EQ(store::read_file(folder / "none").error().code, ErrorCode::NotFound);
    EXPECT_EQ(store::read_file(folder.text()).error().code, ErrorCode::Unreadable);
}

TEST(Library, KeepsTheHouseForAllGuides) {
    const Scratch folder;
    {
        auto library = store::Library::make_or_open(place(folder / "lib"));
        ASSERT_TRUE(library) << library.error().message;
        EXPECT_EQ(*(*library)->house(), core::House{});
        core::House house;
        house.store = {{"gear oil", "75W90 GL5", 1, 0.4, "6.50"}};
        ASSERT_TRUE((*library)->set_house(house));
        ASSERT_TRUE((*library)->set_house(house));
    }
    auto again = store::Library::make_or_open(place(folder / "lib"));
    ASSERT_TRUE(again);
    EXPECT_EQ((*again)->house()->store.size(), 1U);
}

TEST(Library, KeepsADocumentOnceByWhatIsInIt) {
    const Scratch folder;
    ASSERT_TRUE(store::write_file(folder / "book.pdf", "%PDF-1.7 page"));
    ASSERT_TRUE(store::write_file(folder / "copy.pdf", "%PDF-1.7 page"));
    auto library = store::Library::make_or_open(place(folder / "lib"));
    ASSERT_TRUE(library);
    const auto id = (*library)->keep_document(folder / "book.pdf");
    ASSERT_TRUE(id) << id.error().message;
    EXPECT_EQ(*store::read_file((*library)->document_path(*id)), "%PDF-1.7 page");
    EXPECT_EQ(*(*library)->keep_document(folder / "copy.pdf"), *id);
    EXPECT_FALSE((*library)->keep_document(folder / "away.pdf"));
}
