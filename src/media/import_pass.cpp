#include "media/import_pass.h"

#include <fmt/format.h>
#include <sys/resource.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <cstdio>
#include <filesystem>
#include <memory>
#include <utility>

#include "core/base/caught.h"
#include "media/av.h"
#include "media/picture_thread.h"
#include "media/small_copy.h"
#include "media/sound_envelope.h"

namespace anagraph::media {
namespace {

using core::ErrorCode;
using core::fail;
using core::FrameTime;
using core::Outcome;

/// Can memory run out for one program alone? Where it cannot, the system ends a program and no call fails.
bool memory_is_limited() {
    rlimit space{};
    rlimit data{};
    const bool limited = ::getrlimit(RLIMIT_AS, &space) != 0 || ::getrlimit(RLIMIT_DATA, &data) != 0 || space.rlim_cur != RLIM_INFINITY ||
        data.rlim_cur != RLIM_INFINITY;
    if (limited) return true;
    const std::unique_ptr<std::FILE, int (*)(std::FILE*)> policy(std::fopen("/proc/sys/vm/overcommit_memory", "r"), &std::fclose);
    return policy != nullptr && std::fgetc(policy.get()) == '2';
}

int rotation_of(const AVStream& stream) {
    const auto* matrix = av_stream_get_side_data(&stream, AV_PKT_DATA_DISPLAYMATRIX, nullptr);
    if (matrix == nullptr) return 0;
    const double turn = -av_display_rotation_get(reinterpret_cast<const std::int32_t*>(matrix));
    return (static_cast<int>(std::lround(turn / 90)) % 4 + 4) % 4 * 90;
}

class Pass {
public:
    Pass(std::string recording, std::string folder, const Progress& progress)
        : recording_(std::move(recording)), folder_(std::move(folder)), progress_(progress) {}

    core::Result<RecordingIndex> run() {
        if (auto opened = open(); !opened) return tl::make_unexpected(opened.error());
        auto packet = av::packet();
        int r = 0;
        while ((r = av_read_frame(input_.get(), packet.get())) >= 0) {
            Outcome fed;
            if (packet->stream_index == video_->index)
                fed = feed_video(packet.get());
            else if (sound_ != nullptr && packet->stream_index == sound_->index)
                fed = feed_sound(packet.get());
            av_packet_unref(packet.get());
            if (!fed) return abandon(fed.error());
        }
        // a card that is pulled out and a memory that does not suffice are no damage of the film
        const int broken = r != AVERROR_EOF ? r : input_->pb != nullptr ? input_->pb->error : 0;
        if (broken == AVERROR(ENOMEM) || broken == AVERROR(EIO)) return abandon(av::trouble(recording_, broken, true));
        if (auto fed = feed_video(nullptr); !fed) return abandon(fed.error());
        if (sound_ != nullptr)
            if (auto fed = feed_sound(nullptr); !fed) return abandon(fed.error());
        if (auto done = pictures_->end(); !done) return abandon(done.error());
        if (broken_ > 0 && memory_is_limited())
            if (auto same = damaged_again(); !same) return abandon(same.error());
        if (auto followed = times_that_go_on(); !followed) return abandon(followed.error());
        if (r != AVERROR_EOF || ends_early())
            index_.remarks.push_back(fmt::format("The recording is damaged or cut off after {} and was read up to there.",
                core::clock_text(index_.times.empty() ? FrameTime{} : index_.times.back(), false)));
        if (index_.times.empty())
            return abandon({ErrorCode::BadInput,
                fmt::format("{} has no picture that can be decoded; copy it from the camera again.", recording_), recording_});
        if (auto done = finish(); !done) return abandon(done.error());
        return std::move(index_);
    }

private:
    Outcome open() {
        auto streams = av::open_streams(recording_);
        if (!streams) return tl::make_unexpected(streams.error());
        input_ = std::move(streams->input);
        video_ = streams->video;
        if ((video_->disposition & AV_DISPOSITION_ATTACHED_PIC) != 0)
            return fail(ErrorCode::BadInput,
                core::say(core::key("Films", "{0} is a sound file with a cover picture; choose the film itself."), recording_), recording_);
        auto decoder = av::open_decoder(*video_, 0, &no_memory_);
        if (!decoder) return tl::make_unexpected(decoder.error());
        decoder_ = std::move(*decoder);
        if (streams->sound != nullptr) {
            if (auto sound = av::open_decoder(*streams->sound, 1)) {
                sound_ = streams->sound;
                sound_decoder_ = std::move(*sound);
                index_.has_sound = true;
            } else {
                index_.remarks.push_back("The sound of this recording cannot be decoded, so it is silent here.");
            }
        }
        std::error_code ec;
        index_.bytes = static_cast<std::int64_t>(std::filesystem::file_size(recording_, ec));
        if (ec) index_.bytes = 0;
        index_.width = video_->codecpar->width;
        index_.height = video_->codecpar->height;
        if (index_.width < 16 || index_.height < 16)
            return fail(ErrorCode::BadInput,
                core::say(core::key("Films", "{0} has no picture of a usable size; choose another recording."), recording_), recording_);
        index_.rotation = rotation_of(*video_);
        if (const AVRational shape = av_guess_sample_aspect_ratio(input_.get(), video_, nullptr); shape.num > 0 && shape.den > 0)
            index_.pixel_aspect = av_q2d(shape);
        duration_ = input_->duration > 0 ? static_cast<double>(input_->duration) / AV_TIME_BASE : 0;
        if (auto opened = copy_.open(folder_, index_, video_->time_base); !opened) return opened;
        pictures_ = std::make_unique<PictureThread>(
            [this](const AVFrame& frame, std::int64_t pts, std::size_t number) { return copy_.add(frame, pts, number); });
        return {};
    }

