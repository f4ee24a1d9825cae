#include "store/library.h"

#include <fmt/format.h>
#include <sys/stat.h>

#include <QDateTime>
#include <QStandardPaths>
#include <algorithm>
#include <set>

#include "core/base/caught.h"
#include "core/base/versions.h"
#include "store/credentials.h"
#include "store/files.h"
#include "store/library_state.h"
#include "store/taken_along.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

std::string utc_now() { return QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString(); }

Library::Library(std::unique_ptr<State> state) : state_(std::move(state)) {}
Library::~Library() = default;
const std::string& Library::folder() const { return state_->folder; }
const std::string& Library::home() const { return state_->home; }
const std::string& Library::place() const { return state_->place.text; }
bool Library::is_on_server() const { return state_->place.server.has_value(); }
bool Library::has_far_files() const { return state_->cache != nullptr; }

std::optional<Library::FilesHere> Library::files_here() const {
    if (!state_->cache) return std::nullopt;
    return FilesHere{state_->cache->held(), state_->cache->limit()};
}

Outcome Library::keep_here_at_most(std::int64_t bytes) {
    if (!state_->cache)
        return fail(ErrorCode::Refused,
            core::key("Library", "The films of this library lie in its own folder, and none of them is kept a second time."));
    return state_->cache->set_limit(bytes);
}
void Library::set_patient(bool patient) {
    state_->db->set_patient(patient);
    if (state_->cache) state_->cache->objects().set_patient(patient);
}
Outcome Library::reach() {
    return core::caught([&] { return state_->db->reach(); });
}
bool Library::can_be_reached(const std::string& text) {
    const auto place = library_place(text);
    return place && Database::connect(*place, Access::Read).has_value();
}

namespace {

/// Why no library can be made in a folder, or nothing.
Outcome may_become_library(const std::string& folder) {
    static const std::set<std::string> kOurs{
        "library.db", "library.db-wal", "library.db-shm", "library.lock", "media", "editions", "documents", "work"};
    for (const auto& name : names_in(folder))
        if (!kOurs.contains(name))
            return fail(ErrorCode::Refused,
                core::say(
                    core::key("Library", "{0} holds other files ({1}), so no library is made there; choose an empty folder or a new one."),
                    folder, name),
                folder);
    return {};
}

}  // namespace

Result<std::unique_ptr<Library>> Library::open(const std::string& place) {
    return core::caught([&] { return open_to_write(place, false); });
}

Result<std::unique_ptr<Library>> Library::make_or_open(const std::string& place) {
    return core::caught([&] { return open_to_write(place, true); });
}

