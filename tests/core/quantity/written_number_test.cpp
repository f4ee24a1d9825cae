// The one rule for numbers that come in.
#include "core/quantity/written_number.h"

#include <fmt/format.h>
#include <gtest/gtest.h>

#include "core/narration/reader.h"
#include "core/page/page_words.h"
#include "core/quantity/quantity.h"
#include "core/review/open_points.h"
#include "tests/core/job.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
using Readings = std::vector<std::string>;

TEST(WrittenNumber, IsReadOneWayWhereOnlyOneMakesSense) {
    const std::pair<const char*, const char*> cases[] = {{"18", "18"}, {"7.5", "7.5"}, {"7,5", "7.5"}, {"0.250", "0.250"},
        {"0,250", "0.250"}, {".5", "0.5"}, {"1,200,000", "1200000"}, {"1.200.000", "1200000"}, {"1,200.5", "1200.5"}, {"1.200,5", "1200.5"},
        {"1 200", "1200"}, {"1\u00A0200", "1200"}, {"1\u202F200,5", "1200.5"}, {"1234,567", "1234.567"}, {"1,2345", "1.2345"},
        {"-40", "-40"}, {"12.34", "12.34"}, {"5.", "5"}};
    for (const auto& [written, plain] : cases) EXPECT_EQ(readings_of(written), Readings{plain}) << written;
}

TEST(WrittenNumber, AGroupOfThreeAfterOneSignIsReadBothWaysUnlessTheWriterIsKnown) {
    EXPECT_EQ(readings_of("2,000"), (Readings{"2.000", "2000"}));
    EXPECT_EQ(readings_of("2.000"), (Readings{"2.000", "2000"}));
    EXPECT_EQ(readings_of("-123,456"), (Readings{"-123.456", "-123456"}));
    EXPECT_EQ(readings_of("2,000", DecimalMark::Point), Readings{"2000"});
    EXPECT_EQ(readings_of("2,000", DecimalMark::Comma), Readings{"2.000"});
    EXPECT_EQ(readings_of("2.000", DecimalMark::Point), Readings{"2.000"});
    EXPECT_EQ(readings_of("2.000", DecimalMark::Comma), Readings{"2000"});
}

TEST(WrittenNumber, WhatIsNoNumberHasNoReading) {
    for (const char* no : {"", " ", "x", "1,20,000", "1,2.3,4", "1..2", ",", "--1", "1 20", "12,00,000", "1,200 5", "5w30"})
        EXPECT_TRUE(readings_of(no).empty()) << no;
    EXPECT_TRUE(readings_of(std::string(200, '1')).empty());
}

TEST(WrittenNumber, AnyNumberWrittenInAnyOfTheWaysComesBackAsItself) {
    holds([] {
        const int value = *rc::gen::inRange(0, 100000000);
        const std::string digits = std::to_string(value);
        const int decimals = *rc::gen::inRange(0, 5);
        const std::string tail = decimals == 0 ? "" : std::string(static_cast<std::size_t>(decimals), '7');
        const auto grouped = [&](const std::string& sign) {
            std::string out = digits;
            for (std::size_t at = out.size(); at > 3; at -= 3) out.insert(at - 3, sign);
            return out;
        };
        const std::string plain = digits + (tail.empty() ? "" : "." + tail);
        for (const auto& [group, mark] :
            {std::pair<std::string, std::string>{",", "."}, {".", ","}, {" ", "."}, {" ", ","}, {"\u2009", "."}}) {
            const auto all = readings_of(grouped(group) + (tail.empty() ? "" : mark + tail));
            RC_ASSERT(std::find(all.begin(), all.end(), plain) != all.end());
        }
    });
}

TEST(WrittenNumber, TheDecimalReadingCanBeWrittenSoThatNobodyMistakesIt) {
    for (const char* decimal : {"2.000", "1.250", "1.234", "900.100"}) {
        const auto all = readings_of(unmistakable(decimal));
        ASSERT_EQ(all.size(), 1U) << decimal;
        EXPECT_DOUBLE_EQ(std::stod(all.front()), std::stod(decimal));
    }
}

