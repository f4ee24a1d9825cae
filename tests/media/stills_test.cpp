// Frames offered for a still, what is found again on another picture, and clips that are slowed, silent or drawn on.
#include "media/stills.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <random>

#include "media/clip.h"
#include "media/import_pass.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::media;
using anagraph::testing::Scratch;

namespace {

class Stills : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        folder_ = new Scratch;
        ASSERT_TRUE(anagraph::testing::make_constant(*folder_ / "constant.mp4"));
        auto index = import_pass(*folder_ / "constant.mp4", *folder_ / ".");
        ASSERT_TRUE(index);
        index_ = new RecordingIndex(*index);
    }
    static void TearDownTestSuite() {
        delete index_;
        delete folder_;
    }
    static std::string film() { return *folder_ / "constant.mp4"; }
    core::Take take() const { return {core::RecordingId("r"), index_->times[40], index_->times[60]}; }
    RecordingIndex cut(const ClipOptions& options, const char* name) {
        const std::string out = *folder_ / name;
        EXPECT_TRUE(cut_clip(film(), take(), out, 640, {}, options));
        std::filesystem::create_directories(out + ".import");
        auto index = import_pass(out, out + ".import");
        EXPECT_TRUE(index);
        return index ? *index : RecordingIndex{};
    }
    static Scratch* folder_;
    static RecordingIndex* index_;
};
Scratch* Stills::folder_ = nullptr;
RecordingIndex* Stills::index_ = nullptr;

/// A picture of speckles, no two places alike, and the same moved a little.
Picture speckled(int dx, int dy) {
    std::mt19937 random(7);
    cv::Mat large(500, 760, CV_8UC4, cv::Scalar(90, 90, 90, 255));
    std::uniform_int_distribution<int> x(0, 759);
    std::uniform_int_distribution<int> y(0, 499);
    std::uniform_int_distribution<int> shade(0, 255);
    for (int i = 0; i < 900; ++i)
        cv::circle(large, {x(random), y(random)}, 3 + i % 12, cv::Scalar(shade(random), shade(random), shade(random), 255), -1);
    const cv::Mat part = large(cv::Rect(60 - dx, 60 - dy, 640, 360)).clone();
    return {640, 360, std::vector<std::uint8_t>(part.data, part.data + part.total() * 4)};
}

}  // namespace

TEST_F(Stills, TheFramesAboutAMomentAreOfferedWithTheMomentItself) {
    const auto at = index_->times[50];
    const auto offers = stills_about(film(), index_->times, at, 0.4, 7);
    ASSERT_TRUE(offers) << offers.error().message;
    EXPECT_EQ(offers->size(), 7U);
    EXPECT_TRUE(std::is_sorted(offers->begin(), offers->end(), [](const StillOffer& a, const StillOffer& b) { return a.at < b.at; }));
    EXPECT_TRUE(std::any_of(offers->begin(), offers->end(), [&](const StillOffer& o) { return o.at == at; }));
    for (const auto& o : *offers) {
        EXPECT_LE(std::abs(o.at.seconds() - at.seconds()), 0.401);
        EXPECT_TRUE(std::binary_search(index_->times.begin(), index_->times.end(), o.at)) << "an exact frame";
        EXPECT_EQ(o.picture.width, 640);
    }
    EXPECT_EQ(stills_about(film(), index_->times, at, 0.4, 7, [](double) { return false; }).error().code, core::ErrorCode::Cancelled);
}

TEST_F(Stills, ABlurredPictureIsLessSharp) {
    auto sharp = exact_frame(film(), index_->times[50]);
    ASSERT_TRUE(sharp);
    Picture blurred = *sharp;
    cv::Mat m(blurred.height, blurred.width, CV_8UC4, blurred.bgra.data());
    cv::GaussianBlur(m, m, {21, 21}, 6);
    EXPECT_GT(sharpness_of(*sharp), 3 * sharpness_of(blurred));
    EXPECT_EQ(sharpest_of({{index_->times[1], blurred, sharpness_of(blurred)}, {index_->times[2], *sharp, sharpness_of(*sharp)}}), 1U);
}

