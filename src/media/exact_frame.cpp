#include "media/exact_frame.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <opencv2/imgproc.hpp>
#include <utility>

#include "core/base/caught.h"
#include "media/av.h"

namespace anagraph::media {

using core::ErrorCode;
using core::fail;

namespace {

Picture picture_of(const AVFrame& f) {
    // The same scaler settings as the player's, so that a still and the paused film are one picture.
    const bool deep = av_pix_fmt_desc_get(static_cast<AVPixelFormat>(f.format))->comp[0].depth > 8;
    const auto sws = av::converter(f, f.width, f.height, AV_PIX_FMT_BGRA, deep ? SWS_LANCZOS : SWS_BICUBIC);
    if (!sws) return {};
    Picture p{f.width, f.height, av::bgra_of(*sws, f, f.width, f.height)};
    for (std::size_t i = 3; i < p.bgra.size(); i += 4) p.bgra[i] = 255;
    return p;
}

}  // namespace

namespace {

core::Result<Picture> decoded_frame(const std::string& recording, const core::FrameTime& time) {
    const auto streams = av::open_streams(recording);
    if (!streams) return tl::make_unexpected(streams.error());
    AVFormatContext* input = streams->input.get();
    AVStream* stream = streams->video;
    const int v = stream->index;
    auto decoder = av::open_decoder(*stream);
    if (!decoder) return tl::make_unexpected(decoder.error());
    const std::int64_t target = av::ticks_of(time, stream->time_base);
    auto packet = av::packet();
    auto frame = av::frame();
    auto kept = av::frame();
    // Seek further and further back until a frame not later than the target comes out: a key frame may hide before it.
    for (const double back : {0.0, 2.0, 10.0, 60.0, -1.0}) {
        av_frame_unref(kept.get());
        const std::int64_t from =
            back < 0 ? std::numeric_limits<std::int64_t>::min() : target - static_cast<std::int64_t>(back / av_q2d(stream->time_base));
        if (avformat_seek_file(input, v, std::numeric_limits<std::int64_t>::min(), from,
                back < 0 ? std::numeric_limits<std::int64_t>::max() : from, 0) < 0 &&
            back >= 0)
            continue;
        avcodec_flush_buffers(decoder->get());
        bool passed = false;
        bool draining = false;
        while (!passed) {
            const int r = draining ? AVERROR_EOF : av_read_frame(input, packet.get());
            if (r == AVERROR(EIO)) return tl::make_unexpected(av::trouble(recording, r, true));
            if (r < 0) {
                if (draining) break;
                draining = true;
                avcodec_send_packet(decoder->get(), nullptr);
            } else {
                if (packet->stream_index == v) avcodec_send_packet(decoder->get(), packet.get());
                av_packet_unref(packet.get());
            }
            while (!passed && avcodec_receive_frame(decoder->get(), frame.get()) >= 0) {
                if (frame->best_effort_timestamp > target && kept->data[0] != nullptr)
                    passed = true;
                else if (frame->best_effort_timestamp > target && back >= 0)
                    passed = true;  // began too late: seek further back
                else {
                    av_frame_unref(kept.get());
                    av_frame_move_ref(kept.get(), frame.get());
                    passed = kept->best_effort_timestamp >= target;
                }
                av_frame_unref(frame.get());
            }
        }
        if (kept->data[0] != nullptr) {
            Picture p = picture_of(*kept);
            if (!p.empty()) return p;
        }
    }
    return fail(ErrorCode::NotFound,
        core::say(
            core::key("Films", "No picture could be decoded at {0} of {1}; choose a moment nearby."), core::clock_text(time), recording),
        recording);
}

}  // namespace

core::Result<Picture> exact_frame(const std::string& recording, const core::FrameTime& time) {
    return core::caught([&] { return decoded_frame(recording, time); });
}

Picture upright(Picture picture, int rotation, double pixel_aspect) {
    constexpr double kWidest = 32768;
    const auto size = static_cast<std::size_t>(std::max(0, picture.width)) * static_cast<std::size_t>(std::max(0, picture.height)) * 4;
    if (picture.bgra.size() != size || size == 0) return picture;
    if (const double wide = picture.width * pixel_aspect; !(wide >= 1 && wide <= kWidest)) pixel_aspect = 1;
    if (const int width = static_cast<int>(std::lround(picture.width * pixel_aspect)); width != picture.width && width > 0) {
        const cv::Mat stored(picture.height, picture.width, CV_8UC4, picture.bgra.data());
        Picture wide{width, picture.height,
            std::vector<std::uint8_t>(static_cast<std::size_t>(width) * static_cast<std::size_t>(picture.height) * 4)};
        cv::Mat shown(wide.height, wide.width, CV_8UC4, wide.bgra.data());
        cv::resize(stored, shown, shown.size(), 0, 0, cv::INTER_CUBIC);
        picture = std::move(wide);
    }
    if (rotation != 90 && rotation != 180 && rotation != 270) return picture;
    const bool turn = rotation == 90 || rotation == 270;
    Picture out{
        turn ? picture.height : picture.width, turn ? picture.width : picture.height, std::vector<std::uint8_t>(picture.bgra.size())};
    for (int y = 0; y < picture.height; ++y)
        for (int x = 0; x < picture.width; ++x) {
            const int tx = rotation == 90 ? picture.height - 1 - y : rotation == 180 ? picture.width - 1 - x : y;
            const int ty = rotation == 90 ? x : rotation == 180 ? picture.height - 1 - y : picture.width - 1 - x;
            const auto from = (static_cast<std::size_t>(y) * static_cast<std::size_t>(picture.width) + static_cast<std::size_t>(x)) * 4;
            const auto to = (static_cast<std::size_t>(ty) * static_cast<std::size_t>(out.width) + static_cast<std::size_t>(tx)) * 4;
            std::copy_n(picture.bgra.begin() + static_cast<std::ptrdiff_t>(from), 4, out.bgra.begin() + static_cast<std::ptrdiff_t>(to));
        }
    return out;
}

core::Result<Picture> upright_frame(const std::string& recording, const core::FrameTime& time, int rotation, double pixel_aspect) {
    return core::caught([&] {
        auto picture = exact_frame(recording, time);
        if (picture) *picture = upright(std::move(*picture), rotation, pixel_aspect);
        return picture;
    });
}

}  // namespace anagraph::media
