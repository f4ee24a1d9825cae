#include "store/rows.h"

#include <fmt/format.h>

#include <QSqlField>
#include <QSqlRecord>
#include <algorithm>
#include <nlohmann/json.hpp>

namespace anagraph::store {

using core::ErrorCode;
using core::Outcome;
using nlohmann::json;

namespace {

json value_of(const QVariant& v) {
    if (v.isNull()) return nullptr;
    const int type = v.typeId();
    if (type == QMetaType::Int || type == QMetaType::LongLong || type == QMetaType::ULongLong) return v.toLongLong();
    return v.toString().toStdString();
}

QVariant variant_of(const json& v) {
    if (v.is_number_integer()) return QVariant::fromValue<qlonglong>(v.get<std::int64_t>());
    return v.is_string() ? QVariant(q(v.get<std::string>())) : QVariant();
}

}  // namespace

const std::vector<Table>& tables() {
    static const std::vector<Table> all{{"guide", "id"}, {"change", "guide, sequence"}, {"snapshot", "guide, sequence"},
        {"edition", "guide, number"}, {"recording", "id"}, {"segment", "id"}, {"document", "id"}, {"house", "part"}, {"record", "number"},
        {"log", "number"}, {"bench", "run, number"}, {"bench_alive", "run"}};
    return all;
}

const Table& table(const std::string& name) {
    return *std::find_if(tables().begin(), tables().end(), [&](const Table& t) { return t.name == name; });
}

Outcome each_line(const Database& db, const Table& table, const Line& line, const std::string& where) {
    auto rows = db.run(
        QStringLiteral("SELECT * FROM %1 %2 ORDER BY %3")
            .arg(QLatin1String(table.name), where.empty() ? QString() : QStringLiteral("WHERE ") + q(where), QLatin1String(table.order)));
    if (!rows) return tl::make_unexpected(rows.error());
    const QSqlRecord record = rows->record();
    std::vector<int> columns;
    json names = json::array();
    for (int i = 0; i < record.count(); ++i)
        if (record.fieldName(i) != QLatin1String("found")) {
            columns.push_back(i);
            names.push_back(record.fieldName(i).toStdString());
        }
    if (auto done = line(names.dump()); !done) return done;
    while (rows->next()) {
        json row = json::array();
        for (const int i : columns) row.push_back(value_of(rows->value(i)));
        if (auto done = line(row.dump(-1, ' ', false, json::error_handler_t::replace)); !done) return done;
    }
    return {};
}

Outcome Filler::operator()(const std::string& line) {
    const json row = json::parse(line, nullptr, false);
    if (!row.is_array()) return tl::make_unexpected(damaged());
    if (!insert_) {
        std::vector<std::string> names;
        for (const auto& n : row) names.push_back(n.is_string() ? n.get<std::string>() : "");
        return begin(names);
    }
    if (row.size() != columns_.size()) return tl::make_unexpected(damaged());
    std::vector<QVariant> values;
    for (const auto& v : row) values.push_back(variant_of(v));
    if (words_ >= 0)
        if (QVariant found = db_.engine().found_by(row[static_cast<std::size_t>(words_)].get<std::string>()); found.isValid())
            values.push_back(std::move(found));
    return db_.again(*insert_, values);
}

Outcome Filler::begin(const std::vector<std::string>& names) {
    QStringList columns;
    QStringList marks;
    for (const auto& name : names) {
        if (name.empty() || name.find_first_not_of("abcdefghijklmnopqrstuvwxyz_0123456789") != std::string::npos)
            return tl::make_unexpected(damaged());
        columns_.push_back(name);
        columns << q(name);
        marks << QStringLiteral("?");
    }
    if (std::string(table_.name) == "segment" && db_.engine().found_by("").isValid()) {
        words_ = static_cast<int>(std::find(columns_.begin(), columns_.end(), "words") - columns_.begin());
        columns << QStringLiteral("found");
        marks << QStringLiteral("CAST(? AS TSVECTOR)");
    }
    auto insert = db_.prepared(QStringLiteral("INSERT INTO %1 (%2) VALUES (%3)")
                                   .arg(QLatin1String(table_.name), columns.join(QLatin1String(", ")), marks.join(QLatin1String(", "))));
    if (!insert) return tl::make_unexpected(insert.error());
    insert_ = std::move(*insert);
    return {};
}

core::Error Filler::damaged() const {
    return {ErrorCode::Damaged, core::say(core::key("Library", "The table {0} of the library is damaged."), table_.name), ""};
}

}  // namespace anagraph::store
