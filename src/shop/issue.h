// Issuing an edition: what is frozen, what changed, and the pack. Prepared from the library, made on any thread, entered
// in the library last, so that a pack that could not be made leaves no edition behind.
#pragma once

#include <string>

#include "publish/pack.h"
#include "store/library.h"

namespace anagraph::shop {

/// The next edition of a guide, not yet kept, and where its pack goes. Errors: Refused with every reason why it cannot be
/// issued (unwritten steps, no checker, checker is the author, nothing changed since the last edition).
core::Result<publish::PackRequest> prepare_issue(const store::Library& library, const store::GuideId& guide, const std::string& author, const std::string& checker);

/// Keeps the edition of a pack that has been written. Gives back its SHA-256.
core::Result<std::string> enter_edition(store::Library& library, const store::GuideId& guide, const publish::PackRequest& request);

}  // namespace anagraph::shop
