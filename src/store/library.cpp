#include "store/library.h"

#include <fmt/format.h>

#include <QDateTime>
#include <QLockFile>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>
#include <atomic>
#include <filesystem>
#include <nlohmann/json.hpp>

#include "core/procedure/json.h"
#include "store/digest.h"
#include "store/files.h"

namespace anagraph::store {

using core::Error;
using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr int kSchema = 3;
constexpr int kSnapshotEvery = 200;  // changes between snapshots: a bound on what opening a guide has to replay

QString q(const std::string& s) { return QString::fromStdString(s); }
std::string s(const QVariant& v) { return v.toString().toStdString(); }

// Portable SQL only: the same statements run on PostgreSQL.
const std::vector<const char*> kMigrations[kSchema] = {{
                                                           "CREATE TABLE guide (id TEXT PRIMARY KEY, title TEXT NOT NULL, machine TEXT NOT NULL, changed TEXT NOT NULL)",
                                                           "CREATE TABLE change (guide TEXT NOT NULL REFERENCES guide(id), sequence BIGINT NOT NULL, at TEXT NOT NULL, author TEXT NOT NULL, body TEXT NOT NULL, PRIMARY KEY (guide, sequence))",
                                                           "CREATE TABLE snapshot (guide TEXT NOT NULL REFERENCES guide(id), sequence BIGINT NOT NULL, body TEXT NOT NULL, PRIMARY KEY (guide, sequence))",
                                                           "CREATE TABLE recording (id TEXT PRIMARY KEY, name TEXT NOT NULL, path TEXT NOT NULL, added TEXT NOT NULL)",
                                                           "CREATE TABLE segment (recording TEXT NOT NULL REFERENCES recording(id), position INTEGER NOT NULL, start_at TEXT NOT NULL, end_at TEXT NOT NULL, words TEXT NOT NULL, PRIMARY KEY (recording, position))",
                                                           "CREATE TABLE edition (guide TEXT NOT NULL REFERENCES guide(id), number INTEGER NOT NULL, sequence BIGINT NOT NULL, sha256 TEXT NOT NULL, body TEXT NOT NULL, PRIMARY KEY (guide, number))",
                                                       },
                                                       {
                                                           "ALTER TABLE segment ADD COLUMN speaker TEXT NOT NULL DEFAULT ''",
                                                       },
                                                       {
                                                           "CREATE TABLE house (part TEXT PRIMARY KEY, body TEXT NOT NULL)",
                                                       }};

Error sql_error(const QSqlError& e, const std::string& folder) {
    const std::string text = e.databaseText().toStdString();
    const std::string native = e.nativeErrorCode().toStdString();
    if (native == "13" || text.find("full") != std::string::npos) return {ErrorCode::NoSpace, "The disk is full, so the change was not saved; free some space and do it again.", folder};
    if (native == "8" || native == "1544" || text.find("readonly") != std::string::npos) return {ErrorCode::Unwritable, fmt::format("The library {} may not be written; change the folder's permissions or open a copy.", folder), folder};
    if (native == "5" || native == "6" || text.find("locked") != std::string::npos) return {ErrorCode::Busy, fmt::format("The library {} is being used by another program; close it there and try again.", folder), folder};
    if (native == "11" || native == "26" || text.find("malformed") != std::string::npos || text.find("not a database") != std::string::npos)
        return {ErrorCode::Damaged, fmt::format("The library file in {} is damaged; put back library.db from your last copy.", folder), folder};
    return {ErrorCode::Unreadable, fmt::format("The library {} answered with an error: {}.", folder, text), folder};
}

}  // namespace

std::string utc_now() { return QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString(); }

struct Library::State {
    std::string folder;
    std::unique_ptr<QLockFile> lock;
    std::optional<core::House> house;  // as it was read or kept last: this process alone has the library open
    QString connection;
    QSqlDatabase db;

    ~State() {
        db.close();
        db = QSqlDatabase();
        if (!connection.isEmpty()) QSqlDatabase::removeDatabase(connection);
    }

