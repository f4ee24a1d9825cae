#include "media/av.h"

#include <fmt/format.h>

#include <algorithm>
#include <cerrno>
#include <cmath>
#include <filesystem>

#include "media/far_film.h"

namespace anagraph::media::av {

using core::ErrorCode;
using core::fail;

std::string error_text(int code) {
    char text[AV_ERROR_MAX_STRING_SIZE] = {};
    av_strerror(code, text, sizeof text);
    return text;
}

namespace {

/// The containers a camera, a phone or an editor writes. Lists of other files (playlists, scripts, image sequences) are not among
/// them: a film is one file, and opening it opens no other.
constexpr const char* kContainers =
    "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm,avi,mpegts,mpeg,mpegvideo,h264,hevc,m4v,flv,asf,ogg,mxf,dv,ivf,mjpeg,mp3,wav,aac,flac";
constexpr int kMostPixels = 16384;  // of a side

/// A far film as libav reads it.
struct FarInput {
    std::unique_ptr<core::ByteSource> source;
    std::int64_t at = 0;
};

/// The last trouble that reading a far film met on this thread: libav tells no more of it than that reading failed.
thread_local std::optional<core::Error> far_trouble;

int read_far(void* opaque, std::uint8_t* to, int bytes) {
    auto& far = *static_cast<FarInput*>(opaque);
    const auto got = far.source->read(far.at, std::span(reinterpret_cast<char*>(to), static_cast<std::size_t>(bytes)));
    if (!got) {
        far_trouble = got.error();
        return AVERROR(EIO);
    }
    far.at += static_cast<std::int64_t>(*got);
    return *got == 0 ? AVERROR_EOF : static_cast<int>(*got);
}

std::int64_t seek_far(void* opaque, std::int64_t offset, int whence) {
    auto& far = *static_cast<FarInput*>(opaque);
    if ((whence & AVSEEK_SIZE) != 0) return far.source->size();
    const std::int64_t to = offset + (whence == SEEK_CUR ? far.at : whence == SEEK_END ? far.source->size() : 0);
    if (to < 0) return AVERROR(EINVAL);
    return far.at = to;
}

/// An input without a file, whose bytes come from far.
AVFormatContext* far_input(std::unique_ptr<core::ByteSource> source) {
    constexpr int kBuffer = 1 << 16;
    AVFormatContext* out = avformat_alloc_context();
    auto* buffer = static_cast<unsigned char*>(av_malloc(kBuffer));
    auto far = std::make_unique<FarInput>(FarInput{std::move(source)});
    AVIOContext* io =
        out == nullptr || buffer == nullptr ? nullptr : avio_alloc_context(buffer, kBuffer, 0, far.get(), read_far, nullptr, seek_far);
    if (io == nullptr) {
        av_free(buffer);
        avformat_free_context(out);
        return nullptr;
    }
    (void)far.release();  // FreeInput frees it
    out->pb = io;
    out->flags |= AVFMT_FLAG_CUSTOM_IO;
    return out;
}

void free_far(AVIOContext* io) {
    if (io == nullptr) return;
    delete static_cast<FarInput*>(io->opaque);
    av_freep(&io->buffer);
    avio_context_free(&io);
}

/// The container opened, its streams not looked for yet; `r` is libav's answer. `far`: where its bytes come from, if it is no file.
Input probed(const std::string& path, int& r, std::unique_ptr<core::ByteSource> far = nullptr) {
    static const bool quiet = [] {
        av_log_set_level(AV_LOG_FATAL);
        return true;
    }();
    (void)quiet;
    AVFormatContext* raw = nullptr;
    AVIOContext* io = nullptr;
    if (far) {
        raw = far_input(std::move(far));
        r = AVERROR(ENOMEM);
        if (raw == nullptr) return {};
        io = raw->pb;
    }
    AVDictionary* options = nullptr;
    av_dict_set(&options, "format_whitelist", kContainers, 0);
    av_dict_set(&options, "protocol_whitelist", "file", 0);
    // "file:" keeps a name with a colon from being taken for a protocol
    r = avformat_open_input(&raw, ("file:" + path).c_str(), nullptr, &options);
    av_dict_free(&options);
    if (r < 0) free_far(io);  // libav has freed the rest
    return Input(raw);
}

}  // namespace

void FreeInput::operator()(AVFormatContext* p) const {
    AVIOContext* io = (p->flags & AVFMT_FLAG_CUSTOM_IO) != 0 ? p->pb : nullptr;
    avformat_close_input(&p);
    free_far(io);
}

core::Result<Input> open_input(const std::string& path) {
    std::error_code ec;
    if (std::filesystem::exists(path, ec) && !std::filesystem::is_regular_file(path, ec))
        return fail(ErrorCode::Unreadable,
            core::say(core::key("Films", "{0} is no file that can be read; choose the recording itself."), path), path);
    auto far = far_film(path);
    if (!far) return tl::make_unexpected(far.error());
    const auto size = *far ? static_cast<std::uintmax_t>((*far)->size()) : std::filesystem::file_size(path, ec);
    if (ec && ec.value() == ENOENT)
        return fail(ErrorCode::NotFound, core::say(core::key("Films", "{0} is not there; choose the recording again."), path), path);
    if (ec)
        return fail(ErrorCode::Unreadable,
            core::say(core::key("Films", "{0} cannot be opened ({1}); check that you may read it."), path, ec.message()), path);
    if (size == 0)
        return fail(ErrorCode::BadInput, core::say(core::key("Films", "{0} is empty; copy it from the camera again."), path), path);
    int r = 0;
    const bool is_far = *far != nullptr;
    far_trouble.reset();
    Input input = probed(path, r, std::move(*far));
    if (is_far && far_trouble) return tl::make_unexpected(*far_trouble);
    if (r == AVERROR(ENOMEM) || r == AVERROR(EIO)) return tl::make_unexpected(trouble(path, r, true));
    if (r == AVERROR(EACCES))
        return fail(ErrorCode::Unreadable,
            core::say(core::key("Films", "{0} may not be read; change its permissions or copy it somewhere else."), path), path);
    if (r < 0)
        return fail(ErrorCode::BadInput,
            core::say(core::key("Films",
                          "{0} is no video that can be read ({1}); choose a recording such as MP4, MOV, MKV or WebM, or copy it from the "
                          "camera again."),
                path, error_text(r)),
            path);
    r = avformat_find_stream_info(input.get(), nullptr);
    if (is_far && far_trouble) return tl::make_unexpected(*far_trouble);
    if (r == AVERROR(ENOMEM) || r == AVERROR(EIO)) return tl::make_unexpected(trouble(path, r, true));
    if (r < 0)
        return fail(ErrorCode::Damaged,
            core::say(core::key("Films", "{0} begins like a video but cannot be read on ({1}); copy it from the camera again."), path,
                error_text(r)),
            path);
    for (unsigned i = 0; i < input->nb_streams; ++i)
        if (const auto& p = *input->streams[i]->codecpar; p.width > kMostPixels || p.height > kMostPixels)
            return fail(ErrorCode::BadInput,
                core::say(core::key("Films", "{0} has pictures of {1} x {2} pixels, more than any camera makes; choose another recording."),
                    path, p.width, p.height),
                path);
    return input;
}

core::Result<Streams> open_streams(const std::string& path) {
    auto input = open_input(path);
    if (!input) return tl::make_unexpected(input.error());
    const int v = av_find_best_stream(input->get(), AVMEDIA_TYPE_VIDEO, -1, -1, nullptr, 0);
    if (v < 0)
        return fail(ErrorCode::BadInput,
            core::say(core::key("Films", "{0} has no picture, only sound or text; choose the film itself."), path), path);
    const int s = av_find_best_stream(input->get(), AVMEDIA_TYPE_AUDIO, -1, v, nullptr, 0);
    AVStream** all = (*input)->streams;
    return Streams{std::move(*input), all[v], s >= 0 ? all[s] : nullptr};
}

std::string container_of(const std::string& path) {
    std::error_code ec;
    int r = 0;
    const Input input = std::filesystem::is_regular_file(path, ec) ? probed(path, r) : Input();
    return input ? input->iformat->name : "";
}

core::Error trouble(const std::string& path, int code, bool reading) {
    const core::Key done = reading ? core::key("Files", "read") : core::key("Files", "written");
    if (code == AVERROR(ENOMEM))
        return {ErrorCode::NoMemory,
            core::say(core::key("Films", "The memory does not suffice for {0}; close other programs and try again."), path), path};
    if (code == AVERROR(ENOSPC) || code == AVERROR(EDQUOT))
        return {ErrorCode::NoSpace,
            core::say(core::key("Films", "The disk is full, so {0} could not be written; free some space and try again."), path), path};
    if (code == AVERROR(EIO) && reading && far_trouble) return *far_trouble;
    if (code == AVERROR(EIO))
        return {reading ? ErrorCode::Unreadable : ErrorCode::Unwritable,
            core::say(
                core::key("Films", "The disk failed while {0} was being {1}; check the disk and its cable, and try again."), path, done),
            path};
    if (code == AVERROR(EACCES) || code == AVERROR(EPERM))
        return {reading ? ErrorCode::Unreadable : ErrorCode::Unwritable,
            core::say(core::key("Films", "{0} may not be {1}; change the permissions, or choose another place."), path, done), path};
    return {reading ? ErrorCode::Unreadable : ErrorCode::Unwritable,
        core::say(core::key("Films", "{0} could not be {1} ({2}); check the folder, or choose another one."), path, done, error_text(code)),
        path};
}

namespace {

int get_buffer(AVCodecContext* decoder, AVFrame* frame, int flags) {
    const int r = avcodec_default_get_buffer2(decoder, frame, flags);
    if (r == AVERROR(ENOMEM)) *static_cast<std::atomic<bool>*>(decoder->opaque) = true;
    return r;
}

}  // namespace

core::Result<Codec> open_decoder(const AVStream& stream, int threads, std::atomic<bool>* no_memory) {
    const AVCodec* codec = avcodec_find_decoder(stream.codecpar->codec_id);
    if (codec == nullptr)
        return fail(ErrorCode::BadInput,
            core::say(core::key("Films", "Nothing here can decode {0}; convert the recording to H.264 first."),
                avcodec_get_name(stream.codecpar->codec_id)));
    Codec decoder(avcodec_alloc_context3(codec));
    if (!decoder || avcodec_parameters_to_context(decoder.get(), stream.codecpar) < 0)
        return fail(ErrorCode::NoMemory,
            core::key("Films", "The memory does not suffice to decode the recording; close other programs and try again."));
    decoder->pkt_timebase = stream.time_base;
    decoder->thread_count = threads;
    if (no_memory != nullptr) {
        decoder->opaque = no_memory;
        decoder->get_buffer2 = get_buffer;
#if LIBAVCODEC_VERSION_MAJOR < 60
#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wdeprecated-declarations"
        decoder->thread_safe_callbacks = 1;  // later versions take it for granted
#pragma GCC diagnostic pop
#endif
    }
    if (const int r = avcodec_open2(decoder.get(), codec, nullptr); r == AVERROR(ENOMEM))
        return fail(ErrorCode::NoMemory,
            core::key("Films", "The memory does not suffice to decode the recording; close other programs and try again."));
    else if (r < 0)
        return fail(
            ErrorCode::BadInput, core::say(core::key("Films", "The recording's {0} cannot be decoded ({1})."), codec->name, error_text(r)));
    return decoder;
}

int even(double x) { return std::max(2, static_cast<int>(std::lround(x / 2)) * 2); }

core::FrameTime time_of(std::int64_t ticks, AVRational base) { return {ticks * base.num, base.den}; }

std::int64_t ticks_of(const core::FrameTime& time, AVRational base) {
    return av_rescale_q(time.num(), AVRational{1, static_cast<int>(time.den())}, base);
}

Sws converter(const AVFrame& from, int width, int height, AVPixelFormat format, int flags) {
    Sws sws(sws_getContext(
        from.width, from.height, static_cast<AVPixelFormat>(from.format), width, height, format, flags, nullptr, nullptr, nullptr));
    if (!sws) return sws;
    const bool hd = from.width >= 1280 || from.height > 576;
    const int matrix = from.colorspace == AVCOL_SPC_UNSPECIFIED || from.colorspace == AVCOL_SPC_RGB ? (hd ? SWS_CS_ITU709 : SWS_CS_ITU601)
                                                                                                    : static_cast<int>(from.colorspace);
    const int* table = sws_getCoefficients(matrix);
    const bool full = from.color_range == AVCOL_RANGE_JPEG;
    const bool yuv_out = format == AV_PIX_FMT_YUVJ420P || format == AV_PIX_FMT_YUV420P;
    const int* out_table = yuv_out ? sws_getCoefficients(SWS_CS_ITU601) : table;
    const int out_full = format == AV_PIX_FMT_YUV420P ? 0 : 1;
    sws_setColorspaceDetails(sws.get(), table, full ? 1 : 0, out_table, out_full, 0, 1 << 16, 1 << 16);
    return sws;
}

std::vector<std::uint8_t> bgra_of(SwsContext& converter, const AVFrame& from, int width, int height) {
    constexpr std::size_t kBeyond = 128;  // the quick ways write whole registers, past the end of a row
    const std::size_t size = static_cast<std::size_t>(width) * static_cast<std::size_t>(height) * 4;
    std::vector<std::uint8_t> out(size + kBeyond);
    std::uint8_t* rows[4] = {out.data(), nullptr, nullptr, nullptr};
    const int strides[4] = {width * 4, 0, 0, 0};
    sws_scale(&converter, from.data, from.linesize, 0, from.height, rows, strides);
    out.resize(size);
    return out;
}

}  // namespace anagraph::media::av
