// A figure found in a line, before it becomes a mark.
#pragma once

#include <string>

#include "core/figure/figure.h"

namespace anagraph::core {

struct FoundFigure {
    FigureKind kind = FigureKind::Count;
    FigureValue value;  // digits as they would be written, unit id
    bool hedged = false;
    bool taken_back = false;  // corrected aloud right after
    std::size_t from = 0;     // first word
    std::size_t to = 0;       // one past the last; beyond the line's end when the rest stands in the next line
    std::string because;
};

}  // namespace anagraph::core
