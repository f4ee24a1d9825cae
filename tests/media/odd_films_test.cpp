// Films as they should not be: lists of other films, joined files, no times, times below zero, cut off, sizes that change, and
// indexes that lie.
#include <gtest/gtest.h>

#include <fstream>
#include <nlohmann/json.hpp>
#include <thread>

#include "media/clip.h"
#include "media/exact_frame.h"
#include "media/import_pass.h"
#include "media/new_times.h"
#include "media/player.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::media;
using anagraph::testing::run;
using anagraph::testing::Scratch;
using core::ErrorCode;
using core::FrameTime;

namespace {

/// Brighter with every frame: 16 + 2n of 235, so that a wrong frame and a wrong order show.
std::string ramp(int frames) {
    return "-f lavfi -i \"color=black:size=320x240:rate=25:duration=" + std::to_string(frames / 25.0) +
        ",format=yuv420p,geq=lum='30+2*N':cb=128:cr=128\" ";
}

void join(const std::vector<std::string>& files, const std::string& to) {
    std::ofstream out(to, std::ios::binary);
    for (const auto& file : files) out << std::ifstream(file, std::ios::binary).rdbuf();
}

double greyness(const Picture& p) {
    double sum = 0;
    for (std::size_t i = 0; i < p.bgra.size(); i += 4) sum += p.bgra[i + 1];
    return sum / (static_cast<double>(p.bgra.size()) / 4);
}
double expected(std::size_t n) { return (30 + 2.0 * static_cast<double>(n) - 16) * 255 / 219; }

core::Result<RecordingIndex> odd_import(const std::string& file) {
    std::filesystem::create_directories(file + ".import");
    return import_pass(file, file + ".import");
}

}  // namespace

TEST(OddFilms, AListOfOtherFilmsIsNoFilmForTheImportAndForThePlayer) {
    const Scratch s;
    ASSERT_TRUE(run("ffmpeg -y " + ramp(50) + "-c:v libx264 " + (s / "secret.ts")));
    const std::pair<const char*, std::string> lists[] = {
        {"list.m3u8", "#EXTM3U\n#EXT-X-TARGETDURATION:2\n#EXTINF:2,\nfile://" + (s / "secret.ts") + "\n#EXT-X-ENDLIST\n"},
        {"list.mp4", "#EXTM3U\n#EXT-X-TARGETDURATION:2\n#EXTINF:2,\n" + (s / "secret.ts") + "\n#EXT-X-ENDLIST\n"},
        {"join.ffconcat", "ffconcat version 1.0\nfile '" + (s / "secret.ts") + "'\n"},
        {"session.sdp", "v=0\no=- 0 0 IN IP4 127.0.0.1\ns=x\nc=IN IP4 127.0.0.1\nt=0 0\nm=video 5004 RTP/AVP 96\na=rtpmap:96 H264/90000\n"},
        {"film.mpd",
            "<MPD><Period><AdaptationSet><Representation><BaseURL>file://" + (s / "secret.ts") +
                "</BaseURL></Representation></AdaptationSet></Period></MPD>"},
        {"plain.pls", "[playlist]\nFile1=" + (s / "secret.ts") + "\n"}, {"plain.m3u", (s / "secret.ts") + "\n"}};
    for (const auto& [name, text] : lists) {
        std::ofstream(s / name) << text;
        const auto index = odd_import(s / name);
        ASSERT_FALSE(index) << name;
        EXPECT_EQ(index.error().code, ErrorCode::BadInput) << name;
        EXPECT_FALSE(exact_frame(s / name, FrameTime(0, 1))) << name;
        auto player = Player::create([] {});
        ASSERT_TRUE(player);
        (*player)->open(s / name, {FrameTime(0, 1), FrameTime(1, 25)});
        for (int i = 0; i < 30; ++i) {
            (*player)->poll();
            std::this_thread::sleep_for(std::chrono::milliseconds(10));
        }
        EXPECT_TRUE((*player)->picture().empty()) << name;
    }
    EXPECT_FALSE(odd_import("http://127.0.0.1/film.mp4"));
    EXPECT_FALSE(odd_import("concat:" + (s / "secret.ts")));
}

