// ReadingScale: what was read at the bench laid against its limits on one line. Places only; who paints it decides how it looks.
#pragma once

#include <optional>
#include <vector>

#include "core/bench/bench_sheet.h"

namespace anagraph::core {

struct ReadingPin {
    double at = 0;  // in the unit of the line; on its end where it lies beyond
    Judged judged = Judged::NoLimits;
    bool beyond = false;
    bool last = false;
};

struct ReadingScale {
    bool drawable = false;  // without limits there is nothing to lay a reading against
    const Unit* unit = nullptr;
    double low = 0, high = 1;        // ends of the line
    std::optional<double> from, to;  // of what is right
    std::vector<double> ticks;
    std::vector<ReadingPin> pins;  // in the order they were read
    /// Place of a value between 0 (low) and 1 (high).
    double place(double value) const { return (value - low) / (high - low); }
};

/// The line reaches half as far beyond the limits as they are wide, so that a reading that is off by a little is seen to be; one that is
/// off by more stands at its end.
ReadingScale reading_scale(const Limits& limits, const std::vector<RunReading>& readings);

}  // namespace anagraph::core
