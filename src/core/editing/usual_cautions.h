// UsualCautions: the cautions that work of a kind usually carries, proposed from what a step does and on what. Proposals only:
// the maker's book, the site's rules and a competent person decide.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// A hazard with the level that follows from what can happen (ANSI Z535.6, ISO 3864-2) and the sign that goes with it
/// (subjects of ISO 7010; drawn for this project).
struct Hazard {
    std::string_view id;      // "hot-oil"
    std::string_view name;    // "hot oil"
    Signal signal;            // by what can happen
    std::string_view source;  // of harm: "Hot oil"
    std::string_view harm;    // "burns."
    std::string_view avoid;   // "Wear gloves ..."
    std::string_view symbol;  // name of its icon
};
const std::vector<Hazard>& hazards();
const Hazard* find_hazard(std::string_view id);
/// Source of harm, what happens and how to avoid it, in that order.
std::string caution_text(const Hazard& hazard);
/// The caution as proposed.
Caution usual_caution(const Hazard& hazard);

/// Does the step do what usually carries the hazard?
bool concerns(const Hazard& hazard, const Procedure& p, const Step& step);
/// Does a caution warn of it, by its hazard or by its words?
bool warns_of(const Hazard& hazard, const Procedure& p, const Caution& caution);

/// A hazard, and the step (its place in the guide) that is the first to carry it without a caution in it or before it.
struct MissingCaution {
    std::size_t step = 0;
    const Hazard* hazard = nullptr;
};
/// All that are missing, each once; every text of the guide is read once.
std::vector<MissingCaution> missing_cautions(const Procedure& p);
/// The hazards that the step is the first to carry without a caution that stands in it or before it.
std::vector<const Hazard*> missing_cautions(const Procedure& p, const StepId& step);

}  // namespace anagraph::core
