// Whether this machine has pseudo-terminals: a bare one may have no devpts, and then no serial line can be played on it.
#pragma once

#include <fcntl.h>
#include <stdlib.h>
#include <unistd.h>

namespace anagraph::testing {

inline bool has_pseudo_terminals() {
    const int fd = ::posix_openpt(O_RDWR | O_NOCTTY);
    const bool made = fd >= 0 && ::grantpt(fd) == 0 && ::unlockpt(fd) == 0;
    const char* name = made ? ::ptsname(fd) : nullptr;
    const bool there = name != nullptr && ::access(name, R_OK | W_OK) == 0;
    if (fd >= 0) ::close(fd);
    return there;
}

}  // namespace anagraph::testing
