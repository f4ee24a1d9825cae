#include "store/schema.h"

#include <optional>

#include "core/base/versions.h"
#include "core/procedure/ids.h"
#include "store/database.h"
#include "store/files.h"

namespace anagraph::store {

using core::Outcome;

namespace {

/// A statement of the schema, and whose it is.
struct Statement {
    const char* sql;
    std::optional<EngineKind> of = std::nullopt;  // nothing: every engine's
    Statement(const char* text) : sql(text) {}    // NOLINT: a list of texts reads as one
    Statement(EngineKind kind, const char* text) : sql(text), of(kind) {}
};

const std::vector<Statement> kMigrations[core::kLibrarySchema] = {
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
        // words by their beginnings
        {EngineKind::File,
            "CREATE VIRTUAL TABLE segment_words USING fts5(words, content='segment', content_rowid='id', tokenize='unicode61 "
            "remove_diacritics 2', prefix='1 2 3 4 5 6 7 8')"},
        {EngineKind::File, "INSERT INTO segment_words (rowid, words) SELECT id, words FROM segment"},
        {EngineKind::File,
            "CREATE TRIGGER segment_added AFTER INSERT ON segment BEGIN INSERT INTO segment_words (rowid, words) VALUES (new.id, "
            "new.words); END"},
        {EngineKind::File,
            "CREATE TRIGGER segment_gone AFTER DELETE ON segment BEGIN INSERT INTO segment_words (segment_words, rowid, words) VALUES "
            "('delete', old.id, old.words); END"},
        {EngineKind::Server, "ALTER TABLE segment ADD COLUMN found TSVECTOR NOT NULL DEFAULT ''"},
        {EngineKind::Server, "CREATE INDEX segment_found ON segment USING GIN (found) WITH (fastupdate = off)"},
    },
    // keys, checks, learners and what was handed out; see core/records
    {"CREATE TABLE record (number BIGINT PRIMARY KEY, at TEXT NOT NULL, author TEXT NOT NULL, body TEXT NOT NULL, seal TEXT NOT NULL)"},
    // what a house knows of its machines; see core/logbook
    {"CREATE TABLE log (number BIGINT PRIMARY KEY, at TEXT NOT NULL, author TEXT NOT NULL, body TEXT NOT NULL, seal TEXT NOT NULL)"},
    // runs under way at the bench, what happened in them, and when the program was last there; see core/bench
    {"CREATE TABLE bench (run TEXT NOT NULL, number BIGINT NOT NULL, at BIGINT NOT NULL, body TEXT NOT NULL, PRIMARY KEY (run, number))",
        "CREATE TABLE bench_alive (run TEXT PRIMARY KEY, at BIGINT NOT NULL)"},
    // what a recogniser told of the words of a line
    {"ALTER TABLE segment ADD COLUMN heard TEXT NOT NULL DEFAULT ''"},
    // who has it open, and where: see Library::present()
    {"CREATE TABLE present (who TEXT PRIMARY KEY, post TEXT NOT NULL, guide TEXT NOT NULL, step TEXT NOT NULL, seen BIGINT NOT NULL)"}};

Outcome seal_journals(const Database& db) {
    auto changes = db.run("SELECT guide, sequence, at, author, body FROM change ORDER BY guide, sequence");
    if (!changes) return tl::make_unexpected(changes.error());
    std::string guide;
    std::string seal;
    while (changes->next()) {
        if (s(changes->value(0)) != guide) seal = guide = s(changes->value(0));
        const auto sequence = changes->value(1).toLongLong();
        seal = change_seal(seal, sequence, s(changes->value(2)), s(changes->value(3)), s(changes->value(4)));
        if (auto r = db.exec("UPDATE change SET seal = ? WHERE guide = ? AND sequence = ?",
                {q(seal), q(guide), QVariant::fromValue<qlonglong>(sequence)});
            !r)
            return r;
    }
    auto snapshots = db.run("SELECT guide, sequence, body FROM snapshot");
    if (!snapshots) return tl::make_unexpected(snapshots.error());
    while (snapshots->next())
        if (auto r = db.exec("UPDATE snapshot SET seal = ? WHERE guide = ? AND sequence = ?",
                {q(snapshot_seal(snapshots->value(1).toLongLong(), s(snapshots->value(2)))), snapshots->value(0), snapshots->value(1)});
            !r)
            return r;
    return {};
}

Outcome know_documents(const Database& db) {
    for (const auto& name : names_in(db.folder() + "/documents"))
        if (core::is_sha256(name))
            if (auto r = db.exec("INSERT INTO document (id, added) VALUES (?, '')", {q(name)}); !r) return r;
    return {};
}

}  // namespace

Outcome migrate(const Database& db) {
    const auto now = db.schema();
    if (!now) return tl::make_unexpected(now.error());
    for (int v = *now; v < core::kLibrarySchema; ++v) {
        const Outcome moved = db.transaction("schema", [&]() -> Outcome {
            for (const auto& statement : kMigrations[v])
                if (!statement.of || *statement.of == db.engine().kind())
                    if (auto r = db.run(db.engine().own_types(statement.sql)); !r) return tl::make_unexpected(r.error());
            if (v == 3) {
                if (auto sealed = seal_journals(db); !sealed) return sealed;
                if (auto known = know_documents(db); !known) return known;
            }
            return db.engine().set_schema(db, v + 1);
        });
        if (!moved) return moved;
    }
    return {};
}

}  // namespace anagraph::store
