// What a library keeps through damage, kills, old versions and other programs.
#include <gtest/gtest.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <unistd.h>

#include <QProcess>
#include <QString>
#include <csignal>
#include <fstream>
#include <thread>

#include "store/files.h"
#include "tests/place.h"
#include "tests/scratch.h"
#include "tests/store/behind.h"
#include "tests/store/entering.h"

using namespace anagraph;
using anagraph::testing::behind;
using anagraph::testing::enter_edition;
using anagraph::testing::enter_recording;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using core::ErrorCode;
using store::Library;
namespace fs = std::filesystem;

namespace {

core::Procedure kept_guide(const char* title = "100 h service") {
    core::Procedure p;
    p.header = {title, "Perrick PT60", "KQ-1", "", {}, ""};
    return p;
}

core::Change note(const core::Procedure& p, const std::string& words) {
    core::Header h = p.header;
    h.site_note = words;
    return {"note", {core::SetHeader{h}}};
}

/// A guide with changes that say their number.
struct Written {
    store::GuideId id;
    core::Procedure p = kept_guide();
    void note_more(Library& library, int from, int to) {
        for (int i = from; i <= to; ++i) {
            const auto change = note(p, "at " + std::to_string(i) + " bar");
            p = *core::apply(p, change);
            ASSERT_TRUE(library.append(id, change, p, "author"));
        }
    }
};

}  // namespace

TEST(Journal, AChangedByteInAChangeIsFoundAndWhatStoodBeforeItStands) {
    const Scratch s;
    Written w;
    {
        auto library = Library::make_or_open(place(s / "lib"));
        w.id = *(*library)->create_guide(w.p, "author");
        w.note_more(**library, 1, 20);
    }
    behind(s / "lib", "UPDATE change SET body = REPLACE(body, 'at 15 bar', 'at 95 bar') WHERE sequence = 16");
    auto library = Library::open(place(s / "lib"));
    auto state = (*library)->guide_state(w.id);
    ASSERT_TRUE(state) << state.error().message;
    EXPECT_EQ(state->procedure.header.site_note, "at 14 bar");
    EXPECT_EQ(state->lost.size(), 6U) << "the damaged one and what was built on it";
    // the author goes on from there, and what he writes is not lost with the damage
    const auto change = note(state->procedure, "looked through");
    ASSERT_TRUE((*library)->append(w.id, change, *core::apply(state->procedure, change), "author"));
    library->reset();
    library = Library::open(place(s / "lib"));
    state = (*library)->guide_state(w.id);
    EXPECT_EQ(state->procedure.header.site_note, "looked through");
    EXPECT_TRUE(state->lost.empty());
}

TEST(Journal, AMissingAForeignAndAReorderedChangeAreFound) {
    for (const char* sql : {"DELETE FROM change WHERE sequence = 5", "UPDATE change SET author = 'somebody' WHERE sequence = 5",
             "UPDATE change SET at = '2020-01-01T00:00:00Z' WHERE sequence = 5", "UPDATE change SET seal = '' WHERE sequence = 5",
             "UPDATE change SET body = '{}' WHERE sequence = 5"}) {
        const Scratch s;
        Written w;
        {
            auto library = Library::make_or_open(place(s / "lib"));
            w.id = *(*library)->create_guide(w.p, "author");
            w.note_more(**library, 1, 9);
        }
        behind(s / "lib", sql);
        auto library = Library::open(place(s / "lib"));
        const auto state = (*library)->guide_state(w.id);
        ASSERT_TRUE(state) << sql;
        EXPECT_FALSE(state->lost.empty()) << sql;
        EXPECT_EQ(state->procedure.header.site_note, "at 3 bar") << sql;
    }
}

TEST(Journal, ADamagedSnapshotCostsNothing) {
    const Scratch s;
    Written w;
    {
        auto library = Library::make_or_open(place(s / "lib"));
        w.id = *(*library)->create_guide(w.p, "author");
        w.note_more(**library, 1, 230);
    }
    behind(s / "lib", "UPDATE snapshot SET body = REPLACE(body, 'Perrick', 'Perrack') WHERE sequence = 200");
    auto library = Library::open(place(s / "lib"));
    const auto state = (*library)->guide_state(w.id);
    ASSERT_TRUE(state) << state.error().message;
    EXPECT_EQ(state->procedure, w.p) << "replayed from the snapshot before";
    EXPECT_TRUE(state->lost.empty());
}

