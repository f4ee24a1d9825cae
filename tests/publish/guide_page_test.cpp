// The learner's page from a small edition: what stands where, what is escaped, what is shown as unknown.
#include "publish/guide_page.h"
#include "publish/other_forms.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/plate/layout.h"
#include "publish/colours.h"
#include "publish/resource.h"

using namespace anagraph;
using namespace anagraph::core;

namespace {

Edition edition() {
    Edition e;
    e.number = 3;
    e.issued = "2026-11-25T10:42:08Z";
    e.author = "author";
    e.checker = "checker";
    auto& p = e.procedure;
    p.header = {"100 h service", "Perrick <PT60>", "KQ-PT60-100", "every 100 h", {"PT60", "PT60 L"}, "Hang your tag on the tap."};
    p.recordings = {{RecordingId("r"), "", {}}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug & washer", "M14", ""},
        {ItemId("gloves"), ItemKind::Protection, "gloves", "", ""}, {ItemId("oil"), ItemKind::Fluid, "gear oil", "75W90", "OIL-1"}};
    p.sources = {{SourceId("book"), SourceKind::Book, "Perrick PT60 service book", "issue 4"}};
    Figure torque;
    torque.id = FigureId("torque");
    torque.kind = FigureKind::Torque;
    torque.item = ItemId("plug");
    torque.purpose = "tightening torque";
    torque.value = {"25", "", "Nm"};
    torque.tolerance = "2.5";
    torque.proofs = {{SourceId("book"), "page 2", {"25", "", "Nm"}}};
    Figure unknown;
    unknown.id = FigureId("unknown");
    unknown.kind = FigureKind::Torque;
    unknown.item = ItemId("plug");
    p.figures = {torque, unknown};
    Step s;
    s.id = StepId("one");
    s.heading = "Refit the plug";
    s.lines = {"Tighten the {item:plug} to {figure:torque}.", "Breather: {figure:unknown}."};
    s.cautions = {{Signal::Warning, "Hot <oil> burns."}};
    s.checks = {{"plug", "dry", "a drip"}};
    p.steps = {s};
    return e;
}

std::string page(const Edition& e) { return publish::guide_page(publish::resource("guide.html"), e, "KQ-PT60-100 / 3 / abcd", {}); }

std::size_t count(const std::string& text, const std::string& part) {
    std::size_t n = 0;
    for (auto at = text.find(part); at != std::string::npos; at = text.find(part, at + part.size())) ++n;
    return n;
}

}  // namespace

TEST(GuidePage, SaysWhichEditionItIsAndWhoCheckedIt) {
    const auto html = page(edition());
    EXPECT_NE(html.find("Edition 3 · issued 2026-11-25 · checked by checker"), std::string::npos);
    EXPECT_NE(html.find("KQ-PT60-100 / 3 / abcd"), std::string::npos);
    EXPECT_NE(html.find("Perrick &lt;PT60&gt;"), std::string::npos);
    EXPECT_EQ(html.find("<PT60>"), std::string::npos);
}

TEST(GuidePage, TheSafetyStatementAndTheShopsNoteStandBeforeEverything) {
    const auto html = page(edition());
    const auto safety = html.find("Read first");
    EXPECT_LT(safety, html.find("Lay out"));
    EXPECT_LT(safety, html.find("Refit the plug</span>"));
    EXPECT_LT(html.find("Hang your tag on the tap."), html.find("Lay out"));
    Edition bare;
    bare.procedure.header.machine = "x";
    EXPECT_NE(page(bare).find("Read first"), std::string::npos) << "it cannot be left out";
}

TEST(GuidePage, AFigureStandsInBothUnitsWithItsStandingAndItsSource) {
    const auto html = page(edition());
    EXPECT_NE(html.find(">25 N·m ± 2.5</a> <span class=\"other\">(18 lbf·ft)</span>.</span><span class=\"proof\""), std::string::npos)
        << "the sentence ends before its proof";
    EXPECT_NE(html.find("<b>25 N·m ± 2.5</b> proved: book, page 2"), std::string::npos);
    EXPECT_NE(html.find("class=\"figure open\" href=\"#note-2\" aria-describedby=\"note-2\">not known</a>"), std::string::npos)
        << "an unknown figure is shown as unknown";
}

