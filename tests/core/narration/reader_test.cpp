#include "core/narration/reader.h"

#include <fmt/format.h>
#include <gtest/gtest.h>

#include <ctime>
#include <nlohmann/json.hpp>

#include "core/narration/words.h"
#include "tests/core/narration/said.h"
#include "tests/core/narration/spoken.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::answer;
using anagraph::core::testing::holds;
using anagraph::core::testing::in_words;
using anagraph::core::testing::said;
using nlohmann::json;

namespace {

/// The only figure found, as "kind value unit".
std::string figure(const char* line) {
    const auto figures = answer({line})["figures"];
    std::string out;
    for (const auto& f : figures)
        out += (out.empty() ? "" : "; ") + f["kind"].get<std::string>() + " " +
            (f["value"].is_string() ? f["value"].get<std::string>() : fmt::format("{:g}", f["value"].get<double>())) +
            (f["value_hi"].is_null() ? "" : fmt::format("-{:g}", f["value_hi"].get<double>())) + (f["hedged"].get<bool>() ? " hedged" : "");
    return out;
}

}  // namespace

TEST(SpokenNumber, ReadsEveryWholeNumberInWordsAndDigits) {
    holds([] {
        const int n = *rc::gen::inRange(0, 99999);
        for (const auto& text : {in_words(n), std::to_string(n)}) {
            const auto words = words_of(text);
            const auto read = read_number(words, 0);
            RC_ASSERT(read.has_value());
            RC_ASSERT(read->value == n);
            RC_ASSERT(read->length == words.size());
        }
    });
}

TEST(SpokenNumber, ReadsFractionsAndDecimals) {
    const std::pair<const char*, double> cases[] = {{"one point seven", 1.7}, {"point three", 0.3}, {"three quarters", 0.75},
        {"one and three quarters", 1.75}, {"two and a half", 2.5}, {"half", 0.5}, {"a quarter", 0.25}, {"1/2", 0.5}, {"1 1/2", 1.5},
        {"2,300", 2300}, {"0.25", 0.25}, {"a couple of", 2}, {"fifteen hundred", 1500}, {"a hundred", 100}};
    for (const auto& [text, value] : cases) {
        const auto words = words_of(text);
        const auto read = read_number(words, 0);
        ASSERT_TRUE(read) << text;
        EXPECT_DOUBLE_EQ(read->value, value) << text;
        EXPECT_EQ(read->length, words.size()) << text;
    }
}

TEST(Reader, FindsFiguresByUnitAndContext) {
    EXPECT_EQ(figure("tighten the drain plug to twenty five newton metres"), "torque 25");
    EXPECT_EQ(figure("eighteen foot pounds so about twenty four newton metres"), "torque 24.4047; torque 24 hedged");
    EXPECT_EQ(figure("use a seventeen mil socket on the plug"), "size 17");
    EXPECT_EQ(figure("undo it with a twenty two socket"), "size 22");
    EXPECT_EQ(figure("it needs 75W90 in there"), "grade 75W90");
    EXPECT_EQ(figure("seventy five w ninety gl5"), "grade 75W90; grade GL5");
    EXPECT_EQ(figure("wait five to ten minutes"), "duration 300-600");
    EXPECT_EQ(figure("the meter shows three hundred and two hours"), "reading 302");
    EXPECT_EQ(figure("do it every hundred hours or twelve months"), "interval 100; interval 12");
    EXPECT_EQ(figure("then three quarters of a turn more"), "turn 0.75");
    EXPECT_EQ(figure("undo the six bolts"), "count 6");
    EXPECT_EQ(figure("about two and a half litres"), "volume 2.5 hedged");
    EXPECT_EQ(figure("the gap is point six millimetres"), "length 0.6");
    EXPECT_EQ(figure("pump it up to three bar"), "pressure 300");
}

TEST(Reader, KeepsAForceSaidForATorqueAsDoubtful) { EXPECT_EQ(figure("twelve newtons on the little plug"), "torque 12 hedged"); }

TEST(Reader, DoesNotTakeForcesOnABeltForTorques) { EXPECT_EQ(figure("press the belt with twenty newtons"), ""); }

TEST(Reader, JoinsAFigureSplitOverTwoSegments) {
    const auto figures = answer({"the gearbox takes nine point", "five litres of oil"})["figures"];
    ASSERT_EQ(figures.size(), 1U);
    EXPECT_DOUBLE_EQ(figures[0]["value"].get<double>(), 9.5);
    EXPECT_DOUBLE_EQ(figures[0]["t"].get<double>(), 0.0);
}

TEST(Reader, ANewLineBeginsANewNumberUnlessItGoesOn) {
    const auto figures = answer({"this is the machine on bench two", "hundred hour service oil and filter"})["figures"];
    ASSERT_EQ(figures.size(), 1U);
    EXPECT_DOUBLE_EQ(figures[0]["value"].get<double>(), 100);
    EXPECT_DOUBLE_EQ(figures[0]["t"].get<double>(), 4.0);
}

