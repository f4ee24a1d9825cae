// The commands of the Sheet as a table.
#include <algorithm>

#include "app/command/reasons.h"
#include "app/sheet/guide_dialogs.h"
#include "app/sheet/sheet_station.h"

namespace anagraph::app {

Hand SheetStation::in_hand() {
    auto* card = current();
    if (card == nullptr) return Hand::Nothing;
    switch (card->part_in_hand().part) {
        case core::StepPart::Line:
            return Hand::Line;
        case core::StepPart::Caution:
            return Hand::Caution;
        case core::StepPart::Check:
            return Hand::Check;
        case core::StepPart::Wait:
        case core::StepPart::Step:
            return Hand::Step;
    }
    return Hand::Step;
}

void SheetStation::build_commands() {
    commands_ = new Commands(tr("Sheet"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto steps = [this]() -> const std::vector<core::Step>& { return session_.procedure().steps; };
    const auto without_guide = [this] { return no_guide(session_); };
    const auto no_step = [this] { return unless(current() != nullptr, tr("No step is in hand.")); };
    const auto no_finding = [this] { return unless(finding_in_hand(line_in_hand()) != nullptr, tr("The editor found nothing here.")); };
    const auto fixable = [this] {
        const auto* f = finding_in_hand(line_in_hand());
        return f != nullptr && f->fix.has_value();
    };
    const auto read_first = [this] { catch_up(); };
    const auto card = [this](void (StepCard::*what)()) { return [this, what] { (current()->*what)(); }; };
    const auto form = [this](step_forms::Answer (*ask)(Session&, QWidget*)) { return [this, ask] { take(ask); }; };
    const auto about = [this](int (StepCard::*which)() const, step_forms::Answer (*ask)(Session&, int, QWidget*)) {
        return [this, which, ask] { with_number(which, ask); };
    };
    const std::vector<Hand> text{Hand::Line, Hand::Caution, Hand::Check, Hand::Step};
    const std::vector<Hand> line{Hand::Line};
    const std::vector<Hand> step{Hand::Step, Hand::Line};

    const QString editor = tr("What the editor found");
    add({"sheet.fix", tr("Fix wording"), Qt::ALT | Qt::Key_M, tr("The editor puts right what it found, where it is certain how."), editor,
        text, [this] { mend(); },
        [no_finding, fixable] {
            const QString none = no_finding();
            return none.isEmpty() ? unless(fixable(), tr("Only you can decide how to put this right.")) : none;
        },
        {tr("correct"), tr("mend")}, true, always, {}, {}, read_first});
    add({"sheet.keep", tr("Keep as it is"), Qt::ALT | Qt::Key_A, tr("The words stay, with a reason that is kept with the step."), editor,
        text, [this] { let_stand(); }, no_finding, {tr("ignore"), tr("dismiss")}, true, {}, {}, {}, read_first});

    const QString parts = tr("Parts of the step");
    add({"sheet.check-full", tr("Check in full"), Qt::ALT | Qt::Key_T, tr("Whom to ask, and a reading with its limits."), parts,
        {Hand::Check}, about(&StepCard::check_in_hand, step_forms::check), no_step, {tr("reading"), tr("limits")}, true, always});
    add({"sheet.hear", tr("Play moment"), Qt::ALT | Qt::Key_P, tr("Plays the tape where what is in hand was said."), parts, text,
        [this] { hear(); }, no_step, {tr("hear"), tr("tape")}, true});
    add({"sheet.caution", tr("Add caution"), Qt::CTRL | Qt::Key_W, tr("A caution above the lines of the step."), parts,
        {Hand::Line, Hand::Step, Hand::Caution}, card(&StepCard::add_caution), no_step, {tr("warning"), tr("danger")}, true});
    add({"sheet.caution-parts", tr("Caution by its parts"), Qt::ALT | Qt::Key_W, tr("Hazard, harm, and how to avoid it, each asked for."),
        parts, {Hand::Caution}, about(&StepCard::caution_in_hand, step_forms::caution), no_step,
        {tr("warning"), tr("hazard"), tr("danger")}, true, always});
    add({"sheet.check", tr("Add check"), Qt::CTRL | Qt::Key_T, tr("Something to look at, what is good and what stops the job."), parts,
        {Hand::Line, Hand::Step, Hand::Check}, card(&StepCard::add_check), no_step, {tr("inspect")}, true});
    add({"sheet.waits", tr("Waits"), Qt::CTRL | Qt::Key_L, tr("What is waited for, and how long."), parts, step, form(step_forms::wait),
        no_step, {tr("time"), tr("drain"), tr("cure")}});
    add({"sheet.resets", tr("Display resets"), Qt::ALT | Qt::Key_R, tr("Buttons pressed to set a display back."), parts, step,
        form(step_forms::resets), no_step, {tr("service light"), tr("buttons")}});
    add({"sheet.orders", tr("Orders"), Qt::ALT | Qt::Key_E,
        tr("What the line orders: verb, items, tools and figure; put right where it was read wrongly."), parts, line,
        about(&StepCard::line_in_hand, step_forms::orders), no_step, {tr("actions"), tr("verb"), tr("dry run")}, true});
    add({"sheet.comment", tr("Comment"), Qt::ALT | Qt::Key_C, tr("A reviewer's comment at this line, or the answer to one."), parts, line,
        about(&StepCard::line_in_hand, step_forms::comment), no_step, {tr("review")}, true});
    add({"sheet.history", tr("History of line"), Qt::ALT | Qt::Key_H, tr("Who wrote this line, and what stood there before."), parts, line,
        [this] { look_back(); }, no_step, {tr("versions")}, true});

    const QString step_group = tr("Steps");
    add({"sheet.new-step", tr("New step"), Qt::CTRL | Qt::Key_Return, tr("An empty step after this one."), step_group,
        {Hand::Nothing, Hand::Step}, [this] { add_step(); }, without_guide, {}, true, [steps] { return steps().empty(); }});
    add({"sheet.split", tr("Split step here"), Qt::CTRL | Qt::SHIFT | Qt::Key_Return, tr("The line in hand begins a step of its own."),
        step_group, line, [this] { split_step(); }, no_step, {}, true});
    add({"sheet.draft", tr("Draft lines"), Qt::CTRL | Qt::Key_D,
        tr("Lines, checks and waits from what was logged on the tape, for every step that has none."), step_group, {Hand::Step, Hand::Line},
        [this] { draft(); },
        [steps] {
            return unless(std::any_of(steps().begin(), steps().end(), [](const core::Step& s) { return s.lines.empty(); }),
                tr("Every step has its lines."));
        },
        {tr("automatic")}, true, always});
    add({"sheet.applies-to", tr("Variants and machine state"), Qt::ALT | Qt::Key_V,
        tr("Which variants the step applies to, and the state the machine is in."), step_group, step, form(step_forms::facts), no_step,
        {tr("applies to"), tr("cold"), tr("warm"), tr("locked off")}, true});
    add({"sheet.methods", tr("Methods"), Qt::ALT | Qt::Key_Y, tr("Where practitioners differ: which method this step follows, and why."),
        step_group, step, [this] { choose_methods(); }, no_step, {tr("schools"), tr("practice")}, true});
    const auto place_of = [this, steps] {
        return std::find_if(steps().begin(), steps().end(), [this](const core::Step& s) { return s.id == session_.step(); });
    };
    const auto no_step_after = [place_of, steps] {
        return unless(place_of() != steps().end() && place_of() + 1 != steps().end(), tr("There is no step after it."));
    };
    add({"sheet.up", tr("Move step up"), Qt::ALT | Qt::Key_Up, tr("Before the step above it."), step_group, step, [this] { move_step(-1); },
        [place_of, steps] {
            return unless(place_of() != steps().end() && place_of() != steps().begin(), tr("There is no step before it."));
        },
        {tr("order")}});
    add({"sheet.down", tr("Move step down"), Qt::ALT | Qt::Key_Down, tr("After the step below it."), step_group, step,
        [this] { move_step(1); }, no_step_after, {tr("order")}});
    add({"sheet.merge", tr("Merge with next"), Qt::CTRL | Qt::Key_J, tr("This step and the one after it become one."), step_group, step,
        [this] { merge_steps(); }, no_step_after});
    add({"sheet.copy-in", tr("Copy step from another guide"), Qt::ALT | Qt::Key_I, tr("With the items, figures and sources it needs."),
        step_group, {Hand::Nothing, Hand::Step, Hand::Line},
        [this] {
            leave_field();
            perform(guide_dialogs::copy_step(session_, this));
        },
        without_guide, {tr("reuse"), tr("template")}});
    add({"sheet.remove-step", tr("Remove step"), Qt::CTRL | Qt::Key_Backspace, tr("Removes the step with its lines and pictures."),
        step_group, step, [this] { remove_step(); }, no_step});

    const QString guide = tr("The guide");
    add({"sheet.replace", tr("Replace words"), Qt::CTRL | Qt::Key_H, tr("In this guide, or in all guides of the library."), guide, {},
        [this] { replace_words(); }, without_guide, {tr("rename")}});
    add({"sheet.follow-ups", tr("Follow-ups"), Qt::ALT | Qt::Key_L, tr("What is done after the job: retighten, look again, dispose of."),
        guide, {}, form(step_forms::follow_ups), without_guide, {tr("later")}});
    add({"sheet.variants", tr("Compare variants"), Qt::ALT | Qt::Key_B, tr("All variants side by side, as each is read."), guide, {},
        [this] {
            leave_field();
            guide_dialogs::show_variants(session_, this);
        },
        without_guide, {tr("models")}});
    add({"sheet.translate", tr("Translate"), Qt::ALT | Qt::Key_O, tr("The guide beside its translation."), guide, {},
        [this] { translate(); }, without_guide, {tr("language")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
}

}  // namespace anagraph::app
