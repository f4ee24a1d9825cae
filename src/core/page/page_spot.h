// PageSpot: a place on a page of a document.
#pragma once

namespace anagraph::core {

/// A rectangle in ten-thousandths of the page's width and height, on a page counted from 1. A picture is one page.
struct PageSpot {
    int page = 1;
    int left = 0;
    int top = 0;
    int right = 0;
    int bottom = 0;
    friend bool operator==(const PageSpot&, const PageSpot&) = default;
};

}  // namespace anagraph::core
