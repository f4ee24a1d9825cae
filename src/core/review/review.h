// Review: a guide as its checker walks it, place by place, and what must be done before it can be checked.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/edition/edition.h"
#include "core/edits/edit.h"
#include "core/records/records.h"

namespace anagraph::core {

/// A step, a figure, or the guide as a whole (its heads, kit, sources, house rules and the order of its steps).
struct ReviewPlace {
    std::string id;                            // "step:drain", "figure:t3", "guide"; stays while the thing does
    std::string title;                         // "Step 4, Drain the oil"
    StepId step = {};                          // where to look: the step, or the first that reads the figure
    FigureId figure = {};                      // of a figure
    std::string content;                       // all that stands there, as text: another text is another state
    std::vector<Difference> differences = {};  // since the edition before
    bool changed = false;                      // since the edition before; of a first edition every place is
};

/// Every place of the guide, those that changed since the edition before first, each kind in the order of the guide; a figure stands
/// after the first step that reads it. `before` null: it is the first edition. Comments of reviewers are no part of a place.
std::vector<ReviewPlace> review_places(const Edition* before, const Edition& now);

/// The text that names the state of a whole guide: of all its places.
std::string review_content(const std::vector<ReviewPlace>& places);

/// Why a guide cannot be checked as it stands, a sentence each that says what to do: what stops an edition, stops of the dry run among
/// it; disputed figures that nobody settled with a reason; comments nobody answered; what is noted as not filmed.
std::vector<Words> reasons_not_to_check(const Procedure& p);

/// A change with the post that made it.
struct Authored {
    std::string by;
    Change change;
};
/// The posts that changed what the guide says, each once, in the order of their first change; who only commented is none of them.
/// `from` is the guide before the first of the changes.
std::vector<std::string> authors_of(Procedure from, const std::vector<Authored>& changes);
/// Whether a post is one of these.
bool is_one_of(std::string_view post, const std::vector<std::string>& posts);

}  // namespace anagraph::core
