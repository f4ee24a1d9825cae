// Session: the library and the guide in hand. Every station reads the guide from here and changes it through perform();
// undo and redo therefore work across stations. What perform() has accepted is in the library, or waits on this computer until it can be
// brought there (store/waiting). What others change in the guide is followed as it comes; undo takes back one's own changes only.
#pragma once

#include <QElapsedTimer>
#include <QObject>
#include <QString>
#include <QTimer>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <vector>

#include "core/editing/where_said.h"
#include "core/edits/edit.h"
#include "core/narration/reader.h"
#include "core/tape/spoken_lines.h"
#include "media/exact_frame.h"
#include "media/recording_index.h"
#include "shop/taught.h"
#include "store/library.h"
#include "store/waiting.h"

namespace anagraph::app {

/// A recording as the stations need it: where it lies, what the import learned, what was said and found.
struct LoadedRecording {
    store::RecordingEntry entry;
    media::RecordingIndex index;
    std::vector<core::Segment> heard;                    // as the recogniser wrote it
    std::vector<core::Segment> narration;                // as the author left it; see core::spoken_lines()
    std::vector<std::optional<std::size_t>> heard_line;  // of each line of `narration`; nothing for a typed one
    std::vector<core::Mark> marks;                       // empty while `reading`
    std::string_view other_language;                     // its code, where the narration is not in the one that is read: no marks then
    bool reading = false;                                // a long narration is being read on another thread
    core::RecordingUse told;                             // what `narration` was made with
    std::vector<media::PoorStretch> poor;
    QString folder;
    bool away = false;    // the original is not where it was; the small copy stands in
    bool far = false;     // it lies in the library's object store: the small copy is played, and frames of its own come when it rests
    bool coming = false;  // and the small copy is not here yet either
    std::shared_ptr<void> held;  // what is here of it stays
};

/// Reads a frame of the recording, upright; may run on any thread.
inline auto frame_reader(const LoadedRecording& r, const core::FrameTime& at) {
    return [path = r.entry.path, at, turn = r.index.rotation, shape = r.index.pixel_aspect] {
        return media::upright_frame(path, at, turn, shape);
    };
}

class ComingFilms;
class Hearing;

class Session : public QObject {
    Q_OBJECT
public:
    explicit Session(std::unique_ptr<store::Library> library, QObject* parent = nullptr);
    ~Session() override;

    store::Library& library() { return *library_; }
    const store::Library& library() const { return *library_; }

    bool has_guide() const { return !guide_.empty(); }
    const store::GuideId& guide() const { return guide_; }
    const core::Procedure& procedure() const { return procedure_; }
    bool open_guide(const store::GuideId& id);
    bool new_guide(const core::Header& header);

    /// Applies and saves a change. False, and failed() with the reason, when it is refused or cannot be saved.
    bool perform(const core::Change& change);
    /// The same for an offer that may itself have been refused.
    bool perform(const core::Result<core::Change>& change);
    void undo();
    void redo();
    /// The same together with changes of other guides, each applied already: all of it or nothing, and one undo takes all of it
    /// back. `change` empty: the guide in hand stays as it is.
    bool perform_everywhere(const core::Change& change, std::vector<store::GuideChange> others);
    /// Keeps what holds for all guides of the house; undone like any other change.
    bool keep_house(const core::House& house, const QString& label);
    bool can_undo() const { return !undo_.empty(); }
    bool can_redo() const { return !redo_.empty(); }
    QString undo_label() const;
    QString redo_label() const;
    /// When the guide was last saved, as shown: "saved 10:42:08"; or how much is not yet.
    QString saved_text() const;

    // -- others in the same library
    /// The library cannot be reached now; changes of the guide in hand wait on this computer.
    bool is_away() const { return away_; }
    /// The library by which it is opened again, also while its copy that was taken along is worked on.
    const std::string& home() const;
    bool is_on_the_road() const { return !library_->home().empty(); }
    const store::Waiting& waiting() const { return *waiting_; }
    /// Who else has the library open, and where.
    const std::vector<store::Present>& others() const { return others_; }
    /// Their posts at a step of the guide in hand, as shown: "checker, trainer"; empty: nobody.
    QString others_at(const core::StepId& step) const;
    /// A person decided what met another's change: theirs or mine. False, and failed(), where it cannot be.
    bool settle(std::size_t index, bool mine);
    /// Is somebody typing? What others did is shown when they are done.
    std::function<bool()> is_typing = [] { return false; };
    /// Looks for what others did, as a clock does by itself a few times a second.
    void follow();

    /// The step in hand: what tape, sheet and plates agree to work on.
    const core::StepId& step() const { return step_; }
    void set_step(const core::StepId& id);

    /// Loads a recording once and keeps it; null with failed() when it cannot be read.
    const LoadedRecording* recording(const core::RecordingId& id);
    /// Reads it again after it was brought in anew; pointers handed out before stay good.
    void reload_recording(const core::RecordingId& id);
    /// The recordings of the guide, or the one chosen on the Shelf while the guide has none.
    std::vector<core::RecordingId> tape_order();
    void set_chosen_recording(const core::RecordingId& id) { chosen_recording_ = id; }
    /// What is told on these recordings, for finding where something was said. Those that cannot be read are left out.
    std::vector<core::TapeLines> tape_lines(const std::vector<core::RecordingId>& recordings);
    /// Is the page at hand on which a proof stands?
    bool has_page(const core::Proof& proof) const;
    /// Marks on all recordings of the guide that nobody has decided on yet.
    int open_marks();

