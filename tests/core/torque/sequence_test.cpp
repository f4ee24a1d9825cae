// TighteningSequence: every bolt once, neighbours apart, and from the middle where that is the rule.
#include "core/torque/sequence.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <numeric>

#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

bool every_bolt_once(std::vector<int> order, int count) {
    std::sort(order.begin(), order.end());
    std::vector<int> all(static_cast<std::size_t>(count));
    std::iota(all.begin(), all.end(), 1);
    return order == all;
}

int nearest_step(const std::vector<int>& order, int count, bool closed) {
    int least = count;
    for (std::size_t i = 1; i < order.size(); ++i) {
        const int d = std::abs(order[i] - order[i - 1]);
        least = std::min(least, closed ? std::min(d, count - d) : d);
    }
    return least;
}

}  // namespace

TEST(TighteningOrder, AreTheStarsEverybodyKnows) {
    EXPECT_EQ(*tightening_order(BoltPattern::Circle, 4), (std::vector<int>{1, 3, 2, 4}));
    EXPECT_EQ(*tightening_order(BoltPattern::Circle, 5), (std::vector<int>{1, 3, 5, 2, 4}));
    EXPECT_EQ(*tightening_order(BoltPattern::Circle, 6), (std::vector<int>{1, 4, 2, 5, 3, 6}));
    EXPECT_EQ(*tightening_order(BoltPattern::Circle, 8), (std::vector<int>{1, 5, 3, 7, 2, 6, 4, 8}));
    EXPECT_EQ(*tightening_order(BoltPattern::Circle, 1), (std::vector<int>{1}));
    EXPECT_EQ(*tightening_order(BoltPattern::Circle, 2), (std::vector<int>{1, 2}));
}

TEST(TighteningOrder, TakesEveryBoltOnceAndKeepsNeighboursApart) {
    for (int count = 1; count <= 120; ++count) {
        for (const auto pattern : {BoltPattern::Circle, BoltPattern::Rectangle, BoltPattern::Line}) {
            const auto order = tightening_order(pattern, count);
            ASSERT_TRUE(order) << count;
            EXPECT_TRUE(every_bolt_once(*order, count)) << count;
            const bool line = pattern == BoltPattern::Line;
            if (count < (line ? 4 : 5)) continue;
            EXPECT_GE(nearest_step(*order, count, !line), 2) << count << " in pattern " << static_cast<int>(pattern);
        }
    }
}

TEST(TighteningOrder, BeginsInTheMiddleOfRectangleAndLine) {
    for (int count = 6; count <= 40; ++count)
        for (const auto pattern : {BoltPattern::Rectangle, BoltPattern::Line}) {
            const auto places = bolt_places(pattern, count);
            const auto order = *tightening_order(pattern, count);
            double out_first = 0;
            double out_last = 0;
            const std::size_t third = order.size() / 3;
            for (std::size_t i = 0; i < third; ++i) {
                out_first += std::abs(places[static_cast<std::size_t>(order[i] - 1)].x);
                out_last += std::abs(places[static_cast<std::size_t>(order[order.size() - 1 - i] - 1)].x);
            }
            EXPECT_LT(out_first, out_last) << count;
        }
}

TEST(TighteningOrder, OfFreePlacesTakesEveryBoltOnce) {
    holds([] {
        const auto xs = *rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 1000));
        RC_PRE(!xs.empty() && xs.size() <= 60);
        std::vector<BoltPlace> places;
        for (std::size_t i = 0; i < xs.size(); ++i)
            places.push_back({static_cast<double>(xs[i]), static_cast<double>((xs[i] * 37 + 11 * static_cast<int>(i)) % 500)});
        RC_ASSERT(every_bolt_once(*tightening_order(places), static_cast<int>(places.size())));
    });
}

TEST(TighteningOrder, RefusesNoneAndTooMany) {
    EXPECT_FALSE(tightening_order(BoltPattern::Circle, 0));
    EXPECT_FALSE(tightening_order(BoltPattern::Circle, 401));
    EXPECT_FALSE(tightening_order(std::vector<BoltPlace>{}));
}

TEST(Stages, RiseFromOneToTheNext) {
    EXPECT_TRUE(stages_checked({20, 40, 60}));
    EXPECT_TRUE(stages_checked({}));
    EXPECT_FALSE(stages_checked({20, 20}));
    EXPECT_FALSE(stages_checked({-5, 20}));
}
