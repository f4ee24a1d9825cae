#include "app/session/session.h"

#include <QFileInfo>
#include <QSettings>
#include <QTime>

#include "app/hearing/hearing.h"
#include "app/theme/theme.h"
#include "app/work/work.h"
#include "core/tape/logging.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr const char* kPost = "post";  // in the desktop user's settings

constexpr std::size_t kReadAtOnce = 500;  // lines: read in a few milliseconds; longer narrations are read beside the window

}  // namespace

Session::Session(std::unique_ptr<store::Library> library, QObject* parent)
    : QObject(parent), library_(std::move(library)), hearing_(new Hearing(*this)) {
    connect(this, &Session::library_changed, this, [this] { came_back_.reset(); });
    author_ =
        QSettings(QStringLiteral("anagraph"), QStringLiteral("anagraph")).value(QLatin1String(kPost), QStringLiteral("author")).toString();
}

void Session::set_author(const QString& post) {
    author_ = post;
    QSettings(QStringLiteral("anagraph"), QStringLiteral("anagraph")).setValue(QLatin1String(kPost), post);
    emit author_changed();
}

const shop::CameBack& Session::came_back() {
    if (!came_back_) {
        auto back = has_guide() ? shop::came_back(*library_, guide_) : core::Result<shop::CameBack>(shop::CameBack{});
        if (!back) emit failed(text(back.error().message));
        came_back_ = back ? std::move(*back) : shop::CameBack{};
    }
    return *came_back_;
}

bool Session::author_known() { return QSettings(QStringLiteral("anagraph"), QStringLiteral("anagraph")).contains(QLatin1String(kPost)); }

bool Session::open_guide(const store::GuideId& id) {
    auto state = library_->guide_state(id);
    if (!state) {
        emit failed(text(state.error().message));
        return false;
    }
    guide_ = id;
    came_back_.reset();
    procedure_ = std::move(state->procedure);
    for (auto& [recording, r] : loaded_) follow_lines(r);
    step_ = procedure_.steps.empty() ? core::StepId{} : procedure_.steps.front().id;
    undo_.clear();
    redo_.clear();
    saved_text_ = tr("saved");
    emit guide_opened();
    emit changed();
    if (!state->lost.empty())
        emit failed(theme::counted(static_cast<qsizetype>(state->lost.size()),
                        tr("The library is damaged: 1 change of this guide could not be read and is missing. "),
                        tr("The library is damaged: %1 changes of this guide could not be read and are missing. ")) +
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

bool Session::commit(const core::Change& change, core::Procedure after, const std::vector<store::GuideChange>& others,
    const std::optional<core::House>& house) {
    auto all = others;
    if (!change.edits.empty()) all.push_back({guide_, change, after});
    if (auto saved = library_->append_all(all, house, author().toStdString()); !saved) {
        emit failed(text(saved.error().message));
        return false;
    }
    if (change.edits.empty()) return true;
    procedure_ = std::move(after);
    for (auto& [id, r] : loaded_) follow_lines(r);
    if (procedure_.find(step_) == nullptr) step_ = procedure_.steps.empty() ? core::StepId{} : procedure_.steps.front().id;
    saved_text_ = tr("saved %1").arg(QTime::currentTime().toString(QStringLiteral("HH:mm:ss")));
    return true;
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
    if (!back || !commit(change, std::move(*after))) return false;
    undo_.push_back({std::move(*back), {}, std::nullopt, change.label});
    redo_.clear();
    emit changed();
    return true;
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
    Done back{core::Change{change.label, {}}, {}, std::nullopt, others.empty() ? change.label : others.front().change.label};
    auto after = core::apply(procedure_, change);
    if (!after) return refused(after.error());
    if (auto own = core::inverse(procedure_, change); own && !change.edits.empty()) back.own = std::move(*own);
    for (const auto& other : others) {
        const auto before = library_->load_guide(other.guide);
        if (!before) return refused(before.error());
        auto inverse = core::inverse(*before, other.change);
        if (!inverse) return refused(inverse.error());
        back.others.emplace_back(other.guide, std::move(*inverse));
    }
    if (!commit(change, std::move(*after), others)) return false;
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
    if (!commit({}, procedure_, {}, house)) return false;
    undo_.push_back({{}, {}, std::move(*before), label.toStdString()});
    redo_.clear();
    emit changed();
    return true;
}

std::optional<Session::Done> Session::turn(const Done& done) {
    const auto refused = [&](const core::Error& e) {
        emit failed(text(e.message));
        return std::nullopt;
    };
    Done forth{core::Change{done.label, {}}, {}, std::nullopt, done.label};
    auto after = core::apply(procedure_, done.own);
    if (!after) return refused(after.error());
    if (!done.own.edits.empty()) {
        auto own = core::inverse(procedure_, done.own);
        if (!own) return refused(own.error());
        forth.own = std::move(*own);
    }
    std::vector<store::GuideChange> others;
    for (const auto& [id, change] : done.others) {
        const auto now = library_->load_guide(id);
        if (!now) return refused(now.error());
        auto then = core::apply(*now, change);
        auto inverse = core::inverse(*now, change);
        if (!then) return refused(then.error());
        if (!inverse) return refused(inverse.error());
        forth.others.emplace_back(id, std::move(*inverse));
        others.push_back({id, change, std::move(*then)});
    }
    if (done.house) {
        auto now = library_->house();
        if (!now) return refused(now.error());
        forth.house = std::move(*now);
    }
    if (!commit(done.own, std::move(*after), others, done.house)) return std::nullopt;
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

QString Session::undo_label() const { return undo_.empty() ? QString() : text(undo_.back().label); }
QString Session::redo_label() const { return redo_.empty() ? QString() : text(redo_.back().label); }

void Session::set_step(const core::StepId& id) {
    if (step_ == id) return;
    step_ = id;
    emit step_changed();
}

std::optional<LoadedRecording> Session::read_recording(const core::RecordingId& id) {
    LoadedRecording r;
    auto entry = library_->recording(id);
    auto index = media::load_index(library_->recording_folder(id));
    auto narration = library_->narration(id);
    const auto trouble = !entry ? entry.error().message
        : !index                ? index.error().message
        : !narration            ? narration.error().message
                                : std::string();
    if (!trouble.empty()) {
        emit failed(text(trouble));
        return std::nullopt;
    }
    r.entry = std::move(*entry);
    r.index = std::move(*index);
    r.heard = std::move(*narration);
    r.poor = media::poor_stretches(r.index);
    r.folder = text(library_->recording_folder(id));
    r.away = !QFileInfo::exists(text(r.entry.path));
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
