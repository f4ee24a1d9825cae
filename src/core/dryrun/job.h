// Job: a guide of one variant made ready to be walked: its items as things with places, its steps as doings. Nothing is judged
// here. What the guide does not say of a thing is left as it is; see worked_out.h.
#pragma once

#include <limits>
#include <optional>
#include <string>
#include <vector>

#include "core/editing/item_names.h"
#include "core/procedure/procedure.h"
#include "core/procedure/verbs.h"

namespace anagraph::core::dryrun {

inline constexpr double kUnknown = std::numeric_limits<double>::infinity();

/// An amount that is not known exactly, in litres. `high` is kUnknown where nothing bounds it.
struct Range {
    double low = 0;
    double high = 0;
    friend bool operator==(const Range&, const Range&) = default;
};

/// A thing of the job by its number, the place in Job::things.
using ThingNo = int;
inline constexpr int kNone = -1;

struct Thing {
    ItemId id;
    bool known = false;  // is it an item of the guide?
    ItemKind kind = ItemKind::Part;
    std::string name;   // "drain plug"; of an unknown one its id
    int fluid = kNone;  // it closes the system of, a place in Job::fluids
    Opening at = Opening::Bottom;
    std::vector<ThingNo> behind;
    std::vector<ThingNo> hides;     // what lies behind it
    std::vector<ThingNo> seals;     // that sit under it
    std::vector<ThingNo> siblings;  // other fasteners that hold the same thing
    Renewal renew = Renewal::NotSaid;
    bool tightened_to = false;  // a figure says how tight
    int pieces = 1;
    double holds = kUnknown;  // of a vessel, litres
    // what its name says of it
    bool by_hand = false;    // closed by hand, or by its own spring: a wing nut, a cap, a clip
    bool gauge = false;      // shows a level
    std::vector<int> shows;  // the fluids whose level it shows
    bool stand = false;
    bool ramp = false;     // carries what it lifts safely by itself
    bool machine = false;  // the machine of the guide
    bool filter = false;
    bool starts_off = false;     // a new one that lies ready
    ThingNo instead_of = kNone;  // the old one whose place it takes
    bool starts_open = false;
    bool cyclic = false;        // it lies behind itself, by way of others
    std::vector<Range> wrench;  // torques a wrench of this name can be set to, N·m
    bool torque_wrench = false;
};

/// A fluid and the system it fills.
struct Fluid {
    ThingNo thing = kNone;
    std::optional<Range> total;  // dry
    std::optional<Range> refill;
    std::vector<ThingNo> bottom, side, top, vent;
    std::optional<LevelRule> rule;  // how its level is read
    bool has_gauge = false;         // something in the guide shows its level
};

/// One action.
struct Doing {
    Verb verb = Verb::Hold;
    int step = 0;   // place in Job::steps
    int place = 0;  // in the step's actions; kNone: a check of the step, made at its end
    std::vector<ThingNo> items;
    std::vector<ThingNo> needs;
    std::vector<int> fluids;  // it drains, fills or waits for
    const Figure* figure = nullptr;
    Standing standing = Standing::Proved;  // of that figure
    bool figure_missing = false;           // it names a figure that the guide, or this variant, does not have
    std::optional<double> minutes;
    std::optional<double> torque;  // N·m
    std::optional<Range> litres;
    bool temperature = false;
    bool to_overflow = false;  // filled until it runs over at a level plug
};

struct JobStep {
    const Step* step = nullptr;
    int number = 1;  // in the whole guide, from 1
    std::vector<Doing> doings;
    bool warns_of_heat = false;
    bool stands_level = false;            // a line has the machine put on level ground
    bool waits_to_cool = false;           // one of its own waits is for a temperature
    std::optional<double> waits_minutes;  // its other waits together; 0 where one has no time
};

struct Job {
    Procedure guide;  // what the rest points into; with what was worked out
    std::string variant;
    std::vector<Thing> things;
    std::vector<Fluid> fluids;
    std::vector<JobStep> steps;
    bool asks_level = false;  // some step asks for level ground

    Job() = default;
    Job(Job&&) = default;
    Job& operator=(Job&&) = default;
    Job(const Job&) = delete;
    Job& operator=(const Job&) = delete;

    const Thing& thing(ThingNo n) const { return things[static_cast<std::size_t>(n)]; }
    const Fluid& fluid(int n) const { return fluids[static_cast<std::size_t>(n)]; }
    /// "drain plug"
    Words name(ThingNo n) const;
    /// "drain plug and washer"
    Words name(const std::vector<ThingNo>& list) const;
    /// Are they spoken of as several: "the wheel nuts", "the plug and the washer"?
    bool many(const std::vector<ThingNo>& list) const;
    const JobStep& at(int step) const { return steps[static_cast<std::size_t>(step)]; }
};

/// The guide as it stands for a variant (empty: with every step), with what can be worked out filled in.
Job job_of(const Procedure& guide, std::string_view variant);

}  // namespace anagraph::core::dryrun
