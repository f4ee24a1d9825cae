#include "core/dryrun/rules.h"

#include <algorithm>
#include <array>

#include "core/dryrun/mends.h"

namespace anagraph::core {
namespace dryrun {
namespace {

constexpr auto kRules = std::to_array<RuleOfOrder>({
    {.rule = OrderRule::FillNotProved,
        .weight = Weight::Warn,
        .reason = key("DryRunRules",
            "What is drained must be filled again: the filling place comes undone first. If it will not move, the machine still runs."),
        .before_action = fill_not_proved,
        .mend = open_it_before},
    {.rule = OrderRule::FluidOntoOpen,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "What is filled while something below is open runs out again."),
        .before_action = fluid_onto_open,
        .mend = fill_later},
    {.rule = OrderRule::LeftOff,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "What comes off, is opened or is disconnected is back at the end."),
        .at_end = left_off,
        .mend = put_it_back},
    {.rule = OrderRule::LeftLoose,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "What goes back by hand is tightened before the job ends."),
        .at_end = left_loose,
        .mend = tighten_it},
    {.rule = OrderRule::TightenedEarly,
        .weight = Weight::Warn,
        .reason = key("DryRunRules",
            "Several fasteners are all started by hand before the first is tightened, or the last ones no longer find their threads."),
        .before_action = tightened_early,
        .mend = do_it_later},
    {.rule = OrderRule::OldSeal,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "A seal that is new each time is renewed before it is closed over; none leaks, and two leak."),
        .before_action = old_seal,
        .mend = renew_it},
    {.rule = OrderRule::NotReached,
        .weight = Weight::Warn,
        .reason = key("DryRunRules", "What lies in front is off before a hand can reach behind it."),
        .before_action = not_reached,
        .mend = take_off_what_is_before},
    {.rule = OrderRule::WrongState,
        .weight = Weight::Stop,
        .reason = key("DryRunRules",
            "Hands stay out of a machine that runs; it runs closed and filled; and the state a step asks for has been brought about."),
        .before_step = state_not_brought_about,
        .before_action = in_the_wrong_state,
        .mend = bring_the_state},
    {.rule = OrderRule::TooHot,
        .weight = Weight::Warn,
        .reason =
            key("DryRunRules", "A machine that has run holds hot oil: a temperature, a wait or the caution stands before it is opened."),
        .before_action = too_hot,
        .mend = warn_of_heat},
    {.rule = OrderRule::Unsupported,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "Nobody works under a machine that hangs on a jack."),
        .before_action = unsupported,
        .mend = lower_it_on_stands},
    {.rule = OrderRule::NoVessel,
        .weight = Weight::Warn,
        .reason = key("DryRunRules", "What is drained is caught."),
        .before_action = no_vessel,
        .at_end = no_vessel_at_end,
        .mend = name_the_vessel},
    {.rule = OrderRule::VesselTooSmall,
        .weight = Weight::Warn,
        .reason = key("DryRunRules", "A vessel holds all that can come out, with the filter's share."),
        .before_action = vessel_too_small,
        .mend = name_a_larger_vessel},
    {.rule = OrderRule::NotNamed,
        .weight = Weight::Warn,
        .reason = key(
            "DryRunRules", "What an action needs is on the list, so that it is laid out before; and the wrench can be set to the figure."),
        .before_action = not_named},
    {.rule = OrderRule::ClosedBeforeTest,
        .weight = Weight::Warn,
        .reason = key("DryRunRules",
            "It is run and looked at before the covers go back: what leaks then is found, and nothing comes off again for it."),
        .before_action = closed_before_test,
        .mend = close_after_the_test},
    {.rule = OrderRule::NotTested,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "What was opened is looked at for leaks once it is closed and has run."),
        .at_end = not_tested,
        .mend = look_at_it},
    {.rule = OrderRule::NotRefilled,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "What is drained is filled again."),
        .at_end = not_refilled,
        .mend = fill_it},
    {.rule = OrderRule::Overfilled,
        .weight = Weight::Stop,
        .reason = key("DryRunRules", "More than goes in does harm: it foams, and it finds its way out past seals."),
        .before_action = overfilled,
        .mend = pour_the_refill},
    {.rule = OrderRule::Short,
        .weight = Weight::Warn,
        .reason = key("DryRunRules", "The amounts poured reach what goes in again."),
        .at_end = too_little,
        .mend = pour_the_refill},
    {.rule = OrderRule::LevelNotRead,
        .weight = Weight::Warn,
        .reason = key("DryRunRules",
            "A level is read after filling by its own rule: warm or cold, running or stopped, so many minutes after, on level ground."),
        .at_end = level_not_read,
        .mend = read_the_level},
    {.rule = OrderRule::OffTwice,
        .weight = Weight::Note,
        .reason = key("DryRunRules", "What comes off twice could come off once."),
        .before_action = off_twice},
    {.rule = OrderRule::WithoutEffect,
        .weight = Weight::Note,
        .reason = key("DryRunRules", "An action that changes nothing has lost its place or its partner."),
        .before_action = without_effect,
        .mend = leave_it_out},
    {.rule = OrderRule::FigureOpen,
        .weight = Weight::Warn,
        .reason = key("DryRunRules", "A learner works to a figure only where a source proves it."),
        .before_action = figure_open},
    {.rule = OrderRule::Waste,
        .weight = Weight::Note,
        .reason = key("DryRunRules", "Used oil and old parts go where the shop takes them; the guide says where."),
        .at_end = waste,
        .mend = dispose_of_it},
    {.rule = OrderRule::NotRecorded,
        .weight = Weight::Note,
        .reason = key("DryRunRules", "A service that is in no book was not done: its date and reading are written down."),
        .at_end = not_recorded,
        .mend = record_it},
});

const RuleOfOrder& find(OrderRule rule) {
    return *std::find_if(kRules.begin(), kRules.end(), [&](const RuleOfOrder& r) { return r.rule == rule; });
}

}  // namespace

std::span<const RuleOfOrder> rules_of_order() { return kRules; }

}  // namespace dryrun

Weight weight_of(OrderRule rule) { return dryrun::find(rule).weight; }
Words reason_of(OrderRule rule) { return dryrun::find(rule).reason; }

}  // namespace anagraph::core
