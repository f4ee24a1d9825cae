// Quantity: a number with its unit, keeping the digits as they were written. "18 lbf·ft" stays 18 and never comes back
// as 17.999; conversion is for display only. Not a calculator: arithmetic works on value() and says its own precision.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/quantity/unit.h"
#include "core/quantity/written_number.h"

namespace anagraph::core {

/// How display may round. A maximum is never rounded up and a minimum never down.
enum class Rounding { Nearest, Down, Up };

/// A number as a person writes it: "18", "7.5", "1 3/4", "5/8", "1,5", "1 200". Digits are kept; groups and decimal commas are
/// not: text() has a point before the decimals and nothing else between its digits.
class Number {
public:
    /// A number that comes in. Errors: BadInput for anything that is no such number, and for a fraction over zero; Ambiguous,
    /// with both readings, where readings_of() has two.
    static Result<Number> parse(std::string_view text, DecimalMark mark = DecimalMark::Unknown);
    /// A number that parse() let in, as text() was kept: a point stands before decimals. Errors: BadInput; Ambiguous for a
    /// comma before three digits, which older libraries let in.
    static Result<Number> kept(std::string_view text);

    const std::string& text() const { return text_; }
    double value() const { return value_; }
    /// Digits that count: "25" 2, "0.25" 2, "2.0" 2, "300" 3 (all digits written are meant), a fraction 3.
    int significant() const { return significant_; }
    /// Half of the last place written: 0.5 for "18", 0.05 for "1.7", 0 for a fraction.
    double half_step() const { return half_step_; }
    friend bool operator==(const Number& a, const Number& b) { return a.text_ == b.text_; }

private:
    std::string text_ = "0";
    double value_ = 0;
    int significant_ = 1;
    double half_step_ = 0.5;
};

/// The two ways a text with one ambiguous number can be meant, each written so that it is no longer ambiguous: "2,000 kPa" ->
/// {"2.0 kPa", "2000 kPa"}. Empty where nothing in it is ambiguous.
std::vector<std::string> two_ways(std::string_view text);

/// A value as the program keeps it, written so that it comes in again as the same value: "1.250 L" -> "1.25 L".
std::string as_typed(std::string_view kept);

struct Quantity {
    Number number;
    const Unit* unit = nullptr;

    /// "18 lbf.ft", "1 3/4 L", "5/8 in", "25Nm". Errors: BadInput, naming the part that was not understood; Ambiguous as in
    /// Number::parse().
    static Result<Quantity> parse(std::string_view text, DecimalMark mark = DecimalMark::Unknown);
    double in(const Unit& to) const { return convert(number.value(), *unit, to); }
    friend bool operator==(const Quantity& a, const Quantity& b) { return a.unit == b.unit && a.number == b.number; }
};

/// `value` with `digits` significant digits, without an exponent: (24.405, 2) -> "24", (0.70801, 2) -> "0.71".
std::string rounded_text(double value, int digits, Rounding rounding = Rounding::Nearest);

/// "18 lbf.ft": as it comes in again, with the ASCII name of its unit.
std::string typed(const Quantity& quantity);
/// "18 lbf·ft": the quantity as written, with the printed symbol.
std::string display(const Quantity& quantity);
Words words_of(const Quantity& quantity);
/// What was reckoned, with so many digits: "302.5 h".
Words amount_words(double value, const Unit& unit, int digits = 6);
/// The quantity in another unit of its dimension, with no more digits than the original carries: 18 lbf.ft -> "24 N·m".
/// Temperatures keep the decimals instead, since their zero is arbitrary (5 °C -> 41 °F).
std::string display_in(const Quantity& quantity, const Unit& to, Rounding rounding = Rounding::Nearest);
/// A range in another unit of its dimension, both ends with the same decimals: 8 to 10 mm -> "0.32 to 0.39 in". Rounding
/// only ever narrows a range: its lower end goes up and its upper end down, with as many decimals as that takes.
std::string display_range_in(const Quantity& low, const Quantity& high, const Unit& to);
/// The same figure in the other unit system, or empty where none is needed (minutes, percent).
std::string display_other_system(const Quantity& quantity, Rounding rounding = Rounding::Nearest);

}  // namespace anagraph::core
