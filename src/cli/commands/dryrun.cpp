// anagraph-cli dryrun
#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "cli/commands.h"
#include "cli/given_guide.h"
#include "core/dryrun/dry_run.h"
#include "core/dryrun/worked_out.h"
#include "core/procedure/json.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class DryRun : public AtGivenGuide {
public:
    using AtGivenGuide::AtGivenGuide;

    int run() override {
        const auto p = given();
        if (!p) return answer_.wrong(p.error(), kWrongUse);
        const auto found = variant_.empty() ? core::dry_run(*p) : core::dry_run(*p, variant_);
        json findings = json::array();
        std::string words;
        std::size_t fixes = kFixes;  // who has hundreds of findings mends the first ones and asks again
        for (const auto& f : found) {
            findings.push_back(as_json(*p, f, fixes > 0));
            fixes -= fixes > 0 ? 1 : 0;
            words += in_words(*p, f);
        }
        json facts = json::array();
        for (const auto& fact : core::worked_out(*p))
            facts.push_back(
                {{"item", fact.item.id.text()}, {"field", core::name_of(fact.trait)}, {"says", fact.says}, {"because", fact.because}});
        return answer_.say({{"variant", variant_.empty() ? json(nullptr) : json(variant_)}, {"findings", findings}, {"worked_out", facts}},
            words.empty() ? "The order of the steps works." : words, core::is_clean(found) ? kFine : kFoundWrong);
    }

private:
    static constexpr std::size_t kFixes = 40;

    json as_json(const core::Procedure& p, const core::OrderFinding& f, bool with_fix) const {
        json items = json::array();
        for (const auto& id : f.items) items.push_back(id.text());
        const auto fix = with_fix && answer_.as_json ? core::fix_for(p, f) : std::nullopt;
        json out{{"rule", core::name_of(f.rule)}, {"level", core::name_of(f.weight())}, {"step", f.step.text()},
            {"line", f.line ? json(*f.line) : json(nullptr)}, {"items", items}, {"because", f.because},
            {"fix", fix ? core::to_json(*fix) : json(nullptr)}};
        if (!f.variants.empty()) out["variants"] = f.variants;
        return out;
    }
    static std::string in_words(const core::Procedure& p, const core::OrderFinding& f) {
        const auto step = std::find_if(p.steps.begin(), p.steps.end(), [&](const core::Step& s) { return s.id == f.step; });
        return fmt::format("{}  Step {}{}{}: {} ({})\n", core::name_of(f.weight()), step - p.steps.begin() + 1,
            f.line ? fmt::format(", line {}", *f.line + 1) : "", f.variants.empty() ? "" : fmt::format(", {}", fmt::join(f.variants, ", ")),
            f.because, core::spoken_name_of(f.rule));
    }
};

}  // namespace

void add_dryrun(CLI::App& app, const Answer& answer, int& code) {
    add<DryRun>(app, answer, code, "dryrun", "does the order of a guide's steps work: what is left off, left loose, filled while open",
        "Exit 1: something is found that stops the guide or is warned of. `line` counts from 0.");
}

}  // namespace anagraph::cli
