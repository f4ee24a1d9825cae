// anagraph-cli library: what of a library is on this computer, and the passwords by which it is reached.
#include "store/library.h"

#include <gtest/gtest.h>

#include <QTemporaryDir>
#include <fstream>

#include "store/credentials.h"
#include "store/files.h"
#include "tests/cli/run_cli.h"
#include "tests/core/job.h"
#include "tests/objects/own_bucket.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::testing;

namespace {

class LibraryCommand : public ::testing::Test {
protected:
    /// A library with one guide.
    std::string made(const std::string& at) {
        auto library = store::Library::make_or_open(at);
        EXPECT_TRUE(library) << library.error().message;
        return (*library)->create_guide(core::testing::guide(), "author")->text();
    }
    const Scratch folder;
    const Computer computer{folder / "computer"};
};

}  // namespace

TEST_F(LibraryCommand, OfAFolderNothingIsKeptTwiceAndNothingGoesAlong) {
    const std::string at = folder / "library";
    const std::string guide = made(at);
    const auto here = cli({"library", "here", at, "--json"});
    EXPECT_EQ(here.code, 0) << here.err;
    EXPECT_TRUE(here.value()["held"].is_null());
    EXPECT_EQ(cli({"library", "here", at, "--most", "5"}).code, 1);
    const auto along = cli({"library", "along", at, guide});
    EXPECT_EQ(along.code, 1);
    EXPECT_NE((along.out + along.err).find("lies on this computer"), std::string::npos) << along.out << along.err;
}

TEST_F(LibraryCommand, IsBackedUpWhereItIsDueAndKeptThree) {
    const std::string at = place(folder / "library");
    made(at);
    ASSERT_TRUE(store::make_folder(folder / "stick"));
    const auto first = cli({"library", "backup", at, folder / "stick", "--json"});
    ASSERT_EQ(first.code, 0) << first.err;
    EXPECT_TRUE(first.value()["made"]);
    EXPECT_TRUE(store::is_there(first.value()["file"]));
    const auto again = cli({"library", "backup", at, folder / "stick", "--every", "7", "--json"});
    EXPECT_FALSE(again.value()["made"]);
    EXPECT_EQ(again.value()["file"], first.value()["file"]);
    EXPECT_NE(cli({"library", "backup", at, folder / "not there"}).code, 0);
}

TEST_F(LibraryCommand, GuidesOfAServerGoAlongAndNoMore) {
    if (!on_server()) GTEST_SKIP() << "of a library on a server";
    const std::string at = place(folder / "library");
    const std::string guide = made(at);
    EXPECT_TRUE(cli({"library", "along", at, "--json"}).value()["guides"].empty());
    const auto taken = cli({"library", "along", at, guide, "--json"});
    ASSERT_EQ(taken.code, 0) << taken.err;
    EXPECT_EQ(taken.value()["guides"], nlohmann::json::array({guide}));
    EXPECT_TRUE(store::Library::on_the_road(at));
    EXPECT_EQ(cli({"library", "along", at, "no-such-guide"}).code, 2);
    EXPECT_TRUE(store::Library::on_the_road(at)) << "what was taken before stays";
    ASSERT_EQ(cli({"library", "along", at, "--none"}).code, 0);
    EXPECT_FALSE(store::Library::on_the_road(at));
}

TEST_F(LibraryCommand, SaysAndSetsHowMuchOfAnObjectStoreIsHere) {
    if (!on_server() || !with_objects()) GTEST_SKIP() << "of a library whose films lie in an object store";
    const std::string at = far_place(folder / "library");
    made(at);
    const auto set = cli({"library", "here", at, "--most", "2.5", "--json"});
    ASSERT_EQ(set.code, 0) << set.err;
    EXPECT_EQ(set.value()["most"], 2'500'000'000);
    EXPECT_EQ(cli({"library", "here", at, "--json"}).value()["most"], 2'500'000'000);
}

TEST_F(LibraryCommand, KeepsTheSecretOfAnObjectStore) {
    const QTemporaryDir home;
    const QByteArray before = qgetenv("XDG_CONFIG_HOME");
    const QByteArray bus = qgetenv("DBUS_SESSION_BUS_ADDRESS");
    qputenv("XDG_CONFIG_HOME", home.path().toUtf8());
    qunsetenv("DBUS_SESSION_BUS_ADDRESS");  // no keyring here
    std::ofstream(folder / "secret") << "a secret\n";
    const auto kept = cli({"library", "password", "s3://store.house/films", "--name", "our key", "--password-file", folder / "secret"});
    EXPECT_EQ(kept.code, 0) << kept.err;
    const auto found = store::credentials_for("s3://store.house/films");
    ASSERT_TRUE(found && *found);
    EXPECT_EQ((*found)->user, "our key");
    EXPECT_EQ((*found)->secret, "a secret");
    EXPECT_EQ(cli({"library", "password", "s3://store.house", "--name", "n", "--password-file", folder / "secret"}).code, 2);
    qputenv("XDG_CONFIG_HOME", before);
    if (before.isEmpty()) qunsetenv("XDG_CONFIG_HOME");
    if (!bus.isEmpty()) qputenv("DBUS_SESSION_BUS_ADDRESS", bus);
}
