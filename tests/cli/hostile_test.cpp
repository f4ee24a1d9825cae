// The program as somebody tired, hurried or malicious runs it: nothing of theirs is lost, and every answer is a sentence.
#include <gtest/gtest.h>
#include <sys/stat.h>
#include <unistd.h>

#include <QDir>
#include <QProcess>
#include <QString>
#include <algorithm>
#include <chrono>
#include <filesystem>
#include <fstream>
#include <functional>
#include <nlohmann/json.hpp>

#include "publish/pack.h"
#include "publish/pack_manifest.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/library.h"
#include "tests/demo_copy.h"
#include "tests/full_disk.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::run;
using anagraph::testing::Scratch;
using nlohmann::json;
namespace fs = std::filesystem;

namespace {

struct Said {
    int code = 0;
    std::string out;
    std::string err;
    json value() const { return json::parse(out, nullptr, false); }
    std::string all() const { return out + err; }
};

/// Arguments as bytes: names need not be text.
Said cli_in_bash(const std::vector<std::string>& arguments, const std::string& before = "") {
    const Scratch s;
    std::string command = before + "exec '" ANAGRAPH_BINARIES "/anagraph-cli'";
    for (const auto& a : arguments) command += " '" + a + "'";
    std::ofstream(s / "run.sh", std::ios::binary) << command << "\n";
    QProcess p;
    p.start("/bin/bash", {QString::fromStdString(s / "run.sh")});
    EXPECT_TRUE(p.waitForFinished(240000)) << "it hangs";
    EXPECT_EQ(p.exitStatus(), QProcess::NormalExit) << "it ends by a signal: " << command;
    return {p.exitCode(), p.readAllStandardOutput().toStdString(), p.readAllStandardError().toStdString()};
}

std::string bytes_of(const std::string& path) { return store::read_file(path).value_or("(none)"); }
void write(const std::string& path, const std::string& text) { std::ofstream(path, std::ios::binary) << text; }

/// A small library with a film and a guide that is issued in a second or two.
class Hostile : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        made_ = new Scratch;
        ASSERT_TRUE(
            run("ffmpeg -y -f lavfi -i testsrc2=size=320x240:rate=25:duration=4 -f lavfi -i sine=440:duration=4 -c:v libx264 -preset "
                "ultrafast -c:a aac -shortest " +
                (*made_ / "film.mp4")));
        write(*made_ / "film.vtt", "WEBVTT\n\n00:00.000 --> 00:01.000\npush the lever\n\n00:01.000 --> 00:02.000\nnow wait\n");
        ASSERT_TRUE(run(std::string(ANAGRAPH_BINARIES "/fault-worker make ") + (*made_ / "library") + " " + (*made_ / "film.mp4")));
    }
    static void TearDownTestSuite() { delete made_; }
    void SetUp() override {
        fs::copy(*made_ / "library", s / "library", fs::copy_options::recursive);
        for (const char* name : {"film.mp4", "film.vtt"}) fs::copy_file(*made_ / name, s / name);
    }
    Said issue(const std::string& to, const std::string& checker = "checker") {
        return cli_in_bash({"issue", library, kGuide, "--to", to, "--checker", checker});
    }
    void change(const std::string& words) {
        auto open = store::Library::open(library);
        auto p = *(*open)->load_guide(store::GuideId(kGuide));
        core::Header h = p.header;
        h.site_note = words;
        const core::Change c{"note", {core::SetHeader{h}}};
        ASSERT_TRUE((*open)->append(store::GuideId(kGuide), c, *core::apply(p, c), "author"));
    }
    std::string original() {
        const auto open = store::Library::read(library);
        return (*open)->recordings()->front().path;
    }
    static constexpr const char* kGuide = "perrick-pt60-one";
    Scratch s;
    std::string library = s / "library";
    static Scratch* made_;
};
Scratch* Hostile::made_ = nullptr;

