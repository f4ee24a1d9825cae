// What commands that work on a library share.
#pragma once

#include <string>

#include "cli/command.h"
#include "core/procedure/procedure.h"
#include "store/library.h"

namespace anagraph::cli {

/// A command at a library: its first argument.
class AtLibrary : public Command {
public:
    AtLibrary(CLI::App& app, const Answer& answer) : Command(answer) { app.add_option("LIBRARY", library_, "folder of the library, or its address on a server")->required(); }

protected:
    std::string library_;
};

/// A command at a guide of a library: its first two arguments.
class AtGuide : public AtLibrary {
public:
    AtGuide(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) { app.add_option("GUIDE", guide_, "the guide, as list names it")->required(); }

protected:
    std::string guide_;
};

/// A library that is not there is a path mistyped: wrong use.
int wrong_path(const core::Error& error);

/// A guide opened for looking at it, from a library that may be open elsewhere; what of its journal could not be read is told.
core::Result<core::Procedure> guide_to_look_at(const store::Library& library, const std::string& guide);

/// Progress for a person at a terminal; silent in a script. True: go on.
bool show_progress(const Answer& answer, const std::string& what, double share);

}  // namespace anagraph::cli
