// A pack in the languages its guide is translated into.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "core/edits/translation.h"
#include "publish/guide_page.h"
#include "publish/other_forms.h"
#include "publish/pack.h"
#include "publish/pack_manifest.h"
#include "publish/resource.h"
#include "shop/issue.h"
#include "store/files.h"
#include "tests/issued_library.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;

namespace {

/// The guide with its title and its first line in German.
core::Procedure translated() {
    core::Procedure p = core::testing::written(core::testing::engine());
    const auto lines = core::translation(p, "de");
    for (const auto& line : lines) {
        if (line.of == p.header.title) p = *core::apply(p, *core::translate(p, line, "de", "Wartung alle 100 Stunden"));
        if (line.of == p.steps[0].heading) p = *core::apply(p, *core::translate(p, line, "de", "Das Motoröl warm fahren"));
    }
    return p;
}

core::Edition edition() {
    core::Edition e;
    e.procedure = translated();
    return e;
}

std::string page(const std::string& language) {
    return publish::guide_page(publish::template_text("guide.html"), edition(), "KQ / 1 / 00000000", {}, language);
}

}  // namespace

TEST(Languages, EachHasAPageOfItsOwnThatSaysWhatStandsInTheOriginal) {
    const auto pages = publish::pages_of(translated());
    ASSERT_EQ(pages.size(), 2U);
    EXPECT_EQ(pages[0].first, "guide.html");
    EXPECT_EQ(pages[1].first, "guide-de.html");
    const std::string original = page("");
    EXPECT_NE(original.find("href=\"guide-de.html\" lang=\"de\""), std::string::npos);
    EXPECT_EQ(original.find("Motoröl"), std::string::npos);
    EXPECT_EQ(original.find("class=\"original\""), std::string::npos);
    const std::string german = page("de");
    EXPECT_NE(german.find("<main lang=\"de\">"), std::string::npos);
    EXPECT_NE(german.find("Das Motoröl warm fahren"), std::string::npos);
    EXPECT_NE(german.find("Wartung alle 100 Stunden"), std::string::npos);
    EXPECT_NE(german.find("texts of this guide are not translated, or changed since; they stand in the original."), std::string::npos);
    EXPECT_NE(german.find("href=\"guide.html\" lang=\"en\""), std::string::npos) << "and back";
    EXPECT_NE(german.find("Deutsch"), std::string::npos);
    // a translation of before is not shown: the original stands there
    core::Edition changed = edition();
    changed.procedure.steps[0].heading = "Run the engine warm, and stop it";
    const auto late = publish::guide_page(publish::template_text("guide.html"), changed, "m", {}, "de");
    EXPECT_EQ(late.find("Das Motoröl warm fahren"), std::string::npos);
    EXPECT_NE(late.find("Run the engine warm, and stop it"), std::string::npos);
}

TEST(Languages, WhatIsNotTranslatedIsToldBeforeAnEditionAndRefusedWhereTheHouseSaysSo) {
    const Scratch s;
    const auto library = store::Library::make_or_open(place(s / "library"));
    const auto guide = anagraph::testing::new_guide(**library, translated(), "KQ-M4");
    auto p = (*library)->guide_state(guide)->procedure;
    auto ready = shop::readiness(**library, guide);
    ASSERT_TRUE(ready) << ready.error().message;
    ASSERT_EQ(ready->gaps.size(), 1U);
    EXPECT_EQ(ready->gaps[0].language, "de");
    const auto lines = core::translation(p, "de");
    EXPECT_EQ(ready->gaps[0].missing, static_cast<int>(lines.size()) - 2);
    const auto refused = [&] {
        const auto now = shop::readiness(**library, guide);
        return std::count_if(now->reasons.begin(), now->reasons.end(),
            [](const core::Words& w) { return w.english().starts_with("This house issues whole translations only. de: "); });
    };
    EXPECT_EQ(refused(), 0) << "a choice of the house";
    core::House house = *(*library)->house();
    house.whole_translations = true;
    ASSERT_TRUE((*library)->set_house(house));
    EXPECT_TRUE((*library)->house()->whole_translations) << "it is kept";
    EXPECT_EQ(refused(), 1);
    // every text translated: nothing is in the way any more
    core::Change all{"translate", {}};
    for (const auto& line : lines) {
        const auto change = core::translate(p, line, "de", line.of + " (de)");
        ASSERT_TRUE(change) << change.error().message;
        p = *core::apply(p, *change);
        all.edits.insert(all.edits.end(), change->edits.begin(), change->edits.end());
    }
    ASSERT_TRUE((*library)->append(guide, all, p, "author"));
    EXPECT_EQ(refused(), 0);
    // and a text that changes afterwards is out of date
    core::Procedure changed = p;
    changed.steps[0].heading += " up";
    ASSERT_TRUE(
        (*library)->append(guide, {"change a heading", {core::Put<core::Step>{changed.steps[0], std::nullopt}}}, changed, "author"));
    ready = shop::readiness(**library, guide);
    ASSERT_EQ(ready->gaps.size(), 1U);
    EXPECT_EQ(core::words_of(ready->gaps[0]).english(), "de: 1 text changed since it was translated.");
    EXPECT_EQ(refused(), 1);
}

