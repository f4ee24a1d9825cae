#include "app/work/work.h"

#include <cmath>
#include <vector>

namespace anagraph::app {
namespace {

constexpr double kFirstGuess = 0.02;  // done before the time that is left is worth telling

/// The flags of all work under way.
struct UnderWay {
    std::mutex mutex;
    std::vector<std::weak_ptr<std::atomic<bool>>> stops;
};

UnderWay& under_way() {
    static UnderWay all;
    return all;
}

}  // namespace

bool GoOn::operator()(double share) const { return (*this)({}, share); }

bool GoOn::operator()(const std::string& what, double share) const {
    const std::lock_guard lock(state_->mutex);
    state_->what = what;
    state_->share = share;
    return !state_->stop;
}

Work::Work(QObject* owner) : QObject(owner) {
    told_.setInterval(kToldEveryMs);
    connect(&told_, &QTimer::timeout, this, &Work::tell);
}

Work::~Work() { cancel(); }

QThreadPool& Work::threads() {
    static QThreadPool pool;
    return pool;
}

GoOn Work::begin() {
    const GoOn go_on;
    state_ = go_on.state_;
    auto& all = under_way();
    {
        const std::lock_guard lock(all.mutex);
        std::erase_if(all.stops, [](const auto& old) { return old.expired(); });
        all.stops.emplace_back(std::shared_ptr<std::atomic<bool>>(state_, &state_->stop));
    }
    clock_.start();
    told_.start();
    emit busy_changed();
    return go_on;
}

bool Work::end(const std::shared_ptr<GoOn::State>& state) {
    if (state_ != state) return false;  // dropped
    told_.stop();
    state_.reset();
    emit busy_changed();
    return true;
}

void Work::cancel() {
    if (state_) state_->stop = true;
}

void Work::drop() {
    if (!state_) return;
    cancel();
    told_.stop();
    state_.reset();
    emit busy_changed();
}

void Work::tell() {
    if (!state_) return;
    std::string what;
    double share = 0;
    {
        const std::lock_guard lock(state_->mutex);
        what = state_->what;
        share = state_->share;
    }
    const double left = share > kFirstGuess ? static_cast<double>(clock_.elapsed()) / 1000 * (1 - share) / share : -1;
    emit progressed(QString::fromStdString(what), share, static_cast<int>(std::ceil(left)));
}

void Work::end_all() {
    {
        auto& all = under_way();
        const std::lock_guard lock(all.mutex);
        for (const auto& weak : all.stops)
            if (const auto stop = weak.lock()) *stop = true;
    }
    threads().waitForDone();
}

}  // namespace anagraph::app
