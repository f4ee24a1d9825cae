// PackSource: the files of a pack wherever it lies, as a folder or as one file (NAME.anapack), read in the same way.
#pragma once

#include <cstdint>
#include <memory>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "store/files.h"

namespace anagraph::publish {

inline constexpr const char* kPackEnding = ".anapack";

/// Whether what lies there is meant as a pack: a folder with a manifest, or a file of that ending. It need not be one that verifies.
bool is_pack(const std::string& path);

class PackSource {
public:
    /// Errors: NotFound; BadInput where it is no pack; for one file also those of store::Archive::open().
    static core::Result<std::unique_ptr<PackSource>> open(const std::string& path);
    virtual ~PackSource() = default;

    /// What lies in it: relative names of all regular files, and a sentence for everything no pack holds: links, pipes, empty folders.
    struct Listing {
        std::vector<std::string> files;
        std::vector<std::string> odd;
    };
    virtual Listing list() const = 0;
    /// Nothing where it is not there, cannot be read, or is longer than `most` bytes.
    virtual std::string text(const std::string& name, std::int64_t most) const = 0;
    /// SHA-256. Errors: Cancelled; those of reading. Where a file of an archive is damaged, its hash is empty.
    virtual core::Result<std::string> sha256(const std::string& name, const store::Progress& progress) const = 0;
    /// 0: it is not there.
    virtual std::int64_t bytes(const std::string& name) const = 0;
};

}  // namespace anagraph::publish
