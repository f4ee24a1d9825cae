// Where something is written: the one place that decides what may be written over, and the only one that deletes.
// WorkFolder is a folder of our own with a name nobody else has; Destination is a place a person named.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "core/base/result.h"

namespace anagraph::store {

/// A folder made for this piece of work, inside `parent`, and taken away with everything in it when the object goes, unless it
/// was put in its place. Links in it are taken away, never followed.
class WorkFolder {
public:
    /// Errors: NoSpace, Unwritable.
    static core::Result<WorkFolder> in(const std::string& parent);
    ~WorkFolder();
    WorkFolder(WorkFolder&& other) noexcept;
    WorkFolder& operator=(WorkFolder&& other) noexcept;
    WorkFolder(const WorkFolder&) = delete;
    WorkFolder& operator=(const WorkFolder&) = delete;

    const std::string& path() const { return path_; }
    /// Puts everything on the disk and the folder at `path`, whose own folder is made. What stood there is exchanged for it in one
    /// step and then taken away with this object: callers pass only places they own. Errors: NoSpace, Unwritable; then `path` is
    /// what it was.
    core::Outcome place_at(const std::string& path);

private:
    explicit WorkFolder(std::string path) : path_(std::move(path)) {}
    std::string path_;  // empty once there is nothing to take away
};

/// A file or folder a person asked for. Made by its check; written by commit(), whole or not at all.
class Destination {
public:
    /// A new file. Refused for a folder, a link, anything within a library, and any of `sources`, however they are spelt; Refused
    /// for a file that exists unless `replace`. A slash at the end is taken off. Errors also: NotFound where its folder is not
    /// there, Unwritable.
    static core::Result<Destination> file(const std::string& path, const std::vector<std::string>& sources = {}, bool replace = false);
    /// A folder that is not there yet or is empty; one with something in it only where `may_replace` gives back nothing, else the
    /// reason is told. Refused for a link, a file, and anything within a library. Folders above it are made.
    static core::Result<Destination> folder(
        const std::string& path, const std::function<std::optional<std::string>(const std::string& there)>& may_replace = {});

    const std::string& path() const { return path_; }
    /// Where it is written meanwhile, beside the place: for a file, a name in a folder of its own; for a folder, that folder.
    const std::string& work() const { return work_path_; }
    /// Syncs what was written and puts it in place. A place that has changed since the check is Refused.
    core::Outcome commit();

private:
    Destination(std::string path, WorkFolder work, std::string work_path, bool is_folder, bool replaces)
        : path_(std::move(path)), work_(std::move(work)), work_path_(std::move(work_path)), is_folder_(is_folder), replaces_(replaces) {}
    std::string path_;
    WorkFolder work_;
    std::string work_path_;
    bool is_folder_;
    bool replaces_;
};

/// In the folder with the films of a library that is on a server: whose they are.
inline constexpr const char* kPlaceFile = "library.place";

/// The library a path lies in (the folder itself too), however it is spelt, or empty.
std::string library_around(const std::string& path);

/// Takes away what is in a folder, links not followed. Only for folders this program made.
void empty_folder(const std::string& folder);

}  // namespace anagraph::store
