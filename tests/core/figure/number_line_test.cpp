// Where the evidence of a figure stands on its scale, and that its labels can all be read.
#include "core/figure/number_line.h"

#include <gtest/gtest.h>

#include <random>

using namespace anagraph::core;

TEST(NumberLine, HoldsClaimsSourcesAndToleranceOnOneScale) {
    Figure f;
    f.kind = FigureKind::Torque;
    f.value = {"25", "", "Nm"};
    f.tolerance = "2.5";
    f.claims = {{RecordingId("r"), FrameTime(79, 1), "eighteen foot pounds", {"18", "", "lbf.ft"}},
        {RecordingId("r"), FrameTime(79, 1), "twenty four", {"24", "", "Nm"}}};
    f.proofs = {{SourceId("b"), "page 2", {"25", "", "Nm"}}};
    const auto line = number_line(f);
    ASSERT_TRUE(line.drawable);
    ASSERT_NE(line.unit, nullptr);
    EXPECT_EQ(line.unit->symbol, "N·m");
    ASSERT_EQ(line.pins.size(), 2U);
    EXPECT_NEAR(line.pins[1].at, 24.405, 0.001);
    EXPECT_DOUBLE_EQ(line.band_from, 22.5);
    EXPECT_DOUBLE_EQ(line.band_to, 27.5);
    for (const double v : {24.0, 24.405, 25.0, 22.5, 27.5}) {
        EXPECT_GE(line.place(v), 0);
        EXPECT_LE(line.place(v), 1);
    }
    EXPECT_GE(line.ticks.size(), 4U);
}

TEST(NumberLine, AForceSaidForATorqueStandsAtItsNumber) {
    Figure f;
    f.kind = FigureKind::Torque;
    f.claims = {{RecordingId("r"), FrameTime(1, 1), "twelve newtons", {"12", "", "N"}}};
    const auto line = number_line(f);
    ASSERT_TRUE(line.drawable);
    EXPECT_DOUBLE_EQ(line.pins[0].at, 12);
    ASSERT_NE(line.unit, nullptr);
    EXPECT_EQ(line.unit->symbol, "N·m");
}

TEST(NumberLine, GradesHaveNone) {
    Figure f;
    f.kind = FigureKind::Grade;
    f.value = {"75W90", "", ""};
    EXPECT_FALSE(number_line(f).drawable);
}

TEST(NumberLine, TheOtherSystemStandsAtTheSamePlacesAndTellsThemApart) {
    Figure f;
    f.kind = FigureKind::Torque;
    for (const char* value : {"25 Nm", "0.4 Nm", "18 lbf.ft", "300 Nm"}) {
        f.value = *parse_figure_value(value);
        const auto line = number_line(f);
        ASSERT_EQ(line.other_ticks.size(), line.ticks.size()) << value;
        EXPECT_NE(line.other_unit, nullptr);
        for (std::size_t i = 1; i < line.ticks.size(); ++i) EXPECT_NE(line.other_ticks[i], line.other_ticks[i - 1]) << value;
    }
    f.kind = FigureKind::Duration;
    f.value = {"5", "", "min"};
    EXPECT_EQ(number_line(f).other_unit, nullptr) << "minutes are the same everywhere";
}

TEST(NumberLine, StagesOfATorqueStandEachInItsPlaceAndOnTheScale) {
    Figure f;
    f.kind = FigureKind::Torque;
    f.value = *parse_figure_value("20, then 40, then 60 Nm");
    auto line = number_line(f);
    ASSERT_EQ(line.stages.size(), 3U);
    for (std::size_t i = 0; i < 3; ++i) {
        EXPECT_DOUBLE_EQ(line.stages[i].at, 20.0 * static_cast<double>(i + 1));
        EXPECT_GE(line.place(line.stages[i].at), 0);
        EXPECT_LE(line.place(line.stages[i].at), 1);
    }
    EXPECT_FALSE(line.turned);
    f.value = *parse_figure_value("30, then loosen, then 15 Nm, then 90 deg");
    line = number_line(f);
    ASSERT_EQ(line.stages.size(), 2U);
    EXPECT_TRUE(line.stages[0].loosened);
    EXPECT_FALSE(line.stages[1].loosened);
    EXPECT_TRUE(line.turned);
    f.value = *parse_figure_value("25 Nm");
    EXPECT_TRUE(number_line(f).stages.empty()) << "one stage is no stages";
}

