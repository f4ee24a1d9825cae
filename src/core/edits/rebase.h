// Rebase: a change that was made on an older state of a guide, brought to the state it has now. What touches different things is kept
// beside what others did; where the same text, figure, picture or order was changed twice, a person decides.
#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <variant>
#include <vector>

#include "core/edits/edit.h"

namespace anagraph::core {

/// What cannot be decided without a person.
struct Conflict {
    std::string what;       // for the person: what both changed
    nlohmann::json mine;    // the thing, or the part of it, as the change leaves it; null where it takes it away
    nlohmann::json theirs;  // as it stands now; null where others took it away
    nlohmann::json base;    // as it stood when the change was made; null where it was not there yet
};

/// `mine` as it is replayed after `theirs`, both made on `base`, where both applied. Edit by edit: a thing that both changed is put
/// together part by part; what was added stands between the same two things, things added at one place by their ids. Taking away what
/// somebody changed, two orders of the steps, and what a rule refuses afterwards are conflicts. Whoever came first, the guide is the same,
/// or it is a conflict both times.
std::variant<Change, Conflict> rebase(const Procedure& base, const Change& theirs, const Change& mine);

/// The same where the person decided for `mine`: what touches different things is put together as there, and where both changed the same,
/// mine stands; what others took away and I changed comes back. `now`: the guide as it stands. Errors: those of applying it, where a rule
/// refuses even that.
Result<Change> insist(const Procedure& base, const Procedure& now, const Change& mine);

}  // namespace anagraph::core
