// ByteSource: a file whose bytes are read where they are needed, wherever they lie.
#pragma once

#include <cstdint>
#include <span>

#include "core/base/result.h"

namespace anagraph::core {

class ByteSource {
public:
    virtual ~ByteSource() = default;
    /// In bytes.
    virtual std::int64_t size() const = 0;
    /// Reads from byte `from` on into `to`; gives back how many, 0 at the end and beyond. Errors: Away, Damaged, NoSpace.
    virtual Result<std::size_t> read(std::int64_t from, std::span<char> to) = 0;
};

}  // namespace anagraph::core
