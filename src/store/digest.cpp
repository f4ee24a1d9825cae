#include "store/digest.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sodium.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <new>
#include <vector>

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
    // a pipe would be waited for for ever
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK);
    if (fd < 0) return tl::make_unexpected(file_trouble(path, errno, "read"));
    struct Closing {
        int fd;
        ~Closing() { ::close(fd); }
    } closing{fd};
    struct stat facts {};
    if (::fstat(fd, &facts) != 0) return tl::make_unexpected(file_trouble(path, errno, "read"));
    if (!S_ISREG(facts.st_mode))
        return core::fail(core::ErrorCode::Unreadable, fmt::format("{} is no file that can be read; choose another one.", path), path);
    Digest digest;
    std::vector<char> piece(1 << 20);
    std::int64_t done = 0;
    for (;;) {
        const ssize_t n = ::read(fd, piece.data(), piece.size());
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) return tl::make_unexpected(file_trouble(path, errno, "read"));
        if (n == 0) break;
        digest.add({piece.data(), static_cast<std::size_t>(n)});
        done += n;
        if (progress && !progress(std::min(1.0, static_cast<double>(done) / static_cast<double>(std::max<std::int64_t>(1, facts.st_size)))))
            return core::fail(core::ErrorCode::Cancelled, "Reading the file was stopped.", path);
    }
    return digest.text();
}

}  // namespace anagraph::store
