// Open points: what still has to be decided or done before a guide goes out, counted for each station.
#pragma once

#include <string>
#include <vector>

#include "core/base/words.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

enum class Station { Tape, Figures, Sheet, Plates, DryRun, Issue };

struct OpenPoint {
    Station station = Station::Sheet;
    Words text;   // one sentence: what and why
    StepId step;  // where, as far as it applies
    FigureId figure;
    bool stops_issue = false;  // an edition cannot go out with it
};

/// Open points of figures, sheet, plates and the dry run, and drafts to be confirmed on the tape; its open marks need the narration and
/// are found by logging.h.
std::vector<OpenPoint> open_points(const Procedure& p);

/// Why an edition cannot be issued now, a sentence each; empty when it can. Open and disputed figures do not stop it:
/// they are printed as what they are.
std::vector<Words> reasons_not_to_issue(const Procedure& p);
/// The same where its open points are known already.
std::vector<Words> reasons_not_to_issue(const Procedure& p, const std::vector<OpenPoint>& points);

}  // namespace anagraph::core
