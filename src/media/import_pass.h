// The import pass: one decoding of a recording that makes everything the stations need: proxy, thumbnails, sound
// envelope, frame times, pauses, shots, sharpness and light. Reads the recording only; runs on any thread.
#pragma once

#include <functional>
#include <string>

#include "core/base/result.h"
#include "media/recording_index.h"

namespace anagraph::media {

/// Called with the share done, 0 to 1. Return false to stop; the pass then ends with Cancelled.
using Progress = std::function<bool(double)>;

/// Looks through `recording` and writes proxy, thumbnails and index.json into `folder`, which must exist. What is written
/// under a temporary name first, so that a stopped pass leaves nothing that looks finished.
/// Errors: those of opening; BadInput without pictures; Refused, with the reason, for a film whose times cannot be followed (see
/// new_times.h); Unreadable where the disk fails; NoSpace, Unwritable, NoMemory; Cancelled. A damaged tail is no error: what came
/// before it is kept and a remark says so.
core::Result<RecordingIndex> import_pass(const std::string& recording, const std::string& folder, const Progress& progress = {});

}  // namespace anagraph::media
