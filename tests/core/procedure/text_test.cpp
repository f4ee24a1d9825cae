// Instruction text with tokens, callout numbers, open points and the reasons that keep an edition back.
#include "core/procedure/text.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/procedure/procedure.h"
#include "core/review/open_points.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

Procedure guide_of_texts() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-PT60-100", "", {}, ""};
    p.recordings = {{RecordingId("r"), "", {}}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}, {ItemId("wrench"), ItemKind::Tool, "torque wrench", "", ""}};
    Figure f;
    f.id = FigureId("plug-torque");
    f.kind = FigureKind::Torque;
    f.item = ItemId("plug");
    f.purpose = "tightening torque";
    f.value = {"25", "", "Nm"};
    p.figures = {f};
    Step s;
    s.id = StepId("one");
    s.heading = "Refit the drain plug";
    s.lines = {"Tighten the {item:plug} to {figure:plug-torque}."};
    s.heard = {f.id};
    p.steps = {s};
    return p;
}

std::size_t points_of(const Procedure& p, Station station) {
    const auto all = open_points(p);
    return static_cast<std::size_t>(std::count_if(all.begin(), all.end(), [&](const OpenPoint& x) { return x.station == station; }));
}

}  // namespace

TEST(Tokens, WhatIsNotExactlyATokenStaysWords) {
    for (const char* line :
        {"{figure:}", "{figure}", "{item:a b}", "{ figure:x}", "{figure:x", "figure:x}", "{{item:x}", "{}", "{thing:x}"}) {
        const auto pieces = pieces_of(line);
        EXPECT_EQ(line_of(pieces), line);
    }
    EXPECT_EQ(pieces_of("{figure:x}").size(), 1U);
    EXPECT_EQ(pieces_of("to {figure:x} now").size(), 3U);
    EXPECT_TRUE(pieces_of("").empty());
}

TEST(Tokens, AnyLineJoinsToItselfAgain) {
    holds([](const std::string& line) { RC_ASSERT(line_of(pieces_of(line)) == line); });
}

TEST(Tokens, AreFoundByKindAndId) {
    const char* line = "Tighten the {item:plug} to {figure:plug-torque}.";
    EXPECT_TRUE(names(line, TokenKind::Item, "plug"));
    EXPECT_TRUE(names(line, TokenKind::Figure, "plug-torque"));
    EXPECT_FALSE(names(line, TokenKind::Figure, "plug"));
    EXPECT_FALSE(names(line, TokenKind::Item, "plug-torque"));
}

TEST(Tokens, ReadAsAPersonWouldRead) {
    const Procedure p = guide_of_texts();
    const std::string read = rendered(p, p.steps[0].lines[0]);
    EXPECT_NE(read.find("drain plug"), std::string::npos);
    EXPECT_NE(read.find("25 N·m"), std::string::npos);
    EXPECT_NE(read.find("18 lbf·ft"), std::string::npos);
    EXPECT_EQ(unknown_names(p, "{figure:t9} and {item:plug}"), (std::vector<std::string>{"figure t9"}));
}

TEST(OpenPointsOf, AFinishedStepHasNone) {
    Procedure p = guide_of_texts();
    p.figures[0].proofs = {{SourceId("book"), "page 2", {"25", "", "Nm"}}};
    p.sources = {{SourceId("book"), SourceKind::Book, "Perrick PT60 service book", ""}};
    p.steps[0].plates = {{PlateId("p"), RecordingId("r"), FrameTime(1, 1), "", {{ItemId("plug"), {5000, 5000}, {6000, 4000}}}}};
    EXPECT_TRUE(open_points(p).empty());
    EXPECT_TRUE(reasons_not_to_issue(p).empty());
}

