// A property that must hold for all generated cases, as a GoogleTest expectation.
#pragma once

#include <gtest/gtest.h>
#include <rapidcheck.h>

#include <utility>

namespace anagraph::core::testing {

template <class Property>
void holds(Property&& property) {
    EXPECT_TRUE(rc::check(std::forward<Property>(property)));
}

}  // namespace anagraph::core::testing
