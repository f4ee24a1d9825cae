// Known: what a guide knows for working a figure out: the joint of a torque, the amounts of a fluid, the intervals of a service.
// Nothing is made up: what the guide does not say stays empty.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/fluids/grade.h"
#include "core/fluids/refill.h"
#include "core/procedure/procedure.h"
#include "core/torque/usual_torque.h"

namespace anagraph::core {

/// The joint a torque is about, where its item's size names a metric thread; with its property class, what it is cut in, and
/// whether it is a plug that seals, where the item's name and size say so.
std::optional<ThreadedJoint> known_joint(const Procedure& p, const Figure& torque);

/// The half width of a figure's tolerance in percent of its value; nothing where it has none.
std::optional<double> tolerance_percent(const Figure& figure);

/// The amount of a system that a figure's purpose means ("refill with filter"); null where it names none.
std::optional<Amount> FluidSystem::*amount_meant(std::string_view purpose);

/// The figure that says an amount of the system `about` belongs to: by the words of its purpose, of the same variants, of the
/// same fluid before another's. Null where the guide does not say it.
const Figure* known_amount(const Procedure& p, const Figure& about, std::optional<Amount> FluidSystem::*amount);

/// What the guide asks of the fluid a figure is about: the item's size and the grades known for it.
FluidSpec known_demand(const Procedure& p, const Figure& about);

/// What a vessel's size says it holds ("3 L or more": 3 L).
std::optional<Quantity> vessel_size(const Item& vessel);
/// What the guide's vessel holds ("3 L or more": 3 L).
std::optional<Quantity> known_vessel(const Procedure& p);

/// Intervals of what the figure is about: the meter's and the calendar's, the first one of a new machine, and the meter.
struct KnownIntervals {
    std::vector<const Figure*> every;
    const Figure* first = nullptr;
    const Figure* meter = nullptr;
};
KnownIntervals known_intervals(const Procedure& p, const Figure& interval);

}  // namespace anagraph::core
