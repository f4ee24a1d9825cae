#include "store/database.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sqlite3.h>
#include <sys/statvfs.h>
#include <unistd.h>

#include <QSqlDriver>
#include <QSqlError>
#include <QUrl>
#include <atomic>
#include <cerrno>
#include <memory>

#include "core/procedure/ids.h"
#include "store/digest.h"
#include "store/files.h"

namespace anagraph::store {

using core::Error;
using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr int kBusyMs = 15000;  // how long one that writes is waited for

// Portable SQL but for the search: the same statements run on PostgreSQL.
const std::vector<const char*> kMigrations[kSchema] = {
    {
        "CREATE TABLE guide (id TEXT PRIMARY KEY, title TEXT NOT NULL, machine TEXT NOT NULL, changed TEXT NOT NULL)",
        "CREATE TABLE change (guide TEXT NOT NULL REFERENCES guide(id), sequence BIGINT NOT NULL, at TEXT NOT NULL, author TEXT NOT NULL, "
        "body TEXT NOT NULL, PRIMARY KEY (guide, sequence))",
        "CREATE TABLE snapshot (guide TEXT NOT NULL REFERENCES guide(id), sequence BIGINT NOT NULL, body TEXT NOT NULL, PRIMARY KEY "
        "(guide, sequence))",
        "CREATE TABLE recording (id TEXT PRIMARY KEY, name TEXT NOT NULL, path TEXT NOT NULL, added TEXT NOT NULL)",
        "CREATE TABLE segment (recording TEXT NOT NULL REFERENCES recording(id), position INTEGER NOT NULL, start_at TEXT NOT NULL, end_at "
        "TEXT NOT NULL, words TEXT NOT NULL, PRIMARY KEY (recording, position))",
        "CREATE TABLE edition (guide TEXT NOT NULL REFERENCES guide(id), number INTEGER NOT NULL, sequence BIGINT NOT NULL, sha256 TEXT "
        "NOT NULL, body TEXT NOT NULL, PRIMARY KEY (guide, number))",
    },
    {"ALTER TABLE segment ADD COLUMN speaker TEXT NOT NULL DEFAULT ''"}, {"CREATE TABLE house (part TEXT PRIMARY KEY, body TEXT NOT NULL)"},
    {
        "ALTER TABLE change ADD COLUMN seal TEXT NOT NULL DEFAULT ''",
        "ALTER TABLE snapshot ADD COLUMN seal TEXT NOT NULL DEFAULT ''",
        // a guide's list needs no guide to be read
        "ALTER TABLE guide ADD COLUMN cover TEXT NOT NULL DEFAULT ''",
        "ALTER TABLE guide ADD COLUMN sequence BIGINT NOT NULL DEFAULT 0",
        "UPDATE guide SET sequence = (SELECT COALESCE(MAX(c.sequence), 0) FROM change c WHERE c.guide = guide.id)",
        "ALTER TABLE edition ADD COLUMN pack TEXT NOT NULL DEFAULT ''",
        // nor a recording's list its index
        "ALTER TABLE recording ADD COLUMN length TEXT NOT NULL DEFAULT ''",
        "ALTER TABLE recording ADD COLUMN lines INTEGER NOT NULL DEFAULT 0",
        "UPDATE recording SET lines = (SELECT COUNT(*) FROM segment t WHERE t.recording = recording.id)",
        // what is being put in its place and is not known yet; see Library
        "CREATE TABLE arriving (kind TEXT NOT NULL, name TEXT NOT NULL, PRIMARY KEY (kind, name))",
        "CREATE TABLE document (id TEXT PRIMARY KEY, added TEXT NOT NULL)",
        // lines with a number of their own, which the search refers to
        "CREATE TABLE said (id INTEGER PRIMARY KEY, recording TEXT NOT NULL REFERENCES recording(id), position INTEGER NOT NULL, start_at "
        "TEXT NOT NULL, end_at TEXT NOT NULL, words TEXT NOT NULL, speaker TEXT NOT NULL, UNIQUE (recording, position))",
        "INSERT INTO said (recording, position, start_at, end_at, words, speaker) SELECT t.recording, t.position, t.start_at, t.end_at, "
        "t.words, t.speaker FROM segment t JOIN recording r ON r.id = t.recording ORDER BY r.added, r.name, t.position",
        "DROP TABLE segment",
        "ALTER TABLE said RENAME TO segment",
        // SQLite's own: words by their beginnings
        "CREATE VIRTUAL TABLE segment_words USING fts5(words, content='segment', content_rowid='id', tokenize='unicode61 remove_diacritics "
        "2', prefix='1 2 3 4 5 6 7 8')",
        "INSERT INTO segment_words (rowid, words) SELECT id, words FROM segment",
        "CREATE TRIGGER segment_added AFTER INSERT ON segment BEGIN INSERT INTO segment_words (rowid, words) VALUES (new.id, new.words); "
        "END",
        "CREATE TRIGGER segment_gone AFTER DELETE ON segment BEGIN INSERT INTO segment_words (segment_words, rowid, words) VALUES "
        "('delete', old.id, old.words); END",
    },
    // keys, checks, learners and what was handed out; see core/records
    {"CREATE TABLE record (number BIGINT PRIMARY KEY, at TEXT NOT NULL, author TEXT NOT NULL, body TEXT NOT NULL, seal TEXT NOT NULL)"},
    // what a house knows of its machines; see core/logbook
    {"CREATE TABLE log (number BIGINT PRIMARY KEY, at TEXT NOT NULL, author TEXT NOT NULL, body TEXT NOT NULL, seal TEXT NOT NULL)"},
    // runs under way at the bench, what happened in them, and when the program was last there; see core/bench
    {"CREATE TABLE bench (run TEXT NOT NULL, number BIGINT NOT NULL, at BIGINT NOT NULL, body TEXT NOT NULL, PRIMARY KEY (run, number))",
        "CREATE TABLE bench_alive (run TEXT PRIMARY KEY, at BIGINT NOT NULL)"},
    // what a recogniser told of the words of a line
    {"ALTER TABLE segment ADD COLUMN heard TEXT NOT NULL DEFAULT ''"}};

bool disk_full(const std::string& folder) {
    struct statvfs facts {};
    return ::statvfs(folder.c_str(), &facts) == 0 && facts.f_bavail == 0;
}

/// Is the file whole when it is looked at once more?
bool whole_after_all(const std::string& folder) {
    const QString name = QStringLiteral("library-again");
    bool whole = false;
    {
        auto again = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        again.setDatabaseName(q(folder + "/library.db"));
        if (again.open()) {
            QSqlQuery check(again);
            whole = check.exec(QStringLiteral("PRAGMA quick_check(1)")) && check.next() && check.value(0).toString() == QLatin1String("ok");
        }
    }
    QSqlDatabase::removeDatabase(name);
    return whole;
}

}  // namespace