TEST(Journal, AStricterRuleOfALaterReleaseDamagesNoOldGuide) {
    // a change that is refused today: a step whose take ends before it begins, on a recording the guide does not use
    const Scratch s;
    auto library = Library::make_or_open(place(s / "lib"));
    const auto id = *(*library)->create_guide(kept_guide(), "author");
    core::Step step;
    step.id = core::StepId("odd");
    step.takes = {{core::RecordingId("nowhere"), core::FrameTime(9, 1), core::FrameTime(1, 1)}};
    const core::Change odd{"odd", {core::Put<core::Step>{step, std::nullopt}}};
    ASSERT_FALSE(core::apply(kept_guide(), odd));
    core::Procedure after = kept_guide();
    after.steps = {step};
    ASSERT_TRUE((*library)->append(id, odd, after, "author"));
    const auto state = (*library)->guide_state(id);
    ASSERT_TRUE(state);
    EXPECT_EQ(state->procedure, after);
    EXPECT_TRUE(state->lost.empty());
}

TEST(Journal, ChangesOfSeveralGuidesAndTheHouseAreKeptTogetherOrNotAtAll) {
    const Scratch s;
    auto library = Library::make_or_open(place(s / "lib"));
    const auto a = *(*library)->create_guide(kept_guide("a"), "author");
    const auto b = *(*library)->create_guide(kept_guide("b"), "author");
    const auto change = [&](const store::GuideId& id, const char* title) {
        const auto c = note(kept_guide(title), "together");
        return store::GuideChange{id, c, *core::apply(kept_guide(title), c)};
    };
    core::House house;
    house.store = {{"gear oil", "75W90", 1, 1, ""}};
    ASSERT_FALSE(
        (*library)->append_all({change(a, "a"), {store::GuideId("not-there"), note(kept_guide(), "x"), kept_guide()}}, house, "author"));
    EXPECT_EQ((*library)->load_guide(a)->header.site_note, "") << "all of it or nothing";
    EXPECT_EQ(*(*library)->house(), core::House{});
    ASSERT_TRUE((*library)->append_all({change(a, "a"), change(b, "b")}, house, "author"));
    EXPECT_EQ((*library)->load_guide(b)->header.site_note, "together");
    EXPECT_EQ(*(*library)->house(), house);
}

TEST(Library, EditsAndAnImportAtTheSameTimeAreBothKept) {
    // two connections write at once: neither is refused because the other is at it
    const Scratch s;
    auto library = Library::make_or_open(place(s / "lib"));
    Written w;
    w.id = *(*library)->create_guide(w.p, "author");
    std::vector<core::Segment> said;
    for (int i = 0; i < 20000; ++i) said.push_back({core::FrameTime(i, 1), core::FrameTime(i + 1, 1), "tighten the drain plug"});
    core::Outcome entered = core::fail(ErrorCode::Cancelled, std::string("not yet"));
    std::thread import([&] {
        auto beside = Library::beside(place(s / "lib"));
        for (const char* id : {"one", "two", "three"}) entered = enter_recording(**beside, id, "film.mp4", "/films/film.mp4", said);
    });
    w.note_more(**library, 1, 60);
    import.join();
    ASSERT_TRUE(entered) << entered.error().message;
    EXPECT_EQ((*library)->load_guide(w.id)->header.site_note, "at 60 bar");
    EXPECT_EQ((*library)->recordings()->size(), 3U);
    EXPECT_EQ((*library)->recording(core::RecordingId("two"))->lines, 20000);
}

TEST(Library, ANarrationThatDoesNotComeAlongStays) {
    const Scratch s;
    auto library = Library::make_or_open(place(s / "lib"));
    const std::vector<core::Segment> said{{core::FrameTime(0, 1), core::FrameTime(1, 1), "undo it"}};
    ASSERT_TRUE(enter_recording(**library, "film", "film.mp4", "/films/film.mp4", said));
    const auto added = (*library)->recording(core::RecordingId("film"))->added;
    ASSERT_TRUE(enter_recording(**library, "film", "film-copy.mp4", "/other/film.mp4"));
    EXPECT_EQ(*(*library)->narration(core::RecordingId("film")), said);
    EXPECT_EQ((*library)->recording(core::RecordingId("film"))->path, "/other/film.mp4");
    EXPECT_EQ((*library)->recording(core::RecordingId("film"))->added, added) << "it came in when it came in";
    ASSERT_TRUE(enter_recording(**library, "film", "film.mp4", "/films/film.mp4", std::vector<core::Segment>{}));
    EXPECT_TRUE((*library)->narration(core::RecordingId("film"))->empty()) << "a new one, empty as it is, replaces it";
    EXPECT_TRUE((*library)->find_said("undo")->empty());
}

