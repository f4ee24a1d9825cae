#include <fmt/format.h>

#include <algorithm>

#include "core/editing/rules.h"
#include "core/editing/usual_cautions.h"
#include "core/edits/change_label.h"
#include "core/narration/lexicon.h"

namespace anagraph::core::editing {
namespace {

constexpr WordList kFastening{"loosen tighten undo unscrew screw crack torque slacken untighten unbolt bolt"};
constexpr WordList kHand{"hand fingers finger-tight hand-tight handtight"};

bool takes_a_tool(const Item& item) {
    if (item.kind == ItemKind::Fastener) return true;
    // a part that is screwed itself says so by its head or thread
    return item.kind == ItemKind::Part && (item.spec.find("head") != std::string::npos || item.spec.find(" hex") != std::string::npos);
}

}  // namespace

void usual_caution(const Step& step, const Hazard& hazard, std::vector<Finding>& out) {
    Finding f{Rule::UsualCaution, step.id, StepPart::Step, 0, std::string(hazard.id), 0, 0,
        fmt::format(
            "Such work usually carries a caution about {}, and none stands here or before: “{}”", hazard.name, caution_text(hazard)),
        std::nullopt};
    Step next = step;
    next.cautions.push_back(core::usual_caution(hazard));
    f.fix = Change{change_label("add a usual caution"), {Put<Step>{std::move(next), std::nullopt}}};
    out.push_back(std::move(f));
}

void no_tool(const Procedure& p, const Step& step, const std::vector<std::vector<LineWord>>& lines, std::vector<Finding>& out) {
    const auto tool = [&](const LineWord& w) {
        const Item* item = w.is_item() ? p.find(ItemId(w.id)) : nullptr;
        return (item != nullptr && item->kind == ItemKind::Tool) || lexicon::is(lexicon::Class::Tool, w.lower);
    };
    const auto has = [](const std::vector<LineWord>& words, auto&& what) { return std::any_of(words.begin(), words.end(), what); };
    if (std::any_of(lines.begin(), lines.end(), [&](const auto& words) { return has(words, tool); })) return;  // the step names its tool
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (!has(lines[i], [](const LineWord& w) { return kFastening.has(w.lower); }) ||
            has(lines[i], [](const LineWord& w) { return kHand.has(w.lower); }))
            continue;
        for (const auto& w : lines[i]) {
            const Item* item = w.is_item() ? p.find(ItemId(w.id)) : nullptr;
            if (item == nullptr || !takes_a_tool(*item)) continue;
            out.push_back({Rule::NoTool, step.id, StepPart::Line, i, step.lines[i], w.from, w.to - w.from,
                say(key("Editor", "With what? No tool is named for the {0}; name it, or say “by hand”."), item->name), std::nullopt});
            return;
        }
    }
}

void no_verdict(const Procedure&, const Step& step, std::vector<Finding>& out) {
    for (std::size_t i = 0; i < step.checks.size(); ++i) {
        const Check& c = step.checks[i];
        if (!c.good.empty() && !c.stop.empty()) continue;
        const Key why = c.good.empty() && c.stop.empty()
            ? key("Editor", "A check without its verdict: say what is good, and what stops the job.")
            : c.good.empty() ? key("Editor", "A check without its verdict: say what is good.")
                             : key("Editor", "A check without its verdict: say what stops the job, and whom to ask then.");
        out.push_back({Rule::NoVerdict, step.id, StepPart::Check, i, c.look, 0, c.look.size(), why, std::nullopt});
    }
}

}  // namespace anagraph::core::editing
