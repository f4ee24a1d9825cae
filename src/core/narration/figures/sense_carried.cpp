// What one figure tells about the next, which has no unit.
#include <algorithm>
#include <array>
#include <cmath>

#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_figures.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::Class;
using lexicon::is;
using lexicon::unit_of;

namespace {

/// The unit a speed, a gap or a capacity is in when none was ever said.
std::string unit_alone(FigureKind kind) { return kind == FigureKind::Speed ? "rpm" : kind == FigureKind::Length ? "mm" : "L"; }

}  // namespace

/// What one figure tells about the next. Every kind is weighed: words of it nearby, how long ago it was last measured, the
/// same value said before, and how the number stands in its clause.
std::optional<FigureReader::Sense> FigureReader::carried_sense(const Line& line, const Phrase& p) const {
    struct Cues {
        FigureKind kind;
        WordList words;
    };
    static constexpr std::array<Cues, 9> kCues{{
        {FigureKind::Length,
            "gap gaps clearance deflection slack sag play thick thickness deep depth tread width wear worn travel creep press thumb push "
            "middle straight feeler feelers movement goes give gives height limit sunk longer lines floor"},
        {FigureKind::Pressure,
            "pressure gauge suction discharge bar psi tyre tyres tire tires vacuum unloads unload blows front rear charge cut"},
        {FigureKind::Temperature,
            "temperature temp thermostat degrees warm hot cool cooled freezing minus plus thermometer fan room heater cold opens"},
        {FigureKind::Speed, "idle idles idling revs speed tick ticking rpm tacho does spins rev"},
        {FigureKind::Percent, "strength percent concentrate refractometer share antifreeze glycol"},
        {FigureKind::Torque, "torque tighten tightened newton newtons wrench pass stage click clicks nip foot pounds bolts nuts spec"},
        {FigureKind::Volume,
            "litre litres oil pour poured fill filled put in drained came out refill coolant dipstick jug bottle capacity takes left short "
            "measured holds quarts quart total"},
        {FigureKind::Size,
            "spanner socket nut nuts bolt bolts union unions pipe pipes head heads undo loosen crack slacken key wrench plug cap"},
        {FigureKind::Duration, "for wait cool longer minutes minute hold leave seconds left"},
    }};
    // how much speaks for a kind: a value said before, and a fluid that goes in or out
    constexpr double kSameDecimal = 1.6;
    constexpr double kSameLarge = 1.1;
    constexpr double kPoured = 0.7;
    const auto& n = p.number;
    const auto next = line.at(p.after);
    const auto before = line.before(p.from);
    if (line.at(p.from) == "one" && n.length == 1) return std::nullopt;
    if (listed("of times", next) && !listed("of concentrate", line.said(p.after, 2))) return std::nullopt;
    if (listed(kNotCounted, before) || before == "step" || before == "item") return std::nullopt;
    const bool fluid_next = is(Class::Fluid, next) || (next == "of" && is(Class::Fluid, line.at(p.after + 1)));
    const bool noun_next =
        p.after < line.size() && !line.starts_clause(p.after) && is(Class::Thing, next) && !fluid_next && !listed("in on stick top", next);
    if (noun_next) return std::nullopt;
    if (n.value < 0 && n.value > -90) return Sense{FigureKind::Temperature, "degC", "a temperature, because it is below nought"};
    const bool decimal = n.digits.find('.') != std::string::npos;
    const bool ends = p.after >= line.size() || line.starts_clause(p.after) ||
        listed("and now good so before in out then is no not but again that's which i you as or to if each all", next);
    const bool begins = p.from == 0 || line.starts_clause(p.from);
    double stands = 0;
    if (begins && ends)
        stands += 0.9;
    else if (ends)
        stands += 0.4;
    if (listed("at is it's 's says reads got now gives to wants about measure of was say around mine only exactly nearly roughly still "
               "below over under within up plus with",
            before) ||
        (before.ends_with("'s") && before.size() > 2))
        stands += 0.7;
    if (line.size() - n.length <= 2) stands += 1.0;
    if (decimal) stands += 0.4;
    if (!decimal && n.value >= 0 && n.value < 5) stands -= 0.9;
    if (n.value < 0) stands += 0.8;
    // a row of small numbers is an order or a count
    std::size_t row = 0;
    for (std::size_t k = p.from > 6 ? p.from - 6 : 0; k < std::min(line.size(), p.after + 6); ++k) {
        const auto m = read_number(line.words, k);
        if (m && m->length == 1 && m->value < 13 && !unit_of(line.at(k + 1), line.at(k + 2), "")) ++row;
    }
    if (row >= 4 && !decimal) return std::nullopt;
    const Sense* best = nullptr;
    double best_score = 1.6;
    Sense found;
    for (const auto& cues : kCues) {
        const Said* last = last_of(cues.kind, 1000000);
        const bool gap = cues.kind == FigureKind::Length && decimal && n.value < 3 && !p.high &&
            near_any_of(line, "gap gaps clearance inlet exhaust intake valve valves tappet tappets feeler feelers", p.from, p.after, 9);
        const bool holds = cues.kind == FigureKind::Volume && decimal && n.value < 60 &&
            near_any_of(line, "takes holds take capacity refill", p.from, p.from, 5);
        const bool own_unit = cues.kind == FigureKind::Speed || gap || holds;
        if (last == nullptr && !own_unit) continue;
        double score = stands;
        double near = 0;
        for (std::size_t k = p.from > 9 ? p.from - 9 : 0; k < std::min(line.size(), p.after + 4); ++k)
            if ((k < p.from || k >= p.after) && listed(cues.words, line.at(k))) near += k + 4 >= p.from ? 0.7 : 0.45;
        score += std::min(near, 1.6);
        bool same = false;
        if (last != nullptr) {
            const std::size_t words = word_ + p.from - std::min(word_ + p.from, last->word);
            score += words < 10 ? 1.1 : words < 30 ? 0.8 : words < 90 ? 0.4 : words < 250 ? 0.1 : near >= 0.7 ? -0.2 : -0.6;
            const double ratio = last->value == 0 ? 1 : n.value / last->value;
            if (cues.kind == FigureKind::Temperature && (decimal || std::abs(n.value) > 400)) score -= 1.5;
            if (ratio < 0.2 || ratio > 5) score -= ratio < 0.08 || ratio > 12 ? 2.5 : cues.kind == FigureKind::Temperature ? 0.4 : 1.0;
            same = std::any_of(said_.begin(), said_.end(),
                [&](const Said& s) { return s.kind == cues.kind && s.unit == last->unit && std::abs(s.value - n.value) < 1e-6; });
            if (same) score += decimal ? kSameDecimal : n.value > 12 ? kSameLarge : 0.6;
            if (cues.kind == FigureKind::Size && (!same || decimal)) continue;
        } else {
            score -= gap || holds ? -0.6 : 0.4;
        }
        if (cues.kind == FigureKind::Duration && !listed("for than about another", before) &&
            !near_any_of(line, "minutes long", p.from, p.from, 4))
            score -= 1.2;
        if (cues.kind == FigureKind::Speed && std::fmod(n.value, 50) == 0 &&
            near_any_of(line, "engine impeller motor slow throttle load spindle shaft", p.from, p.after, 8))
            score += 0.7;
        if (cues.kind == FigureKind::Volume &&
            (listed("in out", next) || listed("takes took take holds", before) || line.before(p.from, 1) == "add"))
            score += kPoured;
        if (cues.kind == FigureKind::Speed && (n.value < 300 || n.value > 12000)) continue;
        if (score > best_score) {
            best_score = score;
            found = Sense{cues.kind, last != nullptr ? last->unit : unit_alone(cues.kind),
                same ? "the same value as said before" : "the next value of what was measured before"};
            best = &found;
        }
    }
    if (best == nullptr) return std::nullopt;
    return found;
}

}  // namespace anagraph::core
