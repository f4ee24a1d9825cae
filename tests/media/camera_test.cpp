// The camera through its stand-in: pictures as they come, the camera pulled out, what is no camera, letting go.
#include "media/camera.h"

#include <gtest/gtest.h>

#include <atomic>
#include <chrono>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <thread>

#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::Scratch;
using namespace std::chrono_literals;

namespace {

/// The stand-in on a socket, until it goes or has shown so many pictures.
class StandIn {
public:
    StandIn(const std::string& socket, int pictures)
        : socket_(socket),
          pipe_(::popen((ANAGRAPH_BINARIES "/anagraph-camera " + socket + " --pictures " + std::to_string(pictures)).c_str(), "r")) {
        for (int i = 0; i < 1200 && !std::filesystem::exists(socket); ++i) std::this_thread::sleep_for(50ms);
    }
    ~StandIn() {
        // whoever still waits to show something is looked at until it is through
        const std::atomic<bool> stop = false;
        if (std::filesystem::exists(socket_))
            if (auto rest = media::Camera::open(socket_, stop); rest)
                while (rest->next()) {
                }
        ::pclose(pipe_);
    }
    StandIn(const StandIn&) = delete;
    StandIn& operator=(const StandIn&) = delete;

private:
    std::string socket_;
    std::FILE* pipe_;
};

}  // namespace

TEST(Camera, ShowsPicturesAsTheyComeAndSaysWhenItIsPulledOut) {
    const Scratch s;
    const StandIn stand_in(s / "camera", 8);
    const std::atomic<bool> stop = false;
    auto camera = media::Camera::open(s / "camera", stop);
    ASSERT_TRUE(camera) << camera.error().message;
    const auto first = camera->next();
    ASSERT_TRUE(first) << first.error().message;
    EXPECT_EQ(first->width, 1280);
    EXPECT_EQ(first->height, 720);
    const auto second = camera->next();
    ASSERT_TRUE(second);
    EXPECT_NE(first->bgra, second->bgra) << "what it shows goes on";
    auto last = camera->next();
    for (int i = 0; i < 20 && last; ++i) last = camera->next();
    ASSERT_FALSE(last);
    EXPECT_EQ(last.error().code, core::ErrorCode::Unreadable);
    EXPECT_NE(last.error().message.english().find("put it in again"), std::string::npos);
}

TEST(Camera, WhatIsNoCameraIsToldInASentence) {
    const Scratch s;
    std::ofstream(s / "film.mp4") << "no camera";
    const std::atomic<bool> stop = false;
    EXPECT_EQ(media::Camera::open(s / "none", stop).error().code, core::ErrorCode::NotFound);
    EXPECT_EQ(media::Camera::open(s / "film.mp4", stop).error().code, core::ErrorCode::BadInput);
    const auto null = media::Camera::open("/dev/null", stop);
    ASSERT_FALSE(null) << "a device, and no camera";
    EXPECT_EQ(null.error().code, core::ErrorCode::Unreadable);
}

TEST(Camera, IsLetGoWhileItWaits) {
    const Scratch s;
    const StandIn stand_in(s / "camera", 40);
    std::atomic<bool> stop = false;
    auto camera = media::Camera::open(s / "camera", stop);
    ASSERT_TRUE(camera);
    ASSERT_TRUE(camera->next());
    stop = true;
    const auto gone = camera->next();
    ASSERT_FALSE(gone);
    EXPECT_EQ(gone.error().code, core::ErrorCode::Cancelled);
}
