#include "store/database.h"

#include <fmt/format.h>

#include <QSqlError>
#include <atomic>

#include "core/base/versions.h"
#include "store/digest.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

std::string change_seal(
    const std::string& before, std::int64_t sequence, const std::string& at, const std::string& author, const std::string& body) {
    return sha256(fmt::format("{}\n{}\n{}\n{}\n{}", before, sequence, at, author, body));
}

std::string record_seal(
    const std::string& before, std::int64_t number, const std::string& at, const std::string& by, const std::string& body) {
    return change_seal(before, number, at, by, body);
}

std::string snapshot_seal(std::int64_t sequence, const std::string& body) { return sha256(fmt::format("{}\n{}", sequence, body)); }

tl::unexpected<core::Error> Database::trouble(const QSqlQuery& query) const {
    return tl::make_unexpected(engine_->error_of(db_, query.lastError()));
}

Result<std::unique_ptr<Database>> Database::connect(const LibraryPlace& place, Access access) {
    static std::atomic<int> counter{0};
    std::unique_ptr<Database> out(new Database(place.folder, shown(place), QStringLiteral("library-%1").arg(++counter),
        place.server ? postgres_engine(place, access) : sqlite_engine(place.folder, access)));
    out->db_ = QSqlDatabase::addDatabase(place.server ? QStringLiteral("QPSQL") : QStringLiteral("QSQLITE"), out->connection_);
    if (auto opened = out->engine_->open(out->db_); !opened) return tl::make_unexpected(opened.error());
    return out;
}

Database::~Database() {
    db_.close();
    db_ = QSqlDatabase();
    QSqlDatabase::removeDatabase(connection_);
}

Result<int> Database::schema() const {
    auto now = engine_->schema(*this);
    if (now && *now > core::kLibrarySchema)
        return fail(ErrorCode::Refused,
            core::say(
                core::key("Library", "The library {0} was written by a newer version of the program; open it with that version."), name_),
            name_);
    return now;
}

Result<QSqlQuery> Database::once(const QString& sql, const std::vector<QVariant>& values) const {
    QSqlQuery query(db_);
    // of a server all rows come before the first is looked at: one that breaks off between two would seem to have no more
    query.setForwardOnly(engine_->kind() == EngineKind::File);
    if (values.empty()) {  // a server prepares only what reads or writes rows
        if (!query.exec(sql)) return trouble(query);
        return query;
    }
    if (!query.prepare(sql)) return trouble(query);
    for (const auto& v : values) query.addBindValue(v);
    if (!query.exec()) return trouble(query);
    return query;
}

Result<QSqlQuery> Database::run(const QString& sql, const std::vector<QVariant>& values) const {
    if (gone_) return tl::make_unexpected(*gone_);
    auto done = once(sql, values);
    if (done || done.error().code != ErrorCode::Away) return done;
    if (!patient_) gone_ = done.error();
    if (within_ || !patient_) return done;
    if (auto reached = reach(); !reached) return tl::make_unexpected(reached.error());
    return once(sql, values);
}

Outcome Database::reach() const {
    db_.close();
    auto opened = engine_->open(db_);
    if (opened) gone_.reset();
    return opened;
}

Outcome Database::exec(const char* sql, const std::vector<QVariant>& values) const {
    if (refused_ && !within_) return tl::make_unexpected(*refused_);
    auto done = run(sql, values);
    return done ? Outcome{} : tl::make_unexpected(done.error());
}

Result<QSqlQuery> Database::prepared(const QString& sql) const {
    QSqlQuery query(db_);
    if (!query.prepare(sql)) return trouble(query);
    return query;
}

Outcome Database::again(QSqlQuery& query, const std::vector<QVariant>& values) const {
    for (const auto& v : values) query.addBindValue(v);
    if (!query.exec()) return trouble(query);
    return {};
}

Outcome Database::transaction(const std::vector<std::string>& on, const std::function<Outcome()>& work) const {
    if (auto begun = exec(engine_->begin()); !begun) return begun;
    within_ = true;
    std::string name;
    Outcome done;
    try {
        for (const auto& what : on) {
            const auto held = engine_->hold(*this, what);
            if (!(done = held ? Outcome{} : tl::make_unexpected(held.error()))) break;
            name = *held;
        }
        if (done) done = work();
        for (const auto& what : on)
            if (done) done = engine_->tell(*this, what);
    } catch (...) {
        (void)exec("ROLLBACK");
        within_ = false;
        throw;
    }
    const bool ready = done.has_value();
    if (ready) done = exec("COMMIT");
    if (!done) (void)exec("ROLLBACK");
    within_ = false;
    if (done || !ready || name.empty() || done.error().code != ErrorCode::Away) return done;
    // the connection broke while it was being kept: it was, or it was not, and only the server knows
    const auto kept = was_kept(name);
    if (kept && *kept) return {};
    auto error = done.error();
    error.place = kept ? "" : name;
    return tl::make_unexpected(error);
}

Outcome Database::at_one_moment(const std::function<Outcome()>& read) const {
    if (auto begun = run(engine_->begin_reading()); !begun) return tl::make_unexpected(begun.error());
    within_ = true;
    Outcome done;
    try {
        done = read();
    } catch (...) {
        (void)run("ROLLBACK");
        within_ = false;
        throw;
    }
    (void)run("ROLLBACK");  // nothing was written
    within_ = false;
    return done;
}

Result<bool> Database::was_kept(const std::string& name) const { return engine_->was_kept(*this, name); }

}  // namespace anagraph::store
