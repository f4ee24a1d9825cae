// An edition for a printer without colours: black and white, in two columns, everything that the page of the pack says.
#pragma once

#include <functional>
#include <string>

#include "core/edition/edition.h"
#include "publish/guide_page.h"

namespace anagraph::publish {

/// The PDF; its pictures are those of the pack in `folder`, in shades of grey. Errors: those of pdf_of(); NoSpace; Damaged for a picture
/// that cannot be read.
core::Result<std::string> print_form(const core::Edition& edition, const std::string& mark, const PackFiles& files,
    const std::string& folder, const std::function<bool()>& go_on = {});

/// Drawings within a page in shades of grey: each colour of an attribute becomes the grey of its lightness (luma after ITU-R BT.601).
std::string in_greys(const std::string& page);

}  // namespace anagraph::publish
