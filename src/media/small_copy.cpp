#include "media/small_copy.h"

#include <fmt/format.h>

#include <algorithm>
#include <cerrno>
#include <cmath>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>
#include <utility>

#include "media/sharpness.h"

namespace anagraph::media {

using core::FrameTime;
using core::Outcome;

namespace {

constexpr int kProxyWidth = 640;
constexpr int kThumbWidth = 192;
constexpr double kThumbEvery = 1.0;    // s
constexpr double kMeasureEvery = 0.2;  // s
constexpr double kEntryEvery = 0.5;    // s: entries of the proxy's index

Outcome write_trouble(const std::string& path, int error) { return tl::make_unexpected(av::trouble(path, AVERROR(error))); }

}  // namespace

std::string SmallCopy::temporary(const char* name) const { return fmt::format("{}/{}.tmp", folder_, name); }

Outcome SmallCopy::open(const std::string& folder, const RecordingIndex& size, AVRational time_base) {
    folder_ = folder;
    time_base_ = time_base;
    const double shape = static_cast<double>(size.height) / size.width;
    const int width = std::min(kProxyWidth, av::even(size.width));
    auto proxy = JpegEncoder::make(width, av::even(width * shape), time_base, 8);
    auto thumb = JpegEncoder::make(kThumbWidth, av::even(kThumbWidth * shape), time_base, 4);
    if (!proxy || !thumb) return tl::make_unexpected((proxy ? thumb : proxy).error());
    proxy_encoder_ = std::move(*proxy);
    thumb_encoder_ = std::move(*thumb);
    AVFormatContext* raw = nullptr;
    avformat_alloc_output_context2(&raw, nullptr, "matroska", nullptr);
    proxy_.reset(raw);
    const std::string path = temporary(kProxyFile);
    AVStream* stream = raw == nullptr ? nullptr : avformat_new_stream(raw, nullptr);
    if (stream == nullptr) return write_trouble(path, ENOMEM);
    avcodec_parameters_from_context(stream->codecpar, &proxy_encoder_.codec());
    stream->time_base = time_base;
    if (const int r = avio_open(&raw->pb, path.c_str(), AVIO_FLAG_WRITE); r < 0) return write_trouble(path, AVUNERROR(r));
    AVDictionary* options = nullptr;
    av_dict_set(&options, "cluster_time_limit", "500", 0);  // ms: a frame is found by reading half a second at most
    const int begun = avformat_write_header(raw, &options);
    av_dict_free(&options);
    if (begun < 0) return write_trouble(path, AVUNERROR(begun));
    return thumbs_.open(temporary(kThumbnailFile));
}

Outcome SmallCopy::add(const AVFrame& picture, std::int64_t pts, std::size_t number) {
    const FrameTime time = av::time_of(pts, time_base_);
    const auto small = proxy_encoder_.encode(picture, pts);
    if (!small) return tl::make_unexpected(small.error());
    if (AVPacket* encoded = *small) {
        encoded->stream_index = 0;
        // every picture stands alone, but only two a second go into the file's own index, which is kept in memory
        if (number == 0 || time.seconds() - last_entry_ >= kEntryEvery)
            last_entry_ = time.seconds();
        else
            encoded->flags &= ~AV_PKT_FLAG_KEY;
        av_packet_rescale_ts(encoded, time_base_, proxy_->streams[0]->time_base);
        if (const int r = av_write_frame(proxy_.get(), encoded); r < 0) return write_trouble(temporary(kProxyFile), AVUNERROR(r));
    }
    if (number == 0 || time.seconds() - last_thumb_ >= kThumbEvery) {
        last_thumb_ = time.seconds();
        const auto thumb = thumb_encoder_.encode(proxy_encoder_.scaled(), pts);
        if (!thumb) return tl::make_unexpected(thumb.error());
        if (const AVPacket* jpeg = *thumb) {
            if (auto written = thumbs_.write(jpeg->data, static_cast<std::size_t>(jpeg->size)); !written) return written;
            thumbnails_.push_back({number, thumb_bytes_, jpeg->size});
            thumb_bytes_ += jpeg->size;
        }
    }
    if (number == 0 || time.seconds() - last_measure_ >= kMeasureEvery) {
        last_measure_ = time.seconds();
        measure(number, time);
    }
    return {};
}

/// Sharpness and light on the luma of the scaled picture, and whether the shot changed since the last sample.
void SmallCopy::measure(std::size_t number, const FrameTime& time) {
    const AVFrame& s = proxy_encoder_.scaled();
    const cv::Mat luma(s.height, s.width, CV_8UC1, s.data[0], static_cast<std::size_t>(s.linesize[0]));
    cv::Mat small;
    cv::resize(luma, small, {kMeasureWidth, std::max(1, s.height * kMeasureWidth / s.width)}, 0, 0, cv::INTER_AREA);
    samples_.push_back({number, sharpness_of_grey(small), cv::mean(small)[0]});
    cv::Mat coarse;
    cv::resize(small, coarse, {32, 18}, 0, 0, cv::INTER_AREA);
    if (!last_coarse_.empty() && cv::norm(coarse, last_coarse_, cv::NORM_L1) / (32.0 * 18.0) > 32) shots_.push_back(time);
    last_coarse_ = coarse;
}

Outcome SmallCopy::close(RecordingIndex& index) {
    if (const int r = av_write_trailer(proxy_.get()); r < 0) return write_trouble(temporary(kProxyFile), AVUNERROR(r));
    // what libav held back is written when the file is closed
    if (const int r = avio_closep(&proxy_->pb); r < 0) return write_trouble(temporary(kProxyFile), AVUNERROR(r));
    proxy_.reset();
    index.thumbnails = std::move(thumbnails_);
    index.samples = std::move(samples_);
    index.shots = std::move(shots_);
    return thumbs_.close();
}

Outcome SmallCopy::keep(const RecordingIndex& index) {
    PieceFile out;
    const std::string text = to_json(index).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
    if (auto opened = out.open(temporary(kIndexFile)); !opened) return opened;
    if (auto written = out.write(text.data(), text.size()); !written) return written;
    if (auto closed = out.close(); !closed) return closed;
    for (const char* name : {kProxyFile, kThumbnailFile, kIndexFile}) {
        std::error_code ec;
        std::filesystem::rename(temporary(name), fmt::format("{}/{}", folder_, name), ec);
        if (ec) return write_trouble(fmt::format("{}/{}", folder_, name), ec.value());
    }
    return {};
}

void SmallCopy::abandon() {
    proxy_.reset();
    thumbs_.abandon();
    for (const char* name : {kProxyFile, kThumbnailFile, kIndexFile}) {
        std::error_code ec;
        if (!folder_.empty()) std::filesystem::remove(temporary(name), ec);
    }
}

}  // namespace anagraph::media
