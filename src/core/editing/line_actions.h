// LineActions: text and actions are one value. What a step's lines order is what is done in it; and lines are drafted from
// what was heard.
#pragma once

#include <vector>

#include "core/procedure/edit.h"

namespace anagraph::core {

/// The actions a line orders, one a clause: its verb (as the reader of narrations would call it) on the items named after it,
/// to the figure. Nothing for a line that orders nothing known as work.
std::vector<Action> actions_of_line(std::string_view line);

/// The actions of all lines; and of those heard before, the ones on items that no line names: they are not written yet.
std::vector<Action> actions_of(const std::vector<std::string>& lines, const std::vector<Action>& heard);

/// The step with other lines, and its actions following them: what only the old lines ordered goes, what was heard stays until
/// it is written.
Step with_lines(Step step, std::vector<std::string> lines);

/// A step without lines gets them from what was logged in it, each heard action a line: its items and heard figures named,
/// "look" and "check" as checks to be completed, times as waits. An action on no item that is known stays for the author.
/// Errors: NotFound; Refused where the step has lines already or nothing was heard.
Result<Change> draft_lines(const Procedure& p, const StepId& step);
/// The same for every step that has none, as one change. Errors: Refused where there is nothing to draft.
Result<Change> draft_all_lines(const Procedure& p);

}  // namespace anagraph::core
