#include "media/sound_match.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <random>

using namespace anagraph;
using namespace anagraph::media;

namespace {

/// Words and knocks: bursts of random length and loudness with pauses between, as an envelope of `seconds`.
std::vector<double> workshop(int seconds, unsigned seed) {
    std::mt19937 random(seed);
    std::vector<double> out(static_cast<std::size_t>(seconds) * 1000 / kSoundStepMs, 4);
    std::uniform_int_distribution<std::size_t> pause(4, 30);
    std::uniform_int_distribution<std::size_t> burst(2, 25);
    std::uniform_real_distribution<double> loud(30, 220);
    for (std::size_t i = pause(random); i < out.size(); i += pause(random)) {
        const double level = loud(random);
        for (std::size_t n = burst(random); n > 0 && i < out.size(); --n, ++i) out[i] = level * (0.6 + 0.4 * loud(random) / 220);
    }
    return out;
}

/// What a camera hears of it from `from` on: quieter or louder, with its own noise.
RecordingIndex heard(const std::vector<double>& room, double from, double seconds, double gain, double noise, unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> hiss(0, noise);
    RecordingIndex index;
    const auto first = static_cast<std::size_t>(from * 1000 / kSoundStepMs);
    const auto n = static_cast<std::size_t>(seconds * 1000 / kSoundStepMs);
    for (std::size_t i = 0; i < n && first + i < room.size(); ++i)
        index.sound.push_back(static_cast<std::uint8_t>(std::clamp(room[first + i] * gain + std::abs(hiss(random)), 0.0, 255.0)));
    return index;
}

}  // namespace

TEST(MatchSound, FindsWhereTwoCamerasRanTogether) {
    const auto room = workshop(600, 1);
    const auto first = heard(room, 0, 300, 1, 3, 2);
    for (const double begin : {40.0, 250.0, 0.0, 290.0}) {
        const auto match = match_sound(first, heard(room, begin, 120, 0.4, 8, 3));
        ASSERT_TRUE(match) << begin;
        EXPECT_NEAR(match->shift.seconds(), begin, 0.034) << "to about a frame";
        EXPECT_NEAR(match->overlap, std::min(120.0, 300 - begin), 1);
    }
    const auto before = match_sound(heard(room, 100, 200, 1, 3, 2), heard(room, 60, 120, 0.5, 5, 3));
    ASSERT_TRUE(before);
    EXPECT_NEAR(before->shift.seconds(), -40, 0.034) << "the second began first";
}

TEST(MatchSound, FindsNothingInOtherSoundOrNone) {
    EXPECT_FALSE(match_sound(heard(workshop(300, 1), 0, 300, 1, 3, 2), heard(workshop(300, 9), 0, 300, 1, 3, 3))) << "another job";
    EXPECT_FALSE(match_sound(heard(workshop(300, 1), 0, 300, 1, 3, 2), {})) << "no sound";
    RecordingIndex silent;
    silent.sound.assign(2000, 3);
    EXPECT_FALSE(match_sound(silent, silent)) << "silence is like silence everywhere";
    EXPECT_FALSE(match_sound(heard(workshop(300, 1), 0, 300, 1, 3, 2), heard(workshop(300, 1), 0, 3, 1, 3, 3))) << "too short to be sure";
}
