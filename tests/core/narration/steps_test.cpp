// Steps in sentences of many trades: what is done or told to be done, and what only looks like it.
#include <gtest/gtest.h>

#include "core/narration/read_steps.h"
#include "tests/core/narration/said.h"

using anagraph::core::fitting;
using anagraph::core::testing::answer;
using anagraph::core::testing::steps_of;

namespace {

struct StepCase {
    const char* line;
    const char* steps;
};

void check_steps(const std::vector<StepCase>& cases) {
    for (const auto& c : cases) EXPECT_EQ(steps_of({c.line}), c.steps) << c.line;
}

}  // namespace

TEST(ReadSteps, ToldAtTheHeadOfAClause) {
    check_steps({
        {"Remove the inspection cover.", "remove"},
        {"Undo the pinch bolt and slide the lever off.", "loosen, remove"},
        {"Carefully lift the cylinder head off.", "remove"},
        {"Now clean both faces with a scraper.", "clean"},
        {"then tighten the gland nut", "tighten"},
        {"Check the play in the bearing.", "check"},
        {"Grease the pivot pins.", "lubricate"},
        {"First close the fuel cock.", "close"},
        {"Lower the table onto the stands.", "lower"},
        {"Bleed the brake at the caliper.", "bleed"},
        {"Write the hours in the log book.", "record"},
        {"Measure the runout with the dial gauge.", "measure"},
        {"Replace the gasket.", "replace"},
        {"Reset the service counter.", "reset"},
        {"Disconnect the battery.", "disconnect"},
        {"Wait until the pressure has gone.", "wait"},
        {"Pour the oil in slowly.", "fill"},
        {"Drain the radiator into a clean tray.", "drain"},
        {"Adjust the chain with both screws.", "adjust"},
        {"Cut the old clamp off with the side cutters.", "cut"},
        {"Mark the shaft and the coupling with a scribe.", "mark"},
    });
}

TEST(ReadSteps, SaidOfTheOneWhoDoesIt) {
    check_steps({
        {"i take the guard off", "remove"},
        {"I'm going to undo the union", "loosen"},
        {"we pull the shaft out of the housing", "remove"},
        {"you need to check the fuse", "check"},
        {"I've cleaned the filter bowl", "clean"},
        {"I'm fitting the new seal", "fit"},
        {"so i put the circlip back in the groove", "fit"},
        {"we drained the tank", "drain"},
        {"you have to loosen the locknut", "loosen"},
    });
}

TEST(ReadSteps, InThePassive) {
    check_steps({
        {"The covers are refitted.", "fit"},
        {"the oil is drained", "drain"},
        {"The bolts are tightened crosswise.", "tighten"},
        {"the brake must be adjusted", "adjust"},
    });
}

TEST(ReadSteps, ShortClausesWithoutAVerb) {
    check_steps({
        {"cap off", "remove"},
        {"Lid back on.", "fit"},
        {"old seal out, new seal in", "remove, fit"},
        {"off comes the cover", "remove"},
        {"the filter goes in", "fit"},
        {"Battery lead off.", "disconnect"},
        {"hose back on", "connect"},
        {"drain valve shut", "close"},
        {"A smear of grease on the lip.", "lubricate"},
        {"level plug in, finger tight", "fit, tighten"},
    });
}

TEST(ReadSteps, OneActionAfterAnotherWithoutPunctuation) {
    check_steps({
        {"take the cover off and wipe the face clean", "remove, clean"},
        {"undo the nut pull the pin and lift the arm off", "loosen, remove"},
        {"clean it dry it and put it back on the spigot", "clean, fit"},
    });
}

TEST(ReadSteps, AFigureMaySayTheStep) {
    check_steps({
        {"gland bolts to fourteen newton metres", "tighten"},
        {"two litres of oil in", "fill"},
    });
}

