// Samples over time: what the laboratory found of each thing, laid against its limit.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/logbook/logbook.h"

namespace anagraph::core {

struct SamplePoint {
    Day on;
    double value = 0;
    std::string number;    // of the sample
    std::string on_fluid;  // "95 h"; empty: not said
    bool over = false;     // its limit
};
struct SampleTrend {
    std::string fluid, what, unit;    // "gear oil", "iron", "ppm"
    std::optional<double> limit;      // the one that was given last
    std::vector<SamplePoint> points;  // in the order of days
    /// "iron: 12, 18, 41 ppm; the last is over its limit of 40 ppm", "...; rising".
    std::string words() const;
};
/// Of a machine, by fluid and then as the laboratory named them. What has no number ("water none") is in no trend.
std::vector<SampleTrend> sample_trends(const Logbook& log, std::string_view machine);

}  // namespace anagraph::core
