#include "core/narration/words.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

namespace anagraph::core {
namespace {

bool digit(char c) { return c >= '0' && c <= '9'; }

const std::map<std::string_view, int>& small_numbers() {
    static const std::map<std::string_view, int> table{
        {"zero", 0}, {"nought", 0}, {"one", 1}, {"two", 2}, {"three", 3}, {"four", 4}, {"five", 5}, {"six", 6}, {"seven", 7}, {"eight", 8}, {"nine", 9}, {"ten", 10}, {"eleven", 11}, {"twelve", 12}, {"thirteen", 13}, {"fourteen", 14}, {"fifteen", 15}, {"sixteen", 16}, {"seventeen", 17}, {"eighteen", 18}, {"nineteen", 19}, {"twenty", 20}, {"thirty", 30}, {"forty", 40}, {"fourty", 40}, {"fifty", 50}, {"sixty", 60}, {"seventy", 70}, {"eighty", 80}, {"ninety", 90}};
    return table;
}

/// The denominator a word names: half 2, quarter 4 ... or 0.
int denominator(std::string_view w) {
    static const std::map<std::string_view, int> table{{"half", 2}, {"halves", 2}, {"third", 3}, {"thirds", 3}, {"quarter", 4}, {"quarters", 4}, {"fifth", 5}, {"fifths", 5}, {"sixth", 6}, {"eighth", 8}, {"eighths", 8}, {"tenth", 10}, {"tenths", 10}, {"sixteenth", 16}, {"sixteenths", 16}, {"thirty-second", 32}};
    const auto it = table.find(w);
    return it == table.end() ? 0 : it->second;
}

std::string text_at(std::span<const Word> w, std::size_t i) { return i < w.size() ? w[i].text : std::string(); }

std::optional<int> small_at(std::span<const Word> w, std::size_t i) {
    const auto it = small_numbers().find(text_at(w, i));
    return it == small_numbers().end() ? std::nullopt : std::optional<int>(it->second);
}

/// "2,300" -> 2300; "1.7"; plain digits. Not "5w30".
std::optional<double> written_value(std::string_view s) {
    std::string plain;
    int decimals = -1;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const bool thousands = s[i] == ',' && i + 3 < s.size() && digit(s[i + 1]) && digit(s[i + 2]) && digit(s[i + 3]) && (i + 4 == s.size() || !digit(s[i + 4]));
        if (thousands) continue;
        if (digit(s[i])) {
            plain += s[i];
            if (decimals >= 0) ++decimals;
        } else if ((s[i] == '.' || s[i] == ',') && decimals < 0 && i > 0) {
            plain += '.';
            decimals = 0;
        } else {
            return std::nullopt;
        }
    }
    if (plain.empty() || plain.size() > 12 || plain.back() == '.') return std::nullopt;
    return std::stod(plain);
}

std::string plain_digits(double value) {
    std::string s = fmt::format("{:.4f}", value);
    s.erase(s.find_last_not_of('0') + 1);
    if (s.back() == '.') s.pop_back();
    return s;
}

/// A whole number in words from words[at]: hundreds and thousands with "and". `length` 0 when there is none.
struct Whole {
    long value = 0;
    std::size_t length = 0;
};

Whole below_hundred(std::span<const Word> w, std::size_t at) {
    const auto first = small_at(w, at);
    if (!first) return {};
    if (*first >= 20) {
        const auto second = small_at(w, at + 1);
        if (second && *second >= 1 && *second <= 9) return {*first + *second, 2};
    }
    return {*first, 1};
}

Whole whole_number(std::span<const Word> w, std::size_t at) {
    Whole head = below_hundred(w, at);
    const std::string next = text_at(w, at + 1);
    if (head.length == 0 && (text_at(w, at) == "a" || text_at(w, at) == "an") && (next == "hundred" || next == "thousand")) head = {1, 1};
    const bool bare = head.length == 0 && (text_at(w, at) == "hundred" || text_at(w, at) == "thousand");  // "every hundred hours"
    if (head.length == 0 && !bare) return {};
    long total = 0;
    long current = head.value;
    std::size_t i = at + head.length;
    while (i < w.size()) {
        if (w[i].text == "hundred") {
            current = std::max(1L, current) * 100;
            ++i;
        } else if (w[i].text == "thousand") {
            total += std::max(1L, current) * 1000;
            current = 0;
            ++i;
        } else {
            const bool joined = w[i].text == "and";
            const bool big = current % 100 == 0 && (current > 0 || total > 0);
            const Whole more = big ? below_hundred(w, i + (joined ? 1 : 0)) : Whole{};
            if (more.length == 0) break;
            // "two hundred and a half" is a fraction; "and" before a number belongs to it only after hundred or thousand
            if (denominator(text_at(w, i + (joined ? 1 : 0) + more.length)) != 0) break;
            current += more.value;
            i += more.length + (joined ? 1 : 0);
        }
    }
    return {total + current, i - at};
}

/// "and a half", "and three quarters", "and a bit" (nothing), from words[at].
std::optional<std::pair<double, std::size_t>> and_fraction(std::span<const Word> w, std::size_t at) {
    if (text_at(w, at) != "and") return std::nullopt;
    const std::string second = text_at(w, at + 1);
    const auto top = second == "a" || second == "an" ? std::optional<int>(1) : small_at(w, at + 1);
    const int bottom = denominator(text_at(w, at + 2));
    if (!top || bottom == 0) return std::nullopt;
    return std::pair{static_cast<double>(*top) / bottom, std::size_t{3}};
}

}  // namespace

