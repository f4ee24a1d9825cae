#include "core/figure/spoken.h"

#include <algorithm>
#include <array>

#include "core/quantity/unit.h"

namespace anagraph::core {

namespace {

struct SpokenUnit {
    std::string_view id;
    Key many;
    Key one = many;
};

constexpr const char* kUnits = "Units said aloud";

constexpr std::array kSpoken{
    SpokenUnit{"Nm", key(kUnits, "{0} newton metres"), key(kUnits, "{0} newton metre")},
    SpokenUnit{"lbf.ft", key(kUnits, "{0} foot pounds"), key(kUnits, "{0} foot pound")},
    SpokenUnit{"lbf.in", key(kUnits, "{0} inch pounds"), key(kUnits, "{0} inch pound")},
    SpokenUnit{"kgf.m", key(kUnits, "{0} kilogram-force metres"), key(kUnits, "{0} kilogram-force metre")},
    SpokenUnit{"turn", key(kUnits, "{0} turns"), key(kUnits, "{0} turn")},
    SpokenUnit{"deg", key(kUnits, "{0} degrees"), key(kUnits, "{0} degree")},
    SpokenUnit{"L", key(kUnits, "{0} litres"), key(kUnits, "{0} litre")},
    SpokenUnit{"mL", key(kUnits, "{0} millilitres"), key(kUnits, "{0} millilitre")},
    SpokenUnit{"qt", key(kUnits, "{0} US quarts"), key(kUnits, "{0} US quart")},
    SpokenUnit{"gal", key(kUnits, "{0} US gallons"), key(kUnits, "{0} US gallon")},
    SpokenUnit{"pt", key(kUnits, "{0} US pints"), key(kUnits, "{0} US pint")},
    SpokenUnit{"floz", key(kUnits, "{0} US fluid ounces"), key(kUnits, "{0} US fluid ounce")},
    SpokenUnit{"impgal", key(kUnits, "{0} imperial gallons"), key(kUnits, "{0} imperial gallon")},
    SpokenUnit{"impqt", key(kUnits, "{0} imperial quarts"), key(kUnits, "{0} imperial quart")},
    SpokenUnit{"imppt", key(kUnits, "{0} imperial pints"), key(kUnits, "{0} imperial pint")},
    SpokenUnit{"impfloz", key(kUnits, "{0} imperial fluid ounces"), key(kUnits, "{0} imperial fluid ounce")},
    SpokenUnit{"mm", key(kUnits, "{0} millimetres"), key(kUnits, "{0} millimetre")},
    SpokenUnit{"cm", key(kUnits, "{0} centimetres"), key(kUnits, "{0} centimetre")},
    SpokenUnit{"m", key(kUnits, "{0} metres"), key(kUnits, "{0} metre")},
    SpokenUnit{"in", key(kUnits, "{0} inches"), key(kUnits, "{0} inch")},
    SpokenUnit{"thou", key(kUnits, "{0} thousandths of an inch"), key(kUnits, "{0} thousandth of an inch")},
    SpokenUnit{"kPa", key(kUnits, "{0} kilopascals"), key(kUnits, "{0} kilopascal")},
    SpokenUnit{"bar", key(kUnits, "{0} bar")},
    SpokenUnit{"MPa", key(kUnits, "{0} megapascals"), key(kUnits, "{0} megapascal")},
    SpokenUnit{"psi", key(kUnits, "{0} pounds per square inch"), key(kUnits, "{0} pound per square inch")},
    SpokenUnit{"degC", key(kUnits, "{0} degrees Celsius"), key(kUnits, "{0} degree Celsius")},
    SpokenUnit{"degF", key(kUnits, "{0} degrees Fahrenheit"), key(kUnits, "{0} degree Fahrenheit")},
    SpokenUnit{"s", key(kUnits, "{0} seconds"), key(kUnits, "{0} second")},
    SpokenUnit{"min", key(kUnits, "{0} minutes"), key(kUnits, "{0} minute")},
    SpokenUnit{"h", key(kUnits, "{0} hours"), key(kUnits, "{0} hour")},
    SpokenUnit{"km", key(kUnits, "{0} kilometres"), key(kUnits, "{0} kilometre")},
    SpokenUnit{"mi", key(kUnits, "{0} miles"), key(kUnits, "{0} mile")},
    SpokenUnit{"day", key(kUnits, "{0} days"), key(kUnits, "{0} day")},
    SpokenUnit{"week", key(kUnits, "{0} weeks"), key(kUnits, "{0} week")},
    SpokenUnit{"month", key(kUnits, "{0} months"), key(kUnits, "{0} month")},
    SpokenUnit{"year", key(kUnits, "{0} years"), key(kUnits, "{0} year")},
    SpokenUnit{"rpm", key(kUnits, "{0} revolutions a minute"), key(kUnits, "{0} revolution a minute")},
    SpokenUnit{"%", key(kUnits, "{0} per cent")},
    SpokenUnit{"N", key(kUnits, "{0} newtons"), key(kUnits, "{0} newton")},
    SpokenUnit{"lbf", key(kUnits, "{0} pounds of force"), key(kUnits, "{0} pound of force")},
    SpokenUnit{"x", key(kUnits, "{0} times"), key(kUnits, "once")},
};

Words amount(const Words& number, bool one, std::string_view unit) {
    const auto it = std::find_if(kSpoken.begin(), kSpoken.end(), [&](const SpokenUnit& s) { return s.id == unit; });
    return it == kSpoken.end() ? number : Words(one ? it->one : it->many, {number});
}

Words capital(std::string name) {
    if (!name.empty()) name[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(name[0])));
    return name;
}

constexpr const char* kFigures = "Figures said aloud";

Words standing(Standing s) {
    switch (s) {
        case Standing::Proved:
            return key(kFigures, "proved");
        case Standing::Disputed:
            return key(kFigures, "disputed");
        case Standing::Open:
            break;
    }
    return key(kFigures, "open");
}

Words agreement(bool agrees) { return agrees ? key(kFigures, "agrees") : key(kFigures, "differs"); }

}  // namespace

