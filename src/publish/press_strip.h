// A reset sequence as a strip of small drawings, one a press, to be read from left to right.
#pragma once

#include <string>

#include "core/procedure/procedure.h"

namespace anagraph::publish {

/// The strip as an <svg>, with the same in words as its title. What the display shows stands in a frame over its button.
std::string press_strip(const core::Procedure& p, const core::ResetSequence& sequence);
/// "Press MODE twice. Hold MODE + SET for 5 s until it shows 0 h."
std::string press_words(const core::Procedure& p, const core::ResetSequence& sequence);

}  // namespace anagraph::publish