namespace {

/// A folder in which a library is or may be made, with what it needs.
Outcome ready_folder(const LibraryPlace& place, bool make) {
    const std::string& folder = place.folder;
    std::error_code ec;
    if (std::filesystem::exists(folder, ec) && !std::filesystem::is_directory(folder, ec))
        return fail(
            ErrorCode::BadInput, core::say(core::key("Library", "{0} is a file; a library is a folder. Choose a folder."), folder), folder);
    if (!make && !place.server && !is_there(folder + "/library.db"))
        return fail(ErrorCode::NotFound, core::say(core::key("Library", "There is no library in {0}; check the path."), folder), folder);
    if (place.bucket) return make_folder(folder);  // what is there was fetched
    if (!is_there(folder + (place.server ? std::string("/") + kPlaceFile : "/library.db")))
        if (auto may = may_become_library(folder); !may) return may;
    if (auto made = make_folder(folder); !made) return made;
    // what comes from elsewhere may have links where the library writes and takes away
    for (const char* part : {"/library.db", kMedia, kEditions, kDocuments, kWork})
        if (is_link(folder + part))
            return fail(ErrorCode::Refused,
                core::say(
                    core::key("Library",
                        "{0}{1} is a link to somewhere else, and a library keeps everything in its own folder; put what it leads to in "
                        "its place."),
                    folder, part),
                folder);
    return {};
}

/// In the folder where a server's library keeps its films, a file says whose they are, so that no two keep theirs in one.
Outcome mark_as_ours(const LibraryPlace& place) {
    if (!place.server || place.bucket) return {};
    const std::string file = place.folder + "/" + kPlaceFile;
    const std::string own = credentials_name(place) + "\n";
    if (!is_there(file)) return write_file(file, own);
    const auto there = read_file(file, 4096);
    if (!there) return tl::make_unexpected(there.error());
    if (*there == own) return {};
    return fail(ErrorCode::Refused,
        core::say(
            core::key("Library",
                "The folder {0} holds the films of another library ({1}); name another folder, or, where it is the same library at a new "
                "address, take away the file {2} in it."),
            place.folder, there->substr(0, there->find('\n')), kPlaceFile),
        place.folder);
}

/// Whether there is a library in a server's database, and whether one may be made there.
Outcome ready_server(const Database& db, int schema, bool make) {
    if (schema > 0 || db.engine().kind() == EngineKind::File) return {};
    if (!make)
        return fail(ErrorCode::NotFound,
            core::say(core::key("Library", "There is no library in the database {0}; make one with anagraph-cli library create ADDRESS."),
                db.name()),
            db.name());
    auto others = db.run("SELECT table_name FROM information_schema.tables WHERE table_schema = current_schema() LIMIT 1");
    if (!others) return tl::make_unexpected(others.error());
    if (others->next())
        return fail(ErrorCode::Refused,
            core::say(core::key("Library", "The database {0} holds other tables ({1}), so no library is made there; take an empty one."),
                db.name(), s(others->value(0))),
            db.name());
    return {};
}

core::Error away_from(const std::string& home) {
    const auto place = library_place(home);
    return {ErrorCode::Away,
        core::say(core::key("Library",
                      "The library {0} cannot be reached, and what was taken along of it is a copy: this can be done when it is back."),
            place ? shown(*place) : home),
        ""};
}

}  // namespace

Result<std::unique_ptr<Library::State>> Library::State::connected(const std::string& text, Access access) {
    auto place = library_place(text);
    if (!place) return tl::make_unexpected(place.error());
    auto out = std::make_unique<State>();
    out->folder = place->folder;
    out->place = std::move(*place);
    if (const auto home = home_of_copy(out->folder); home && access == Access::Write) return tl::make_unexpected(away_from(*home));
    auto db = Database::connect(out->place, access);
    if (!db) return tl::make_unexpected(db.error());
    out->db = std::move(*db);
    if (!out->place.bucket) return out;
    auto cache = ObjectCache::open(out->place);
    if (!cache) return tl::make_unexpected(cache.error());
    out->cache = std::move(*cache);
    return out;
}

Result<std::unique_ptr<Library>> Library::open_to_write(const std::string& text, bool make) {
    const auto place = library_place(text);
    if (!place) return tl::make_unexpected(place.error());
    if (auto ready = ready_folder(*place, make); !ready) return tl::make_unexpected(ready.error());
    auto state = State::connected(text, Access::Write);
    if (!state) return tl::make_unexpected(state.error());
    std::unique_ptr<Library> out(new Library(std::move(*state)));
    auto& own = *out->state_;
    const auto before = own.db->schema();
    if (!before) return tl::make_unexpected(before.error());
    if (auto ready = ready_server(*own.db, *before, make); !ready) return tl::make_unexpected(ready.error());
    const auto alone = [&]() -> Outcome {
        for (const char* part : {kMedia, kEditions, kWork})
            if (auto made = make_folder(own.folder + part); !made) return made;
        if (auto marked = mark_as_ours(own.place); !marked) return marked;
        if (auto moved = migrate(*own.db); !moved) return moved;
        if (auto synced = sync_folder(own.folder); !synced) return synced;
        if (*before < core::kLibrarySchema)
            if (auto filled = out->fill_covers(); !filled) return filled;
        return out->sweep();
    };
    const auto beside = [&]() -> Outcome {
        const auto now = own.db->schema();
        if (!now) return tl::make_unexpected(now.error());
        if (*now < core::kLibrarySchema)
            return fail(ErrorCode::Busy,
                core::say(
                    core::key("Library", "The library {0} is open elsewhere in an older version of the program; close it there first."),
                    own.db->name()),
                own.db->name());
        return {};
    };
    if (auto joined = own.db->engine().join(*own.db, alone, beside); !joined) return tl::make_unexpected(joined.error());
    return out;
}

