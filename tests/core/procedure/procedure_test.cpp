#include "core/procedure/procedure.h"

#include <gtest/gtest.h>

#include <functional>
#include <nlohmann/json.hpp>

#include "core/plate/layout.h"
#include "core/procedure/json.h"
#include "core/procedure/text.h"
#include "core/review/open_points.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

Procedure small_guide() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.recordings = {{RecordingId("r"), "", {}}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "M14", ""}, {ItemId("pan"), ItemKind::Vessel, "pan", "", ""}};
    p.sources = {{SourceId("book"), SourceKind::Book, "book", ""}};
    p.figures = {{FigureId("t"), FigureKind::Torque, ItemId("plug"), "tightening torque", {"25", "", "Nm"}, "2.5", {},
        {{SourceId("book"), "page 2", {"25", "", "Nm"}}}, ""}};
    Step s;
    s.id = StepId("s1");
    s.heading = "Refit the drain plug";
    s.lines = {"Tighten the {item:plug} to {figure:t}."};
    p.steps = {s};
    return p;
}

void every_reference_is_whole(const Procedure& p) {
    for (const auto& f : p.figures) {
        RC_ASSERT(f.item.empty() || p.find(f.item) != nullptr);
        for (const auto& x : f.proofs) RC_ASSERT(p.find(x.source) != nullptr);
        for (const auto& c : f.claims) RC_ASSERT(p.find(c.recording) != nullptr);
    }
    for (const auto& s : p.steps) {
        for (const auto& f : s.heard) RC_ASSERT(p.find(f) != nullptr);
        for (const auto& a : s.actions) {
            for (const auto& i : a.items) RC_ASSERT(p.find(i) != nullptr);
            RC_ASSERT(a.figure.empty() || p.find(a.figure) != nullptr);
        }
        for (const auto& plate : s.plates) {
            for (const auto& c : plate.callouts) RC_ASSERT(p.find(c.item) != nullptr);
            for (const auto& f : plate.fasteners) RC_ASSERT(p.find(f.item) != nullptr);
            for (const auto& i : plate.off_order) RC_ASSERT(p.find(i) != nullptr);
            for (const auto& m : plate.marks) RC_ASSERT(m.figure.empty() || p.find(m.figure) != nullptr);
        }
        for (const auto& c : s.checks) RC_ASSERT(!c.reading || c.reading->limits.empty() || p.find(c.reading->limits) != nullptr);
        for (const auto& r : s.resets)
            for (const auto& press : r.presses) RC_ASSERT(press.hold.empty() || p.find(press.hold) != nullptr);
        if (s.clip) {
            RC_ASSERT(p.find(s.clip->take.recording) != nullptr);
            for (const auto& m : s.clip->marks) {
                RC_ASSERT(m.item.empty() || p.find(m.item) != nullptr);
                RC_ASSERT(m.mark.figure.empty() || p.find(m.mark.figure) != nullptr);
            }
        }
    }
}

}  // namespace

TEST(Edit, UndoOfAnAppliedChangeGivesTheSameGuide) {
    holds([] {
        Procedure p = rnd::random_procedure(25);
        Change change{"several", {}};
        Procedure state = p;
        for (int i = rnd::pick(1, 6); i > 0; --i) {
            const Edit e = rnd::random_edit(state);
            if (auto next = anagraph::core::apply(state, e)) {
                state = std::move(*next);
                change.edits.push_back(e);
            }
        }
        const auto after = anagraph::core::apply(p, change);
        const auto back = inverse(p, change);
        RC_ASSERT(after.has_value());
        RC_ASSERT(back.has_value());
        const auto again = anagraph::core::apply(*after, *back);
        RC_ASSERT(again.has_value());
        RC_ASSERT(*again == p);
        const auto forth = inverse(*after, *back);
        RC_ASSERT(forth.has_value());
        RC_ASSERT(*anagraph::core::apply(*again, *forth) == *after);
    });
}

TEST(Edit, EveryReferenceStaysWholeWhateverIsEdited) {
    holds([] { every_reference_is_whole(rnd::random_procedure(60)); });
}

