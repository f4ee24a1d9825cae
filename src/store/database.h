// Database: one connection to what a library is written in, whichever engine that is; statements, transactions, errors in words. The
// schema stands in schema.cpp, statements of one subject with the subject. Used within `store` only.
#pragma once

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariant>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "store/engine.h"
#include "store/schema.h"

namespace anagraph::store {

inline QString q(const std::string& s) { return QString::fromStdString(s); }
inline std::string s(const QVariant& v) { return v.toString().toStdString(); }

class Database {
public:
    /// For the thread that calls. Errors: NotFound, Damaged, Unwritable, NoSpace, Busy, Away, Refused.
    static core::Result<std::unique_ptr<Database>> connect(const LibraryPlace& place, Access access);
    ~Database();
    Database(const Database&) = delete;
    Database& operator=(const Database&) = delete;

    /// The version of the tables. Errors: Refused for a newer one than this program knows.
    core::Result<int> schema() const;

    /// Runs one statement with its values. One that finds the connection gone makes it anew, once, outside of a transaction.
    core::Result<QSqlQuery> run(const QString& sql, const std::vector<QVariant>& values = {}) const;
    core::Result<QSqlQuery> run(const char* sql, const std::vector<QVariant>& values = {}) const {
        return run(QString::fromLatin1(sql), values);
    }
    /// The same for statements that give back nothing.
    core::Outcome exec(const char* sql, const std::vector<QVariant>& values = {}) const;
    /// A statement to be run many times, within a transaction.
    core::Result<QSqlQuery> prepared(const QString& sql) const;
    core::Outcome again(QSqlQuery& query, const std::vector<QVariant>& values) const;
    /// All or nothing. Nobody else writes meanwhile what is called `on` (in the order given): another that does is waited for, never failed
    /// on. Where the connection breaks while it is being kept, it is asked what became of it. Errors also: Away, with `place` what
    /// was_kept() takes where that could not be found out.
    core::Outcome transaction(const std::vector<std::string>& on, const std::function<core::Outcome()>& work) const;
    core::Outcome transaction(const std::string& on, const std::function<core::Outcome()>& work) const {
        return transaction(std::vector<std::string>{on}, work);
    }
    /// Reads everything as it is at one moment, whatever others write meanwhile.
    core::Outcome at_one_moment(const std::function<core::Outcome()>& read) const;
    /// From now on nothing can be written, for this reason.
    void refuse_writing(core::Error why) { refused_ = std::move(why); }
    /// What became of a transaction that ended with Away. Errors: Away, still.
    core::Result<bool> was_kept(const std::string& name) const;
    tl::unexpected<core::Error> trouble(const QSqlQuery& query) const;

    /// Impatient: a connection that is gone is not made anew but by reach(), and until then everything ends at once with Away.
    void set_patient(bool patient) { patient_ = patient; }
    core::Outcome reach() const;

    Engine& engine() const { return *engine_; }
    const std::string& folder() const { return folder_; }
    const std::string& name() const { return name_; }
    const QSqlDatabase& handle() const { return db_; }

private:
    Database(std::string folder, std::string name, QString connection, std::unique_ptr<Engine> engine)
        : folder_(std::move(folder)), name_(std::move(name)), connection_(std::move(connection)), engine_(std::move(engine)) {}
    core::Result<QSqlQuery> once(const QString& sql, const std::vector<QVariant>& values) const;

    std::string folder_;  // where its files lie
    std::string name_;    // as it is shown to a person
    QString connection_;
    std::unique_ptr<Engine> engine_;
    mutable QSqlDatabase db_;
    mutable bool within_ = false;  // a transaction
    bool patient_ = true;
    mutable std::optional<core::Error> gone_;  // why the connection is
    std::optional<core::Error> refused_;       // why nothing may be written
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
