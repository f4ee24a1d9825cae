// Where films, documents and packs lie: a folder, and a bucket of an object store that is started for the tests (tools/own-objects).
#include "store/objects/objects.h"

#include <gtest/gtest.h>

#include <chrono>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

#include "store/credentials.h"
#include "store/digest.h"
#include "store/objects/bucket_request.h"
#include "store/objects/object_cache.h"
#include "tests/objects/own_bucket.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::testing;
using core::ErrorCode;

namespace {

std::string random_bytes(std::size_t size, unsigned seed) {
    std::mt19937 random(seed);
    std::string out(size, '\0');
    for (auto& c : out) c = static_cast<char>(random());
    return out;
}

std::string file_of(const Scratch& scratch, const std::string& name, const std::string& bytes) {
    std::ofstream(scratch / name, std::ios::binary) << bytes;
    return scratch / name;
}

std::string all_of(store::Objects& objects, const std::string& name) {
    const auto facts = objects.facts(name);
    if (!facts) return facts.error().message;
    std::string out;
    for (std::int64_t at = 0; at < facts->bytes; at += store::kPieceBytes) out += objects.read(name, at, store::kPieceBytes).value_or("");
    return out;
}

/// A folder, and with a store started for the tests a bucket: the same is asked of both.
class EachObjects : public ::testing::TestWithParam<bool> {
protected:
    void SetUp() override {
        if (GetParam()) {
            auto made = store::bucket_objects(own_bucket("library"), scratch_ / "uploads");
            ASSERT_TRUE(made) << made.error().message;
            objects_ = std::move(*made);
        } else {
            objects_ = store::folder_objects(scratch_ / "objects");
        }
    }
    Scratch scratch_;
    std::unique_ptr<store::Objects> objects_;
};

class OwnBucket : public ::testing::Test {
protected:
    void SetUp() override {
        if (!with_objects()) GTEST_SKIP() << "no object store was started";
    }
    void TearDown() override { plan("{}"); }
    Scratch scratch_;
};

}  // namespace

INSTANTIATE_TEST_SUITE_P(Kinds, EachObjects,
    ::testing::ValuesIn(with_objects() ? std::vector<bool>{false, true} : std::vector<bool>{false}),
    [](const auto& kind) { return kind.param ? "Bucket" : "Folder"; });

