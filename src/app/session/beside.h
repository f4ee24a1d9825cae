// Beside: long work on another thread, its result back on the window's.
#pragma once

#include <QFutureWatcher>
#include <QtConcurrent>
#include <memory>

namespace anagraph::app {

/// Runs `work` on another thread and hands its result to `then` on the owner's; nothing is handed over once the owner is gone.
/// The work may not touch what belongs to the window, and is told to stop by a flag of its own.
template <class Work, class Then>
void beside(QObject* owner, Work work, Then then) {
    using Out = decltype(work());
    auto* watcher = new QFutureWatcher<std::shared_ptr<Out>>(owner);
    QObject::connect(watcher, &QFutureWatcherBase::finished, owner, [watcher, then = std::move(then)]() mutable {
        watcher->deleteLater();
        then(*watcher->result());
    });
    watcher->setFuture(QtConcurrent::run([work = std::move(work)]() mutable { return std::make_shared<Out>(work()); }));
}

}  // namespace anagraph::app
