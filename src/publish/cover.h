// The small picture that stands for a recording in a list: upright, beside its index.
#pragma once

#include <string>

#include "core/base/result.h"
#include "media/recording_index.h"

namespace anagraph::publish {

inline constexpr const char* kCoverFile = "cover.jpg";

/// Makes it in the recording's folder from one of the thumbnails there. A film without any has no cover. Errors: those of reading
/// and writing.
core::Outcome write_cover(const std::string& folder, const media::RecordingIndex& index);

}  // namespace anagraph::publish
