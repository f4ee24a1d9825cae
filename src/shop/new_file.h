// A new file with what was made for it, or none.
#pragma once

#include <string>

#include "core/base/result.h"

namespace anagraph::shop {

/// Written whole or not at all, over nothing. Errors: that of the making; those of store::Destination::file() and of writing.
core::Outcome write_new_file(const std::string& path, const core::Result<std::string>& bytes);

}  // namespace anagraph::shop
