// The engine that is a server which several write in at once: PostgreSQL, through Qt's driver.
#include <fmt/format.h>

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QRegularExpression>
#include <QSqlDriver>
#include <QSqlQuery>
#include <QThread>
#include <algorithm>
#include <chrono>
#include <thread>

#include "store/credentials.h"
#include "store/database.h"
#include "store/search_words.h"

namespace anagraph::store {

using core::Error;
using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr const char* kChannel = "anagraph";
constexpr const char* kWriters = "4711001, 1";     // the lock of those who write, among the server's advisory locks
constexpr std::chrono::seconds kJoinPatience{15};  // putting a library in order takes moments

bool is_this_machine(const std::string& host) {
    return host.starts_with('/') || host == "localhost" || host == "127.0.0.1" || host == "::1";
}

QString quoted(const std::string& value) {
    QString out = q(value);
    out.replace(QLatin1Char('\\'), QStringLiteral("\\\\")).replace(QLatin1Char('\''), QStringLiteral("\\'"));
    return QLatin1Char('\'') + out + QLatin1Char('\'');
}

/// The certificates a server is believed by: those the person named, keeps for this, or the machine's.
std::string known_certificates() {
    const QString own = QDir::homePath() + QStringLiteral("/.postgresql/root.crt");
    if (QFileInfo::exists(own)) return own.toStdString();
    const char* machine = "/etc/ssl/certs/ca-certificates.crt";
    return QFileInfo::exists(QLatin1String(machine)) ? machine : "";
}

/// What the server told of others; its driver outlives an engine for a moment.
struct Heard {
    bool something = false;
    std::function<void()> tell;
    void hear() {
        something = true;
        if (tell) tell();
    }
};

class PostgresEngine : public Engine {
public:
    PostgresEngine(LibraryPlace place, Access access) : place_(std::move(place)), access_(access) {}

    EngineKind kind() const override { return EngineKind::Server; }

    Outcome open(QSqlDatabase& db) override {
        const auto& server = *place_.server;
        const auto credentials = credentials_for(credentials_name(place_));
        if (!credentials) return tl::make_unexpected(credentials.error());
        db.setHostName(q(server.host));
        if (server.port != 0) db.setPort(server.port);
        db.setDatabaseName(q(server.database));
        const std::string user = !server.user.empty() ? server.user : *credentials ? (*credentials)->user : "";
        if (!user.empty()) db.setUserName(q(user));
        if (*credentials && (user == (*credentials)->user || (*credentials)->user.empty())) db.setPassword(q((*credentials)->secret));
        auto options = server.options;
        // over a network the server is believed only by its certificate; a closed network is for a person to name
        if (!options.contains("sslmode")) options["sslmode"] = is_this_machine(server.host) ? "prefer" : "verify-full";
        if (options["sslmode"].starts_with("verify") && !options.contains("sslrootcert"))
            if (const auto known = known_certificates(); !known.empty()) options["sslrootcert"] = known;
        QString connect = QStringLiteral(
            "application_name=anagraph;connect_timeout=4;tcp_user_timeout=6000;keepalives_idle=3;keepalives_interval=1;keepalives_count=3");
        connect += QStringLiteral(
            ";options='-c lock_timeout=15000 -c idle_in_transaction_session_timeout=60000 -c client_min_messages=error -c jit=off%1'")
                       .arg(access_ == Access::Read ? QStringLiteral(" -c default_transaction_read_only=on") : QString());
        for (const auto& [name, value] : options) connect += QStringLiteral(";%1=%2").arg(q(name), quoted(value));
        db.setConnectOptions(connect);
        if (!db.open()) return tl::make_unexpected(not_reached(db.lastError()));
        for (const auto& sql : {joined_ ? QStringLiteral("SELECT pg_advisory_lock_shared(%1)").arg(QLatin1String(kWriters)) : QString()}) {
            QSqlQuery query(db);
            if (!sql.isEmpty() && !query.exec(sql)) return tl::make_unexpected(error_of(db, query.lastError()));
        }
        if (listening_) {
            listen(db);
            heard_->hear();  // what was told meanwhile was told to nobody
        }
        return {};
    }

