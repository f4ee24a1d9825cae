#include "app/session/session.h"

#include <QFileInfo>
#include <QTime>

#include "app/film/coming_films.h"
#include "app/hearing/hearing.h"
#include "app/running/settings.h"
#include "app/theme/theme.h"
#include "app/work/work.h"
#include "core/edits/difference.h"
#include "core/narration/spoken_language.h"
#include "core/tape/logging.h"
#include "shop/far_recordings.h"
#include "store/objects/object_cache.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kFollow = 250;        // milliseconds between looks at what others did
constexpr int kWatchful = 3000;     // that long after a word of it, which may come before it can be read
constexpr int kShowLists = 2000;    // and between readings of whole lists for it
constexpr int kReach = 2000;        // between attempts to find a server that is away
constexpr int kAnnounce = 10000;    // between words of where this window is
constexpr int kAnnounceSoon = 300;  // once it went somewhere else

constexpr const char* kPost = "post";  // in the desktop user's settings

constexpr std::size_t kReadAtOnce = 500;  // lines: read in a few milliseconds; longer narrations are read beside the window

}  // namespace

Session::Session(std::unique_ptr<store::Library> library, QObject* parent)
    : QObject(parent), library_(std::move(library)), hearing_(new Hearing(*this)), coming_(new ComingFilms(*this)) {
    connect(this, &Session::library_changed, this, [this] { came_back_.reset(); });
    connect(coming_, &ComingFilms::came, this, [this](const core::RecordingId& id) {
        reload_recording(id);
        emit library_changed();
    });
    library_->set_patient(false);
    away_ = !library_->home().empty();
    auto waiting = store::Waiting::open(home());
    waiting_ = waiting ? std::move(*waiting) : store::Waiting::nowhere(waiting.error());
    written_ = library_->written().value_or("");
    since_shown_.start();
    (void)library_->others_wrote();
    if (auto there = library_->present()) others_ = std::move(*there);
    connect(&follow_timer_, &QTimer::timeout, this, &Session::follow);
    listen();
    reach_timer_.setSingleShot(true);
    reach_timer_.setInterval(kReach);
    connect(&reach_timer_, &QTimer::timeout, this, &Session::look_for_server);
    if (away_) reach_timer_.start();
    announce_timer_.setSingleShot(true);
    connect(&announce_timer_, &QTimer::timeout, this, &Session::announce);
    announce_timer_.start(kAnnounceSoon);
    // what a window before this one could not bring
    if (waiting_->to_bring() > 0 && !away_) QTimer::singleShot(0, this, &Session::came_near);
    author_ = Settings().value(QLatin1String(kPost), QStringLiteral("author")).toString();
}

Session::~Session() {
    if (!away_) (void)library_->be_present({});
}

void Session::set_author(const QString& post) {
    author_ = post;
    Settings().setValue(QLatin1String(kPost), post);
    announce_timer_.start(kAnnounceSoon);
    emit author_changed();
}

const std::string& Session::home() const { return library_->home().empty() ? library_->place() : library_->home(); }

const shop::CameBack& Session::came_back() {
    if (!came_back_) {
        auto back = has_guide() ? shop::came_back(*library_, guide_) : core::Result<shop::CameBack>(shop::CameBack{});
        if (!back) emit failed(text(back.error().message));
        came_back_ = back ? std::move(*back) : shop::CameBack{};
    }
    return *came_back_;
}

bool Session::author_known() { return Settings().contains(QLatin1String(kPost)); }

