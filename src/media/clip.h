// Clips: a stretch of a recording as its own MP4 (H.264, AAC), cut exactly to the frame.
#pragma once

#include <string>

#include "core/base/result.h"
#include "core/procedure/procedure.h"
#include "media/exact_frame.h"
#include "media/import_pass.h"

namespace anagraph::media {

/// What is done to a clip beside cutting it.
struct ClipOptions {
    int slower = 1;       // times; a slowed clip has no sound
    bool silent = false;  // without sound
    /// Draws over a picture, as stored (not turned upright) and in the clip's size. `at`: its moment of the recording.
    std::function<void(Picture& picture, const core::FrameTime& at)> paint = {};
    /// Is anything drawn at that moment? Pictures without are not converted.
    std::function<bool(const core::FrameTime& at)> paints = {};
};

/// Writes the frames shown in [take.from, take.to) and the sound under them to `out` (whole, or not at all). Pictures
/// wider than `max_width` are made smaller. Times begin at zero. Errors: those of opening; NotFound when the stretch holds
/// no frame; NoSpace, Unwritable; Cancelled.
core::Outcome cut_clip(const std::string& recording, const core::Take& take, const std::string& out, int max_width,
    const Progress& progress = {}, const ClipOptions& options = {});

}  // namespace anagraph::media
