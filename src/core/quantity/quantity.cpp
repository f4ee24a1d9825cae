#include "core/quantity/quantity.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>

#include "core/base/letters.h"
#include "core/quantity/unit_words.h"

namespace anagraph::core {
namespace {

bool read_double(std::string_view s, double& out) {
    const auto r = std::from_chars(s.data(), s.data() + s.size(), out, std::chars_format::fixed);
    return r.ec == std::errc{} && r.ptr == s.data() + s.size() && std::isfinite(out);
}

bool read_fraction(std::string_view s, double& out) {
    const auto slash = s.find('/');
    double a = 0;
    double b = 0;
    if (slash == std::string_view::npos || !read_double(s.substr(0, slash), a) || !read_double(s.substr(slash + 1), b) || b == 0)
        return false;
    out = a / b;
    return true;
}

/// Decimals that leave `digits` significant digits; negative where the last of them stands before the point.
int decimals_for(double value, int digits) { return digits - 1 - static_cast<int>(std::floor(std::log10(std::abs(value)) + 1e-12)); }

/// `value` in steps of the last decimal, rounded. A value that is a whole number of steps but for the error of binary
/// fractions stays where it is.
double whole_steps(double value, int decimals, Rounding rounding) {
    const double steps = value * std::pow(10.0, decimals);
    const double near = std::round(steps);
    // only what the arithmetic of doubles sets apart is the same number; a limit is never crossed by more
    if (rounding == Rounding::Nearest || std::abs(steps - near) <= 1e-12 * std::max(1.0, std::abs(near))) return near;
    return rounding == Rounding::Down ? std::floor(steps) : std::ceil(steps);
}

std::string fixed_text(double value, int decimals, Rounding rounding) {
    const double whole = whole_steps(value, decimals, rounding);
    return fmt::format("{:.{}f}", whole == 0 ? 0.0 : whole * std::pow(10.0, -decimals), std::max(0, decimals));  // never "-0"
}

/// Decimals of the quantity in `to`: those of its own significant digits, for temperatures those it was written with.
int decimals_in(const Quantity& quantity, const Unit& to) {
    const double value = quantity.in(to);
    if (to.dimension != Dimension::Temperature) return value == 0 ? 0 : decimals_for(value, quantity.number.significant());
    const double half = quantity.number.half_step();
    return half >= 0.5 || half == 0 ? 0 : static_cast<int>(std::lround(-std::log10(half * 2)));
}

}  // namespace

namespace {

/// `text` can be meant two ways, which are told.
tl::unexpected<Error> ambiguous(std::string_view text, const std::vector<std::string>& ways) {
    return fail(ErrorCode::Ambiguous,
        say(key("Numbers", "\"{0}\" can be read two ways; write it as {1} or as {2}."), trimmed(text), ways.front(), ways.back()));
}

}  // namespace

std::vector<std::string> two_ways(std::string_view text) {
    for (std::size_t i = 0; i < text.size();) {
        if (!is_digit(text[i])) {
            ++i;
            continue;
        }
        std::size_t end = i;
        while (end < text.size() &&
            (is_digit(text[end]) || ((text[end] == ',' || text[end] == '.') && end + 1 < text.size() && is_digit(text[end + 1]))))
            ++end;
        const auto readings = readings_of(text.substr(i, end - i));
        if (readings.size() == 2) {
            const auto with = [&](const std::string& number) {
                return std::string(text.substr(0, i)) + number + std::string(text.substr(end));
            };
            return {with(unmistakable(readings.front())), with(readings.back())};
        }
        i = end;
    }
    return {};
}

std::string as_typed(std::string_view kept) {
    // what is kept has a point before its decimals, so that the first of two ways is meant
    std::string out(kept);
    for (auto ways = two_ways(out); !ways.empty(); ways = two_ways(out)) out = std::move(ways.front());
    return out;
}

std::string typed(const Quantity& quantity) {
    return quantity.unit == nullptr ? quantity.number.text() : fmt::format("{} {}", quantity.number.text(), quantity.unit->id);
}

Result<Number> Number::parse(std::string_view text, DecimalMark mark) {
    const std::string_view s = trimmed(text);
    Number n;
    const auto bad = [&] {
        return fail(ErrorCode::BadInput, say(key("Numbers", "\"{0}\" is no number; write it as 18, 7.5, 5/8 or 1 3/4."), text));
    };
    if (s.empty() || s.size() > 40) return bad();
    if (s.find('/') != std::string_view::npos) {
        n.text_ = std::string(s);
        const auto space = s.find(' ');
        double whole = 0;
        double part = 0;
        if (space != std::string_view::npos && !read_double(trimmed(s.substr(0, space)), whole)) return bad();
        if (!read_fraction(trimmed(space == std::string_view::npos ? s : s.substr(space + 1)), part)) return bad();
        n.value_ = whole < 0 ? whole - part : whole + part;
        n.significant_ = 3;
        n.half_step_ = 0;
        return n;
    }
    const auto readings = readings_of(s, mark);
    if (readings.size() > 1) return ambiguous(s, two_ways(s));
    if (readings.empty() || !read_double(readings.front(), n.value_)) return bad();
    n.text_ = readings.front();
    const auto point = n.text_.find('.');
    const int decimals = point == std::string::npos ? 0 : static_cast<int>(n.text_.size() - point - 1);
    int digits = 0;
    for (const char c : n.text_)
        if (is_digit(c) && (digits > 0 || c != '0')) ++digits;
    n.significant_ = std::max(1, digits);
    n.half_step_ = 0.5 * std::pow(10.0, -decimals);
    return n;
}

Result<Number> Number::kept(std::string_view text) {
    return parse(text, text.find(',') == std::string_view::npos ? DecimalMark::Point : DecimalMark::Unknown);
}

Result<Quantity> Quantity::parse(std::string_view text, DecimalMark mark) {
    const std::string_view s = trimmed(text);
    std::size_t at = 0;
    while (at < s.size() && (is_digit(s[at]) || std::string_view("-.,/ ").find(s[at]) != std::string_view::npos)) ++at;
    const auto number = Number::parse(s.substr(0, at), mark);
    if (!number && number.error().code == ErrorCode::Ambiguous) return ambiguous(s, two_ways(s));
    if (!number) return tl::make_unexpected(number.error());
    const std::string_view spelling = trimmed(s.substr(at));
    if (const auto question = ambiguous_unit(spelling); !question.empty())
        return fail(ErrorCode::BadInput, say(key("Numbers", "\"{0}\" can be either: {1}"), text, question));
    const Unit* unit = find_unit(spelling);
    if (unit == nullptr)
        return fail(ErrorCode::BadInput,
            spelling.empty()
                ? fmt::format("\"{}\" has no unit; add one, as in \"{} Nm\".", text, number->text())
                : fmt::format("\"{}\" is no unit known here; use one such as Nm, lbf.ft, L, qt, mm, in, bar, degC, min.", spelling));
    return Quantity{*number, unit};
}

std::string rounded_text(double value, int digits, Rounding rounding) {
    if (value == 0 || !std::isfinite(value)) return "0";
    const int decimals = decimals_for(value, digits);
    const double whole = whole_steps(value, decimals, rounding);
    // rounding up may have added a digit: 99.96 -> 100
    const bool carried = std::abs(whole) >= std::pow(10.0, digits) - 0.5;
    return fmt::format("{:.{}f}", whole * std::pow(10.0, -decimals), std::max(0, decimals - (carried ? 1 : 0)));
}

std::string display(const Quantity& quantity) { return fmt::format("{} {}", quantity.number.text(), quantity.unit->symbol); }

Words words_of(const Quantity& quantity) {
    return say(key("Values", "{0} {1}"), Words::number(quantity.number.text()), unit_words(*quantity.unit));
}

Words amount_words(double value, const Unit& unit, int digits) {
    return say(key("Values", "{0} {1}"), Words::number(fmt::format("{:.{}g}", value, digits)), unit_words(unit));
}

std::string display_in(const Quantity& quantity, const Unit& to, Rounding rounding) {
    if (&to == quantity.unit) return display(quantity);
    if (to.dimension == Dimension::Temperature)
        return fmt::format("{} {}", fixed_text(quantity.in(to), decimals_in(quantity, to), rounding), to.symbol);
    return fmt::format("{} {}", rounded_text(quantity.in(to), quantity.number.significant(), rounding), to.symbol);
}

std::string display_range_in(const Quantity& low, const Quantity& high, const Unit& to) {
    constexpr int kMaxDecimals = 9;
    int decimals = std::max(decimals_in(low, to), decimals_in(high, to));
    while (decimals < kMaxDecimals && whole_steps(low.in(to), decimals, Rounding::Up) >= whole_steps(high.in(to), decimals, Rounding::Down))
        ++decimals;
    return fmt::format(
        "{} to {} {}", fixed_text(low.in(to), decimals, Rounding::Up), fixed_text(high.in(to), decimals, Rounding::Down), to.symbol);
}

std::string display_other_system(const Quantity& quantity, Rounding rounding) {
    if (quantity.unit->partner.empty()) return {};
    const Unit* partner = find_unit(quantity.unit->partner);
    return partner == nullptr ? std::string{} : display_in(quantity, *partner, rounding);
}

}  // namespace anagraph::core
