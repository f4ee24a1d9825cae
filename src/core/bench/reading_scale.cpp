#include "core/bench/reading_scale.h"

#include <algorithm>
#include <cmath>

namespace anagraph::core {
namespace {

constexpr double kMostTicks = 8;

/// 1, 2 or 5 times a power of ten, so that `length` takes at most kMostTicks of them.
double tick_step(double length) {
    const double raw = length / kMostTicks;
    const double power = std::pow(10, std::floor(std::log10(raw)));
    for (const double step : {1.0, 2.0, 5.0})
        if (step * power >= raw) return step * power;
    return 10 * power;
}

}  // namespace

ReadingScale reading_scale(const Limits& limits, const std::vector<RunReading>& readings) {
    ReadingScale out;
    if (!limits.known()) return out;
    out.drawable = true;
    out.unit = limits.unit;
    out.from = limits.low;
    out.to = limits.high;
    const double low = limits.low.value_or(0);
    const double high = limits.high.value_or(low * 2);
    const double wide = std::max(high - low, std::max(1e-9, std::abs(high) * 1e-6));
    out.low = limits.low ? low - wide / 2 : 0;
    out.high = high + wide / 2;
    const double step = tick_step(out.high - out.low);
    for (double n = std::ceil(out.low / step); n * step <= out.high + step * 1e-9; ++n) out.ticks.push_back(n * step);
    for (const auto& r : readings) {
        if (r.value.unit == nullptr || r.value.unit->dimension != out.unit->dimension) continue;
        const double at = r.value.in(*out.unit);
        const double hair = wide * 1e-9;  // of converting
        out.pins.push_back({std::clamp(at, out.low, out.high), r.judged, at < out.low - hair || at > out.high + hair, false});
    }
    if (!out.pins.empty()) out.pins.back().last = true;
    return out;
}

}  // namespace anagraph::core
