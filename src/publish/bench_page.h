// The page of a pack for the work at the machine: the steps one at a time, what is entered there, and the way back to the desk.
#pragma once

#include <string>

#include "core/edition/edition.h"
#include "publish/guide_page.h"

namespace anagraph::publish {

std::string bench_page(const core::Edition& edition, const std::string& mark, const PackFiles& files);

}  // namespace anagraph::publish