TEST(Edit, RefusesToRemoveWhatIsStillUsedAndSaysWhere) {
    const auto no = anagraph::core::apply(small_guide(), Edit{Remove<ItemId>{ItemId("plug")}});
    ASSERT_FALSE(no);
    EXPECT_EQ(no.error().code, ErrorCode::Refused);
    EXPECT_NE(no.error().message.english().find("Drain plug, tightening torque"), std::string::npos);
    EXPECT_TRUE(anagraph::core::apply(small_guide(), Edit{Remove<ItemId>{ItemId("pan")}}));
    Procedure heard = small_guide();
    heard.steps[0].heard = {FigureId("t")};
    EXPECT_NE(
        anagraph::core::apply(heard, Edit{Remove<FigureId>{FigureId("t")}}).error().message.english().find("step 1"), std::string::npos);
    EXPECT_FALSE(anagraph::core::apply(small_guide(), Edit{Remove<SourceId>{SourceId("book")}}));
}

TEST(Edit, RefusesTakesThatOverlapOrEndBeforeTheyBegin) {
    Procedure p = small_guide();
    Step a = p.steps[0];
    a.takes = {{RecordingId("r"), FrameTime(1, 1), FrameTime(5, 1)}};
    p = *anagraph::core::apply(p, Edit{Put<Step>{a, {}}});
    Step b;
    b.id = StepId("s2");
    b.takes = {{RecordingId("r"), FrameTime(4, 1), FrameTime(8, 1)}};
    const auto no = anagraph::core::apply(p, Edit{Put<Step>{b, {}}});
    ASSERT_FALSE(no);
    EXPECT_NE(no.error().message.english().find("Refit the drain plug"), std::string::npos);
    b.takes = {{RecordingId("r"), FrameTime(5, 1), FrameTime(8, 1)}};
    EXPECT_TRUE(anagraph::core::apply(p, Edit{Put<Step>{b, {}}}));
    b.takes = {{RecordingId("r"), FrameTime(9, 1), FrameTime(9, 1)}};
    EXPECT_FALSE(anagraph::core::apply(p, Edit{Put<Step>{b, {}}}));
}

TEST(Edit, MovesAStepToThePlaceAskedFor) {
    Procedure p = small_guide();
    for (const char* id : {"s2", "s3"}) {
        Step s;
        s.id = StepId(id);
        p.steps.push_back(s);
    }
    const auto moved = anagraph::core::apply(p, Edit{MoveStep{StepId("s1"), 2}});
    ASSERT_TRUE(moved);
    EXPECT_EQ(moved->steps[2].id, StepId("s1"));
    EXPECT_EQ(moved->steps[0].id, StepId("s2"));
}

TEST(ProcedureJson, RoundTrips) {
    holds([] {
        const Procedure p = rnd::random_procedure(40);
        const auto back = procedure_from_json(nlohmann::json::parse(to_json(p).dump()));
        if (!back) RC_FAIL(back.error().message);
        RC_ASSERT(*back == p);
    });
}

TEST(ProcedureJson, ChangesRoundTrip) {
    holds([] {
        const Procedure p = rnd::random_procedure(15);
        Change change{rnd::words(), {}};
        for (int i = rnd::pick(0, 8); i > 0; --i) change.edits.push_back(rnd::random_edit(p));
        const auto back = change_from_json(nlohmann::json::parse(to_json(change).dump()));
        RC_ASSERT(back.has_value());
        RC_ASSERT(*back == change);
    });
}

TEST(ProcedureJson, RefusesDamageWithASentenceAndNeverThrows) {
    const auto good = to_json(small_guide());
    for (const auto& [key, value] : good.items()) {
        if (key == "format") continue;
        auto bad = good;
        bad.erase(key);
        EXPECT_FALSE(procedure_from_json(bad)) << key;
        bad[key] = 3.5;
        EXPECT_FALSE(procedure_from_json(bad)) << key;
    }
    auto newer = good;
    newer["format"] = 99;
    ASSERT_FALSE(procedure_from_json(newer));
    EXPECT_EQ(procedure_from_json(newer).error().code, ErrorCode::Refused);
    EXPECT_FALSE(procedure_from_json(nullptr));
    EXPECT_FALSE(change_from_json(nlohmann::json::parse(R"({"label":"x","edits":[{"op":"fly"}]})")));
}

