#include "store/files.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <iterator>

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;

namespace {

tl::unexpected<core::Error> trouble(const std::string& path, int error) {
    if (error == ENOSPC || error == EDQUOT) return fail(ErrorCode::NoSpace, fmt::format("The disk is full, so {} could not be written; free some space and try again.", path), path);
    return fail(ErrorCode::Unwritable, fmt::format("{} could not be written ({}); check that the folder may be written, or choose another one.", path, std::strerror(error)), path);
}

}  // namespace

Outcome write_file(const std::string& path, std::string_view bytes) {
    const std::string beside = path + ".tmp";
    const int fd = ::open(beside.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (fd < 0) return trouble(path, errno);
    int error = 0;
    while (!bytes.empty() && error == 0) {
        const ssize_t n = ::write(fd, bytes.data(), bytes.size());
        if (n < 0 && errno != EINTR) error = errno;
        if (n > 0) bytes.remove_prefix(static_cast<std::size_t>(n));
    }
    if (error == 0 && ::fsync(fd) != 0) error = errno;
    if (::close(fd) != 0 && error == 0) error = errno;
    if (error == 0 && ::rename(beside.c_str(), path.c_str()) != 0) error = errno;
    if (error == 0) return {};
    ::unlink(beside.c_str());
    return trouble(path, error);
}

core::Result<std::string> read_file(const std::string& path) {
    std::error_code ec;
    if (!std::filesystem::exists(path, ec)) return fail(ErrorCode::NotFound, fmt::format("{} is not there; choose the file again.", path), path);
    if (std::filesystem::is_directory(path, ec)) return fail(ErrorCode::Unreadable, fmt::format("{} is a folder; choose a file.", path), path);
    std::ifstream in(path, std::ios::binary);
    if (!in) return fail(ErrorCode::Unreadable, fmt::format("{} may not be read; change its permissions or copy it somewhere else.", path), path);
    return std::string(std::istreambuf_iterator<char>(in), {});
}

Outcome make_folder(const std::string& path) {
    std::error_code ec;
    std::filesystem::create_directories(path, ec);
    if (ec) return trouble(path, ec.value());
    return {};
}

}  // namespace anagraph::store
