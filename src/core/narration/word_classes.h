// Noun classes taken from WordNet, as blank-separated lists. Made by tools/word_classes.py; lexicon.h asks them.
#pragma once

#include <string_view>

namespace anagraph::core::lexicon {

extern const std::string_view kWordNetThing;
extern const std::string_view kWordNetSubstance;
extern const std::string_view kWordNetBeing;
extern const std::string_view kWordNetMeal;
extern const std::string_view kWordNetBody;

}  // namespace anagraph::core::lexicon
