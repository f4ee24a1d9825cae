// Words of two texts that were compared, as they are shown beside each other.
#pragma once

#include <QString>
#include <vector>

#include "core/edition/compare_words.h"

namespace anagraph::app {

/// What is not in the other text is struck through, or underlined where it stands `now`.
QString html_of(const std::vector<core::WordRun>& runs, bool now);

}  // namespace anagraph::app
