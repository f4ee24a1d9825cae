// Evidence: variants, house rules, newer editions, joining and parting.
#include "core/figure/evidence.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "core/procedure/json.h"
#include "core/procedure/text.h"
#include "core/review/open_points.h"
#include "tests/core/job.h"

using namespace anagraph::core;
using anagraph::core::testing::after;
using anagraph::core::testing::at;
using anagraph::core::testing::kFilm;

namespace {

FigureValue value(const char* text) { return *parse_figure_value(text); }

Figure figure(const char* id, const char* text, const char* purpose = "refill with filter") {
    Figure f;
    f.id = FigureId(id);
    f.kind = FigureKind::Volume;
    f.item = ItemId("plug");
    f.purpose = purpose;
    f.value = value(text);
    return f;
}

/// A pump in two variants with a book, a label and an older issue of the book.
Procedure pump() {
    Procedure p = anagraph::core::testing::guide();
    p.header.variants = {"PT60", "PT60-T"};
    p.sources = {{SourceId("book"), SourceKind::Book, "service book", "issue 4", "2024"},
        {SourceId("old"), SourceKind::Book, "service book", "issue 3", "2019"}, {SourceId("label"), SourceKind::Label, "label", ""}};
    return p;
}

Proof proof(const char* source, const char* text) { return {SourceId(source), "page 2", value(text)}; }
Claim claim(const char* text, int second = 5) { return {kFilm, at(second), std::string("said ") + text, value(text)}; }

}  // namespace

TEST(FigureValues, LimitsStagesAndAnglesAreReadAndWritten) {
    const std::pair<const char*, const char*> cases[] = {{"at most 60 degC", "at most 60 °C"}, {"max 25 Nm", "at most 25 N·m"},
        {"at least 3 min", "at least 3 min"}, {"20, then 40, then 60 Nm", "20, then 40, then 60 N·m"},
        {"20 then 40 then 60 Nm", "20, then 40, then 60 N·m"}, {"40 Nm, then 90 deg", "40 N·m, then 90°"},
        {"40 Nm + 90 deg", "40 N·m, then 90°"}, {"20, then 40 Nm, then 90 deg", "20, then 40 N·m, then 90°"}};
    for (const auto& [in, out] : cases) {
        const auto v = parse_figure_value(in,
            std::string(in).find("degC") != std::string::npos      ? FigureKind::Temperature
                : std::string(in).find("min") != std::string::npos ? FigureKind::Duration
                                                                   : FigureKind::Torque);
        ASSERT_TRUE(v) << in << ": " << v.error().message;
        EXPECT_EQ(text_of(*v), out);
        EXPECT_EQ(*parse_figure_value(text_of(*v)), *v) << out;  // what is shown reads back
    }
    for (const char* no : {"40, then 20 Nm", "20, then 20 Nm", "then 40 Nm", "20, then x Nm", "at most Nm", "at most"})
        EXPECT_FALSE(parse_figure_value(no, FigureKind::Torque)) << no;
}

TEST(FigureValues, RoundingNeverCrossesALimit) {
    EXPECT_EQ(other_system_text(value("at most 25 Nm")), "at most 18 lbf·ft");  // 18.44
    EXPECT_EQ(other_system_text(value("at least 25 Nm")), "at least 19 lbf·ft");
    EXPECT_EQ(other_system_text(value("20, then 40 Nm, then 90 deg")), "15, then 30 lbf·ft, then 90°");
    EXPECT_FALSE(agrees(value("at most 25 Nm"), value("at least 25 Nm"), ""));
    EXPECT_TRUE(agrees(value("at most 25 Nm"), value("25 Nm"), ""));
    EXPECT_FALSE(agrees(value("20, then 40 Nm"), value("30, then 40 Nm"), ""));
    // what a source demands may not be left out of the figure; what is said in short is no difference
    EXPECT_FALSE(agrees(value("40 Nm"), value("40 Nm, then 90 deg"), ""));
    EXPECT_FALSE(agrees(value("60 Nm"), value("20, then 60 Nm"), ""));
    EXPECT_FALSE(agrees(value("60 degC"), value("at most 60 degC"), ""));
    EXPECT_TRUE(agrees(value("20, then 60 Nm, then 90 deg"), value("60 Nm"), ""));
    Figure short_one = figure("head", "40 Nm", "tightening torque");
    short_one.kind = FigureKind::Torque;
    short_one.proofs = {proof("book", "40 Nm, then 90 deg")};
    EXPECT_EQ(standing_of(short_one), Standing::Disputed);
    EXPECT_TRUE(ruling(pump(), short_one, House{})->changes);
}

