// Where something may be written, and what may be taken away.
#include "store/destination.h"

#include <gtest/gtest.h>

#include <fstream>

#include "store/files.h"
#include "store/library.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using core::ErrorCode;
using store::Destination;
using store::WorkFolder;
namespace fs = std::filesystem;

namespace {

void write(const std::string& path, const std::string& text) { std::ofstream(path) << text; }
std::string read(const std::string& path) { return store::read_file(path).value_or("(none)"); }
/// Names in a folder, those of work folders too.
std::vector<std::string> there(const std::string& folder) { return store::names_in(folder); }

}  // namespace

TEST(Destination, AFileIsWrittenWholeUnderItsNameAndNothingElseStays) {
    const Scratch s;
    auto to = Destination::file(s / "out.txt");
    ASSERT_TRUE(to) << to.error().message;
    write(to->work(), "new");
    EXPECT_FALSE(fs::exists(s / "out.txt")) << "until it is whole";
    ASSERT_TRUE(to->commit());
    to = Destination::file(s / "other.txt");  // the first one's folder goes
    to = core::fail(ErrorCode::Cancelled, std::string(""));
    EXPECT_EQ(read(s / "out.txt"), "new");
    EXPECT_EQ(there(s.text()), std::vector<std::string>{"out.txt"});
}

TEST(Destination, AFileThatIsThereStaysUnlessItWasToldOtherwise) {
    const Scratch s;
    write(s / "out.txt", "old");
    EXPECT_EQ(Destination::file(s / "out.txt").error().code, ErrorCode::Refused);
    {
        auto to = Destination::file(s / "out.txt", {}, true);
        ASSERT_TRUE(to);
        write(to->work(), "new");
        ASSERT_TRUE(to->commit());
    }
    EXPECT_EQ(read(s / "out.txt"), "new");
    // one that comes meanwhile is not written over
    auto late = Destination::file(s / "late.txt");
    ASSERT_TRUE(late);
    write(late->work(), "mine");
    write(s / "late.txt", "somebody else's");
    EXPECT_EQ(late->commit().error().code, ErrorCode::Refused);
    EXPECT_EQ(read(s / "late.txt"), "somebody else's");
}

TEST(Destination, TheSourceIsNeverTheTargetHoweverItIsSpelt) {
    const Scratch s;
    fs::create_directories(s / "sub");
    write(s / "film.mp4", "film");
    fs::create_hard_link(s / "film.mp4", s / "again.mp4");
    fs::create_symlink(s / "film.mp4", s / "link.mp4");
    for (const std::string& spelt : {s / "film.mp4", s / "sub/../film.mp4", s / "./film.mp4", s / "again.mp4", s / "link.mp4"}) {
        const auto to = Destination::file(spelt, {s / "film.mp4"}, true);
        ASSERT_FALSE(to) << spelt;
        EXPECT_EQ(to.error().code, ErrorCode::Refused) << spelt;
    }
    EXPECT_EQ(read(s / "film.mp4"), "film");
}

TEST(Destination, NothingIsWrittenInALibraryThroughALinkOrWhereNoFolderIs) {
    const Scratch s;
    ASSERT_TRUE(store::Library::make_or_open(place(s / "library")));
    fs::create_directory_symlink(s / "library", s / "way");
    for (const std::string& inside : {s / "library/x", s / "library/media/x", s / "library", s / "way/x"}) {
        EXPECT_EQ(Destination::file(inside).error().code, ErrorCode::Refused) << inside;
        EXPECT_EQ(Destination::folder(inside).error().code, ErrorCode::Refused) << inside;
    }
    fs::create_directory_symlink(s / "nowhere", s / "dangling");
    EXPECT_EQ(Destination::folder(s / "dangling").error().code, ErrorCode::Refused);
    EXPECT_EQ(Destination::file(s / "no/such/x").error().code, ErrorCode::NotFound);
    write(s / "file", "x");
    EXPECT_FALSE(Destination::folder(s / "file"));
    EXPECT_FALSE(Destination::folder(s / "file/sub"));
    EXPECT_FALSE(Destination::file(s / "library"));
    EXPECT_FALSE(Destination::file(""));
}

