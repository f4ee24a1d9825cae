// The commands of the Dry run as a table.
#include "app/command/reasons.h"
#include "app/dryrun/dryrun_station.h"
#include "app/theme/theme.h"

namespace anagraph::app {

void DryRunStation::build_commands() {
    commands_ = new Commands(tr("Dry run"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto a_step = [this] { return unless(step() != nullptr, tr("The guide has no step yet.")); };
    const std::vector<Hand> found{Hand::Finding};
    const std::vector<Hand> guessed{Hand::WorkedOut};

    const QString decide = tr("What was found");
    add({"dryrun.fix", tr("Take fix"), Qt::Key_T, tr("Does what the fix says; it is undone like any change."), decide, found,
        [this] { take_fix(); }, [this] { return unless(fix_.has_value(), tr("No way to mend it is certain; go there and decide.")); },
        {tr("mend"), tr("repair"), tr("correct")}, true, always});
    add({"dryrun.go", tr("Go there"), Qt::Key_Return, tr("Shows the line it was found in on the Sheet."), decide, {},
        [this] { go_there(); }, a_step, {tr("open"), tr("sheet")}, true, [this] { return finding() != nullptr && !fix_; }});
    add({"dryrun.keep", tr("Keep as it is"), Qt::ALT | Qt::Key_A, tr("The order stays, with your reason; it is printed for the checker."),
        decide, found, [this] { keep_as_it_is(); }, {}, {tr("answer"), tr("ignore"), tr("reason")}, true});
    add({"dryrun.ask-again", tr("Ask again"), Qt::Key_A, tr("The answer is taken back, and the finding asked again."), decide,
        {Hand::Answered}, [this] { ask_again(); }, {}, {tr("withdraw answer")}, true});
    add({"dryrun.confirm", tr("It is so"), Qt::Key_C, tr("What was worked out is taken over into the guide."), decide, guessed,
        [this] { confirm(); }, {}, {tr("confirm"), tr("accept")}, true, always});
    add({"dryrun.deny", tr("It is not so"), Qt::Key_N, tr("Nothing is worked out there any more; what is true is set with Relations."),
        decide, guessed, [this] { deny(); }, {}, {tr("wrong"), tr("correct")}, true});
    add({"dryrun.relations", tr("Relations"), Qt::Key_I,
        tr("What an item closes, what it lies behind, what a seal sits under, how much a system or a vessel holds."), decide, {},
        [this] { set_item(); }, [this] { return unless(!session_.procedure().items.empty(), tr("The guide names no items yet.")); },
        {tr("closes"), tr("behind"), tr("seal"), tr("capacity"), tr("item")}, true});

    const QString plan = tr("The plan");
    add({"dryrun.suggestion", tr("Take this order"), Qt::Key_O,
        tr("The steps change places as the plan says; it is undone like any change."), plan, {Hand::Suggestion},
        [this] { take_suggestion(); },
        [this] { return unless(plan_ && plan_->suggestion, tr("No order is shorter than the written one.")); },
        {tr("reorder"), tr("suggestion")}, true, always});
    add({"dryrun.people", tr("Plan for two"), Qt::Key_W, tr("Plans the work for one person or for two."), plan, {},
        [this] { toggle_people(); }, a_step, {tr("two people"), tr("hands"), tr("crew")}, true, {},
        [this] { return people_ == 1 ? tr("Plan for two") : tr("Plan for one"); }});
    add({"dryrun.time", tr("Set time"), Qt::Key_M, tr("How long hands are needed for the step."), plan, {}, [this] { set_time(); }, a_step,
        {tr("minutes"), tr("duration")}});
    add({"dryrun.pin", tr("Keep in place"), Qt::Key_F, tr("The step stays where it is in every plan."), plan, {}, [this] { pin(); }, a_step,
        {tr("pin"), tr("fix"), tr("order")}, false, {},
        [this] { return step() != nullptr && step()->pinned ? tr("Let it move") : tr("Keep in place"); }});
    add({"dryrun.attended", tr("Somebody stays"), Qt::Key_H, tr("Hands are needed while the step waits: holding, pouring slowly."), plan,
        {}, [this] { set_waits(); },
        [this, a_step] {
            const QString no = a_step();
            return no.isEmpty() ? unless(!step()->waits.empty(), tr("The step does not wait.")) : no;
        },
        {tr("attended"), tr("wait")}, false, {},
        [this] {
            return step() != nullptr && !step()->waits.empty() && step()->waits.front().attended ? tr("Nobody is needed")
                                                                                                 : tr("Somebody stays");
        }});

    const QString look = tr("Looking");
    add({"dryrun.play", tr("Play the job"), Qt::Key_P,
        tr("Goes down the steps and shows what happens; with the picture in hand, as long as Space is held."), look, {},
        [this] { view_->play(!view_->playing()); }, a_step, {tr("walk"), tr("simulate"), tr("run")}, true, {},
        [this] { return view_->playing() ? tr("Stop playing") : tr("Play the job"); }});
    add({"dryrun.variant", tr("Next variant"), Qt::Key_V, tr("Shows the job for the next variant of the machine."), look, {},
        [this] { next_variant(); },
        [this] { return unless(session_.procedure().header.variants.size() > 1, tr("The guide has no variants.")); }, {tr("model")}, true,
        {}, [this] { return tr("Variant: %1").arg(theme::text(variant())); }});
    add({"dryrun.kit", tr("Kit"), Qt::Key_K, tr("What is laid out before the job, as a list to tick; it can be printed."), look, {},
        [this] { print_kit(); }, a_step, {tr("tools"), tr("parts list"), tr("print")}, true});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
}

}  // namespace anagraph::app
