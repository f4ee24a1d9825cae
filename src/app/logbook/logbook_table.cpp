// The commands of the Logbook as a table.
#include <QFileDialog>

#include "app/command/reasons.h"
#include "app/logbook/logbook_station.h"
#include "app/theme/form.h"
#include "core/base/letters.h"

namespace anagraph::app {

using theme::text;

void LogbookStation::build_commands() {
    commands_ = new Commands(tr("Logbook"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const QString machines = tr("Machines");
    const QString paper = tr("In and out");
    const auto no_machine = [this] { return unless(machine() != nullptr, tr("No machine is in hand; add one first.")); };
    const auto no_finding = [this, no_machine] {
        if (const QString none = no_machine(); !none.isEmpty()) return none;
        const auto& all = log_.findings();
        return unless(std::any_of(all.begin(), all.end(),
                          [this](const core::FindingInLog& f) { return !f.closed && text(f.what.machine) == fleet_->machine(); }),
            tr("Nothing is open on this machine."));
    };
    const std::vector<Hand> of_machine{Hand::Machine, Hand::Entry};
    add({"logbook.reading", tr("Read meter"), Qt::Key_R, tr("Enters what the meter shows, or that another meter was fitted."), machines,
        of_machine, [this] { read_meter(); }, no_machine, {tr("hours"), tr("odometer"), tr("reading")}, true,
        [this] { return machine() != nullptr && machine()->meters.empty(); }});
    add({"logbook.service", tr("Enter service"), Qt::Key_S, tr("Enters a service that was done."), machines, of_machine,
        [this] { enter_service(); }, no_machine, {tr("done"), tr("maintenance")}, true});
    add({"logbook.finding", tr("Note finding"), Qt::Key_F, tr("What was found and is not put right today: carried until it is."), machines,
        of_machine, [this] { note_finding(); }, no_machine, {tr("defect"), tr("damage")}, true});
    add({"logbook.close", tr("Close finding"), Qt::Key_C, tr("A finding was put right; says what was done."), machines, of_machine,
        [this] { close_finding(); }, no_finding, {tr("repaired"), tr("done")}, true});
    add({"logbook.rule", tr("Say what is due"), Qt::Key_D,
        tr("What is due on the machine and how often: by the meter, the calendar, or whichever comes first."), machines, of_machine,
        [this] { add_rule(); }, no_machine, {tr("interval"), tr("rule"), tr("hard use"), tr("keep free")}, true,
        [this] { return machine() != nullptr && machine()->rules.empty(); }});
    add({"logbook.strike", tr("Strike entry"), Qt::Key_Delete, tr("The entry was a mistake; it stays to be seen, struck through."),
        machines, {Hand::Entry}, [this] { strike(); },
        [this] {
            if (entry() == nullptr) return tr("No entry is in hand.");
            return unless(!entry()->struck, tr("It is struck already."));
        },
        {tr("mistake"), tr("undo"), tr("delete")}, true});
    add({"logbook.add", tr("Add machine"), Qt::CTRL | Qt::Key_N, tr("Enters a machine by name, type and serial."), machines, {},
        [this] { add_machine(); }, {}, {tr("new")}, true, [this] { return machine() == nullptr; }});
    add({"logbook.move", tr("Place and state"), Qt::Key_F2, tr("The machine stands elsewhere, or goes out of service."), machines,
        of_machine, [this] { move_machine(); }, no_machine, {tr("sold"), tr("moved"), tr("out of service")}});
    add({"logbook.plan", tr("Plan service"), Qt::Key_P,
        tr("Sets the day on which something due is done; on the fleet it can be pulled there by the mouse."), machines, of_machine,
        [this] { plan_service(); },
        [this, no_machine] {
            if (const QString none = no_machine(); !none.isEmpty()) return none;
            return unless(!machine()->rules.empty(), tr("Nothing is said to be due on this machine yet."));
        },
        {tr("pull"), tr("before a trip"), tr("schedule")}, true});
    add({"logbook.keep-free", tr("Keep days free"), Qt::Key_K, tr("A trip, a season: nothing of the machine is due within these days."),
        machines, of_machine, [this] { keep_free(); }, no_machine, {tr("trip"), tr("campaign"), tr("holiday")}});
    add({"logbook.calendar", tr("Take in calendar"), Qt::CTRL | Qt::Key_D, tr("The events of a calendar file become days to keep free."),
        machines, of_machine,
        [this] {
            const QString file = QFileDialog::getOpenFileName(this, tr("Calendar"), {}, tr("Calendars (*.ics);;All files (*)"));
            if (!file.isEmpty()) take_calendar(file);
        },
        no_machine, {tr("ics"), tr("trip"), tr("import")}});
    const QString parts = tr("Units, store, samples");
    add({"logbook.add-unit", tr("Add rotating unit"), Qt::CTRL | Qt::Key_U,
        tr("A unit that goes round among machines, with hours of its own."), parts, {}, [this] { add_unit(); }, {},
        {tr("injector"), tr("battery"), tr("serial")}});
    add({"logbook.fit", tr("Fit unit"), Qt::Key_U, tr("A rotating unit goes onto the machine; its hours run with it."), parts, of_machine,
        [this] { fit_unit(); },
        [this, no_machine] {
            if (const QString none = no_machine(); !none.isEmpty()) return none;
            return unless(!units(false).empty(), tr("No unit is in the store or out for repair; add one first."));
        },
        {tr("mount")}});
    add({"logbook.take-off", tr("Take unit off"), Qt::SHIFT | Qt::Key_U,
        tr("A rotating unit comes off the machine, into the store or to repair."), parts, of_machine, [this] { take_unit_off(); },
        [this, no_machine] {
            if (const QString none = no_machine(); !none.isEmpty()) return none;
            return unless(!units(true).empty(), tr("No unit is on this machine."));
        },
        {tr("overhaul"), tr("repair")}});
    add({"logbook.stock", tr("Count the store"), Qt::CTRL | Qt::Key_K,
        tr("How much of a fluid or a spare there is, and the least there should be."), parts, {}, [this] { count_stock(); }, {},
        {tr("stock"), tr("order"), tr("spares")}});
    add({"logbook.sample", tr("Take sample"), Qt::Key_M, tr("A sample of a fluid goes to the laboratory."), parts, of_machine,
        [this] { take_sample(); }, no_machine, {tr("laboratory"), tr("oil analysis")}});
    add({"logbook.answer", tr("Enter what was found"), Qt::SHIFT | Qt::Key_M,
        tr("What the laboratory found in a sample, and the limits that hold."), parts, of_machine, [this] { answer_sample(); },
        [this, no_machine] {
            if (const QString none = no_machine(); !none.isEmpty()) return none;
            return unless(!samples().empty(), tr("No sample of this machine waits for an answer."));
        },
        {tr("laboratory"), tr("result")}});
    add({"logbook.samples", tr("Samples over time"), Qt::Key_T, tr("What the laboratory found of each thing, against its limit."), parts,
        of_machine, [this] { show_samples(); },
        [this, no_machine] {
            if (const QString none = no_machine(); !none.isEmpty()) return none;
            return unless(
                !core::sample_sentences(log_, fleet_->machine().toStdString()).empty(), tr("No sample of this machine was taken."));
        },
        {tr("trend"), tr("laboratory"), tr("oil analysis")}});
    add({"logbook.sample-form", tr("Form of a sample"), Qt::CTRL | Qt::Key_M, tr("The page that goes to the laboratory with the sample."),
        parts, of_machine,
        [this] {
            const auto all = samples();
            QStringList names;
            for (const auto* s : all) names << tr("%1, %2 %3").arg(text(s->on), text(s->what.fluid), text(s->what.number));
            Form form(tr("Form of a sample"), this);
            auto* which = form.choice(tr("&Sample"), names);
            if (!form.ask()) return;
            const QString file = QFileDialog::getSaveFileName(this, tr("Form"), QStringLiteral("sample.pdf"), tr("PDF (*.pdf)"));
            if (!file.isEmpty()) write_sample_form(all[static_cast<std::size_t>(which->currentIndex())]->entry, file);
        },
        [this, no_machine] {
            if (const QString none = no_machine(); !none.isEmpty()) return none;
            return unless(!samples().empty(), tr("No sample of this machine waits for an answer."));
        },
        {tr("laboratory"), tr("print")}});
    add({"logbook.evidence", tr("Keep photograph or receipt"), Qt::SHIFT | Qt::Key_P,
        tr("Kept with the machine by what is in it, for the warranty file."), paper, of_machine, [this] { keep_evidence(); }, no_machine,
        {tr("invoice"), tr("picture"), tr("proof")}});
    add({"logbook.warranty", tr("Write warranty file"), Qt::CTRL | Qt::SHIFT | Qt::Key_W,
        tr("Services, readings, photographs and receipts of the machine in one PDF, each file with its hash."), paper, of_machine,
        [this] {
            const QString file = QFileDialog::getSaveFileName(this, tr("Warranty file"), QStringLiteral("warranty.pdf"), tr("PDF (*.pdf)"));
            if (!file.isEmpty()) write_warranty(file);
        },
        no_machine, {tr("proof"), tr("pdf"), tr("claim")}});
    add({"logbook.run", tr("Take in runs"), Qt::CTRL | Qt::Key_I,
        tr("Takes in what was done at the bench by a guide, each run once: what came back over the desk, or files."), paper, {},
        [this] {
            if (waiting_ > 0) return take_waiting_runs();
            const QStringList files = QFileDialog::getOpenFileNames(this, tr("Runs"), {}, tr("Runs (*.run.json);;All files (*)"));
            if (!files.isEmpty()) take_runs(files);
        },
        {}, {tr("bench"), tr("import"), tr("desk")}, true, [this] { return waiting_ > 0; }});
    add({"logbook.paper", tr("Take in old paper"), Qt::CTRL | Qt::SHIFT | Qt::Key_I,
        tr("Services of before, from a table of machines, days and what was done; shown before anything is taken in."), paper, {},
        [this] {
            const QString file = QFileDialog::getOpenFileName(this, tr("Past services"), {}, tr("Tables (*.csv);;All files (*)"));
            if (!file.isEmpty()) take_paper(file);
        },
        {}, {tr("csv"), tr("import"), tr("past services")}});
    add({"logbook.labels", tr("Print labels"), Qt::CTRL | Qt::Key_P,
        tr("A sheet of labels for the machine: last service, reading, what is due next."), paper, of_machine,
        [this] {
            Form form(tr("Labels of %1").arg(fleet_->machine()), this);
            QStringList names;
            for (const auto& f : core::all_of<shop::LabelForm>()) names << theme::capital(text(core::words_of(f.value)));
            auto* which = form.choice(tr("&For"), names);
            if (!form.ask()) return;
            const QString file = QFileDialog::getSaveFileName(this, tr("Labels"), QStringLiteral("labels.pdf"), tr("PDF (*.pdf)"));
            if (!file.isEmpty()) write_labels(core::all_of<shop::LabelForm>()[static_cast<std::size_t>(which->currentIndex())].value, file);
        },
        no_machine, {tr("panel"), tr("filter"), tr("sticker")}});
    add({"logbook.history", tr("Write the book"), Qt::CTRL | Qt::Key_E,
        tr("The whole logbook as a book to print, a table, or a calendar of what is due."), paper, {},
        [this] {
            const QString file = QFileDialog::getSaveFileName(
                this, tr("Logbook"), QStringLiteral("logbook.pdf"), tr("Book (*.pdf);;Table (*.csv);;Calendar of what is due (*.ics)"));
            const auto form = core::from_name<shop::HistoryForm>(file.section(QLatin1Char('.'), -1).toLower().toStdString());
            if (file.isEmpty()) return;
            if (!form) return say(tr("Give the file the ending .pdf, .csv or .ics."));
            write_history(*form, file);
        },
        {}, {tr("csv"), tr("calendar"), tr("export")}});
    add({"logbook.cancel", tr("Cancel"), Qt::Key_Escape, tr("Stops what is being written; nothing of it stays."), paper, {},
        [this] { work_.cancel(); }, [this] { return unless(work_.busy(), tr("Nothing is under way.")); }, {tr("stop")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
}

}  // namespace anagraph::app
