// SoundEnvelope: how loud a recording is from moment to moment, and where it is silent.
#pragma once

#include <cstdint>
#include <vector>

#include "media/av.h"
#include "media/recording_index.h"

namespace anagraph::media {

class SoundEnvelope {
public:
    /// Takes a decoded piece of the sound, whatever its form. One whose form libav cannot change is left out; one without a time
    /// of its own follows the piece before.
    void add(const AVFrame& piece, AVRational time_base);
    /// The loudest sample of every kSoundStepMs, 0 to 255.
    const std::vector<std::uint8_t>& loudness() const { return loudness_; }
    /// Silences of half a second and more.
    std::vector<Pause> pauses() const;

private:
    void take(double seconds, std::int16_t sample);

    av::Swr mono_;
    int rate_ = 0;
    double end_ = 0;  // s, of the last piece
    std::vector<std::uint8_t> loudness_;
};

}  // namespace anagraph::media
