#include "media/picture_thread.h"

#include <utility>

#include "core/base/caught.h"

namespace anagraph::media {

using core::ErrorCode;
using core::Outcome;

namespace {

constexpr std::size_t kWaiting = 6;  // decoded pictures that may wait

}  // namespace

PictureThread::PictureThread(Work work) : work_(std::move(work)), thread_([this] { run(); }) {}

PictureThread::~PictureThread() { wait(); }

Outcome PictureThread::put(const AVFrame& frame, std::int64_t pts, std::size_t number) {
    std::unique_lock lock(mutex_);
    room_.wait(lock, [&] { return waiting_.size() < kWaiting || !outcome_; });
    if (!outcome_) return outcome_;
    waiting_.push_back({av::Frame(av_frame_clone(&frame)), pts, number});
    some_.notify_one();
    return {};
}

Outcome PictureThread::end() {
    wait();
    return outcome_;
}

/// Needs no memory, since it is called while an exception for want of memory is on its way.
void PictureThread::wait() noexcept {
    {
        const std::lock_guard lock(mutex_);
        ended_ = true;
        some_.notify_one();
    }
    if (thread_.joinable()) thread_.join();
}

/// Nothing may be thrown out of a thread: where there is no memory for the sentence either, a word does.
Outcome PictureThread::worked_on(const Picture& picture) const noexcept {
    try {
        if (!picture.frame) return tl::make_unexpected(av::trouble("the small copy", AVERROR(ENOMEM)));
        return core::caught([&] { return work_(*picture.frame, picture.pts, picture.number); });
    } catch (...) {
        return tl::make_unexpected(core::Error{ErrorCode::NoMemory, core::key("Films", "Memory is full."), ""});
    }
}

void PictureThread::run() {
    for (;;) {
        std::unique_lock lock(mutex_);
        some_.wait(lock, [&] { return !waiting_.empty() || ended_; });
        if (waiting_.empty()) return;
        const Picture picture = std::move(waiting_.front());
        waiting_.pop_front();
        room_.notify_one();
        lock.unlock();
        Outcome done = worked_on(picture);
        if (done) continue;
        lock.lock();
        outcome_ = std::move(done);
        waiting_.clear();
        room_.notify_all();
        return;
    }
}

}  // namespace anagraph::media
