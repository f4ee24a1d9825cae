// The editor's rules on pairs of lines: one in which the rule must find something, and one like it in which it must not.
#include "core/editing/editor.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/editing/usual_cautions.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
namespace rnd = anagraph::core::testing;

namespace {

Procedure guide_to_edit() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {"PT60"}, ""};
    const auto item = [&](const char* id, ItemKind kind, const char* name, const char* spec = "") {
        p.items.push_back({ItemId(id), kind, name, spec, ""});
    };
    item("drain-plug", ItemKind::Fastener, "drain plug");
    item("level-plug", ItemKind::Fastener, "level plug");
    item("cover", ItemKind::Part, "gearbox cover");
    item("bolts", ItemKind::Fastener, "cover bolts");
    item("canister", ItemKind::Part, "canister filter");
    item("breather", ItemKind::Part, "breather", "fill plug, head 22 mm");
    item("belt", ItemKind::Part, "V-belt");
    item("oil", ItemKind::Fluid, "gear oil", "75W90 GL5");
    item("washer", ItemKind::Seal, "copper washer");
    item("pan", ItemKind::Vessel, "drain pan");
    item("socket", ItemKind::Tool, "17 mm socket");
    item("gloves", ItemKind::Protection, "gloves");
    const auto figure = [&](const char* id, FigureKind kind, const char* item_id, const char* value) {
        p.figures.push_back({FigureId(id), kind, ItemId(item_id), "", *parse_figure_value(value), "", {}, {}, ""});
    };
    figure("drain-torque", FigureKind::Torque, "drain-plug", "25 Nm");
    figure("refill", FigureKind::Volume, "oil", "1.7 L");
    figure("warm-up", FigureKind::Duration, "oil", "5 min");
    figure("settle", FigureKind::Duration, "oil", "5 min");
    return p;
}

Procedure with(std::vector<std::string> lines) {
    Procedure p = guide_to_edit();
    Step s;
    s.id = StepId("s");
    s.heading = "A step";
    s.lines = std::move(lines);
    p.steps = {s};
    return p;
}

std::vector<Finding> found(const Procedure& p, Rule rule) {
    auto all = findings(p);
    std::erase_if(all, [&](const Finding& f) { return f.rule != rule; });
    return all;
}

struct Pair {
    std::vector<std::string> wrong;
    std::vector<std::string> right;
};

/// Each pair holds, and every fix that is offered leaves the rule with nothing more to say of those words.
void pairs_hold(Rule rule, const std::vector<Pair>& pairs) {
    EXPECT_GE(pairs.size(), 8U) << name_of(rule);
    for (const auto& pair : pairs) {
        const auto wrong = found(with(pair.wrong), rule);
        EXPECT_FALSE(wrong.empty()) << name_of(rule) << " finds nothing in: " << pair.wrong.back();
        for (const auto& f : wrong) {
            EXPECT_FALSE(f.why.empty());
            EXPECT_LE(f.from + f.length, f.text.size());
        }
        for (const auto& f : found(with(pair.right), rule))
            ADD_FAILURE() << name_of(rule) << " finds in \"" << pair.right[f.index] << "\": " << f.why;
    }
}

/// The lines after the first fix of the rule.
std::vector<std::string> fixed(Rule rule, std::vector<std::string> lines) {
    const Procedure p = with(std::move(lines));
    const auto all = found(p, rule);
    if (all.empty() || !all.front().fix) return {"no fix"};
    const auto after = anagraph::core::apply(p, *all.front().fix);
    return after ? after->steps.front().lines : std::vector<std::string>{after.error().message};
}

using L = std::vector<std::string>;

}  // namespace

TEST(Editor, OneActionALine) {
    pairs_hold(Rule::TwoActions,
        {
            {{"Loosen the {item:bolts} and take the {item:cover} off."}, {"Loosen the {item:bolts} and the {item:drain-plug}."}},
            {{"Undo the {item:breather}, then drain the {item:oil}."}, {"Undo the {item:breather} before the {item:drain-plug}."}},
            {{"Stop the pump; wait {figure:settle}."}, {"Stop the pump for {figure:settle}."}},
            {{"Clean the seat. Fit a new {item:washer}."}, {"Clean the seat with a rag."}},
            {{"Push the {item:pan} under the {item:drain-plug} and crack the {item:drain-plug}."},
                {"Push the {item:pan} under the {item:drain-plug} and the {item:level-plug}."}},
            {{"Wipe the {item:drain-plug} and then look at it."}, {"Wipe the {item:drain-plug} and its seat."}},
            {{"Unscrew the {item:canister} and let the oil run out."}, {"Unscrew the {item:canister} by hand and with care."}},
            {{"Pour in the {item:oil} and read the dipstick."}, {"Read the dipstick on level ground and at rest."}},
            {{"Undo the wing nuts and pull the {item:canister}."}, {"Put the {item:canister} back when it is whole and clean."}},
            {{"Start the pump and slowly open the tap."}, {"Start the pump with the tap open and the belt off."}},
        });
}