std::string change_seal(
    const std::string& before, std::int64_t sequence, const std::string& at, const std::string& author, const std::string& body) {
    return sha256(fmt::format("{}\n{}\n{}\n{}\n{}", before, sequence, at, author, body));
}

std::string record_seal(
    const std::string& before, std::int64_t number, const std::string& at, const std::string& by, const std::string& body) {
    return change_seal(before, number, at, by, body);
}

std::string snapshot_seal(std::int64_t sequence, const std::string& body) { return sha256(fmt::format("{}\n{}", sequence, body)); }

Error Database::error_of(const QSqlError& e) const {
    const std::string text = e.databaseText().toStdString();
    const int native = e.nativeErrorCode().toInt() & 0xFF;  // the rest tells more than a person wants
    const auto says = [&](const char* words) { return text.find(words) != std::string::npos; };
    // where a file call failed, the system knows why; the database tells only that it did
    const auto handle = db_.driver()->handle();
    const int reason = native != 5 && native != 6 && qstrcmp(handle.typeName(), "sqlite3*") == 0 && handle.constData() != nullptr
        ? sqlite3_system_errno(*static_cast<sqlite3* const*>(handle.constData()))
        : 0;
    if (native == 13 || says("is full") || ((native == 10 || native == 14) && (reason == ENOSPC || reason == EDQUOT || disk_full(folder_))))
        return {ErrorCode::NoSpace, "The disk is full, so the change was not saved; free some space and do it again.", folder_};
    if ((native == 10 || native == 14) && reason != 0 && reason != ENOENT) return file_trouble("a file of the library " + folder_, reason);
    // the database falls back to reading where a file cannot be opened for writing, whatever the reason
    const bool allowed = ::access(folder_.c_str(), W_OK) == 0 && ::access((folder_ + "/library.db").c_str(), W_OK) == 0;
    if ((native == 8 || says("readonly")) && allowed)
        return {ErrorCode::Unwritable,
            fmt::format("The file of the library {} could be opened for reading only: the disk is full or failed for a moment, or a "
                        "permission is in the way. Open it again.",
                folder_),
            folder_};
    if (native == 8 || says("readonly"))
        return {ErrorCode::Unwritable,
            fmt::format("The library {} may not be written; change the folder's permissions or open a copy.", folder_), folder_};
    if (native == 5 || native == 6 || says("locked"))
        return {ErrorCode::Busy,
            fmt::format("The library {} is being written by another program for a long time; try again when it is done.", folder_),
            folder_};
    const bool damaged = native == 11 || native == 26 || says("malformed") || says("not a database");
    // a page that could not be read looks like one that is damaged: nobody shall put back an old copy for a loose cable
    if (damaged && (reason == EIO || whole_after_all(folder_))) return file_trouble("a file of the library " + folder_, EIO, "read");
    if (damaged)
        return {ErrorCode::Damaged, fmt::format("The library file in {} is damaged; put back library.db from your last copy.", folder_),
            folder_};
    if (native == 10)
        return {ErrorCode::Unwritable,
            fmt::format(
                "The disk of the library {} failed, so the change was not saved; check the disk and its cable, and do it again.", folder_),
            folder_};
    if (native == 14)
        return {ErrorCode::Unwritable,
            fmt::format("A file of the library {} could not be opened: the disk is full or failed for a moment, or a permission is in the "
                        "way. Check that the folder and the files in it may be read and written, and try again.",
                folder_),
            folder_};
    if (native == 7)
        return {ErrorCode::NoMemory, "The memory does not suffice, so the change was not saved; close other programs and do it again.",
            folder_};
    return {ErrorCode::Unreadable, fmt::format("The library {} answered with an error: {}.", folder_, text), folder_};
}

