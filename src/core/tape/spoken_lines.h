// Spoken lines: what is said on a recording as the author left it. The recogniser's lines with the author's corrections and
// speakers, tied to the film where their times are off, and the lines the author typed. Nothing of the recogniser's is lost.
#pragma once

#include <optional>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

struct SpokenLines {
    std::vector<Segment> lines;                     // by moment of the film
    std::vector<std::optional<std::size_t>> heard;  // which line of the recogniser's it is; nothing for a typed one
};

/// `use` may be null: the lines as they were heard.
SpokenLines spoken_lines(const std::vector<Segment>& heard, const RecordingUse* use);

/// Where on the film something said at a time of the narration is heard. One anchor shifts all; between two the times are
/// stretched evenly, and beyond them at the pace of the nearest two.
FrameTime film_time(const std::vector<Anchor>& anchors, const FrameTime& said);

/// Puts the words of a line right; the words of the recogniser take the correction out again. Errors: Refused when empty.
Result<Change> correct_line(const Procedure& p, const RecordingId& recording, const Segment& heard, const std::string& text);

/// A new line written against the film. Errors: Refused for an empty one, and for a time where another typed line begins, whose
/// words would be lost.
Result<Change> type_line(const Procedure& p, const RecordingId& recording, const Segment& line);
/// Other words for a line that was typed; an empty text takes it out. Errors: NotFound where no typed line begins.
Result<Change> retype_line(const Procedure& p, const RecordingId& recording, const Segment& line);

/// Says who speaks from a line on; an empty name gives that back to the narration.
Result<Change> set_speaker(const Procedure& p, const RecordingId& recording, const Segment& heard, const std::string& name);

/// Ties a line to the moment of the film where it is really heard. What the author had decided on the narration (marks put
/// aside, figures taken, lines dropped) moves along. Errors: Refused where lines would change their order or be pressed or
/// stretched beyond half or double their pace.
Result<Change> tie_line(
    const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard, std::size_t line, const FrameTime& film);
/// Takes the tie of a line out again. Errors: NotFound when it has none.
Result<Change> untie_line(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard, std::size_t line);

}  // namespace anagraph::core