TEST(Library, WhatAKilledProcessLeftIsTakenAwayAndNothingElse) {
    const Scratch s;
    const std::string known(64, 'a');
    const std::string arrived(64, 'b');
    const std::string newer(64, 'c');
    const std::string pieces(64, 'd');
    {
        auto library = Library::make_or_open(place(s / "lib"));
        ASSERT_TRUE(enter_recording(**library, known, "film.mp4", "/films/film.mp4"));
    }
    // killed between its place and its becoming known
    fs::create_directories(s / "lib/media/" + arrived);
    behind(s / "lib", "INSERT INTO arriving VALUES ('recording', '" + arrived + "')");
    // killed while it was prepared
    fs::create_directories(s / "lib/work/.anagraph-abc/plates");
    std::ofstream(s / "lib/work/.anagraph-abc/plates/x") << "x";
    // left by an older version: looked through half
    fs::create_directories(s / "lib/media/" + pieces);
    std::ofstream(s / "lib/media/" + pieces + "/proxy.mkv.tmp") << "x";
    // not known because an older library.db was put back: whole, and not ours to take away
    fs::create_directories(s / "lib/media/" + newer);
    std::ofstream(s / "lib/media/" + newer + "/index.json") << "{}";
    fs::create_directories(s / "lib/editions/" + newer);
    auto library = Library::open(place(s / "lib"));
    ASSERT_TRUE(library) << library.error().message;
    EXPECT_TRUE(fs::exists(s / "lib/media/" + known + "/index.json"));
    EXPECT_FALSE(fs::exists(s / "lib/media/" + arrived));
    EXPECT_FALSE(fs::exists(s / "lib/media/" + pieces));
    EXPECT_TRUE(fs::is_empty(s / "lib/work"));
    EXPECT_TRUE(fs::exists(s / "lib/media/" + newer + "/index.json"));
    EXPECT_EQ((*library)->packs_not_known(), std::vector<std::string>{s / "lib/editions/" + newer});
}

TEST(Library, APathThatHoldsNoLibraryIsSaidAndNotMade) {
    const Scratch s;
    for (const auto& open : {&Library::open, &Library::read}) {
        const auto no = open(s / "mistyped");
        ASSERT_FALSE(no);
        EXPECT_EQ(no.error().code, ErrorCode::NotFound);
        EXPECT_NE(no.error().message.english().find("no library"), std::string::npos);
    }
    EXPECT_FALSE(fs::exists(s / "mistyped"));
    fs::create_directories(s / "documents");
    std::ofstream(s / "documents/letter.txt") << "x";
    EXPECT_EQ(Library::make_or_open(place(s / "documents")).error().code, ErrorCode::Refused) << "a folder with other files becomes none";
    EXPECT_EQ(store::names_in(s / "documents"), std::vector<std::string>{"letter.txt"});
}

TEST(Library, ALockFileOfAnyContentHoldsNobodyUp) {
    if (anagraph::testing::on_server()) GTEST_SKIP() << "of a library that is a file";
    const Scratch s;
    { ASSERT_TRUE(Library::make_or_open(place(s / "lib"))); }
    for (const char* text : {"", "garbage\xFF\xFE", "4711\nanagraph\nanother-host\n", "process 1 on elsewhere, since 2020-01-01 00:00\n"}) {
        std::ofstream(s / "lib/library.lock", std::ios::binary) << text;
        EXPECT_TRUE(Library::open(place(s / "lib"))) << "nobody has it open, whatever the file says: " << text;
    }
    fs::remove(s / "lib/library.lock");
    fs::create_symlink("/etc/hostname", s / "lib/library.lock");
    EXPECT_EQ(Library::open(place(s / "lib")).error().code, ErrorCode::Refused);
}

TEST(Library, LinksInPlaceOfItsFoldersAreNotFollowed) {
    for (const char* part : {"media", "editions", "work", "documents"}) {
        const Scratch s;
        { ASSERT_TRUE(Library::make_or_open(place(s / "lib"))); }
        fs::create_directories(s / "far/deep");
        std::ofstream(s / "far/deep/keep") << "keep";
        fs::remove_all(s / "lib/" + part);
        fs::create_directory_symlink(s / "far", s / "lib/" + part);
        EXPECT_EQ(Library::open(place(s / "lib")).error().code, ErrorCode::Refused) << part;
        EXPECT_TRUE(fs::exists(s / "far/deep/keep")) << part;
    }
}

