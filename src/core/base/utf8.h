// UTF-8: what comes from outside as bytes and is to be a text.
#pragma once

#include <string>
#include <string_view>

namespace anagraph::core {

/// Length of the well-formed sequence (Unicode 15, table 3-7) at the beginning of `s`, 0 where there is none.
inline std::size_t utf8_sequence(std::string_view s) {
    const auto byte = [&](std::size_t i) { return i < s.size() ? static_cast<unsigned char>(s[i]) : 0U; };
    const auto follows = [&](std::size_t i, unsigned low = 0x80, unsigned high = 0xBF) { return byte(i) >= low && byte(i) <= high; };
    const unsigned first = byte(0);
    if (s.empty()) return 0;
    if (first < 0x80) return 1;
    if (first >= 0xC2 && first <= 0xDF) return follows(1) ? 2 : 0;
    if (first >= 0xE0 && first <= 0xEF) return follows(1, first == 0xE0 ? 0xA0 : 0x80, first == 0xED ? 0x9F : 0xBF) && follows(2) ? 3 : 0;
    if (first >= 0xF0 && first <= 0xF4)
        return follows(1, first == 0xF0 ? 0x90 : 0x80, first == 0xF4 ? 0x8F : 0xBF) && follows(2) && follows(3) ? 4 : 0;
    return 0;
}

inline bool is_utf8(std::string_view s) {
    while (!s.empty()) {
        const std::size_t n = utf8_sequence(s);
        if (n == 0) return false;
        s.remove_prefix(n);
    }
    return true;
}

/// The text with U+FFFD for every byte that belongs to no sequence.
inline std::string as_utf8(std::string_view s) {
    std::string out;
    while (!s.empty()) {
        const std::size_t n = utf8_sequence(s);
        out += n == 0 ? std::string_view("\xEF\xBF\xBD") : s.substr(0, n);
        s.remove_prefix(n == 0 ? 1 : n);
    }
    return out;
}

}  // namespace anagraph::core
