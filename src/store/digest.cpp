#include "store/digest.h"

#include <fmt/format.h>
#include <sodium.h>

#include <array>
#include <new>

#include "store/files.h"

namespace anagraph::store {
namespace {

std::string hex(const std::array<unsigned char, crypto_hash_sha256_BYTES>& digest) {
    std::string out;
    for (const unsigned char byte : digest) out += fmt::format("{:02x}", byte);
    return out;
}

crypto_hash_sha256_state& state_in(std::array<unsigned char, 256>& place) {
    return *std::launder(reinterpret_cast<crypto_hash_sha256_state*>(place.data()));
}

}  // namespace

static_assert(sizeof(crypto_hash_sha256_state) <= 256);

Digest::Digest() { crypto_hash_sha256_init(new (state_.data()) crypto_hash_sha256_state); }

void Digest::add(std::string_view bytes) {
    crypto_hash_sha256_update(&state_in(state_), reinterpret_cast<const unsigned char*>(bytes.data()), bytes.size());
}

std::string Digest::text() {
    std::array<unsigned char, crypto_hash_sha256_BYTES> digest{};
    crypto_hash_sha256_final(&state_in(state_), digest.data());
    return hex(digest);
}

std::string sha256(std::string_view bytes) {
    Digest digest;
    digest.add(bytes);
    return digest.text();
}

core::Result<std::string> sha256_of_file(const std::string& path, const std::function<bool(double)>& progress) {
    Digest digest;
    auto read = each_piece_of(path, [&](std::string_view piece) { digest.add(piece); }, progress);
    if (!read) return tl::make_unexpected(read.error());
    return digest.text();
}

}  // namespace anagraph::store