/// Writes the manifest and its seal anew, as who alters a pack would.
void seal_anew(const std::string& pack) {
    const auto below = publish::read_below(**publish::PackSource::open(pack), {});
    const auto manifest = publish::manifest_text(below->hashes, publish::mark_of_manifest(*store::read_file(pack + "/manifest.json")));
    write(pack + "/manifest.json", manifest);
    write(pack + "/manifest.sha256", publish::seal_text(manifest));
}

}  // namespace

TEST_F(Hostile, IssuingIntoAFolderOfOthersTakesNothingAway) {
    fs::create_directories(s / "site/deep");
    write(s / "site/manifest.json", "{\"name\": \"another program\"}");
    write(s / "site/deep/letter.txt", "keep me");
    for (const char* beside : {"site.old", "site.making"}) {
        fs::create_directories(s / beside);
        write(s / beside + std::string("/a"), "keep me");
    }
    const auto a = issue(s / "site");
    EXPECT_EQ(a.code, 2) << a.all();
    EXPECT_EQ(bytes_of(s / "site/deep/letter.txt"), "keep me");
    EXPECT_EQ(bytes_of(s / "site.old/a"), "keep me");
    EXPECT_EQ(bytes_of(s / "site.making/a"), "keep me");
    EXPECT_TRUE((*store::Library::read(library))->editions(store::GuideId(kGuide))->empty());
    // nor into a library, its own or another
    EXPECT_EQ(issue(library + "/media").code, 2);
    EXPECT_EQ(issue(library).code, 2);
    // a good pack of the same guide may be replaced, one that was touched may not
    ASSERT_EQ(issue(s / "pack/").code, 0) << "a slash at the end is no trouble";
    change("second");
    ASSERT_EQ(issue(s / "pack").code, 0);
    EXPECT_EQ(cli_in_bash({"--json", "verify", s / "pack"}).value()["edition"], "Perrick PT60 one, KQ-one, edition 2");
    write(s / "pack/notes.txt", "my own notes");
    change("third");
    EXPECT_EQ(issue(s / "pack").code, 2);
    EXPECT_EQ(bytes_of(s / "pack/notes.txt"), "my own notes");
    for (const auto& name : store::names_in(s.text())) EXPECT_FALSE(name.starts_with(".anagraph")) << "a work folder stays: " << name;
}

TEST_F(Hostile, CuttingNeverWritesOverItsSourceALibraryOrAnythingElseUnasked) {
    const auto film = bytes_of(s / "film.mp4");
    EXPECT_EQ(cli_in_bash({"cut", s / "film.mp4", "1", "2", "--to", s / "film.mp4"}).code, 2);
    EXPECT_EQ(cli_in_bash({"cut", s / "film.mp4", "1", "2", "--to", s / "film.mp4", "--replace"}).code, 2);
    fs::create_hard_link(s / "film.mp4", s / "same.mp4");
    EXPECT_EQ(cli_in_bash({"cut", s / "film.mp4", "1", "2", "--to", s / "same.mp4", "--replace"}).code, 2);
    EXPECT_EQ(bytes_of(s / "film.mp4"), film);
    const auto kept = original();
    EXPECT_EQ(cli_in_bash({"cut", kept, "1", "2", "--to", kept, "--replace"}).code, 2);
    EXPECT_EQ(cli_in_bash({"cut", s / "film.mp4", "1", "2", "--to", kept, "--replace"}).code, 2);
    EXPECT_EQ(store::sha256(bytes_of(kept)), *store::sha256_of_file(s / "film.mp4"));
    write(s / "letter.mp4", "keep me");
    EXPECT_EQ(cli_in_bash({"cut", s / "film.mp4", "1", "2", "--to", s / "letter.mp4"}).code, 2);
    EXPECT_EQ(bytes_of(s / "letter.mp4"), "keep me");
    EXPECT_EQ(cli_in_bash({"cut", s / "film.mp4", "1", "2", "--to", s / "letter.mp4", "--replace"}).code, 0);
    EXPECT_EQ(cli_in_bash({"cut", s / "film.mp4", "1", "2", "--to", s / "new.mp4"}).code, 0);
    EXPECT_GT(fs::file_size(s / "new.mp4"), 1000U);
}

