// Library: the folder that holds a workshop's guides, recordings and editions. A guide is a journal of changes with
// snapshots; when append() has returned, the change is on disk. One process at a time has a library open.
#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/edition/edition.h"
#include "core/house/house.h"
#include "core/narration/timed_text.h"
#include "core/procedure/edit.h"

namespace anagraph::store {

using GuideId = core::Id<struct GuideTag>;

struct GuideEntry {
    GuideId id;
    std::string title;
    std::string machine;
    std::string changed;         // UTC time of the last change
    int editions = 0;            // how many were issued
    bool changed_since = false;  // changed after the last edition
};

struct RecordingEntry {
    core::RecordingId id;  // SHA-256 of the file
    std::string name;      // the file's name when it came in
    std::string path;      // where it lies now, absolute
    std::string added;     // UTC
    bool has_narration = false;
};

/// A line of a narration that holds the words looked for.
struct SaidLine {
    core::RecordingId recording;
    std::string name;  // of the recording
    core::Segment line;
};

/// One line of a guide's history.
struct HistoryEntry {
    std::int64_t sequence = 0;
    std::string at;  // UTC
    std::string author;
    core::Change change;
};

struct IssuedEdition {
    core::Edition edition;
    std::string sha256;  // of the canonical text
};

class Library {
public:
    /// Opens the library in `folder`, making it when there is none. Errors: Busy when another process has it open;
    /// Unwritable for a read-only folder; Damaged; Refused for one written by a newer version; NoSpace.
    static core::Result<std::unique_ptr<Library>> open(const std::string& folder);
    ~Library();
    Library(const Library&) = delete;
    Library& operator=(const Library&) = delete;

    const std::string& folder() const;

    // -- guides
    core::Result<std::vector<GuideEntry>> guides() const;
    core::Result<GuideId> create_guide(const core::Procedure& start, const std::string& author);
    core::Result<core::Procedure> load_guide(const GuideId& id) const;
    /// Appends a change that has been applied: `after` is the guide with it. Durable when this returns without an error.
    core::Outcome append(const GuideId& id, const core::Change& change, const core::Procedure& after, const std::string& author);
    core::Result<std::vector<HistoryEntry>> history(const GuideId& id) const;

    // -- recordings
    core::Result<std::vector<RecordingEntry>> recordings() const;
    core::Result<RecordingEntry> recording(const core::RecordingId& id) const;
    /// Adds a file that was copied to, or is referenced from, `path`. The folder recording_folder(id) exists afterwards.
    core::Outcome add_recording(const RecordingEntry& entry);
    /// The original lies somewhere else now. Errors: NotFound for a recording that is not here.
    core::Outcome move_recording(const core::RecordingId& id, const std::string& path);
    core::Outcome set_narration(const core::RecordingId& id, const std::vector<core::Segment>& segments);
    /// Both at once from a thread beside the one that has the library open, over a connection of its own: hours of narration
    /// are written without the window standing still.
    static core::Outcome enter_beside(const std::string& folder, const RecordingEntry& entry, const std::vector<core::Segment>& narration);
    core::Result<std::vector<core::Segment>> narration(const core::RecordingId& id) const;
    /// The lines of all recordings that hold every word of `words`, as the recogniser wrote them, in the order they came in
    /// and were said; at most `most` of them. Nothing for no words. Upper and lower case of ASCII letters are alike.
    core::Result<std::vector<SaidLine>> find_said(const std::string& words, int most = 500) const;
    std::string recording_folder(const core::RecordingId& id) const;

    // -- documents: pages and pictures that sources are proved by, kept by what is in them
    /// Copies the file into the library; the same file twice is kept once. Errors: those of reading and writing a file.
    core::Result<core::DocumentId> keep_document(const std::string& path);
    /// Where it lies. Nothing is there for a document this library does not have.
    std::string document_path(const core::DocumentId& id) const;

    // -- the house: kept once for all guides; the usual rules and no wrenches until something is set
    core::Result<core::House> house() const;
    core::Outcome set_house(const core::House& house);

    // -- editions
    core::Result<std::vector<IssuedEdition>> editions(const GuideId& id) const;
    /// Keeps an edition for ever. Errors: Conflict-like Refused when that number was already issued.
    core::Result<std::string> add_edition(const GuideId& id, const core::Edition& edition);
    /// Where packs of a guide's editions are kept: editions/GUIDE/NUMBER.
    std::string edition_folder(const GuideId& id, int number) const;

private:
    struct State;
    explicit Library(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// Now, in UTC, as kept everywhere: "2026-11-25T10:42:08Z".
std::string utc_now();

}  // namespace anagraph::store
