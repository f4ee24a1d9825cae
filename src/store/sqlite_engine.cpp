// The engine that is a file in the library's folder: SQLite.
#include <fcntl.h>
#include <fmt/format.h>
#include <sqlite3.h>
#include <sys/statvfs.h>
#include <unistd.h>

#include <QFileSystemWatcher>
#include <QSqlDriver>
#include <QSqlQuery>
#include <QUrl>
#include <cerrno>
#include <optional>

#include "store/database.h"
#include "store/files.h"
#include "store/library_lock.h"

namespace anagraph::store {

using core::Error;
using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr int kBusyMs = 15000;  // how long one that writes is waited for

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

class SqliteEngine : public Engine {
public:
    SqliteEngine(std::string folder, Access access) : folder_(std::move(folder)), access_(access) {}

    EngineKind kind() const override { return EngineKind::File; }

    Outcome open(QSqlDatabase& db) override {
        const std::string file = folder_ + "/library.db";
        if (access_ == Access::Read && !is_there(file))
            return fail(
                ErrorCode::NotFound, core::say(core::key("Library", "There is no library in {0}; check the path."), folder_), folder_);
        // asked for here, where the true reason is told
        if (access_ == Access::Write && is_there(file)) {
            const int probe = ::open(file.c_str(), O_RDWR | O_CLOEXEC);
            if (probe < 0) return tl::make_unexpected(file_trouble(file, errno));
            ::close(probe);
        }
        QString options = QStringLiteral("QSQLITE_BUSY_TIMEOUT=%1").arg(kBusyMs);
        // on a medium that cannot be written nobody else writes either
        const bool frozen = access_ == Access::Read && ::access(folder_.c_str(), W_OK) != 0 && !is_there(file + "-wal");
        if (frozen) options += QStringLiteral(";QSQLITE_OPEN_READONLY;QSQLITE_OPEN_URI");
        db.setDatabaseName(
            frozen ? QString::fromLatin1(QUrl::fromLocalFile(q(file)).toEncoded()) + QStringLiteral("?immutable=1") : q(file));
        db.setConnectOptions(options);
        if (!db.open()) return tl::make_unexpected(error_of(db, db.lastError()));
        const QStringList pragmas = access_ == Access::Read
            ? QStringList{QStringLiteral("PRAGMA query_only = ON")}
            : QStringList{QStringLiteral("PRAGMA journal_mode = WAL"), QStringLiteral("PRAGMA synchronous = FULL"),
                  QStringLiteral("PRAGMA foreign_keys = ON")};
        for (const auto& pragma : pragmas) {
            QSqlQuery set(db);
            if (!set.exec(pragma)) return tl::make_unexpected(error_of(db, set.lastError()));
        }
        return {};
    }

    core::Error error_of(const QSqlDatabase& db, const QSqlError& e) const override {
        const std::string text = e.databaseText().toStdString();
        const int native = e.nativeErrorCode().toInt() & 0xFF;  // the rest tells more than a person wants
        const auto says = [&](const char* words) { return text.find(words) != std::string::npos; };
        // where a file call failed, the system knows why; the database tells only that it did
        const auto handle = db.driver()->handle();
        const int reason = native != 5 && native != 6 && qstrcmp(handle.typeName(), "sqlite3*") == 0 && handle.constData() != nullptr
            ? sqlite3_system_errno(*static_cast<sqlite3* const*>(handle.constData()))
            : 0;
        if (native == 13 || says("is full") ||
            ((native == 10 || native == 14) && (reason == ENOSPC || reason == EDQUOT || disk_full(folder_))))
            return {ErrorCode::NoSpace,
                core::key("Library", "The disk is full, so the change was not saved; free some space and do it again."), folder_};
        if ((native == 10 || native == 14) && reason != 0 && reason != ENOENT)
            return file_trouble("a file of the library " + folder_, reason);
        // the database falls back to reading where a file cannot be opened for writing, whatever the reason
        const bool allowed = ::access(folder_.c_str(), W_OK) == 0 && ::access((folder_ + "/library.db").c_str(), W_OK) == 0;
        if ((native == 8 || says("readonly")) && allowed)
            return {ErrorCode::Unwritable,
                core::say(core::key("Library",
                              "The file of the library {0} could be opened for reading only: the disk is full or failed for a moment, or a "
                              "permission is in the way. Open it again."),
                    folder_),
                folder_};
        if (native == 8 || says("readonly"))
            return {ErrorCode::Unwritable,
                core::say(
                    core::key("Library", "The library {0} may not be written; change the folder's permissions or open a copy."), folder_),
                folder_};
        if (native == 5 || native == 6 || says("locked"))
            return {ErrorCode::Busy,
                core::say(
                    core::key("Library", "The library {0} is being written by another program for a long time; try again when it is done."),
                    folder_),
                folder_};
        const bool damaged = native == 11 || native == 26 || says("malformed") || says("not a database");
        // a page that could not be read looks like one that is damaged: nobody shall put back an old copy for a loose cable
        if (damaged && (reason == EIO || whole_after_all(folder_))) return file_trouble("a file of the library " + folder_, EIO, "read");
        if (damaged)
            return {ErrorCode::Damaged,
                core::say(core::key("Library", "The library file in {0} is damaged; put back library.db from your last copy."), folder_),
                folder_};
        if (native == 10)
            return {ErrorCode::Unwritable,
                core::say(
                    core::key("Library",
                        "The disk of the library {0} failed, so the change was not saved; check the disk and its cable, and do it again."),
                    folder_),
                folder_};
        if (native == 14)
            return {ErrorCode::Unwritable,
                core::say(
                    core::key("Library",
                        "A file of the library {0} could not be opened: the disk is full or failed for a moment, or a permission is in the "
                        "way. Check that the folder and the files in it may be read and written, and try again."),
                    folder_),
                folder_};
        if (native == 7)
            return {ErrorCode::NoMemory,
                core::key("Library", "The memory does not suffice, so the change was not saved; close other programs and do it again."),
                folder_};
        return {
            ErrorCode::Unreadable, core::say(core::key("Library", "The library {0} answered with an error: {1}."), folder_, text), folder_};
    }