TEST(OpenPointsOf, EachThingMissingIsOnePointOfItsStation) {
    Procedure p = guide_of_texts();
    EXPECT_EQ(points_of(p, Station::Figures), 1U) << "the torque is open";
    EXPECT_EQ(points_of(p, Station::Plates), 1U) << "no picture";
    EXPECT_EQ(points_of(p, Station::Sheet), 0U);
    p.steps[0].plates = {{PlateId("p"), RecordingId("r"), FrameTime(1, 1), "", {}}};
    EXPECT_EQ(points_of(p, Station::Plates), 1U) << "the plug is named and not called out";
    p.steps[0].lines = {"Tighten the {item:wrench}."};
    EXPECT_EQ(points_of(p, Station::Plates), 0U) << "a tool need not be called out";
    EXPECT_EQ(points_of(p, Station::Sheet), 1U) << "the figure taken is not given";
    p.steps[0].heading.clear();
    EXPECT_EQ(points_of(p, Station::Sheet), 2U);
}

TEST(ReasonsNotToIssue, AreTheOnesThatWouldMisleadALearner) {
    Procedure p = guide_of_texts();
    EXPECT_TRUE(reasons_not_to_issue(p).empty()) << "an open figure is printed as open";
    p.header.number.clear();
    EXPECT_EQ(reasons_not_to_issue(p).size(), 1U);
    p = guide_of_texts();
    p.steps.clear();
    EXPECT_EQ(reasons_not_to_issue(p).size(), 1U);
    p = guide_of_texts();
    p.steps[0].heading.clear();
    p.steps[0].lines.clear();
    EXPECT_EQ(reasons_not_to_issue(p).size(), 2U);
    p = guide_of_texts();
    p.steps[0].lines.push_back("Use the {item:nowhere}.");
    EXPECT_EQ(reasons_not_to_issue(p).size(), 1U);
}

TEST(CalloutNumbers, FollowTheFirstAppearanceAndDoNotJumpWhenAStepIsAdded) {
    Procedure p = guide_of_texts();
    p.steps[0].plates = {{PlateId("p"), RecordingId("r"), FrameTime(1, 1), "", {{ItemId("wrench"), {}, {}}, {ItemId("plug"), {}, {}}}}};
    EXPECT_EQ(callout_numbers(p).at(ItemId("wrench")), 1);
    Step later;
    later.id = StepId("two");
    later.plates = {{PlateId("q"), RecordingId("r"), FrameTime(2, 1), "", {{ItemId("plug"), {}, {}}}}};
    p.steps.push_back(later);
    EXPECT_EQ(callout_numbers(p).at(ItemId("wrench")), 1);
    EXPECT_EQ(callout_numbers(p).at(ItemId("plug")), 2);
}

TEST(FreshIds, ReadLikeTheNameAndNeverCollide) {
    std::vector<Item> items;
    EXPECT_EQ(fresh_id<ItemId>("Drain plug", items).text(), "drain-plug");
    items.push_back({ItemId("drain-plug"), ItemKind::Part, "", "", ""});
    EXPECT_EQ(fresh_id<ItemId>("Drain plug", items).text(), "drain-plug-2");
    holds([] {
        std::vector<Item> made;
        for (int i = 0; i < 20; ++i) {
            const auto name = *rc::gen::element<std::string>("a", "A", "a b", "ä", "", "{x}");
            const auto id = fresh_id<ItemId>(name, made);
            RC_ASSERT(!id.empty());
            for (const auto& m : made) RC_ASSERT(m.id != id);
            made.push_back({id, ItemKind::Part, name, "", ""});
        }
    });
}

TEST(SafetyStatement, NamesWhatComesFirst) {
    const std::string s(safety_statement());
    for (const char* word : {"maker", "local codes", "site", "lock", "licensed"}) EXPECT_NE(s.find(word), std::string::npos) << word;
}

