// Limits: what a reading at the bench must lie within, taken from a figure of the guide. A figure that is not proved gives none.
#pragma once

#include <optional>

#include "core/logbook/run.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

struct Limits {
    const Unit* unit = nullptr;  // of both
    std::optional<double> low, high;
    bool known() const { return low || high; }
};

/// A range gives both ends, "at most" and "at least" one, a single value those of its tolerance; one without a tolerance, one that is
/// turned by an angle after its torque, and one that is open or disputed give none.
Limits limits_of(const Procedure& p, const Figure& figure);

/// Converted into the unit of the limits; ends belong to them. Nothing where it cannot be compared: pressure is no torque.
std::optional<Judged> judge(const Limits& limits, const Quantity& reading);

}  // namespace anagraph::core
