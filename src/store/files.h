// Files that are written whole or not at all: beside, synced, renamed. And the reading that goes with it.
#pragma once

#include <string>
#include <string_view>

#include "core/base/result.h"

namespace anagraph::store {

/// Errors: NoSpace, Unwritable; an older file of that name then stands as it was.
core::Outcome write_file(const std::string& path, std::string_view bytes);
/// Errors: NotFound, Unreadable.
core::Result<std::string> read_file(const std::string& path);
/// Creates a folder and those above it. Errors: NoSpace, Unwritable.
core::Outcome make_folder(const std::string& path);

}  // namespace anagraph::store
