// SQL done to a library behind the program's back, on either engine.
#pragma once

#include <gtest/gtest.h>

#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <string>

#include "tests/place.h"

namespace anagraph::testing {

inline void behind(const std::string& folder, const std::string& sql) {
    if (on_server()) {
        on_the_server(database_of(folder), sql);
        return;
    }
    {
        auto db = QSqlDatabase::addDatabase("QSQLITE", "behind");
        db.setDatabaseName(QString::fromStdString(folder + "/library.db"));
        ASSERT_TRUE(db.open());
        QSqlQuery query(db);
        ASSERT_TRUE(query.exec(QString::fromStdString(sql))) << query.lastError().text().toStdString();
    }
    QSqlDatabase::removeDatabase("behind");
}

}  // namespace anagraph::testing
