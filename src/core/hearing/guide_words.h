// Guide words: what a person working on a guide is likely to say on film, as a small language model beside that of the trade. Names of
// its things, its figures, its headings and lines, and the words its author has put right already.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

using SpokenSentences = std::vector<std::vector<std::string>>;

/// What is likely to be said, a phrase each, as spoken_sentences() writes words. What a draft read out of what was heard, and nobody has
/// confirmed, is left out: a mishearing would be heard again.
SpokenSentences guide_phrases(const Procedure& p);

/// Bigrams of these phrases in the ARPA format, discounted after Witten and Bell (1991), so that any of the words may follow any other.
/// Empty for no phrases.
std::string bigram_model(const SpokenSentences& phrases);

}  // namespace anagraph::core
