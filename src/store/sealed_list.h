// A list of the library that is only added to: each entry is sealed over the one before it, so that one that was changed, left out or put
// in by another hand is found. Used within `store` only, for the records of the house and for its logbook.
#pragma once

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

#include "core/base/caught.h"
#include "store/database.h"
#include "store/library.h"

namespace anagraph::store {

/// How a list lies in its table. `List`: what it becomes, with add(), all() and next_number(); `Item`: an entry of it, with number, at and
/// by; `Body`: what the entry says.
template <class ListType, class ItemType, class BodyType>
struct SealedTable {
    using List = ListType;
    using Item = ItemType;
    using Body = BodyType;
    const char* table;
    core::Key damaged;  // the sentence where it is not as it was written
    core::Result<Body> (*read)(const nlohmann::json&);
    nlohmann::json (*write)(const Body&);
    Body Item::*body;
};

template <class Table>
struct SealedList {
    typename Table::List list;
    std::string seal;  // of the last
};

template <class Table>
core::Result<SealedList<Table>> read_sealed(const Database& db, const Table& t) {
    const auto damaged = [&] { return core::fail(core::ErrorCode::Damaged, t.damaged); };
    const std::string all = fmt::format("SELECT number, at, author, body, seal FROM {} ORDER BY number", t.table);
    auto rows = db.run(all.c_str());
    if (!rows) return tl::make_unexpected(rows.error());
    SealedList<Table> out;
    while (rows->next()) {
        typename Table::Item item{rows->value(0).toLongLong(), s(rows->value(1)), s(rows->value(2)), {}};
        const std::string body = s(rows->value(3));
        if (item.number != out.list.next_number() || s(rows->value(4)) != record_seal(out.seal, item.number, item.at, item.by, body))
            return damaged();
        auto said = t.read(nlohmann::json::parse(body, nullptr, false));
        if (!said) return said.error().code == core::ErrorCode::Refused ? tl::make_unexpected(said.error()) : damaged();
        item.*t.body = std::move(*said);
        if (!out.list.add(std::move(item))) return damaged();
        out.seal = s(rows->value(4));
    }
    return out;
}

/// Adds these, all or none, as written now by `by`; gives back the list with them.
template <class Table>
core::Result<typename Table::List> add_sealed(
    const Database& db, const Table& t, const std::vector<typename Table::Body>& bodies, const std::string& by) {
    typename Table::List out;
    const core::Outcome done = db.transaction(t.table, [&]() -> core::Outcome {
        auto read = read_sealed(db, t);
        if (!read) return tl::make_unexpected(read.error());
        const std::string now = utc_now();
        const std::string put = fmt::format("INSERT INTO {} (number, at, author, body, seal) VALUES (?, ?, ?, ?, ?)", t.table);
        for (const auto& said : bodies) {
            if (auto added = read->list.add({read->list.next_number(), now, by, said}); !added) return added;
            const auto& kept = read->list.all().back();
            const std::string body = t.write(kept.*t.body).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
            read->seal = record_seal(read->seal, kept.number, kept.at, kept.by, body);
            if (auto r =
                    db.exec(put.c_str(), {QVariant::fromValue<qlonglong>(kept.number), q(kept.at), q(kept.by), q(body), q(read->seal)});
                !r)
                return r;
        }
        out = std::move(read->list);
        return {};
    });
    if (!done) return tl::make_unexpected(done.error());
    return out;
}

}  // namespace anagraph::store
