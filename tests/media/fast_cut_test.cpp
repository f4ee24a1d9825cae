#include "media/fast_cut.h"

#include <gtest/gtest.h>

#include <cmath>
#include <filesystem>
#include <fstream>
#include <numeric>

#include "media/av.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::media;
using anagraph::testing::run;
using anagraph::testing::Scratch;
using core::ErrorCode;
using core::FrameTime;

namespace {

struct Shown {
    double at = 0;
    std::vector<std::uint8_t> luma;
};

/// Every frame a player would show: time and luma plane.
std::vector<Shown> decoded(const std::string& file) {
    auto input = av::open_input(file);
    EXPECT_TRUE(input) << file;
    if (!input) return {};
    const int v = av_find_best_stream(input->get(), AVMEDIA_TYPE_VIDEO, -1, -1, nullptr, 0);
    AVStream* stream = (*input)->streams[v];
    auto decoder = av::open_decoder(*stream);
    std::vector<Shown> out;
    auto packet = av::packet();
    auto frame = av::frame();
    bool draining = false;
    for (;;) {
        if (!draining && av_read_frame(input->get(), packet.get()) < 0) {
            draining = true;
            avcodec_send_packet(decoder->get(), nullptr);
        } else if (!draining) {
            EXPECT_TRUE(packet->stream_index != v || avcodec_send_packet(decoder->get(), packet.get()) >= 0);
            av_packet_unref(packet.get());
        }
        int r = 0;
        while ((r = avcodec_receive_frame(decoder->get(), frame.get())) >= 0) {
            Shown s{av::time_of(frame->best_effort_timestamp, stream->time_base).seconds(), {}};
            const bool deep = av_pix_fmt_desc_get(static_cast<AVPixelFormat>(frame->format))->comp[0].depth > 8;
            for (int y = 0; y < frame->height; ++y)
                for (int x = 0; x < frame->width; ++x) {
                    const auto* row = frame->data[0] + y * frame->linesize[0];
                    s.luma.push_back(deep ? static_cast<std::uint8_t>((row[2 * x] | row[2 * x + 1] << 8) >> 2) : row[x]);
                }
            out.push_back(std::move(s));
            av_frame_unref(frame.get());
        }
        if (r == AVERROR_EOF) return out;
    }
}

double psnr(const std::vector<std::uint8_t>& a, const std::vector<std::uint8_t>& b) {
    double sum = 0;
    for (std::size_t i = 0; i < a.size(); ++i) sum += (a[i] - b[i]) * (a[i] - b[i]);
    return sum == 0 ? 99 : 10 * std::log10(255.0 * 255.0 * static_cast<double>(a.size()) / sum);
}

struct Source {
    const char* name;
    const char* arguments;
    bool copied;  // whether anything of it can be copied
};

class FastCut : public ::testing::TestWithParam<Source> {};

constexpr const char* kInputs = "ffmpeg -y -f lavfi -i testsrc2=size=320x240:rate=25:duration=12 -f lavfi -i sine=440:duration=12 ";

}  // namespace

TEST_P(FastCut, IsExactToTheFrameAndCopiesTheMiddle) {
    const Scratch scratch;
    const auto& source = GetParam();
    const std::string file = scratch / source.name;
    ASSERT_TRUE(run(std::string(kInputs) + source.arguments + " " + file));
    const auto all = decoded(file);
    ASSERT_GT(all.size(), 100U);
    for (const auto& [from, to] :
        {std::pair<std::size_t, std::size_t>{33, 217}, {50, 200}, {0, all.size()}, {all.size() / 3, all.size()}}) {
        const auto exact = [&](std::size_t i) {
            return i < all.size() ? FrameTime(std::llround(all[i].at * 90000), 90000)
                                  : FrameTime(std::llround(all.back().at * 90000) + 3600, 90000);
        };
        const std::string out = scratch / "out.mp4";
        const auto report = fast_cut(file, {core::RecordingId("r"), exact(from), exact(to)}, out);
        ASSERT_TRUE(report) << report.error().message;
        const auto cut = decoded(out);
        ASSERT_EQ(cut.size(), to - from) << source.name << " " << from << " to " << to;
        std::size_t same = 0;
        for (std::size_t i = 0; i < cut.size(); ++i) {
            EXPECT_NEAR(cut[i].at, all[from + i].at - all[from].at, 0.0011) << i;
            const double likeness = psnr(cut[i].luma, all[from + i].luma);
            EXPECT_GT(likeness, 30) << source.name << " frame " << i;
            if (likeness == 99) ++same;
        }
        if (source.copied) {
            EXPECT_EQ(report->copied + report->encoded, cut.size());
            EXPECT_GE(same, report->copied) << "copied bit by bit";
            EXPECT_GT(report->copied, cut.size() / 2);
            EXPECT_TRUE(report->why.empty());
        } else if (from > 0) {  // the whole of a film can be copied however its groups are made
            EXPECT_EQ(report->copied, 0U);
            EXPECT_FALSE(report->why.empty()) << "the person is told";
        }
    }
}

