#include "shop/export.h"

#include <fmt/format.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/learner/learner_check.h"
#include "core/procedure/json.h"
#include "publish/check_page.h"
#include "publish/course.h"
#include "publish/other_forms.h"
#include "publish/pack.h"
#include "publish/pack_files.h"
#include "publish/pdf_maker.h"
#include "publish/print_form.h"
#include "shop/issue.h"
#include "shop/new_file.h"
#include "store/archive.h"
#include "store/destination.h"
#include "store/digest.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

/// An issued edition with its pack, both as they were issued.
struct Kept {
    core::Edition edition;
    std::string mark;
    std::string folder;
};

std::string sha256_of(const core::Edition& edition) { return store::sha256(core::canonical_text(core::to_json(edition))); }

Result<Kept> kept(const store::Library& library, const store::GuideId& guide, int number) {
    const auto folder = library.pack_folder(guide, number);
    if (!folder) return tl::make_unexpected(folder.error());
    const auto verified = publish::verify_pack(*folder);
    if (!verified) return tl::make_unexpected(verified.error());
    if (!verified->undamaged)
        return fail(ErrorCode::Damaged,
            core::say(core::key("Shop", "The kept pack of edition {0} is not what was issued: {1}"), number, verified->troubles.front()),
            *folder);
    auto editions = library.editions(guide);
    if (!editions) return tl::make_unexpected(editions.error());
    for (auto& e : *editions)
        if (e.edition.number == number) return Kept{std::move(e.edition), verified->mark, *folder};
    return fail(ErrorCode::NotFound,
        core::say(core::key("Shop", "There is no edition {0} of \u201C{1}\u201D in this library."), number, guide.text()), guide.text());
}

Outcome write_dita(const Kept& k, const std::string& to) {
    auto place = store::Destination::file(to);
    if (!place) return tl::make_unexpected(place.error());
    auto entries = publish::dita_topics(k.edition, k.mark);
    for (auto& picture : store::entries_of(k.folder))
        if (picture.name.starts_with("plates/")) entries.push_back(std::move(picture));
    if (auto written = store::write_archive(place->work(), entries); !written) return written;
    return place->commit();
}

/// The pack lies in it as it was issued, so that it verifies there too.
Outcome write_course(const Kept& k, publish::CourseForm form, const std::string& to, const store::Progress& progress) {
    auto place = store::Destination::file(to);
    if (!place) return tl::make_unexpected(place.error());
    auto pack = store::entries_of(k.folder);
    std::vector<std::string> names;
    for (const auto& entry : pack) names.push_back(entry.name);
    auto entries = publish::course_files(k.edition, sha256_of(k.edition), form, names);
    for (auto& entry : pack) {
        entry.name = publish::kCoursePack + entry.name;
        entries.push_back(std::move(entry));
    }
    if (auto written = store::write_archive(place->work(), entries, progress); !written) return written;
    return place->commit();
}

std::string captions_of(const Kept& k) {
    std::map<core::StepId, std::string> captions;
    for (std::size_t i = 0; i < k.edition.procedure.steps.size(); ++i) {
        const auto& step = k.edition.procedure.steps[i];
        if (step.clip) captions[step.id] = store::read_file(k.folder + "/" + publish::clip_names(i + 1, *step.clip).captions).value_or("");
    }
    return publish::joined_captions(k.edition, captions);
}

}  // namespace

std::string ending_of(ExportForm form) {
    switch (form) {
        case ExportForm::Html:
            return "";
        case ExportForm::Pdf:
        case ExportForm::Print:
        case ExportForm::Card:
        case ExportForm::Check:
            return ".pdf";
        case ExportForm::Dita:
        case ExportForm::Scorm12:
        case ExportForm::Cmi5:
            return ".zip";
        case ExportForm::Csv:
            return ".csv";
        case ExportForm::Json:
            return ".json";
        case ExportForm::Vtt:
            return ".vtt";
    }
    return "";
}

Outcome export_edition(const store::Library& library, const store::GuideId& guide, int number, ExportForm form, const std::string& to,
    const store::Progress& progress, std::uint64_t seed) {
    if (form == ExportForm::Html) return deliver(library, guide, number, to, progress);
    // the place first: nobody waits for what cannot be put there
    if (auto place = store::Destination::file(to); !place) return tl::make_unexpected(place.error());
    const auto k = kept(library, guide, number);
    if (!k) return tl::make_unexpected(k.error());
    const auto go_on = [&] { return !progress || progress(0.5); };
    const auto pictures = [&]() -> Result<publish::PackFiles> {
        const auto pack = publish::PackSource::open(k->folder);
        if (!pack) return tl::make_unexpected(pack.error());
        return publish::pack_files_in(**pack, k->edition.procedure);
    };
    switch (form) {
        case ExportForm::Html:
            break;
        case ExportForm::Pdf:
            return write_new_file(to, publish::archive_pdf_of(k->folder, "guide.html", sha256_of(k->edition), k->edition.issued, go_on));
        case ExportForm::Print: {
            const auto files = pictures();
            if (!files) return tl::make_unexpected(files.error());
            return write_new_file(to, publish::print_form(k->edition, k->mark, *files, k->folder, go_on));
        }
        case ExportForm::Card:
            return write_new_file(to, publish::pdf_of_text(publish::bench_card(k->edition, k->mark)));
        case ExportForm::Check: {
            const auto files = pictures();
            if (!files) return tl::make_unexpected(files.error());
            return write_new_file(to,
                publish::pdf_of_text(
                    publish::check_sheet(k->edition, k->mark, seed != 0 ? seed : core::own_check(k->mark), *files, k->folder)));
        }
        case ExportForm::Scorm12:
            return write_course(*k, publish::CourseForm::Scorm12, to, progress);
        case ExportForm::Cmi5:
            return write_course(*k, publish::CourseForm::Cmi5, to, progress);
        case ExportForm::Dita:
            return write_dita(*k, to);
        case ExportForm::Csv:
            return write_new_file(to, publish::figures_table(k->edition));
        case ExportForm::Json:
            return write_new_file(to, core::canonical_text(core::to_json(k->edition.procedure)));
        case ExportForm::Vtt:
            return write_new_file(to, captions_of(*k));
    }
    return {};
}

}  // namespace anagraph::shop
