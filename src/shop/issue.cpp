#include "shop/issue.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <nlohmann/json.hpp>
#include <set>

#include "core/procedure/open_points.h"
#include "core/tape/spoken_lines.h"
#include "media/recording_index.h"
#include "store/digest.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;

namespace {

/// The recordings that plates and clips are taken from.
std::set<core::RecordingId> pictured(const core::Procedure& p) {
    std::set<core::RecordingId> out;
    for (const auto& s : p.steps) {
        for (const auto& plate : s.plates) out.insert(plate.recording);
        if (s.clip) out.insert(s.clip->take.recording);
    }
    return out;
}

}  // namespace

core::Result<publish::PackRequest> prepare_issue(const store::Library& library, const store::GuideId& guide, const std::string& author, const std::string& checker) {
    auto procedure = library.load_guide(guide);
    if (!procedure) return tl::make_unexpected(procedure.error());
    auto reasons = core::reasons_not_to_issue(*procedure);
    if (author.empty()) reasons.emplace_back("Say who wrote it.");
    if (checker.empty())
        reasons.emplace_back("Say who checked it: a second person, by post.");
    else if (checker == author)
        reasons.emplace_back("Author and checker are the same; a second person checks.");
    const auto editions = library.editions(guide);
    if (!editions) return tl::make_unexpected(editions.error());
    publish::PackRequest request;
    request.edition = {editions->empty() ? 1 : editions->back().edition.number + 1, store::utc_now(), author, checker, std::move(*procedure), {}};
    const auto house = library.house();
    if (!house) return tl::make_unexpected(house.error());
    request.edition.rule = core::rule_text(*house);
    request.edition.methods = house->methods;
    // what reviewers said to the author is not for the learner
    for (auto& step : request.edition.procedure.steps) step.comments.clear();
    if (!editions->empty()) {
        auto changes = core::differences(editions->back().edition.procedure, request.edition.procedure);
        for (auto& c : core::method_differences(editions->back().edition, request.edition)) changes.push_back(std::move(c));
        if (changes.empty()) reasons.push_back(fmt::format("Nothing has changed since edition {}.", editions->back().edition.number));
        for (const auto& c : changes) request.edition.changes.push_back(c.text);
    }
    if (!reasons.empty()) return fail(ErrorCode::Refused, fmt::format("{}", fmt::join(reasons, " ")), guide.text());
    request.sha256 = store::sha256(core::canonical_text(core::to_json(request.edition)));
    request.folder = library.edition_folder(guide, request.edition.number);
    for (const auto& id : pictured(request.edition.procedure)) {
        const auto entry = library.recording(id);
        if (!entry) return tl::make_unexpected(entry.error());
        const auto index = media::load_index(library.recording_folder(id));
        if (!index) return tl::make_unexpected(index.error());
        const auto narration = library.narration(id);
        if (!narration) return tl::make_unexpected(narration.error());
        // captions are the words as the author put them right
        request.recordings.push_back({id, entry->path, index->rotation, index->pixel_aspect, core::spoken_lines(*narration, request.edition.procedure.find(id)).lines});
    }
    return request;
}

core::Result<std::string> enter_edition(store::Library& library, const store::GuideId& guide, const publish::PackRequest& request) { return library.add_edition(guide, request.edition); }

}  // namespace anagraph::shop
