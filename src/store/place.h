// LibraryPlace: where a library lives, as a person writes it. A folder, with all of it in one file and folders; or the address of a
// database that several write in, with a place for its films, documents and packs:
//     postgresql://[USER@]HOST[:PORT]/DATABASE?objects=FOLDER
#pragma once

#include <map>
#include <optional>
#include <string>

#include "core/base/result.h"

namespace anagraph::store {

struct LibraryPlace {
    struct Server {
        std::string host;  // a folder where the server listens on a socket of this machine
        int port = 0;      // 0: the usual one
        std::string database;
        std::string user;                            // empty: that of the desktop
        std::map<std::string, std::string> options;  // of the connection, as the server's own library names them: sslmode, sslrootcert ...
    };

    std::string text;              // as it is written down to find it again
    std::string folder;            // where its files lie on this machine, absolute
    std::optional<Server> server;  // nothing: the database is a file in the folder
};

/// Errors: BadInput, with what such an address looks like; Refused for one with a password in it, which belongs in no file or history.
core::Result<LibraryPlace> library_place(const std::string& text);

/// As it is shown to a person: the folder, or "DATABASE on HOST".
std::string shown(const LibraryPlace& place);

}  // namespace anagraph::store
