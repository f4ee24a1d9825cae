// Exact frames of the original recording, for stills and exports. Not for playing or scrubbing: see player.h and the proxy.
#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/result.h"

namespace anagraph::media {

/// A picture in memory: rows of blue, green, red, 255; no padding between rows.
struct Picture {
    int width = 0;
    int height = 0;
    std::vector<std::uint8_t> bgra;
    bool empty() const { return bgra.empty(); }
};

/// The frame of `recording` that is shown at `time` (the last one not later than it; the first for earlier times), at
/// full size and not rotated. Errors: those of opening; NotFound when nothing can be decoded there.
core::Result<Picture> exact_frame(const std::string& recording, const core::FrameTime& time);

/// The same picture as it is to be seen: made wider where the stored pixels are not square (`pixel_aspect` is their width
/// over their height), then turned upright, `rotation` clockwise: 90, 180 or 270 degrees; any other leaves it as it is.
Picture upright(Picture picture, int rotation, double pixel_aspect);
/// exact_frame() made upright(). Errors: those of exact_frame().
core::Result<Picture> upright_frame(const std::string& recording, const core::FrameTime& time, int rotation, double pixel_aspect);

}  // namespace anagraph::media
