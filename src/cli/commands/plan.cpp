// anagraph-cli plan
#include "core/schedule/plan.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "cli/commands.h"
#include "cli/given_guide.h"
#include "core/fluids/refill.h"
#include "core/procedure/json.h"
#include "core/schedule/kit.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

json ids(const std::vector<core::StepId>& list) {
    json out = json::array();
    for (const auto& id : list) out.push_back(id.text());
    return out;
}

json as_json(const core::KitEntry& e) {
    return {{"item", e.item.text()}, {"name", e.name}, {"size", e.size}, {"number", e.number}, {"count", e.count}, {"step", e.step.text()}};
}
json as_json(const std::vector<core::KitEntry>& list) {
    json out = json::array();
    for (const auto& e : list) out.push_back(as_json(e));
    return out;
}
json as_json(const core::Kit& kit) {
    json fluids = json::array();
    for (const auto& f : kit.fluids) {
        json one = as_json(f.entry);
        one["amount"] = f.litres ? json(core::amount_text(*f.litres, 3)) : json(nullptr);
        one["packs"] = json::array();
        for (const auto& pack : f.packs) one["packs"].push_back({{"size", core::amount_text(pack.litres)}, {"count", pack.count}});
        fluids.push_back(std::move(one));
    }
    return {{"tools", as_json(kit.tools)}, {"parts", as_json(kit.parts)}, {"fluids", fluids}, {"protection", as_json(kit.protection)}};
}

json who(int person) { return person < 0 ? json(nullptr) : json(person == 0 ? "A" : "B"); }

json as_json(const core::Plan& plan) {
    json tasks = json::array();
    for (const auto& t : plan.tasks)
        tasks.push_back({{"step", t.step.text()}, {"part", t.part == core::PlannedTask::Part::Hands ? "hands" : "wait"}, {"from", t.from},
            {"to", t.to}, {"who", who(t.who)}});
    json idle = json::object();
    for (std::size_t i = 0; i < plan.idle.size(); ++i) idle[i == 0 ? "A" : "B"] = plan.idle[i];
    return {{"variant", plan.variant.empty() ? json(nullptr) : json(plan.variant)}, {"people", plan.people}, {"seconds", plan.seconds},
        {"as_written_seconds", plan.as_written}, {"optimal", plan.optimal},
        {"at_most_longer_percent", fmt::format("{:.1f}", plan.at_most_longer)}, {"order", ids(plan.order)}, {"tasks", tasks},
        {"critical", ids(plan.critical)}, {"idle_seconds", idle}, {"time_unknown", ids(plan.time_unknown)},
        {"suggestion",
            plan.suggestion ? json{{"because", plan.suggestion->because}, {"change", core::to_json(plan.suggestion->change)}}
                            : json(nullptr)}};
}

class Plan : public AtGivenGuide {
public:
    Plan(CLI::App& app, const Answer& answer) : AtGivenGuide(app, answer) {
        app.add_option("--people", people_, "who work on it at once")->check(CLI::Range(1, 2));
    }

    int run() override {
        const auto p = given();
        if (!p) return answer_.wrong(p.error(), kWrongUse);
        // a guide with variants is planned for its first one, as a reader without a choice would take it
        const std::string variant = variant_.empty() && !p->header.variants.empty() ? p->header.variants.front() : variant_;
        const auto plan = core::plan(*p, variant, people_);
        json out = as_json(plan);
        out["kit"] = as_json(core::kit_of(*p, variant));
        return answer_.say(out, in_words(*p, plan));
    }

private:
    static std::string in_words(const core::Procedure& p, const core::Plan& plan) {
        const auto name = [&](const core::StepId& id) {
            const auto at = std::find_if(p.steps.begin(), p.steps.end(), [&](const core::Step& s) { return s.id == id; });
            return fmt::format("{} {}", at - p.steps.begin() + 1, at == p.steps.end() ? "" : at->heading);
        };
        std::string words = fmt::format("{} with {} of hands{}, {} as written\n", core::time_text(plan.seconds),
            plan.people == 1 ? "one pair" : "two pairs",
            plan.optimal ? "" : fmt::format(" (at most {:.0f} % longer than the best)", plan.at_most_longer),
            core::time_text(plan.as_written));
        for (const auto& t : plan.tasks)
            words += fmt::format("{:>8} to {:<8} {}  {}\n", core::time_text(t.from), core::time_text(t.to),
                t.part == core::PlannedTask::Part::Wait ? "wait"
                    : t.who == 1                        ? "B   "
                                                        : "A   ",
                name(t.step));
        if (plan.suggestion) words += plan.suggestion->because.english() + "\n";
        if (!plan.time_unknown.empty())
            words += fmt::format("The time of {} steps is not known and counts as nothing.\n", plan.time_unknown.size());
        words.pop_back();
        return words;
    }

    int people_ = 1;
};

}  // namespace

void add_plan(CLI::App& app, const Answer& answer, int& code) {
    add<Plan>(app, answer, code, "plan", "which order of a guide's steps takes the least time, and what is laid out before",
        "Times in seconds from the beginning. A step whose time nobody has said counts as nothing and is named.");
}

}  // namespace anagraph::cli
