#include <gtest/gtest.h>

#include <chrono>
#include <cmath>
#include <fstream>
#include <random>
#include <thread>

#include "media/clip.h"
#include "media/exact_frame.h"
#include "media/import_pass.h"
#include "media/player.h"
#include "tests/full_disk.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::media;
using anagraph::testing::Scratch;
using core::ErrorCode;
using core::FrameTime;

namespace {

class Films : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        folder_ = new Scratch;
        ASSERT_TRUE(anagraph::testing::make_constant(*folder_ / "constant.mp4"));
        ASSERT_TRUE(anagraph::testing::make_variable(*folder_ / "variable.mkv"));
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string film(const char* name) { return *folder_ / name; }
    static RecordingIndex imported(const std::string& film) {
        const std::string out = film + ".import";
        std::filesystem::create_directories(out);
        auto index = import_pass(film, out);
        EXPECT_TRUE(index) << index.error().message;
        return index ? *index : RecordingIndex{};
    }
    static Scratch* folder_;
};
Scratch* Films::folder_ = nullptr;

/// Mean absolute difference of two pictures, 0 to 255.
double difference(const Picture& a, const Picture& b) {
    if (a.width != b.width || a.height != b.height || a.empty()) return 255;
    double sum = 0;
    for (std::size_t i = 0; i < a.bgra.size(); ++i)
        if (i % 4 != 3) sum += std::abs(static_cast<int>(a.bgra[i]) - static_cast<int>(b.bgra[i]));
    return sum / (static_cast<double>(a.bgra.size()) * 0.75);
}

bool settle(Player& player) {
    for (int i = 0; i < 1500; ++i) {
        player.poll();
        if (!player.seeking() && !player.picture().empty()) return true;
        std::this_thread::sleep_for(std::chrono::milliseconds(10));
    }
    return false;
}

}  // namespace

TEST_F(Films, TheImportPassListsEveryFrameAndMakesWhatTheTapeNeeds) {
    const auto index = imported(film("constant.mp4"));
    EXPECT_EQ(index.times.size(), 150U);
    EXPECT_EQ(index.width, 640);
    EXPECT_TRUE(index.has_sound);
    for (std::size_t i = 1; i < index.times.size(); ++i) EXPECT_NEAR(index.times[i].seconds() - index.times[i - 1].seconds(), 0.04, 1e-6);
    EXPECT_NEAR(index.end.seconds() - index.start().seconds(), 6.0, 0.01);
    EXPECT_GE(index.thumbnails.size(), 5U);
    EXPECT_GE(index.samples.size(), 25U);
    for (const auto& s : index.samples) EXPECT_GT(s.sharpness, 0);
    ASSERT_EQ(index.pauses.size(), 1U);
    EXPECT_NEAR(index.pauses[0].from.seconds(), 2.0, 0.15);
    EXPECT_NEAR(index.pauses[0].to.seconds(), 4.0, 0.15);
    const auto loaded = load_index(film("constant.mp4") + ".import");
    ASSERT_TRUE(loaded);
    EXPECT_EQ(loaded->times, index.times);
    EXPECT_EQ(loaded->sound, index.sound);
    // the proxy is a film of the same frames
    const auto again = imported(film("constant.mp4") + ".import/proxy.mkv");
    EXPECT_EQ(again.times.size(), index.times.size());
}

TEST_F(Films, AVariableRateKeepsItsOwnTimes) {
    const auto index = imported(film("variable.mkv"));
    EXPECT_EQ(index.times.size(), 122U);
    double longest = 0;
    for (std::size_t i = 1; i < index.times.size(); ++i)
        longest = std::max(longest, index.times[i].seconds() - index.times[i - 1].seconds());
    EXPECT_GT(longest, 0.3);
    EXPECT_FALSE(index.has_sound);
}

TEST_F(Films, TheFrameShownPausedIsTheStillTakenThere) {
    std::mt19937 random(11);
    for (const char* name : {"constant.mp4", "variable.mkv"}) {
        const auto index = imported(film(name));
        auto player = Player::create([] {});
        ASSERT_TRUE(player) << player.error().message;
        (*player)->open(film(name), index.times);
        for (int i = 0; i < 10; ++i) {
            const auto frame = std::uniform_int_distribution<std::size_t>(0, index.times.size() - 1)(random);
            (*player)->show_frame(frame);
            ASSERT_TRUE(settle(**player)) << name << " " << frame;
            const auto still = exact_frame(film(name), index.times[frame]);
            ASSERT_TRUE(still) << still.error().message;
            EXPECT_LT(difference((*player)->picture(), *still), 1.0) << name << " frame " << frame;
            // a neighbour is another picture, so the comparison can fail
            const auto other = exact_frame(film(name), index.times[frame == 0 ? 1 : frame - 1]);
            EXPECT_GT(difference(*other, *still), 1.0) << name << " frame " << frame;
        }
    }
}