TEST_F(Hostile, AnotherFilmInPlaceOfTheOriginalIsNotIssued) {
    const auto path = original();
    ASSERT_TRUE(run("ffmpeg -y -f lavfi -i smptebars=size=320x240:rate=25:duration=4 -c:v libx264 " + (s / "other.mp4")));
    const auto good = bytes_of(path);
    fs::copy_file(s / "other.mp4", path, fs::copy_options::overwrite_existing);
    auto a = issue(s / "pack");
    EXPECT_EQ(a.code, 1);
    EXPECT_NE(a.err.find("not the recording"), std::string::npos) << a.err;
    fs::remove(path);
    fs::create_symlink(s / "other.mp4", path);
    EXPECT_EQ(issue(s / "pack").code, 1) << "by a link";
    fs::remove(path);
    write(path, good.substr(0, good.size() / 2));
    EXPECT_EQ(issue(s / "pack").code, 1) << "cut to half";
    fs::remove(path);
    a = issue(s / "pack");
    EXPECT_EQ(a.code, 1);
    EXPECT_NE(a.err.find("away"), std::string::npos) << a.err;
    EXPECT_FALSE(fs::exists(s / "pack"));
    EXPECT_TRUE(fs::is_empty(library + "/editions"));
    write(path, good);
    EXPECT_EQ(issue(s / "pack").code, 0);
}

TEST_F(Hostile, APictureOfAMomentTheFilmDoesNotHaveIsNotIssued) {
    for (const int at : {999999, -5}) {
        {
            auto open = store::Library::open(library);
            auto p = *(*open)->load_guide(store::GuideId(kGuide));
            core::Step step = p.steps[0];
            step.plates[0].at = core::FrameTime(at, 1);
            const core::Change c{"move the picture", {core::Put<core::Step>{step, std::nullopt}}};
            ASSERT_TRUE((*open)->append(store::GuideId(kGuide), c, *core::apply(p, c), "author"));
        }
        const auto a = issue(s / "pack");
        EXPECT_EQ(a.code, 1);
        EXPECT_NE(a.err.find("Step 1: its picture"), std::string::npos) << a.err;
    }
}

TEST_F(Hostile, AFilmImportedAgainWithoutItsNarrationKeepsIt) {
    fs::remove(s / "film.vtt");
    const auto a = cli_in_bash({"--json", "import", library, s / "film.mp4"});
    ASSERT_EQ(a.code, 0) << a.err;
    EXPECT_EQ(a.value()["lines"], 2);
    EXPECT_TRUE(cli_in_bash({"--json", "list", library}).value()["recordings"][0]["narration"]);
}

TEST_F(Hostile, AnOriginalDamagedAtTheSameSizeIsMendedByTheGoodFilm) {
    const auto path = original();
    const auto good = bytes_of(path);
    for (const auto& bad : {std::string(good.size(), '\0'), [&] {
                                auto x = good;
                                x[x.size() / 2] ^= 1;
                                return x;
                            }()}) {
        write(path, bad);
        const auto a = cli_in_bash({"import", library, s / "film.mp4"});
        EXPECT_EQ(a.code, 0) << a.err;
        EXPECT_EQ(bytes_of(original()), good) << "an equal size is no equal film";
    }
}

