// What is written into the logbook of a house: machines, readings, services, rules, rotating units, findings, runs, samples, stock.
// Each is an entry of its own; nothing is written over, and a mistake is struck through by a later entry.
#pragma once

#include <cstdint>
#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/base/named.h"
#include "core/base/result.h"
#include "core/quantity/quantity.h"

namespace anagraph::core {

enum class Urgency { Now, NextService, Watch };
template <>
struct Names<Urgency> {
    static constexpr auto all = std::to_array<Named<Urgency>>({{Urgency::Now, "now", "now"},
        {Urgency::NextService, "next service", "at the next service"}, {Urgency::Watch, "watch", "watch it"}});
};

/// Where a rotating unit goes when it is taken off.
enum class UnitPlace { Store, Repair };
template <>
struct Names<UnitPlace> {
    static constexpr auto all =
        std::to_array<Named<UnitPlace>>({{UnitPlace::Store, "store", "in the store"}, {UnitPlace::Repair, "repair", "out for repair"}});
};

// -- entries. Days are "2026-11-28"; a day that is not given is the day of the entry. Machines are named, units by their serial.

struct MachineAdded {
    static constexpr const char* kKind = "machine";
    std::string name, type, variant, serial, place, on;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("name", e.name), field("type", e.type), field("variant", e.variant), field("serial", e.serial), field("place", e.place),
            field("on", e.on);
    }
    friend bool operator==(const MachineAdded&, const MachineAdded&) = default;
};

/// Another place, or out of service with a reason, or back in service.
struct MachineMoved {
    static constexpr const char* kKind = "machine moved";
    std::string machine, place, on;
    bool out = false;
    std::string because = {};
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("place", e.place), field("on", e.on), field("out", e.out), field("because", e.because);
    }
    friend bool operator==(const MachineMoved&, const MachineMoved&) = default;
};

/// What a meter of a machine shows: hours, a distance, cycles.
struct MeterRead {
    static constexpr const char* kKind = "reading";
    std::string machine;
    Quantity reading;
    std::string on;
    std::string run = {};  // it comes from; empty: typed
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("reading", e.reading), field("on", e.on), field("run", e.run);
    }
    friend bool operator==(const MeterRead&, const MeterRead&) = default;
};

/// Another meter was fitted: the total of the machine goes on from what the old one showed last.
struct MeterReplaced {
    static constexpr const char* kKind = "meter replaced";
    std::string machine;
    Quantity old_reading, new_reading;
    std::string on;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("old", e.old_reading), field("new", e.new_reading), field("on", e.on);
    }
    friend bool operator==(const MeterReplaced&, const MeterReplaced&) = default;
};

struct ServiceDone {
    static constexpr const char* kKind = "service";
    std::string machine, what, guide, on;
    std::optional<Quantity> reading;
    std::string run = {};
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("what", e.what), field("guide", e.guide), field("on", e.on), field("reading", e.reading),
            field("run", e.run);
    }
    friend bool operator==(const ServiceDone&, const ServiceDone&) = default;
};

/// When something is due on a machine, whichever interval ends first. A later rule for the same takes its place.
struct RuleAdded {
    static constexpr const char* kKind = "rule";
    std::string machine, what;
    std::vector<Quantity> every;
    std::optional<Quantity> first = {};   // of a new machine: the run-in
    std::vector<std::string> avoid = {};  // stretches to keep free: "2026-08-01..2026-08-21"
    bool hard = false;                    // hard use: intervals are shortened, see kHardUse
    std::string guide = {};
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("what", e.what), field("every", e.every), field("first", e.first), field("avoid", e.avoid),
            field("hard", e.hard), field("guide", e.guide);
    }
    friend bool operator==(const RuleAdded&, const RuleAdded&) = default;
};

/// A unit that goes round among machines: an injector set, a battery.
struct UnitAdded {
    static constexpr const char* kKind = "unit";
    std::string name, serial;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("name", e.name), field("serial", e.serial);
    }
    friend bool operator==(const UnitAdded&, const UnitAdded&) = default;
};
struct UnitFitted {
    static constexpr const char* kKind = "unit fitted";
    std::string serial, machine;
    Quantity reading;  // of the machine
    std::string on;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("serial", e.serial), field("machine", e.machine), field("reading", e.reading), field("on", e.on);
    }
    friend bool operator==(const UnitFitted&, const UnitFitted&) = default;
};
struct UnitTakenOff {
    static constexpr const char* kKind = "unit taken off";
    std::string serial;
    UnitPlace to = UnitPlace::Store;
    Quantity reading;  // of the machine it was on
    std::string on;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("serial", e.serial), field("to", e.to), field("reading", e.reading), field("on", e.on);
    }
    friend bool operator==(const UnitTakenOff&, const UnitTakenOff&) = default;
};

struct FindingNoted {
    static constexpr const char* kKind = "finding";
    std::string machine, words;
    Urgency urgency = Urgency::NextService;
    std::string on;
    std::string step = {}, run = {};
    std::vector<std::string> evidence = {};  // SHA-256 of photographs
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("words", e.words), field("urgency", e.urgency), field("on", e.on), field("step", e.step),
            field("run", e.run), field("evidence", e.evidence);
    }
    friend bool operator==(const FindingNoted&, const FindingNoted&) = default;
};
struct FindingClosed {
    static constexpr const char* kKind = "finding closed";
    std::int64_t finding = 0;  // number of its entry
    std::string because, on;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("finding", e.finding), field("because", e.because), field("on", e.on);
    }
    friend bool operator==(const FindingClosed&, const FindingClosed&) = default;
};

