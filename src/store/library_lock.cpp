#include "store/library_lock.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sys/file.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <chrono>
#include <ctime>
#include <thread>
#include <utility>

#include "core/base/utf8.h"
#include "store/files.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;

namespace {

std::string name_of_host() {
    std::array<char, 256> name{};
    return ::gethostname(name.data(), name.size() - 1) == 0 ? std::string(name.data()) : "this computer";
}

/// "process 4711 on bench-2, since 10:42": as the holder wrote it, or nothing where that is no such line.
std::string holder(int fd) {
    std::array<char, 256> text{};
    const ssize_t n = ::pread(fd, text.data(), text.size() - 1, 0);
    std::string line(text.data(), n > 0 ? static_cast<std::size_t>(n) : 0);
    line = line.substr(0, line.find('\n'));
    return line.starts_with("process ") && core::is_utf8(line) ? line : std::string();
}

/// Who it is is told on a best effort: a full disk is no reason not to open.
void say_who(int fd) {
    std::array<char, 32> since{};
    const std::time_t now = std::time(nullptr);
    std::tm local{};
    std::strftime(since.data(), since.size(), "%F %H:%M", ::localtime_r(&now, &local));
    const std::string line = fmt::format("process {} on {}, since {}\n", ::getpid(), name_of_host(), since.data());
    if (::ftruncate(fd, 0) == 0) (void)!::pwrite(fd, line.data(), line.size(), 0);
}

constexpr std::chrono::seconds kPatience{15};  // putting a library in order takes moments

}  // namespace

core::Result<LibraryLock> LibraryLock::opened(const std::string& folder) {
    const std::string path = folder + "/library.lock";
    if (is_link(path))
        return fail(
            ErrorCode::Refused, core::say(core::key("Library", "{0} is a link to somewhere else; take it away first."), path), path);
    const int fd = ::open(path.c_str(), O_RDWR | O_CREAT | O_CLOEXEC, 0644);
    if (fd < 0) {
        const bool leave = errno == EACCES || errno == EPERM || errno == EROFS;
        core::Error error = file_trouble(path, errno);
        if (leave)
            error.message = core::say(
                core::key("Library", "The library {0} may not be written; change the folder's permissions or open a copy."), folder);
        return tl::make_unexpected(error);
    }
    return LibraryLock(fd);
}

core::Result<LibraryLock> LibraryLock::take(const std::string& folder) {
    auto lock = opened(folder);
    if (!lock) return lock;
    if (::flock(lock->fd_, LOCK_EX | LOCK_NB) == 0) {
        say_who(lock->fd_);
        return lock;
    }
    const std::string who = holder(lock->fd_);
    return fail(ErrorCode::Busy,
        core::say(core::key("Library", "The library {0} is open elsewhere{1}; close it everywhere first."), folder,
            who.empty() ? "" : " (" + who + ")"),
        folder);
}

core::Result<LibraryLock> LibraryLock::join(
    const std::string& folder, const std::function<core::Outcome()>& alone, const std::function<core::Outcome()>& beside) {
    auto lock = opened(folder);
    if (!lock) return lock;
    const int fd = lock->fd_;
    const std::string path = folder + "/library.lock";
    const auto until = std::chrono::steady_clock::now() + kPatience;
    for (;;) {
        if (::flock(fd, LOCK_EX | LOCK_NB) == 0) {
            say_who(fd);
            if (auto done = alone(); !done) return tl::make_unexpected(done.error());
            if (::flock(fd, LOCK_SH) != 0) return tl::make_unexpected(file_trouble(path, errno, "locked"));
            return lock;
        }
        if (errno == EWOULDBLOCK && ::flock(fd, LOCK_SH | LOCK_NB) == 0) {
            if (auto done = beside(); !done) return tl::make_unexpected(done.error());
            return lock;
        }
        if (errno != EWOULDBLOCK) return tl::make_unexpected(file_trouble(path, errno, "locked"));
        if (std::chrono::steady_clock::now() > until) break;
        std::this_thread::sleep_for(std::chrono::milliseconds(20));
    }
    const std::string who = holder(fd);
    return fail(ErrorCode::Busy,
        core::say(core::key("Library", "The library {0} is being put in order by another window{1}; try again when it is done."), folder,
            who.empty() ? "" : " (" + who + ")"),
        folder);
}

LibraryLock::~LibraryLock() {
    if (fd_ >= 0) ::close(fd_);
}
LibraryLock::LibraryLock(LibraryLock&& other) noexcept : fd_(std::exchange(other.fd_, -1)) {}
LibraryLock& LibraryLock::operator=(LibraryLock&& other) noexcept {
    std::swap(fd_, other.fd_);
    return *this;
}

}  // namespace anagraph::store
