// Recordings as they come: every container, codec and oddity that phones and action cameras make, built with ffmpeg, brought
// in, and looked at: frame times, size, pauses, and that the exact frame of a moment is the one the file holds there.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>

#include "media/clip.h"
#include "media/exact_frame.h"
#include "media/import_pass.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::media;
using anagraph::testing::run;
using anagraph::testing::Scratch;
using core::ErrorCode;
using core::FrameTime;

namespace {

struct Format {
    const char* name;       // the file
    const char* arguments;  // ffmpeg's, after the inputs
    int frames;             // expected, or 0 where dropping makes it uncertain
    bool sound;
};

// A grey ramp in time: the mean grey of a frame tells when it is, whatever the codec does to it.
constexpr const char* kRamp = "-f lavfi -i \"color=black:size=320x240:rate=25:duration=4,format=yuv420p,geq=lum='20+T*50':cb=128:cr=128\" ";
constexpr const char* kTone = "-f lavfi -i sine=440:duration=4 ";

double grey(const Picture& p) {
    double sum = 0;
    for (std::size_t i = 0; i < p.bgra.size(); i += 4) sum += p.bgra[i + 1];
    return sum / (static_cast<double>(p.bgra.size()) / 4);
}

/// Mean green of a frame of the ramp at `t`: luma 20 + 50 t, stretched from the limited range.
double expected_grey(double t) { return std::clamp((20 + 50 * t - 16) * 255.0 / 219, 0.0, 255.0); }

class Formats : public ::testing::TestWithParam<Format> {};

core::Result<RecordingIndex> imported(const std::string& file) {
    const std::string out = file + ".import";
    std::filesystem::create_directories(out);
    return import_pass(file, out);
}

}  // namespace

TEST_P(Formats, ComesInWithItsFramesAndShowsTheRightOne) {
    const Scratch scratch;
    const auto& f = GetParam();
    const std::string file = scratch / f.name;
    ASSERT_TRUE(run(std::string("ffmpeg -y ") + kRamp + (f.sound ? kTone : "") + f.arguments + " " + file)) << f.arguments;
    const auto index = imported(file);
    ASSERT_TRUE(index) << index.error().message;
    if (f.frames > 0) {
        EXPECT_EQ(index->times.size(), static_cast<std::size_t>(f.frames));
    }
    EXPECT_EQ(index->has_sound, f.sound);
    EXPECT_TRUE(std::is_sorted(index->times.begin(), index->times.end()));
    EXPECT_GE(index->thumbnails.size(), 3U);
    EXPECT_FALSE(index->samples.empty());
    EXPECT_GT(std::filesystem::file_size(file + ".import/" + kProxyFile), 1000U);
    // frames from the whole file, at their own times
    for (const double share : {0.1, 0.45, 0.8}) {
        const std::size_t n = static_cast<std::size_t>(static_cast<double>(index->times.size()) * share);
        const auto picture = exact_frame(file, index->times[n]);
        ASSERT_TRUE(picture) << picture.error().message;
        EXPECT_NEAR(grey(*picture), expected_grey(index->times[n].seconds() - index->start().seconds()), 6) << f.name << " frame " << n;
    }
    // two frames differ by 4.6: an answer that is off by a frame would stop short of that at one end, where none comes after it
    const std::size_t last = index->times.size() - 1;
    for (const std::size_t n : {std::size_t{2}, last}) {
        const double before = grey(*exact_frame(file, index->times[n - 2]));
        EXPECT_GT(grey(*exact_frame(file, index->times[n])), before + 3.2) << f.name << " frame " << n;
    }
}

