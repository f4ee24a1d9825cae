// The manual of anagraph-cli, made from what its commands say of themselves: a page of the system's manual a command, and what a shell
// completes. It is written where the program is installed.
#pragma once

#include <CLI/CLI.hpp>
#include <string>

#include "core/base/result.h"

namespace anagraph::cli {

/// The manual page of the program, or of one of its commands with all that stands below it.
std::string manual_page(const CLI::App& program, const CLI::App& of);

/// Commands, options and files for bash.
std::string bash_completion(const CLI::App& program);

/// Writes the pages to FOLDER/man1 and the completion to FOLDER/completions. Errors: NoSpace; Refused where the folder cannot be written.
core::Outcome write_manual(const CLI::App& program, const std::string& folder);

}  // namespace anagraph::cli
