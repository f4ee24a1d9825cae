// The issued pack: a folder of plain files that a learner opens from a stick, a share or any web server, and a checker
// verifies. One HTML page readable without script, plates as SVG over a picture, clips with captions, the PDF,
// edition.json, and a manifest with the SHA-256 of every file.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/edition/edition.h"
#include "core/narration/timed_text.h"
#include "media/import_pass.h"

namespace anagraph::publish {

inline constexpr int kClipWidth = 960;  // most a clip is wide, in pixels

/// Where the pictures and words of a recording come from.
struct RecordingSource {
    core::RecordingId id;
    std::string path;
    int rotation = 0;
    double pixel_aspect = 1;
    std::vector<core::Segment> narration;
};

struct PackRequest {
    core::Edition edition;
    std::string sha256;  // of the edition's canonical text
    std::vector<RecordingSource> recordings;
    std::string folder;  // where the pack goes; made, and replaced only when it is a pack
};

/// Told what is being made ("Clip of step 4") and the share done. Return false to stop.
using PackProgress = std::function<bool(const std::string& what, double share)>;

/// Writes the whole pack, or nothing. Errors: Refused when the folder holds something else; NotFound when a recording is
/// away ("bring it back or take the plate out"); those of clips and stills; Cancelled; Unwritable when the PDF maker
/// (weasyprint) is missing or fails.
core::Outcome write_pack(const PackRequest& request, const PackProgress& progress = {});

/// What verify_pack found. `good` only when every file is there, unchanged, nothing is extra and the edition's hash is right.
struct Verification {
    bool good = false;
    std::string edition;                // "KQ-PT60-100, edition 1"
    std::vector<std::string> troubles;  // a sentence each, naming the file
};
core::Result<Verification> verify_pack(const std::string& folder);

/// "KQ-PT60-100 / 1 / 7f3a91c2": what is printed on every page.
std::string edition_mark(const core::Edition& edition, const std::string& sha256);

}  // namespace anagraph::publish
