// The units a workshop uses and how they convert. A closed table: a unit is a pointer into it.
#pragma once

#include <span>
#include <string>
#include <string_view>

namespace anagraph::core {

enum class Dimension { Torque, Turn, Volume, Length, Pressure, Temperature, Duration, Distance, Calendar, Speed, Percent, Force, Count };

/// Which of the two columns of a guide the unit stands in. `Either` needs no partner (minutes, percent).
enum class UnitSystem { Metric, Imperial, Either };

struct Unit {
    std::string_view id;      // ASCII, as typed and kept in files: "lbf.ft"
    std::string_view symbol;  // as printed: "lbf·ft"
    Dimension dimension;
    double factor;  // to the base unit of the dimension: base = (value + offset) * factor
    double offset;  // only temperatures have one
    UnitSystem system;
    std::string_view partner;  // id of the unit that stands beside it in a guide; empty where none is needed
};

/// Every unit. Base units: N·m, turn, L, mm, kPa, °C, s, km, month, rpm, %, N, 1.
std::span<const Unit> units();

/// The unit of that ASCII id, printed symbol or common spelling ("newton metres", "foot pounds", "litres"), or null.
const Unit* find_unit(std::string_view spelling);

/// A question where a spelling is used for two units that differ ("pints": US or imperial?), or empty.
std::string ambiguous_unit(std::string_view spelling);

/// `value` of `from`, expressed in `to`. Both of one dimension.
/// Factors: 1 lbf·ft = 1.3558179483 N·m, 1 kgf·m = 9.80665 N·m (exact), 1 psi = 6.894757293 kPa, 1 in = 25.4 mm (exact),
/// 1 US gal = 3.785411784 L (exact), 1 imperial gal = 4.54609 L (exact). Source: NIST SP 811, appendix B.
double convert(double value, const Unit& from, const Unit& to);

/// The unit that is meant where a person said `said` of something in `wanted`: a force said for a torque counts by its number ("eight
/// newtons" of a bolt: N·m). Otherwise `said` itself.
const Unit& unit_meant(const Unit& said, Dimension wanted);

}  // namespace anagraph::core
