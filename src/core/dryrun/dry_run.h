// DryRun: a written guide is simulated before a learner meets it: its steps' actions are walked over the state of every item, once
// for each variant, and what does not work is found, with its reason and, where it is certain, its mend. Advice: the author may
// let a finding stand and say why.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/dryrun/finding.h"

namespace anagraph::core {

/// What is found in the guide as it stands for a variant (empty: every step), in the order of its steps; what was answered is left
/// out. No fixes are looked for.
std::vector<OrderFinding> dry_run(const Procedure& p, std::string_view variant);
/// The same of all its variants. What all have in common is there once; of the rest is said in which variants it is found.
std::vector<OrderFinding> dry_run(const Procedure& p);

/// The change that takes the finding away and brings no other of its weight or a heavier one; nothing where none is certain.
std::optional<Change> fix_for(const Procedure& p, const OrderFinding& finding);

/// The finding is answered: it is kept, and why. Errors: NotFound for a step that is gone; BadInput without a reason.
Result<Change> answer(const Procedure& p, const OrderFinding& finding, const std::string& because);
/// The answer taken back. Errors: NotFound.
Result<Change> ask_again(const Procedure& p, const StepId& step, const Answered& answer);
/// Is it an answer to the dry run, and to which rule?
std::optional<OrderRule> rule_answered(const Answered& answer);

/// Whether it works: nothing of weight stop or warn.
bool is_clean(const std::vector<OrderFinding>& findings);

}  // namespace anagraph::core
