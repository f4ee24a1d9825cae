#include "store/whole_library.h"

#include <fmt/format.h>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <functional>
#include <nlohmann/json.hpp>
#include <numeric>

#include "core/base/caught.h"
#include "core/base/versions.h"
#include "store/archive.h"
#include "store/database.h"
#include "store/destination.h"
#include "store/digest.h"
#include "store/library.h"
#include "store/library_files.h"
#include "store/rows.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr double kFilesShare = 0.8;    // of the time a library takes are its films
constexpr double kFetchedShare = 0.3;  // of the time one takes is fetching it, where it does not lie here
constexpr std::int64_t kMostFiles = 10'000'000;
constexpr std::int64_t kMostBytes = std::int64_t{1} << 45;  // 32 TB
constexpr const char* kAbout = "library.json";
constexpr const char* kRead =
    "This is a library of Anagraph in one file. Films, documents and packs lie under files/, what is written about them under tables/, a "
    "line of JSON a row; library.json says the version. Restore it with: anagraph-cli library restore FILE LIBRARY\n";

/// A library with a connection to its rows.
struct Whole {
    std::unique_ptr<Database> db;
    LibraryFiles files;
};

/// One that nobody else writes in.
Result<Whole> whole_at(const std::string& text, bool make) {
    auto library = make ? Library::make_or_open(text) : Library::open(text);
    if (!library) return tl::make_unexpected(library.error());
    library->reset();  // it is in order and has its newest schema
    const auto place = library_place(text);
    if (!place) return tl::make_unexpected(place.error());
    auto db = Database::connect(*place, Access::Write);
    if (!db) return tl::make_unexpected(db.error());
    if (auto alone = (*db)->engine().join_alone(**db); !alone) return tl::make_unexpected(alone.error());
    auto files = LibraryFiles::of(*place);
    if (!files) return tl::make_unexpected(files.error());
    return Whole{std::move(*db), std::move(*files)};
}

/// A library that others may write in meanwhile.
Result<Whole> beside_others(const std::string& text) {
    auto library = Library::read(text);
    if (!library) return tl::make_unexpected(library.error());
    library->reset();  // it has its newest schema
    const auto place = library_place(text);
    if (!place) return tl::make_unexpected(place.error());
    auto db = Database::connect(*place, Access::Read);
    if (!db) return tl::make_unexpected(db.error());
    auto files = LibraryFiles::of(*place);
    if (!files) return tl::make_unexpected(files.error());
    return Whole{std::move(*db), std::move(*files)};
}

Result<Whole> empty_at(const std::string& text) {
    auto to = whole_at(text, true);
    if (!to) return to;
    for (const auto& table : tables()) {
        auto row = to->db->run(QStringLiteral("SELECT COUNT(*) FROM %1").arg(QLatin1String(table.name)));
        if (!row) return tl::make_unexpected(row.error());
        if (row->next() && row->value(0).toLongLong() > 0)
            return fail(ErrorCode::Refused,
                core::say(core::key("Library", "There is a library at {0} already, and nothing of it is written over; name another place."),
                    text),
                text);
    }
    return to;
}

core::Error stopped() { return {ErrorCode::Cancelled, core::key("Library", "It was stopped; what was there is as it was."), ""}; }

Result<std::string> digest_of(const Database& db) {
    Digest digest;
    for (const auto& table : tables()) {
        digest.add(std::string(table.name) + "\n");
        auto done = each_line(db, table, [&](const std::string& line) -> Outcome {
            digest.add(line + "\n");
            return {};
        });
        if (!done) return tl::make_unexpected(done.error());
    }
    return digest.text();
}

/// All rows at once, or none.
Outcome fill(const Database& to, const std::function<Outcome(const Table&, Filler&)>& rows_of) {
    return to.transaction("schema", [&]() -> Outcome {
        for (const auto& table : tables()) {
            Filler filler(to, table);
            if (auto done = rows_of(table, filler); !done) return done;
        }
        return to.engine().after_rows(to);
    });
}

/// An archive of a library, of the form and tables that are known here. Errors: those of Archive::open(); BadInput, Refused.
Result<std::unique_ptr<Archive>> archive_of_library(const std::string& file) {
    auto archive = Archive::open(file, {kMostFiles, kMostBytes});
    if (!archive) return archive;
    const auto about = (*archive)->read(kAbout, 1 << 20);
    const json says = about ? json::parse(*about, nullptr, false) : json();
    if (!says.is_object() || !says.contains("format") || !says["format"].is_number_integer() || !says.contains("schema") ||
        !says["schema"].is_number_integer())
        return fail(ErrorCode::BadInput, core::say(core::key("Library", "{0} is no library that was put into one file."), file), file);
    if (says["format"].get<int>() != core::kArchiveFormat || says["schema"].get<int>() != core::kLibrarySchema)
        return fail(ErrorCode::Refused,
            core::say(
                core::key("Library",
                    "{0} was written by another version of the program (its tables are of version {1}, here they are of {2}); take it "
                    "out with that version."),
                file, says["schema"].get<int>(), core::kLibrarySchema),
            file);
    return archive;
}

