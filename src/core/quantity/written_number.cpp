#include "core/quantity/written_number.h"

#include <algorithm>
#include <optional>

#include "core/base/letters.h"

namespace anagraph::core {
namespace {

constexpr std::size_t kMostDigits = 40;

bool is_mark(char c) { return c == '.' || c == ','; }

/// Spaces of any width that group digits (U+0020, U+00A0, U+2009, U+202F) as one kind of space.
std::string with_plain_spaces(std::string_view s) {
    std::string out;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const std::string_view rest = s.substr(i);
        if (rest.starts_with("\u00A0")) {
            out += ' ';
            i += 1;
        } else if (rest.starts_with("\u2009") || rest.starts_with("\u202F")) {
            out += ' ';
            i += 2;
        } else {
            out += s[i];
        }
    }
    return out;
}

/// Digits and the signs between them: "1,200.5" is {"1", "200", "5"} and ",.".
struct Groups {
    std::vector<std::string> digits{""};
    std::string marks;
};

std::optional<Groups> groups_of(std::string_view s) {
    Groups out;
    for (const char c : s) {
        if (is_digit(c))
            out.digits.back() += c;
        else if (is_mark(c) || c == ' ') {
            out.marks += c;
            out.digits.emplace_back();
        } else {
            return std::nullopt;
        }
    }
    return out;
}

/// Are the first `count` groups those of a number grouped in threes?
bool in_threes(const Groups& g, std::size_t count) {
    if (g.digits.front().empty() || g.digits.front().size() > 3 || g.digits.front().front() == '0') return false;
    return std::all_of(
        g.digits.begin() + 1, g.digits.begin() + static_cast<std::ptrdiff_t>(count), [](const std::string& d) { return d.size() == 3; });
}

std::string joined(const Groups& g, std::size_t count) {
    std::string out;
    for (std::size_t i = 0; i < count; ++i) out += g.digits[i];
    return out;
}

std::vector<std::string> readings_of_groups(const Groups& g, DecimalMark mark) {
    const std::size_t all = g.digits.size();
    if (all == 1) return g.digits.front().empty() ? std::vector<std::string>{} : g.digits;
    const char last = g.marks.back();
    const bool one_kind = g.marks.find_first_not_of(last) == std::string::npos;
    if (!one_kind) {
        // the last sign stands before the decimals, once; those before it are all of one other kind and group
        const bool grouped = g.marks.find_first_not_of(g.marks.front()) == g.marks.size() - 1;
        if (last == ' ' || !grouped || !in_threes(g, all - 1) || g.digits.back().empty()) return {};
        return {joined(g, all - 1) + "." + g.digits.back()};
    }
    if (last == ' ' || g.marks.size() > 1) return in_threes(g, all) ? std::vector{joined(g, all)} : std::vector<std::string>{};
    if (g.digits[0].empty() && g.digits[1].empty()) return {};
    const std::string decimal = (g.digits[0].empty() ? "0" : g.digits[0]) + (g.digits[1].empty() ? "" : "." + g.digits[1]);
    if (g.digits[1].size() != 3 || !in_threes(g, 2)) return {decimal};
    const std::string grouped = joined(g, 2);
    if (mark == DecimalMark::Unknown) return {decimal, grouped};
    return {(mark == DecimalMark::Point) == (last == '.') ? decimal : grouped};
}

}  // namespace

std::vector<std::string> readings_of(std::string_view written, DecimalMark mark) {
    std::string s = with_plain_spaces(written.substr(0, 2 * kMostDigits));
    const auto edge = s.find_first_not_of(' ');
    if (edge == std::string::npos || written.size() > 2 * kMostDigits) return {};
    s = s.substr(edge, s.find_last_not_of(' ') - edge + 1);
    const std::string sign = s.front() == '-' ? "-" : "";
    const auto groups = groups_of(std::string_view(s).substr(sign.size()));
    if (!groups || s.size() > kMostDigits) return {};
    auto out = readings_of_groups(*groups, mark);
    for (auto& reading : out) reading.insert(0, sign);
    return out;
}

std::string unmistakable(std::string_view decimal) {
    std::string out(decimal);
    while (out.back() == '0' && out[out.size() - 2] != '.') out.pop_back();
    return out.size() == decimal.size() ? out + "0" : out;
}

DecimalMark decimal_mark_of(std::string_view text) {
    bool point = false;
    bool comma = false;
    for (std::size_t i = 0; i < text.size();) {
        if (!is_digit(text[i])) {
            ++i;
            continue;
        }
        std::size_t end = i;
        while (end < text.size() && (is_digit(text[end]) || (is_mark(text[end]) && end + 1 < text.size() && is_digit(text[end + 1]))))
            ++end;
        const auto groups = groups_of(text.substr(i, end - i));
        // "5.10.2" and the like are no numbers, and what can be read two ways tells nothing
        if (groups && !groups->marks.empty() && readings_of(text.substr(i, end - i)).size() == 1) {
            const char last = groups->marks.back();
            const bool decimals = groups->marks.size() == 1 || groups->marks.find_first_not_of(last) != std::string::npos;
            ((last == '.') == decimals ? point : comma) = true;
        }
        i = end;
    }
    return point == comma ? DecimalMark::Unknown : point ? DecimalMark::Point : DecimalMark::Comma;
}

}  // namespace anagraph::core
