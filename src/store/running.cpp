#include "store/running.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sys/file.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <nlohmann/json.hpp>

#include "store/files.h"
#include "store/library.h"

namespace anagraph::store {

using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr const char* kEnd = ".running";

}  // namespace

Result<Running> Running::begin(const std::string& folder) {
    if (auto made = make_folder(folder); !made) return tl::make_unexpected(made.error());
    std::string path = fmt::format("{}/{}{}", folder, ::getpid(), kEnd);
    // locked from its first moment on: another that looks for those that ended takes none that is being begun
    const int fd = ::open(path.c_str(), O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0600);
    if (fd < 0) return tl::make_unexpected(file_trouble(path, errno));
    if (::flock(fd, LOCK_EX) != 0) {
        const int error = errno;
        ::close(fd);
        return tl::make_unexpected(file_trouble(path, error));
    }
    Running out(std::move(path), fd, utc_now());
    if (auto noted = out.at({}, {}); !noted) return tl::make_unexpected(noted.error());
    return out;
}

Running::Running(Running&& other) noexcept
    : path_(std::move(other.path_)), fd_(std::exchange(other.fd_, -1)), since_(std::move(other.since_)) {}

Running::~Running() {
    if (fd_ < 0) return;
    ::unlink(path_.c_str());
    ::close(fd_);
}

Outcome Running::at(const std::string& library, const std::string& guide) {
    const std::string line =
        json{{"since", since_}, {"library", library}, {"guide", guide}}.dump(-1, ' ', false, json::error_handler_t::replace) + "\n";
    if (::ftruncate(fd_, 0) != 0 || ::lseek(fd_, 0, SEEK_SET) < 0 ||
        ::write(fd_, line.data(), line.size()) != static_cast<ssize_t>(line.size()))
        return tl::make_unexpected(file_trouble(path_, errno));
    return {};
}

std::vector<Ended> Running::ended(const std::string& folder) {
    std::vector<Ended> out;
    for (const auto& name : names_in(folder)) {
        if (!name.ends_with(kEnd)) continue;
        const std::string path = folder + "/" + name;
        const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW);
        if (fd < 0) continue;
        if (::flock(fd, LOCK_EX | LOCK_NB) == 0) {
            const auto text = read_file(path, 1 << 20);
            const std::string words = text ? *text : "";
            const auto end = std::min(words.find('\n'), words.size());
            const json note = json::parse(words.substr(0, end), nullptr, false);
            const auto field = [&](const char* key) {
                return note.is_object() && note.contains(key) && note.at(key).is_string() ? note.at(key).get<std::string>() : std::string();
            };
            out.push_back({field("since"), field("library"), field("guide"), end < words.size() ? words.substr(end + 1) : ""});
            ::unlink(path.c_str());
        }
        ::close(fd);
    }
    std::sort(out.begin(), out.end(), [](const Ended& a, const Ended& b) { return a.since > b.since; });
    return out;
}

}  // namespace anagraph::store
