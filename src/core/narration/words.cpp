#include "core/narration/words.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "core/base/letters.h"
#include "core/narration/lexicon.h"
#include "core/quantity/written_number.h"

namespace anagraph::core {
namespace {

bool small_letter(char c) { return c >= 'a' && c <= 'z'; }

const std::map<std::string_view, int>& small_numbers() {
    static const std::map<std::string_view, int> table{{"zero", 0}, {"nought", 0}, {"naught", 0}, {"oh", 0}, {"one", 1}, {"two", 2},
        {"three", 3}, {"four", 4}, {"five", 5}, {"six", 6}, {"seven", 7}, {"eight", 8}, {"nine", 9}, {"ten", 10}, {"eleven", 11},
        {"twelve", 12}, {"thirteen", 13}, {"fourteen", 14}, {"fifteen", 15}, {"sixteen", 16}, {"seventeen", 17}, {"eighteen", 18},
        {"nineteen", 19}, {"twenty", 20}, {"thirty", 30}, {"forty", 40}, {"fourty", 40}, {"fifty", 50}, {"sixty", 60}, {"seventy", 70},
        {"eighty", 80}, {"ninety", 90}};
    return table;
}

/// The denominator a word names: half 2, quarter 4 ... or 0.
int denominator(std::string_view w) {
    static const std::map<std::string_view, int> table{{"half", 2}, {"halves", 2}, {"third", 3}, {"thirds", 3}, {"quarter", 4},
        {"quarters", 4}, {"fifth", 5}, {"fifths", 5}, {"sixth", 6}, {"sixths", 6}, {"eighth", 8}, {"eighths", 8}, {"tenth", 10},
        {"tenths", 10}, {"twelfth", 12}, {"sixteenth", 16}, {"sixteenths", 16}, {"hundredth", 100}, {"hundredths", 100},
        {"thousandth", 1000}, {"thousandths", 1000}};
    const auto it = table.find(w);
    return it == table.end() ? 0 : it->second;
}

std::string text_at(std::span<const Word> w, std::size_t i) { return i < w.size() ? w[i].text : std::string(); }

std::optional<int> small_at(std::span<const Word> w, std::size_t i) {
    static constexpr WordList kNames =
        "zero nought naught oh one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen "
        "eighteen nineteen twenty thirty forty fourty fifty sixty seventy eighty ninety";
    if (i >= w.size() || !kNames.has(w[i].text)) return std::nullopt;
    const auto it = small_numbers().find(text_at(w, i));
    return it == small_numbers().end() ? std::nullopt : std::optional<int>(it->second);
}

/// "2,300" -> 2300; "1.7"; plain digits. Not "5w30". Narrations are read in English, where a point stands before decimals.
std::optional<double> written_value(std::string_view s) {
    const auto readings = readings_of(s, DecimalMark::Point);
    if (readings.size() != 1 || readings.front().size() > 12 || !is_digit(s.back())) return std::nullopt;
    return std::stod(readings.front());
}

std::string plain_digits(double value) {
    std::string s = fmt::format("{:.4f}", value);
    s.erase(s.find_last_not_of('0') + 1);
    if (s.back() == '.') s.pop_back();
    return s;
}

/// A whole number in words; `length` 0 when there is none.
struct Whole {
    long value = 0;
    std::size_t length = 0;
};

Whole below_hundred(std::span<const Word> w, std::size_t at) {
    const auto first = small_at(w, at);
    if (!first || w[at].text == "oh") return {};
    if (*first >= 20) {
        const auto second = small_at(w, at + 1);
        if (second && *second >= 1 && *second <= 9 && !w[at + 1].clause_start) return {*first + *second, 2};
    }
    return {*first, 1};
}

/// Hundreds and thousands, with "and": "two thousand three hundred and six".
Whole whole_number(std::span<const Word> w, std::size_t at) {
    Whole head = below_hundred(w, at);
    const std::string next = text_at(w, at + 1);
    if (head.length == 0 && (text_at(w, at) == "a" || text_at(w, at) == "an")) {
        if (next == "dozen") return {12, 2};
        if (next == "hundred" || next == "thousand") head = {1, 1};
    }
    const bool bare = head.length == 0 && (text_at(w, at) == "hundred" || text_at(w, at) == "thousand");  // "every hundred hours"
    if (head.length == 0 && !bare) return {};
    long total = 0;
    long current = head.value;
    std::size_t i = at + head.length;
    while (i < w.size() && !(i > at && w[i].clause_start)) {
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
            if (!big) break;
            const std::size_t from = i + (joined ? 1 : 0);
            Whole more = below_hundred(w, from);
            // "six thousand 118": a recogniser mixes words and digits
            if (const auto digits = more.length == 0 ? written_value(text_at(w, from)) : std::nullopt;
                digits && total > 0 && *digits < 1000 && *digits == std::floor(*digits))
                more = {static_cast<long>(*digits), 1};
            if (more.length == 0) break;
            // "two hundred and a half" is a fraction; "and" before a number belongs to it only after hundred or thousand
            if (denominator(text_at(w, from + more.length)) != 0) break;
            current += more.value;
            i += more.length + (joined ? 1 : 0);
        }
    }
    return {total + current, i - at};
}

/// "six one one nine": three digits or more said one by one.
Whole digit_by_digit(std::span<const Word> w, std::size_t at) {
    Whole out;
    while (at + out.length < w.size() && out.length < 9) {
        const auto d = small_at(w, at + out.length);
        if (!d || *d > 9 || (out.length > 0 && w[at + out.length].clause_start)) break;
        out.value = out.value * 10 + *d;
        ++out.length;
    }
    return out.length >= 3 ? out : Whole{};
}

/// Digits said after "point": "oh four", "two five", "twenty five". Returns how many words they take.
std::size_t decimals_said(std::span<const Word> w, std::size_t at, std::string& digits) {
    std::size_t k = at;
    while (k < w.size() && !(k > at && w[k].clause_start)) {
        const auto d = small_at(w, k);
        if (d && *d < 10) {
            digits += std::to_string(*d);
            ++k;
        } else if (const Whole two = below_hundred(w, k); k == at && two.length > 0) {
            digits += std::to_string(two.value);
            return two.length;
        } else if (const auto written = written_value(w[k].text);
                   k == at && written && *written == std::floor(*written) && *written < 1000) {
            digits += w[k].text;
            return 1;
        } else {
            break;
        }
    }
    return k - at;
}

/// "and a half", "and three quarters", from words[at].
std::optional<std::pair<double, std::size_t>> and_fraction(std::span<const Word> w, std::size_t at) {
    if (text_at(w, at) != "and") return std::nullopt;
    const std::string second = text_at(w, at + 1);
    const auto top = second == "a" || second == "an" ? std::optional<int>(1) : small_at(w, at + 1);
    const int bottom = denominator(text_at(w, at + 2));
    if (!top || bottom == 0) return std::nullopt;
    return std::pair{static_cast<double>(*top) / bottom, std::size_t{3}};
}

/// "p s i" -> "psi", "o m four" -> "om four". A single letter stays: "fifteen w forty".
std::vector<Word> joined_letters(std::vector<Word> words) {
    const auto single = [](const Word& w) { return w.text.size() == 1 && small_letter(w.text[0]); };
    std::vector<Word> out;
    for (std::size_t i = 0; i < words.size();) {
        std::size_t n = i;
        // "a v g thirty two": the article before spelt letters is none of them
        if (words[i].text != "a" && words[i].text != "i")
            while (n < words.size() && single(words[n]) && (n == i || !words[n].sentence_start)) ++n;
        if (n - i < 2) {
            out.push_back(std::move(words[i++]));
            continue;
        }
        Word joined = words[i];
        std::size_t k = i + 1;
        // "p s i i think": a unit ends where it is complete
        for (; k < n && !(joined.text.size() > 1 && words[k].text == "i" && lexicon::unit_of(joined.text, "", "")); ++k)
            joined.text += words[k].text;
        out.push_back(std::move(joined));
        i = k;
    }
    return out;
}

SpokenNumber spoken(double value, std::string digits, std::size_t length) { return {value, std::move(digits), length, false, false, 0}; }
SpokenNumber part_of_one(int top, int bottom, std::size_t length) {
    return {static_cast<double>(top) / bottom, fmt::format("{}/{}", top, bottom), length, false, true, 0};
}

/// Fractions of an inch as recognisers write them: "9 16" or "9-16" for nine sixteenths, "5.8" of a socket for five eighths. Never before a
/// unit of another kind: "6 16 mm bolts" are six bolts.
std::optional<SpokenNumber> inch_fraction(std::span<const Word> w, std::size_t at) {
    static constexpr WordList kBottoms = "8 16 32 64";
    static constexpr WordList kInchTools = "socket sockets wrench wrenches spanner spanners inch inches bit drill";
    const auto part = [](std::string_view top, std::string_view bottom, std::size_t length) -> std::optional<SpokenNumber> {
        const auto t = written_value(top);
        const auto b = written_value(bottom);
        if (!t || !b || !kBottoms.has(bottom) || top.find('.') != std::string_view::npos) return std::nullopt;
        const bool lowest = std::fmod(*t, 2) == 1 && *t < *b;
        return lowest ? std::optional(part_of_one(static_cast<int>(*t), static_cast<int>(*b), length)) : std::nullopt;
    };
    const std::string_view first = w[at].text;
    if (const auto point = first.find('.'); point != std::string_view::npos)
        return kInchTools.has(text_at(w, at + 1)) ? part(first.substr(0, point), first.substr(point + 1), 1) : std::nullopt;
    if (at + 1 >= w.size() || w[at + 1].clause_start) return std::nullopt;
    const auto unit = lexicon::unit_of(text_at(w, at + 2), text_at(w, at + 3), "");
    if ((unit && unit->id != "in") || written_value(text_at(w, at + 2))) return std::nullopt;
    return part(first, w[at + 1].text, 2);
}

/// "25", "1/2", "1 1/2", "2 and a half", "7 sixteenths".
std::optional<SpokenNumber> written_number(std::span<const Word> w, std::size_t at) {
    const std::string& first = w[at].text;
    const auto slashed = [](std::string_view s) -> std::optional<double> {
        const auto slash = s.find('/');
        if (slash == std::string_view::npos || s.size() > 7) return std::nullopt;
        const auto top = written_value(s.substr(0, slash));
        const auto bottom = written_value(s.substr(slash + 1));
        if (!top || !bottom || *bottom <= 0) return std::nullopt;
        return *top / *bottom;
    };
    if (const auto fraction = slashed(first)) return spoken(*fraction, first, 1);
    const auto value = written_value(first);
    if (!value) return std::nullopt;
    if (const auto part = inch_fraction(w, at)) return part;
    const std::string next = text_at(w, at + 1);
    if (const auto fraction = slashed(next); fraction && *fraction < 1) return spoken(*value + *fraction, first + " " + next, 2);
    if (const auto part = and_fraction(w, at + 1))
        return spoken(*value + part->first, plain_digits(*value + part->first), 1 + part->second);
    if (const int d = denominator(next); d > 2 && *value > 0 && *value < d && *value == std::floor(*value))
        return part_of_one(static_cast<int>(*value), d, 2);
    if (next == "thousand" || next == "hundred")
        return spoken(*value * (next == "hundred" ? 100 : 1000), plain_digits(*value * (next == "hundred" ? 100 : 1000)), 2);
    return spoken(*value, first.find('.') != std::string::npos ? first : plain_digits(*value), 1);
}

}  // namespace

