#include "store/files.h"

#include <dirent.h>
#include <fcntl.h>
#include <fmt/format.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <csignal>
#include <cstdlib>
#include <cstring>
#include <filesystem>
#include <system_error>

#include "core/procedure/ids.h"
#include "store/digest.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr std::size_t kPiece = std::size_t{1} << 20;

/// A file descriptor that is closed when it goes.
class File {
public:
    File(const std::string& path, int flags, mode_t mode = 0644)
        : fd_(::open(path.c_str(), flags | O_CLOEXEC, mode)), error_(fd_ < 0 ? errno : 0) {}
    ~File() {
        if (fd_ >= 0) ::close(fd_);
    }
    File(const File&) = delete;
    File& operator=(const File&) = delete;
    int fd() const { return fd_; }
    int error() const { return error_; }

    /// 0, or the errno.
    int write(std::string_view bytes) const {
        while (!bytes.empty()) {
            const ssize_t n = ::write(fd_, bytes.data(), bytes.size());
            if (n < 0 && errno != EINTR) return errno;
            if (n > 0) bytes.remove_prefix(static_cast<std::size_t>(n));
        }
        return 0;
    }
    /// Reads up to kPiece bytes; empty at the end. 0, or the errno.
    int read(std::string& piece) const {
        piece.resize(kPiece);
        ssize_t n = 0;
        do n = ::read(fd_, piece.data(), piece.size());
        while (n < 0 && errno == EINTR);
        piece.resize(n < 0 ? 0 : static_cast<std::size_t>(n));
        return n < 0 ? errno : 0;
    }
    int sync_and_close() {
        int error = ::fsync(fd_) != 0 ? errno : 0;
        if (::close(fd_) != 0 && error == 0) error = errno;
        fd_ = -1;
        return error;
    }

private:
    int fd_;
    int error_;
};

}  // namespace

std::string parent_of(const std::string& path) {
    const auto parent = std::filesystem::path(path).parent_path().string();
    return parent.empty() ? "." : parent;
}

void outlive_size_limits() { std::signal(SIGXFSZ, SIG_IGN); }

namespace {

/// What was to be done with a file, as it stands in a sentence: "could not be {1}".
core::Words done_with(std::string_view done) {
    constexpr core::Key kDone[] = {core::key("Files", "read"), core::key("Files", "written"), core::key("Files", "locked")};
    const auto* const it = std::find_if(std::begin(kDone), std::end(kDone), [&](const core::Key& k) { return done == k.english; });
    return it == std::end(kDone) ? core::Words(std::string(done)) : core::Words(*it);
}

}  // namespace

core::Error file_trouble(const std::string& path, int error, std::string_view done) {
    const core::Words how = done_with(done);
    if (error == ENOSPC || error == EDQUOT)
        return {ErrorCode::NoSpace,
            core::say(core::key("Library", "The disk is full, so {0} could not be {1}; free some space and try again."), path, how), path};
    if (error == ENOENT && done == "read")
        return {ErrorCode::NotFound, core::say(core::key("Library", "{0} is not there; choose the file again."), path), path};
    const ErrorCode code = done == "read" ? ErrorCode::Unreadable : ErrorCode::Unwritable;
    if (error == EACCES || error == EPERM)
        return {
            code, core::say(core::key("Library", "{0} may not be {1}; change the permissions, or choose another place."), path, how), path};
    if (error == EROFS)
        return {code, core::say(core::key("Library", "{0} lies on a disk that may only be read; choose another place."), path), path};
    if (error == EFBIG)
        return {code,
            core::say(core::key("Library", "{0} would be larger than a file may be here; choose another disk, or raise the limit."), path),
            path};
    if (error == EIO)
        return {code,
            core::say(
                core::key("Library", "The disk failed while {0} was being {1}; check the disk and its cable, and try again."), path, how),
            path};
    return {code,
        core::say(
            core::key("Library", "{0} could not be {1} ({2}); check the folder, or choose another one."), path, how, std::strerror(error)),
        path};
}

Outcome write_file(const std::string& path, std::string_view bytes, unsigned mode) {
    std::string beside = path + ".XXXXXX";
    const int made = ::mkostemp(beside.data(), O_CLOEXEC);
    if (made < 0) return tl::make_unexpected(file_trouble(path, errno));
    ::close(made);
    int error = 0;
    {
        File out(beside, O_WRONLY);
        error = out.error();
        if (error == 0 && ::fchmod(out.fd(), mode) != 0) error = errno;
        if (error == 0) error = out.write(bytes);
        if (error == 0) error = out.sync_and_close();
    }
    if (error == 0 && ::rename(beside.c_str(), path.c_str()) != 0) error = errno;
    if (error == 0) return sync_folder(parent_of(path));
    ::unlink(beside.c_str());
    return tl::make_unexpected(file_trouble(path, error));
}

