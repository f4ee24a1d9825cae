// Where a test's library is: in the folder, or, where a server was started for the tests (tools/own-server), in a database of its own
// there, with its films in the folder. The same tests run on both.
#pragma once

#include <gtest/gtest.h>

#include <algorithm>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <set>
#include <string>

#include "store/digest.h"
#include "tests/scratch.h"

namespace anagraph::testing {

inline std::string from_environment(const char* name) {
    const char* value = std::getenv(name);
    return value == nullptr ? "" : value;
}

/// Do these tests run on a server?
inline bool on_server() { return !from_environment("ANAGRAPH_SERVER").empty(); }

inline std::string database_of(const std::string& folder) {
    return "t" + store::sha256(std::filesystem::absolute(folder).lexically_normal().string()).substr(0, 20);
}

/// Runs a statement on the tests' server, in one of its databases, as whoever made it.
inline bool on_the_server(const std::string& database, const std::string& sql) {
    const Scratch scratch;
    std::ofstream(scratch / "sql") << sql;
    const std::string command = from_environment("ANAGRAPH_SERVER_BIN") + "/psql -q -v ON_ERROR_STOP=1 -h " +
        from_environment("ANAGRAPH_SERVER") + " -p " + from_environment("ANAGRAPH_SERVER_PORT") + " -U anagraph -d " + database + " -f " +
        (scratch / "sql") + " > /dev/null 2> " + (scratch / "said");
    if (std::system(command.c_str()) == 0) return true;
    std::ifstream said(scratch / "said");
    ADD_FAILURE() << std::string(std::istreambuf_iterator<char>(said), {});
    return false;
}

/// Stops, starts or restarts the tests' server: "stop -m immediate".
inline void server(const std::string& how) {
    const std::string command = "cd / && " + from_environment("ANAGRAPH_SERVER_AS") + " " + from_environment("ANAGRAPH_SERVER_BIN") +
        "/pg_ctl -D " + from_environment("ANAGRAPH_SERVER_DATA") + " -w -l " + from_environment("ANAGRAPH_SERVER") + "/server.log " + how +
        " > /dev/null 2>&1";
    EXPECT_EQ(std::system(command.c_str()), 0) << command;
}

/// The place of the library whose folder this is.
inline std::string place(const std::string& folder) {
    if (!on_server() || folder.starts_with("postgresql://")) return folder;
    static std::set<std::string>& made = *new std::set<std::string>;
    const std::string database = database_of(folder);
    if (made.insert(database).second) {
        on_the_server("postgres", "CREATE DATABASE " + database);
        at_scratch_end([folder, database](const std::string& scratch) {
            if (!folder.starts_with(scratch) || made.erase(database) == 0) return;
            on_the_server("postgres", "DROP DATABASE IF EXISTS " + database + " WITH (FORCE)");
        });
    }
    return "postgresql://anagraph@127.0.0.1:" + from_environment("ANAGRAPH_SERVER_PORT") + "/" + database + "?objects=" + folder;
}

/// A copy of the library in a folder, in which nobody writes just now.
inline void copy_library(const std::string& from, const std::string& to) {
    std::filesystem::copy(from, to, std::filesystem::copy_options::recursive);
    if (!on_server()) return;
    (void)place(to);
    std::ofstream(to + "/library.place") << "postgresql://127.0.0.1:" << from_environment("ANAGRAPH_SERVER_PORT") << "/" << database_of(to)
                                         << "\n";
    const std::string at =
        " -h " + from_environment("ANAGRAPH_SERVER") + " -p " + from_environment("ANAGRAPH_SERVER_PORT") + " -U anagraph -d ";
    const std::string programs = from_environment("ANAGRAPH_SERVER_BIN");
    EXPECT_EQ(std::system((programs + "/pg_dump" + at + database_of(from) + " | " + programs + "/psql -q -v ON_ERROR_STOP=1" + at +
                  database_of(to) + " > /dev/null")
                              .c_str()),
        0);
}

}  // namespace anagraph::testing
