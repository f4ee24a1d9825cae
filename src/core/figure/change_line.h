// A figure's change on its number line: where it stood, where it stands, and its tolerance as a band.
#pragma once

#include "core/figure/number_line.h"

namespace anagraph::core {

struct ChangeLine {
    NumberLine line;  // drawable: false where either value has no place on a line, or both have the same
    double was = 0;   // in the unit of the line
    double is = 0;
};

ChangeLine change_line(const Figure& was, const Figure& is);

}  // namespace anagraph::core
