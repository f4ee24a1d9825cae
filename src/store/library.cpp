#include "store/library.h"

#include <fmt/format.h>

#include <QDateTime>
#include <algorithm>
#include <set>

#include "core/base/caught.h"
#include "store/files.h"
#include "store/library_state.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

std::string utc_now() { return QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString(); }

Library::Library(std::unique_ptr<State> state) : state_(std::move(state)) {}
Library::~Library() = default;
const std::string& Library::folder() const { return state_->folder; }

namespace {

std::string whole(const std::string& folder) {
    std::error_code ec;
    std::string out = std::filesystem::absolute(folder, ec).lexically_normal().string();
    while (out.size() > 1 && out.back() == '/') out.pop_back();
    return out;
}

/// Why no library can be made in a folder, or nothing.
Outcome may_become_library(const std::string& folder) {
    static const std::set<std::string> kOurs{
        "library.db", "library.db-wal", "library.db-shm", "library.lock", "media", "editions", "documents", "work"};
    for (const auto& name : names_in(folder))
        if (!kOurs.contains(name))
            return fail(ErrorCode::Refused,
                fmt::format("{} holds other files ({}), so no library is made there; choose an empty folder or a new one.", folder, name),
                folder);
    return {};
}

}  // namespace

Result<std::unique_ptr<Library>> Library::open(const std::string& folder) {
    return core::caught([&] { return open_alone(whole(folder), false); });
}

Result<std::unique_ptr<Library>> Library::make_or_open(const std::string& folder) {
    return core::caught([&] { return open_alone(whole(folder), true); });
}

Result<std::unique_ptr<Library>> Library::open_alone(const std::string& folder, bool make) {
    std::error_code ec;
    if (std::filesystem::exists(folder, ec) && !std::filesystem::is_directory(folder, ec))
        return fail(ErrorCode::BadInput, fmt::format("{} is a file; a library is a folder. Choose a folder.", folder), folder);
    if (!is_there(folder + "/library.db")) {
        if (!make) return fail(ErrorCode::NotFound, fmt::format("There is no library in {}; check the path.", folder), folder);
        if (auto may = may_become_library(folder); !may) return tl::make_unexpected(may.error());
        if (auto made = make_folder(folder); !made) return tl::make_unexpected(made.error());
    }
    // what comes from elsewhere may have links where the library writes and takes away
    for (const char* part : {"/library.db", kMedia, kEditions, kDocuments, kWork})
        if (is_link(folder + part))
            return fail(ErrorCode::Refused,
                fmt::format("{}{} is a link to somewhere else, and a library keeps everything in its own folder; put what it leads to in "
                            "its place.",
                    folder, part),
                folder);
    auto state = std::make_unique<State>();
    state->folder = folder;
    auto lock = LibraryLock::take(folder);
    if (!lock) return tl::make_unexpected(lock.error());
    state->lock = std::move(*lock);
    for (const char* part : {kMedia, kEditions, kWork})
        if (auto made = make_folder(folder + part); !made) return tl::make_unexpected(made.error());
    auto db = Database::connect(folder, Database::Access::Write);
    if (!db) return tl::make_unexpected(db.error());
    state->db = std::move(*db);
    const auto before = state->db->schema();
    if (!before) return tl::make_unexpected(before.error());
    if (auto moved = state->db->migrate(); !moved) return tl::make_unexpected(moved.error());
    if (auto synced = sync_folder(folder); !synced) return tl::make_unexpected(synced.error());
    std::unique_ptr<Library> out(new Library(std::move(state)));
    if (*before < kSchema)
        if (auto filled = out->fill_covers(); !filled) return tl::make_unexpected(filled.error());
    if (auto swept = out->sweep(); !swept) return tl::make_unexpected(swept.error());
    return out;
}

Result<std::unique_ptr<Library>> Library::read(const std::string& folder) {
    return core::caught([&]() -> Result<std::unique_ptr<Library>> {
        auto state = std::make_unique<State>();
        state->folder = whole(folder);
        auto db = Database::connect(state->folder, Database::Access::Read);
        if (!db) return tl::make_unexpected(db.error());
        const auto schema = (*db)->schema();
        if (!schema) return tl::make_unexpected(schema.error());
        db->swap(state->db);
        if (*schema == kSchema) return std::unique_ptr<Library>(new Library(std::move(state)));
        state.reset();
        return open(folder);  // an older one is brought up to date first
    });
}

