// Finding by typing: does a typed line mean this text? Every typed word has to begin a word of the text, or a word that the trade
// uses for the same thing ("delete" finds "Remove step"). Nothing is known here of commands or of windows.
#pragma once

#include <optional>
#include <string>
#include <vector>

namespace anagraph::core {

/// What can be found: the words people read, and other words they may look for. Made once, so that a letter typed is quick.
class Findable {
public:
    Findable(const std::string& words, const std::vector<std::string>& also);

private:
    std::vector<std::string> own_;
    std::vector<std::string> other_;
    friend std::optional<int> distance(const std::string& typed, const Findable& text);
};

/// How far the text is from what was typed: 0 is the text itself, less is nearer; nothing where a typed word does not fit. Case
/// and punctuation do not count. Nothing typed fits everything equally.
std::optional<int> distance(const std::string& typed, const Findable& text);

}  // namespace anagraph::core
