// ItemNames: what an item is by what it is called, in the words of the trade.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/narration/lexicon.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

/// What an item is by its name: something that shows a level; stands, blocks, trestles.
bool is_gauge(const Item& item);
bool is_stand(std::string_view name);

/// The words of a name, in small letters: "Fill plug / breather" -> fill, plug, breather.
std::vector<std::string> name_words(std::string_view name);
/// Do a name's words have one of these ("plug" in "drain plugs")? In any case; whole words, plural or not.
bool called(std::string_view name, const WordList& words);

}  // namespace anagraph::core
