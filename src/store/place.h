// LibraryPlace: where a library lives, as a person writes it. A folder, with all of it in one file and folders; or the address of a
// database that several write in, with a place for its films, documents and packs:
//     postgresql://[USER@]HOST[:PORT]/DATABASE?objects=FOLDER
//     postgresql://[USER@]HOST[:PORT]/DATABASE?objects=s3://ENDPOINT/BUCKET
#pragma once

#include <map>
#include <optional>
#include <string>

#include "core/base/result.h"

namespace anagraph::store {

/// A bucket of an object store that speaks S3.
struct Bucket {
    std::string endpoint;  // HOST or HOST:PORT
    std::string name;
    std::string prefix = {};  // before every key; empty, or ends with a slash
    bool plain = false;  // without TLS: s3+http://, for a store on this machine or in a network of one's own
    std::string region = "us-east-1";
    std::string root_certificate = {};  // a file; empty: those of the system
};

struct LibraryPlace {
    struct Server {
        std::string host;  // a folder where the server listens on a socket of this machine
        int port = 0;      // 0: the usual one
        std::string database;
        std::string user;                            // empty: that of the desktop
        std::map<std::string, std::string> options;  // of the connection, as the server's own library names them: sslmode, sslrootcert ...
    };

    std::string text;              // as it is written down to find it again
    std::string folder;            // where its files lie on this machine, absolute; with a bucket: those that were needed
    std::optional<Server> server;  // nothing: the database is a file in the folder
    std::optional<Bucket> bucket = {};  // nothing: the folder has them all
};

/// Errors: BadInput, with what such an address looks like; Refused for one with a password in it, which belongs in no file or history.
core::Result<LibraryPlace> library_place(const std::string& text);

/// "s3://ENDPOINT/BUCKET[/PREFIX]", by itself. Errors: BadInput, with what it looks like; Refused for one with a secret in it.
core::Result<Bucket> bucket_at(const std::string& text);
std::string shown(const Bucket& bucket);

/// As it is shown to a person: the folder, or "DATABASE on HOST".
std::string shown(const LibraryPlace& place);

}  // namespace anagraph::store