    tl::unexpected<Error> trouble(const QSqlQuery& query) const { return tl::make_unexpected(sql_error(query.lastError(), folder)); }

    /// Runs one statement with its values.
    Result<QSqlQuery> run(const char* sql, const std::vector<QVariant>& values = {}) const {
        QSqlQuery query(db);
        query.setForwardOnly(true);
        if (!query.prepare(QString::fromLatin1(sql))) return trouble(query);
        for (const auto& v : values) query.addBindValue(v);
        if (!query.exec()) return trouble(query);
        return query;
    }

    /// All or nothing: `work` in one transaction.
    template <class Work>
    Outcome transaction(Work&& work) {
        if (!db.transaction()) return tl::make_unexpected(sql_error(db.lastError(), folder));
        Outcome done = work();
        if (!done) {
            db.rollback();
            return done;
        }
        if (!db.commit()) {
            const Error error = sql_error(db.lastError(), folder);
            db.rollback();
            return tl::make_unexpected(error);
        }
        return {};
    }

    /// Opens the library's file in the thread that calls.
    Outcome connect() {
        static std::atomic<int> counter{0};
        connection = QStringLiteral("library-%1").arg(++counter);
        db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection);
        db.setDatabaseName(q(folder + "/library.db"));
        if (!db.open()) return tl::make_unexpected(sql_error(db.lastError(), folder));
        for (const char* pragma : {"PRAGMA journal_mode = WAL", "PRAGMA synchronous = FULL", "PRAGMA foreign_keys = ON", "PRAGMA busy_timeout = 2000"})
            if (auto r = run(pragma); !r) return tl::make_unexpected(r.error());
        return {};
    }

    Outcome migrate() {
        auto version = run("PRAGMA user_version");
        if (!version) return tl::make_unexpected(version.error());
        const int now = version->next() ? version->value(0).toInt() : 0;
        version->finish();
        if (now > kSchema) return fail(ErrorCode::Refused, fmt::format("The library {} was written by a newer version of the program; open it with that version.", folder), folder);
        for (int v = now; v < kSchema; ++v) {
            const Outcome moved = transaction([&]() -> Outcome {
                for (const char* sql : kMigrations[v])
                    if (auto r = run(sql); !r) return tl::make_unexpected(r.error());
                if (auto r = run(fmt::format("PRAGMA user_version = {}", v + 1).c_str()); !r) return tl::make_unexpected(r.error());
                return {};
            });
            if (!moved) return moved;
        }
        return {};
    }

    /// A path inside the library is kept relative, so that the library can be moved.
    std::string kept_path(const std::string& path) const {
        const auto relative = std::filesystem::path(path).lexically_relative(folder);
        return !relative.empty() && *relative.begin() != ".." ? relative.string() : path;
    }

    Result<std::int64_t> last_sequence(const GuideId& id) const {
        auto query = run("SELECT COALESCE(MAX(sequence), 0) FROM change WHERE guide = ?", {q(id.text())});
        if (!query) return tl::make_unexpected(query.error());
        query->next();
        return query->value(0).toLongLong();
    }

    Outcome snapshot(const GuideId& id, std::int64_t sequence, const core::Procedure& p) {
        auto r = run("INSERT INTO snapshot (guide, sequence, body) VALUES (?, ?, ?)", {q(id.text()), QVariant::fromValue<qlonglong>(sequence), q(core::to_json(p).dump())});
        return r ? Outcome{} : tl::make_unexpected(r.error());
    }
};

Library::Library(std::unique_ptr<State> state) : state_(std::move(state)) {}
Library::~Library() = default;
const std::string& Library::folder() const { return state_->folder; }