    /// What runs at the machine and checks of learners brought back for the guide in hand; read once, and again when the library changes.
    const shop::CameBack& came_back();

    /// The post that sits here: every change, comment and check carries it. Kept with the desktop user.
    QString author() const { return author_; }
    void set_author(const QString& post);
    /// Has anybody said yet who sits here?
    static bool author_known();

    /// A place to show, asked for by one station of another.
    void show_moment(const core::RecordingId& id, const core::FrameTime& at, bool play) { emit moment_asked(id, at, play); }
    void show_run(qlonglong entry) { emit run_asked(entry); }
    void tell(const QString& sentence) { emit failed(sentence); }
    /// What is said on a recording is known now; the stations show it.
    void tell_heard(const core::RecordingId& id);
    Hearing& hearing() { return *hearing_; }
    ComingFilms& coming() { return *coming_; }

signals:
    void others_changed();
    /// What is kept on this computer changed, or whether the library can be reached.
    void waiting_changed();
    /// A change of ours met another's: a person must decide.
    void met_another();
    void guide_opened();
    void changed();
    void step_changed();
    void library_changed();
    void author_changed();
    void heard(const anagraph::core::RecordingId& id);
    void failed(const QString& sentence);
    void run_asked(qlonglong entry);  // of the logbook
    void moment_asked(const anagraph::core::RecordingId& id, const anagraph::core::FrameTime& at, bool play);

private:
    std::optional<LoadedRecording> read_recording(const core::RecordingId& id);
    /// Makes the lines anew after the author changed them, and reads them.
    void follow_lines(LoadedRecording& r);
    void read_lines(LoadedRecording& r);
    /// The state of the guide in hand that a change was made on: after its change `base`, or one that the library never had.
    struct Stand {
        std::int64_t base = 0;
        std::shared_ptr<const core::Procedure> own = {};
    };
    /// The one now.
    Stand stand() const;
    /// What one undo takes back: a change of the guide in hand, of other guides, and the house as it was.
    struct Done {
        core::Change own;  // no edits: the guide in hand stays
        Stand stand = {};  // of `own`
        int foreign = 0;   // how often others had changed the guide by then
        struct Elsewhere {
            store::GuideId guide;
            core::Change change;
            std::int64_t base = 0;  // the change of that guide that it was worked out on
        };
        std::vector<Elsewhere> others;
        std::optional<core::House> house;
        std::string label;
    };
    struct Saved {
        bool rebased = false;  // it had to be brought to what others did
        bool written = true;   // false: others had done the same already
        std::vector<store::Appended> others = {};
    };
    /// Keeps it. `made_on`: of `change`. Nothing, and failed() or met_another(), where it was not kept.
    std::optional<Saved> commit(const core::Change& change, core::Procedure after, const Stand& made_on,
        const std::vector<store::GuideChange>& others = {}, const std::optional<core::House>& house = {});
    bool keep_waiting(const core::Change& change, core::Procedure after, const std::string& transaction);
    void show(core::Procedure now, std::int64_t sequence);
    /// Reads the guide as it is now.
    bool look_again();
    /// What takes back the change `sequence` of a guide, which is in the library; nothing where it cannot be read.
    std::optional<core::Change> back_of(const store::GuideId& guide, std::int64_t sequence) const;
    /// The same of the guide in hand, as it was saved: `inverse` where it was kept as it was made.
    core::Change own_back(const Saved& saved, core::Change inverse) const;
    std::vector<Done::Elsewhere> others_back(const std::vector<store::GuideChange>& others, const Saved& saved) const;
    /// Does what `done` says and gives back what takes that back; nothing, and failed(), where it cannot be.
    std::optional<Done> turn(const Done& done);
    void went_away();
    void look_for_server();
    void came_near();
    void announce();
    /// Has the library tell what others do; looks now and then where it cannot.
    void listen();
    void watch_closely();
    /// Who else is there; false where it cannot be known.
    bool see_others();

    std::unique_ptr<store::Library> library_;
    std::unique_ptr<store::Library> on_the_road_;  // the copy that was worked on before the library was back
    store::GuideId guide_;
    core::Procedure procedure_;
    std::int64_t sequence_ = 0;  // the change of the guide in the library that `procedure_` stands on
    int foreign_ = 0;            // how often others changed it since it was opened
    std::optional<store::Waiting> waiting_;
    bool away_ = false;
    std::vector<store::Present> others_;
    std::string written_;  // what the library said when the stations last showed it
    QElapsedTimer since_shown_;
    bool lists_due_ = false;  // others wrote since
    bool told_ = false;       // does the library tell when they do?
    QElapsedTimer since_word_;
    QTimer follow_timer_;
    QTimer reach_timer_;
    QTimer announce_timer_;
    core::StepId step_;
    std::vector<Done> undo_;  // newest last
    std::vector<Done> redo_;
    core::RecordingId chosen_recording_;
    QString saved_text_;
    std::map<core::RecordingId, LoadedRecording> loaded_;
    QString author_;
    std::optional<shop::CameBack> came_back_;
    Hearing* hearing_ = nullptr;     // a child
    ComingFilms* coming_ = nullptr;  // a child
};

}  // namespace anagraph::app