INSTANTIATE_TEST_SUITE_P(AsTheyCome, Formats,
    ::testing::Values(Format{"h264.mp4", "-c:v libx264 -g 250 -bf 3 -c:a aac -shortest", 100, true},
        Format{"h264.mov", "-c:v libx264 -g 50 -c:a aac -shortest", 100, true},
        Format{"h264.mkv", "-c:v libx264 -c:a libopus -shortest", 100, true},
        Format{"hevc10.mp4", "-c:v libx265 -x265-params log-level=none -pix_fmt yuv420p10le -tag:v hvc1 -c:a aac -shortest", 100, true},
        Format{"vp9.webm", "-c:v libvpx-vp9 -deadline realtime -cpu-used 8 -c:a libopus -shortest", 100, true},
        Format{"av1.mkv", "-c:v libsvtav1 -preset 12 -crf 12", 100, false},
        Format{"mjpeg.avi", "-c:v mjpeg -q:v 3 -c:a pcm_s16le -shortest", 100, true},
        Format{"stream.ts", "-c:v libx264 -g 25 -c:a aac -shortest", 100, true}, Format{"silent.mp4", "-c:v libx264 -an", 100, false},
        Format{"variable.mkv", "-vf \"select='not(eq(mod(n,5),2))'\" -fps_mode vfr -c:v libx264", 80, false},
        Format{"late_start.mkv", "-c:v libx264 -output_ts_offset 7", 100, false},
        Format{"two_tracks.mkv", "-map 0:v -map 1:a -map 1:a -c:v libx264 -c:a aac -shortest", 100, true},
        Format{"fourk.mp4", "-vf scale=3840:2160:flags=neighbor -c:v libx264 -preset ultrafast -c:a aac -shortest", 100, true},
        Format{"wide_pixels.mp4", "-vf setsar=4/3 -c:v libx264", 100, false},
        Format{"mpeg4.avi", "-c:v mpeg4 -q:v 3 -bf 0 -c:a mp3 -shortest", 100, true},
        Format{"odd_size.mkv", "-vf scale=318:239 -c:v ffv1", 100, false}),
    [](const auto& i) {
        std::string name = i.param.name;
        for (char& c : name)
            if (c == '.') c = '_';
        return name;
    });

TEST(Formats, ARotatedPhoneFilmStandsUpright) {
    const Scratch scratch;
    // upright, the film is bright at its top left and nowhere else; a phone stores it turned and says how to turn it back
    const std::pair<int, const char*> phones[] = {{90, "transpose=1"}, {180, "hflip,vflip"}, {270, "transpose=2"}};
    for (const auto& [degrees, stored] : phones) {
        const std::string flat = scratch / "flat.mp4";
        const std::string turned = scratch / "turned.mp4";
        ASSERT_TRUE(run(
            std::string(
                "ffmpeg -y -f lavfi -i \"color=black:size=240x320:rate=25:duration=1,drawbox=x=0:y=0:w=80:h=80:color=white:t=fill\" -vf ") +
            stored + " -c:v libx264 -pix_fmt yuv420p " + flat));
        ASSERT_TRUE(run("ffmpeg -y -i " + flat + " -c copy -metadata:s:v rotate=" + std::to_string(degrees) + " " + turned));
        const auto index = imported(turned);
        ASSERT_TRUE(index) << index.error().message;
        EXPECT_EQ(index->rotation, 360 - degrees) << "ffmpeg counts against the clock";
        const auto picture = upright_frame(turned, index->times[3], index->rotation, 1);
        ASSERT_TRUE(picture);
        EXPECT_EQ(picture->width, 240) << degrees;
        EXPECT_EQ(picture->height, 320) << degrees;
        const auto bright = [&](int x, int y) {
            return picture->bgra[(static_cast<std::size_t>(y) * 240 + static_cast<std::size_t>(x)) * 4 + 1] > 128;
        };
        EXPECT_TRUE(bright(30, 30)) << degrees << ": top left";
        EXPECT_FALSE(bright(210, 30)) << degrees << ": top right";
        EXPECT_FALSE(bright(30, 290)) << degrees << ": bottom left";
        EXPECT_FALSE(bright(210, 290)) << degrees << ": bottom right";
    }
}

TEST(Formats, ADamagedTailIsReadUpToWhereItIsGood) {
    const Scratch scratch;
    const std::string whole = scratch / "whole.ts";
    const std::string cut = scratch / "cut.ts";
    ASSERT_TRUE(run(std::string("ffmpeg -y ") + kRamp + kTone + "-c:v libx264 -g 25 -c:a aac -shortest " + whole));
    const auto size = std::filesystem::file_size(whole);
    std::ifstream in(whole, std::ios::binary);
    std::string bytes(size * 6 / 10, '\0');
    in.read(bytes.data(), static_cast<std::streamsize>(bytes.size()));
    std::ofstream(cut, std::ios::binary) << bytes;
    const auto index = imported(cut);
    ASSERT_TRUE(index) << index.error().message;
    EXPECT_GT(index->times.size(), 30U);
    EXPECT_LT(index->times.size(), 100U);
}

