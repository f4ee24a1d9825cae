// The desk under many readers at once.
#pragma once

#include <nlohmann/json.hpp>
#include <string>

namespace anagraph::bench {

/// Issues guides into a library made in `folder`, opens its desk, and has 50 clients ask for the start page again and again.
nlohmann::json desk_under_readers(const std::string& folder);

}  // namespace anagraph::bench