TEST(Text, PiecesJoinToTheLineAgain) {
    holds([] {
        const auto line = *rc::gen::container<std::string>(rc::gen::elementOf(std::string("{}:figuretm ab")));
        RC_ASSERT(line_of(pieces_of(line)) == line);
    });
    const auto pieces = pieces_of("to {figure:t} now");
    ASSERT_EQ(pieces.size(), 3U);
    EXPECT_EQ(pieces[1], (TextPiece{TokenKind::Figure, "t"}));
    EXPECT_EQ(pieces_of("{figure:}").size(), 1U);
    EXPECT_EQ(pieces_of("{figure:a b}").size(), 1U);
}

TEST(Text, RendersOneValueInBothUnitsAndNamesTheUnknown) {
    const auto p = small_guide();
    EXPECT_EQ(rendered(p, "Tighten the {item:plug} to {figure:t}."), "Tighten the drain plug to 25 N·m (18 lbf·ft).");
    EXPECT_EQ(rendered(p, "{item:gone}"), "(unknown: gone)");
    EXPECT_EQ(unknown_names(p, "{item:gone} {figure:t} {figure:no}"), (std::vector<std::string>{"item gone", "figure no"}));
}

TEST(Standing, FollowsFromTheEvidence) {
    Figure f = small_guide().figures[0];
    EXPECT_EQ(standing_of(f), Standing::Proved);
    f.claims = {{RecordingId("r"), FrameTime(1, 1), "eighteen foot pounds", {"18", "", "lbf.ft"}},
        {RecordingId("r"), FrameTime(1, 1), "twenty four", {"24", "", "Nm"}}};
    EXPECT_EQ(standing_of(f), Standing::Proved) << argue_standing(f);
    f.claims.push_back({RecordingId("r"), FrameTime(9, 1), "twelve newtons", {"25", "", "N"}});
    EXPECT_EQ(standing_of(f), Standing::Disputed) << "a force is no torque";
    EXPECT_NE(argue_standing(f).english().find("twelve newtons"), std::string::npos);
    f.settled = "the book gives it in N·m";
    EXPECT_EQ(standing_of(f), Standing::Proved);
    f.value = {"40", "", "Nm"};
    EXPECT_EQ(standing_of(f), Standing::Disputed) << "settling cannot make a value proved that no source gives";
    f.proofs.clear();
    EXPECT_EQ(standing_of(f), Standing::Open) << "speech alone proves nothing";
}

TEST(Standing, ValuesAgreeWithinTheDigitsSaid) {
    const auto same = [](const char* a, const char* b, const char* tolerance = "") {
        return agrees(*parse_figure_value(a), *parse_figure_value(b), tolerance);
    };
    EXPECT_TRUE(same("24 Nm", "18 lbf.ft"));
    EXPECT_FALSE(same("35 Nm", "20 lbf.ft"));
    EXPECT_FALSE(same("1.7 L", "2 L"));
    EXPECT_TRUE(same("9 mm", "8 to 10 mm"));
    EXPECT_FALSE(same("12 mm", "8 to 10 mm"));
    EXPECT_TRUE(same("75W90", "75w-90"));
    EXPECT_TRUE(same("25 Nm", "23 Nm", "2.5"));
    EXPECT_FALSE(same("25 Nm", "20 Nm", "2.5"));
}

TEST(FigureValue, PrintsRangesAndFractionsAndReadsThemBack) {
    EXPECT_EQ(text_of({"8", "10", "mm"}), "8 to 10 mm");
    EXPECT_EQ(text_of({"3/4", "", "turn"}), "3/4 turn");
    EXPECT_EQ(text_of(FigureValue{}), "not known");
    EXPECT_EQ(other_system_text({"25", "", "Nm"}), "18 lbf·ft");
    EXPECT_EQ(other_system_text({"5", "", "min"}), "");
    EXPECT_EQ(other_system_text({"8", "10", "mm"}), "0.32 to 0.39 in");
    EXPECT_EQ(other_system_text({"80", "95", "degC"}), "176 to 203 °F");
    for (const char* text : {"25 N·m", "8 to 10 mm", "75W90", "3/4 turn", "1.7 L", "60 °C"})
        EXPECT_EQ(text_of(*parse_figure_value(text)), text);
    EXPECT_FALSE(parse_figure_value("10 to 8 mm"));
    EXPECT_FALSE(parse_figure_value("25"));
    EXPECT_FALSE(parse_figure_value("25 wombats"));
}

