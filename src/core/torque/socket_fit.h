// SocketFit: whether a socket or spanner of one size goes on a head of another, inch against metric, and with how much play.
#pragma once

#include <string_view>

#include "core/base/named.h"
#include "core/base/result.h"

namespace anagraph::core {

enum class Fit {
    Fits,
    Tight,  // goes on some heads of that size and not on others
    DoesNotGoOn,
    RoundsOff,  // goes on with so much play that it turns over the corners
};

template <>
struct Names<Fit> {
    static constexpr auto all = std::to_array<Named<Fit>>(
        {{Fit::Fits, "fits"}, {Fit::Tight, "tight"}, {Fit::DoesNotGoOn, "does not go on"}, {Fit::RoundsOff, "rounds off"}});
};

/// Widths across flats in mm, from the smallest to the largest that the standard lets through.
struct Widths {
    double least = 0;
    double most = 0;
};

/// A hexagon head of that nominal width: product grade A, tolerance h13 up to 32 mm and h14 above. Source: ISO 4759-1.
Widths head_widths(double nominal_mm);
/// The opening of a socket or spanner of that nominal width. Source: ISO 691 for 10 to 36 mm; below and above its series is
/// carried on from the neighbouring sizes, which is an estimate.
Widths socket_widths(double nominal_mm);

struct SocketFit {
    double play_mm = 0;  // nominal socket less nominal head
    Fit fit = Fit::Fits;
};

/// Does not go on: not even the largest socket on the smallest head. Tight: the smallest socket does not go on the largest
/// head. Rounds off: the nominal play lets a hexagon turn more than kMostTurn before it meets the flats; a socket of width s
/// turns on a head of width h by 30 deg - acos(s / h * cos 30 deg) (geometry of the hexagon). Both widths in mm.
/// Errors: BadInput for widths outside 3 to 100 mm.
Result<SocketFit> socket_on_head(double head_mm, double socket_mm);

/// Degrees a hexagon may turn in its socket: beyond it the corners carry the load. Chosen so that 13 mm on 1/2 in and 11/16
/// in on 17 mm pass, as practice has it, and 10 mm on 3/8 in does not.
inline constexpr double kMostTurn = 3.6;

}  // namespace anagraph::core
