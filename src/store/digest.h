// SHA-256 (FIPS 180-4, by libsodium) of bytes and files, as 64 lower-case hexadecimal digits.
#pragma once

#include <array>
#include <functional>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace anagraph::store {

std::string sha256(std::string_view bytes);
/// Reads a regular file in pieces. Told the share done; return false to stop. Errors: NotFound, Unreadable (a folder, a pipe
/// or a device too), Cancelled.
core::Result<std::string> sha256_of_file(const std::string& path, const std::function<bool(double)>& progress = {});

/// The same, of bytes that come one piece after the other.
class Digest {
public:
    Digest();
    void add(std::string_view bytes);
    /// To be asked once, at the end.
    std::string text();

private:
    alignas(64) std::array<unsigned char, 256> state_{};
};

}  // namespace anagraph::store