TEST(Library, AReceivedLibraryLeadsNowhereElse) {
    const Scratch s;
    const std::string known(64, 'a');
    {
        auto library = Library::make_or_open(place(s / "lib"));
        ASSERT_TRUE(enter_recording(**library, known, "film.mp4", s / "lib/media/x"));
        (void)*(*library)->create_guide(kept_guide(), "author");
    }
    behind(s / "lib", "UPDATE recording SET path = '../../../etc/passwd'");
    {
        auto library = Library::open(place(s / "lib"));
        EXPECT_FALSE(fs::exists((*library)->recording(core::RecordingId(known))->path));
        for (const char* id : {"../../../x/y", "/etc", "a/b"}) {
            EXPECT_TRUE((*library)->recording_folder(core::RecordingId(id)).ends_with("/media/none")) << id;
            EXPECT_TRUE((*library)->document_path(core::DocumentId(id)).ends_with("/documents/none")) << id;
        }
    }
    behind(s / "lib", "INSERT INTO guide (id, title, machine, changed) VALUES ('../../../x/y', 't', 'm', '')");
    auto library = Library::open(place(s / "lib"));
    EXPECT_FALSE(library && (*library)->guides());
}

TEST(Library, IsReadWhileAnotherProgramWritesInIt) {
    const Scratch s;
    auto writer = Library::make_or_open(place(s / "lib"));
    Written w;
    w.id = *(*writer)->create_guide(w.p, "author");
    auto reader = Library::read(place(s / "lib"));
    ASSERT_TRUE(reader) << reader.error().message;
    for (int i = 1; i <= 40; ++i) {
        w.note_more(**writer, i, i);
        EXPECT_EQ((*reader)->load_guide(w.id)->header.site_note, "at " + std::to_string(i) + " bar");
    }
    EXPECT_FALSE((*reader)->append(w.id, note(w.p, "x"), w.p, "author")) << "who reads cannot write";
}

TEST(Library, IsReadFromAMediumThatCannotBeWritten) {
    if (geteuid() == 0) GTEST_SKIP() << "root may write everywhere";
    const Scratch s;
    { ASSERT_TRUE(Library::make_or_open(place(s / "lib"))); }
    fs::permissions(s / "lib", fs::perms::owner_read | fs::perms::owner_exec);
    const auto library = Library::read(place(s / "lib"));
    EXPECT_TRUE(library) << library.error().message;
    fs::permissions(s / "lib", fs::perms::owner_all);
}

TEST(Library, OneOfEverySchemaAndReleaseOpensAndLosesNothing) {
    if (anagraph::testing::on_server()) GTEST_SKIP() << "of a library that is a file";
    // the forms of before the first release, and each release
    for (const std::string kept : {"schema-1", "schema-2", "schema-3", "release-0.1.0"}) {
        const bool issued = kept != "schema-1" && kept != "schema-2";
        const Scratch s;
        fs::create_directories(s / "lib");
        const QString sql = QString::fromStdString(ANAGRAPH_SOURCE "/tests/store/libraries/" + kept + ".sql");
        QProcess python;
        python.start("python3",
            {"-c", "import sqlite3,sys; db=sqlite3.connect(sys.argv[2]); db.executescript(open(sys.argv[1]).read()); db.commit()", sql,
                QString::fromStdString(s / "lib/library.db")});
        ASSERT_TRUE(python.waitForFinished(-1) && python.exitCode() == 0) << python.readAllStandardError().toStdString();
        const auto check = [&](Library& library) {
            const auto guides = library.guides();
            ASSERT_TRUE(guides) << guides.error().message;
            ASSERT_EQ(guides->size(), 1U);
            EXPECT_FALSE(guides->front().cover.empty()) << "the list needs no guide to be read";
            const auto state = library.guide_state(guides->front().id);
            ASSERT_TRUE(state) << state.error().message;
            EXPECT_TRUE(state->lost.empty());
            EXPECT_GE(state->procedure.steps.size(), 10U);
            EXPECT_EQ(static_cast<std::size_t>(state->sequence), library.history(guides->front().id)->size());
            const auto recordings = library.recordings();
            ASSERT_EQ(recordings->size(), 2U);
            for (const auto& r : *recordings) EXPECT_EQ(static_cast<std::size_t>(r.lines), library.narration(r.id)->size());
            EXPECT_FALSE(library.find_said("plug")->empty()) << "what was said is found";
            const auto editions = library.editions(guides->front().id);
            ASSERT_TRUE(editions) << editions.error().message;
            EXPECT_EQ(editions->size(), issued ? 1U : 0U);
            if (kept == "schema-3") {
                EXPECT_TRUE(library.pack_folder(guides->front().id, 1)->ends_with("/1")) << "packs of before lie where they lay";
            }
        };
        {
            auto library = Library::read(place(s / "lib"));  // brought up to date first
            ASSERT_TRUE(library) << kept << ": " << library.error().message;
            check(**library);
        }
        auto library = Library::open(place(s / "lib"));
        ASSERT_TRUE(library) << library.error().message;
        check(**library);
        const auto id = (*library)->guides()->front().id;
        const auto p = *(*library)->load_guide(id);
        const auto change = note(p, "goes on");
        ASSERT_TRUE((*library)->append(id, change, *core::apply(p, change), "author"));
        EXPECT_EQ((*library)->load_guide(id)->header.site_note, "goes on");
    }
}