TEST(Editor, CutsALineInTwoWhereItIsCertain) {
    EXPECT_EQ(fixed(Rule::TwoActions, {"Loosen the {item:bolts} and take the {item:cover} off."}),
        (L{"Loosen the {item:bolts}.", "Take the {item:cover} off."}));
    EXPECT_EQ(fixed(Rule::TwoActions, {"Wipe the {item:drain-plug} and then look at it."}),
        (L{"Wipe the {item:drain-plug}.", "Look at the {item:drain-plug}."}));
    EXPECT_EQ(fixed(Rule::TwoActions, {"Stop the pump; wait {figure:settle}."}), (L{"Stop the pump.", "Wait {figure:settle}."}));
    EXPECT_EQ(fixed(Rule::TwoActions, {"Take the {item:cover} and the {item:belt} off and clean it."}), L{"no fix"}) << "which of the two?";
}

TEST(Editor, ACautionStandsBeforeItsAction) {
    pairs_hold(Rule::LateCaution,
        {
            {{"Undo the {item:drain-plug}.", "Careful, the oil is hot."}, {"Undo the {item:drain-plug} carefully."}},
            {{"Start the pump.", "Do not reach into the belt."}, {"Start the pump when nobody reaches into the belt."}},
            {{"Tighten the {item:bolts}.", "Never use an impact driver."}, {"Tighten the {item:bolts} with the {item:socket}."}},
            {{"Lift the {item:cover} off.", "Mind the dowels."}, {"Lift the {item:cover} off the dowels."}},
            {{"Crack the {item:drain-plug}.", "Watch out for the first jet."}, {"Watch the first jet."}},
            {{"Open the tap.", "Beware of the pressure."}, {"Read the pressure."}},
            {{"Warning: the oil burns."}, {"Hang the warning sign on the tap."}},
            {{"Fit the {item:belt}.", "Don't twist it."}, {"Fit the {item:belt} without a twist."}},
            {{"Drain the {item:oil}.", "Be careful with the washer."}, {"Drain the {item:oil} into the {item:pan}."}},
        });
    const Procedure p = with({"Undo the {item:drain-plug}.", "Careful, the oil is hot."});
    const auto all = found(p, Rule::LateCaution);
    ASSERT_TRUE(all.front().fix);
    const auto after = *anagraph::core::apply(p, *all.front().fix);
    EXPECT_EQ(after.steps.front().lines.size(), 1U);
    ASSERT_EQ(after.steps.front().cautions.size(), 1U);
    EXPECT_EQ(after.steps.front().cautions.front().signal, Signal::Warning) << "hot oil can maim: the level follows from what can happen";
}

TEST(Editor, ANumberIsAFigure) {
    pairs_hold(Rule::TypedNumber,
        {
            {{"Pour in 1.7 L of oil."}, {"Pour in {figure:refill} of oil."}},
            {{"Tighten it to 25 Nm."}, {"Tighten it to {figure:drain-torque}."}},
            {{"Wait 5 min."}, {"Wait {figure:settle}."}},
            {{"Press with 20 N."}, {"Press with 2 fingers."}},
            {{"The gap is 0.7 mm."}, {"Loosen it with the 10 mm socket."}},
            {{"Let it cool below 60 °C."}, {"See step 60."}},
            {{"Set 2.4 bar."}, {"Turn 2 bolts."}},
            {{"Run it at 850 rpm."}, {"Undo the M14 plug."}},
            {{"Add 0.25L."}, {"Add the 0.25."}},
            {{"Use the 17 mm size."}, {"Use the {item:socket}."}},
        });
    EXPECT_EQ(fixed(Rule::TypedNumber, {"Pour in 1.7 L of oil."}), L{"Pour in {figure:refill} of oil."});
    EXPECT_EQ(fixed(Rule::TypedNumber, {"Tighten it to 25Nm."}), L{"Tighten it to {figure:drain-torque}."});
    EXPECT_EQ(fixed(Rule::TypedNumber, {"Wait 5 min."}), L{"no fix"}) << "two figures are five minutes";
    EXPECT_EQ(fixed(Rule::TypedNumber, {"Pour in 1.5 L of oil."}), L{"no fix"}) << "the guide has no such figure";
}

