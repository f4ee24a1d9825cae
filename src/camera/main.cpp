// anagraph-camera: a stand-in for a camera. It listens on SOCKET and shows whoever looks ten pictures a second: a bench, a plug that turns,
// and a bar for every picture shown so far.   anagraph-camera SOCKET [--pictures N]   ends after N pictures, as if it were pulled out
#include <fmt/format.h>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>

#include <CLI/CLI.hpp>
#include <chrono>
#include <cmath>
#include <csignal>
#include <cstring>
#include <string>
#include <thread>

#include "core/base/versions.h"
#include "media/jpeg_encoder.h"

namespace {

using namespace anagraph;

constexpr int kWidth = 1280;
constexpr int kHeight = 720;
constexpr int kBars = 40;

volatile std::sig_atomic_t ended = 0;

std::uint8_t grey_at(int x, int y, int picture) {
    const double across = x - kWidth / 2.0;
    const double down = y - kHeight / 2.0;
    const double far = std::hypot(across, down);
    if (far < 220) {
        // six flats that turn
        const double turned = std::atan2(down, across) + picture * 0.1;
        const double flat = 190 * std::cos(M_PI / 6) / std::cos(std::fmod(turned + 40 * M_PI, M_PI / 3) - M_PI / 6);
        return far < flat ? 205 : 120;
    }
    if (y > kHeight - 40 && x / (kWidth / kBars) < picture % kBars) return 20;
    return static_cast<std::uint8_t>(70 + 40 * y / kHeight);
}

void draw(AVFrame& f, int picture) {
    for (int y = 0; y < kHeight; ++y)
        for (int x = 0; x < kWidth; ++x) f.data[0][y * f.linesize[0] + x] = grey_at(x, y, picture);
    for (const int plane : {1, 2})
        for (int y = 0; y < kHeight / 2; ++y) std::memset(f.data[plane] + y * f.linesize[plane], plane == 1 ? 122 : 134, kWidth / 2);
}

bool sent(int to, const AVPacket& packet) {
    for (int at = 0; at < packet.size;) {
        const auto n = ::send(to, packet.data + at, static_cast<std::size_t>(packet.size - at), MSG_NOSIGNAL);
        if (n <= 0) return false;
        at += static_cast<int>(n);
    }
    return true;
}

int play(int listening, int most) {
    auto encoder = media::JpegEncoder::make(kWidth, kHeight, AVRational{1, 10}, 4);
    auto frame = media::av::frame();
    if (!encoder || !frame) return 1;
    frame->format = AV_PIX_FMT_YUVJ420P;
    frame->width = kWidth;
    frame->height = kHeight;
    if (av_frame_get_buffer(frame.get(), 0) < 0) return 1;
    int shown = 0;
    while (ended == 0 && shown < most) {
        const int to = ::accept(listening, nullptr, nullptr);
        if (to < 0) continue;
        for (bool there = true; there && ended == 0 && shown < most; ++shown) {
            draw(*frame, shown);
            const auto packet = encoder->encode(*frame, shown);
            there = packet && *packet != nullptr && sent(to, **packet);
            std::this_thread::sleep_for(std::chrono::milliseconds(100));
        }
        ::close(to);
    }
    return 0;
}

}  // namespace

int main(int argc, char** argv) {
    CLI::App app{"A stand-in for a camera: it shows whoever looks ten pictures a second.", "anagraph-camera"};
    app.set_version_flag("--version", core::version_text("anagraph-camera"));
    std::string name;
    int most = 1 << 30;
    app.add_option("SOCKET", name, "the socket it listens on, where nothing is yet")->required();
    app.add_option("--pictures", most, "ends after so many, as if it were pulled out");
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        return app.exit(e) == 0 ? 0 : 2;
    }
    sockaddr_un address{};
    address.sun_family = AF_UNIX;
    if (name.size() >= sizeof address.sun_path) {
        fmt::print(stderr, "{} is too long for a socket; choose a shorter place.\n", name);
        return 2;
    }
    std::strcpy(address.sun_path, name.c_str());
    struct sigaction end {};
    end.sa_handler = [](int) { ended = 1; };  // and whatever waits is woken
    ::sigaction(SIGTERM, &end, nullptr);
    ::sigaction(SIGINT, &end, nullptr);
    const int listening = ::socket(AF_UNIX, SOCK_STREAM, 0);
    if (listening < 0 || ::bind(listening, reinterpret_cast<const sockaddr*>(&address), sizeof address) != 0 ||
        ::listen(listening, 4) != 0) {
        fmt::print(stderr, "{} cannot be listened on: {}\n", name, std::strerror(errno));
        return 1;
    }
    const int out = play(listening, most);
    ::unlink(name.c_str());
    return out;
}
