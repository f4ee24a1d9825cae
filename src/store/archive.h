// Archive: a zip file (PKWARE APPNOTE, by libzip) as this program writes and reads it: regular files under plain relative names, stored
// as they are. Read without being unpacked; what no folder of ours can hold is refused before anything of it is used.
#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "store/files.h"

namespace anagraph::store {

/// How much an archive may hold before it is refused; a pack's by itself.
struct MostOfArchive {
    std::int64_t entries = 20000;
    std::int64_t bytes = std::int64_t{64} << 30;  // of all together
};

class Archive {
public:
    /// Errors: NotFound, Unreadable; BadInput where it is no archive; Damaged where it was one; Refused, naming the entry, for
    /// entries that lead out of the folder, stand there twice, are links or encrypted, or would swell beyond measure.
    static core::Result<std::unique_ptr<Archive>> open(const std::string& path, const MostOfArchive& most = {});
    ~Archive();
    Archive(const Archive&) = delete;
    Archive& operator=(const Archive&) = delete;

    const std::vector<std::string>& names() const { return names_; }  // sorted
    bool holds(const std::string& name) const;
    /// -1: it is not there.
    std::int64_t bytes(const std::string& name) const;
    /// Errors: NotFound; Damaged; BadInput for more than `most` bytes.
    core::Result<std::string> read(const std::string& name, std::int64_t most) const;
    /// SHA-256 of an entry, read in pieces. Errors: NotFound, Damaged, Cancelled.
    core::Result<std::string> sha256(const std::string& name, const Progress& progress = {}) const;

    /// Hands an entry over in pieces; false from `piece` stops with Cancelled. Errors also: NotFound, Damaged.
    core::Outcome each_piece(const std::string& name, const std::function<bool(std::string_view)>& piece) const;
    /// Writes an entry to a file that must not be there, synced; gives back its SHA-256. Errors also: NoSpace, Unwritable; then there is
    /// no file.
    core::Result<std::string> extract(const std::string& name, const std::string& to, const Progress& progress = {}) const;

private:
    struct Zip;
    explicit Archive(std::unique_ptr<Zip> zip);
    std::unique_ptr<Zip> zip_;
    std::vector<std::string> names_;
};

/// Whether a name may stand in an archive: relative, with plain parts between slashes, UTF-8.
bool is_plain_name(const std::string& name);

/// What is put into an archive: a file on the disk, or bytes.
struct ArchiveEntry {
    std::string name;
    std::string file = {};  // path; empty: `bytes` are taken
    std::string bytes = {};
};
/// Writes a new archive at `path`, the entries in the order given; the same entries give the same bytes. Errors: BadInput for a name
/// that is not plain; NotFound, Unwritable, NoSpace, Cancelled.
core::Outcome write_archive(const std::string& path, const std::vector<ArchiveEntry>& entries, const Progress& progress = {});
/// The regular files of a folder as entries, sorted by name.
std::vector<ArchiveEntry> entries_of(const std::string& folder);

}  // namespace anagraph::store
