#include "core/narration/read_figures.h"

#include <fmt/format.h>

#include <array>
#include <cmath>

#include "core/narration/read_codes.h"
#include "core/quantity/unit.h"

namespace anagraph::core {
namespace {

using lexicon::Class;
using lexicon::is;
using lexicon::unit_of;

constexpr std::size_t kMemory = 60;  // figures remembered
constexpr WordList kMeasured = "gap gaps clearance thick thickness long length play travel bore depth deep wide width apart distance slack sag deflection give gives movement wear worn tread height deflect stretch creep hairline groove gauge feeler feelers deeper thicker";
constexpr WordList kToolWords = "socket sockets spanner spanners wrench hex hexagon allen key torx af head heads headed screwdriver driver drill bit ring ratchet";
constexpr WordList kFluidWords = "oil coolant fluid water syringe bottle drained drain pour poured pouring fill filled refill top topped came comes diesel fuel petrol capacity takes holds jug can sump residue bucket concentrate antifreeze acid cup measured dribbling stays tank";
constexpr WordList kTightening = "tighten tightened torque torqued nip click clicks plug plugs bolt bolts nut nuts screw screws cap caps wrench pass union banjo stud studs locknut terminal terminals snug clamp clamps fitting tight spec";
constexpr WordList kHeat = "hot warm cool cold temperature thermometer thermostat heat celsius freeze freezing freezes frost minus sump outside boils boil room plus degrees";
constexpr WordList kTurning = "turn turned turns further another angle apart rotate past stage tighten torque swing clockwise anticlockwise back";
constexpr WordList kMeterCues = "clock meter hourmeter odometer odo panel reads read reading shows showing says stands stood display counter dash tach hours bought now last previous ran card sheet book log ";
constexpr WordList kNotCounted = "first second third number step item stage page room chapter fig figure position gear cell cells type mark class part phase cylinder no ";

std::string plain(double value) {
    std::string s = fmt::format("{:.4f}", value);
    s.erase(s.find_last_not_of('0') + 1);
    if (s.back() == '.') s.pop_back();
    return s;
}

/// The unit a speed, a gap or a capacity is in when none was ever said.
std::string unit_alone(FigureKind kind) { return kind == FigureKind::Speed ? "rpm" : kind == FigureKind::Length ? "mm"
                                                                                                                : "L"; }

bool whole(double v) { return v == std::floor(v); }

/// Is one of the words of the list within `reach` words of the phrase?
bool near_any_of(const Line& line, const WordList& list, std::size_t from, std::size_t end, std::size_t reach) {
    return line.any_of(list, from > reach ? from - reach : 0, end + reach);
}

bool near_class(const Line& line, Class what, std::size_t from, std::size_t end, std::size_t reach) { return line.any(what, from > reach ? from - reach : 0, end + reach); }

/// Is the number hedged by the words beside it?
bool hedged_beside(const Line& line, std::size_t from, std::size_t end) {
    const std::size_t begin = line.clause_begin(std::min(from, line.size() - 1));
    for (std::size_t k = from; k > begin && from - k < 4; --k) {
        const auto w = line.before(k);
        if (is(Class::Hedge, w) && !(listed("about think", w) && listed("the that this what it", line.at(k)))) return true;
        if (w == "like" && k == from) return true;
        if (listed("over under", w) && line.before(k, 2) == "just") return true;
        if (w == "call" && line.at(k) == "it") return true;
        if (unit_of(w, "", "")) break;  // belongs to the figure before
    }
    static constexpr std::array<std::string_view, 17> kBehind{"or so", "or thereabouts", "give or take", "something like that", "near enough", "near as", "i think", "i reckon", "i believe", "i guess", "i'm guessing", "or something", "more or less", "and a bit", "as makes no", "or there abouts", "if that"};
    for (std::size_t k = end; k < std::min(line.size(), end + 4); ++k) {
        if (std::any_of(kBehind.begin(), kBehind.end(), [&](std::string_view s) { return line.stands_at(s, k); })) return true;
        if (listed("roughly maybe ish thereabouts approximately reckon", line.at(k))) return true;
        if (line.at(k) == "about" && (k + 1 >= line.size() || line.words[k + 1].sentence_start)) return true;
        if (read_number(line.words, k)) break;
    }
    return false;
}

/// Where a value said instead of the one before stands: "no a seventeen", "hang on, that's a fourteen", or nothing.
std::optional<std::size_t> correction_after(const Line& line, std::size_t after) {
    const auto word = line.at(after);
    const bool plain_no = listed("no nah nope sorry wait actually rather correction oops", word) && !listed("more less need no problem one", line.at(after + 1));
    const bool phrase = line.stands_at("hang on", after) || line.stands_at("i mean", after) || line.stands_at("make that", after) || line.stands_at("or rather", after) || line.stands_at("i beg", after);
    if (!plain_no && !phrase) return std::nullopt;
    for (std::size_t k = after + 1; k < std::min(line.size(), after + 11); ++k) {
        if (listed("one that's", line.at(k)) && line.at(k) == "one") continue;
        const auto n = read_number(line.words, k);
        if (n && (!n->fraction || unit_of(line.at(k + n->length + 1), line.at(k + n->length + 2), "") || unit_of(line.at(k + n->length + 2), "", ""))) return k;
    }
    return std::nullopt;
}

bool price_or_mass(const Line& line, std::size_t after) {
    const auto next = line.at(after);
    if (is(Class::Uncounted, next)) return true;
    return next == "k" && is(Class::Uncounted, line.at(after + 1));
}

}  // namespace

const FigureReader::Said* FigureReader::last_of(FigureKind kind, std::size_t within) const {
    for (auto it = said_.rbegin(); it != said_.rend() && segment_ - it->segment <= within; ++it)
        if (it->kind == kind) return &*it;
    return nullptr;
}

const FigureReader::Said* FigureReader::last_measured(std::size_t within) const {
    for (auto it = said_.rbegin(); it != said_.rend() && segment_ - it->segment <= within; ++it)
        if (it->kind != FigureKind::Count && it->kind != FigureKind::Interval && it->kind != FigureKind::Reading && it->kind != FigureKind::Duration && it->kind != FigureKind::Size && it->kind != FigureKind::Turn && !it->unit.empty()) return &*it;
    return nullptr;
}

std::string FigureReader::meter_unit() const { return distance_ ? "km" : "h"; }

/// "once a year", "every hour", "yearly", "leave it a minute", "a centimetre under the neck": a unit with no number is one of it.
std::optional<FoundFigure> FigureReader::read_unit_alone(const Line& line, std::size_t i) const {
    const auto w = line.at(i);
    const auto one = [&](FigureKind kind, std::string_view unit, std::size_t from, std::size_t to, std::string_view because, std::string digits = "1") {
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
        if (listed("year month week day", unit)) return one(FigureKind::Interval, unit, i, i + 2, "an interval, because of how often it is said to come");
        if (unit == "hour" && w == "every") return one(FigureKind::Interval, "h", i, i + 2, "an interval, because of how often it is said to come");
        if (unit == "other" && listed("year month week", line.at(i + 2))) return one(FigureKind::Interval, line.at(i + 2), i, i + 3, "an interval: every other", "2");
        return std::nullopt;
    }
    if (listed("monthly yearly weekly", line.at(i + 1)))
        if (const auto n = read_number(line.words, i); n && n->length == 1 && whole(n->value)) return one(FigureKind::Interval, line.at(i + 1) == "monthly" ? "month" : line.at(i + 1) == "weekly" ? "week"
                                                                                                                                                                                                   : "year",
                                                                                                          i, i + 2, "an interval, because of how often it is said to come", n->digits);
    if (w == "twice" && listed("a every", line.at(i + 1)) && line.at(i + 2) == "year") return one(FigureKind::Interval, "month", i, i + 3, "an interval: twice a year", "6");
    if (w == "turn" && line.stands_at("and a half", i + 1) && !read_number(line.words, i > 0 ? i - 1 : i) && !listed("full whole complete", line.before(i))) return one(FigureKind::Turn, "turn", i, i + 4, "a turn and a half", "1.5");
    if (line.stands_at("fifty fifty", i)) return one(FigureKind::Percent, "%", i, i + 2, "half and half", "50");
    const bool bare_inch = w == "inch" && line.stands_at("inch and a", i) && !read_number(line.words, i > 0 ? i - 1 : i);
    if (w == "a" && listed("full whole complete", line.at(i + 1)) && line.at(i + 2) == "turn") return one(FigureKind::Turn, "turn", i, i + 3, "a whole turn");
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
            const bool told = listed("for it give it's leave after about them that wait to roughly nearly least takes another", before) || line.any({"wait", "leave", "let", "run", "give"});
            if (line.stands_at("or two", to) || line.stands_at("or so", to)) {
                auto f = one(FigureKind::Duration, unit->id, i, to + 2, "a time, because of the unit");
                if (line.at(to + 1) == "two") f.value.high = "2";
                return f;
            }
            if (line.stands_at("and a half", to)) return one(FigureKind::Duration, unit->id, i, to + 3, "a time, because of the unit", "1.5");
            if (told && !listed("while bit", line.at(i + 1))) return one(FigureKind::Duration, unit->id, i, to, "a time, because of the unit");
            return std::nullopt;
        }
        if (unit->id == "year" && (before == "or" || before == "twice" || before == "for" || (before == "than" && line.before(i, 2) == "more"))) return one(FigureKind::Interval, "year", i, to, "an interval, because of the calendar unit");
        if (listed("L qt gal", unit->id)) return one(FigureKind::Volume, unit->id, i, to, "an amount of fluid, because of the unit");
        if (listed("cm mm in thou", unit->id) || (unit->id == "mil" && !line.at(i + 1).empty())) return one(FigureKind::Length, unit->id == "mil" ? "mm" : unit->id, i, to, "a length, because of the unit");
        if (unit->id == "turn" && listed("half quarter", line.at(i + 1))) return std::nullopt;
        return std::nullopt;
    }
    if (w == "another" && listed("turn litre liter quart inch millimetre millimeter minute", line.at(i + (line.at(i + 1) == "full" ? 2 : 1)))) {
        const std::size_t at = i + (line.at(i + 1) == "full" ? 2 : 1);
        const auto unit = unit_of(line.at(at), "", "");
        const auto kind = unit->id == "turn" ? FigureKind::Turn : unit->id == "min"       ? FigureKind::Duration
                                                              : listed("mm in", unit->id) ? FigureKind::Length
                                                                                          : FigureKind::Volume;
        return one(kind, unit->id, i, at + 1, "one more of the unit");
    }
    return std::nullopt;
}

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
    const bool turns = p.number.fraction && joint == "to" && read_number(line.words, at + 1) && near_any_of(line, "turn turns", at, at + 1, 4);
    if ((!p.number.fraction || turns) && p.number.grouped == 0 && (joint == "to" || joint == "or" || joint == "till" || (joint == "and" && between))) {
        auto high = read_number(line.words, at + 1);
        const std::size_t behind = high ? at + 1 + high->length : at;
        const bool measured = high && unit_of(line.at(behind), line.at(behind + 1), "");
        const bool fits = high && !high->fraction && high->value > p.number.value && high->value <= p.number.value * 12 + 10 && (joint != "or" || measured || listed("times strokes of", line.at(behind)));
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
    else if (listed("more full good whole extra further us clear solid straight complete front rear hot cold", line.at(p.unit_at)) && unit_of(line.at(p.unit_at + 1), line.at(p.unit_at + 2), ""))
        p.unit_at += line.at(p.unit_at) == "us" && line.at(p.unit_at + 1).starts_with("quart") ? 0 : 1;
    p.end = p.after;
    if (line.at(p.after) == "c" && !listed("clip clips clamp clamps spanner", line.at(p.after + 1)) && !line.starts_clause(p.after)) {
        p.unit = "degC";
        p.end = p.after + 1;
    } else if (const auto unit = unit_of(line.at(p.unit_at), line.at(p.unit_at + 1), line.at(p.unit_at + 2)); unit && !(p.unit_at > p.from && line.words[p.unit_at].sentence_start)) {
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
            if (rest && !rest->fraction && rest->length == 1 && whole(rest->value) && rest->value > 0 && rest->value < 100 && (behind >= line.size() || line.starts_clause(behind) || listed("in on and of for with now that so i you the when cold hot front rear each it", line.at(behind)))) {
                p.number.digits += "." + rest->digits;
                p.number.value = std::stod(p.number.digits);
                p.end = behind;
            }
        }
    }
    return p;
}

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
    const bool tool_beside = listed(kToolWords, line.at(p.end)) || listed(kToolWords, line.at(p.end + 1)) || listed("spanner socket key size", line.before(p.from)) || line.stands_at("across the flats", p.end) || line.stands_at("across flats", p.end) || (is(Class::Fastener, line.at(p.end)) && !listed("head post cap cover", line.at(p.end)));
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
    if (near_any_of(line, "undo loosen slacken crack tighten nip unscrew unbolt clip clips", p.from, p.end, 9)) for_size(1, "what is done with it");
    const bool usual = p.unit == "in" ? mm <= 46 : mm >= 2 && std::abs(mm * 2 - std::round(mm * 2)) < 1e-6;
    for_size(usual ? 0.5 : -2, "its value");
    if (!tool_beside && line.any_of(kMeasured, clause > 4 ? clause - 4 : 0, clause_end + 4)) for_size(-2.2, "");
    if (listed("of off deep under from clear below above into out", line.at(p.end)) || near_any_of(line, "washer hose holes", p.from, p.end, 2)) for_size(-1, "");
    if (last_of(FigureKind::Size, 0) != nullptr) for_size(1, "the size before it");
    if (size >= 2) return Sense{FigureKind::Size, std::string(p.unit), because};
    return length;
}

