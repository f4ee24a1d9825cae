// A plate as SVG: the picture, leader lines, numbered discs as real text. Prints in black and white without losing meaning.
#pragma once

#include <map>
#include <string>

#include "core/procedure/procedure.h"

namespace anagraph::publish {

/// `picture` is the file name the SVG refers to; size in pixels; `numbers` from core::callout_numbers(); `lenses`: the file of
/// what each magnifier shows, by its place among the marks.
std::string plate_svg(const core::Procedure& p, const core::Plate& plate, const std::map<core::ItemId, int>& numbers,
    const std::string& picture, int width, int height, const std::map<std::size_t, std::string>& lenses = {});

/// The leaders and numbered discs alone, for an <svg> of that size in its own units.
std::string callouts_svg(const core::Plate& plate, const std::map<core::ItemId, int>& numbers, double width, double height);

/// The way parts came off and go back, by their numbers: "Comes off in the order 3, 1, 2; goes back in the order 2, 1, 3."
/// Empty where none is given.
std::string off_order_words(const core::Plate& plate, const std::map<core::ItemId, int>& numbers);

/// The words for those who cannot see it, written from what is called out.
std::string plate_words(const core::Procedure& p, const core::Plate& plate, const std::map<core::ItemId, int>& numbers);

std::string escaped(std::string_view text);

}  // namespace anagraph::publish
