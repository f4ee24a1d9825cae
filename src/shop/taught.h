// What came back from the machine and from checks of learners, gathered for the author of a guide.
#pragma once

#include <vector>

#include "core/review/taught.h"
#include "store/library.h"

namespace anagraph::shop {

struct CameBack {
    std::vector<core::RunInLog> runs;      // by any edition of the guide
    std::vector<core::WrongAnswer> wrong;  // in checks that were kept
};
/// Errors: those of reading the library.
core::Result<CameBack> came_back(const store::Library& library, const store::GuideId& guide);

}  // namespace anagraph::shop
