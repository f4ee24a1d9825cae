// What a number is that has a unit.
#include <fmt/format.h>

#include <cmath>

#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_figures.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::Class;
using lexicon::is;

std::optional<FigureReader::Sense> FigureReader::sense_of(const Line& line, const Phrase& p) const {
    const std::string said = line.said(p.unit_at, p.end - p.unit_at);
    if (p.unit == "mil") return sense_of_mil(line, p);
    if (p.unit == "deg?") {
        const bool turning = line.any_of(kTurning, p.from > 7 ? p.from - 7 : 0, p.end + 5);
        const bool heat = line.any_of(kHeat, 0, p.from) || line.any_of(kHeat, p.end);
        const bool angle = std::fmod(p.number.value, 15) == 0 && p.number.value > 0;
        if (angle && last_of(FigureKind::Torque, 0) != nullptr && listed("plus then and another further", line.before(p.from)))
            return Sense{FigureKind::Turn, "deg", "an angle: it comes after a torque"};
        if (turning && angle && (!heat || listed("turn further apart", line.at(p.end))))
            return Sense{FigureKind::Turn, "deg", "an angle, because of the turning word"};
        return Sense{FigureKind::Temperature, "degC", "a temperature, because of the unit"};
    }
    const Unit* known = find_unit(p.unit);
    if (known == nullptr) return std::nullopt;
    switch (known->dimension) {
        case Dimension::Torque:
            return Sense{FigureKind::Torque, std::string(p.unit), fmt::format("torque, because of the unit ({})", said)};
        case Dimension::Force: {
            const bool pounds = p.unit == "lbf";
            const bool pushing = near_any_of(line,
                "press push pull force thumb weight weighs load spring belt cost costs worth paid charge price buy grand cheaper saves",
                p.from, p.end, 9);
            const bool tightening = near_any_of(line, kTightening, p.from, p.end, 14);
            const bool about_fastener = tightening || (fastener_ && segment_ - fastener_segment_ <= 1);
            if (pounds && line.any({"tyre", "tyres", "tire", "tires", "air", "pressure", "inflate", "gauge", "relief"}) && !tightening)
                return Sense{FigureKind::Pressure, "psi", "a pressure: pounds of air"};
            if (pushing && !near_any_of(line, "tighten torque torqued", p.from, p.end, 6)) return std::nullopt;
            if (pounds && !about_fastener) return std::nullopt;
            if (pounds && near_any_of(line, "dollar it's expensive new shop pay", p.from, p.end, 2) &&
                !near_any_of(line, "tighten torque torqued nip click to", p.from, p.end, 6))
                return std::nullopt;
            if (p.number.value < 0.5) return std::nullopt;
            return Sense{FigureKind::Torque, std::string(p.unit), fmt::format("torque meant, though \"{}\" is a force: ask", said), true};
        }
        case Dimension::Volume:
            if (listed("engine motor diesel twin", line.at(p.end)) || near_any_of(line, "horsepower horse horses hp kva", p.from, p.end, 5))
                return std::nullopt;  // the size of an engine
            if (p.unit == "mL" && !line.any(Class::Fluid) && near_any_of(line, "motor engine stage stroke", p.from, p.end, 5))
                return std::nullopt;
            return Sense{FigureKind::Volume, std::string(p.unit), "an amount of fluid, because of the unit"};
        case Dimension::Length:
            return sense_of_length(line, p);
        case Dimension::Pressure:
            if (p.unit == "bar" && (is(Class::Thing, line.at(p.end)) && !is(Class::Part, line.at(p.end)))) return std::nullopt;
            return Sense{FigureKind::Pressure, std::string(p.unit), "a pressure, because of the unit"};
        case Dimension::Temperature:
            return Sense{FigureKind::Temperature, std::string(p.unit), "a temperature, because of the unit"};
        case Dimension::Duration:
            if (p.unit == "h") return sense_of_hours(line, p);
            if (listed("second", line.at(p.unit_at)) && p.number.value == 1 && listed("in just hang", line.before(p.from)))
                return std::nullopt;
            if (line.at(p.unit_at) == "second" && p.number.value != 1 && !p.number.fraction && p.number.grouped == 0 &&
                is(Class::Thing, line.at(p.end)))
                return std::nullopt;
            return Sense{FigureKind::Duration, std::string(p.unit), "a time, because of the unit"};
        case Dimension::Calendar:
            return sense_of_calendar(line, p);
        case Dimension::Distance:
            if (line.at(p.unit_at) == "k" && is(Class::Uncounted, line.at(p.end))) return std::nullopt;
            return sense_of_hours(line, p);
        case Dimension::Speed:
            return Sense{FigureKind::Speed, std::string(p.unit), "a speed, because of the unit"};
        case Dimension::Percent:
            return Sense{FigureKind::Percent, std::string(p.unit), "a share, because of the unit"};
        case Dimension::Turn:
            if (line.before(p.from) == "as" ||
                (!p.number.fraction && !line.starts_clause(p.end) && listed("the it over up off round around to", line.at(p.end))) ||
                p.number.value > 60)
                return p.number.fraction && listed("round around", line.at(p.end))
                    ? std::optional(Sense{FigureKind::Turn, std::string(p.unit), "a part of a turn"})
                    : std::nullopt;
            return Sense{FigureKind::Turn, std::string(p.unit), "a part of a turn"};
        case Dimension::Count:
            return std::nullopt;
    }
    return std::nullopt;
}

}  // namespace anagraph::core
