// StepEdits: a step cut in two by its text, words replaced through a guide. What is cut and joined on the tape, and joining
// altogether, is takes.h. Offers: changes that apply, or why not.
#pragma once

#include <string>
#include <string_view>

#include "core/procedure/edit.h"

namespace anagraph::core {

/// The lines from `line` on become a step of their own behind it, with the actions, heard figures and answers that belong to
/// them alone. Takes, pictures and cautions stay with the first. Errors: NotFound; Refused where one of the two would be left
/// without a line.
Result<Change> split_at_line(const Procedure& p, const StepId& step, std::size_t line);

/// How often the words stand in headings, lines, cautions, checks, waits and captions: whole words, as written, outside of
/// names of items and figures. None for no words.
std::size_t times_said(const Procedure& p, std::string_view words);
/// All of them replaced. Errors: Refused where they stand nowhere.
Result<Change> replace_words(const Procedure& p, std::string_view words, std::string_view by);

}  // namespace anagraph::core