namespace {

/// A plain rectangle in pixels, y upwards, rows 20 high.
struct Box {
    double left, right, low, high;
    bool meets(const Box& o) const { return left < o.right - 1e-9 && o.left < right - 1e-9 && low < o.high && o.low < high; }
};

double letters(const std::string& s) {
    double out = 0;
    for (const char c : s) out += (static_cast<unsigned char>(c) & 0xC0) == 0x80 ? 0 : 7.3;
    return out;
}

std::string without_spaces(std::string s) {
    std::erase(s, ' ');
    return s;
}

}  // namespace

TEST(PlacedLabels, OnThreeThousandRandomLinesNoneCoversAnotherAndNoneIsCut) {
    std::mt19937 random(12);
    const auto number = [&](int from, int to) { return std::uniform_int_distribution<int>(from, to)(random); };
    int beside = 0;
    for (int set = 0; set < 3000; ++set) {
        LabelRoom room{static_cast<double>(number(0, 300)), 0, 10, 6, letters};
        room.right = room.left + number(160, 900);
        std::vector<double> x;
        std::vector<std::string> words;
        for (int n = number(0, 9); n > 0; --n) {
            // now and then many at one place
            x.push_back(!x.empty() && number(0, 3) == 0 ? x.back() : room.left + (room.right - room.left) * number(0, 1000) / 1000.0);
            std::string text = "\u201C";
            for (int w = number(1, set % 7 == 0 ? 30 : 6); w > 0; --w)
                text += std::string(static_cast<std::size_t>(number(1, set % 11 == 0 ? 60 : 9)), static_cast<char>('a' + number(0, 25))) +
                    (w > 1 ? " " : "");
            words.push_back(text + "\u201D 1:19");
        }
        std::sort(x.begin(), x.end());
        const auto labels = placed_labels(x, words, room);
        ASSERT_EQ(labels.size(), x.size());
        std::vector<Box> texts, heads;
        int most = 0;
        for (std::size_t i = 0; i < labels.size(); ++i) {
            const auto& l = labels[i];
            std::string all;
            for (const auto& line : l.lines) {
                all += line;
                EXPECT_LE(letters(line), l.width + 1e-9) << "set " << set;
            }
            EXPECT_EQ(without_spaces(all), without_spaces(words[i])) << "set " << set << ": nothing is left out";
            texts.push_back({l.x, l.x + l.width, l.row * 20.0, (l.row + static_cast<double>(l.lines.size())) * 20.0});
            heads.push_back({x[i] - room.dot, x[i] + room.dot, l.head * 20.0, l.head * 20.0 + 20});
            EXPECT_GE(texts.back().left, room.left - 1e-9) << "set " << set;
            EXPECT_LE(texts.back().right, room.right + 1e-9) << "set " << set;
            most = std::max({most, l.row + static_cast<int>(l.lines.size()), l.head + 1});
            if (l.row == l.head) ++beside;
        }
        EXPECT_EQ(rows_of(labels), most);
        for (std::size_t i = 0; i < labels.size(); ++i)
            for (std::size_t k = 0; k < labels.size(); ++k) {
                EXPECT_FALSE(texts[i].meets(heads[k])) << "set " << set << ": a label on a head";
                if (k <= i) continue;
                EXPECT_FALSE(texts[i].meets(texts[k])) << "set " << set << ": two labels";
                EXPECT_FALSE(heads[i].meets(heads[k])) << "set " << set << ": two heads";
            }
    }
    EXPECT_GT(beside, 5000) << "most stand beside their pins";
}
