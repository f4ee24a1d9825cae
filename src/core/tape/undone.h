// Undone: what a job has opened, taken off, loosened or drained and not put back yet.
#pragma once

#include <string>
#include <vector>

#include "core/narration/reader.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

/// One recording of a job: what was found in its narration.
struct HeardTape {
    RecordingId recording;
    const std::vector<Mark>* marks = nullptr;
};

/// Something still to be put back.
struct Undone {
    std::string verb;  // how it was left: "remove", "loosen", "drain", "open", "disconnect", "lift"
    std::string what;
    RecordingId recording;
    FrameTime at;  // when
};

/// What is undone at the end of the last of `tapes`, which are in the order of the job. A step's actions on items
/// count; beside them, what was heard and no step has such an action for. What is opened without a name is left out; what is
/// put back without one ("screw it on") is the last thing that can be meant.
std::vector<Undone> undone_after(const Procedure& p, const std::vector<HeardTape>& tapes);

/// "drain plug out": how it stands, for people.
std::string state_text(const Undone& undone);

}  // namespace anagraph::core
