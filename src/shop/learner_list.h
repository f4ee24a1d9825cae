// The register of learners as a CSV file (RFC 4180): in, to add those who are new; out, with what each has and has learned.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "store/library.h"

namespace anagraph::shop {

struct ImportedLearners {
    int added = 0;
    int known = 0;  // in the register already; their groups stay
};
/// The columns "learner" and "group" where the first line names them, otherwise the first two. Commas or semicolons. All are added, or
/// none. Errors: those of reading; BadInput, naming the line, where a learner is not named or the file is no table.
core::Result<ImportedLearners> import_learners(store::Library& library, const std::string& file, const std::string& post);

/// learner, group, left, guide, has, learned: a line for each guide a learner has, or one without. Written over only where the file is
/// such a list. Errors: those of reading the library and of writing.
core::Outcome export_learners(const store::Library& library, const std::string& file);

}  // namespace anagraph::shop
