// What a number without a unit is, by what it stands with; and one whose unit comes with the next.
#include <fmt/format.h>

#include <cmath>

#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_figures.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::Class;
using lexicon::is;
using lexicon::unit_of;

/// A number without a unit: a size before a tool, a count before things, a reading of the meter.
std::optional<FigureReader::Sense> FigureReader::bare_sense(const Line& line, const Phrase& p) const {
    const auto& n = p.number;
    const auto next = line.at(p.after);
    const auto before = line.before(p.from);
    if (n.value == 0 || listed("number step item stage page room chapter position", before) || price_or_mass(line, p.after))
        return std::nullopt;
    const bool year = whole(n.value) && n.value >= 1950 && n.value <= 2049 && n.grouped == 0 && n.digits.size() == 4;
    const Said* counted_before = said_.empty() || said_.back().kind != FigureKind::Count ? nullptr : &said_.back();
    const bool many = near_any_of(line, "strokes times squeezes many", p.from, p.from, 4);
    const bool stands_alone = p.after >= line.size() || line.starts_clause(p.after) || listed("of and", next);
    if (!n.fraction && whole(n.value) && n.value >= 2 && n.value <= 40 && stands_alone) {
        if (listed("are were", before) && line.before(p.from, 2) == "there")
            return Sense{FigureKind::Count, "x", "a count: there are so many"};
        if (many && (line.starts_clause(p.from) || listed("says about", before)))
            return Sense{FigureKind::Count, "x", "a count of what was asked for"};
        if (counted_before != nullptr && line.starts_clause(p.from) && p.from > 0 && std::abs(counted_before->value - n.value) <= 2 &&
            word_ + p.from - counted_before->word <= 8)
            return Sense{FigureKind::Count, "x", "a count, put right"};
    }
    const bool socketed =
        listed("socket sockets spanner spanners wrench allen hex af", next) || (listed("key head heads", next) && !n.fraction);
    if (socketed && !p.high && n.value > 0 && (n.fraction || (n.value >= 1.5 && n.value <= 80 && n.grouped == 0))) {
        const bool inches = n.value < 1.5 || n.digits.find('/') != std::string::npos;
        // "two spanners" are counted, "a fifteen spanner" is a size
        if (!(lexicon::is_plural(next) && n.value < 5 && !listed("head heads", next)) && !(n.value == 1))
            return Sense{FigureKind::Size, inches ? "in" : "mm", "a size, because a tool follows"};
    }
    // "that's a seventeen", "the nut's a twenty seven"
    const bool alone = p.after >= line.size() || line.starts_clause(p.after) ||
        listed("no not on it and so is isn't then the but wobbles okay for i that's that hang spanner there too as", next);
    const bool fastener_near = line.any(Class::Fastener) || line.any_of(kToolWords) || (fastener_ && segment_ - fastener_segment_ <= 1);
    const bool size_before = last_of(FigureKind::Size, 1) != nullptr;
    if (alone && !n.fraction && whole(n.value) && n.value >= 4 && n.value <= 60 && n.grouped == 0 && !p.high) {
        const bool article = listed("a an", before);
        const bool said_of = listed("it's that's is they're are's are", before) || (before.ends_with("'s") && before.size() > 2);
        if (article && (fastener_near || size_before)) return Sense{FigureKind::Size, "mm", "a size: a fastener or tool is \"a\" number"};
        if (said_of && (size_before || near_class(line, Class::Fastener, p.from, p.end, 8)) && fastener_near && !last_measured(0))
            return Sense{FigureKind::Size, "mm", "a size: it is said of a fastener"};
        if (listed("spanner socket wrench allen hex key size", before) && !line.starts_clause(p.from))
            return Sense{FigureKind::Size, "mm", "a size: the tool is named before it"};
        const bool taken = listed("your my the that", before) &&
            near_any_of(line, "grab use get need want takes take with fetch reach pass give", p.from, p.from, 6) &&
            (size_before || line.any_of(kToolWords) || listed("your my", before));
        if (taken && n.value >= 5 && n.value <= 36 && !last_measured(0))
            return Sense{FigureKind::Size, "mm", "a size: a tool goes by its number"};
        const bool own_clause = line.starts_clause(p.from) && p.from > 0 && (p.after >= line.size() || line.starts_clause(p.after));
        if (own_clause && n.value >= 5 && !last_measured(1) && near_class(line, Class::Fastener, p.from, p.from, 7))
            return Sense{FigureKind::Size, "mm", "a size: nothing but a number is said of a fastener"};
    }
    if (n.fraction && n.value < 1.5) {
        const auto slash = n.digits.find('/');
        const std::string bottom = slash == std::string::npos ? "" : n.digits.substr(slash + 1);
        const bool inches = listed("8 16 32 64", bottom);
        const bool turns = near_any_of(line, "turn turns full tank", p.from, p.after, 5);
        if (inches && !turns && line.any_of(kMeasured) && !line.any_of(kToolWords))
            return Sense{FigureKind::Length, "in", "a length: it is a fraction of an inch"};
        if (inches && !turns && (listed("16 32 64", bottom) || listed("drive ratchet union", next)) &&
            (fastener_near || listed("drive ratchet union", next)))
            return Sense{FigureKind::Size, "in", "a size: fractions of an inch are said of tools"};
    }
    if (n.fraction) {
        const bool turned = last_of(FigureKind::Turn, 3) != nullptr;
        const bool by_hand = line.any({"tighten", "hand", "nip", "plus", "past", "round"});
        const bool goes_on = p.after < line.size() && !line.starts_clause(p.after) &&
            !listed("by more each further past with and then so on at for no to", next);
        if (!goes_on && !listed("way of inch the", next) && (listed("another plus", before) || line.at(p.from) == "another" || turned) &&
            (turned || by_hand) && n.value < 1)
            return Sense{FigureKind::Turn, "turn", "a part of a turn, as before"};
        return std::nullopt;
    }
    // meter and interval
    const bool tenths = n.digits.find('.') != std::string::npos && whole(n.value * 10) && n.value >= 5;
    if (tenths && line.any_of("meter hourmeter clock odometer") && (stands_alone || line.starts_clause(p.from)))
        return Sense{FigureKind::Reading, meter_unit(), "a reading, because of the meter"};
    if (whole(n.value) && n.value >= 10 && !year) {
        const bool noun_follows = is(Class::Thing, next) && !line.starts_clause(p.after);
        const Said* speed = last_of(FigureKind::Speed, 4);
        const bool idles = near_any_of(line, "idle idles idling revs ticking tick rev pto tacho", p.from, p.end, 9);
        if (!noun_follows && n.value >= 400 && n.value <= 9000 &&
            (idles || (speed != nullptr && n.value / speed->value > 0.3 && n.value / speed->value < 3 && alone)))
            return Sense{FigureKind::Speed, "rpm", "a speed: the engine idles at it"};
        const bool held = listed("at to", before) &&
            near_any_of(line, "hold holding run runs running spins throttle revs rev", p.from, p.from, 5) && std::fmod(n.value, 50) == 0 &&
            !near_any_of(line, "hours clock meter", p.from, p.end, 8);
        if (held && alone && n.value >= 600 && n.value <= 6000) return Sense{FigureKind::Speed, "rpm", "a speed: something runs at it"};
        if (listed("every", before) && n.value >= 25 && !noun_follows)
            return Sense{FigureKind::Interval, meter_unit(), "an interval, because of how often it is said to come"};
        const bool meter = near_any_of(line, "clock meter odometer hourmeter odo panel", p.from, p.end, 9) ||
            (near_any_of(line, "hours kilometres kilometers km", p.from, p.end, 9) &&
                (near_any_of(line, "on is at", p.from, p.end, 3) || (line.starts_clause(p.from) && alone))) ||
            (meter_asked_ && p.from <= 1);
        const bool said_before =
            std::any_of(said_.begin(), said_.end(), [&](const Said& s) { return s.kind == FigureKind::Reading && s.value == n.value; });
        if (said_before && n.value >= 100 && !noun_follows) return Sense{FigureKind::Reading, meter_unit(), "the reading said before"};
        const Said* reading = last_of(FigureKind::Reading, 1000);
        const bool service = near_any_of(line, "last previous bought next due done card serviced", p.from, p.end, 9) &&
            (listed("at on to was is stood from", before) || (line.starts_clause(p.from) && alone && reading != nullptr));
        const bool like_before = reading != nullptr && reading->value > 0 && std::abs(n.value - reading->value) <= 0.35 * reading->value;
        if (!noun_follows && n.value >= 50 && (meter || (service && (reading != nullptr || n.value >= 100))))
            return Sense{FigureKind::Reading, meter_unit(), "a reading, because of the meter or the service it is said of"};
        if (!noun_follows && like_before && (n.value >= 100 || n.value == reading->value) &&
            (n.value == reading->value || near_class(line, Class::Meter, p.from, p.end, 9) || line.size() <= 6 ||
                near_any_of(line, "hours write card last at", p.from, p.end, 5)))
            return Sense{FigureKind::Reading, meter_unit(), "a reading, near the one said before"};
    }
    if (const auto carried = carried_sense(line, p)) return carried;
    if (const auto later = later_sense(line, p)) return later;
    // counts
    if (!whole(n.value) || n.value < 2 || n.value > 500 || year || n.digits.find('.') != std::string::npos) return std::nullopt;
    if (listed(kNotCounted, before)) return std::nullopt;
    if (listed("times strokes squeezes pumps clicks", next)) return Sense{FigureKind::Count, "x", "a count"};
    if (next == "of" && listed("them those these 'em em the", line.at(p.after + 1)) && !line.any({"one"}, p.from, p.after))
        return Sense{FigureKind::Count, "x", "a count of things"};
    std::size_t k = p.after;
    while (k < line.size() && k < p.after + 4 && !line.starts_clause(k) &&
        !(lexicon::is_plural(line.at(k)) && is(Class::Thing, line.at(k))) &&
        (is(Class::Modifier, line.at(k)) || is(Class::Thing, line.at(k)) ||
            listed("more of the identical different tiny wee good metal wooden o pairs pair sets grub quarter half turn mil inch m",
                line.at(k)) ||
            read_number(line.words, k)))
        ++k;
    const auto noun = line.at(k);
    const bool counted = k < line.size() && !(k > p.after && line.starts_clause(k)) && lexicon::is_plural(noun) && is(Class::Thing, noun) &&
        !is(Class::Uncounted, noun) && !is(Class::Meal, noun) && !unit_of(noun, "", "");
    if (counted && !(k == p.after && line.starts_clause(k))) return Sense{FigureKind::Count, "x", fmt::format("a count of {}", noun)};
    if (listed("all those these bottom top both other last", before) && (alone || listed("are is come by", next)) && n.value <= 40)
        return Sense{FigureKind::Count, "x", "a count of what was named before"};
    const bool there_are = listed("are were there's got's", before) && line.before(p.from, 2) == "there";
    if (there_are && (alone || listed("in of", next))) return Sense{FigureKind::Count, "x", "a count: there are so many"};
    return std::nullopt;
}

/// "first forty, then eighty newton metres": the unit comes with the last of a row.
std::optional<FigureReader::Sense> FigureReader::later_sense(const Line& line, const Phrase& p) const {
    if (!(p.after >= line.size() || line.starts_clause(p.after) ||
            listed("then and front rear hot cold inlet exhaust upper lower", line.at(p.after))))
        return std::nullopt;
    for (std::size_t k = p.after; k < std::min(line.size(), p.after + 6); ++k) {
        const auto n = read_number(line.words, k);
        if (!n) continue;
        const std::size_t at = k + n->length + (listed("front rear hot cold", line.at(k + n->length)) ? 1 : 0);
        const auto unit = unit_of(line.at(at), line.at(at + 1), "");
        if (!unit || n->fraction || !listed("Nm lbf.ft lbf.in bar psi degC L", unit->id)) return std::nullopt;
        const double ratio = n->value == 0 ? 0 : p.number.value / n->value;
        if (ratio < 0.1 || ratio > 10) return std::nullopt;
        Phrase later = phrase_at(line, k, *n);
        auto sense = sense_of(line, later);
        if (sense) sense->because = "the unit comes with the next value";
        return sense;
    }
    return std::nullopt;
}

}  // namespace anagraph::core
