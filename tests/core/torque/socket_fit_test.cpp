// SocketFit: what practitioners do with inch sockets on metric heads, and what rounds a head off.
#include "core/torque/socket_fit.h"

#include <gtest/gtest.h>

#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {
constexpr double kInch = 25.4;
Fit fit(double head, double socket) { return socket_on_head(head, socket)->fit; }
}  // namespace

// ISO 4014, table of preferred sizes: s min of product grade A.
TEST(HeadWidths, AreThoseOfTheStandard) {
    const std::pair<double, double> least[] = {{5.5, 5.32}, {7, 6.78}, {8, 7.78}, {10, 9.78}, {13, 12.73}, {16, 15.73}, {18, 17.73},
        {24, 23.67}, {30, 29.67}, {36, 35.38}, {46, 45.38}};
    for (const auto& [s, min] : least) EXPECT_NEAR(head_widths(s).least, min, 1e-9) << s;
}

TEST(SocketFit, TheSizeItselfFits) {
    for (const double s : {5.5, 7.0, 8.0, 10.0, 13.0, 15.0, 17.0, 19.0, 22.0, 24.0, 27.0, 30.0, 32.0, 36.0, 46.0})
        EXPECT_EQ(fit(s, s), Fit::Fits) << s;
}

TEST(SocketFit, InchOnMetricAsPracticeHasIt) {
    EXPECT_EQ(fit(24, 15.0 / 16 * kInch), Fit::Tight);
    EXPECT_EQ(fit(27, (1 + 1.0 / 16) * kInch), Fit::Fits);
    EXPECT_EQ(fit(19, 3.0 / 4 * kInch), Fit::Fits);
    EXPECT_EQ(fit(0.5 * kInch, 13), Fit::Fits);
    EXPECT_EQ(fit(17, 11.0 / 16 * kInch), Fit::Fits);
    EXPECT_EQ(fit(11, 7.0 / 16 * kInch), Fit::Fits);
    EXPECT_EQ(fit(8, 5.0 / 16 * kInch), Fit::Tight);
    EXPECT_EQ(fit(3.0 / 8 * kInch, 10), Fit::RoundsOff);
    EXPECT_EQ(fit(13, 0.5 * kInch), Fit::Tight);
}

TEST(SocketFit, TheWrongSizeRoundsOffOrDoesNotGoOn) {
    EXPECT_EQ(fit(13, 14), Fit::RoundsOff);
    EXPECT_EQ(fit(24, 27), Fit::RoundsOff);
    EXPECT_EQ(fit(19, 17), Fit::DoesNotGoOn);
    EXPECT_EQ(fit(24, 7.0 / 8 * kInch), Fit::DoesNotGoOn);
    EXPECT_EQ(socket_on_head(2, 10).error().code, ErrorCode::BadInput);
    EXPECT_EQ(socket_on_head(10, 400).error().code, ErrorCode::BadInput);
}

TEST(SocketFit, GoesThroughTheVerdictsInOrderAsTheSocketGrows) {
    holds([] {
        const double head = *rc::gen::inRange(40, 500) / 10.0;
        int before = -1;
        const auto rank = [](Fit f) { return f == Fit::DoesNotGoOn ? 0 : f == Fit::Tight ? 1 : f == Fit::Fits ? 2 : 3; };
        for (double socket = head * 0.9; socket < head * 1.1; socket += head * 0.002) {
            const int now = rank(socket_on_head(head, socket)->fit);
            RC_ASSERT(now >= before);
            before = now;
        }
    });
}