    Error error_of(const QSqlDatabase&, const QSqlError& e) const override {
        const std::string state = e.nativeErrorCode().toStdString();
        const std::string name = shown(place_);
        const auto is = [&](const char* code) { return state.starts_with(code); };
        if (state.empty() || is("08") || is("57P0"))
            return {ErrorCode::Away,
                core::say(core::key("Library",
                              "The server of the library {0} cannot be reached, so nothing was saved; try again when it is back."),
                    name),
                ""};
        if (is("25006") && access_ == Access::Write)
            return {ErrorCode::Away,
                core::say(
                    core::key("Library", "The server of the library {0} is being restored and takes no changes now; try again later."),
                    name),
                ""};
        if (is("25006"))
            return {ErrorCode::Unwritable,
                core::say(core::key("Library", "The library {0} was opened for reading, so nothing was saved."), name), name};
        if (is("42501"))
            return {ErrorCode::Refused,
                core::say(
                    core::key("Library", "The library {0} does not let you do this; whoever keeps it gives each post its role."), name),
                name};
        if (is("53100"))
            return {ErrorCode::NoSpace,
                core::say(core::key("Library",
                              "The disk of the server of {0} is full, so the change was not saved; its keeper must free some space."),
                    name),
                name};
        if (is("53"))
            return {ErrorCode::Busy,
                core::say(
                    core::key("Library", "The server of the library {0} has no room for more at the moment; try again in a while."), name),
                name};
        if (is("55P03") || is("40"))
            return {ErrorCode::Busy,
                core::say(
                    core::key("Library", "The library {0} is being written by another program for a long time; try again when it is done."),
                    name),
                name};
        if (is("XX00"))
            return {ErrorCode::Damaged,
                core::say(core::key("Library", "The database of the library {0} is damaged; its keeper must put back a copy."), name),
                name};
        return {ErrorCode::Unreadable,
            core::say(core::key("Library", "The library {0} answered with an error: {1}."), name, e.databaseText().trimmed().toStdString()),
            name};
    }

    Outcome join(Database& db, const std::function<Outcome()>& alone, const std::function<Outcome()>& beside) override {
        const auto lock = [&](const char* how) -> Result<bool> {
            auto done = db.run(QStringLiteral("SELECT CAST(%1(%2) AS TEXT)").arg(QLatin1String(how), QLatin1String(kWriters)));
            if (!done) return tl::make_unexpected(done.error());
            return done->next() && done->value(0).toString() != QLatin1String("false");
        };
        const auto until = std::chrono::steady_clock::now() + kJoinPatience;
        for (;;) {
            const auto mine = lock("pg_try_advisory_lock");
            if (!mine) return tl::make_unexpected(mine.error());
            if (*mine) {
                const auto done = alone();
                const auto shared = lock("pg_advisory_lock_shared");
                const auto left = lock("pg_advisory_unlock");
                if (!done) return done;
                if (!shared || !left) return tl::make_unexpected(shared ? left.error() : shared.error());
                break;
            }
            const auto ours = lock("pg_try_advisory_lock_shared");
            if (!ours) return tl::make_unexpected(ours.error());
            if (*ours) {
                if (auto done = beside(); !done) return done;
                break;
            }
            if (std::chrono::steady_clock::now() > until)
                return fail(ErrorCode::Busy,
                    core::say(core::key("Library", "The library {0} is being put in order by another program; try again when it is done."),
                        db.name()),
                    db.name());
            std::this_thread::sleep_for(std::chrono::milliseconds(20));
        }
        joined_ = true;
        return {};
    }

    Outcome join_alone(const Database& db) override {
        auto mine = db.run(QStringLiteral("SELECT pg_try_advisory_lock(%1)").arg(QLatin1String(kWriters)));
        if (!mine) return tl::make_unexpected(mine.error());
        if (!mine->next() || !mine->value(0).toBool())
            return fail(ErrorCode::Busy,
                core::say(core::key("Library", "The library {0} is open elsewhere; close it everywhere first."), db.name()), db.name());
        return {};
    }

    const char* begin() const override { return "BEGIN"; }
    const char* begin_reading() const override { return "BEGIN ISOLATION LEVEL REPEATABLE READ, READ ONLY"; }

    Result<std::string> hold(const Database& db, const std::string& on) const override {
        auto held =
            db.run("SELECT CAST(pg_advisory_xact_lock(hashtextextended(?, 0)) AS TEXT), CAST(pg_current_xact_id() AS TEXT)", {q(on)});
        if (!held) return tl::make_unexpected(held.error());
        return held->next() ? s(held->value(1)) : std::string();
    }

