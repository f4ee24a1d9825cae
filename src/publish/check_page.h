// The check of a learner as it is shown: as a page of the pack, and in print with a sheet of its answers.
#pragma once

#include <cstdint>
#include <string>

#include "core/edition/edition.h"
#include "publish/guide_page.h"

namespace anagraph::publish {

/// The page in the pack: the edition's own check and the next two, so that who did not pass is asked something else.
std::string check_page(const core::Edition& edition, const std::string& mark, const PackFiles& files);

/// For print, the answers on a sheet of their own. The pictures are those of the pack in `folder`.
std::string check_sheet(
    const core::Edition& edition, const std::string& mark, std::uint64_t seed, const PackFiles& files, const std::string& folder);

}  // namespace anagraph::publish