/// What is written in it, into an empty library.
Outcome fill_from(const Archive& archive, const std::string& file, Database& db) {
    return fill(db, [&](const Table& table, Filler& filler) -> Outcome {
        const std::string name = fmt::format("tables/{}.jsonl", table.name);
        if (!archive.holds(name))
            return fail(ErrorCode::Damaged,
                core::say(core::key("Library", "{0} lacks the table {1}; it was damaged or cut off."), file, table.name), file);
        std::string rest;
        Outcome put;
        auto read = archive.each_piece(name, [&](std::string_view piece) {
            rest.append(piece);
            std::size_t from = 0;
            for (std::size_t end = rest.find('\n'); end != std::string::npos; end = rest.find('\n', from)) {
                if (!(put = filler(rest.substr(from, end - from)))) return false;
                from = end + 1;
            }
            rest.erase(0, from);
            return true;
        });
        if (!put) return put;
        return read;
    });
}

}  // namespace

Result<std::string> digest_of_library(const std::string& text) {
    return core::caught([&]() -> Result<std::string> {
        const auto place = library_place(text);
        if (!place) return tl::make_unexpected(place.error());
        const auto db = Database::connect(*place, Access::Read);
        if (!db) return tl::make_unexpected(db.error());
        const auto rows = digest_of(**db);
        if (!rows) return rows;
        Digest digest;
        digest.add(*rows);
        auto files = LibraryFiles::of(*place);
        if (!files) return tl::make_unexpected(files.error());
        const auto names = files->names();
        if (!names) return tl::make_unexpected(names.error());
        for (const auto& name : *names) {
            const auto path = files->path(name);
            const auto hash = path ? sha256_of_file(*path) : path;
            if (!hash) return hash;
            files->let_go();
            digest.add(fmt::format("{} {}\n", name, *hash));
        }
        return digest.text();
    });
}

Outcome move_library(const std::string& from_text, const std::string& to_text, const Progress& progress) {
    return core::caught([&]() -> Outcome {
        auto from = whole_at(from_text, false);
        if (!from) return tl::make_unexpected(from.error());
        auto to = empty_at(to_text);
        if (!to) return tl::make_unexpected(to.error());
        const auto files = from->files.names();
        if (!files) return tl::make_unexpected(files.error());
        std::vector<double> sizes;
        for (const auto& name : *files) {
            const auto size = from->files.bytes(name);
            if (!size) return tl::make_unexpected(size.error());
            sizes.push_back(static_cast<double>(*size));
        }
        const double all = std::accumulate(sizes.begin(), sizes.end(), 1.0);
        double done = 0;
        for (std::size_t i = 0; i < files->size(); ++i) {
            const auto part = [&](double share) { return !progress || progress((done + share * sizes[i]) / all * kFilesShare); };
            if (!part(0)) return tl::make_unexpected(stopped());
            const auto source = from->files.path((*files)[i], [&](double share) { return part(share * kFetchedShare); });
            if (!source) return tl::make_unexpected(source.error());
            auto put =
                to->files.put((*files)[i], [&](const std::string& path, const Progress& told) { return copy_file(*source, path, told); },
                    [&](double share) { return part(kFetchedShare + share * (1 - kFetchedShare)); });
            if (!put) return put;
            from->files.let_go();
            done += sizes[i];
        }
        if (auto synced = sync_tree(to->db->folder()); !synced) return synced;
        int table_number = 0;
        auto filled = fill(*to->db, [&](const Table& table, Filler& filler) -> Outcome {
            if (progress && !progress(kFilesShare + (1 - kFilesShare) * table_number++ / static_cast<double>(tables().size())))
                return tl::make_unexpected(stopped());
            return each_line(*from->db, table, [&](const std::string& line) { return filler(line); });
        });
        if (!filled) return filled;
        const auto sent = digest_of(*from->db);
        const auto arrived = digest_of(*to->db);
        if (!sent) return tl::make_unexpected(sent.error());
        if (!arrived) return tl::make_unexpected(arrived.error());
        if (*sent != *arrived)
            return fail(ErrorCode::Damaged,
                core::say(core::key("Library", "What arrived in {0} is not what was sent; do not use it. The library in {1} is as it was."),
                    to_text, from_text));
        return {};
    });
}

