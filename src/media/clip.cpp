#include "media/clip.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <memory>
#include <vector>

#include "core/base/caught.h"
#include "media/av.h"
#include "media/mp4_file.h"

namespace anagraph::media {
namespace {

using core::ErrorCode;
using core::fail;
using core::Outcome;

class ClipCutter {
public:
    ClipCutter(
        std::string recording, const core::Take& take, std::string out, int max_width, const Progress& progress, const ClipOptions& options)
        : options_(options),
          recording_(std::move(recording)),
          take_(take),
          file_(std::move(out)),
          max_width_(max_width),
          progress_(progress) {}

    Outcome run() {
        if (auto done = cut(); !done) return done;
        return file_.finish();
    }

private:
    Outcome cut() {
        auto streams = av::open_streams(recording_);
        if (!streams) return tl::make_unexpected(streams.error());
        input_ = std::move(streams->input);
        video_ = streams->video;
        auto decoder = av::open_decoder(*video_);
        if (!decoder) return tl::make_unexpected(decoder.error());
        decoder_ = std::move(*decoder);
        if (streams->sound != nullptr && !options_.silent && options_.slower == 1)
            if (auto sound = av::open_decoder(*streams->sound, 1)) {
                sound_ = streams->sound;
                sound_decoder_ = std::move(*sound);
            }
        from_ticks_ = av::ticks_of(take_.from, video_->time_base);
        to_ticks_ = av::ticks_of(take_.to, video_->time_base);
        // One key frame before the cut is enough; two seconds more make room for frames shown before it.
        const std::int64_t early = from_ticks_ - static_cast<std::int64_t>(2.0 / av_q2d(video_->time_base));
        avformat_seek_file(input_.get(), video_->index, std::numeric_limits<std::int64_t>::min(), early, early, 0);
        auto packet = av::packet();
        bool video_done = false;
        bool sound_done = sound_ == nullptr;
        int r = 0;
        while (!(video_done && sound_done) && (r = av_read_frame(input_.get(), packet.get())) >= 0) {
            Outcome fed;
            if (packet->stream_index == video_->index)
                fed = feed_video(packet.get(), video_done);
            else if (sound_ != nullptr && packet->stream_index == sound_->index)
                fed = feed_sound(packet.get(), sound_done);
            av_packet_unref(packet.get());
            if (!fed) return fed;
        }
        if (r == AVERROR(ENOMEM) || r == AVERROR(EIO)) return tl::make_unexpected(av::trouble(recording_, r, true));
        bool ignored = false;
        if (auto fed = feed_video(nullptr, ignored); !fed) return fed;
        if (sound_ != nullptr)
            if (auto fed = feed_sound(nullptr, ignored); !fed) return fed;
        if (!file_.begun())
            return fail(ErrorCode::NotFound,
                core::say(core::key("Films", "Between {0} and {1} the recording holds no picture; choose another stretch."),
                    core::clock_text(take_.from), core::clock_text(take_.to)),
                recording_);
        return close();
    }

    Outcome feed_video(AVPacket* packet, bool& done) {
        if (avcodec_send_packet(decoder_.get(), packet) == AVERROR(ENOMEM))
            return tl::make_unexpected(av::trouble(recording_, AVERROR(ENOMEM), true));
        while (avcodec_receive_frame(decoder_.get(), frame_.get()) >= 0) {
            const std::int64_t pts = frame_->best_effort_timestamp;
            if (pts >= to_ticks_) {
                done = true;
            } else if (pts >= from_ticks_ && (last_pts_ == AV_NOPTS_VALUE || pts > last_pts_)) {  // as the import takes them
                last_pts_ = pts;
                if (auto written = write_picture(pts); !written) return written;
            }
            av_frame_unref(frame_.get());
        }
        return {};
    }

    std::int64_t frame_ticks() const {
        const AVRational rate = video_->avg_frame_rate;
        return rate.num > 0 ? std::max<std::int64_t>(1, av_rescale_q(1, av_inv_q(rate), video_->time_base)) : 1;
    }

