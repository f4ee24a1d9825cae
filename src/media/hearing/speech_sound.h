// SpeechSound: the sound of a recording as recognisers want it: one channel, 16,000 samples a second, sample n at n / 16,000 s of the
// film. Memory does not grow with its length.
#pragma once

#include <cstdint>
#include <functional>
#include <span>
#include <string>

#include "core/base/result.h"
#include "media/import_pass.h"

namespace anagraph::media {

inline constexpr int kSpeechRate = 16000;  // samples a second

/// Takes the next samples; false to stop.
using TakeSound = std::function<bool(std::span<const std::int16_t>)>;

/// Hands the whole sound of a film or sound file to `take`, piece by piece; what the file leaves out is silence. A damaged piece is
/// left out. Errors: those of opening; BadInput where there is no sound; Cancelled.
core::Outcome speech_sound(const std::string& recording, const TakeSound& take, const Progress& progress = {});

/// The same as a WAV file. Errors: those of speech_sound() and of writing. What was begun is taken away where it fails.
core::Outcome write_speech_wav(const std::string& recording, const std::string& wav, const Progress& progress = {});

}  // namespace anagraph::media
