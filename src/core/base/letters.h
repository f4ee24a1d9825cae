// Letters: what is done to single letters of the texts people read.
#pragma once

#include <string>

namespace anagraph::core {

/// The text with a large first letter; what does not begin with one of the 26 small ones stays.
inline std::string capitalised(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

}  // namespace anagraph::core
