// What lines order, in the words of several trades.
#include "core/editing/line_orders.h"

#include <fmt/format.h>
#include <gtest/gtest.h>

#include "tests/core/property.h"

using namespace anagraph::core;

namespace {

Item item(const char* id, ItemKind kind) {
    Item i;
    i.id = ItemId(id);
    i.kind = kind;
    i.name = id;
    return i;
}

/// Those that are no plain parts; every other token is a part of that name.
const std::vector<Item>& items() {
    using K = ItemKind;
    static const std::vector<Item> all{item("oil", K::Fluid), item("fluid", K::Fluid), item("tray", K::Vessel), item("spanner", K::Tool),
        item("screwdriver", K::Tool), item("jack", K::Tool), item("stands", K::Tool), item("feeler", K::Tool), item("knife", K::Tool),
        item("rag", K::Tool), item("punch", K::Tool), item("mallet", K::Tool), item("washer", K::Seal), item("gasket", K::Seal),
        item("seal", K::Seal), item("seals", K::Seal), item("nuts", K::Fastener), item("nut", K::Fastener), item("machine", K::Part),
        item("engine", K::Part), item("vehicle", K::Part), item("lead", K::Part), item("tap", K::Part), item("lever", K::Part),
        item("gauge", K::Part)};
    return all;
}

std::string orders(const std::string& line) {
    std::string out;
    for (const auto& o : line_orders(line, items())) {
        out += (out.empty() ? "" : "; ") + o.verb;
        for (const auto& i : o.items) out += " " + i.text();
        if (!o.needs.empty()) out += " with";
        for (const auto& i : o.needs) out += " " + i.text();
    }
    return out;
}

}  // namespace

TEST(LineOrders, AreReadInTheWordsOfManyTrades) {
    const std::pair<const char*, const char*> lines[] = {
        {"Slacken the two {item:nuts} a quarter of a turn.", "loosen nuts"},
        {"With the {item:spanner}, undo the {item:union} and catch the {item:oil} in the {item:tray}.",
            "loosen union with spanner; drain oil with tray"},
        {"When the {item:oil} has stopped running, refit the {item:plug} with a new {item:washer}.", "replace washer; fit plug"},
        {"Never loosen the {item:union} while the {item:pump} runs.", ""},
        {"Prise the {item:clip} off with the {item:screwdriver}.", "remove clip with screwdriver"},
        {"Slide the {item:hose} off the {item:pipe}.", "remove hose"},
        {"Push the {item:hose} onto the {item:pipe} as far as the collar.", "fit hose"},
        {"Unplug the {item:lead}.", "disconnect lead"},
        {"Switch the {item:machine} off and let it cool for {figure:t}.", "stop machine; wait machine"},
        {"Start the {item:engine} and let it run for {figure:t}.", "run engine"},
        {"Switch off at the isolator, lock it and tag it.", "stop; isolate"},
        {"Raise the {item:vehicle} with the {item:jack} and lower it onto the {item:stands}.",
            "lift vehicle with jack; lower vehicle with stands"},
        {"Spin the {item:nuts} on by hand, then torque them to {figure:t} in a cross pattern.", "fit nuts; tighten nuts"},
        {"Tighten the {item:nuts} by another {figure:a}.", "tighten nuts"},
        {"Grease the {item:spindle} lightly.", "lubricate spindle"},
        {"Brush the {item:chips} off the {item:table}.", "clean chips"},
        {"Blow out the {item:jets} with compressed air.", "clean jets"},
        {"Inspect the {item:seal} for cuts.", "inspect seal"},
        {"Check the {item:oil} level on the {item:dipstick}.", "check oil"},
        {"Listen for a hiss at the {item:union}.", "inspect union"},
        {"Measure the play of the {item:spindle} with the {item:feeler}.", "measure spindle with feeler"},
        {"Make sure the {item:guard} is closed.", "check guard"},
        {"Add {item:oil} to the upper mark.", "fill oil"},
        {"Fill the {item:sump} with {item:oil} to {figure:v}.", "fill oil"},
        {"Pump the {item:pedal} five times and hold it down.", "pump pedal; hold pedal"},
        {"Open the {item:nipple} and close it again when clear {item:fluid} comes.", "open nipple; close nipple"},
        {"Take the {item:filter} out and put it in the {item:tray}.", "remove filter; place filter with tray"},
        {"Throw the old {item:filter} in the waste.", "dispose filter"},
        {"Replace the {item:gasket}.", "replace gasket"},
        {"Fit the {item:cover} with a new {item:gasket}.", "replace gasket; fit cover"},
        {"Write the date on the {item:filter}.", "mark filter"},
        {"Record the meter reading.", "record"},
        {"Reset the {item:counter}.", "reset counter"},
        {"Turn the {item:tap} off.", "close tap"},
        {"Turn the {item:nut} anticlockwise until it comes off.", "loosen nut"},
        {"Let the pressure out of the {item:accumulator}.", "bleed accumulator"},
        {"Release the pressure at the {item:nipple}.", "bleed nipple"},
        {"Empty the {item:tray} into the waste drum.", "dispose tray"},
        {"Put the {item:tray} under the {item:sump}.", "place tray"},
        {"Stand the {item:filter} in the {item:tray} to drip.", "place filter with tray"},
        {"Lay the {item:nuts} on the bench in order.", "place nuts"},
        {"Work the {item:lever} to and fro until no air comes.", "pump lever"},
        {"Connect the {item:hose} to the {item:union}.", "connect hose"},
        {"Cut the {item:cable-tie}.", "cut cable-tie"},
        {"Adjust the {item:idle} to {figure:s}.", "adjust idle"},
        {"Trim the {item:gasket} with the {item:knife}.", "cut gasket with knife"},
        {"Remove your lock and switch the {item:machine} on.", "release; run machine"},
        {"The {item:spring} is under load.", ""},
        {"Do not reuse the {item:gasket}; fit a new one.", "replace gasket"},
        {"Hold the {item:spindle} with the {item:spanner} and undo the {item:nut}.", "hold spindle with spanner; loosen nut"},
        {"Unscrew the {item:cap} slowly.", "remove cap"},
        {"Screw the {item:cap} on until it clicks.", "fit cap"},
        {"Lift the {item:guard} and pull the {item:belt} off.", "remove guard; remove belt"},
        {"Feel the {item:belt} for play.", "check belt"},
        {"Wait until the {item:oil} is below {figure:t}.", "wait"},
        {"Turn the {item:spindle} by hand to check that it runs free.", "check spindle"},
        {"Refill with {item:oil}.", "fill oil"},
        {"Wipe up any spilt {item:oil} with a {item:rag}.", "clean oil with rag"},
        {"Renew both {item:seals}.", "replace seals"},
        {"Drive the {item:pin} out with the {item:punch}.", "remove pin with punch"},
        {"Tap the {item:pin} in with the {item:mallet}.", "fit pin with mallet"},
    };
    for (const auto& [line, wanted] : lines) EXPECT_EQ(orders(line), wanted) << line;
}

