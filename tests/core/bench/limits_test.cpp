#include "core/bench/limits.h"

#include "tests/core/bench/at_the_bench.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

/// A proved torque.
struct Proved {
    explicit Proved(const std::string& value, const std::string& tolerance = "") {
        p.sources = {{SourceId("book"), SourceKind::Book, "service book", "issue 4"}};
        figure.id = FigureId("t1");
        figure.value = *parse_figure_value(value, FigureKind::Torque);
        figure.tolerance = tolerance;
        figure.proofs = {{SourceId("book"), "page 2", figure.value}};
    }
    Limits limits() const { return limits_of(p, figure); }
    Procedure p;
    Figure figure;
};

}  // namespace

TEST(Limits, ComeFromARangeALimitOrATolerance) {
    const auto both = Proved("8 to 10 Nm").limits();
    EXPECT_EQ(both.low, 8);
    EXPECT_EQ(both.high, 10);
    const auto around = Proved("25 Nm", "2.5").limits();
    EXPECT_EQ(around.low, 22.5);
    EXPECT_EQ(around.high, 27.5);
    const auto most = Proved("at most 25 Nm").limits();
    EXPECT_FALSE(most.low);
    EXPECT_EQ(most.high, 25);
    const auto least = Proved("at least 25 Nm").limits();
    EXPECT_EQ(least.low, 25);
    EXPECT_FALSE(least.high);
}

TEST(Limits, AreNotInventedWhereTheFigureGivesNone) {
    EXPECT_FALSE(Proved("25 Nm").limits().known()) << "no tolerance";
    EXPECT_FALSE(Proved("40 Nm, then 90 deg", "2").limits().known()) << "the torque before an angle is not the last word";
    Proved open("25 Nm", "2.5");
    open.figure.proofs.clear();
    EXPECT_FALSE(open.limits().known()) << "nobody proved it";
    EXPECT_EQ(judge(open.limits(), q("250 Nm")), Judged::NoLimits);
}

TEST(Limits, AReadingOfAnotherKindCannotBeJudged) { EXPECT_EQ(judge(Proved("25 Nm", "2.5").limits(), q("25 kPa")), std::nullopt); }

TEST(Limits, TheSameReadingIsJudgedTheSameInEveryUnit) {
    holds([] {
        const auto limits = Proved("25 Nm", "2.5").limits();
        const double nm = *rc::gen::inRange(1500, 3500) / 100.0;
        const auto text = [](double v, const char* unit) { return q(rounded_text(v, 12) + " " + unit); };
        const auto* foot = find_unit("lbf.ft");
        const auto expected = nm < 22.5 ? Judged::Below : nm > 27.5 ? Judged::Above : Judged::Within;
        RC_ASSERT(judge(limits, text(nm, "Nm")) == expected);
        if (std::abs(nm - 22.5) > 1e-6 && std::abs(nm - 27.5) > 1e-6)
            RC_ASSERT(judge(limits, text(convert(nm, *find_unit("Nm"), *foot), "lbf.ft")) == expected);
    });
}
