// Library: the records of the house, and its logbook.
#include <fmt/format.h>

#include "store/library_state.h"
#include "store/sealed_list.h"

namespace anagraph::store {

using core::Result;

namespace {

constexpr SealedTable<core::Records, core::Record, core::Entry> kRecords{"record",
    core::key("Library",
        "The records of keys, learners and hand-outs were changed by another hand or are damaged; put back library.db from your last "
        "copy."),
    &core::entry_from_json, &core::to_json, &core::Record::entry};

constexpr SealedTable<core::Logbook, core::LogEntry, core::LogBody> kLog{"log",
    core::key("Library", "The logbook was changed by another hand or is damaged; put back library.db from your last copy."),
    &core::log_body_from_json, &core::to_json, &core::LogEntry::body};

template <class Table>
Result<typename Table::List> read_list(const Database& db, const Table& t) {
    return core::caught([&]() -> Result<typename Table::List> {
        auto list = read_sealed(db, t);
        if (!list) return tl::make_unexpected(list.error());
        return std::move(list->list);
    });
}

}  // namespace

Result<core::Records> Library::records() const { return read_list(*state_->db, kRecords); }

Result<core::Records> Library::record(const std::vector<core::Entry>& entries, const std::string& by) {
    return core::caught([&] { return add_sealed(*state_->db, kRecords, entries, by); });
}

Result<core::Logbook> Library::logbook() const { return read_list(*state_->db, kLog); }

Result<core::Logbook> Library::log(const std::vector<core::LogBody>& bodies, const std::string& by) {
    return core::caught([&] { return add_sealed(*state_->db, kLog, bodies, by); });
}

}  // namespace anagraph::store
