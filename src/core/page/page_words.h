// PageWords: what a machine read on a page, and the values it may mean. A reading is a proposal: a person compares it with
// the page before it proves anything.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/figure/figure.h"
#include "core/page/page_spot.h"

namespace anagraph::core {

struct PageWord {
    std::string text;
    PageSpot spot;
    int sureness = 0;  // 0 to 100, as the reading machine puts it
    int line = 0;      // words of one printed line share it; lines count down the page
};

/// The words of tesseract's table (TSV, one row a thing it saw, a heading row first) for a picture of that size in pixels.
/// Errors: BadInput for anything that is no such table.
Result<std::vector<PageWord>> read_word_table(std::string_view tsv, int page, int width, int height);

/// A value that may be meant on a page.
struct PageValue {
    FigureValue value;
    std::string tolerance;  // "2.5" of "25 ± 2.5 N·m"; empty: not given
    std::string line;       // the whole printed line, as read
    PageSpot spot;          // of the value
    int sureness = 0;       // of its least sure word
    bool mended = false;    // a sign was taken for another one ("25+2.5 Nem"); to be compared all the more
    bool two_ways = false;  // its number can be read two ways and no other number of the page says which: both are proposed
    double nearness = 0;    // how well the line's words go with what is asked about
};

/// The values of that kind on a page, those whose line names what they are `about` ("drain plug, tightening torque") first,
/// then down the page. Signs that machines often misread are mended where nothing else makes sense, and marked as mended.
/// A number that can be read two ways ("2,000") is read as the page's other numbers are written.
std::vector<PageValue> values_on(const std::vector<PageWord>& words, FigureKind kind, std::string_view about);
/// Which of them is meant for one variant: where the best line names each of the variants once and gives as many values, the
/// value that stands in its place ("Refill, PT60 (PT60-T)   1.7 L (2.2 L)"); otherwise the first. 0 for no values.
std::size_t value_for_variant(const std::vector<PageValue>& values, const std::vector<std::string>& variants, const std::string& variant);
/// Only those within a part of the page.
std::vector<PageWord> words_within(const std::vector<PageWord>& words, const PageSpot& part);

/// The words of a page whose text is at hand as text, line under line. Their places are not those on paper.
std::vector<PageWord> words_of_text(std::string_view text, int page);
/// The page (from 1) on which a value of that kind stands in the line that best names what it is about; nothing where no line
/// names it. Of several as good the first.
std::optional<int> page_naming(const std::vector<std::string>& texts, FigureKind kind, std::string_view about);

}  // namespace anagraph::core
