// An issued edition in other open forms.
#pragma once

#include <cstdint>
#include <string>

#include "core/base/named.h"
#include "store/files.h"
#include "store/library.h"

namespace anagraph::shop {

enum class ExportForm { Html, Pdf, Print, Card, Check, Scorm12, Cmi5, Dita, Csv, Json, Vtt };

/// What each form is, as the window lists them, and its usual ending; empty: a folder.
std::string ending_of(ExportForm form);

/// Writes an edition in another form, from its kept pack. `seed`: which of its checks; 0: its own. Nothing is written over but what
/// Destination allows. Errors: NotFound; Damaged where the kept pack is not what was issued; those of making and of writing; Cancelled.
core::Outcome export_edition(const store::Library& library, const store::GuideId& guide, int edition, ExportForm form,
    const std::string& to, const store::Progress& progress = {}, std::uint64_t seed = 0);

}  // namespace anagraph::shop

namespace anagraph::core {
template <>
struct Names<shop::ExportForm> {
    static constexpr auto all = std::to_array<Named<shop::ExportForm>>(
        {{shop::ExportForm::Html, "html", "pack as it was issued"}, {shop::ExportForm::Pdf, "pdf", "PDF for the archive"},
            {shop::ExportForm::Print, "print", "black and white, two columns"}, {shop::ExportForm::Card, "card", "one page for the bench"},
            {shop::ExportForm::Check, "check", "check of the learner, with a sheet of answers"},
            {shop::ExportForm::Scorm12, "scorm12", "course for a learning platform, SCORM 1.2"},
            {shop::ExportForm::Cmi5, "cmi5", "course for a learning platform, cmi5"}, {shop::ExportForm::Dita, "dita", "DITA topics"},
            {shop::ExportForm::Csv, "csv", "table of figures"}, {shop::ExportForm::Json, "json", "procedure as JSON"},
            {shop::ExportForm::Vtt, "vtt", "captions of the clips"}});
};
}  // namespace anagraph::core
