// Tables as text, comma-separated (RFC 4180).
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"

namespace anagraph::core {

/// The rows of a table; commas or semicolons, whichever its first line has more of. Empty lines are left out. Errors: BadInput for a
/// quote that is not closed.
Result<std::vector<std::vector<std::string>>> csv_rows(const std::string& text);

/// A row with its end; fields in quotes where they need them. What begins like a formula gets a sign before it, so that no program
/// works it out.
std::string csv_row(const std::vector<std::string>& fields);

}  // namespace anagraph::core
