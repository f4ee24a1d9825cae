// Recogniser: the program's own: PocketSphinx with its English acoustic model, and the language the caller gives it.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/hearing/heard_lines.h"
#include "media/import_pass.h"

namespace anagraph::media {

/// What may be said: files of language models (ARPA) with the weight of each, and a dictionary of every word in them.
struct Language {
    struct Model {
        std::string file;
        double weight = 1;  // share in what is expected; those of all models come to 1
    };
    std::vector<Model> models;
    std::string dictionary;
};

/// The acoustic model's own general language, as its package brings it.
Language general_language();

/// The words said in a film or sound file, by time; parted at silences, and the parts heard side by side on several threads. The same
/// file gives the same words. Errors: those of speech_sound(); NotFound where the acoustic model is not installed; BadInput for a
/// language that cannot be read; Cancelled.
core::Result<std::vector<core::HeardWord>> hear_words(
    const std::string& recording, const Language& language, const Progress& progress = {});

}  // namespace anagraph::media
