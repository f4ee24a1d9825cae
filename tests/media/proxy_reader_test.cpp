#include "media/proxy_reader.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <numeric>
#include <random>

#include "media/import_pass.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::media;
using anagraph::testing::run;
using anagraph::testing::Scratch;

namespace {

double green(const Picture& p) {
    double sum = 0;
    for (std::size_t i = 0; i < p.bgra.size(); i += 4) sum += p.bgra[i + 1];
    return sum / (static_cast<double>(p.bgra.size()) / 4);
}

}  // namespace

TEST(ProxyReader, GivesTheFrameAskedForInAnyOrder) {
    const Scratch scratch;
    const std::string file = scratch / "ramp.mp4";
    // brighter with every frame, at uneven times, not from zero
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i \"color=black:size=320x240:rate=25:duration=8,format=yuv420p,geq=lum='20+N':cb=128:cr=128\" -vf "
            "\"setpts=PTS+(1.5+0.013*mod(N\\,3))/TB\" -fps_mode vfr -c:v libx264 -g 250 " +
            file));
    const std::string folder = scratch / "import";
    std::filesystem::create_directories(folder);
    const auto index = import_pass(file, folder);
    ASSERT_TRUE(index);
    ASSERT_EQ(index->times.size(), 200U);
    auto reader = ProxyReader::open(folder, *index);
    ASSERT_TRUE(reader) << reader.error().message;
    std::vector<std::size_t> order(200);
    std::iota(order.begin(), order.end(), 0U);
    const auto look = [&](std::size_t n) {
        const auto picture = (*reader)->frame(n);
        ASSERT_TRUE(picture) << n << " " << picture.error().message;
        // nearer to its own brightness than to that of the frames beside it
        const auto off = [&](std::size_t k) { return std::abs(green(*picture) - (20 + static_cast<double>(k) - 16) * 255 / 219); };
        EXPECT_TRUE(n == 0 || off(n) < off(n - 1)) << n;
        EXPECT_LT(off(n), off(n + 1)) << n;
    };
    for (const auto n : order) look(n);
    std::shuffle(order.begin(), order.end(), std::mt19937(7));
    for (const auto n : order) look(n);
    EXPECT_EQ((*reader)->frame(200).error().code, core::ErrorCode::NotFound);
}

TEST(ProxyReader, SaysWhenTheSmallCopyIsGone) {
    const Scratch scratch;
    RecordingIndex index;
    index.times = {core::FrameTime(0, 1)};
    const auto reader = ProxyReader::open(scratch / "nowhere", index);
    ASSERT_FALSE(reader);
    EXPECT_EQ(reader.error().code, core::ErrorCode::NotFound);
    EXPECT_NE(reader.error().message.english().find("import the recording again"), std::string::npos);
}
