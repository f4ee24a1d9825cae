// What commands that work on a library share.
#pragma once

#include <string>

#include "cli/answer.h"
#include "core/procedure/procedure.h"
#include "store/library.h"

namespace anagraph::cli {

/// A library that is not there is a path mistyped: wrong use.
int wrong_path(const core::Error& error);

/// A guide opened for looking at it, from a library that may be open elsewhere; what of its journal could not be read is told.
core::Result<core::Procedure> guide_to_look_at(const store::Library& library, const std::string& guide);

/// Progress for a person at a terminal; silent in a script. True: go on.
bool show_progress(const Answer& answer, const std::string& what, double share);

}  // namespace anagraph::cli
