#include "media/sound_envelope.h"

#include <algorithm>
#include <cstdlib>

namespace anagraph::media {

using core::FrameTime;

namespace {

constexpr int kSilence = 10;     // of 255: below this a stretch is a pause
constexpr int kPauseSteps = 10;  // of kSoundStepMs

}  // namespace

void SoundEnvelope::add(const AVFrame& piece, AVRational time_base) {
    if (!mono_) {
        SwrContext* raw = nullptr;
        AVChannelLayout one = AV_CHANNEL_LAYOUT_MONO;
        AVChannelLayout source = piece.ch_layout;
        swr_alloc_set_opts2(&raw, &one, AV_SAMPLE_FMT_S16, piece.sample_rate, &source, static_cast<AVSampleFormat>(piece.format),
            piece.sample_rate, 0, nullptr);
        mono_.reset(raw);
        if (swr_init(raw) < 0) {
            mono_.reset();
            return;
        }
        rate_ = piece.sample_rate;
    }
    std::vector<std::int16_t> samples(static_cast<std::size_t>(piece.nb_samples));
    auto* out = reinterpret_cast<std::uint8_t*>(samples.data());
    const int n = swr_convert(mono_.get(), &out, piece.nb_samples, const_cast<const std::uint8_t**>(piece.extended_data), piece.nb_samples);
    const double from =
        piece.best_effort_timestamp == AV_NOPTS_VALUE ? end_ : av::time_of(piece.best_effort_timestamp, time_base).seconds();
    for (int i = 0; i < n; ++i) take(from + static_cast<double>(i) / rate_, samples[static_cast<std::size_t>(i)]);
    end_ = from + static_cast<double>(n) / rate_;
}

void SoundEnvelope::take(double seconds, std::int16_t sample) {
    if (seconds < 0 || seconds > 1e6) return;
    const auto step = static_cast<std::size_t>(seconds * 1000 / kSoundStepMs);
    if (step >= loudness_.size()) loudness_.resize(step + 1);
    loudness_[step] = std::max(loudness_[step], static_cast<std::uint8_t>(std::min(255, std::abs(static_cast<int>(sample)) >> 7)));
}

std::vector<Pause> SoundEnvelope::pauses() const {
    std::vector<Pause> out;
    for (std::size_t i = 0; i < loudness_.size();) {
        std::size_t k = i;
        while (k < loudness_.size() && loudness_[k] < kSilence) ++k;
        if (k - i >= kPauseSteps)
            out.push_back({FrameTime::from_milliseconds(static_cast<std::int64_t>(i) * kSoundStepMs),
                FrameTime::from_milliseconds(static_cast<std::int64_t>(k) * kSoundStepMs)});
        i = k + 1;
    }
    return out;
}

}  // namespace anagraph::media
