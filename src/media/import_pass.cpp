#include "media/import_pass.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sys/resource.h>
#include <unistd.h>

#include <algorithm>
#include <atomic>
#include <cerrno>
#include <cmath>
#include <condition_variable>
#include <cstdio>
#include <deque>
#include <filesystem>
#include <memory>
#include <mutex>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>
#include <thread>
#include <utility>

#include "core/base/caught.h"
#include "media/av.h"
#include "media/sharpness.h"

namespace anagraph::media {
namespace {

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

using core::ErrorCode;
using core::fail;
using core::FrameTime;
using core::Outcome;

constexpr int kProxyWidth = 640;
constexpr int kThumbWidth = 192;
constexpr double kThumbEvery = 1.0;    // s
constexpr double kMeasureEvery = 0.2;  // s
constexpr double kEntryEvery = 0.5;    // s: entries of the proxy's index
constexpr std::size_t kWaiting = 6;    // decoded pictures that may wait for the second thread
constexpr int kSilence = 10;           // of 255: below this a stretch is a pause
constexpr int kPauseSteps = 10;        // of 50 ms

Outcome write_trouble(const std::string& path, int error) { return tl::make_unexpected(av::trouble(path, AVERROR(error))); }

/// A file written piece by piece, with the true reason where that fails.
class PieceFile {
public:
    PieceFile() = default;
    ~PieceFile() { abandon(); }
    PieceFile(const PieceFile&) = delete;
    PieceFile& operator=(const PieceFile&) = delete;

    Outcome open(std::string path) {
        path_ = std::move(path);
        fd_ = ::open(path_.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
        return fd_ >= 0 ? Outcome{} : write_trouble(path_, errno);
    }
    Outcome write(const void* bytes, std::size_t size) {
        const auto* at = static_cast<const char*>(bytes);
        while (size > 0) {
            const ssize_t n = ::write(fd_, at, size);
            if (n < 0 && errno != EINTR) return write_trouble(path_, errno);
            if (n <= 0) continue;
            at += n;
            size -= static_cast<std::size_t>(n);
        }
        return {};
    }
    Outcome close() {
        const int fd = std::exchange(fd_, -1);
        return ::close(fd) == 0 ? Outcome{} : write_trouble(path_, errno);
    }
    void abandon() {
        if (fd_ >= 0) ::close(std::exchange(fd_, -1));
    }

private:
    std::string path_;
    int fd_ = -1;
};

/// Encodes pictures as JPEG: into the proxy's container and into the thumbnail file.
class JpegEncoder {
public:
    static core::Result<JpegEncoder> make(int width, int height, AVRational time_base, int quality) {
        const AVCodec* codec = avcodec_find_encoder(AV_CODEC_ID_MJPEG);
        JpegEncoder e;
        e.codec_.reset(avcodec_alloc_context3(codec));
        e.frame_ = av::frame();
        if (!e.codec_ || !e.frame_) return tl::make_unexpected(av::trouble("the small copy", AVERROR(ENOMEM)));
        e.codec_->width = width;
        e.codec_->height = height;
        e.codec_->pix_fmt = AV_PIX_FMT_YUVJ420P;
        e.codec_->time_base = time_base;
        e.codec_->color_range = AVCOL_RANGE_JPEG;
        e.codec_->flags |= AV_CODEC_FLAG_QSCALE;
        e.codec_->global_quality = FF_QP2LAMBDA * quality;
        e.codec_->thread_count = 1;
        if (const int r = avcodec_open2(e.codec_.get(), codec, nullptr); r < 0)
            return fail(ErrorCode::BadInput, fmt::format("The small copy could not be made ({}).", av::error_text(r)));
        e.frame_->format = AV_PIX_FMT_YUVJ420P;
        e.frame_->width = width;
        e.frame_->height = height;
        e.packet_ = av::packet();
        if (av_frame_get_buffer(e.frame_.get(), 0) < 0 || !e.packet_)
            return tl::make_unexpected(av::trouble("the small copy", AVERROR(ENOMEM)));
        return e;
    }
    const AVCodecContext& codec() const { return *codec_; }