TEST_F(Hostile, AnOlderDatabasePutBackCostsNoEditionThatWentOut) {
    fs::create_directories(s / "copy");
    for (const char* name : {"library.db"}) fs::copy_file(library + "/" + name, s / "copy/" + name);
    ASSERT_EQ(issue(s / "first").code, 0);
    for (const char* name : {"library.db", "library.db-wal", "library.db-shm"}) fs::remove(library + "/" + name);
    fs::copy_file(s / "copy/library.db", library + "/library.db");
    change("after the copy was put back");
    const auto a = cli_in_bash({"--json", "issue", library, kGuide, "--to", s / "second", "--checker", "checker"});
    ASSERT_EQ(a.code, 0) << a.err;
    EXPECT_EQ(a.value()["edition"], 2) << "number 1 is out there";
    EXPECT_NE(a.err.find("older than the pack"), std::string::npos) << a.err;
    EXPECT_EQ(store::names_in(library + "/editions").size(), 2U) << "the first pack stays";
    for (const auto& name : store::names_in(library + "/editions"))
        EXPECT_TRUE(publish::verify_pack(library + "/editions/" + name)->undamaged) << name;
}

TEST_F(Hostile, TheDeliveredPackIsTheKeptOneToTheByteAndCanBeWrittenAgain) {
    ASSERT_EQ(issue(s / "pack").code, 0);
    const auto kept = library + "/editions/" + store::names_in(library + "/editions").front();
    ASSERT_EQ(cli_in_bash({"deliver", library, kGuide, "1", "--to", s / "again"}).code, 0);
    for (const auto& entry : fs::recursive_directory_iterator(kept)) {
        if (!entry.is_regular_file()) continue;
        const auto name = entry.path().lexically_relative(kept).string();
        EXPECT_EQ(bytes_of(s / "pack/" + name), bytes_of(entry.path().string())) << name;
        EXPECT_EQ(bytes_of(s / "again/" + name), bytes_of(entry.path().string())) << name;
    }
    EXPECT_EQ(cli_in_bash({"deliver", library, kGuide, "7", "--to", s / "none"}).code, 1);
    EXPECT_EQ(cli_in_bash({"deliver", s / "nowhere", kGuide, "1", "--to", s / "none"}).code, 2);
    // a kept pack that was touched is not handed out
    write(kept + "/guide.css", "x");
    const auto a = cli_in_bash({"deliver", library, kGuide, "1", "--to", s / "bad"});
    EXPECT_EQ(a.code, 1);
    EXPECT_FALSE(fs::exists(s / "bad"));
}

TEST_F(Hostile, APackAlteredAndSealedAnewIsFoundAsFarAsItCanBe) {
    ASSERT_EQ(issue(s / "pack").code, 0);
    const auto verify = [&](const std::string& pack, bool library_too) {
        return library_too ? cli_in_bash({"--json", "verify", pack, "--library", library}) : cli_in_bash({"--json", "verify", pack});
    };
    auto good = verify(s / "pack", true);
    EXPECT_EQ(good.code, 0) << good.out;
    EXPECT_EQ(good.value()["issued_by_library"], true);
    good = verify(s / "pack", false);
    EXPECT_EQ(good.code, 3) << "intact, but nobody vouches for it";
    EXPECT_EQ(good.value()["issued_by_library"], nullptr);
    EXPECT_NE(good.value()["words"].get<std::string>().find("not signed"), std::string::npos) << "says what it cannot know";
    EXPECT_EQ(good.value()["manifest"], store::sha256(bytes_of(s / "pack/manifest.json")));
    const auto altered = [&](const char* name, const std::function<void(const std::string&)>& alter) {
        const auto pack = s / name;
        fs::copy(s / "pack", pack, fs::copy_options::recursive);
        alter(pack);
        seal_anew(pack);
        return pack;
    };
    const auto replaced = [](const std::string& file, const std::string& from, const std::string& to) {
        auto text = bytes_of(file);
        const auto at = text.find(from);
        ASSERT_NE(at, std::string::npos) << file;
        write(file, text.replace(at, from.size(), to));
    };
    // one part alone: the others give it away
    EXPECT_EQ(
        verify(altered("page", [&](const auto& p) { replaced(p + "/guide.html", "Push the lever down", "Pull the lever up"); }), false)
            .code,
        1);
    EXPECT_EQ(
        verify(altered("edition", [&](const auto& p) { replaced(p + "/edition.json", "Push the lever down", "Pull the lever up"); }), false)
            .code,
        1);
    EXPECT_EQ(verify(altered("pdf", [&](const auto& p) { write(p + "/guide.pdf", "%PDF-1.7 another"); }), false).code, 1);
    EXPECT_EQ(
        verify(altered("style", [&](const auto& p) { write(p + "/guide.css", bytes_of(p + "/guide.css") + ".caution { display: none }"); }),
            false)
            .code,
        1);
    EXPECT_EQ(verify(altered("script",
                         [&](const auto& p) { write(p + "/guide.js", bytes_of(p + "/guide.js") + "document.body.textContent = '';"); }),
                  false)
                  .code,
        1);
    EXPECT_EQ(verify(altered("extra", [&](const auto& p) { write(p + "/run.sh", "x"); }), false).code, 3)
        << "an added file contradicts nothing";
    // the library knows them all
    EXPECT_EQ(verify(s / "extra", true).code, 1);
    EXPECT_EQ(verify(s / "style", true).code, 1);
    EXPECT_EQ(verify(altered("picture",
                         [&](const auto& p) {
                             fs::remove(p + "/plates/step-1-1.png"),
                                 fs::copy_file(ANAGRAPH_SOURCE "/docs/screenshots/tape.png", p + "/plates/step-1-1.png");
                         }),
                  true)
                  .code,
        1);
}