TEST(GuidePage, AFigureThatDiffersByVariantSaysEachAndNeverTheOthers) {
    Edition e = edition();
    e.procedure.header.variants = {"PT60", "PT60-T"};
    Figure refill;
    refill.id = FigureId("amount");
    refill.kind = FigureKind::Volume;
    refill.item = e.procedure.items.front().id;
    refill.purpose = "refill";
    refill.value = {"1.7", "", "L"};
    refill.variants = {"PT60"};
    e.procedure.figures.push_back(refill);
    e.procedure.steps[0].lines = {"Fill {figure:amount}."};
    EXPECT_NE(page(e).find(">not known</a><span class=\"varied\"> for PT60-T</span></span>."), std::string::npos);
    refill.id = FigureId("amount-t");
    refill.value = {"2.2", "", "L"};
    refill.variants = {"PT60-T"};
    e.procedure.figures.push_back(refill);
    const auto html = page(e);
    EXPECT_EQ(html.find(">not known</a> for"), std::string::npos);
    EXPECT_LT(html.find("1.7 L"), html.find("2.2 L"));
    // on the card too each has its own name
    const auto card = publish::bench_card(e, "KQ-PT60-100 / 3 / abcd");
    const auto first = card.find("refill (PT60) <span class=\"f open\">1.7 L");
    const auto second = card.find("refill (PT60-T) <span class=\"f open\">2.2 L");
    EXPECT_NE(first, std::string::npos) << card;
    EXPECT_NE(second, std::string::npos) << card;
}

TEST(GuidePage, TheEvidenceSaysHowALevelIsReadWhatIsReplacedAndWhichSourceOutranks) {
    auto e = edition();
    e.rule = "the maker's book over speech";
    e.procedure.figures[0].replaces = {"KQ-FC1"};
    e.procedure.figures[0].level = LevelRule{LevelRule::Temperature::Warm, LevelRule::Engine::Stopped, 5, LevelRule::Gauge::SightGlass};
    e.procedure.sources[0].serials = "from 4401";
    e.procedure.sources.push_back(
        {SourceId("rule"), SourceKind::Measurement, "measured at the bench", "", "2026-11-20", {"PT60 L"}, "", {}, "steel rule"});
    const auto html = page(e);
    EXPECT_NE(html.find("Level: On level ground, warm, stopped for 5 min"), std::string::npos);
    EXPECT_NE(html.find("It replaces KQ-FC1."), std::string::npos);
    EXPECT_NE(html.find("this house holds to the maker"), std::string::npos);
    EXPECT_NE(html.find("serials from 4401"), std::string::npos);
    EXPECT_NE(html.find("measured at the bench, 2026-11-20; applies to PT60 L; taken with steel rule"), std::string::npos);
    EXPECT_EQ(page(edition()).find("this house holds"), std::string::npos) << "an edition of before says nothing of it";
}

TEST(GuidePage, WordsAreExplainedAndAStepOfOneVariantSaysSo) {
    auto e = edition();
    EXPECT_EQ(page(e).find("id=\"words\""), std::string::npos);
    e.procedure.header.glossary = {{"sump", "where the oil <collects>"}};
    e.procedure.steps[0].variants = {"PT60 L"};
    const auto html = page(e);
    EXPECT_NE(html.find("<dt>sump</dt><dd>where the oil &lt;collects&gt;</dd>"), std::string::npos);
    EXPECT_NE(html.find("PT60 L only"), std::string::npos);
}

TEST(GuidePage, CautionsStandBeforeTheLinesAndKeepTheirSignal) {
    const auto html = page(edition());
    EXPECT_LT(html.find("caution warning"), html.find("class=\"lines\""));
    EXPECT_NE(html.find("Hot &lt;oil&gt; burns."), std::string::npos);
    EXPECT_NE(html.find("<span>Warning</span>"), std::string::npos);
    EXPECT_NE(html.find("stroke=\"" + publish::colour("black") + "\""), std::string::npos) << "black on orange";
    Edition e = edition();
    e.procedure.steps[0].cautions[0].signal = Signal::Danger;
    EXPECT_NE(page(e).find("stroke=\"" + publish::colour("white") + "\""), std::string::npos) << "white on red";
}

