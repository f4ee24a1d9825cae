// The demo library: the Perrick PT60 job of the made-up harbour workshop, as an author would have it half an hour before
// the first edition goes out. Used by run-demo and by tests.
#pragma once

#include <string>

#include "core/base/result.h"

namespace anagraph::demo {

/// `films`: the folder with pt60-service-1.mp4 and -2.mp4; the book lies in book/ beside it. `library`: its place, which must not hold one yet.
core::Outcome make_demo_library(const std::string& films, const std::string& library);

}  // namespace anagraph::demo
