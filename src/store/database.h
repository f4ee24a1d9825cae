// Database: one connection to a library's file, its schema, and its errors in words. All SQL of the schema stands in
// database.cpp; statements of one subject stand with the subject. Used within `store` only.
#pragma once

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariant>
#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "core/base/result.h"

namespace anagraph::store {

inline constexpr int kSchema = 8;

inline QString q(const std::string& s) { return QString::fromStdString(s); }
inline std::string s(const QVariant& v) { return v.toString().toStdString(); }

class Database {
public:
    enum class Access { Write, Read };

    /// For the thread that calls. Errors: NotFound, Damaged, Unwritable, NoSpace, Busy.
    static core::Result<std::unique_ptr<Database>> connect(const std::string& folder, Access access);
    ~Database();
    Database(const Database&) = delete;
    Database& operator=(const Database&) = delete;

    core::Result<int> schema() const;
    /// Brings an older file to this schema, each version in a transaction of its own. Errors: Refused for a newer one.
    core::Outcome migrate();

    /// Runs one statement with its values.
    core::Result<QSqlQuery> run(const QString& sql, const std::vector<QVariant>& values = {}) const;
    core::Result<QSqlQuery> run(const char* sql, const std::vector<QVariant>& values = {}) const {
        return run(QString::fromLatin1(sql), values);
    }
    /// The same for statements that give back nothing.
    core::Outcome exec(const char* sql, const std::vector<QVariant>& values = {}) const;
    /// All or nothing. It is the only one that writes from its beginning on: another that writes is waited for, never failed on.
    core::Outcome transaction(const std::function<core::Outcome()>& work) const;
    tl::unexpected<core::Error> trouble(const QSqlQuery& query) const;
    const QSqlDatabase& handle() const { return db_; }

private:
    Database(std::string folder, QString connection) : folder_(std::move(folder)), connection_(std::move(connection)) {}
    core::Error error_of(const QSqlError& e) const;
    core::Outcome seal_journals() const;
    core::Outcome know_documents() const;

    std::string folder_;
    QString connection_;
    QSqlDatabase db_;
};

/// What seals a change of the journal: SHA-256 over the seal before it (of the first: the guide's id) and all it says, so that a
/// changed, missing or foreign one shows.
std::string change_seal(
    const std::string& before, std::int64_t sequence, const std::string& at, const std::string& author, const std::string& body);
/// What seals a record of the house or an entry of its logbook: the same, over the record before it (of the first: the empty text).
std::string record_seal(
    const std::string& before, std::int64_t number, const std::string& at, const std::string& by, const std::string& body);
/// What seals a snapshot: SHA-256 over its sequence and its text.
std::string snapshot_seal(std::int64_t sequence, const std::string& body);

}  // namespace anagraph::store
