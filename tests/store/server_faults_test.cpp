// A library on a server that fails in the middle: the network is cut, the certificate is another's, its disk is full.
#include <gtest/gtest.h>

#include <chrono>
#include <map>
#include <thread>

#include "store/library.h"
#include "tests/core/job.h"
#include "tests/objects/own_bucket.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::testing;
using core::ErrorCode;

namespace {

constexpr const char* kWire = "database-plan";

class ServerFaults : public ::testing::Test {
protected:
    void SetUp() override {
        if (!on_server() || from_environment("ANAGRAPH_SERVER_WIRE").empty()) GTEST_SKIP() << "no server was started";
        at = place(scratch / "library");
        auto made = store::Library::make_or_open(at);
        ASSERT_TRUE(made) << made.error().message;
        guide = *(*made)->create_guide(core::testing::guide(), "author");
    }
    void TearDown() override {
        if (on_server()) plan("{}", kWire);
    }
    /// The same library at another port, or with more said in its address.
    std::string address(const std::string& port, const std::string& more = {}) const {
        const std::string own = ":" + from_environment("ANAGRAPH_SERVER_PORT") + "/";
        std::string out = at;
        return out.replace(out.find(own), own.size(), ":" + port + "/") + more;
    }
    static core::Change note(const core::Procedure& p, const std::string& words) {
        core::Header h = p.header;
        h.site_note = words;
        return {words, {core::SetHeader{h}}};
    }

    const Scratch scratch;
    std::string at;
    store::GuideId guide;
};

}  // namespace

TEST_F(ServerFaults, CutInTheMiddleOfAWriteWhatWasCalledSavedIsThereOnce) {
    const std::string wire = address(from_environment("ANAGRAPH_SERVER_WIRE"));
    plan(R"({"cut": 24000})", kWire);
    std::map<std::string, int> expected;  // by its words: how often it has to be there
    std::vector<std::pair<std::string, std::string>> unknown;
    for (int i = 0; i < 60; ++i) {
        const std::string words = "change " + std::to_string(i);
        auto library = store::Library::beside(wire);
        const auto now = library ? (*library)->guide_state(guide) : tl::make_unexpected(library.error());
        if (!now) {
            ASSERT_EQ(now.error().code, ErrorCode::Away) << now.error().message;
            continue;
        }
        const auto done = (*library)->append_on(guide, now->sequence, note(now->procedure, words), "author");
        ASSERT_TRUE(done || done.error().code == ErrorCode::Away) << done.error().message;
        if (done)
            expected[words] = 1;
        else if (!done.error().place.empty())
            unknown.emplace_back(words, done.error().place);
        else
            expected[words] = 0;
    }
    EXPECT_GT(breaks(kWire), 10) << "the wire was whole";
    EXPECT_GT(expected.size(), 5U) << "nothing was saved";
    plan("{}", kWire);
    const auto library = store::Library::open(at);
    ASSERT_TRUE(library) << library.error().message;
    for (const auto& [words, transaction] : unknown) {
        auto kept = (*library)->was_kept(transaction);
        // the server may not have noticed yet that nobody is there any more
        for (int i = 0; i < 300 && !kept; ++i) {
            std::this_thread::sleep_for(std::chrono::milliseconds(100));
            kept = (*library)->was_kept(transaction);
        }
        ASSERT_TRUE(kept) << kept.error().message << " (" << transaction << ")";
        expected[words] = *kept ? 1 : 0;
    }
    std::map<std::string, int> there;
    const auto history = (*library)->history(guide);
    ASSERT_TRUE(history);
    for (const auto& entry : *history) ++there[entry.change.label];
    for (const auto& [words, times] : expected) EXPECT_EQ(there[words], times) << words;
}

TEST_F(ServerFaults, ItIsBelievedByItsCertificateOnly) {
    const std::string own = from_environment("ANAGRAPH_SERVER_PORT");
    const std::string right = from_environment("ANAGRAPH_SERVER") + "/server.crt";
    const auto proved = store::Library::open(address(own, "&sslmode=verify-full&sslrootcert=" + right));
    EXPECT_TRUE(proved) << proved.error().message;
    // another's
    const std::string wrong = from_environment("ANAGRAPH_OBJECTS_FOLDER") + "/cert.pem";
    const auto refused = store::Library::open(address(own, "&sslmode=verify-full&sslrootcert=" + wrong));
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ErrorCode::Refused) << refused.error().message;
    EXPECT_NE(refused.error().message.english().find("certificate"), std::string::npos) << refused.error().message;
}

TEST_F(ServerFaults, ItsDiskIsFull) {
    const auto library = store::Library::open(at);
    ASSERT_TRUE(library);
    // the error such a server gives
    ASSERT_TRUE(on_the_server(database_of(scratch / "library"),
        "CREATE FUNCTION no_room() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RAISE EXCEPTION 'could not extend file: No space left on "
        "device' USING ERRCODE = 'disk_full'; END $$; CREATE TRIGGER no_room BEFORE INSERT ON change FOR EACH ROW EXECUTE FUNCTION "
        "no_room();"));
    const auto now = *(*library)->guide_state(guide);
    const auto done = (*library)->append_on(guide, now.sequence, note(now.procedure, "lost?"), "author");
    ASSERT_FALSE(done);
    EXPECT_EQ(done.error().code, ErrorCode::NoSpace) << done.error().message;
    ASSERT_TRUE(on_the_server(database_of(scratch / "library"), "DROP TRIGGER no_room ON change;"));
    EXPECT_TRUE((*library)->append_on(guide, now.sequence, note(now.procedure, "saved"), "author")) << "it goes on once there is room";
}

TEST_F(ServerFaults, OneThatDoesNotAnswerIsGivenUp) {
    plan(R"({"dead": true})", kWire);
    const auto began = std::chrono::steady_clock::now();
    const auto library = store::Library::open(address(from_environment("ANAGRAPH_SERVER_WIRE")));
    ASSERT_FALSE(library);
    EXPECT_EQ(library.error().code, ErrorCode::Away) << library.error().message;
    EXPECT_LT(std::chrono::steady_clock::now() - began, std::chrono::seconds(60));
}
