// The reshoot list: everything of a job that was not filmed, cannot be seen, or was promised for later, in the order of the
// tape. Derived from the guide and its recordings; nothing of it is kept.
#pragma once

#include <string>
#include <vector>

#include "core/narration/reader.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

/// A stretch of a recording in which the picture is no good, and why ("too dark").
struct PoorStretch {
    FrameTime from;
    FrameTime to;
    std::string why;
};

/// What is known of one recording of the job.
struct TapeSeen {
    RecordingId recording;
    const std::vector<Segment>* narration = nullptr;
    const std::vector<Mark>* marks = nullptr;
    std::vector<PoorStretch> poor;
};

struct Missing {
    RecordingId recording;
    FrameTime at;
    std::string what;  // what to film or to find out, as far as it is known
    std::string why;   // how it came onto the list
    StepId step;       // the step it belongs to, or empty
};

/// Errors: none. Marks the author has put aside, and lines dropped as talk, ask for nothing. Moments of one kind less than
/// three seconds apart are one point.
std::vector<Missing> reshoot_list(const Procedure& p, const std::vector<TapeSeen>& tapes);

}  // namespace anagraph::core
