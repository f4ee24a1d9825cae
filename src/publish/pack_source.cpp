#include "publish/pack_source.h"

#include <fmt/format.h>
#include <sys/stat.h>

#include <filesystem>

#include "core/base/utf8.h"
#include "publish/pack_manifest.h"
#include "store/archive.h"
#include "store/digest.h"
#include "store/objects/object_cache.h"

namespace anagraph::publish {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

class FolderSource : public PackSource {
public:
    explicit FolderSource(std::string folder) : folder_(std::move(folder)) {}

    Listing list() const override {
        Listing out;
        go("", out);
        return out;
    }
    std::string text(const std::string& name, std::int64_t most) const override {
        return store::read_file(folder_ + "/" + name, most).value_or("");
    }
    Result<std::string> sha256(const std::string& name, const store::Progress& progress) const override {
        return store::sha256_of_file(folder_ + "/" + name, progress);
    }
    std::int64_t bytes(const std::string& name) const override {
        struct stat facts {};
        return ::lstat((folder_ + "/" + name).c_str(), &facts) == 0 ? facts.st_size : 0;
    }

private:
    void go(const std::string& relative, Listing& out) const {
        const auto names = store::names_in(folder_ + "/" + relative);
        if (names.empty() && !relative.empty())
            out.odd.push_back(fmt::format("The folder {} is empty or cannot be read; a pack has no such folder.", core::as_utf8(relative)));
        for (const auto& name : names) {
            const std::string path = relative.empty() ? name : relative + "/" + name;
            const std::string shown = core::as_utf8(path);
            struct stat facts {};
            if (::lstat((folder_ + "/" + path).c_str(), &facts) != 0 || out.files.size() > kMostFiles) return;
            if (!core::is_utf8(name))
                out.odd.push_back(fmt::format("{} has a name that is no text; it does not belong to the pack.", shown));
            else if (S_ISDIR(facts.st_mode))
                go(path, out);
            else if (S_ISREG(facts.st_mode))
                out.files.push_back(path);
            else
                out.odd.push_back(fmt::format(
                    "{} is {}; it does not belong to the pack.", shown, S_ISLNK(facts.st_mode) ? "a link" : "no ordinary file"));
        }
    }

    std::string folder_;
};

class ArchiveSource : public PackSource {
public:
    explicit ArchiveSource(std::unique_ptr<store::Archive> archive) : archive_(std::move(archive)) {}

    Listing list() const override { return {archive_->names(), {}}; }
    std::string text(const std::string& name, std::int64_t most) const override { return archive_->read(name, most).value_or(""); }
    Result<std::string> sha256(const std::string& name, const store::Progress& progress) const override {
        auto hash = archive_->sha256(name, progress);
        if (!hash && hash.error().code == ErrorCode::Damaged) return std::string();
        return hash;
    }
    std::int64_t bytes(const std::string& name) const override { return std::max<std::int64_t>(0, archive_->bytes(name)); }

private:
    std::unique_ptr<store::Archive> archive_;
};

}  // namespace

bool is_pack(const std::string& path) { return path.ends_with(kPackEnding) || store::is_there(path + "/" + kManifest); }

Result<std::unique_ptr<PackSource>> PackSource::open(const std::string& named) {
    std::string path = named;
    while (path.size() > 1 && path.back() == '/') path.pop_back();
    std::unique_ptr<PackSource> out;
    std::error_code ec;
    if (auto here = store::make_all_here(path); !here && here.error().code != ErrorCode::NotFound) return tl::make_unexpected(here.error());
    if (std::filesystem::is_directory(path, ec)) {
        out = std::make_unique<FolderSource>(path);
    } else if (!store::is_there(path)) {
        return fail(ErrorCode::NotFound,
            core::say(core::key("Pack", "There is no pack at {0}; choose the folder of an issued pack, or its file."), path), path);
    } else {
        auto archive = store::Archive::open(path);
        if (!archive) return tl::make_unexpected(archive.error());
        out = std::make_unique<ArchiveSource>(std::move(*archive));
    }
    const auto listing = out->list();
    const auto holds = [&](const char* name) { return std::find(listing.files.begin(), listing.files.end(), name) != listing.files.end(); };
    if (!holds(kManifest) && !holds("edition.json"))
        return fail(ErrorCode::BadInput,
            core::say(core::key("Pack", "{0} is no issued pack; choose the folder that holds guide.html and manifest.json."), path), path);
    return out;
}

}  // namespace anagraph::publish
