// Owners for the objects of FFmpeg's libraries: a resource is an object, freed when it goes. Nothing else.
#pragma once

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libavutil/channel_layout.h>
#include <libavutil/display.h>
#include <libavutil/imgutils.h>
#include <libavutil/opt.h>
#include <libavutil/pixdesc.h>
#include <libswresample/swresample.h>
#include <libswscale/swscale.h>
}

#include <atomic>
#include <memory>
#include <string>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/result.h"

namespace anagraph::media::av {

/// Closes what open_input() opened, the way its bytes came too.
struct FreeInput {
    void operator()(AVFormatContext* p) const;
};
struct FreeOutput {
    void operator()(AVFormatContext* p) const {
        if (p->pb != nullptr && (p->oformat->flags & AVFMT_NOFILE) == 0) avio_closep(&p->pb);
        avformat_free_context(p);
    }
};
struct FreeCodec {
    void operator()(AVCodecContext* p) const { avcodec_free_context(&p); }
};
struct FreeFrame {
    void operator()(AVFrame* p) const { av_frame_free(&p); }
};
struct FreePacket {
    void operator()(AVPacket* p) const { av_packet_free(&p); }
};
struct FreeSws {
    void operator()(SwsContext* p) const { sws_freeContext(p); }
};
struct FreeSwr {
    void operator()(SwrContext* p) const { swr_free(&p); }
};

using Input = std::unique_ptr<AVFormatContext, FreeInput>;
using Output = std::unique_ptr<AVFormatContext, FreeOutput>;
using Codec = std::unique_ptr<AVCodecContext, FreeCodec>;
using Frame = std::unique_ptr<AVFrame, FreeFrame>;
using Packet = std::unique_ptr<AVPacket, FreePacket>;
using Sws = std::unique_ptr<SwsContext, FreeSws>;
using Swr = std::unique_ptr<SwrContext, FreeSwr>;

inline Frame frame() { return Frame(av_frame_alloc()); }
inline Packet packet() { return Packet(av_packet_alloc()); }

/// FFmpeg's own words for one of its error numbers.
std::string error_text(int code);

/// Opens a recording, a file of this computer or a far one (media/far_film.h), and finds its streams. Errors: those of a far one; NotFound,
/// Unreadable, BadInput ("is no video"), each with what to do.
core::Result<Input> open_input(const std::string& path);

/// The picture and the sound of a recording, the ones a player would choose.
struct Streams {
    Input input;
    AVStream* video = nullptr;
    AVStream* sound = nullptr;  // null where it has none
};
/// Errors: those of open_input(), and BadInput where there is no picture.
core::Result<Streams> open_streams(const std::string& path);

inline constexpr const char* kTransportStream = "mpegts";
/// libav's name of the container, by what its beginning holds and not by the file's name; empty where open_input() would refuse it.
std::string container_of(const std::string& path);

/// The Error of a libav call that failed while `path` was written or, with `reading`, read.
core::Error trouble(const std::string& path, int code, bool reading = false);

/// A decoder for a stream, ready to be fed. `threads` 0: as many as there are cores. Decoders tell want of memory for a picture as
/// damage of the film; `no_memory`, which has to outlive the decoder, is set where that happens.
core::Result<Codec> open_decoder(const AVStream& stream, int threads = 0, std::atomic<bool>* no_memory = nullptr);

/// The even number of pixels nearest to x, 2 at the least: colour is kept for every second pixel.
int even(double x);

core::FrameTime time_of(std::int64_t ticks, AVRational base);
std::int64_t ticks_of(const core::FrameTime& time, AVRational base);

/// A converter from decoded frames to another size and format, with the colour conversion a player uses: the stream's own
/// matrix, or BT.709 for pictures above 576 lines and BT.601 below where the file does not say.
Sws converter(const AVFrame& from, int width, int height, AVPixelFormat format, int flags);

/// A converter that is made anew when the frames change their size or format, as those of some recordings do on the way.
class Converting {
public:
    /// Null where libav cannot. The same target and flags at every call.
    SwsContext* of(const AVFrame& from, int width, int height, AVPixelFormat format, int flags) {
        if (!sws_ || width_ != from.width || height_ != from.height || format_ != from.format) {
            sws_ = converter(from, width, height, format, flags);
            width_ = from.width;
            height_ = from.height;
            format_ = from.format;
        }
        return sws_.get();
    }

private:
    Sws sws_;
    int width_ = 0;
    int height_ = 0;
    int format_ = -1;
};

/// Rows of blue, green, red and a fourth byte, without padding, by a converter to BGRA of that size.
std::vector<std::uint8_t> bgra_of(SwsContext& converter, const AVFrame& from, int width, int height);

}  // namespace anagraph::media::av
