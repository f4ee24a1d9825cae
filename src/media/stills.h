// Stills: choosing among the frames about a moment, and finding a thing of one still on another.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "core/procedure/pictures.h"
#include "media/exact_frame.h"

namespace anagraph::media {

/// Variance of the Laplacian of the grey picture at 320 pixels width; larger is sharper, comparable within one recording only.
double sharpness_of(const Picture& picture);

/// One of the frames offered for a still.
struct StillOffer {
    core::FrameTime at;
    Picture picture;  // as stored
    double sharpness = 0;
};

/// `count` of `times` (frames of the recording, in order), evenly spread within `seconds` before and after `at`, `at` itself
/// among them; decoded and measured. Told the share done; return false to stop. Errors: those of exact_frame(); Cancelled.
core::Result<std::vector<StillOffer>> stills_about(const std::string& recording, const std::vector<core::FrameTime>& times,
    const core::FrameTime& at, double seconds, int count, const std::function<bool(double)>& progress = {});
/// Which of them is the sharpest.
std::size_t sharpest_of(const std::vector<StillOffer>& offers);

/// Where what is at `place` of one picture is on another, where little moved between the two.
struct Followed {
    core::Place place;
    double certainty = 0;  // normalised correlation, 0 to 1
};
/// Nothing where it is not found with a certainty of 0.8, where it looks alike everywhere, or where it is found in several
/// places. Both pictures of one size.
std::optional<Followed> follow(const Picture& from, const core::Place& place, const Picture& to);

}  // namespace anagraph::media
