#include "store/destination.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <utility>

#include "store/files.h"

namespace anagraph::store {

namespace fs = std::filesystem;
using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

void remove_tree(const std::string& path) {
    std::error_code ec;
    fs::remove_all(path, ec);  // links are removed, not followed
}

/// As the kernel sees it; the last part need not be there.
fs::path resolved(const std::string& path) {
    std::error_code ec;
    const fs::path whole = fs::weakly_canonical(fs::absolute(path, ec), ec);
    return ec ? fs::path(path).lexically_normal() : whole;
}

bool same_file(const std::string& a, const std::string& b) {
    struct stat x {};
    struct stat y {};
    return ::stat(a.c_str(), &x) == 0 && ::stat(b.c_str(), &y) == 0 && x.st_dev == y.st_dev && x.st_ino == y.st_ino;
}

std::string without_slashes(std::string path) {
    while (path.size() > 1 && path.back() == '/') path.pop_back();
    return path;
}

/// Puts a folder where another stands, in one step: it then has the name of the new one. Where the file system knows no such
/// step, the old one steps aside and comes back if the new one cannot be put there.
Outcome put_over(const std::string& from, const std::string& to, const std::string& aside) {
    if (::renameat2(AT_FDCWD, from.c_str(), AT_FDCWD, to.c_str(), RENAME_EXCHANGE) == 0) return {};
    if (errno != EINVAL && errno != ENOSYS) return tl::make_unexpected(file_trouble(to, errno));
    if (::rename(to.c_str(), aside.c_str()) != 0) return tl::make_unexpected(file_trouble(to, errno));
    if (::rename(from.c_str(), to.c_str()) == 0) return {};
    const int error = errno;
    (void)::rename(aside.c_str(), to.c_str());
    return tl::make_unexpected(file_trouble(to, error));
}

/// The checks that hold for files and folders alike.
Outcome allowed(const std::string& path) {
    if (path.empty()) return fail(ErrorCode::BadInput, core::key("Library", "Say where it shall be written."));
    if (is_link(path))
        return fail(
            ErrorCode::Refused, core::say(core::key("Library", "{0} is a link to somewhere else; name the place itself."), path), path);
    if (const auto library = library_around(path); !library.empty())
        return fail(ErrorCode::Refused,
            core::say(core::key("Library", "{0} lies in the library {1}, which the program alone writes in; choose a place outside it."),
                path, library),
            path);
    const std::string above = parent_of(path);
    struct stat facts {};
    if (::stat(above.c_str(), &facts) != 0)
        return fail(ErrorCode::NotFound,
            core::say(core::key("Library", "The folder {0} is not there; make it first, or choose another one."), above), path);
    if (!S_ISDIR(facts.st_mode))
        return fail(ErrorCode::Refused,
            core::say(core::key("Library", "{0} is a file, so nothing can be written in it; choose another place."), above), path);
    return {};
}

}  // namespace

void empty_folder(const std::string& folder) {
    if (is_link(folder)) return;
    for (const auto& name : names_in(folder)) remove_tree(folder + "/" + name);
}

std::string library_around(const std::string& path) {
    for (fs::path at = resolved(path); !at.empty(); at = at.parent_path()) {
        std::error_code ec;
        if (fs::is_regular_file(at / "library.db", ec) || fs::is_regular_file(at / kPlaceFile, ec)) return at.string();
        if (at == at.root_path()) break;
    }
    return {};
}

Result<WorkFolder> WorkFolder::in(const std::string& parent) {
    std::string path = (parent.empty() ? "." : parent) + "/.anagraph-XXXXXX";
    if (::mkdtemp(path.data()) == nullptr) return tl::make_unexpected(file_trouble(parent, errno));
    WorkFolder out(path);
    if (::chmod(path.c_str(), 0755) != 0) return tl::make_unexpected(file_trouble(parent, errno));
    return out;
}

WorkFolder::~WorkFolder() {
    if (!path_.empty()) remove_tree(path_);
}
WorkFolder::WorkFolder(WorkFolder&& other) noexcept : path_(std::exchange(other.path_, {})) {}
WorkFolder& WorkFolder::operator=(WorkFolder&& other) noexcept {
    std::swap(path_, other.path_);
    return *this;
}

Outcome WorkFolder::place_at(const std::string& path) {
    if (auto synced = sync_tree(path_); !synced) return synced;
    if (auto made = make_folder(parent_of(path)); !made) return made;
    if (is_link(path))
        return fail(
            ErrorCode::Refused, core::say(core::key("Library", "{0} is a link to somewhere else; take it away first."), path), path);
    if (is_there(path)) {
        if (auto put = put_over(path_, path, path_ + ".old"); !put) return put;
        if (!is_there(path_)) path_ += ".old";
    } else {
        if (::rename(path_.c_str(), path.c_str()) != 0) return tl::make_unexpected(file_trouble(path, errno));
        path_.clear();
    }
    return sync_folder(parent_of(path));
}