Result<std::unique_ptr<Library>> Library::open(const std::string& folder) {
    auto state = std::make_unique<State>();
    state->folder = std::filesystem::absolute(folder).lexically_normal().string();
    std::error_code ec;
    if (std::filesystem::exists(folder, ec) && !std::filesystem::is_directory(folder, ec)) return fail(ErrorCode::BadInput, fmt::format("{} is a file; a library is a folder. Choose a folder.", folder), folder);
    for (const char* part : {"", "/media", "/editions"})
        if (auto made = make_folder(state->folder + part); !made) return tl::make_unexpected(made.error());
    state->lock = std::make_unique<QLockFile>(q(state->folder + "/library.lock"));
    state->lock->setStaleLockTime(0);
    if (!state->lock->tryLock(0)) {
        if (state->lock->error() == QLockFile::PermissionError) return fail(ErrorCode::Unwritable, fmt::format("The library {} may not be written; change the folder's permissions or open a copy.", folder), folder);
        return fail(ErrorCode::Busy, fmt::format("The library {} is already open in another window; close it there first.", folder), folder);
    }
    if (auto connected = state->connect(); !connected) return tl::make_unexpected(connected.error());
    if (auto moved = state->migrate(); !moved) return tl::make_unexpected(moved.error());
    return std::unique_ptr<Library>(new Library(std::move(state)));
}

// -- guides ----------------------------------------------------------------------------------------------------------

Result<std::vector<GuideEntry>> Library::guides() const {
    auto query = state_->run(
        "SELECT g.id, g.title, g.machine, g.changed, (SELECT COUNT(*) FROM edition e WHERE e.guide = g.id), "
        "(SELECT COALESCE(MAX(c.sequence), 0) FROM change c WHERE c.guide = g.id), (SELECT COALESCE(MAX(e.sequence), -1) FROM edition e WHERE e.guide = g.id) "
        "FROM guide g ORDER BY g.machine, g.title");
    if (!query) return tl::make_unexpected(query.error());
    std::vector<GuideEntry> out;
    while (query->next()) out.push_back({GuideId(s(query->value(0))), s(query->value(1)), s(query->value(2)), s(query->value(3)), query->value(4).toInt(), query->value(5).toLongLong() > query->value(6).toLongLong()});
    return out;
}

Result<GuideId> Library::create_guide(const core::Procedure& start, const std::string& author) {
    auto existing = guides();
    if (!existing) return tl::make_unexpected(existing.error());
    const auto id = core::fresh_id<GuideId>(start.header.machine + " " + start.header.title, *existing);
    const core::Change change{"Begin the guide", {core::SetHeader{start.header}}};
    const Outcome done = state_->transaction([&]() -> Outcome {
        if (auto r = state_->run("INSERT INTO guide (id, title, machine, changed) VALUES (?, ?, ?, ?)", {q(id.text()), q(start.header.title), q(start.header.machine), q(utc_now())}); !r) return tl::make_unexpected(r.error());
        if (auto r = state_->run("INSERT INTO change (guide, sequence, at, author, body) VALUES (?, 1, ?, ?, ?)", {q(id.text()), q(utc_now()), q(author), q(core::to_json(change).dump())}); !r) return tl::make_unexpected(r.error());
        return state_->snapshot(id, 1, start);
    });
    if (!done) return tl::make_unexpected(done.error());
    return id;
}

Result<core::Procedure> Library::load_guide(const GuideId& id) const {
    auto query = state_->run("SELECT sequence, body FROM snapshot WHERE guide = ? ORDER BY sequence DESC LIMIT 1", {q(id.text())});
    if (!query) return tl::make_unexpected(query.error());
    if (!query->next()) return fail(ErrorCode::NotFound, fmt::format("There is no guide \"{}\" in this library.", id.text()), id.text());
    const auto from = query->value(0).toLongLong();
    const auto damaged = [&] { return fail(ErrorCode::Damaged, fmt::format("The journal of the guide \"{}\" is damaged; put back library.db from your last copy.", id.text()), id.text()); };
    const json body = json::parse(s(query->value(1)), nullptr, false);
    if (body.is_discarded()) return damaged();
    auto p = core::procedure_from_json(body);
    if (!p) return p;
    auto changes = state_->run("SELECT body FROM change WHERE guide = ? AND sequence > ? ORDER BY sequence", {q(id.text()), from});
    if (!changes) return tl::make_unexpected(changes.error());
    while (changes->next()) {
        const json j = json::parse(s(changes->value(0)), nullptr, false);
        if (j.is_discarded()) return damaged();
        const auto change = core::change_from_json(j);
        if (!change) return tl::make_unexpected(change.error());
        p = core::apply(*p, *change);
        if (!p) return damaged();
    }
    return p;
}

