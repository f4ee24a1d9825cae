// Millimetres and inches: a length, the size of a tool or, of "mil", an amount.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_figures.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::Class;
using lexicon::is;

std::optional<FigureReader::Sense> FigureReader::sense_of_length(const Line& line, const Phrase& p) const {
    const double mm = convert(p.number.value, *find_unit(p.unit), *find_unit("mm"));
    const Sense length{FigureKind::Length, std::string(p.unit), "a length, because of the unit"};
    if (mm < 1 || mm > 90 || p.high || listed("cm m thou", p.unit)) return length;
    double size = 0;
    std::string because = "a size";
    const auto for_size = [&](double weight, std::string_view why) {
        size += weight;
        if (weight > 0 && because.size() < 60) because += fmt::format("{} {}", because == "a size" ? ", because of" : " and", why);
    };
    const std::size_t clause = line.clause_begin(p.from);
    const std::size_t clause_end = std::min(line.clause_end(std::min(p.end, line.size()) - 1), p.end + 6);
    const bool tool_beside = listed(kToolWords, line.at(p.end)) || listed(kToolWords, line.at(p.end + 1)) ||
        listed("spanner socket key size", line.before(p.from)) || line.stands_at("across the flats", p.end) ||
        line.stands_at("across flats", p.end) || (is(Class::Fastener, line.at(p.end)) && !listed("head post cap cover", line.at(p.end)));
    if (tool_beside && !listed("long hose of", line.at(p.end)))
        for_size(3, "the tool named with it");
    else if (line.any_of(kToolWords, clause, clause_end))
        for_size(2, "the tool in the clause");
    if (listed("a an", line.before(p.from)) || (line.before(p.from) == "square" && p.unit == "in")) for_size(1, "its article");
    if (listed("square drive", line.at(p.end))) for_size(1.5, "the drive");
    if (near_class(line, Class::Fastener, p.from, p.end, 7))
        for_size(1.5, "the fastener it is said of");
    else if (fastener_ && segment_ - fastener_segment_ <= 1 && line.size() <= 9)
        for_size(1.5, "the fastener named before");
    else if (line.any(Class::Fastener) || (fastener_ && segment_ - fastener_segment_ <= 1))
        for_size(0.8, "the fastener named before");
    if (near_any_of(line, "undo loosen slacken crack tighten nip unscrew unbolt clip clips", p.from, p.end, 9))
        for_size(1, "what is done with it");
    const bool usual = p.unit == "in" ? mm <= 46 : mm >= 2 && std::abs(mm * 2 - std::round(mm * 2)) < 1e-6;
    for_size(usual ? 0.5 : -2, "its value");
    const bool eighths = p.number.digits.find("/8") != std::string::npos || p.number.digits.find("/16") != std::string::npos;
    if (p.unit == "in" && eighths) for_size(0.7, "its fraction");
    if (!tool_beside && line.any_of(kMeasured, clause > 4 ? clause - 4 : 0, clause_end + 4)) for_size(-2.2, "");
    if (listed("of off deep under from clear below above into out", line.at(p.end)) ||
        near_any_of(line, "washer hose holes", p.from, p.end, 2))
        for_size(-1, "");
    if (last_of(FigureKind::Size, 0) != nullptr) for_size(1, "the size before it");
    if (size >= 2) return Sense{FigureKind::Size, std::string(p.unit), because};
    return length;
}

std::optional<FigureReader::Sense> FigureReader::sense_of_mil(const Line& line, const Phrase& p) const {
    Phrase as_mm = p;
    as_mm.unit = "mm";
    const bool tool = listed(kToolWords, line.at(p.end)) || listed(kToolWords, line.at(p.end + 1)) ||
        (is(Class::Fastener, line.at(p.end)) && p.number.value <= 50);
    const bool measured = line.any_of(kMeasured);
    const bool fluid = line.any_of(kFluidWords) || line.any(Class::Fluid);
    const auto recent = [&](FigureKind kind, std::size_t words) -> const Said* {
        const Said* said = last_of(kind, 1000000);
        return said != nullptr && word_ + p.from - std::min(word_ + p.from, said->word) <= words ? said : nullptr;
    };
    const Said* volume = recent(FigureKind::Volume, 90);
    const Said* length = recent(FigureKind::Length, 25);
    bool millilitres = false;
    // "a thirteen mil" is something that is undone; an amount has no article
    const bool named_by_size = listed("a an", line.before(p.from)) && whole(p.number.value) && p.number.value >= 4 && p.number.value <= 46;
    if (!tool && !(named_by_size && !fluid)) {
        if (p.number.value >= 90)
            millilitres = true;
        else if (measured)
            millilitres = fluid && volume != nullptr && volume->unit == "mL" && length == nullptr;
        else if (fluid)
            millilitres = p.number.value >= 2 && !line.any_of(kToolWords);
        else if (volume != nullptr && volume->unit == "mL" && (length == nullptr || volume->word >= length->word))
            millilitres = !line.any(Class::Fastener);
    }
    if (millilitres) return Sense{FigureKind::Volume, "mL", "millilitres: it is said of a fluid"};
    return sense_of_length(line, as_mm);
}

}  // namespace anagraph::core
