// WhereSaid: where on the tape a part of a step is spoken of, so that an author can hear it again beside what is written.
#pragma once

#include <functional>
#include <optional>
#include <vector>

#include "core/editing/step_part.h"
#include "core/narration/reader.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

/// What is told on a recording: its lines, and what was found in them.
struct TapeLines {
    RecordingId recording;
    const std::vector<Segment>* narration = nullptr;
    const std::vector<Mark>* marks = nullptr;
    std::function<FrameTime(const FrameTime&)> frame_from = {};  // the first frame at or after a moment; empty: the moment itself
};

/// The line of the narration, within a take of the step, in which the part is said: the step's first action; the action a line
/// orders, else the figure it names; the words of a caution; a look at what is checked; the time of a wait. A check or wait that was put on
/// the tape is where it was put. The best take is asked first. Nothing where it is not said, or the tape is not told.
std::optional<Take> where_said(const Procedure& p, const Step& step, const PartOfStep& part, const std::vector<TapeLines>& tapes);

}  // namespace anagraph::core
