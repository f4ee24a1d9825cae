// Grades and part numbers compared by what differs.
#include "core/figure/designation.h"

#include <gtest/gtest.h>

#include "tests/core/property.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;

namespace {

std::string differing(std::string_view value, std::string_view other) {
    std::string out;
    for (const auto& run : compare_designations(value, other))
        if (!run.same) out += run.text + "|";
    return out;
}

}  // namespace

TEST(Designation, ShowsWhatDiffers) {
    EXPECT_EQ(differing("75W90", "75W90"), "");
    EXPECT_EQ(differing("75W90", "75w-90"), "");
    EXPECT_EQ(differing("75W90", "80W90"), "80|");
    EXPECT_EQ(differing("KQ-FC2", "KQ-FC1"), "1|");
    EXPECT_EQ(differing("65-331", "65-330-A"), "0-A|");
    EXPECT_EQ(differing("", "GL5"), "GL5|");
    EXPECT_TRUE(compare_designations("GL5", "").empty());
}

TEST(Designation, TheStretchesAreTheOtherAndNothingOfItself) {
    holds([] {
        const auto letters = rc::gen::container<std::string>(rc::gen::elementOf(std::string("AB1-. ")));
        const std::string a = *letters;
        const std::string b = *letters;
        std::string whole;
        bool last = false;
        for (const auto& run : compare_designations(a, b)) {
            RC_ASSERT(!run.text.empty());
            RC_ASSERT(whole.empty() || run.same != last);
            last = run.same;
            whole += run.text;
        }
        RC_ASSERT(whole == b);
        for (const auto& run : compare_designations(b, b)) RC_ASSERT(run.same);
    });
}