Outcome Library::append(const GuideId& id, const core::Change& change, const core::Procedure& after, const std::string& author) {
    return state_->transaction([&]() -> Outcome {
        auto last = state_->last_sequence(id);
        if (!last) return tl::make_unexpected(last.error());
        const auto next = static_cast<qlonglong>(*last + 1);
        const QString now = q(utc_now());
        if (auto r = state_->run("INSERT INTO change (guide, sequence, at, author, body) VALUES (?, ?, ?, ?, ?)", {q(id.text()), next, now, q(author), q(core::to_json(change).dump())}); !r) return tl::make_unexpected(r.error());
        if (auto r = state_->run("UPDATE guide SET title = ?, machine = ?, changed = ? WHERE id = ?", {q(after.header.title), q(after.header.machine), now, q(id.text())}); !r) return tl::make_unexpected(r.error());
        return next % kSnapshotEvery == 0 ? state_->snapshot(id, next, after) : Outcome{};
    });
}

Result<std::vector<HistoryEntry>> Library::history(const GuideId& id) const {
    auto query = state_->run("SELECT sequence, at, author, body FROM change WHERE guide = ? ORDER BY sequence", {q(id.text())});
    if (!query) return tl::make_unexpected(query.error());
    std::vector<HistoryEntry> out;
    while (query->next()) {
        const json j = json::parse(s(query->value(3)), nullptr, false);
        auto change = core::change_from_json(j);
        if (!change) return tl::make_unexpected(change.error());
        out.push_back({query->value(0).toLongLong(), s(query->value(1)), s(query->value(2)), std::move(*change)});
    }
    return out;
}

// -- recordings ------------------------------------------------------------------------------------------------------

Result<std::vector<RecordingEntry>> Library::recordings() const {
    auto query = state_->run("SELECT r.id, r.name, r.path, r.added, (SELECT COUNT(*) FROM segment t WHERE t.recording = r.id) FROM recording r ORDER BY r.added, r.name");
    if (!query) return tl::make_unexpected(query.error());
    std::vector<RecordingEntry> out;
    while (query->next()) {
        const std::filesystem::path path(s(query->value(2)));
        out.push_back({core::RecordingId(s(query->value(0))), s(query->value(1)), path.is_absolute() ? path.string() : (std::filesystem::path(state_->folder) / path).string(), s(query->value(3)), query->value(4).toInt() > 0});
    }
    return out;
}

Result<RecordingEntry> Library::recording(const core::RecordingId& id) const {
    auto all = recordings();
    if (!all) return tl::make_unexpected(all.error());
    for (auto& r : *all)
        if (r.id == id) return std::move(r);
    return fail(ErrorCode::NotFound, "That recording is not in this library; bring it in again.", id.text());
}

Outcome Library::add_recording(const RecordingEntry& entry) {
    if (auto made = make_folder(recording_folder(entry.id)); !made) return made;
    return state_->transaction([&]() -> Outcome {
        if (auto r = state_->run("DELETE FROM segment WHERE recording = ?", {q(entry.id.text())}); !r) return tl::make_unexpected(r.error());
        if (auto r = state_->run("DELETE FROM recording WHERE id = ?", {q(entry.id.text())}); !r) return tl::make_unexpected(r.error());
        auto r = state_->run("INSERT INTO recording (id, name, path, added) VALUES (?, ?, ?, ?)", {q(entry.id.text()), q(entry.name), q(state_->kept_path(entry.path)), q(entry.added.empty() ? utc_now() : entry.added)});
        return r ? Outcome{} : tl::make_unexpected(r.error());
    });
}