    /// A film that promises to be longer than it is was cut off. Containers round their length, and sound may end later.
    bool ends_early() const {
        const double promised = video_->duration > 0 ? static_cast<double>(video_->duration) * av_q2d(video_->time_base) : duration_;
        const double had = index_.times.empty() ? 0 : index_.times.back().seconds() - index_.start().seconds();
        return promised > 0 && promised - had > std::max(1.5, 0.02 * promised);
    }

    /// Refused where the film's times cannot be followed: nothing could be found on it again.
    Outcome times_that_go_on() const {
        if (untimed_ > 0 && untimed_ >= index_.times.size())
            return fail(ErrorCode::Refused, core::say(core::key("Films", "{0} has pictures but no times."), recording_), recording_);
        if (back_ > 3 && back_ * 100 > index_.times.size())
            return fail(ErrorCode::Refused,
                core::say(core::key("Films", "The times of {0} go back at {1}: camera files joined end to end do that."), recording_,
                    core::clock_text(back_at_, false)),
                recording_);
        if (!index_.times.empty() && index_.times.front() < FrameTime{})
            return fail(ErrorCode::Refused, core::say(core::key("Films", "The times of {0} begin below zero."), recording_), recording_);
        return {};
    }

    /// Decodes the recording once more, alone. Inside the decoders want of memory looks like damage of the film; but damage is the
    /// same each time.
    Outcome damaged_again() const {
        const auto no_memory = [&] { return tl::make_unexpected(av::trouble(recording_, AVERROR(ENOMEM), true)); };
        auto streams = av::open_streams(recording_);
        if (!streams) return tl::make_unexpected(streams.error());
        std::atomic<bool> wanting = false;
        auto decoder = av::open_decoder(*streams->video, 0, &wanting);
        if (!decoder) return tl::make_unexpected(decoder.error());
        auto packet = av::packet();
        auto frame = av::frame();
        if (!packet || !frame) return no_memory();
        int broken = 0;
        std::size_t pictures = 0;
        const auto feed = [&](const AVPacket* p) {
            const int sent = avcodec_send_packet(decoder->get(), p);
            if (sent < 0 && sent != AVERROR_EOF && p != nullptr) ++broken;
            for (; avcodec_receive_frame(decoder->get(), frame.get()) >= 0; av_frame_unref(frame.get())) ++pictures;
        };
        while (av_read_frame(streams->input.get(), packet.get()) >= 0) {
            if (packet->stream_index == streams->video->index) feed(packet.get());
            av_packet_unref(packet.get());
        }
        feed(nullptr);
        return wanting || broken != broken_ || pictures != pictures_out_ ? no_memory() : Outcome{};
    }

