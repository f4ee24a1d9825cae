// Words replaced in every guide of a library.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "store/library.h"

namespace anagraph::shop {

/// A guide that says the words, and how often.
struct GuideSays {
    store::GuideEntry guide;
    std::size_t times = 0;
};

/// The guides that say them, and a sentence for each that could not be read.
struct GuidesWithWords {
    std::vector<GuideSays> guides;
    std::vector<std::string> unreadable;
    std::size_t times() const;
};
/// `except` left out. Runs on any thread with a library of its own. Told the share done; return false to stop. Errors: those of
/// the list of guides; Cancelled.
core::Result<GuidesWithWords> guides_with_words(const store::Library& library, const std::string& words, const store::GuideId& except = {},
    const std::function<bool(double)>& progress = {});

/// The changes that replace them in these guides, to be kept together by Library::append_all(); issued editions stay as they were
/// issued. Errors: those of core::replace_words(), naming the guide.
core::Result<std::vector<store::GuideChange>> replacements(
    const store::Library& library, const std::vector<GuideSays>& guides, const std::string& words, const std::string& by);

}  // namespace anagraph::shop