TEST(Follow, AThingIsFoundWhereItMoved) {
    for (const auto& [dx, dy] : {std::pair{0, 0}, std::pair{12, 7}, std::pair{-30, 20}, std::pair{45, -25}}) {
        const auto found = follow(speckled(0, 0), {5000, 5000}, speckled(dx, dy));
        ASSERT_TRUE(found) << dx << " " << dy;
        EXPECT_NEAR(found->place.x, 5000 + dx * 10000 / 640.0, 40);
        EXPECT_NEAR(found->place.y, 5000 + dy * 10000 / 360.0, 60);
        EXPECT_GT(found->certainty, 0.9);
    }
}

TEST(Follow, WhatIsPlainRepeatedOrGoneIsNotClaimed) {
    const Picture plain{640, 360, std::vector<std::uint8_t>(640UL * 360 * 4, 128)};
    EXPECT_FALSE(follow(plain, {5000, 5000}, plain)) << "plain";
    EXPECT_FALSE(follow(speckled(0, 0), {5000, 5000}, plain)) << "gone";
    Picture rows = plain;
    cv::Mat m(360, 640, CV_8UC4, rows.bgra.data());
    for (int x = 20; x < 640; x += 80) cv::circle(m, {x, 180}, 18, cv::Scalar(255, 255, 255, 255), -1);
    EXPECT_FALSE(follow(rows, {20 * 10000 / 640 + 8750 / 2, 5000}, rows)) << "bolts in a row look alike";
    EXPECT_FALSE(follow(speckled(0, 0), {5000, 5000}, Picture{})) << "no picture";
}

TEST_F(Stills, ASlowedClipLastsLongerAndHasNoSound) {
    const auto slow = cut({3, false}, "slow.mp4");
    ASSERT_EQ(slow.times.size(), 20U) << "every frame, none twice";
    EXPECT_NEAR(slow.times[1].seconds() - slow.times[0].seconds(), 3 / 25.0, 0.002);
    EXPECT_NEAR(slow.end.seconds(), 60 / 25.0, 0.05);
    EXPECT_FALSE(slow.has_sound);
}

TEST_F(Stills, ASilentClipHasItsPicturesOnly) {
    EXPECT_TRUE(cut({}, "loud.mp4").has_sound);
    const auto silent = cut({1, true}, "silent.mp4");
    EXPECT_FALSE(silent.has_sound);
    EXPECT_EQ(silent.times.size(), 20U);
}

TEST_F(Stills, WhatIsDrawnIsThereForItsTimeOnlyAndTheRestStaysAsFilmed) {
    ClipOptions options;
    const auto from = index_->times[45];
    const auto to = index_->times[50];
    options.paints = [&](const core::FrameTime& at) { return !(at < from) && at < to; };
    options.paint = [](Picture& p, const core::FrameTime&) {
        cv::Mat m(p.height, p.width, CV_8UC4, p.bgra.data());
        cv::rectangle(m, {100, 100}, {200, 200}, cv::Scalar(255, 0, 255, 255), -1);
    };
    const auto drawn = cut(options, "drawn.mp4");
    ASSERT_EQ(drawn.times.size(), 20U);
    for (const std::size_t i : {0U, 4U, 5U, 9U, 10U, 19U}) {
        const auto picture = exact_frame(*folder_ / "drawn.mp4", drawn.times[i]);
        const auto original = exact_frame(film(), index_->times[40 + i]);
        ASSERT_TRUE(picture && original);
        const std::size_t here = (150UL * 640 + 150) * 4;
        int most = 0;
        for (std::size_t c = 0; c < 3; ++c) most = std::max(most, std::abs(picture->bgra[here + c] - original->bgra[here + c]));
        EXPECT_EQ(most > 60, i >= 5 && i < 10) << i;
        // away from the drawing it is the film
        const std::size_t away = (20UL * 640 + 600) * 4;
        for (std::size_t c = 0; c < 3; ++c) EXPECT_NEAR(picture->bgra[away + c], original->bgra[away + c], 24) << i;
    }
}
