// StepEdits: a step cut in two by its text. What is cut and joined on the tape, and joining altogether, is takes.h. Offers:
// changes that apply, or why not.
#pragma once

#include "core/edits/edit.h"

namespace anagraph::core {

/// The lines from `line` on become a step of their own behind it, with the actions, heard figures and answers that belong to
/// them alone. Takes, pictures and cautions stay with the first. Errors: NotFound; Refused where one of the two would be left
/// without a line.
Result<Change> split_at_line(const Procedure& p, const StepId& step, std::size_t line);

}  // namespace anagraph::core
