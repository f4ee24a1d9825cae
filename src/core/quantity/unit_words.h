// UnitWords: what a unit is called beside a number, for a sentence in another language.
#pragma once

#include "core/base/words.h"
#include "core/quantity/unit.h"

namespace anagraph::core {

/// Its symbol; days, weeks, months and years, which have none, as words.
Words unit_words(const Unit& unit);

}  // namespace anagraph::core
