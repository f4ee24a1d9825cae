// Spelling: the system's dictionary (hunspell) as the editor asks it.
#pragma once

#include <optional>
#include <string>

#include "core/editing/editor.h"

namespace anagraph::shop {

/// A speller for a language of ISO 639-1, with at most three offers a word: the dictionary of its usual country ("en_GB", "de_DE"),
/// else any of that language; nothing where none is installed. Copies share the dictionary; one thread at a time.
std::optional<core::Speller> dictionary(const std::string& language);

}  // namespace anagraph::shop
