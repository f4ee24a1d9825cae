// Records and keys on the disk.
#include <gtest/gtest.h>

#include <QVariant>
#include <nlohmann/json.hpp>

#include "store/library.h"
#include "store/signing_key.h"
#include "tests/place.h"
#include "tests/scratch.h"
#include "tests/store/behind.h"

using namespace anagraph;
using anagraph::testing::behind;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using core::ErrorCode;

TEST(StoredRecords, AreThereWhenTheLibraryIsOpenedAgainAndAllOrNone) {
    const Scratch s;
    {
        auto library = store::Library::make_or_open(place(s / "library"));
        ASSERT_TRUE(library);
        ASSERT_TRUE((*library)->record({core::LearnerAdded{"learner 07", "spring"}, core::LearnerAdded{"learner 08", ""}}, " Author "));
        EXPECT_EQ((*library)->record({core::HandedOut{"g", 1, "learner 07"}, core::HandedOut{"g", 1, "nobody"}}, "author").error().code,
            ErrorCode::Refused);
        EXPECT_FALSE((*library)->record({core::LearnerAdded{"learner 09", ""}}, "")) << "somebody does it";
    }
    const auto library = store::Library::read(place(s / "library"));
    const auto records = (*library)->records();
    ASSERT_TRUE(records) << records.error().message;
    ASSERT_EQ(records->all().size(), 2U);
    EXPECT_EQ(records->all()[0].by, "Author");
    EXPECT_EQ(records->learner("learner 07")->group, "spring");
}

TEST(StoredRecords, ChangedMissingAndForeignOnesAreFound) {
    for (const char* by_hand : {"UPDATE record SET body = replace(body, 'learner 07', 'learner 70') WHERE number = 1",
             "UPDATE record SET author = 'checker' WHERE number = 2", "DELETE FROM record WHERE number = 1",
             "UPDATE record SET at = '2020-01-01T00:00:00Z' WHERE number = 3",
             "INSERT INTO record SELECT 4, at, author, body, seal FROM record WHERE number = 3"}) {
        const Scratch s;
        {
            auto library = store::Library::make_or_open(place(s / "library"));
            for (const char* name : {"learner 07", "learner 08", "learner 09"})
                ASSERT_TRUE((*library)->record({core::LearnerAdded{name, ""}}, "author"));
        }
        behind(s / "library", by_hand);
        const auto library = store::Library::read(place(s / "library"));
        EXPECT_EQ((*library)->records().error().code, ErrorCode::Damaged) << by_hand;
    }
}

TEST(GuideState, AsItStoodAfterAnyOfItsChanges) {
    const Scratch s;
    auto library = store::Library::make_or_open(place(s / "library"));
    core::Procedure p;
    p.header = {"service", "pump", "KQ-1", "", {}, ""};
    const auto id = *(*library)->create_guide(p, "author");
    std::vector<core::Procedure> states{p};
    for (int i = 0; i < 450; ++i) {  // over two snapshots
        core::Header h = p.header;
        h.title = "service " + std::to_string(i);
        const core::Change change{"name it", {core::SetHeader{h}}};
        p = *core::apply(p, change);
        ASSERT_TRUE((*library)->append(id, change, p, i % 2 == 0 ? "author" : "instructor"));
        states.push_back(p);
    }
    for (std::size_t n : {std::size_t{1}, std::size_t{2}, std::size_t{199}, std::size_t{200}, std::size_t{201}, std::size_t{451}}) {
        const auto state = (*library)->guide_state_at(id, static_cast<std::int64_t>(n));
        ASSERT_TRUE(state);
        EXPECT_EQ(state->procedure, states[n - 1]) << n;
        EXPECT_EQ(state->sequence, static_cast<std::int64_t>(n));
    }
    EXPECT_EQ((*library)->history(id, 449)->size(), 2U);
}

TEST(SigningKey, OpensWithItsPassphraseAndSigns) {
    const auto key = store::SigningKey::make(" author ");
    ASSERT_TRUE(key);
    EXPECT_EQ(key->post(), "author");
    EXPECT_FALSE(key->sealed(""));
    EXPECT_FALSE(store::SigningKey::make("  "));
    const auto file = key->sealed("seven dry harbours");
    ASSERT_TRUE(file);
    EXPECT_EQ(file->find("seven"), std::string::npos);
    const auto again = store::SigningKey::open(*file, "seven dry harbours");
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(again->key(), key->key());
    const auto signature = again->sign("a text");
    EXPECT_TRUE(store::is_signed("a text", signature, key->key()));
    EXPECT_FALSE(store::is_signed("another text", signature, key->key()));
    EXPECT_FALSE(store::is_signed("a text", signature, store::SigningKey::make("author")->key()));
    EXPECT_FALSE(store::is_signed("a text", signature.substr(0, signature.size() - 4), key->key()));
    EXPECT_FALSE(store::is_signed("a text", signature + " ", key->key())) << "written in one way only";
    EXPECT_EQ(store::SigningKey::open(*file, "seven wet harbours").error().code, ErrorCode::Refused);
    const auto open = store::public_key(key->public_text());
    ASSERT_TRUE(open);
    EXPECT_EQ(open->key, key->key());
}

TEST(SigningKey, AChangedKeyFileIsNotOpenedAndAsksForNoMachine) {
    const auto key = store::SigningKey::make("author");
    const auto file = nlohmann::json::parse(*key->sealed("words"));
    for (const char* field : {"post", "key", "salt", "nonce", "sealed"}) {
        auto changed = file;
        std::string text = changed[field];
        text[3] = text[3] == 'A' ? 'B' : 'A';
        changed[field] = text;
        EXPECT_FALSE(store::SigningKey::open(changed.dump(), "words")) << field;
    }
    for (const auto& [field, value] :
        {std::pair("memory", std::uint64_t{1} << 62), std::pair("times", std::uint64_t{1} << 40), std::pair("memory", std::uint64_t{0})}) {
        auto changed = file;
        changed[field] = value;
        EXPECT_EQ(store::SigningKey::open(changed.dump(), "words").error().code, ErrorCode::BadInput) << field;
    }
    for (const char* text : {"", "{}", "[1]", "anagraph", "{\"form\": \"anagraph key 1\"}"})
        EXPECT_EQ(store::SigningKey::open(text, "words").error().code, ErrorCode::BadInput);
    EXPECT_FALSE(store::public_key("{\"post\": \"author\", \"key\": \"AAAA\"}"));
}