    /// The scaled and encoded picture; valid until the next call. Null when the encoder refuses it; errors: NoMemory.
    core::Result<AVPacket*> encode(const AVFrame& picture, std::int64_t pts) {
        const auto no_memory = [] { return tl::make_unexpected(av::trouble("the small copy", AVERROR(ENOMEM))); };
        if (av_frame_make_writable(frame_.get()) < 0) return no_memory();
        const bool planar = picture.format == AV_PIX_FMT_YUV420P || picture.format == AV_PIX_FMT_YUVJ420P;
        if (!(planar ? scale_planes(picture) : scale_any(picture))) return nullptr;
        frame_->pts = pts;
        frame_->quality = codec_->global_quality;
        av_packet_unref(packet_.get());
        int r = avcodec_send_frame(codec_.get(), frame_.get());
        if (r >= 0) r = avcodec_receive_packet(codec_.get(), packet_.get());
        if (r == AVERROR(ENOMEM)) return no_memory();
        return r < 0 ? nullptr : packet_.get();
    }
    const AVFrame& scaled() const { return *frame_; }

private:
    /// Nearly every recording is planar 4:2:0 of 8 bits: its planes are scaled one by one, which costs half of the general way.
    bool scale_planes(const AVFrame& picture) {
        const bool full = picture.format == AV_PIX_FMT_YUVJ420P || picture.color_range == AVCOL_RANGE_JPEG;
        for (int i = 0; i < 3; ++i) {
            const int shift = i == 0 ? 0 : 1;
            const cv::Mat from(AV_CEIL_RSHIFT(picture.height, shift), AV_CEIL_RSHIFT(picture.width, shift), CV_8UC1, picture.data[i],
                static_cast<std::size_t>(picture.linesize[i]));
            cv::Mat to(AV_CEIL_RSHIFT(frame_->height, shift), AV_CEIL_RSHIFT(frame_->width, shift), CV_8UC1, frame_->data[i],
                static_cast<std::size_t>(frame_->linesize[i]));
            cv::resize(from, to, to.size(), 0, 0, cv::INTER_LINEAR);
            if (!full)
                to.convertTo(to, CV_8UC1, i == 0 ? 255.0 / 219 : 255.0 / 224,
                    i == 0 ? -16 * 255.0 / 219 : 128 - 128 * 255.0 / 224);  // to the full range of JPEG
        }
        return true;
    }

    bool scale_any(const AVFrame& picture) {
        SwsContext* sws = converting_.of(picture, codec_->width, codec_->height, AV_PIX_FMT_YUVJ420P, SWS_FAST_BILINEAR);
        if (sws == nullptr) return false;
        sws_scale(sws, picture.data, picture.linesize, 0, picture.height, frame_->data, frame_->linesize);
        return true;
    }

    av::Codec codec_;
    av::Frame frame_;
    av::Packet packet_;
    av::Converting converting_;
};

int rotation_of(const AVStream& stream) {
    const auto* matrix = av_stream_get_side_data(&stream, AV_PKT_DATA_DISPLAYMATRIX, nullptr);
    if (matrix == nullptr) return 0;
    const double turn = -av_display_rotation_get(reinterpret_cast<const std::int32_t*>(matrix));
    return (static_cast<int>(std::lround(turn / 90)) % 4 + 4) % 4 * 90;
}

/// A thread that takes decoded pictures one after the other, while the next ones are being decoded. What it fails with is
/// told at the next put() or at the end.
class PictureThread {
public:
    using Work = std::function<Outcome(const AVFrame&, std::int64_t pts, std::size_t number)>;

    explicit PictureThread(Work work) : work_(std::move(work)), thread_([this] { run(); }) {}
    ~PictureThread() { wait(); }
    PictureThread(const PictureThread&) = delete;
    PictureThread& operator=(const PictureThread&) = delete;

    Outcome put(const AVFrame& frame, std::int64_t pts, std::size_t number) {
        std::unique_lock lock(mutex_);
        room_.wait(lock, [&] { return waiting_.size() < kWaiting || !outcome_; });
        if (!outcome_) return outcome_;
        waiting_.push_back({av::Frame(av_frame_clone(&frame)), pts, number});
        some_.notify_one();
        return {};
    }

    /// Waits until everything put has been worked on.
    Outcome end() {
        wait();
        return outcome_;
    }

private:
    struct Picture {
        av::Frame frame;
        std::int64_t pts;
        std::size_t number;
    };

