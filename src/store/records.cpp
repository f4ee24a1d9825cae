// Library: the records of the house.
#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "core/base/caught.h"
#include "store/library_state.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

struct ReadRecords {
    core::Records records;
    std::string seal;  // of the last
};

Result<ReadRecords> read_records(const Database& db) {
    const auto damaged = [] {
        return fail(ErrorCode::Damaged,
            "The records of keys, learners and hand-outs were changed by another hand or are damaged; put back library.db from your last "
            "copy.");
    };
    auto rows = db.run("SELECT number, at, author, body, seal FROM record ORDER BY number");
    if (!rows) return tl::make_unexpected(rows.error());
    ReadRecords out;
    while (rows->next()) {
        core::Record r{rows->value(0).toLongLong(), s(rows->value(1)), s(rows->value(2)), {}};
        const std::string body = s(rows->value(3));
        if (r.number != out.records.next_number() || s(rows->value(4)) != record_seal(out.seal, r.number, r.at, r.by, body))
            return damaged();
        auto entry = core::entry_from_json(json::parse(body, nullptr, false));
        if (!entry) return entry.error().code == ErrorCode::Refused ? tl::make_unexpected(entry.error()) : damaged();
        r.entry = std::move(*entry);
        if (!out.records.add(std::move(r))) return damaged();
        out.seal = s(rows->value(4));
    }
    return out;
}

}  // namespace

Result<core::Records> Library::records() const {
    return core::caught([&]() -> Result<core::Records> {
        auto read = read_records(*state_->db);
        if (!read) return tl::make_unexpected(read.error());
        return std::move(read->records);
    });
}

Result<core::Records> Library::record(const std::vector<core::Entry>& entries, const std::string& by) {
    return core::caught([&]() -> Result<core::Records> {
        const auto& db = *state_->db;
        core::Records out;
        const Outcome done = db.transaction([&]() -> Outcome {
            auto read = read_records(db);
            if (!read) return tl::make_unexpected(read.error());
            const std::string now = utc_now();
            for (const auto& entry : entries) {
                if (auto added = read->records.add({read->records.next_number(), now, by, entry}); !added) return added;
                const auto& kept = read->records.all().back();
                const std::string body = core::to_json(kept.entry).dump(-1, ' ', false, json::error_handler_t::replace);
                read->seal = record_seal(read->seal, kept.number, kept.at, kept.by, body);
                if (auto r = db.exec("INSERT INTO record (number, at, author, body, seal) VALUES (?, ?, ?, ?, ?)",
                        {QVariant::fromValue<qlonglong>(kept.number), q(kept.at), q(kept.by), q(body), q(read->seal)});
                    !r)
                    return r;
            }
            out = std::move(read->records);
            return {};
        });
        if (!done) return tl::make_unexpected(done.error());
        return out;
    });
}

}  // namespace anagraph::store
