// DraftLines: the lines, checks and waits of steps, drafted from what was logged in them.
#pragma once

#include <vector>

#include "core/editing/where_said.h"
#include "core/edits/edit.h"

namespace anagraph::core {

/// A step without lines gets them from what was logged in it, each heard action a line: its items and heard figures named,
/// "look" and "check" as checks to be completed, times as waits. An action on no item that is known stays for the author.
/// Checks and waits get the stretch of the tape they were said in, where `tapes` tell it; a line's is found by where_said().
/// Errors: NotFound; Refused where the step has lines already or nothing was heard.
Result<Change> draft_lines(const Procedure& p, const StepId& step, const std::vector<TapeLines>& tapes = {});
/// The same for every step that has none, as one change. Errors: Refused where there is nothing to draft.
Result<Change> draft_all_lines(const Procedure& p, const std::vector<TapeLines>& tapes = {});

}  // namespace anagraph::core
