// Evidence of a figure: what counts as agreement, and what every kind of disagreement leads to.
#include "core/figure/figure.h"

#include <gtest/gtest.h>

#include "core/procedure/procedure.h"
#include "core/quantity/quantity.h"
#include "core/quantity/unit.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

FigureValue figure_value(const char* text) { return *parse_figure_value(text); }

Figure figure(const char* text) {
    Figure f;
    f.id = FigureId("f");
    f.kind = FigureKind::Torque;
    f.value = figure_value(text);
    return f;
}

Claim claim_of(const char* text, const char* words = "said") { return {RecordingId("r"), FrameTime(76, 1), words, figure_value(text)}; }
Proof proof_of(const char* text, const char* place = "page 2") { return {SourceId("book"), place, figure_value(text)}; }

}  // namespace

TEST(Agreement, IsWithinTheDigitsSaidInAnyUnit) {
    const auto same = [](const char* a, const char* b) { return agrees(figure_value(a), figure_value(b), ""); };
    EXPECT_TRUE(same("24 Nm", "18 lbf.ft"));  // 24.4
    EXPECT_TRUE(same("24.4 Nm", "18 lbf.ft"));
    EXPECT_FALSE(same("25.5 Nm", "18 lbf.ft"));
    EXPECT_TRUE(same("1.8 L", "1.9 qt"));
    EXPECT_FALSE(same("2 L", "1.7 L"));
    EXPECT_TRUE(same("60 degC", "140 degF"));
    EXPECT_FALSE(same("60 degC", "60 degF"));
    EXPECT_FALSE(same("60 degC", "60 Nm"));
}

TEST(Agreement, ASingleValueAgreesWithTheRangeItLiesIn) {
    const auto same = [](const char* a, const char* b) { return agrees(figure_value(a), figure_value(b), ""); };
    EXPECT_TRUE(same("9 mm", "8 to 10 mm"));
    EXPECT_TRUE(same("8 to 10 mm", "9 mm"));
    EXPECT_FALSE(same("12 mm", "8 to 10 mm"));
    EXPECT_TRUE(same("8 to 10 mm", "0.315 to 0.394 in"));
    EXPECT_FALSE(same("8 to 10 mm", "8 to 12 mm"));
}

TEST(Agreement, IsSymmetricForEqualPrecisionWithoutATolerance) {
    holds([] {
        const int a = *rc::gen::inRange(10, 90);
        const int b = *rc::gen::inRange(10, 90);
        const FigureValue x{std::to_string(a), "", "Nm"};
        const FigureValue y{std::to_string(b), "", "Nm"};
        RC_ASSERT(agrees(x, y, "") == agrees(y, x, ""));
    });
}

TEST(Agreement, AWiderToleranceNeverDisagreesMore) {
    holds([] {
        const FigureValue x{std::to_string(*rc::gen::inRange(10, 90)), "", "Nm"};
        const FigureValue y{std::to_string(*rc::gen::inRange(10, 90)), "", "Nm"};
        const int narrow = *rc::gen::inRange(1, 10);
        if (agrees(x, y, std::to_string(narrow))) RC_ASSERT(agrees(x, y, std::to_string(narrow + 5)));
    });
}

TEST(Agreement, WordsAgreeWhateverTheirDashesAndCase) {
    const auto same = [](const char* a, const char* b) { return agrees(figure_value(a), figure_value(b), ""); };
    EXPECT_TRUE(same("KQ-FC2", "kqfc2"));
    EXPECT_TRUE(same("75W90", "75w-90"));
    EXPECT_FALSE(same("75W90", "80W90"));
}

TEST(StandingOf, SpeechAloneProvesNothing) {
    Figure f = figure("25 Nm");
    EXPECT_EQ(standing_of(f), Standing::Open);
    for (int i = 0; i < 5; ++i) f.claims.push_back(claim_of("25 Nm"));
    EXPECT_EQ(standing_of(f), Standing::Open);
    EXPECT_NE(argue_standing(f).english().find("Said 5 times"), std::string::npos);
}

TEST(StandingOf, ASourceProvesUntilSomethingSaidDiffers) {
    Figure f = figure("25 Nm");
    f.proofs = {proof_of("25 Nm")};
    EXPECT_EQ(standing_of(f), Standing::Proved);
    f.claims = {claim_of("25 Nm")};
    EXPECT_EQ(standing_of(f), Standing::Proved);
    f.claims.push_back(claim_of("35 Nm", "thirty five"));
    EXPECT_EQ(standing_of(f), Standing::Disputed);
    EXPECT_NE(argue_standing(f).english().find("thirty five"), std::string::npos) << "the difference is named";
    f.settled = "an older book";
    EXPECT_EQ(standing_of(f), Standing::Proved);
    EXPECT_NE(argue_standing(f).english().find("an older book"), std::string::npos);
}

TEST(StandingOf, TwoSourcesThatDifferAreADispute) {
    Figure f = figure("25 Nm");
    f.proofs = {proof_of("25 Nm", "page 2"), proof_of("30 Nm", "page 9")};
    EXPECT_EQ(standing_of(f), Standing::Disputed);
    EXPECT_NE(argue_standing(f).english().find("page 9"), std::string::npos);
}

