// Words replaced in every guide of a library.
#pragma once

#include <string>
#include <vector>

#include "store/library.h"

namespace anagraph::shop {

/// A guide that says the words, and how often.
struct Saying {
    store::GuideEntry guide;
    std::size_t times = 0;
};
/// The guides that say them, `except` left out. Errors: those of reading a guide.
core::Result<std::vector<Saying>> guides_saying(const store::Library& library, const std::string& words, const store::GuideId& except = {});

/// Replaces them in these guides, a change in each one's journal; issued editions stay as they were issued. Errors: those of
/// core::replace_words() and of writing; guides done before one that fails stay done, and the error says which that is.
core::Outcome replace_in_guides(store::Library& library, const std::vector<Saying>& guides, const std::string& words, const std::string& by, const std::string& author);

}  // namespace anagraph::shop
