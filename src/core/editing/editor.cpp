#include "core/editing/editor.h"

#include <algorithm>
#include <array>

#include "core/editing/rules.h"
#include "core/edits/change_label.h"

namespace anagraph::core {
namespace {

struct RuleText {
    Rule rule;
    Key reason;
};
constexpr std::array<RuleText, Names<Rule>::all.size()> kTexts{{
    {Rule::TwoActions,
        key("Editor", "One action a line: who looks up from the machine finds the place again, and nothing is done halfway.")},
    {Rule::LateCaution, key("Editor", "A caution stands before the action it warns of: afterwards the hand is already there.")},
    {Rule::UsualCaution, key("Editor", "Work of a kind carries cautions that every guide shows, before the first step they concern.")},
    {Rule::TypedNumber, key("Editor", "A number is a figure: with its evidence, in both unit systems, and changed in one place.")},
    {Rule::TwoNames, key("Editor", "A part has one name in the whole guide, the one on its picture.")},
    {Rule::UnclearIt, key("Editor", "“It” and “them” must have one possible meaning: the wrong part is undone otherwise.")},
    {Rule::Passive, key("Editor", "An order says who does it: the reader, now. “Is removed” may have been done by somebody else.")},
    {Rule::Vague, key("Editor", "“Properly” and “make sure” cannot be checked: say how tight, how much, how long, or what to look for.")},
    {Rule::NoTool, key("Editor", "A fastener needs its tool named, so that it is in the kit and not fetched from under the machine.")},
    {Rule::NoVerdict, key("Editor", "A check says what is good, what stops the job, and whom to ask then.")},
    {Rule::Unexplained, key("Editor", "A word of the trade that is no part on a picture is explained once in the guide.")},
    {Rule::Spelling, key("Editor", "A misspelt word makes a reader doubt the figures too.")},
}};

bool answered(const Step& step, const Finding& f) {
    return std::any_of(
        step.answered.begin(), step.answered.end(), [&](const Answered& a) { return a.rule == name_of(f.rule) && a.text == f.text; });
}

void look_at(const Procedure& p, const Step& step, const std::vector<std::vector<LineWord>>& item_names, const Speller& speller,
    std::vector<Finding>& out) {
    using namespace editing;
    std::vector<std::vector<LineWord>> lines;
    for (const auto& line : step.lines) lines.push_back(line_words(line));
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const LineInHand in{p, step, i, step.lines[i], lines[i], item_names, i > 0 ? &lines[i - 1] : nullptr};
        late_caution(in, out);
        two_actions(in, out);
        typed_numbers(in, out);
        two_names(in, out);
        unclear_it(in, out);
        passive(in, out);
        vague(in, out);
        unexplained(in, out);
        if (speller.right) spelling(in, speller, out);
    }
    no_tool(p, step, lines, out);
    no_verdict(p, step, out);
}

}  // namespace

Words reason_of(Rule rule) {
    return std::find_if(kTexts.begin(), kTexts.end(), [&](const RuleText& t) { return t.rule == rule; })->reason;
}

bool reads(Rule rule, std::string_view language) {
    return language == "en" || rule == Rule::TypedNumber || rule == Rule::NoVerdict || rule == Rule::Spelling;
}

std::vector<Finding> findings(const Procedure& p, const std::vector<std::string>& rules_off, const Speller& speller) {
    std::vector<Finding> out;
    const auto missing = missing_cautions(p);
    std::vector<std::vector<LineWord>> item_names;
    for (const auto& item : p.items) item_names.push_back(line_words(item.name));
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& step = p.steps[i];
        std::vector<Finding> here;
        for (const auto& m : missing)
            if (m.step == i) editing::usual_caution(step, *m.hazard, here);
        look_at(p, step, item_names, speller, here);
        std::erase_if(here, [&](const Finding& f) {
            return !reads(f.rule, p.header.language) || answered(step, f) ||
                std::find(rules_off.begin(), rules_off.end(), name_of(f.rule)) != rules_off.end();
        });
        // down the step: what concerns it as a whole first, then its lines with what is in each, then its checks
        std::stable_sort(here.begin(), here.end(),
            [](const Finding& a, const Finding& b) { return std::tuple(a.part, a.index, a.from) < std::tuple(b.part, b.index, b.from); });
        out.insert(out.end(), std::make_move_iterator(here.begin()), std::make_move_iterator(here.end()));
    }
    return out;
}

Result<Change> answer(const Procedure& p, const Finding& finding, const std::string& because) {
    const Step* step = p.find(finding.step);
    if (step == nullptr) return fail(ErrorCode::NotFound, key("Editor", "That step is no longer in the guide."));
    if (because.find_first_not_of(' ') == std::string::npos)
        return fail(ErrorCode::BadInput, key("Editor", "Say why it is kept as it is; the reason is kept with the step."));
    Step next = *step;
    next.answered.push_back({std::string(name_of(finding.rule)), finding.text, because});
    return Change{change_label("answer the editor"), {Put<Step>{std::move(next), std::nullopt}}};
}

}  // namespace anagraph::core
