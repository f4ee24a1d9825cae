#include "media/piece_file.h"

#include <fcntl.h>
#include <unistd.h>

#include <cerrno>
#include <utility>

#include "media/av.h"

namespace anagraph::media {

using core::Outcome;

namespace {

Outcome trouble(const std::string& path) { return tl::make_unexpected(av::trouble(path, AVERROR(errno))); }

}  // namespace

Outcome PieceFile::open(std::string path) {
    path_ = std::move(path);
    fd_ = ::open(path_.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    return fd_ >= 0 ? Outcome{} : trouble(path_);
}

Outcome PieceFile::write(const void* bytes, std::size_t size) {
    const auto* at = static_cast<const char*>(bytes);
    while (size > 0) {
        const ssize_t n = ::write(fd_, at, size);
        if (n < 0 && errno != EINTR) return trouble(path_);
        if (n <= 0) continue;
        at += n;
        size -= static_cast<std::size_t>(n);
    }
    return {};
}

Outcome PieceFile::close() {
    const int fd = std::exchange(fd_, -1);
    return ::close(fd) == 0 ? Outcome{} : trouble(path_);
}

void PieceFile::abandon() {
    if (fd_ >= 0) ::close(std::exchange(fd_, -1));
}

}  // namespace anagraph::media
