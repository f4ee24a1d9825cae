#include "core/bench/bench_sheet.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

Edition edition(Procedure p) {
    Edition e;
    e.number = 3;
    e.procedure = std::move(p);
    return e;
}

BenchSheet sheet_of(const Procedure& p, const std::string& variant = "") { return bench_sheet(edition(p), "g", "KQ / 3 / 0", variant); }

Step& step_of(Procedure& p, const std::string& id) {
    return *std::find_if(p.steps.begin(), p.steps.end(), [&](const Step& s) { return s.id.text() == id; });
}

}  // namespace

TEST(BenchSheet, AskForTheTorquesOfAStepOnceWithTheirLimitsAndWrenches) {
    Procedure p = winch();
    ASSERT_FALSE(p.figures.empty());
    const auto torque = std::find_if(p.figures.begin(), p.figures.end(), [](const Figure& f) { return f.kind == FigureKind::Torque; });
    ASSERT_NE(torque, p.figures.end());
    torque->tolerance = "1";
    const auto id = torque->id.text();
    const auto used = steps_using(p, torque->id);
    ASSERT_FALSE(used.empty());
    Step& s = p.steps[static_cast<std::size_t>(used[0] - 1)];
    s.lines = {"First.", "Tighten to {figure:" + id + "}.", "Again {figure:" + id + "}."};
    Plate plate;
    plate.id = PlateId("map");
    for (int i = 0; i < 4; ++i) plate.fasteners.push_back({torque->item, {}});
    s.plates = {plate};
    Edition e = edition(p);
    e.wrenches = {{torque->id, "small click wrench", "18", "lbf.ft", "1"}};
    const auto sheet = bench_sheet(e, "g", "m", "");
    const auto* at = sheet.find(s.id);
    ASSERT_NE(at, nullptr);
    ASSERT_EQ(at->wanted.size(), 1U);
    const auto& wanted = at->wanted[0];
    EXPECT_EQ(wanted.figure, id);
    EXPECT_EQ(wanted.line, 2U);
    EXPECT_EQ(wanted.times, 4) << "the map of its plate shows four";
    EXPECT_EQ(wanted.settings, std::vector<std::string>{"small click wrench: 18 lbf·ft"});
    EXPECT_TRUE(wanted.limits.known());
    EXPECT_NE(wanted.value.find(" ± 1"), std::string::npos);
    EXPECT_FALSE(wanted.needed) << "a click wrench shows no value";
}

TEST(BenchSheet, AReadingThatIsWrittenDownIsNeededAndAnUnprovedFigureIsNotKnown) {
    Procedure p = winch();
    Figure sag;
    sag.id = FigureId("sag");
    sag.kind = FigureKind::Length;
    sag.value = *parse_figure_value("8 to 10 mm", FigureKind::Length);
    p.figures.push_back(sag);
    p.steps[0].checks = {{"the belt", "tight", "loose", {}, "the instructor", Reading{"sag of the belt", "mm", FigureId("sag")}}};
    const auto open = sheet_of(p).steps[0];
    ASSERT_EQ(open.wanted.size(), 1U);
    EXPECT_TRUE(open.wanted[0].needed);
    EXPECT_EQ(open.wanted[0].value, "not known");
    EXPECT_FALSE(open.wanted[0].limits.known());
    p.figures.back().proofs = {{SourceId("book"), "page 3", sag.value}};
    const auto proved = sheet_of(p).steps[0];
    EXPECT_EQ(proved.wanted[0].limits.high, 10);
    EXPECT_EQ(proved.checks[0].ask, "the instructor");
}

TEST(BenchSheet, HasOnlyWhatBelongsToTheVariant) {
    Procedure p = winch();
    p.header.variants = {"PT60", "PT60-T"};
    p.steps[1].variants = {"PT60-T"};
    EXPECT_EQ(sheet_of(p, "PT60").steps.size() + 1, sheet_of(p, "PT60-T").steps.size());
    EXPECT_EQ(sheet_of(p, "PT60").steps[1].number, 3) << "numbers are those that are printed";
}

TEST(BenchSheet, AWaitLastsAsInThePlanTellsItsRangeAndSaysWhatThePlanDoesMeanwhile) {
    Procedure p = engine();
    p.items.push_back({ItemId("belt"), ItemKind::Part, "V-belt", "", ""});
    Step belt;
    belt.id = StepId("belt");
    belt.heading = "belt";
    belt.actions = {{"inspect", {ItemId("belt")}, {}}};
    belt.states = {MachineState::LockedOff};
    p.steps.insert(p.steps.begin() + 4, belt);
    Figure drip;
    drip.id = FigureId("drip");
    drip.kind = FigureKind::Duration;
    drip.value = *parse_figure_value("10 to 20 min", FigureKind::Duration);
    drip.proofs = {{SourceId("book"), "page 3", drip.value}};
    p.figures.push_back(drip);
    auto& drain = step_of(p, "drain");
    drain.waits = {{"until it drips", FigureId("drip")}};
    for (auto& s : p.steps) s.hands = {"2", "", "min"};
    const auto sheet = sheet_of(p);
    const auto* at = sheet.find(StepId("drain"));
    ASSERT_NE(at, nullptr);
    EXPECT_EQ(at->waits.at(0).seconds, seconds_of(p, FigureId("drip"), ""));
    EXPECT_EQ(at->waits.at(0).seconds, 600);
    EXPECT_EQ(at->waits.at(0).text, "until it drips (10 to 20 min)");
    EXPECT_FALSE(at->meanwhile.empty()) << "something can be done while the oil runs out";
    for (const auto& id : at->meanwhile) EXPECT_NE(id, at->id);
}

TEST(BenchSheet, GearStandsApartFromTheKit) {
    Procedure p = winch();
    p.items.push_back({ItemId("gloves"), ItemKind::Protection, "nitrile gloves", "", ""});
    p.steps[0].actions[0].needs.push_back(ItemId("gloves"));
    const auto sheet = sheet_of(p);
    ASSERT_EQ(sheet.gear.size(), 1U);
    EXPECT_EQ(sheet.gear[0], "nitrile gloves");
    EXPECT_GE(sheet.kit.size(), 3U);
}
