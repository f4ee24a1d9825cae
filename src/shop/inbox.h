// The inbox of a library: what came back over the desk waits there, and lies in its folder "taken" once it was taken in.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "store/library.h"

namespace anagraph::shop {

/// Photographs of runs wait under this ending, named by their SHA-256.
inline constexpr const char* kEvidenceEnding = ".evidence";

/// Files of that ending that wait, sorted.
std::vector<std::string> waiting_in_inbox(const store::Library& library, std::string_view ending);
/// Made where it is not there yet. Errors: NoSpace, Unwritable.
core::Result<std::string> folder_of_taken(const store::Library& library);
/// What was taken in waits no longer. A file that cannot be moved stays, and is known when it is taken in again.
void put_to_taken(const std::string& file, const std::string& taken);

}  // namespace anagraph::shop
