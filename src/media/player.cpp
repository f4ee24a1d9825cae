#include "media/player.h"

#include <fmt/format.h>
#include <mpv/client.h>
#include <mpv/render.h>

#include <algorithm>
#include <atomic>
#include <clocale>
#include <cmath>
#include <cstdlib>
#include <cstring>

#include "media/av.h"

namespace anagraph::media {

using core::FrameTime;

struct Player::State {
    std::function<void()> wake;
    mpv_handle* mpv = nullptr;
    mpv_render_context* render = nullptr;
    std::atomic<bool> update_due{false};
    std::vector<FrameTime> times;
    bool open = false;
    bool loaded = false;
    bool playing = false;
    double speed = 1;
    std::size_t frame = 0;
    bool seek_pending = false;  // asked for, not yet sent: another seek is on its way
    bool seek_running = false;  // sent, and its picture is not yet there
    bool seek_begun = false;    // its own SEEK event came: loading a file makes a restart of its own
    int native_width = 0;
    int native_height = 0;
    int asked_width = 0;
    int asked_height = 0;
    Picture picture;
    std::vector<std::uint8_t> buffer;  // aligned rows as the renderer wants them

    ~State() {
        if (render != nullptr) {
            mpv_render_context_set_update_callback(render, nullptr, nullptr);
            mpv_set_wakeup_callback(mpv, nullptr, nullptr);
            mpv_render_context_free(render);
        }
        if (mpv != nullptr) mpv_terminate_destroy(mpv);
    }

    /// Frames closer than 5 ms to the one before need a target a little later; never below zero, which counts from the end.
    double seek_target(std::size_t i) const {
        double t = times[i].seconds();
        if (i > 0 && t - times[i - 1].seconds() < 0.005) t += 0.0045;
        return std::max(0.0, t);
    }

    void send_seek() {
        if (!loaded || seek_running || times.empty()) {
            seek_pending = true;
            return;
        }
        seek_pending = false;
        seek_running = true;
        seek_begun = false;
        const std::string target = fmt::format("{:.9f}", seek_target(frame));
        const char* command[] = {"seek", target.c_str(), "absolute+exact", nullptr};
        mpv_command_async(mpv, 1, command);
    }

    bool draw() {
        const int width = asked_width > 0 ? asked_width : native_width;
        const int height = asked_height > 0 ? asked_height : native_height;
        if (width <= 0 || height <= 0) return false;
        const std::size_t stride = (static_cast<std::size_t>(width) * 4 + 63) / 64 * 64;
        buffer.resize(stride * static_cast<std::size_t>(height) + 64);
        auto* aligned = reinterpret_cast<std::uint8_t*>((reinterpret_cast<std::uintptr_t>(buffer.data()) + 63) / 64 * 64);
        int size[2] = {width, height};
        std::size_t pitch = stride;
        int no_wait = 0;
        char format[] = "bgr0";
        mpv_render_param params[] = {{MPV_RENDER_PARAM_SW_SIZE, size}, {MPV_RENDER_PARAM_SW_FORMAT, format},
            {MPV_RENDER_PARAM_SW_STRIDE, &pitch}, {MPV_RENDER_PARAM_SW_POINTER, aligned},
            {MPV_RENDER_PARAM_BLOCK_FOR_TARGET_TIME, &no_wait}, {MPV_RENDER_PARAM_INVALID, nullptr}};
        if (mpv_render_context_render(render, params) < 0) return false;
        picture.width = width;
        picture.height = height;
        picture.bgra.resize(static_cast<std::size_t>(width) * static_cast<std::size_t>(height) * 4);
        for (int y = 0; y < height; ++y)
            std::memcpy(picture.bgra.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(width) * 4,
                aligned + static_cast<std::size_t>(y) * stride, static_cast<std::size_t>(width) * 4);
        for (std::size_t i = 3; i < picture.bgra.size(); i += 4) picture.bgra[i] = 255;  // the fourth byte comes as garbage
        return true;
    }

