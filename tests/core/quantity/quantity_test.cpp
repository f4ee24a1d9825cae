#include "core/quantity/quantity.h"

#include <fmt/format.h>
#include <gtest/gtest.h>

#include <cmath>

#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

const Unit& unit(const char* id) { return *find_unit(id); }

std::string shown(const char* quantity, const char* to, Rounding rounding = Rounding::Nearest) {
    return display_in(*Quantity::parse(quantity), unit(to), rounding);
}

}  // namespace

TEST(Unit, FactorsAgreeWithNistSp811) {
    // NIST SP 811 (2008), appendix B.8
    EXPECT_NEAR(convert(1, unit("lbf.ft"), unit("Nm")), 1.355818, 1e-6);
    EXPECT_NEAR(convert(1, unit("lbf.in"), unit("Nm")), 0.1129848, 1e-7);
    EXPECT_DOUBLE_EQ(convert(1, unit("kgf.m"), unit("Nm")), 9.80665);
    EXPECT_NEAR(convert(1, unit("psi"), unit("kPa")), 6.894757, 1e-6);
    EXPECT_NEAR(convert(1, unit("gal"), unit("L")), 3.785412, 1e-6);
    EXPECT_NEAR(convert(1, unit("impgal"), unit("L")), 4.54609, 1e-12);
    EXPECT_NEAR(convert(1, unit("floz"), unit("mL")), 29.57353, 1e-5);
    EXPECT_NEAR(convert(1, unit("imppt"), unit("L")), 0.5682612, 1e-7);
    EXPECT_DOUBLE_EQ(convert(212, unit("degF"), unit("degC")), 100);
    EXPECT_DOUBLE_EQ(convert(-40, unit("degC"), unit("degF")), -40);
}

TEST(Unit, ThereAndBackIsTheSameForEveryPairOfOneDimension) {
    holds([] {
        const auto all = units();
        const auto& a = all[*rc::gen::inRange<std::size_t>(0, all.size())];
        const auto& b = all[*rc::gen::inRange<std::size_t>(0, all.size())];
        if (a.dimension != b.dimension) RC_DISCARD("other dimension");
        const double value = *rc::gen::inRange(-100000, 100000) / 7.0;
        RC_ASSERT(std::abs(convert(convert(value, a, b), b, a) - value) < 1e-9 * std::max(1.0, std::abs(value)));
    });
}

TEST(Unit, EveryIdAndSymbolFindsItsUnitAndPartnersExist) {
    for (const auto& u : units()) {
        EXPECT_EQ(find_unit(u.id), &u) << u.id;
        EXPECT_EQ(find_unit(u.symbol), &u) << u.symbol;
        if (u.partner.empty()) continue;
        ASSERT_NE(find_unit(u.partner), nullptr) << u.partner;
        EXPECT_EQ(find_unit(u.partner)->dimension, u.dimension);
        EXPECT_NE(find_unit(u.partner)->system, u.system) << u.id;
    }
}

TEST(Quantity, KeepsTheDigitsAsWritten) {
    for (const char* text : {"18 lbf.ft", "2.0 L", "1 3/4 L", "5/8 in", "0.25 L", "300 h"}) {
        const auto q = Quantity::parse(text);
        ASSERT_TRUE(q) << text;
        EXPECT_EQ(q->number.text() + " " + std::string(q->unit->id), text);
    }
    EXPECT_DOUBLE_EQ(Quantity::parse("1 3/4 L")->number.value(), 1.75);
    EXPECT_EQ(Quantity::parse("25Nm")->number.text(), "25");
}

TEST(Quantity, ConvertsForDisplayWithNoMoreDigitsThanWereGiven) {
    EXPECT_EQ(shown("18 lbf.ft", "Nm"), "24 N·m");
    EXPECT_EQ(shown("25 Nm", "lbf.ft"), "18 lbf·ft");
    EXPECT_EQ(shown("25.0 Nm", "lbf.ft"), "18.4 lbf·ft");
    EXPECT_EQ(shown("1.7 L", "qt"), "1.8 US qt");
    EXPECT_EQ(shown("5/8 in", "mm"), "15.9 mm");
    EXPECT_EQ(shown("60 degC", "degF"), "140 °F");
    EXPECT_EQ(shown("0.25 L", "mL"), "250 mL");
}

