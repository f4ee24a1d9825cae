#include "core/figure/value_in.h"

namespace anagraph::core {

std::optional<double> value_in(std::string_view digits, std::string_view unit, std::string_view wanted) {
    const auto number = Number::kept(digits);
    const Unit* from = find_unit(unit);
    const Unit* to = find_unit(wanted);
    if (!number || from == nullptr || to == nullptr || from->dimension != to->dimension) return std::nullopt;
    return convert(number->value(), *from, *to);
}

std::optional<double> minutes_in(const FigureValue& value) {
    if (const auto minutes = value_in(value.low, value.unit, "min")) return minutes;
    const auto number = Number::kept(value.low);
    if (!number) return std::nullopt;
    if (value.unit == "day") return number->value() * 24 * 60;
    if (value.unit == "week") return number->value() * 7 * 24 * 60;
    return std::nullopt;
}

}  // namespace anagraph::core
