// Library: what holds a workshop's guides, recordings and editions: a folder, or a server's database with a place for its films (see
// store/place.h). A guide is a journal of changes with snapshots; when append() has returned, the change is on disk, or with the server.
// Any number of programs write in a library side by side; what cannot be decided between two of them is a Conflict.
//
// What must not break goes one way: files are prepared in a folder of their own, put on the disk and renamed into a place named
// by their content; one transaction makes them known. What is being put in its place is noted before, so that the next opening
// takes away what a killed process left there.
#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/bench/bench_events.h"
#include "core/edition/edition.h"
#include "core/edits/edit.h"
#include "core/edits/rebase.h"
#include "core/house/house.h"
#include "core/logbook/logbook.h"
#include "core/narration/timed_text.h"
#include "core/records/records.h"
#include "store/destination.h"
#include "store/files.h"

namespace anagraph::store {

using GuideId = core::Id<struct GuideTag>;

struct GuideEntry {
    GuideId id;
    std::string title;
    std::string machine;
    std::string changed;           // UTC time of the last change
    int editions = 0;              // how many were issued
    bool changed_since = false;    // changed after the state that was issued last
    core::RecordingId cover = {};  // its first recording; empty: it has none
};

/// A guide as it stood at one moment: what is issued, compared and built on is one of these.
struct GuideState {
    core::Procedure procedure;
    std::int64_t sequence = 0;      // of its last change
    std::vector<std::string> lost;  // changes of the journal that could not be read, a sentence each; usually none
};

/// What became of a change that was made on an older state of its guide.
struct Appended {
    std::int64_t sequence = 0;  // of the guide's last change, now
    bool rebased = false;       // others had written since
    bool written = true;        // false: others had done the same already
};

/// A change of one guide, applied: `after` is the guide with it.
struct GuideChange {
    GuideId guide;
    core::Change change;
    core::Procedure after;
    std::int64_t base = 0;                        // the change of the guide it was made on; 0: the last, whichever that is
    std::optional<core::Procedure> made_on = {};  // the guide it was made on, where the library never had it so
};

/// What became of changes kept together, guide by guide; or what a person must decide before any of them is kept.
using Kept = std::variant<std::vector<Appended>, core::Conflict>;

/// Who has the library open elsewhere, and where in it.
struct Present {
    std::string post;
    GuideId guide;
    core::StepId step;
    friend bool operator==(const Present&, const Present&) = default;
};

struct RecordingEntry {
    core::RecordingId id;  // SHA-256 of the file
    std::string name;      // the file's name when it came in
    std::string path;      // where it lies now, absolute
    std::string added;     // UTC; the first time it came in
    bool has_narration = false;
    std::optional<core::FrameTime> length = {};  // of the film; nothing: it was never looked at
    int lines = 0;                               // of its narration
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
    std::string pack;    // SHA-256 of the manifest of its pack; empty for editions of before the library kept it
};

/// What a library knows of a pack.
struct KnownPack {
    GuideId guide;
    int number = 0;
    std::string sha256;
    std::string pack;
};

class Library {
public:
    /// Opens the library at a place for writing, beside whoever else does; the first that comes takes away what killed processes left.
    /// Errors: NotFound where there is none; Busy, with who has it, while another puts it in order; Unwritable for a read-only folder;
    /// Damaged; Refused for one written by a newer version or with links in place of its own folders; NoSpace; Away where its server
    /// cannot be reached.
    static core::Result<std::unique_ptr<Library>> open(const std::string& place);
    /// The same; makes a library where there is nothing yet. Errors also: Refused where the folder or the database holds something else.
    static core::Result<std::unique_ptr<Library>> make_or_open(const std::string& place);
    /// Opens it for reading. Errors: those of open().
    static core::Result<std::unique_ptr<Library>> read(const std::string& place);
    /// The copy of a library that was taken along (store/taken_along.h), for reading while that cannot be reached: what writes in it ends
    /// with Away. Errors: NotFound where nothing of it was.
    static core::Result<std::unique_ptr<Library>> on_the_road(const std::string& place);
    /// A second connection for another thread of the process that has it open for writing.
    static core::Result<std::unique_ptr<Library>> beside(const std::string& place);
    ~Library();
    Library(const Library&) = delete;
    Library& operator=(const Library&) = delete;

    /// By which it is opened again.
    const std::string& place() const;
    /// Of a copy that was taken along: the library it is of; empty: it is none.
    const std::string& home() const;
    /// Where its files lie on this machine.
    const std::string& folder() const;
    static core::Result<std::string> folder_of(const std::string& place);
    /// A text that is another once something was written in the library at a place; made without reading it. Empty: it cannot be reached.
    static std::string stamp(const std::string& place);
    /// Where what else belongs to it lies as files: what waits in its inbox, what its desk knows of tablets. Beside its films, or, where
    /// those lie in a bucket, on this computer, and there it stays.
    std::string own_folder() const;
    static core::Result<std::string> own_folder_of(const std::string& place);
    /// A folder to prepare files in that go into the library at this place. Errors: NoSpace, Unwritable.
    static core::Result<WorkFolder> work_folder(const std::string& place);

