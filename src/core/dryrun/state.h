// State: the machine in the middle of a job, as the actions so far have left it. A value; what changes it is in act.h.
#pragma once

#include <vector>

#include "core/dryrun/job.h"

namespace anagraph::core::dryrun {

enum class Seat : unsigned char { On, Off, Open };
enum class Grip : unsigned char { Tight, Hand, Loose };

/// Where an action stands in the walk: the step and its doing. Never yet: step kNone.
struct Moment {
    int step = kNone;
    int doing = kNone;
    bool ever() const { return step != kNone; }
    friend bool operator==(const Moment&, const Moment&) = default;
};

struct ThingState {
    Seat seat = Seat::On;
    Grip grip = Grip::Tight;
    bool was_loosened = false;  // so it had been tight
    bool replaced = false;      // there is a new one in its place, and an old one beside the machine
    bool disposed = false;
    bool old_in_place = true;  // of a seal: the one that was there before
    int new_in_place = 0;      // of a seal: new ones
    int times_off = 0;
    Moment came_off;  // the last time
    Moment put_on;    // the last time it was fitted, closed, connected or renewed
    const Figure* tightened_to = nullptr;
    friend bool operator==(const ThingState&, const ThingState&) = default;
};

struct FluidState {
    Range inside;                 // what the system holds, litres
    Range out;                    // what came out of it so far
    Range poured;                 // since it was drained last, or from the beginning
    bool poured_to_mark = false;  // some of it by a mark rather than by an amount
    bool proved = false;          // its filling place has come undone
    bool bottom_opened = false;   // something at the bottom or side has been open
    bool runs_out = false;        // something at the bottom was opened and no action has caught what runs out
    bool caught = false;          // there was a vessel under it then
    Moment opened;                // the opening it runs out of
    Moment drained;               // the last time an action drained it; not while it is only open
    Moment filled;
    Moment read;     // its level, by its own rule, since it was filled
    Moment misread;  // its level, but not by its own rule
    bool run_since_read = false;
    bool filter_changed = false;
    bool run_closed = false;  // run after all was closed and filled again
    Moment looked;            // for leaks, since then
    Moment disposed;
    friend bool operator==(const FluidState&, const FluidState&) = default;
};

enum class Raised : unsigned char { Down, Up, OnStands };

struct State {
    std::vector<ThingState> things;
    std::vector<FluidState> fluids;
    bool running = false;
    bool isolated = false;
    bool level = false;  // known to stand on level ground
    bool cold = false;   // known to be cold, or cooled
    bool warm = false;   // it has run
    bool hot = false;    // it has run and nothing was waited for since
    Raised raised = Raised::Down;
    bool stands_placed = false;
    double minutes_stopped = kUnknown;  // since it was stopped; kUnknown: long ago, or an unknown time was waited
    bool reached_into = false;   // hands were in it since it runs; said once
    bool worked_under = false;   // work was done on it since it hangs on the jack; said once
    unsigned asked_in_vain = 0;  // a bit for each MachineState that a step asked for and that has not been brought about since
    bool recorded = false;
    std::vector<ThingNo> vessels;    // that stand under it
    std::vector<double> in_vessels;  // litres at most in each thing that is a vessel

    ThingState& at(ThingNo n) { return things[static_cast<std::size_t>(n)]; }
    const ThingState& at(ThingNo n) const { return things[static_cast<std::size_t>(n)]; }
    FluidState& fluid(int n) { return fluids[static_cast<std::size_t>(n)]; }
    const FluidState& fluid(int n) const { return fluids[static_cast<std::size_t>(n)]; }
    friend bool operator==(const State&, const State&) = default;
};

/// The machine as the job finds it: as the first step asks for it, else stopped, not isolated, all on and tight.
State found_state(const Job& job, int first_step);

/// Is it off or open?
bool is_off(const State& s, ThingNo n);
/// Does what is in the system run out at the place: off, open, or undone and not yet taken out?
bool runs_out_of(const State& s, ThingNo n);
/// The first thing of the list that is off or open; kNone where all are on.
ThingNo first_off(const State& s, const std::vector<ThingNo>& list);

/// What stays in a system that was drained: between nothing and what is not put in again.
Range residue_of(const Fluid& fluid);
/// The most that can come out of a full system; kUnknown where nobody says what it holds.
double most_out(const Fluid& fluid);

/// Does the machine stand as a step asks for it?
bool holds(const State& s, MachineState state);

}  // namespace anagraph::core::dryrun
