// The marks and fasteners of a plate as SVG: the same drawing on the screen, in the pack and in print. Ink under which lies
// white, so that it is seen on dark and on light and without colour.
#pragma once

#include <string>

#include "core/plate/fastener_map.h"
#include "core/plate/layout.h"
#include "core/procedure/procedure.h"

namespace anagraph::publish {

/// The elements, for an <svg> of that size in its own units. `chosen`: the mark drawn as chosen, or -1.
std::string marks_svg(const core::Procedure& p, const core::Plate& plate, double width, double height, int chosen = -1);
/// Radius of a magnifier's glass on a picture of that height; it shows things twice as large.
constexpr double lens_radius(double height) { return core::kLensRadius * height / 10000; }
/// The shape that tells a kind of fastener on a plate, alone, for the words beside the picture: a whole <svg>.
std::string fastener_sign(core::FastenerShape shape);
/// What the marks say, for those who do not see them: "Turn clockwise. Do not touch."
std::string marks_words(const core::Procedure& p, const core::Plate& plate);

}  // namespace anagraph::publish