    Outcome join(Database&, const std::function<Outcome()>& alone, const std::function<Outcome()>& beside) override {
        auto lock = LibraryLock::join(folder_, alone, beside);
        if (!lock) return tl::make_unexpected(lock.error());
        lock_ = std::move(*lock);
        return {};
    }

    Outcome join_alone(const Database&) override {
        auto lock = LibraryLock::take(folder_);
        if (!lock) return tl::make_unexpected(lock.error());
        lock_ = std::move(*lock);
        return {};
    }

    // the only one that writes from its beginning on, whatever it is on: another that writes is waited for, never failed on
    const char* begin() const override { return "BEGIN IMMEDIATE"; }
    const char* begin_reading() const override { return "BEGIN"; }
    Result<std::string> hold(const Database&, const std::string&) const override { return std::string(); }
    Result<bool> was_kept(const Database&, const std::string&) const override { return false; }

    Result<int> schema(const Database& db) const override {
        auto version = db.run("PRAGMA user_version");
        if (!version) return tl::make_unexpected(version.error());
        return version->next() ? version->value(0).toInt() : 0;
    }
    Outcome set_schema(const Database& db, int version) const override {
        return db.exec(fmt::format("PRAGMA user_version = {}", version).c_str());
    }
    QString own_types(const char* sql) const override { return QString::fromLatin1(sql); }

    QString holds(const char* column) const override { return QStringLiteral("INSTR(%1, ?) > 0").arg(QLatin1String(column)); }
    QString like() const override { return QStringLiteral("LIKE"); }
    QString add_line() const override {
        return QStringLiteral(
            "INSERT INTO segment (recording, position, start_at, end_at, words, speaker, heard) VALUES (?, ?, ?, ?, ?, ?, ?)");
    }
    QVariant found_by(const std::string&) const override { return {}; }  // a trigger of the schema does it
    SqlPart lines_with(const std::vector<QStringList>& runs, int most) const override {
        QStringList asked;
        for (const auto& run : runs) asked << QStringLiteral("\"%1\"*").arg(run.join(QLatin1Char(' ')));
        SqlPart out{QStringLiteral("SELECT rowid FROM segment_words WHERE segment_words MATCH ?"), {asked.join(QLatin1Char(' '))}};
        if (most == 0) return out;
        out.sql += QStringLiteral(" ORDER BY rowid LIMIT ?");
        out.values.emplace_back(most);
        return out;
    }

    Outcome after_rows(const Database&) const override { return {}; }
    QString seconds() const override { return QStringLiteral("CAST(STRFTIME('%s', 'now') AS INTEGER)"); }

    Outcome tell(const Database&, const std::string&) const override { return {}; }
    bool others_wrote(const Database& db) override {
        auto version = db.run("PRAGMA data_version");
        const qlonglong now = version && version->next() ? version->value(0).toLongLong() : seen_;
        return std::exchange(seen_, now) != now && now != 0;
    }

    bool tell_of_others(const Database&, std::function<void()> heard) override {
        // every change goes into this file first, and it stays as long as one connection does
        const QString journal = q(folder_ + "/library.db-wal");
        watch_ = std::make_unique<QFileSystemWatcher>();
        QObject::connect(watch_.get(), &QFileSystemWatcher::fileChanged, watch_.get(), [heard = std::move(heard)] { heard(); });
        return watch_->addPath(journal);
    }

private:
    std::string folder_;
    Access access_;
    std::optional<LibraryLock> lock_;
    qlonglong seen_ = 0;  // what the file says of the writing of others
    std::unique_ptr<QFileSystemWatcher> watch_;
};

}  // namespace

std::unique_ptr<Engine> sqlite_engine(const std::string& folder, Access access) { return std::make_unique<SqliteEngine>(folder, access); }

}  // namespace anagraph::store
