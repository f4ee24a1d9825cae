// Where practitioners differ: what holds at a step, and what a house keeps.
#include "core/house/methods.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>
#include <set>

#include "core/editing/usual_methods.h"
#include "core/edition/edition.h"
#include "core/house/house.h"
#include "tests/core/job.h"

using namespace anagraph::core;
namespace job = anagraph::core::testing;

namespace {

Step carrying(const char* topic, const char* own = "", const char* because = "") {
    Step s = job::step("one", 0, 10);
    s.methods = {{topic, own, because}};
    return s;
}

}  // namespace

TEST(Methods, EveryQuestionHasAtLeastTwoWaysEachWithItsReason) {
    std::set<std::string_view> ids;
    for (const auto& t : method_topics()) {
        EXPECT_TRUE(ids.insert(t.id).second) << t.id;
        EXPECT_GE(t.ways.size(), 2U) << t.id;
        for (const auto& w : t.ways) EXPECT_TRUE(!w.name.empty() && w.reason.size() > 20) << t.id << " " << w.id;
    }
}

TEST(Methods, NothingIsPickedForAHouseThatSaysNothing) {
    const auto held = methods_of(carrying("drain-heat"), {});
    ASSERT_EQ(held.size(), 1U);
    EXPECT_EQ(held[0].chosen, nullptr);
    EXPECT_TRUE(held[0].accepted.empty());
    EXPECT_NE(summary(held[0]).find("no method"), std::string::npos);
    EXPECT_NE(summary(held[0]).find("maker's book"), std::string::npos);
}

TEST(Methods, TheHouseChoosesOnceForAllStepsAndSaysWhatElseIsAccepted) {
    const std::vector<HouseMethod> house{{"drain-heat", "warm", "thin gloves", {"cool", "warm"}}};
    for (const auto* id : {"one", "two"}) {
        Step s = carrying("drain-heat");
        s.id = StepId(id);
        const auto held = methods_of(s, house);
        ASSERT_EQ(held.size(), 1U);
        EXPECT_EQ(held[0].chosen->id, "warm");
        EXPECT_EQ(held[0].because, "thin gloves");
        ASSERT_EQ(held[0].accepted.size(), 1U) << "the chosen way is not told twice";
        EXPECT_EQ(held[0].accepted[0]->id, "cool");
        EXPECT_EQ(summary(held[0]), "House rule: drain it warm.");
    }
}

TEST(Methods, AStepMayDepartWithItsReasonAndTheWayItDepartsFromIsNotAcceptedThere) {
    const auto held = methods_of(carrying("tighten", "angle", "the print gives a turn"), {{"tighten", "wrench", "aluminium", {}}});
    ASSERT_EQ(held.size(), 1U);
    EXPECT_EQ(held[0].chosen->id, "angle");
    EXPECT_EQ(held[0].because, "the print gives a turn");
    EXPECT_TRUE(held[0].accepted.empty()) << "nobody said that it may be torqued: there may be no figure for it";
    EXPECT_EQ(summary(held[0]).substr(0, 13), "For this step");
}

TEST(Methods, AQuestionNobodyKnowsIsLeftOut) { EXPECT_TRUE(methods_of(carrying("colour"), {}).empty()); }

TEST(Methods, AHouseKeepsThemThroughItsFileAndAnEditionFreezesThem) {
    House house;
    house.methods = {{"seal", "new", "cheap", {"inspected"}}};
    EXPECT_EQ(*house_from_json(to_json(house)), house);
    Edition e{1, "2026-11-28T10:00:00Z", "author", "checker", job::guide(), {}, "rule", house.methods};
    EXPECT_EQ(*edition_from_json(to_json(e)), e);
    auto damaged = to_json(e);
    damaged["methods"] = {{{"topic", 3}}};
    EXPECT_FALSE(edition_from_json(damaged));
}

TEST(Methods, WhatTheHouseChangedIsTheReasonToReadAgain) {
    Edition before{1, "", "author", "checker", job::guide(), {}, "", {{"seal", "new", "", {}}}};
    before.procedure.steps[0].methods = {{"seal"}};
    Edition after = before;
    EXPECT_TRUE(differences(before, after).empty());
    after.methods[0].because = "another reason";
    EXPECT_TRUE(differences(before, after).empty()) << "a reason changes nothing of what the hand does";
    after.methods[0].chosen = "inspected";
    const auto told = differences(before, after);
    ASSERT_EQ(told.size(), 1U);
    EXPECT_TRUE(told[0].read_again);
    EXPECT_NE(told[0].text.find("reuse it"), std::string::npos);
}

TEST(UsualMethods, AreProposedFromWhatAStepDoes) {
    Procedure p = job::guide();
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}, {ItemId("oil"), ItemKind::Fluid, "gear oil", "", ""},
        {ItemId("washer"), ItemKind::Seal, "copper washer", "", ""}};
    const auto met = [&](std::vector<std::string> lines) {
        Step s = job::step("one", 0, 10);
        s.lines = std::move(lines);
        std::set<std::string_view> out;
        for (const auto* t : questions_met(p, s)) out.insert(t->id);
        return out;
    };
    EXPECT_EQ(met({"Drain the {item:oil}."}).count("drain-heat"), 1U);
    EXPECT_EQ(met({"Drain the {item:oil}."}).count("flush"), 1U);
    EXPECT_EQ(met({"Tighten the {item:plug}."}).count("tighten"), 1U);
    EXPECT_EQ(met({"Put a new {item:washer} on."}).count("seal"), 1U);
    EXPECT_EQ(met({"Pour {item:oil} in."}).count("refill"), 1U);
    EXPECT_TRUE(met({"Look at the belt."}).empty());
    Step carried = job::step("one", 0, 10);
    carried.lines = {"Tighten the {item:plug}."};
    carried.methods = {{"tighten"}};
    EXPECT_TRUE(questions_met(p, carried).empty()) << "what it carries is not proposed again";
}
