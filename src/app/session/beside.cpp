#include "app/session/beside.h"

#include <mutex>
#include <vector>

namespace anagraph::app {
namespace {

struct Stops {
    std::mutex mutex;
    std::vector<std::weak_ptr<std::atomic<bool>>> all;
};

Stops& stops() {
    static Stops s;
    return s;
}

}  // namespace

Stop make_stop() {
    auto stop = std::make_shared<std::atomic<bool>>(false);
    auto& s = stops();
    const std::lock_guard lock(s.mutex);
    std::erase_if(s.all, [](const auto& old) { return old.expired(); });
    s.all.push_back(stop);
    return stop;
}

QThreadPool& work_threads() {
    static QThreadPool pool;
    return pool;
}

void end_all_work() {
    {
        auto& s = stops();
        const std::lock_guard lock(s.mutex);
        for (const auto& weak : s.all)
            if (const auto stop = weak.lock()) *stop = true;
    }
    work_threads().waitForDone();
}

}  // namespace anagraph::app
