// Bringing a recording in: copied into the library, looked through once, its narration read. The long part touches no
// library, so it runs on any thread; the short part makes what was prepared known to the library, in one step.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "media/import_pass.h"
#include "store/library.h"

namespace anagraph::shop {

/// A recording ready to be entered in a library; its files lie in a folder that is taken away where it is not entered.
struct PreparedRecording {
    store::RecordingEntry entry;
    media::RecordingIndex index;
    std::optional<std::vector<core::Segment>> narration;  // nothing: none came along, and one that is known stays
    std::vector<std::string> remarks;                     // a sentence each, for the person
    std::optional<store::WorkFolder> files;               // nothing once it was entered
};

/// The narration that lies beside a recording (same name, .vtt, .srt, .txt or .md), or an empty text.
std::string narration_beside(const std::string& recording);

/// Whether the library keeps a copy of a recording or remembers where it lies.
enum class Original { Copy, StaysWhereItLies };

/// Hashes and looks through `recording` for the library at `place`, and copies it unless a good copy is there. The copy
/// is read again and compared. `narration` empty: the one beside it, if any. Told the share done, hashing and copying included.
/// Errors: those of reading and writing; Refused for a name that cannot be remembered; Damaged where the copy is not the original;
/// Cancelled.
core::Result<PreparedRecording> prepare_recording(const std::string& place, const std::string& recording,
    const std::string& narration, const media::Progress& progress = {}, Original original = Original::Copy);

/// Makes it known to the library. Errors: those of Library::enter_recording().
core::Outcome enter_recording(store::Library& library, PreparedRecording& prepared);
/// The same from a thread beside the one that has the library open.
core::Outcome enter_recording_beside(const std::string& place, PreparedRecording& prepared);

/// Keeps what was heard on a recording that is in the library, from a thread beside the one that has it open. Errors: those of
/// Library::keep_narration().
core::Outcome keep_heard_beside(const std::string& place, const core::RecordingId& id, const core::Narration& heard);

/// Reads a narration file. Errors: those of reading; BadInput when nothing timed is in it, or for more than 16 MB.
core::Result<core::Narration> read_narration(const std::string& path);

}  // namespace anagraph::shop
