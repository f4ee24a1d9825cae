#include "core/dryrun/dry_run.h"

#include <algorithm>
#include <map>

#include "core/base/letters.h"
#include "core/dryrun/mends.h"
#include "core/dryrun/walk.h"
#include "core/editing/line_actions.h"
#include "core/edits/change_label.h"

namespace anagraph::core {
namespace {

using namespace dryrun;

/// The things a finding is about, as an answer keeps them.
std::string key_of(const OrderFinding& f) {
    std::string out;
    for (const auto& id : f.items) out += (out.empty() ? "" : " ") + id.text();
    return out;
}

bool is_answered(const Step& step, const OrderFinding& f) {
    return std::any_of(
        step.answered.begin(), step.answered.end(), [&](const Answered& a) { return a.rule == name_of(f.rule) && a.text == key_of(f); });
}

/// Which lines order the actions of steps in which something was found.
class Lines {
public:
    explicit Lines(const Procedure& p) : p_(p) {}
    std::optional<std::size_t> of(const Step& step, std::size_t action) {
        auto [it, fresh] = known_.try_emplace(&step);
        if (fresh) it->second = lines_of_actions(step, p_.items);
        return action < it->second.size() ? it->second[action] : std::nullopt;
    }

private:
    const Procedure& p_;
    std::map<const Step*, std::vector<std::optional<std::size_t>>> known_;
};

std::vector<OrderFinding> findings_of(const Job& job, const Walk& walk) {
    Lines lines(job.guide);
    std::vector<OrderFinding> out;
    for (const auto& found : walk.found()) {
        if (!found.at.ever()) continue;
        const Step& step = *job.at(found.at.step).step;
        OrderFinding f;
        f.rule = found.rule;
        f.step = step.id;
        if (found.at.doing != kNone) {
            f.action = static_cast<std::size_t>(found.at.doing);
            f.line = lines.of(step, *f.action);
        }
        for (const int n : found.things) f.items.push_back(job.thing(n).id);
        f.because = found.because;
        if (!is_answered(step, f) && std::none_of(out.begin(), out.end(), [&](const OrderFinding& o) { return o.same_as(f); }))
            out.push_back(std::move(f));
    }
    std::map<StepId, std::size_t> place;
    for (std::size_t i = 0; i < job.guide.steps.size(); ++i) place[job.guide.steps[i].id] = i;
    std::stable_sort(out.begin(), out.end(), [&](const OrderFinding& a, const OrderFinding& b) {
        return std::tuple(place[a.step], a.action.value_or(0)) < std::tuple(place[b.step], b.action.value_or(0));
    });
    return out;
}

/// Does the change take the finding away and bring nothing as heavy?
bool mends(const Procedure& p, const OrderFinding& f, const std::vector<OrderFinding>& before, const Change& change) {
    const auto mended = core::apply(p, change);
    if (!mended) return false;
    const auto after = dry_run(*mended);
    const auto in = [](const std::vector<OrderFinding>& list, const OrderFinding& one, bool anywhere) {
        return std::any_of(list.begin(), list.end(),
            [&](const OrderFinding& o) { return anywhere ? o.rule == one.rule && o.items == one.items : o.same_as(one); });
    };
    if (in(after, f, true)) return false;
    return std::none_of(
        after.begin(), after.end(), [&](const OrderFinding& o) { return o.weight() <= f.weight() && !in(before, o, true); });
}

}  // namespace

std::vector<OrderFinding> dry_run(const Procedure& p, std::string_view variant) {
    const Job job = job_of(p, variant);
    return findings_of(job, walked(job, true));
}

std::vector<OrderFinding> dry_run(const Procedure& p) {
    if (p.header.variants.empty()) return dry_run(p, "");
    std::vector<OrderFinding> out;
    for (const auto& variant : p.header.variants)
        for (auto& f : dry_run(p, variant)) {
            const auto it = std::find_if(out.begin(), out.end(), [&](const OrderFinding& o) { return o.same_as(f); });
            if (it != out.end())
                it->variants.push_back(variant);
            else {
                f.variants = {variant};
                out.push_back(std::move(f));
            }
        }
    std::map<StepId, std::size_t> place;
    for (std::size_t i = 0; i < p.steps.size(); ++i) place[p.steps[i].id] = i;
    std::stable_sort(out.begin(), out.end(), [&](const OrderFinding& a, const OrderFinding& b) { return place[a.step] < place[b.step]; });
    for (auto& f : out)
        if (f.variants.size() == p.header.variants.size()) f.variants.clear();
    return out;
}

std::optional<Change> fix_for(const Procedure& p, const OrderFinding& finding) {
    const auto rules = rules_of_order();
    const auto rule = std::find_if(rules.begin(), rules.end(), [&](const RuleOfOrder& r) { return r.rule == finding.rule; });
    if (rule->mend == nullptr || p.find(finding.step) == nullptr) return std::nullopt;
    const auto before = dry_run(p);
    std::size_t tries = tries_in(p);
    for (auto& change : rule->mend(p, finding))
        if (tries-- == 0)
            break;
        else if (mends(p, finding, before, change))
            return std::move(change);
    return std::nullopt;
}

Result<Change> answer(const Procedure& p, const OrderFinding& finding, const std::string& because) {
    const Step* step = p.find(finding.step);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("DryRunRules", "That step is no longer in the guide."));
    if (trimmed(because).empty())
        return fail(ErrorCode::BadInput, key("DryRunRules", "Say why it is kept as it is; the reason is printed for the checker."));
    Step next = *step;
    next.answered.push_back({std::string(name_of(finding.rule)), key_of(finding), because});
    return Change{change_label("answer the dry run"), {Put<Step>{std::move(next), std::nullopt}}};
}

Result<Change> ask_again(const Procedure& p, const StepId& id, const Answered& answer) {
    const Step* step = p.find(id);
    if (step == nullptr || std::find(step->answered.begin(), step->answered.end(), answer) == step->answered.end())
        return fail(ErrorCode::NotFound, key("DryRunRules", "That answer is no longer in the guide."));
    Step next = *step;
    std::erase(next.answered, answer);
    return Change{change_label("take an answer back"), {Put<Step>{std::move(next), std::nullopt}}};
}

std::optional<OrderRule> rule_answered(const Answered& answer) { return from_name<OrderRule>(answer.rule); }

bool is_clean(const std::vector<OrderFinding>& findings) {
    return std::all_of(findings.begin(), findings.end(), [](const OrderFinding& f) { return f.weight() == Weight::Note; });
}

}  // namespace anagraph::core
