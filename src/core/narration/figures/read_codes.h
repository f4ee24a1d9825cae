// Figures that are no numbers with a unit: grades, letter sizes and part numbers, however they are spelt out.
#pragma once

#include <optional>

#include "core/narration/figures/found_figure.h"
#include "core/narration/line.h"

namespace anagraph::core {

/// Grades and letter sizes at words[i]: "75w90", "fifteen w forty", "vg forty six", "ci four", "10.9", "m8".
std::optional<FoundFigure> read_code(const Line& line, std::size_t i);

/// "c w dash four four one seven", "hr30115", "th dash a four three": letters and digits spelt out, with dashes.
std::optional<FoundFigure> read_part_number(const Line& line, std::size_t i);

}  // namespace anagraph::core