/// A job that a learner or fitter did by an edition; what follows from it are entries of their own that name it.
struct RunTaken {
    static constexpr const char* kKind = "run";
    std::string id;       // UUID
    std::string machine;  // as the logbook names it
    std::string body;     // the run as it came, JSON
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("id", e.id), field("machine", e.machine), field("body", e.body);
    }
    friend bool operator==(const RunTaken&, const RunTaken&) = default;
};

/// How much of something is in the store, counted: packs of fluid, spares.
struct StockCounted {
    static constexpr const char* kKind = "stock";
    std::string item, number;
    Quantity amount;
    std::optional<Quantity> least = {};  // not to fall below
    std::string on = {};
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("item", e.item), field("number", e.number), field("amount", e.amount), field("least", e.least), field("on", e.on);
    }
    friend bool operator==(const StockCounted&, const StockCounted&) = default;
};
/// Taken from the store for a job.
struct StockUsed {
    static constexpr const char* kKind = "stock used";
    std::string item;
    Quantity amount;
    std::string on, run = {}, batch = {};
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("item", e.item), field("amount", e.amount), field("on", e.on), field("run", e.run), field("batch", e.batch);
    }
    friend bool operator==(const StockUsed&, const StockUsed&) = default;
};

/// A sample of a fluid sent to a laboratory.
struct SampleTaken {
    static constexpr const char* kKind = "sample";
    std::string machine, fluid, number, where, on;
    std::optional<Quantity> on_machine = {}, on_fluid = {}, added = {};
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("fluid", e.fluid), field("number", e.number), field("where", e.where), field("on", e.on),
            field("on_machine", e.on_machine), field("on_fluid", e.on_fluid), field("added", e.added);
    }
    friend bool operator==(const SampleTaken&, const SampleTaken&) = default;
};
/// What the laboratory found, a line each: "iron 12 ppm", and the limits that hold: "iron 40 ppm".
struct SampleAnswered {
    static constexpr const char* kKind = "sample answered";
    std::int64_t sample = 0;
    std::vector<std::string> values, limits;
    std::string on;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("sample", e.sample), field("values", e.values), field("limits", e.limits), field("on", e.on);
    }
    friend bool operator==(const SampleAnswered&, const SampleAnswered&) = default;
};

/// Days in which a machine is not to be taken away: a trip, a season. Both ends belong to it.
struct KeptFree {
    static constexpr const char* kKind = "kept free";
    std::string machine, from, to, words;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("from", e.from), field("to", e.to), field("words", e.words);
    }
    friend bool operator==(const KeptFree&, const KeptFree&) = default;
};

/// A person set the day on which something due is done, earlier than it must be or in the workshop's own order. Holds until it is done.
struct ServicePlanned {
    static constexpr const char* kKind = "planned";
    std::string machine, what, day, because;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("what", e.what), field("day", e.day), field("because", e.because);
    }
    friend bool operator==(const ServicePlanned&, const ServicePlanned&) = default;
};

enum class EvidenceSort { Photo, Receipt, Sound };
template <>
struct Names<EvidenceSort> {
    static constexpr auto all = std::to_array<Named<EvidenceSort>>(
        {{EvidenceSort::Photo, "photo", "photograph"}, {EvidenceSort::Receipt, "receipt"}, {EvidenceSort::Sound, "sound"}});
};

/// A photograph, a receipt, a sound of a machine, kept in the library by what is in it.
struct EvidenceKept {
    static constexpr const char* kKind = "evidence";
    std::string machine, sha256;
    EvidenceSort sort = EvidenceSort::Photo;
    std::string words, on;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("machine", e.machine), field("sha256", e.sha256), field("sort", e.sort), field("words", e.words), field("on", e.on);
    }
    friend bool operator==(const EvidenceKept&, const EvidenceKept&) = default;
};

/// An earlier entry was a mistake.
struct EntryStruck {
    static constexpr const char* kKind = "struck";
    std::int64_t entry = 0;
    std::string because;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("entry", e.entry), field("because", e.because);
    }
    friend bool operator==(const EntryStruck&, const EntryStruck&) = default;
};

using LogBody = std::variant<MachineAdded, MachineMoved, MeterRead, MeterReplaced, ServiceDone, RuleAdded, UnitAdded, UnitFitted,
    UnitTakenOff, FindingNoted, FindingClosed, RunTaken, StockCounted, StockUsed, SampleTaken, SampleAnswered, KeptFree, ServicePlanned,
    EvidenceKept, EntryStruck>;

struct LogEntry {
    std::int64_t number = 0;  // counts up from 1
    std::string at;           // UTC, when it was written
    std::string by;           // post
    LogBody body;
    friend bool operator==(const LogEntry&, const LogEntry&) = default;
};

nlohmann::json to_json(const LogBody& body);
/// Errors: BadInput; Refused for a kind that a newer version wrote.
Result<LogBody> log_body_from_json(const nlohmann::json& j);
/// The kind of an entry, as in files.
const char* kind_of(const LogBody& body);

}  // namespace anagraph::core
