#include "store/library_files.h"

#include <algorithm>

#include "store/database.h"
#include "store/library.h"

namespace anagraph::store {

using core::Outcome;
using core::Result;

Result<LibraryFiles> LibraryFiles::of(const LibraryPlace& place) {
    LibraryFiles out;
    auto own = Library::own_folder_of(place.text);
    if (!own) return tl::make_unexpected(own.error());
    out.folder_ = std::move(*own);
    out.own_ = folder_objects(out.folder_);
    if (!place.bucket) return out;
    auto cache = ObjectCache::open(place);
    if (!cache) return tl::make_unexpected(cache.error());
    out.cache_ = std::move(*cache);
    return out;
}

Objects& LibraryFiles::objects_of(const std::string& name) const { return in_bucket(name) ? cache_->objects() : *own_; }

Result<std::vector<std::string>> LibraryFiles::names(const std::string& prefix) const {
    auto out = own_->list(prefix);
    if (!out) return out;
    std::erase_if(*out, [](const std::string& name) {
        const std::string top = name.substr(0, name.find('/'));
        return top == "work" || top == kPlaceFile || top.starts_with("library.");
    });
    if (!cache_) return out;
    const auto listed = cache_->objects().list(prefix);
    if (!listed) return listed;
    out->insert(out->end(), listed->begin(), listed->end());
    std::sort(out->begin(), out->end());
    return out;
}

Result<std::int64_t> LibraryFiles::bytes(const std::string& name) const { return objects_of(name).bytes(name); }

Result<std::string> LibraryFiles::path(const std::string& name, const Progress& progress) {
    if (!in_bucket(name)) return folder_ + "/" + name;
    held_.push_back(cache_->hold(name.substr(0, name.find('/', name.find('/') + 1))));
    return cache_->fetch(name, progress);
}

void LibraryFiles::let_go() {
    const bool held = !held_.empty();
    held_.clear();
    if (held) cache_->trim();
}

Outcome LibraryFiles::put(const std::string& name, const Objects::Write& write, const Progress& progress) {
    return objects_of(name).put_written(name, write, progress);
}

bool LibraryFiles::in_bucket(const std::string& name) const {
    return cache_ && (name.starts_with("media/") || name.starts_with("editions/") || name.starts_with("documents/"));
}

}  // namespace anagraph::store
