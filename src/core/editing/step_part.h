// StepPart: one text of a step, named by its kind and place.
#pragma once

#include <cstddef>

namespace anagraph::core {

enum class StepPart {
    Step,  // as a whole, its heading
    Line,
    Caution,
    Check,
    Wait
};
struct PartOfStep {
    StepPart part = StepPart::Step;
    std::size_t index = 0;  // among those of its kind
};

}  // namespace anagraph::core
