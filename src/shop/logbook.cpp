#include "shop/logbook.h"

#include <fmt/format.h>
#include <sodium.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/edition/post.h"
#include "core/logbook/history.h"
#include "core/logbook/sample_trend.h"
#include "publish/logbook_pages.h"
#include "publish/pdf_maker.h"
#include "publish/run_pages.h"
#include "shop/desk/desk.h"
#include "shop/inbox.h"
#include "shop/issued.h"
#include "shop/new_file.h"
#include "store/destination.h"
#include "store/digest.h"
#include "store/objects/object_cache.h"
#include "store/signing_key.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr std::int64_t kMostRun = 64 << 20;         // bytes
constexpr std::int64_t kMostPhotograph = 16 << 20;  // bytes

/// The edition that a run names; null: none of these.
const Issued* issued_under(const ByMark& all, const core::Run& run) {
    // a mark is told whole, "KQ-PT60-100 / 2 / a08904e8", or by its digits alone
    const std::string digits = run.mark.substr(run.mark.rfind(' ') + 1);
    for (const auto& [mark, issued] : all)
        if (issued.edition.number == run.edition && !digits.empty() && mark.substr(mark.rfind(' ') + 1) == digits &&
            (run.guide == issued.guide || run.guide == issued.edition.procedure.header.number))
            return &issued;
    return nullptr;
}

/// Every signature made with a key holds, and the key is the post's. Errors: Refused.
Outcome signatures_hold(const store::Library& library, const core::Run& run) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    const auto keys = records->keys();
    for (const auto& s : run.signed_by) {
        if (s.key.empty() && s.signature.empty()) continue;  // signed by name, on a tablet without keys
        const bool known = std::any_of(
            keys.begin(), keys.end(), [&](const core::KeyHeld& k) { return core::same_post(k.post, s.post) && k.key == s.key; });
        if (!known || !store::is_signed(core::signed_text(run), s.signature, s.key))
            return fail(ErrorCode::Refused,
                core::say(core::key("Shop", "The signature of {0} does not hold for this run: it was altered, or signed with another key."),
                    s.post));
    }
    return {};
}

std::vector<std::string> evidence_of(const core::Run& run) {
    std::vector<std::string> out;
    for (const auto& s : run.steps)
        for (const auto& e : s.evidence) out.push_back(e.sha256);
    for (const auto& f : run.findings) out.insert(out.end(), f.evidence.begin(), f.evidence.end());
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

/// Keeps a photograph that came within the run, if it is the one that is named.
Outcome keep_photograph(store::Library& library, const std::string& sha256, const std::string& bytes) {
    if (store::sha256(bytes) != sha256)
        return fail(ErrorCode::Damaged,
            core::key("Shop", "A photograph of this run is not the one it names; hand in the file as the guide saved it."));
    auto work = store::Library::work_folder(library.place());
    if (!work) return tl::make_unexpected(work.error());
    const std::string file = work->path() + "/photograph";
    if (auto written = store::write_file(file, bytes); !written) return written;
    const auto kept = library.keep_document(file);
    return kept ? Outcome{} : tl::make_unexpected(kept.error());
}

/// What base64 (RFC 4648) stands for; empty where it is none.
std::string bytes_of_base64(const std::string& text) {
    std::string out(text.size() / 4 * 3 + 3, '\0');
    std::size_t size = 0;
    if (::sodium_base642bin(reinterpret_cast<unsigned char*>(out.data()), out.size(), text.data(), text.size(), nullptr, &size, nullptr,
            sodium_base64_VARIANT_ORIGINAL) != 0)
        size = 0;
    out.resize(size);
    return out;
}

/// Brings in the photographs of a run from the run itself and from the inbox. Gives back how many are nowhere.
Result<int> keep_photographs(store::Library& library, const core::Run& run, const json& text) {
    int missing = 0;
    for (const auto& sha256 : evidence_of(run)) {
        const std::string kept = library.document_path(core::DocumentId(sha256));
        if (auto here = store::make_here(kept); !here && here.error().code != ErrorCode::NotFound) return tl::make_unexpected(here.error());
        if (store::is_there(kept)) continue;
        if (text.contains("files") && text.at("files").is_object() && text.at("files").contains(sha256) &&
            text.at("files").at(sha256).is_string()) {
            const auto& coded = text.at("files").at(sha256).get_ref<const std::string&>();
            if (auto brought = keep_photograph(library, sha256, bytes_of_base64(coded)); !brought)
                return tl::make_unexpected(brought.error());
            continue;
        }
        const std::string waiting = library.own_folder() + kInbox + "/" + sha256 + kEvidenceEnding;
        const auto bytes = store::read_file(waiting, kMostPhotograph);
        if (!bytes || !keep_photograph(library, sha256, *bytes)) ++missing;
    }
    return missing;
}

std::string number(double value) { return fmt::format("{:.6g}", value); }

}  // namespace

