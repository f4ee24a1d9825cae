#include "media/new_times.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdint>
#include <map>
#include <vector>

#include "core/base/caught.h"
#include "media/av.h"

namespace anagraph::media {
namespace {

using core::ErrorCode;
using core::fail;
using core::Outcome;

constexpr AVRational kMillisecond{1, 1000};

/// Times of one stream that only go on: where a stretch begins earlier than the last one ended, it is moved behind it.
class GoingOn {
public:
    void put(AVPacket& packet, std::int64_t usual) {
        const std::int64_t length = packet.duration > 0 ? packet.duration : usual;
        if (packet.dts == AV_NOPTS_VALUE) packet.dts = packet.pts != AV_NOPTS_VALUE ? packet.pts : next_ - shift_;
        if (packet.pts == AV_NOPTS_VALUE) packet.pts = packet.dts;
        if (packet.dts + shift_ < next_ - length / 2) shift_ = next_ - packet.dts;
        packet.dts += shift_;
        packet.pts += shift_;
        next_ = packet.dts + length;
    }

private:
    std::int64_t shift_ = 0;
    std::int64_t next_ = INT64_MIN / 2;
};

class Rewriter {
public:
    Rewriter(const std::string& recording, const std::string& out, const Progress& progress)
        : recording_(recording), out_(out), progress_(progress) {}

    Outcome run() {
        if (auto opened = open_input(); !opened) return opened;
        const bool timed = has_times();
        if (auto opened = open_input(); !opened) return opened;
        if (!timed) {
            if (auto ranked = rank_pictures(); !ranked) return ranked;
            if (auto opened = open_input(); !opened) return opened;
        }
        if (auto begun = open_output(); !begun) return begun;
        return copy();
    }

private:
    Outcome open_input() {
        auto streams = av::open_streams(recording_);
        if (!streams) return tl::make_unexpected(streams.error());
        input_ = std::move(streams->input);
        video_ = streams->video;
        sound_ = streams->sound;
        AVRational rate = video_->avg_frame_rate.num > 0 ? video_->avg_frame_rate : video_->r_frame_rate;
        if (rate.num <= 0 || rate.den <= 0) rate = {25, 1};
        usual_ = std::max<std::int64_t>(1, av_rescale_q(1, av_inv_q(rate), video_->time_base));
        return {};
    }

    /// Has any of the first packets a time of showing?
    bool has_times() {
        auto packet = av::packet();
        bool timed = false;
        for (int n = 0; n < 100 && !timed && av_read_frame(input_.get(), packet.get()) >= 0;) {
            if (packet->stream_index == video_->index) {
                ++n;
                timed = packet->pts != AV_NOPTS_VALUE;
            }
            av_packet_unref(packet.get());
        }
        return timed;
    }

    /// In which place each packet's picture is shown: packets are numbered, and the decoder hands the numbers on.
    Outcome rank_pictures() {
        auto decoder = av::open_decoder(*video_);
        if (!decoder) return tl::make_unexpected(decoder.error());
        auto packet = av::packet();
        auto frame = av::frame();
        std::int64_t number = 0;
        std::int64_t shown = 0;
        const auto take = [&] {
            while (avcodec_receive_frame(decoder->get(), frame.get()) >= 0) {
                rank_[frame->pts] = shown++;
                av_frame_unref(frame.get());
            }
        };
        while (av_read_frame(input_.get(), packet.get()) >= 0) {
            if (packet->stream_index == video_->index) {
                packet->pts = packet->dts = number++;
                avcodec_send_packet(decoder->get(), packet.get());
                take();
            }
            av_packet_unref(packet.get());
            if (progress_ && !progress_(0.3)) return stopped();
        }
        avcodec_send_packet(decoder->get(), nullptr);
        take();
        for (const auto& [n, rank] : rank_) back_ = std::max(back_, n - rank);
        return {};
    }

    static Outcome stopped() { return fail(ErrorCode::Cancelled, core::key("Films", "The import was stopped; nothing of it is kept.")); }

    Outcome trouble(int code) const { return tl::make_unexpected(av::trouble(out_, code)); }

    Outcome open_output() {
        AVFormatContext* raw = nullptr;
        avformat_alloc_output_context2(&raw, nullptr, "matroska", nullptr);
        if (raw == nullptr) return trouble(AVERROR(ENOMEM));
        output_.reset(raw);
        raw->flags |= AVFMT_FLAG_BITEXACT;
        for (const AVStream* from : {video_, sound_}) {
            if (from == nullptr) continue;
            AVStream* to = avformat_new_stream(raw, nullptr);
            if (to == nullptr || avcodec_parameters_copy(to->codecpar, from->codecpar) < 0) return trouble(AVERROR(ENOMEM));
            to->codecpar->codec_tag = 0;
            to->time_base = kMillisecond;
            to->avg_frame_rate = from->avg_frame_rate;
            to->sample_aspect_ratio = from->sample_aspect_ratio;
        }
        if (const int r = avio_open(&raw->pb, out_.c_str(), AVIO_FLAG_WRITE); r < 0) return trouble(r);
        const int r = avformat_write_header(raw, nullptr);
        return r < 0 ? trouble(r) : Outcome{};
    }

    Outcome copy() {
        auto packet = av::packet();
        std::array<GoingOn, 2> going;
        std::int64_t number = 0;
        const auto size = static_cast<double>(std::max<std::int64_t>(1, avio_size(input_->pb)));
        while (av_read_frame(input_.get(), packet.get()) >= 0) {
            const bool picture = packet->stream_index == video_->index;
            const bool wanted = picture || (sound_ != nullptr && packet->stream_index == sound_->index);
            if (wanted) {
                const AVStream& from = picture ? *video_ : *sound_;
                if (picture && !rank_.empty()) {
                    const auto rank = rank_.find(number);
                    packet->dts = (number - back_) * usual_;
                    packet->pts = (rank == rank_.end() ? number : rank->second) * usual_;
                    packet->duration = usual_;
                    ++number;
                } else {
                    going[picture ? 0 : 1].put(*packet, picture ? usual_ : 1);
                }
                packet->stream_index = picture ? 0 : 1;
                packet->pos = -1;
                av_packet_rescale_ts(packet.get(), from.time_base, output_->streams[packet->stream_index]->time_base);
                // the muxer moves all streams alike, so that the first of them begins at zero
                if (const int r = av_interleaved_write_frame(output_.get(), packet.get()); r < 0) return trouble(r);
            }
            av_packet_unref(packet.get());
            if (progress_ && !progress_(std::clamp(static_cast<double>(avio_tell(input_->pb)) / size, 0.0, 1.0))) return stopped();
        }
        const int r = av_write_trailer(output_.get());
        return r < 0 ? trouble(r) : Outcome{};
    }

    const std::string& recording_;
    const std::string& out_;
    const Progress& progress_;
    av::Input input_;
    av::Output output_;
    AVStream* video_ = nullptr;
    AVStream* sound_ = nullptr;
    std::int64_t usual_ = 1;                     // ticks a picture is shown
    std::map<std::int64_t, std::int64_t> rank_;  // by packet; empty where the recording has times
    std::int64_t back_ = 0;                      // packets: how much earlier the furthest picture is needed than it is shown
};

}  // namespace

core::Outcome with_new_times(const std::string& recording, const std::string& out, const Progress& progress) {
    return core::caught([&] { return Rewriter(recording, out, progress).run(); });
}

}  // namespace anagraph::media
