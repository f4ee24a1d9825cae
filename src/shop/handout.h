// Who has which edition, who learned what has changed, and taking an edition back.
#pragma once

#include <string>
#include <vector>

#include "core/records/owed.h"
#include "store/library.h"

namespace anagraph::shop {

/// Errors: those of reading the library.
core::Result<core::GuideEditions> editions_of(const store::Library& library, const store::GuideId& guide);
/// Of every guide that has one.
core::Result<std::vector<core::GuideEditions>> all_editions(const store::Library& library);

/// Errors: NotFound where the guide has no such edition; Refused for a learner who is not in the register, or a withdrawn edition;
/// then nothing is recorded.
core::Outcome hand_out(store::Library& library, const store::GuideId& guide, int edition, const std::vector<std::string>& learners,
    core::HandedBy by, const std::string& post);
/// A learner confirmed an edition. `answers`: of the check, as JSON; empty: by word. Errors: those of hand_out().
core::Outcome confirm(store::Library& library, const store::GuideId& guide, int edition, const std::string& learner,
    const std::string& answers, const std::string& post);

/// Who learned what has changed since. `learner` empty: everybody. Errors: those of reading; NotFound for a learner nobody added.
core::Result<std::vector<core::Owed>> owed(const store::Library& library, const std::string& learner = {});

/// Withdraws an edition; gives back who has it. Errors: NotFound; Refused without a reason, or where it is withdrawn already.
core::Result<std::vector<std::string>> withdraw(
    store::Library& library, const store::GuideId& guide, int edition, const std::string& because, const std::string& post);

/// The learners of a group that have not left. Errors: NotFound where the group has none.
core::Result<std::vector<std::string>> learners_of_group(const store::Library& library, const std::string& group);

}  // namespace anagraph::shop