tl::unexpected<Error> Database::trouble(const QSqlQuery& query) const { return tl::make_unexpected(error_of(query.lastError())); }

Result<std::unique_ptr<Database>> Database::connect(const std::string& folder, Access access) {
    static std::atomic<int> counter{0};
    const std::string file = folder + "/library.db";
    if (access == Access::Read && !is_there(file))
        return fail(ErrorCode::NotFound, fmt::format("There is no library in {}; check the path.", folder), folder);
    // asked for here, where the true reason is told
    if (access == Access::Write && is_there(file)) {
        const int probe = ::open(file.c_str(), O_RDWR | O_CLOEXEC);
        if (probe < 0) return tl::make_unexpected(file_trouble(file, errno));
        ::close(probe);
    }
    std::unique_ptr<Database> out(new Database(folder, QStringLiteral("library-%1").arg(++counter)));
    out->db_ = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), out->connection_);
    QString options = QStringLiteral("QSQLITE_BUSY_TIMEOUT=%1").arg(kBusyMs);
    // on a medium that cannot be written nobody else writes either
    const bool frozen = access == Access::Read && ::access(folder.c_str(), W_OK) != 0 && !is_there(file + "-wal");
    if (frozen) options += QStringLiteral(";QSQLITE_OPEN_READONLY;QSQLITE_OPEN_URI");
    out->db_.setDatabaseName(
        frozen ? QString::fromLatin1(QUrl::fromLocalFile(q(file)).toEncoded()) + QStringLiteral("?immutable=1") : q(file));
    out->db_.setConnectOptions(options);
    if (!out->db_.open()) return tl::make_unexpected(out->error_of(out->db_.lastError()));
    const std::vector<const char*> pragmas = access == Access::Read
        ? std::vector<const char*>{"PRAGMA query_only = ON"}
        : std::vector<const char*>{"PRAGMA journal_mode = WAL", "PRAGMA synchronous = FULL", "PRAGMA foreign_keys = ON"};
    for (const char* pragma : pragmas)
        if (auto r = out->exec(pragma); !r) return tl::make_unexpected(r.error());
    return out;
}

