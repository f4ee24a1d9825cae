#include "shop/logbook.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/edition/post.h"
#include "core/logbook/history.h"
#include "publish/logbook_pages.h"
#include "publish/pdf_maker.h"
#include "shop/inbox.h"
#include "shop/new_file.h"
#include "store/destination.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr std::int64_t kMostRun = 64 << 20;  // bytes

/// The edition that a run names, as this library issued it. Errors: Refused.
Result<core::Edition> edition_of(const store::Library& library, const core::Run& run) {
    const auto unknown = [&] {
        return fail(ErrorCode::Refused,
            fmt::format("This library issued no edition {} of \u201C{}\u201D under the mark {}; the run is not taken in.", run.edition,
                run.guide, run.mark));
    };
    const auto editions = library.editions(store::GuideId(run.guide));
    if (!editions) return editions.error().code == ErrorCode::NotFound ? unknown() : tl::make_unexpected(editions.error());
    // a mark is told whole, "KQ-PT60-100 / 2 / a08904e8", or by its digits alone
    const std::string digits = run.mark.substr(run.mark.rfind(' ') + 1);
    for (const auto& e : *editions)
        if (e.edition.number == run.edition && !digits.empty() && e.sha256.substr(0, 8) == digits) return e.edition;
    return unknown();
}

std::string number(double value) { return fmt::format("{:.6g}", value); }

}  // namespace

Result<TakenRun> take_run(store::Library& library, std::string_view text, const std::string& post) {
    const auto run = core::run_from_json(text);
    if (!run) return tl::make_unexpected(run.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    if (const auto* had = log->run(run->id)) return TakenRun{had->number, true, std::get<core::RunTaken>(had->body).machine};
    const auto edition = edition_of(library, *run);
    if (!edition) return tl::make_unexpected(edition.error());
    const auto* machine = run->serial.empty() ? nullptr : log->machine(run->serial);
    if (machine == nullptr) machine = log->machine(run->machine);
    if (machine == nullptr)
        return fail(ErrorCode::NotFound,
            fmt::format("The logbook knows no machine \u201C{}\u201D; add it first, then take the run in.",
                run->serial.empty() ? run->machine : run->serial),
            run->machine);
    std::vector<std::string> stocked;
    for (const auto& s : log->stock()) stocked.push_back(s.item);
    std::vector<core::LogBody> entries{core::RunTaken{run->id, machine->about.name, std::string(text)}};
    for (auto& e : core::entries_of(*run, machine->about.name, edition->procedure.header.title, stocked)) entries.push_back(std::move(e));
    const auto first = log->next_number();
    const auto done = library.log(entries, post);
    if (!done) return tl::make_unexpected(done.error());
    return TakenRun{done->run(run->id) == nullptr ? first : done->run(run->id)->number, false, machine->about.name};
}

std::vector<std::string> waiting_runs(const store::Library& library) { return waiting_in_inbox(library, ".run.json"); }

Result<std::vector<WaitingRun>> take_waiting_runs(store::Library& library, const std::string& post) {
    const auto taken = folder_of_taken(library);
    if (!taken) return tl::make_unexpected(taken.error());
    std::vector<WaitingRun> out;
    for (const auto& file : waiting_runs(library)) {
        const auto text = store::read_file(file, kMostRun);
        out.push_back({file, text ? take_run(library, *text, post) : tl::make_unexpected(text.error())});
        if (out.back().taken) put_to_taken(file, *taken);
    }
    return out;
}

Outcome write_history(
    const store::Library& library, HistoryForm form, const std::string& file, core::Day today, const store::Progress& progress) {
    if (auto place = store::Destination::file(file); !place) return tl::make_unexpected(place.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    switch (form) {
        case HistoryForm::Csv:
            return write_new_file(file, core::history_table(*log));
        case HistoryForm::Ics:
            return write_new_file(file, core::due_calendar(core::due_list(*log, today), store::utc_now()));
        case HistoryForm::Pdf:
            if (progress && !progress(0.3)) return fail(ErrorCode::Cancelled, "Writing the book was stopped; nothing of it is kept.");
            return write_new_file(file, publish::pdf_of_text(publish::history_book(*log)));
    }
    return {};
}

Outcome write_label(const store::Library& library, const std::string& name, LabelForm form, const std::string& file, core::Day today) {
    if (auto place = store::Destination::file(file); !place) return tl::make_unexpected(place.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    const auto* m = log->machine(name);
    if (m == nullptr)
        return fail(ErrorCode::NotFound, fmt::format("The logbook knows no machine \u201C{}\u201D; add it first.", name), name);
    publish::Label label;
    label.head = m->about.name;
    label.code = fmt::format("{}{}", m->about.name, m->about.serial.empty() ? "" : " / " + m->about.serial);
    if (!m->services.empty()) {
        const auto& last = m->services.back();
        label.lines.push_back(last.what.what);
        std::string when = core::text_of(last.on);
        for (const auto& meter : m->meters)
            if (const auto* point = meter.at(last.on)) when += fmt::format(", {} {}", number(point->shown), meter.unit->symbol);
        label.lines.push_back(when);
        label.code += fmt::format(" / entry {} / {}", last.entry, when);
    } else {
        label.lines.emplace_back("No service is entered.");
    }
    if (!m->about.serial.empty()) label.lines.push_back("serial " + m->about.serial);
    for (const auto& due : core::due_of_machine(*m, today)) {
        if (!due.trouble.empty()) continue;
        label.next = "Next " + due.rule + ":";
        if (due.next.due_reading) label.next += fmt::format(" {} {}", number(*due.next.due_reading), due.unit->symbol);
        if (due.next.due_day) label.next += fmt::format("{} {}", due.next.due_reading ? " or about" : "", core::text_of(*due.next.due_day));
        break;
    }
    const auto [across, down] = form == LabelForm::Panel ? std::pair(2, 7) : form == LabelForm::Filter ? std::pair(3, 8) : std::pair(4, 11);
    return write_new_file(file, publish::pdf_of_text(publish::label_sheet(label, across, down)));
}

}  // namespace anagraph::shop
