// Words a machine read on a page, and the values found among them.
#include "core/page/page_words.h"

#include <fmt/format.h>
#include <gtest/gtest.h>
#include <rapidcheck.h>

#include <algorithm>

#include "tests/core/property.h"

using namespace anagraph::core;

namespace {

/// Lines of print, one under the other, as the machine would have read them.
std::vector<PageWord> print(const std::vector<std::string>& lines) {
    std::vector<PageWord> out;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        int left = 500;
        std::string word;
        for (const char c : lines[i] + " ") {
            if (c != ' ') {
                word += c;
                continue;
            }
            if (!word.empty())
                out.push_back({word, {1, left, 1000 + static_cast<int>(i) * 300, left + 300, 1200 + static_cast<int>(i) * 300}, 95,
                    static_cast<int>(i)});
            left += 320;
            word.clear();
        }
    }
    return out;
}

const std::vector<std::string> kPage = {"Tightening torques", "Plug, drain, M14, new copper washer 14 x 20 x 1.5 25+2.5 Nm",
    "Plug, level, M10 12 + 1.2 Nem", "Plug, drain, head 17 mm", "Gear oil 75W90 GL5", "Refill with filter, PT60 (PT60-T} 1.7L (2.2 L)",
    "Sag at 20 N in the middle of the span 8 to 10 mm", "Open only when the oil is below 60 °C", "Head bolts 20, then 40, then 60 Nm",
    "service book - issue 4 page 2"};

std::string first(FigureKind kind, std::string_view about) {
    const auto values = values_on(print(kPage), kind, about);
    return values.empty() ? "nothing" : text_of(values.front().value);
}

}  // namespace

TEST(PageValues, TheLineThatNamesTheItemComesFirst) {
    EXPECT_EQ(first(FigureKind::Torque, "drain plug, tightening torque"), "25 N·m");
    EXPECT_EQ(first(FigureKind::Torque, "level plug, tightening torque"), "12 N·m");
    EXPECT_EQ(first(FigureKind::Torque, "head bolts"), "20, then 40, then 60 N·m");
    EXPECT_EQ(first(FigureKind::Volume, "oil, refill with filter"), "1.7 L");
    EXPECT_EQ(first(FigureKind::Temperature, "oil, open below"), "60 °C");
    EXPECT_EQ(first(FigureKind::Length, "V-belt, sag at 20 N"), "8 to 10 mm");
    EXPECT_EQ(first(FigureKind::Grade, "gear oil"), "75W90");
    EXPECT_EQ(first(FigureKind::Pressure, "tyre"), "nothing");
}

TEST(PageValues, EveryAmountOfALineIsOffered) {
    const auto values = values_on(print(kPage), FigureKind::Volume, "refill");
    ASSERT_EQ(values.size(), 2U);
    EXPECT_EQ(text_of(values[1].value), "2.2 L");
    EXPECT_NE(values[1].line.find("PT60-T"), std::string::npos);
}

TEST(PageValues, ALostFootOfPlusMinusIsMendedAndSaidToBe) {
    const auto values = values_on(print(kPage), FigureKind::Torque, "drain plug");
    EXPECT_EQ(values.front().tolerance, "2.5");
    EXPECT_TRUE(values.front().mended);
    const auto clean = values_on(print({"Plug, drain 25 ± 2.5 N·m"}), FigureKind::Torque, "drain plug");
    ASSERT_EQ(clean.size(), 1U);
    EXPECT_EQ(clean.front().tolerance, "2.5");
    EXPECT_FALSE(clean.front().mended);
}

TEST(PageValues, WhatIsNoSlipOfASignIsLeftAsItIs) {
    EXPECT_TRUE(values_on(print({"see 4 and 25 + 30 Nm"}), FigureKind::Torque, "").front().tolerance.empty());
    EXPECT_EQ(text_of(values_on(print({"3 Nemo 12 Nm"}), FigureKind::Torque, "").front().value), "12 N·m");
    EXPECT_TRUE(values_on(print({"page 2 of 14"}), FigureKind::Torque, "").empty());
}

TEST(PageValues, ColumnsThatTheMachineCutApartAreOneLineToAReader) {
    auto words = print({"Plug, level", "Plug, drain"});
    words.push_back({"12", {1, 8000, 1010, 8200, 1190}, 95, 7});
    words.push_back({"Nm", {1, 8300, 1010, 8500, 1190}, 95, 7});
    words.push_back({"25", {1, 8000, 1310, 8200, 1490}, 60, 8});
    words.push_back({"Nm", {1, 8300, 1310, 8500, 1490}, 95, 8});
    const auto values = values_on(words, FigureKind::Torque, "drain plug");
    ASSERT_EQ(values.size(), 2U);
    EXPECT_EQ(values[0].value.low, "25");
    EXPECT_EQ(values[0].sureness, 60) << "as sure as its least sure word";
    EXPECT_EQ(values[0].spot, (PageSpot{1, 8000, 1310, 8500, 1490}));
    EXPECT_EQ(words_within(words, {1, 7000, 1000, 9000, 1250}).size(), 2U);
}