    Result<bool> was_kept(const Database& db, const std::string& name) const override {
        for (int tries = 0; tries < 40; ++tries) {
            auto status = db.run("SELECT pg_xact_status(CAST(? AS xid8))", {q(name)});
            if (!status) return tl::make_unexpected(status.error());
            const std::string now = status->next() ? s(status->value(0)) : "";
            if (now == "committed") return true;
            if (now == "aborted") return false;
            if (now != "in progress") break;
            std::this_thread::sleep_for(std::chrono::milliseconds(50));  // the server has not noticed yet that we are gone
        }
        return fail(ErrorCode::Away,
            core::say(core::key("Library", "What became of a change of the library {0} cannot be found out now."), db.name()), name);
    }

    Result<int> schema(const Database& db) const override {
        auto there = db.run("SELECT COALESCE(CAST(to_regclass('library_schema') AS TEXT), '')");
        if (!there) return tl::make_unexpected(there.error());
        if (!there->next() || s(there->value(0)).empty()) return 0;
        auto version = db.run("SELECT version FROM library_schema");
        if (!version) return tl::make_unexpected(version.error());
        return version->next() ? version->value(0).toInt() : 0;
    }

    Outcome set_schema(const Database& db, int version) const override {
        if (auto r = db.exec("CREATE TABLE IF NOT EXISTS library_schema (version INTEGER NOT NULL)"); !r) return r;
        if (auto r = db.exec("DELETE FROM library_schema"); !r) return r;
        return db.exec("INSERT INTO library_schema (version) VALUES (?)", {version});
    }

    /// Texts are put in the order of their bytes, as the file does; a number that lines give themselves is given by the server.
    QString own_types(const char* sql) const override {
        static const QRegularExpression text(QStringLiteral("\\bTEXT\\b"));
        QString out = QString::fromLatin1(sql);
        out.replace(QStringLiteral("id INTEGER PRIMARY KEY"), QStringLiteral("id BIGINT GENERATED BY DEFAULT AS IDENTITY PRIMARY KEY"));
        return out.replace(text, QStringLiteral("TEXT COLLATE \"C\""));
    }

    QString holds(const char* column) const override { return QStringLiteral("POSITION(? IN %1) > 0").arg(QLatin1String(column)); }
    QString like() const override { return QStringLiteral("ILIKE"); }
    QString add_line() const override {
        return QStringLiteral(
            "INSERT INTO segment (recording, position, start_at, end_at, words, speaker, heard, found) VALUES (?, ?, ?, ?, ?, ?, ?, CAST(? "
            "AS TSVECTOR))");
    }

    QVariant found_by(const std::string& words) const override {
        constexpr int kMostPlaces = 16383;  // of a word in its line, as the server counts
        QString out;
        int place = 0;
        for (const auto& word : words_in(q(words))) out += QStringLiteral("'%1':%2 ").arg(folded(word)).arg(std::min(++place, kMostPlaces));
        return out;
    }

    SqlPart lines_with(const std::vector<QStringList>& runs, int most) const override {
        QStringList asked;
        for (const auto& run : runs) {
            QStringList words;
            for (const auto& word : run) words << QLatin1Char('\'') + folded(word) + QLatin1Char('\'');
            asked << words.join(QStringLiteral(" <-> ")) + QStringLiteral(":*");
        }
        const QVariant query = asked.join(QStringLiteral(" & "));
        if (most == 0) return {QStringLiteral("SELECT id FROM segment WHERE found @@ CAST(? AS TSQUERY)"), {query}};
        // A common word is found among the first lines, in their order; a rare one by the index, which knows no order. The planner cannot
        // tell which of the two a beginning of a word is, so the first few lines do.
        constexpr int kFew = 2000;
        constexpr int kMany = 20 * kFew;
        return {
            QStringLiteral("WITH few AS MATERIALIZED (SELECT w.id FROM (SELECT id, found FROM segment ORDER BY id LIMIT %1) w WHERE "
                           "w.found @@ CAST(? AS TSQUERY) ORDER BY w.id LIMIT %3), many AS MATERIALIZED (SELECT w.id FROM (SELECT id, "
                           "found FROM segment WHERE (SELECT COUNT(*) FROM few) BETWEEN %3 / 20 AND %3 - 1 ORDER BY id LIMIT %2) w WHERE "
                           "w.found @@ CAST(? AS TSQUERY) ORDER BY w.id LIMIT %3), every AS MATERIALIZED (SELECT id FROM segment WHERE "
                           "found @@ CAST(? AS TSQUERY) AND (SELECT COUNT(*) FROM few) < %3 AND (SELECT COUNT(*) FROM many) < %3) SELECT "
                           "id FROM (SELECT id FROM few UNION SELECT id FROM many UNION SELECT id FROM every) hits ORDER BY id LIMIT %3")
                .arg(kFew)
                .arg(kMany)
                .arg(most),
            {query, query, query}};
    }

