// Two cameras on one job: found by what both hear.
#pragma once

#include <optional>

#include "media/recording_index.h"

namespace anagraph::media {

struct SoundMatch {
    core::FrameTime shift;  // moment t of the second is moment t + shift of the first
    double likeness = 0;    // 0 to 1: correlation of the two sounds where they overlap
    double overlap = 0;     // s both run
};

/// Where two recordings heard the same: the peak of the cross-correlation of the rises of their sound envelopes, to about a
/// frame. Nothing when no place stands out, they overlap by less than five seconds, or one is silent. Time grows with
/// n log n of the longer one.
std::optional<SoundMatch> match_sound(const RecordingIndex& first, const RecordingIndex& second);

}  // namespace anagraph::media
