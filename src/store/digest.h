// SHA-256 (FIPS 180-4, by libsodium) of bytes and files, as 64 lower-case hexadecimal digits.
#pragma once

#include <string>
#include <string_view>

#include "core/base/result.h"

namespace anagraph::store {

std::string sha256(std::string_view bytes);
/// Reads the file in pieces. Errors: NotFound, Unreadable.
core::Result<std::string> sha256_of_file(const std::string& path);

}  // namespace anagraph::store
