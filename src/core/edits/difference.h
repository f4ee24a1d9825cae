// Difference: what has to be done to one state of a guide to come to another, whatever was done in between.
#pragma once

#include "core/edits/edit.h"

namespace anagraph::core {

/// The change that, replayed, leads from `before` to `after`; no edits where they are the same. What is added comes before what names it,
/// and what is taken away after what named it.
Change difference(const Procedure& before, const Procedure& after);

}  // namespace anagraph::core
