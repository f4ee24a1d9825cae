// Packs: the need is covered, at the least leftover or cost, against trying everything.
#include "core/fluids/packs.h"

#include <gtest/gtest.h>

#include <cmath>

#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

struct Sum {
    double leftover = 1e9;
    double cost = 1e9;
};

/// Tries every count of every pack.
void try_all(double need, const std::vector<Pack>& packs, std::size_t at, double have, double cost, Least least, Sum& best) {
    if (have >= need - 1e-9) {
        const double leftover = have - need;
        const bool better = least == Least::Leftover
            ? leftover < best.leftover - 1e-7 || (std::abs(leftover - best.leftover) <= 1e-7 && cost < best.cost)
            : cost < best.cost - 1e-7 || (std::abs(cost - best.cost) <= 1e-7 && leftover < best.leftover);
        if (better) best = {leftover, cost};
        return;
    }
    if (at == packs.size()) return;
    for (int n = 0; have + (n - 1) * packs[at].litres < need; ++n)
        try_all(need, packs, at + 1, have + n * packs[at].litres, cost + n * packs[at].price.value_or(0), least, best);
}

}  // namespace

TEST(Packs, TheExamplesOfTheTrade) {
    const std::vector<Pack> shop{{1, 6.5}, {5, 24}};
    const auto cheap = *choose_packs(7.5, shop, Least::Cost);
    EXPECT_EQ(cheap.count, (std::vector<int>{3, 1}));
    EXPECT_DOUBLE_EQ(*cheap.cost, 43.5);
    EXPECT_DOUBLE_EQ(cheap.leftover, 0.5);
    // two cans are dearer than what is left over is worth, but four bottles cost more than a can
    EXPECT_EQ(choose_packs(9, shop, Least::Cost)->count, (std::vector<int>{0, 2}));
    EXPECT_EQ(choose_packs(9, shop, Least::Leftover)->count, (std::vector<int>{4, 1}));
}

TEST(Packs, CoverTheNeedAtTheLeastAgainstTryingEverything) {
    holds([] {
        const int kinds = *rc::gen::inRange(1, 4);
        std::vector<Pack> packs;
        for (int i = 0; i < kinds; ++i) packs.push_back({*rc::gen::inRange(2, 50) / 10.0, *rc::gen::inRange(1, 400) / 10.0});
        const double need = *rc::gen::inRange(1, 120) / 10.0;
        for (const auto least : {Least::Leftover, Least::Cost}) {
            const auto choice = choose_packs(need, packs, least);
            RC_ASSERT(choice.has_value());
            Sum best;
            try_all(need, packs, 0, 0, 0, least, best);
            RC_ASSERT(choice->leftover >= 0);
            RC_ASSERT(std::abs(choice->leftover - best.leftover) < 1e-6);
            RC_ASSERT(std::abs(*choice->cost - best.cost) < 1e-6);
        }
    });
}

TEST(Packs, OpenedOnesInTheStoreComeFirst) {
    const auto choice = *choose_packs(1.7, {{1, 6.5}}, Least::Leftover, {{0.9}, {0.4}});
    EXPECT_EQ(choice.from_store, (std::vector<bool>{true, true}));
    EXPECT_EQ(choice.count[0], 1);
    EXPECT_NEAR(choice.leftover, 0.6, 1e-9);
    const auto enough = *choose_packs(0.3, {{1, 6.5}}, Least::Leftover, {{0.9}, {0.4}});
    EXPECT_EQ(enough.from_store, (std::vector<bool>{false, true}));
    EXPECT_EQ(enough.count[0], 0);
    EXPECT_EQ(*enough.cost, 0);
}

TEST(Packs, AMissingPriceIsSaidAndNotGuessed) {
    EXPECT_FALSE(choose_packs(3, {{1, std::nullopt}, {5, 24}}, Least::Cost));
    const auto choice = *choose_packs(3, {{1, std::nullopt}, {5, 24}}, Least::Leftover);
    EXPECT_FALSE(choice.cost);
    EXPECT_EQ(choice.count, (std::vector<int>{3, 0}));
}

TEST(Packs, QuartsAndLitresTogether) {
    constexpr double kQuart = 0.946352946;
    const auto choice = *choose_packs(7.5 * kQuart, {{1, {}}, {kQuart, {}}, {5 * kQuart, {}}}, Least::Leftover);
    double sum = 0;
    const double sizes[] = {1, kQuart, 5 * kQuart};
    for (std::size_t i = 0; i < 3; ++i) sum += choice.count[i] * sizes[i];
    EXPECT_GE(sum, 7.5 * kQuart);
    EXPECT_NEAR(choice.leftover, kQuart / 2, 1e-3);  // eight quarts
}

TEST(Packs, RefuseWhatMakesNoSense) {
    EXPECT_FALSE(choose_packs(0, {{1, {}}}, Least::Leftover));
    EXPECT_FALSE(choose_packs(3, {}, Least::Leftover));
    EXPECT_FALSE(choose_packs(3, {{0, {}}}, Least::Leftover));
    EXPECT_FALSE(choose_packs(3, {{1, -2.0}}, Least::Leftover));
    EXPECT_FALSE(choose_packs(1e7, {{0.001, {}}}, Least::Leftover));
    EXPECT_TRUE(choose_packs(10000, {{1, {}}, {208, {}}}, Least::Leftover));
}