bool Session::open_guide(const store::GuideId& id) {
    auto state = library_->guide_state(id);
    if (!state) {
        emit failed(text(state.error().message));
        return false;
    }
    guide_ = id;
    came_back_.reset();
    sequence_ = state->sequence;
    foreign_ = 0;
    procedure_ = store::with_waiting(std::move(state->procedure), waiting_->to_bring(id));
    for (auto& [recording, r] : loaded_) follow_lines(r);
    step_ = procedure_.steps.empty() ? core::StepId{} : procedure_.steps.front().id;
    undo_.clear();
    redo_.clear();
    saved_text_ = tr("saved");
    announce_timer_.start(kAnnounceSoon);
    emit guide_opened();
    emit changed();
    if (!state->lost.empty())
        emit failed(
            tr("The library is damaged: %n changes of this guide could not be read and are missing. ",
                "The library is damaged: 1 change of this guide could not be read and is missing. ", static_cast<int>(state->lost.size())) +
            text(state->lost.front()) + tr(" Put back library.db from your last copy, or look through the guide and go on from here."));
    return true;
}

bool Session::new_guide(const core::Header& header) {
    core::Procedure p;
    p.header = header;
    const auto id = library_->create_guide(p, author().toStdString());
    if (!id) {
        emit failed(text(id.error().message));
        return false;
    }
    emit library_changed();
    return open_guide(*id);
}

std::optional<Session::Saved> Session::commit(const core::Change& change, core::Procedure after, const Stand& made_on,
    const std::vector<store::GuideChange>& others, const std::optional<core::House>& house) {
    const bool own = !change.edits.empty();
    const bool alone = own && others.empty() && !house;
    // behind what waits already, in the order it was made
    if (alone && (away_ || !waiting_->to_bring(guide_).empty())) {
        if (!keep_waiting(change, std::move(after), {})) return std::nullopt;
        return Saved{};
    }
    auto all = others;
    if (own) all.push_back({guide_, change, after, made_on.base, made_on.own ? std::optional(*made_on.own) : std::nullopt});
    auto saved = library_->append_all(all, house, author().toStdString());
    if (!saved && saved.error().code == core::ErrorCode::Away) {
        went_away();
        if (alone && keep_waiting(change, std::move(after), saved.error().place)) return Saved{};
        if (!alone) emit failed(text(saved.error().message));
        return std::nullopt;
    }
    if (!saved) {
        emit failed(text(saved.error().message));
        return std::nullopt;
    }
    if (auto* conflict = std::get_if<core::Conflict>(&*saved)) {
        store::WaitingChange meets{guide_, made_on.base, change, author().toStdString(), store::utc_now(), {}, procedure_, *conflict};
        if (made_on.own) {
            meets.made_on = *made_on.own;
        } else if (made_on.base != sequence_) {
            if (auto was = library_->guide_state_at(guide_, made_on.base)) meets.made_on = std::move(was->procedure);
        }
        if (!alone) {
            emit failed(tr("Others changed this meanwhile, so nothing was saved: %1.").arg(text(conflict->what)));
        } else if (auto kept = waiting_->add(std::move(meets)); !kept) {
            emit failed(text(kept.error().message));
        }
        look_again();
        emit changed();
        emit waiting_changed();
        if (alone) emit met_another();
        return std::nullopt;
    }
    auto& kept = std::get<std::vector<store::Appended>>(*saved);
    Saved out;
    out.others.assign(kept.begin(), kept.begin() + static_cast<std::ptrdiff_t>(others.size()));
    if (!own) return out;
    const auto appended = kept.back();
    saved_text_ = tr("saved %1").arg(QTime::currentTime().toString(QStringLiteral("HH:mm:ss")));
    if (!appended.rebased) {
        show(std::move(after), appended.sequence);
        return out;
    }
    look_again();
    out.rebased = true;
    out.written = appended.written;
    return out;
}

Session::Stand Session::stand() const {
    const bool waits = !waiting_->to_bring(guide_).empty();
    return {sequence_, waits ? std::make_shared<const core::Procedure>(procedure_) : nullptr};
}

bool Session::keep_waiting(const core::Change& change, core::Procedure after, const std::string& transaction) {
    auto kept = waiting_->add({guide_, sequence_, change, author().toStdString(), store::utc_now(), transaction});
    if (!kept) {
        emit failed(text(kept.error().message));
        return false;
    }
    show(std::move(after), sequence_);
    emit waiting_changed();
    return true;
}

