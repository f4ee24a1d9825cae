#include "demo/demo_logbook.h"

#include <fmt/format.h>

#include <algorithm>

namespace anagraph::demo {

using namespace core;

namespace {

constexpr int kDays = 730;  // two years

struct DemoMachine {
    const char* name;
    const char* type;
    const char* variant;
    const char* serial;
    const char* place;
    double at;         // hours when the logbook begins
    double a_week;     // hours of use
    const char* what;  // service
    double every;      // hours
    int months;        // or so many months
};

constexpr DemoMachine kMachines[] = {{"PT60 no. 1", "Perrick PT60", "PT60", "P-60-0117", "pump bay", 140, 2.1, "100 h service", 100, 12},
    {"PT60 no. 2", "Perrick PT60", "PT60", "P-60-0118", "pump bay", 90, 1.7, "100 h service", 100, 12},
    {"PT60 no. 3", "Perrick PT60", "PT60-T", "P-60-0342", "pump bay", 0, 2.9, "100 h service", 100, 12},
    {"launch", "Ostrel M4", "", "M4-2291", "harbour steps", 1210, 6.4, "oil and filter", 150, 12},
    {"work launch", "Ostrel M4", "", "M4-2305", "harbour steps", 640, 4.8, "oil and filter", 150, 12},
    {"compressor", "Gannoway 220", "", "G-220-77", "workshop", 2210, 9.5, "filter and belts", 250, 6},
    {"forklift", "Tolvane 30", "", "T30-1140", "loading bay", 3020, 11, "axle oil", 500, 12},
    {"generator", "Carrowell 40", "", "C40-0093", "workshop", 310, 0.9, "oil and filter", 200, 12},
    {"capstan", "Orrin W5", "", "W5-15", "quay", 45, 0.4, "grease and rope guide", 50, 6}};

/// The same numbers on every machine.
class Steady {
public:
    double share() {
        state_ = state_ * 6364136223846793005ULL + 1442695040888963407ULL;
        return static_cast<double>(state_ >> 40U) / static_cast<double>(1U << 24U);
    }

private:
    std::uint64_t state_ = 20261130;
};

Quantity q(const std::string& text) { return *Quantity::parse(text); }
Quantity hours(double value) { return q(fmt::format("{:.1f} h", value)); }

/// Entries with their days, to be written in the order they happened.
struct Dated {
    Day on;
    LogBody body;
};

void live(const DemoMachine& m, Day begin, Day today, Steady& steady, std::vector<Dated>& out) {
    double at = m.at;
    double serviced = m.at > 0 ? m.at - m.every * 0.4 : 0;
    const std::string every = fmt::format("{:.0f} h", m.every);
    RuleAdded rule{m.name, m.what, {q(every), q(fmt::format("{} month", m.months))}};
    if (m.at == 0) rule.first = q("20 h");
    out.push_back({begin, MachineAdded{m.name, m.type, m.variant, m.serial, m.place, text_of(begin)}});
    out.push_back({begin, rule});
    if (m.at > 0) out.push_back({begin, ServiceDone{m.name, m.what, "", text_of(begin), hours(at)}}), serviced = at;
    bool first = m.at == 0;
    Day last = begin;
    // each machine is left a little longer than it should be now and then, as machines are
    for (Day day = begin + std::chrono::days(7); day <= today; day += std::chrono::days(7)) {
        at += m.a_week * (0.4 + 1.2 * steady.share());
        const double limit = first ? 20 : m.every;
        const bool due = at - serviced >= limit * (0.93 + 0.09 * steady.share()) || day - last > std::chrono::days(m.months * 30);
        const bool late = day > today - std::chrono::days(40);  // what fell due last is still to be done
        if (due && !late) {
            out.push_back({day, ServiceDone{m.name, m.what, "", text_of(day), hours(at)}});
            serviced = at;
            last = day;
            first = false;
        } else if (steady.share() < 0.55) {
            out.push_back({day, MeterRead{m.name, hours(at), text_of(day)}});
        }
    }
}

/// What the meter of a machine was last read at by a day.
Quantity reading_at(const std::vector<Dated>& all, const std::string& machine, Day day) {
    Quantity out = hours(0);
    for (const auto& e : all) {
        if (e.on > day) continue;
        if (const auto* read = std::get_if<MeterRead>(&e.body); read != nullptr && read->machine == machine) out = read->reading;
        if (const auto* done = std::get_if<ServiceDone>(&e.body); done != nullptr && done->machine == machine && done->reading)
            out = *done->reading;
    }
    return out;
}

/// Two injector sets go round between the launches: one is on the water while the other is out for repair.
void injector_sets(Day today, std::vector<Dated>& all) {
    std::vector<Dated> out;
    const auto fit = [&](const char* serial, const char* machine, Day day) {
        out.push_back({day, UnitFitted{serial, machine, reading_at(all, machine, day), text_of(day)}});
    };
    const auto take_off = [&](const char* serial, const char* machine, UnitPlace to, Day day) {
        out.push_back({day, UnitTakenOff{serial, to, reading_at(all, machine, day), text_of(day)}});
    };
    const auto on = [&](int days_ago) { return today - std::chrono::days(days_ago); };
    for (const char* serial : {"INJ-07", "INJ-09"}) out.push_back({on(640), UnitAdded{"injector set", serial}});
    fit("INJ-07", "launch", on(600));
    fit("INJ-09", "work launch", on(590));
    take_off("INJ-07", "launch", UnitPlace::Repair, on(310));
    take_off("INJ-09", "work launch", UnitPlace::Store, on(300));
    fit("INJ-09", "launch", on(300));
    fit("INJ-07", "work launch", on(255));
    all.insert(all.end(), std::make_move_iterator(out.begin()), std::make_move_iterator(out.end()));
}

}  // namespace

Outcome fill_logbook(store::Library& library, Day today) {
    const Day begin = today - std::chrono::days(kDays);
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    Steady steady;
    std::vector<Dated> all;
    for (const auto& m : kMachines) live(m, begin, today, steady, all);
    const auto on = [&](int days_ago) { return today - std::chrono::days(days_ago); };
    const auto finding = [&](const char* machine, const char* words, Urgency urgency, int days_ago) {
        all.push_back({on(days_ago), FindingNoted{machine, words, urgency, text_of(on(days_ago))}});
    };
    finding("PT60 no. 2", "suction hose chafed at the clamp", Urgency::NextService, 61);
    finding("forklift", "left mast chain slack", Urgency::Now, 9);
    finding("work launch", "weep at the raw water pump", Urgency::Watch, 33);
    all.push_back({on(120), StockCounted{"gear oil 75W90 GL5", "OIL-75W90-1", q("6 L"), q("4 L"), text_of(on(120))}});
    all.push_back({on(120), StockCounted{"canister filter", "KQ-FC2", q("3 x"), q("2 x"), text_of(on(120))}});
    all.push_back({on(40), StockUsed{"gear oil 75W90 GL5", q("3.4 L"), text_of(on(40))}});
    all.push_back({on(200), SampleTaken{"forklift", "axle oil", "S-0412", "mid-stream, warm", text_of(on(200))}});
    all.push_back({on(75), SampleTaken{"launch", "engine oil", "S-0431", "from the dipstick tube", text_of(on(75))}});
    all.push_back({on(420), SampleTaken{"launch", "engine oil", "S-0318", "from the dipstick tube", text_of(on(420))}});
    injector_sets(today, all);
    std::stable_sort(all.begin(), all.end(), [](const Dated& a, const Dated& b) { return a.on < b.on; });
    std::vector<LogBody> entries;
    for (auto& e : all) entries.push_back(std::move(e.body));
    // what the laboratory found, in the order the samples went out
    const std::vector<std::vector<std::string>> found{
        {"iron 14 ppm", "copper 3 ppm", "water none"}, {"iron 22 ppm", "copper 4 ppm", "water none"}};
    const auto first = static_cast<std::int64_t>(log->next_number());
    std::size_t answered = 0;
    const std::size_t known = entries.size();
    for (std::size_t i = 0; i < known; ++i)
        if (const auto* sample = std::get_if<SampleTaken>(&entries[i]);
            sample != nullptr && sample->machine == "launch" && answered < found.size()) {
            const auto day = *parse_day(sample->on) + std::chrono::days(9);
            entries.emplace_back(
                SampleAnswered{first + static_cast<std::int64_t>(i), found[answered++], {"iron 40 ppm", "copper 20 ppm"}, text_of(day)});
        }
    // the launch is away with the harbour's training trip
    RuleAdded trip{"launch", "oil and filter", {q("150 h"), q("12 month")}, {},
        {text_of(today + std::chrono::days(60)) + ".." + text_of(today + std::chrono::days(95))}};
    entries.emplace_back(std::move(trip));
    const auto done = library.log(entries, "instructor, pump bay");
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

}  // namespace anagraph::demo
