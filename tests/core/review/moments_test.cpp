#include "core/review/moments.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

TEST(Moments, APictureOfAMomentTheFilmDoesNotHaveIsTold) {
    Procedure p;
    const RecordingId film("film");
    p.recordings = {{film, "draining", {}}};
    Step s;
    s.id = StepId("s");
    Plate plate;
    plate.id = PlateId("p");
    plate.recording = film;
    s.plates = {plate};
    p.steps = {s};
    const auto told = [&](const FrameTime& at) {
        p.steps[0].plates[0].at = at;
        return moments_beyond(p, film, FrameTime(1, 1), FrameTime(60, 1));
    };
    EXPECT_TRUE(told(FrameTime(1, 1)).empty());
    EXPECT_TRUE(told(FrameTime(5999, 100)).empty());
    for (const auto& beyond : {FrameTime(999999, 1), FrameTime(-5, 1), FrameTime(0, 1), FrameTime(60, 1)}) {
        ASSERT_EQ(told(beyond).size(), 1U) << beyond.text();
        EXPECT_NE(told(beyond)[0].find("Step 1"), std::string::npos);
    }
    EXPECT_TRUE(moments_beyond(p, RecordingId("other"), FrameTime(0, 1), FrameTime(1, 1)).empty());
    p.steps[0].plates.clear();
    p.steps[0].clip = Clip{{film, FrameTime(50, 1), FrameTime(61, 1)}};
    EXPECT_EQ(moments_beyond(p, film, FrameTime(1, 1), FrameTime(60, 1)).size(), 1U) << "a clip that runs on beyond the end";
}
