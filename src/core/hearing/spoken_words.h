// Spoken words: a written text as it is said aloud, for a recogniser to expect: "M8, 25 N·m" is "m eight twenty five newton metres".
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace anagraph::core {

/// The words of each sentence of a text, in small letters, numbers and units said out. Signs that are not spoken are left out.
std::vector<std::vector<std::string>> spoken_sentences(std::string_view text);

/// A whole number as it is said: 225 is "two hundred and twenty five". Below a million; above, digit by digit.
std::string said_number(std::uint64_t number);

}  // namespace anagraph::core
