// Logbook: what a house knows of its machines. Entries are only added to; what holds now is the sum of all of them, so that the same
// entries give the same logbook whenever they are read again.
#pragma once

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/logbook/log_entries.h"
#include "core/service/due.h"

namespace anagraph::core {

/// A reading with its place in the life of the machine. A meter that was replaced goes on counting where the old one ended.
struct MeterPoint {
    Day on;
    double shown = 0;  // by the meter of that day
    double total = 0;  // of the machine
    std::int64_t entry = 0;
};
struct Meter {
    const Unit* unit = nullptr;      // of what it shows; all of its points are in it
    std::vector<MeterPoint> points;  // in the order of days
    /// The last point on or before that day; null: there is none.
    const MeterPoint* at(Day day) const;
};

struct ServiceInLog {
    std::int64_t entry = 0;
    Day on;
    ServiceDone what;
};
struct RuleInLog {
    std::int64_t entry = 0;
    RuleAdded what;
};

struct FreeInLog {
    std::int64_t entry = 0;
    Avoided days;
    std::string words;
};
struct PlannedInLog {
    std::int64_t entry = 0;
    Day day;
    Day since;  // it was planned on
    ServicePlanned what;
};
struct EvidenceInLog {
    std::int64_t entry = 0;
    Day on;
    EvidenceKept what;
};

/// A machine with all that was entered of it.
struct Machine {
    MachineAdded about;
    std::int64_t entry = 0;
    Day since;  // the first day that anything is known of
    std::string place;
    bool out = false;  // of service
    std::string because;
    std::vector<Meter> meters;           // one a dimension
    std::vector<ServiceInLog> services;  // in the order of days
    std::vector<RuleInLog> rules;        // those that hold
    std::vector<FreeInLog> kept_free;    // of every rule
    std::vector<PlannedInLog> planned;   // what is not done yet; one a name
    std::vector<EvidenceInLog> evidence;
    const Meter* meter(Dimension dimension) const;
};

/// A stretch of a rotating unit on a machine; readings are totals of that machine.
struct FittedStretch {
    std::string machine;
    Day from;
    double at = 0;
    std::optional<Day> to;  // nothing: it is on it
    std::optional<double> until;
    const Unit* unit = nullptr;
};
struct RotatingUnit {
    UnitAdded about;
    std::int64_t entry = 0;
    std::vector<FittedStretch> stretches;
    UnitPlace place = UnitPlace::Store;  // where it is while it is on no machine
    std::size_t overhauled = 0;          // stretches before it last came from repair
    bool fitted() const { return !stretches.empty() && !stretches.back().to; }
};

struct FindingInLog {
    std::int64_t entry = 0;
    Day on;
    FindingNoted what;
    std::optional<FindingClosed> closed;
};
struct SampleInLog {
    std::int64_t entry = 0;
    Day on;
    SampleTaken what;
    std::optional<SampleAnswered> answer;
};
struct Stock {
    std::string item, number;
    double amount = 0;
    const Unit* unit = nullptr;
    std::optional<double> least;
};

class Logbook {
public:
    /// Adds the next entry, completed where it leaves something to be known (its day, the machine's name as it was entered). Errors:
    /// Refused, with what to do, where it cannot be: nothing of that name, a meter that runs backwards, a unit that is on another machine,
    /// something that is there already, an entry that others stand on struck; BadInput for a day or a quantity that is none. Then nothing
    /// is added.
    Outcome add(LogEntry entry);

    const std::vector<LogEntry>& all() const { return all_; }
    std::int64_t next_number() const { return all_.empty() ? 1 : all_.back().number + 1; }
    bool is_struck(std::int64_t number) const;

    const std::vector<Machine>& machines() const { return machines_; }
    /// By name, or by serial. Null: there is none.
    const Machine* machine(std::string_view name) const;
    const std::vector<RotatingUnit>& units() const { return units_; }
    const RotatingUnit* unit(std::string_view serial) const;
    const std::vector<FindingInLog>& findings() const { return findings_; }
    const std::vector<SampleInLog>& samples() const { return samples_; }
    const std::vector<Stock>& stock() const { return stock_; }
    /// The entry that took a run in; null: it was not.
    const LogEntry* run(std::string_view id) const;

    /// Running time of a unit over all machines it was on, in the unit of their meters; nothing where it never ran. `since_overhaul`: only
    /// what it ran after it last came from repair.
    std::optional<double> hours_of(const RotatingUnit& unit, bool since_overhaul = false) const;

private:
    Outcome take(LogEntry& entry);
    Outcome enter(MachineAdded& e, const LogEntry& as);
    Outcome enter(MachineMoved& e, const LogEntry& as);
    Outcome enter(MeterRead& e, const LogEntry& as);
    Outcome enter(MeterReplaced& e, const LogEntry& as);
    Outcome enter(ServiceDone& e, const LogEntry& as);
    Outcome enter(RuleAdded& e, const LogEntry& as);
    Outcome enter(UnitAdded& e, const LogEntry& as);
    Outcome enter(UnitFitted& e, const LogEntry& as);
    Outcome enter(UnitTakenOff& e, const LogEntry& as);
    Outcome enter(FindingNoted& e, const LogEntry& as);
    Outcome enter(FindingClosed& e, const LogEntry& as);
    Outcome enter(RunTaken& e, const LogEntry& as);
    Outcome enter(StockCounted& e, const LogEntry& as);
    Outcome enter(StockUsed& e, const LogEntry& as);
    Outcome enter(SampleTaken& e, const LogEntry& as);
    Outcome enter(SampleAnswered& e, const LogEntry& as);
    Outcome enter(KeptFree& e, const LogEntry& as);
    Outcome enter(ServicePlanned& e, const LogEntry& as);
    Outcome enter(EvidenceKept& e, const LogEntry& as);
    Outcome enter(EntryStruck& e, const LogEntry& as);

    /// Places in machines_ and units_; their sizes where there is none.
    std::size_t place_of_machine(std::string_view name) const;
    std::size_t place_of_unit(std::string_view serial) const;
    Machine* find_machine(std::string_view name);
    RotatingUnit* find_unit(std::string_view serial);
    Result<Machine*> machine_for(std::string& name);

    std::vector<LogEntry> all_;
    std::vector<std::int64_t> struck_;                    // in order
    std::vector<Machine> machines_;                       // in the order they were entered
    std::map<std::string, std::size_t> machine_by_name_;  // in small letters; serials too
    std::vector<RotatingUnit> units_;
    std::vector<FindingInLog> findings_;
    std::vector<SampleInLog> samples_;
    std::vector<Stock> stock_;
    std::map<std::string, std::int64_t> runs_;
};

}  // namespace anagraph::core
