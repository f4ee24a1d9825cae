#include "app/figures/figure_filter.h"

#include <algorithm>

#include "core/figure/evidence.h"

namespace anagraph::app {

std::vector<core::FigureId> figures_shown(const core::Procedure& p, const FigureFilter& filter) {
    const auto step = std::find_if(p.steps.begin(), p.steps.end(), [&](const core::Step& s) { return s.id == filter.step; });
    const int number = static_cast<int>(step - p.steps.begin()) + 1;
    const bool by_item = p.find(filter.item) != nullptr;
    std::vector<core::FigureId> out;
    for (const auto& f : p.figures) {
        if (filter.standing && core::standing_of(p, f) != *filter.standing) continue;
        if (by_item && f.item != filter.item) continue;
        if (step != p.steps.end()) {
            const auto used = core::steps_using(p, f.id);
            if (std::find(used.begin(), used.end(), number) == used.end()) continue;
        }
        out.push_back(f.id);
    }
    return out;
}

}  // namespace anagraph::app
