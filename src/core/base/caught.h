// caught(): no exception crosses a layer. What a library throws below an entry becomes the Error that the entry gives back.
#pragma once

#include <exception>
#include <new>
#include <string>
#include <type_traits>

#include "core/base/result.h"

namespace anagraph::core {

/// What was thrown, as an Error. To be called within a catch block only.
inline Error thrown() {
    try {
        throw;
    } catch (const std::bad_alloc&) {
        return {ErrorCode::NoMemory, key("Base", "The memory does not suffice for this; close other programs and try again."), ""};
    } catch (const std::exception& e) {
        return {ErrorCode::Unreadable,
            say(key("Base", "Something failed that should not: {0}. Nothing of it is kept; try again."), e.what()), ""};
    } catch (...) {
        return {ErrorCode::Unreadable, key("Base", "Something failed that should not. Nothing of it is kept; try again."), ""};
    }
}

/// The result of `work`, which is a Result<T>; what it throws becomes its error.
template <class Work>
auto caught(Work&& work) -> std::invoke_result_t<Work> {
    try {
        return work();
    } catch (...) {
        return tl::make_unexpected(thrown());
    }
}

}  // namespace anagraph::core
