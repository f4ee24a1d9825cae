// Films whose times cannot be followed: camera files joined end to end, bare streams without times, times below zero.
#pragma once

#include <string>

#include "core/base/result.h"
#include "media/import_pass.h"

namespace anagraph::media {

/// Writes the pictures and the sound of `recording` as they are (copied, not encoded again) into a new Matroska film at `out`,
/// one picture after the other with times that begin at zero and only go on. Where the recording has no times, pictures follow
/// each other at its own rate (25 a second where it names none), in the order they are shown. The same film gives the same
/// bytes. Errors: those of opening; NoSpace, Unwritable; Cancelled; BadInput where nothing can be copied.
core::Outcome with_new_times(const std::string& recording, const std::string& out, const Progress& progress = {});

}  // namespace anagraph::media
