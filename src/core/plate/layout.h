// Where the parts of a plate go: the numbered discs of its callouts and the leaders to their targets. Places are in
// ten-thousandths of the picture, so a plate looks the same at every size.
#pragma once

#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// Radius of a callout's numbered disc in ten-thousandths of the picture's height.
inline constexpr int kDiscRadius = 340;
/// The same on a plate with so many callouts: past sixteen the discs shrink, but stay readable in print (2.3 mm on a plate
/// 80 mm high).
int disc_radius(std::size_t callouts);

/// What is wrong with how callouts lie. All lie well when everything is 0.
struct LayoutFaults {
    int crossings = 0;  // leaders that cross each other
    int covered = 0;    // discs on a target or another disc, and leaders under a disc that is not theirs
    int outside = 0;    // discs not wholly on the picture
    int all() const { return crossings + covered + outside; }
};
LayoutFaults layout_faults(const std::vector<Callout>& callouts, double aspect);

/// Puts labels so that leaders do not cross, nothing is covered and all is inside, as near to their targets and as far
/// outward as that allows. A label that was moved by hand stays; so does every other that lies well already, so that a small
/// change moves little. `aspect` is width over height.
std::vector<Callout> laid_out(std::vector<Callout> callouts, double aspect);
/// The same, with every label that was not moved by hand put anew.
std::vector<Callout> laid_out_anew(std::vector<Callout> callouts, double aspect);

/// A place for the label of one more callout at `target`.
Place label_place(const Place& target, const std::vector<Callout>& others, double aspect);

/// Keeps a dragged label inside the picture.
Place clamped(const Place& place, double aspect);

}  // namespace anagraph::core
