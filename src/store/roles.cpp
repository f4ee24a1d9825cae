#include "store/roles.h"

#include <fmt/format.h>

#include "core/base/caught.h"
#include "store/database.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

/// What a role may do beside what the reader may.
struct Right {
    Role role;
    const char* what;
    const char* tables;
};
constexpr Right kRights[] = {
    // everybody is seen, and sees who is there
    {Role::Reader, "SELECT", "ALL TABLES IN SCHEMA public"},
    {Role::Reader, "INSERT, UPDATE, DELETE", "present"},
    {Role::Author, "INSERT", "guide, change, snapshot, recording, segment, document, edition, arriving"},
    {Role::Author, "UPDATE", "guide, recording"},
    {Role::Author, "DELETE", "segment, arriving"},
    {Role::Author, "USAGE", "ALL SEQUENCES IN SCHEMA public"},
    // a checker comments in the guide and passes its places
    {Role::Checker, "INSERT", "change, snapshot, record, document, arriving"},
    {Role::Checker, "UPDATE", "guide"},
    {Role::Checker, "DELETE", "arriving"},
    {Role::Trainer, "INSERT", "record, log, bench, bench_alive, document, arriving"},
    {Role::Trainer, "DELETE", "bench, bench_alive, arriving"},
    {Role::Keeper, "INSERT", "house"},
    {Role::Keeper, "DELETE", "house"},
};

QString identifier(const std::string& name) {
    QString out = q(name);
    return QLatin1Char('"') + out.replace(QLatin1Char('"'), QStringLiteral("\"\"")) + QLatin1Char('"');
}

QString named(const LibraryPlace& place, Role role) { return identifier(place.server->database + "_" + std::string(core::name_of(role))); }

Result<std::unique_ptr<Database>> server_at(const LibraryPlace& place) {
    if (!place.server)
        return fail(ErrorCode::BadInput,
            core::say(
                core::key("Library", "The library {0} is a folder; who may do what there is said by the rights of its files."), place.text),
            place.text);
    return Database::connect(place, Access::Write);
}

Outcome run_all(const Database& db, const QStringList& statements) {
    return db.transaction("schema", [&]() -> Outcome {
        for (const auto& sql : statements)
            if (auto r = db.run(sql); !r) return tl::make_unexpected(r.error());
        return {};
    });
}

}  // namespace

Outcome make_roles(const std::string& text) {
    return core::caught([&]() -> Outcome {
        const auto place = library_place(text);
        if (!place) return tl::make_unexpected(place.error());
        const auto db = server_at(*place);
        if (!db) return tl::make_unexpected(db.error());
        QStringList all;
        for (const auto& role : core::all_of<Role>()) {
            auto there = (*db)->run("SELECT COUNT(*) FROM pg_roles WHERE rolname = ?",
                {q(place->server->database + "_" + std::string(core::name_of(role.value)))});
            if (!there) return tl::make_unexpected(there.error());
            if (there->next() && there->value(0).toInt() == 0)
                all << QStringLiteral("CREATE ROLE %1 NOLOGIN").arg(named(*place, role.value));
        }
        const QString reader = named(*place, Role::Reader);
        all << QStringLiteral("GRANT CONNECT ON DATABASE %1 TO %2").arg(identifier(place->server->database), reader)
            << QStringLiteral("GRANT USAGE ON SCHEMA public TO %1").arg(reader);
        for (const Role role : {Role::Author, Role::Checker, Role::Trainer})
            all << QStringLiteral("GRANT %1 TO %2").arg(reader, named(*place, role));
        for (const Role role : {Role::Author, Role::Checker, Role::Trainer})
            all << QStringLiteral("GRANT %1 TO %2").arg(named(*place, role), named(*place, Role::Keeper));
        for (const auto& right : kRights)
            all << QStringLiteral("GRANT %1 ON %2 TO %3")
                       .arg(QLatin1String(right.what), QLatin1String(right.tables), named(*place, right.role));
        return run_all(**db, all);
    });
}

Outcome give_role(const std::string& text, const std::string& name, Role role) {
    return core::caught([&]() -> Outcome {
        if (auto made = make_roles(text); !made) return made;
        const auto place = library_place(text);
        const auto db = server_at(*place);
        if (!db) return tl::make_unexpected(db.error());
        auto known = (*db)->run("SELECT COUNT(*) FROM pg_roles WHERE rolname = ?", {q(name)});
        if (!known) return tl::make_unexpected(known.error());
        if (!known->next() || known->value(0).toInt() == 0)
            return fail(ErrorCode::NotFound,
                core::say(core::key("Library",
                              "The server does not know the name {0}; whoever keeps the server adds it: createuser --pwprompt {1}"),
                    name, name),
                name);
        QStringList all;
        // one role each: what was given before goes
        for (const auto& other : core::all_of<Role>())
            all << QStringLiteral("REVOKE %1 FROM %2").arg(named(*place, other.value), identifier(name));
        all << QStringLiteral("GRANT %1 TO %2").arg(named(*place, role), identifier(name));
        return run_all(**db, all);
    });
}

}  // namespace anagraph::store
