// A passphrase as the command line gets it: from a file, or asked for at the terminal without showing it.
#pragma once

#include <string>

#include "store/signing_key.h"

namespace anagraph::cli {

/// The first line of `file`; where none is given, the person is asked for it, or the first line of what is piped in is taken. Errors:
/// those of reading; BadInput where nothing is given.
core::Result<std::string> passphrase(const std::string& file, const std::string& what_for);

/// Opens the key file. Errors: those of reading and of SigningKey::open().
core::Result<store::SigningKey> opened_key(const std::string& key_file, const std::string& passphrase_file);

}  // namespace anagraph::cli