TEST(Reader, AFigureIsSaidOfWhatItsClauseNamesElseOfWhatWasNamedBefore) {
    const auto figures = answer(
        {"start the plug by hand", "eighteen foot pounds so about twenty four newton metres", "it's an aluminium thread"})["figures"];
    ASSERT_EQ(figures.size(), 2U);
    for (const auto& f : figures) EXPECT_EQ(f["about"], "plug") << f;
}

TEST(Reader, AMomentStandsWhereItIsSaid) {
    const auto a = answer({"tighten the plug to twenty five newton metres", "careful it is hot and it burns"});
    ASSERT_EQ(a["cautions"].size(), 1U);
    EXPECT_DOUBLE_EQ(a["cautions"][0]["t"].get<double>(), 4.0);
}

TEST(Reader, ACorrectedValueStandsAndTheSlipIsNoted) {
    const auto a = answer({"drain plug that's a fifteen no a seventeen"});
    ASSERT_EQ(a["figures"].size(), 1U);
    EXPECT_DOUBLE_EQ(a["figures"][0]["value"].get<double>(), 17);
    EXPECT_EQ(a["figures"][0]["kind"], "size");
    EXPECT_EQ(a["slips"].size(), 1U);
    const auto segments = said({"drain plug that's a fifteen no a seventeen"});
    int taken_back = 0;
    for (const auto& m : read_marks(segments)) taken_back += m.taken_back ? 1 : 0;
    EXPECT_EQ(taken_back, 1);
}

TEST(Reader, FindsStepsButNoAnnouncementsAndHypotheticals) {
    EXPECT_EQ(answer({"undo the breather plug first"})["steps"][0]["verb"], "loosen");
    EXPECT_EQ(answer({"fit a new copper washer"})["steps"][0]["verb"], "fit");
    EXPECT_EQ(answer({"then take it easy"})["steps"].size(), 0U);
    EXPECT_EQ(answer({"don't tighten the plug yet"})["steps"].size(), 0U);
    EXPECT_EQ(answer({"the old one would drain the oil"})["steps"].size(), 0U);
}

TEST(Reader, FindsCautionsUnseenMomentsAndTalk) {
    EXPECT_EQ(answer({"careful hot oil burns"})["cautions"].size(), 1U);
    EXPECT_EQ(answer({"you can't see it it's dark under here"})["unseen"].size(), 1U);
    const auto a = answer({"hello and welcome to the channel", "drain the oil from the sump", "thanks for watching"});
    EXPECT_EQ(a["chatter"], json::parse("[[0.0,0.0],[8.0,8.0]]"));
}

TEST(Reader, EveryMarkSaysWhyAndLiesInItsSegment) {
    const auto segments = said({"careful hot oil burns", "tighten the plug to 25 newton metres", "oh i should have done that first"});
    const auto marks = read_marks(segments);
    ASSERT_FALSE(marks.empty());
    for (const auto& m : marks) {
        EXPECT_FALSE(m.because.empty());
        EXPECT_FALSE(m.words.empty());
        EXPECT_EQ(m.at, segments[m.segment].start);
    }
}

TEST(Reader, NeverFailsOnAnyText) {
    holds([](const std::vector<std::string>& lines) {
        std::vector<Segment> segments;
        for (const auto& l : lines)
            segments.push_back({FrameTime(static_cast<std::int64_t>(segments.size()), 1),
                FrameTime(static_cast<std::int64_t>(segments.size()) + 1, 1), l});
        const auto marks = read_marks(segments);
        for (const auto& m : marks) RC_ASSERT(m.segment < segments.size());
        (void)marks_json(segments, marks).dump(-1, ' ', false, json::error_handler_t::replace);
    });
}

TEST(Reader, AnHourInOneParagraphIsReadAsLinearlyAsInLines) {
    const auto seconds = [](int sentences) {
        std::string text;
        for (int i = 0; i < sentences; ++i) text += "tighten the bolt to 25 newton metres and wait four minutes then ";
        const auto begin = std::clock();  // processor time: other programs do not count
        const auto marks = read_marks(said({text}));
        EXPECT_GE(marks.size(), 10U);
        return static_cast<double>(std::clock() - begin) / CLOCKS_PER_SEC;
    };
    seconds(100);  // the word lists are made once
    const double one = seconds(200);
    EXPECT_LT(seconds(1600), 24 * one + 0.2) << "eight times the words, not sixty-four times the time";
}

TEST(Reader, MarksOfALongParagraphKeepItsMoment) {
    std::string text;
    for (int i = 0; i < 60; ++i) text += "Tighten the bolt to " + std::to_string(20 + i) + " newton metres. ";
    const auto segments = said({"undo the plug", text, "fit the cover"});
    const auto marks = read_marks(segments);
    std::size_t torques = 0;
    for (const auto& m : marks) {
        EXPECT_EQ(m.at, segments[m.segment].start);
        torques += m.kind == MarkKind::Figure && m.segment == 1 ? 1 : 0;
    }
    EXPECT_EQ(torques, 60U);
    EXPECT_TRUE(std::is_sorted(marks.begin(), marks.end(), [](const Mark& a, const Mark& b) { return a.segment < b.segment; }));
}
