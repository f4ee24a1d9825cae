// The tables of a library, by versions. Used within `store` only.
#pragma once

#include "core/base/result.h"

namespace anagraph::store {

class Database;

/// Brings an older library to this schema, each version in a transaction of its own. Errors: Refused for a newer one.
core::Outcome migrate(const Database& db);

}  // namespace anagraph::store
