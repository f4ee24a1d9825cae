#include "core/figure/spoken.h"

#include <algorithm>
#include <array>

#include "core/base/letters.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

namespace {

struct SpokenUnit {
    std::string_view id;
    Key many;
    Key one = many;
};

constexpr std::array kSpoken{
    SpokenUnit{"Nm", key("Units", "{0} newton metres"), key("Units", "{0} newton metre")},
    SpokenUnit{"lbf.ft", key("Units", "{0} foot pounds"), key("Units", "{0} foot pound")},
    SpokenUnit{"lbf.in", key("Units", "{0} inch pounds"), key("Units", "{0} inch pound")},
    SpokenUnit{"kgf.m", key("Units", "{0} kilogram-force metres"), key("Units", "{0} kilogram-force metre")},
    SpokenUnit{"turn", key("Units", "{0} turns"), key("Units", "{0} turn")},
    SpokenUnit{"deg", key("Units", "{0} degrees"), key("Units", "{0} degree")},
    SpokenUnit{"L", key("Units", "{0} litres"), key("Units", "{0} litre")},
    SpokenUnit{"mL", key("Units", "{0} millilitres"), key("Units", "{0} millilitre")},
    SpokenUnit{"qt", key("Units", "{0} US quarts"), key("Units", "{0} US quart")},
    SpokenUnit{"gal", key("Units", "{0} US gallons"), key("Units", "{0} US gallon")},
    SpokenUnit{"pt", key("Units", "{0} US pints"), key("Units", "{0} US pint")},
    SpokenUnit{"floz", key("Units", "{0} US fluid ounces"), key("Units", "{0} US fluid ounce")},
    SpokenUnit{"impgal", key("Units", "{0} imperial gallons"), key("Units", "{0} imperial gallon")},
    SpokenUnit{"impqt", key("Units", "{0} imperial quarts"), key("Units", "{0} imperial quart")},
    SpokenUnit{"imppt", key("Units", "{0} imperial pints"), key("Units", "{0} imperial pint")},
    SpokenUnit{"impfloz", key("Units", "{0} imperial fluid ounces"), key("Units", "{0} imperial fluid ounce")},
    SpokenUnit{"mm", key("Units", "{0} millimetres"), key("Units", "{0} millimetre")},
    SpokenUnit{"cm", key("Units", "{0} centimetres"), key("Units", "{0} centimetre")},
    SpokenUnit{"m", key("Units", "{0} metres"), key("Units", "{0} metre")},
    SpokenUnit{"in", key("Units", "{0} inches"), key("Units", "{0} inch")},
    SpokenUnit{"thou", key("Units", "{0} thousandths of an inch"), key("Units", "{0} thousandth of an inch")},
    SpokenUnit{"kPa", key("Units", "{0} kilopascals"), key("Units", "{0} kilopascal")},
    SpokenUnit{"bar", key("Units", "{0} bar")},
    SpokenUnit{"MPa", key("Units", "{0} megapascals"), key("Units", "{0} megapascal")},
    SpokenUnit{"psi", key("Units", "{0} pounds per square inch"), key("Units", "{0} pound per square inch")},
    SpokenUnit{"degC", key("Units", "{0} degrees Celsius"), key("Units", "{0} degree Celsius")},
    SpokenUnit{"degF", key("Units", "{0} degrees Fahrenheit"), key("Units", "{0} degree Fahrenheit")},
    SpokenUnit{"s", key("Units", "{0} seconds"), key("Units", "{0} second")},
    SpokenUnit{"min", key("Units", "{0} minutes"), key("Units", "{0} minute")},
    SpokenUnit{"h", key("Units", "{0} hours"), key("Units", "{0} hour")},
    SpokenUnit{"km", key("Units", "{0} kilometres"), key("Units", "{0} kilometre")},
    SpokenUnit{"mi", key("Units", "{0} miles"), key("Units", "{0} mile")},
    SpokenUnit{"day", key("Units", "{0} days"), key("Units", "{0} day")},
    SpokenUnit{"week", key("Units", "{0} weeks"), key("Units", "{0} week")},
    SpokenUnit{"month", key("Units", "{0} months"), key("Units", "{0} month")},
    SpokenUnit{"year", key("Units", "{0} years"), key("Units", "{0} year")},
    SpokenUnit{"rpm", key("Units", "{0} revolutions a minute"), key("Units", "{0} revolution a minute")},
    SpokenUnit{"%", key("Units", "{0} per cent")},
    SpokenUnit{"N", key("Units", "{0} newtons"), key("Units", "{0} newton")},
    SpokenUnit{"lbf", key("Units", "{0} pounds of force"), key("Units", "{0} pound of force")},
    SpokenUnit{"x", key("Units", "{0} times"), key("Units", "once")},
};

Words amount(const Words& number, bool one, std::string_view unit) {
    const auto it = std::find_if(kSpoken.begin(), kSpoken.end(), [&](const SpokenUnit& s) { return s.id == unit; });
    return it == kSpoken.end() ? number : Words(one ? it->one : it->many, {number});
}

Words standing(Standing s) {
    switch (s) {
        case Standing::Proved:
            return key("Figures", "proved");
        case Standing::Disputed:
            return key("Figures", "disputed");
        case Standing::Open:
            break;
    }
    return key("Figures", "open");
}

Words agreement(bool agrees) { return agrees ? key("Figures", "agrees") : key("Figures", "differs"); }

}  // namespace

