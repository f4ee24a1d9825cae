// The editor's rules, each on what it looks at. See editor.h for what they ask and why.
#pragma once

#include <map>
#include <vector>

#include "core/editing/editor.h"
#include "core/editing/line_words.h"
#include "core/editing/usual_cautions.h"

namespace anagraph::core::editing {

/// A line of a step in hand, with what the rules need to know around it.
struct LineInHand {
    const Procedure& p;
    const Step& step;
    std::size_t index;
    const std::string& line;
    const std::vector<LineWord>& words;
    const std::vector<std::vector<LineWord>>& item_names;  // of the guide's items, in their order
    const std::vector<LineWord>* before = nullptr;         // the line before it in the step
};

// of a line
void two_actions(const LineInHand& in, std::vector<Finding>& out);
void typed_numbers(const LineInHand& in, std::vector<Finding>& out);
void two_names(const LineInHand& in, std::vector<Finding>& out);
void unclear_it(const LineInHand& in, std::vector<Finding>& out);
void passive(const LineInHand& in, std::vector<Finding>& out);
void vague(const LineInHand& in, std::vector<Finding>& out);
void late_caution(const LineInHand& in, std::vector<Finding>& out);
void unexplained(const LineInHand& in, std::vector<Finding>& out);
void spelling(const LineInHand& in, const Speller& speller, std::vector<Finding>& out);
// of a step
void usual_caution(const Step& step, const Hazard& hazard, std::vector<Finding>& out);
void no_tool(const Procedure& p, const Step& step, const std::vector<std::vector<LineWord>>& lines, std::vector<Finding>& out);
void no_verdict(const Procedure& p, const Step& step, std::vector<Finding>& out);

/// A finding about some words of the line in hand.
Finding at(const LineInHand& in, Rule rule, std::size_t from, std::size_t to, Words why);
/// The change that puts other lines in the place of one.
Change lines_instead(const LineInHand& in, const std::vector<std::string>& lines, const char* label);

}  // namespace anagraph::core::editing
