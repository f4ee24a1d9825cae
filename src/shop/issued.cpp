#include "shop/issued.h"

#include "publish/pack.h"

namespace anagraph::shop {

core::Result<ByMark> editions_by_mark(const store::Library& library) {
    const auto guides = library.guides();
    if (!guides) return tl::make_unexpected(guides.error());
    ByMark out;
    for (const auto& g : *guides) {
        if (g.editions == 0) continue;
        auto editions = library.editions(g.id);
        if (!editions) return tl::make_unexpected(editions.error());
        for (auto& e : *editions) {
            std::string mark = publish::edition_mark(e.edition, e.sha256);
            out.emplace(std::move(mark), Issued{g.id.text(), std::move(e.edition)});
        }
    }
    return out;
}

}  // namespace anagraph::shop
