#include "core/logbook/fleet.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <map>

namespace anagraph::core {
namespace {

std::string when(const DueItem& d) {
    std::string out;
    if (d.next.due_reading && d.unit != nullptr) out = fmt::format("at {:.6g} {}", *d.next.due_reading, d.unit->symbol);
    if (d.next.due_day)
        out += fmt::format("{}{} {}", out.empty() ? "" : ", ", d.next.by_reading ? "about" : "on", text_of(*d.next.due_day));
    return out;
}

std::string last_reading(const Machine& m) {
    std::string out;
    for (const auto& meter : m.meters)
        if (!meter.points.empty())
            out += fmt::format("{}{:.6g} {}", out.empty() ? "" : ", ", meter.points.back().shown, meter.unit->symbol);
    return out;
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
        for (const auto& s : m.services) c.marks.push_back({FleetMark::Kind::Service, s.on, s.what.what, text_of(s.on)});
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

std::vector<std::string> due_sentences(const Machine& machine, Day today) {
    std::vector<std::string> out;
    for (const auto& d : due_of_machine(machine, today)) {
        out.push_back(d.trouble.empty() ? fmt::format("{}{}{}{}. {}", d.rule, d.next.overdue ? " is overdue" : "",
                                              when(d).empty() ? "" : ", ", when(d), d.next.because)
                                        : fmt::format("{}: {}", d.rule, d.trouble));
    }
    return out;
}

std::vector<std::string> sample_sentences(const Logbook& log, const std::string& machine) {
    std::vector<std::string> out;
    for (const auto& s : log.samples()) {
        if (s.what.machine != machine) continue;
        std::string said = fmt::format("{}: {}{}", text_of(s.on), s.what.fluid, s.what.number.empty() ? "" : ", no. " + s.what.number);
        if (s.what.on_fluid) said += fmt::format(", {} on the fluid", display(*s.what.on_fluid));
        said += s.answer ? fmt::format(": {}", fmt::join(s.answer->values, ", ")) : std::string(": no answer yet");
        if (s.answer && !s.answer->limits.empty()) said += fmt::format(" (limits: {})", fmt::join(s.answer->limits, ", "));
        out.insert(out.begin(), std::move(said));
    }
    return out;
}

}  // namespace anagraph::core
