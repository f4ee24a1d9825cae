#include "store/digest.h"

#include <fmt/format.h>
#include <sodium.h>

#include <array>
#include <fstream>
#include <vector>

namespace anagraph::store {
namespace {

std::string hex(const std::array<unsigned char, crypto_hash_sha256_BYTES>& digest) {
    std::string out;
    for (const unsigned char byte : digest) out += fmt::format("{:02x}", byte);
    return out;
}

}  // namespace

std::string sha256(std::string_view bytes) {
    std::array<unsigned char, crypto_hash_sha256_BYTES> digest{};
    crypto_hash_sha256(digest.data(), reinterpret_cast<const unsigned char*>(bytes.data()), bytes.size());
    return hex(digest);
}

core::Result<std::string> sha256_of_file(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    if (!in) return core::fail(core::ErrorCode::NotFound, fmt::format("{} is not there or may not be read.", path), path);
    crypto_hash_sha256_state state;
    crypto_hash_sha256_init(&state);
    std::vector<char> piece(1 << 20);
    while (in) {
        in.read(piece.data(), static_cast<std::streamsize>(piece.size()));
        crypto_hash_sha256_update(&state, reinterpret_cast<const unsigned char*>(piece.data()), static_cast<unsigned long long>(in.gcount()));
    }
    if (in.bad()) return core::fail(core::ErrorCode::Unreadable, fmt::format("{} could not be read to its end.", path), path);
    std::array<unsigned char, crypto_hash_sha256_BYTES> digest{};
    crypto_hash_sha256_final(&state, digest.data());
    return hex(digest);
}

}  // namespace anagraph::store
