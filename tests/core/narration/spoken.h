// Says a figure in the ways people do: numbers in words, digits or a mix, fractions, "point", units long and short, with
// hedges and in sentences. The other side of the reader, for property tests.
#pragma once

#include <rapidcheck.h>

#include <cmath>
#include <string>
#include <vector>

namespace anagraph::core::testing {

inline std::string pick_word(std::initializer_list<const char*> list) {
    return *rc::gen::elementOf(std::vector<std::string>(list.begin(), list.end()));
}
inline int pick_int(int from, int to) { return *rc::gen::inRange(from, to + 1); }
inline bool now_and_then() { return pick_int(0, 3) == 0; }

/// A whole number below a hundred thousand as it is spoken: "two thousand three hundred and six".
inline std::string in_words(int n) {
    static const char* const small[] = {"zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven",
        "twelve", "thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"};
    static const char* const tens[] = {"", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"};
    if (n < 20) return small[n];
    if (n < 100) return std::string(tens[n / 10]) + (n % 10 == 0 ? "" : std::string(" ") + small[n % 10]);
    if (n < 1000) return std::string(small[n / 100]) + " hundred" + (n % 100 == 0 ? "" : " and " + in_words(n % 100));
    return in_words(n / 1000) + " thousand" + (n % 1000 == 0 ? "" : (n % 1000 < 100 ? " and " : " ") + in_words(n % 1000));
}

/// A number with its value, as somebody says it.
struct Spoken {
    std::string text;
    double value;
};

inline Spoken spoken_whole(int from, int to) {
    const int n = pick_int(from, to);
    if (now_and_then()) return {std::to_string(n), static_cast<double>(n)};
    // "two fifty", "twelve forty": hundreds with the word left out
    if (n >= 110 && n < 2000 && n % 100 >= 10 && n % 10 == 0 && now_and_then())
        return {in_words(n / 100) + " " + in_words(n % 100), static_cast<double>(n)};
    return {in_words(n), static_cast<double>(n)};
}

inline Spoken spoken_decimal(int most) {
    const int whole = pick_int(0, most);
    const int tenth = pick_int(1, 9);
    const double value = whole + tenth / 10.0;
    if (now_and_then()) return {std::to_string(whole) + "." + std::to_string(tenth), value};
    const std::string digit = in_words(tenth);
    if (whole == 0) return {pick_word({"point ", "nought point ", "zero point "}) + digit, value};
    return {in_words(whole) + " point " + digit, value};
}

inline Spoken spoken_mixed(int most) {
    const int whole = pick_int(1, most);
    switch (pick_int(0, 3)) {
        case 0:
            return {in_words(whole) + " and a half", whole + 0.5};
        case 1:
            return {in_words(whole) + " and a quarter", whole + 0.25};
        case 2:
            return {in_words(whole) + " and three quarters", whole + 0.75};
        default:
            return {std::to_string(whole) + " 1/2", whole + 0.5};
    }
}

/// A unit as it is spoken and its factor to the canonical unit of its kind.
struct SpokenUnitName {
    const char* kind;
    const char* text;
    double factor;
};

inline SpokenUnitName spoken_unit() {
    static const std::vector<SpokenUnitName> units{{"torque", "newton metres", 1}, {"torque", "newton meters", 1}, {"torque", "Nm", 1},
        {"torque", "foot pounds", 1.3558179483}, {"torque", "foot pound", 1.3558179483}, {"torque", "inch pounds", 0.112984829},
        {"volume", "litres", 1}, {"volume", "liters", 1}, {"volume", "quarts", 0.946352946}, {"volume", "gallons", 3.785411784},
        {"volume", "millilitres", 0.001}, {"pressure", "bar", 100}, {"pressure", "psi", 6.894757293}, {"pressure", "p s i", 6.894757293},
        {"duration", "minutes", 60}, {"duration", "seconds", 1}, {"percent", "percent", 1}, {"speed", "rpm", 1}, {"speed", "revs", 1}};
    return *rc::gen::elementOf(units);
}

/// A sentence with a hole for the figure, that does not change its kind.
inline std::string in_a_sentence(const std::string& figure) {
    const std::string before =
        pick_word({"", "it's ", "the book says ", "so that is ", "right ", "you want ", "and then ", "it wants ", "i make that "});
    const std::string behind = pick_word({"", " on this one", ", no more", " and that's it", " here"});
    return before + figure + behind;
}

}  // namespace anagraph::core::testing