    // -- guides
    core::Result<std::vector<GuideEntry>> guides() const;
    core::Result<GuideId> create_guide(const core::Procedure& start, const std::string& author);
    /// Errors: NotFound; Damaged where not even one snapshot can be read. A damaged change ends the reading: the state before it is
    /// given, `lost` says what is missing, and the next append() begins anew from there.
    core::Result<GuideState> guide_state(const GuideId& id) const;
    /// The same as it stood after its change `sequence`.
    core::Result<GuideState> guide_state_at(const GuideId& id, std::int64_t sequence) const;
    core::Result<core::Procedure> load_guide(const GuideId& id) const;
    /// Appends a change that has been applied to the guide as it is: `after` is the guide with it. Durable when this returns without an
    /// error.
    core::Outcome append(const GuideId& id, const core::Change& change, const core::Procedure& after, const std::string& author);
    /// Appends a change that was made on the guide as it was after its change `base`, brought to what others did since (core/edits/rebase).
    /// What they did already is not done again. Errors: NotFound; BadInput where the guide never had a change `base`; Refused where the
    /// change does not apply to that state.
    core::Result<std::variant<Appended, core::Conflict>> append_on(
        const GuideId& id, std::int64_t base, const core::Change& change, const std::string& author);
    /// The same for several guides, and the house where one is given: all of it or nothing, in one transaction. Errors also: Refused where
    /// another changed the house since it was read here; Away, with `place` what was_kept() takes where it is not known whether it was.
    core::Result<Kept> append_all(
        const std::vector<GuideChange>& changes, const std::optional<core::House>& house, const std::string& author);
    /// What became of a change that ended with Away. Errors: Away, still.
    core::Result<bool> was_kept(const std::string& transaction) const;
    /// The sequence of its last change. Errors: NotFound.
    core::Result<std::int64_t> last_change(const GuideId& id) const;
    /// The changes after `since`, oldest first.
    core::Result<std::vector<HistoryEntry>> history(const GuideId& id, std::int64_t since = 0) const;
    /// The guides whose text may hold these words, by their ids: a quick choice to be looked at closely; nothing is missed.
    core::Result<std::vector<GuideEntry>> guides_that_may_say(const std::string& words) const;

    // -- the connection, of a library on a server
    /// Impatient, as a window is: once the server is away everything ends at once with Away, until reach() finds it again.
    void set_patient(bool patient);
    /// Errors: Away, still.
    core::Outcome reach();
    /// Is it there? For another thread; it may take seconds where nobody answers.
    static bool can_be_reached(const std::string& place);
    bool is_on_server() const;
    /// Do its films, documents and packs lie in an object store, and come here when they are needed?
    bool has_far_files() const;
    /// What of them is on this computer, in bytes, and the most that may be; what was not used for longest goes first. Nothing where they
    /// do not lie in an object store.
    struct FilesHere {
        std::int64_t held = 0;
        std::int64_t most = 0;
    };
    std::optional<FilesHere> files_here() const;
    /// Errors: Refused where they do not lie in an object store; BadInput for less than nothing.
    core::Outcome keep_here_at_most(std::int64_t bytes);

    // -- others
    /// Was something written in it elsewhere since this was asked last? It costs next to nothing, and may say yes for no.
    bool others_wrote() const;
    /// Calls `heard` when others may have written, until the library is closed: perhaps a moment before it can be read, perhaps for
    /// nothing. False where nobody tells, and others_wrote() has to be asked now and then. For a thread that has an event loop.
    bool tell_of_others(std::function<void()> heard);
    /// A text that is another once a guide, an edition, a recording, a record, the logbook or the house was written to.
    core::Result<std::string> written() const;
    /// Says where this window is; `post` empty: it goes. To be said again every ten seconds: what is older than thirty is gone.
    core::Outcome be_present(const Present& here);
    /// The others, by their posts.
    core::Result<std::vector<Present>> present() const;

