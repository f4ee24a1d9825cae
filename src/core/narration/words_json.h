// What a recogniser told of the words of a line, as a library keeps it.
#pragma once

#include <string>
#include <string_view>

#include "core/narration/timed_text.h"

namespace anagraph::core {

/// Empty where nothing is told.
std::string words_json(const Segment& segment);
/// Puts it back into a segment whose text is known. False where it was not written by words_json() for a text of as many words.
bool take_words_json(Segment& segment, std::string_view json);

}  // namespace anagraph::core