    /// Needs no memory, since it is called while an exception for want of memory is on its way.
    void wait() noexcept {
        {
            const std::lock_guard lock(mutex_);
            ended_ = true;
            some_.notify_one();
        }
        if (thread_.joinable()) thread_.join();
    }

    /// Nothing may be thrown out of a thread: where there is no memory for the sentence either, a word does.
    Outcome worked_on(const Picture& picture) const noexcept {
        try {
            if (!picture.frame) return tl::make_unexpected(av::trouble("the small copy", AVERROR(ENOMEM)));
            return core::caught([&] { return work_(*picture.frame, picture.pts, picture.number); });
        } catch (...) {
            return tl::make_unexpected(core::Error{ErrorCode::NoMemory, "Memory is full.", ""});
        }
    }

    void run() {
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

    Work work_;
    std::mutex mutex_;
    std::condition_variable room_;
    std::condition_variable some_;
    std::deque<Picture> waiting_;
    Outcome outcome_;
    bool ended_ = false;
    std::thread thread_;
};

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
            return fail(ErrorCode::BadInput, fmt::format("{} is a sound file with a cover picture; choose the film itself.", recording_),
                recording_);
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
            return fail(
                ErrorCode::BadInput, fmt::format("{} has no picture of a usable size; choose another recording.", recording_), recording_);
        index_.rotation = rotation_of(*video_);
        if (const AVRational shape = av_guess_sample_aspect_ratio(input_.get(), video_, nullptr); shape.num > 0 && shape.den > 0)
            index_.pixel_aspect = av_q2d(shape);
        duration_ = input_->duration > 0 ? static_cast<double>(input_->duration) / AV_TIME_BASE : 0;
        return open_outputs();
    }

    static int even(double x) { return std::max(2, static_cast<int>(std::lround(x / 2)) * 2); }

    Outcome open_outputs() {
        const double shape = static_cast<double>(index_.height) / index_.width;
        const int width = std::min(kProxyWidth, even(index_.width));
        auto proxy = JpegEncoder::make(width, even(width * shape), video_->time_base, 8);
        auto thumb = JpegEncoder::make(kThumbWidth, even(kThumbWidth * shape), video_->time_base, 4);
        if (!proxy || !thumb) return tl::make_unexpected((proxy ? thumb : proxy).error());
        proxy_encoder_ = std::move(*proxy);
        thumb_encoder_ = std::move(*thumb);
        AVFormatContext* raw = nullptr;
        avformat_alloc_output_context2(&raw, nullptr, "matroska", nullptr);
        proxy_.reset(raw);
        AVStream* stream = raw == nullptr ? nullptr : avformat_new_stream(raw, nullptr);
        if (stream == nullptr) return write_trouble(temporary(kProxyFile), ENOMEM);
        avcodec_parameters_from_context(stream->codecpar, &proxy_encoder_.codec());
        stream->time_base = video_->time_base;
        const std::string path = temporary(kProxyFile);
        if (const int r = avio_open(&raw->pb, path.c_str(), AVIO_FLAG_WRITE); r < 0) return write_trouble(path, AVUNERROR(r));
        AVDictionary* options = nullptr;
        av_dict_set(&options, "cluster_time_limit", "500", 0);  // ms: a frame is found by reading half a second at most
        const int begun = avformat_write_header(raw, &options);
        av_dict_free(&options);
        if (begun < 0) return write_trouble(path, AVUNERROR(begun));
        if (auto opened = thumbs_.open(temporary(kThumbnailFile)); !opened) return opened;
        pictures_ = std::make_unique<PictureThread>(
            [this](const AVFrame& frame, std::int64_t pts, std::size_t number) { return work_on(frame, pts, number); });
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
            return fail(ErrorCode::Refused, fmt::format("{} has pictures but no times.", recording_), recording_);
        if (back_ > 3 && back_ * 100 > index_.times.size())
            return fail(ErrorCode::Refused,
                fmt::format("The times of {} go back at {}: camera files joined end to end do that.", recording_,
                    core::clock_text(back_at_, false)),
                recording_);
        if (!index_.times.empty() && index_.times.front() < FrameTime{})
            return fail(ErrorCode::Refused, fmt::format("The times of {} begin below zero.", recording_), recording_);
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

    std::string temporary(const char* name) const { return fmt::format("{}/{}.tmp", folder_, name); }

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
            if (!progress_(std::clamp(done, 0.0, 1.0))) return fail(ErrorCode::Cancelled, "The import was stopped; nothing of it is kept.");
        }
        return {};
    }

