#include "media/jpeg_encoder.h"

#include <fmt/format.h>

#include <opencv2/imgproc.hpp>

namespace anagraph::media {

using core::ErrorCode;
using core::fail;

core::Result<JpegEncoder> JpegEncoder::make(int width, int height, AVRational time_base, int quality) {
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
        return fail(ErrorCode::BadInput, core::say(core::key("Films", "The small copy could not be made ({0})."), av::error_text(r)));
    e.frame_->format = AV_PIX_FMT_YUVJ420P;
    e.frame_->width = width;
    e.frame_->height = height;
    e.packet_ = av::packet();
    if (av_frame_get_buffer(e.frame_.get(), 0) < 0 || !e.packet_)
        return tl::make_unexpected(av::trouble("the small copy", AVERROR(ENOMEM)));
    return e;
}

core::Result<AVPacket*> JpegEncoder::encode(const AVFrame& picture, std::int64_t pts) {
    const auto no_memory = [] { return tl::make_unexpected(av::trouble("the small copy", AVERROR(ENOMEM))); };
    if (av_frame_make_writable(frame_.get()) < 0) return no_memory();
    const bool planar = picture.format == AV_PIX_FMT_YUV420P || picture.format == AV_PIX_FMT_YUVJ420P;
    if (planar)
        scale_planes(picture);
    else if (!scale_any(picture))
        return nullptr;
    frame_->pts = pts;
    frame_->quality = codec_->global_quality;
    av_packet_unref(packet_.get());
    int r = avcodec_send_frame(codec_.get(), frame_.get());
    if (r >= 0) r = avcodec_receive_packet(codec_.get(), packet_.get());
    if (r == AVERROR(ENOMEM)) return no_memory();
    return r < 0 ? nullptr : packet_.get();
}

/// Nearly every recording is planar 4:2:0 of 8 bits: its planes are scaled one by one, which costs half of the general way.
void JpegEncoder::scale_planes(const AVFrame& picture) {
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
}

bool JpegEncoder::scale_any(const AVFrame& picture) {
    SwsContext* sws = converting_.of(picture, codec_->width, codec_->height, AV_PIX_FMT_YUVJ420P, SWS_FAST_BILINEAR);
    if (sws == nullptr) return false;
    sws_scale(sws, picture.data, picture.linesize, 0, picture.height, frame_->data, frame_->linesize);
    return true;
}

}  // namespace anagraph::media
