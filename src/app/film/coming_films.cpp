#include "app/film/coming_films.h"

#include <QPointer>
#include <QTimer>
#include <algorithm>
#include <chrono>

#include "app/session/session.h"
#include "app/theme/theme.h"
#include "media/recording_index.h"
#include "publish/cover.h"
#include "store/objects/object_cache.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr std::chrono::seconds kAgain{30};

}  // namespace

ComingFilms::ComingFilms(Session& session) : QObject(&session), session_(session) {}

bool ComingFilms::busy_with(const core::RecordingId& id) const { return std::find(waiting_.begin(), waiting_.end(), id) != waiting_.end(); }

void ComingFilms::bring(const core::RecordingId& id) {
    if (busy_with(id)) return;
    waiting_.push_back(id);
    if (!work_.busy()) next();
}

void ComingFilms::cancel() {
    if (!waiting_.empty()) waiting_.erase(waiting_.begin() + 1, waiting_.end());
    work_.cancel();
}

void ComingFilms::next() {
    if (waiting_.empty()) return;
    const auto id = waiting_.front();
    const auto entry = session_.library().recording(id);
    const QString name = entry ? text(entry->name) : QString();
    work_.run(
        [folder = session_.library().recording_folder(id), what = tr("The film %1 comes to this computer").arg(name).toStdString()](
            const GoOn& go_on) -> core::Outcome {
            const auto held = store::hold_here(folder + "/" + media::kProxyFile);
            for (const char* file : {publish::kCoverFile, media::kThumbnailFile})
                if (auto here = store::make_here(folder + "/" + file); !here && here.error().code != core::ErrorCode::NotFound) return here;
            return store::make_here(folder + "/" + media::kProxyFile, [&](double share) { return go_on(what, share); });
        },
        [this, id](const core::Outcome& here) {
            waiting_.pop_front();
            if (here)
                emit came(id);
            else
                session_.tell(text(here.error().message));
            if (!here && here.error().code != core::ErrorCode::Cancelled) QTimer::singleShot(kAgain, this, [this, id] { bring(id); });
            next();
        });
}

bool ComingFilms::bring_folder(const std::string& folder, QObject* owner, std::function<void()> then) {
    if (!session_.library().has_far_files() || !folders_.insert(folder).second) return false;
    Work::once(
        this, [folder] { return store::make_all_here(folder); },
        [this, folder, alive = QPointer<QObject>(owner), then = std::move(then)](const core::Outcome& here) {
            if (!here) session_.tell(text(here.error().message));
            if (alive) then();
            if (!here) folders_.erase(folder);  // the next time it is tried again
        });
    return true;
}

}  // namespace anagraph::app
