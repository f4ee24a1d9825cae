// Spoken figures: a figure as it is said aloud, with its unit in words, how it stands and what speaks for it.
#pragma once

#include "core/base/words.h"
#include "core/figure/evidence.h"

namespace anagraph::core {

/// "25 newton metres", "20, then 40 newton metres, then 90 degrees further", "at most 60 degrees Celsius", "75W90", "not known".
Words spoken(const FigureValue& value);

/// "Drain plug, tightening torque, 25 newton metres plus or minus 2.5, proved, 2 claims, one source".
Words spoken(const Procedure& p, const Figure& figure);

/// "said at 1:19: “eighteen foot pounds”, agrees"
Words spoken(const Figure& figure, const Claim& claim);

/// "Service book, page 2, torques: 25 newton metres, agrees"; a source that is for other variants "does not count".
Words spoken(const Procedure& p, const Figure& figure, const Proof& proof);

}  // namespace anagraph::core