void Session::show(core::Procedure now, std::int64_t sequence) {
    procedure_ = std::move(now);
    sequence_ = sequence;
    for (auto& [id, r] : loaded_) follow_lines(r);
    if (procedure_.find(step_) == nullptr) step_ = procedure_.steps.empty() ? core::StepId{} : procedure_.steps.front().id;
}

bool Session::look_again() {
    auto state = library_->guide_state(guide_);
    if (!state) {
        if (state.error().code == core::ErrorCode::Away)
            went_away();
        else
            emit failed(text(state.error().message));
        return false;
    }
    auto now = store::with_waiting(std::move(state->procedure), waiting_->to_bring(guide_));
    if (!(now == procedure_)) ++foreign_;
    show(std::move(now), state->sequence);
    return true;
}

std::optional<core::Change> Session::back_of(const store::GuideId& guide, std::int64_t sequence) const {
    const auto before = library_->guide_state_at(guide, sequence - 1);
    const auto after = library_->guide_state_at(guide, sequence);
    if (!before || !after) return std::nullopt;
    return core::difference(after->procedure, before->procedure);
}

core::Change Session::own_back(const Saved& saved, core::Change inverse) const {
    if (!saved.rebased) return inverse;
    core::Change out{inverse.label, {}};
    if (!saved.written) return out;  // others did it: it is not ours to take back
    if (auto back = back_of(guide_, sequence_)) out.edits = std::move(back->edits);
    return out;
}

std::vector<Session::Done::Elsewhere> Session::others_back(const std::vector<store::GuideChange>& others, const Saved& saved) const {
    std::vector<Done::Elsewhere> out;
    for (std::size_t i = 0; i < others.size(); ++i) {
        if (!saved.others[i].written) continue;
        auto back = back_of(others[i].guide, saved.others[i].sequence);
        if (!back) continue;
        back->label = others[i].change.label;
        out.push_back({others[i].guide, std::move(*back), saved.others[i].sequence});
    }
    return out;
}

QString Session::saved_text() const {
    const int waits = waiting_ ? waiting_->to_bring() : 0;
    if (waits > 0) return tr("%n changes not saved yet", "1 change not saved yet", static_cast<int>(waits));
    return saved_text_;
}

bool Session::perform(const core::Change& change) {
    if (!has_guide()) {
        emit failed(tr("No guide is open: choose one on the Shelf, or begin a new one there."));
        return false;
    }
    auto after = core::apply(procedure_, change);
    if (!after) {
        emit failed(text(after.error().message));
        return false;
    }
    if (*after == procedure_) return true;
    auto back = core::inverse(procedure_, change);
    if (!back) return false;
    const auto saved = commit(change, std::move(*after), stand());
    if (!saved) return false;
    if (saved->written) undo_.push_back({own_back(*saved, std::move(*back)), stand(), foreign_, {}, std::nullopt, change.label});
    redo_.clear();
    emit changed();
    return true;
}

QString Session::others_at(const core::StepId& step) const {
    QStringList posts;
    for (const auto& o : others_)
        if (o.guide == guide_ && o.step == step && !posts.contains(text(o.post))) posts << text(o.post);
    return posts.join(QStringLiteral(", "));
}

bool Session::settle(std::size_t index, bool mine) {
    if (auto done = store::settle(*library_, *waiting_, index, mine); !done) {
        if (done.error().code == core::ErrorCode::Away) went_away();
        emit failed(text(done.error().message));
        return false;
    }
    look_again();
    emit changed();
    emit waiting_changed();
    return true;
}

void Session::listen() {
    told_ = library_->tell_of_others([this] { watch_closely(); });
    watch_closely();
}

