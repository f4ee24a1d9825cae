// A library as a whole: moved from one engine to the other, put into one file and taken out of it, with every row and every file as they
// were. The journal, editions, signatures, records and the logbook come along, byte for byte: what seals them holds there too.
#pragma once

#include <string>

#include "core/base/result.h"
#include "store/files.h"

namespace anagraph::store {

/// SHA-256 over every row and every file of the library at a place, in a fixed order: the same for two that hold the same, whatever keeps
/// them. Errors: those of Library::open().
core::Result<std::string> digest_of_library(const std::string& place);

/// Makes a library at `to` that is the one at `from`, which stays as it is. Nobody may write in it meanwhile. Errors: Busy where somebody
/// has it open; Refused where there is a library at `to` that holds something; Damaged where what arrived is not what was sent; Cancelled,
/// NoSpace, Unwritable, Away; then `to` holds no guide, and the same move may be asked for again.
core::Outcome move_library(const std::string& from, const std::string& to, const Progress& progress = {});

/// Writes the library into one file: a zip (zip64 where it is large) that any program opens, its tables as lines of JSON, as it
/// is at one moment, whatever others write meanwhile. `file` must not be there. Errors: those of move_library() but Busy.
core::Outcome archive_library(const std::string& place, const std::string& file, const Progress& progress = {});
/// The way back. Errors also: BadInput where the file is no such archive; Refused for one of a newer version.
core::Outcome restore_library(const std::string& file, const std::string& to, const Progress& progress = {});
/// Whether one could be taken out: what is written in it is, into a folder that goes again, every guide is opened, and every file is read
/// through. Errors: those of restore_library(), and of what does not open.
core::Outcome try_archive(const std::string& file, const Progress& progress = {});

}  // namespace anagraph::store
