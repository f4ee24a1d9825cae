// PDF from HTML, by the program weasyprint.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/base/result.h"

namespace anagraph::publish {

/// The bytes of the PDF of a page in `folder`, which the page's own references are looked up in. `options`: of weasyprint. Asked now
/// and then whether to go on. Errors: Unwritable where the program is missing or fails, with its reason; Cancelled; NoSpace.
core::Result<std::string> pdf_of(const std::string& folder, const std::string& page, const std::vector<std::string>& options = {},
    const std::function<bool()>& go_on = {});

/// The same for archives: PDF/A-3b (ISO 19005-3) with edition.json of the folder attached as its source. `identifier` stands in the file;
/// `issued`: UTC, "2026-11-30T10:00:00Z".
core::Result<std::string> archive_pdf_of(const std::string& folder, const std::string& page, const std::string& identifier,
    const std::string& issued, const std::function<bool()>& go_on = {});

/// The same for a page that stands alone, with the program's own fonts. `fill` puts into its folder what else it refers to.
core::Result<std::string> pdf_of_text(const std::string& html, const std::function<core::Outcome(const std::string& folder)>& fill = {},
    const std::function<bool()>& go_on = {});

/// The words of a page of a PDF, counted from 1, with single spaces between them; empty where they cannot be read.
std::string words_of_page(const std::string& pdf, int page);

}  // namespace anagraph::publish