    Outcome after_rows(const Database& db) const override {
        auto numbered =
            db.exec("SELECT setval(pg_get_serial_sequence('segment', 'id'), COALESCE((SELECT MAX(id) FROM segment), 0) + 1, FALSE)");
        // how often a word is said decides how it is searched for
        return numbered ? db.exec("ANALYZE") : numbered;
    }
    QString seconds() const override { return QStringLiteral("CAST(EXTRACT(EPOCH FROM CLOCK_TIMESTAMP()) AS BIGINT)"); }

    Outcome tell(const Database& db, const std::string& topic) const override {
        return db.exec("SELECT CAST(pg_notify(?, ?) AS TEXT)", {QString::fromLatin1(kChannel), q(topic)});
    }

    bool others_wrote(const Database& db) override {
        begin_to_listen(db);
        return std::exchange(heard_->something, false);
    }

    bool tell_of_others(const Database& db, std::function<void()> heard) override {
        begin_to_listen(db);
        heard_->tell = std::move(heard);
        return QCoreApplication::instance() != nullptr;
    }

private:
    Error not_reached(const QSqlError& e) const {
        const std::string text = e.databaseText().trimmed().toStdString();
        const std::string name = shown(place_);
        const auto says = [&](const char* words) { return text.find(words) != std::string::npos; };
        if (says("password") || says("authentication"))
            return {ErrorCode::Refused,
                core::say(core::key("Library",
                              "The server of {0} does not know you by this name and password; keep the right one with anagraph-cli library "
                              "password ADDRESS."),
                    name),
                name};
        if (says("certificate"))
            return {ErrorCode::Refused,
                core::say(core::key("Library",
                              "The server of {0} does not prove that it is the one you mean ({1}); nothing was sent to it. Ask its keeper "
                              "for its "
                              "certificate and name it with sslrootcert in the address."),
                    name, text),
                name};
        if (says("does not support SSL"))
            return {ErrorCode::Refused,
                core::say(core::key("Library",
                              "The server of {0} sends everything in the open; where the network is closed to others, say so with "
                              "sslmode=disable in the address."),
                    name),
                name};
        if (says("does not exist"))
            return {ErrorCode::NotFound,
                core::say(core::key("Library", "There is no database {0} on {1} for you ({2}); its keeper makes one."),
                    place_.server->database, place_.server->host,
                    text.substr(text.rfind("FATAL") == std::string::npos ? 0 : text.rfind("FATAL"))),
                name};
        return {ErrorCode::Away,
            core::say(
                core::key("Library", "The server of the library {0} cannot be reached; check the network, or try again when it is back."),
                name),
            ""};
    }

    void begin_to_listen(const Database& db) {
        if (std::exchange(listening_, true)) return;
        listen(db.handle());
    }

    void listen(const QSqlDatabase& db) {
        // its driver reads what is told as it comes, where there is an event loop
        if (QCoreApplication::instance() == nullptr) return;
        QObject::connect(db.driver(), &QSqlDriver::notification, db.driver(),
            [heard = heard_](const QString&, QSqlDriver::NotificationSource source, const QVariant&) {
                if (source != QSqlDriver::SelfSource) heard->hear();
            });
        db.driver()->subscribeToNotification(QLatin1String(kChannel));
    }

    LibraryPlace place_;
    Access access_;
    bool joined_ = false;
    bool listening_ = false;
    std::shared_ptr<Heard> heard_ = std::make_shared<Heard>();
};

}  // namespace

std::unique_ptr<Engine> postgres_engine(const LibraryPlace& place, Access access) {
    return std::make_unique<PostgresEngine>(place, access);
}

}  // namespace anagraph::store