    /// Proxy, thumbnail and measures of one picture; on the second thread.
    Outcome work_on(const AVFrame& frame, std::int64_t pts, std::size_t number) {
        const FrameTime time = av::time_of(pts, video_->time_base);
        const auto small = proxy_encoder_.encode(frame, pts);
        if (!small) return tl::make_unexpected(small.error());
        if (AVPacket* encoded = *small) {
            encoded->stream_index = 0;
            // every picture stands alone, but only two a second go into the file's own index, which is kept in memory
            if (number == 0 || time.seconds() - last_entry_ >= kEntryEvery)
                last_entry_ = time.seconds();
            else
                encoded->flags &= ~AV_PKT_FLAG_KEY;
            av_packet_rescale_ts(encoded, video_->time_base, proxy_->streams[0]->time_base);
            if (const int r = av_write_frame(proxy_.get(), encoded); r < 0) return write_trouble(temporary(kProxyFile), AVUNERROR(r));
        }
        if (number == 0 || time.seconds() - last_thumb_ >= kThumbEvery) {
            last_thumb_ = time.seconds();
            const auto thumb = thumb_encoder_.encode(proxy_encoder_.scaled(), pts);
            if (!thumb) return tl::make_unexpected(thumb.error());
            if (const AVPacket* picture = *thumb) {
                if (auto written = thumbs_.write(picture->data, static_cast<std::size_t>(picture->size)); !written) return written;
                index_.thumbnails.push_back({number, thumb_bytes_, picture->size});
                thumb_bytes_ += picture->size;
            }
        }
        if (number == 0 || time.seconds() - last_measure_ >= kMeasureEvery) {
            last_measure_ = time.seconds();
            measure(number, time);
        }
        return {};
    }

    /// Sharpness and light on the luma of the scaled picture, and whether the shot changed since the last sample.
    void measure(std::size_t number, const FrameTime& time) {
        const AVFrame& s = proxy_encoder_.scaled();
        const cv::Mat luma(s.height, s.width, CV_8UC1, s.data[0], static_cast<std::size_t>(s.linesize[0]));
        cv::Mat small;
        cv::resize(luma, small, {kMeasureWidth, std::max(1, s.height * kMeasureWidth / s.width)}, 0, 0, cv::INTER_AREA);
        index_.samples.push_back({number, sharpness_of_grey(small), cv::mean(small)[0]});
        cv::Mat coarse;
        cv::resize(small, coarse, {32, 18}, 0, 0, cv::INTER_AREA);
        if (!last_coarse_.empty() && cv::norm(coarse, last_coarse_, cv::NORM_L1) / (32.0 * 18.0) > 32) index_.shots.push_back(time);
        last_coarse_ = coarse;
    }

    Outcome feed_sound(AVPacket* packet) {
        if (avcodec_send_packet(sound_decoder_.get(), packet) == AVERROR(ENOMEM))
            return tl::make_unexpected(av::trouble(recording_, AVERROR(ENOMEM), true));
        while (avcodec_receive_frame(sound_decoder_.get(), frame_.get()) >= 0) {
            const AVFrame& f = *frame_;
            if (!swr_) {
                SwrContext* raw = nullptr;
                AVChannelLayout mono = AV_CHANNEL_LAYOUT_MONO;
                AVChannelLayout source = f.ch_layout;
                swr_alloc_set_opts2(&raw, &mono, AV_SAMPLE_FMT_S16, f.sample_rate, &source, static_cast<AVSampleFormat>(f.format),
                    f.sample_rate, 0, nullptr);
                swr_.reset(raw);
                if (swr_init(raw) < 0) {
                    swr_.reset();
                    av_frame_unref(frame_.get());
                    continue;
                }
                sound_rate_ = f.sample_rate;
            }
            std::vector<std::int16_t> samples(static_cast<std::size_t>(f.nb_samples));
            auto* out = reinterpret_cast<std::uint8_t*>(samples.data());
            const int n = swr_convert(swr_.get(), &out, f.nb_samples, const_cast<const std::uint8_t**>(f.extended_data), f.nb_samples);
            const double from =
                f.best_effort_timestamp == AV_NOPTS_VALUE ? sound_end_ : av::time_of(f.best_effort_timestamp, sound_->time_base).seconds();
            for (int i = 0; i < n; ++i) envelope(from + static_cast<double>(i) / sound_rate_, samples[static_cast<std::size_t>(i)]);
            sound_end_ = from + static_cast<double>(n) / sound_rate_;
            av_frame_unref(frame_.get());
        }
        return {};
    }