TEST(StandingOf, AReasonDoesNotProveAgainstEverySource) {
    Figure f = figure("25 Nm");
    f.proofs = {proof_of("40 Nm")};
    f.settled = "because I say so";
    EXPECT_EQ(standing_of(f), Standing::Disputed);
}

TEST(StandingOf, TheUnknownIsNeverProved) {
    Figure f;
    f.kind = FigureKind::Torque;
    f.proofs = {proof_of("25 Nm")};
    EXPECT_EQ(standing_of(f), Standing::Open);
    EXPECT_EQ(text_of(f.value), "not known");
}

TEST(StandingOf, AMeasurementIsAsGoodAsItsInstrument) {
    Figure f = figure("9 mm");
    f.kind = FigureKind::Length;
    f.tolerance = "0.2";
    f.proofs = {proof_of("9 mm"), proof_of("9.6 mm", "measured")};
    EXPECT_EQ(standing_of(f), Standing::Disputed);
    f.proofs[1].slack = "0.5";
    EXPECT_EQ(standing_of(f), Standing::Proved);
    // in the unit of what was measured; a difference of temperatures has no offset
    EXPECT_TRUE(agrees(figure_value("60 degC"), figure_value("142 degF"), "0.5", "2"));
    EXPECT_FALSE(agrees(figure_value("60 degC"), figure_value("150 degF"), "0.5", "2"));
}

TEST(StandingOf, AnOlderNumberThatIsReplacedIsNoDifference) {
    Figure f = figure("KQ-FC2");
    f.kind = FigureKind::PartNumber;
    f.proofs = {proof_of("KQ-FC2", "label"), proof_of("KQ FC1", "parts list, 2019")};
    f.claims = {claim_of("kq-fc1")};
    EXPECT_EQ(standing_of(f), Standing::Disputed);
    f.replaces = {"KQ-FC1"};
    EXPECT_EQ(standing_of(f), Standing::Proved);
    f.claims.push_back(claim_of("KQ-FC3"));
    EXPECT_EQ(standing_of(f), Standing::Disputed);
}

TEST(StandingOf, AForceSaidForATorqueIsNoAgreement) {
    Figure f = figure("12 Nm");
    f.proofs = {proof_of("12 Nm")};
    f.claims = {claim_of("12 N", "twelve newtons")};
    EXPECT_EQ(standing_of(f), Standing::Disputed);
}

TEST(FigureText, AStageMayBeUndoneAgain) {
    const auto v = figure_value("40, then loosen, then 20, then 60 Nm, then 90 deg");
    EXPECT_EQ(v.before, (std::vector<std::string>{"40", "loosen", "20"}));
    EXPECT_EQ(text_of(v), "40, then loosen, then 20, then 60 N·m, then 90°");
    EXPECT_EQ(*parse_figure_value("40 Nm, then loosen, then 20, then 60 Nm, then 90 deg"), v);
    EXPECT_EQ(other_system_text(v), "30, then loosen, then 15, then 44 lbf·ft, then 90°");
    EXPECT_FALSE(parse_figure_value("40, then 20, then 60 Nm")) << "without it a stage that goes back is a slip";
    EXPECT_FALSE(agrees(figure_value("60 Nm"), v, "")) << "nothing of it may be left out";
}

TEST(FigureText, EveryValueReadsBackAsItself) {
    holds([] {
        const auto unit = units()[static_cast<std::size_t>(*rc::gen::inRange<int>(0, static_cast<int>(units().size())))];
        if (unit.dimension == Dimension::Count) return;
        const int low = *rc::gen::inRange(1, 500);
        FigureValue v{
            std::to_string(low), *rc::gen::inRange(0, 2) == 0 ? "" : std::to_string(low + *rc::gen::inRange(1, 50)), std::string(unit.id)};
        const auto again = parse_figure_value(text_of(v));
        RC_ASSERT(again.has_value());
        RC_ASSERT(again->low == v.low);
        RC_ASSERT(again->high == v.high);
        RC_ASSERT(find_unit(again->unit)->dimension == unit.dimension);
    });
}

TEST(FigureText, TheOtherSystemNeverHasMoreDigitsThanWereGiven) {
    EXPECT_EQ(other_system_text(figure_value("18 lbf.ft")), "24 N·m");
    EXPECT_EQ(other_system_text(figure_value("1.7 L")), "1.8 US qt");
    EXPECT_EQ(other_system_text(figure_value("90 lbf.in")), "10 N·m");
    EXPECT_EQ(other_system_text(figure_value("-18 degC")), "0 °F");
    EXPECT_EQ(other_system_text(figure_value("3/4 turn")), "");
    EXPECT_EQ(other_system_text(figure_value("75W90")), "");
    EXPECT_EQ(other_system_text(FigureValue{}), "");
}

TEST(FigureText, RangesNarrowWhenTheyAreConverted) {
    EXPECT_EQ(other_system_text(figure_value("13 to 14 bar")), "190 to 200 psi");
    EXPECT_EQ(other_system_text(figure_value("8 to 9 mm")), "0.32 to 0.35 in");
    EXPECT_EQ(other_system_text(figure_value("2 to 3 L")), "2.2 to 3.1 US qt");
}
