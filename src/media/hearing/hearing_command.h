// HearingCommand: any program that turns sound into timed words, named by the workshop as a command.
#pragma once

#include <string>

#include "core/base/result.h"
#include "media/import_pass.h"

namespace anagraph::media {

/// Runs `command` by the shell on a WAV file (16 kHz, one channel) and gives back what it wrote. "{sound}" in it stands for the WAV
/// file and "{text}" for a file it is to write; without the first the file comes last, without the second its standard output counts.
/// Told about half of the share while it runs, since nobody knows how long it takes. Errors: Refused where it fails, with the last line
/// of what it said; BadInput where it writes nothing; Cancelled, after which it and what it started have ended.
core::Result<std::string> run_hearing_command(
    const std::string& command, const std::string& wav, const std::string& work_folder, const Progress& progress = {});

}  // namespace anagraph::media
