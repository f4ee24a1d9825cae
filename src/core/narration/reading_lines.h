// Reading lines: the words of a narration in the lines they are read in, whatever lines they were written in. A recogniser's cues and a
// person's paragraphs hold the same words, and nearly the same is read of them.
#pragma once

#include <vector>

#include "core/narration/line.h"
#include "core/narration/timed_text.h"

namespace anagraph::core {

/// Where a word was written: its segment, and which of the segment's words (words_of) it is.
struct Written {
    std::size_t segment = 0;
    std::size_t word = 0;
};

struct ReadingLine {
    Line line;
    std::vector<Written> written;  // of each word
};

/// Every word of the narration once, in order. A line ends where another speaks and where a sentence ends; where nothing is punctuated,
/// where a new thought begins by its words, and after about 36 words at the latest. Where a segment begins, a clause does: a recogniser
/// begins one where the speaker paused. No line ends within a number.
std::vector<ReadingLine> reading_lines(const std::vector<Segment>& segments);

}  // namespace anagraph::core
