// LibraryLock: who writes in a library that is a folder. Any number do so side by side; what must be done by one alone (taking away what
// killed programs left, bringing it to a newer schema) is done by the first that comes, before others are let in. The kernel holds the
// lock and gives it back when its process ends, however that ends, so that there is no stale one; what the file says is only for telling
// a person who it is.
#pragma once

#include <functional>
#include <string>

#include "core/base/result.h"

namespace anagraph::store {

class LibraryLock {
public:
    /// Does `alone` where nobody else writes in it, else `beside`. Errors: theirs; Busy, with who has it, where somebody works on it alone
    /// for long; Unwritable, NoSpace with the true reason.
    static core::Result<LibraryLock> join(
        const std::string& folder, const std::function<core::Outcome()>& alone, const std::function<core::Outcome()>& beside);
    /// Keeps everybody else out. Errors: Busy, with who has it open.
    static core::Result<LibraryLock> take(const std::string& folder);
    ~LibraryLock();
    LibraryLock(LibraryLock&& other) noexcept;
    LibraryLock& operator=(LibraryLock&& other) noexcept;
    LibraryLock(const LibraryLock&) = delete;
    LibraryLock& operator=(const LibraryLock&) = delete;

private:
    static core::Result<LibraryLock> opened(const std::string& folder);
    explicit LibraryLock(int fd) : fd_(fd) {}
    int fd_ = -1;
};

}  // namespace anagraph::store