std::vector<Word> words_of(std::string_view text) {
    std::vector<Word> out;
    bool clause = true;
    bool sentence = true;
    std::string current;
    const auto push = [&](std::string word) {
        out.push_back({std::move(word), clause, sentence, 0});
        clause = sentence = false;
    };
    const auto flush = [&] {
        while (!current.empty() && !is_digit(current.back()) && !small_letter(current.back())) current.pop_back();
        if (current.empty()) return;
        // "nine's in": the number is
        if (const auto stem = std::string_view(current).substr(0, current.size() - std::min<std::size_t>(2, current.size()));
            current.ends_with("'s") && stem != "one" && small_numbers().contains(stem)) {
            push(std::string(stem));
            push("is");
            current.clear();
            return;
        }
        const std::size_t letters = current.find_first_not_of("0123456789.,");
        if (letters != std::string::npos && letters > 0 && lexicon::unit_of(std::string_view(current).substr(letters), "", "")) {
            push(current.substr(0, letters));
            push(current.substr(letters));
        } else {
            push(current);
        }
        current.clear();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        const bool in_number = !current.empty() && is_digit(current.back()) && i + 1 < text.size() && is_digit(text[i + 1]);
        if (small_letter(c) || is_digit(c)) {
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
            push("degrees");
            ++i;
        } else if (c == '%') {
            flush();
            push("percent");
        } else {
            flush();
            const bool turn =
                c == '>' || (c == '-' && i + 1 < text.size() && text[i + 1] == ' ' && (i == 0 || text[i - 1] == ' '));  // another speaks
            if (c == '.' || c == '?' || c == '!' || turn) clause = sentence = true;
            if (c == ',' || c == ';' || c == ':' || c == '(') clause = true;
            if (static_cast<unsigned char>(c) >= 0x80) {
                if (text.substr(i, 3) == "\xE2\x80\x93" || text.substr(i, 3) == "\xE2\x80\x94") clause = true;
                while (i + 1 < text.size() && (static_cast<unsigned char>(text[i + 1]) & 0xC0) == 0x80) ++i;
            }
        }
    }
    flush();
    out = joined_letters(std::move(out));
    for (auto& w : out) w.classes = lexicon::classes_of(w.text);
    return out;
}

