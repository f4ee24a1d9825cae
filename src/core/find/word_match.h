// Finding by typing: does a typed line mean this text? Every typed word has to begin a word of the text, or a word that the trade
// uses for the same thing ("delete" finds "Remove step"). Nothing is known here of commands or of windows.
#pragma once

#include <optional>
#include <string>
#include <vector>

namespace anagraph::core {

/// What can be found: the words people read, and other words they may look for.
struct Findable {
    std::string words;
    std::vector<std::string> also;
};

/// How far the text is from what was typed: 0 is the text itself, less is nearer; nothing where a typed word does not fit. Case
/// and punctuation do not count. Nothing typed fits everything equally.
std::optional<int> distance(const std::string& typed, const Findable& text);

}  // namespace anagraph::core
