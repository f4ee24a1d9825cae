// Speech cues: turns of speech that speak for a moment of a narration, each a pattern of word classes and of the small words that every
// speaker uses. How much each is worth is learned (speech_model.h), so that none counts for more than it was found to tell.
#pragma once

#include <string_view>
#include <vector>

#include "core/narration/line.h"

namespace anagraph::core {

struct SpeechCue {
    std::string_view name;  // "you cannot see it"; what a person reads as the reason
    friend bool operator==(const SpeechCue&, const SpeechCue&) = default;
};

/// Every cue that a stretch gives, each once, in the order of the program.
std::vector<SpeechCue> speech_cues(const Line& stretch);

}  // namespace anagraph::core