TEST(LineOrders, WhatForbidsOrDescribesOrdersNothing) {
    for (const char* line : {"Do not open the {item:tap} yet.", "Never run the {item:engine} dry.", "The {item:seal} must not be twisted.",
             "A drip here means a damaged {item:seal}.", "Oil on the {item:lever} is normal.",
             "Don't pull on the {item:lead} and don't twist it.", ""})
        EXPECT_EQ(orders(line), "") << line;
}

TEST(LineOrders, AParticleTurnsAVerb) {
    EXPECT_EQ(orders("Ease the {item:cover} off with the {item:screwdriver}."), "remove cover with screwdriver");
    EXPECT_EQ(orders("Tap the {item:bearing} out of the housing with the {item:punch}."), "remove bearing with punch");
    EXPECT_EQ(orders("Do up the {item:nuts} evenly."), "tighten nuts");
    EXPECT_EQ(orders("Shut the {item:engine} down and wait {figure:t}."), "stop engine; wait");
    EXPECT_EQ(orders("Screw in the new {item:plug}."), "replace plug");
    EXPECT_EQ(orders("Disconnect the {item:lead} and mark its place."), "disconnect lead; mark lead");
}

TEST(LineOrders, AWordThatMayBeAThingOrdersWhereNothingIsTold) {
    EXPECT_EQ(orders("Drain into the {item:tray}."), "drain with tray");
    EXPECT_EQ(orders("Pump until it is firm."), "pump");
    EXPECT_EQ(orders("Drain through the side hole until it drips."), "drain");
    EXPECT_EQ(orders("Brush from the inside with the {item:rag}."), "clean with rag");
    EXPECT_EQ(orders("Grease on the {item:lever} must be wiped off."), "");
    EXPECT_EQ(orders("Mark on the {item:tap} shows the way."), "");
    EXPECT_EQ(orders("Undo the {item:nut} and washer."), "loosen nut");
}

TEST(LineOrders, AStateIsNoOrderAndTheOneBehindItIs) {
    EXPECT_EQ(orders("Once the {item:oil} has run out, close the {item:tap}."), "close tap");
    EXPECT_EQ(orders("If the {item:seal} is torn, replace it."), "replace seal");
    EXPECT_EQ(orders("Wait until the {item:engine} has stopped."), "wait");
}

TEST(LineOrders, TheFigureGoesWithItsOrder) {
    const auto found = line_orders("Fit the {item:nuts} and tighten them to {figure:t}.", items());
    ASSERT_EQ(found.size(), 2U);
    EXPECT_TRUE(found[0].figure.empty());
    EXPECT_EQ(found[1].figure, FigureId("t"));
}

TEST(LineOrders, NeverFailOnAnyText) {
    anagraph::core::testing::holds([] {
        std::string line;
        const int words = *rc::gen::inRange(0, 14);
        for (int i = 0; i < words; ++i)
            line += *rc::gen::element<std::string>("and ", "then ", "the ", "take ", "off ", "{item:oil} ", "{figure:t} ", "it ", ", ",
                ". ", "with ", "not ", "new ", "until ", "{item: ", "put ", "on ", "\xff ", "let ");
        for (const auto& o : line_orders(line, items())) RC_ASSERT(!o.verb.empty());
    });
}
