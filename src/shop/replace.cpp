#include "shop/replace.h"

#include <fmt/format.h>

#include "core/editing/replace_words.h"

namespace anagraph::shop {

core::Result<std::vector<Saying>> guides_saying(const store::Library& library, const std::string& words, const store::GuideId& except) {
    auto guides = library.guides();
    if (!guides) return tl::make_unexpected(guides.error());
    std::vector<Saying> out;
    for (auto& g : *guides) {
        if (g.id == except) continue;
        const auto procedure = library.load_guide(g.id);
        if (!procedure) return tl::make_unexpected(procedure.error());
        if (const auto times = core::times_said(*procedure, words); times > 0) out.push_back({std::move(g), times});
    }
    return out;
}

core::Outcome replace_in_guides(store::Library& library, const std::vector<Saying>& guides, const std::string& words, const std::string& by, const std::string& author) {
    for (const auto& g : guides) {
        const auto failed = [&](const core::Error& e) { return core::fail(e.code, fmt::format("In \u201C{}\u201D: {}", g.guide.title, e.message)); };
        const auto procedure = library.load_guide(g.guide.id);
        if (!procedure) return failed(procedure.error());
        const auto change = core::replace_words(*procedure, words, by);
        if (!change) return failed(change.error());
        const auto after = core::apply(*procedure, *change);
        if (!after) return failed(after.error());
        if (auto kept = library.append(g.guide.id, *change, *after, author); !kept) return failed(kept.error());
    }
    return {};
}

}  // namespace anagraph::shop
