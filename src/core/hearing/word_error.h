// WordError: how far what was heard is from what was said.
#pragma once

#include <string>
#include <vector>

namespace anagraph::core {

/// Words put in, left out or taken for others, over the words said: 0 is all right; it may be above 1. `said` may not be empty.
double word_error(const std::vector<std::string>& said, const std::vector<std::string>& heard);

}  // namespace anagraph::core
