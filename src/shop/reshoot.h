// The reshoot list of a guide, gathered from the library: read by the window and the command line.
#pragma once

#include <vector>

#include "publish/reshoot_page.h"
#include "store/library.h"

namespace anagraph::shop {

/// Everything of the guide that has to be filmed again or found out. Errors: those of reading the library.
core::Result<std::vector<publish::ReshootPoint>> gather_reshoot(const store::Library& library, const store::GuideId& guide);

/// Makes the page and writes it; on any thread, since it asks the library nothing. Errors: NoSpace, Unwritable.
core::Outcome write_reshoot(const core::Procedure& p, const std::vector<publish::ReshootPoint>& points, store::Destination& to);

}  // namespace anagraph::shop