void Session::watch_closely() {
    since_word_.start();
    if (!follow_timer_.isActive()) follow_timer_.start(kFollow);
}

void Session::follow() {
    if (away_ || is_typing()) return;
    if (library_->others_wrote()) {  // told once, so asked last
        if (!see_others()) return;
        if (has_guide()) {
            const auto last = library_->last_change(guide_);
            if (last && *last > sequence_ && look_again()) emit changed();
        }
        lists_due_ = true;
    }
    // lists are read anew now and then, not with every letter that somebody types
    if (lists_due_ && since_shown_.elapsed() > kShowLists) {
        lists_due_ = false;
        if (const auto written = library_->written(); written && *written != written_) {
            written_ = *written;
            since_shown_.restart();
            emit library_changed();
        }
    }
    // with nothing to do it sleeps until a word comes
    if (told_ && !lists_due_ && since_word_.elapsed() > kWatchful) follow_timer_.stop();
}

bool Session::see_others() {
    auto seen = library_->present();
    if (!seen) {
        if (seen.error().code == core::ErrorCode::Away) went_away();
        return false;
    }
    if (*seen == others_) return true;
    const bool newcomer = seen->size() > others_.size();
    others_ = std::move(*seen);
    if (newcomer) announce();  // they have not heard of us
    emit others_changed();
    return true;
}

void Session::went_away() {
    if (away_) return;
    away_ = true;
    others_.clear();
    reach_timer_.start();
    emit others_changed();
    emit waiting_changed();
}

void Session::look_for_server() {
    Work::once(
        this, [place = home()] { return store::Library::can_be_reached(place); },
        [this](bool& there) {
            if (there)
                came_near();
            else
                reach_timer_.start();
        });
}

void Session::came_near() {
    const auto again = [this](const core::Error& e) {
        if (e.code != core::ErrorCode::Away) emit failed(text(e.message));
        reach_timer_.start();
    };
    if (!library_->home().empty()) {
        auto back = store::Library::open(library_->home());
        if (!back) return again(back.error());
        on_the_road_ = std::move(library_);  // whoever still reads in the copy may go on
        library_ = std::move(*back);
        library_->set_patient(false);
        (void)library_->others_wrote();
        listen();
    }
    if (auto reached = library_->reach(); !reached) return again(reached.error());
    const int decide = waiting_->to_decide();
    if (auto brought = store::bring(*library_, *waiting_); !brought) return again(brought.error());
    away_ = false;
    if (has_guide()) look_again();
    saved_text_ = tr("saved %1").arg(QTime::currentTime().toString(QStringLiteral("HH:mm:ss")));
    announce();
    emit changed();
    emit library_changed();
    emit waiting_changed();
    if (waiting_->to_decide() > decide) emit met_another();
}

void Session::announce() {
    // alone nobody hears it, and who comes is answered at once; a server is asked all the same, for one that is away is found out by it
    if (!others_.empty() || library_->is_on_server()) announce_timer_.start(kAnnounce);
    if (away_) return;
    if (auto done = library_->be_present({author_.toStdString(), guide_, step_}); !done && done.error().code == core::ErrorCode::Away)
        return went_away();
    if (!others_.empty()) see_others();  // who was killed did not say that they go
}

bool Session::perform(const core::Result<core::Change>& change) {
    if (change) return perform(*change);
    emit failed(text(change.error().message));
    return false;
}

bool Session::perform_everywhere(const core::Change& change, std::vector<store::GuideChange> others) {
    const auto refused = [&](const core::Error& e) {
        emit failed(text(e.message));
        return false;
    };
    Done back;
    back.label = back.own.label = others.empty() ? change.label : others.front().change.label;
    auto after = core::apply(procedure_, change);
    if (!after) return refused(after.error());
    if (auto own = core::inverse(procedure_, change); own && !change.edits.empty()) back.own = std::move(*own);
    const auto saved = commit(change, std::move(*after), stand(), others);
    if (!saved) return false;
    back.own = own_back(*saved, std::move(back.own));
    back.others = others_back(others, *saved);
    back.stand = stand();
    back.foreign = foreign_;
    undo_.push_back(std::move(back));
    redo_.clear();
    emit changed();
    emit library_changed();
    return true;
}

