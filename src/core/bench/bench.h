// Bench: a run under way, one learner or fitter at one machine by one edition. It says what may be entered, what is missing, how long each
// wait has still to run, and what the whole comes to as a run of the logbook.
#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/bench/bench_events.h"
#include "core/bench/bench_sheet.h"

namespace anagraph::core {

struct BenchClock {
    StepId step;
    std::size_t wait = 0;  // of the step
    std::string words;     // "the old filter drips out"
    Moment began = 0;
    std::optional<Seconds> left;  // below nothing: it is over for so long; nothing: nobody knows how long it takes
    Seconds lasted = 0;
};

/// What the one large key does at this moment.
enum class BenchPress {
    BeginWork,
    GoOn,
    NextLine,
    LastLine,
    StartClock,
    EndWait,
    Meanwhile,
    KeepWaiting,
    CloseStep,
    NextStep,
    EndRun,
    HandIn
};

class Bench {
public:
    enum class At { Before, Working, Paused, Ended };

    /// What was entered of a step.
    struct Entered {
        std::string id;
        std::optional<Moment> began, ended;
        std::optional<StepState> state;  // nothing: it is open
        std::string because;
        std::size_t lines = 0;  // done
        std::vector<RunReading> readings;
        std::size_t readings_from = 0;           // the first since the step was begun or done again
        std::map<std::size_t, RunCheck> checks;  // by their places; the last answer
        std::vector<RunEvidence> evidence;
        std::map<std::size_t, Moment> waits_begun, waits_ended;
        Seconds paused = 0;
        Assessed assessed = Assessed::Not;
    };

    explicit Bench(BenchSheet sheet);
    /// The same run as it was kept. A program that ended in the middle of the work is taken as a pause from the last moment it was there.
    /// Errors: those of add(), where the events belong to another guide or are not as they were written.
    static Result<Bench> again(BenchSheet sheet, const BenchKept& kept);

    /// Takes the next event. Errors: Refused, with what to do, where it cannot be: nothing is entered before the work begins, while it is
    /// paused or after its end; BadInput for a step or a check the guide does not have, or a reading of another kind. Then nothing changes.
    Outcome add(BenchEvent event);

    const BenchSheet& sheet() const { return sheet_; }
    const RunBegun& about() const { return about_; }
    const std::vector<BenchEvent>& events() const { return events_; }
    At at() const { return at_; }
    bool has(const std::string& words) const;  // of the kit or the gear, ticked
    bool locked_off() const { return locked_; }
    /// The step in hand; null before the work begins.
    const BenchStep* step() const;
    const Entered& entered(const StepId& step) const;
    bool closed(const StepId& step) const { return entered(step).state.has_value(); }
    /// Whatever was read of what a step wants, in order.
    std::vector<RunReading> readings_of(const BenchStep& step, const BenchWanted& wanted) const;
    /// The last reading of what a step wants since it was begun or done again; null: none.
    const RunReading* reading_of(const BenchStep& step, const BenchWanted& wanted) const;
    /// So many of its readings lie within their limits, or have none.
    int good_readings(const BenchStep& step, const BenchWanted& wanted) const;
    /// Waits that were begun and not ended, what ends first in front.
    std::vector<BenchClock> clocks(Moment now) const;

    /// The clock of the step in hand, where one runs; the first to end of several.
    std::optional<BenchClock> own_clock(Moment now) const;

    /// Why the work cannot begin, the step cannot be closed as done, the run cannot end: a sentence that says what to do. Empty: it can.
    Words missing_before() const;
    Words missing(const BenchStep& step, Moment now) const;
    Words missing_at_end() const;
    /// What is to be read now in the step in hand: the first that has no good reading yet, else the last; null: it wants none.
    const BenchWanted* wanted_now() const;
    /// Where the step in hand is to be looked at now: what nobody has looked at, else what was not good, else the last. Nothing: it has
    /// nothing to look at.
    std::optional<std::size_t> check_now() const;
    /// Something of the step in hand is not as it should be, and could stay so for a reason.
    bool wants_reason() const;
    /// What was read last and lies outside its limits, in such a sentence. Empty: nothing does, or a reason was given for it.
    Words outside(const BenchStep& step) const;