Outcome archive_library(const std::string& text, const std::string& file, const Progress& progress) {
    return core::caught([&]() -> Outcome {
        auto target = Destination::file(file);
        if (!target) return tl::make_unexpected(target.error());
        auto from = beside_others(text);
        if (!from) return tl::make_unexpected(from.error());
        auto work = WorkFolder::in(std::filesystem::temp_directory_path().string());
        if (!work) return tl::make_unexpected(work.error());
        std::vector<ArchiveEntry> entries{{"README.txt", {}, kRead},
            {kAbout, {}, json{{"format", core::kArchiveFormat}, {"schema", core::kLibrarySchema}, {"written", utc_now()}}.dump(1) + "\n"}};
        auto tables_written = from->db->at_one_moment([&]() -> Outcome {
            for (const auto& table : tables()) {
                const std::string path = fmt::format("{}/{}.jsonl", work->path(), table.name);
                std::ofstream out(path, std::ios::binary);
                auto written = each_line(*from->db, table, [&](const std::string& line) -> Outcome {
                    out << line << '\n';
                    return out ? Outcome{} : tl::make_unexpected(file_trouble(path, errno));
                });
                if (!written) return written;
                out.close();
                if (!out) return tl::make_unexpected(file_trouble(path, errno));
                entries.push_back({fmt::format("tables/{}.jsonl", table.name), path, {}});
            }
            return {};
        });
        if (!tables_written) return tables_written;
        // what they name was there before them and stays; one more that has come since does no harm
        const auto files = from->files.names();
        if (!files) return tl::make_unexpected(files.error());
        for (const auto& name : *files) {
            auto path = from->files.path(name);
            if (!path) return tl::make_unexpected(path.error());
            entries.push_back({"files/" + name, std::move(*path), {}});
        }
        if (auto written = write_archive(target->work(), entries, progress); !written) return written;
        return target->commit();
    });
}

Outcome restore_library(const std::string& file, const std::string& to_text, const Progress& progress) {
    return core::caught([&]() -> Outcome {
        const auto archive = archive_of_library(file);
        if (!archive) return tl::make_unexpected(archive.error());
        auto to = empty_at(to_text);
        if (!to) return tl::make_unexpected(to.error());
        double all = 1;
        for (const auto& name : (*archive)->names()) all += static_cast<double>((*archive)->bytes(name));
        double done = 0;
        for (const auto& name : (*archive)->names()) {
            if (!name.starts_with("files/")) continue;
            const std::string path = name.substr(std::string("files/").size());
            const std::string top = path.substr(0, path.find('/'));
            if (top == "work" || top.starts_with("library."))
                return fail(
                    ErrorCode::BadInput, core::say(core::key("Library", "{0} holds a file that no library has ({1})."), file, path), file);
            const auto size = static_cast<double>((*archive)->bytes(name));
            const auto part = [&](double share) { return !progress || progress((done + share * size) / all * kFilesShare); };
            auto put = to->files.put(
                path, [&](const std::string& at, const Progress& told) { return (*archive)->extract(name, at, told); }, part);
            if (!put) return put;
            done += size;
        }
        if (auto synced = sync_tree(to->db->folder()); !synced) return synced;
        return fill_from(**archive, file, *to->db);
    });
}

Outcome try_archive(const std::string& file, const Progress& progress) {
    return core::caught([&]() -> Outcome {
        const auto archive = archive_of_library(file);
        if (!archive) return tl::make_unexpected(archive.error());
        auto work = WorkFolder::in(std::filesystem::temp_directory_path().string());
        if (!work) return tl::make_unexpected(work.error());
        const std::string place = work->path() + "/library";
        {
            auto to = empty_at(place);
            if (!to) return tl::make_unexpected(to.error());
            if (auto filled = fill_from(**archive, file, *to->db); !filled) return filled;
        }
        const auto library = Library::read(place);
        if (!library) return tl::make_unexpected(library.error());
        const auto guides = (*library)->guides();
        if (!guides) return tl::make_unexpected(guides.error());
        for (const auto& g : *guides)
            if (const auto guide = (*library)->load_guide(g.id); !guide) return tl::make_unexpected(guide.error());
        double all = 1;
        for (const auto& name : (*archive)->names()) all += static_cast<double>((*archive)->bytes(name));
        double done = 0;
        for (const auto& name : (*archive)->names()) {
            const auto size = static_cast<double>((*archive)->bytes(name));
            const auto read = (*archive)->sha256(name, [&](double share) { return !progress || progress((done + share * size) / all); });
            if (!read) return tl::make_unexpected(read.error());
            done += size;
        }
        return {};
    });
}

}  // namespace anagraph::store
