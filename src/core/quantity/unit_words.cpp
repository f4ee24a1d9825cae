#include "core/quantity/unit_words.h"

namespace anagraph::core {

Words unit_words(const Unit& unit) {
    if (unit.id == "day") return key("Units", "days");
    if (unit.id == "week") return key("Units", "weeks");
    if (unit.id == "month") return key("Units", "months");
    if (unit.id == "year") return key("Units", "years");
    return unit.symbol;
}

}  // namespace anagraph::core
