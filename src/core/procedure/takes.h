// Steps on the tape: dividing, joining, and moving their edges. Offers only; perform() applies them.
#pragma once

#include "core/procedure/edit.h"

namespace anagraph::core {

/// Divides a step at a moment within one of its takes. What the step says stays with the first part; pictures from that
/// moment on go to the second. A clip is cut to the part it stays with. Errors: NotFound; Refused when `at` is at an edge
/// or outside, since both parts need a stretch.
Result<Change> split_step(const Procedure& p, const StepId& step, const RecordingId& recording, const FrameTime& at);

/// Joins a step with the one after it: both texts one after the other, what stands in both once. Takes of one recording
/// that follow each other become one, the gap included. Errors: NotFound; Refused when there is no step after it.
Result<Change> merge_with_next(const Procedure& p, const StepId& step);

enum class Edge { Begin,
                  End };

/// Moves an edge of the take of that recording. Errors: NotFound; Refused where the take would be empty or
/// run into another step, naming it.
Result<Change> move_edge(const Procedure& p, const StepId& step, const RecordingId& recording, Edge edge, const FrameTime& to);

/// Which edge of a step's take in that recording is nearer to a moment.
Edge nearer_edge(const Step& step, const RecordingId& recording, const FrameTime& at);

}  // namespace anagraph::core
