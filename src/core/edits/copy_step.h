// CopyStep: a step taken over from another guide with what it needs.
#pragma once

#include "core/edits/edit.h"

namespace anagraph::core {

/// Puts a copy of the step before position `at` of `to`, with the items, figures, sources and recordings it names. What the
/// guide has already (the same kind, name and size; the same value of the same thing) is used; what is called alike and differs
/// comes in beside it. Takes and the clip come along where no step of the guide has that moment; reviewers' comments and
/// methods picked for that step do not. Errors: NotFound for a step that is not in `from`.
Result<Change> copy_step(const Procedure& from, const StepId& step, const Procedure& to, std::size_t at);

}  // namespace anagraph::core