TEST(ReadSteps, SomethingNewIsAReplacementAndAThingAloneIsLookedAt) {
    check_steps({
        {"the plug goes back with a new washer", "fit, replace"},
        {"New element, and the cover on.", "replace, fit"},
        {"Dipstick. It's in the middle.", "check"},
        {"a new machine costs more", ""},
        {"you need a new seal for that", ""},
    });
}

TEST(ReadSteps, WhatIsNotDone) {
    check_steps({
        {"don't tighten the plug yet", ""},
        {"never open the cap hot", ""},
        {"if you drain the oil cold it takes longer", ""},
        {"some people grease the thread", ""},
        {"the drain is on the left", ""},
        {"I would replace the hose", ""},
        {"before you lift the engine", ""},
        {"the check valve is at the bottom", ""},
        {"the old mechanic used to clean it with petrol", ""},
        {"that's the oil filter", ""},
        {"when you remove the cover", ""},
        {"the oil is in the pan", ""},
        {"you'll crack the housing", ""},
        {"it leaks from the seal", ""},
        {"today we're going to change the oil", ""},
    });
}

TEST(ReadSteps, KnowWhatTheyAreAbout) {
    const auto about = [](const char* line) { return answer({line})["steps"][0]["about"].get<std::string>(); };
    EXPECT_EQ(about("remove the old copper washer"), "copper washer");
    EXPECT_EQ(about("tighten the upper pivot bolt"), "upper pivot bolt");
    EXPECT_EQ(about("the rear cover is refitted"), "rear cover");
    EXPECT_EQ(about("drain plug out"), "drain plug");
    EXPECT_EQ(about("clean the strainer with paraffin"), "strainer");
    EXPECT_EQ(about("fit the seal into the cover"), "seal");
    EXPECT_EQ(about("fill it with gear oil"), "gear oil");
}

TEST(ReadSteps, TheSameActionIsOneStepButTwoObjectsAreTwo) {
    EXPECT_EQ(steps_of({"clean the plug, yes, clean the plug"}), "clean");
    EXPECT_EQ(steps_of({"Remove the cover. Remove the gasket."}), "remove, remove");
}

TEST(ReadSteps, WhatItIsDoneWithDecides) {
    check_steps({
        {"put the feeler in between the points", "measure"},
        {"get the trailer up on the stands", "lift"},
        {"turn the fuel tap off", "close"},
        {"turn the water cock on", "open"},
        {"see if the union is still weeping", "check"},
        {"take a photo of the harness", "record"},
        {"the belt just slips off over the small pulley", "remove"},
    });
}

TEST(ReadSteps, OneActIsOneStep) {
    check_steps({
        {"check the gasket and have a look at the gasket", "inspect"},
        {"we've already drained the gearbox this morning", ""},
    });
}

TEST(ReadSteps, AVerbHasOnlyAThingItCanBeDoneTo) {
    EXPECT_EQ(fitting("fill", "bolt"), "");
    EXPECT_EQ(fitting("fill", "drain plug"), "drain plug") << "said of the hole, but it is where the oil goes";
    EXPECT_EQ(fitting("wait", "capacitor"), "");
    EXPECT_EQ(fitting("fit", "square hole"), "");
    EXPECT_EQ(fitting("clean", "square hole"), "square hole");
    EXPECT_EQ(fitting("clean", "gear oil"), "");
    EXPECT_EQ(fitting("drain", "gear oil"), "gear oil");
    EXPECT_EQ(fitting("remove", "cover"), "cover");
}

TEST(ReadSteps, WhatItMeansIsNamedShortlyBefore) {
    const auto steps = answer({"and that is the suction strainer", "take it out and clean it"})["steps"];
    ASSERT_EQ(steps.size(), 2U);
    for (const auto& s : steps) EXPECT_EQ(s["about"], "suction strainer") << s;
    EXPECT_EQ(answer({"take it out"})["steps"][0]["about"], "") << "nothing was named";
}
