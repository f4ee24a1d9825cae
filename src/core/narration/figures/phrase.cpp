// A number with what belongs to it: ranges, units, halves and quarters behind the unit.
#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_figures.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::unit_of;

FigureReader::Phrase FigureReader::phrase_at(const Line& line, std::size_t i, SpokenNumber number) const {
    Phrase p;
    p.number = std::move(number);
    p.from = i;
    p.after = i + p.number.length;
    // range: "five to ten minutes", "between 18 and 20", "three four minutes", "eight or ten"
    const auto link = line.at(p.after);
    const auto unit_first = unit_of(link, line.at(p.after + 1), line.at(p.after + 2));
    const bool between = line.before(i) == "between" || line.before(i) == "from";
    std::size_t at = p.after;
    if (unit_first && (between || line.at(p.after + unit_first->length) == "to")) at += unit_first->length;  // "18 mm to 20 mm"
    const auto joint = line.at(at);
    const bool turns =
        p.number.fraction && joint == "to" && read_number(line.words, at + 1) && near_any_of(line, "turn turns", at, at + 1, 4);
    if ((!p.number.fraction || turns) && p.number.grouped == 0 &&
        (joint == "to" || joint == "or" || joint == "till" || (joint == "and" && between))) {
        auto high = read_number(line.words, at + 1);
        const std::size_t behind = high ? at + 1 + high->length : at;
        const bool measured = high && unit_of(line.at(behind), line.at(behind + 1), "");
        const bool fits = high && !high->fraction && high->value > p.number.value && high->value <= p.number.value * 12 + 10 &&
            (joint != "or" || measured || listed("times strokes of", line.at(behind)));
        if (fits && (joint != "to" || measured || p.number.value >= 0)) {
            p.high = std::move(high);
            p.after = behind;
        }
    } else if (!p.number.fraction && !unit_first) {
        const auto high = read_number(line.words, p.after);
        if (high && !line.starts_clause(p.after) && high->value == p.number.value + 1 && unit_of(line.at(p.after + high->length), "", "")) {
            p.high = high;
            p.after += high->length;
        }
    }
    p.unit_at = p.after;
    if (line.at(p.unit_at) == "of" && listed("a an", line.at(p.unit_at + 1)))
        p.unit_at += 2;
    else if (p.number.fraction && listed("a an of", line.at(p.unit_at)))
        p.unit_at += 1;
    else if (listed("more full good whole extra further us clear solid straight complete front rear hot cold", line.at(p.unit_at)) &&
        unit_of(line.at(p.unit_at + 1), line.at(p.unit_at + 2), ""))
        p.unit_at += line.at(p.unit_at) == "us" && line.at(p.unit_at + 1).starts_with("quart") ? 0 : 1;
    p.end = p.after;
    if (line.at(p.after) == "c" && !listed("clip clips clamp clamps spanner", line.at(p.after + 1)) && !line.starts_clause(p.after)) {
        p.unit = "degC";
        p.end = p.after + 1;
    } else if (const auto unit = unit_of(line.at(p.unit_at), line.at(p.unit_at + 1), line.at(p.unit_at + 2));
               unit && !(p.unit_at > p.from && line.words[p.unit_at].sentence_start)) {
        p.unit = unit->id;
        p.end = p.unit_at + unit->length;
        if (line.stands_at("and a half", p.end)) {
            p.number.value += 0.5;
            p.number.digits = plain(p.number.value);
            p.end += 3;
        } else if (line.stands_at("and a quarter", p.end)) {
            p.number.value += 0.25;
            p.number.digits = plain(p.number.value);
            p.end += 3;
        } else if (listed("L bar m", p.unit) && whole(p.number.value) && !p.high && !line.starts_clause(p.end)) {
            // "two bar four", "four litres twenty": the rest after the unit
            const auto rest = read_number(line.words, p.end);
            const std::size_t behind = rest ? p.end + rest->length : 0;
            if (rest && !rest->fraction && rest->length == 1 && whole(rest->value) && rest->value > 0 && rest->value < 100 &&
                (behind >= line.size() || line.starts_clause(behind) ||
                    listed("in on and of for with now that so i you the when cold hot front rear each it", line.at(behind)))) {
                p.number.digits += "." + rest->digits;
                p.number.value = std::stod(p.number.digits);
                p.end = behind;
            }
        }
    }
    return p;
}

}  // namespace anagraph::core
