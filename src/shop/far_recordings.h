// Recordings of a library whose films lie in a bucket: what is read of them comes to this computer when it is needed.
#pragma once

#include "core/base/result.h"
#include "media/recording_index.h"
#include "store/library.h"

namespace anagraph::shop {

/// Films of such libraries are read like files from here on. Called once at the start of each program.
void read_far_recordings();

/// What its import learned of a recording. Errors: those of media::load_index() and store::make_here().
core::Result<media::RecordingIndex> recording_index(const store::Library& library, const core::RecordingId& id);

}  // namespace anagraph::shop
