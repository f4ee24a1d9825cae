// LineHistory: who wrote a line of a step, when, and what stood there before, read out of the guide's journal.
#pragma once

#include <string>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

/// A change of the journal with who made it and when (UTC).
struct Journaled {
    std::string at;
    std::string who;
    Change change;
};

/// What a line said from a change on.
struct LineVersion {
    std::string at;
    std::string who;
    std::string label;  // of the change: "write an instruction"
    std::string text;   // with its tokens
};

/// The versions of line `line` (0-based) of the step as it stands now, the newest first, followed through changes of its
/// neighbours, moves within the step and from step to step. `journal` from the first change on. Empty for a step or line that
/// is not there.
std::vector<LineVersion> line_history(const std::vector<Journaled>& journal, const StepId& step, std::size_t line);

}  // namespace anagraph::core
