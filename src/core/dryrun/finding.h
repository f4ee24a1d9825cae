// Finding: what the dry run finds wrong with the order of a guide's steps, with the reason and, where there is exactly one
// sensible way, the change that puts it right.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/base/named.h"
#include "core/base/words.h"
#include "core/edits/edit.h"

namespace anagraph::core {

/// How much a finding weighs. Stop: the guide does not go out with it unless it is answered.
enum class Weight { Stop, Warn, Note };
template <>
struct Names<Weight> {
    static constexpr auto all =
        std::to_array<Named<Weight>>({{Weight::Stop, "stop"}, {Weight::Warn, "warn", "warning"}, {Weight::Note, "note"}});
};

enum class OrderRule {
    FillNotProved,
    FluidOntoOpen,
    LeftOff,
    LeftLoose,
    TightenedEarly,
    OldSeal,
    NotReached,
    WrongState,
    TooHot,
    Unsupported,
    NoVessel,
    VesselTooSmall,
    NotNamed,
    ClosedBeforeTest,
    NotTested,
    NotRefilled,
    Overfilled,
    Short,
    LevelNotRead,
    OffTwice,
    WithoutEffect,
    FigureOpen,
    Waste,
    NotRecorded
};
template <>
struct Names<OrderRule> {
    static constexpr auto all = std::to_array<Named<OrderRule>>({{OrderRule::FillNotProved, "fill-not-proved", "filling not proved"},
        {OrderRule::FluidOntoOpen, "fluid-onto-open", "filled while open"}, {OrderRule::LeftOff, "left-off", "left off"},
        {OrderRule::LeftLoose, "left-loose", "left loose"}, {OrderRule::TightenedEarly, "tightened-early", "tightened too early"},
        {OrderRule::OldSeal, "old-seal", "seal not right"}, {OrderRule::NotReached, "not-reached", "cannot be reached"},
        {OrderRule::WrongState, "wrong-state", "machine in the wrong state"}, {OrderRule::TooHot, "too-hot", "opened hot"},
        {OrderRule::Unsupported, "unsupported", "not on stands"}, {OrderRule::NoVessel, "no-vessel", "nothing to drain into"},
        {OrderRule::VesselTooSmall, "vessel-too-small", "vessel too small"}, {OrderRule::NotNamed, "not-named", "not on the list"},
        {OrderRule::ClosedBeforeTest, "closed-before-test", "closed before the test"},
        {OrderRule::NotTested, "not-tested", "no look for leaks"}, {OrderRule::NotRefilled, "not-refilled", "not filled again"},
        {OrderRule::Overfilled, "overfilled", "too much poured"}, {OrderRule::Short, "short", "too little poured"},
        {OrderRule::LevelNotRead, "level-not-read", "level not read"}, {OrderRule::OffTwice, "off-twice", "off twice"},
        {OrderRule::WithoutEffect, "without-effect", "without effect"}, {OrderRule::FigureOpen, "figure-open", "figure not proved"},
        {OrderRule::Waste, "waste", "waste"}, {OrderRule::NotRecorded, "not-recorded", "not recorded"}});
};
Weight weight_of(OrderRule rule);
/// What the rule asks and why, a sentence for the help.
Words reason_of(OrderRule rule);

struct OrderFinding {
    OrderRule rule = OrderRule::LeftOff;
    StepId step;
    std::optional<std::size_t> action;  // of the step; nothing where the step as a whole is meant
    std::optional<std::size_t> line;    // of the step, where a line orders it
    std::vector<ItemId> items;
    Words because;                      // one sentence
    std::vector<std::string> variants;  // in which it is found; empty: in all
    std::optional<Change> fix;
    Weight weight() const { return weight_of(rule); }
    /// Two findings are one where they say the same of the same things in the same step.
    bool same_as(const OrderFinding& o) const { return rule == o.rule && step == o.step && items == o.items; }
};

}  // namespace anagraph::core
