// Result<T> and Error: how every layer below the window reports what went wrong. No exception crosses a layer.
#pragma once

#include <string>
#include <tl/expected.hpp>
#include <utility>

#include "core/base/words.h"

namespace anagraph::core {

enum class ErrorCode {
    BadInput,    // the text, file or value given is not what it should be
    Ambiguous,   // it can be meant two ways, which the sentence tells; a person chooses
    NotFound,    // a file, guide, step, item ... that is not there
    Unreadable,  // it is there, but cannot be opened or read
    Unwritable,  // it cannot be written: read-only, no permission
    NoSpace,     // the disk is full
    Busy,        // somebody else has it open
    Away,        // what keeps it cannot be reached now; it may be later
    Damaged,     // it was readable once and is no longer what it was
    Refused,     // possible, but a rule says no
    NoMemory,    // the memory did not suffice
    Cancelled,   // the person stopped it
};

/// What went wrong, for the person: one sentence that says what is wrong and what to do, and where (file, step, field).
struct Error {
    ErrorCode code = ErrorCode::BadInput;
    Words message;
    std::string place;
};

template <class T>
using Result = tl::expected<T, Error>;
using Outcome = Result<void>;

inline tl::unexpected<Error> fail(ErrorCode code, Words message, std::string place = {}) {
    return tl::make_unexpected(Error{code, std::move(message), std::move(place)});
}

}  // namespace anagraph::core
