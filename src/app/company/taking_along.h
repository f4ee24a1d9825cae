// TakingAlong: the copy of a few guides that goes along where the library's server is not (store/taken_along.h), made anew beside the
// window: when the author says so, at the start, and now and then while others write. One for the whole program.
#pragma once

#include <QObject>
#include <QTimer>
#include <string>
#include <vector>

#include "app/work/work.h"
#include "store/taken_along.h"

namespace anagraph::app {

class Session;

class TakingAlong : public QObject {
    Q_OBJECT
public:
    explicit TakingAlong(Session& session);
    void take(const std::vector<store::GuideId>& guides, bool films);
    void stop() { work_.cancel(); }
    Work& work() { return work_; }

signals:
    void taken();
    void failed(const QString& why);

private:
    void look();

    Session& session_;
    Work work_{this};
    QTimer look_timer_;
};

}  // namespace anagraph::app