TEST_F(Films, TheFrameShownPausedIsTheStillOnRotatedDeepAndStreamedFilmsToo) {
    const std::pair<const char*, std::string> made[] = {
        {"rotated.mp4", "ffmpeg -y -i " + film("constant.mp4") + " -c copy -metadata:s:v rotate=90 " + film("rotated.mp4")},
        {"hevc.mp4",
            "ffmpeg -y -i " + film("constant.mp4") +
                " -c:v libx265 -x265-params log-level=none:keyint=50 -pix_fmt yuv420p -tag:v hvc1 -an " + film("hevc.mp4")},
        {"deep.mp4",
            "ffmpeg -y -i " + film("constant.mp4") +
                " -c:v libx265 -x265-params log-level=none:keyint=50 -pix_fmt yuv420p10le -tag:v hvc1 -an " + film("deep.mp4")},
        {"stream.M2TS", "ffmpeg -y -i " + film("constant.mp4") + " -c:v libx264 -g 50 -c:a aac -f mpegts " + film("stream.M2TS")}};
    for (const auto& [name, command] : made) {
        ASSERT_TRUE(anagraph::testing::run(command)) << name;
        const auto index = imported(film(name));
        auto player = Player::create([] {});
        ASSERT_TRUE(player) << player.error().message;
        (*player)->open(film(name), index.times);
        for (const std::size_t frame : {std::size_t{0}, std::size_t{37}, std::size_t{98}, index.times.size() - 1}) {
            (*player)->show_frame(frame);
            ASSERT_TRUE(settle(**player)) << name << " " << frame;
            const auto still = exact_frame(film(name), index.times[frame]);
            ASSERT_TRUE(still) << still.error().message;
            const auto other = exact_frame(film(name), index.times[frame == 0 ? 1 : frame - 1]);
            EXPECT_LT(difference((*player)->picture(), *still), std::min(3.0, difference((*player)->picture(), *other)))
                << name << " frame " << frame;
        }
    }
}

TEST_F(Films, ThePlayerPlaysSlowsPausesOnAListedFrameAndStopsAtTheEnd) {
    const auto index = imported(film("constant.mp4"));
    auto player = Player::create([] {});
    ASSERT_TRUE(player);
    (*player)->open(film("constant.mp4"), index.times);
    ASSERT_TRUE(settle(**player));
    (*player)->play();
    const auto run = [&](int ms) {
        for (int i = 0; i < ms / 5; ++i) {
            (*player)->poll();
            std::this_thread::sleep_for(std::chrono::milliseconds(5));
        }
    };
    run(1200);
    (*player)->pause();
    ASSERT_TRUE(settle(**player));
    const auto at = (*player)->frame();
    EXPECT_GT(at, 5U);
    EXPECT_LT(difference((*player)->picture(), *exact_frame(film("constant.mp4"), index.times[at])), 1.0);
    (*player)->set_speed(0.5);
    EXPECT_DOUBLE_EQ((*player)->speed(), 0.5);
    (*player)->set_speed(1);
    (*player)->show_frame(index.times.size() - 5);
    ASSERT_TRUE(settle(**player));
    (*player)->play();
    run(2000);
    EXPECT_FALSE((*player)->playing());
    EXPECT_EQ((*player)->frame(), index.times.size() - 1);
}

TEST_F(Films, AClipHoldsExactlyTheFramesOfItsTakeAndTheSoundUnderThem) {
    const auto index = imported(film("constant.mp4"));
    const core::Take take{core::RecordingId("r"), index.times[37], index.times[81]};
    const std::string out = film("clip.mp4");
    double last = 0;
    ASSERT_TRUE(cut_clip(film("constant.mp4"), take, out, 640, [&](double share) {
        last = share;
        return true;
    }));
    EXPECT_GT(last, 0.9);
    const auto cut = imported(out);
    ASSERT_EQ(cut.times.size(), 44U);
    EXPECT_TRUE(cut.has_sound);
    EXPECT_NEAR(cut.start().seconds(), 0, 0.001);
    for (const std::size_t i : {0U, 20U, 43U})
        EXPECT_LT(difference(*exact_frame(out, cut.times[i]), *exact_frame(film("constant.mp4"), index.times[37 + i])), 6.0) << i;
    EXPECT_FALSE(std::filesystem::exists(out + ".tmp"));
}