std::vector<Word> words_of(std::string_view text) {
    std::vector<Word> out;
    bool start = true;
    std::string current;
    const auto flush = [&] {
        while (!current.empty() && !digit(current.back()) && (current.back() < 'a' || current.back() > 'z')) current.pop_back();
        if (current.empty()) return;
        out.push_back({current, start});
        start = false;
        current.clear();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        const bool in_number = !current.empty() && digit(current.back()) && i + 1 < text.size() && digit(text[i + 1]);
        if ((c >= 'a' && c <= 'z') || digit(c)) {
            current += c;
        } else if (c >= 'A' && c <= 'Z') {
            current += static_cast<char>(c - 'A' + 'a');
        } else if ((c == '.' || c == ',' || c == '/') && in_number) {
            current += c;
        } else if (c == '\'' && !current.empty()) {
            current += c;
        } else if (text.substr(i, 3) == "\xE2\x80\x99" && !current.empty()) {  // typographic apostrophe
            current += '\'';
            i += 2;
        } else if (text.substr(i, 2) == "\xC2\xB0") {  // degree sign
            flush();
            out.push_back({"degrees", false});
            ++i;
        } else if (c == '%') {
            flush();
            out.push_back({"percent", false});
        } else {
            flush();
            if (c == '.' || c == ',' || c == ';' || c == ':' || c == '?' || c == '!') start = true;
            if (static_cast<unsigned char>(c) >= 0x80) {
                if (text.substr(i, 3) == "\xE2\x80\x93" || text.substr(i, 3) == "\xE2\x80\x94") start = true;
                while (i + 1 < text.size() && (static_cast<unsigned char>(text[i + 1]) & 0xC0) == 0x80) ++i;
            }
        }
    }
    flush();
    return out;
}

std::optional<SpokenNumber> read_number(std::span<const Word> w, std::size_t at) {
    if (at >= w.size()) return std::nullopt;
    const std::string& first = w[at].text;
    // written: "25", "1/2", "1 1/2", "2 and a half"
    if (const auto value = written_value(first)) {
        SpokenNumber n{*value, first, 1, false, false};
        n.digits = plain_digits(*value);
        if (first.find('.') != std::string::npos) n.digits = first;
        const std::string next = text_at(w, at + 1);
        if (const auto slash = next.find('/'); slash != std::string::npos && next.size() <= 5) {
            const auto top = written_value(next.substr(0, slash));
            const auto bottom = written_value(next.substr(slash + 1));
            if (top && bottom && *bottom > 0 && *top < *bottom) return SpokenNumber{*value + *top / *bottom, first + " " + next, 2, false, false};
        }
        if (const auto part = and_fraction(w, at + 1)) return SpokenNumber{*value + part->first, plain_digits(*value + part->first), 1 + part->second, false, false};
        return n;
    }
    if (const auto slash = first.find('/'); slash != std::string::npos) {
        const auto top = written_value(first.substr(0, slash));
        const auto bottom = written_value(first.substr(slash + 1));
        if (top && bottom && *bottom > 0) return SpokenNumber{*top / *bottom, first, 1, false, false};
        return std::nullopt;
    }
    // fractions alone: "half", "a quarter", "three quarters"
    if (denominator(first) == 2 || denominator(first) == 4) return SpokenNumber{1.0 / denominator(first), fmt::format("1/{}", denominator(first)), 1, false, true};
    if ((first == "a" || first == "an" || first == "one") && denominator(text_at(w, at + 1)) > 0) {
        const int d = denominator(text_at(w, at + 1));
        return SpokenNumber{1.0 / d, fmt::format("1/{}", d), 2, false, true};
    }
    if (first == "a" && text_at(w, at + 1) == "couple") return SpokenNumber{2, "2", text_at(w, at + 2) == "of" ? 3U : 2U, false, false};
    if (first == "point") {
        std::string digits = "0.";
        std::size_t i = at + 1;
        while (small_at(w, i) && *small_at(w, i) < 10) digits += std::to_string(*small_at(w, i++));
        if (digits.size() == 2) return std::nullopt;
        return SpokenNumber{std::stod(digits), digits, i - at, false, false};
    }
    const Whole whole = whole_number(w, at);
    if (whole.length == 0) return std::nullopt;
    std::size_t i = at + whole.length;
    if (const int d = denominator(text_at(w, i)); d > 1 && whole.value < d && whole.value > 0)
        return SpokenNumber{static_cast<double>(whole.value) / d, fmt::format("{}/{}", whole.value, d), whole.length + 1, false, false};
    if (text_at(w, i) == "point" || text_at(w, i) == "decimal") {
        std::string digits = std::to_string(whole.value) + ".";
        std::size_t k = i + 1;
        while (k < w.size()) {
            const auto d = small_at(w, k);
            if (d && *d < 10)
                digits += std::to_string(*d);
            else if (d && digits.back() == '.')
                digits += std::to_string(*d);
            else if (w[k].text == "oh")
                digits += "0";
            else
                break;
            ++k;
        }
        if (digits.back() == '.') return SpokenNumber{static_cast<double>(whole.value), std::to_string(whole.value), i + 1 - at, true, false};
        return SpokenNumber{std::stod(digits), digits, k - at, false, false};
    }
    if (const auto part = and_fraction(w, i))
        return SpokenNumber{static_cast<double>(whole.value) + part->first, plain_digits(static_cast<double>(whole.value) + part->first), whole.length + part->second, false, false};
    return SpokenNumber{static_cast<double>(whole.value), std::to_string(whole.value), whole.length, false, false};
}

}  // namespace anagraph::core
