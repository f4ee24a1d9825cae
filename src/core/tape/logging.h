// Logging the tape: what was heard and bracketed, turned into changes of the guide. Offers only; a person calls each.
#pragma once

#include "core/edits/edit.h"
#include "core/narration/reader.h"

namespace anagraph::core {

/// The item that is called so; "plug" is the drain plug where no other item ends in that word. Null where there is none, or more
/// than one.
const Item* item_named(const Procedure& p, const std::string& name);

/// A new step for the stretch [from, to) of a recording, put where the tape has it among the other steps. Its heading and
/// actions come from what was heard in the stretch. Errors: Refused when the stretch is empty or overlaps another step.
Result<Change> bracket_step(
    const Procedure& p, const RecordingId& recording, const FrameTime& from, const FrameTime& to, const std::vector<Mark>& marks);

/// Whether a mark is said in the stretch [from, to). A stretch begins at the first frame of its first line, which is shown
/// up to a frame (here 0.2 s) after the line's own start.
bool said_between(const Mark& mark, const FrameTime& from, const FrameTime& to);

/// Takes a heard figure into a step: joins the figure of the same item, kind and purpose whose value is the same within 3 %, or
/// makes a new one beside it; makes the item when the guide has none of that name. What a program heard is known as such while the step
/// is a draft.
Result<Change> take_figure(const Procedure& p, const RecordingId& recording, const Mark& mark, const StepId& step);

/// Takes a heard caution into a step, in the words said.
Result<Change> take_caution(const Procedure& p, const Mark& mark, const StepId& step);

/// Puts a mark aside: it counts no longer and stays so after a second reading.
Result<Change> dismiss(const Procedure& p, const RecordingId& recording, const Mark& mark);

bool is_dismissed(const Procedure& p, const RecordingId& recording, const Mark& mark);
/// The figure that holds this mark as a claim, or null when it was not taken.
const Figure* taken_as(const Procedure& p, const RecordingId& recording, const Mark& mark);

/// Notes something at a moment: for the author, not filmed, to be looked up, or that the line is nothing but talk.
/// Errors: Refused for an empty text where the kind needs one, and for the same note twice.
Result<Change> add_note(const Procedure& p, const RecordingId& recording, Note note);
Result<Change> remove_note(const Procedure& p, const RecordingId& recording, const Note& note);

/// Marks still to be decided on: figures neither taken nor dismissed, slips and unseen moments not dismissed.
std::vector<const Mark*> open_marks(const Procedure& p, const RecordingId& recording, const std::vector<Mark>& marks);

/// The step whose take holds the moment, or null.
const Step* step_at(const Procedure& p, const RecordingId& recording, const FrameTime& at);

}  // namespace anagraph::core