    void follow_position(double seconds) {
        if (!playing || seek_running || times.empty()) return;
        // time-pos is the shown frame's own time; half a millisecond covers its rounding
        const auto later = [&](const FrameTime& t) { return t.seconds() > seconds + 0.0005; };
        const auto it = std::find_if(times.begin() + static_cast<std::ptrdiff_t>(std::min(frame, times.size() - 1)), times.end(), later);
        if (it != times.begin()) frame = static_cast<std::size_t>(it - times.begin()) - 1;
    }

    bool take_event(const mpv_event& e) {
        switch (e.event_id) {
            case MPV_EVENT_FILE_LOADED:
                loaded = true;
                send_seek();
                return true;
            case MPV_EVENT_VIDEO_RECONFIG: {
                std::int64_t w = 0;
                std::int64_t h = 0;
                mpv_get_property(mpv, "video-params/w", MPV_FORMAT_INT64, &w);
                mpv_get_property(mpv, "video-params/h", MPV_FORMAT_INT64, &h);
                if (w > 0 && h > 0) {
                    native_width = static_cast<int>(w);
                    native_height = static_cast<int>(h);
                }
                return false;
            }
            case MPV_EVENT_SEEK:
                seek_begun = true;
                return false;
            case MPV_EVENT_PLAYBACK_RESTART:
                if (seek_running && seek_begun) {
                    seek_running = false;
                    if (seek_pending) send_seek();
                }
                return true;
            case MPV_EVENT_COMMAND_REPLY:
                if (e.reply_userdata == 1 && e.error < 0) {
                    seek_running = false;
                    if (seek_pending) send_seek();
                }
                return false;
            case MPV_EVENT_PROPERTY_CHANGE: {
                const auto* p = static_cast<const mpv_event_property*>(e.data);
                if (p->format == MPV_FORMAT_DOUBLE) {
                    follow_position(*static_cast<const double*>(p->data));
                    return playing;
                }
                if (p->format == MPV_FORMAT_FLAG && std::strcmp(p->name, "eof-reached") == 0 && *static_cast<const int*>(p->data) != 0 &&
                    playing) {
                    playing = false;
                    int yes = 1;
                    mpv_set_property(mpv, "pause", MPV_FORMAT_FLAG, &yes);
                    frame = times.empty() ? 0 : times.size() - 1;
                    return true;
                }
                return false;
            }
            default:
                return false;
        }
    }
};

core::Result<std::unique_ptr<Player>> Player::create(std::function<void()> wake) {
    setlocale(LC_NUMERIC, "C");
    auto state = std::make_unique<State>();
    state->wake = std::move(wake);
    state->mpv = mpv_create();
    const auto no = [] {
        return core::fail(core::ErrorCode::Unreadable,
            core::key("Films", "The player could not be started; everything but playing still works. Check that libmpv is installed."));
    };
    if (state->mpv == nullptr) return no();
    // Silent where there is no sound device: "null" is tried last by mpv itself only when named.
    const char* silent = std::getenv("ANAGRAPH_SILENT");
    const std::pair<const char*, const char*> options[] = {{"vo", "libmpv"}, {"ao", silent != nullptr ? "null" : "pulse,alsa,null"},
        {"hr-seek", "yes"}, {"pause", "yes"}, {"keep-open", "yes"}, {"idle", "yes"}, {"hwdec", "no"}, {"osd-level", "0"}, {"config", "no"},
        {"load-scripts", "no"}, {"ytdl", "no"}, {"terminal", "no"}, {"sub-auto", "no"}, {"audio-file-auto", "no"},
        {"rebase-start-time", "no"},
        {"video-rotate", "no"},  // the renderer aborts the process on rotated pictures: they are turned where they are painted
        {"hr-seek-demuxer-offset", "1"},
        {"keepaspect", "no"},         // pixels as they are stored; what is not square is made wider where it is painted
        {"access-references", "no"},  // a film is one file, and playing it opens no other
        {"ordered-chapters", "no"}, {"load-unsafe-playlists", "no"}, {"sws-allow-zimg", "no"}, {"sws-fast", "yes"},
        {"audio-pitch-correction", "yes"}, {"sid", "no"}};
    for (const auto& [name, value] : options) mpv_set_option_string(state->mpv, name, value);
    if (mpv_initialize(state->mpv) < 0) return no();
    char api[] = MPV_RENDER_API_TYPE_SW;
    mpv_render_param params[] = {{MPV_RENDER_PARAM_API_TYPE, api}, {MPV_RENDER_PARAM_INVALID, nullptr}};
    if (mpv_render_context_create(&state->render, state->mpv, params) < 0) return no();
    mpv_observe_property(state->mpv, 0, "time-pos", MPV_FORMAT_DOUBLE);
    mpv_observe_property(state->mpv, 0, "eof-reached", MPV_FORMAT_FLAG);
    State* s = state.get();
    mpv_render_context_set_update_callback(
        s->render,
        [](void* p) {
            auto* st = static_cast<State*>(p);
            st->update_due = true;
            st->wake();
        },
        s);
    mpv_set_wakeup_callback(
        s->mpv, [](void* p) { static_cast<State*>(p)->wake(); }, s);
    return std::unique_ptr<Player>(new Player(std::move(state)));
}

Player::Player(std::unique_ptr<State> state) : state_(std::move(state)) {}
Player::~Player() = default;

void Player::open(const std::string& recording, std::vector<FrameTime> times) {
    close();
    state_->times = std::move(times);
    state_->open = true;
    state_->frame = 0;
    // A transport stream has no index: a seek lands up to a group of pictures too late unless it sets out well before.
    const std::string container = av::container_of(recording);
    mpv_set_property_string(state_->mpv, "hr-seek-demuxer-offset", container == av::kTransportStream ? "12" : "1");
    if (container.empty()) return;  // nothing is handed to the player that an import would refuse
    const char* command[] = {"loadfile", recording.c_str(), nullptr};
    mpv_command_async(state_->mpv, 0, command);
}

void Player::close() {
    if (!state_->open) return;
    pause();
    const char* command[] = {"stop", nullptr};
    mpv_command_async(state_->mpv, 0, command);
    state_->open = state_->loaded = state_->seek_running = state_->seek_pending = false;
    state_->picture = {};
}

bool Player::is_open() const { return state_->open; }

void Player::play() {
    if (!state_->open) return;
    if (!state_->times.empty() && state_->frame + 1 >= state_->times.size()) show_frame(0);
    state_->playing = true;
    int no = 0;
    mpv_set_property(state_->mpv, "pause", MPV_FORMAT_FLAG, &no);
}

void Player::pause() {
    if (!state_->playing) return;
    state_->playing = false;
    int yes = 1;
    mpv_set_property(state_->mpv, "pause", MPV_FORMAT_FLAG, &yes);
    // The frame on the screen may be one further than the last position heard of: settle on a listed one.
    state_->send_seek();
}

bool Player::playing() const { return state_->playing; }

void Player::set_speed(double speed) {
    state_->speed = speed;
    mpv_set_property(state_->mpv, "speed", MPV_FORMAT_DOUBLE, &speed);
}

double Player::speed() const { return state_->speed; }

void Player::show_frame(std::size_t frame) {
    if (state_->times.empty()) return;
    state_->frame = std::min(frame, state_->times.size() - 1);
    state_->send_seek();
}

std::size_t Player::frame() const { return state_->frame; }
bool Player::seeking() const { return state_->open && (!state_->loaded || state_->seek_running || state_->seek_pending); }

void Player::set_size(int width, int height) {
    if (state_->asked_width == width && state_->asked_height == height) return;
    state_->asked_width = width;
    state_->asked_height = height;
    state_->update_due = true;
    state_->wake();
}

bool Player::poll() {
    bool news = false;
    while (true) {
        const mpv_event* e = mpv_wait_event(state_->mpv, 0);
        if (e->event_id == MPV_EVENT_NONE) break;
        news = state_->take_event(*e) || news;
    }
    if (state_->update_due.exchange(false)) {
        mpv_render_context_update(state_->render);
        news = state_->draw() || news;
    }
    return news;
}

const Picture& Player::picture() const { return state_->picture; }

}  // namespace anagraph::media