Outcome write_new_file(const std::string& path, const std::function<bool(const std::function<bool(std::string_view)>& put)>& work) {
    File out(path, O_WRONLY | O_CREAT | O_EXCL);
    if (out.error() != 0) return tl::make_unexpected(file_trouble(path, out.error()));
    int error = 0;
    const bool whole = work([&](std::string_view piece) { return (error = out.write(piece)) == 0; });
    if (error == 0 && whole) error = out.sync_and_close();
    if (error == 0 && whole) return {};
    ::unlink(path.c_str());
    return error == 0 ? Outcome{} : tl::make_unexpected(file_trouble(path, error));
}

Result<std::string> read_file(const std::string& path, std::int64_t most) {
    struct stat facts {};
    if (::stat(path.c_str(), &facts) != 0) return tl::make_unexpected(file_trouble(path, errno, "read"));
    if (S_ISDIR(facts.st_mode))
        return fail(ErrorCode::Unreadable, core::say(core::key("Library", "{0} is a folder; choose a file."), path), path);
    if (!S_ISREG(facts.st_mode))
        return fail(
            ErrorCode::Unreadable, core::say(core::key("Library", "{0} is no file that can be read; choose another one."), path), path);
    if (facts.st_size > most)
        return fail(ErrorCode::BadInput,
            core::say(core::key("Library", "{0} is {1} MB long, which is more than such a file can be; choose another one."), path,
                facts.st_size / 1000000),
            path);
    const File in(path, O_RDONLY);
    if (in.error() != 0) return tl::make_unexpected(file_trouble(path, in.error(), "read"));
    std::string out;
    std::string piece;
    do {
        if (const int error = in.read(piece); error != 0) return tl::make_unexpected(file_trouble(path, error, "read"));
        out += piece;
    } while (!piece.empty());
    return out;
}

Outcome each_piece_of(const std::string& path, const std::function<void(std::string_view piece)>& take, const Progress& progress) {
    // a pipe would be waited for for ever
    const File in(path, O_RDONLY | O_NONBLOCK);
    if (in.error() != 0) return tl::make_unexpected(file_trouble(path, in.error(), "read"));
    struct stat facts {};
    if (::fstat(in.fd(), &facts) != 0) return tl::make_unexpected(file_trouble(path, errno, "read"));
    if (!S_ISREG(facts.st_mode))
        return fail(
            ErrorCode::Unreadable, core::say(core::key("Library", "{0} is no file that can be read; choose another one."), path), path);
    const auto all = static_cast<double>(std::max<std::int64_t>(1, facts.st_size));
    std::string piece;
    double done = 0;
    for (;;) {
        if (const int error = in.read(piece); error != 0) return tl::make_unexpected(file_trouble(path, error, "read"));
        if (piece.empty()) return {};
        take(piece);
        done += static_cast<double>(piece.size());
        if (progress && !progress(std::min(1.0, done / all)))
            return fail(ErrorCode::Cancelled, core::key("Library", "Reading the file was stopped."), path);
    }
}

Outcome make_folder(const std::string& path) {
    struct stat facts {};
    if (::stat(path.c_str(), &facts) == 0) {
        if (S_ISDIR(facts.st_mode)) return {};
        return tl::make_unexpected(file_trouble(path, ENOTDIR));
    }
    const std::string above = parent_of(path);
    if (above != path)
        if (auto made = make_folder(above); !made) return made;
    if (::mkdir(path.c_str(), 0755) != 0 && errno != EEXIST) return tl::make_unexpected(file_trouble(path, errno));
    return sync_folder(above);
}

