#include "core/review/drawn_changes.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "tests/core/dryrun/guides.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

std::string text(const std::vector<WordRun>& runs) {
    std::string out;
    for (const auto& r : runs) out += r.text;
    return out;
}

/// The engine's guide with a plate in its second step.
Edition with_plate() {
    Edition e;
    e.procedure = rnd::written(rnd::engine());
    Procedure& p = e.procedure;
    Plate plate;
    plate.id = PlateId("p1");
    plate.recording = RecordingId("r");
    for (std::size_t i = 0; i < 2; ++i) {
        Callout c;
        c.item = p.items[i].id;
        c.target = {static_cast<int>(1000 + 3000 * i), 2000};
        c.label = {500, 500};
        plate.callouts.push_back(c);
    }
    p.steps[1].plates = {plate};
    return e;
}

const ChangedPlace* of_step(const std::vector<ChangedPlace>& all, int number) {
    const auto it = std::find_if(
        all.begin(), all.end(), [&](const ChangedPlace& c) { return c.title.starts_with("Step " + std::to_string(number) + ","); });
    return it == all.end() ? nullptr : &*it;
}

}  // namespace

TEST(DrawnChanges, OfTheSameEditionThereAreNone) { EXPECT_TRUE(drawn_changes(with_plate(), with_plate()).empty()); }

TEST(DrawnChanges, AFigureComesWithBothValuesAndOnlyTheLinesThatDiffer) {
    const Edition before = with_plate();
    Edition now = before;
    auto& f = *std::find_if(
        now.procedure.figures.begin(), now.procedure.figures.end(), [](const Figure& x) { return x.kind == FigureKind::Torque; });
    f.value.low = f.proofs[0].value.low = "41";
    const auto all = drawn_changes(before, now);
    const auto it = std::find_if(all.begin(), all.end(), [](const ChangedPlace& c) { return c.is.has_value(); });
    ASSERT_NE(it, all.end());
    EXPECT_EQ(it->was->value.low, "35");
    EXPECT_EQ(it->is->value.low, "41");
    EXPECT_TRUE(it->read_again);
    EXPECT_NE(text(it->text.was).find("35 N·m"), std::string::npos);
    EXPECT_NE(text(it->text.is).find("41 N·m"), std::string::npos);
    EXPECT_EQ(text(it->text.is).find("proved"), std::string::npos) << "that it is proved has not changed";
}

TEST(DrawnChanges, WhatMovedOnAPlateIsToldApartFromWhatIsNewAndWhatIsGone) {
    const Edition before = with_plate();
    Edition now = before;
    auto& plate = now.procedure.steps[1].plates[0];
    plate.callouts[0].target = {7000, 8000};
    plate.callouts[0].label = {9000, 9000};
    plate.callouts.erase(plate.callouts.begin() + 1);
    Callout c;
    c.item = now.procedure.items[2].id;
    c.target = {100, 100};
    plate.callouts.push_back(c);
    const auto all = drawn_changes(before, now);
    const auto* step = of_step(all, 2);
    ASSERT_NE(step, nullptr);
    ASSERT_EQ(step->plates.size(), 1U);
    const auto& seen = step->plates[0];
    EXPECT_FALSE(seen.other_picture);
    ASSERT_EQ(seen.moved.size(), 1U);
    EXPECT_EQ(seen.moved[0].name, before.procedure.items[0].name);
    EXPECT_EQ(seen.moved[0].before, (Place{1000, 2000}));
    EXPECT_EQ(seen.moved[0].at, (Place{7000, 8000}));
    ASSERT_EQ(seen.added.size(), 1U);
    EXPECT_EQ(seen.added[0].name, before.procedure.items[2].name);
    ASSERT_EQ(seen.gone.size(), 1U);
    EXPECT_EQ(seen.gone[0].name, before.procedure.items[1].name);
    EXPECT_EQ(seen.is->step, 2);
    EXPECT_EQ(seen.is->plate, 1);
}

TEST(DrawnChanges, AnotherMomentIsAnotherPictureAndNothingMovedOnIt) {
    const Edition before = with_plate();
    Edition now = before;
    now.procedure.steps[1].plates[0].at = FrameTime(5, 1);
    now.procedure.steps[1].plates[0].callouts[0].target = {7000, 8000};
    auto all = drawn_changes(before, now);
    ASSERT_NE(of_step(all, 2), nullptr);
    EXPECT_TRUE(of_step(all, 2)->plates.at(0).other_picture);
    EXPECT_TRUE(of_step(all, 2)->plates.at(0).moved.empty());
    now.procedure.steps[1].plates.clear();
    all = drawn_changes(before, now);
    ASSERT_NE(of_step(all, 2), nullptr);
    EXPECT_FALSE(of_step(all, 2)->plates.at(0).is);
    EXPECT_TRUE(of_step(all, 2)->plates.at(0).was);
}

TEST(DrawnChanges, EveryDifferenceStandsAtAPlaceOfAnyTwoGuides) {
    holds([] {
        Edition before, now;
        before.procedure = rnd::random_procedure(20);
        now.procedure = rnd::random_procedure(20);
        std::size_t told = 0;
        for (const auto& c : drawn_changes(before, now)) told += c.sentences.size();
        RC_ASSERT(told >= differences(before, now).size());
    });
}
