// What is drawn of a dry run is what happens in it.
#include "core/dryrun/threads.h"

#include <gtest/gtest.h>

#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

const Thread& thread(const Threads& t, const std::string& item) {
    return *std::find_if(t.threads.begin(), t.threads.end(), [&](const Thread& x) { return x.item.text() == item; });
}

}  // namespace

TEST(Threads, FollowAPlugThroughTheJob) {
    const auto t = threads_of(winch(), "");
    const auto& plug = thread(t, "plug");
    std::string sits;
    for (const auto& k : plug.knots) sits += k.done + ":" + std::string(name_of(k.sits)) + " ";
    EXPECT_EQ(sits, "loosen:loose remove:off inspect:off fit:hand tighten:tight inspect:tight ");
    EXPECT_EQ(plug.first, Sits::Tight);
    EXPECT_EQ(Threads::at(plug, {1, 1}), Sits::Tight) << "before it is touched";
    EXPECT_EQ(Threads::at(plug, {2, 1}), Sits::Off);
    EXPECT_EQ(Threads::at(plug, {7, 1}), Sits::Tight);
}

TEST(Threads, ANewSealIsNewFromThereOn) {
    const auto t = threads_of(winch(), "");
    const auto& knots = thread(t, "washer").knots;
    ASSERT_FALSE(knots.empty());
    EXPECT_EQ(knots.front().at.step, 3) << "nothing is done to it before";
    for (const auto& k : knots) EXPECT_TRUE(k.fresh);
}

TEST(Threads, StandInTheOrderInWhichTheirThingsAreTouched) {
    std::string order;
    for (const auto& x : threads_of(winch(), "").threads) order += x.item.text() + " ";
    EXPECT_EQ(order, "winch cap plug washer dipstick ");
}

TEST(Threads, AFluidEmptiesAndFills) {
    const auto t = threads_of(winch(), "");
    ASSERT_EQ(t.fluids.size(), 1U);
    const auto& oil = t.fluids[0];
    EXPECT_DOUBLE_EQ(oil.first_high, 1);
    const auto drained = std::find_if(oil.knots.begin(), oil.knots.end(), [](const FluidKnot& k) { return k.done == "drain"; });
    ASSERT_NE(drained, oil.knots.end());
    EXPECT_LT(drained->high, 0.2) << "what stays is what is not put in again";
    const auto filled = std::find_if(oil.knots.begin(), oil.knots.end(), [](const FluidKnot& k) { return k.done == "fill"; });
    ASSERT_NE(filled, oil.knots.end());
    EXPECT_GT(filled->low, 0.8);
}

TEST(Threads, TheMachineIsABand) {
    const auto t = threads_of(winch(), "");
    EXPECT_EQ(machine_words(t.machine_at({0, 0.3})), "runs, hot");
    EXPECT_EQ(machine_words(t.machine_at({1, 1})), "stands still, locked off");
    EXPECT_EQ(machine_words(threads_of(lifted_vehicle(), "").machine_at({2, 0})), "stands still, locked off, on its stands");
}

TEST(Threads, WhatIsOffLiesBesideTheMachine) {
    const auto t = threads_of(winch(), "");
    EXPECT_EQ(t.beside({2, 1}), std::vector<std::string>{"drain plug"});
    EXPECT_TRUE(t.beside({7, 1}).empty());
    EXPECT_TRUE(threads_of(Procedure{}, "").steps.empty());
}