TEST(Editor, APartHasOneName) {
    pairs_hold(Rule::TwoNames,
        {
            {{"Undo the drain plug."}, {"Undo the {item:drain-plug}."}},
            {{"Undo the plug."}, {"Plug the hole."}},
            {{"Take the filter off."}, {"Take the {item:canister} off."}},
            {{"Fit the gearbox cover."}, {"Fit the {item:cover}."}},
            {{"Wipe the Copper Washer."}, {"Wipe the seat."}},
            {{"Catch the oil."}, {"Read the oil level."}},
            {{"Tighten the cover bolts."}, {"Tighten the bolt heads of the guard."}},
            {{"Undo the breather."}, {"Undo the {item:breather}."}},
            {{"Empty the pan."}, {"Empty a pan into the waste store."}},
        });
    EXPECT_EQ(fixed(Rule::TwoNames, {"Undo the drain plug."}), L{"Undo the {item:drain-plug}."});
    EXPECT_EQ(fixed(Rule::TwoNames, {"Take the filter off."}), L{"Take the {item:canister} off."});
    EXPECT_EQ(fixed(Rule::TwoNames, {"Undo the plug."}), L{"no fix"}) << "the drain plug or the level plug";
}

TEST(Editor, ItHasOneMeaning) {
    pairs_hold(Rule::UnclearIt,
        {
            {{"Undo the {item:drain-plug} under the {item:cover}.", "Clean it."}, {"Undo the {item:drain-plug}.", "Clean it."}},
            {{"Put the {item:washer} on the {item:drain-plug} so that it seats."}, {"Put the {item:washer} on so that it seats."}},
            {{"Fit the {item:belt} behind the {item:cover}.", "Look at it from the side."},
                {"Fit the {item:belt}.", "Look at it from the side."}},
            {{"Hold the {item:canister} over the {item:breather} until it is empty."},
                {"Hold the {item:canister} over the {item:pan} until it is empty."}},
            {{"Compare the {item:drain-plug} with the {item:level-plug}.", "It is longer."},
                {"Compare the {item:drain-plug} with the {item:level-plug}.", "The {item:drain-plug} is longer."}},
            {{"Wipe the {item:breather} and the {item:cover}.", "Lay it aside."},
                {"Wipe the {item:breather} and the {item:cover}.", "Lay them aside."}},
            {{"Push the {item:belt} off the {item:cover} when it is loose."}, {"Push the {item:belt} off when it is loose."}},
            {{"Oil the {item:washer} of the {item:canister}.", "Screw it on."},
                {"Loosen the {item:bolts} of the {item:cover}.", "Lay them in their pattern."}},
            {{"Turn the {item:drain-plug} in the {item:cover}.", "Stop when it touches."},
                {"Turn the {item:drain-plug} with the {item:socket}.", "Stop when it touches."}},
        });
}

TEST(Editor, AnOrderIsNoReport) {
    pairs_hold(Rule::Passive,
        {
            {{"The {item:cover} is removed."}, {"Remove the {item:cover}."}},
            {{"The {item:bolts} are tightened."}, {"Wait until the {item:bolts} are tightened."}},
            {{"The {item:oil} must be drained."}, {"Drain the {item:oil}."}},
            {{"The pump should be stopped."}, {"Open it only when the pump is stopped."}},
            {{"The {item:washer} is then put on."}, {"Put it back if it is undamaged."}},
            {{"The seat is to be cleaned."}, {"Clean the seat that is worn."}},
            {{"The {item:drain-plug} was undone first."}, {"Undo the {item:drain-plug} first."}},
            {{"The {item:belt} is carefully laid aside."}, {"Lay the {item:belt} aside."}},
            {{"The tap gets locked off."}, {"Check whether the tap is locked off."}},
        });
}

TEST(Editor, WhatCannotBeCheckedIsAsked) {
    pairs_hold(Rule::Vague,
        {
            {{"Make sure the {item:drain-plug} is tight."}, {"Check that the {item:drain-plug} is tight: {figure:drain-torque}."}},
            {{"Tighten it properly."}, {"Tighten it to {figure:drain-torque}."}},
            {{"Fill in enough {item:oil}."}, {"Fill in {figure:refill} of {item:oil}."}},
            {{"Wait a while."}, {"Wait {figure:settle}."}},
            {{"Loosen it a bit."}, {"Loosen it by a turn."}},
            {{"Clean it if necessary."}, {"Clean it if the mesh is clogged."}},
            {{"Tighten the {item:bolts} firmly."}, {"Tighten the {item:bolts} by hand."}},
            {{"Use a suitable tool."}, {"Use the {item:socket}."}},
            {{"Wipe the plug, the seat, etc."}, {"Wipe the plug and the seat."}},
            {{"Replace several washers."}, {"Replace two washers."}},
        });
}

