#include "shop/learner_list.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/base/csv.h"
#include "core/base/utf8.h"
#include "core/edition/post.h"
#include "shop/handout.h"
#include "store/destination.h"
#include "store/files.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr std::int64_t kMostList = 16 << 20;  // bytes
constexpr const char* kHead = "learner,group,left,guide,has,learned\r\n";

}  // namespace

Result<ImportedLearners> import_learners(store::Library& library, const std::string& file, const std::string& post) {
    const auto text = store::read_file(file, kMostList);
    if (!text) return tl::make_unexpected(text.error());
    if (!core::is_utf8(*text))
        return fail(ErrorCode::BadInput, core::say(core::key("Shop", "{0} is no text in UTF-8; save it again as CSV, UTF-8."), file), file);
    auto rows = core::csv_rows(*text);
    if (!rows) return tl::make_unexpected(rows.error());
    std::size_t learner = 0;
    std::size_t group = 1;
    bool headed = false;
    if (!rows->empty())
        for (std::size_t i = 0; i < rows->front().size(); ++i) {
            if (core::same_post(rows->front()[i], "learner")) learner = i, headed = true;
            if (core::same_post(rows->front()[i], "group")) group = i, headed = true;
        }
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    ImportedLearners out;
    std::vector<core::Entry> entries;
    std::vector<std::string> seen;
    for (std::size_t i = headed ? 1 : 0; i < rows->size(); ++i) {
        const auto& row = (*rows)[i];
        const std::string name = core::post_of(learner < row.size() ? row[learner] : "");
        if (name.empty())
            return fail(ErrorCode::BadInput, core::say(core::key("Shop", "Line {0} of the list names no learner."), i + 1), file);
        if (std::any_of(seen.begin(), seen.end(), [&](const std::string& s) { return core::same_post(s, name); })) continue;
        seen.push_back(name);
        const auto* known = records->learner(name);
        if (known != nullptr && !known->left)
            ++out.known;
        else
            entries.emplace_back(core::LearnerAdded{name, group < row.size() ? row[group] : ""}), ++out.added;
    }
    if (!entries.empty())
        if (auto done = library.record(entries, post); !done) return tl::make_unexpected(done.error());
    return out;
}

Outcome export_learners(const store::Library& library, const std::string& file) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    const auto guides = all_editions(library);
    if (!guides) return tl::make_unexpected(guides.error());
    std::string out = kHead;
    for (const auto& l : records->learners()) {
        bool any = false;
        const auto row = [&](const std::string& guide, const std::string& has, const std::string& learned) {
            out += core::csv_row({l.name, l.group, l.left ? "yes" : "", guide, has, learned});
            any = true;
        };
        for (const auto& g : *guides)
            if (const auto had = core::had_by(*records, g.guide, l.name); had.last > 0)
                row(g.guide, std::to_string(had.last), had.confirmed == 0 ? "" : std::to_string(had.confirmed));
        if (!any) row("", "", "");
    }
    const auto there = store::is_there(file) ? store::read_file(file, kMostList).value_or("") : std::string();
    auto place = store::Destination::file(file, {}, there.starts_with(kHead));
    if (!place) return tl::make_unexpected(place.error());
    if (auto written = store::write_file(place->work(), out); !written) return written;
    return place->commit();
}

}  // namespace anagraph::shop