Result<Destination> Destination::file(const std::string& named, const std::vector<std::string>& sources, bool replace) {
    const std::string path = without_slashes(named);
    if (auto ok = allowed(path); !ok) return tl::make_unexpected(ok.error());
    struct stat facts {};
    const bool there = ::lstat(path.c_str(), &facts) == 0;
    if (there && S_ISDIR(facts.st_mode))
        return fail(ErrorCode::Refused, core::say(core::key("Library", "{0} is a folder; name a file in it."), path), path);
    if (there && !S_ISREG(facts.st_mode))
        return fail(ErrorCode::Refused, core::say(core::key("Library", "{0} is no ordinary file; choose another name."), path), path);
    for (const auto& source : sources)
        if (same_file(path, source) || resolved(path) == resolved(source))
            return fail(
                ErrorCode::Refused, core::say(core::key("Library", "{0} is what it is made from; choose another name."), path), path);
    if (there && !replace)
        return fail(ErrorCode::Refused,
            core::say(core::key("Library", "{0} is there already; choose another name, or take it away first."), path), path);
    auto work = WorkFolder::in(parent_of(path));
    if (!work) return tl::make_unexpected(work.error());
    const std::string inside = work->path() + "/" + fs::path(path).filename().string();
    return Destination(path, std::move(*work), inside, false, there);
}

Result<Destination> Destination::folder(
    const std::string& named, const std::function<std::optional<std::string>(const std::string& there)>& may_replace) {
    const std::string path = without_slashes(named);
    // a folder may be named with folders above it that are not there yet
    if (library_around(path).empty())
        if (auto made = make_folder(parent_of(path)); !made) return tl::make_unexpected(made.error());
    if (auto ok = allowed(path); !ok) return tl::make_unexpected(ok.error());
    struct stat facts {};
    const bool there = ::lstat(path.c_str(), &facts) == 0;
    if (there && !S_ISDIR(facts.st_mode))
        return fail(ErrorCode::Refused, core::say(core::key("Library", "{0} is a file; choose a folder."), path), path);
    const bool full = there && !names_in(path).empty();
    if (full) {
        const auto reason = may_replace
            ? may_replace(path)
            : std::optional<std::string>(core::say(core::key("Library", "{0} holds other files; choose an empty folder."), path));
        if (reason) return fail(ErrorCode::Refused, *reason, path);
    }
    auto work = WorkFolder::in(parent_of(path));
    if (!work) return tl::make_unexpected(work.error());
    const std::string inside = work->path() + "/" + fs::path(path).filename().string();
    return Destination(path, std::move(*work), inside, true, full);
}

Outcome Destination::commit() {
    const auto changed = [&] {
        return fail(ErrorCode::Refused,
            core::say(core::key("Library", "{0} has changed meanwhile, so nothing was written there; try again."), path_), path_);
    };
    if (is_link(path_)) return changed();
    if (is_folder_) {
        const bool full = is_there(path_) && !names_in(path_).empty();
        if (full && !replaces_) return changed();
        if (auto synced = sync_tree(work_path_); !synced) return synced;
        if (full) {
            if (auto put = put_over(work_path_, path_, work_.path() + "/old"); !put) return put;
        } else if (::rename(work_path_.c_str(), path_.c_str()) != 0) {
            return tl::make_unexpected(file_trouble(path_, errno));
        }
        return sync_folder(parent_of(path_));
    }
    if (is_there(path_) && !replaces_) return changed();
    if (auto synced = sync_tree(work_.path()); !synced) return synced;
    // without leave to replace, nothing that came meanwhile is written over either
    const int done = replaces_ ? ::rename(work_path_.c_str(), path_.c_str())
                               : ::renameat2(AT_FDCWD, work_path_.c_str(), AT_FDCWD, path_.c_str(), RENAME_NOREPLACE);
    if (done != 0 && (errno == EINVAL || errno == ENOSYS) && !is_there(path_)) {
        if (::rename(work_path_.c_str(), path_.c_str()) != 0) return tl::make_unexpected(file_trouble(path_, errno));
    } else if (done != 0) {
        return errno == EEXIST ? Outcome(changed()) : tl::make_unexpected(file_trouble(path_, errno));
    }
    return sync_folder(parent_of(path_));
}

}  // namespace anagraph::store
