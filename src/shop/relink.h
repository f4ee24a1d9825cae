// Recordings that are no longer where they were: found again by what is in them.
#pragma once

#include <string>
#include <vector>

#include "media/import_pass.h"
#include "store/library.h"

namespace anagraph::shop {

/// Looks through `folder` and everything in it for the file that is this recording: the same length in bytes first, then the
/// same SHA-256. Reads files only. Runs on any thread. Errors: NotFound, with how many files were looked at; Cancelled.
core::Result<std::string> find_original(
    const core::RecordingId& id, std::int64_t bytes, const std::string& folder, const media::Progress& progress = {});

/// The recordings of a library whose original is not where it was.
core::Result<std::vector<store::RecordingEntry>> recordings_away(const store::Library& library);

}  // namespace anagraph::shop
