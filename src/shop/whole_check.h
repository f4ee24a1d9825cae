// Whole check: what of a library is missing or damaged, and what depends on it.
#pragma once

#include <string>
#include <vector>

#include "store/files.h"
#include "store/library.h"

namespace anagraph::shop {

enum class Lack { Missing, Damaged, Away };  // away: an original that never lay in the library

struct Lacking {
    Lack lack = Lack::Missing;
    std::string kind;                  // "recording", "document", "edition", "guide", "records", "logbook"
    std::string id;                    // SHA-256, or the guide's id
    std::string name;                  // as a person knows it
    core::Words what;                  // a sentence: what is wrong, and what to do
    std::vector<std::string> used_by;  // guides and editions, as a person knows them
};

/// Reads every file of the library and compares it with what it was when it came in, every journal and every list. Nothing: all is as it
/// was. Errors: those of reading the library; Cancelled.
core::Result<std::vector<Lacking>> check_library(const store::Library& library, const store::Progress& progress = {});

}  // namespace anagraph::shop
