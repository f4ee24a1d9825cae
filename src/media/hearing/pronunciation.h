// Pronunciation: how a word sounds, in the phones of the recogniser's acoustic model (ARPAbet without stress), from espeak-ng.
#pragma once

#include <string>
#include <vector>

namespace anagraph::media {

/// "L IY T ER" for "litre"; empty for a word that has no sound or where espeak-ng's data is missing. Any thread, one at a time.
std::string phones_of(const std::string& word);

/// A pronouncing dictionary: "word phones" a line, further ways to say it as "word(2)".
class Pronunciations {
public:
    /// Reads a dictionary file; what cannot be read is empty.
    explicit Pronunciations(const std::string& file);
    bool has(const std::string& word) const;
    /// The lines of a word, as they stand; from phones_of() for a word that is not in it.
    std::string lines_of(const std::string& word) const;

private:
    /// The first of the word's lines, or of those after it.
    std::vector<std::size_t>::const_iterator first_of(const std::string& word) const;
    bool begins(std::size_t line, const std::string& word) const;

    std::string text_;  // its lines, by word
    std::vector<std::size_t> starts_;
};

}  // namespace anagraph::media
