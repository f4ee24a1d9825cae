// What the window takes when nobody does anything in it, and when somebody does for long. Run by paint-bench.
#pragma once

#include <nlohmann/json.hpp>
#include <string>

namespace anagraph::bench {

/// Of a window on the library in `folder`, which holds a guide with a film: how often it wakes the processor while it rests, and the
/// memory it takes after an hour of walking through it, against after the first minutes.
nlohmann::json at_rest_and_for_long(const std::string& folder);

}  // namespace anagraph::bench
