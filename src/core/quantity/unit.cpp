#include "core/quantity/unit.h"

#include <algorithm>
#include <array>
#include <string>
#include <utility>

namespace anagraph::core {
namespace {

using D = Dimension;
using S = UnitSystem;

constexpr double kPoundForce = 4.4482216152605;  // N, exact
constexpr double kFoot = 0.3048;                 // m, exact
constexpr double kUsGallon = 3.785411784;        // L, exact
constexpr double kImpGallon = 4.54609;           // L, exact

constexpr std::array kUnits{
    Unit{"Nm", "N·m", D::Torque, 1, 0, S::Metric, "lbf.ft"},
    Unit{"lbf.ft", "lbf·ft", D::Torque, kPoundForce* kFoot, 0, S::Imperial, "Nm"},
    Unit{"lbf.in", "lbf·in", D::Torque, kPoundForce* kFoot / 12, 0, S::Imperial, "Nm"},
    Unit{"kgf.m", "kgf·m", D::Torque, 9.80665, 0, S::Metric, "lbf.ft"},
    Unit{"turn", "turn", D::Turn, 1, 0, S::Either, ""},
    Unit{"deg", "°", D::Turn, 1.0 / 360, 0, S::Either, ""},
    Unit{"L", "L", D::Volume, 1, 0, S::Metric, "qt"},
    Unit{"mL", "mL", D::Volume, 0.001, 0, S::Metric, "floz"},
    Unit{"qt", "US qt", D::Volume, kUsGallon / 4, 0, S::Imperial, "L"},
    Unit{"gal", "US gal", D::Volume, kUsGallon, 0, S::Imperial, "L"},
    Unit{"pt", "US pt", D::Volume, kUsGallon / 8, 0, S::Imperial, "L"},
    Unit{"floz", "US fl oz", D::Volume, kUsGallon / 128, 0, S::Imperial, "mL"},
    Unit{"impgal", "imp gal", D::Volume, kImpGallon, 0, S::Imperial, "L"},
    Unit{"impqt", "imp qt", D::Volume, kImpGallon / 4, 0, S::Imperial, "L"},
    Unit{"imppt", "imp pt", D::Volume, kImpGallon / 8, 0, S::Imperial, "L"},
    Unit{"impfloz", "imp fl oz", D::Volume, kImpGallon / 160, 0, S::Imperial, "mL"},
    Unit{"mm", "mm", D::Length, 1, 0, S::Metric, "in"},
    Unit{"cm", "cm", D::Length, 10, 0, S::Metric, "in"},
    Unit{"m", "m", D::Length, 1000, 0, S::Metric, "in"},
    Unit{"in", "in", D::Length, 25.4, 0, S::Imperial, "mm"},
    Unit{"thou", "thou", D::Length, 0.0254, 0, S::Imperial, "mm"},
    Unit{"kPa", "kPa", D::Pressure, 1, 0, S::Metric, "psi"},
    Unit{"bar", "bar", D::Pressure, 100, 0, S::Metric, "psi"},
    Unit{"MPa", "MPa", D::Pressure, 1000, 0, S::Metric, "psi"},
    Unit{"psi", "psi", D::Pressure, 6.894757293168361, 0, S::Imperial, "bar"},
    Unit{"degC", "°C", D::Temperature, 1, 0, S::Metric, "degF"},
    Unit{"degF", "°F", D::Temperature, 5.0 / 9, -32, S::Imperial, "degC"},
    Unit{"s", "s", D::Duration, 1, 0, S::Either, ""},
    Unit{"min", "min", D::Duration, 60, 0, S::Either, ""},
    Unit{"h", "h", D::Duration, 3600, 0, S::Either, ""},
    Unit{"km", "km", D::Distance, 1, 0, S::Metric, "mi"},
    Unit{"mi", "mi", D::Distance, 1.609344, 0, S::Imperial, "km"},
    Unit{"day", "days", D::Calendar, 12 / 365.2425, 0, S::Either, ""},
    Unit{"week", "weeks", D::Calendar, 84 / 365.2425, 0, S::Either, ""},
    Unit{"month", "months", D::Calendar, 1, 0, S::Either, ""},
    Unit{"year", "years", D::Calendar, 12, 0, S::Either, ""},
    Unit{"rpm", "rpm", D::Speed, 1, 0, S::Either, ""},
    Unit{"%", "%", D::Percent, 1, 0, S::Either, ""},
    Unit{"N", "N", D::Force, 1, 0, S::Metric, "lbf"},
    Unit{"lbf", "lbf", D::Force, kPoundForce, 0, S::Imperial, "N"},
    Unit{"x", "×", D::Count, 1, 0, S::Either, ""},
};

// Common spellings beside id and symbol, lower case.
constexpr std::array<std::pair<std::string_view, std::string_view>, 52> kSpellings{{
    {"nm", "Nm"},
    {"lbf-ft", "lbf.ft"},
    {"ft-lb", "lbf.ft"},
    {"ft lbs", "lbf.ft"},
    {"lb-ft", "lbf.ft"},
    {"lbft", "lbf.ft"},
    {"in-lb", "lbf.in"},
    {"in lbs", "lbf.in"},
    {"kgm", "kgf.m"},
    {"millilitres", "mL"},
    {"milliliters", "mL"},
    {"us quarts", "qt"},
    {"us gallons", "gal"},
    {"us pints", "pt"},
    {"imperial pints", "imppt"},
    {"imperial gallons", "impgal"},
    {"imperial quarts", "impqt"},
    {"millimetres", "mm"},
    {"kilopascal", "kPa"},
    {"degrees", "deg"},
    {"n.m", "Nm"},
    {"n m", "Nm"},
    {"newton metres", "Nm"},
    {"newton metre", "Nm"},
    {"newton meters", "Nm"},
    {"ft.lb", "lbf.ft"},
    {"ft lb", "lbf.ft"},
    {"lb ft", "lbf.ft"},
    {"lb.ft", "lbf.ft"},
    {"foot pounds", "lbf.ft"},
    {"in lb", "lbf.in"},
    {"inch pounds", "lbf.in"},
    {"litre", "L"},
    {"litres", "L"},
    {"liter", "L"},
    {"liters", "L"},
    {"ml", "mL"},
    {"cc", "mL"},
    {"inch", "in"},
    {"inches", "in"},
    {"\"", "in"},
    {"celsius", "degC"},
    {"fahrenheit", "degF"},
    {"seconds", "s"},
    {"minutes", "min"},
    {"hours", "h"},
    {"hour", "h"},
    {"turns", "turn"},
    {"percent", "%"},
    {"newtons", "N"},
    {"miles", "mi"},
    {"bars", "bar"},
}};

std::string lower(std::string_view text) {
    std::string out(text);
    std::transform(out.begin(), out.end(), out.begin(),
        [](unsigned char c) { return c < 128 ? static_cast<char>(std::tolower(c)) : static_cast<char>(c); });
    return out;
}

}  // namespace

std::string ambiguous_unit(std::string_view spelling) {
    struct Either {
        std::string_view words;
        std::string_view question;
    };
    // US and imperial measures of one name differ by a fifth; the imperial ounce by 4 %
    static constexpr std::array<Either, 4> kEither{
        {{" gallon gallons ", "write gal for the US gallon (3.79 L) or impgal for the imperial (4.55 L)."},
            {" quart quarts ", "write qt for the US quart (0.946 L) or impqt for the imperial (1.14 L)."},
            {" pint pints ", "write pt for the US pint (0.473 L) or imppt for the imperial (0.568 L)."},
            {" ounce ounces oz ", "write floz for the US fluid ounce (29.6 mL) or impfloz for the imperial (28.4 mL)."}}};
    const std::string word = " " + lower(spelling) + " ";
    for (const auto& e : kEither)
        if (spelling.find(' ') == std::string_view::npos && !spelling.empty() && e.words.find(word) != std::string_view::npos)
            return std::string(e.question);
    return {};
}

std::span<const Unit> units() { return kUnits; }

const Unit* find_unit(std::string_view spelling) {
    const auto by = [](auto&& same) -> const Unit* {
        const auto it = std::find_if(kUnits.begin(), kUnits.end(), same);
        return it == kUnits.end() ? nullptr : &*it;
    };
    // Case first as written: "MPa" and "mPa" differ, "Nm" and "nm" do not here.
    if (const Unit* exact = by([&](const Unit& u) { return u.id == spelling || u.symbol == spelling; })) return exact;
    const std::string low = lower(spelling);
    if (const auto it = std::find_if(kSpellings.begin(), kSpellings.end(), [&](const auto& s) { return s.first == low; });
        it != kSpellings.end())
        return find_unit(it->second);
    return by([&](const Unit& u) { return lower(u.id) == low || lower(u.symbol) == low; });
}

double convert(double value, const Unit& from, const Unit& to) {
    if (&from == &to) return value;
    return (value + from.offset) * from.factor / to.factor - to.offset;
}

const Unit& unit_meant(const Unit& said, Dimension wanted) {
    if (said.dimension != Dimension::Force || wanted != Dimension::Torque) return said;
    return *find_unit(said.id == "lbf" ? "lbf.ft" : said.id == "kgf" ? "kgf.m" : "Nm");
}

}  // namespace anagraph::core
