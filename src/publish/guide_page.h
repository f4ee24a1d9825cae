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

/// What the pages of a pack are made with, beside their words, and lies in the pack with them.
inline constexpr const char* kPageParts[] = {"guide.css", "guide.js", "hand.js", "check.css", "check.js", "digest.js", "bench.css", "bench.js"};

/// The form of the pages, which stands in the guide: the same where the same edition gives the same pages, so that verifying knows
/// whether it can write them anew and compare. Template, style and script are in it; kPageWriter is to be counted up when
/// the code writes another page.
inline constexpr int kPageWriter = 5;
std::string page_form();

/// `language`: of the page, after ISO 639-1; empty: the guide's own. What is not translated into it, or has changed since, stands in the
/// original, and the page says so.
std::string guide_page(const std::string& html_template, const core::Edition& edition, const std::string& mark, const PackFiles& files,
    const std::string& language = {});

/// A page of the pack for each language: its file and the language, the guide's own first ("guide.html", "").
std::vector<std::pair<std::string, std::string>> pages_of(const core::Procedure& p);

}  // namespace anagraph::publish
