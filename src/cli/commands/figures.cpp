// anagraph-cli figures
#include <fmt/format.h>

#include <algorithm>
#include <vector>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "core/figure/evidence.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

/// All figures of a guide, those that are not proved first.
class Figures : public AtGuide {
public:
    using AtGuide::AtGuide;

    int run() override {
        auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto p = guide_to_look_at(**library, guide_);
        if (!p) return answer_.wrong(p.error(), kWrongUse);
        std::vector<const core::Figure*> order;
        for (const auto& f : p->figures) order.push_back(&f);
        std::stable_sort(order.begin(), order.end(), [&](const core::Figure* a, const core::Figure* b) {
            return (core::standing_of(*p, *a) == core::Standing::Proved) < (core::standing_of(*p, *b) == core::Standing::Proved);
        });
        json list = json::array();
        std::string words;
        for (const auto* f : order) {
            const std::string standing(core::name_of(core::standing_of(*p, *f)));
            list.push_back({{"id", f->id.text()}, {"title", core::title_of(*p, *f)}, {"kind", core::name_of(f->kind)},
                {"value", core::text_of(f->value)}, {"standing", standing}, {"why", core::argue_standing(*p, *f)},
                {"steps", core::steps_using(*p, f->id)}, {"variants", f->variants}});
            words += fmt::format(
                "{:9} {:44} {:24} {}\n", standing, core::title_of(*p, *f), core::text_of(f->value), core::argue_standing(*p, *f));
        }
        return answer_.say({{"figures", list}}, words.empty() ? "The guide has no figures yet." : words);
    }
};

}  // namespace

void add_figures(CLI::App& app, const Answer& answer, int& code) {
    add<Figures>(app, answer, code, "figures", "every figure of a guide with its standing, the open ones first");
}

}  // namespace anagraph::cli
