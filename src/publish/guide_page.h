// The HTML page of an edition, from the template: words only; pictures and clips are named, not made.
#pragma once

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/edition/edition.h"

namespace anagraph::publish {

/// A still of the pack: its file and size in pixels.
struct StillFile {
    std::string file;
    int width = 0;
    int height = 0;
    std::map<std::size_t, std::string> lenses = {};  // what a magnifier among the marks shows
};

struct ClipFile {
    std::string file;
    std::string captions;       // WebVTT file beside it
    std::string captions_text;  // the same, for the page itself: browsers refuse caption files opened from a folder
    std::string poster;
    int seconds = 0;
    std::int64_t bytes = 0;
};

/// Files made for the pack, by plate and by step.
struct PackFiles {
    std::map<core::PlateId, StillFile> stills;
    std::map<core::StepId, ClipFile> clips;
};

/// What the page is made with, beside its words, and lies in the pack with it.
inline constexpr const char* kPageParts[] = {"guide.css", "guide.js"};

/// The form of the page, which stands in it: the same where the same edition gives the same page, so that verifying knows
/// whether it can write the page anew and compare. Template, style and script are in it; kPageWriter is to be counted up when
/// the code writes another page.
inline constexpr int kPageWriter = 3;
std::string page_form();

std::string guide_page(const std::string& html_template, const core::Edition& edition, const std::string& mark, const PackFiles& files);

}  // namespace anagraph::publish