    Outcome open_output(const AVFrame& f) {
        const AVCodec* h264 = avcodec_find_encoder_by_name("libx264");
        if (h264 == nullptr)
            return fail(ErrorCode::Unwritable,
                core::key("Films", "This system has no H.264 encoder (libx264), so clips cannot be made; install it."));
        const int width = f.width > max_width_ ? av::even(max_width_) : av::even(f.width);
        encoder_.reset(avcodec_alloc_context3(h264));
        encoder_->width = width;
        encoder_->height = av::even(static_cast<double>(f.height) * width / f.width);
        encoder_->pix_fmt = AV_PIX_FMT_YUV420P;
        encoder_->time_base = video_->time_base;
        encoder_->sample_aspect_ratio = f.sample_aspect_ratio;
        as_it_is_ = !options_.paint && width == f.width && encoder_->height == f.height && f.format == AV_PIX_FMT_YUV420P;
        encoder_->colorspace = as_it_is_ ? f.colorspace : AVCOL_SPC_SMPTE170M;  // the converter writes BT.601, limited range
        encoder_->color_range = as_it_is_ ? f.color_range : AVCOL_RANGE_MPEG;
        encoder_->color_primaries = f.color_primaries;
        encoder_->color_trc = f.color_trc;
        encoder_->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
        av_opt_set(encoder_->priv_data, "preset", "medium", 0);
        av_opt_set(encoder_->priv_data, "crf", "23", 0);
        if (const int r = avcodec_open2(encoder_.get(), h264, nullptr); r < 0) return file_.trouble(r);
        if (auto added = add_stream(*encoder_, video_); !added) return added;
        if (sound_ != nullptr)
            if (auto opened = open_sound(); !opened) return opened;
        return file_.begin();
    }

    /// A stream of what the encoder makes.
    Outcome add_stream(const AVCodecContext& encoder, const AVStream* upright) {
        const std::unique_ptr<AVCodecParameters, void (*)(AVCodecParameters*)> parameters(
            avcodec_parameters_alloc(), [](AVCodecParameters* p) { avcodec_parameters_free(&p); });
        if (!parameters || avcodec_parameters_from_context(parameters.get(), &encoder) < 0) return file_.trouble(AVERROR(ENOMEM));
        const auto added = file_.add(*parameters, encoder.time_base, upright);
        return added ? Outcome{} : tl::make_unexpected(added.error());
    }

    Outcome open_sound() {
        const AVCodec* aac = avcodec_find_encoder(AV_CODEC_ID_AAC);
        sound_encoder_.reset(avcodec_alloc_context3(aac));
        sound_encoder_->sample_rate = 48000;
        sound_encoder_->ch_layout = AV_CHANNEL_LAYOUT_MONO;
        sound_encoder_->sample_fmt = AV_SAMPLE_FMT_FLTP;
        sound_encoder_->bit_rate = 96000;
        sound_encoder_->time_base = {1, 48000};
        sound_encoder_->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
        if (const int r = avcodec_open2(sound_encoder_.get(), aac, nullptr); r < 0) return file_.trouble(r);
        return add_stream(*sound_encoder_, nullptr);
    }

    Outcome send(AVCodecContext* encoder, const AVFrame* frame, int stream) {
        const int r = avcodec_send_frame(encoder, frame);
        if (r < 0 && r != AVERROR_EOF) return file_.trouble(r);
        auto packet = av::packet();
        while (avcodec_receive_packet(encoder, packet.get()) >= 0) {
            // without a length the last picture would be cut off by the file's own edit list
            if (stream == 0 && packet->duration == 0) packet->duration = frame_ticks() * options_.slower;
            if (auto written = file_.write(packet.get(), stream, encoder->time_base); !written) return written;
        }
        return {};
    }

