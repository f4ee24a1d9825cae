// The drawings of cautions: what a hazard is, shown after the subjects of ISO 7010 warning and prohibition signs, drawn for
// this project. One colour, so that they print; the triangle and the signal word say the level.
#pragma once

#include <string>
#include <string_view>

namespace anagraph::publish {

/// The sign as an <svg> element of 100 by 90 units: a triangle with the hazard in it. `symbol` is Hazard::symbol; an unknown or
/// empty one gives the general warning sign. `ink` draws, `ground` fills the triangle.
std::string hazard_svg(std::string_view symbol, std::string_view ink, std::string_view ground);

}  // namespace anagraph::publish