TEST_F(Hostile, AFolderOfAnythingIsVerifiedWithoutHangingOrFollowing) {
    ASSERT_EQ(issue(s / "pack").code, 0);
    const auto with = [&](const char* name, const std::function<void(const std::string&)>& put) {
        const auto pack = s / name;
        fs::copy(s / "pack", pack, fs::copy_options::recursive);
        put(pack);
        return cli_in_bash({"--json", "verify", pack});
    };
    EXPECT_EQ(with("link", [](const auto& p) { fs::create_symlink("/etc/passwd", p + "/more.txt"); }).code, 1);
    EXPECT_EQ(with("folder-link", [&](const auto& p) { fs::create_directory_symlink("/etc", p + "/more"); }).code, 1);
    EXPECT_EQ(with("loop", [](const auto& p) { fs::create_directory_symlink(p, p + "/round"); }).code, 1);
    EXPECT_EQ(
        with("swapped", [&](const auto& p) { fs::remove(p + "/guide.css"), fs::create_symlink(s / "pack/guide.css", p + "/guide.css"); })
            .code,
        1)
        << "a link to the same bytes is no file";
    EXPECT_EQ(with("empty", [](const auto& p) { fs::create_directories(p + "/hollow/deep"); }).code, 1);
    EXPECT_EQ(with("pipe", [](const auto& p) { ASSERT_EQ(mkfifo((p + "/pipe").c_str(), 0600), 0); }).code, 1);
    const auto odd = with("odd", [](const auto& p) { write(p + "/name-\xFF\xFE", "x"), write(p + "/new\nline", "x"); });
    EXPECT_EQ(odd.code, 1);
    EXPECT_TRUE(odd.value().is_object()) << odd.out;
    EXPECT_EQ(cli_in_bash({"verify", s / "film.mp4"}).code, 2);
    EXPECT_EQ(cli_in_bash({"verify", s / "pack/"}).code, 3) << "a slash at the end is no trouble";
}

