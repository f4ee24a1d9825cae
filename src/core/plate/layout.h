// Where the parts of a plate go: where a new callout's label is put, and the leader line between label and target.
// Places are in ten-thousandths of the picture, so a plate looks the same at every size.
#pragma once

#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// Radius of a callout's numbered disc in ten-thousandths of the picture's height.
inline constexpr int kDiscRadius = 340;

/// A place for the label of a callout at `target`: away from the middle of the picture, inside it, clear of the other
/// labels and targets where there is room. `aspect` is width over height.
Place label_place(const Place& target, const std::vector<Callout>& others, double aspect);

/// Keeps a dragged label inside the picture.
Place clamped(const Place& place, double aspect);

}  // namespace anagraph::core