TEST_P(EachObjects, WhatIsPutIsThereToTheByte) {
    for (const std::size_t size : {std::size_t{0}, std::size_t{1}, std::size_t{70'000}, std::size_t{21'000'003}}) {
        const std::string bytes = random_bytes(size, 7);
        const std::string name = "media/" + std::to_string(size) + "/original film.mp4";
        const auto put = objects_->put(name, file_of(scratch_, "film", bytes));
        ASSERT_TRUE(put) << put.error().message;
        const auto facts = objects_->facts(name);
        ASSERT_TRUE(facts) << facts.error().message;
        EXPECT_EQ(facts->bytes, static_cast<std::int64_t>(size));
        EXPECT_EQ(facts->sha256, store::sha256(bytes));
        EXPECT_EQ(store::sha256(all_of(*objects_, name)), store::sha256(bytes));
        EXPECT_EQ(objects_->read(name, 10, 5).value_or("none"), bytes.size() > 10 ? bytes.substr(10, 5) : "");
    }
    EXPECT_EQ(objects_->facts("media/none").error().code, ErrorCode::NotFound);
}

TEST_P(EachObjects, AreListedByTheirNamesAndGoOneByOne) {
    for (const char* name : {"documents/b", "documents/a", "media/x/index.json"})
        ASSERT_TRUE(objects_->put(std::string("list/") + name, file_of(scratch_, "f", name)));
    EXPECT_EQ(*objects_->list("list/documents/"), (std::vector<std::string>{"list/documents/a", "list/documents/b"}));
    ASSERT_TRUE(objects_->remove("list/documents/a"));
    EXPECT_TRUE(objects_->remove("list/documents/a")) << "what is not there is no error";
    EXPECT_EQ(*objects_->list("list/"), (std::vector<std::string>{"list/documents/b", "list/media/x/index.json"}));
    EXPECT_EQ(objects_->facts("list/documents/a").error().code, ErrorCode::NotFound);
}

TEST_F(OwnBucket, ListsMoreThanItNamesAtOnce) {
    store::BucketConnection connection(own_bucket("other"), {kOwnKey, kOwnKey});
    for (int i = 0; i < 1203; ++i) ASSERT_TRUE(connection.ask({"PUT", "facts/many/" + std::to_string(10'000 + i), {}, "x"}));
    const auto names = (*store::bucket_objects(own_bucket("other"), scratch_ / "uploads"))->list("many/");
    ASSERT_TRUE(names) << names.error().message;
    EXPECT_EQ(names->size(), 1203U);
    EXPECT_EQ(names->back(), "many/11202");
}

TEST_F(OwnBucket, AFilmArrivesWholeThroughAHundredBreaks) {
    const std::string bytes = random_bytes(26'000'000, 3);
    const std::string film = file_of(scratch_, "film", bytes);
    plan(R"({"cut": 8000000, "times": 100})");
    const auto bucket = own_bucket("library", "ANAGRAPH_OBJECTS_WIRE");
    int sent = 0;
    // each attempt is another program's, which knows only what the one before left on the disk
    for (int file = 0; breaks() < 100; ++file) {
        const std::string name = "media/breaks/" + std::to_string(file);
        core::Outcome put = core::fail(ErrorCode::Away, std::string(""));
        for (int attempt = 0; attempt < 50 && !put; ++attempt) {
            put = (*store::bucket_objects(bucket, scratch_ / "uploads"))->put(name, film);
            ASSERT_TRUE(put || put.error().code == ErrorCode::Away) << put.error().message;
        }
        ASSERT_TRUE(put) << put.error().message;
        ++sent;
    }
    EXPECT_GE(breaks(), 100);
    plan("{}");
    auto objects = *store::bucket_objects(own_bucket("library"), scratch_ / "uploads");
    for (int file = 0; file < sent; ++file)
        EXPECT_EQ(store::sha256(all_of(*objects, "media/breaks/" + std::to_string(file))), store::sha256(bytes)) << file;
    EXPECT_TRUE(store::names_in(scratch_ / "uploads").empty()) << "nothing is left of an upload that is done";
}

TEST_F(OwnBucket, AStoreThatFillsUpOnTheWayKeepsWhatArrived) {
    const std::string bytes = random_bytes(20'000'000, 17);
    const std::string film = file_of(scratch_, "film", bytes);
    const std::string full = from_environment("ANAGRAPH_OBJECTS_FOLDER") + "/full";
    const auto put = [&](const store::Progress& progress) {
        return (*store::bucket_objects(own_bucket("library"), scratch_ / "uploads"))->put("media/full/f", film, progress);
    };
    // stopped once a part has arrived
    EXPECT_EQ(put([&](double share) { return share < 0.7; }).error().code, ErrorCode::Cancelled);
    ASSERT_EQ(store::names_in(scratch_ / "uploads").size(), 1U);
    const std::string note = (scratch_ / "uploads/") + store::names_in(scratch_ / "uploads").front();
    const auto remembered = store::read_file(note);
    ASSERT_TRUE(remembered);
    std::ofstream(full) << "full";
    const auto refused = put({});
    std::filesystem::remove(full);
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ErrorCode::NoSpace) << refused.error().message;
    EXPECT_EQ(store::read_file(note).value_or("forgotten"), *remembered);
    ASSERT_TRUE(put({}));
    EXPECT_EQ(store::sha256(all_of(*(*store::bucket_objects(own_bucket("library"), scratch_ / "uploads")), "media/full/f")),
        store::sha256(bytes));
}

TEST_F(OwnBucket, AFilmComesWholeThroughBreaksAndWhatHasComeIsNotFetchedAgain) {
    const std::string bytes = random_bytes(30'000'000, 5);
    ASSERT_TRUE((*store::bucket_objects(own_bucket("library"), scratch_ / "uploads"))->put("media/fetch/f", file_of(scratch_, "f", bytes)));
    store::LibraryPlace place{"", scratch_ / "cache", std::nullopt, own_bucket("library", "ANAGRAPH_OBJECTS_WIRE")};
    plan(R"({"cut": 9000000, "times": 30})");
    core::Result<std::string> got = core::fail(ErrorCode::Away, std::string(""));
    for (int attempt = 0; attempt < 50 && !got; ++attempt) {
        auto cache = store::ObjectCache::open(place);
        ASSERT_TRUE(cache) << cache.error().message;
        (*cache)->objects().set_patient(false);
        got = (*cache)->fetch("media/fetch/f");
    }
    ASSERT_TRUE(got) << got.error().message;
    EXPECT_GE(breaks(), 2);
    EXPECT_EQ(*store::sha256_of_file(*got), store::sha256(bytes));
    plan(R"({"dead": true})");
    EXPECT_TRUE((*store::ObjectCache::open(place))->fetch("media/fetch/f")) << "what is here is not asked for";
}

TEST_F(OwnBucket, WhatTheStoreRefusesIsSaidWithWhatToDo) {
    const std::string film = file_of(scratch_, "f", "bytes");
    const auto answered = [&](const std::string& answer) {
        plan(nlohmann::json{{"answer", answer}}.dump());
        auto objects = *store::bucket_objects(own_bucket("library", "ANAGRAPH_OBJECTS_WIRE"), scratch_ / "uploads");
        objects->set_patient(false);
        const auto put = objects->put("media/refused/f", film);
        return put ? core::Error{ErrorCode::BadInput, std::string("it was put"), ""} : put.error();
    };
    const auto http = [](const std::string& status, const std::string& code) {
        const std::string body = "<Error><Code>" + code + "</Code></Error>";
        return "HTTP/1.1 " + status + "\r\nConnection: close\r\nContent-Length: " + std::to_string(body.size()) + "\r\n\r\n" + body;
    };
    const auto full = answered(http("507 Insufficient Storage", "InsufficientStorage"));
    EXPECT_EQ(full.code, ErrorCode::NoSpace) << full.message;
    const auto clock = answered(http("403 Forbidden", "RequestTimeTooSkewed"));
    EXPECT_EQ(clock.code, ErrorCode::Refused);
    EXPECT_NE(clock.message.english().find("clock"), std::string::npos) << clock.message;
    EXPECT_EQ(answered(http("503 Slow Down", "SlowDown")).code, ErrorCode::Away);
    EXPECT_EQ(answered(http("403 Forbidden", "AccessDenied")).code, ErrorCode::Refused);
    EXPECT_EQ(answered("this is no answer at all").code, ErrorCode::Away);

    store::BucketConnection stranger(own_bucket("library"), {kOwnKey, "another secret"});
    const auto unknown = stranger.ask({"PUT", "objects/x", {}, "x"});
    ASSERT_FALSE(unknown);
    EXPECT_NE(unknown.error().message.english().find("library password"), std::string::npos) << unknown.error().message;
    store::BucketConnection nowhere(own_bucket("missing"), {kOwnKey, kOwnKey});
    EXPECT_NE(nowhere.ask({"GET", "objects/x"}).error().message.english().find("no bucket missing"), std::string::npos);
    EXPECT_EQ(store::bucket_objects(store::Bucket{"elsewhere:1", "films"}, scratch_ / "uploads").error().code, ErrorCode::Refused)
        << "no key is kept for it";
}

TEST_F(OwnBucket, OneThatDoesNotProveWhoItIsGetsNothing) {
    auto bucket = own_bucket("library", "ANAGRAPH_OBJECTS_TLS");
    bucket.plain = false;
    bucket.root_certificate = from_environment("ANAGRAPH_OBJECTS_FOLDER") + "/cert.pem";
    store::BucketConnection proved(bucket, {kOwnKey, kOwnKey});
    const auto good = proved.ask({"PUT", "objects/tls", {}, "x"});
    EXPECT_TRUE(good) << good.error().message;
    bucket.root_certificate.clear();
    store::BucketConnection not_proved(bucket, {kOwnKey, kOwnKey});
    const auto refused = not_proved.ask({"PUT", "objects/tls", {}, "x"});
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ErrorCode::Refused);
    EXPECT_NE(refused.error().message.english().find("objects_rootcert"), std::string::npos) << refused.error().message;
}

TEST_F(OwnBucket, ASlowOneIsWaitedForAndADeadOneNot) {
    const std::string bytes = random_bytes(3'000'000, 9);
    plan(R"({"delay": 15})");
    auto objects = *store::bucket_objects(own_bucket("library", "ANAGRAPH_OBJECTS_WIRE"), scratch_ / "uploads");
    std::vector<double> told;
    const auto put = objects->put("media/slow/f", file_of(scratch_, "f", bytes), [&](double share) {
        told.push_back(share);
        return true;
    });
    ASSERT_TRUE(put) << put.error().message;
    EXPECT_TRUE(std::is_sorted(told.begin(), told.end()));
    int calls = 0;
    EXPECT_EQ(
        objects->put("media/slow/g", file_of(scratch_, "g", random_bytes(3'000'000, 10)), [&](double) { return ++calls < 6; }).error().code,
        ErrorCode::Cancelled);
    store::Bucket nobody = own_bucket("library");
    nobody.endpoint = "127.0.0.1:1";
    ASSERT_TRUE(store::keep_credentials(store::credentials_name(nobody), {kOwnKey, kOwnKey}));
    auto away = *store::bucket_objects(nobody, scratch_ / "uploads");
    away->set_patient(false);
    EXPECT_EQ(away->facts("media/slow/f").error().code, ErrorCode::Away);
}

TEST_F(OwnBucket, WhatIsReadOfAFilmIsFetchedAndNoMore) {
    const std::string bytes = random_bytes(40'000'000, 11);
    ASSERT_TRUE((*store::bucket_objects(own_bucket("library"), scratch_ / "uploads"))->put("media/part/f", file_of(scratch_, "f", bytes)));
    const store::LibraryPlace place{"", scratch_ / "cache", std::nullopt, own_bucket("library")};
    const auto cache = *store::ObjectCache::open(place);
    {
        const auto source = store::bytes_elsewhere(scratch_ / "cache/media/part/f");
        ASSERT_TRUE(source) << source.error().message;
        ASSERT_TRUE(*source);
        EXPECT_EQ((*source)->size(), 40'000'000);
        std::string got(100'000, '\0');
        for (const std::int64_t at : {std::int64_t{0}, std::int64_t{20'000'000}, std::int64_t{39'950'000}}) {
            const auto read = (*source)->read(at, got);
            ASSERT_TRUE(read) << read.error().message;
            EXPECT_EQ(got.substr(0, *read), bytes.substr(static_cast<std::size_t>(at), 100'000));
        }
        EXPECT_EQ(*(*source)->read(40'000'000, got), 0U);
        EXPECT_LE(cache->held(), 3 * store::kPieceBytes);
        EXPECT_GE(cache->held(), 2 * store::kPieceBytes);
    }
    // what was there is used for the whole
    ASSERT_TRUE(store::make_here(scratch_ / "cache/media/part/f"));
    EXPECT_EQ(*store::sha256_of_file(scratch_ / "cache/media/part/f"), store::sha256(bytes));
    EXPECT_FALSE(*store::bytes_elsewhere(scratch_ / "cache/media/part/f")) << "it is here now";
    EXPECT_FALSE(*store::bytes_elsewhere(scratch_ / "f"));
    EXPECT_FALSE(*store::bytes_elsewhere(scratch_ / "none")) << "no cache, no film";
}

TEST_F(OwnBucket, WhatWasNotUsedForLongestGoesButNothingThatIsOpen) {
    auto objects = *store::bucket_objects(own_bucket("library"), scratch_ / "uploads");
    for (const char* name : {"a", "b", "c", "d"})
        ASSERT_TRUE(objects->put(std::string("documents/lru-") + name, file_of(scratch_, "f", random_bytes(1'000'000, 1))));
    const store::LibraryPlace place{"", scratch_ / "cache", std::nullopt, own_bucket("library")};
    const auto cache = *store::ObjectCache::open(place);
    const auto here = [&] {
        std::string out;
        for (const auto& name : store::names_in(scratch_ / "cache/documents")) out += name.back();
        return out;
    };
    const auto fetch = [&](const char* name) { return cache->fetch(std::string("documents/lru-") + name).has_value(); };
    ASSERT_TRUE(cache->set_limit(2'500'000));
    EXPECT_EQ(cache->limit(), 2'500'000);
    ASSERT_TRUE(fetch("a") && fetch("b"));
    ASSERT_TRUE(fetch("a"));  // used once more
    ASSERT_TRUE(fetch("c"));
    EXPECT_EQ(here(), "ac") << "b was not used for longest";
    const auto open = store::hold_here(scratch_ / "cache/documents/lru-a");
    ASSERT_TRUE(fetch("d"));
    EXPECT_EQ(here(), "ad");
    ASSERT_TRUE(cache->set_limit(0));
    EXPECT_EQ(here(), "a");
}

TEST_F(OwnBucket, APieceThatIsNotWhatWasSentIsNotTaken) {
    auto objects = *store::bucket_objects(own_bucket("library"), scratch_ / "uploads");
    ASSERT_TRUE(objects->put("media/damaged/f", file_of(scratch_, "f", random_bytes(9'000'000, 13))));
    store::BucketConnection other(own_bucket("library"), {kOwnKey, kOwnKey});
    ASSERT_TRUE(other.ask({"PUT", "objects/media/damaged/f", {}, random_bytes(9'000'000, 14)}));
    const store::LibraryPlace place{"", scratch_ / "cache", std::nullopt, own_bucket("library")};
    const auto got = (*store::ObjectCache::open(place))->fetch("media/damaged/f");
    ASSERT_FALSE(got);
    EXPECT_EQ(got.error().code, ErrorCode::Damaged) << got.error().message;
}