TEST(GuidePage, AWaitSaysHowLongOrThatNobodyKnows) {
    auto e = edition();
    Figure time;
    time.id = FigureId("settle");
    time.kind = FigureKind::Duration;
    time.value = {"5", "", "min"};
    e.procedure.figures.push_back(time);
    e.procedure.steps[0].waits = {{"until the oil has <settled>", FigureId("settle")}, {"until it is cold", {}}};
    const auto html = page(e);
    EXPECT_NE(html.find("5 min"), std::string::npos);
    EXPECT_NE(html.find("until the oil has &lt;settled&gt;"), std::string::npos);
    EXPECT_EQ(count(html, "<b>Wait</b>"), 2U);
    auto before = e;
    before.procedure.steps[0].waits.clear();
    const auto changes = differences(before.procedure, e.procedure);
    EXPECT_TRUE(std::any_of(changes.begin(), changes.end(), [](const auto& c) { return c.text.find("wait") != std::string::npos; }));
}

TEST(GuidePage, WhatIsLaidOutBeginsWithProtection) {
    const auto html = page(edition());
    const auto kit = html.find("class=\"kit\"");
    EXPECT_LT(html.find("Gloves", kit), html.find("Gear oil", kit));
    EXPECT_NE(html.find("OIL-1", kit), std::string::npos);
}

TEST(GuidePage, ChangesAreToldOnlyWhereThereAreSome) {
    Edition e = edition();
    EXPECT_EQ(page(e).find("What changed"), std::string::npos);
    e.changes = {"Step 1: the torque is now 25 N·m; it was 24 N·m."};
    const auto html = page(e);
    EXPECT_NE(html.find("What changed since edition 2"), std::string::npos);
    EXPECT_NE(html.find("it was 24 N·m"), std::string::npos);
    EXPECT_LT(html.find("What changed"), html.find("Lay out"));
}

TEST(GuidePage, EveryStepHasItsAnchorAndTheWayToItsNeighbours) {
    Edition e = edition();
    for (int i = 2; i <= 4; ++i) {
        Step s = e.procedure.steps[0];
        s.id = StepId(std::to_string(i));
        s.heading = "Step number " + std::to_string(i);
        e.procedure.steps.push_back(s);
    }
    const auto html = page(e);
    for (int i = 1; i <= 4; ++i) EXPECT_EQ(count(html, "id=\"step-" + std::to_string(i) + "\""), 1U);
    EXPECT_EQ(count(html, "<a class=\"next\""), 3U);
    EXPECT_EQ(html.find("href=\"#step-5\""), std::string::npos);
    EXPECT_EQ(html.find("href=\"#step-0\""), std::string::npos);
}

TEST(GuidePage, ReadsWithoutScriptAndFetchesNothing) {
    const auto html = page(edition());
    EXPECT_EQ(count(html, "<script"), 1U);
    EXPECT_NE(html.find("<script src=\"guide.js\" defer></script>"), std::string::npos);
    EXPECT_EQ(html.find("javascript:"), std::string::npos);
    EXPECT_EQ(html.find("http://"), std::string::npos);
    EXPECT_EQ(html.find("https://"), std::string::npos);
    EXPECT_EQ(html.find("{{"), std::string::npos) << "nothing of the template is left";
}

TEST(GuidePage, ANameInTheTextThatIsNotThereLeavesNoToken) {
    Edition e = edition();
    e.procedure.steps[0].lines = {"Use the {item:nowhere} and {figure:nothing}."};
    const auto html = page(e);
    EXPECT_EQ(html.find("{item:"), std::string::npos);
    EXPECT_EQ(html.find("{figure:"), std::string::npos);
}

TEST(Resources, AreThereByName) {
    EXPECT_FALSE(publish::resource("guide.css").empty());
    EXPECT_FALSE(publish::resource("reshoot.html").empty());
    EXPECT_TRUE(publish::resource("nothing.css").empty());
}

TEST(GuidePage, PrintsStatesWaysReadingsResetsAndWhatIsDoneLater) {
    auto e = edition();
    auto& step = e.procedure.steps[0];
    step.states = {MachineState::Level, MachineState::LockedOff};
    step.methods = {{"seal"}, {"tighten"}};
    step.checks[0].ask = "the instructor";
    step.checks[0].reading = Reading{"torque", "Nm", FigureId("torque")};
    step.resets = {{"one button", {"PT60 L"}, {{Press::Kind::Press, "SET", 2, {}, "0 h"}}}};
    e.procedure.header.follow_ups = {{"after the first hour", "Look at the {item:plug} again."}};
    e.methods = {{"seal", "new", "A washer is cheap.", {"inspected"}}};
    const auto html = page(e);
    for (const char* part : {"On level ground", "Isolated and locked off", "House rule: a new seal each time.", "A washer is cheap.",
             "Also accepted here:", "reuse it when it is sound", "This house has chosen no method", "to the figure, with a torque wrench",
             "<b>Ask:</b> the instructor", "must lie within", "Press SET 2 times; it then shows 0 h.", "PT60 L only",
             "after the first hour"})
        EXPECT_NE(html.find(part), std::string::npos) << part;
    EXPECT_EQ(count(html, "<details"), 2U);
    EXPECT_EQ(count(html, "No other method is accepted here"), 0U) << "nobody picked the other one, so nothing is excluded";
}

