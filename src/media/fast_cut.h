// The fast cut: a stretch of a recording as its own MP4 at its own quality. What lies between whole groups of pictures is
// copied as it is; only the pictures at both ends are encoded anew. Exact to the frame.
#pragma once

#include <string>

#include "core/base/result.h"
#include "core/procedure/procedure.h"
#include "media/import_pass.h"

namespace anagraph::media {

struct CutReport {
    std::size_t copied = 0;   // pictures taken over bit by bit
    std::size_t encoded = 0;  // pictures encoded anew
    std::string why;          // a sentence where nothing could be copied
};

/// Writes the frames shown in [take.from, take.to) and the sound under them to `out` (whole, or not at all), times from zero.
/// H.264 of 8 bits is copied between its first IDR picture and its last key picture in the stretch; anything else, and a
/// stretch without them, is encoded anew by cut_clip() and the report says why. Errors: those of cut_clip().
core::Result<CutReport> fast_cut(
    const std::string& recording, const core::Take& take, const std::string& out, const Progress& progress = {});

}  // namespace anagraph::media
