// Notices for learners, gathered from the library and written in the form the file's ending names.
#pragma once

#include <string>
#include <vector>

#include "publish/notices.h"
#include "store/library.h"

namespace anagraph::shop {

/// What each learner has to be told: what changed since the edition learned, and editions in their hands that are withdrawn without
/// another in their place. `learner` empty: everybody. Errors: those of reading; NotFound for a learner nobody added.
core::Result<std::vector<publish::Notice>> gather_notices(const store::Library& library, const std::string& learner = {});

/// .pdf to print, .html, .txt as mails, .ics as things to do. Errors: BadInput for another ending, or nothing to tell; those of making
/// and of writing.
core::Outcome write_notices(const std::vector<publish::Notice>& notices, const std::string& file);

}  // namespace anagraph::shop
