// Editor: a guide read as an editor would, with the reason for each finding. It advises; an author may let a line stand and
// say why, and a house may do without a rule.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/named.h"
#include "core/base/words.h"
#include "core/editing/step_part.h"
#include "core/edits/edit.h"

namespace anagraph::core {

enum class Rule {
    TwoActions,    // one action a line
    LateCaution,   // a caution stands before what it warns of
    UsualCaution,  // a caution that such work usually carries is missing
    TypedNumber,   // a number is a figure with its evidence
    TwoNames,      // a part has one name
    UnclearIt,     // "it" has one possible meaning
    Passive,       // an order, not a report
    Vague,         // how tight, how much, how long
    NoTool,        // a fastener needs a tool
    NoVerdict,     // a check says what is good and what stops the job
    Unexplained,   // a word of the trade is explained
    Spelling
};
template <>
struct Names<Rule> {
    static constexpr auto all = std::to_array<Named<Rule>>({{Rule::TwoActions, "two actions"}, {Rule::LateCaution, "late caution"},
        {Rule::UsualCaution, "usual caution"}, {Rule::TypedNumber, "typed number"}, {Rule::TwoNames, "two names"},
        {Rule::UnclearIt, "unclear it"}, {Rule::Passive, "passive"}, {Rule::Vague, "vague"}, {Rule::NoTool, "no tool"},
        {Rule::NoVerdict, "no verdict"}, {Rule::Unexplained, "unexplained word"}, {Rule::Spelling, "spelling"}});
};
/// What the rule asks and why, for the help.
Words reason_of(Rule rule);

struct Finding {
    Rule rule = Rule::TwoActions;
    StepId step;
    StepPart part = StepPart::Line;
    std::size_t index = 0;  // of the line, caution or check
    std::string text;       // the words it was found in, as written; an answer is kept with them
    std::size_t from = 0;   // the words meant within `text`
    std::size_t length = 0;
    Words why;                  // one sentence
    std::optional<Change> fix;  // where it is certain how
};

/// Is a word written right, and what may be meant where it is not? For the rule of spelling.
struct Speller {
    std::function<bool(const std::string& word)> right;
    std::function<std::vector<std::string>(const std::string& word)> offers;
};

/// Do the rule's words fit a text in that language? Those of wording and of usual cautions know English only.
bool reads(Rule rule, std::string_view language);

/// Everything found in the guide by the rules that are on and read its language, step by step and down each step; what was answered is left
/// out. Without a speller nothing is said of spelling.
std::vector<Finding> findings(const Procedure& p, const std::vector<std::string>& rules_off = {}, const Speller& speller = {});

/// The finding is answered: it stands as it is. Errors: NotFound for a step that is gone; BadInput without a reason.
Result<Change> answer(const Procedure& p, const Finding& finding, const std::string& because);

}  // namespace anagraph::core
