// Mishearings: what a correction of a line put right, and the other lines in which the recogniser heard the same wrongly.
#pragma once

#include <string>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

/// Words that stand for others: "brain love" for "drain plug".
struct Mishearing {
    std::string heard;
    std::string meant;
    friend bool operator==(const Mishearing&, const Mishearing&) = default;
};

/// What differs between a line as it was heard and as it was put right, by the longest common words. Runs of up to four words on either
/// side; one that was heard as a short word alone ("a" for "the") tells nothing about other lines and is left out.
std::vector<Mishearing> mishearings(const std::string& heard, const std::string& meant);

/// The line's words with every mishearing in them put right; the same words where there is none.
std::string put_right(const std::string& words, const std::vector<Mishearing>& wrong);

/// The lines of a narration, but for `corrected`, that hold one of them and that nobody has corrected yet.
std::vector<std::size_t> lines_misheard_alike(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard,
    std::size_t corrected, const std::vector<Mishearing>& wrong);

/// Puts a line right, and the other lines by the same mishearings: one change. Errors: those of correct_line().
Result<Change> correct_lines_alike(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard,
    std::size_t corrected, const std::string& text, const std::vector<std::size_t>& others);

}  // namespace anagraph::core