TEST(FigureValue, AValueMustFitItsKind) {
    const auto fits = [](FigureKind kind, const char* text) { return parse_figure_value(text, kind).has_value(); };
    EXPECT_TRUE(fits(FigureKind::Torque, "25 Nm"));
    EXPECT_TRUE(fits(FigureKind::Torque, ""));
    EXPECT_FALSE(fits(FigureKind::Torque, "Nm"));
    EXPECT_FALSE(fits(FigureKind::Torque, "25 L"));
    EXPECT_FALSE(fits(FigureKind::Torque, "12 N"));
    EXPECT_TRUE(fits(FigureKind::Grade, "75W90"));
    EXPECT_TRUE(fits(FigureKind::Size, "17 mm"));
    EXPECT_TRUE(fits(FigureKind::Size, "T45"));
    EXPECT_TRUE(fits(FigureKind::Interval, "12 month"));
    EXPECT_TRUE(fits(FigureKind::Interval, "100 h"));
    EXPECT_FALSE(fits(FigureKind::Volume, "3 mm"));
    EXPECT_EQ(parse_figure_value("3 mm", FigureKind::Volume).error().message, "\"3 mm\" is no amount; write it as in \"1.7 L\".");
}

TEST(FigureValue, ARangeInTheOtherSystemIsNeverWiderAndNeverUpsideDown) {
    holds([] {
        const int low = rnd::pick(1, 5000);
        const FigureValue v{std::to_string(low), std::to_string(low + rnd::pick(1, 3000)), "mm"};
        const auto text = other_system_text(v);
        const double a = std::stod(text);
        const double b = std::stod(text.substr(text.find(" to ") + 4));
        RC_ASSERT(a < b);
        RC_ASSERT(a * 25.4 >= std::stod(v.low) - 1e-6);
        RC_ASSERT(b * 25.4 <= std::stod(v.high) + 1e-6);
    });
}

TEST(Callouts, TheSameItemHasTheSameNumberInTheWholeGuide) {
    Procedure p = small_guide();
    p.steps[0].plates = {{PlateId("p1"), RecordingId("r"), {}, "", {{ItemId("pan"), {}, {}}, {ItemId("plug"), {}, {}}}},
        {PlateId("p2"), RecordingId("r"), {}, "", {{ItemId("plug"), {}, {}}}}};
    const auto numbers = callout_numbers(p);
    EXPECT_EQ(numbers.at(ItemId("pan")), 1);
    EXPECT_EQ(numbers.at(ItemId("plug")), 2);
    EXPECT_EQ(numbers.size(), 2U);
}

TEST(PlateLayout, LabelsStayInsideAndClearOfEachOther) {
    holds([] {
        Plate plate;
        for (int i = rnd::pick(1, 6); i > 0; --i) {
            const Place target{rnd::pick(0, 10001), rnd::pick(0, 10001)};
            const Place label = label_place(target, plate, 16.0 / 9);
            RC_ASSERT(clamped(label, 16.0 / 9) == label);
            for (const auto& c : plate.callouts)
                RC_ASSERT(std::hypot((c.label.x - label.x) * 16.0 / 9, c.label.y - label.y) >= 2.0 * kDiscRadius);
            plate.callouts.push_back({ItemId("i"), target, label});
        }
    });
}

TEST(OpenPoints, CountsWhatIsMissingAndWhatStopsAnEdition) {
    Procedure p = small_guide();
    EXPECT_TRUE(reasons_not_to_issue(p).empty());
    p.steps[0].lines.push_back("Look at the {item:gone}.");
    ASSERT_EQ(reasons_not_to_issue(p).size(), 1U);
    EXPECT_NE(reasons_not_to_issue(p)[0].english().find("item gone"), std::string::npos);
    p.steps.emplace_back();
    p.steps[1].id = StepId("s2");
    EXPECT_EQ(reasons_not_to_issue(p).size(), 3U);
    p.steps.clear();
    p.header.number.clear();
    EXPECT_EQ(reasons_not_to_issue(p).size(), 2U);
}