Words spoken(const FigureValue& v) {
    if (!v.known()) return key("Figures", "not known");
    const auto last =
        v.high.empty() ? Words::number(v.low) : Words(key("Figures", "{0} to {1}"), {Words::number(v.low), Words::number(v.high)});
    Words number = last;
    for (auto stage = v.before.rbegin(); stage != v.before.rend(); ++stage)
        number = *stage == "loosen" ? Words(key("Figures", "loosened, then {0}"), {number})
                                    : Words(key("Figures", "{0}, then {1}"), {Words::number(*stage), number});
    Words out = amount(number, v.low == "1" && v.high.empty(), v.unit);
    if (!v.turn.empty()) out = Words(key("Figures", "{0}, then {1} degrees further"), {out, Words::number(v.turn)});
    if (v.limit == Limit::AtMost) return Words(key("Figures", "at most {0}"), {out});
    if (v.limit == Limit::AtLeast) return Words(key("Figures", "at least {0}"), {out});
    return out;
}

Words spoken(const Procedure& p, const Figure& f) {
    const auto* item = p.find(f.item);
    const std::string of = f.purpose.empty() ? std::string(spoken_name_of(f.kind)) : f.purpose;
    Words value = spoken(f.value);
    if (!f.tolerance.empty()) value = Words(key("Figures", "{0} plus or minus {1}"), {value, Words::number(f.tolerance)});
    std::vector<Words> all{capitalised(item == nullptr ? of : item->name), item == nullptr ? Words() : Words(of), f.condition};
    for (const auto& variant : f.variants) all.emplace_back(key("Figures", "for {0}"), std::vector<Words>{variant});
    all.push_back(std::move(value));
    all.push_back(standing(standing_of(p, f)));
    if (f.claims.empty() && f.proofs.empty()) all.emplace_back(key("Figures", "nothing speaks for it"));
    if (!f.claims.empty()) all.emplace_back(counted_key("Figures", "%n claims", "one claim"), static_cast<long long>(f.claims.size()));
    if (!f.proofs.empty()) all.emplace_back(counted_key("Figures", "%n sources", "one source"), static_cast<long long>(f.proofs.size()));
    return listed(all);
}

Words spoken(const Figure& f, const Claim& c) {
    return Words(key("Figures", "said at {0}: “{1}”, {2}"), {clock_text(c.at, false), c.words, agreement(agrees(f, c))});
}

Words spoken(const Procedure& p, const Figure& f, const Proof& proof) {
    const auto* source = p.find(proof.source);
    Words from = source == nullptr ? Words(key("Figures", "a source that is gone")) : Words(source->title);
    if (!proof.place.empty()) from = listed({from, proof.place});
    return Words(key("Figures", "{0}: {1}, {2}"),
        {from, spoken(proof.value), counts(p, f, proof) ? agreement(agrees(f, proof)) : Words(key("Figures", "does not count here"))});
}

}  // namespace anagraph::core
