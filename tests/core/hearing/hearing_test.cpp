#include <gtest/gtest.h>
#include <rapidcheck.h>

#include "core/hearing/guide_words.h"
#include "core/hearing/heard_lines.h"
#include "core/hearing/spoken_words.h"
#include "core/hearing/word_error.h"

namespace anagraph::core {
namespace {

FrameTime ms(std::int64_t t) { return FrameTime::from_milliseconds(t); }

std::string spoken(std::string_view text) {
    std::string out;
    for (const auto& sentence : spoken_sentences(text)) {
        if (!out.empty()) out += " / ";
        for (const auto& word : sentence) out += (out.empty() || out.ends_with("/ ") ? "" : " ") + word;
    }
    return out;
}

TEST(SpokenWords, NumbersAndUnitsAreSaidOut) {
    EXPECT_EQ(spoken("Tighten to 25 N·m (18 lbf·ft)."), "tighten to twenty five newton metres eighteen foot pounds");
    EXPECT_EQ(spoken("1.7 L of 75W90"), "one point seven litres of seventy five w ninety");
    EXPECT_EQ(spoken("an M8 x 25 bolt, 13mm head"), "an m eight x twenty five bolt thirteen mil head");
    EXPECT_EQ(spoken("3/4 of a turn; 1/2 full"), "three quarters of a turn / a half full");
    EXPECT_EQ(spoken("2,300 rpm at 60 °C"), "two thousand three hundred revs at sixty degrees");
    EXPECT_EQ(spoken("Don’t. It's hot!"), "don't / it's hot");
    EXPECT_EQ(spoken("part 007"), "part zero zero seven");
    EXPECT_EQ(spoken("— … ·"), "");
}

TEST(SpokenWords, NumbersAsPeopleSayThem) {
    EXPECT_EQ(said_number(0), "zero");
    EXPECT_EQ(said_number(19), "nineteen");
    EXPECT_EQ(said_number(40), "forty");
    EXPECT_EQ(said_number(225), "two hundred and twenty five");
    EXPECT_EQ(said_number(1005), "one thousand and five");
    EXPECT_EQ(said_number(12300), "twelve thousand three hundred");
    EXPECT_EQ(said_number(1234567), "one two three four five six seven");
}

TEST(SpokenWords, AnyTextGivesPlainWords) {
    rc::check("only letters and apostrophes", [](const std::string& text) {
        for (const auto& sentence : spoken_sentences(text)) {
            RC_ASSERT(!sentence.empty());
            for (const auto& word : sentence) {
                RC_ASSERT(!word.empty());
                for (const char c : word) RC_ASSERT((c >= 'a' && c <= 'z') || c == '\'');
            }
        }
    });
}

TEST(HeardLines, AreCutWhereTheSpeakerPauses) {
    const auto lines = heard_lines({{ms(100), ms(400), "drain", 0.9}, {ms(400), ms(800), "plug", 0.4}, {ms(1300), ms(1500), "out", 0.8}});
    ASSERT_EQ(lines.size(), 2U);
    EXPECT_EQ(lines[0].text, "drain plug");
    EXPECT_EQ(lines[0].start, ms(100));
    EXPECT_EQ(lines[0].end, ms(800));
    ASSERT_EQ(lines[0].words.size(), 2U);
    EXPECT_EQ(lines[0].words[1].at, ms(400));
    EXPECT_FALSE(lines[0].words[0].unsure);
    EXPECT_TRUE(lines[0].words[1].unsure);
    EXPECT_TRUE(lines[0].by_program);
    EXPECT_EQ(lines[1].text, "out");
}

TEST(HeardLines, NoneIsLongAndNoWordIsLost) {
    rc::check("every word once, in its place", [](const std::vector<std::pair<std::uint8_t, std::uint8_t>>& gaps) {
        std::vector<HeardWord> words;
        std::int64_t now = 0;
        for (std::size_t i = 0; i < gaps.size(); ++i) {
            const auto [gap, length] = gaps[i];
            now += gap * 5;
            words.push_back({ms(now), ms(now + length), "w" + std::to_string(i), 1});
            now += length;
        }
        std::size_t k = 0;
        for (const auto& line : heard_lines(words)) {
            const auto said = said_words(line.text);
            RC_ASSERT(said.size() == line.words.size());
            RC_ASSERT(said.size() <= 18U);
            for (std::size_t i = 0; i < said.size(); ++i, ++k) {
                RC_ASSERT(said[i] == words.at(k).text);
                RC_ASSERT(line.words[i].at == words[k].from);
            }
        }
        RC_ASSERT(k == words.size());
    });
}

TEST(GuideWords, HoldNamesFiguresLinesAndWhatWasPutRight) {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "", "", {}, ""};
    p.items.push_back({ItemId("plug"), ItemKind::Fastener, "drain plug", "M14", ""});
    Figure f;
    f.id = FigureId("t");
    f.kind = FigureKind::Torque;
    f.item = ItemId("plug");
    f.value = {"25", "", "Nm"};
    p.figures.push_back(f);
    Step s;
    s.id = StepId("s");
    s.heading = "Drain the oil";
    s.lines = {"Tighten the {item:plug}."};
    p.steps.push_back(s);
    RecordingUse use{RecordingId("r"), "", {}};
    use.corrections.push_back({ms(0), "undo the strainer"});
    p.recordings.push_back(use);
    std::string all;
    for (const auto& phrase : guide_phrases(p)) {
        for (const auto& word : phrase) all += word + " ";
        all += "/ ";
    }
    for (const char* phrase : {"drain plug / ", "m fourteen / ", "twenty five newton metres ", "drain the oil / ",
             "tighten the drain plug / ", "undo the strainer / ", "perrick pt sixty / "})
        EXPECT_NE(all.find(phrase), std::string::npos) << phrase << " in " << all;
}

TEST(GuideWords, LeaveOutWhatWasDraftedAndNobodyConfirmed) {
    Procedure p;
    p.items.push_back({ItemId("love"), ItemKind::Part, "brain love", "", ""});
    Figure f;
    f.id = FigureId("t");
    f.kind = FigureKind::Torque;
    f.value = {"25", "", "Nm"};
    f.claims.push_back({RecordingId("r"), ms(0), "twenty five", f.value, true});
    p.figures.push_back(f);
    Step s;
    s.id = StepId("s");
    s.heading = "Remove the brain love";
    s.drafted = true;
    s.actions.push_back({"remove", {ItemId("love")}, {}, {}});
    p.steps.push_back(s);
    EXPECT_TRUE(guide_phrases(p).empty());
    p.steps.front().drafted = false;
    EXPECT_EQ(guide_phrases(p).size(), 2U) << "the item and the heading; the figure is heard only, still";
    p.figures.front().claims.front().by_program = false;
    EXPECT_EQ(guide_phrases(p).size(), 3U);
}

/// The probabilities of what may follow a word come to one, whatever stands in the model.
TEST(GuideWords, ModelIsAProbability) {
    rc::check("sums to one", [] {
        const auto phrases =
            *rc::gen::nonEmpty(rc::gen::container<SpokenSentences>(rc::gen::nonEmpty(rc::gen::container<std::vector<std::string>>(
                rc::gen::elementOf(std::vector<std::string>{"drain", "plug", "oil", "the", "out"})))));
        const std::string model = bigram_model(phrases);
        std::map<std::string, double> alone, back_off;
        std::map<std::string, std::map<std::string, double>> pair;
        std::istringstream in(model);
        int order = 0;
        for (std::string line; std::getline(in, line);) {
            if (line == "\\1-grams:" || line == "\\2-grams:") order = line[1] - '0';
            std::istringstream fields(line);
            double p = 0;
            std::string first, second;
            if (order == 0 || !(fields >> p >> first)) continue;
            if (order == 1) {
                alone[first] = std::pow(10, p);
                if (double b = 0; fields >> b) back_off[first] = std::pow(10, b);
            } else if (fields >> second) {
                pair[first][second] = std::pow(10, p);
            }
        }
        double sum = 0;
        for (const auto& [word, p] : alone) sum += p;
        RC_ASSERT(std::abs(sum - 1) < 0.01);
        for (const auto& [before, after] : pair) {
            double total = 0;
            for (const auto& [word, p] : alone)
                if (word != "<s>") total += after.contains(word) ? after.at(word) : back_off.at(before) * p;
            RC_ASSERT(total < 1.01);
            // where every word was seen after it there is nothing to back off to
            RC_ASSERT(total > 0.99 || after.size() + 1 >= alone.size());
        }
    });
    EXPECT_EQ(bigram_model({}), "");
}

TEST(WordError, CountsWhatIsPutInLeftOutAndTaken) {
    EXPECT_EQ(word_error({"drain", "plug", "out"}, {"drain", "plug", "out"}), 0);
    EXPECT_DOUBLE_EQ(word_error({"drain", "plug", "out"}, {"brain", "plug", "out"}), 1.0 / 3);
    EXPECT_DOUBLE_EQ(word_error({"drain", "plug"}, {"the", "drain", "plug", "out"}), 1);
    EXPECT_DOUBLE_EQ(word_error({"drain", "plug"}, {}), 1);
}

}  // namespace
}  // namespace anagraph::core