TEST(Destination, AFolderWithOtherFilesIsKeptToTheLastByte) {
    const Scratch s;
    fs::create_directories(s / "mine/deep");
    write(s / "mine/manifest.json", "another program's");
    write(s / "mine/deep/letter.txt", "keep me");
    fs::create_directories(s / "mine.old");
    write(s / "mine.old/a", "keep me too");
    EXPECT_EQ(Destination::folder(s / "mine").error().code, ErrorCode::Refused);
    EXPECT_EQ(
        Destination::folder(s / "mine", [](const std::string&) { return std::optional<std::string>("no pack of ours"); }).error().message,
        "no pack of ours");
    EXPECT_EQ(read(s / "mine/deep/letter.txt"), "keep me");
    EXPECT_EQ(read(s / "mine.old/a"), "keep me too");
    EXPECT_EQ(there(s.text()), (std::vector<std::string>{"mine", "mine.old"}));
}

TEST(Destination, AFolderThatMayGoIsExchangedInOneStep) {
    const Scratch s;
    fs::create_directories(s / "pack");
    write(s / "pack/old", "old");
    {
        auto to = Destination::folder(s / "pack/", [](const std::string&) { return std::optional<std::string>(); });
        ASSERT_TRUE(to) << to.error().message;
        EXPECT_EQ(to->path(), s / "pack") << "a slash at the end is taken off before the work, not after it";
        fs::create_directories(to->work());
        write(to->work() + "/new", "new");
        EXPECT_TRUE(fs::exists(s / "pack/old"));
        ASSERT_TRUE(to->commit());
    }
    EXPECT_EQ(there(s / "pack"), std::vector<std::string>{"new"});
    EXPECT_EQ(there(s.text()), std::vector<std::string>{"pack"});
    // an empty one, and one below folders that are not there yet
    fs::create_directories(s / "empty");
    for (const char* name : {"empty", "a/b/pack"}) {
        auto to = Destination::folder(s / name);
        ASSERT_TRUE(to) << name;
        fs::create_directories(to->work());
        write(to->work() + "/new", "new");
        ASSERT_TRUE(to->commit()) << name;
        EXPECT_TRUE(fs::exists(s / name + "/new"));
    }
    // one that fills up meanwhile
    auto to = Destination::folder(s / "later");
    ASSERT_TRUE(to);
    fs::create_directories(to->work());
    fs::create_directories(s / "later");
    write(s / "later/theirs", "x");
    EXPECT_FALSE(to->commit());
    EXPECT_EQ(read(s / "later/theirs"), "x");
}

TEST(WorkFolder, GoesWithEverythingInItAndFollowsNoLink) {
    const Scratch s;
    fs::create_directories(s / "far");
    write(s / "far/keep", "keep");
    std::string path;
    {
        auto work = WorkFolder::in(s.text());
        ASSERT_TRUE(work);
        path = work->path();
        fs::create_directory_symlink(s / "far", path + "/link");
        fs::create_directories(path + "/deep");
        write(path + "/deep/x", "x");
        const WorkFolder moved = std::move(*work);
        EXPECT_TRUE(fs::exists(path));
    }
    EXPECT_FALSE(fs::exists(path));
    EXPECT_EQ(read(s / "far/keep"), "keep");
    EXPECT_FALSE(WorkFolder::in(s / "none"));
}

TEST(WorkFolder, IsPutInItsPlaceOverNothingOrOverAnOldOne) {
    const Scratch s;
    for (const char* text : {"first", "second"}) {
        auto work = WorkFolder::in(s.text());
        ASSERT_TRUE(work);
        write(work->path() + "/a", text);
        ASSERT_TRUE(work->place_at(s / "places/here"));
    }
    EXPECT_EQ(read(s / "places/here/a"), "second");
    EXPECT_EQ(there(s.text()), std::vector<std::string>{"places"});
    fs::create_directory_symlink(s / "places", s / "link");
    auto work = WorkFolder::in(s.text());
    EXPECT_EQ(work->place_at(s / "link").error().code, ErrorCode::Refused);
}
