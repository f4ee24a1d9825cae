// Which language a narration is in: the one that is read, or another.
#include "core/narration/spoken_language.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <iterator>

#include "core/narration/timed_text.h"
#include "tests/core/narration/said.h"

using namespace anagraph::core;
using anagraph::core::testing::said;

TEST(SpokenLanguage, OthersAreTold) {
    EXPECT_EQ(other_language(said({"Zuerst schrauben wir den Deckel ab und lassen das Öl laufen.",
                  "Das ist nicht mehr gut, da kommt eine neue Dichtung auf die Platte."})),
        "de");
    EXPECT_EQ(other_language(said({"On ouvre le bouchon et il faut une clé pour les vis.", "Puis on laisse couler dans le bac."})), "fr");
    EXPECT_EQ(other_language(said({"Nu draaien we het deksel los, dat moet niet te vast.", "Er komt een nieuwe ring bij."})), "nl");
    EXPECT_EQ(
        other_language(said({"Teraz odkręcamy korek, tak nie za mocno, nie na siłę.", "Po tym jest nowy filtr, przez sitko."})), "pl");
    EXPECT_EQ(
        other_language(said({"Ahora quitamos los tornillos con una llave para el aceite.", "Luego se limpia y hay que mirar."})), "es");
}

TEST(SpokenLanguage, WhatIsNotEnglishIsNotReadAndALongOneIsToldAsWell) {
    std::vector<std::string> lines{
        "Der Stopfen wird mit 25 Nm angezogen und nicht mehr.", "Das ist ein neuer Ring, der kommt auf die Platte."};
    EXPECT_TRUE(read_marks(said(lines)).empty());
    EXPECT_FALSE(read_marks(said({"Tighten the drain plug to 25 Nm and no more."})).empty());
    while (lines.size() < 3000) lines.push_back(lines[lines.size() % 2]);
    EXPECT_EQ(other_language(said(lines)), "de");
}

TEST(SpokenLanguage, NotesOfAFewWordsAreNoOtherLanguage) {
    EXPECT_EQ(other_language({}), "");
    EXPECT_EQ(other_language(said({"drain plug 25 Nm", "copper washer 17", "gear oil 75W90 1.7 L"})), "");
    EXPECT_EQ(other_language(said({"run the die down the thread once", "die nut, no oil", "was stuck"})), "") << "English has a die";
}

TEST(SpokenLanguage, EveryNarrationOfOursIsEnglish) {
    int seen = 0;
    for (const auto& file : std::filesystem::directory_iterator(ANAGRAPH_SOURCE "/tools/reader/narrations")) {
        if (file.path().extension() == ".json" || file.path().extension() == ".py" || file.path().extension() == ".md") continue;
        std::ifstream in(file.path(), std::ios::binary);
        const auto narration = read_timed_text(std::string(std::istreambuf_iterator<char>(in), {}));
        ASSERT_TRUE(narration) << file.path();
        EXPECT_EQ(other_language(narration->segments), "") << file.path();
        ++seen;
    }
    EXPECT_GE(seen, 20);
}
