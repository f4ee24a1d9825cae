// LineActions: text and actions are one value: what a step's lines order is what is done in it.
#pragma once

#include <optional>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

/// Verbs that only look: what they are done to is a check.
bool looks(std::string_view verb);
/// Do two words for what is done mean the same verb ("undo", as it was said, and "loosen")?
bool same_verb(std::string_view a, std::string_view b);

/// The actions a line orders (line_orders.h), in order; of those that name no item, what is done to the machine as a whole.
/// `items`: of the guide, for their kinds.
std::vector<Action> actions_of_line(std::string_view line, const std::vector<Item>& items);
/// The same of a line of a step: as the author put it right where it was read wrongly.
std::vector<Action> actions_of_line(const Step& step, std::size_t line, const std::vector<Item>& items);

/// The actions of all lines of a step; and of those heard before, the ones on items that no line names: they are not written yet.
std::vector<Action> actions_of(const Step& step, const std::vector<Item>& items, const std::vector<Action>& heard);

/// The step with other lines, and its actions following them: what only the old lines ordered goes, what was heard stays until
/// it is written. What was put right stays with its line, also where that is worded anew and reads the same.
Step with_lines(Step step, std::vector<std::string> lines, const std::vector<Item>& items);

/// What a line orders, put right: its actions are these from now on. As the line reads by itself: the correction goes.
Step with_line_actions(Step step, std::size_t line, std::vector<Action> actions, const std::vector<Item>& items);

/// For each action of a step, the line that orders it; nothing for one that no line orders.
std::vector<std::optional<std::size_t>> lines_of_actions(const Step& step, const std::vector<Item>& items);

/// " to {figure:t}", " for {figure:t}", ": {figure:t}": a figure behind an order, by its kind.
std::string figure_phrase(const Procedure& p, const FigureId& figure);
/// A line that orders the action, as actions_of_line() reads it again: "Tighten the {item:plug} to {figure:t}."
std::string line_for(const Procedure& p, const Action& action);

}  // namespace anagraph::core
