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
    /// Puts one there; see Objects::put_written().
    core::Outcome put(const std::string& name, const Objects::Write& write, const Progress& progress);

private:
    LibraryFiles() = default;
    bool in_bucket(const std::string& name) const;
    Objects& objects_of(const std::string& name) const;

    std::string folder_;  // of its own
    std::unique_ptr<Objects> own_;
    std::unique_ptr<ObjectCache> cache_;
    std::vector<std::shared_ptr<void>> held_;
};

}  // namespace anagraph::store
