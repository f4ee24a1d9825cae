#include "core/narration/figures/read_figures.h"

#include <algorithm>
#include <cmath>

#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_codes.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::Class;
using lexicon::is;
using lexicon::unit_of;

namespace {

constexpr std::size_t kMemory = 60;  // figures remembered

}  // namespace

const FigureReader::Said* FigureReader::last_of(FigureKind kind, std::size_t within) const {
    for (auto it = said_.rbegin(); it != said_.rend() && segment_ - it->segment <= within; ++it)
        if (it->kind == kind) return &*it;
    return nullptr;
}

const FigureReader::Said* FigureReader::last_measured(std::size_t within) const {
    for (auto it = said_.rbegin(); it != said_.rend() && segment_ - it->segment <= within; ++it)
        if (it->kind != FigureKind::Count && it->kind != FigureKind::Interval && it->kind != FigureKind::Reading &&
            it->kind != FigureKind::Duration && it->kind != FigureKind::Size && it->kind != FigureKind::Turn && !it->unit.empty())
            return &*it;
    return nullptr;
}

std::string FigureReader::meter_unit() const { return distance_ ? "km" : "h"; }

std::vector<FoundFigure> FigureReader::read(const Line& line, const Line* next, std::size_t segment) {
    segment_ = segment;
    std::vector<FoundFigure> out;
    if (line.any({"kilometres", "kilometers", "km", "odometer", "miles", "kilometre", "kms"})) distance_ = true;
    if (line.any({"hours", "hourmeter"}) && !line.any({"kilometres", "kilometers", "km", "miles"})) distance_ = false;
    if (line.any(Class::Fastener)) {
        fastener_ = true;
        fastener_segment_ = segment;
    }
    const auto keep = [&](FoundFigure f) {
        const auto low = Number::kept(f.value.low);
        if (find_unit(f.value.unit) != nullptr && low) said_.push_back({f.kind, f.value.unit, low->value(), segment, word_ + f.from});
        if (said_.size() > kMemory) said_.pop_front();
        out.push_back(std::move(f));
    };
    for (std::size_t i = 0; i < line.size();) {
        if (auto code = read_code(line, i)) {
            i = code->to;
            keep(std::move(*code));
            continue;
        }
        if (auto part = read_part_number(line, i)) {
            i = part->to;
            keep(std::move(*part));
            continue;
        }
        if (auto alone = read_unit_alone(line, i)) {
            i = alone->to;
            keep(std::move(*alone));
            continue;
        }
        auto n = read_number(line.words, i);
        if (!n) {
            ++i;
            continue;
        }
        // a figure split over two lines: "takes nine point" / "five litres"
        Line joined;
        const Line* source = &line;
        const bool at_end = i + n->length >= line.size();
        const bool continues = at_end && next != nullptr && next->size() > 0 && !n->fraction &&
            (n->open_point || unit_of(next->at(0), next->at(1), next->at(2)) ||
                (listed("and to", next->at(0)) && line.before(i) == "between"));
        if (continues) {
            joined.words = line.words;
            joined.words.insert(joined.words.end(), next->words.begin(),
                next->words.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(8, next->size())));
            joined.words[line.size()].clause_start = joined.words[line.size()].sentence_start = false;
            source = &joined;
            if (auto again = read_number(joined.words, i)) n = std::move(again);
        }
        Phrase p = phrase_at(*source, i, *n);
        const bool length_unit = listed("mm mil in cm", p.unit);
        if (n->grouped > 0 && (p.unit.empty() || length_unit)) {
            // "four thirteen millimetre bolts" are two numbers; "twelve thirty one" on the meter is one
            const auto together = p.unit.empty() ? bare_sense(*source, p) : std::nullopt;
            const bool one_number = together && together->kind != FigureKind::Count && together->kind != FigureKind::Size &&
                together->kind != FigureKind::Length;
            const bool round = p.unit.empty() && line.before(i) == "every";
            const bool poured = p.unit == "mil" && std::fmod(p.number.value, 50) == 0 && !listed(kToolWords, line.at(p.end)) &&
                !is(Class::Fastener, line.at(p.end)) && (line.any_of(kFluidWords) || line.any(Class::Fluid));
            if (!one_number && !round && !poured) {
                auto first = read_number(std::span(source->words).first(i + n->grouped), i);
                if (first) p = phrase_at(*source, i, *first);
            }
        }
        std::optional<Sense> sense = p.unit.empty() ? bare_sense(*source, p) : sense_of(*source, p);
        const auto second = correction_after(*source, p.end);
        if (!sense && second) {
            // the kind follows from what the corrected value is
            const Phrase corrected = phrase_at(*source, *second, *read_number(source->words, *second));
            sense = corrected.unit.empty() ? bare_sense(*source, corrected) : sense_of(*source, corrected);
            if (!sense && p.number.value >= 4 && p.number.value <= 60 && line.any(Class::Fastener))
                sense = Sense{FigureKind::Size, "mm", "a size, corrected aloud"};
        }
        if (!sense && !out.empty() && out.back().taken_back && !p.number.fraction && i < out.back().to + 12)
            sense = Sense{out.back().kind, out.back().value.unit, "the value that was put right"};
        if (!sense || std::abs(p.number.value) > 1e7 || (p.number.value == 0 && sense->kind != FigureKind::Temperature)) {
            i += std::max<std::size_t>(1, p.number.length);
            continue;
        }
        FoundFigure f;
        f.kind = sense->kind;
        f.value = {p.number.digits, p.high ? p.high->digits : "", sense->unit};
        f.because = sense->because;
        f.taken_back = second.has_value();
        f.hedged = sense->doubtful || hedged_beside(*source, i, p.end);
        f.from = i;
        f.to = p.end;
        i = std::max(i + 1, p.end);
        keep(std::move(f));
    }
    // "hours on her is" / "six thousand one hundred and eighteen"
    meter_asked_ = line.any({"hours", "clock", "meter", "odometer", "kilometres", "kilometers"}) && line.size() <= 8 &&
        std::none_of(out.begin(), out.end(), [](const FoundFigure& f) { return f.kind == FigureKind::Reading; });
    word_ += line.size();
    return out;
}

}  // namespace anagraph::core