TEST_F(Hostile, WhoWroteItCannotCheckItUnderAnotherSpelling) {
    for (const char* checker : {" ", "author ", "Author", "AUTHOR", "  author", "\xC2\xA0"}) {
        const auto a = issue(s / "pack", checker);
        EXPECT_EQ(a.code, 1) << "checked by \"" << checker << "\"";
        EXPECT_EQ(std::count(a.err.begin(), a.err.end(), '\n'), 1) << a.err;
    }
    EXPECT_EQ(issue(s / "pack", " checker ").code, 0);
    EXPECT_EQ((*store::Library::read(library))->editions(store::GuideId(kGuide))->front().edition.checker, "checker");
}

TEST_F(Hostile, AMistypedLibraryIsSaidAndNotMade) {
    const auto none = s / "libary";
    const std::vector<std::vector<std::string>> all{{"list", none}, {"check", none, kGuide}, {"find", none, s.text()},
        {"reshoot", none, kGuide}, {"figures", none, kGuide}, {"issue", none, kGuide, "--to", s / "p", "--checker", "c"},
        {"deliver", none, kGuide, "1", "--to", s / "p"}, {"verify", s / "p", "--library", none}};
    for (const auto& arguments : all) {
        const auto a = cli_in_bash(arguments);
        EXPECT_EQ(a.code, 2) << arguments[0] << ": " << a.all();
        EXPECT_FALSE(a.err.empty()) << arguments[0];
        EXPECT_FALSE(fs::exists(none)) << arguments[0];
    }
    EXPECT_EQ(cli_in_bash({"import", none, s / "film.mp4"}).code, 0) << "only an import makes one";
}

TEST_F(Hostile, BytesThatAreNoTextGiveASentence) {
    const std::string odd = s / "film-\xFF\xFE.mp4";
    fs::copy_file(s / "film.mp4", odd);
    for (const auto& arguments : std::vector<std::vector<std::string>>{{"--json", "read", s / "no-\xFF"}, {"--json", "list", s / "no-\xFF"},
             {"--json", "verify", s / "no-\xFF"}, {"--json", "calc", "convert", "5 \xFF", "Nm"},
             {"--json", "cut", s / "no-\xFF", "1", "2", "--to", s / "x.mp4"}}) {
        const auto a = cli_in_bash(arguments);
        EXPECT_TRUE(a.code == 1 || a.code == 2) << arguments[1] << " " << a.code << " " << a.all();
        EXPECT_FALSE(a.all().empty()) << arguments[1];
        EXPECT_TRUE(a.out.empty() || a.value().is_object()) << a.out;
    }
    const auto copied = cli_in_bash({"--json", "import", library, odd});
    EXPECT_EQ(copied.code, 0) << copied.err;
    EXPECT_TRUE(fs::exists(original())) << "what is stored is there";
    fs::remove_all(s / "fresh");
    const auto in_place = cli_in_bash({"--json", "import", s / "fresh", odd, "--in-place"});
    EXPECT_EQ(in_place.code, 1);
    EXPECT_NE(in_place.err.find("rename"), std::string::npos) << in_place.err;
    EXPECT_TRUE(cli_in_bash({"--json", "list", s / "fresh"}).value()["recordings"].empty());
    if (geteuid() != 0) {
        fs::create_directories(s / "shut/deep");
        fs::permissions(s / "shut", fs::perms::none);
        EXPECT_EQ(cli_in_bash({"--json", "list", s / "shut/deep"}).code, 2);
        fs::permissions(s / "shut", fs::perms::owner_all);
    }
}

TEST_F(Hostile, TooLittleMemoryIsSaidAndNothingHalfComesIn) {
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i testsrc2=size=1920x1080:rate=25:duration=8 -c:v libx264 -preset ultrafast " + (s / "large.mp4")));
    for (const int limit : {260000, 300000, 400000, 415000, 430000}) {
        const auto a = cli_in_bash({"import", s / "small", s / "large.mp4"}, "ulimit -v " + std::to_string(limit) + "; ");
        if (a.code == 0) {
            EXPECT_NE(a.out.find("200 frames"), std::string::npos) << "all of it or nothing: " << a.all();
        } else {
            EXPECT_FALSE(a.err.empty());
        }
        if (fs::exists(s / "small/library.db")) {
            EXPECT_EQ(cli_in_bash({"--json", "list", s / "small"}).value()["recordings"].size(), a.code == 0 ? 1U : 0U) << limit;
        }
        fs::remove_all(s / "small");
    }
}

