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

Procedure guide_to_compare() {
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
    const auto text = canonical_text(to_json(Edition{1, "2026-11-25T10:42:08Z", "author", "checker", guide_to_compare(), {}}));
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
    holds([] {
        const Procedure p = rnd::random_procedure(30);
        RC_ASSERT(differences(p, p).empty());
        const Edition e{1, "", "author", "checker", p, {}, "rule", {}};
        RC_ASSERT(differences(e, e).empty());
    });
    EXPECT_TRUE(differences(guide_to_compare(), guide_to_compare()).empty());
}

TEST(Differences, AChangedTorqueIsToldInWordsWithBothUnitsAndItsSteps) {
    Procedure after = guide_to_compare();
    after.figures[0].value = {"25", "", "Nm"};
    const auto d = differences(guide_to_compare(), after);
    ASSERT_EQ(d.size(), 1U);
    EXPECT_EQ(d[0].text, "Drain plug, tightening torque: now 25 N·m (18 lbf·ft); it was 24 N·m (18 lbf·ft). Used in steps 1, 2.");
    EXPECT_TRUE(d[0].read_again);
}

TEST(Differences, TellsStepsAddedRemovedMovedAndReworded) {
    Procedure after = guide_to_compare();
    std::swap(after.steps[0], after.steps[1]);
    EXPECT_NE(all(differences(guide_to_compare(), after)).find("order of the steps"), std::string::npos);
    after = guide_to_compare();
    after.steps.pop_back();
    EXPECT_NE(all(differences(guide_to_compare(), after)).find("No longer there: Step 2, Step b."), std::string::npos);
    EXPECT_NE(all(differences(after, guide_to_compare())).find("New: Step 2, Step b."), std::string::npos);
    after = guide_to_compare();
    after.steps[0].lines = {"Tighten gently."};
    EXPECT_NE(all(differences(guide_to_compare(), after)).find("it now says \u201CTighten gently.\u201D"), std::string::npos);
    after = guide_to_compare();
    after.steps[1].cautions.push_back({Signal::Warning, "hot"});
    const auto d = differences(guide_to_compare(), after);
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
    const Procedure before = guide_to_compare();
    Procedure after = before;
    after.figures[0].tolerance = "1";
    after.figures[0].condition = "new seal";
    after.figures[0].level = LevelRule{LevelRule::Temperature::Cold, LevelRule::Engine::Running, 0, LevelRule::Gauge::SightGlass};
    const auto told = differences(before, after);
    const auto says = [&](const char* words) {
        return std::any_of(
            told.begin(), told.end(), [&](const Difference& d) { return d.text.find(words) != std::string::npos && d.read_again; });
    };
    EXPECT_TRUE(says("its tolerance is now \u00B1 1"));
    EXPECT_TRUE(says("it was given for"));
    EXPECT_TRUE(says("cold, running"));
}

TEST(Differences, WhatTheHandDoesOtherwiseMustBeReadAgain) {
    const auto told = [](auto&& change) {
        Procedure after = guide_to_compare();
        change(after);
        return differences(guide_to_compare(), after);
    };
    const auto one = [](const std::vector<Difference>& d, const char* words) {
        return d.size() == 1 && d[0].read_again && d[0].text.find(words) != std::string::npos;
    };
    EXPECT_TRUE(one(told([](Procedure& p) {
        p.items[0].fastening = {"40 mm", "", "none"};
    }),
        "now 40 mm long, head not known, no washer"))
        << "another bolt goes into this hole";
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].states = {MachineState::LockedOff}; }), "state the machine must be in"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].resets = {{"display", {}, {{Press::Kind::Press, "SET"}}}}; }), "set back"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].methods = {{"seal"}}; }), "which way"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.steps[0].variants = {"T"}; }), "variants"));
    EXPECT_TRUE(one(told([](Procedure& p) {
        p.steps[0].checks = {{"plug", "dry", "a drip", {}, "the instructor", Reading{"torque", "Nm", FigureId("t")}}};
    }),
        "what to check"));
    EXPECT_TRUE(one(told([](Procedure& p) { p.header.follow_ups = {{"after an hour", "look again"}}; }), "follow-ups changed"));
    const auto pictures = told([](Procedure& p) { p.steps[0].clip = Clip{{RecordingId("r"), FrameTime(0, 1), FrameTime(1, 1)}, 2}; });
    ASSERT_EQ(pictures.size(), 1U);
    EXPECT_FALSE(pictures[0].read_again);
}

