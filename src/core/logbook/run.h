// Run: one learner or fitter doing one job on one machine by one edition, as it comes back from the bench.
#pragma once

#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/logbook/log_entries.h"

namespace anagraph::core {

enum class StepState { Done, Stopped, Skipped };
template <>
struct Names<StepState> {
    static constexpr auto all = std::to_array<Named<StepState>>(
        {{StepState::Done, "done"}, {StepState::Stopped, "stopped"}, {StepState::Skipped, "skipped", "left out"}});
};
enum class Judged { Within, Below, Above, NoLimits };
template <>
struct Names<Judged> {
    static constexpr auto all = std::to_array<Named<Judged>>({{Judged::Within, "within"}, {Judged::Below, "below"},
        {Judged::Above, "above"}, {Judged::NoLimits, "no limits", "nothing to judge it by"}});
};
enum class Assessed { Not, Alone, WithHelp, NotYet };
template <>
struct Names<Assessed> {
    static constexpr auto all = std::to_array<Named<Assessed>>(
        {{Assessed::Not, ""}, {Assessed::Alone, "alone"}, {Assessed::WithHelp, "with help"}, {Assessed::NotYet, "not yet"}});
};

struct RunReading {
    std::string figure, what;  // one of them
    Quantity value;
    std::string by, device, at;
    Judged judged = Judged::NoLimits;
};
struct RunCheck {
    std::string look;
    bool good = true;
    std::string words;
};
struct RunEvidence {
    std::string sha256, kind, at;
};
struct RunStep {
    std::string id, began, ended;
    StepState state = StepState::Done;
    std::string because;
    std::vector<RunReading> readings;
    std::vector<RunCheck> checks;
    std::vector<RunEvidence> evidence;
    Assessed assessed = Assessed::Not;
    std::int64_t paused = 0;  // seconds between began and ended in which nobody worked
};
struct RunUsed {
    std::string item;
    Quantity amount;
    std::string number, batch;
};
struct RunFinding {
    std::string step, words;
    Urgency urgency = Urgency::NextService;
    std::vector<std::string> evidence;
};
struct RunSigned {
    std::string post, key, signature;
};

struct Run {
    std::string id;  // UUID
    std::string guide;
    int edition = 0;
    std::string mark, variant;
    std::string machine, serial;
    std::string who, assessor;
    std::string began, ended;  // UTC
    std::vector<RunStep> steps;
    std::vector<RunUsed> used;
    std::vector<RunFinding> findings;
    std::vector<RunSigned> signed_by;
    /// Every step was done or left out; a run with a step that stopped is no service.
    bool whole() const;
};

/// A run of the logbook, read.
struct RunInLog {
    std::int64_t entry = 0;
    std::string machine;  // as the logbook names it
    std::string guide;    // id in the library
    Run run;
};

/// NAME.run.json, format 1. Errors: BadInput, saying what is wrong or missing.
Result<Run> run_from_json(std::string_view text);

/// The same as text, canonical.
std::string to_json(const Run& run);
/// What is signed of a run: all of it but the signatures.
std::string signed_text(Run run);

/// What a run enters into the logbook beside itself: readings of the machine's meters, the service where it was done whole, what it used of
/// the store, what it found. `machine`: as the logbook names it; `what`: the service, as rules name it; `stocked`: what the store holds.
std::vector<LogBody> entries_of(
    const Run& run, const std::string& machine, const std::string& what, const std::vector<std::string>& stocked);

}  // namespace anagraph::core