Result<std::unique_ptr<Library>> Library::read(const std::string& text) {
    return core::caught([&]() -> Result<std::unique_ptr<Library>> {
        auto state = State::connected(text, Access::Read);
        if (!state) return tl::make_unexpected(state.error());
        const auto schema = (*state)->db->schema();
        if (!schema) return tl::make_unexpected(schema.error());
        if (*schema == core::kLibrarySchema) return std::unique_ptr<Library>(new Library(std::move(*state)));
        state->reset();
        return open(text);  // an older one is brought up to date first
    });
}

Result<std::unique_ptr<Library>> Library::beside(const std::string& text) {
    return core::caught([&]() -> Result<std::unique_ptr<Library>> {
        auto state = State::connected(text, Access::Write);
        if (!state) return tl::make_unexpected(state.error());
        return std::unique_ptr<Library>(new Library(std::move(*state)));
    });
}

Result<std::unique_ptr<Library>> Library::on_the_road(const std::string& text) {
    return core::caught([&]() -> Result<std::unique_ptr<Library>> {
        const std::string folder = taken_folder(text);
        const auto home = home_of_copy(folder);
        if (!home || *home != text)
            return fail(ErrorCode::NotFound, core::say(core::key("Library", "Nothing of {0} was taken along."), text), text);
        auto library = read(folder);
        if (!library) return library;
        (*library)->state_->home = text;
        (*library)->state_->db->refuse_writing(away_from(text));
        return library;
    });
}

Result<std::string> Library::folder_of(const std::string& text) {
    auto place = library_place(text);
    if (!place) return tl::make_unexpected(place.error());
    return std::move(place->folder);
}

namespace {

Result<std::string> written_of(const Database& db) {
    auto now = db.run(
        "SELECT (SELECT COALESCE(SUM(sequence), 0) FROM guide), (SELECT COUNT(*) FROM edition), (SELECT COALESCE(MAX(number), 0) FROM "
        "record), (SELECT COALESCE(MAX(number), 0) FROM log), (SELECT COUNT(*) FROM recording), (SELECT COALESCE(MAX(body), '') FROM "
        "house)");
    if (!now) return tl::make_unexpected(now.error());
    std::string out;
    if (now->next())
        for (int i = 0; i < 6; ++i) out += s(now->value(i)) + ";";
    return out;
}

}  // namespace

Result<std::string> Library::written() const {
    return core::caught([&] { return written_of(*state_->db); });
}

std::string Library::stamp(const std::string& text) {
    const auto place = library_place(text);
    if (!place) return {};
    std::string out;
    if (!place->server) {
        for (const char* name : {"/library.db", "/library.db-wal"}) {
            struct stat f {};
            if (::stat((place->folder + name).c_str(), &f) == 0)
                out += fmt::format("{} {}.{} {};", f.st_size, f.st_mtim.tv_sec, f.st_mtim.tv_nsec, f.st_ino);
        }
        return out;
    }
    const auto db = Database::connect(*place, Access::Read);
    return db ? written_of(**db).value_or("") : "";
}

namespace {

std::string own_folder_at(const LibraryPlace& place) {
    if (!place.bucket) return place.folder;
    return fmt::format("{}/anagraph/libraries/{}", QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation).toStdString(),
        std::filesystem::path(place.folder).filename().string());
}

}  // namespace

Result<WorkFolder> Library::work_folder(const std::string& text) {
    const auto place = library_place(text);
    if (!place) return tl::make_unexpected(place.error());
    if (auto made = make_folder(place->folder + kWork); !made) return tl::make_unexpected(made.error());
    return WorkFolder::in(place->folder + kWork);
}

Result<std::string> Library::own_folder_of(const std::string& text) {
    const auto place = library_place(text);
    if (!place) return tl::make_unexpected(place.error());
    return own_folder_at(*place);
}

std::string Library::own_folder() const { return own_folder_at(state_->place); }

const char* folder_of_kind(const std::string& kind) { return kind == kRecording ? kMedia : kind == kEdition ? kEditions : kDocuments; }

Outcome Library::State::take_away(const std::string& path) const {
    if (cache) return cache->remove_below(kept_path(path));
    std::error_code ec;
    if (!is_link(path)) std::filesystem::remove_all(path, ec);
    return {};
}

