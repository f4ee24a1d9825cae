// Moments: what a guide takes from its recordings, against what they have.
#pragma once

#include <string>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// Pictures and clips taken from a moment the recording does not have, a sentence each. It runs from its first frame at `first`
/// to `end`, when its last frame stops being shown.
std::vector<std::string> moments_beyond(const Procedure& p, const RecordingId& recording, const FrameTime& first, const FrameTime& end);

}  // namespace anagraph::core
