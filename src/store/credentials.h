// Credentials: by which name and with which secret this desktop user reaches a server. They lie in the desktop's
// keyring, or where there is none in a file that only the user can read; never in a library and never in an address.
#pragma once

#include <optional>
#include <string>

#include "core/base/result.h"
#include "store/place.h"

namespace anagraph::store {

struct Credentials {
    std::string user;
    std::string secret;
};

/// What they are kept under: "postgresql://HOST:PORT/DATABASE".
std::string credentials_name(const LibraryPlace& place);
/// "s3://ENDPOINT/BUCKET": the user is its key, the password its secret.
std::string credentials_name(const Bucket& bucket);

/// Of an address as a person writes it, of a library on a server, of its database alone, or of an object store. Errors: those of
/// library_place() and bucket_at().
core::Result<std::string> credentials_name(const std::string& address);

/// Nothing: none are kept. Errors: Refused where the file may be read by others.
core::Result<std::optional<Credentials>> credentials_for(const std::string& name);
/// Keeps them in the keyring; where there is none, in the file. Gives back where, for the person. Errors: Unwritable.
core::Result<std::string> keep_credentials(const std::string& name, const Credentials& credentials);

/// The file: $XDG_CONFIG_HOME/anagraph/credentials.json
std::string credentials_file();

}  // namespace anagraph::store
