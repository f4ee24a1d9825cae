// PlaceSeen: a place of a guide with everything its checker looks at: what the edition before says beside what stands now, what it
// rests on, what the dry run says, and who learned the old.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/edition/compare_words.h"
#include "core/records/owed.h"
#include "core/review/review.h"

namespace anagraph::core {

/// A moment of a recording that bears on a place, and what is said or seen there.
struct PlaceMoment {
    RecordingId recording;
    FrameTime at;
    std::string words;
};

struct PlaceSeen {
    ComparedWords text;                // `was` is empty where the edition before has no such place
    std::optional<Figure> was, is;     // of a figure
    std::vector<Words> why;            // what it rests on, a sentence each
    std::vector<Words> dry_run;        // a sentence each; "nothing found" is one
    Words learned;                     // who learned the old; empty: nobody, or nothing has changed
    std::vector<PlaceMoment> moments;  // to be heard or seen, in order
    std::vector<Comment> comments;     // of the step
};

/// What stands at a place in an edition, as text; empty where the edition has no such place.
std::string place_text(const ReviewPlace& place, const Edition& edition);

/// `guide`: the guide as it stands, with its comments; `records` and `editions`: of its house.
PlaceSeen place_seen(const ReviewPlace& place, const Edition* before, const Edition& now, const Procedure& guide, const Records& records,
    const GuideEditions& editions);

}  // namespace anagraph::core