bool Session::keep_house(const core::House& house, const QString& label) {
    auto before = library_->house();
    if (!before) {
        emit failed(text(before.error().message));
        return false;
    }
    if (*before == house) return true;
    if (!commit({}, procedure_, stand(), {}, house)) return false;
    undo_.push_back({{}, {}, foreign_, {}, std::move(*before), label.toStdString()});
    redo_.clear();
    emit changed();
    return true;
}

std::optional<Session::Done> Session::turn(const Done& done) {
    const auto refused = [&](const core::Error& e) {
        emit failed(text(e.message));
        return std::nullopt;
    };
    Done forth;
    forth.label = forth.own.label = done.label;
    // past what others did since it is brought by the library, which knows what that was
    const bool past_others = !done.own.edits.empty() && done.foreign != foreign_;
    if (past_others && (away_ || !waiting_->to_bring(guide_).empty())) {
        emit failed(tr("Others changed the guide since; this can be undone when the library can be reached again."));
        return std::nullopt;
    }
    core::Procedure after = procedure_;
    if (!done.own.edits.empty() && !past_others) {
        auto applied = core::apply(procedure_, done.own);
        if (!applied) return refused(applied.error());
        auto own = core::inverse(procedure_, done.own);
        if (!own) return refused(own.error());
        after = std::move(*applied);
        forth.own = std::move(*own);
    }
    std::vector<store::GuideChange> others;
    for (const auto& other : done.others) {
        const auto now = library_->guide_state(other.guide);
        if (!now) return refused(now.error());
        // where others wrote since, the library brings it to what they did
        auto then = now->sequence == other.base ? core::apply(now->procedure, other.change) : core::Procedure{};
        if (!then) return refused(then.error());
        others.push_back({other.guide, other.change, std::move(*then), other.base});
    }
    if (done.house) {
        auto now = library_->house();
        if (!now) return refused(now.error());
        forth.house = std::move(*now);
    }
    const auto saved = commit(done.own, std::move(after), past_others ? done.stand : stand(), others, done.house);
    if (!saved) return std::nullopt;
    forth.own = own_back(*saved, std::move(forth.own));
    forth.others = others_back(others, *saved);
    forth.stand = stand();
    forth.foreign = foreign_;
    return forth;
}

void Session::undo() {
    if (undo_.empty()) return;
    auto forth = turn(undo_.back());
    if (!forth) return;
    const bool elsewhere = !forth->others.empty();
    undo_.pop_back();
    redo_.push_back(std::move(*forth));
    emit changed();
    if (elsewhere) emit library_changed();
}

void Session::redo() {
    if (redo_.empty()) return;
    auto back = turn(redo_.back());
    if (!back) return;
    const bool elsewhere = !back->others.empty();
    redo_.pop_back();
    undo_.push_back(std::move(*back));
    emit changed();
    if (elsewhere) emit library_changed();
}

QString Session::undo_label() const { return undo_.empty() ? QString() : theme::label_words(undo_.back().label); }
QString Session::redo_label() const { return redo_.empty() ? QString() : theme::label_words(redo_.back().label); }

void Session::set_step(const core::StepId& id) {
    if (step_ == id) return;
    step_ = id;
    announce_timer_.start(kAnnounceSoon);
    emit step_changed();
}