Outcome Library::move_recording(const core::RecordingId& id, const std::string& path) {
    if (auto known = recording(id); !known) return tl::make_unexpected(known.error());
    auto r = state_->run("UPDATE recording SET path = ? WHERE id = ?", {q(state_->kept_path(path)), q(id.text())});
    return r ? Outcome{} : tl::make_unexpected(r.error());
}

Outcome Library::set_narration(const core::RecordingId& id, const std::vector<core::Segment>& segments) {
    return state_->transaction([&]() -> Outcome {
        if (auto r = state_->run("DELETE FROM segment WHERE recording = ?", {q(id.text())}); !r) return tl::make_unexpected(r.error());
        QSqlQuery insert(state_->db);
        if (!insert.prepare(QStringLiteral("INSERT INTO segment (recording, position, start_at, end_at, words, speaker) VALUES (?, ?, ?, ?, ?, ?)"))) return state_->trouble(insert);
        int position = 0;
        for (const auto& segment : segments) {
            for (const QVariant& value : {QVariant(q(id.text())), QVariant(position++), QVariant(q(segment.start.text())), QVariant(q(segment.end.text())), QVariant(q(segment.text)), QVariant(q(segment.speaker))}) insert.addBindValue(value);
            if (!insert.exec()) return state_->trouble(insert);
        }
        return {};
    });
}

Outcome Library::enter_beside(const std::string& folder, const RecordingEntry& entry, const std::vector<core::Segment>& narration) {
    auto state = std::make_unique<State>();
    state->folder = folder;
    if (auto connected = state->connect(); !connected) return connected;
    Library beside(std::move(state));
    if (auto added = beside.add_recording(entry); !added) return added;
    return beside.set_narration(entry.id, narration);
}

Result<std::vector<core::Segment>> Library::narration(const core::RecordingId& id) const {
    auto query = state_->run("SELECT start_at, end_at, words, speaker FROM segment WHERE recording = ? ORDER BY position", {q(id.text())});
    if (!query) return tl::make_unexpected(query.error());
    std::vector<core::Segment> out;
    while (query->next()) {
        const auto start = core::FrameTime::parse(s(query->value(0)));
        const auto end = core::FrameTime::parse(s(query->value(1)));
        if (!start || !end) return fail(ErrorCode::Damaged, "The narration of this recording is damaged; bring it in again.", id.text());
        out.push_back({*start, *end, s(query->value(2)), s(query->value(3))});
    }
    return out;
}

Result<std::vector<SaidLine>> Library::find_said(const std::string& words, int most) const {
    QString conditions;
    std::vector<QVariant> values;
    for (QString word : QString::fromStdString(words).split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        word.replace(QLatin1Char('\\'), QStringLiteral("\\\\")).replace(QLatin1Char('%'), QStringLiteral("\\%")).replace(QLatin1Char('_'), QStringLiteral("\\_"));
        conditions += QStringLiteral("%1t.words LIKE ? ESCAPE '\\'").arg(values.empty() ? QString() : QStringLiteral(" AND "));
        values.emplace_back(QLatin1Char('%') + word + QLatin1Char('%'));
    }
    if (values.empty()) return std::vector<SaidLine>{};
    values.emplace_back(most);
    const std::string sql = "SELECT t.recording, r.name, t.start_at, t.end_at, t.words FROM segment t JOIN recording r ON r.id = t.recording WHERE " + conditions.toStdString() + " ORDER BY r.added, r.name, t.position LIMIT ?";
    auto query = state_->run(sql.c_str(), values);
    if (!query) return tl::make_unexpected(query.error());
    std::vector<SaidLine> out;
    while (query->next()) {
        const auto start = core::FrameTime::parse(s(query->value(2)));
        const auto end = core::FrameTime::parse(s(query->value(3)));
        if (start && end) out.push_back({core::RecordingId(s(query->value(0))), s(query->value(1)), {*start, *end, s(query->value(4))}});
    }
    return out;
}

