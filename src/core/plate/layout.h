// Where the parts of a plate go: the numbered discs of its callouts and the leaders to their targets. Places are in
// ten-thousandths of the picture, so a plate looks the same at every size.
#pragma once

#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// Radius of a callout's numbered disc in ten-thousandths of the picture's height: its number is 8 points high on a plate
/// printed 47 mm high.
inline constexpr int kDiscRadius = 520;
/// The same on a plate with so many callouts: past seven the discs shrink.
int disc_radius(std::size_t callouts);
/// Past so many the numbers are smaller than six points there: the plate is printed across the page, where forty still are
/// seven points high.
inline constexpr std::size_t kNarrowCallouts = 12;

/// What signs, tags and rings are measured by, and the radius of a magnifier's glass, in the same measure.
inline constexpr int kSignUnit = 400;
inline constexpr int kLensRadius = 1150;

/// What the tag in the corner that says what a picture shows of a pair is measured by, and its width and height, in units of
/// signs; 0 for no pair.
inline constexpr double kTagUnit = 1.25;
struct TagSize {
    double wide = 0;
    double high = 0;
};
TagSize role_tag_size(PairRole role);

/// What is drawn on the plate beside the callouts and may not be covered by their discs: glasses of magnifiers and what they
/// show, what a ring surrounds, arrows, distances and their words, rings and tags of fasteners, the tag of a pair.
std::vector<Area> kept_clear(const Plate& plate, double aspect);

/// What is wrong with how callouts lie. All lie well when everything is 0.
struct LayoutFaults {
    int crossings = 0;  // leaders that cross each other
    int covered = 0;    // discs on a target, another disc or what is kept clear, and leaders under a disc that is not theirs
    int outside = 0;    // discs not wholly on the picture
    int all() const { return crossings + covered + outside; }
};
LayoutFaults layout_faults(const std::vector<Callout>& callouts, double aspect, const std::vector<Area>& kept_clear = {});

/// Puts labels so that leaders do not cross, nothing is covered and all is inside, as near to their targets and as far
/// outward as that allows. A label that was moved by hand stays; so does every other that lies well already, so that a small
/// change moves little. `aspect` is width over height.
std::vector<Callout> laid_out(std::vector<Callout> callouts, double aspect, const std::vector<Area>& kept_clear = {});
/// The same, with every label that was not moved by hand put anew.
std::vector<Callout> laid_out_anew(std::vector<Callout> callouts, double aspect, const std::vector<Area>& kept_clear = {});
/// A plate with its callouts laid out clear of everything else that is drawn on it.
Plate laid_out(Plate plate, double aspect);
Plate laid_out_anew(Plate plate, double aspect);

/// A place for the label of one more callout at `target`.
Place label_place(const Place& target, const Plate& plate, double aspect);

/// Keeps a dragged label inside the picture.
Place clamped(const Place& place, double aspect);

}  // namespace anagraph::core
