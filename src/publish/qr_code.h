// The code on a printed page (ISO/IEC 18004, by qrcodegen): whoever holds the page asks the desk whether it is current.
#pragma once

#include <string>

#include "core/edition/edition.h"

namespace anagraph::publish {

/// A QR code as SVG, black on white, with its quiet edge, so many millimetres wide. Empty for a text that is too long for one.
std::string qr_svg(const std::string& text, double millimetres);

/// What the code of a printed page says: the desk's address with guide, edition, mark and page; without a desk the same as words.
std::string page_code(const core::Edition& edition, const std::string& sha256, int page);

/// A style sheet that puts the code beside the number of each printed page, for pages 1 to `pages`.
std::string page_codes_style(const core::Edition& edition, const std::string& sha256, int pages);

}  // namespace anagraph::publish
