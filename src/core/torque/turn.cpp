#include "core/torque/turn.h"

#include <fmt/format.h>

#include <cmath>

namespace anagraph::core {

std::optional<TurnAfterContact> turn_after_contact(const FigureValue& value) {
    const Unit* unit = find_unit(value.unit);
    const auto n = Number::kept(value.low);
    if (unit == nullptr || unit->dimension != Dimension::Turn || !n || !(n->value() > 0)) return std::nullopt;
    constexpr double kFlat = 60;
    TurnAfterContact out;
    out.degrees = convert(n->value(), *unit, *find_unit("turn")) * 360;
    out.flats = out.degrees / kFlat;
    const long halves = std::lround(out.flats * 2);
    const std::string whole = std::to_string(halves / 2);
    const bool exact = std::abs(out.flats * 2 - static_cast<double>(halves)) < 1e-6;
    const std::string flats = halves < 2 ? "1/2" : halves % 2 == 0 ? whole : whole + " 1/2";
    const bool one = halves <= 2;
    out.in_words = say(exact ? (one ? key("Torque", "{0} flat") : key("Torque", "{0} flats"))
                             : (one ? key("Torque", "about {0} flat") : key("Torque", "about {0} flats")),
        flats);
    return out;
}

}  // namespace anagraph::core