    void envelope(double seconds, std::int16_t sample) {
        if (seconds < 0 || seconds > 1e6) return;
        const auto step = static_cast<std::size_t>(seconds * 1000 / kSoundStepMs);
        if (step >= index_.sound.size()) index_.sound.resize(step + 1);
        index_.sound[step] =
            std::max(index_.sound[step], static_cast<std::uint8_t>(std::min(255, std::abs(static_cast<int>(sample)) >> 7)));
    }

    void find_pauses() {
        for (std::size_t i = 0; i < index_.sound.size();) {
            std::size_t k = i;
            while (k < index_.sound.size() && index_.sound[k] < kSilence) ++k;
            if (k - i >= kPauseSteps)
                index_.pauses.push_back({FrameTime::from_milliseconds(static_cast<std::int64_t>(i) * kSoundStepMs),
                    FrameTime::from_milliseconds(static_cast<std::int64_t>(k) * kSoundStepMs)});
            i = k + 1;
        }
    }

    Outcome finish() {
        if (broken_ > 0)
            index_.remarks.push_back(fmt::format("{} damaged piece{} of the recording could not be decoded; some pictures may be missing.",
                broken_, broken_ == 1 ? "" : "s"));
        if (back_ + untimed_ > 0)
            index_.remarks.push_back(fmt::format("{} picture{} of the recording have no time of their own and were left out.",
                back_ + untimed_, back_ + untimed_ == 1 ? "" : "s"));
        find_pauses();
        index_.end = av::time_of(last_pts_ + std::max<std::int64_t>(1, last_duration_), video_->time_base);
        if (const int r = av_write_trailer(proxy_.get()); r < 0) return write_trouble(temporary(kProxyFile), AVUNERROR(r));
        // what libav held back is written when the file is closed
        if (const int r = avio_closep(&proxy_->pb); r < 0) return write_trouble(temporary(kProxyFile), AVUNERROR(r));
        proxy_.reset();
        if (auto closed = thumbs_.close(); !closed) return closed;
        PieceFile out;
        const std::string text = to_json(index_).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
        if (auto opened = out.open(temporary(kIndexFile)); !opened) return opened;
        if (auto written = out.write(text.data(), text.size()); !written) return written;
        if (auto closed = out.close(); !closed) return closed;
        for (const char* name : {kProxyFile, kThumbnailFile, kIndexFile}) {
            std::error_code ec;
            std::filesystem::rename(temporary(name), fmt::format("{}/{}", folder_, name), ec);
            if (ec) return write_trouble(fmt::format("{}/{}", folder_, name), ec.value());
        }
        if (progress_) progress_(1.0);
        return {};
    }

    tl::unexpected<core::Error> abandon(core::Error error) {
        if (pictures_) pictures_->end();
        proxy_.reset();
        thumbs_.abandon();
        for (const char* name : {kProxyFile, kThumbnailFile, kIndexFile}) {
            std::error_code ec;
            std::filesystem::remove(temporary(name), ec);
        }
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
    av::Swr swr_;
    int sound_rate_ = 0;
    double sound_end_ = 0;
    JpegEncoder proxy_encoder_;
    JpegEncoder thumb_encoder_;
    av::Output proxy_;
    PieceFile thumbs_;
    std::int64_t thumb_bytes_ = 0;
    std::int64_t last_pts_ = AV_NOPTS_VALUE;
    std::int64_t last_duration_ = 1;
    double last_thumb_ = 0;
    double last_entry_ = 0;
    double last_measure_ = 0;
    double duration_ = 0;
    cv::Mat last_coarse_;
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