    // -- recordings
    core::Result<std::vector<RecordingEntry>> recordings() const;
    core::Result<RecordingEntry> recording(const core::RecordingId& id) const;
    /// Makes a recording known whose files lie in `prepared`, which becomes recording_folder(id). A narration that is not given
    /// leaves the one that is there. One transaction. Errors: NoSpace, Unwritable; then the library is as it was.
    core::Outcome enter_recording(
        const RecordingEntry& entry, const std::optional<std::vector<core::Segment>>& narration, WorkFolder prepared);
    /// What is said on a recording that came without a narration. Errors: NotFound for a recording that is not here; Refused where it has
    /// one already, on which guides may rest.
    core::Outcome keep_narration(const core::RecordingId& id, const std::vector<core::Segment>& narration);
    /// The original lies somewhere else now. Errors: NotFound for a recording that is not here.
    core::Outcome move_recording(const core::RecordingId& id, const std::string& path);
    /// Sends the files of a recording that is to be entered ahead, where films lie in a bucket: that may take long, and entering it then
    /// does not. Goes on from where an earlier attempt stopped. Errors: those of Objects::put().
    static core::Outcome send_recording(
        const std::string& place, const core::RecordingId& id, const std::string& prepared, const Progress& progress);
    /// The same of a pack, by the SHA-256 of its manifest.
    static core::Outcome send_pack(
        const std::string& place, const std::string& manifest, const std::string& prepared, const Progress& progress = {});
    /// Makes a file that is said to lie in this library be here, as store::make_here() does, but as patiently as this connection is.
    core::Outcome make_here(const std::string& path) const;
    /// Can its original be read, here or from the bucket?
    bool has_original(const RecordingEntry& entry) const;
    core::Outcome set_length(const core::RecordingId& id, const core::FrameTime& length);
    core::Result<std::vector<core::Segment>> narration(const core::RecordingId& id) const;
    /// The lines of all recordings in which every word of `words` begins a word, in the order they came in and were said; at most
    /// `most` of them. Nothing for no words. Case and accents do not matter. A sign that is no letter stands for itself.
    core::Result<std::vector<SaidLine>> find_said(const std::string& words, int most = 500) const;
    std::string recording_folder(const core::RecordingId& id) const;

    // -- documents: pages and pictures that sources are proved by, evidence of runs and services; kept by what is in them
    /// Copies the file into the library; the same file twice is kept once. Errors: those of reading and writing a file.
    core::Result<core::DocumentId> keep_document(const std::string& path);
    /// Where it lies. Nothing is there for a document this library does not have.
    std::string document_path(const core::DocumentId& id) const;

    // -- the house: kept once for all guides; the usual rules and no wrenches until something is set
    core::Result<core::House> house() const;
    core::Outcome set_house(const core::House& house);

    // -- editions
    core::Result<std::vector<IssuedEdition>> editions(const GuideId& id) const;
    /// Keeps an edition of the guide's state `sequence` for ever, with its pack, whose manifest has this SHA-256. The edition exists
    /// when this returns without an error, and not otherwise. Gives back the SHA-256 of its text. Errors: Refused when that number
    /// was already issued; NoSpace, Unwritable.
    core::Result<std::string> enter_edition(
        const GuideId& id, std::int64_t sequence, const core::Edition& edition, const std::string& manifest, WorkFolder pack);
    /// Which state of the guide an edition froze: the sequence of its last change. Errors: NotFound.
    core::Result<std::int64_t> sequence_of(const GuideId& id, int number) const;
    /// Where the pack of an edition is kept. Errors: NotFound.
    core::Result<std::string> pack_folder(const GuideId& id, int number) const;
    /// What this library issued under the SHA-256 of an edition's text; nothing where it issued no such thing.
    core::Result<std::optional<KnownPack>> known_pack(const std::string& sha256) const;
    /// Folders of packs that this library.db does not know: it is older than they are.
    std::vector<std::string> packs_not_known() const;

    // -- records of the house: keys, checks, learners, what was handed out and withdrawn; see core::Records
    /// Errors: Damaged where one was changed, is missing or was put in by another hand.
    core::Result<core::Records> records() const;
    /// Adds these, all or none, as recorded now by `by`. Durable when it returns without an error; gives back the records with them.
    /// Errors: Refused, with the reason; NoSpace, Unwritable.
    core::Result<core::Records> record(const std::vector<core::Entry>& entries, const std::string& by);

    // -- the logbook of its machines; see core::Logbook. Errors as of the records.
    core::Result<core::Logbook> logbook() const;
    core::Result<core::Logbook> log(const std::vector<core::LogBody>& bodies, const std::string& by);

    // -- runs under way at the bench
    /// In the order they were begun. Errors: Damaged; Refused for an event that a newer version wrote.
    core::Result<std::vector<core::BenchKept>> benches() const;
    /// Adds what happened in a run: all of it, durable when it returns without an error, or nothing.
    core::Outcome keep_bench(const std::string& run, const std::vector<core::BenchEvent>& events);
    /// The program is still there. Not an event: only the last of these moments is kept.
    core::Outcome bench_is_alive(const std::string& run, core::Moment at);
    /// It is in the logbook, or was given up.
    core::Outcome drop_bench(const std::string& run);

private:
    struct State;
    explicit Library(std::unique_ptr<State> state);
    static core::Result<std::unique_ptr<Library>> open_to_write(const std::string& place, bool make);
    core::Outcome sweep();
    static core::Outcome send_ahead(const std::string& place, const char* kind, const std::string& name,
        const std::function<core::Result<bool>(const Library&)>& known, const std::string& prepared, const Progress& progress);
    core::Outcome fill_covers();
    core::Result<std::variant<Appended, core::Conflict>> append_within(const GuideChange& change, const std::string& author);
    core::Result<std::variant<core::Change, core::Conflict>> brought_to(
        const GuideChange& change, std::int64_t now, const core::Procedure& is) const;
    core::Outcome set_house_within(const core::House& house);
    std::unique_ptr<State> state_;
};

/// Now, in UTC, as kept everywhere: "2026-11-25T10:42:08Z".
std::string utc_now();

}  // namespace anagraph::store
