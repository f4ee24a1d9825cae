#include "app/session/session.h"

#include <QFileInfo>
#include <QTime>

#include "app/session/beside.h"
#include "app/theme/theme.h"
#include "core/procedure/logging.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr std::size_t kReadAtOnce = 500;  // lines: read in a few milliseconds; longer narrations are read beside the window

}  // namespace

Session::Session(std::unique_ptr<store::Library> library, QObject* parent) : QObject(parent), library_(std::move(library)) {}

bool Session::open_guide(const store::GuideId& id) {
    auto p = library_->load_guide(id);
    if (!p) {
        emit failed(text(p.error().message));
        return false;
    }
    guide_ = id;
    procedure_ = std::move(*p);
    for (auto& [recording, r] : loaded_) follow_lines(r);
    step_ = procedure_.steps.empty() ? core::StepId{} : procedure_.steps.front().id;
    undo_.clear();
    redo_.clear();
    saved_text_ = tr("saved");
    emit guide_opened();
    emit changed();
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

bool Session::commit(const core::Change& change, core::Procedure after) {
    if (auto saved = library_->append(guide_, change, after, author().toStdString()); !saved) {
        emit failed(text(saved.error().message));
        return false;
    }
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
    undo_.push_back(std::move(*back));
    redo_.clear();
    emit changed();
    return true;
}

bool Session::perform(const core::Result<core::Change>& change) {
    if (change) return perform(*change);
    emit failed(text(change.error().message));
    return false;
}

void Session::undo() {
    if (undo_.empty()) return;
    const core::Change back = undo_.back();
    auto after = core::apply(procedure_, back);
    auto forth = core::inverse(procedure_, back);
    if (!after || !forth || !commit(back, std::move(*after))) return;
    undo_.pop_back();
    redo_.push_back(std::move(*forth));
    emit changed();
}

void Session::redo() {
    if (redo_.empty()) return;
    const core::Change forth = redo_.back();
    auto after = core::apply(procedure_, forth);
    auto back = core::inverse(procedure_, forth);
    if (!after || !back || !commit(forth, std::move(*after))) return;
    redo_.pop_back();
    undo_.push_back(std::move(*back));
    emit changed();
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
    const auto trouble = !entry ? entry.error().message : !index   ? index.error().message
                                                      : !narration ? narration.error().message
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
    const bool same = now.corrections == r.told.corrections && now.typed == r.told.typed && now.anchors == r.told.anchors && now.speakers == r.told.speakers;
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
    beside(
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

std::vector<core::RecordingId> Session::tape_order() {
    std::vector<core::RecordingId> out;
    for (const auto& r : procedure_.recordings) out.push_back(r.id);
    if (out.empty())
        if (const auto all = library_->recordings())
            for (const auto& r : *all) out.push_back(r.id);
    return out;
}

std::vector<core::Told> Session::told(const std::vector<core::RecordingId>& recordings) {
    std::vector<core::Told> out;
    for (const auto& id : recordings)
        if (const auto* r = recording(id)) out.push_back({id, &r->narration, &r->marks, [index = &r->index](const core::FrameTime& at) { return index->times[index->frame_from(at)]; }});
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