TEST(Editor, AFastenerNeedsItsTool) {
    pairs_hold(Rule::NoTool,
        {
            {{"Undo the {item:drain-plug}."}, {"Undo the {item:drain-plug} with the {item:socket}."}},
            {{"Tighten the {item:bolts}."}, {"Tighten the {item:bolts} by hand."}},
            {{"Loosen the {item:bolts}."}, {"Lay out the {item:bolts}."}},
            {{"Screw the {item:drain-plug} in."}, {"Screw the {item:canister} on."}},
            {{"Crack the {item:level-plug}."}, {"Look at the {item:level-plug}."}},
            {{"Undo the {item:breather}."}, {"Wipe the {item:breather}."}},
            {{"Unscrew the {item:drain-plug} under the {item:pan}."}, {"Take up the {item:socket}.", "Unscrew the {item:drain-plug}."}},
            {{"Torque the {item:bolts} to {figure:drain-torque}."}, {"Torque the {item:bolts} with a wrench."}},
            {{"Slacken the {item:level-plug}."}, {"Slacken the {item:level-plug} with the fingers."}},
        });
}

TEST(Editor, ACheckHasItsVerdict) {
    const auto count = [](const Check& check) {
        Procedure p = with({"Look at it."});
        p.steps[0].checks = {check};
        return found(p, Rule::NoVerdict).size();
    };
    for (const auto* look : {"tip of the plug", "mesh", "level", "belt", "washer", "drain hole", "hour meter", "leaks"}) {
        EXPECT_EQ(count({look, "good", "stops the job: ask the instructor"}), 0U);
        EXPECT_EQ(count({look, "good", ""}), 1U);
        EXPECT_EQ(count({look, "", "torn"}), 1U);
        EXPECT_EQ(count({look, "", ""}), 1U);
    }
}

TEST(Editor, AWordOfTheTradeIsExplainedOnce) {
    pairs_hold(Rule::Unexplained,
        {
            {{"Drain the sump."}, {"Drain the gearbox."}},
            {{"Tighten crosswise."}, {"Tighten one after the other."}},
            {{"Run it at idle."}, {"Run it slowly."}},
            {{"Bleed the line."}, {"Wipe the line."}},
            {{"Prime the pump."}, {"Fill the pump."}},
            {{"Fit the circlip."}, {"Fit the ring."}},
            {{"Measure the backlash."}, {"Measure the play."}},
            {{"Take off the burrs."}, {"Take off the dirt."}},
            {{"Lift it off the dowels."}, {"Undo the {item:breather}."}},
        });
    Procedure p = with({"Drain the sump.", "Wipe the sump."});
    EXPECT_EQ(found(p, Rule::Unexplained).size(), 1U) << "once";
    const auto after = *anagraph::core::apply(p, *found(p, Rule::Unexplained).front().fix);
    EXPECT_TRUE(found(after, Rule::Unexplained).empty());
    EXPECT_EQ(after.header.glossary.front().word, "sump");
}

TEST(Editor, ReadsWithTheGuidesOwnWords) {
    const Speller speller{[](const std::string& w) { return w != "teh" && w != "plgu" && w != "Perrick" && w != "breather"; },
        [](const std::string& w) {
            return w == "teh" ? std::vector<std::string>{"the"} : std::vector<std::string>{"plug", "pug"};
        }};
    const auto of = [&](const char* line) {
        auto all = findings(with({line}), {}, speller);
        std::erase_if(all, [](const Finding& f) { return f.rule != Rule::Spelling; });
        return all;
    };
    EXPECT_EQ(of("Wipe teh seat.").size(), 1U);
    EXPECT_TRUE(of("Wipe teh seat.").front().fix);
    EXPECT_FALSE(of("Wipe the plgu.").front().fix) << "two ways to mend it";
    EXPECT_TRUE(of("Wipe the breather of the Perrick PT60 at M14.").empty());
    EXPECT_TRUE(findings(with({"Wipe teh seat."})).empty()) << "without a dictionary nothing is said";
}

