#include "core/logbook/logbook.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/letters.h"
#include "core/edition/post.h"
#include "core/procedure/ids.h"

namespace anagraph::core {
namespace {

constexpr double kSame = 1e-9;  // readings that differ by less are the same, of the value

tl::unexpected<Error> refused(Words why) { return fail(ErrorCode::Refused, std::move(why)); }

void tidy(std::string& text) { text = post_of(text); }

bool same(std::string_view a, std::string_view b) { return same_post(a, b); }

/// The day of an entry; where none is given, the one it is written on.
Result<Day> day_of(std::string& on, const LogEntry& as) {
    tidy(on);
    if (on.empty()) on = as.at.substr(0, 10);
    return parse_day(on);
}

bool of_meter(const Quantity& q) {
    return q.unit != nullptr &&
        (q.unit->dimension == Dimension::Duration || q.unit->dimension == Dimension::Distance || q.unit->dimension == Dimension::Count);
}

Result<double> reading_in(const Quantity& q, const Unit* unit) {
    if (!of_meter(q))
        return fail(ErrorCode::BadInput, say(key("Logbook", "{0} is no reading of a meter: hours, a distance or a count is."), display(q)));
    if (q.number.value() < 0) return fail(ErrorCode::BadInput, key("Logbook", "A meter does not read below nothing."));
    return unit == nullptr ? q.number.value() : q.in(*unit);
}

std::string shown_text(double value, const Unit& unit) { return fmt::format("{:.10g} {}", value, unit.symbol); }

/// Puts a point among the others of its meter. Errors: Refused where the meter would run backwards.
Outcome put_point(Meter& meter, const std::string& machine, MeterPoint point, std::optional<double> total = {}) {
    const auto after =
        std::upper_bound(meter.points.begin(), meter.points.end(), point.on, [](Day day, const MeterPoint& p) { return day < p.on; });
    const MeterPoint* before = after == meter.points.begin() ? nullptr : &*(after - 1);
    point.total = total.value_or(point.shown + (before == nullptr ? 0 : before->total - before->shown));
    const double slack = kSame * std::max(1.0, std::abs(point.total));
    const auto backwards = [&](const MeterPoint& other, const char* when) {
        return refused(
            say(key("Logbook",
                    "The meter of {0} would run backwards: it showed {1} {2} {3}. Put the reading or its day right; if the meter was "
                    "replaced, enter that first."),
                machine, shown_text(other.shown, *meter.unit), when, text_of(other.on)));
    };
    if (before != nullptr && point.total < before->total - slack) return backwards(*before, "on");
    if (after != meter.points.end() && point.total > after->total + slack) return backwards(*after, "later, on");
    meter.points.insert(after, point);
    return {};
}

Meter& meter_for(Machine& machine, const Unit& unit) {
    for (auto& m : machine.meters)
        if (m.unit->dimension == unit.dimension) return m;
    machine.meters.push_back({&unit, {}});
    return machine.meters.back();
}

Outcome read_meter(Machine& machine, const Quantity& reading, Day on, std::int64_t entry) {
    if (const auto good = reading_in(reading, nullptr); !good) return tl::make_unexpected(good.error());
    Meter& meter = meter_for(machine, *reading.unit);
    const auto shown = reading_in(reading, meter.unit);
    if (!shown) return tl::make_unexpected(shown.error());
    if (auto put = put_point(meter, machine.about.name, {on, *shown, 0, entry}); !put) return put;
    machine.since = std::min(machine.since, on);
    return {};
}

}  // namespace

const MeterPoint* Meter::at(Day day) const {
    const auto after = std::upper_bound(points.begin(), points.end(), day, [](Day d, const MeterPoint& p) { return d < p.on; });
    return after == points.begin() ? nullptr : &*(after - 1);
}

const Meter* Machine::meter(Dimension dimension) const {
    const auto it = std::find_if(meters.begin(), meters.end(), [&](const Meter& m) { return m.unit->dimension == dimension; });
    return it == meters.end() ? nullptr : &*it;
}

bool Logbook::is_struck(std::int64_t number) const { return std::binary_search(struck_.begin(), struck_.end(), number); }

std::size_t Logbook::place_of_machine(std::string_view name) const {
    const auto it = machine_by_name_.find(folded_post(name));
    return it == machine_by_name_.end() ? machines_.size() : it->second;
}

std::size_t Logbook::place_of_unit(std::string_view serial) const {
    const auto it = std::find_if(units_.begin(), units_.end(), [&](const RotatingUnit& u) { return same(u.about.serial, serial); });
    return static_cast<std::size_t>(it - units_.begin());
}

const Machine* Logbook::machine(std::string_view name) const {
    const auto at = place_of_machine(name);
    return at < machines_.size() ? &machines_[at] : nullptr;
}

Machine* Logbook::find_machine(std::string_view name) {
    const auto at = place_of_machine(name);
    return at < machines_.size() ? &machines_[at] : nullptr;
}

const RotatingUnit* Logbook::unit(std::string_view serial) const {
    const auto at = place_of_unit(serial);
    return at < units_.size() ? &units_[at] : nullptr;
}

RotatingUnit* Logbook::find_unit(std::string_view serial) {
    const auto at = place_of_unit(serial);
    return at < units_.size() ? &units_[at] : nullptr;
}

Result<Machine*> Logbook::machine_for(std::string& name) {
    tidy(name);
    if (name.empty()) return fail(ErrorCode::BadInput, key("Logbook", "Name the machine."));
    auto* found = find_machine(name);
    if (found == nullptr)
        return fail(ErrorCode::NotFound, say(key("Logbook", "The logbook knows no machine \u201C{0}\u201D; add it first."), name), name);
    name = found->about.name;
    return found;
}

const LogEntry* Logbook::run(std::string_view id) const {
    const auto it = runs_.find(folded_post(id));
    if (it == runs_.end()) return nullptr;
    const auto entry =
        std::lower_bound(all_.begin(), all_.end(), it->second, [](const LogEntry& e, std::int64_t n) { return e.number < n; });
    return entry == all_.end() ? nullptr : &*entry;
}

std::optional<double> Logbook::hours_of(const RotatingUnit& unit, bool since_overhaul) const {
    std::optional<double> out;
    for (std::size_t i = since_overhaul ? unit.overhauled : 0; i < unit.stretches.size(); ++i) {
        const auto& s = unit.stretches[i];
        double until = s.at;
        if (s.until)
            until = *s.until;
        else if (const Machine* m = machine(s.machine))
            if (const Meter* meter = m->meter(s.unit->dimension); meter != nullptr && !meter->points.empty())
                until = convert(meter->points.back().total, *meter->unit, *s.unit);
        out = out.value_or(0) + std::max(0.0, until - s.at);
    }
    return out;
}

Outcome Logbook::add(LogEntry entry) {
    if (entry.number < next_number()) return refused(key("Logbook", "Entries are added one after the other."));
    tidy(entry.by);
    if (entry.by.empty()) return refused(key("Logbook", "Say who you are, by post."));
    if (auto done = take(entry); !done) return done;
    all_.push_back(std::move(entry));
    return {};
}

Outcome Logbook::take(LogEntry& entry) {
    return std::visit([&](auto& e) { return enter(e, entry); }, entry.body);
}

Outcome Logbook::enter(MachineAdded& e, const LogEntry& as) {
    for (auto* text : {&e.name, &e.type, &e.variant, &e.serial, &e.place}) tidy(*text);
    if (e.name.empty()) return fail(ErrorCode::BadInput, key("Logbook", "Name the machine."));
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    if (find_machine(e.name) != nullptr)
        return refused(say(key("Logbook", "There is a machine \u201C{0}\u201D already; give this one another name."), e.name));
    if (!e.serial.empty())
        if (const auto* other = find_machine(e.serial))
            return refused(say(key("Logbook", "The serial {0} is that of {1} already."), e.serial, other->about.name));
    Machine m;
    m.about = e;
    m.entry = as.number;
    m.since = *on;
    m.place = e.place;
    machine_by_name_[folded_post(e.name)] = machines_.size();
    if (!e.serial.empty()) machine_by_name_[folded_post(e.serial)] = machines_.size();
    machines_.push_back(std::move(m));
    return {};
}

Outcome Logbook::enter(MachineMoved& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    if (const auto on = day_of(e.on, as); !on) return tl::make_unexpected(on.error());
    tidy(e.place);
    tidy(e.because);
    if (e.out && e.because.empty()) return refused(key("Logbook", "Say why the machine is out of service."));
    (*m)->out = e.out;
    (*m)->because = e.because;
    if (!e.place.empty()) (*m)->place = e.place;
    return {};
}

Outcome Logbook::enter(MeterRead& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    return read_meter(**m, e.reading, *on, as.number);
}

Outcome Logbook::enter(MeterReplaced& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    if (of_meter(e.old_reading) && of_meter(e.new_reading) && e.old_reading.unit->dimension != e.new_reading.unit->dimension)
        return fail(ErrorCode::BadInput, key("Logbook", "The old meter and the new one count different things."));
    if (const auto good = reading_in(e.new_reading, nullptr); !good) return tl::make_unexpected(good.error());
    if (of_meter(e.old_reading))
        if (const Meter* meter = (*m)->meter(e.old_reading.unit->dimension);
            meter != nullptr && !meter->points.empty() && meter->points.back().on > *on)
            return refused(say(key("Logbook", "The meter of {0} was read after that day; enter its replacement on {1} or later."),
                (*m)->about.name, text_of(meter->points.back().on)));
    if (auto read = read_meter(**m, e.old_reading, *on, as.number); !read) return read;
    Meter& meter = meter_for(**m, *e.old_reading.unit);
    const double total = meter.points.back().total;
    return put_point(meter, (*m)->about.name, {*on, e.new_reading.in(*meter.unit), 0, as.number}, total);
}

Outcome Logbook::enter(ServiceDone& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    tidy(e.what);
    if (e.what.empty()) return fail(ErrorCode::BadInput, key("Logbook", "Say what was done."));
    if (e.reading)
        if (auto read = read_meter(**m, *e.reading, *on, as.number); !read) return read;
    (*m)->since = std::min((*m)->since, *on);
    std::erase_if((*m)->planned, [&](const PlannedInLog& p) { return same(p.what.what, e.what) && *on >= p.since; });
    auto& all = (*m)->services;
    all.insert(
        std::upper_bound(all.begin(), all.end(), *on, [](Day day, const ServiceInLog& s) { return day < s.on; }), {as.number, *on, e});
    return {};
}

Outcome Logbook::enter(RuleAdded& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    tidy(e.what);
    if (e.what.empty()) return fail(ErrorCode::BadInput, key("Logbook", "Say what is due."));
    if (e.every.empty())
        return fail(ErrorCode::BadInput, key("Logbook", "Say how often: give at least one interval, as in \"100 h\" or \"12 month\"."));
    auto intervals = e.every;
    if (e.first) intervals.push_back(*e.first);
    for (const auto& i : intervals)
        if (i.unit == nullptr || !(i.number.value() > 0) || !(of_meter(i) || i.unit->dimension == Dimension::Calendar))
            return fail(ErrorCode::BadInput,
                say(key("Logbook", "{0} is no interval: hours, a distance, a count or a time by the calendar are."), display(i)));
    for (const auto& span : e.avoid) {
        if (const auto days = parse_avoided(span); !days) return tl::make_unexpected(days.error());
    }
    std::erase_if((*m)->rules, [&](const RuleInLog& r) { return same(r.what.what, e.what); });
    (*m)->rules.push_back({as.number, e});
    return {};
}

Outcome Logbook::enter(UnitAdded& e, const LogEntry& as) {
    tidy(e.name);
    tidy(e.serial);
    if (e.name.empty() || e.serial.empty()) return fail(ErrorCode::BadInput, key("Logbook", "A rotating unit has a name and a serial."));
    if (find_unit(e.serial) != nullptr) return refused(say(key("Logbook", "There is a unit with the serial {0} already."), e.serial));
    units_.push_back({e, as.number, {}, UnitPlace::Store, 0});
    return {};
}

namespace {

/// Why a unit cannot be moved on that day: something later is entered of it.
Outcome in_order(const RotatingUnit& unit, Day on) {
    if (unit.stretches.empty()) return {};
    const auto& last = unit.stretches.back();
    const Day known = last.to.value_or(last.from);
    if (on < known)
        return refused(say(
            key("Logbook", "Something later is entered of the unit {0}, on {1}; strike that first."), unit.about.serial, text_of(known)));
    return {};
}

}  // namespace

Outcome Logbook::enter(UnitFitted& e, const LogEntry& as) {
    auto* unit = find_unit(e.serial);
    tidy(e.serial);
    if (unit == nullptr)
        return fail(
            ErrorCode::NotFound, say(key("Logbook", "The logbook knows no unit with the serial {0}; add it first."), e.serial), e.serial);
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    if (unit->fitted())
        return refused(
            say(key("Logbook", "The unit {0} is on {1}; take it off there first."), unit->about.serial, unit->stretches.back().machine));
    if (auto order = in_order(*unit, *on); !order) return order;
    if (auto read = read_meter(**m, e.reading, *on, as.number); !read) return read;
    e.serial = unit->about.serial;
    const Meter& meter = *(*m)->meter(e.reading.unit->dimension);
    unit->stretches.push_back({(*m)->about.name, *on, meter.at(*on)->total, {}, {}, meter.unit});
    return {};
}

Outcome Logbook::enter(UnitTakenOff& e, const LogEntry& as) {
    auto* unit = find_unit(e.serial);
    tidy(e.serial);
    if (unit == nullptr)
        return fail(
            ErrorCode::NotFound, say(key("Logbook", "The logbook knows no unit with the serial {0}; add it first."), e.serial), e.serial);
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    if (!unit->fitted()) return refused(say(key("Logbook", "The unit {0} is on no machine."), unit->about.serial));
    if (auto order = in_order(*unit, *on); !order) return order;
    auto& last = unit->stretches.back();
    Machine* m = find_machine(last.machine);
    if (of_meter(e.reading) && e.reading.unit->dimension != last.unit->dimension)
        return fail(
            ErrorCode::BadInput, say(key("Logbook", "It was fitted by a reading in {0}; give one of that kind."), last.unit->symbol));
    if (auto read = read_meter(*m, e.reading, *on, as.number); !read) return read;
    e.serial = unit->about.serial;
    last.to = *on;
    last.until = m->meter(last.unit->dimension)->at(*on)->total;
    unit->place = e.to;
    if (e.to == UnitPlace::Repair) unit->overhauled = unit->stretches.size();
    return {};
}

Outcome Logbook::enter(FindingNoted& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    tidy(e.words);
    if (e.words.empty()) return fail(ErrorCode::BadInput, key("Logbook", "Say what was found."));
    findings_.push_back({as.number, *on, e, {}});
    return {};
}

Outcome Logbook::enter(FindingClosed& e, const LogEntry& as) {
    if (const auto on = day_of(e.on, as); !on) return tl::make_unexpected(on.error());
    tidy(e.because);
    if (e.because.empty()) return refused(key("Logbook", "Say what became of the finding."));
    const auto it = std::find_if(findings_.begin(), findings_.end(), [&](const FindingInLog& f) { return f.entry == e.finding; });
    if (it == findings_.end())
        return fail(ErrorCode::NotFound, say(key("Logbook", "Entry {0} is no finding."), e.finding), std::to_string(e.finding));
    if (it->closed) return refused(say(key("Logbook", "Finding {0} is closed already: {1}"), e.finding, it->closed->because));
    it->closed = e;
    return {};
}

Outcome Logbook::enter(RunTaken& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    if (!runs_.emplace(folded_post(e.id), as.number).second) return refused(key("Logbook", "This run is in the logbook already."));
    return {};
}

Outcome Logbook::enter(StockCounted& e, const LogEntry& as) {
    if (const auto on = day_of(e.on, as); !on) return tl::make_unexpected(on.error());
    tidy(e.item);
    tidy(e.number);
    if (e.item.empty() || e.amount.unit == nullptr || e.amount.number.value() < 0)
        return fail(ErrorCode::BadInput, key("Logbook", "Say what is in the store, and how much of it."));
    if (e.least && e.least->unit->dimension != e.amount.unit->dimension)
        return fail(ErrorCode::BadInput, key("Logbook", "The least stock is counted in something else than the amount."));
    auto it = std::find_if(stock_.begin(), stock_.end(), [&](const Stock& s) { return same(s.item, e.item); });
    if (it == stock_.end()) it = stock_.insert(stock_.end(), {e.item, e.number, 0, e.amount.unit, {}});
    if (it->unit->dimension != e.amount.unit->dimension)
        return refused(say(key("Logbook", "{0} is counted in {1} here."), it->item, it->unit->symbol));
    e.item = it->item;
    if (!e.number.empty()) it->number = e.number;
    it->amount = e.amount.in(*it->unit);
    if (e.least) it->least = e.least->in(*it->unit);
    return {};
}

Outcome Logbook::enter(StockUsed& e, const LogEntry& as) {
    if (const auto on = day_of(e.on, as); !on) return tl::make_unexpected(on.error());
    tidy(e.item);
    const auto it = std::find_if(stock_.begin(), stock_.end(), [&](const Stock& s) { return same(s.item, e.item); });
    if (it == stock_.end())
        return fail(ErrorCode::NotFound, say(key("Logbook", "The store holds no \u201C{0}\u201D; count it first."), e.item), e.item);
    if (e.amount.unit == nullptr || e.amount.unit->dimension != it->unit->dimension)
        return fail(ErrorCode::BadInput, say(key("Logbook", "{0} is counted in {1} here."), it->item, it->unit->symbol));
    e.item = it->item;
    it->amount -= e.amount.in(*it->unit);
    return {};
}

Outcome Logbook::enter(SampleTaken& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    for (auto* text : {&e.fluid, &e.number, &e.where}) tidy(*text);
    if (e.fluid.empty()) return fail(ErrorCode::BadInput, key("Logbook", "Say what it is a sample of."));
    if (e.on_machine)
        if (auto read = read_meter(**m, *e.on_machine, *on, as.number); !read) return read;
    samples_.push_back({as.number, *on, e, {}});
    return {};
}

Outcome Logbook::enter(SampleAnswered& e, const LogEntry& as) {
    if (const auto on = day_of(e.on, as); !on) return tl::make_unexpected(on.error());
    const auto it = std::find_if(samples_.begin(), samples_.end(), [&](const SampleInLog& s) { return s.entry == e.sample; });
    if (it == samples_.end())
        return fail(ErrorCode::NotFound, say(key("Logbook", "Entry {0} is no sample."), e.sample), std::to_string(e.sample));
    if (e.values.empty()) return fail(ErrorCode::BadInput, key("Logbook", "Say what the laboratory found."));
    it->answer = e;
    return {};
}

Outcome Logbook::enter(KeptFree& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    tidy(e.words);
    for (auto* day : {&e.from, &e.to}) tidy(*day);
    if (e.to.empty()) e.to = e.from;
    const auto days = parse_avoided(e.from + ".." + e.to);
    if (!days) return tl::make_unexpected(days.error());
    (*m)->kept_free.push_back({as.number, *days, e.words});
    return {};
}

Outcome Logbook::enter(ServicePlanned& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    tidy(e.what);
    tidy(e.because);
    const auto& rules = (*m)->rules;
    const auto rule = std::find_if(rules.begin(), rules.end(), [&](const RuleInLog& r) { return same(r.what.what, e.what); });
    if (rule == rules.end())
        return fail(ErrorCode::NotFound,
            say(key("Logbook", "Nothing called \u201C{0}\u201D is due on {1}; give the rule's name."), e.what, e.machine));
    e.what = rule->what.what;
    const auto day = parse_day(e.day);
    if (!day) return tl::make_unexpected(day.error());
    const auto since = parse_day(as.at.substr(0, 10));
    if (!since) return tl::make_unexpected(since.error());
    if (*day < *since) return refused(say(key("Logbook", "{0} is over; plan it for a day to come."), e.day));
    std::erase_if((*m)->planned, [&](const PlannedInLog& p) { return same(p.what.what, e.what); });
    (*m)->planned.push_back({as.number, *day, *since, e});
    return {};
}

Outcome Logbook::enter(EvidenceKept& e, const LogEntry& as) {
    const auto m = machine_for(e.machine);
    if (!m) return tl::make_unexpected(m.error());
    const auto on = day_of(e.on, as);
    if (!on) return tl::make_unexpected(on.error());
    tidy(e.words);
    if (!is_sha256(e.sha256)) return fail(ErrorCode::BadInput, key("Logbook", "Evidence is named by the SHA-256 of its file."));
    (*m)->evidence.push_back({as.number, *on, e});
    return {};
}

/// The book is read again without the entry: where another one then cannot stand, nothing is struck.
Outcome Logbook::enter(EntryStruck& e, const LogEntry&) {
    tidy(e.because);
    if (e.because.empty()) return refused(key("Logbook", "Say why the entry was a mistake."));
    const auto it = std::lower_bound(all_.begin(), all_.end(), e.entry, [](const LogEntry& x, std::int64_t n) { return x.number < n; });
    if (it == all_.end() || it->number != e.entry || is_struck(e.entry))
        return fail(
            ErrorCode::NotFound, say(key("Logbook", "There is no entry {0}, or it is struck already."), e.entry), std::to_string(e.entry));
    if (std::holds_alternative<EntryStruck>(it->body)) return refused(key("Logbook", "What was struck stays struck; enter it anew."));
    Logbook again;
    again.struck_ = struck_;
    again.struck_.insert(std::lower_bound(again.struck_.begin(), again.struck_.end(), e.entry), e.entry);
    for (auto& entry : all_) {
        if (again.is_struck(entry.number) || std::holds_alternative<EntryStruck>(entry.body)) continue;
        LogEntry copy = entry;
        if (auto done = again.take(copy); !done)
            return refused(
                say(key("Logbook", "Entry {0} stands on it, so it cannot be struck first: {1}"), entry.number, done.error().message));
    }
    again.all_ = std::move(all_);
    *this = std::move(again);
    return {};
}

}  // namespace anagraph::core
