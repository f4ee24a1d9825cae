#include "media/mp4_file.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "tests/scratch.h"

using namespace anagraph;
namespace fs = std::filesystem;

namespace {

/// With a stream of pictures.
void add_pictures(media::Mp4File& file) {
    AVCodecParameters* p = avcodec_parameters_alloc();
    p->codec_type = AVMEDIA_TYPE_VIDEO;
    p->codec_id = AV_CODEC_ID_MPEG4;
    p->width = 64;
    p->height = 48;
    ASSERT_TRUE(file.add(*p, {1, 25}));
    avcodec_parameters_free(&p);
}

}  // namespace

TEST(Mp4File, WhatIsNotFinishedIsTakenAwayAndNothingOfOthers) {
    const anagraph::testing::Scratch scratch;
    const std::string out = scratch / "clip.mp4";
    std::ofstream(out + ".tmp") << "of somebody else";
    { media::Mp4File never_begun(out); }
    EXPECT_TRUE(fs::exists(out + ".tmp"));
    {
        media::Mp4File file(out);
        add_pictures(file);
        ASSERT_TRUE(file.begin());
    }
    EXPECT_FALSE(fs::exists(out + ".tmp"));
    EXPECT_FALSE(fs::exists(out));
    {
        media::Mp4File file(out);
        add_pictures(file);
        ASSERT_TRUE(file.begin());
        EXPECT_TRUE(file.finish());
    }
    EXPECT_TRUE(fs::exists(out)) << "and it stays when its writer goes";
    EXPECT_FALSE(fs::exists(out + ".tmp"));
}

TEST(Mp4File, AFolderThatIsNotThereIsSaid) {
    const anagraph::testing::Scratch scratch;
    media::Mp4File file(scratch / "nowhere/clip.mp4");
    add_pictures(file);
    EXPECT_FALSE(file.begin());
}
