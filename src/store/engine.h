// Engine: what a library asks of the database that keeps it, where databases differ. One is the file in a library's folder
// (sqlite_engine.cpp), the other a server that several write in (postgres_engine.cpp). Everything else is SQL that both take.
// Used within `store` only.
#pragma once

#include <QSqlDatabase>
#include <QSqlError>
#include <QStringList>
#include <QVariant>
#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "store/place.h"

namespace anagraph::store {

class Database;

enum class Access { Write, Read };
enum class EngineKind { File, Server };

/// A part of a statement with the values of its question marks.
struct SqlPart {
    QString sql;
    std::vector<QVariant> values;
};

class Engine {
public:
    virtual ~Engine() = default;
    virtual EngineKind kind() const = 0;

    // -- the connection
    /// Opens it and sets it up for this library. Errors: NotFound, Damaged, Unwritable, NoSpace, Busy, Away, Refused.
    virtual core::Outcome open(QSqlDatabase& db) = 0;
    /// What went wrong, for a person. Away: the connection is gone, and open() may make it anew.
    virtual core::Error error_of(const QSqlDatabase& db, const QSqlError& e) const = 0;
    /// Joins those who write in this library, until this engine goes. Where nobody else does, `alone` is done before anybody can; where
    /// others do, `beside` is done in its place. Errors: Busy, with who has it, where somebody works on it alone for long.
    virtual core::Outcome join(Database& db, const std::function<core::Outcome()>& alone, const std::function<core::Outcome()>& beside) = 0;

    /// Keeps everybody else from writing in it, until this engine goes. Errors: Busy where somebody does.
    virtual core::Outcome join_alone(const Database& db) = 0;

    // -- transactions
    virtual const char* begin() const = 0;
    /// One that reads everything as it is at one moment.
    virtual const char* begin_reading() const = 0;
    /// Within one: nobody else writes what is called `on` until it ends; another that does is waited for. Gives back what the engine calls
    /// the transaction, to ask later what became of it; empty where a commit that failed was none.
    virtual core::Result<std::string> hold(const Database& db, const std::string& on) const = 0;
    /// Was it kept, by what hold() gave back? Asked over a new connection.
    virtual core::Result<bool> was_kept(const Database& db, const std::string& name) const = 0;

    // -- the schema
    virtual core::Result<int> schema(const Database& db) const = 0;
    virtual core::Outcome set_schema(const Database& db, int version) const = 0;
    /// A statement of the schema in this engine's own types.
    virtual QString own_types(const char* sql) const = 0;

    // -- what is written differently
    /// Whether a text of a column stands in it, its one value the text.
    virtual QString holds(const char* column) const = 0;
    /// LIKE without regard to case.
    virtual QString like() const = 0;
    /// The statement that adds a line of a narration, its first seven values those of its columns; and the value that comes after them,
    /// where one does.
    virtual QString add_line() const = 0;
    virtual QVariant found_by(const std::string& words) const = 0;
    /// The numbers of lines in which each of these runs of words stands, the last word of a run by its beginning; the first `most` of
    /// them, all for 0.
    virtual SqlPart lines_with(const std::vector<QStringList>& runs, int most) const = 0;

    /// Done once rows with numbers of their own were put into the tables: what comes next is numbered after them.
    virtual core::Outcome after_rows(const Database& db) const = 0;
    /// Seconds since 1970 by the engine's own clock, as a number.
    virtual QString seconds() const = 0;

    // -- what others do
    /// Tells others who have it open that this was written, once the transaction is kept.
    virtual core::Outcome tell(const Database& db, const std::string& topic) const = 0;
    /// Was something written through another connection since this was asked last? It costs next to nothing.
    virtual bool others_wrote(const Database& db) = 0;
    /// See Library::tell_of_others().
    virtual bool tell_of_others(const Database& db, std::function<void()> heard) = 0;
};

std::unique_ptr<Engine> sqlite_engine(const std::string& folder, Access access);
std::unique_ptr<Engine> postgres_engine(const LibraryPlace& place, Access access);

}  // namespace anagraph::store
