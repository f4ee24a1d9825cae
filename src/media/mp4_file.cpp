#include "media/mp4_file.h"

#include <algorithm>
#include <filesystem>
#include <utility>

namespace anagraph::media {

using core::Outcome;

namespace {

std::string temporary(const std::string& path) { return path + ".tmp"; }

}  // namespace

Mp4File::Mp4File(std::string path) : path_(std::move(path)) {
    AVFormatContext* raw = nullptr;
    // the name is needed again when the index moves to the front
    avformat_alloc_output_context2(&raw, nullptr, "mp4", temporary(path_).c_str());
    output_.reset(raw);
}

Mp4File::~Mp4File() {
    output_.reset();
    if (!on_disk_) return;
    std::error_code ec;
    std::filesystem::remove(temporary(path_), ec);
}

Outcome Mp4File::trouble(int code) const { return tl::make_unexpected(av::trouble(path_, code)); }

core::Result<AVStream*> Mp4File::add(const AVCodecParameters& parameters, AVRational time_base, const AVStream* upright) {
    AVStream* stream = output_ ? avformat_new_stream(output_.get(), nullptr) : nullptr;
    if (stream == nullptr || avcodec_parameters_copy(stream->codecpar, &parameters) < 0)
        return tl::make_unexpected(av::trouble(path_, AVERROR(ENOMEM)));
    stream->codecpar->codec_tag = 0;
    stream->time_base = time_base;
    stream->sample_aspect_ratio = parameters.sample_aspect_ratio;
    if (upright == nullptr) return stream;
    if (const auto* matrix = av_stream_get_side_data(upright, AV_PKT_DATA_DISPLAYMATRIX, nullptr))
        if (auto* copy = av_stream_new_side_data(stream, AV_PKT_DATA_DISPLAYMATRIX, 9 * sizeof(std::int32_t)))
            std::copy_n(matrix, 9 * sizeof(std::int32_t), copy);
    return stream;
}

Outcome Mp4File::begin() {
    if (const int r = avio_open(&output_->pb, temporary(path_).c_str(), AVIO_FLAG_WRITE); r < 0) return trouble(r);
    on_disk_ = true;
    AVDictionary* options = nullptr;
    av_dict_set(&options, "movflags", "+faststart", 0);
    const int r = avformat_write_header(output_.get(), &options);
    av_dict_free(&options);
    begun_ = r >= 0;
    return r < 0 ? trouble(r) : Outcome{};
}

Outcome Mp4File::write(AVPacket* packet, int stream, AVRational time_base) {
    packet->stream_index = stream;
    packet->pos = -1;
    av_packet_rescale_ts(packet, time_base, output_->streams[stream]->time_base);
    const int r = av_interleaved_write_frame(output_.get(), packet);
    return r < 0 ? trouble(r) : Outcome{};
}

Outcome Mp4File::finish() {
    if (const int r = av_write_trailer(output_.get()); r < 0) return trouble(r);
    // what libav held back is written when the file is closed
    if (const int r = avio_closep(&output_->pb); r < 0) return trouble(r);
    std::error_code ec;
    std::filesystem::rename(temporary(path_), path_, ec);
    if (ec) return trouble(AVERROR(ec.value()));
    on_disk_ = false;
    return {};
}

}  // namespace anagraph::media
