// Bringing a recording in: copied into the library, looked through once, its narration read. The long part touches no
// library, so it runs on any thread; the short part writes what was prepared into the library.
#pragma once

#include <string>
#include <vector>

#include "media/import_pass.h"
#include "store/library.h"

namespace anagraph::shop {

/// A recording ready to be entered in a library.
struct PreparedRecording {
    store::RecordingEntry entry;
    media::RecordingIndex index;
    std::vector<core::Segment> narration;
    std::vector<std::string> remarks;  // a sentence each, for the person
};

/// The narration that lies beside a recording (same name, .vtt, .srt, .txt or .md), or an empty text.
std::string narration_beside(const std::string& recording);

/// Whether the library keeps a copy of a recording or remembers where it lies.
enum class Original { Copy,
                      StaysWhereItLies };

/// Hashes and looks through `recording` for the library in `library_folder`, and copies it. `narration` empty: the one
/// beside it, if any. Errors: those of reading and writing; Cancelled. What was begun is taken away again on any error.
core::Result<PreparedRecording> prepare_recording(const std::string& library_folder, const std::string& recording, const std::string& narration, const media::Progress& progress = {}, Original original = Original::Copy);

/// Enters it in the library. A recording that is there already gets its narration and index anew.
core::Outcome enter_recording(store::Library& library, const PreparedRecording& prepared);

/// Reads a narration file. Errors: those of reading; BadInput when nothing timed is in it.
core::Result<core::Narration> read_narration(const std::string& path);

}  // namespace anagraph::shop
