// Whatever way a figure is said, the reader finds it: properties over the generator of spoken.h.
#include "tests/core/narration/spoken.h"

#include <gtest/gtest.h>

#include "core/narration/words.h"
#include "tests/core/narration/said.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

/// Is a figure of that kind and value (1 %) among those found in the lines?
bool finds(const std::vector<std::string>& lines, const char* kind, double value, double high = NAN) {
    const auto close = [](const nlohmann::json& v, double want) {
        return v.is_number() && std::abs(v.get<double>() - want) <= 0.01 * std::abs(want);
    };
    const auto found = answer(lines);
    for (const auto& f : found["figures"])
        if (f["kind"] == kind && close(f["value"], value) && (std::isnan(high) ? f["value_hi"].is_null() : close(f["value_hi"], high)))
            return true;
    return false;
}

}  // namespace

TEST(SpokenFigures, EveryUnitWithEveryNumberIsFound) {
    holds([] {
        const auto unit = spoken_unit();
        const auto n = pick_int(0, 2) == 0 ? spoken_decimal(40) : pick_int(0, 2) == 0 ? spoken_mixed(12) : spoken_whole(2, 900);
        const std::string line = in_a_sentence(n.text + " " + unit.text);
        if (!finds({line}, unit.kind, n.value * unit.factor)) RC_FAIL(line);
    });
}

TEST(SpokenFigures, RangesKeepBothEnds) {
    holds([] {
        const auto unit = spoken_unit();
        const int low = pick_int(2, 60);
        const int high = low + pick_int(1, 20);
        const std::string joint = pick_word({" to ", " or ", " to about "});
        const std::string line = joint == " to about " ? in_words(low) + " to " + in_words(high)
            : pick_int(0, 1) == 0                      ? in_words(low) + joint + in_words(high)
                                                       : "between " + in_words(low) + " and " + in_words(high);
        const std::string sentence = in_a_sentence(line + " " + unit.text);
        if (!finds({sentence}, unit.kind, low * unit.factor, high * unit.factor)) RC_FAIL(sentence);
    });
}

TEST(SpokenFigures, AFigureSplitOverTwoLinesIsFoundInTheFirst) {
    holds([] {
        const auto unit = spoken_unit();
        const int n = pick_int(2, 90);
        const auto found = answer({"it takes " + in_words(n), std::string(unit.text) + " and no more"});
        bool first = false;
        for (const auto& f : found["figures"])
            first = first ||
                (f["t"].get<double>() == 0.0 && f["kind"] == unit.kind && f["value"].is_number() &&
                    std::abs(f["value"].get<double>() - n * unit.factor) < 1e-3 * std::abs(n * unit.factor) + 1e-6);
        RC_ASSERT(first);
    });
}

TEST(SpokenFigures, HedgesAreHeard) {
    holds([] {
        const auto unit = spoken_unit();
        const std::string figure = spoken_whole(2, 90).text + " " + unit.text;
        const bool before = pick_int(0, 1) == 0;
        const std::string line = before
            ? pick_word({"about ", "roughly ", "around ", "maybe ", "nearly ", "i think it's ", "probably ", "just over "}) + figure
            : figure +
                pick_word({" or so", " or thereabouts", " give or take", " i think", " i reckon", " something like that", " roughly"});
        const auto found = answer({line});
        if (found["figures"].size() != 1U || !found["figures"][0]["hedged"].get<bool>()) RC_FAIL(line);
    });
}

TEST(SpokenFigures, ACorrectedValueIsAlwaysASlip) {
    holds([] {
        const auto unit = spoken_unit();
        const int wrong = pick_int(20, 60);
        const int right = wrong + pick_int(1, 30);
        const std::string line =
            in_words(wrong) + pick_word({" no ", ", no, ", " sorry ", ", sorry, ", " no wait "}) + in_words(right) + " " + unit.text;
        if (!finds({line}, unit.kind, right * unit.factor) || answer({line})["slips"].size() != 1U) RC_FAIL(line);
    });
}

TEST(SpokenFigures, ServiceIntervalsAreIntervals) {
    holds([] {
        const int hours = pick_int(1, 40) * 50;
        const std::string number = pick_int(0, 1) == 0 ? std::to_string(hours) : in_words(hours);
        const std::string line = pick_word({"every ", "do it every ", "the book says every "}) + number + " hours";
        const auto found = answer({line});
        RC_ASSERT(found["figures"].size() == 1U);
        RC_ASSERT(found["figures"][0]["kind"] == "interval");
        RC_ASSERT(found["figures"][0]["value"].get<double>() == hours);
    });
}

TEST(SpokenNumbers, ReadBackWhatWasSaid) {
    holds([] {
        const auto n = pick_int(0, 1) == 0 ? spoken_mixed(90) : spoken_decimal(90);
        const auto words = words_of(n.text);
        const auto read = read_number(words, 0);
        RC_ASSERT(read.has_value());
        RC_ASSERT(std::abs(read->value - n.value) < 1e-9);
        RC_ASSERT(read->length == words.size());
    });
}

TEST(SpokenNumbers, WrittenIsReadAsSpoken) {
    for (const auto& [text, value] : std::vector<std::pair<const char*, double>>{{"minus seven", -7}, {"point oh four", 0.04},
             {"one point twenty five", 1.25}, {"twelve forty eight", 1248}, {"two fifty", 250}, {"six one one nine", 6119},
             {"six thousand 118", 6118}, {"a dozen", 12}, {"seven sixteenths", 0.4375}, {"two tenths", 0.2}, {"5 thousand", 5000},
             {"three sixty eight", 368}, {"nineteen hundred and six", 1906}}) {
        const auto words = words_of(text);
        const auto read = read_number(words, 0);
        ASSERT_TRUE(read) << text;
        EXPECT_NEAR(read->value, value, 1e-9) << text;
        EXPECT_EQ(read->length, words.size()) << text;
    }
}

TEST(Words, SplitUnitsFromDigitsAndJoinSpeltLetters) {
    const auto texts = [](const char* text) {
        std::string out;
        for (const auto& w : words_of(text)) out += (out.empty() ? "" : "|") + w.text;
        return out;
    };
    EXPECT_EQ(texts("every 500hours at 25Nm"), "every|500|hours|at|25|nm");
    EXPECT_EQ(texts("30 p s i in a V G 46"), "30|psi|in|a|vg|46");
    EXPECT_EQ(texts("don't, it's 5W30"), "don't|it's|5w30");
    EXPECT_EQ(texts("20W-50 and 75%"), "20w|50|and|75|percent");
    EXPECT_EQ(texts("60\xC2\xB0 hot"), "60|degrees|hot");
    EXPECT_EQ(texts(""), "");
    const auto w = words_of("Stop. Now, go");
    EXPECT_TRUE(w[1].sentence_start);
    EXPECT_TRUE(w[2].clause_start);
    EXPECT_FALSE(w[2].sentence_start);
}
