// Files and folders as a library needs them: written whole or not at all, on the disk before anything says so, and with the
// true reason where it fails. Nothing here throws, and nothing follows a link where it deletes.
#pragma once

#include <cstdint>
#include <functional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"

namespace anagraph::store {

/// Told the share done, 0 to 1; return false to stop.
using Progress = std::function<bool(double)>;

/// Where the system limits how large a file may grow, it ends a program that writes past that unless it was told not to. Called
/// once at the start of each program; the write then fails, and says why.
void outlive_size_limits();

/// The Error of a file call that failed with this errno. `path` could not be `done` ("written", "read", "copied").
core::Error file_trouble(const std::string& path, int error, std::string_view done = "written");

/// Written beside under a name nobody else has, synced, renamed over `path`, its folder synced. Errors: NoSpace, Unwritable;
/// an older file of that name then stands as it was.
core::Outcome write_file(const std::string& path, std::string_view bytes, unsigned mode = 0644);
/// A file that must not be there, written piece by piece by `work` and synced; where that gives back false it is taken away again and
/// nothing is wrong. Errors: NoSpace, Unwritable; then there is no file.
core::Outcome write_new_file(const std::string& path, const std::function<bool(const std::function<bool(std::string_view)>& put)>& work);
/// Errors: NotFound, Unreadable; BadInput for a file longer than `most` bytes.
core::Result<std::string> read_file(const std::string& path, std::int64_t most = std::int64_t{1} << 31);
/// Reads a regular file piece by piece. Errors: NotFound, Unreadable (a folder, a pipe or a device too), Cancelled.
core::Outcome each_piece_of(
    const std::string& path, const std::function<void(std::string_view piece)>& take, const Progress& progress = {});
/// Creates a folder and those above it, and syncs what was created. Errors: NoSpace, Unwritable.
core::Outcome make_folder(const std::string& path);

/// Copies a file in pieces and syncs the copy; gives back the SHA-256 of what was read. `to` must not exist. Errors: NotFound,
/// Unreadable, NoSpace, Unwritable, Cancelled; `to` is then not there.
core::Result<std::string> copy_file(const std::string& from, const std::string& to, const Progress& progress = {});
/// Copies a folder of regular files and folders, synced. `to` must not exist. Errors: those of copy_file(); Refused for links
/// and devices in it.
core::Outcome copy_tree(const std::string& from, const std::string& to, const Progress& progress = {});

/// Puts every file and folder below `folder`, and itself, on the disk. Errors: Unwritable, NoSpace.
core::Outcome sync_tree(const std::string& folder);
/// The folder's own list of names. Errors: Unwritable.
core::Outcome sync_folder(const std::string& folder);

/// The folder a path lies in, "." for a bare name.
std::string parent_of(const std::string& path);
/// Is there anything of that name, a dangling link too?
bool is_there(const std::string& path);
bool is_link(const std::string& path);
/// The names in a folder, sorted; none where it cannot be read.
std::vector<std::string> names_in(const std::string& folder);
/// Sizes of all regular files below, links not followed.
std::int64_t bytes_below(const std::string& folder);

}  // namespace anagraph::store
