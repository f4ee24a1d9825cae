// Heard lines: the words a recogniser heard, cut into lines as a person would write them down.
#pragma once

#include <string>
#include <vector>

#include "core/narration/timed_text.h"

namespace anagraph::core {

struct HeardWord {
    FrameTime from;
    FrameTime to;
    std::string text;
    double sure = 1;  // how likely it is right, 0 to 1, as the recogniser sees it
    friend bool operator==(const HeardWord&, const HeardWord&) = default;
};

/// A word is marked as unsure below this: of those above it most are right.
inline constexpr double kUnsureBelow = 0.5;

/// Lines of at most 18 words, cut where the speaker pauses; each says that a program heard it. `words` by time.
std::vector<Segment> heard_lines(const std::vector<HeardWord>& words);

}  // namespace anagraph::core