TEST(Variants, EachHasItsOwnAndNeverTheOthers) {
    Procedure p = pump();
    Figure one = figure("refill", "1.7 L");
    one.variants = {"PT60"};
    p.figures = {one};
    EXPECT_EQ(figure_for(p, one, "PT60")->id, one.id);
    EXPECT_EQ(figure_for(p, one, "PT60-T"), nullptr);
    EXPECT_EQ(text_for_all(p, one), "1.7 L (1.8 US qt) for PT60, not known for PT60-T");
    Figure two = figure("refill-2", "2.2 L");
    two.variants = {"PT60-T"};
    p.figures.push_back(two);
    EXPECT_EQ(rendered(p, "Fill {figure:refill}."), "Fill 1.7 L (1.8 US qt) for PT60, 2.2 L (2.3 US qt) for PT60-T.");
    EXPECT_EQ(title_of(p, two), "Plug, refill with filter (PT60-T)");
    Figure cold = figure("refill-3", "1.6 L");
    cold.condition = "cold";
    p.figures.push_back(cold);
    EXPECT_EQ(figure_for(p, cold, "PT60")->id, cold.id);  // another condition is another figure
    EXPECT_EQ(text_for_all(p, figure("x", "5 L", "drained")), "5 L (5 US qt)");
}

TEST(Variants, ASourceForAnotherVariantDoesNotCount) {
    Procedure p = pump();
    p.sources.push_back({SourceId("twin"), SourceKind::Book, "supplement", "", "", {"PT60-T"}});
    Figure f = figure("refill", "2.2 L");
    f.variants = {"PT60"};
    f.proofs = {proof("twin", "2.2 L")};
    p.figures = {f};
    EXPECT_EQ(standing_of(p, f), Standing::Open);
    EXPECT_NE(argue_standing(p, f).english().find("applies to PT60-T only"), std::string::npos);
    f.variants = {"PT60-T"};
    EXPECT_EQ(standing_of(p, f), Standing::Proved);
}

TEST(HouseRule, TheHigherSourceSettlesItWithAReason) {
    const Procedure p = pump();
    Figure f = figure("refill", "2 L");
    f.claims = {claim("2 L")};
    EXPECT_FALSE(ruling(p, f, House{}));  // speech alone settles nothing
    f.proofs = {proof("label", "1.9 L"), proof("book", "1.7 L")};
    EXPECT_EQ(standing_of(f), Standing::Disputed);
    const auto r = ruling(p, f, House{});
    ASSERT_TRUE(r);
    EXPECT_EQ(text_of(r->value), "1.7 L");
    EXPECT_TRUE(r->changes);
    EXPECT_NE(r->why.find("service book, page 2 outranks label, page 2 (1.9 L) and what was said once"), std::string::npos) << r->why;
    Procedure with = p;
    with.figures = {f};
    const Procedure done = after(with, tried(with, take_ruling(f, *r)));
    EXPECT_EQ(standing_of(done.figures[0]), Standing::Proved);
    House other;
    other.rank = {SourceKind::Label, SourceKind::Book};
    EXPECT_EQ(text_of(ruling(p, f, other)->value), "1.9 L");
    f.proofs.push_back(proof("old", "1.4 L"));  // two books that differ: a person has to find out
    EXPECT_FALSE(ruling(p, f, House{}));
}

TEST(HouseRule, IsPrintedAndKept) {
    EXPECT_EQ(rule_text(House{}),
        "the maker's book over a standard over a drawing over the maker's word over a label on the part over a measurement over speech");
    House h;
    h.rank = {SourceKind::Label};
    Wrench w;
    w.id = "w1";
    w.name = "small";
    w.unit = "Nm";
    w.to = 25;
    h.wrenches = {w};
    h.store = {{"gear oil", "75W90 GL5", 1, 0.4, "6.50"}};
    EXPECT_EQ(*house_from_json(to_json(h)), h);
    EXPECT_FALSE(house_from_json("{}"));
    EXPECT_FALSE(house_from_json("["));
    EXPECT_FALSE(house_from_json(R"({"rank":["hearsay"],"wrenches":[],"store":[]})"));
}

TEST(NewerEdition, AsksForItsFiguresToBeLookedAtAgain) {
    Procedure p = pump();
    Figure f = figure("refill", "1.7 L");
    f.proofs = {proof("old", "1.7 L")};
    p.figures = {f};
    ASSERT_EQ(outdated_sources(p, f).size(), 1U);
    const auto points = open_points(p);
    EXPECT_TRUE(std::any_of(points.begin(), points.end(),
        [](const OpenPoint& o) { return o.text.english().find("a newer edition is here") != std::string::npos; }));
    f.proofs.push_back(proof("book", "1.7 L"));
    EXPECT_TRUE(outdated_sources(p, f).empty());
}