TEST(Languages, AnAlteredPageOfAnotherLanguageIsFound) {
    const Scratch s;
    const auto library = store::Library::make_or_open(place(s / "library"));
    const auto guide = anagraph::testing::new_guide(**library, translated(), "KQ-M4");
    anagraph::testing::issue(**library, guide);
    const std::string folder = *(*library)->pack_folder(guide, 1);
    ASSERT_TRUE(std::filesystem::exists(folder + "/guide-de.html"));
    EXPECT_TRUE(publish::verify_pack(folder)->undamaged);
    const auto altered = [&](const std::string& file, const std::string& from, const std::string& to) {
        const Scratch copy;
        std::filesystem::copy(folder, copy / "pack", std::filesystem::copy_options::recursive);
        std::string text = *store::read_file((copy / "pack/") + file);
        const auto at = text.find(from);
        EXPECT_NE(at, std::string::npos) << file;
        if (at != std::string::npos) text.replace(at, from.size(), to);
        std::ofstream((copy / "pack/") + file, std::ios::binary) << text;
        // by a hand that knows how a pack is sealed
        const auto pack = publish::PackSource::open(copy / "pack");
        const auto mark = publish::mark_of_manifest(*store::read_file(copy / "pack/manifest.json"));
        const std::string manifest = publish::manifest_text(publish::read_below(**pack, {})->hashes, mark);
        std::ofstream(copy / "pack/manifest.json", std::ios::binary) << manifest;
        std::ofstream(copy / "pack/manifest.sha256", std::ios::binary) << publish::seal_text(manifest);
        const auto v = publish::verify_pack(copy / "pack");
        return v->undamaged ? std::string("undamaged") : v->troubles.front();
    };
    EXPECT_TRUE(altered("guide-de.html", "35 N", "53 N").starts_with("guide-de.html")) << altered("guide-de.html", "35 N", "53 N");
    EXPECT_TRUE(altered("card.html", "35 N", "53 N").starts_with("card.html"));
    EXPECT_TRUE(altered("check.html", "data-right=\"", "data-right=\"0").starts_with("check.html"));
    EXPECT_EQ(altered("guide-de.html", "35 N", "35 N"), "undamaged") << "written again as it was";
}

TEST(Languages, TheCardSetsTorquesOnTheWrenchesOfTheHouse) {
    core::Edition e = edition();
    const auto& f = *std::find_if(
        e.procedure.figures.begin(), e.procedure.figures.end(), [](const core::Figure& x) { return x.kind == core::FigureKind::Torque; });
    e.wrenches = {{f.id, "inch wrench", "26", "lbf.ft", "5"}};
    EXPECT_NE(publish::bench_card(e, "KQ / 1 / 00000000").find("inch wrench: 26 lbf·ft"), std::string::npos);
    e.wrenches.clear();
    EXPECT_EQ(publish::bench_card(e, "KQ / 1 / 00000000").find("inch wrench"), std::string::npos);
}
