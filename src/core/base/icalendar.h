// Lines of a calendar file (iCalendar, RFC 5545).
#pragma once

#include <algorithm>
#include <string>
#include <string_view>

namespace anagraph::core {

/// A line of iCalendar: its signs escaped, folded at 75 bytes between letters.
inline std::string calendar_line(std::string_view name, std::string_view value) {
    std::string line = std::string(name) + ":";
    for (const char c : value) {
        if (c == '\n') {
            line += "\\n";
            continue;
        }
        if (c == '\\' || c == ';' || c == ',') line += '\\';
        if (c != '\r') line += c;
    }
    std::string out;
    std::size_t room = 75;
    for (std::size_t i = 0; i < line.size();) {
        std::size_t end = std::min(line.size(), i + room);
        while (end < line.size() && end > i + 1 && (static_cast<unsigned char>(line[end]) & 0xC0U) == 0x80U) --end;
        out += line.substr(i, end - i) + "\r\n";
        if (end < line.size()) out += ' ';
        room = 74;
        i = end;
    }
    return out;
}

}  // namespace anagraph::core
