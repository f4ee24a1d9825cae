// Mixture: from the strength measured to the strength wanted, and what a strength protects against.
#pragma once

#include <string_view>
#include <vector>

#include "core/base/named.h"
#include "core/base/result.h"

namespace anagraph::core {

/// Draining and replacing so that the volume stays. All strengths in percent by volume.
struct DrainAndReplace {
    double drain = 0;       // in the unit of the volume
    double add = 0;         // the same
    double of_percent = 0;  // strength of what is added: that of the concentrate, or 0 for water
};
/// volume (want - have) / (concentrate - have); where the wanted strength is below the measured one, water is added instead:
/// volume (have - want) / have. Source: the balance of what is dissolved. Errors: BadInput for a volume that is not positive
/// and strengths outside 0 to 100; Refused where the concentrate is not strong enough.
Result<DrainAndReplace> drain_and_replace(double volume, double have, double want, double concentrate = 100);

/// How much to add when there is room and nothing is drained: room in the unit of the volume.
/// Errors as above; Refused also where the room is too small.
Result<double> top_up(double volume, double room, double have, double want, double concentrate = 100);

/// "1 : 10": concentrate and water for an amount of mixture. Errors: BadInput for parts that are not positive.
struct Portions {
    double concentrate = 0;
    double water = 0;
};
Result<Portions> mix_by_ratio(double amount, double concentrate_parts, double water_parts);

enum class Glycol { Ethylene, Propylene };
template <>
struct Names<Glycol> {
    static constexpr auto all =
        std::to_array<Named<Glycol>>({{Glycol::Ethylene, "ethylene glycol"}, {Glycol::Propylene, "propylene glycol"}});
};

/// Freezing point in degC of a mixture with water of that strength in percent by volume, by interpolation.
/// Source: ASHRAE Handbook, Fundamentals, chapter on secondary coolants (tables of freezing points by mass), turned into
/// volume with the densities at 20 degC (1.113 and 1.036 kg/L). Guidance only: inhibited products carry their own table.
/// Errors: BadInput outside 0 to 60 percent: above it protection falls again.
Result<double> freezing_point(Glycol type, double percent);
/// The least strength that is good to a temperature. Errors: BadInput where no mixture up to 60 percent is.
Result<double> strength_for(Glycol type, double degrees);

/// Marks on a jug of that size for pouring the parts one after the other: "concentrate to 0.5, water to 2.0".
std::vector<double> jug_marks(const std::vector<double>& parts);

/// What does not go into one jug, in several of the same: how often it is filled, and the marks of one filling.
struct JugFillings {
    int times = 1;
    std::vector<double> marks;
};
inline constexpr int kMostFillings = 50;
/// Parts and jug in one unit. Errors: BadInput for no parts or a jug that holds nothing; Refused for more than kMostFillings.
Result<JugFillings> jug_fillings(const std::vector<double>& parts, double jug);

}  // namespace anagraph::core