    Outcome write_picture(std::int64_t pts) {
        if (!file_.begun())
            if (auto opened = open_output(*frame_); !opened) return opened;
        const double done =
            static_cast<double>(pts - from_ticks_) / static_cast<double>(std::max<std::int64_t>(1, to_ticks_ - from_ticks_));
        if (progress_ && !progress_(done)) return fail(ErrorCode::Cancelled, core::key("Films", "Cutting the clip was stopped."));
        const auto moment = av::time_of(pts, video_->time_base);
        const bool drawn_on = options_.paint && (!options_.paints || options_.paints(moment));
        if (!drawn_on && as_it_is_ && frame_->width == encoder_->width && frame_->height == encoder_->height) {
            frame_->pts = (pts - from_ticks_) * options_.slower;
            frame_->pict_type = AV_PICTURE_TYPE_NONE;  // the encoder chooses its own key pictures
            return send(encoder_.get(), frame_.get(), 0);
        }
        auto scaled = av::frame();
        scaled->format = AV_PIX_FMT_YUV420P;
        scaled->width = encoder_->width;
        scaled->height = encoder_->height;
        if (av_frame_get_buffer(scaled.get(), 0) < 0) return file_.trouble(AVERROR(ENOMEM));
        if (drawn_on) {
            SwsContext* to_paint = to_paint_.of(*frame_, encoder_->width, encoder_->height, AV_PIX_FMT_BGRA, SWS_BICUBIC);
            if (to_paint == nullptr) return file_.trouble(AVERROR(ENOMEM));
            Picture picture{encoder_->width, encoder_->height, av::bgra_of(*to_paint, *frame_, encoder_->width, encoder_->height)};
            options_.paint(picture, moment);
            if (!from_paint_)
                from_paint_.reset(sws_getContext(encoder_->width, encoder_->height, AV_PIX_FMT_BGRA, encoder_->width, encoder_->height,
                    AV_PIX_FMT_YUV420P, SWS_BICUBIC, nullptr, nullptr, nullptr));
            const std::uint8_t* rows[] = {picture.bgra.data()};
            const int strides[] = {picture.width * 4};
            sws_scale(from_paint_.get(), rows, strides, 0, picture.height, scaled->data, scaled->linesize);
        } else {
            SwsContext* sws = scaling_.of(*frame_, encoder_->width, encoder_->height, AV_PIX_FMT_YUV420P, SWS_BICUBIC);
            if (sws == nullptr) return file_.trouble(AVERROR(ENOMEM));
            sws_scale(sws, frame_->data, frame_->linesize, 0, frame_->height, scaled->data, scaled->linesize);
        }
        scaled->pts = (pts - from_ticks_) * options_.slower;
        return send(encoder_.get(), scaled.get(), 0);
    }

    Outcome feed_sound(AVPacket* packet, bool& done) {
        avcodec_send_packet(sound_decoder_.get(), packet);
        while (avcodec_receive_frame(sound_decoder_.get(), frame_.get()) >= 0) {
            const AVFrame& f = *frame_;
            const double at = av::time_of(f.best_effort_timestamp, sound_->time_base).seconds() - take_.from.seconds();
            const double length = take_.to.seconds() - take_.from.seconds();
            if (at >= length)
                done = true;
            else if (at + static_cast<double>(f.nb_samples) / f.sample_rate > 0 && f.best_effort_timestamp != AV_NOPTS_VALUE)
                keep_sound(f, at, length);
            av_frame_unref(frame_.get());
        }
        return sound_encoder_ ? write_sound(false) : Outcome{};
    }