TEST(Edit, AStillOrClipThatCannotBeIsRefusedWithTheReason) {
    Procedure p = small_guide();
    const auto refused = [&](auto&& spoil) {
        Step s = p.steps[0];
        s.plates = {{PlateId("a"), RecordingId("r"), FrameTime(1, 1), "", {{ItemId("plug"), {}, {}}}}};
        s.clip = Clip{{RecordingId("r"), FrameTime(0, 1), FrameTime(9, 1)}};
        EXPECT_TRUE(anagraph::core::apply(p, Put<Step>{s, std::nullopt}));
        spoil(s);
        return !anagraph::core::apply(p, Put<Step>{s, std::nullopt});
    };
    EXPECT_TRUE(refused([](Step& s) { s.plates[0].care.tilt = 151; }));
    EXPECT_TRUE(refused([](Step& s) { s.plates[0].care.brighten = -1; }));
    EXPECT_TRUE(refused([](Step& s) { s.plates[0].care.crop = {5000, 0, 5100, 10000}; }));
    EXPECT_TRUE(refused([](Step& s) { s.plates[0].care.hidden = {{0, 0, 10001, 10}}; }));
    EXPECT_TRUE(refused([](Step& s) { s.plates[0].off_order = {ItemId("pan")}; })) << "a part that is not called out";
    EXPECT_TRUE(refused([](Step& s) { s.clip->slower = 0; }));
    EXPECT_TRUE(refused([](Step& s) { s.clip->poster = FrameTime(9, 1); }));
    EXPECT_TRUE(refused([](Step& s) { s.clip->marks = {{{}, ItemId("no"), FrameTime(1, 1), FrameTime(2, 1)}}; }));
    EXPECT_TRUE(refused([](Step& s) { s.clip->marks = {{{}, {}, FrameTime(2, 1), FrameTime(2, 1)}}; }));
    EXPECT_TRUE(refused([](Step& s) { s.checks = {{"l", "g", "s", {}, "", Reading{"h", "h", FigureId("no")}}}; }));
    EXPECT_TRUE(refused([](Step& s) { s.resets = {{"d", {}, {{Press::Kind::Hold, "SET", 1, FigureId("no")}}}}; }));
}

TEST(Edit, WhatAClipOrAReadingNeedsIsHeldBack) {
    Procedure p = small_guide();
    Step s = p.steps[0];
    s.lines.clear();
    s.clip =
        Clip{{RecordingId("r"), FrameTime(0, 1), FrameTime(9, 1)}, 1, false, {}, {{{}, ItemId("pan"), FrameTime(1, 1), FrameTime(2, 1)}}};
    s.checks = {{"l", "g", "s", {}, "", Reading{"torque", "Nm", FigureId("t")}}};
    p = *anagraph::core::apply(p, Put<Step>{s, std::nullopt});
    EXPECT_FALSE(anagraph::core::apply(p, Remove<ItemId>{ItemId("pan")})) << "its number stands over the clip";
    EXPECT_FALSE(anagraph::core::apply(p, Remove<FigureId>{FigureId("t")})) << "a reading must lie within it";
    EXPECT_EQ(steps_using(p, FigureId("t")), std::vector<int>{1});
}

TEST(Json, AGuideOfBeforeWithNothingButATakeForAClipIsRead) {
    Procedure p = small_guide();
    p.steps[0].clip = Clip{{RecordingId("r"), FrameTime(0, 1), FrameTime(9, 1)}};
    const auto j = to_json(p);
    EXPECT_EQ(j["steps"][0]["clip"], (nlohmann::json{{"recording", "r"}, {"from", "0/1"}, {"to", "9/1"}})) << "and is written as before";
    EXPECT_EQ(*procedure_from_json(j), p);
    auto wrong = j;
    wrong["steps"][0]["clip"]["slower"] = "fast";
    EXPECT_FALSE(procedure_from_json(wrong));
    wrong = j;
    wrong["steps"][0]["states"] = {"flying"};
    const auto refused = procedure_from_json(wrong);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.english().find("flying"), std::string::npos);
}