    Outcome feed_video(AVPacket* packet) {
        const int sent = avcodec_send_packet(decoder_.get(), packet);
        if (sent == AVERROR(ENOMEM) || no_memory_) return tl::make_unexpected(av::trouble(recording_, AVERROR(ENOMEM), true));
        if (sent < 0 && sent != AVERROR_EOF && packet != nullptr) ++broken_;
        auto& frame = frame_;
        int r = 0;
        while ((r = avcodec_receive_frame(decoder_.get(), frame.get())) >= 0) {
            ++pictures_out_;
            const std::int64_t pts = frame->best_effort_timestamp;
            Outcome taken;
            if (pts == AV_NOPTS_VALUE)
                ++untimed_;
            else if (last_pts_ == AV_NOPTS_VALUE || pts > last_pts_)
                taken = take(*frame, pts);
            else if (++back_ == 1)
                back_at_ = av::time_of(last_pts_, video_->time_base);
            av_frame_unref(frame.get());
            if (!taken) return taken;
        }
        return r == AVERROR(ENOMEM) || no_memory_ ? tl::make_unexpected(av::trouble(recording_, AVERROR(ENOMEM), true)) : Outcome{};
    }

    Outcome take(const AVFrame& frame, std::int64_t pts) {
        if (frame.width != index_.width || frame.height != index_.height) {
            if (!size_changes_)
                index_.remarks.push_back("The picture changes its size within the recording; it is shown at the first size.");
            size_changes_ = true;
        }
        const FrameTime time = av::time_of(pts, video_->time_base);
        last_duration_ = last_pts_ == AV_NOPTS_VALUE ? frame.pkt_duration : pts - last_pts_;
        last_pts_ = pts;
        const std::size_t number = index_.times.size();
        index_.times.push_back(time);
        if (auto put = pictures_->put(frame, pts, number); !put) return put;
        if (progress_ && number % 8 == 0) {
            const double done = duration_ > 0 ? (time.seconds() - index_.start().seconds()) / duration_ : 0;
            if (!progress_(std::clamp(done, 0.0, 1.0)))
                return fail(ErrorCode::Cancelled, core::key("Films", "The import was stopped; nothing of it is kept."));
        }
        return {};
    }

    Outcome feed_sound(AVPacket* packet) {
        if (avcodec_send_packet(sound_decoder_.get(), packet) == AVERROR(ENOMEM))
            return tl::make_unexpected(av::trouble(recording_, AVERROR(ENOMEM), true));
        for (; avcodec_receive_frame(sound_decoder_.get(), frame_.get()) >= 0; av_frame_unref(frame_.get()))
            sound_envelope_.add(*frame_, sound_->time_base);
        return {};
    }

    Outcome finish() {
        if (broken_ > 0)
            index_.remarks.push_back(fmt::format("{} damaged piece{} of the recording could not be decoded; some pictures may be missing.",
                broken_, broken_ == 1 ? "" : "s"));
        if (back_ + untimed_ > 0)
            index_.remarks.push_back(fmt::format("{} picture{} of the recording have no time of their own and were left out.",
                back_ + untimed_, back_ + untimed_ == 1 ? "" : "s"));
        index_.sound = sound_envelope_.loudness();
        index_.pauses = sound_envelope_.pauses();
        index_.end = av::time_of(last_pts_ + std::max<std::int64_t>(1, last_duration_), video_->time_base);
        if (auto closed = copy_.close(index_); !closed) return closed;
        if (auto kept = copy_.keep(index_); !kept) return kept;
        if (progress_) progress_(1.0);
        return {};
    }

    tl::unexpected<core::Error> abandon(core::Error error) {
        if (pictures_) pictures_->end();
        copy_.abandon();
        return tl::make_unexpected(std::move(error));
    }

    std::string recording_;
    std::string folder_;
    const Progress& progress_;
    RecordingIndex index_;
    av::Input input_;
    AVStream* video_ = nullptr;
    AVStream* sound_ = nullptr;
    std::atomic<bool> no_memory_ = false;  // set by the decoder below
    av::Codec decoder_;
    av::Codec sound_decoder_;
    av::Frame frame_ = av::frame();
    SoundEnvelope sound_envelope_;
    SmallCopy copy_;
    std::int64_t last_pts_ = AV_NOPTS_VALUE;
    std::int64_t last_duration_ = 1;
    double duration_ = 0;
    int broken_ = 0;
    std::size_t pictures_out_ = 0;  // that the decoder gave, with a time or without
    std::size_t untimed_ = 0;       // pictures without a time
    std::size_t back_ = 0;          // pictures whose time is not later than the last
    FrameTime back_at_;
    bool size_changes_ = false;
    std::unique_ptr<PictureThread> pictures_;  // last, so that it ends before what it works with goes
};

}  // namespace

core::Result<RecordingIndex> import_pass(const std::string& recording, const std::string& folder, const Progress& progress) {
    return core::caught([&] { return Pass(recording, folder, progress).run(); });
}

}  // namespace anagraph::media
