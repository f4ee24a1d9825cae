// The fasteners of a plate: their order, their count, and what they are tightened to.
#include "core/plate/fastener_map.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/edits/edit.h"
#include "core/review/open_points.h"

using namespace anagraph::core;

namespace {

Procedure guide_with_bolts() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.recordings = {{RecordingId("r"), "", {}}};
    p.sources = {{SourceId("book"), SourceKind::Book, "book", ""}};
    p.items = {{ItemId("zinc"), ItemKind::Fastener, "zinc cover bolts", "", "", {}, {}, {"16 mm", "hexagon, 10 mm across flats", "none"}},
        {ItemId("black"), ItemKind::Fastener, "black cover bolts", "", ""}};
    p.figures = {{FigureId("t"), FigureKind::Torque, ItemId("zinc"), "tightening torque", {"8", "", "Nm"}, "", {},
                     {{SourceId("book"), "page 2", {"8", "", "Nm"}}}, ""},
        {FigureId("n"), FigureKind::Count, ItemId("zinc"), "bolts", {"4", "", "x"}, "", {}, {}, ""}};
    Plate plate{PlateId("p"), RecordingId("r"), {}, "", {}};
    plate.fasteners = {{ItemId("zinc"), {2000, 2000}}, {ItemId("zinc"), {8000, 2000}}, {ItemId("zinc"), {8000, 8000}},
        {ItemId("zinc"), {2000, 8000}}, {ItemId("black"), {5000, 2000}}, {ItemId("black"), {5000, 8000}}};
    Step s;
    s.id = StepId("s");
    s.heading = "Refit the cover";
    s.lines = {"Tighten the {item:zinc}."};
    s.plates = {plate};
    p.steps = {s};
    return p;
}

const Plate& plate(const Procedure& p) { return p.steps[0].plates[0]; }

}  // namespace

TEST(FastenerMap, EveryFastenerStandsOnceInTheOrder) {
    const auto p = guide_with_bolts();
    auto order = fastener_order(plate(p), 16.0 / 9);
    ASSERT_EQ(order.size(), 6U);
    EXPECT_TRUE(order[0] == 5 || order[0] == 6) << "from the middle outwards";
    std::sort(order.begin(), order.end());
    for (int i = 0; i < 6; ++i) EXPECT_EQ(order[static_cast<std::size_t>(i)], i + 1);
    EXPECT_TRUE(fastener_order(Plate{}, 1).empty());
}

TEST(FastenerMap, SaysHowManyAndToWhat) {
    auto p = guide_with_bolts();
    EXPECT_EQ(fastener_words(p, plate(p)),
        "6 fasteners. 4 zinc cover bolts, in circles: 16 mm long, head hexagon, 10 mm across flats, no washer. 2 black cover bolts, in "
        "squares. "
        "Each goes back where it came from. Tightened in the order drawn to 8 N·m (6 lbf·ft).");
    p.figures[0].proofs.clear();
    EXPECT_NE(fastener_words(p, plate(p)).find("(open)"), std::string::npos) << "what is not proved says so";
    EXPECT_TRUE(fastener_words(p, Plate{}).empty());
}

TEST(FastenerMap, WhatIsNotKnownOfAFastenerIsSaidAndAsked) {
    auto p = guide_with_bolts();
    p.items[1].fastening.length = "40 mm";
    EXPECT_NE(fastener_words(p, plate(p)).find("in squares: 40 mm long, head not known, washer not known."), std::string::npos)
        << fastener_words(p, plate(p));
    ASSERT_EQ(unstated(p, plate(p)).size(), 1U) << "all is known of the zinc ones";
    EXPECT_EQ(unstated(p, plate(p)).front(), "Not stated of the black cover bolts: head and washer; edit the item to say it.");
    const auto points = open_points(p);
    EXPECT_TRUE(std::any_of(points.begin(), points.end(),
        [](const OpenPoint& x) { return x.station == Station::Plates && x.text.english().find("Not stated") != std::string::npos; }));
    p.items[1].fastening = {"40 mm", "hexagon", "plain"};
    EXPECT_TRUE(unstated(p, plate(p)).empty());
}

TEST(FastenerMap, KindsAreToldApartByTheirShape) {
    auto p = guide_with_bolts();
    Plate map = plate(p);
    EXPECT_EQ(fastener_kinds(map), (std::vector{ItemId("zinc"), ItemId("black")}));
    EXPECT_EQ(fastener_shape(map, ItemId("zinc")), FastenerShape::Circle);
    EXPECT_EQ(fastener_shape(map, ItemId("black")), FastenerShape::Square);
    map.fasteners.resize(4);
    EXPECT_EQ(fastener_words(p, map).find("circle"), std::string::npos) << "of one kind none is to be told apart";
}

TEST(FastenerMap, DisagreesWithACountAloud) {
    auto p = guide_with_bolts();
    EXPECT_TRUE(count_troubles(p, plate(p)).empty());
    p.steps[0].plates[0].fasteners.erase(p.steps[0].plates[0].fasteners.begin());
    ASSERT_EQ(count_troubles(p, plate(p)).size(), 1U);
    EXPECT_EQ(count_troubles(p, plate(p)).front(), "The picture shows 3 zinc cover bolts; the guide counts 4.");
    const auto points = open_points(p);
    EXPECT_TRUE(std::any_of(points.begin(), points.end(),
        [](const OpenPoint& x) { return x.station == Station::Plates && x.text.english().find("counts 4") != std::string::npos; }));
}

TEST(FastenerMap, HoldsItsItemsAndFigures) {
    const auto p = guide_with_bolts();
    Edit remove = Remove<ItemId>{ItemId("black")};
    EXPECT_FALSE(anagraph::core::apply(p, remove)) << "it sits on a picture";
    auto wrong = p.steps[0];
    wrong.plates[0].fasteners.push_back({ItemId("gone"), {1, 1}});
    EXPECT_FALSE(anagraph::core::apply(p, Edit(Put<Step>{wrong, std::nullopt})));
    wrong = p.steps[0];
    wrong.plates[0].marks = {{PlateSign::Distance, {1, 1}, {2, 2}, FigureId("gone")}};
    EXPECT_FALSE(anagraph::core::apply(p, Edit(Put<Step>{wrong, std::nullopt})));
}

TEST(CalloutNumbers, RunClockwiseWithinAPlate) {
    auto p = guide_with_bolts();
    auto& callouts = p.steps[0].plates[0].callouts;
    callouts = {{ItemId("zinc"), {8000, 8000}, {}}, {ItemId("black"), {2000, 2000}, {}}};
    EXPECT_EQ(callout_numbers(p).at(ItemId("black")), 1) << "the upper left one comes before the lower right one";
    EXPECT_EQ(callout_numbers(p).at(ItemId("zinc")), 2);
}