std::optional<LoadedRecording> Session::read_recording(const core::RecordingId& id) {
    LoadedRecording r;
    auto entry = library_->recording(id);
    auto index = shop::recording_index(*library_, id);
    auto narration = library_->narration(id);
    const auto trouble = !entry ? entry.error().message
        : !index                ? index.error().message
        : !narration            ? narration.error().message
                                : core::Words();
    if (!trouble.empty()) {
        emit failed(text(trouble));
        return std::nullopt;
    }
    r.entry = std::move(*entry);
    r.index = std::move(*index);
    r.heard = std::move(*narration);
    r.poor = media::poor_stretches(r.index);
    r.folder = text(library_->recording_folder(id));
    r.away = !library_->has_original(r.entry);
    r.far = !r.away && !store::is_there(r.entry.path);
    r.held = store::hold_here(r.entry.path);
    r.coming = library_->has_far_files() && !store::is_there(r.folder.toStdString() + "/" + media::kProxyFile);
    if (r.coming) coming_->bring(id);
    return r;
}

void Session::follow_lines(LoadedRecording& r) {
    const auto* use = procedure_.find(r.entry.id);
    const core::RecordingUse now = use == nullptr ? core::RecordingUse{r.entry.id, "", {}} : *use;
    const bool same = now.corrections == r.told.corrections && now.typed == r.told.typed && now.anchors == r.told.anchors &&
        now.speakers == r.told.speakers;
    if (same && r.told.id == now.id) return;
    r.told = now;
    auto lines = core::spoken_lines(r.heard, &now);
    r.narration = std::move(lines.lines);
    r.heard_line = std::move(lines.heard);
    read_lines(r);
}

void Session::read_lines(LoadedRecording& r) {
    r.other_language = core::other_language(r.narration);
    if (r.narration.size() <= kReadAtOnce) {
        r.marks = core::read_marks(r.narration);
        r.reading = false;
        return;
    }
    r.marks.clear();
    r.reading = true;
    Work::once(
        this, [lines = r.narration] { return core::read_marks(lines); },
        [this, id = r.entry.id, told = r.told](std::vector<core::Mark>& marks) {
            const auto it = loaded_.find(id);
            if (it == loaded_.end() || !(it->second.told == told)) return;  // the lines have changed since: a later reading is under way
            it->second.marks = std::move(marks);
            it->second.reading = false;
            emit changed();
        });
}

const LoadedRecording* Session::recording(const core::RecordingId& id) {
    if (const auto it = loaded_.find(id); it != loaded_.end()) return &it->second;
    auto r = read_recording(id);
    if (!r) return nullptr;
    auto& kept = loaded_.emplace(id, std::move(*r)).first->second;
    follow_lines(kept);
    return &kept;
}

void Session::reload_recording(const core::RecordingId& id) {
    const auto it = loaded_.find(id);
    if (it == loaded_.end()) return;
    auto r = read_recording(id);
    if (!r) return;
    it->second = std::move(*r);
    follow_lines(it->second);
}

void Session::tell_heard(const core::RecordingId& id) {
    reload_recording(id);
    emit heard(id);
}

std::vector<core::RecordingId> Session::tape_order() {
    std::vector<core::RecordingId> out;
    for (const auto& r : procedure_.recordings) out.push_back(r.id);
    if (out.empty() && !chosen_recording_.empty()) out.push_back(chosen_recording_);
    return out;
}

std::vector<core::TapeLines> Session::tape_lines(const std::vector<core::RecordingId>& recordings) {
    std::vector<core::TapeLines> out;
    for (const auto& id : recordings)
        if (const auto* r = recording(id))
            out.push_back({id, &r->narration, &r->marks,
                [index = &r->index](const core::FrameTime& at) { return index->times[index->frame_from(at)]; }});
    return out;
}

bool Session::has_page(const core::Proof& proof) const {
    const auto* source = procedure_.find(proof.source);
    return source != nullptr && !source->document.empty();
}

int Session::open_marks() {
    int count = 0;
    for (const auto& use : procedure_.recordings)
        if (const auto* r = recording(use.id)) count += static_cast<int>(core::open_marks(procedure_, use.id, r->marks).size());
    return count;
}

}  // namespace anagraph::app
