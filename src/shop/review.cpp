#include "shop/review.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

#include "core/edition/post.h"
#include "core/house/house.h"
#include "store/digest.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

std::size_t ReviewNow::passed() const {
    return static_cast<std::size_t>(std::count_if(places.begin(), places.end(), [](const PlaceInReview& p) { return p.passed; }));
}

core::Words ReviewNow::not_by(const std::string& post) const {
    if (core::post_of(post).empty()) return core::key("Shop", "Say who checks, by post.");
    if (core::is_one_of(post, authors))
        return core::say(
            core::key("Shop", "The {0} changed this guide since the last edition; a second person checks it."), core::post_of(post));
    return {};
}

bool ReviewNow::checked_by(const std::string& post) const {
    return std::any_of(checks.begin(), checks.end(), [&](const auto& c) { return core::same_post(c.by, post); });
}

Result<core::Edition> edition_as_it_stands(const store::Library& library, core::Procedure p) {
    const auto house = library.house();
    if (!house) return tl::make_unexpected(house.error());
    // what reviewers said to the author is not for the learner
    for (auto& step : p.steps) step.comments.clear();
    core::Edition e{1, "", "", "", std::move(p), {}};
    e.rule = core::rule_text(*house);
    e.methods = house->methods;
    e.desk = house->desk;
    e.wrenches = core::wrench_settings(e.procedure, house->wrenches);
    return e;
}

Result<ReviewNow> review(const store::Library& library, const store::GuideId& guide, const std::string& post) {
    ReviewNow out;
    auto state = library.guide_state(guide);
    if (!state) return tl::make_unexpected(state.error());
    out.reasons = core::reasons_not_to_check(state->procedure);
    auto now = edition_as_it_stands(library, std::move(state->procedure));
    if (!now) return tl::make_unexpected(now.error());
    out.now = std::move(*now);
    auto editions = library.editions(guide);
    if (!editions) return tl::make_unexpected(editions.error());
    std::int64_t since = 0;
    if (!editions->empty()) {
        out.before = std::move(editions->back().edition);
        const auto sequence = library.sequence_of(guide, out.before->number);
        if (!sequence) return tl::make_unexpected(sequence.error());
        since = *sequence;
    }
    // before a first edition: whoever began it, with what it began with, and all who changed it after that
    const bool first = since == 0;
    const auto history = library.history(guide, since);
    if (!history) return tl::make_unexpected(history.error());
    auto then = library.guide_state_at(guide, first ? 1 : since);
    if (!then) return tl::make_unexpected(then.error());
    std::vector<core::Authored> changes;
    for (const auto& h : *history)
        if (h.sequence > 1 || !first) changes.push_back({h.author, h.change});
    out.authors = core::authors_of(std::move(then->procedure), changes);
    if (first && !history->empty() && !core::is_one_of(history->front().author, out.authors))
        out.authors.insert(out.authors.begin(), history->front().author);

    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    std::set<std::pair<std::string, std::string>> passes;  // place and state
    for (const auto& p : records->kept<core::PlacePassed>())
        if (p.what.guide == guide.text() && core::same_post(p.by, post)) passes.emplace(p.what.place, p.what.state);
    const auto places = core::review_places(out.before ? &*out.before : nullptr, out.now);
    out.state = store::sha256(core::review_content(places));
    for (const auto& place : places) {
        const std::string at = store::sha256(place.content);
        out.places.push_back({place, at, passes.contains({place.id, at})});
    }
    for (auto& c : records->checks(guide.text()))
        if (c.what.state == out.state) out.checks.push_back(std::move(c));
    return out;
}

Outcome pass_places(store::Library& library, const store::GuideId& guide, const std::vector<std::string>& places, const std::string& post) {
    const auto now = review(library, guide, post);
    if (!now) return tl::make_unexpected(now.error());
    if (const auto why = now->not_by(post); !why.empty()) return fail(ErrorCode::Refused, why, guide.text());
    std::vector<core::Entry> entries;
    for (const auto& id : places) {
        const auto it = std::find_if(now->places.begin(), now->places.end(), [&](const PlaceInReview& p) { return p.place.id == id; });
        if (it == now->places.end())
            return fail(ErrorCode::NotFound, core::key("Shop", "That place is not in the guide any more; look at the list again."), id);
        if (!it->passed) entries.emplace_back(core::PlacePassed{guide.text(), id, it->state});
    }
    auto done = library.record(entries, post);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

Outcome take_pass_back(store::Library& library, const store::GuideId& guide, const std::string& place, const std::string& post) {
    const auto now = review(library, guide, post);
    if (!now) return tl::make_unexpected(now.error());
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    const auto it = std::find_if(now->places.begin(), now->places.end(), [&](const PlaceInReview& p) { return p.place.id == place; });
    std::vector<core::Entry> entries;
    constexpr const char* kBecause = "passed by mistake";
    if (it != now->places.end())
        for (const auto& p : records->kept<core::PlacePassed>())
            if (p.what.guide == guide.text() && p.what.place == place && p.what.state == it->state && core::same_post(p.by, post))
                entries.emplace_back(core::Struck{p.number, kBecause});
    if (entries.empty()) return fail(ErrorCode::NotFound, core::key("Shop", "This place was not passed as it stands."), place);
    for (const auto& c : now->checks)
        if (core::same_post(c.by, post)) entries.emplace_back(core::Struck{c.number, kBecause});
    auto done = library.record(entries, post);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

Outcome check_guide(store::Library& library, const store::GuideId& guide, const std::string& post, const std::string& note) {
    const auto now = review(library, guide, post);
    if (!now) return tl::make_unexpected(now.error());
    auto reasons = now->reasons;
    if (auto why = now->not_by(post); !why.empty()) reasons.insert(reasons.begin(), std::move(why));
    if (!reasons.empty()) return fail(ErrorCode::Refused, core::one_after_other(reasons), guide.text());
    std::vector<core::Entry> entries;
    for (const auto& p : now->places)
        if (!p.passed) entries.emplace_back(core::PlacePassed{guide.text(), p.place.id, p.state});
    entries.emplace_back(core::Checked{guide.text(), now->state, note});
    auto done = library.record(entries, post);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

}  // namespace anagraph::shop