std::optional<SpokenNumber> read_number(std::span<const Word> w, std::size_t at) {
    if (at >= w.size()) return std::nullopt;
    const std::string& first = w[at].text;
    if (first == "minus") {
        auto below = read_number(w, at + 1);
        if (!below || below->fraction) return std::nullopt;
        below->value = -below->value;
        below->digits = "-" + below->digits;
        ++below->length;
        below->grouped = 0;
        return below;
    }
    if (auto written = written_number(w, at)) return written;
    // fractions alone: "half", "a quarter", "an eighth", "three quarters"
    if (denominator(first) == 2 || denominator(first) == 4) return part_of_one(1, denominator(first), 1);
    if (const int d = denominator(text_at(w, at + 1)); d > 0 && (first == "a" || first == "an" || first == "one" || first == "another"))
        return part_of_one(1, d, 2);
    if (first == "couple") return spoken(2, "2", text_at(w, at + 1) == "of" ? 2 : 1);
    if (first == "a" && text_at(w, at + 1) == "couple") return spoken(2, "2", text_at(w, at + 2) == "of" ? 3 : 2);
    if (first == "point") {
        std::string digits = "0.";
        const std::size_t n = decimals_said(w, at + 1, digits);
        if (n == 0) return std::nullopt;
        return spoken(std::stod(digits), digits, n + 1);
    }
    if (const Whole digits = digit_by_digit(w, at); digits.length > 0 && text_at(w, at + digits.length) != "point")
        return spoken(static_cast<double>(digits.value), std::to_string(digits.value), digits.length);
    const Whole whole = whole_number(w, at);
    if (whole.length == 0) return std::nullopt;
    const std::size_t i = at + whole.length;
    if (const int d = denominator(text_at(w, i)); d > 1 && whole.value < d && whole.value > 0)
        return part_of_one(static_cast<int>(whole.value), d, whole.length + 1);
    if ((text_at(w, i) == "point" || text_at(w, i) == "decimal") && !w[i].clause_start) {
        std::string digits = std::to_string(whole.value) + ".";
        const std::size_t n = decimals_said(w, i + 1, digits);
        if (n == 0) return SpokenNumber{static_cast<double>(whole.value), std::to_string(whole.value), whole.length + 1, true, false, 0};
        return spoken(std::stod(digits), digits, whole.length + 1 + n);
    }
    if (const auto part = and_fraction(w, i)) {
        // "two and a half thousand"
        const std::string times = text_at(w, i + part->second);
        const double factor = times == "thousand" ? 1000 : times == "hundred" ? 100 : 1;
        const double value = (static_cast<double>(whole.value) + part->first) * factor;
        return spoken(value, plain_digits(value), whole.length + part->second + (factor > 1 ? 1 : 0));
    }
    // "twelve forty eight", "two fifty": hundreds, with the word left out
    if (whole.value >= 1 && whole.value < 100 && whole.length <= 2 && i < w.size() && !w[i].clause_start) {
        const Whole second = below_hundred(w, i);
        if (second.length > 0 && second.value >= 10 && denominator(text_at(w, i + second.length)) == 0 &&
            text_at(w, i + second.length) != "point") {
            SpokenNumber n = spoken(static_cast<double>(whole.value * 100 + second.value), std::to_string(whole.value * 100 + second.value),
                whole.length + second.length);
            n.grouped = whole.length;
            return n;
        }
    }
    return spoken(static_cast<double>(whole.value), std::to_string(whole.value), whole.length);
}

}  // namespace anagraph::core
