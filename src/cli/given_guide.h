// A guide named on the command line: a file that holds a procedure or an edition, or a guide of a library.
#pragma once

#include <string>

#include "cli/command.h"
#include "core/procedure/procedure.h"

namespace anagraph::cli {

/// A command at a guide: FILE.json, or LIBRARY GUIDE; and a variant of it.
class AtGivenGuide : public Command {
public:
    AtGivenGuide(CLI::App& app, const Answer& answer);

protected:
    /// Errors: those of reading it; BadInput for a variant that the guide does not have.
    core::Result<core::Procedure> given() const;

    std::string path_;
    std::string guide_;
    std::string variant_;
};

}  // namespace anagraph::cli
