// Into the logbook and out of it: runs that come back, the history in open forms.
#pragma once

#include <string>
#include <vector>

#include "core/base/named.h"
#include "core/logbook/due_list.h"
#include "core/logbook/run.h"
#include "store/files.h"
#include "store/library.h"

namespace anagraph::shop {

struct TakenRun {
    std::int64_t entry = 0;  // of the run
    bool again = false;      // it was in the logbook already; nothing was added
    std::string machine;
};
/// Takes a run in with all that follows from it, or nothing of it; the same run once. Errors: those of run_from_json(); Refused where this
/// library issued no such edition under that mark, or the edition is of another guide; NotFound for a machine the logbook does not know;
/// those of core::Logbook::add().
core::Result<TakenRun> take_run(store::Library& library, std::string_view run, const std::string& post);

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

enum class HistoryForm { Csv, Ics, Pdf };

/// The history as a table, what is due as a calendar, or a book to print, by machine and year. Errors: those of reading and writing.
core::Outcome write_history(
    const store::Library& library, HistoryForm form, const std::string& file, core::Day today, const store::Progress& progress = {});

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
