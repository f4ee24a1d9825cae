// The tables of a library row by row: how one is moved, archived or taken along, whatever engine keeps it. Used within `store` only.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "store/database.h"

namespace anagraph::store {

struct Table {
    const char* name;
    const char* order;
};
/// In the order in which they are filled.
const std::vector<Table>& tables();
const Table& table(const std::string& name);

using Line = std::function<core::Outcome(const std::string&)>;

/// A table as lines of JSON: first its columns, then a row each, those that `where` ("guide IN (...)") names, or all. What an engine keeps
/// for its own search is left out.
core::Outcome each_line(const Database& db, const Table& table, const Line& line, const std::string& where = {});

/// Puts such lines into a table, one after the other; within a transaction. Errors: Damaged.
class Filler {
public:
    Filler(const Database& db, const Table& table) : db_(db), table_(table) {}
    core::Outcome operator()(const std::string& line);

private:
    core::Outcome begin(const std::vector<std::string>& names);
    core::Error damaged() const;

    const Database& db_;
    const Table& table_;
    std::vector<std::string> columns_;
    int words_ = -1;  // the column whose words an engine searches
    std::optional<QSqlQuery> insert_;
};

}  // namespace anagraph::store
