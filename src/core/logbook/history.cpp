#include "core/logbook/history.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <map>

#include "core/base/csv.h"
#include "core/base/icalendar.h"
#include "core/logbook/run.h"

namespace anagraph::core {
namespace {

template <class... Ts>
struct Overloaded : Ts... {
    using Ts::operator()...;
};
template <class... Ts>
Overloaded(Ts...) -> Overloaded<Ts...>;

std::string shown(const std::optional<Quantity>& q) { return q ? display(*q) : ""; }

std::string every_text(const RuleAdded& rule) {
    std::vector<std::string> all;
    for (const auto& q : rule.every) all.push_back(display(q));
    return fmt::format("{} every {}{}", rule.what, fmt::join(all, " or "), rule.first ? ", first at " + display(*rule.first) : "");
}

/// `fitted`: the machine each unit was fitted to last, so far.
EntryRead read_entry(const Logbook& log, const LogEntry& e, std::map<std::string, std::string>& fitted) {
    EntryRead out{e.number, e.at.substr(0, 10), "", kind_of(e.body), "", "", e.by, log.is_struck(e.number)};
    const auto fill = [&](const std::string& machine, const std::string& on, std::string what, std::string reading = {}) {
        out.machine = machine;
        if (!on.empty()) out.on = on;
        out.what = std::move(what);
        out.reading = std::move(reading);
    };
    std::visit(
        Overloaded{
            [&](const MachineAdded& x) {
                fill(x.name, x.on,
                    fmt::format(
                        "{}{}{}", x.type, x.variant.empty() ? "" : ", " + x.variant, x.serial.empty() ? "" : ", serial " + x.serial));
            },
            [&](const MachineMoved& x) {
                fill(x.machine, x.on,
                    x.out ? "out of service: " + x.because : "in service" + (x.place.empty() ? std::string() : " at " + x.place));
            },
            [&](const MeterRead& x) { fill(x.machine, x.on, "", display(x.reading)); },
            [&](const MeterReplaced& x) {
                fill(x.machine, x.on, "the old meter showed " + display(x.old_reading), display(x.new_reading));
            },
            [&](const ServiceDone& x) { fill(x.machine, x.on, x.what, shown(x.reading)); },
            [&](const RuleAdded& x) { fill(x.machine, "", every_text(x)); },
            [&](const UnitAdded& x) { fill("", "", fmt::format("{}, serial {}", x.name, x.serial)); },
            [&](const UnitFitted& x) {
                if (!log.is_struck(e.number)) fitted[x.serial] = x.machine;
                fill(x.machine, x.on, "serial " + x.serial, display(x.reading));
            },
            [&](const UnitTakenOff& x) {
                fill(fitted[x.serial], x.on, fmt::format("serial {}, {}", x.serial, spoken_name_of(x.to)), display(x.reading));
            },
            [&](const FindingNoted& x) { fill(x.machine, x.on, fmt::format("{} ({})", x.words, spoken_name_of(x.urgency))); },
            [&](const FindingClosed& x) { fill("", x.on, fmt::format("entry {}: {}", x.finding, x.because)); },
            [&](const RunTaken& x) {
                const auto run = run_from_json(x.body);
                fill(x.machine, run ? run->began.substr(0, 10) : "",
                    run ? fmt::format("by {}, edition {}", run->who, run->edition) : "run " + x.id);
            },
            [&](const StockCounted& x) { fill("", x.on, x.item, display(x.amount)); },
            [&](const StockUsed& x) { fill("", x.on, x.item, display(x.amount)); },
            [&](const SampleTaken& x) {
                fill(x.machine, x.on, fmt::format("{}{}", x.fluid, x.number.empty() ? "" : ", no. " + x.number), shown(x.on_machine));
            },
            [&](const SampleAnswered& x) { fill("", x.on, fmt::format("entry {}: {}", x.sample, fmt::join(x.values, ", "))); },
            [&](const KeptFree& x) {
                fill(x.machine, "", fmt::format("{} to {}{}{}", x.from, x.to, x.words.empty() ? "" : ", ", x.words));
            },
            [&](const ServicePlanned& x) {
                fill(x.machine, "", fmt::format("{} on {}{}{}", x.what, x.day, x.because.empty() ? "" : ", ", x.because));
            },
            [&](const EvidenceKept& x) {
                fill(x.machine, x.on, fmt::format("{}{}{}", spoken_name_of(x.sort), x.words.empty() ? "" : ": ", x.words));
            },
            [&](const EntryStruck& x) { fill("", "", fmt::format("entry {}: {}", x.entry, x.because)); },
        },
        e.body);
    return out;
}

}  // namespace

std::vector<EntryRead> entries_read(const Logbook& log) {
    std::vector<EntryRead> out;
    std::map<std::string, std::string> fitted;
    for (const auto& e : log.all()) out.push_back(read_entry(log, e, fitted));
    std::stable_sort(out.begin(), out.end(), [](const EntryRead& a, const EntryRead& b) { return a.on < b.on; });
    return out;
}

std::string history_table(const Logbook& log) {
    std::string out = csv_row({"entry", "on", "machine", "kind", "what", "reading", "by", "struck"});
    for (const auto& e : entries_read(log))
        out += csv_row({std::to_string(e.number), e.on, e.machine, e.kind, e.what, e.reading, e.by, e.struck ? "yes" : ""});
    return out;
}

std::string due_calendar(const std::vector<DueItem>& due, const std::string& now) {
    const auto digits = [](std::string text) {
        std::erase_if(text, [](char c) { return c == '-' || c == ':'; });
        return text;
    };
    std::string out = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Anagraph//Logbook//EN\r\n";
    for (const auto& d : due) {
        if (!d.trouble.empty() || !d.next.service_by) continue;
        out += "BEGIN:VEVENT\r\n";
        // the same rule is the same event, whatever day it moves to
        out += calendar_line("UID", fmt::format("rule-{}@anagraph", d.entry));
        out += "DTSTAMP:" + digits(now) + "\r\nDTSTART;VALUE=DATE:" + digits(text_of(*d.next.service_by)) + "\r\n";
        out += calendar_line("SUMMARY", fmt::format("{}: {}{}", d.machine, d.rule, d.next.overdue ? ", overdue" : ""));
        out += calendar_line("DESCRIPTION", d.next.because.english());
        out += "END:VEVENT\r\n";
    }
    return out + "END:VCALENDAR\r\n";
}

}  // namespace anagraph::core
