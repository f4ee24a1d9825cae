#include "core/edition/edition.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

Procedure guide() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "M14", ""}};
    p.figures = {{FigureId("t"), FigureKind::Torque, ItemId("plug"), "tightening torque", {"24", "", "Nm"}, "", {}, {}, ""}};
    for (const char* id : {"a", "b"}) {
        Step s;
        s.id = StepId(id);
        s.heading = std::string("Step ") + id;
        s.lines = {"Tighten to {figure:t}."};
        p.steps.push_back(s);
    }
    return p;
}

std::string all(const std::vector<Difference>& d) {
    std::string out;
    for (const auto& x : d) out += x.text + "\n";
    return out;
}

}  // namespace

TEST(Edition, JsonRoundTripsAndCarriesTheSafetyStatement) {
    holds([] {
        const Edition e{rnd::pick(1, 50), "2026-11-25T10:42:08Z", "author", "checker", rnd::random_procedure(30), {"x"}};
        const auto j = to_json(e);
        RC_ASSERT(j.at("safety") == safety_statement());
        const auto back = edition_from_json(nlohmann::json::parse(canonical_text(j)));
        RC_ASSERT(back.has_value());
        RC_ASSERT(*back == e);
    });
    EXPECT_FALSE(edition_from_json(nlohmann::json::parse("{}")));
    EXPECT_FALSE(edition_from_json(nullptr));
}

TEST(Edition, CanonicalTextHasSortedKeysNoSpacesAndNoFloatingNumbers) {
    const auto text = canonical_text(to_json(Edition{1, "2026-11-25T10:42:08Z", "author", "checker", guide(), {}}));
    EXPECT_EQ(text.find("\": "), std::string::npos);
    EXPECT_EQ(text.back(), '\n');
    EXPECT_EQ(canonical_text(nlohmann::json::parse(text)), text);
    std::function<void(const nlohmann::json&)> walk = [&](const nlohmann::json& j) {
        EXPECT_FALSE(j.is_number_float());
        if (j.is_structured())
            for (const auto& x : j) walk(x);
    };
    walk(nlohmann::json::parse(text));
}

TEST(Differences, NothingDiffersFromItself) {
    holds([] { RC_ASSERT(differences(rnd::random_procedure(0), rnd::random_procedure(0)).empty()); });
    EXPECT_TRUE(differences(guide(), guide()).empty());
}

TEST(Differences, AChangedTorqueIsToldInWordsWithBothUnitsAndItsSteps) {
    Procedure after = guide();
    after.figures[0].value = {"25", "", "Nm"};
    const auto d = differences(guide(), after);
    ASSERT_EQ(d.size(), 1U);
    EXPECT_EQ(d[0].text, "Drain plug, tightening torque: now 25 N·m (18 lbf·ft); it was 24 N·m (18 lbf·ft). Used in steps 1, 2.");
    EXPECT_TRUE(d[0].read_again);
}

TEST(Differences, TellsStepsAddedRemovedMovedAndReworded) {
    Procedure after = guide();
    std::swap(after.steps[0], after.steps[1]);
    EXPECT_NE(all(differences(guide(), after)).find("order of the steps"), std::string::npos);
    after = guide();
    after.steps.pop_back();
    EXPECT_NE(all(differences(guide(), after)).find("No longer there: Step 2, Step b."), std::string::npos);
    EXPECT_NE(all(differences(after, guide())).find("New: Step 2, Step b."), std::string::npos);
    after = guide();
    after.steps[0].lines = {"Tighten gently."};
    EXPECT_NE(all(differences(guide(), after)).find("it now says \u201CTighten gently.\u201D"), std::string::npos);
    after = guide();
    after.steps[1].cautions.push_back({Signal::Warning, "hot"});
    const auto d = differences(guide(), after);
    ASSERT_EQ(d.size(), 1U);
    EXPECT_TRUE(d[0].read_again);
}

TEST(Differences, WhatMustBeReadAgainComesFirst) {
    holds([] {
        const auto d = differences(rnd::random_procedure(20), rnd::random_procedure(20));
        RC_ASSERT(std::is_partitioned(d.begin(), d.end(), [](const Difference& x) { return x.read_again; }));
    });
}

TEST(Differences, AToleranceAVariantAndHowALevelIsReadAreTold) {
    const Procedure before = guide();
    Procedure after = before;
    after.figures[0].tolerance = "1";
    after.figures[0].condition = "new seal";
    after.figures[0].level = LevelRule{LevelRule::Temperature::Cold, LevelRule::Engine::Running, 0, LevelRule::Gauge::SightGlass};
    const auto told = differences(before, after);
    const auto says = [&](const char* words) { return std::any_of(told.begin(), told.end(), [&](const Difference& d) { return d.text.find(words) != std::string::npos && d.read_again; }); };
    EXPECT_TRUE(says("its tolerance is now \u00B1 1"));
    EXPECT_TRUE(says("it was given for"));
    EXPECT_TRUE(says("cold, running"));
}

TEST(Differences, WhatTheHandDoesOtherwiseMustBeReadAgain) {
    const auto told = [](auto&& change) {
        Procedure after = guide();
        change(after);
        return differences(guide(), after);
    };
    const auto one = [](const std::vector<Difference>& d, const char* words) { return d.size() == 1 && d[0].read_again && d[0].text.find(words) != std::string::npos; };
    EXPECT_TRUE(one(told([](Procedure& p) { p.items[0].fastening = {"40 mm", "", "none"}; }), "now 40 mm long, head not known, no washer")) << "another bolt goes into this hole";
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].states = {MachineState::LockedOff}; }), "state the machine must be in"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].resets = {{"display", {}, {{Press::Kind::Press, "SET"}}}}; }), "set back"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].methods = {{"seal"}}; }), "which way"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].variants = {"T"}; }), "variants"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].checks = {{"plug", "dry", "a drip", {}, "the instructor", Reading{"torque", "Nm", FigureId("t")}}}; }), "what to check"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.header.follow_ups = {{"after an hour", "look again"}}; }), "done later"));
    const auto pictures = told([](Procedure& p) { p.steps[0].clip = Clip{{RecordingId("r"), FrameTime(0, 1), FrameTime(1, 1)}, 2}; });
    ASSERT_EQ(pictures.size(), 1U);
    EXPECT_FALSE(pictures[0].read_again);
}

TEST(Differences, WhatALearnerNeverSeesIsNone) {
    Procedure after = guide();
    after.steps[0].comments = {{"", "checker", "2026-11-28", "why?"}};
    after.steps[0].answered = {{"vague", "x", "y"}};
    after.steps[0].translated = {{"de", "Step a", "Schritt a"}};
    after.header.translated = {{"de", "100 h service", "100-h-Wartung"}};
    after.items[0].translated = {{"de", "drain plug", "Ablassschraube"}};
    EXPECT_TRUE(differences(guide(), after).empty()) << all(differences(guide(), after));
}