Words spoken(const FigureValue& v) {
    if (!v.known()) return key(kFigures, "not known");
    const auto last =
        v.high.empty() ? Words::number(v.low) : Words(key(kFigures, "{0} to {1}"), {Words::number(v.low), Words::number(v.high)});
    Words number = last;
    for (auto stage = v.before.rbegin(); stage != v.before.rend(); ++stage)
        number = *stage == "loosen" ? Words(key(kFigures, "loosened, then {0}"), {number})
                                    : Words(key(kFigures, "{0}, then {1}"), {Words::number(*stage), number});
    Words out = amount(number, v.low == "1" && v.high.empty(), v.unit);
    if (!v.turn.empty()) out = Words(key(kFigures, "{0}, then {1} degrees further"), {out, Words::number(v.turn)});
    if (v.limit == Limit::AtMost) return Words(key(kFigures, "at most {0}"), {out});
    if (v.limit == Limit::AtLeast) return Words(key(kFigures, "at least {0}"), {out});
    return out;
}

Words spoken(const Procedure& p, const Figure& f) {
    const auto* item = p.find(f.item);
    const std::string of = f.purpose.empty() ? std::string(spoken_name_of(f.kind)) : f.purpose;
    Words value = spoken(f.value);
    if (!f.tolerance.empty()) value = Words(key(kFigures, "{0} plus or minus {1}"), {value, Words::number(f.tolerance)});
    std::vector<Words> all{item == nullptr ? capital(of) : capital(item->name), item == nullptr ? Words() : Words(of), f.condition};
    for (const auto& variant : f.variants) all.emplace_back(key(kFigures, "for {0}"), std::vector<Words>{variant});
    all.push_back(std::move(value));
    all.push_back(standing(standing_of(p, f)));
    if (f.claims.empty() && f.proofs.empty()) all.emplace_back(key(kFigures, "nothing speaks for it"));
    if (!f.claims.empty()) all.emplace_back(counted_key(kFigures, "%n claims", "one claim"), static_cast<long long>(f.claims.size()));
    if (!f.proofs.empty()) all.emplace_back(counted_key(kFigures, "%n sources", "one source"), static_cast<long long>(f.proofs.size()));
    return listed(all);
}

Words spoken(const Figure& f, const Claim& c) {
    return Words(key(kFigures, "said at {0}: “{1}”, {2}"), {clock_text(c.at, false), c.words, agreement(agrees(f, c))});
}

Words spoken(const Procedure& p, const Figure& f, const Proof& proof) {
    const auto* source = p.find(proof.source);
    Words from = source == nullptr ? Words(key(kFigures, "a source that is gone")) : Words(source->title);
    if (!proof.place.empty()) from = listed({from, proof.place});
    return Words(key(kFigures, "{0}: {1}, {2}"),
        {from, spoken(proof.value), counts(p, f, proof) ? agreement(agrees(f, proof)) : Words(key(kFigures, "does not count here"))});
}

}  // namespace anagraph::core