TEST(WordTable, PlacesAreSharesOfThePage) {
    const std::string head = "level\tpage_num\tblock_num\tpar_num\tline_num\tword_num\tleft\ttop\twidth\theight\tconf\ttext\n";
    const auto words = read_word_table(head +
            "4\t1\t1\t1\t1\t0\t0\t0\t9\t9\t-1\t\n5\t1\t1\t1\t1\t1\t100\t50\t200\t20\t96."
            "5\tDrain\n5\t1\t1\t1\t2\t1\t100\t90\t200\t20\t41\tplug\r\n5\t1\t1\t1\t2\t2\t100\t90\t200\t20\t95\t \n",
        3, 1000, 500);
    ASSERT_TRUE(words) << words.error().message;
    ASSERT_EQ(words->size(), 2U);
    EXPECT_EQ((*words)[0].spot, (PageSpot{3, 1000, 1000, 3000, 1400}));
    EXPECT_EQ((*words)[0].sureness, 96);
    EXPECT_EQ((*words)[0].line, 0);
    EXPECT_EQ((*words)[1].text, "plug");
    EXPECT_EQ((*words)[1].line, 1);
    EXPECT_FALSE(read_word_table("no table", 1, 10, 10));
    EXPECT_FALSE(read_word_table(head + "5\t1\t1\t1\t1\t1\tleft\t50\t200\t20\t96\tDrain\n", 1, 10, 10));
    EXPECT_TRUE(read_word_table(head, 1, 10, 10)->empty()) << "an empty page";
}

TEST(PageValues, AnyValuePrintedInAnyCompanyIsFoundAsItStands) {
    anagraph::core::testing::holds([] {
        const int value = *rc::gen::inRange(1, 400);
        const int before = *rc::gen::inRange(0, 4);
        std::string line;
        for (int i = 0; i < before; ++i) line += *rc::gen::element<std::string>("Bolt", "cover,", "six", "(front)", "see") + " ";
        line += fmt::format("{} N·m", value);
        const auto values = values_on(print({"Page head", line, "foot"}), FigureKind::Torque, "bolt");
        RC_ASSERT(values.size() == 1);
        RC_ASSERT(values.front().value.low == std::to_string(value));
        RC_ASSERT(!values.front().mended);
    });
}

TEST(PageNaming, FindsThePageThatNamesTheFigure) {
    const std::vector<std::string> book{"Perrick PT60\nWarm up at idle 5 min", "",
        "Torques\nPlug, level, M10      12 Nm\nPlug, drain, M14      25 Nm", "Plug of the pump   30 Nm"};
    EXPECT_EQ(page_naming(book, FigureKind::Torque, "drain plug, tightening torque"), 3);
    EXPECT_EQ(page_naming(book, FigureKind::Duration, "warm up"), 1);
    EXPECT_EQ(page_naming(book, FigureKind::Volume, "refill"), std::nullopt);
    EXPECT_EQ(page_naming(book, FigureKind::Torque, "wheel nuts"), std::nullopt) << "a torque that nothing ties to it";
}

TEST(PageValues, EachVariantGetsTheValueThatStandsInItsPlace) {
    const std::vector<std::string> variants{"PT60", "PT60-T"};
    const auto amount = [&](const char* line, const char* variant) {
        const auto values = values_on(print({line, "Between the marks 0.25 L"}), FigureKind::Volume, "refill with filter");
        return text_of(values[value_for_variant(values, variants, variant)].value);
    };
    EXPECT_EQ(amount("Refill with filter, PT60 (PT60-T] 1.7 L (2.2 L)", "PT60"), "1.7 L");
    EXPECT_EQ(amount("Refill with filter, PT60 (PT60-T] 1.7 L (2.2 L)", "PT60-T"), "2.2 L");
    EXPECT_EQ(amount("Refill with filter, PT60-T (PT60) 2.2 L (1.7 L)", "PT60"), "1.7 L");
    EXPECT_EQ(amount("Refill with filter, PT60 1.7 L or 1.8 qt", "PT60-T"), "1.7 L")
        << "one variant named, two values: nothing is known of which is whose";
    EXPECT_EQ(value_for_variant({}, variants, "PT60"), 0U);
}
