// The second demo guide, as somebody drafted it in a hurry: eight things in the order of its steps do not work, each by another rule of
// the dry run. It is there to show what the dry run is for.
#pragma once

#include "core/procedure/procedure.h"

namespace anagraph::demo {

core::Procedure forklift_guide();

}  // namespace anagraph::demo
