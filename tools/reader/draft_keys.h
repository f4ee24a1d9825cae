// DraftKeys: what an author presses between a draft and a sheet that a careful person accepts.
#pragma once

#include <vector>

#include "core/narration/reader.h"
#include "tools/reader/learner.h"

namespace anagraph::reader_tools {

/// What is wrong with a draft, counted against the reference; counts, intervals and readings are left out, since a step seldom needs them.
struct DraftKeys {
    int steps = 0;                               // drafted
    int acts_missing = 0, acts_wrong = 0;        // that the reference has and no step does, and the other way round
    int figures_untaken = 0;                     // heard, and in no step
    int figures_missing = 0, figures_wrong = 0;  // not heard; in a step and not in the reference
    int cautions_untaken = 0, cautions_missing = 0, cautions_wrong = 0;

    /// The words an author types are not counted. A drafted step is confirmed (1). A line that is missing is begun and left (2), one too
    /// many is chosen and taken out (2). A figure or caution that was heard is taken (1), one that was not is begun, given and left (3),
    /// one too many is dismissed (1).
    int keys() const {
        return steps + 2 * (acts_missing + acts_wrong) + figures_untaken + cautions_untaken + 3 * (figures_missing + cautions_missing) +
            figures_wrong + cautions_wrong;
    }
};

/// Drafts the steps of an empty guide from what was read, as the Tape does.
DraftKeys draft_keys(const Sample& sample, const std::vector<core::Mark>& marks);

}  // namespace anagraph::reader_tools