TEST_F(Hostile, AFilmWhoseNarrationCannotBeReadDoesNotComeInWithoutIt) {
    fs::copy_file(s / "film.mp4", s / "spoken.mp4");
    fs::create_symlink("/proc/self/mem", s / "spoken.vtt");  // reading it fails as a broken disk does
    auto a = cli_in_bash({"import", s / "whole", s / "spoken.mp4"});
    EXPECT_EQ(a.code, 1) << a.all();
    EXPECT_NE(a.err.find("spoken.vtt"), std::string::npos) << a.err;
    if (fs::exists(s / "whole/library.db")) {
        EXPECT_TRUE(cli_in_bash({"--json", "list", s / "whole"}).value()["recordings"].empty());
    }
    fs::remove(s / "spoken.vtt");
    write(s / "spoken.vtt", std::string("\0\1\2", 3));
    a = cli_in_bash({"import", s / "whole", s / "spoken.mp4"});
    EXPECT_EQ(a.code, 0) << "no timed text is left out with a remark: " << a.all();
}

TEST_F(Hostile, ALimitOnTheSizeOfFilesIsSaidAndEndsNoProgram) {
    for (const int blocks : {0, 16, 64, 200}) {
        const auto a = cli_in_bash({"import", s / "limited", s / "film.mp4"}, "ulimit -f " + std::to_string(blocks) + "; ");
        EXPECT_EQ(a.code, 1) << blocks << ": " << a.all();
        EXPECT_FALSE(a.err.empty()) << blocks;
        if (fs::exists(s / "limited/library.db")) {
            EXPECT_TRUE(cli_in_bash({"--json", "list", s / "limited"}).value()["recordings"].empty()) << blocks;
        }
        fs::remove_all(s / "limited");
    }
}

TEST_F(Hostile, AFullDiskIsSaidAndTheLibraryIsWholeAfterwards) {
    const anagraph::testing::SmallDisk disk(s / "disk", 700);
    if (!disk.mounted()) GTEST_SKIP() << "no disk can be made here";
    const auto full = [](const Said& a) { return a.err.find("full") != std::string::npos; };
    // the journal, the copy of a film, pictures and pack
    auto a = cli_in_bash({"import", s / "disk/lib", s / "film.mp4"});
    EXPECT_EQ(a.code, 1);
    EXPECT_TRUE(full(a)) << a.err;
    EXPECT_EQ(std::count(a.err.begin(), a.err.end(), '\n'), 1) << a.err;
    if (fs::exists(s / "disk/lib/library.db")) {
        a = cli_in_bash({"--json", "list", s / "disk/lib"});
        EXPECT_EQ(a.code, 0) << a.err;
        EXPECT_TRUE(a.value()["recordings"].empty());
        EXPECT_TRUE(fs::is_empty(s / "disk/lib/work"));
        EXPECT_TRUE(fs::is_empty(s / "disk/lib/media"));
    }
    fs::remove_all(s / "disk/lib");
    write(s / "disk/fill", std::string(550000, 'x'));
    a = issue(s / "disk/pack");
    EXPECT_EQ(a.code, 1) << "the pack does not fit";
    EXPECT_TRUE(full(a)) << a.err;
    EXPECT_FALSE(fs::exists(s / "disk/pack"));
    a = cli_in_bash({"cut", s / "film.mp4", "0", "4", "--to", s / "disk/clip.mp4"});
    EXPECT_TRUE(a.code == 0 || full(a)) << a.err;
    ASSERT_TRUE(disk.grow(50000));
    EXPECT_EQ(issue(s / "disk/pack").code, 0) << "with room again it goes on";
}

