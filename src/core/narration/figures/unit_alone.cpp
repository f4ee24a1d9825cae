// Figures said without a number: "once a year", "an inch and an eighth", "another turn".
#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_figures.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::unit_of;

/// "once a year", "every hour", "yearly", "leave it a minute", "a centimetre under the neck": a unit with no number is one of it.
std::optional<FoundFigure> FigureReader::read_unit_alone(const Line& line, std::size_t i) const {
    const auto w = line.at(i);
    const auto one = [&](FigureKind kind, std::string_view unit, std::size_t from, std::size_t to, std::string_view because,
                         std::string digits = "1") {
        FoundFigure f;
        f.kind = kind;
        f.value = {std::move(digits), "", std::string(unit)};
        f.from = from;
        f.to = to;
        f.because = because;
        f.hedged = hedged_beside(line, from, to);
        return f;
    };
    if (listed("yearly annually", w)) return one(FigureKind::Interval, "year", i, i + 1, "an interval: once a year");
    if (w == "monthly") return one(FigureKind::Interval, "month", i, i + 1, "an interval: once a month");
    if (w == "weekly") return one(FigureKind::Interval, "week", i, i + 1, "an interval: once a week");
    if (listed("every each", w) || (listed("a", w) && line.before(i) == "once") || (w == "per" && line.before(i) == "once")) {
        const auto unit = line.at(i + 1);
        if (listed("year month week day", unit))
            return one(FigureKind::Interval, unit, i, i + 2, "an interval, because of how often it is said to come");
        if (unit == "hour" && w == "every")
            return one(FigureKind::Interval, "h", i, i + 2, "an interval, because of how often it is said to come");
        if (unit == "other" && listed("year month week", line.at(i + 2)))
            return one(FigureKind::Interval, line.at(i + 2), i, i + 3, "an interval: every other", "2");
        return std::nullopt;
    }
    if (listed("monthly yearly weekly", line.at(i + 1)))
        if (const auto n = read_number(line.words, i); n && n->length == 1 && whole(n->value))
            return one(FigureKind::Interval,
                line.at(i + 1) == "monthly"      ? "month"
                    : line.at(i + 1) == "weekly" ? "week"
                                                 : "year",
                i, i + 2, "an interval, because of how often it is said to come", n->digits);
    if (w == "twice" && listed("a every", line.at(i + 1)) && line.at(i + 2) == "year")
        return one(FigureKind::Interval, "month", i, i + 3, "an interval: twice a year", "6");
    if (w == "turn" && line.stands_at("and a half", i + 1) && !read_number(line.words, i > 0 ? i - 1 : i) &&
        !listed("full whole complete", line.before(i)))
        return one(FigureKind::Turn, "turn", i, i + 4, "a turn and a half", "1.5");
    if (line.stands_at("fifty fifty", i)) return one(FigureKind::Percent, "%", i, i + 2, "half and half", "50");
    const bool bare_inch =
        w == "inch" && line.stands_at("inch and", i) && listed("a an", line.at(i + 2)) && !read_number(line.words, i > 0 ? i - 1 : i);
    if (w == "a" && listed("full whole complete", line.at(i + 1)) && line.at(i + 2) == "turn")
        return one(FigureKind::Turn, "turn", i, i + 3, "a whole turn");
    if (listed("a an", w) || bare_inch) {
        const std::size_t unit_at = bare_inch ? i : i + 1;
        const auto unit = unit_of(line.at(unit_at), line.at(unit_at + 1), "");
        if (!unit) return std::nullopt;
        const std::size_t to = unit_at + unit->length;
        // "an inch and an eighth", "a litre and a half"
        if (line.at(to) == "and" && listed("in L qt gal turn mm mil", unit->id))
            if (const auto part = read_number(line.words, to + 1); part && part->fraction) {
                Phrase p;
                p.number = *part;
                p.number.value += 1;
                p.number.digits = part->digits.find('/') != std::string::npos ? "1 " + part->digits : plain(p.number.value);
                p.number.fraction = false;
                p.from = i;
                p.unit_at = unit_at;
                p.end = to + 1 + part->length;
                p.unit = unit->id;
                if (const auto sense = sense_of(line, p)) {
                    auto f = one(sense->kind, sense->unit, i, p.end, sense->because, p.number.digits);
                    return f;
                }
            }
        if (bare_inch) return std::nullopt;
        const auto before = line.before(i);
        if (listed("half quarter quarters of third tenth eighth in just once twice couple thirds", before)) return std::nullopt;
        if (listed("min h", unit->id)) {
            // "a minute or two", "an hour and a half"
            if (listed("ago", line.at(to))) return std::nullopt;
            const bool told = listed("for it give it's leave after about them that wait to roughly nearly least takes another", before) ||
                line.any({"wait", "leave", "let", "run", "give"});
            if (line.stands_at("or two", to) || line.stands_at("or so", to)) {
                auto f = one(FigureKind::Duration, unit->id, i, to + 2, "a time, because of the unit");
                if (line.at(to + 1) == "two") f.value.high = "2";
                return f;
            }
            if (line.stands_at("and a half", to))
                return one(FigureKind::Duration, unit->id, i, to + 3, "a time, because of the unit", "1.5");
            if (told && !listed("while bit", line.at(i + 1)))
                return one(FigureKind::Duration, unit->id, i, to, "a time, because of the unit");
            return std::nullopt;
        }
        if (unit->id == "year" &&
            (before == "or" || before == "twice" || before == "for" || (before == "than" && line.before(i, 2) == "more")))
            return one(FigureKind::Interval, "year", i, to, "an interval, because of the calendar unit");
        if (listed("L qt gal", unit->id)) return one(FigureKind::Volume, unit->id, i, to, "an amount of fluid, because of the unit");
        if (listed("cm mm in thou", unit->id) || (unit->id == "mil" && !line.at(i + 1).empty()))
            return one(FigureKind::Length, unit->id == "mil" ? "mm" : unit->id, i, to, "a length, because of the unit");
        if (unit->id == "turn" && listed("half quarter", line.at(i + 1))) return std::nullopt;
        return std::nullopt;
    }
    if (w == "another" &&
        listed("turn litre liter quart inch millimetre millimeter minute", line.at(i + (line.at(i + 1) == "full" ? 2 : 1)))) {
        const std::size_t at = i + (line.at(i + 1) == "full" ? 2 : 1);
        const auto unit = unit_of(line.at(at), "", "");
        const auto kind = unit->id == "turn" ? FigureKind::Turn
            : unit->id == "min"              ? FigureKind::Duration
            : listed("mm in", unit->id)      ? FigureKind::Length
                                             : FigureKind::Volume;
        return one(kind, unit->id, i, at + 1, "one more of the unit");
    }
    return std::nullopt;
}

}  // namespace anagraph::core
