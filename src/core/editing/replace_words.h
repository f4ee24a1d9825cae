// ReplaceWords: words replaced through a guide. Offers: changes that apply, or why not.
#pragma once

#include <string>
#include <string_view>

#include "core/edits/edit.h"

namespace anagraph::core {

/// How often the words stand in headings, lines, cautions, checks, waits and captions: whole words, as written, outside of
/// names of items and figures. None for no words.
std::size_t times_said(const Procedure& p, std::string_view words);
/// All of them replaced, and the actions of lines that now order something else following them. Errors: Refused where they stand nowhere.
Result<Change> replace_words(const Procedure& p, std::string_view words, std::string_view by);

}  // namespace anagraph::core
