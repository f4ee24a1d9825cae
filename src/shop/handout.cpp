#include "shop/handout.h"

#include <fmt/format.h>

#include "core/edition/post.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

/// Errors: NotFound where the guide has no such edition.
Outcome is_issued(const store::Library& library, const store::GuideId& guide, int edition) {
    const auto sequence = library.sequence_of(guide, edition);
    return sequence ? Outcome{} : tl::make_unexpected(sequence.error());
}

}  // namespace

Result<core::GuideEditions> editions_of(const store::Library& library, const store::GuideId& guide) {
    auto editions = library.editions(guide);
    if (!editions) return tl::make_unexpected(editions.error());
    core::GuideEditions out{guide.text(), {}};
    for (auto& e : *editions) out.editions.push_back(std::move(e.edition));
    return out;
}

Result<std::vector<core::GuideEditions>> all_editions(const store::Library& library) {
    const auto guides = library.guides();
    if (!guides) return tl::make_unexpected(guides.error());
    std::vector<core::GuideEditions> out;
    for (const auto& g : *guides) {
        if (g.editions == 0) continue;
        auto editions = editions_of(library, g.id);
        if (!editions) return tl::make_unexpected(editions.error());
        out.push_back(std::move(*editions));
    }
    return out;
}

Outcome hand_out(store::Library& library, const store::GuideId& guide, int edition, const std::vector<std::string>& learners,
    core::HandedBy by, const std::string& post) {
    if (auto issued = is_issued(library, guide, edition); !issued) return issued;
    if (learners.empty()) return fail(ErrorCode::BadInput, core::key("Shop", "Say to whom it is handed out."));
    std::vector<core::Entry> entries;
    for (const auto& learner : learners) entries.emplace_back(core::HandedOut{guide.text(), edition, learner, by});
    auto done = library.record(entries, post);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

Outcome confirm(store::Library& library, const store::GuideId& guide, int edition, const std::string& learner, const std::string& answers,
    const std::string& post) {
    if (auto issued = is_issued(library, guide, edition); !issued) return issued;
    auto done = library.record({core::Learned{guide.text(), edition, learner, answers}}, post);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

Result<std::vector<core::Owed>> owed(const store::Library& library, const std::string& learner) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    if (!learner.empty() && records->learner(learner) == nullptr)
        return fail(ErrorCode::NotFound,
            core::say(core::key("Shop", "Nobody of the name \u201C{0}\u201D is in the register of learners."), learner), learner);
    const auto guides = all_editions(library);
    if (!guides) return tl::make_unexpected(guides.error());
    auto out = core::owed(*records, *guides);
    if (!learner.empty()) std::erase_if(out, [&](const core::Owed& o) { return !core::same_post(o.learner, learner); });
    return out;
}

Result<std::vector<std::string>> withdraw(
    store::Library& library, const store::GuideId& guide, int edition, const std::string& because, const std::string& post) {
    if (auto issued = is_issued(library, guide, edition); !issued) return tl::make_unexpected(issued.error());
    const auto records = library.record({core::Withdrawn{guide.text(), edition, because}}, post);
    if (!records) return tl::make_unexpected(records.error());
    return core::holders_of(*records, guide.text(), edition);
}

Result<std::vector<std::string>> learners_of_group(const store::Library& library, const std::string& group) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    std::vector<std::string> out;
    for (const auto& l : records->learners())
        if (!l.left && core::same_post(l.group, group)) out.push_back(l.name);
    if (out.empty())
        return fail(ErrorCode::NotFound, core::say(core::key("Shop", "The group \u201C{0}\u201D has no learners."), group), group);
    return out;
}

}  // namespace anagraph::shop