TEST(UsualCautions, AreProposedWhereTheWorkFirstCarriesThem) {
    struct Case {
        const char* hazard;
        const char* wrong;
        const char* right;
    };
    for (const auto& c : {Case{"hot-oil", "Drain the {item:oil}.", "Pour in the {item:oil}."},
             Case{"lifting", "Set the pump on stands.", "Set the pump on the bench."},
             Case{"stored-pressure", "Open the hydraulic line.", "Wipe the hydraulic line."},
             Case{"battery", "Disconnect the battery.", "Look at the lamp."},
             Case{"rotating", "Run the pump with the {item:belt} open.", "Wipe the {item:belt}."},
             Case{"fuel", "Disconnect the fuel line.", "Wipe the tank."},
             Case{"waste-oil", "Unscrew the {item:canister}.", "Look at the {item:canister}."},
             Case{"plastic-thread", "Tighten the plastic cap.", "Wipe the plastic cap."},
             Case{"aluminium-thread", "Tighten it into the aluminium housing.", "Wipe the aluminium housing."},
             Case{"sharp-edges", "Turn the blade by hand.", "Turn the wheel by hand."}}) {
        const auto missing = [&](const char* line) {
            const Procedure p = with({line});
            const auto all = missing_cautions(p, StepId("s"));
            return std::any_of(all.begin(), all.end(), [&](const Hazard* h) { return h->id == c.hazard; });
        };
        EXPECT_TRUE(missing(c.wrong)) << c.hazard << ": " << c.wrong;
        EXPECT_FALSE(missing(c.right)) << c.hazard << ": " << c.right;
    }
}

TEST(UsualCautions, StandOnceAndBeforeTheFirstStepTheyConcern) {
    Procedure p = with({"Drain the {item:oil}."});
    Step later = p.steps.front();
    later.id = StepId("later");
    p.steps.push_back(later);
    const auto hot = [&](const char* step) {
        const auto all = missing_cautions(p, StepId(step));
        return std::any_of(all.begin(), all.end(), [](const Hazard* h) { return h->id == "hot-oil"; });
    };
    EXPECT_TRUE(hot("s"));
    EXPECT_FALSE(hot("later"));
    p.steps[1].cautions = {{Signal::Warning, "The oil is hot.", ""}};
    EXPECT_TRUE(hot("s")) << "a caution that comes later warns of nothing";
    p.steps[0].cautions = {{Signal::Warning, "Hot oil burns.", ""}};
    EXPECT_FALSE(hot("s"));
    for (const auto& h : hazards()) {
        EXPECT_EQ(find_hazard(h.id), &h);
        EXPECT_TRUE(warns_of(h, p, usual_caution(h))) << h.id << " is known again by its own caution";
    }
}

TEST(Editor, WhatIsAnsweredStandsUntilTheWordsChange) {
    Procedure p = with({"Make sure it is clean."});
    const auto f = found(p, Rule::Vague).front();
    EXPECT_FALSE(answer(p, f, "  "));
    p = *anagraph::core::apply(p, *answer(p, f, "the film shows it"));
    EXPECT_TRUE(found(p, Rule::Vague).empty());
    p.steps[0].lines[0] = "Make sure it is very clean.";
    EXPECT_EQ(found(p, Rule::Vague).size(), 1U);
    EXPECT_TRUE(findings(p, {std::string(name_of(Rule::Vague))}).empty()) << "a house may do without the rule";
}

TEST(Editor, EveryRuleHasAReason) {
    for (const auto& rule : all_of<Rule>()) EXPECT_FALSE(reason_of(rule.value).empty()) << rule.name;
}

TEST(Editor, WhateverStandsInAGuideIsReadAndEveryFixCanBeDone) {
    rnd::holds([] {
        const Procedure p = rnd::random_procedure(40);
        for (const auto& f : findings(p)) {
            RC_ASSERT(p.find(f.step) != nullptr);
            RC_ASSERT(f.from + f.length <= f.text.size());
            if (f.fix) RC_ASSERT(anagraph::core::apply(p, *f.fix).has_value());
        }
    });
}

TEST(Editor, RulesOfWordingReadEnglishOnly) {
    Procedure p = with({"Make sure it is clean.", "Tighten to 25 Nm."});
    EXPECT_FALSE(found(p, Rule::Vague).empty());
    const auto typed = found(p, Rule::TypedNumber).size();
    EXPECT_GT(typed, 0U);
    p.header.language = "de";
    EXPECT_TRUE(found(p, Rule::Vague).empty());
    EXPECT_EQ(found(p, Rule::TypedNumber).size(), typed) << "a number is one in every language";
}
