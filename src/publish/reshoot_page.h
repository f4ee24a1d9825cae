// The reshoot list as one page to take to the workshop: to print or to open on a phone, with nothing beside it.
#pragma once

#include <string>
#include <vector>

#include "core/review/reshoot.h"

namespace anagraph::publish {

/// A point of the list with the name of its recording and the picture from before.
struct ReshootPoint {
    core::Missing missing;
    std::string recording;  // as people call it
    std::string file;       // the recording itself, for the picture
    int rotation = 0;
    double pixel_aspect = 1;
};

/// The whole page as HTML, pictures within. A picture that cannot be decoded is left out; the point stays.
std::string reshoot_page(const core::Procedure& p, const std::vector<ReshootPoint>& points);

}  // namespace anagraph::publish