Database::~Database() {
    db_.close();
    db_ = QSqlDatabase();
    QSqlDatabase::removeDatabase(connection_);
}

Result<QSqlQuery> Database::run(const QString& sql, const std::vector<QVariant>& values) const {
    QSqlQuery query(db_);
    query.setForwardOnly(true);
    if (!query.prepare(sql)) return trouble(query);
    for (const auto& v : values) query.addBindValue(v);
    if (!query.exec()) return trouble(query);
    return query;
}

Outcome Database::exec(const char* sql, const std::vector<QVariant>& values) const {
    auto done = run(sql, values);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

Outcome Database::transaction(const std::function<Outcome()>& work) const {
    if (auto begun = exec("BEGIN IMMEDIATE"); !begun) return begun;
    Outcome done;
    try {
        done = work();
    } catch (...) {
        (void)exec("ROLLBACK");
        throw;
    }
    if (done) done = exec("COMMIT");
    if (!done) (void)exec("ROLLBACK");
    return done;
}

Result<int> Database::schema() const {
    auto version = run("PRAGMA user_version");
    if (!version) return tl::make_unexpected(version.error());
    const int now = version->next() ? version->value(0).toInt() : 0;
    if (now > kSchema)
        return fail(ErrorCode::Refused,
            fmt::format("The library {} was written by a newer version of the program; open it with that version.", folder_), folder_);
    return now;
}

Outcome Database::migrate() {
    auto now = schema();
    if (!now) return tl::make_unexpected(now.error());
    for (int v = *now; v < kSchema; ++v) {
        const Outcome moved = transaction([&]() -> Outcome {
            for (const char* sql : kMigrations[v])
                if (auto r = exec(sql); !r) return r;
            if (v == 3) {
                if (auto sealed = seal_journals(); !sealed) return sealed;
                if (auto known = know_documents(); !known) return known;
            }
            return exec(fmt::format("PRAGMA user_version = {}", v + 1).c_str());
        });
        if (!moved) return moved;
    }
    return {};
}

Outcome Database::seal_journals() const {
    auto changes = run("SELECT guide, sequence, at, author, body FROM change ORDER BY guide, sequence");
    if (!changes) return tl::make_unexpected(changes.error());
    std::string guide;
    std::string seal;
    while (changes->next()) {
        if (s(changes->value(0)) != guide) seal = guide = s(changes->value(0));
        const auto sequence = changes->value(1).toLongLong();
        seal = change_seal(seal, sequence, s(changes->value(2)), s(changes->value(3)), s(changes->value(4)));
        if (auto r = exec("UPDATE change SET seal = ? WHERE guide = ? AND sequence = ?",
                {q(seal), q(guide), QVariant::fromValue<qlonglong>(sequence)});
            !r)
            return r;
    }
    auto snapshots = run("SELECT guide, sequence, body FROM snapshot");
    if (!snapshots) return tl::make_unexpected(snapshots.error());
    while (snapshots->next())
        if (auto r = exec("UPDATE snapshot SET seal = ? WHERE guide = ? AND sequence = ?",
                {q(snapshot_seal(snapshots->value(1).toLongLong(), s(snapshots->value(2)))), snapshots->value(0), snapshots->value(1)});
            !r)
            return r;
    return {};
}

Outcome Database::know_documents() const {
    for (const auto& name : names_in(folder_ + "/documents"))
        if (core::is_sha256(name))
            if (auto r = exec("INSERT INTO document (id, added) VALUES (?, '')", {q(name)}); !r) return r;
    return {};
}

}  // namespace anagraph::store
