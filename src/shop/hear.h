// Hear: what is said on a recording, as lines of narration. By the program's own recogniser with the language of the trade, raised for
// the words of the guide in hand, or by a command the house names. Touches no library, so it runs on any thread.
#pragma once

#include <string>

#include "core/hearing/guide_words.h"
#include "core/narration/timed_text.h"
#include "media/hearing/recogniser.h"
#include "media/import_pass.h"

namespace anagraph::shop {

/// How to hear.
struct Hearing {
    std::string command;          // of another recogniser, see media/hearing/hearing_command.h; empty: the program's own
    core::SpokenSentences guide;  // what is likely to be said; the program's own recogniser listens for it
};

/// Lines by time, each marked as heard by a program. `recording` is a film or a sound file. Errors: those of media::hear_words() and
/// media::run_hearing_command(); BadInput where nothing was heard; Cancelled.
core::Result<core::Narration> hear(const std::string& recording, const Hearing& how, const media::Progress& progress = {});

/// The language the program's own recogniser listens for, as files in `folder`. Errors: those of writing.
core::Result<media::Language> language_in(const std::string& folder, const core::SpokenSentences& guide = {});

/// Tries a command on a few words that ship with the program; gives back what it made of them. Errors: those of hear().
core::Result<std::string> try_hearing_command(const std::string& command, const media::Progress& progress = {});
/// What is said there.
std::string words_to_try();

}  // namespace anagraph::shop