TEST(StepsUsing, EveryPlaceThatGivesAFigureCounts) {
    const FigureId id("t");
    const auto used = [&](const std::function<void(Step&)>& put) {
        Procedure p;
        p.steps.resize(2);
        p.steps[0].id = StepId("a");
        p.steps[1].id = StepId("b");
        put(p.steps[1]);
        return steps_using(p, id) == std::vector<int>{2};
    };
    const std::string text = "to {figure:t}";
    EXPECT_TRUE(used([&](Step& s) { s.heading = text; }));
    EXPECT_TRUE(used([&](Step& s) { s.lines = {text}; }));
    EXPECT_TRUE(used([&](Step& s) { s.cautions = {{Signal::Caution, text}}; }));
    EXPECT_TRUE(used([&](Step& s) { s.waits = {{text, {}}}; }));
    EXPECT_TRUE(used([&](Step& s) { s.checks = {{text, "", ""}}; }));
    EXPECT_TRUE(used([&](Step& s) { s.checks = {{"", text, ""}}; }));
    EXPECT_TRUE(used([&](Step& s) { s.checks = {{"", "", text}}; }));
    EXPECT_TRUE(used([&](Step& s) { s.plates.resize(1), s.plates[0].caption = text; }));
    EXPECT_TRUE(used([&](Step& s) { s.plates.resize(1), s.plates[0].marks = {{PlateSign::Distance, {}, {}, id}}; }));
    EXPECT_TRUE(used([&](Step& s) { s.clip.emplace(), s.clip->marks.resize(1), s.clip->marks[0].mark.figure = id; }));
    EXPECT_TRUE(used([&](Step& s) { s.resets = {{"display", {}, {{Press::Kind::Hold, "SET", 1, id}}}}; }));
    EXPECT_FALSE(used([&](Step& s) { s.lines = {"to {figure:other}"}; }));
}

TEST(Replay, GivesWhatApplyingGaveAndKnowsNoObjections) {
    holds([] {
        const Procedure p = rnd::random_procedure(20);
        const Change change{"x", {rnd::random_edit(p)}};
        if (const auto applied = anagraph::core::apply(p, change)) RC_ASSERT(replay(p, change) == *applied);
    });
    // what today's rules refuse was let in once: a step over another's stretch, an item without a name, a part still in use
    Procedure p;
    p.header = {"t", "m", "", "", {}, ""};
    p.items = {{ItemId("plug"), ItemKind::Part, "plug", "", ""}};
    p.figures.resize(1);
    p.figures[0].id = FigureId("f");
    p.figures[0].item = ItemId("plug");
    Step s;
    s.id = StepId("s");
    s.takes = {{RecordingId("nowhere"), FrameTime(5, 1), FrameTime(1, 1)}};
    const Change odd{"odd",
        {Put<Step>{s, std::nullopt}, Put<Item>{{ItemId("nameless"), ItemKind::Part, "", "", ""}, std::nullopt},
            Remove<ItemId>{ItemId("plug")}, Remove<ItemId>{ItemId("never-there")}, MoveStep{StepId("gone"), 3}}};
    EXPECT_FALSE(anagraph::core::apply(p, odd));
    const auto after = replay(p, odd);
    EXPECT_EQ(after.steps.size(), 1U);
    ASSERT_EQ(after.items.size(), 1U);
    EXPECT_EQ(after.items[0].id, ItemId("nameless"));
}

TEST(Json, AnIdThatLeadsElsewhereIsNoId) {
    const auto with = [](const std::string& id) {
        Procedure p;
        p.header = {"t", "m", "", "", {}, ""};
        auto j = to_json(p);
        j["recordings"] = {{{"id", id}, {"title", ""}, {"dismissed", nlohmann::json::array()}}};
        return procedure_from_json(j).has_value();
    };
    EXPECT_TRUE(with("2db928b4b822"));
    for (const char* no : {"../../../x/y", "/etc/passwd", "a/b", "..", ".hidden", "a\\b", "a\nb", "a{b", "\x01"})
        EXPECT_FALSE(with(no)) << no;
    EXPECT_FALSE(with(std::string(201, 'a')));
}