TEST(Quantity, RoundingNeverCrossesALimit) {
    holds([] {
        const int hundredths = *rc::gen::inRange(1, 100000);
        const auto q = Quantity::parse(fmt::format("{}.{:02} Nm", hundredths / 100, hundredths % 100));
        const auto& to = unit("lbf.ft");
        const auto number = [](const std::string& s) { return std::stod(s.substr(0, s.find(' '))); };
        RC_ASSERT(number(display_in(*q, to, Rounding::Down)) <= q->in(to) + 1e-9);
        RC_ASSERT(number(display_in(*q, to, Rounding::Up)) >= q->in(to)-1e-9);
    });
}

TEST(Quantity, ALimitJustBelowAStepIsRoundedToTheStepBefore) {
    const auto q = Quantity::parse("315.77 Nm");  // 232.89999997 lbf·ft
    EXPECT_EQ(display_in(*q, unit("lbf.ft"), Rounding::Down), "232.89 lbf\u00B7ft");
    EXPECT_EQ(display_in(*q, unit("lbf.ft"), Rounding::Up), "232.90 lbf\u00B7ft");
}

TEST(Quantity, DisplayReadsBackAsTheSameQuantity) {
    holds([] {
        const auto all = units();
        const auto& u = all[*rc::gen::inRange<std::size_t>(0, all.size())];
        const auto q = Quantity::parse(fmt::format("{}.{} {}", *rc::gen::inRange(0, 9999), *rc::gen::inRange(0, 99), u.id));
        RC_ASSERT(q.has_value());
        const auto back = Quantity::parse(display(*q));
        RC_ASSERT(back.has_value());
        RC_ASSERT(*back == *q);
    });
}

TEST(Quantity, RefusesWhatIsNoQuantityAndSaysWhy) {
    for (const char* text : {"", "Nm", "18", "18 parsecs", "1/0 L", "1 2 3 L", "--4 L", "1e5 L", "18 lbf.ft extra"}) {
        const auto q = Quantity::parse(text);
        EXPECT_FALSE(q) << text;
        if (q) continue;
        EXPECT_FALSE(q.error().message.empty());
    }
}

TEST(RoundedText, PrintsSignificantDigitsWithoutExponent) {
    EXPECT_EQ(rounded_text(24.405, 2), "24");
    EXPECT_EQ(rounded_text(0.70801, 2), "0.71");
    EXPECT_EQ(rounded_text(99.96, 3), "100");
    EXPECT_EQ(rounded_text(1234567, 3), "1230000");
    EXPECT_EQ(rounded_text(0, 3), "0");
}

TEST(Units, ThatAreTwoAreAskedForAndNeverGuessed) {
    for (const char* either : {"2 pints", "7 quarts", "1 gallon", "3 oz"}) {
        const auto q = Quantity::parse(either);
        ASSERT_FALSE(q) << either;
        EXPECT_NE(q.error().message.english().find("can be either"), std::string::npos) << q.error().message;
    }
    EXPECT_EQ(Quantity::parse("2 imperial pints")->unit->id, "imppt");
    EXPECT_EQ(Quantity::parse("7 US quarts")->unit->id, "qt");
    EXPECT_EQ(Quantity::parse("7.5 qt")->unit->id, "qt");
    EXPECT_EQ(Quantity::parse("18 ft-lb")->unit->id, "lbf.ft");
    EXPECT_EQ(Quantity::parse("25 nm")->unit->id, "Nm");
}

TEST(UnitMeant, AForceSaidForATorqueCountsByItsNumber) {
    const auto meant = [](const char* said, Dimension wanted) { return std::string(unit_meant(*find_unit(said), wanted).id); };
    EXPECT_EQ(meant("N", Dimension::Torque), "Nm");
    EXPECT_EQ(meant("lbf", Dimension::Torque), "lbf.ft");
    EXPECT_EQ(meant("N", Dimension::Force), "N");
    EXPECT_EQ(meant("lbf.in", Dimension::Torque), "lbf.in");
    EXPECT_EQ(meant("L", Dimension::Torque), "L");
}