Outcome Library::State::note_arriving(const char* kind, const std::string& name, bool arriving) const {
    if (auto r = db->exec("DELETE FROM arriving WHERE kind = ? AND name = ?", {q(kind), q(name)}); !r) return r;
    return arriving ? db->exec("INSERT INTO arriving (kind, name) VALUES (?, ?)", {q(kind), q(name)}) : Outcome{};
}

Outcome Library::State::enter(const char* kind, const std::string& name, const std::string& where,
    const std::function<Result<bool>()>& known, const std::function<Outcome()>& put, const std::function<Outcome(bool known)>& enter) {
    const auto before = known();
    if (!before) return tl::make_unexpected(before.error());
    // what is known already is exchanged in one step and needs no note: it is known before and after
    const bool noted = !*before && !is_there(where);
    if (noted)
        if (auto r = db->transaction(kind, [&] { return note_arriving(kind, name, true); }); !r) return r;
    Outcome done = put();
    if (done && cache) done = cache->send(kept_path(where));
    if (done)
        done = db->transaction(kind, [&]() -> Outcome {
            const auto now = known();
            if (!now) return tl::make_unexpected(now.error());
            if (auto r = enter(*now); !r) return r;
            return note_arriving(kind, name, false);
        });
    if (done || !noted) return done;
    // away: whether it is known is not known; the next that opens the library alone takes away what is not
    if (done.error().code == ErrorCode::Away) return done;
    (void)db->transaction(kind, [&]() -> Outcome {
        if (const auto now = known(); !now || *now) return {};  // another has brought in the same
        if (auto gone = take_away(where); !gone) return gone;
        return is_there(where) ? Outcome{} : note_arriving(kind, name, false);
    });
    return done;
}

Outcome Library::send_ahead(const std::string& text, const char* kind, const std::string& name,
    const std::function<Result<bool>(const Library&)>& known, const std::string& prepared, const Progress& progress) {
    return core::caught([&]() -> Outcome {
        const auto place = library_place(text);
        if (!place) return tl::make_unexpected(place.error());
        if (!place->bucket) return {};
        auto library = beside(text);
        if (!library) return tl::make_unexpected(library.error());
        const auto& state = *(*library)->state_;
        const auto there = known(**library);
        if (!there) return tl::make_unexpected(there.error());
        if (!*there)
            if (auto noted = state.db->transaction(kind, [&] { return state.note_arriving(kind, name, true); }); !noted) return noted;
        return state.cache->send(std::string(folder_of_kind(kind)).substr(1) + "/" + name, progress, prepared);
    });
}

Outcome Library::make_here(const std::string& path) const {
    if (!state_->cache || is_there(path)) return {};
    const std::string name = state_->kept_path(path);
    if (std::filesystem::path(name).is_absolute()) return {};  // it lies elsewhere, or does not
    return core::caught([&]() -> Outcome {
        const auto got = state_->cache->fetch(name);
        return got ? Outcome{} : tl::make_unexpected(got.error());
    });
}

Outcome Library::sweep() {
    auto& db = *state_->db;
    empty_folder(state_->folder + kWork);
    auto arriving = db.run("SELECT kind, name FROM arriving");
    if (!arriving) return tl::make_unexpected(arriving.error());
    std::vector<std::pair<std::string, std::string>> left;
    while (arriving->next()) left.emplace_back(s(arriving->value(0)), s(arriving->value(1)));
    arriving->finish();
    for (const auto& [kind, name] : left) {
        // where its bucket cannot be asked, it stays noted for the next time
        if (core::is_id(name) && !state_->take_away(state_->folder + folder_of_kind(kind) + "/" + name)) continue;
        if (auto r = state_->note_arriving(kind.c_str(), name, false); !r) return r;
    }
    // imports of older versions of the program left pieces in the recording's own folder; the index was written last
    const auto all = recordings();
    if (!all) return tl::make_unexpected(all.error());
    std::set<std::string> known;
    for (const auto& r : *all) known.insert(r.id.text());
    for (const auto& name : names_in(state_->folder + kMedia)) {
        const std::string folder = state_->folder + kMedia + "/" + name;
        if (!state_->cache && core::is_sha256(name) && !known.contains(name) && !is_there(folder + "/index.json"))
            (void)state_->take_away(folder);
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
