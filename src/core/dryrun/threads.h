// Threads: the dry run as it is drawn: for each item what becomes of it down the steps, for each fluid how full its system is, for the
// machine how it stands. Nothing of pixels.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/named.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

/// How a thing sits.
enum class Sits { Tight, Hand, Loose, Open, Off };
template <>
struct Names<Sits> {
    static constexpr auto all = std::to_array<Named<Sits>>({{Sits::Tight, "tight"}, {Sits::Hand, "hand", "on, not tightened"},
        {Sits::Loose, "loose", "undone"}, {Sits::Open, "open"}, {Sits::Off, "off"}});
};

/// A place down the steps: the step, and how far down it, 0 to 1.
struct Down {
    int step = 0;
    double at = 0;
    friend bool operator==(const Down&, const Down&) = default;
    friend auto operator<=>(const Down&, const Down&) = default;
};

/// Something is done to a thing.
struct Knot {
    Down at;
    Sits sits = Sits::Tight;  // from here on
    bool fresh = false;       // it is a new one from here on
    std::string done;         // "loosen", the verb
    friend bool operator==(const Knot&, const Knot&) = default;
};

struct Thread {
    ItemId item;
    std::string name;
    ItemKind kind = ItemKind::Part;
    Sits first = Sits::Tight;
    std::vector<Knot> knots;  // down the steps
};

/// How much a system holds from a place on, as shares of what it can hold; where that is not known, of what was in it.
struct FluidKnot {
    Down at;
    double low = 1;
    double high = 1;
    std::string done;
};
struct FluidThread {
    ItemId item;
    std::string name;
    double first_low = 1;
    double first_high = 1;
    std::vector<FluidKnot> knots;
};

/// How the machine stands from a place on.
struct MachineKnot {
    Down at;
    bool running = false;
    bool locked = false;
    bool hot = false;
    bool lifted = false;  // on a jack
    bool on_stands = false;
    friend bool operator==(const MachineKnot&, const MachineKnot&) = default;
};

struct Threads {
    std::vector<StepId> steps;
    std::vector<Thread> threads;  // of what is acted on, in the order in which it is first
    std::vector<FluidThread> fluids;
    std::vector<MachineKnot> machine;  // the first is how it is found

    /// How a thread's thing sits at a place.
    static Sits at(const Thread& thread, const Down& down);
    MachineKnot machine_at(const Down& down) const;
    /// What is off or open at a place and lies beside the machine: "the drain plug, the cover".
    std::vector<std::string> beside(const Down& down) const;
    /// The place of an action of a step.
    static Down place_of(int step, std::size_t action, std::size_t actions);
};

/// The threads of the guide as it stands for a variant (empty: with every step).
Threads threads_of(const Procedure& p, std::string_view variant);

/// How the machine stands at a place, in words: "runs, hot"; "stands still, locked off".
Words machine_words(const MachineKnot& machine);

}  // namespace anagraph::core