TEST(OddFilms, JoinedCameraFilesKeepEveryPictureWithNewTimes) {
    const Scratch s;
    ASSERT_TRUE(run("ffmpeg -y " + ramp(75) + "-f lavfi -i sine=440:duration=3 -c:v libx264 -g 25 -bf 2 -c:a aac -shortest -f mpegts " +
        (s / "a.mts")));
    join({s / "a.mts", s / "a.mts"}, s / "joined.mts");
    const auto as_it_is = odd_import(s / "joined.mts");
    ASSERT_FALSE(as_it_is) << "half of it would be left out without a word: " << as_it_is->times.size();
    EXPECT_EQ(as_it_is.error().code, ErrorCode::Refused);
    EXPECT_NE(as_it_is.error().message.english().find("go back"), std::string::npos) << as_it_is.error().message;
    const auto written = with_new_times(s / "joined.mts", s / "new.mkv");
    ASSERT_TRUE(written) << written.error().message;
    const auto index = odd_import(s / "new.mkv");
    ASSERT_TRUE(index) << index.error().message;
    EXPECT_EQ(index->times.size(), 150U);
    EXPECT_TRUE(index->has_sound);
    for (const std::size_t n : {0U, 10U, 74U, 75U, 90U, 149U})
        EXPECT_NEAR(greyness(*exact_frame(s / "new.mkv", index->times[n])), expected(n % 75), 6) << n;
    ASSERT_TRUE(with_new_times(s / "joined.mts", s / "again.mkv"));
    std::ifstream a(s / "new.mkv", std::ios::binary);
    std::ifstream b(s / "again.mkv", std::ios::binary);
    EXPECT_EQ(std::string(std::istreambuf_iterator<char>(a), {}), std::string(std::istreambuf_iterator<char>(b), {}))
        << "the same film is the same recording";
}

TEST(OddFilms, ABareStreamGetsTheTimesItDoesNotHave) {
    const Scratch s;
    ASSERT_TRUE(run("ffmpeg -y " + ramp(60) + "-c:v libx264 -g 30 -bf 3 " + (s / "bare.h264")));
    EXPECT_EQ(odd_import(s / "bare.h264").error().code, ErrorCode::Refused);
    ASSERT_TRUE(with_new_times(s / "bare.h264", s / "new.mkv"));
    const auto index = odd_import(s / "new.mkv");
    ASSERT_TRUE(index) << index.error().message;
    ASSERT_EQ(index->times.size(), 60U);
    for (const std::size_t n : {0U, 1U, 2U, 3U, 29U, 31U, 59U})
        EXPECT_NEAR(greyness(*exact_frame(s / "new.mkv", index->times[n])), expected(n), 6) << n << ": in the order they are shown";
}

TEST(OddFilms, TimesBelowZeroAreMovedUp) {
    const Scratch s;
    ASSERT_TRUE(run("ffmpeg -y " + ramp(50) + "-c:v libx264 -bf 0 " + (s / "flat.mkv")));
    ASSERT_TRUE(
        run("ffmpeg -y -i " + (s / "flat.mkv") + " -c copy -avoid_negative_ts disabled -output_ts_offset -20 " + (s / "below.mkv")));
    const auto as_it_is = odd_import(s / "below.mkv");
    if (as_it_is) {
        EXPECT_FALSE(as_it_is->start() < FrameTime(0, 1));
    } else {
        EXPECT_EQ(as_it_is.error().code, ErrorCode::Refused) << as_it_is.error().message;
        ASSERT_TRUE(with_new_times(s / "below.mkv", s / "new.mkv"));
        const auto index = odd_import(s / "new.mkv");
        ASSERT_TRUE(index) << index.error().message;
        EXPECT_EQ(index->times.size(), 50U);
        EXPECT_FALSE(index->start() < FrameTime(0, 1));
    }
}

TEST(OddFilms, AFilmThatWasCutOffIsSaidToBe) {
    const Scratch s;
    ASSERT_TRUE(run("ffmpeg -y " + ramp(100) + "-c:v libx264 -g 10 " + (s / "whole.mkv")));
    EXPECT_TRUE(odd_import(s / "whole.mkv")->remarks.empty());
    std::filesystem::copy_file(s / "whole.mkv", s / "cut.mkv");
    std::filesystem::resize_file(s / "cut.mkv", std::filesystem::file_size(s / "cut.mkv") / 2);
    const auto index = odd_import(s / "cut.mkv");
    ASSERT_TRUE(index) << index.error().message;
    EXPECT_LT(index->times.size(), 90U);
    ASSERT_FALSE(index->remarks.empty());
    EXPECT_NE(index->remarks.front().find("cut off"), std::string::npos) << index->remarks.front();
}