Result<std::unique_ptr<Library>> Library::beside(const std::string& folder) {
    return core::caught([&]() -> Result<std::unique_ptr<Library>> {
        auto state = std::make_unique<State>();
        state->folder = whole(folder);
        auto db = Database::connect(state->folder, Database::Access::Write);
        if (!db) return tl::make_unexpected(db.error());
        state->db = std::move(*db);
        return std::unique_ptr<Library>(new Library(std::move(state)));
    });
}

Result<WorkFolder> Library::work_folder(const std::string& library_folder) {
    if (auto made = make_folder(library_folder + kWork); !made) return tl::make_unexpected(made.error());
    return WorkFolder::in(library_folder + kWork);
}

Outcome Library::State::note_arriving(const char* kind, const std::string& name, bool arriving) const {
    if (auto r = db->exec("DELETE FROM arriving WHERE kind = ? AND name = ?", {q(kind), q(name)}); !r) return r;
    return arriving ? db->exec("INSERT INTO arriving (kind, name) VALUES (?, ?)", {q(kind), q(name)}) : Outcome{};
}

Outcome Library::State::enter(const char* kind, const std::string& name, const std::string& place, bool known, WorkFolder prepared,
    const std::function<Outcome()>& enter) {
    // what is known already is exchanged in one step and needs no note: it is known before and after
    const bool noted = !known && !is_there(place);
    if (noted)
        if (auto r = db->transaction([&] { return note_arriving(kind, name, true); }); !r) return r;
    Outcome done = prepared.place_at(place);
    if (done)
        done = db->transaction([&]() -> Outcome {
            if (auto r = enter(); !r) return r;
            return note_arriving(kind, name, false);
        });
    if (done || !noted) return done;
    empty_folder(place);
    std::error_code ec;
    std::filesystem::remove(place, ec);
    if (!is_there(place)) (void)db->transaction([&] { return note_arriving(kind, name, false); });
    return done;
}

namespace {

/// Takes a folder or a file of the library away.
void take_away(const std::string& path) {
    std::error_code ec;
    if (!is_link(path)) std::filesystem::remove_all(path, ec);
}

}  // namespace

Outcome Library::sweep() {
    auto& db = *state_->db;
    empty_folder(state_->folder + kWork);
    auto arriving = db.run("SELECT kind, name FROM arriving");
    if (!arriving) return tl::make_unexpected(arriving.error());
    std::vector<std::pair<std::string, std::string>> left;
    while (arriving->next()) left.emplace_back(s(arriving->value(0)), s(arriving->value(1)));
    arriving->finish();
    for (const auto& [kind, name] : left) {
        if (core::is_id(name))
            take_away(state_->folder + (kind == kRecording ? kMedia : kind == kEdition ? kEditions : kDocuments) + "/" + name);
        if (auto r = state_->note_arriving(kind.c_str(), name, false); !r) return r;
    }
    // imports of older versions of the program left pieces in the recording's own folder; the index was written last
    const auto all = recordings();
    if (!all) return tl::make_unexpected(all.error());
    std::set<std::string> known;
    for (const auto& r : *all) known.insert(r.id.text());
    for (const auto& name : names_in(state_->folder + kMedia)) {
        const std::string folder = state_->folder + kMedia + "/" + name;
        if (core::is_sha256(name) && !known.contains(name) && !is_there(folder + "/index.json")) take_away(folder);
    }
    return {};
}

Outcome Library::fill_covers() {
    const auto all = guides();
    if (!all) return tl::make_unexpected(all.error());
    for (const auto& g : *all) {
        const auto p = load_guide(g.id);
        if (!p || p->recordings.empty()) continue;
        if (auto r = state_->db->exec("UPDATE guide SET cover = ? WHERE id = ?", {q(p->recordings.front().id.text()), q(g.id.text())}); !r)
            return r;
    }
    return {};
}

}  // namespace anagraph::store
