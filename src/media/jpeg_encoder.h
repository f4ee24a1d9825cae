// JpegEncoder: decoded pictures, made smaller, as JPEG.
#pragma once

#include "core/base/result.h"
#include "media/av.h"

namespace anagraph::media {

class JpegEncoder {
public:
    /// `quality`: 2 is the best, 31 the smallest. Errors: NoMemory; BadInput where libav has no encoder for it.
    static core::Result<JpegEncoder> make(int width, int height, AVRational time_base, int quality);

    const AVCodecContext& codec() const { return *codec_; }
    /// The scaled and encoded picture; valid until the next call. Null when the encoder refuses it; errors: NoMemory.
    core::Result<AVPacket*> encode(const AVFrame& picture, std::int64_t pts);
    /// The picture encoded last, as it was made smaller: planar 4:2:0 of the full range.
    const AVFrame& scaled() const { return *frame_; }

private:
    void scale_planes(const AVFrame& picture);
    bool scale_any(const AVFrame& picture);

    av::Codec codec_;
    av::Frame frame_;
    av::Packet packet_;
    av::Converting converting_;
};

}  // namespace anagraph::media
