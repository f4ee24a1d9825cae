#include "media/camera.h"

#include <fmt/format.h>
#include <sys/stat.h>

#include <algorithm>
#include <chrono>
#include <filesystem>

#include "media/av.h"

extern "C" {
#include <libavdevice/avdevice.h>
}

namespace anagraph::media {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr auto kPatience = std::chrono::seconds(5);

struct Dictionary {
    AVDictionary* entries = nullptr;
    ~Dictionary() { av_dict_free(&entries); }
};

}  // namespace

struct Camera::Parts {
    explicit Parts(std::string name, const std::atomic<bool>& stopped) : device(std::move(name)), stop(stopped) {}
    std::string device;
    const std::atomic<bool>& stop;
    std::chrono::steady_clock::time_point until;
    av::Input input;
    av::Codec decoder;
    av::Packet packet = av::packet();
    av::Frame frame = av::frame();
    av::Converting converting;

    void wait() { until = std::chrono::steady_clock::now() + kPatience; }
    static int over(void* parts) {
        const auto* p = static_cast<Parts*>(parts);
        return p->stop || std::chrono::steady_clock::now() > p->until ? 1 : 0;
    }
    tl::unexpected<core::Error> trouble(const std::string& what) const {
        if (stop) return fail(ErrorCode::Cancelled, core::key("Films", "The camera was let go."), device);
        return fail(ErrorCode::Unreadable, what, device);
    }
    /// As large as it goes: what a camera cannot do, it refuses.
    int open(const char* format, const std::string& url) {
        int r = 0;
        const bool real = std::string_view(format) == "v4l2";
        for (const char* size : {"1920x1080", "1280x720", ""}) {
            AVFormatContext* made = avformat_alloc_context();
            if (made == nullptr) return AVERROR(ENOMEM);
            made->interrupt_callback = {&Parts::over, this};
            Dictionary options;
            if (real && *size != '\0') {
                av_dict_set(&options.entries, "video_size", size, 0);
                av_dict_set(&options.entries, "input_format", "mjpeg", 0);
            }
            wait();
            r = avformat_open_input(&made, url.c_str(), av_find_input_format(format), &options.entries);
            if (r >= 0) {
                input.reset(made);
                return r;
            }
            if (!real || r == AVERROR(EBUSY) || r == AVERROR(EACCES)) break;
        }
        return r;
    }
};

Camera::Camera(std::unique_ptr<Parts> parts) : parts_(std::move(parts)) {}
Camera::Camera(Camera&&) noexcept = default;
Camera& Camera::operator=(Camera&&) noexcept = default;
Camera::~Camera() = default;

std::vector<std::string> Camera::devices() {
    std::vector<std::string> out;
    std::error_code none;
    for (const auto& entry : std::filesystem::directory_iterator("/dev", none))
        if (entry.path().filename().string().rfind("video", 0) == 0 && entry.is_character_file(none)) out.push_back(entry.path().string());
    std::sort(out.begin(), out.end());
    return out;
}

Result<Camera> Camera::open(const std::string& device, const std::atomic<bool>& stop) {
    struct stat about {};
    if (::stat(device.c_str(), &about) != 0)
        return fail(
            ErrorCode::NotFound, core::say(core::key("Films", "There is no camera {0}; connect it, or choose another."), device), device);
    const bool stand_in = S_ISSOCK(about.st_mode);
    if (!stand_in && !S_ISCHR(about.st_mode))
        return fail(ErrorCode::BadInput, core::say(core::key("Films", "{0} is no camera."), device), device);
    avdevice_register_all();
    auto parts = std::make_unique<Parts>(device, stop);
    if (!parts->packet || !parts->frame) return tl::make_unexpected(av::trouble(device, AVERROR(ENOMEM), true));
    if (const int r = stand_in ? parts->open("mjpeg", "unix:" + device) : parts->open("v4l2", device); r < 0)
        return parts->trouble(r == AVERROR(EBUSY)
                ? core::say(core::key("Films", "The camera {0} is in use by another program; close that first."), device)
                : r == AVERROR(EACCES)
                ? core::say(
                      core::key("Films", "The camera {0} may not be opened; add yourself to those who may use cameras (group video)."),
                      device)
                : core::say(core::key("Films", "The camera {0} does not answer ({1}); pull it out, put it in again, or take a file."),
                      device, av::error_text(r)));
    if (parts->input->nb_streams == 0)
        return parts->trouble(core::say(core::key("Films", "The camera {0} gives no picture; take a file."), device));
    auto decoder = av::open_decoder(*parts->input->streams[0], 1);
    if (!decoder) return tl::make_unexpected(decoder.error());
    parts->decoder = std::move(*decoder);
    return Camera(std::move(parts));
}

Result<Picture> Camera::next() {
    auto& p = *parts_;
    p.wait();
    while (!Parts::over(&p)) {
        if (av_read_frame(p.input.get(), p.packet.get()) < 0) break;
        const int sent = avcodec_send_packet(p.decoder.get(), p.packet.get());
        av_packet_unref(p.packet.get());
        if (sent < 0) continue;  // a picture that came damaged; the next one is on its way
        if (avcodec_receive_frame(p.decoder.get(), p.frame.get()) < 0) continue;
        const int width = p.frame->width;
        const int height = p.frame->height;
        SwsContext* sws = p.converting.of(*p.frame, width, height, AV_PIX_FMT_BGRA, SWS_BICUBIC);
        if (sws == nullptr) break;
        Picture out{width, height, av::bgra_of(*sws, *p.frame, width, height)};
        av_frame_unref(p.frame.get());
        return out;
    }
    return p.trouble(core::say(core::key("Films", "The camera {0} gives no picture any more; put it in again, or take a file."), p.device));
}

}  // namespace anagraph::media
