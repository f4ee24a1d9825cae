// The arithmetic of the workshop from a terminal: anagraph-cli calc ...
#pragma once

#include <CLI/CLI.hpp>
#include <memory>

#include "cli/answer.h"

namespace anagraph::cli {

/// Adds `calc` with all its commands. What is chosen puts its exit code into `code`.
void add_calc(CLI::App& app, const Answer& answer, int& code);

}  // namespace anagraph::cli