TEST_F(Hostile, ALibraryOpenElsewhereIsReadAndWrittenBesideAndNotMoved) {
    const auto open = store::Library::open(library);
    ASSERT_TRUE(open);
    for (const auto& arguments :
        std::vector<std::vector<std::string>>{{"list", library}, {"check", library, kGuide}, {"figures", library, kGuide},
            {"reshoot", library, kGuide}, {"find", library, s.text()}, {"library", "archive", library, s / "library.zip"}}) {
        const auto a = cli_in_bash(arguments);
        EXPECT_NE(a.code, 2) << arguments[0] << a.err;
        EXPECT_EQ(a.err.find("open elsewhere"), std::string::npos) << arguments[0];
    }
    EXPECT_TRUE(fs::exists(s / "library.zip"));
    const auto moved = cli_in_bash({"library", "move", library, s / "moved"});
    EXPECT_EQ(moved.code, 1);
    EXPECT_NE(moved.err.find("process " + std::to_string(getpid())), std::string::npos) << "says who: " << moved.err;
}

TEST_F(Hostile, NarrationsOfAnyMakeAreReadInTimeThatGrowsWithThem) {
    const auto took = [&](const std::string& text) {
        write(s / "long.vtt", "WEBVTT\n\n00:00.000 --> 00:05.000\n" + text + "\n");
        const auto began = std::chrono::steady_clock::now();
        EXPECT_LE(cli_in_bash({"read", s / "long.vtt"}).code, 1);
        return std::chrono::duration<double>(std::chrono::steady_clock::now() - began).count();
    };
    // four times as much takes about four times as long; looked at once for every sign it took sixteen times
    const double one = took(std::string(400000, '<'));
    const double four = took(std::string(1600000, '<'));
    EXPECT_LT(four, 8 * one + 0.5);
    write(s / "huge.vtt", "WEBVTT\n\n00:00.000 --> 00:05.000\n" + std::string(20 << 20, 'x'));
    const auto a = cli_in_bash({"read", s / "huge.vtt"});
    EXPECT_EQ(a.code, 1);
    EXPECT_NE(a.err.find("MB"), std::string::npos) << a.err;
}

TEST_F(Hostile, AmbiguousNumbersAreRefusedWithBothReadings) {
    for (const auto& arguments :
        std::vector<std::vector<std::string>>{{"calc", "convert", "2,000 kPa", "psi"}, {"calc", "convert", "1.250 L", "qt"},
            {"calc", "due", "--interval", "1,200 h", "--last-reading", "100 h", "--last-date", "2026-01-01", "--date", "2026-02-01",
                "--reading", "200 h"}}) {
        const auto a = cli_in_bash(arguments);
        EXPECT_EQ(a.code, 2) << arguments[1];
        EXPECT_NE(a.err.find("two ways"), std::string::npos) << a.err;
    }
    EXPECT_NE(cli_in_bash({"calc", "convert", "2,000 kPa", "psi"}).err.find("2.0 kPa or as 2000 kPa"), std::string::npos);
    EXPECT_EQ(cli_in_bash({"calc", "convert", "2000 kPa", "psi"}).code, 0);
}

TEST(Bench, AnswersWithItsLinesAndSaysWhetherTheyAreMet) {
    const Scratch s;
    const auto a = cli_in_bash({"--json", "bench", "--only", "figures", "--folder", s / "bench"});
    EXPECT_LE(a.code, 1) << a.err;
    const auto lines = a.value();
    ASSERT_TRUE(lines.is_array()) << a.out;
    ASSERT_FALSE(lines.empty());
    bool all = true;
    for (const auto& l : lines) all = all && l["good"].get<bool>();
    EXPECT_EQ(a.code, all ? 0 : 1);
    EXPECT_EQ(cli_in_bash({"bench", "--only", "nothing-of-the-kind"}).code, 2);
}
