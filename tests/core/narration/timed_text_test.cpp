#include "core/narration/timed_text.h"

#include <gtest/gtest.h>

#include "core/narration/words_json.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

std::string utf16(const std::string& ascii, bool big_endian) {
    std::string out = big_endian ? "\xFE\xFF" : "\xFF\xFE";
    for (const char c : ascii) out += big_endian ? std::string{'\0', c} : std::string{c, '\0'};
    return out;
}

const std::string kVtt =
    "WEBVTT\n\n1\n00:00:01.200 --> 00:00:06.391 align:start\n<v Instructor>Undo the <i>drain plug</i>\nseventeen &amp; up\n\n00:07.000 --> "
    "00:09.000\nnext\n";

}  // namespace

TEST(TimedText, ReadsWebVttCuesWithSettingsMarkupAndTwoLines) {
    const auto n = read_timed_text(kVtt);
    ASSERT_TRUE(n);
    ASSERT_EQ(n->segments.size(), 2U);
    EXPECT_EQ(n->segments[0].text, "Undo the drain plug seventeen & up");
    EXPECT_EQ(n->segments[0].start, FrameTime(6, 5));
    EXPECT_EQ(n->segments[1].start, FrameTime(7, 1));
    EXPECT_TRUE(n->remarks.empty());
}

TEST(TimedText, ReadsSrtWithCommasAndWindowsLineEnds) {
    const auto n = read_timed_text(
        "\xEF\xBB\xBF"
        "1\r\n00:00:01,200 --> 00:00:03,000\r\nhello\r\n\r\n2\r\n00:00:04,000 --> 00:00:05,500\r\n{\\an8}there\r\n");
    ASSERT_TRUE(n);
    ASSERT_EQ(n->segments.size(), 2U);
    EXPECT_EQ(n->segments[1].text, "there");
    EXPECT_EQ(n->segments[1].end, FrameTime(11, 2));
}

TEST(TimedText, ReadsTimedParagraphsAndIgnoresHeadings) {
    const auto n = read_timed_text("# Title\n\n[0:20] first line\ngoes on\n\n## more\n[1:02:03] last\n");
    ASSERT_TRUE(n);
    ASSERT_EQ(n->segments.size(), 2U);
    EXPECT_EQ(n->segments[0].text, "first line goes on");
    EXPECT_EQ(n->segments[0].end, n->segments[1].start);
    EXPECT_EQ(n->segments[1].start, FrameTime(3723, 1));
    EXPECT_LT(n->segments[1].start, n->segments[1].end);
}

TEST(TimedText, ReadsUtf16AndSaysSo) {
    for (const bool big : {false, true}) {
        const auto n = read_timed_text(utf16(kVtt, big));
        ASSERT_TRUE(n);
        EXPECT_EQ(n->segments.size(), 2U);
        ASSERT_EQ(n->remarks.size(), 1U);
        EXPECT_NE(n->remarks[0].find("UTF-16"), std::string::npos);
    }
}

TEST(TimedText, LeavesOutCuesWithBrokenTimesAndNamesTheirLine) {
    const auto n = read_timed_text(
        "WEBVTT\n\n00:01.000 --> 00:02.000\ngood\n\n00:99.000 --> 01:00.000\nbad seconds\n\n00:09.000 --> 00:05.000\nbackwards\n");
    ASSERT_TRUE(n);
    EXPECT_EQ(n->segments.size(), 1U);
    ASSERT_EQ(n->remarks.size(), 2U);
    EXPECT_NE(n->remarks[0].find("line 6"), std::string::npos);
}

TEST(TimedText, RefusesWhatHoldsNothingTimed) {
    for (const char* text : {"", "just words", "WEBVTT\n\n", "WEBVTT\n\nx --> y\nwords\n", "\x00\x01\x02"})
        EXPECT_FALSE(read_timed_text(text));
}

TEST(TimedText, NeverFailsOnAnyBytes) {
    holds([](const std::string& bytes) {
        const auto n = read_timed_text("[0:01] " + bytes);
        if (n)
            for (const auto& s : n->segments) RC_ASSERT(s.text.find('\0') == std::string::npos);
    });
}

TEST(TimedText, WebVttRoundTrips) {
    holds([] {
        std::vector<Segment> segments;
        std::int64_t at = 0;
        const int count = *rc::gen::inRange(1, 20);
        for (int i = 0; i < count; ++i) {
            const auto from = at + *rc::gen::inRange(0, 5000);
            at = from + *rc::gen::inRange(1, 8000000);
            const auto words = *rc::gen::container<std::vector<std::string>>(
                rc::gen::nonEmpty(rc::gen::container<std::string>(rc::gen::elementOf(std::string("abc&<>'\"{}-.:5;")))));
            std::string text;
            for (const auto& w : words) text += (text.empty() ? "" : " ") + w;
            if (text.empty() || text.find("-->") != std::string::npos) text = "words";
            segments.push_back({FrameTime::from_milliseconds(from), FrameTime::from_milliseconds(at), text});
        }
        const auto back = read_timed_text(write_webvtt(segments));
        RC_ASSERT(back.has_value());
        RC_ASSERT(back->segments == segments);
    });
}

