// Folds: stretches of a tape in which nothing matters to the guide, shown folded away.
#pragma once

#include "core/narration/reader.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

struct Fold {
    FrameTime from;
    FrameTime to;
    bool talk = false;      // otherwise silence
    std::size_t lines = 0;  // lines of narration in it
    friend bool operator==(const Fold&, const Fold&) = default;
};

/// Stretches of at least 2 s of talk, or 10 s in which nothing is said, that hold no step, no note and no mark. A recording in
/// which nothing is said at all has none: its pictures are all there is. `lines` by moment, `marks` by line.
std::vector<Fold> folds(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& lines, const std::vector<Mark>& marks,
    const FrameTime& begin, const FrameTime& end);

}  // namespace anagraph::core
