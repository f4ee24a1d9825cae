// FluidDemand: what a source asks of a fluid and what a pack says of itself. A grade is not the whole specification.
#pragma once

#include <string>
#include <vector>

#include "core/base/words.h"

namespace anagraph::core {

struct FluidSpec {
    std::string viscosity;           // "75W90", "VG46"; empty: not said
    std::vector<std::string> meets;  // "GL5", "CJ4": specifications; empty: not said
};

/// Reads "gear oil 75W90 GL5" into viscosity and specifications; other words are left aside.
FluidSpec parse_fluid_spec(std::string_view text);

enum class Suits { Yes, No, Unknown };
struct Compatibility {
    Suits suits = Suits::Unknown;
    Words why;  // one sentence
};

/// Does the pack meet the demand? What either does not say is unknown, never yes. Same viscosity and every specification
/// asked for named on the pack: yes; another viscosity: no; a specification not named: unknown, since one may cover another.
Compatibility compare(const FluidSpec& demanded, const FluidSpec& pack);

}  // namespace anagraph::core