    /// What the one large key is about to do; it may still be refused, with what is missing.
    BenchPress press(Moment now) const;
    /// What follows when it is pressed: it begins the work, ticks the next line, starts the next wait, closes the step and takes the next
    /// one into the hand, or goes on to what can be done meanwhile. Errors: Refused, with what is missing.
    Result<std::vector<BenchBody>> way_on(Moment now) const;
    /// What follows a reading of the wrench: the reading, and the way on where it is the last thing the step wants and lies within its
    /// limits. The reading belongs to what the step in hand wants of that kind and does not have yet, or else to the last of them. Errors:
    /// Refused where the step wants none of that kind.
    Result<std::vector<BenchBody>> wrench_reading(const Quantity& value, const std::string& device, Moment now) const;

    /// What happened so far as a run. What was not begun is not in it.
    Run run() const;

private:
    Outcome enter(const RunBegun& e, Moment at);
    Outcome enter(const KitTicked& e, Moment at);
    Outcome enter(const LockedOff& e, Moment at);
    Outcome enter(const WorkBegun& e, Moment at);
    Outcome enter(const StepTaken& e, Moment at);
    Outcome enter(const LinesDone& e, Moment at);
    Outcome enter(const ReadingTaken& e, Moment at);
    Outcome enter(const CheckLooked& e, Moment at);
    Outcome enter(const EvidenceTaken& e, Moment at);
    Outcome enter(const WaitBegun& e, Moment at);
    Outcome enter(const WaitEnded& e, Moment at);
    Outcome enter(const SomethingFound& e, Moment at);
    Outcome enter(const SomethingUsed& e, Moment at);
    Outcome enter(const ReasonGiven& e, Moment at);
    Outcome enter(const StepClosed& e, Moment at);
    Outcome enter(const StepAgain& e, Moment at);
    Outcome enter(const RunPaused& e, Moment at);
    Outcome enter(const RunGoesOn& e, Moment at);
    Outcome enter(const RunEnded& e, Moment at);
    Outcome enter(const StepAssessed& e, Moment at);
    Outcome enter(const RunSignedBy& e, Moment at);

    /// The step of that id while it can be worked on. Errors: BadInput, Refused.
    Result<std::size_t> working(const std::string& step) const;
    Outcome can_work() const;
    std::size_t place_of(std::string_view step) const;  // the number of steps where there is none
    /// The step to be worked on next: the first that is open; where that one waits, what the plan does meanwhile, as long as there is
    /// something. Null: none is open.
    const BenchStep* next_open(Moment now) const;
    /// Why a step cannot be closed as done before others; empty: it can.
    Words comes_first(const BenchStep& step) const;
    const BenchClock* running(const std::vector<BenchClock>& clocks, const StepId& step) const;
    std::optional<std::size_t> next_wait(const BenchStep& step) const;

    BenchSheet sheet_;
    std::vector<BenchEvent> events_;
    RunBegun about_;
    At at_ = At::Before;
    std::vector<std::string> ticked_;
    bool locked_ = false;
    std::optional<std::size_t> in_hand_;
    std::vector<Entered> entered_;  // as the steps of the sheet
    std::vector<RunFinding> findings_;
    std::vector<RunUsed> used_;
    std::vector<RunSigned> signed_;
    std::optional<Moment> began_, ended_, paused_;
};

/// What was typed for a reading: a number alone is in the unit that is asked for. Errors: those of Quantity::parse().
Result<Quantity> reading_typed(const BenchWanted& wanted, std::string_view typed);

}  // namespace anagraph::core
