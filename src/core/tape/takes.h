// Steps on the tape: dividing, joining, and moving their edges; and taking a step again. Offers only; perform() applies them.
#pragma once

#include <optional>

#include "core/edits/edit.h"

namespace anagraph::core {

/// The clip cut to another stretch: a poster outside of it goes, marks keep what of their time lies within.
Clip trimmed(Clip clip, const Take& take);

/// Divides a step at a moment within one of its takes. What the step says stays with the first part; pictures from that
/// moment on go to the second, as do the checks and waits shown there. A clip is cut to the part it stays with. Errors: NotFound; Refused
/// when `at` is at an edge or outside, since both parts need a stretch.
Result<Change> split_step(const Procedure& p, const StepId& step, const RecordingId& recording, const FrameTime& at);

/// Joins a step with the one after it: both texts one after the other, what stands in both once. Takes of one recording
/// that follow each other become one, the gap included. Errors: NotFound; Refused when there is no step after it, and
/// where the two apply to different variants.
Result<Change> merge_with_next(const Procedure& p, const StepId& step);

enum class Edge { Begin, End };

/// An edge of one of a step's takes.
struct TakeEdge {
    std::size_t take = 0;
    Edge edge = Edge::Begin;
};

/// The edge that is nearest to a moment of a recording; nothing where the step has no take in it.
std::optional<TakeEdge> nearest_edge(const Step& step, const RecordingId& recording, const FrameTime& at);

/// Moves an edge. Errors: NotFound; Refused where the take would be empty, run into another one, or leave a nested check or
/// wait outside.
Result<Change> move_edge(const Procedure& p, const StepId& step, const TakeEdge& edge, const FrameTime& to);

/// The take of a step that holds a moment.
std::optional<std::size_t> take_at(const Step& step, const RecordingId& recording, const FrameTime& at);

/// Another take of the same step. Errors: NotFound; Refused where it overlaps another take, naming it.
Result<Change> add_take(const Procedure& p, const StepId& step, const Take& take);

/// Makes a take the best one: it comes first, and a clip that was the whole of the best take follows it.
/// Errors: NotFound; Refused when it is the best one already.
Result<Change> choose_take(const Procedure& p, const StepId& step, std::size_t take);

/// Takes a take out of the step. Errors: NotFound; Refused for the only one, and while a check or wait lies in it.
Result<Change> remove_take(const Procedure& p, const StepId& step, std::size_t take);

/// A check, or a wait, shown within a take of the step. Errors: NotFound; Refused outside the step's takes.
Result<Change> nest_check(const Procedure& p, const StepId& step, Check check);
Result<Change> nest_wait(const Procedure& p, const StepId& step, Wait wait);

}  // namespace anagraph::core
