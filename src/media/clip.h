// Clips: a stretch of a recording as its own MP4 (H.264, AAC), cut exactly to the frame.
#pragma once

#include <string>

#include "core/base/result.h"
#include "core/procedure/procedure.h"
#include "media/import_pass.h"

namespace anagraph::media {

/// Writes the frames shown in [take.from, take.to) and the sound under them to `out` (whole, or not at all). Pictures
/// wider than `max_width` are made smaller. Times begin at zero. Errors: those of opening; NotFound when the stretch holds
/// no frame; NoSpace, Unwritable; Cancelled.
core::Outcome cut_clip(const std::string& recording, const core::Take& take, const std::string& out, int max_width, const Progress& progress = {});

}  // namespace anagraph::media
