// Work: long work beside the window: on threads of its own, with progress, the time that is left and cancel; its result comes back
// on the window's thread. What the work throws becomes its error, and all work ends before the window does.
#pragma once

#include <QElapsedTimer>
#include <QFutureWatcher>
#include <QObject>
#include <QThreadPool>
#include <QTimer>
#include <QtConcurrent>
#include <atomic>
#include <memory>
#include <mutex>
#include <string>
#include <type_traits>

#include "core/base/caught.h"

namespace anagraph::app {

/// What work is handed to tell how far it is; given a share of 0 to 1 or not, it answers whether to go on. Safe on any thread, and
/// whatever has become of the window.
class GoOn {
public:
    bool operator()() const { return !state_->stop; }
    bool operator()(double share) const;
    bool operator()(const std::string& what, double share) const;

private:
    friend class Work;
    struct State {
        std::atomic<bool> stop = false;
        std::mutex mutex;
        std::string what;
        double share = 0;
    };
    std::shared_ptr<State> state_ = std::make_shared<State>();
};

namespace detail {

template <class T>
struct IsResult : std::false_type {};
template <class T>
struct IsResult<core::Result<T>> : std::true_type {};

template <class Run>
auto without_throwing(Run& run, const GoOn& go_on) -> decltype(run(go_on)) {
    using Out = decltype(run(go_on));
    if constexpr (IsResult<Out>::value) {
        return core::caught([&] { return run(go_on); });
    } else {
        try {
            return run(go_on);
        } catch (...) {
            return Out{};
        }
    }
}

}  // namespace detail

class Work : public QObject {
    Q_OBJECT
public:
    explicit Work(QObject* owner);
    /// Tells what runs to stop, and does not wait for it.
    ~Work() override;

    /// Runs `work(go_on)` on another thread and hands its result to `then` on this one. What ran before is told to stop and its
    /// result dropped: the newest counts. `work` may not touch what belongs to the window. A result that is no Result<T> is empty
    /// where it threw.
    template <class Run, class Then>
    void run(Run work, Then then) {
        drop();
        const GoOn go_on = begin();
        using Out = decltype(work(go_on));
        auto* watcher = new QFutureWatcher<std::shared_ptr<Out>>(this);
        connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher, state = go_on.state_, then = std::move(then)]() mutable {
            watcher->deleteLater();
            if (!end(state)) return;
            then(*watcher->result());
        });
        watcher->setFuture(QtConcurrent::run(&threads(),
            [work = std::move(work), go_on]() mutable { return std::make_shared<Out>(detail::without_throwing(work, go_on)); }));
    }

    /// The same for work that nobody stops and nothing replaces; nothing is handed over once the owner is gone.
    template <class Run, class Then>
    static void once(QObject* owner, Run work, Then then) {
        using Out = decltype(work());
        auto* watcher = new QFutureWatcher<std::shared_ptr<Out>>(owner);
        connect(watcher, &QFutureWatcherBase::finished, owner, [watcher, then = std::move(then)]() mutable {
            watcher->deleteLater();
            then(*watcher->result());
        });
        watcher->setFuture(QtConcurrent::run(&threads(), [work = std::move(work)]() mutable {
            const auto only = [&](const GoOn&) { return work(); };
            return std::make_shared<Out>(detail::without_throwing(only, GoOn()));
        }));
    }

    bool busy() const { return state_ != nullptr; }
    /// Tells what runs to stop; its result, an error of Cancelled as a rule, is handed over all the same.
    void cancel();
    /// Tells what runs to stop; nothing is handed over, and it is not busy any more.
    void drop();

    /// Tells all work to stop and waits until it has: before the window closes its library.
    static void end_all();

signals:
    void busy_changed();
    /// How far it is, 0 to 1, and the seconds that are left; below zero: not known yet. `what` is empty where the work tells none.
    void progressed(const QString& what, double share, int seconds_left);

private:
    static constexpr int kToldEveryMs = 50;
    static QThreadPool& threads();
    GoOn begin();
    bool end(const std::shared_ptr<GoOn::State>& state);
    void tell();

    std::shared_ptr<GoOn::State> state_;  // of what runs; null when nothing does
    QElapsedTimer clock_;
    QTimer told_;
};

}  // namespace anagraph::app