Result<TakenRun> take_run(store::Library& library, std::string_view text, const std::string& post) {
    auto run = core::run_from_json(text);
    if (!run) return tl::make_unexpected(run.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    if (const auto* had = log->run(run->id)) return TakenRun{had->number, true, std::get<core::RunTaken>(had->body).machine};
    const auto all = editions_by_mark(library);
    if (!all) return tl::make_unexpected(all.error());
    const auto* issued = issued_under(*all, *run);
    if (issued == nullptr)
        return fail(ErrorCode::Refused,
            core::say(
                core::key("Shop", "This library issued no edition {0} of \u201C{1}\u201D under the mark {2}; the run is not taken in."),
                run->edition, run->guide, run->mark));
    if (auto hold = signatures_hold(library, *run); !hold) return tl::make_unexpected(hold.error());
    const auto* machine = run->serial.empty() ? nullptr : log->machine(run->serial);
    if (machine == nullptr) machine = log->machine(run->machine);
    if (machine == nullptr)
        return fail(ErrorCode::NotFound,
            core::say(core::key("Shop", "The logbook knows no machine \u201C{0}\u201D; add it first, then take the run in."),
                run->serial.empty() ? run->machine : run->serial),
            run->machine);
    json came = json::parse(text, nullptr, false);
    const auto missing = keep_photographs(library, *run, came);
    if (!missing) return tl::make_unexpected(missing.error());
    // photographs lie in the library from here on
    const std::string body = came.erase("files") > 0 ? core::canonical_text(came) : std::string(text);
    run->guide = issued->guide;
    std::vector<std::string> stocked;
    for (const auto& s : log->stock()) stocked.push_back(s.item);
    std::vector<core::LogBody> entries{core::RunTaken{run->id, machine->about.name, body}};
    for (auto& e : core::entries_of(*run, machine->about.name, issued->edition.procedure.header.title, stocked))
        entries.push_back(std::move(e));
    const auto first = log->next_number();
    const auto done = library.log(entries, post);
    if (!done) return tl::make_unexpected(done.error());
    return TakenRun{done->run(run->id) == nullptr ? first : done->run(run->id)->number, false, machine->about.name, *missing};
}

Result<std::vector<core::RunInLog>> runs_of(const store::Library& library, const core::Logbook& log) {
    const auto all = editions_by_mark(library);
    if (!all) return tl::make_unexpected(all.error());
    return runs_of(log, *all);
}

std::vector<core::RunInLog> runs_of(const core::Logbook& log, const ByMark& editions) {
    std::vector<core::RunInLog> out;
    for (const auto& e : log.all()) {
        const auto* taken = std::get_if<core::RunTaken>(&e.body);
        if (taken == nullptr || log.is_struck(e.number)) continue;
        auto run = core::run_from_json(taken->body);
        if (!run) continue;
        const auto* issued = issued_under(editions, *run);
        std::string guide = issued == nullptr ? run->guide : issued->guide;
        out.push_back({e.number, taken->machine, std::move(guide), std::move(*run)});
    }
    return out;
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

const core::Machine* machine_named(const core::Logbook& log, std::string_view typed) {
    if (const auto* m = log.machine(typed)) return m;
    // a label's code: its name, its serial and more, parted by strokes
    for (std::size_t at = 0; at <= typed.size();) {
        const auto end = std::min(typed.find(" / ", at), typed.size());
        if (const auto* m = log.machine(typed.substr(at, end - at))) return m;
        at = end + 3;
    }
    return nullptr;
}

Outcome write_certificate(const core::Run& run, const core::Edition& edition, const std::string& file) {
    if (auto place = store::Destination::file(file); !place) return tl::make_unexpected(place.error());
    return write_new_file(file, publish::pdf_of_text(publish::certificate(run, edition)));
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
            if (progress && !progress(0.3))
                return fail(ErrorCode::Cancelled, core::key("Shop", "Writing the book was stopped; nothing of it is kept."));
            return write_new_file(file, publish::pdf_of_text(publish::history_book(*log)));
    }
    return {};
}

namespace {

tl::unexpected<core::Error> no_machine(const std::string& name) {
    return fail(
        ErrorCode::NotFound, core::say(core::key("Shop", "The logbook knows no machine \u201C{0}\u201D; add it first."), name), name);
}

/// The ending of a picture by its first bytes; empty: it is none.
std::string picture_ending(const std::string& bytes) {
    if (bytes.starts_with("\xFF\xD8\xFF")) return ".jpg";
    if (bytes.starts_with("\x89PNG")) return ".png";
    return "";
}

/// Photographs of its runs and what was kept with the machine, each once.
std::vector<publish::EvidenceShown> evidence_shown(const core::Machine& m, const std::vector<core::RunInLog>& runs) {
    std::vector<publish::EvidenceShown> out;
    const auto add = [&](const std::string& sha256, std::string words) {
        if (std::none_of(out.begin(), out.end(), [&](const auto& e) { return e.sha256 == sha256; }))
            out.push_back({sha256, std::move(words), ""});
    };
    for (const auto& r : runs)
        for (const auto& s : r.run.steps)
            for (const auto& e : s.evidence)
                add(e.sha256, fmt::format("{} of step {}, {}, by {}", e.kind, s.id, e.at.substr(0, 10), r.run.who));
    for (const auto& e : m.evidence)
        add(e.what.sha256,
            fmt::format(
                "{}{}{}, {}", core::spoken_name_of(e.what.sort), e.what.words.empty() ? "" : ": ", e.what.words, core::text_of(e.on)));
    return out;
}

}  // namespace

Outcome write_warranty(const store::Library& library, const std::string& name, const std::string& file, core::Day today) {
    if (auto place = store::Destination::file(file); !place) return tl::make_unexpected(place.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    const auto* m = log->machine(name);
    if (m == nullptr) return no_machine(name);
    auto runs = runs_of(library, *log);
    if (!runs) return tl::make_unexpected(runs.error());
    std::erase_if(*runs, [&](const core::RunInLog& r) { return r.machine != m->about.name; });
    auto files = evidence_shown(*m, *runs);
    std::vector<std::pair<std::string, std::string>> pictures;  // their names and bytes
    for (auto& f : files) {
        const std::string kept = library.document_path(core::DocumentId(f.sha256));
        if (auto here = store::make_here(kept); !here && here.error().code != ErrorCode::NotFound) return here;
        const auto bytes = store::read_file(kept, kMostPhotograph);
        f.missing = !bytes || store::sha256(*bytes) != f.sha256;
        const std::string ending = f.missing ? "" : picture_ending(*bytes);
        if (ending.empty()) continue;
        f.picture = f.sha256.substr(0, 16) + ending;
        pictures.emplace_back(f.picture, *bytes);
    }
    return write_new_file(file,
        publish::pdf_of_text(publish::warranty_file(*m, *runs, files, core::text_of(today)), [&](const std::string& folder) -> Outcome {
            for (const auto& [picture, bytes] : pictures)
                if (auto written = store::write_file(folder + "/" + picture, bytes); !written) return written;
            return {};
        }));
}

Outcome write_sample_form(const store::Library& library, std::int64_t sample, const std::string& file) {
    if (auto place = store::Destination::file(file); !place) return tl::make_unexpected(place.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    const auto& all = log->samples();
    const auto it = std::find_if(all.begin(), all.end(), [&](const core::SampleInLog& s) { return s.entry == sample; });
    if (it == all.end())
        return fail(ErrorCode::NotFound, core::say(core::key("Shop", "Entry {0} is no sample."), sample), std::to_string(sample));
    std::vector<std::string> earlier;
    for (const auto& trend : core::sample_trends(*log, it->what.machine))
        if (core::same_post(trend.fluid, it->what.fluid)) earlier.push_back(trend.words());
    return write_new_file(file, publish::pdf_of_text(publish::sample_form(*log->machine(it->what.machine), *it, earlier)));
}

Outcome keep_evidence(store::Library& library, core::EvidenceKept about, const std::string& file, const std::string& post) {
    const auto kept = library.keep_document(file);
    if (!kept) return tl::make_unexpected(kept.error());
    about.sha256 = kept->text();
    const auto done = library.log({std::move(about)}, post);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

Outcome write_label(const store::Library& library, const std::string& name, LabelForm form, const std::string& file, core::Day today) {
    if (auto place = store::Destination::file(file); !place) return tl::make_unexpected(place.error());
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    const auto* m = log->machine(name);
    if (m == nullptr) return no_machine(name);
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
