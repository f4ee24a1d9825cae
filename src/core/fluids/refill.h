// Refill: what goes into a system again, worked out from whatever is known of it, and how to pour it without overfilling.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/quantity/quantity.h"

namespace anagraph::core {

/// An amount with how far it may be off (half of the last place said), both in litres.
struct Amount {
    double litres = 0;
    double slack = 0;
};

/// The amount with half of the last place said as its slack, but at most 2 %: "5 L" does not cover 4.5. In litres.
/// Errors: BadInput for a quantity that is no volume.
Result<Amount> amount_of(const Quantity& quantity);

/// As a person reads an amount, in two digits that can be poured: "1.7 L", "25 mL". Figures that are compared need a third.
std::string amount_text(double litres, int digits = 2);
/// The same in both systems, as a guide prints it: "1.7 L (1.8 US qt)".
std::string amount_in_both(double litres);

/// What is known of a system. All by the same rule: total = refill + residue; the refill holds the filter's share.
struct FluidSystem {
    std::optional<Amount> total;          // dry
    std::optional<Amount> refill;         // at a change, with the filter
    std::optional<Amount> residue;        // stays behind when it is drained
    std::optional<Amount> filter;         // what the new filter takes
    std::optional<Amount> drained;        // what came out of the drain, without the filter
    std::optional<Amount> between_marks;  // from the lower to the upper mark
};

struct RefillPlan {
    std::optional<Amount> total;
    std::optional<Amount> refill;
    std::optional<Amount> residue;
    bool measured = false;             // the refill is what came out (and the filter's share), for want of anything better
    std::optional<double> first_pour;  // litres; stays below the upper mark before the filter has filled, whatever is unknown
    std::vector<double> stages;        // litres, the first pour first; together the refill
    std::vector<Words> because;        // how each was come by, one sentence each
};

/// Works out what follows. Volume is conserved: refill + residue = total within their slack.
/// Errors: BadInput for an amount that is not positive; Refused, with the reason, where two figures cannot both be true ("6 L
/// refill out of 5.8 L total").
Result<RefillPlan> plan_refill(const FluidSystem& system);

/// The most that comes out when it is drained: what goes in again, the filter's share with it, or all there is in it. Nothing
/// where neither is known.
std::optional<double> most_that_comes_out(const RefillPlan& plan, const FluidSystem& system);

/// Where the filter's share is not known, as much of the refill as a filter may take: the first pour stays that far below.
inline constexpr double kMostFilterShare = 0.15;
/// Where only the total is known, as much of it as may have stayed behind.
inline constexpr double kMostResidueShare = 0.40;

/// A reading between the marks: 0 the lower, 1 the upper, above 1 overfilled.
struct LevelRemedy {
    double add = 0;       // litres to the upper mark
    double draw_off = 0;  // litres down to the upper mark
};
/// Errors: BadInput where the marks' distance is not positive or the reading is absurd (beyond -3 to 5).
Result<LevelRemedy> remedy_for(double reading, double between_marks_litres);

/// Does a vessel take all that comes out, with the filter's share and a margin, or when is it changed?
struct VesselPlan {
    bool holds = false;
    int changes = 0;          // how often it is emptied or changed for another
    double change_after = 0;  // litres in it at the first change
    int trips = 0;            // to the waste store, with vessels of that size
    Words words;              // one sentence
};
/// `out_litres`: all that comes out, `vessel_litres`: to its brim. `margin`: share of the vessel left empty (0.1).
/// Errors: BadInput for amounts that are not positive.
Result<VesselPlan> vessel_for(double out_litres, double vessel_litres, double margin = 0.1);

}  // namespace anagraph::core
