#include "core/records/records.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

Outcome add(Records& records, Entry entry, const std::string& at = "2026-01-01T00:00:00Z") {
    return records.add({records.next_number(), at, "author", std::move(entry)});
}

Entry random_entry() {
    const auto w = [] { return rnd::words(); };
    switch (rnd::pick(0, 11)) {
        case 0:
            return KeyRegistered{w(), w()};
        case 1:
            return KeyEnded{w(), w()};
        case 2:
            return PlacePassed{w(), w(), w()};
        case 3:
            return Checked{w(), w(), w()};
        case 4:
            return LearnerAdded{w(), w()};
        case 5:
            return LearnerMoved{w(), w()};
        case 6:
            return LearnerLeft{w()};
        case 7:
            return HandedOut{w(), rnd::pick(1, 99), w(), all_of<HandedBy>()[static_cast<std::size_t>(rnd::pick(0, 4))].value};
        case 8:
            return Learned{w(), rnd::pick(1, 99), w(), w()};
        case 9:
            return Withdrawn{w(), rnd::pick(1, 99), w()};
        default:
            return Struck{rnd::pick(1, 99), w()};
    }
}

}  // namespace

TEST(Records, EveryKindRoundTripsThroughJson) {
    holds([] {
        const Entry e = random_entry();
        const auto back = entry_from_json(nlohmann::json::parse(to_json(e).dump()));
        RC_ASSERT(back.has_value());
        RC_ASSERT(*back == e);
    });
    EXPECT_EQ(entry_from_json({{"kind", "learner promoted"}}).error().code, ErrorCode::Refused) << "a newer program wrote it";
    EXPECT_EQ(entry_from_json({{"kind", "handed out"}, {"by", "pigeon"}}).error().code, ErrorCode::BadInput);
    EXPECT_EQ(entry_from_json({{"kind", "withdrawn"}, {"edition", "two"}}).error().code, ErrorCode::BadInput);
    EXPECT_FALSE(entry_from_json(nullptr));
}

TEST(Records, AKeyIsRegisteredOnceEndedWithAReasonAndReplaced) {
    Records r;
    EXPECT_FALSE(r.signs());
    ASSERT_TRUE(add(r, KeyRegistered{"author", "AAAA"}, "2026-01-01T00:00:00Z"));
    EXPECT_FALSE(add(r, KeyRegistered{"Author ", "BBBB"})) << "one key a post";
    EXPECT_FALSE(add(r, KeyRegistered{"checker", "AAAA"})) << "one post a key";
    EXPECT_FALSE(add(r, KeyEnded{"author", " "})) << "no reason";
    EXPECT_FALSE(add(r, KeyEnded{"checker", "lost"})) << "it has none";
    ASSERT_TRUE(add(r, KeyEnded{"author", "left on the bus"}, "2026-02-01T00:00:00Z"));
    EXPECT_EQ(r.key_of("author"), nullptr);
    EXPECT_FALSE(add(r, KeyRegistered{"author", "AAAA"})) << "what was lost stays lost";
    ASSERT_TRUE(add(r, KeyRegistered{"author", "BBBB"}, "2026-02-02T00:00:00Z"));
    ASSERT_EQ(r.keys().size(), 2U);
    EXPECT_EQ(r.keys()[0], (KeyHeld{"author", "AAAA", "2026-01-01T00:00:00Z", "2026-02-01T00:00:00Z", "left on the bus"}));
    EXPECT_EQ(r.key_of("AUTHOR")->key, "BBBB");
    EXPECT_TRUE(r.signs());
    const auto back = keys_from_json(keys_to_json(r.keys()));
    ASSERT_TRUE(back);
    EXPECT_EQ(*back, r.keys());
}

TEST(Records, KeysOfAFileMayBeAListAPublicKeyOrWhatTheListPrints) {
    EXPECT_EQ(keys_from_json({{"post", "author"}, {"key", "AAAA"}})->size(), 1U);
    EXPECT_EQ(keys_from_json({{"keys", {{{"post", "author"}, {"key", "AAAA"}}}}})->front().post, "author");
    EXPECT_TRUE(keys_from_json(nlohmann::json::array())->empty());
    EXPECT_FALSE(keys_from_json({{"post", "author"}}));
    EXPECT_FALSE(keys_from_json({{{"post", "author"}, {"key", 7}}}));
    EXPECT_FALSE(keys_from_json("AAAA"));
    EXPECT_FALSE(keys_from_json(nlohmann::json::parse("{{", nullptr, false)));
}

TEST(Records, OnlyLearnersOfTheRegisterAreHandedAnything) {
    Records r;
    EXPECT_FALSE(add(r, HandedOut{"g", 1, "learner 07"}));
    ASSERT_TRUE(add(r, LearnerAdded{"learner 07", "spring"}));
    EXPECT_FALSE(add(r, LearnerAdded{"Learner  07", ""}));
    ASSERT_TRUE(add(r, HandedOut{"g", 1, "LEARNER 07"}));
    EXPECT_EQ(r.kept<HandedOut>().front().what.learner, "learner 07") << "as the register has it";
    ASSERT_TRUE(add(r, LearnerLeft{"learner 07"}));
    EXPECT_FALSE(add(r, HandedOut{"g", 2, "learner 07"}));
    ASSERT_TRUE(add(r, LearnerAdded{"learner 07", "autumn"})) << "came back";
    EXPECT_EQ(r.learner("learner 07")->group, "autumn");
    ASSERT_TRUE(add(r, HandedOut{"g", 2, "learner 07"}));
}

TEST(Records, AWithdrawnEditionIsNotHandedOutOrLearned) {
    Records r;
    ASSERT_TRUE(add(r, LearnerAdded{"learner 07", ""}));
    EXPECT_FALSE(add(r, Withdrawn{"g", 1, ""})) << "no reason";
    ASSERT_TRUE(add(r, Withdrawn{"g", 1, "the torque was wrong"}));
    EXPECT_FALSE(add(r, Withdrawn{"g", 1, "again"}));
    const auto no = add(r, HandedOut{"g", 1, "learner 07"});
    ASSERT_FALSE(no);
    EXPECT_NE(no.error().message.english().find("the torque was wrong"), std::string::npos);
    EXPECT_FALSE(add(r, Learned{"g", 1, "learner 07"}));
    EXPECT_TRUE(add(r, HandedOut{"g", 2, "learner 07"}));
    EXPECT_EQ(r.all().size(), 3U) << "what was refused left nothing";
}

TEST(Records, AMistakeIsStruckAndStaysInTheRecords) {
    Records r;
    ASSERT_TRUE(add(r, LearnerAdded{"learner 07", ""}));
    ASSERT_TRUE(add(r, HandedOut{"g", 1, "learner 07"}));
    EXPECT_FALSE(add(r, Struck{1, "typed wrongly"})) << "who is in the register leaves it";
    EXPECT_FALSE(add(r, Struck{9, "typed wrongly"}));
    EXPECT_FALSE(add(r, Struck{2, ""}));
    ASSERT_TRUE(add(r, Struck{2, "it was another learner"}));
    EXPECT_TRUE(r.kept<HandedOut>().empty());
    EXPECT_EQ(r.all().size(), 3U);
    EXPECT_FALSE(add(r, Struck{2, "again"}));
}
