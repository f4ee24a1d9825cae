#include "core/bench/limits.h"

#include <cmath>

#include "core/figure/evidence.h"
#include "core/figure/value_in.h"

namespace anagraph::core {

Limits limits_of(const Procedure& p, const Figure& figure) {
    const auto& v = figure.value;
    Limits out;
    const auto* unit = find_unit(v.unit);
    if (unit == nullptr || !v.turn.empty() || standing_of(p, figure) != Standing::Proved) return out;
    out.unit = unit;
    const auto number = [&](const std::string& digits) { return value_in(digits, v.unit, unit->id); };
    const auto low = number(v.low);
    if (!low) return out;
    if (v.limit == Limit::AtMost) {
        out.high = low;
    } else if (v.limit == Limit::AtLeast) {
        out.low = low;
    } else if (const auto high = number(v.high)) {
        out.low = low;
        out.high = high;
    } else if (const auto tolerance = number(figure.tolerance)) {
        out.low = *low - *tolerance;
        out.high = *low + *tolerance;
    }
    return out;
}

std::optional<Judged> judge(const Limits& limits, const Quantity& reading) {
    if (!limits.known()) return Judged::NoLimits;
    if (reading.unit == nullptr || reading.unit->dimension != limits.unit->dimension) return std::nullopt;
    const double value = reading.in(*limits.unit);
    const double slack = 1e-9 * std::max(1.0, std::abs(value));  // of the conversion
    if (limits.low && value < *limits.low - slack) return Judged::Below;
    if (limits.high && value > *limits.high + slack) return Judged::Above;
    return Judged::Within;
}

}  // namespace anagraph::core
