// Quantities as tests write them.
#pragma once

#include <string>

#include "core/quantity/quantity.h"

namespace anagraph::core::testing {

/// What can be read as a quantity: q("25 Nm").
inline Quantity q(const std::string& text) { return *Quantity::parse(text); }

}  // namespace anagraph::core::testing
