// ComingFilms: of a library whose films lie in an object store, what the window needs comes to this computer while the author works: the
// small copy of a film with its thumbnails, a pack that is looked at. One for the whole program.
#pragma once

#include <QObject>
#include <deque>
#include <functional>
#include <set>
#include <string>

#include "app/work/work.h"
#include "core/procedure/ids.h"

namespace anagraph::app {

class Session;

class ComingFilms : public QObject {
    Q_OBJECT
public:
    explicit ComingFilms(Session& session);

    /// Brings the small copy of a recording here, once those before it have come; the session then reads the recording anew. Where it
    /// cannot be had it is tried again after a while.
    void bring(const core::RecordingId& id);
    /// Whether a folder of the library, a pack's, has still to come here; it then is on its way, and `then` is done once it has come or
    /// could not, if `owner` still lives.
    bool bring_folder(const std::string& folder, QObject* owner, std::function<void()> then);
    /// Stops; what has come stays, and the next bring() of it, when the film is chosen again, goes on from there.
    void cancel();
    bool busy_with(const core::RecordingId& id) const;
    Work& work() { return work_; }

signals:
    void came(const core::RecordingId& id);

private:
    void next();

    Session& session_;
    Work work_{this};
    std::deque<core::RecordingId> waiting_;  // the first is on its way
    std::set<std::string> folders_;          // that have come, or are on their way
};

}  // namespace anagraph::app
