// LibraryFiles: the films, documents and packs of a library and what else lies in its own folder, by their names, wherever they lie. Used
// within `store` only.
#pragma once

#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "store/files.h"
#include "store/objects/object_cache.h"
#include "store/place.h"

namespace anagraph::store {

class LibraryFiles {
public:
    /// Errors: those of ObjectCache::open().
    static core::Result<LibraryFiles> of(const LibraryPlace& place);

    /// All, or those below a prefix, sorted: paths within the library's folder. Errors: Away, Refused.
    core::Result<std::vector<std::string>> names(const std::string& prefix = {}) const;
    core::Result<std::int64_t> bytes(const std::string& name) const;
    /// Where one lies here; from a bucket it is fetched, and stays until it is let go.
    core::Result<std::string> path(const std::string& name, const Progress& progress = {});
    void let_go();
    /// Writes one to a path, giving back the SHA-256 of what it read.
    using Write = std::function<core::Result<std::string>(const std::string& path, const Progress& progress)>;
    /// Puts one there; it is read again where it arrived.
    core::Outcome put(const std::string& name, const Write& write, const Progress& progress);

private:
    explicit LibraryFiles(LibraryPlace place) : place_(std::move(place)) {}
    bool in_bucket(const std::string& name) const;
    std::string place_of(const std::string& name) const { return own_ + "/" + name; }

    LibraryPlace place_;
    std::string own_;  // folder
    std::unique_ptr<ObjectCache> cache_;
    std::vector<std::shared_ptr<void>> held_;
};

}  // namespace anagraph::store
