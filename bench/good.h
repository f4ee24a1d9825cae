// What a bench does must succeed: the value, or the end of the bench with what went wrong.
#pragma once

#include <stdexcept>
#include <utility>

#include "core/base/result.h"

namespace anagraph::bench {

template <class T>
T good(core::Result<T> result) {
    if (!result) throw std::runtime_error(result.error().message);
    return std::move(*result);
}

inline void good(const core::Outcome& outcome) {
    if (!outcome) throw std::runtime_error(outcome.error().message);
}

}  // namespace anagraph::bench