TEST(TimedText, WordTimesAndDoubtsRoundTrip) {
    holds([] {
        std::vector<Segment> segments;
        std::int64_t now = 0;
        const bool by_program = *rc::gen::arbitrary<bool>();
        const int count = *rc::gen::inRange(1, 6);
        for (int i = 0; i < count; ++i) {
            Segment s{FrameTime::from_milliseconds(now), {}, "", "", {}, by_program};
            const int words = *rc::gen::inRange(2, 8);
            for (int k = 0; k < words; ++k) {
                s.text += (k > 0 ? " " : "") + *rc::gen::elementOf(std::vector<std::string>{"drain", "plug", "a&b", "<", "1.7"});
                // a line told without doubts or times tells no words
                s.words.push_back({FrameTime::from_milliseconds(now), k == 0 || *rc::gen::arbitrary<bool>()});
                now += *rc::gen::inRange(0, 900);
            }
            now += 1;
            s.end = FrameTime::from_milliseconds(now);
            segments.push_back(std::move(s));
        }
        const auto back = read_timed_text(write_webvtt(segments));
        RC_ASSERT(back.has_value());
        RC_ASSERT(back->segments == segments);
        for (const auto& s : segments) {
            Segment kept = s;
            kept.words.clear();
            kept.by_program = false;
            RC_ASSERT(take_words_json(kept, words_json(s)));
            RC_ASSERT(kept == s);
        }
    });
}

TEST(TimedText, WordTimesOfOthersAreReadAndOddMarksAreLeftOut) {
    const auto read = read_timed_text(
        "WEBVTT\n\n00:01.000 --> 00:04.000\n<v Lena>drain <00:02.000><c>plug</c> <c.unsure>out</c>\n\n"
        "00:05.000 --> 00:06.000\nhalf a <c.unsure>wo</c>rd\n");
    ASSERT_TRUE(read);
    ASSERT_EQ(read->segments.size(), 2U);
    const auto& line = read->segments[0];
    EXPECT_EQ(line.text, "drain plug out");
    EXPECT_EQ(line.speaker, "Lena");
    EXPECT_FALSE(line.by_program);
    ASSERT_EQ(line.words.size(), 3U);
    EXPECT_EQ(line.words[0], (TimedWord{FrameTime(1, 1), false}));
    EXPECT_EQ(line.words[1], (TimedWord{FrameTime(2, 1), false}));
    EXPECT_EQ(line.words[2], (TimedWord{FrameTime(2, 1), true}));
    EXPECT_EQ(read->segments[1].text, "half a word");
    EXPECT_TRUE(read->segments[1].words.empty()) << "which word is meant cannot be told";
}

TEST(TimedText, WordsOfALibraryThatDoNotFitAreDamage) {
    Segment s{FrameTime(0, 1), FrameTime(1, 1), "drain plug"};
    for (const char* odd : {"{", "[]", R"({"at":["0/1"],"unsure":[],"by_program":true})",
             R"({"at":["0/1","x"],"unsure":[],"by_program":true})", R"({"at":["0/1","1/1"],"unsure":[2],"by_program":true})"})
        EXPECT_FALSE(take_words_json(s, odd)) << odd;
    EXPECT_TRUE(take_words_json(s, ""));
    EXPECT_TRUE(s.words.empty());
}

TEST(FrameTime, TextRoundTripsAndOrderIsThatOfTheFractions) {
    holds([] {
        const FrameTime a(*rc::gen::inRange(-1000000, 1000000), *rc::gen::inRange(1, 100000));
        const FrameTime b(*rc::gen::inRange(-1000000, 1000000), *rc::gen::inRange(1, 100000));
        RC_ASSERT(*FrameTime::parse(a.text()) == a);
        if (std::abs(a.seconds() - b.seconds()) > 1e-9) RC_ASSERT((a < b) == (a.seconds() < b.seconds()));
    });
    EXPECT_FALSE(FrameTime::parse("1/0"));
    EXPECT_FALSE(FrameTime::parse("1.5"));
    EXPECT_EQ(clock_text(FrameTime(7204, 100)), "1:12.04");
    EXPECT_EQ(clock_text(FrameTime(3723, 1), false), "1:02:03");
}