TEST(Formats, WhatIsNoFilmSaysSoAndLeavesNothing) {
    const Scratch scratch;
    std::ofstream(scratch / "text.mp4") << "this is no film at all, only words\n";
    std::ofstream(scratch / "empty.mov").close();
    ASSERT_TRUE(run(std::string("ffmpeg -y ") + kTone + (scratch / "sound.m4a")));
    for (const char* name : {"text.mp4", "empty.mov", "sound.m4a", "missing.mp4"}) {
        const auto index = imported(scratch / name);
        ASSERT_FALSE(index) << name;
        EXPECT_FALSE(index.error().message.empty());
        EXPECT_NE(index.error().message.english().find(name), std::string::npos) << index.error().message;
        EXPECT_TRUE(std::filesystem::is_empty(scratch / (std::string(name) + ".import")));
    }
}

TEST(Formats, AStoppedImportLeavesNothing) {
    const Scratch scratch;
    const std::string file = scratch / "film.mp4";
    ASSERT_TRUE(run(std::string("ffmpeg -y ") + kRamp + kTone + "-c:v libx264 -c:a aac -shortest " + file));
    std::filesystem::create_directories(file + ".import");
    int told = 0;
    const auto index = import_pass(file, file + ".import", [&](double) { return ++told < 4; });
    ASSERT_FALSE(index);
    EXPECT_EQ(index.error().code, ErrorCode::Cancelled);
    EXPECT_TRUE(std::filesystem::is_empty(file + ".import"));
}

TEST(Formats, TheSameFilmGivesTheSameIndexEveryTime) {
    const Scratch scratch;
    const std::string file = scratch / "film.mkv";
    ASSERT_TRUE(run(std::string("ffmpeg -y ") + kRamp + kTone + "-c:v libx264 -c:a aac -shortest " + file));
    const auto first = imported(file);
    const auto second = imported(file);
    ASSERT_TRUE(first && second);
    EXPECT_EQ(to_json(*first), to_json(*second));
    EXPECT_EQ(to_json(*index_from_json(to_json(*first))), to_json(*first));
}

TEST(PoorStretches, DarkAndBlurredOnesAreFoundAndGoodOnesNot) {
    const Scratch scratch;
    const std::string file = scratch / "mixed.mkv";
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i testsrc2=size=320x240:rate=25:duration=2 -f lavfi -i color=0x060606:size=320x240:rate=25:duration=2 -f "
            "lavfi -i \"testsrc2=size=320x240:rate=25:duration=2,boxblur=20\" -filter_complex \"[0][1][2][0]concat=n=4,format=yuv420p\" "
            "-c:v libx264 " +
            file));
    const auto index = imported(file);
    ASSERT_TRUE(index) << index.error().message;
    const auto poor = poor_stretches(*index);
    ASSERT_EQ(poor.size(), 2U);
    EXPECT_TRUE(poor[0].dark);
    EXPECT_NEAR(poor[0].from.seconds(), 2, 0.3);
    EXPECT_NEAR(poor[0].to.seconds(), 4, 0.3);
    EXPECT_FALSE(poor[1].dark);
    EXPECT_NEAR(poor[1].from.seconds(), 4, 0.3);
    EXPECT_NEAR(poor[1].to.seconds(), 6, 0.3);
    EXPECT_TRUE(poor_stretches(RecordingIndex{}).empty());
}

TEST(PixelAspect, PixelsThatAreNotSquareAreShownAsTheyWere) {
    const Scratch scratch;
    const std::string file = scratch / "anamorphic.mp4";
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i testsrc2=size=1440x1080:rate=25:duration=1 -vf setsar=4/3 -c:v libx264 -preset ultrafast " + file));
    const auto index = imported(file);
    ASSERT_TRUE(index) << index.error().message;
    EXPECT_NEAR(index->pixel_aspect, 4.0 / 3, 1e-6);
    EXPECT_NEAR(index->aspect(), 16.0 / 9, 1e-6);
    const auto read = load_index(file + ".import");
    ASSERT_TRUE(read);
    EXPECT_NEAR(read->pixel_aspect, 4.0 / 3, 1e-6);
    const auto stored = exact_frame(file, index->times[5]);
    ASSERT_TRUE(stored);
    const auto shown = upright(*stored, index->rotation, index->pixel_aspect);
    EXPECT_EQ(shown.width, 1920);
    EXPECT_EQ(shown.height, 1080);
    EXPECT_EQ(upright(*stored, 90, index->pixel_aspect).height, 1920);
}
