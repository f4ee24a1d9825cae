// The commands of the Bench as a table.
#include <QFileDialog>

#include "app/bench/bench_station.h"
#include "app/command/reasons.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

void BenchStation::build_commands() {
    commands_ = new Commands(tr("Bench"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const QString work = tr("At the machine");
    const QString end = tr("At the end");
    const auto no_open_step = [this] { return unless(open_step(), tr("No step is open; go on, or do one again.")); };
    const auto no_check = [this, no_open_step] {
        if (const QString none = no_open_step(); !none.isEmpty()) return none;
        return unless(!step()->checks.empty(), tr("This step has nothing to look at."));
    };
    add({"bench.on", tr("Done, go on"), Qt::Key_PageDown,
        tr("The one large key, or a foot pedal: the next line, the clock of a wait, the next step, what can be done meanwhile."), work,
        {Hand::Job, Hand::Run, Hand::Kit, Hand::AtWork, Hand::Paused, Hand::RunDone}, [this] { way_on(); }, {},
        {tr("next"), tr("pedal"), tr("begin a run"), tr("go on")}, true, always, [this] { return way_on_words(); }});
    add({"bench.reading", tr("Write reading"), Qt::Key_R,
        tr("Writes down what was read; both readings stay where one was outside its limits."), work, {Hand::AtWork},
        [this] { write_reading(); },
        [this, no_open_step] {
            if (const QString none = no_open_step(); !none.isEmpty()) return none;
            return unless(run_ && run_->bench().wanted_now() != nullptr, tr("This step wants no reading."));
        },
        {tr("torque"), tr("hours"), tr("measured")}, true});
    add({"bench.good", tr("Good"), Qt::Key_G, tr("It was looked at, and it is good."), work, {Hand::AtWork}, [this] { look(true); },
        no_check, {tr("check"), tr("passed")}, true});
    add({"bench.not-good", tr("Not good"), Qt::Key_N, tr("It was looked at, and it is not good; says what is seen."), work, {Hand::AtWork},
        [this] { look(false); }, no_check, {tr("check"), tr("failed")}, true});
    add({"bench.stays", tr("Say why it stays"), Qt::Key_W,
        tr("Goes on although a reading is outside or a check is not good; the reason is kept."), work, {Hand::AtWork},
        [this] { give_reason(); },
        [this, no_open_step] {
            if (const QString none = no_open_step(); !none.isEmpty()) return none;
            return unless(run_->bench().wants_reason(), tr("Everything here is as it should be."));
        },
        {tr("reason"), tr("deviation"), tr("accept")}, true});
    add({"bench.stop", tr("Stop, ask"), Qt::Key_S, tr("The work stops at this step, and why."), work, {Hand::AtWork},
        [this] { stop(core::StepState::Stopped); }, no_open_step, {tr("help"), tr("problem")}, true});
    add({"bench.photo", tr("Photograph"), Qt::Key_P,
        tr("Keeps a picture with this step, as evidence: by a camera, or from a file; files can be dropped here too."), work,
        {Hand::AtWork}, [this] { take_photograph(); }, no_open_step, {tr("picture"), tr("evidence"), tr("camera")}, true});
    add({"bench.found", tr("Found something"), Qt::Key_F, tr("What is not put right today: it stays open in the logbook until it is."),
        work, {Hand::AtWork}, [this] { note_finding(); }, {}, {tr("finding"), tr("damage"), tr("defect")}, true});
    add({"bench.pause", tr("Pause"), Qt::Key_B, tr("The time of the step stands still; waits run on."), work, {Hand::AtWork},
        [this] { (void)happen({core::RunPaused{}}); }, {}, {tr("break")}, true});
    add({"bench.again", tr("Do again"), Qt::Key_A, tr("This step once more from its first line; what was read and photographed stays."),
        work, {Hand::AtWork}, [this] { (void)happen({core::StepAgain{step()->id.text()}}); },
        [this] { return unless(step() != nullptr, tr("No step is in hand.")); }, {tr("repeat"), tr("redo")}});
    add({"bench.leave", tr("Leave out"), Qt::Key_O, tr("This step is left out, and why."), work, {Hand::AtWork},
        [this] { stop(core::StepState::Skipped); }, no_open_step, {tr("skip")}});
    add({"bench.put-right", tr("Put right"), Qt::Key_D, tr("Something found before is put right today; it is closed in the logbook."), work,
        {Hand::Kit, Hand::AtWork}, [this] { put_right(); }, {}, {tr("finding"), tr("repaired"), tr("close")}});
    add({"bench.used", tr("What was used"), Qt::Key_U, tr("Fluid or part taken from the store, with its batch."), work, {Hand::AtWork},
        [this] { note_used(); }, {}, {tr("store"), tr("oil"), tr("batch"), tr("part")}});
    add({"bench.picture", tr("Next picture"), Qt::Key_V, tr("The next picture of this step."), work, {Hand::AtWork, Hand::Paused},
        [this] {
            plate_ = (plate_ + 1) % step()->plates.size();
            show_picture();
        },
        [this] { return unless(step() != nullptr && step()->plates.size() > 1, tr("This step has no other picture.")); }, {tr("plate")}});
    add({"bench.up", tr("Step before"), Qt::CTRL | Qt::Key_Up, tr("Looks at the step before this one."), work, {Hand::AtWork},
        [this] { turn_step(-1); }, [this] { return unless(step() != nullptr, tr("No step is in hand.")); }, {tr("back")}});
    add({"bench.down", tr("Step after"), Qt::CTRL | Qt::Key_Down, tr("Looks at the step after this one."), work, {Hand::AtWork},
        [this] { turn_step(1); }, [this] { return unless(step() != nullptr, tr("No step is in hand.")); }, {tr("ahead")}});
    add({"bench.end", tr("End the run"), Qt::CTRL | Qt::Key_E, tr("Ends a run that stopped; it goes into the logbook as no service."), end,
        {Hand::AtWork}, [this] { (void)happen({core::RunEnded{}}); },
        [this] { return run_ ? text(run_->bench().missing_at_end()) : tr("No run is in hand."); }, {tr("finish"), tr("abort")}, true});
    add({"bench.alone", tr("Alone"), Qt::Key_1, tr("The step was done alone."), end, {Hand::RunDone},
        [this] { assess(core::Assessed::Alone); }, {}, {tr("assess")}, true});
    add({"bench.help", tr("With help"), Qt::Key_2, tr("The step was done with help."), end, {Hand::RunDone},
        [this] { assess(core::Assessed::WithHelp); }, {}, {tr("assess")}, true});
    add({"bench.not-yet", tr("Not yet"), Qt::Key_3, tr("The step is not mastered yet."), end, {Hand::RunDone},
        [this] { assess(core::Assessed::NotYet); }, {}, {tr("assess")}, true});
    add({"bench.sign", tr("Sign"), Qt::Key_I, tr("Who worked and who assessed sign; with a key where they have one."), end, {Hand::RunDone},
        [this] { sign(); }, {}, {tr("signature"), tr("key")}, true});
    add({"bench.certificate", tr("Certificate"), Qt::Key_C, tr("A page for the learner: what was done, what was read, who signed."), end,
        {Hand::RunDone},
        [this] {
            const QString file = QFileDialog::getSaveFileName(this, tr("The certificate"), tr("certificate.pdf"), tr("PDF (*.pdf)"));
            if (!file.isEmpty()) write_certificate(file);
        },
        {}, {tr("pdf"), tr("print"), tr("record")}, true});
    add({"bench.aside", tr("Put aside"), Qt::Key_Escape, tr("Leaves the run as it is; it waits on this page."), work,
        {Hand::Kit, Hand::Paused, Hand::RunDone},
        [this] {
            run_.reset();
            say({});
            show_start();
        },
        {}, {tr("close"), tr("later")}, true});
    add({"bench.give-up", tr("Give up run"), Qt::Key_Delete, tr("What was written down in it is lost."), work, {Hand::Run},
        [this] { give_up(); }, {}, {tr("delete")}, true});
    add({"bench.wrench", tr("Wrench on the line"), Qt::CTRL | Qt::Key_W,
        tr("Takes the readings of a wrench on a serial port, or lets it go."), work,
        {Hand::Nothing, Hand::Job, Hand::Run, Hand::Kit, Hand::AtWork, Hand::Paused}, [this] { connect_wrench(); }, {},
        {tr("serial"), tr("usb"), tr("torque wrench")}, true});
    add({"bench.cancel", tr("Stop writing"), Qt::CTRL | Qt::Key_Period, tr("Stops what is being written; nothing of it is kept."), end, {},
        [this] { work_.cancel(); }, [this] { return unless(work_.busy(), tr("Nothing is being written.")); }});
}

}  // namespace anagraph::app
