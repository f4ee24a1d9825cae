// Spelling: the system's dictionary (hunspell) as the editor asks it.
#pragma once

#include <optional>
#include <string>

#include "core/editing/editor.h"

namespace anagraph::shop {

/// A speller for a language as its dictionary is called ("en_GB"), with at most three offers a word; nothing where that
/// dictionary is not installed. Copies share the dictionary; one thread at a time.
std::optional<core::Speller> dictionary(const std::string& language = "en_GB");

}  // namespace anagraph::shop
