// ObjectCache: what this computer holds of a library whose films, documents and packs lie in a bucket. What is needed is fetched, whole
// or the pieces that are read; each piece is checked against what its sender said. A limit keeps it small: what was not used for longest
// goes, but nothing that is open just now.
#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/base/byte_source.h"
#include "store/objects/objects.h"

namespace anagraph::store {

class ObjectCache {
public:
    /// In this folder, which is made; what is fetched lies there under its name. Errors: those of bucket_objects(); Unwritable, NoSpace.
    static core::Result<std::unique_ptr<ObjectCache>> open(const LibraryPlace& place);

    /// Makes all of an object be here, and gives back its path. Errors: NotFound, Away, Damaged, NoSpace, Cancelled; what came of a large
    /// one is kept, and fetched no more.
    core::Result<std::string> fetch(const std::string& name, const Progress& progress = {});
    /// The same of all below a prefix. Errors also: NotFound where there is none.
    core::Outcome fetch_below(const std::string& prefix, const Progress& progress = {});
    /// Sends what is here under this name, a file or all in a folder, or what lies at `from` as this name. Errors: those of Objects::put().
    core::Outcome send(const std::string& name, const Progress& progress = {}, const std::string& from = {});
    /// Takes all below a prefix from the bucket and from here.
    core::Outcome remove_below(const std::string& prefix);
    Objects& objects() { return *objects_; }

    /// Keeps an item (a recording's folder, a pack's, a document) from going while the object that is given back lives.
    std::shared_ptr<void> hold(const std::string& item) const;
    /// In bytes.
    std::int64_t limit() const;
    core::Outcome set_limit(std::int64_t bytes);
    std::int64_t held() const;
    /// Lets go what was used least recently, until what is here is within the limit.
    void trim() const;

private:
    core::Result<std::string> bring(const std::string& name, const Progress& progress);
    ObjectCache(std::string folder, std::unique_ptr<Objects> objects) : folder_(std::move(folder)), objects_(std::move(objects)) {}
    std::string folder_;
    std::unique_ptr<Objects> objects_;
};

/// Makes a file that a library is said to have be here, and of a folder all that is below it, where its films lie in a bucket; elsewhere
/// it is, or is not. Errors: those of ObjectCache::fetch().
core::Outcome make_here(const std::string& path, const Progress& progress = {});
core::Outcome make_all_here(const std::string& folder, const Progress& progress = {});
/// Keeps the item a path belongs to from going while the object that is given back lives.
std::shared_ptr<void> hold_here(const std::string& path);

/// A file of a cache that is not here, or not whole: its bytes are fetched where they are read. Nothing: the path lies in no cache, or its
/// file is here. Errors: those of ObjectCache::fetch().
core::Result<std::unique_ptr<core::ByteSource>> bytes_elsewhere(const std::string& path);

}  // namespace anagraph::store
