// TurnAfterContact: a part of a turn as a hand can count it.
#pragma once

#include <optional>
#include <string>

#include "core/figure/figure.h"

namespace anagraph::core {

struct TurnAfterContact {
    double degrees = 0;
    double flats = 0;  // of a hexagon: 60 degrees each
    Words in_words;    // "4 1/2 flats", "a flat and a half"; to the nearest half
};

/// From a value in turns or degrees; nothing for any other or an unknown one.
std::optional<TurnAfterContact> turn_after_contact(const FigureValue& value);

}  // namespace anagraph::core
