#include "core/edition/post.h"

#include <algorithm>
#include <cctype>

#include "core/base/utf8.h"

namespace anagraph::core {

std::string post_of(std::string_view typed) {
    static constexpr std::string_view kSpaces[] = {"\u00A0", "\u2007", "\u2009", "\u200B", "\u202F", "\u2060", "\u3000", "\uFEFF"};
    std::string out;
    const std::string text = as_utf8(typed);
    for (std::string_view rest = text; !rest.empty();) {
        const auto wide = std::find_if(std::begin(kSpaces), std::end(kSpaces), [&](std::string_view s) { return rest.starts_with(s); });
        const unsigned char first = static_cast<unsigned char>(rest.front());
        if (wide != std::end(kSpaces) || first <= 0x20 || first == 0x7F) {
            if (!out.empty() && out.back() != ' ') out += ' ';
            rest.remove_prefix(wide != std::end(kSpaces) ? wide->size() : 1);
        } else {
            out += rest.front();
            rest.remove_prefix(1);
        }
    }
    if (!out.empty() && out.back() == ' ') out.pop_back();
    return out;
}

std::string folded_post(std::string_view typed) {
    std::string out = post_of(typed);
    std::transform(out.begin(), out.end(), out.begin(), [](unsigned char c) { return static_cast<char>(c < 0x80 ? std::tolower(c) : c); });
    return out;
}

bool same_post(std::string_view a, std::string_view b) { return folded_post(a) == folded_post(b); }

}  // namespace anagraph::core
