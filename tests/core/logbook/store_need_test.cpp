#include "core/logbook/store_need.h"

#include <gtest/gtest.h>

#include "tests/core/quantities.h"

using namespace anagraph::core;
using anagraph::core::testing::q;

namespace {

Logbook store() {
    Logbook log;
    const auto add = [&](LogBody body) { EXPECT_TRUE(log.add({log.next_number(), "2026-11-30T10:00:00Z", "author", std::move(body)})); };
    add(StockCounted{"gear oil", "OIL-1", q("6 L"), q("2 L")});
    add(StockCounted{"canister filter", "", q("3 x"), {}});
    return log;
}

}  // namespace

TEST(StoreNeed, TheLeastIsThereAfterTheWorkOfTheNextDays) {
    const auto needs = store_needs(store(),
        {{std::string("service of A"), "Gear oil 75W90", "oil-1", q("2.2 L")},
            {std::string("service of B"), "gear oil", "", q("2200 mL")}});
    ASSERT_FALSE(needs.empty());
    EXPECT_EQ(needs[0].item, "gear oil") << "what is to be ordered stands first";
    EXPECT_NEAR(needs[0].taken, 4.4, 1e-9) << "known by its number, and by its name";
    EXPECT_NEAR(needs[0].order, 0.4, 1e-9);
    const auto said = to_order(needs);
    ASSERT_EQ(said.size(), 1U);
    EXPECT_EQ(said.front(), "gear oil, OIL-1: 6 L there, 2 L is the least, 4.4 L taken by service of A and service of B; order 0.4 L");
}

TEST(StoreNeed, WhatWasNeverCountedIsOrderedWholeAndToldSo) {
    const auto needs = store_needs(store(),
        {{std::string("service of A"), "copper washer", "KQ-7", q("2 x")}, {std::string("service of A"), "canister filter", "", q("1 x")}});
    const auto said = to_order(needs);
    ASSERT_EQ(said.size(), 1U) << "three filters are enough";
    EXPECT_NE(said[0].english().find("copper washer, KQ-7: never counted in the store"), std::string::npos) << said[0];
    EXPECT_NE(said[0].english().find("order 2"), std::string::npos);
}

TEST(StoreNeed, LitresAreNotPiecesOfTheSameName) {
    const auto needs = store_needs(store(), {{std::string("x"), "gear oil", "", q("1 x")}});
    EXPECT_EQ(needs.size(), 3U);
}