std::string Library::recording_folder(const core::RecordingId& id) const { return state_->folder + "/media/" + id.text(); }

// -- documents and the house -----------------------------------------------------------------------------------------

core::Result<core::DocumentId> Library::keep_document(const std::string& path) {
    const auto bytes = read_file(path);
    if (!bytes) return tl::make_unexpected(bytes.error());
    core::DocumentId id(sha256(*bytes));
    std::error_code ec;
    if (std::filesystem::exists(document_path(id), ec)) return id;
    if (auto made = make_folder(state_->folder + "/documents"); !made) return tl::make_unexpected(made.error());
    if (auto written = write_file(document_path(id), *bytes); !written) return tl::make_unexpected(written.error());
    return id;
}

std::string Library::document_path(const core::DocumentId& id) const { return state_->folder + "/documents/" + id.text(); }

Result<core::House> Library::house() const {
    if (state_->house) return *state_->house;
    auto row = state_->run("SELECT body FROM house WHERE part = 'all'");
    if (!row) return tl::make_unexpected(row.error());
    auto house = row->next() ? core::house_from_json(s(row->value(0))) : core::House{};
    if (house) state_->house = *house;
    return house;
}

Outcome Library::set_house(const core::House& house) {
    state_->house.reset();
    return state_->transaction([&]() -> Outcome {
        if (auto r = state_->run("DELETE FROM house WHERE part = 'all'"); !r) return tl::make_unexpected(r.error());
        if (auto r = state_->run("INSERT INTO house (part, body) VALUES ('all', ?)", {q(core::to_json(house))}); !r) return tl::make_unexpected(r.error());
        return {};
    });
}

// -- editions --------------------------------------------------------------------------------------------------------

Result<std::vector<IssuedEdition>> Library::editions(const GuideId& id) const {
    auto query = state_->run("SELECT number, sha256, body FROM edition WHERE guide = ? ORDER BY number", {q(id.text())});
    if (!query) return tl::make_unexpected(query.error());
    std::vector<IssuedEdition> out;
    while (query->next()) {
        const std::string body = s(query->value(2));
        if (sha256(body) != s(query->value(1))) return fail(ErrorCode::Damaged, fmt::format("Edition {} in the library is not what was issued; put back library.db from your last copy.", query->value(0).toInt()), id.text());
        auto edition = core::edition_from_json(json::parse(body, nullptr, false));
        if (!edition) return tl::make_unexpected(edition.error());
        out.push_back({std::move(*edition), s(query->value(1))});
    }
    return out;
}

Result<std::string> Library::add_edition(const GuideId& id, const core::Edition& edition) {
    const std::string body = core::canonical_text(core::to_json(edition));
    const std::string hash = sha256(body);
    const Outcome done = state_->transaction([&]() -> Outcome {
        auto old = state_->run("SELECT COUNT(*) FROM edition WHERE guide = ? AND number = ?", {q(id.text()), edition.number});
        if (!old) return tl::make_unexpected(old.error());
        old->next();
        if (old->value(0).toInt() > 0) return fail(ErrorCode::Refused, fmt::format("Edition {} was already issued and stays as it is; issue the next number.", edition.number), id.text());
        auto last = state_->last_sequence(id);
        if (!last) return tl::make_unexpected(last.error());
        auto r = state_->run("INSERT INTO edition (guide, number, sequence, sha256, body) VALUES (?, ?, ?, ?, ?)", {q(id.text()), edition.number, QVariant::fromValue<qlonglong>(*last), q(hash), q(body)});
        return r ? Outcome{} : tl::make_unexpected(r.error());
    });
    if (!done) return tl::make_unexpected(done.error());
    return hash;
}

std::string Library::edition_folder(const GuideId& id, int number) const { return fmt::format("{}/editions/{}/{}", state_->folder, id.text(), number); }

}  // namespace anagraph::store
