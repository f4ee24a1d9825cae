// VariantView: a guide as it stands for each of its variants, laid side by side. What a variant has no figure for is said to
// be not known; another's figure never stands in its place.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// Does something that names these variants apply to one of them? Nothing named: to all.
bool applies_to(const std::vector<std::string>& variants, std::string_view variant);

/// The line as a reader of that variant needs it, with both units: "not known for PT60-T" where it has no figure of its own.
std::string rendered_for(const Procedure& p, std::string_view line, std::string_view variant);

/// A text of a step in each of the variants, in the guide's order of variants; empty where the step does not apply.
struct VariantRow {
    StepId step;       // empty: of the whole guide
    std::string what;  // "Heading", "Line 2", "Caution 1", "Check 1"; "Items", "Display" and "Plates" where some are of one variant
    std::vector<std::string> texts;
    bool differs = false;
};
std::vector<VariantRow> side_by_side(const Procedure& p);

/// How many bytes all texts have in common at their beginning and, beyond that, at their end, up to whole words.
struct SharedEnds {
    std::size_t front = 0;
    std::size_t back = 0;
};
SharedEnds shared_ends(const std::vector<std::string>& texts);

/// What belongs to that variant: its steps, items that are its own or everybody's, plates. Figures stay, as other variants'
/// are told apart by rendered_for().
Procedure for_variant(const Procedure& p, std::string_view variant);

}  // namespace anagraph::core
