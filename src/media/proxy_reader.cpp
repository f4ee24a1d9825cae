#include "media/proxy_reader.h"

#include <fmt/format.h>

#include <cmath>
#include <cstdlib>

#include "media/av.h"

namespace anagraph::media {

using core::ErrorCode;
using core::fail;

struct ProxyReader::State {
    std::string file;
    std::vector<core::FrameTime> times;
    av::Input input;
    int stream = 0;
    av::Codec decoder;
    av::Sws sws;
    av::Packet packet = av::packet();
    av::Frame decoded = av::frame();
    std::int64_t shift = 0;        // ticks from a frame's own time to its time in the copy
    std::int64_t next_ticks = -1;  // what the next packet read is not earlier than

    std::int64_t ticks(std::size_t frame) const { return av::ticks_of(times[frame], input->streams[stream]->time_base) + shift; }

    /// Reads on to the packet of a time; the copy keeps times to the millisecond.
    bool read_to(std::int64_t target) {
        while (av_read_frame(input.get(), packet.get()) >= 0) {
            const std::int64_t pts = packet->pts;
            if (packet->stream_index == stream && std::abs(pts - target) <= 1) {
                next_ticks = pts + 1;
                return true;
            }
            av_packet_unref(packet.get());
            if (pts > target + 1) break;
        }
        next_ticks = -1;
        return false;
    }
};

ProxyReader::ProxyReader(std::unique_ptr<State> state) : state_(std::move(state)) {}
ProxyReader::~ProxyReader() = default;

core::Result<std::unique_ptr<ProxyReader>> ProxyReader::open(const std::string& folder, const RecordingIndex& index) {
    auto s = std::make_unique<State>();
    s->file = fmt::format("{}/{}", folder, kProxyFile);
    s->times = index.times;
    const auto missing = [&] { return fail(ErrorCode::NotFound, "The small copy of this recording is missing or damaged; bring the recording in again.", s->file); };
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

core::Result<Picture> ProxyReader::frame(std::size_t frame) {
    auto& s = *state_;
    const auto missing = [&] { return fail(ErrorCode::NotFound, "This picture is not in the small copy; bring the recording in again.", s.file); };
    if (frame >= s.times.size()) return missing();
    const std::int64_t target = s.ticks(frame);
    // The next few frames lie ahead in the file; everything else is sought.
    const bool ahead = s.next_ticks >= 0 && target >= s.next_ticks - 1 && target - s.next_ticks < av_rescale_q(250, {1, 1000}, s.input->streams[s.stream]->time_base);
    if (!(ahead && s.read_to(target))) {
        if (av_seek_frame(s.input.get(), s.stream, target + 1, AVSEEK_FLAG_BACKWARD) < 0 || !s.read_to(target)) return missing();
    }
    const int sent = avcodec_send_packet(s.decoder.get(), s.packet.get());
    av_packet_unref(s.packet.get());
    if (sent < 0 || avcodec_receive_frame(s.decoder.get(), s.decoded.get()) < 0) return missing();
    const AVFrame& f = *s.decoded;
    if (!s.sws) s.sws = av::converter(f, f.width, f.height, AV_PIX_FMT_BGRA, SWS_FAST_BILINEAR);
    Picture picture{f.width, f.height, std::vector<std::uint8_t>(static_cast<std::size_t>(f.width) * static_cast<std::size_t>(f.height) * 4)};
    std::uint8_t* rows[4] = {picture.bgra.data(), nullptr, nullptr, nullptr};
    const int strides[4] = {f.width * 4, 0, 0, 0};
    if (s.sws) sws_scale(s.sws.get(), f.data, f.linesize, 0, f.height, rows, strides);
    av_frame_unref(s.decoded.get());
    return picture;
}

}  // namespace anagraph::media