TEST(Differences, WhatALearnerNeverSeesIsNone) {
    Procedure after = guide_to_compare();
    after.steps[0].comments = {{"", "checker", "2026-11-28", "why?"}};
    after.steps[0].answered = {{"vague", "x", "y"}};
    after.steps[0].translated = {{"de", "Step a", "Schritt a"}};
    after.header.translated = {{"de", "100 h service", "100-h-Wartung"}};
    after.items[0].translated = {{"de", "drain plug", "Ablassschraube"}};
    EXPECT_TRUE(differences(guide_to_compare(), after).empty()) << all(differences(guide_to_compare(), after));
}

TEST(Differences, ItemsAddedTakenOutAndChangedAreTold) {
    Procedure after = guide_to_compare();
    after.items.push_back({ItemId("gloves"), ItemKind::Protection, "gloves", "EN 388", ""});
    auto d = differences(guide_to_compare(), after);
    ASSERT_EQ(d.size(), 1U) << all(d);
    EXPECT_EQ(d[0].text, "New: gloves, EN 388.");
    EXPECT_TRUE(d[0].read_again) << "what protects a hand is to be known before the job begins";
    d = differences(after, guide_to_compare());
    ASSERT_EQ(d.size(), 1U) << all(d);
    EXPECT_EQ(d[0].text, "No longer listed: gloves.");
    after.items.back().variants = {"T"};
    Procedure before = guide_to_compare();
    before.items.push_back({ItemId("gloves"), ItemKind::Protection, "gloves", "EN 388", ""});
    EXPECT_EQ(differences(before, after).size(), 1U);
    after = before;
    after.items.back().kind = ItemKind::Tool;
    EXPECT_EQ(differences(before, after).size(), 1U);
}

TEST(Differences, SourcesEvidenceAndCaptionsAreTold) {
    Procedure before = guide_to_compare();
    before.sources = {{SourceId("book"), SourceKind::Book, "service book", "issue 4"}};
    Procedure after = before;
    after.sources[0].edition = "issue 5";
    EXPECT_NE(all(differences(before, after)).find("issue 5"), std::string::npos);
    after.sources.clear();
    EXPECT_NE(all(differences(before, after)).find("No longer a source: service book"), std::string::npos);
    after = before;
    after.figures[0].looked = {{"service book", "author", "2026-11-28"}};
    EXPECT_NE(all(differences(before, after)).find("what it rests on"), std::string::npos);
    before.recordings = {{RecordingId("r"), "draining", {}}};
    before.steps[0].clip = Clip{{RecordingId("r"), FrameTime(0, 1), FrameTime(1, 1)}};
    after = before;
    after.recordings[0].corrections = {{FrameTime(0, 1), "seventeen"}};
    EXPECT_NE(all(differences(before, after)).find("captions of the clips"), std::string::npos);
}

TEST(Differences, NothingThatIsPrintedChangesUnsaid) {
    // whatever a random edit changes of what a reader sees is told, so that an edition is never held back as unchanged
    const auto printed = [](Procedure p) {
        p.header.translated.clear();
        const bool clips = std::any_of(p.steps.begin(), p.steps.end(), [](const Step& s) { return s.clip.has_value(); });
        for (auto& r : p.recordings) {
            r.title.clear();
            r.dismissed.clear();
            r.notes.clear();
            r.alongside.reset();
            if (!clips) r = RecordingUse{r.id, "", {}};
        }
        for (auto& i : p.items) i.translated.clear();
        for (auto& s : p.steps) {
            s.heard.clear();
            s.takes.clear();
            s.drafted = false;
            s.answered.clear();
            s.comments.clear();
            s.translated.clear();
        }
        return p;
    };
    holds([&] {
        const Procedure before = rnd::random_procedure(30);
        const auto edit = rnd::random_edit(before);
        const auto after = anagraph::core::apply(before, edit);
        if (!after) RC_DISCARD("refused");
        auto a = printed(before);
        auto b = printed(*after);
        // lists no reader sees in an order of their own
        const auto by_id = [](auto& list) {
            std::sort(list.begin(), list.end(), [](const auto& x, const auto& y) { return x.id < y.id; });
        };
        for (auto* p : {&a, &b}) {
            by_id(p->recordings);
            by_id(p->items);
            by_id(p->sources);
            by_id(p->figures);
        }
        if (a.recordings.size() != b.recordings.size()) RC_DISCARD("a recording more or less is no print");
        if (!(a == b)) RC_ASSERT(!differences(before, *after).empty());
    });
}

TEST(Differences, TheRuleOfTheHouseIsTold) {
    const Edition before{1, "", "author", "checker", guide_to_compare(), {}, "the maker's book over a label", {}};
    Edition after = before;
    after.rule = "a label over the maker's book";
    EXPECT_NE(all(differences(before, after)).find("it is now: a label over"), std::string::npos);
}
