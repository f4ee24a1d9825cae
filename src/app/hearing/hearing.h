// Hearing: films without a narration, heard one after the other beside the window; what was heard becomes their narration. One for the
// whole program: the Shelf and the Tape show the same.
#pragma once

#include <QObject>
#include <deque>

#include "app/session/session.h"
#include "app/work/work.h"

namespace anagraph::app {

class Hearing : public QObject {
    Q_OBJECT
public:
    explicit Hearing(Session& session);

    /// Hears what is said on a recording of the library, once those before it are done; one that has a narration or no sound is left out.
    void hear(const core::RecordingId& id);
    /// Stops what is being heard and forgets what waits; the films stay as they are.
    void cancel();
    bool busy() const { return work_.busy(); }
    /// Is this recording being heard, or waiting for it?
    bool busy_with(const core::RecordingId& id) const;
    Work& work() { return work_; }

private:
    void next();

    Session& session_;
    Work work_{this};
    std::deque<core::RecordingId> waiting_;  // the first is being heard
};

}  // namespace anagraph::app