TEST(GuidePage, AStepWithoutThemShowsNothingOfIt) {
    const auto html = page(edition());
    for (const char* part : {"<details", "Later", "must lie within", "class=\"reset\"", "class=\"pair\""})
        EXPECT_EQ(html.find(part), std::string::npos) << part;
}

TEST(GuidePage, NeighboursWithCounterpartRolesStandTogether) {
    auto e = edition();
    auto& plates = e.procedure.steps[0].plates;
    for (const char* id : {"a", "b", "c"}) plates.push_back({PlateId(id), RecordingId("r"), {}, id, {}});
    plates[0].role = PairRole::Right;
    plates[1].role = PairRole::Wrong;
    publish::PackFiles files;
    for (const auto& p : plates) files.stills[p.id] = {"plates/" + p.id.text() + ".png", 640, 360};
    const auto html = publish::guide_page(publish::resource("guide.html"), e, "mark", files);
    EXPECT_EQ(count(html, "class=\"pair\""), 1U);
    const auto opens = html.find("class=\"pair\"");
    const auto closes = html.find("</figure></div>", opens);
    EXPECT_LT(opens, html.find("plates/a.png"));
    EXPECT_LT(html.find("plates/b.png"), closes);
    EXPECT_LT(closes, html.find("plates/c.png"));
}

TEST(GuidePage, AFullPlateStandsAcrossThePageAndAMapTellsItsKinds) {
    auto e = edition();
    auto& plates = e.procedure.steps[0].plates;
    plates = {{PlateId("few"), RecordingId("r"), {}, "few", {}}, {PlateId("many"), RecordingId("r"), {}, "many", {}}};
    for (int i = 0; i <= static_cast<int>(kNarrowCallouts); ++i) {
        const ItemId id("part-" + std::to_string(i));
        e.procedure.items.push_back({id, ItemKind::Part, "part", "", ""});
        plates[1].callouts.push_back({id, {i * 700, 5000}, {i * 700, 2000}});
    }
    e.procedure.items.push_back({ItemId("zinc"), ItemKind::Fastener, "zinc bolts", "", "", {}, {}, {"16 mm", "hexagon", ""}});
    e.procedure.items.push_back({ItemId("black"), ItemKind::Fastener, "black bolts", "", ""});
    plates[0].fasteners = {{ItemId("zinc"), {2000, 2000}}, {ItemId("black"), {8000, 8000}}};
    publish::PackFiles files;
    for (const auto& p : plates) files.stills[p.id] = {"plates/" + p.id.text() + ".png", 640, 360};
    const auto html = publish::guide_page(publish::resource("guide.html"), e, "mark", files);
    const auto across = html.find("class=\"across\"");
    ASSERT_NE(across, std::string::npos);
    EXPECT_LT(html.find("plates/few.png"), across);
    EXPECT_GT(html.find("plates/many.png"), across);
    EXPECT_EQ(count(html, "class=\"kind\"><svg"), 2U);
    EXPECT_NE(html.find("1 zinc bolts: 16 mm long, head hexagon, washer not known"), std::string::npos);
    EXPECT_NE(html.find("Each goes back where it came from."), std::string::npos);
}

TEST(GuidePage, SaysWhatIsTakenUpForAStep) {
    auto e = edition();
    e.procedure.items.push_back({ItemId("wrench"), ItemKind::Tool, "torque wrench", "5 to 30", ""});
    e.procedure.steps[0].lines = {"Drain the {item:oil}.", "Tighten the {item:plug} with the {item:wrench}."};
    auto html = page(e);
    const auto needs = [&] { return html.substr(html.find("class=\"needs\""), 300); };
    EXPECT_NE(needs().find("torque wrench, 5 to 30"), std::string::npos);
    EXPECT_EQ(needs().find("gear oil"), std::string::npos) << "it is in there already";
    e.procedure.steps[0].lines = {"Pour {item:oil} in."};
    html = page(e);
    EXPECT_NE(needs().find("gear oil"), std::string::npos);
}
