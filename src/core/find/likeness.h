// Likeness: how much two texts have in common, for finding a text again after it was changed.
#pragma once

#include <string_view>

namespace anagraph::core {

/// The share of words that stand in both, 0 to 1; 0 where one has none.
double likeness(std::string_view a, std::string_view b);

}  // namespace anagraph::core
