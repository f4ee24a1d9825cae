// LineActions: text and actions are one value: what a step's lines order is what is done in it.
#pragma once

#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

/// Verbs that only look: what they are done to is a check.
bool looks(std::string_view verb);

/// The actions a line orders, one a clause: its verb (as the reader of narrations would call it) on the items named after it,
/// to the figure. Nothing for a line that orders nothing known as work.
std::vector<Action> actions_of_line(std::string_view line);

/// The actions of all lines; and of those heard before, the ones on items that no line names: they are not written yet.
std::vector<Action> actions_of(const std::vector<std::string>& lines, const std::vector<Action>& heard);

/// The step with other lines, and its actions following them: what only the old lines ordered goes, what was heard stays until
/// it is written.
Step with_lines(Step step, std::vector<std::string> lines);

}  // namespace anagraph::core
