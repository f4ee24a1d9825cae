#include "store/library_files.h"

#include <fmt/format.h>

#include <algorithm>
#include <filesystem>

#include "store/archive.h"
#include "store/database.h"
#include "store/digest.h"
#include "store/library.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr double kCopiedShare = 0.2;  // of the time a file takes on its way to a bucket

/// What a stopped attempt left there is exchanged.
Outcome put_file(const std::string& to, const LibraryFiles::Write& write, const Progress& progress) {
    if (auto made = make_folder(parent_of(to)); !made) return made;
    std::error_code ec;
    if (!is_link(to)) std::filesystem::remove(to, ec);
    const auto sent = write(to, progress);
    if (!sent) return tl::make_unexpected(sent.error());
    const auto arrived = sha256_of_file(to);
    if (!arrived) return tl::make_unexpected(arrived.error());
    if (*arrived != *sent)
        return fail(ErrorCode::Damaged, fmt::format("{} is not what was sent there; check the disk and do it again.", to), to);
    return {};
}

}  // namespace

Result<LibraryFiles> LibraryFiles::of(const LibraryPlace& place) {
    LibraryFiles out(place);
    auto own = Library::own_folder_of(place.text);
    if (!own) return tl::make_unexpected(own.error());
    out.own_ = std::move(*own);
    if (!place.bucket) return out;
    auto cache = ObjectCache::open(place);
    if (!cache) return tl::make_unexpected(cache.error());
    out.cache_ = std::move(*cache);
    return out;
}

Result<std::vector<std::string>> LibraryFiles::names(const std::string& prefix) const {
    std::vector<std::string> out;
    if (cache_) {
        auto listed = cache_->objects().list(prefix);
        if (!listed) return listed;
        out = std::move(*listed);
    }
    // a prefix is a folder; what lies beside it need not be looked through
    const std::string folder = prefix.substr(0, prefix.rfind('/') == std::string::npos ? 0 : prefix.rfind('/') + 1);
    for (const auto& entry : entries_of(own_ + "/" + folder)) {
        std::string name = folder + entry.name;
        const std::string top = name.substr(0, name.find('/'));
        if (name.starts_with(prefix) && top != "work" && top != kPlaceFile && !top.starts_with("library.")) out.push_back(std::move(name));
    }
    std::sort(out.begin(), out.end());
    return out;
}

Result<std::int64_t> LibraryFiles::bytes(const std::string& name) const {
    if (in_bucket(name)) {
        const auto facts = cache_->objects().facts(name);
        return facts ? Result<std::int64_t>(facts->bytes) : tl::make_unexpected(facts.error());
    }
    std::error_code ec;
    const auto size = std::filesystem::file_size(place_of(name), ec);
    return ec ? Result<std::int64_t>(tl::make_unexpected(file_trouble(place_of(name), ec.value(), "read")))
              : Result<std::int64_t>(static_cast<std::int64_t>(size));
}

Result<std::string> LibraryFiles::path(const std::string& name, const Progress& progress) {
    if (!in_bucket(name)) return place_of(name);
    held_.push_back(cache_->hold(name.substr(0, name.find('/', name.find('/') + 1))));
    return cache_->fetch(name, progress);
}

void LibraryFiles::let_go() {
    if (!held_.empty()) cache_->trim();
    held_.clear();
}

Outcome LibraryFiles::put(const std::string& name, const Write& write, const Progress& progress) {
    if (!in_bucket(name)) return put_file(place_of(name), write, progress);
    auto work = Library::work_folder(place_.text);
    if (!work) return tl::make_unexpected(work.error());
    const std::string copy = work->path() + "/object";
    auto written = put_file(copy, write, [&](double share) { return progress(share * kCopiedShare); });
    if (!written) return written;
    return cache_->objects().put(name, copy, [&](double share) { return progress(kCopiedShare + share * (1 - kCopiedShare)); });
}

bool LibraryFiles::in_bucket(const std::string& name) const {
    return cache_ && (name.starts_with("media/") || name.starts_with("editions/") || name.starts_with("documents/"));
}

}  // namespace anagraph::store