TEST(Contradiction, IsFoundBetweenUnits) {
    Figure f;
    f.kind = FigureKind::Torque;
    f.claims = {claim("18 lbf.ft"), claim("24 Nm", 6)};
    EXPECT_FALSE(contradiction(f));
    f.claims = {claim("35 Nm"), claim("20 lbf.ft", 6)};
    EXPECT_TRUE(contradiction(f));
}

TEST(JoinAndPart, MoveTheEvidenceAndKeepEveryReferenceWhole) {
    Procedure p = pump();
    Figure a = figure("a", "1.7 L");
    a.claims = {claim("1.7 L", 5)};
    Figure b = figure("b", "2 L");
    b.claims = {claim("2 L", 9)};
    p.figures = {a, b};
    p.steps[0].lines = {"Fill {figure:b} now."};
    p.steps[0].actions = {{"fill", {ItemId("plug")}, FigureId("b")}};
    p.steps[0].heard = {FigureId("a"), FigureId("b")};
    p.steps[0].waits = {{"until {figure:b} is in", FigureId("b"), {}}};
    const Procedure joined = after(p, join_figures(p, FigureId("a"), FigureId("b")));
    ASSERT_EQ(joined.figures.size(), 1U);
    EXPECT_EQ(joined.figures[0].claims.size(), 2U);
    EXPECT_EQ(joined.steps[0].lines[0], "Fill {figure:a} now.");
    EXPECT_EQ(joined.steps[0].actions[0].figure, FigureId("a"));
    EXPECT_EQ(joined.steps[0].heard, std::vector<FigureId>{FigureId("a")});
    EXPECT_EQ(joined.steps[0].waits[0].text, "until {figure:a} is in");
    const Procedure parted = after(joined, part_claim(joined, FigureId("a"), 1));
    ASSERT_EQ(parted.figures.size(), 2U);
    EXPECT_EQ(parted.figures[1].value, value("2 L"));
    EXPECT_FALSE(part_claim(p, FigureId("a"), 0));
    EXPECT_FALSE(part_claim(p, FigureId("a"), 4));
    p.figures[1].kind = FigureKind::Torque;
    EXPECT_EQ(join_figures(p, FigureId("a"), FigureId("b")).error().code, ErrorCode::Refused);
    EXPECT_FALSE(join_figures(p, FigureId("a"), FigureId("a")));
}

TEST(JoinAndPart, EveryPlaceThatNamesAFigureNamesTheJoinedOne) {
    Procedure p = pump();
    p.figures = {figure("a", "1.7 L"), figure("b", "2 L")};
    const RecordingId film = p.recordings.empty() ? RecordingId("film") : p.recordings[0].id;
    if (p.recordings.empty()) p.recordings = {{film, "", {}}};
    Step& s = p.steps[0];
    s.checks = {{"level", "good", "bad", {}, "ask about {figure:b}", Reading{"amount", "L", FigureId("b")}}};
    s.resets = {{"display", {}, {{Press::Kind::Hold, "SET", 1, FigureId("b")}}}};
    s.plates = {{PlateId("x"), film, {}, "", {}, {{PlateSign::Distance, {}, {}, FigureId("b")}}}};
    s.clip = Clip{{film, FrameTime(0, 1), FrameTime(2, 1)}, 1, false, {},
        {{{PlateSign::Distance, {}, {}, FigureId("b")}, {}, FrameTime(0, 1), FrameTime(1, 1)}}};
    s.translated = {{"de", "Fill {figure:b}.", "{figure:b} einfüllen."}};
    p.header.follow_ups = {{"later", "read {figure:b}"}};
    const Procedure joined = after(p, join_figures(p, FigureId("a"), FigureId("b")));
    ASSERT_EQ(joined.figures.size(), 1U);
    const Step& now = joined.steps[0];
    EXPECT_EQ(now.checks[0].reading->limits, FigureId("a"));
    EXPECT_EQ(now.checks[0].ask, "ask about {figure:a}");
    EXPECT_EQ(now.resets[0].presses[0].hold, FigureId("a"));
    EXPECT_EQ(now.plates[0].marks[0].figure, FigureId("a"));
    EXPECT_EQ(now.clip->marks[0].mark.figure, FigureId("a"));
    EXPECT_EQ(now.translated[0].text, "{figure:a} einfüllen.");
    EXPECT_EQ(joined.header.follow_ups[0].what, "read {figure:a}");
}

TEST(NotFound, IsAnAnswer) {
    Procedure p = pump();
    Figure f = figure("torque", "");
    p.figures = {f};
    const Procedure noted = after(p, tried(p, note_not_found(f, {"service book, issue 4", "author", "2026-11-28"})));
    EXPECT_EQ(standing_of(noted.figures[0]), Standing::Open);
    EXPECT_EQ(argue_standing(noted.figures[0]), "Not found. Looked in: service book, issue 4 (author, 2026-11-28).");
    EXPECT_EQ(*procedure_from_json(to_json(noted)), noted);
}
