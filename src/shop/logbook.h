// Into the logbook and out of it: runs that come back, the history in open forms.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/named.h"
#include "core/edition/edition.h"
#include "core/logbook/due_list.h"
#include "core/logbook/run.h"
#include "shop/issued.h"
#include "store/files.h"
#include "store/library.h"

namespace anagraph::shop {

struct TakenRun {
    std::int64_t entry = 0;  // of the run
    bool again = false;      // it was in the logbook already; nothing was added
    std::string machine;
    int photographs_missing = 0;  // that it names and nobody handed in yet
};
/// Takes a run in with all that follows from it, or nothing of it; the same run once. Its guide is named by its id or its number;
/// photographs that came within it or over the desk are kept by what is in them. Errors: those of
/// run_from_json(); Refused where this library issued no such edition under that mark, the edition is of another guide, or a signature does
/// not hold; Damaged for a photograph that is not what the run names; NotFound for a machine the logbook does not know; those of
/// core::Logbook::add().
core::Result<TakenRun> take_run(store::Library& library, std::string_view run, const std::string& post);

/// The runs of the logbook that were not struck, in the order they came, each with the guide it was done by. One that a newer version
/// wrote in another form is left out. Errors: those of reading the library.
core::Result<std::vector<core::RunInLog>> runs_of(const store::Library& library, const core::Logbook& log);
std::vector<core::RunInLog> runs_of(const core::Logbook& log, const ByMark& editions);

/// Runs that came back over the desk and wait, as files.
std::vector<std::string> waiting_runs(const store::Library& library);
/// What became of one of them.
struct WaitingRun {
    std::string file;
    core::Result<TakenRun> taken;
};
/// Takes them in, each for itself. What is in the logbook waits no longer: it lies in the folder "taken" of the inbox from then on; what is
/// refused waits, and says why. Errors: those of making that folder.
core::Result<std::vector<WaitingRun>> take_waiting_runs(store::Library& library, const std::string& post);

/// The machine that a person means: by its name, its serial, or the code of its label as it was scanned. Null: none.
const core::Machine* machine_named(const core::Logbook& log, std::string_view typed);

/// The page for the learner of a run. Errors: those of making and writing it.
core::Outcome write_certificate(const core::Run& run, const core::Edition& edition, const std::string& file);

enum class HistoryForm { Csv, Ics, Pdf };

/// The history as a table, what is due as a calendar, or a book to print, by machine and year. Errors: those of reading and writing.
core::Outcome write_history(
    const store::Library& library, HistoryForm form, const std::string& file, core::Day today, const store::Progress& progress = {});

/// Services, runs, photographs and receipts of a machine in one PDF, each file named by its SHA-256. Errors: NotFound; those of reading,
/// making and writing.
core::Outcome write_warranty(const store::Library& library, const std::string& machine, const std::string& file, core::Day today);

/// The form that goes with a sample, by the number of its entry. Errors: NotFound; those of making and writing.
core::Outcome write_sample_form(const store::Library& library, std::int64_t sample, const std::string& file);

/// Keeps a photograph or a receipt of a machine: the file and the entry that names it. Errors: those of reading it and of the logbook.
core::Outcome keep_evidence(store::Library& library, core::EvidenceKept about, const std::string& file, const std::string& post);

enum class LabelForm { Panel, Filter, Part };

/// A sheet of labels for a machine: date, reading, fluid, next due and the code of its last service. Errors: NotFound; those of making and
/// writing.
core::Outcome write_label(
    const store::Library& library, const std::string& machine, LabelForm form, const std::string& file, core::Day today);

}  // namespace anagraph::shop

namespace anagraph::core {
template <>
struct Names<shop::HistoryForm> {
    static constexpr auto all = std::to_array<Named<shop::HistoryForm>>({{shop::HistoryForm::Csv, "csv", "table"},
        {shop::HistoryForm::Ics, "ics", "calendar of what is due"}, {shop::HistoryForm::Pdf, "pdf", "book to print"}});
};
template <>
struct Names<shop::LabelForm> {
    static constexpr auto all = std::to_array<Named<shop::LabelForm>>({{shop::LabelForm::Panel, "panel", "for the panel"},
        {shop::LabelForm::Filter, "filter", "for the filter"}, {shop::LabelForm::Part, "part", "for a part"}});
};
}  // namespace anagraph::core
