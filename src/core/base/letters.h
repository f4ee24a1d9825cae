// Letters: what is done to single letters and to the ends of the texts people read.
#pragma once

#include <string>
#include <string_view>

namespace anagraph::core {

inline bool is_digit(char c) { return c >= '0' && c <= '9'; }

/// One of the 26 letters, small or large.
inline bool is_letter(char c) { return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z'); }

/// The text with a large first letter; what does not begin with one of the 26 small ones stays.
inline std::string capitalised(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

/// Without white space at its ends.
inline std::string_view trimmed(std::string_view s) {
    constexpr std::string_view kSpace = " \t\r\n\f\v";
    const auto from = s.find_first_not_of(kSpace);
    return from == std::string_view::npos ? std::string_view() : s.substr(from, s.find_last_not_of(kSpace) - from + 1);
}

/// All letters of ASCII as capitals: a signal word as it is printed.
inline std::string capitals(std::string_view word) {
    std::string out(word);
    for (auto& c : out)
        if (c >= 'a' && c <= 'z') c = static_cast<char>(c - 'a' + 'A');
    return out;
}

}  // namespace anagraph::core
