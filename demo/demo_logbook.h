// The logbook of the demo: Kelder Quay with nine machines over two years.
#pragma once

#include "store/library.h"

namespace anagraph::demo {

/// Fills the logbook with what happened up to a day; the same day gives the same logbook.
core::Outcome fill_logbook(store::Library& library, core::Day today);

}  // namespace anagraph::demo
