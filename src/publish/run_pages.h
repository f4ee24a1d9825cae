// What a run at the machine comes to in print.
#pragma once

#include <string>

#include "core/edition/edition.h"
#include "core/logbook/run.h"

namespace anagraph::publish {

/// One page for the learner: which job by which edition, each step with how it was done and what was read, and who signed.
std::string certificate(const core::Run& run, const core::Edition& edition);

}  // namespace anagraph::publish
