// A demo library for one test: made once for the test program, copied for each use.
#pragma once

#include <gtest/gtest.h>

#include <filesystem>
#include <string>

#include "demo/demo_library.h"
#include "tests/place.h"
#include "tests/scratch.h"

namespace anagraph::testing {

inline void copy_demo_library(const std::string& to) {
    static const Scratch made;
    static const bool ready = [] {
        const auto done = demo::make_demo_library(std::string(ANAGRAPH_SOURCE) + "/demo/films", place(made / "library"));
        EXPECT_TRUE(done) << done.error().message;
        return done.has_value();
    }();
    ASSERT_TRUE(ready);
    copy_library(made / "library", to);
}

inline constexpr const char* kDemoGuide = "perrick-pt60-100-h-service";

}  // namespace anagraph::testing
