// A first draft of the steps from what was said. Everything in it was heard; where one step ends and the next begins is a
// guess, and every drafted step says so until a person confirms it.
#pragma once

#include <functional>
#include <vector>

#include "core/edits/edit.h"
#include "core/narration/reader.h"

namespace anagraph::core {

/// Steps for the parts of a recording that no step holds yet: a new one where the talk turns to another thing or an action
/// follows a long pause, with the actions, items, figures and cautions said in it. `end` is the end of the recording. The
/// whole draft is one change. `frame_from` gives the first frame at or after a moment; without it the moments themselves are
/// the edges. Errors: Refused when nothing done was heard, or when everything is bracketed already.
Result<Change> draft_steps(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& narration,
    const std::vector<Mark>& marks, const FrameTime& end, const std::function<FrameTime(const FrameTime&)>& frame_from = {});

/// A person has looked at a drafted step and confirms it. Errors: NotFound; Refused when it is no draft.
Result<Change> confirm_step(const Procedure& p, const StepId& step);

}  // namespace anagraph::core
