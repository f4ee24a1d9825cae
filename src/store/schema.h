// The tables of a library, by versions. Used within `store` only.
#pragma once

#include <vector>

#include "core/base/result.h"

namespace anagraph::store {

class Database;

inline constexpr int kSchema = 9;

/// Brings an older library to this schema, each version in a transaction of its own. Errors: Refused for a newer one.
core::Outcome migrate(const Database& db);

/// The tables that hold what was written, those that others refer to first. Not among them: who is there, and what is on its way.
const std::vector<const char*>& kept_tables();

}  // namespace anagraph::store
