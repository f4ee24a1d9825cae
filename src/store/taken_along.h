// What a laptop takes along of a library on a server: a copy of some of its guides with all that belongs to them, on this computer, to be
// read while the server cannot be reached. What is changed meanwhile waits (store/waiting.h) and is brought when it is back.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "store/files.h"
#include "store/library.h"

namespace anagraph::store {

struct TakenAlong {
    std::vector<GuideId> guides;
    bool films = false;      // the originals too, and not only their small copies
    std::string at;          // UTC, when it was copied last
    std::string state = {};  // what Library::written() said then
    friend bool operator==(const TakenAlong&, const TakenAlong&) = default;
};

/// What is taken along of the library at a place; nothing of it: no guides.
TakenAlong taken_along(const std::string& place);
/// Makes the copy anew, of these guides, as the library is at one moment; films that were copied before are not copied again. No guides:
/// the copy goes. Until it is done the copy before it stands. Errors: Refused for a library on this computer; NotFound for a guide that is
/// not in it; Away, NoSpace, Unwritable, Cancelled.
core::Outcome take_along(const std::string& place, const std::vector<GuideId>& guides, bool films, const Progress& progress = {});

/// Where the copy lies.
std::string taken_folder(const std::string& place);
/// The library whose copy lies in a folder; nothing: it is no copy.
std::optional<std::string> home_of_copy(const std::string& folder);

}  // namespace anagraph::store
