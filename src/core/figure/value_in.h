// ValueIn: the number of a figure's value in a unit that is calculated with. For display see quantity.h; digits are kept there.
#pragma once

#include <optional>
#include <string_view>

#include "core/figure/figure.h"

namespace anagraph::core {

/// `digits` of `unit` in `wanted`, a unit id; nothing where it is no number, or of another dimension.
std::optional<double> value_in(std::string_view digits, std::string_view unit, std::string_view wanted);

/// A duration in minutes; days and weeks too, which have a fixed length, months not. Nothing for what is no duration.
std::optional<double> minutes_in(const FigureValue& value);

}  // namespace anagraph::core
