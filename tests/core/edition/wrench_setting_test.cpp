#include "core/edition/wrench_setting.h"

#include <gtest/gtest.h>

#include "core/edition/edition.h"
#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
namespace rnd = anagraph::core::testing;

namespace {

Wrench wrench(const char* name, const char* unit, double from, double to, double main, double fine) {
    Wrench w;
    w.name = name;
    w.unit = unit;
    w.from = from;
    w.to = to;
    w.main_step = main;
    w.fine_step = fine;
    w.calibrated = "2020-01-01";
    w.due = "2021-01-01";
    return w;
}

/// A guide with one torque, used in its step.
Edition one(const FigureValue& value) {
    Edition e;
    Procedure& p = e.procedure;
    p.sources = {{SourceId("book"), SourceKind::Book, "book", "1"}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}};
    p.figures = {
        {FigureId("t"), FigureKind::Torque, ItemId("plug"), "tightening torque", value, "", {}, {{SourceId("book"), "page 1", value}}, ""}};
    Step s;
    s.id = StepId("one");
    s.heading = "Tighten";
    s.lines = {"Tighten to {figure:t}."};
    p.steps = {s};
    return e;
}

}  // namespace

TEST(WrenchSetting, IsTheMarkOnTheScaleOfTheWrenchThatDoesItWhateverTheDay) {
    const auto p = one({"25", "", "Nm"}).procedure;
    const auto set = wrench_settings(p, {wrench("inch wrench", "lbf.ft", 10, 80, 5, 1)});
    ASSERT_EQ(set.size(), 1U);
    EXPECT_EQ(set[0].figure, FigureId("t"));
    EXPECT_EQ(text_of(set[0]), "18 lbf·ft");
    EXPECT_EQ(set[0].step, "5");
    // of two the better one first
    EXPECT_EQ(wrench_settings(p, {wrench("inch wrench", "lbf.ft", 10, 80, 5, 1), wrench("small wrench", "Nm", 5, 50, 5, 0.5)})[0].wrench,
        "small wrench");
}

TEST(WrenchSetting, NothingIsSaidOfWhatNoWrenchDoesOrNobodyProved) {
    const std::vector<Wrench> wrenches{wrench("small wrench", "Nm", 5, 50, 5, 0.5)};
    EXPECT_TRUE(wrench_settings(one({"90", "", "Nm"}).procedure, wrenches).empty()) << "beyond its scale";
    EXPECT_TRUE(wrench_settings(one({"8", "10", "Nm"}).procedure, wrenches).empty()) << "a range";
    EXPECT_TRUE(wrench_settings(one({"25", "", "Nm", Limit::None, {}, "90"}).procedure, wrenches).empty()) << "turned on after";
    auto open = one({"25", "", "Nm"}).procedure;
    open.figures[0].proofs.clear();
    EXPECT_TRUE(wrench_settings(open, wrenches).empty());
    auto unused = one({"25", "", "Nm"}).procedure;
    unused.steps[0].lines = {"Tighten it."};
    EXPECT_TRUE(wrench_settings(unused, wrenches).empty());
    EXPECT_TRUE(wrench_settings(one({"25", "", "Nm"}).procedure, {}).empty());
}

TEST(WrenchSetting, StandsInTheEditionAndAnotherSettingIsToldToWhoLearnedTheFirst) {
    Edition before = one({"25", "", "Nm"});
    before.wrenches = {{FigureId("t"), "inch wrench", "18", "lbf.ft", "5"}};
    EXPECT_EQ(edition_from_json(to_json(before))->wrenches, before.wrenches);
    Edition after = before;
    after.wrenches[0].setting = "19";
    auto told = differences(before, after);
    ASSERT_EQ(told.size(), 1U);
    EXPECT_TRUE(told[0].read_again);
    EXPECT_EQ(told[0].figure, FigureId("t"));
    EXPECT_NE(told[0].text.find("on the inch wrench it is now set to 19 lbf·ft; it was 18 lbf·ft"), std::string::npos) << told[0].text;
    // another wrench in the house is nothing that anybody learned
    after = before;
    after.wrenches.push_back({FigureId("t"), "small wrench", "25", "Nm", "5"});
    told = differences(before, after);
    ASSERT_EQ(told.size(), 1U);
    EXPECT_FALSE(told[0].read_again);
    // an edition of before knew of no wrench: nothing has changed for its readers
    before.wrenches.clear();
    EXPECT_TRUE(differences(before, after).empty());
}