TEST(Library, AFullDiskIsSaidAndNothingSavedIsLost) {
    if (anagraph::testing::on_server()) GTEST_SKIP() << "of a library that is a file";
    const Scratch s;
    auto library = Library::make_or_open(place(s / "lib"));
    Written w;
    w.id = *(*library)->create_guide(w.p, "author");
    w.note_more(**library, 1, 3);
    library->reset();
    // the file may not grow: what the database says then is what it says on a full disk
    behind(s / "lib", "PRAGMA journal_mode = DELETE");
    library = Library::open(place(s / "lib"));
    const auto big = note(w.p, std::string(60 << 20, 'x'));
    rlimit old{};
    getrlimit(RLIMIT_FSIZE, &old);
    rlimit small{8 << 20, old.rlim_max};
    signal(SIGXFSZ, SIG_IGN);
    setrlimit(RLIMIT_FSIZE, &small);
    const auto refused = (*library)->append(w.id, big, *core::apply(w.p, big), "author");
    setrlimit(RLIMIT_FSIZE, &old);
    ASSERT_FALSE(refused);
    EXPECT_TRUE(refused.error().code == ErrorCode::NoSpace || refused.error().code == ErrorCode::Unwritable) << refused.error().message;
    EXPECT_EQ((*library)->load_guide(w.id)->header.site_note, "at 3 bar");
    w.note_more(**library, 4, 5);
    library->reset();
    library = Library::open(place(s / "lib"));
    EXPECT_EQ((*library)->load_guide(w.id)->header.site_note, "at 5 bar");
}

TEST(Files, AreCopiedHashedAndSynced) {
    const Scratch s;
    const std::string text(3000000, 'a');
    std::ofstream(s / "a", std::ios::binary) << text;
    EXPECT_EQ(*store::copy_file(s / "a", s / "b"), store::sha256(text));
    EXPECT_EQ(*store::read_file(s / "b"), text);
    EXPECT_FALSE(store::copy_file(s / "a", s / "b")) << "never over another";
    EXPECT_EQ(store::copy_file(s / "a", s / "c", [](double) { return false; }).error().code, ErrorCode::Cancelled);
    EXPECT_FALSE(fs::exists(s / "c"));
    EXPECT_EQ(store::copy_file(s / "none", s / "c").error().code, ErrorCode::NotFound);
    ASSERT_EQ(mkfifo((s / "pipe").c_str(), 0600), 0);
    EXPECT_EQ(store::sha256_of_file(s / "pipe").error().code, ErrorCode::Unreadable) << "a pipe is not waited for";
    EXPECT_EQ(store::read_file(s / "pipe").error().code, ErrorCode::Unreadable);
    EXPECT_EQ(store::read_file(s / "a", 1000).error().code, ErrorCode::BadInput);
    fs::create_directories(s / "tree/deep");
    std::ofstream(s / "tree/deep/x") << "x";
    ASSERT_TRUE(store::copy_tree(s / "tree", s / "copy"));
    EXPECT_EQ(*store::read_file(s / "copy/deep/x"), "x");
    fs::create_symlink("/etc/hostname", s / "tree/link");
    EXPECT_EQ(store::copy_tree(s / "tree", s / "copy2").error().code, ErrorCode::Refused);
}
