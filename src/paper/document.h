// Document: a book, the picture of a label or a drawing as a file; its pages as pictures, and the words a machine reads on
// them. Foreign files are opened by programs of their own, so that a broken one cannot take this one with it.
#pragma once

#include <QImage>
#include <functional>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/page/page_words.h"

namespace anagraph::paper {

struct Document {
    std::string path;
    bool pdf = false;  // else one picture
    int pages = 1;
};

/// Asked now and then while something takes long; false stops it.
using GoOn = std::function<bool()>;

/// Errors: NotFound; Unreadable for anything that is neither PDF nor picture, with what to do; Refused for a locked PDF.
core::Result<Document> open_document(const std::string& path);

/// A page, its longer side kPageSide pixels (a picture: at most that), turned as it is meant to be seen. Errors: BadInput for
/// a page that is not there; Unreadable; Cancelled.
core::Result<QImage> page_image(const Document& document, int page, const GoOn& go_on = {});
inline constexpr int kPageSide = 3300;

/// The text of every page of a PDF that carries its text, page by page; pages that are pictures come out empty, and a picture
/// as one empty page. For finding a page; what stands there is read from its picture. Errors as above.
core::Result<std::vector<std::string>> page_texts(const Document& document, const GoOn& go_on = {});

/// How the words lie on what is read.
enum class Layout {
    Page,    // lines of print
    Object,  // here and there, as on a part
    Block,   // one block, as in a marked place
};

/// Reads a part of a page's picture with tesseract; the words' places are those on the whole page. Safe on any thread.
/// Errors: Unwritable where tesseract is not installed; Unreadable; Cancelled.
core::Result<std::vector<core::PageWord>> read_words(const QImage& page, const core::PageSpot& part, Layout layout, const GoOn& go_on = {});
/// The whole page as a part of itself.
core::PageSpot whole_page(int page);

}  // namespace anagraph::paper
