// A disk of a few hundred kilobytes, for tests of what happens when it is full. Where none can be mounted, the test is skipped.
#pragma once

#include <sys/mount.h>

#include <filesystem>
#include <string>

namespace anagraph::testing {

class SmallDisk {
public:
    SmallDisk(const std::string& at, int kilobytes) : at_(at) {
        std::filesystem::create_directories(at_);
        mounted_ = ::mount("tmpfs", at_.c_str(), "tmpfs", 0, ("size=" + std::to_string(kilobytes) + "k").c_str()) == 0;
    }
    ~SmallDisk() {
        if (mounted_) ::umount2(at_.c_str(), MNT_DETACH);
    }
    SmallDisk(const SmallDisk&) = delete;
    SmallDisk& operator=(const SmallDisk&) = delete;
    bool mounted() const { return mounted_; }
    bool grow(int kilobytes) const {
        return ::mount("tmpfs", at_.c_str(), "tmpfs", MS_REMOUNT, ("size=" + std::to_string(kilobytes) + "k").c_str()) == 0;
    }

private:
    std::string at_;
    bool mounted_ = false;
};

}  // namespace anagraph::testing