INSTANTIATE_TEST_SUITE_P(OfPhones, FastCut,
    ::testing::Values(Source{"high.mp4", "-c:v libx264 -g 25 -bf 3 -c:a aac", true},
        Source{"main.mkv", "-c:v libx264 -profile:v main -g 30 -c:a aac", true},
        Source{"baseline.mp4", "-c:v libx264 -profile:v baseline -g 12 -c:a aac", true},
        Source{"variable.mp4", "-vf \"setpts=PTS+0.008*mod(N\\,3)/TB\" -fps_mode vfr -c:v libx264 -g 25 -c:a aac", true},
        Source{"silent.mov", "-map 0:v -c:v libx264 -g 25", true}, Source{"stream.ts", "-c:v libx264 -g 25 -bf 2 -c:a aac", true},
        Source{"open-gop.mp4", "-c:v libx264 -x264-params open-gop=1:keyint=25:bframes=3 -c:a aac", false},
        Source{"hevc.mp4", "-c:v libx265 -x265-params log-level=none -c:a aac", false},
        Source{"ten-bit.mp4", "-c:v libx264 -pix_fmt yuv420p10le -c:a aac", false}),
    [](const auto& one) {
        std::string name = one.param.name;
        for (char& c : name)
            if (std::isalnum(static_cast<unsigned char>(c)) == 0) c = '_';
        return name;
    });

TEST(FastCutSound, RunsWithThePicture) {
    const Scratch scratch;
    const std::string file = scratch / "beep.mp4";
    // a beep from 4.0 to 4.5 s
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i testsrc2=size=320x240:rate=25:duration=8 -f lavfi -i "
            "\"aevalsrc='0.8*sin(2*PI*1000*t)*between(t,4,4.5)':s=48000:d=8\" -c:v libx264 -g 12 -c:a aac " +
            file));
    const std::string out = scratch / "out.mp4";
    ASSERT_TRUE(fast_cut(file, {core::RecordingId("r"), FrameTime(63, 25), FrameTime(150, 25)}, out));
    const std::string folder = scratch / "import";
    std::filesystem::create_directories(folder);
    const auto index = import_pass(out, folder);
    ASSERT_TRUE(index) << index.error().message;
    std::vector<double> loud;
    for (std::size_t i = 0; i < index->sound.size(); ++i)
        if (index->sound[i] > 60) loud.push_back(static_cast<double>(i) * kSoundStepMs / 1000.0);
    ASSERT_FALSE(loud.empty());
    EXPECT_NEAR(loud.front(), 4.0 - 63 / 25.0, 0.06);
    EXPECT_NEAR(loud.back(), 4.5 - 63 / 25.0, 0.06);
}

TEST(FastCutErrors, LeaveNothingBehind) {
    const Scratch scratch;
    const std::string file = scratch / "film.mp4";
    ASSERT_TRUE(run(std::string(kInputs) + "-c:v libx264 -g 25 -c:a aac " + file));
    const core::Take take{core::RecordingId("r"), FrameTime(1, 1), FrameTime(9, 1)};
    const std::string out = scratch / "out.mp4";
    EXPECT_EQ(fast_cut(file, take, out, [](double) { return false; }).error().code, ErrorCode::Cancelled);
    EXPECT_FALSE(std::filesystem::exists(out));
    EXPECT_FALSE(std::filesystem::exists(out + ".tmp"));
    EXPECT_EQ(fast_cut(scratch / "gone.mp4", take, out).error().code, ErrorCode::NotFound);
    EXPECT_FALSE(fast_cut(file, take, scratch / "no/folder/out.mp4"));
    EXPECT_EQ(fast_cut(file, {core::RecordingId("r"), FrameTime(50, 1), FrameTime(60, 1)}, out).error().code, ErrorCode::NotFound);
}
