// LibraryLock: one process at a time writes in a library. The kernel holds the lock and gives it back when its process ends,
// however that ends, so that there is no stale one; what the file says is only for telling a person who it is.
#pragma once

#include <string>

#include "core/base/result.h"

namespace anagraph::store {

class LibraryLock {
public:
    /// Errors: Busy, with who has it; Unwritable, NoSpace with the true reason.
    static core::Result<LibraryLock> take(const std::string& folder);
    ~LibraryLock();
    LibraryLock(LibraryLock&& other) noexcept;
    LibraryLock& operator=(LibraryLock&& other) noexcept;
    LibraryLock(const LibraryLock&) = delete;
    LibraryLock& operator=(const LibraryLock&) = delete;

private:
    explicit LibraryLock(int fd) : fd_(fd) {}
    int fd_;
};

}  // namespace anagraph::store
