// What a Library holds. Used within `store` only, by the files its subjects are spread over: library.cpp (opening), journal.cpp,
// recordings.cpp, editions.cpp.
#pragma once

#include <QUuid>
#include <filesystem>
#include <set>

#include "store/database.h"
#include "store/library.h"
#include "store/objects/object_cache.h"
#include "store/place.h"

namespace anagraph::store {

struct Library::State {
    static core::Result<std::unique_ptr<State>> connected(const std::string& place, Access access);

    LibraryPlace place;
    std::string folder;  // of the place
    std::string home;    // of a copy that was taken along: the library it is of
    std::unique_ptr<Database> db;
    std::unique_ptr<ObjectCache> cache;  // of a library whose films lie in a bucket
    struct KnownHouse {
        std::string text;
        core::House house;
    };
    std::optional<KnownHouse> house;  // as it was read or kept last by this connection
    const std::string window = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();  // among all that have it open
    std::set<GuideId> broken;  // guides whose journal was read up to a damaged change: the next append begins anew

    /// A path inside the library is kept relative, so that the library can be moved.
    std::string kept_path(const std::string& path) const {
        const auto relative = std::filesystem::path(path).lexically_relative(folder);
        return !relative.empty() && *relative.begin() != ".." ? relative.string() : path;
    }
    /// The way back. A relative path that leads out of the library leads nowhere.
    std::string whole_path(const std::string& kept) const {
        const std::filesystem::path path(kept);
        if (path.is_absolute()) return kept;
        const auto inside = path.lexically_normal();
        if (inside.empty() || *inside.begin() == "..") return folder + "/media/none";
        return (std::filesystem::path(folder) / inside).string();
    }

    /// Puts what was prepared at a place named by its content with `put`, and makes it known by `enter` in one transaction. `known`: is it
    /// known already, asked again within that transaction, since another may be bringing in the same.
    core::Outcome enter(const char* kind, const std::string& name, const std::string& where,
        const std::function<core::Result<bool>()>& known, const std::function<core::Outcome()>& put,
        const std::function<core::Outcome(bool known)>& enter);
    /// Takes a folder or a file of the library away, from the bucket too.
    core::Outcome take_away(const std::string& path) const;
    core::Outcome note_arriving(const char* kind, const std::string& name, bool arriving) const;
};

// kinds of `arriving`
inline constexpr const char* kRecording = "recording";
inline constexpr const char* kEdition = "edition";
inline constexpr const char* kDocument = "document";
/// The folder in which things of a kind lie, each under its name.
const char* folder_of_kind(const std::string& kind);
// folders of a library
inline constexpr const char* kMedia = "/media";
inline constexpr const char* kEditions = "/editions";
inline constexpr const char* kDocuments = "/documents";
inline constexpr const char* kWork = "/work";

}  // namespace anagraph::store
