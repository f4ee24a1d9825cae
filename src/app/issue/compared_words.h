// Words of two texts that were compared, as they are shown beside each other.
#pragma once

#include <QString>
#include <vector>

#include "core/edition/compare_words.h"

namespace anagraph::app {

enum class Side { Was, Is, Alone };

/// What is not in the other text is struck through where it was, and underlined where it is; of a text alone nothing is marked.
QString html_of(const std::vector<core::WordRun>& runs, Side side);

}  // namespace anagraph::app
