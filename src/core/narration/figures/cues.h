// Cues: the words beside a number that tell what it is, and how far away they may stand.
#pragma once

#include <optional>
#include <string>

#include "core/narration/line.h"

namespace anagraph::core {

inline constexpr WordList kMeasured =
    "gap gaps clearance thick thickness long length play travel bore depth deep wide width apart distance slack sag deflection give gives "
    "movement wear worn tread height deflect stretch creep hairline groove gauge feeler feelers deeper thicker";
inline constexpr WordList kToolWords =
    "socket sockets spanner spanners wrench hex hexagon allen key af head heads headed screwdriver driver drill bit ring ratchet";
inline constexpr WordList kFluidWords =
    "oil coolant fluid water syringe bottle drained drain pour poured pouring fill filled refill top topped came comes diesel fuel petrol "
    "capacity takes holds jug can sump residue bucket concentrate antifreeze acid cup measured dribbling stays tank";
inline constexpr WordList kTightening =
    "tighten tightened torque torqued nip click clicks plug plugs bolt bolts nut nuts screw screws cap caps wrench pass union banjo stud "
    "studs locknut terminal terminals snug clamp clamps fitting tight spec";
inline constexpr WordList kHeat =
    "hot warm cool cold temperature thermometer thermostat heat celsius freeze freezing freezes frost minus sump outside boils boil room "
    "plus degrees";
inline constexpr WordList kTurning =
    "turn turned turns further another angle apart rotate past stage tighten torque swing clockwise anticlockwise back";
inline constexpr WordList kMeterCues =
    "clock meter hourmeter odometer odo panel reads read reading shows showing says stands stood display counter dash tach hours bought "
    "now last previous ran card sheet book log ";
inline constexpr WordList kNotCounted =
    "first second third number step item stage page room chapter fig figure position gear cell cells type mark class part phase cylinder "
    "no ";

/// Is one of the words of the list within `reach` words of [from, end)?
bool near_any_of(const Line& line, const WordList& list, std::size_t from, std::size_t end, std::size_t reach);
bool near_class(const Line& line, lexicon::Class what, std::size_t from, std::size_t end, std::size_t reach);
/// Is the number hedged by the words beside it?
bool hedged_beside(const Line& line, std::size_t from, std::size_t end);
/// Where a value said instead of the one before stands: "no a seventeen", "hang on, that's a fourteen", or nothing.
std::optional<std::size_t> correction_after(const Line& line, std::size_t after);
/// Is it counted in money or by weight, which no figure of a guide is?
bool price_or_mass(const Line& line, std::size_t after);
/// A number with at most four decimals and no noughts behind them.
std::string plain(double value);
bool whole(double value);

}  // namespace anagraph::core