    /// Resamples and keeps what lies within the cut; the wanted samples wait until the pictures have opened the file.
    void keep_sound(const AVFrame& f, double at, double length) {
        if (!swr_) {
            SwrContext* raw = nullptr;
            AVChannelLayout mono = AV_CHANNEL_LAYOUT_MONO;
            AVChannelLayout source = f.ch_layout;
            swr_alloc_set_opts2(
                &raw, &mono, AV_SAMPLE_FMT_FLT, 48000, &source, static_cast<AVSampleFormat>(f.format), f.sample_rate, 0, nullptr);
            swr_.reset(raw);
            swr_init(raw);
        }
        std::vector<float> samples(static_cast<std::size_t>(swr_get_out_samples(swr_.get(), f.nb_samples)));
        auto* out = reinterpret_cast<std::uint8_t*>(samples.data());
        const int n = swr_convert(
            swr_.get(), &out, static_cast<int>(samples.size()), const_cast<const std::uint8_t**>(f.extended_data), f.nb_samples);
        const auto wanted = static_cast<std::ptrdiff_t>(length * 48000);
        const auto first = static_cast<std::ptrdiff_t>(at * 48000);
        for (std::ptrdiff_t i = 0; i < n; ++i) {
            const auto had = static_cast<std::ptrdiff_t>(sound_written_ + pcm_.size());
            const std::ptrdiff_t place = std::max(first + i, had);
            if (first + i < 0 || place >= wanted) continue;
            pcm_.resize(pcm_.size() + static_cast<std::size_t>(place - had) + 1);
            pcm_.back() = samples[static_cast<std::size_t>(i)];
        }
    }

    /// Encodes what waits, in whole pieces; with `all`, what is left too. Hours of sound are not kept.
    Outcome write_sound(bool all) {
        constexpr std::size_t kPiece = 1024;
        std::size_t at = 0;
        for (; pcm_.size() - at >= (all ? 1 : kPiece); at += std::min(kPiece, pcm_.size() - at)) {
            auto f = av::frame();
            f->format = AV_SAMPLE_FMT_FLTP;
            f->ch_layout = AV_CHANNEL_LAYOUT_MONO;
            f->sample_rate = 48000;
            f->nb_samples = static_cast<int>(std::min(kPiece, pcm_.size() - at));
            if (av_frame_get_buffer(f.get(), 0) < 0) return file_.trouble(AVERROR(ENOMEM));
            std::copy_n(pcm_.begin() + static_cast<std::ptrdiff_t>(at), f->nb_samples, reinterpret_cast<float*>(f->data[0]));
            f->pts = static_cast<std::int64_t>(sound_written_ + at);
            if (auto sent = send(sound_encoder_.get(), f.get(), 1); !sent) return sent;
        }
        pcm_.erase(pcm_.begin(), pcm_.begin() + static_cast<std::ptrdiff_t>(at));
        sound_written_ += at;
        return all ? send(sound_encoder_.get(), nullptr, 1) : Outcome{};
    }

    Outcome close() {
        if (sound_encoder_)
            if (auto written = write_sound(true); !written) return written;
        return send(encoder_.get(), nullptr, 0);
    }

    const ClipOptions& options_;
    std::string recording_;
    core::Take take_;
    Mp4File file_;
    int max_width_;
    const Progress& progress_;
    av::Input input_;
    AVStream* video_ = nullptr;
    AVStream* sound_ = nullptr;
    av::Codec decoder_;
    av::Codec sound_decoder_;
    av::Codec encoder_;
    av::Codec sound_encoder_;
    av::Frame frame_ = av::frame();
    av::Converting scaling_;
    av::Converting to_paint_;  // to a picture that is drawn on ...
    av::Sws from_paint_;       // ... and back
    bool as_it_is_ = false;    // pictures go to the encoder without being converted
    av::Swr swr_;
    std::vector<float> pcm_;         // waits to be encoded
    std::size_t sound_written_ = 0;  // samples encoded before it
    std::int64_t last_pts_ = AV_NOPTS_VALUE;
    std::int64_t from_ticks_ = 0;
    std::int64_t to_ticks_ = 0;
};

}  // namespace

core::Outcome cut_clip(const std::string& recording, const core::Take& take, const std::string& out, int max_width,
    const Progress& progress, const ClipOptions& options) {
    return core::caught([&] { return ClipCutter(recording, take, out, max_width, progress, options).run(); });
}

}  // namespace anagraph::media
