#include "shop/replace.h"

#include <fmt/format.h>

#include "core/base/caught.h"
#include "core/editing/replace_words.h"

namespace anagraph::shop {

std::size_t GuidesWithWords::times() const {
    std::size_t out = 0;
    for (const auto& g : guides) out += g.times;
    return out;
}

core::Result<GuidesWithWords> guides_with_words(
    const store::Library& library, const std::string& words, const store::GuideId& except, const std::function<bool(double)>& progress) {
    return core::caught([&]() -> core::Result<GuidesWithWords> {
        auto guides = library.guides_that_may_say(words);
        if (!guides) return tl::make_unexpected(guides.error());
        GuidesWithWords out;
        for (std::size_t i = 0; i < guides->size(); ++i) {
            auto& g = (*guides)[i];
            if (progress && !progress(static_cast<double>(i) / static_cast<double>(guides->size())))
                return core::fail(core::ErrorCode::Cancelled, core::key("Shop", "The search was stopped."));
            if (g.id == except) continue;
            const auto procedure = library.load_guide(g.id);
            if (!procedure)
                out.unreadable.push_back(fmt::format("\u201C{}\u201D could not be read: {}", g.title, procedure.error().message));
            else if (const auto times = core::times_said(*procedure, words); times > 0)
                out.guides.push_back({std::move(g), times});
        }
        return out;
    });
}

core::Result<std::vector<store::GuideChange>> replacements(
    const store::Library& library, const std::vector<GuideSays>& guides, const std::string& words, const std::string& by) {
    std::vector<store::GuideChange> out;
    for (const auto& g : guides) {
        const auto failed = [&](const core::Error& e) {
            return core::fail(e.code, fmt::format("In \u201C{}\u201D: {}", g.guide.title, e.message));
        };
        const auto now = library.guide_state(g.guide.id);
        if (!now) return failed(now.error());
        auto change = core::replace_words(now->procedure, words, by);
        if (!change) return failed(change.error());
        auto after = core::apply(now->procedure, *change);
        if (!after) return failed(after.error());
        out.push_back({g.guide.id, std::move(*change), std::move(*after), now->sequence});
    }
    return out;
}

}  // namespace anagraph::shop
