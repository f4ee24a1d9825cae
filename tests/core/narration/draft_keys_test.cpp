#include "tools/reader/draft_keys.h"

#include <gtest/gtest.h>

using namespace anagraph::core;
using anagraph::reader_tools::draft_keys;
using anagraph::reader_tools::Sample;
using nlohmann::json;

namespace {

Sample job() {
    Sample s;
    s.segments = {{FrameTime(1, 1), FrameTime(4, 1), "undo the drain plug"},
        {FrameTime(30, 1), FrameTime(34, 1), "tighten the drain plug to 25 newton metres"},
        {FrameTime(60, 1), FrameTime(64, 1), "careful the oil is hot and will burn you"}};
    s.gold = json{{"segment_starts", {1.0, 30.0, 60.0}},
        {"figures", {{{"t", 30.0}, {"kind", "torque"}, {"value", 25}, {"value_hi", nullptr}, {"unit", "Nm"}}}},
        {"steps", {{{"t", 1.0}, {"verb", "loosen"}}, {{"t", 30.0}, {"verb", "tighten"}}}}, {"cautions", {{{"t", 60.0}}}},
        {"slips", json::array()}, {"unseen", json::array()}, {"chatter", json::array()}};
    return s;
}

}  // namespace

TEST(DraftKeys, CountWhatADraftLacksAndWhatItHasTooMuch) {
    auto sample = job();
    const auto marks = read_marks(sample.segments);
    const auto good = draft_keys(sample, marks);
    EXPECT_GT(good.steps, 0);
    EXPECT_EQ(good.acts_missing + good.acts_wrong + good.figures_missing + good.figures_wrong + good.figures_untaken, 0);
    EXPECT_EQ(good.cautions_missing, 0);

    // nothing was read: all of it is typed
    const auto none = draft_keys(sample, {});
    EXPECT_EQ(none.steps, 0);
    EXPECT_EQ(none.acts_missing, 2);
    EXPECT_EQ(none.figures_missing, 1);
    EXPECT_EQ(none.keys(), 2 * 2 + 3 * 1 + 3 * 1);
    EXPECT_LT(good.keys(), none.keys());

    // the reference wants nothing: all of the draft is taken out again
    sample.gold["steps"] = json::array();
    sample.gold["figures"] = json::array();
    const auto too_much = draft_keys(sample, marks);
    EXPECT_EQ(too_much.acts_wrong, 2);
    EXPECT_EQ(too_much.figures_wrong, 1);
    EXPECT_EQ(too_much.keys(), good.keys() + 2 * 2 + 1);
}

TEST(DraftKeys, CountsIntervalsAndReadingsAreNotAskedFor) {
    auto sample = job();
    sample.gold["figures"].push_back({{"t", 60.0}, {"kind", "interval"}, {"value", 100}, {"value_hi", nullptr}, {"unit", "h"}});
    EXPECT_EQ(draft_keys(sample, {}).figures_missing, 1);
}
