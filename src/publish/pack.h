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
#include "publish/signatures.h"

namespace anagraph::publish {

inline constexpr int kClipWidth = 960;  // most a clip is wide, in pixels

/// Where the pictures and words of a recording come from.
struct RecordingSource {
    core::RecordingId id;  // the SHA-256 the file must have
    std::string path;
    int rotation = 0;
    double pixel_aspect = 1;
    std::vector<core::Segment> narration;
};

struct PackRequest {
    core::Edition edition;
    std::string sha256;  // of the edition's canonical text
    std::vector<RecordingSource> recordings;
};

/// Told what is being made ("Clip of step 4") and the share done. Return false to stop.
using PackProgress = std::function<bool(const std::string& what, double share)>;

/// Writes the whole pack into `folder`, which the caller made and takes away where this fails. The recordings are read to their
/// end first: pictures are taken from the films the guide was made of, and from no others. Gives back the SHA-256 of the
/// manifest. Errors: NotFound when a recording is away ("bring it back or take the plate out"); Damaged when it is another film or
/// changes meanwhile; those of clips and stills; Cancelled; NoSpace; Unwritable when the PDF maker (weasyprint) is missing or fails.
core::Result<std::string> write_pack(const PackRequest& request, const std::string& folder, const PackProgress& progress = {});

/// What verify_pack found. It tells whether a pack is undamaged: every file of the manifest is there and unchanged, nothing is
/// extra, and page, PDF and edition.json say the same. Whoever alters all of them and writes the manifest anew is not found out
/// by this; the library that issued it knows (shop/verify.h).
struct Verification {
    bool undamaged = false;
    std::string edition;                // "KQ-PT60-100, edition 1"
    std::string mark;                   // as printed on every page; empty where there is no edition to read
    std::string sha256;                 // of edition.json
    std::string manifest;               // SHA-256 of the manifest
    std::vector<Signature> signatures;  // those beside it, each of which holds for this manifest
    std::vector<core::Signer> signers;  // who signed when it was issued, as the edition says
    std::vector<std::string> troubles;  // a sentence each, naming the file
    std::vector<std::string> notes;     // what could not be compared, a sentence each
};
/// `path`: the pack's folder, or the one file it was made into. Reads regular files only; links, pipes and devices in the folder are
/// troubles. Told the share done; return false to stop. Errors: NotFound, BadInput where it is no pack, Cancelled; those of
/// PackSource::open().
core::Result<Verification> verify_pack(const std::string& path, const std::function<bool(double)>& progress = {});

/// "KQ-PT60-100 / 1 / 7f3a91c2": what is printed on every page.
std::string edition_mark(const core::Edition& edition, const std::string& sha256);

}  // namespace anagraph::publish
