// PictureThread: a thread that takes decoded pictures one after the other, while the next ones are being decoded.
#pragma once

#include <condition_variable>
#include <cstdint>
#include <deque>
#include <functional>
#include <mutex>
#include <thread>

#include "core/base/result.h"
#include "media/av.h"

namespace anagraph::media {

class PictureThread {
public:
    using Work = std::function<core::Outcome(const AVFrame&, std::int64_t pts, std::size_t number)>;

    explicit PictureThread(Work work);
    /// Waits for the pictures put before.
    ~PictureThread();
    PictureThread(const PictureThread&) = delete;
    PictureThread& operator=(const PictureThread&) = delete;

    /// Waits where many pictures wait already. Errors: what the work failed with meanwhile; nothing is worked on after that.
    core::Outcome put(const AVFrame& frame, std::int64_t pts, std::size_t number);
    /// Waits until everything put has been worked on. Errors: what the work failed with.
    core::Outcome end();

private:
    struct Picture {
        av::Frame frame;
        std::int64_t pts;
        std::size_t number;
    };
    void wait() noexcept;
    core::Outcome worked_on(const Picture& picture) const noexcept;
    void run();

    Work work_;
    std::mutex mutex_;
    std::condition_variable room_;
    std::condition_variable some_;
    std::deque<Picture> waiting_;
    core::Outcome outcome_;
    bool ended_ = false;
    std::thread thread_;
};

}  // namespace anagraph::media