TEST_F(Films, AClipOfNothingACancelledOneAndOneWithoutAFolderLeaveNoFile) {
    const std::string out = film("none.mp4");
    EXPECT_EQ(cut_clip(film("constant.mp4"), {core::RecordingId("r"), FrameTime(100, 1), FrameTime(101, 1)}, out, 640).error().code,
        ErrorCode::NotFound);
    EXPECT_EQ(
        cut_clip(film("constant.mp4"), {core::RecordingId("r"), FrameTime(1, 1), FrameTime(4, 1)}, out, 640, [](double) { return false; })
            .error()
            .code,
        ErrorCode::Cancelled);
    EXPECT_FALSE(
        cut_clip(film("constant.mp4"), {core::RecordingId("r"), FrameTime(1, 1), FrameTime(4, 1)}, film("no/such/folder.mp4"), 640));
    EXPECT_FALSE(std::filesystem::exists(out));
}

TEST_F(Films, AFullDiskIsSaidAndLeavesNoFile) {
    const Scratch scratch;
    const anagraph::testing::SmallDisk disk(scratch / "disk", 40);
    if (!disk.mounted()) GTEST_SKIP() << "no disk can be made here";
    const auto clip =
        cut_clip(film("constant.mp4"), {core::RecordingId("r"), FrameTime(0, 1), FrameTime(6, 1)}, scratch / "disk/clip.mp4", 640);
    ASSERT_FALSE(clip);
    EXPECT_EQ(clip.error().code, ErrorCode::NoSpace) << clip.error().message;
    EXPECT_TRUE(std::filesystem::is_empty(scratch / "disk"));
    const auto pass = import_pass(film("constant.mp4"), scratch / "disk");
    ASSERT_FALSE(pass);
    EXPECT_EQ(pass.error().code, ErrorCode::NoSpace) << pass.error().message;
    EXPECT_TRUE(std::filesystem::is_empty(scratch / "disk"));
}

TEST_F(Films, RotationIsReadAndAStillIsTurnedUpright) {
    Picture p{2, 1, {1, 0, 0, 255, 2, 0, 0, 255}};
    const auto turned = upright(p, 90, 1);
    EXPECT_EQ(turned.width, 1);
    EXPECT_EQ(turned.bgra[0], 1);
    EXPECT_EQ(turned.bgra[4], 2);
    EXPECT_EQ(upright(upright(p, 90, 1), 270, 1).bgra, p.bgra);
    EXPECT_EQ(upright(p, 180, 1).bgra[0], 2);
}

TEST_F(Films, BadInputGivesOneSentenceAndLeavesNothing) {
    const Scratch out;
    const auto code = [&](const std::string& file) {
        const auto r = import_pass(file, out.text());
        EXPECT_FALSE(r);
        EXPECT_GT(r ? 0U : r.error().message.english().size(), 20U);
        return r ? ErrorCode::Busy : r.error().code;
    };
    std::ofstream(film("empty.mp4"));
    std::ofstream(film("text.mp4")) << "this is a shopping list, not a film\n";
    EXPECT_EQ(code(film("empty.mp4")), ErrorCode::BadInput);
    EXPECT_EQ(code(film("text.mp4")), ErrorCode::BadInput);
    EXPECT_EQ(code(film("none.mp4")), ErrorCode::NotFound);
    ASSERT_TRUE(anagraph::testing::run("ffmpeg -y -f lavfi -i sine=440:duration=1 " + film("sound.m4a")));
    EXPECT_EQ(code(film("sound.m4a")), ErrorCode::BadInput);
    EXPECT_TRUE(std::filesystem::is_empty(out.text()));
}

TEST_F(Films, ADamagedTailIsKeptUpToThereAndSaid) {
    ASSERT_TRUE(anagraph::testing::run("ffmpeg -y -i " + film("constant.mp4") + " -c copy " + film("whole.mkv")));
    std::filesystem::copy_file(film("whole.mkv"), film("cut.mkv"));
    std::filesystem::resize_file(film("cut.mkv"), std::filesystem::file_size(film("cut.mkv")) * 2 / 3);
    const auto index = imported(film("cut.mkv"));
    EXPECT_GT(index.times.size(), 50U);
    EXPECT_LT(index.times.size(), 150U);
    ASSERT_EQ(index.remarks.size(), 1U) << "and said";
    EXPECT_NE(index.remarks[0].find("cut off"), std::string::npos) << index.remarks[0];
}

TEST_F(Films, ACancelledImportLeavesNothing) {
    const Scratch out;
    EXPECT_EQ(import_pass(film("constant.mp4"), out.text(), [](double) { return false; }).error().code, ErrorCode::Cancelled);
    EXPECT_TRUE(std::filesystem::is_empty(out.text()));
    std::filesystem::create_symlink("/dev/full", out / "index.json.tmp");
    const auto full = import_pass(film("constant.mp4"), out.text());
    ASSERT_FALSE(full);
    EXPECT_EQ(full.error().code, ErrorCode::NoSpace) << full.error().message;
    EXPECT_TRUE(std::filesystem::is_empty(out.text()));
}
