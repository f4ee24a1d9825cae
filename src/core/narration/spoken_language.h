// Which language a narration is spoken in, as far as the reader has to know: it knows English, and what it found in any other would be
// chance.
#pragma once

#include <string_view>
#include <vector>

#include "core/narration/timed_text.h"

namespace anagraph::core {

/// The code of the language (ISO 639-1, of those a guide is offered in) whose small words stand in it more often than those of English;
/// empty for English, and for what is too short or too plain to tell.
std::string_view other_language(const std::vector<Segment>& narration);

}  // namespace anagraph::core