TEST(OddFilms, PicturesThatChangeTheirSizeOnTheWayAreCutWithoutReadingBeyondThem) {
    const Scratch s;
    for (const auto& [name, size] : {std::pair("large.ts", "640x360"), std::pair("small.ts", "160x90")})
        ASSERT_TRUE(
            run(std::string("ffmpeg -y -f lavfi -i testsrc2=size=") + size + ":rate=25:duration=2 -c:v libx264 -g 10 -output_ts_offset " +
                (std::string(name) == "large.ts" ? "0" : "2") + " " + (s / name)));
    join({s / "large.ts", s / "small.ts"}, s / "both.ts");
    const auto index = odd_import(s / "both.ts");
    ASSERT_TRUE(index) << index.error().message;
    ClipOptions painted;
    int pictures = 0;
    painted.paint = [&](Picture& p, const FrameTime&) {
        EXPECT_EQ(p.bgra.size(), static_cast<std::size_t>(p.width * p.height * 4));
        ++pictures;
    };
    const core::Take all{core::RecordingId("r"), index->start(), index->end};
    for (const auto& options : {ClipOptions{}, painted}) {
        const auto cut = cut_clip(s / "both.ts", all, s / "out.mp4", 960, {}, options);
        ASSERT_TRUE(cut) << cut.error().message;
        EXPECT_GT(odd_import(s / "out.mp4")->times.size(), 80U);
    }
    EXPECT_GT(pictures, 80);
}

TEST(Index, OneThatLiesIsDamagedAndNotBelieved) {
    RecordingIndex good;
    good.width = 640;
    good.height = 360;
    good.bytes = 1000;
    for (int i = 0; i < 50; ++i) good.times.emplace_back(i, 25);
    good.end = FrameTime(2, 1);
    good.thumbnails = {{0, 0, 500}};
    good.samples = {{0, 1, 1}};
    ASSERT_TRUE(index_from_json(to_json(good)));
    const auto with = [&](const char* field, const nlohmann::json& value) {
        auto j = to_json(good);
        j[field] = value;
        return index_from_json(j).has_value();
    };
    for (const int turn : {0, 90, 180, 270}) EXPECT_TRUE(with("rotation", turn)) << turn;
    for (const nlohmann::json& turn :
        {nlohmann::json(45), nlohmann::json(-90), nlohmann::json(1000000000), nlohmann::json(360), nlohmann::json("90")})
        EXPECT_FALSE(with("rotation", turn)) << turn;
    for (const int size : {0, -1, 100000, 2000000000}) {
        EXPECT_FALSE(with("width", size)) << size;
        EXPECT_FALSE(with("height", size)) << size;
    }
    EXPECT_FALSE(with("bytes", -5));
    for (const nlohmann::json& size : {nlohmann::json(9.3e30), nlohmann::json(320.5), nlohmann::json(4294967296 + 320)})
        EXPECT_FALSE(with("width", size)) << size;
    EXPECT_FALSE(with("rotation", 90.5));
    EXPECT_FALSE(with("thumbnails", {{0.5, 0, 500}}));
    EXPECT_FALSE(with("times", {{0, 1, 4000000000}}));
    EXPECT_FALSE(with("times", nlohmann::json::array()));
    EXPECT_FALSE(with("times", {{9223372036854775807, 9223372036854775807, 50}}));
    EXPECT_FALSE(with("times", {{0, -1, 50}}));
    EXPECT_FALSE(with("end", "0/1")) << "the end before the last frame";
    EXPECT_FALSE(with("thumbnails", {{0, -1, 5}}));
    EXPECT_FALSE(with("thumbnails", {{0, 0, 1000000000}}));
    EXPECT_FALSE(with("thumbnails", {{99, 0, 5}}));
    EXPECT_FALSE(with("samples", {99, 1, 1}));
    EXPECT_FALSE(with("clock", 0));
    for (const char* field : {"width", "rotation", "times", "end", "sound", "pauses", "samples", "shots"})
        EXPECT_FALSE(with(field, nullptr)) << field;
}

TEST(Upright, TurnsByQuartersOnlyAndStaysWithinThePicture) {
    Picture p{4, 3, std::vector<std::uint8_t>(48, 7)};
    for (const int turn : {45, -90, 1000000000, -270, 91, 360}) {
        const auto out = upright(p, turn, 1);
        EXPECT_EQ(out.width, 4) << turn;
        EXPECT_EQ(out.bgra, p.bgra) << turn;
    }
    EXPECT_EQ(upright(p, 90, 1).width, 3);
    EXPECT_EQ(upright(p, 0, 1e9).bgra.size(), 48U) << "no pixel is that wide";
    EXPECT_EQ(upright(p, 0, 0).bgra.size(), 48U);
    EXPECT_TRUE(upright(Picture{}, 90, 1).empty());
    Picture lies{100, 100, std::vector<std::uint8_t>(4)};
    EXPECT_EQ(upright(lies, 90, 1).bgra.size(), 4U) << "a picture smaller than it says";
}
