// Beside: long work on another thread, its result back on the window's. What the work throws becomes its error, and all of it
// ends before the window does.
#pragma once

#include <QFutureWatcher>
#include <QThreadPool>
#include <QtConcurrent>
#include <atomic>
#include <memory>
#include <type_traits>

#include "core/base/caught.h"

namespace anagraph::app {

/// Told to long work to end early.
using Stop = std::shared_ptr<std::atomic<bool>>;
/// A new one, which end_all_work() sets as well.
Stop make_stop();
/// The threads of all work beside the window.
QThreadPool& work_threads();
/// Tells all work to stop and waits until it has: before the window closes its library.
void end_all_work();

namespace detail {

template <class T>
struct IsResult : std::false_type {};
template <class T>
struct IsResult<core::Result<T>> : std::true_type {};

template <class Work>
auto without_throwing(Work& work) -> decltype(work()) {
    using Out = decltype(work());
    if constexpr (IsResult<Out>::value) {
        return core::caught(work);
    } else {
        try {
            return work();
        } catch (...) {
            return Out{};
        }
    }
}

}  // namespace detail

/// Runs `work` on another thread and hands its result to `then` on the owner's; nothing is handed over once the owner is gone.
/// The work may not touch what belongs to the window, and is told to stop by a flag of its own. A result that is no Result<T> is
/// empty where the work threw.
template <class Work, class Then>
void beside(QObject* owner, Work work, Then then) {
    using Out = decltype(work());
    auto* watcher = new QFutureWatcher<std::shared_ptr<Out>>(owner);
    QObject::connect(watcher, &QFutureWatcherBase::finished, owner, [watcher, then = std::move(then)]() mutable {
        watcher->deleteLater();
        then(*watcher->result());
    });
    watcher->setFuture(QtConcurrent::run(
        &work_threads(), [work = std::move(work)]() mutable { return std::make_shared<Out>(detail::without_throwing(work)); }));
}

}  // namespace anagraph::app
