// A plate as SVG: the picture, leader lines, numbered discs as real text. Prints in black and white without losing meaning.
#pragma once

#include <map>
#include <string>

#include "core/procedure/procedure.h"

namespace anagraph::publish {

/// `picture` is the file name the SVG refers to; size in pixels; `numbers` from core::callout_numbers().
std::string plate_svg(const core::Procedure& p, const core::Plate& plate, const std::map<core::ItemId, int>& numbers, const std::string& picture, int width, int height);

/// The words for those who cannot see it, written from what is called out.
std::string plate_words(const core::Procedure& p, const core::Plate& plate, const std::map<core::ItemId, int>& numbers);

std::string escaped(std::string_view text);

}  // namespace anagraph::publish
