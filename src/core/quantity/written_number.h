// WrittenNumber: what digits with commas, points and spaces between them mean. The one rule for every number that comes in:
// typed, printed on a page, said in a narration, given on a command line. What can be read two ways is told as two readings
// and never chosen silently.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace anagraph::core {

/// Which sign a writer sets before decimals. Unknown: one group of three digits after a comma or a point is read both ways.
enum class DecimalMark { Unknown, Point, Comma };

/// What a written number may mean, each in plain form (no groups, a point before the decimals): one text, two where it cannot
/// be told ("2,000": "2.000" and "2000", the decimal first), none for what is no number. Rules, in this order: spaces group
/// digits in threes (ISO 80000-1); of two kinds of sign the last one stands before the decimals; a sign that stands twice
/// groups; three digits after a single sign, with one to three before it of which the first is no zero, are read both ways
/// unless `mark` says which; anything else after a single sign is decimals.
std::vector<std::string> readings_of(std::string_view written, DecimalMark mark = DecimalMark::Unknown);

/// How the decimal reading of an ambiguous number is written so that nobody can take it for the other: "2.000" -> "2.0",
/// "1.250" -> "1.25", "1.234" -> "1.2340".
std::string unmistakable(std::string_view decimal);

/// Which decimal mark the numbers of a text show among themselves; Unknown where none of them does, or where they disagree.
DecimalMark decimal_mark_of(std::string_view text);

}  // namespace anagraph::core