TEST(WrittenNumber, ATextShowsHowItsWriterSetsDecimals) {
    EXPECT_EQ(decimal_mark_of("fill 1.7 L, at most 2,000 kPa"), DecimalMark::Point);
    EXPECT_EQ(decimal_mark_of("1,7 L einfüllen, höchstens 2.000 kPa"), DecimalMark::Comma);
    EXPECT_EQ(decimal_mark_of("1.200,5 h"), DecimalMark::Comma);
    EXPECT_EQ(decimal_mark_of("1,000,000 km"), DecimalMark::Point);
    EXPECT_EQ(decimal_mark_of("2,000 kPa and 5 mm"), DecimalMark::Unknown);
    EXPECT_EQ(decimal_mark_of("1.7 L or 1,8 L"), DecimalMark::Unknown) << "two writers";
    EXPECT_EQ(decimal_mark_of("chapter 5.10.2"), DecimalMark::Unknown);
}

TEST(Quantity, AThousandsCommaIsNeverReadAsADecimal) {
    const auto q = Quantity::parse("2,000 kPa");
    ASSERT_FALSE(q);
    EXPECT_EQ(q.error().code, ErrorCode::Ambiguous);
    EXPECT_NE(q.error().message.english().find("2.0 kPa"), std::string::npos) << q.error().message;
    EXPECT_NE(q.error().message.english().find("2000 kPa"), std::string::npos) << q.error().message;
    EXPECT_EQ(Quantity::parse("1,200 h").error().code, ErrorCode::Ambiguous);
    EXPECT_EQ(two_ways("8 to 2,000 kPa"), (Readings{"8 to 2.0 kPa", "8 to 2000 kPa"}));
    EXPECT_TRUE(two_ways("8 to 10 kPa").empty());
    for (const auto& way : two_ways("2,000 kPa")) EXPECT_TRUE(Quantity::parse(way)) << way << " is what the sentence says to write";
    EXPECT_EQ(parse_figure_value("2,000kPa").error().code, ErrorCode::Ambiguous) << "no code either";
    EXPECT_EQ(parse_figure_value("20, then 1,000 Nm").error().code, ErrorCode::Ambiguous);
}

TEST(Quantity, WhatIsKeptIsReadAsItWasLetIn) {
    EXPECT_DOUBLE_EQ(Number::kept("1.250")->value(), 1.25);
    EXPECT_EQ(Number::kept("2,000").error().code, ErrorCode::Ambiguous) << "an older library let it in";
    EXPECT_EQ(as_typed("1.250 L"), "1.25 L");
    EXPECT_EQ(as_typed("1.234 to 2.345 L"), "1.2340 to 2.3450 L");
    EXPECT_EQ(as_typed("25 N·m"), "25 N·m");
    EXPECT_EQ(Number::parse("1,5")->text(), "1.5");
    EXPECT_EQ(Number::parse("1 200")->text(), "1200");
}

TEST(OpenPoints, AFigureOfAnOlderLibraryThatCanBeReadTwoWaysStopsTheEdition) {
    Procedure p = anagraph::core::testing::guide();
    p.figures.resize(1);
    p.figures[0].id = FigureId("valve");
    p.figures[0].value = {"2,000", "", "kPa"};
    p.figures[0].kind = FigureKind::Pressure;
    EXPECT_EQ(ambiguous_number(p.figures[0].value), "2,000");
    bool told = false;
    for (const auto& r : reasons_not_to_issue(p)) told = told || r.english().find("2,000 can be read two ways") != std::string::npos;
    EXPECT_TRUE(told);
}

TEST(PageValues, ANumberOfThreesIsReadAsTheOtherNumbersOfThePageAre) {
    const auto pressures = [](const char* page) { return values_on(words_of_text(page, 1), FigureKind::Pressure, "relief valve"); };
    const auto english = pressures("Refill 1.7 L\nRelief valve 2,000 kPa");
    ASSERT_EQ(english.size(), 1U);
    EXPECT_EQ(english[0].value.low, "2000");
    const auto other = pressures("Refill 1,7 L\nRelief valve 2.000 kPa");
    ASSERT_EQ(other.size(), 1U);
    EXPECT_EQ(other[0].value.low, "2000");
    const auto either = pressures("Relief valve 2,000 kPa");
    ASSERT_EQ(either.size(), 2U) << "nothing on the page says which: a person chooses";
    EXPECT_TRUE(either[0].two_ways);
    EXPECT_EQ(either[0].value.low, "2000");
    EXPECT_EQ(either[1].value.low, "2.000");
}

TEST(ReadMarks, ThousandsOfANarrationAreThousands) {
    const auto marks = read_marks({{FrameTime(0, 1), FrameTime(3, 1), "it stands at 1,204 hours on the meter"}});
    bool found = false;
    for (const auto& m : marks) found = found || m.value.low == "1204";
    EXPECT_TRUE(found);
}
