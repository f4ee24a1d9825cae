// What a post may do on a server is the server's own say, whatever client asks.
#include "store/roles.h"

#include <gtest/gtest.h>

#include "store/library.h"
#include "tests/core/job.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using core::ErrorCode;

namespace {

core::Change note(const core::Procedure& p, const char* words) {
    core::Header h = p.header;
    h.site_note = words;
    return {"note", {core::SetHeader{h}}};
}

}  // namespace

TEST(Roles, EachDoesItsOwnAndNothingThatIsOnlyAddedToIsAltered) {
    if (!anagraph::testing::on_server()) {
        EXPECT_EQ(store::make_roles("/tmp").error().code, ErrorCode::BadInput);
        return;
    }
    const Scratch s;
    const std::string at = place(s / "lib");
    const std::string database = anagraph::testing::database_of(s / "lib");
    store::GuideId id;
    const auto p = core::testing::guide();
    {
        auto library = store::Library::make_or_open(at);
        ASSERT_TRUE(library) << library.error().message;
        id = *(*library)->create_guide(p, "author");
    }
    EXPECT_EQ(store::give_role(at, database + "_nobody", store::Role::Author).error().code, ErrorCode::NotFound);
    const auto as = [&](const char* who, store::Role role) {
        const std::string name = database + "_" + who + "_login";
        anagraph::testing::on_the_server("postgres", "CREATE ROLE " + name + " LOGIN");
        const auto given = store::give_role(at, name, role);
        EXPECT_TRUE(given) << (given ? std::string() : given.error().message.english());
        std::string own = at;
        own.replace(own.find("anagraph@"), std::string("anagraph").size(), name);
        auto library = store::Library::open(own);
        EXPECT_TRUE(library) << (library ? std::string() : library.error().message.english());
        return std::move(*library);
    };
    const auto writes = [&](store::Library& library) -> core::Outcome {
        const auto now = *library.load_guide(id);
        const auto change = note(now, (now.header.site_note + "x").c_str());
        return library.append(id, change, *core::apply(now, change), "somebody");
    };
    core::House house;
    house.store = {{"gear oil", "75W90", 1, 1, ""}};
    {
        auto reader = as("r", store::Role::Reader);
        EXPECT_TRUE(reader->load_guide(id));
        EXPECT_TRUE(reader->be_present({"reader", id, {}}));
        EXPECT_EQ(writes(*reader).error().code, ErrorCode::Refused);
        EXPECT_EQ(reader->record({core::LearnerAdded{"learner 07", ""}}, "reader").error().code, ErrorCode::Refused);
    }
    {
        auto author = as("a", store::Role::Author);
        EXPECT_TRUE(writes(*author));
        EXPECT_TRUE(author->create_guide(p, "author"));
        EXPECT_EQ(author->set_house(house).error().code, ErrorCode::Refused);
    }
    {
        auto trainer = as("t", store::Role::Trainer);
        EXPECT_TRUE(trainer->record({core::LearnerAdded{"learner 07", ""}}, "trainer"));
        EXPECT_EQ(writes(*trainer).error().code, ErrorCode::Refused);
    }
    {
        auto keeper = as("k", store::Role::Keeper);
        EXPECT_TRUE(writes(*keeper));
        EXPECT_TRUE(keeper->set_house(house));
    }
    // another client than ours
    for (const char* sql : {"UPDATE change SET body = 'x'", "DELETE FROM change", "DELETE FROM record", "UPDATE log SET body = 'x'",
             "DELETE FROM edition", "DROP TABLE change"})
        anagraph::testing::on_the_server(database,
            "SET ROLE " + database + "_keeper;\nDO $$ BEGIN EXECUTE $q$" + std::string(sql) +
                "$q$; RAISE 'it was done'; EXCEPTION WHEN insufficient_privilege THEN NULL; END $$;");
    for (const char* who : {"r", "a", "t", "k"})
        anagraph::testing::on_the_server(
            database, "DROP OWNED BY " + database + "_" + who + "_login; DROP ROLE " + database + "_" + who + "_login");
}
