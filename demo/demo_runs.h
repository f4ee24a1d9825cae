// The runs of the demo: a year of learners working on the three pumps by the guide of the demo job.
#pragma once

#include "store/library.h"

namespace anagraph::demo {

/// Issues the first edition of the demo's guide, unsigned, where none is issued.
core::Outcome issue_first_edition(store::Library& library);
/// 25 runs by twelve learners: some with readings that were outside, one that stopped, one with a photograph. The same day gives the same
/// runs.
core::Outcome work_by_it(store::Library& library, core::Day today);

}  // namespace anagraph::demo
