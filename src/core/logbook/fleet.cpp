#include "core/logbook/fleet.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <map>

namespace anagraph::core {
namespace {

Words when(const DueItem& d) {
    const bool at = d.next.due_reading && d.unit != nullptr;
    const Words reading = at ? amount_words(*d.next.due_reading, *d.unit) : Words();
    if (!d.next.due_day) return at ? say(key("Logbook", "at {0}"), reading) : Words();
    const Words day = words_of(*d.next.due_day);
    if (d.next.by_reading) return at ? say(key("Logbook", "at {0}, about {1}"), reading, day) : say(key("Logbook", "about {0}"), day);
    return at ? say(key("Logbook", "at {0}, on {1}"), reading, day) : say(key("Logbook", "on {0}"), day);
}

Words last_reading(const Machine& m) {
    std::vector<Words> out;
    for (const auto& meter : m.meters)
        if (!meter.points.empty()) out.push_back(amount_words(meter.points.back().shown, *meter.unit));
    return listed(out);
}

}  // namespace

bool FleetColumn::overdue() const {
    return std::any_of(marks.begin(), marks.end(), [](const FleetMark& m) { return m.kind == FleetMark::Kind::Overdue; });
}

std::vector<FleetColumn> fleet(const Logbook& log, Day today) {
    std::vector<FleetColumn> out;
    std::map<std::string, std::size_t> at;
    for (const auto& m : log.machines()) {
        FleetColumn c{m.about.name, m.place, last_reading(m), m.out, {}, {}, 0};
        for (const auto& s : m.services) c.marks.push_back({FleetMark::Kind::Service, s.on, s.what.what, words_of(s.on)});
        for (const auto& rule : m.rules)
            for (const auto& span : rule.what.avoid) c.kept_free.push_back(*parse_avoided(span));  // read when it was entered
        for (const auto& free : m.kept_free) c.kept_free.push_back(free.days);
        at[m.about.name] = out.size();
        out.push_back(std::move(c));
    }
    for (const auto& f : log.findings())
        if (!f.closed) ++out[at.at(f.what.machine)].findings;
    for (const auto& d : due_list(log, today))
        if (d.trouble.empty() && d.next.due_day)
            out[at.at(d.machine)].marks.push_back(
                {d.next.overdue ? FleetMark::Kind::Overdue : FleetMark::Kind::Due, *d.next.due_day, d.rule, when(d), d.planned});
        else if (d.trouble.empty() && d.next.overdue)
            out[at.at(d.machine)].marks.push_back({FleetMark::Kind::Overdue, today, d.rule, when(d)});
    for (auto& c : out)
        std::stable_sort(c.marks.begin(), c.marks.end(), [](const FleetMark& a, const FleetMark& b) { return a.on < b.on; });
    std::stable_sort(out.begin(), out.end(),
        [](const FleetColumn& a, const FleetColumn& b) { return std::tie(a.out, a.place) < std::tie(b.out, b.place); });
    return out;
}

std::vector<Words> due_sentences(const Machine& machine, Day today) {
    std::vector<Words> out;
    for (const auto& d : due_of_machine(machine, today)) {
        const Words due = when(d);
        if (!d.trouble.empty())
            out.push_back(say(key("Logbook", "{0}: {1}"), d.rule, d.trouble));
        else if (due.empty())
            out.push_back(say(d.next.overdue ? key("Logbook", "{0} is overdue. {1}") : key("Logbook", "{0}. {1}"), d.rule, d.next.because));
        else
            out.push_back(say(d.next.overdue ? key("Logbook", "{0} is overdue, {1}. {2}") : key("Logbook", "{0}, {1}. {2}"), d.rule, due,
                d.next.because));
    }
    return out;
}

std::vector<Words> sample_sentences(const Logbook& log, const std::string& machine) {
    std::vector<Words> out;
    for (const auto& s : log.samples()) {
        if (s.what.machine != machine) continue;
        const Words sample = listed({s.what.fluid, s.what.number.empty() ? Words() : say(key("Logbook", "no. {0}"), s.what.number),
            s.what.on_fluid ? say(key("Logbook", "{0} on the fluid"), words_of(*s.what.on_fluid)) : Words()});
        Words found = key("Logbook", "no answer yet");
        if (s.answer) found = fmt::format("{}", fmt::join(s.answer->values, ", "));
        if (s.answer && !s.answer->limits.empty())
            found = say(key("Logbook", "{0} (limits: {1})"), found, fmt::join(s.answer->limits, ", "));
        out.insert(out.begin(), say(key("Logbook", "{0}: {1}: {2}"), words_of(s.on), sample, found));
    }
    return out;
}

}  // namespace anagraph::core