Result<std::string> copy_file(const std::string& from, const std::string& to, const Progress& progress) {
    const File in(from, O_RDONLY);
    if (in.error() != 0) return tl::make_unexpected(file_trouble(from, in.error(), "read"));
    struct stat facts {};
    if (::fstat(in.fd(), &facts) != 0) return tl::make_unexpected(file_trouble(from, errno, "read"));
    if (!S_ISREG(facts.st_mode))
        return fail(
            ErrorCode::Unreadable, core::say(core::key("Library", "{0} is no file that can be read; choose another one."), from), from);
    File out(to, O_WRONLY | O_CREAT | O_EXCL);
    if (out.error() != 0) return tl::make_unexpected(file_trouble(to, out.error()));
    const auto stopped = [&](core::Error error) {
        ::unlink(to.c_str());
        return tl::make_unexpected(std::move(error));
    };
    Digest digest;
    std::string piece;
    std::int64_t done = 0;
    do {
        if (const int error = in.read(piece); error != 0) return stopped(file_trouble(from, error, "read"));
        digest.add(piece);
        if (const int error = out.write(piece); error != 0) return stopped(file_trouble(to, error));
        done += static_cast<std::int64_t>(piece.size());
        if (progress && !progress(facts.st_size > 0 ? std::min(1.0, static_cast<double>(done) / static_cast<double>(facts.st_size)) : 1.0))
            return stopped({ErrorCode::Cancelled, core::key("Library", "Copying was stopped; nothing of it is kept."), from});
    } while (!piece.empty());
    if (const int error = out.sync_and_close(); error != 0) return stopped(file_trouble(to, error));
    return digest.text();
}

Outcome copy_tree(const std::string& from, const std::string& to, const Progress& progress) {
    const auto all = static_cast<double>(std::max<std::int64_t>(1, bytes_below(from)));
    double done = 0;
    const std::function<Outcome(const std::string&, const std::string&)> copy = [&](const std::string& a, const std::string& b) -> Outcome {
        struct stat facts {};
        if (::lstat(a.c_str(), &facts) != 0) return tl::make_unexpected(file_trouble(a, errno, "read"));
        if (S_ISREG(facts.st_mode)) {
            const auto size = static_cast<double>(facts.st_size);
            const auto copied = copy_file(a, b, [&](double share) { return !progress || progress((done + share * size) / all); });
            done += size;
            return copied ? Outcome{} : tl::make_unexpected(copied.error());
        }
        if (!S_ISDIR(facts.st_mode))
            return fail(ErrorCode::Refused,
                core::say(core::key("Library", "{0} is a link or a device, which is not copied; remove it first."), a), a);
        if (::mkdir(b.c_str(), 0755) != 0) return tl::make_unexpected(file_trouble(b, errno));
        for (const auto& name : names_in(a))
            if (auto copied = copy(a + "/" + name, b + "/" + name); !copied) return copied;
        return sync_folder(b);
    };
    return copy(from, to);
}

Outcome sync_folder(const std::string& folder) {
    const File f(folder, O_RDONLY | O_DIRECTORY);
    if (f.error() != 0) return tl::make_unexpected(file_trouble(folder, f.error()));
    // some file systems know no syncing of folders; they keep names as they keep files
    if (::fsync(f.fd()) != 0 && errno != EINVAL) return tl::make_unexpected(file_trouble(folder, errno));
    return {};
}

Outcome sync_tree(const std::string& folder) {
    for (const auto& name : names_in(folder)) {
        const std::string path = folder + "/" + name;
        struct stat facts {};
        if (::lstat(path.c_str(), &facts) != 0) return tl::make_unexpected(file_trouble(path, errno));
        if (S_ISDIR(facts.st_mode)) {
            if (auto synced = sync_tree(path); !synced) return synced;
        } else if (S_ISREG(facts.st_mode)) {
            const File f(path, O_RDONLY);
            if (f.error() != 0) return tl::make_unexpected(file_trouble(path, f.error()));
            if (::fsync(f.fd()) != 0) return tl::make_unexpected(file_trouble(path, errno));
        }
    }
    return sync_folder(folder);
}

bool is_there(const std::string& path) {
    struct stat facts {};
    return ::lstat(path.c_str(), &facts) == 0;
}

bool is_link(const std::string& path) {
    struct stat facts {};
    return ::lstat(path.c_str(), &facts) == 0 && S_ISLNK(facts.st_mode);
}

std::vector<std::string> names_in(const std::string& folder) {
    std::vector<std::string> out;
    DIR* list = ::opendir(folder.c_str());
    if (list == nullptr) return out;
    while (const dirent* entry = ::readdir(list))
        if (const std::string_view name = entry->d_name; name != "." && name != "..") out.emplace_back(name);
    ::closedir(list);
    std::sort(out.begin(), out.end());
    return out;
}

std::int64_t bytes_below(const std::string& folder) {
    std::int64_t out = 0;
    for (const auto& name : names_in(folder)) {
        struct stat facts {};
        const std::string path = folder + "/" + name;
        if (::lstat(path.c_str(), &facts) != 0) continue;
        if (S_ISREG(facts.st_mode)) out += facts.st_size;
        if (S_ISDIR(facts.st_mode)) out += bytes_below(path);
    }
    return out;
}

}  // namespace anagraph::store
