#include "media/sound_envelope.h"

#include <gtest/gtest.h>

using namespace anagraph;

namespace {

constexpr int kRate = 8000;

/// A piece of a steady level, 0 to 32767, from a moment on.
media::av::Frame piece(double seconds, double length, int level) {
    auto f = media::av::frame();
    f->format = AV_SAMPLE_FMT_S16;
    f->sample_rate = kRate;
    f->ch_layout = AV_CHANNEL_LAYOUT_MONO;
    f->nb_samples = static_cast<int>(length * kRate);
    av_frame_get_buffer(f.get(), 0);
    auto* samples = reinterpret_cast<std::int16_t*>(f->data[0]);
    for (int i = 0; i < f->nb_samples; ++i) samples[i] = static_cast<std::int16_t>(i % 2 == 0 ? level : -level);
    f->best_effort_timestamp = seconds < 0 ? AV_NOPTS_VALUE : static_cast<std::int64_t>(seconds * kRate);
    return f;
}

}  // namespace

TEST(SoundEnvelope, TellsHowLoudItIsAndWhereItIsSilent) {
    media::SoundEnvelope envelope;
    envelope.add(*piece(0, 1, 12800), {1, kRate});
    envelope.add(*piece(-1, 1, 0), {1, kRate});  // without a time: after the one before
    envelope.add(*piece(2, 0.2, 12800), {1, kRate});
    envelope.add(*piece(2.2, 0.3, 0), {1, kRate});
    envelope.add(*piece(2.5, 0.5, 6400), {1, kRate});
    const auto& loud = envelope.loudness();
    ASSERT_EQ(loud.size(), 60U);
    EXPECT_EQ(loud[10], 100);
    EXPECT_EQ(loud[30], 0);
    EXPECT_EQ(loud[55], 50);
    const auto pauses = envelope.pauses();
    ASSERT_EQ(pauses.size(), 1U) << "0.3 s are no pause";
    EXPECT_NEAR(pauses[0].from.seconds(), 1, 0.051);
    EXPECT_NEAR(pauses[0].to.seconds(), 2, 0.051);
}