TEST(OpenPointsOf, ACalloutNobodySpeaksOfIsPointedOut) {
    Procedure p;
    p.recordings = {{RecordingId("r"), "", {}}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}, {ItemId("belt"), ItemKind::Part, "V-belt", "", ""}};
    Step s;
    s.id = StepId("s");
    s.heading = "Look";
    s.lines = {"Look at the {item:plug}."};
    s.plates = {{PlateId("a"), RecordingId("r"), {}, "", {{ItemId("plug"), {}, {}}, {ItemId("belt"), {}, {}}}}};
    p.steps = {s};
    const auto told = [&] {
        std::string out;
        for (const auto& point : open_points(p))
            if (point.station == Station::Plates) out += point.text;
        return out;
    };
    EXPECT_NE(told().find("V-belt"), std::string::npos);
    EXPECT_EQ(told().find("drain plug"), std::string::npos);
    p.steps[0].plates[0].caption = "Behind it the V-belt";
    EXPECT_TRUE(told().empty()) << "the words under the picture speak of it";
}

TEST(OpenPointsOf, APairNeedsTwoFramesAndSomethingThatMarksTheDifference) {
    Procedure p;
    p.recordings = {{RecordingId("r"), "", {}}};
    Step s;
    s.id = StepId("s");
    s.plates = {{PlateId("a"), RecordingId("r"), {}, "", {}}, {PlateId("b"), RecordingId("r"), {}, "", {}}};
    s.plates[0].role = PairRole::Right;
    s.plates[1].role = PairRole::Wrong;
    p.steps = {s};
    const auto told = [&](const char* words) {
        const auto points = open_points(p);
        return std::any_of(
            points.begin(), points.end(), [&](const OpenPoint& x) { return x.text.english().find(words) != std::string::npos; });
    };
    EXPECT_TRUE(told("same frame"));
    EXPECT_TRUE(told("marks what differs"));
    p.steps[0].plates[1].at = FrameTime(1, 1);
    p.steps[0].plates[1].marks = {{}};
    EXPECT_FALSE(told("same frame"));
    EXPECT_FALSE(told("marks what differs"));
    p.steps[0].plates[1].role = PairRole::Old;
    p.steps[0].plates[1].at = {};
    EXPECT_FALSE(told("same frame")) << "two pictures that are no pair";
}

TEST(OpenPointsOf, ACommentNobodyAnsweredIsOne) {
    Procedure p;
    Step s;
    s.id = StepId("s");
    s.comments = {{"", "checker", "2026-11-28", "which spanner?"}, {"", "checker", "2026-11-28", "old matter", "done", true}};
    p.steps = {s};
    std::size_t told = 0;
    for (const auto& point : open_points(p)) {
        told += point.text.english().find("which spanner?") != std::string::npos ? 1U : 0U;
        EXPECT_EQ(point.text.english().find("old matter"), std::string::npos);
    }
    EXPECT_EQ(told, 1U);
}

TEST(OpenPointsOf, AnUnknownNameStopsTheIssueWhereverItStands) {
    Procedure p = guide_of_texts();
    EXPECT_TRUE(reasons_not_to_issue(p).empty());
    p.header.follow_ups = {{"after the first hour", "Look at the {item:gone}."}};
    EXPECT_EQ(reasons_not_to_issue(p).size(), 1U);
    p.header.follow_ups.clear();
    p.steps[0].checks = {{"plug", "dry", "a drip: see {figure:gone}"}};
    EXPECT_EQ(reasons_not_to_issue(p).size(), 1U);
}

TEST(MachineStates, ThatExcludeEachOtherAreSaid) {
    using enum MachineState;
    EXPECT_EQ(contradiction({Cold, Level, Warm}), "It cannot be cold and warm at once.");
    for (const auto state : {Stopped, Isolated, LockedOff}) EXPECT_FALSE(contradiction({Running, state}).empty()) << name_of(state);
    EXPECT_EQ(contradiction({Running, Warm, Level, OnStands}), "");
    EXPECT_EQ(contradiction({Stopped, Isolated, LockedOff, Cold}), "");
}
