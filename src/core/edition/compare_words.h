// What changed between two texts, word by word: for showing the old beside the new.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace anagraph::core {

/// A piece of a text; pieces put together give the text back.
struct WordRun {
    std::string text;
    bool changed = false;  // it is not in the other text
    friend bool operator==(const WordRun&, const WordRun&) = default;
};

struct ComparedWords {
    std::vector<WordRun> was;
    std::vector<WordRun> is;
};

/// Keeps the longest sequence of words that both have. Texts of more than some thousand words are compared as wholes.
ComparedWords compare_words(std::string_view was, std::string_view is);

/// The same without the lines in which nothing changed.
ComparedWords changed_lines(const ComparedWords& all);

}  // namespace anagraph::core
