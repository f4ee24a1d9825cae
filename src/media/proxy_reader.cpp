#include "media/proxy_reader.h"

#include <fmt/format.h>

#include <cmath>
#include <cstdlib>
#include <deque>
#include <map>
#include <opencv2/imgproc.hpp>

#include "media/av.h"

namespace anagraph::media {

using core::ErrorCode;
using core::fail;

namespace {

constexpr std::size_t kKept = 150;  // packets: a few megabytes

}  // namespace

struct ProxyReader::State {
    std::string file;
    std::vector<core::FrameTime> times;
    av::Input input;
    int stream = 0;
    av::Codec decoder;
    av::Frame scaled;
    av::Converting converting;
    av::Packet packet = av::packet();
    av::Frame decoded = av::frame();
    std::int64_t shift = 0;        // ticks from a frame's own time to its time in the copy
    std::int64_t next_ticks = -1;  // what the next packet read is not earlier than
    // pictures read lately, still encoded: a hand on the keys goes to and fro
    std::map<std::int64_t, av::Packet> lately;
    std::deque<std::int64_t> order;

    std::int64_t ticks(std::size_t frame) const { return av::ticks_of(times[frame], input->streams[stream]->time_base) + shift; }

    /// The packet of a time if it was read lately; the copy keeps times to the millisecond.
    AVPacket* known(std::int64_t target) {
        const auto it = lately.lower_bound(target - 1);
        return it != lately.end() && it->first <= target + 1 ? it->second.get() : nullptr;
    }

    void keep() {
        const std::int64_t pts = packet->pts;
        auto kept = av::packet();
        av_packet_move_ref(kept.get(), packet.get());
        if (lately.insert_or_assign(pts, std::move(kept)).second) order.push_back(pts);
        if (order.size() <= kKept) return;
        lately.erase(order.front());
        order.pop_front();
    }

    /// Reads on to the packet of a time; null when it is not there.
    AVPacket* read_to(std::int64_t target) {
        while (av_read_frame(input.get(), packet.get()) >= 0) {
            const std::int64_t pts = packet->pts;
            const bool picture = packet->stream_index == stream;
            if (picture) keep();
            av_packet_unref(packet.get());
            if (!picture) continue;
            next_ticks = pts + 1;
            if (pts >= target - 1) return known(target);
        }
        next_ticks = -1;
        return nullptr;
    }

    /// The decoded frame made another size, plane by plane: a third of what scaling and converting at once costs. Even sizes
    /// only, which the converter has a quick way for.
    const AVFrame& fitted(int asked_width, int asked_height) {
        const AVFrame& f = *decoded;
        const int w = (asked_width + 1) / 2 * 2;
        const int h = (asked_height + 1) / 2 * 2;
        if (w <= 0 || h <= 0 || (w == f.width && h == f.height) || (f.format != AV_PIX_FMT_YUVJ420P && f.format != AV_PIX_FMT_YUV420P))
            return f;
        if (!scaled || scaled->width != w || scaled->height != h) {
            scaled = av::frame();
            scaled->format = f.format;
            scaled->width = w;
            scaled->height = h;
            av_frame_get_buffer(scaled.get(), 0);
        }
        av_frame_copy_props(scaled.get(), &f);
        for (int i = 0; i < 3; ++i) {
            const int half = i == 0 ? 0 : 1;
            const cv::Mat from(
                AV_CEIL_RSHIFT(f.height, half), AV_CEIL_RSHIFT(f.width, half), CV_8UC1, f.data[i], static_cast<std::size_t>(f.linesize[i]));
            cv::Mat to(h >> half, w >> half, CV_8UC1, scaled->data[i], static_cast<std::size_t>(scaled->linesize[i]));
            cv::resize(from, to, to.size(), 0, 0, cv::INTER_LINEAR);
        }
        return *scaled;
    }

    AVPacket* packet_of(std::int64_t target) {
        if (auto* p = known(target)) return p;
        const bool ahead = next_ticks >= 0 && target >= next_ticks - 1 &&
            target - next_ticks < av_rescale_q(250, {1, 1000}, input->streams[stream]->time_base);
        if (ahead)
            if (auto* p = read_to(target)) return p;
        return av_seek_frame(input.get(), stream, target + 1, AVSEEK_FLAG_BACKWARD) < 0 ? nullptr : read_to(target);
    }
};

ProxyReader::ProxyReader(std::unique_ptr<State> state) : state_(std::move(state)) {}
ProxyReader::~ProxyReader() = default;

core::Result<std::unique_ptr<ProxyReader>> ProxyReader::open(const std::string& folder, const RecordingIndex& index) {
    auto s = std::make_unique<State>();
    s->file = fmt::format("{}/{}", folder, kProxyFile);
    s->times = index.times;
    const auto missing = [&] {
        return fail(ErrorCode::NotFound,
            core::key("Films", "The small copy of this recording is missing or damaged; import the recording again."), s->file);
    };
    auto input = av::open_input(s->file);
    if (!input || s->times.empty()) return missing();
    s->input = std::move(*input);
    s->stream = av_find_best_stream(s->input.get(), AVMEDIA_TYPE_VIDEO, -1, -1, nullptr, 0);
    if (s->stream < 0) return missing();
    auto decoder = av::open_decoder(*s->input->streams[s->stream], 1);
    if (!decoder || av_read_frame(s->input.get(), s->packet.get()) < 0) return missing();
    s->decoder = std::move(*decoder);
    s->shift = s->packet->pts - av::ticks_of(s->times.front(), s->input->streams[s->stream]->time_base);
    av_packet_unref(s->packet.get());
    return std::unique_ptr<ProxyReader>(new ProxyReader(std::move(s)));
}

core::Result<Picture> ProxyReader::frame(std::size_t frame, int width, int height) {
    auto& s = *state_;
    const auto missing = [&] {
        return fail(ErrorCode::NotFound, core::key("Films", "This picture is not in the small copy; import the recording again."), s.file);
    };
    if (frame >= s.times.size()) return missing();
    const AVPacket* found = s.packet_of(s.ticks(frame));
    if (found == nullptr || avcodec_send_packet(s.decoder.get(), found) < 0 || avcodec_receive_frame(s.decoder.get(), s.decoded.get()) < 0)
        return missing();
    const AVFrame& f = s.fitted(width, height);
    SwsContext* sws = s.converting.of(f, f.width, f.height, AV_PIX_FMT_BGRA, SWS_FAST_BILINEAR);
    if (sws == nullptr) return missing();
    Picture picture{f.width, f.height, av::bgra_of(*sws, f, f.width, f.height)};
    av_frame_unref(s.decoded.get());
    return picture;
}

}  // namespace anagraph::media
