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

/// Every kind of entry as a person reads it, by the name its form has.
constexpr Key kKinds[] = {
    key("Logbook entries", "machine"),
    key("Logbook entries", "machine moved"),
    key("Logbook entries", "reading"),
    key("Logbook entries", "meter replaced"),
    key("Logbook entries", "service"),
    key("Logbook entries", "rule"),
    key("Logbook entries", "unit"),
    key("Logbook entries", "unit fitted"),
    key("Logbook entries", "unit taken off"),
    key("Logbook entries", "finding"),
    key("Logbook entries", "finding closed"),
    key("Logbook entries", "run"),
    key("Logbook entries", "stock"),
    key("Logbook entries", "stock used"),
    key("Logbook entries", "sample"),
    key("Logbook entries", "sample answered"),
    key("Logbook entries", "kept free"),
    key("Logbook entries", "planned"),
    key("Logbook entries", "evidence"),
    key("Logbook entries", "struck"),
};

Words shown(const std::optional<Quantity>& q) { return q ? words_of(*q) : Words(); }
Words serial(const std::string& of) { return of.empty() ? Words() : say(key("Logbook", "serial {0}"), of); }

Words every_text(const RuleAdded& rule) {
    Words every;
    for (const auto& q : rule.every) every = every.empty() ? words_of(q) : say(key("Logbook", "{0} or {1}"), every, words_of(q));
    return rule.first ? say(key("Logbook", "{0} every {1}, first at {2}"), rule.what, every, words_of(*rule.first))
                      : say(key("Logbook", "{0} every {1}"), rule.what, every);
}

Words of_entry(std::int64_t entry, const std::string& what) { return say(key("Logbook", "entry {0}: {1}"), entry, what); }

/// `fitted`: the machine each unit was fitted to last, so far.
EntryRead read_entry(const Logbook& log, const LogEntry& e, std::map<std::string, std::string>& fitted) {
    EntryRead out{e.number, e.at.substr(0, 10), "", kind_words(e.body), {}, {}, e.by, log.is_struck(e.number)};
    const auto fill = [&](const std::string& machine, const std::string& on, Words what, Words reading = {}) {
        out.machine = machine;
        if (!on.empty()) out.on = on;
        out.what = std::move(what);
        out.reading = std::move(reading);
    };
    std::visit(
        Overloaded{
            [&](const MachineAdded& x) {
                fill(x.name, x.on, listed({x.type, x.variant, serial(x.serial)}));
            },
            [&](const MachineMoved& x) {
                fill(x.machine, x.on,
                    x.out                 ? say(key("Logbook", "out of service: {0}"), x.because)
                        : x.place.empty() ? Words(key("Logbook", "in service"))
                                          : say(key("Logbook", "in service at {0}"), x.place));
            },
            [&](const MeterRead& x) { fill(x.machine, x.on, {}, words_of(x.reading)); },
            [&](const MeterReplaced& x) {
                fill(x.machine, x.on, say(key("Logbook", "the old meter showed {0}"), words_of(x.old_reading)), words_of(x.new_reading));
            },
            [&](const ServiceDone& x) { fill(x.machine, x.on, x.what, shown(x.reading)); },
            [&](const RuleAdded& x) { fill(x.machine, "", every_text(x)); },
            [&](const UnitAdded& x) {
                fill("", "", listed({x.name, serial(x.serial)}));
            },
            [&](const UnitFitted& x) {
                if (!log.is_struck(e.number)) fitted[x.serial] = x.machine;
                fill(x.machine, x.on, serial(x.serial), words_of(x.reading));
            },
            [&](const UnitTakenOff& x) {
                fill(fitted[x.serial], x.on, listed({serial(x.serial), words_of(x.to)}), words_of(x.reading));
            },
            [&](const FindingNoted& x) { fill(x.machine, x.on, say(key("Logbook", "{0} ({1})"), x.words, words_of(x.urgency))); },
            [&](const FindingClosed& x) { fill("", x.on, of_entry(x.finding, x.because)); },
            [&](const RunTaken& x) {
                const auto run = run_from_json(x.body);
                fill(x.machine, run ? run->began.substr(0, 10) : "",
                    run ? say(key("Logbook", "by {0}, edition {1}"), run->who, run->edition) : say(key("Logbook", "run {0}"), x.id));
            },
            [&](const StockCounted& x) { fill("", x.on, x.item, words_of(x.amount)); },
            [&](const StockUsed& x) { fill("", x.on, x.item, words_of(x.amount)); },
            [&](const SampleTaken& x) {
                fill(x.machine, x.on, listed({x.fluid, x.number.empty() ? Words() : say(key("Logbook", "no. {0}"), x.number)}),
                    shown(x.on_machine));
            },
            [&](const SampleAnswered& x) { fill("", x.on, of_entry(x.sample, fmt::format("{}", fmt::join(x.values, ", ")))); },
            [&](const KeptFree& x) {
                fill(x.machine, "", listed({say(key("Logbook", "{0} to {1}"), Words::day(x.from), Words::day(x.to)), x.words}));
            },
            [&](const ServicePlanned& x) {
                fill(x.machine, "", listed({say(key("Logbook", "{0} on {1}"), x.what, Words::day(x.day)), x.because}));
            },
            [&](const EvidenceKept& x) {
                fill(x.machine, x.on, x.words.empty() ? words_of(x.sort) : say(key("Logbook", "{0}: {1}"), words_of(x.sort), x.words));
            },
            [&](const EntryStruck& x) { fill("", "", of_entry(x.entry, x.because)); },
        },
        e.body);
    return out;
}

}  // namespace

Words kind_words(const LogBody& body) {
    const std::string kind = kind_of(body);
    for (const auto& k : kKinds)
        if (kind == k.english) return k;
    return kind;
}

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
