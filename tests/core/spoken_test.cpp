// What is said aloud: units in words, one and many, and what speaks for a figure.
#include "core/figure/spoken.h"

#include <gtest/gtest.h>

#include "core/quantity/unit.h"

using namespace anagraph::core;

namespace {

std::string said(const char* value) {
    const auto v = parse_figure_value(value);
    return v ? spoken(*v).english() : v.error().message.english();
}

}  // namespace

TEST(Words, TakeWhatGoesInAndCount) {
    constexpr Key kSaid = key("Test", "{0} of {1}");
    EXPECT_EQ(
        Words(kSaid, {std::string("one"), Words(kSaid, {std::string("two"), std::string("three")})}).english(), "one of two of three");
    constexpr Key kCounted = counted_key("Test", "%n claims for {0}", "one claim for {0}");
    EXPECT_EQ(Words(kCounted, 1, {std::string("it")}).english(), "one claim for it");
    EXPECT_EQ(Words(kCounted, 12, {std::string("it")}).english(), "12 claims for it");
    EXPECT_EQ(Words(std::string("50 % {0}")).english(), "50 % {0}") << "somebody's own words are no sentence of ours";
    EXPECT_EQ(Words(kSaid, {std::string("{1}"), std::string("x")}).english(), "{1} of x") << "what goes in is not looked through again";
    EXPECT_EQ(filled("{7}", 0, {"a"}), "{7}");
    EXPECT_TRUE(Words().empty());
}

TEST(Spoken, EveryUnitHasItsWords) {
    for (const auto& unit : units()) {
        FigureValue v;
        v.low = "2";
        v.unit = std::string(unit.id);
        const auto many = spoken(v).english();
        EXPECT_NE(many, "2") << unit.id;
        EXPECT_TRUE(many.find("N·m") == std::string::npos && many.find("°") == std::string::npos) << many;
        v.low = "1";
        EXPECT_NE(spoken(v).english(), "1") << unit.id;
    }
}

TEST(Spoken, AValueIsSaidAsAPersonSaysIt) {
    EXPECT_EQ(said("25 Nm"), "25 newton metres");
    EXPECT_EQ(said("1 L"), "1 litre");
    EXPECT_EQ(said("8 to 10 mm"), "8 to 10 millimetres");
    EXPECT_EQ(said("at most 60 degC"), "at most 60 degrees Celsius");
    EXPECT_EQ(said("20, then 40, then 60 Nm"), "20, then 40, then 60 newton metres");
    EXPECT_EQ(said("40, then loosen, then 20, then 60 Nm"), "40, then loosened, then 20, then 60 newton metres");
    EXPECT_EQ(said("40 Nm, then 90 deg"), "40 newton metres, then 90 degrees further");
    EXPECT_EQ(said("75W90"), "75W90");
    EXPECT_EQ(spoken(FigureValue{}).english(), "not known");
}

TEST(Spoken, AFigureIsSaidWithItsStandingAndWhatSpeaksForIt) {
    Procedure p;
    p.items.push_back({ItemId("drain-plug"), ItemKind::Fastener, "drain plug", "", ""});
    p.sources.push_back({SourceId("book"), SourceKind::Book, "Service book", "issue 4"});
    Figure f;
    f.id = FigureId("drain-torque");
    f.item = ItemId("drain-plug");
    f.purpose = "tightening torque";
    f.value = *parse_figure_value("25 Nm");
    f.tolerance = "2.5";
    EXPECT_EQ(spoken(p, f).english(), "Drain plug, tightening torque, 25 newton metres plus or minus 2.5, open, nothing speaks for it");
    f.claims = {{RecordingId("r"), FrameTime(79, 1), "twenty five newton metres", f.value},
        {RecordingId("r"), FrameTime(90, 1), "eighteen foot pounds", *parse_figure_value("30 Nm")}};
    f.proofs = {{SourceId("book"), "page 2, torques", f.value}};
    f.settled = "the book";
    f.variants = {"PT60"};
    EXPECT_EQ(spoken(p, f).english(),
        "Drain plug, tightening torque, for PT60, 25 newton metres plus or minus 2.5, proved, 2 claims, one source");
    EXPECT_EQ(spoken(f, f.claims[0]).english(), "said at 1:19: “twenty five newton metres”, agrees");
    EXPECT_EQ(spoken(f, f.claims[1]).english(), "said at 1:30: “eighteen foot pounds”, differs");
    EXPECT_EQ(spoken(p, f, f.proofs[0]).english(), "Service book, page 2, torques: 25 newton metres, agrees");
    f.proofs[0].source = SourceId("gone");
    EXPECT_EQ(spoken(p, f, f.proofs[0]).english().substr(0, 21), "a source that is gone");
}
