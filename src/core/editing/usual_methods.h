// UsualMethods: the questions on which practitioners differ (see core/house/methods.h) that a step meets by what it does.
#pragma once

#include <vector>

#include "core/house/methods.h"

namespace anagraph::core {

/// The questions the step meets and does not carry yet, in the catalogue's order. Proposals only.
std::vector<const MethodTopic*> questions_met(const Procedure& p, const Step& step);

}  // namespace anagraph::core
