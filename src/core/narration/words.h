// Words of a narration, and the numbers people say in them. The lowest stage of the reader.
#pragma once

#include <cstddef>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace anagraph::core {

/// A word as the reader sees it: lower case, hyphens split, apostrophes kept ("don't"), digits whole ("1.7", "5w30"), a
/// unit written against its number taken off ("500hours"), letters spelt out joined ("p s i" is "psi").
struct Word {
    std::string text;
    bool clause_start = false;    // first of its segment, or after . , ; : ? ! or a dash
    bool sentence_start = false;  // first of its segment, or after . ? ! or a change of speaker
    std::uint32_t classes = 0;    // lexicon::classes_of(text)
};

std::vector<Word> words_of(std::string_view text);

/// A number said or written: "twenty five", "one point seven", "three quarters", "2,300", "1/2".
struct SpokenNumber {
    double value = 0;
    std::string digits;       // as a figure would be written: "25", "1.7", "3/4"
    std::size_t length = 0;   // words it takes
    bool open_point = false;  // ends in "point": the rest stands in the next segment
    bool fraction = false;    // a fraction by itself ("half", "a quarter"): never a count
    std::size_t grouped = 0;  // said in two groups ("twelve forty eight"): words of the first, which may stand alone
};

/// The longest number that begins at words[at], or nothing.
std::optional<SpokenNumber> read_number(std::span<const Word> words, std::size_t at);

}  // namespace anagraph::core
