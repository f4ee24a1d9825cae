// Hours, kilometres and calendar units: a time, an interval or what a meter reads.
#include <cmath>

#include "core/narration/figures/cues.h"
#include "core/narration/figures/read_figures.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

using lexicon::Class;

constexpr WordList kServiced =
    "change changed changes replace replaced clean cleaned service serviced check checked due hours first book manual says said "
    "recommended whichever once comes calendar";

std::optional<FigureReader::Sense> FigureReader::sense_of_hours(const Line& line, const Phrase& p) const {
    const std::string unit(p.unit);
    const double v = p.number.value;
    const bool often = line.any({"every", "each", "intervals", "interval"}, p.from > 5 ? p.from - 5 : 0, p.from) ||
        listed("every each", line.before(p.from)) || listed("service between", line.at(p.end)) ||
        (line.before(p.from) == "another" && v >= 10);
    if (often) return Sense{FigureKind::Interval, unit, "an interval, because of how often it is said to come"};
    const bool strong =
        near_any_of(line, "meter clock hourmeter odometer odo panel dash display counter tach reads stands", p.from, p.end, 10);
    const bool told = near_any_of(line, "book manual maker maker's handbook booklet plate", p.from, p.end, 12) && !strong;
    const bool meter = !told && (strong || near_any_of(line, kMeterCues, p.from, p.end, 10));
    if (near_any_of(line, "first", p.from, p.end, 4) && near_any_of(line, "change changed service oil", p.from, p.end, 5) && !strong)
        return Sense{FigureKind::Interval, unit, "an interval, because of what is first done then"};
    const bool hours = p.unit == "h";
    if (line.any({"ago"}, p.end, p.end + 2)) return std::nullopt;
    if (hours && v <= 72 && !(meter && v > 24 && !whole(v))) {
        if (line.any({"first"}, p.from > 3 ? p.from - 3 : 0, p.from) || listed("after", line.before(p.from)) ||
            line.any({"work", "running", "use"}, p.end, p.end + 3)) {
            if (v >= 10 && !line.any_of("cool settle dry charge stand stood soak"))
                return Sense{FigureKind::Interval, unit, "an interval, because of what it is counted from"};
        }
        if (v >= 20 && line.any_of("service hourly") && !meter)
            return Sense{FigureKind::Interval, unit, "an interval, because of the service"};
        return Sense{FigureKind::Duration, unit, "a time, because of the unit"};
    }
    const bool round = std::fmod(v, hours ? 50 : 500) == 0;
    const bool due = line.any_of(
        "due book manual maker whichever or after first interval next changed change replace replaced leave recommend recommends lasts "
        "good life");
    if (meter && !(due && round)) return Sense{FigureKind::Reading, unit, "a reading, because of the meter"};
    if (round && !line.any({"last", "previous", "was", "reads", "bought", "had"}))
        return Sense{FigureKind::Interval, unit, "an interval: a round number of hours or a distance"};
    if (due && round) return Sense{FigureKind::Interval, unit, "an interval, because of when it is due"};
    if (!hours && v < 20) return std::nullopt;
    return Sense{FigureKind::Reading, unit, "a reading of the meter"};
}

std::optional<FigureReader::Sense> FigureReader::sense_of_calendar(const Line& line, const Phrase& p) const {
    const auto next = line.at(p.end);
    if (listed("old ago late younger older", next) || line.any({"ago", "since"}, p.end, p.end + 3)) return std::nullopt;
    const std::size_t from = p.from > 4 ? p.from - 4 : 0;
    const bool cue =
        line.any({"every", "once", "or", "twice", "after", "interval", "each", "within", "least", "than", "first"}, from, p.from) ||
        line.any({"whichever", "max", "maximum", "most"}) || line.stands_at("on the", p.end) ||
        (line.before(p.from) == "for" && listed("good lasts last life", line.before(p.from, 2)));
    const bool chained = !said_.empty() && said_.back().kind == FigureKind::Interval && segment_ - said_.back().segment <= 1;
    if (!cue && !chained) return std::nullopt;
    // "after thirty years I'd know", "in eleven years": a life, and no service
    if (p.number.value > 15 && p.unit == "year") return std::nullopt;
    // "I see it every year": it is told how often something is done to the machine
    const bool service = line.any(Class::Fluid) || line.any(Class::Part) || line.any_of(kServiced);
    if (!chained && !service) return std::nullopt;
    if (line.any(Class::Talk) && !chained && !line.any({"every", "whichever"})) return std::nullopt;
    return Sense{FigureKind::Interval, std::string(p.unit), "an interval, because of the calendar unit"};
}

}  // namespace anagraph::core