std::optional<FigureReader::Sense> FigureReader::sense_of_mil(const Line& line, const Phrase& p) const {
    Phrase as_mm = p;
    as_mm.unit = "mm";
    const bool tool = listed(kToolWords, line.at(p.end)) || listed(kToolWords, line.at(p.end + 1)) || (is(Class::Fastener, line.at(p.end)) && p.number.value <= 50);
    const bool measured = line.any_of(kMeasured);
    const bool fluid = line.any_of(kFluidWords) || line.any(Class::Fluid);
    const auto recent = [&](FigureKind kind, std::size_t words) -> const Said* {
        const Said* said = last_of(kind, 1000000);
        return said != nullptr && word_ + p.from - std::min(word_ + p.from, said->word) <= words ? said : nullptr;
    };
    const Said* volume = recent(FigureKind::Volume, 90);
    const Said* length = recent(FigureKind::Length, 25);
    bool millilitres = false;
    if (!tool) {
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

std::optional<FigureReader::Sense> FigureReader::sense_of_hours(const Line& line, const Phrase& p) const {
    const std::string unit(p.unit);
    const double v = p.number.value;
    const bool often = line.any({"every", "each", "intervals", "interval"}, p.from > 5 ? p.from - 5 : 0, p.from) || listed("every each", line.before(p.from)) || line.at(p.end) == "service";
    if (often) return Sense{FigureKind::Interval, unit, "an interval, because of how often it is said to come"};
    const bool strong = near_any_of(line, "meter clock hourmeter odometer odo panel dash display counter tach reads stands", p.from, p.end, 10);
    const bool told = near_any_of(line, "book manual maker maker's handbook booklet plate", p.from, p.end, 12) && !strong;
    const bool meter = !told && (strong || near_any_of(line, kMeterCues, p.from, p.end, 10));
    if (near_any_of(line, "first", p.from, p.end, 4) && near_any_of(line, "change changed service oil", p.from, p.end, 5) && !strong) return Sense{FigureKind::Interval, unit, "an interval, because of what is first done then"};
    const bool hours = p.unit == "h";
    if (line.any({"ago"}, p.end, p.end + 2)) return std::nullopt;
    if (hours && v <= 72 && !(meter && v > 24 && !whole(v))) {
        if (line.any({"first"}, p.from > 3 ? p.from - 3 : 0, p.from) || listed("after", line.before(p.from)) || line.any({"work", "running", "use"}, p.end, p.end + 3)) {
            if (v >= 10 && !line.any_of("cool settle dry charge stand stood soak")) return Sense{FigureKind::Interval, unit, "an interval, because of what it is counted from"};
        }
        if (v >= 20 && line.any_of("service hourly") && !meter) return Sense{FigureKind::Interval, unit, "an interval, because of the service"};
        return Sense{FigureKind::Duration, unit, "a time, because of the unit"};
    }
    const bool round = std::fmod(v, hours ? 50 : 500) == 0;
    const bool due = line.any_of("due book manual maker whichever or after first interval next changed change replace replaced leave recommend recommends lasts good life");
    if (meter && !(due && round)) return Sense{FigureKind::Reading, unit, "a reading, because of the meter"};
    if (round && !line.any({"last", "previous", "was", "reads", "bought", "had"})) return Sense{FigureKind::Interval, unit, "an interval: a round number of hours or a distance"};
    if (due && round) return Sense{FigureKind::Interval, unit, "an interval, because of when it is due"};
    if (!hours && v < 20) return std::nullopt;
    return Sense{FigureKind::Reading, unit, "a reading of the meter"};
}

std::optional<FigureReader::Sense> FigureReader::sense_of_calendar(const Line& line, const Phrase& p) const {
    const auto next = line.at(p.end);
    if (listed("old ago late younger older", next) || line.any({"ago", "since"}, p.end, p.end + 3)) return std::nullopt;
    const std::size_t from = p.from > 4 ? p.from - 4 : 0;
    const bool cue = line.any({"every", "once", "or", "twice", "after", "interval", "each", "within", "least", "than", "first"}, from, p.from) || line.any({"whichever", "max", "maximum", "most"}) || line.stands_at("on the", p.end) || (line.before(p.from) == "for" && listed("good lasts last life", line.before(p.from, 2)));
    const bool chained = !said_.empty() && said_.back().kind == FigureKind::Interval && segment_ - said_.back().segment <= 1;
    if (!cue && !chained) return std::nullopt;
    if (line.any(Class::Talk) && !chained && !line.any({"every", "whichever"})) return std::nullopt;
    return Sense{FigureKind::Interval, std::string(p.unit), "an interval, because of the calendar unit"};
}

std::optional<FigureReader::Sense> FigureReader::sense_of(const Line& line, const Phrase& p) const {
    const std::string said = line.said(p.unit_at, p.end - p.unit_at);
    if (p.unit == "mil") return sense_of_mil(line, p);
    if (p.unit == "deg?") {
        const bool turning = line.any_of(kTurning, p.from > 7 ? p.from - 7 : 0, p.end + 5);
        const bool heat = line.any_of(kHeat, 0, p.from) || line.any_of(kHeat, p.end);
        const bool angle = std::fmod(p.number.value, 15) == 0 && p.number.value > 0;
        if (angle && last_of(FigureKind::Torque, 0) != nullptr && listed("plus then and another further", line.before(p.from))) return Sense{FigureKind::Turn, "deg", "an angle: it comes after a torque"};
        if (turning && angle && (!heat || listed("turn further apart", line.at(p.end)))) return Sense{FigureKind::Turn, "deg", "an angle, because of the turning word"};
        return Sense{FigureKind::Temperature, "degC", "a temperature, because of the unit"};
    }
    const Unit* known = find_unit(p.unit);
    if (known == nullptr) return std::nullopt;
    switch (known->dimension) {
        case Dimension::Torque:
            return Sense{FigureKind::Torque, std::string(p.unit), fmt::format("torque, because of the unit ({})", said)};
        case Dimension::Force: {
            const bool pounds = p.unit == "lbf";
            const bool pushing = near_any_of(line, "press push pull force thumb weight weighs load spring belt cost costs worth paid charge price buy grand cheaper saves", p.from, p.end, 9);
            const bool tightening = near_any_of(line, kTightening, p.from, p.end, 14);
            const bool about_fastener = tightening || (fastener_ && segment_ - fastener_segment_ <= 1);
            if (pounds && line.any({"tyre", "tyres", "tire", "tires", "air", "pressure", "inflate", "gauge", "relief"}) && !tightening) return Sense{FigureKind::Pressure, "psi", "a pressure: pounds of air"};
            if (pushing && !near_any_of(line, "tighten torque torqued", p.from, p.end, 6)) return std::nullopt;
            if (pounds && !about_fastener) return std::nullopt;
            if (pounds && near_any_of(line, "dollar it's expensive new shop pay", p.from, p.end, 2) && !near_any_of(line, "tighten torque torqued nip click to", p.from, p.end, 6)) return std::nullopt;
            if (p.number.value < 0.5) return std::nullopt;
            return Sense{FigureKind::Torque, std::string(p.unit), fmt::format("torque meant, though \"{}\" is a force: ask", said), true};
        }
        case Dimension::Volume:
            if (listed("engine motor diesel twin", line.at(p.end)) || near_any_of(line, "horsepower horse horses hp kva", p.from, p.end, 5)) return std::nullopt;  // the size of an engine
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
            if (listed("second", line.at(p.unit_at)) && p.number.value == 1 && listed("in just hang", line.before(p.from))) return std::nullopt;
            if (line.at(p.unit_at) == "second" && p.number.value != 1 && !p.number.fraction && p.number.grouped == 0 && is(Class::Thing, line.at(p.end))) return std::nullopt;
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
            if (line.before(p.from) == "as" || (!p.number.fraction && !line.starts_clause(p.end) && listed("the it over up off round around to", line.at(p.end))) || p.number.value > 60) return p.number.fraction && listed("round around", line.at(p.end)) ? std::optional(Sense{FigureKind::Turn, std::string(p.unit), "a part of a turn"}) : std::nullopt;
            return Sense{FigureKind::Turn, std::string(p.unit), "a part of a turn"};
        case Dimension::Count:
            return std::nullopt;
    }
    return std::nullopt;
}

/// A number without a unit: a size before a tool, a count before things, a reading of the meter.
std::optional<FigureReader::Sense> FigureReader::bare_sense(const Line& line, const Phrase& p) const {
    const auto& n = p.number;
    const auto next = line.at(p.after);
    const auto before = line.before(p.from);
    if (n.value == 0 || listed("number step item stage page room chapter position", before) || price_or_mass(line, p.after)) return std::nullopt;
    const bool year = whole(n.value) && n.value >= 1950 && n.value <= 2049 && n.grouped == 0 && n.digits.size() == 4;
    const Said* counted_before = said_.empty() || said_.back().kind != FigureKind::Count ? nullptr : &said_.back();
    const bool many = near_any_of(line, "strokes times squeezes many", p.from, p.from, 4);
    const bool stands_alone = p.after >= line.size() || line.starts_clause(p.after) || listed("of and", next);
    if (!n.fraction && whole(n.value) && n.value >= 2 && n.value <= 40 && stands_alone) {
        if (listed("are were", before) && line.before(p.from, 2) == "there") return Sense{FigureKind::Count, "x", "a count: there are so many"};
        if (many && (line.starts_clause(p.from) || listed("says about", before))) return Sense{FigureKind::Count, "x", "a count of what was asked for"};
        if (counted_before != nullptr && line.starts_clause(p.from) && p.from > 0 && std::abs(counted_before->value - n.value) <= 2 && word_ + p.from - counted_before->word <= 8) return Sense{FigureKind::Count, "x", "a count, put right"};
    }
    const bool socketed = listed("socket sockets spanner spanners wrench allen hex torx af", next) || (listed("key head heads", next) && !n.fraction);
    if (socketed && !p.high && n.value > 0 && (n.fraction || (n.value >= 1.5 && n.value <= 80 && n.grouped == 0))) {
        const bool inches = n.value < 1.5 || n.digits.find('/') != std::string::npos;
        // "two spanners" are counted, "a fifteen spanner" is a size
        if (!(lexicon::is_plural(next) && n.value < 5 && !listed("head heads", next)) && !(n.value == 1)) return Sense{FigureKind::Size, inches ? "in" : "mm", "a size, because a tool follows"};
    }
    // "that's a seventeen", "the nut's a twenty seven"
    const bool alone = p.after >= line.size() || line.starts_clause(p.after) || listed("no not on it and so is isn't then the but wobbles okay for i that's that hang spanner there too as", next);
    const bool fastener_near = line.any(Class::Fastener) || line.any_of(kToolWords) || (fastener_ && segment_ - fastener_segment_ <= 1);
    const bool size_before = last_of(FigureKind::Size, 1) != nullptr;
    if (alone && !n.fraction && whole(n.value) && n.value >= 4 && n.value <= 60 && n.grouped == 0 && !p.high) {
        const bool article = listed("a an", before);
        const bool said_of = listed("it's that's is they're are's are", before) || (before.ends_with("'s") && before.size() > 2);
        if (article && (fastener_near || size_before)) return Sense{FigureKind::Size, "mm", "a size: a fastener or tool is \"a\" number"};
        if (said_of && (size_before || near_class(line, Class::Fastener, p.from, p.end, 8)) && fastener_near && !last_measured(0)) return Sense{FigureKind::Size, "mm", "a size: it is said of a fastener"};
        if (listed("spanner socket wrench allen hex key size", before) && !line.starts_clause(p.from)) return Sense{FigureKind::Size, "mm", "a size: the tool is named before it"};
        const bool taken = listed("your my the that", before) && near_any_of(line, "grab use get need want takes take with fetch reach pass give", p.from, p.from, 6) && (size_before || line.any_of(kToolWords) || listed("your my", before));
        if (taken && n.value >= 5 && n.value <= 36 && !last_measured(0)) return Sense{FigureKind::Size, "mm", "a size: a tool goes by its number"};
        const bool own_clause = line.starts_clause(p.from) && p.from > 0 && (p.after >= line.size() || line.starts_clause(p.after));
        if (own_clause && n.value >= 5 && !last_measured(1) && near_class(line, Class::Fastener, p.from, p.from, 7)) return Sense{FigureKind::Size, "mm", "a size: nothing but a number is said of a fastener"};
    }
    if (n.fraction && n.value < 1.5) {
        const auto slash = n.digits.find('/');
        const std::string bottom = slash == std::string::npos ? "" : n.digits.substr(slash + 1);
        const bool inches = listed("8 16 32 64", bottom);
        const bool turns = near_any_of(line, "turn turns full tank", p.from, p.after, 5);
        if (inches && !turns && line.any_of(kMeasured) && !line.any_of(kToolWords)) return Sense{FigureKind::Length, "in", "a length: it is a fraction of an inch"};
        if (inches && !turns && (listed("16 32 64", bottom) || listed("drive ratchet union", next)) && (fastener_near || listed("drive ratchet union", next))) return Sense{FigureKind::Size, "in", "a size: fractions of an inch are said of tools"};
    }
    if (n.fraction) {
        const bool turned = last_of(FigureKind::Turn, 3) != nullptr;
        const bool by_hand = line.any({"tighten", "hand", "nip", "plus", "past", "round"});
        const bool goes_on = p.after < line.size() && !line.starts_clause(p.after) && !listed("by more each further past with and then so on at for no to", next);
        if (!goes_on && !listed("way of inch the", next) && (listed("another plus", before) || line.at(p.from) == "another" || turned) && (turned || by_hand) && n.value < 1) return Sense{FigureKind::Turn, "turn", "a part of a turn, as before"};
        return std::nullopt;
    }
    // meter and interval
    if (whole(n.value) && n.value >= 10 && !year) {
        const bool noun_follows = is(Class::Thing, next) && !line.starts_clause(p.after);
        const Said* speed = last_of(FigureKind::Speed, 4);
        const bool idles = near_any_of(line, "idle idles idling revs ticking tick rev pto tacho", p.from, p.end, 9);
        if (!noun_follows && n.value >= 400 && n.value <= 9000 && (idles || (speed != nullptr && n.value / speed->value > 0.3 && n.value / speed->value < 3 && alone))) return Sense{FigureKind::Speed, "rpm", "a speed: the engine idles at it"};
        const bool held = listed("at to", before) && near_any_of(line, "hold holding run runs running spins throttle revs rev", p.from, p.from, 5) && std::fmod(n.value, 50) == 0 && !near_any_of(line, "hours clock meter", p.from, p.end, 8);
        if (held && alone && n.value >= 600 && n.value <= 6000) return Sense{FigureKind::Speed, "rpm", "a speed: something runs at it"};
        if (listed("every", before) && n.value >= 25 && !noun_follows) return Sense{FigureKind::Interval, meter_unit(), "an interval, because of how often it is said to come"};
        const bool meter = near_any_of(line, "clock meter odometer hourmeter odo panel", p.from, p.end, 9) || (near_any_of(line, "hours kilometres kilometers km", p.from, p.end, 9) && (near_any_of(line, "on is at", p.from, p.end, 3) || (line.starts_clause(p.from) && alone))) || (meter_asked_ && p.from <= 1);
        const bool said_before = std::any_of(said_.begin(), said_.end(), [&](const Said& s) { return s.kind == FigureKind::Reading && s.value == n.value; });
        if (said_before && n.value >= 100 && !noun_follows) return Sense{FigureKind::Reading, meter_unit(), "the reading said before"};
        const Said* reading = last_of(FigureKind::Reading, 1000);
        const bool service = near_any_of(line, "last previous bought next due done card serviced", p.from, p.end, 9) && (listed("at on to was is stood from", before) || (line.starts_clause(p.from) && alone && reading != nullptr));
        const bool like_before = reading != nullptr && reading->value > 0 && std::abs(n.value - reading->value) <= 0.35 * reading->value;
        if (!noun_follows && n.value >= 50 && (meter || (service && (reading != nullptr || n.value >= 100)))) return Sense{FigureKind::Reading, meter_unit(), "a reading, because of the meter or the service it is said of"};
        if (!noun_follows && like_before && (n.value >= 100 || n.value == reading->value) && (n.value == reading->value || near_class(line, Class::Meter, p.from, p.end, 9) || line.size() <= 6 || near_any_of(line, "hours write card last at", p.from, p.end, 5))) return Sense{FigureKind::Reading, meter_unit(), "a reading, near the one said before"};
    }
    if (const auto carried = carried_sense(line, p)) return carried;
    if (const auto later = later_sense(line, p)) return later;
    // counts
    if (!whole(n.value) || n.value < 2 || n.value > 500 || year || n.digits.find('.') != std::string::npos) return std::nullopt;
    if (listed(kNotCounted, before)) return std::nullopt;
    if (listed("times strokes squeezes pumps clicks", next)) return Sense{FigureKind::Count, "x", "a count"};
    if (next == "of" && listed("them those these 'em em the", line.at(p.after + 1)) && !line.any({"one"}, p.from, p.after)) return Sense{FigureKind::Count, "x", "a count of things"};
    std::size_t k = p.after;
    while (k < line.size() && k < p.after + 4 && !line.starts_clause(k) && !(lexicon::is_plural(line.at(k)) && is(Class::Thing, line.at(k))) && (is(Class::Modifier, line.at(k)) || is(Class::Thing, line.at(k)) || listed("more of the identical different tiny wee good metal wooden o pairs pair sets grub quarter half turn mil inch m", line.at(k)) || read_number(line.words, k))) ++k;
    const auto noun = line.at(k);
    const bool counted = k < line.size() && !(k > p.after && line.starts_clause(k)) && lexicon::is_plural(noun) && is(Class::Thing, noun) && !is(Class::Uncounted, noun) && !is(Class::Meal, noun) && !unit_of(noun, "", "");
    if (counted && !(k == p.after && line.starts_clause(k))) return Sense{FigureKind::Count, "x", fmt::format("a count of {}", noun)};
    if (listed("all those these bottom top both other last", before) && (alone || listed("are is come by", next)) && n.value <= 40) return Sense{FigureKind::Count, "x", "a count of what was named before"};
    const bool there_are = listed("are were there's got's", before) && line.before(p.from, 2) == "there";
    if (there_are && (alone || listed("in of", next))) return Sense{FigureKind::Count, "x", "a count: there are so many"};
    return std::nullopt;
}

/// "first forty, then eighty newton metres": the unit comes with the last of a row.
std::optional<FigureReader::Sense> FigureReader::later_sense(const Line& line, const Phrase& p) const {
    if (!(p.after >= line.size() || line.starts_clause(p.after) || listed("then and front rear hot cold inlet exhaust upper lower", line.at(p.after)))) return std::nullopt;
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

/// What one figure tells about the next. Every kind is weighed: words of it nearby, how long ago it was last measured, the
/// same value said before, and how the number stands in its clause.
std::optional<FigureReader::Sense> FigureReader::carried_sense(const Line& line, const Phrase& p) const {
    struct Cues {
        FigureKind kind;
        WordList words;
    };
    static constexpr std::array<Cues, 9> kCues{{
        {FigureKind::Length, "gap gaps clearance deflection slack sag play thick thickness deep depth tread width wear worn travel creep press thumb push middle straight feeler feelers movement goes give gives height limit sunk longer lines floor"},
        {FigureKind::Pressure, "pressure gauge suction discharge bar psi tyre tyres tire tires vacuum unloads unload blows front rear charge cut"},
        {FigureKind::Temperature, "temperature temp thermostat degrees warm hot cool cooled freezing minus plus thermometer fan room heater cold opens"},
        {FigureKind::Speed, "idle idles idling revs speed tick ticking rpm tacho does spins rev"},
        {FigureKind::Percent, "strength percent concentrate refractometer share antifreeze glycol"},
        {FigureKind::Torque, "torque tighten tightened newton newtons wrench pass stage click clicks nip foot pounds bolts nuts spec"},
        {FigureKind::Volume, "litre litres oil pour poured fill filled put in drained came out refill coolant dipstick jug bottle capacity takes left short measured holds quarts quart total"},
        {FigureKind::Size, "spanner socket nut nuts bolt bolts union unions pipe pipes head heads undo loosen crack slacken key wrench plug cap"},
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
    const bool noun_next = p.after < line.size() && !line.starts_clause(p.after) && is(Class::Thing, next) && !fluid_next && !listed("in on stick top", next);
    if (noun_next) return std::nullopt;
    if (n.value < 0 && n.value > -90) return Sense{FigureKind::Temperature, "degC", "a temperature, because it is below nought"};
    const bool decimal = n.digits.find('.') != std::string::npos;
    const bool ends = p.after >= line.size() || line.starts_clause(p.after) || listed("and now good so before in out then is no not but again that's which i you as or to if each all", next);
    const bool begins = p.from == 0 || line.starts_clause(p.from);
    double stands = 0;
    if (begins && ends)
        stands += 0.9;
    else if (ends)
        stands += 0.4;
    if (listed("at is it's 's says reads got now gives to wants about measure of was say around mine only exactly nearly roughly still below over under within up plus with", before) || (before.ends_with("'s") && before.size() > 2)) stands += 0.7;
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
        const bool gap = cues.kind == FigureKind::Length && decimal && n.value < 3 && !p.high && near_any_of(line, "gap gaps clearance inlet exhaust intake valve valves tappet tappets feeler feelers", p.from, p.after, 9);
        const bool holds = cues.kind == FigureKind::Volume && decimal && n.value < 60 && near_any_of(line, "takes holds take capacity refill", p.from, p.from, 5);
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
            score += words < 10 ? 1.1 : words < 30 ? 0.8
                                    : words < 90   ? 0.4
                                    : words < 250  ? 0.1
                                    : near >= 0.7  ? -0.2
                                                   : -0.6;
            const double ratio = last->value == 0 ? 1 : n.value / last->value;
            if (cues.kind == FigureKind::Temperature && (decimal || std::abs(n.value) > 400)) score -= 1.5;
            if (ratio < 0.2 || ratio > 5) score -= ratio < 0.08 || ratio > 12 ? 2.5 : cues.kind == FigureKind::Temperature ? 0.4
                                                                                                                           : 1.0;
            same = std::any_of(said_.begin(), said_.end(), [&](const Said& s) { return s.kind == cues.kind && s.unit == last->unit && std::abs(s.value - n.value) < 1e-6; });
            if (same) score += decimal ? kSameDecimal : n.value > 12 ? kSameLarge
                                                                     : 0.6;
            if (cues.kind == FigureKind::Size && (!same || decimal)) continue;
        } else {
            score -= gap || holds ? -0.6 : 0.4;
        }
        if (cues.kind == FigureKind::Duration && !listed("for than about another", before) && !near_any_of(line, "minutes long", p.from, p.from, 4)) score -= 1.2;
        if (cues.kind == FigureKind::Speed && std::fmod(n.value, 50) == 0 && near_any_of(line, "engine impeller motor slow throttle load spindle shaft", p.from, p.after, 8)) score += 0.7;
        if (cues.kind == FigureKind::Volume && (listed("in out", next) || listed("takes took take holds", before) || line.before(p.from, 1) == "add")) score += kPoured;
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
        const bool continues = at_end && next != nullptr && next->size() > 0 && !n->fraction && (n->open_point || unit_of(next->at(0), next->at(1), next->at(2)) || (listed("and to", next->at(0)) && line.before(i) == "between"));
        if (continues) {
            joined.words = line.words;
            joined.words.insert(joined.words.end(), next->words.begin(), next->words.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(8, next->size())));
            joined.words[line.size()].clause_start = joined.words[line.size()].sentence_start = false;
            source = &joined;
            if (auto again = read_number(joined.words, i)) n = std::move(again);
        }
        Phrase p = phrase_at(*source, i, *n);
        const bool length_unit = listed("mm mil in cm", p.unit);
        if (n->grouped > 0 && (p.unit.empty() || length_unit)) {
            // "four thirteen millimetre bolts" are two numbers; "twelve thirty one" on the meter is one
            const auto together = p.unit.empty() ? bare_sense(*source, p) : std::nullopt;
            const bool one_number = together && together->kind != FigureKind::Count && together->kind != FigureKind::Size && together->kind != FigureKind::Length;
            const bool round = p.unit.empty() && line.before(i) == "every";
            const bool poured = p.unit == "mil" && std::fmod(p.number.value, 50) == 0 && !listed(kToolWords, line.at(p.end)) && !is(Class::Fastener, line.at(p.end)) && (line.any_of(kFluidWords) || line.any(Class::Fluid));
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
            if (!sense && p.number.value >= 4 && p.number.value <= 60 && line.any(Class::Fastener)) sense = Sense{FigureKind::Size, "mm", "a size, corrected aloud"};
        }
        if (!sense && !out.empty() && out.back().taken_back && !p.number.fraction && i < out.back().to + 12) sense = Sense{out.back().kind, out.back().value.unit, "the value that was put right"};
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
    meter_asked_ = line.any({"hours", "clock", "meter", "odometer", "kilometres", "kilometers"}) && line.size() <= 8 && std::none_of(out.begin(), out.end(), [](const FoundFigure& f) { return f.kind == FigureKind::Reading; });
    word_ += line.size();
    return out;
}

}  // namespace anagraph::core
