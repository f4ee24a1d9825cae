// Owed: who learned what has changed since, and what holds of an edition now.
#pragma once

#include <functional>
#include <map>
#include <string>
#include <vector>

#include "core/edition/edition.h"
#include "core/records/records.h"

namespace anagraph::core {

/// The editions of a guide, in order.
struct GuideEditions {
    std::string guide;  // id
    std::vector<Edition> editions;
    const Edition* find(int number) const;
    /// The one that went out before it. Null: none.
    const Edition* before(int number) const;
};

/// The edition that may be worked by: the last one, unless it was withdrawn; then none is, since the one before was replaced. Null:
/// none.
const Edition* current_edition(const Records& records, const GuideEditions& guide);

/// What holds of an edition.
enum class EditionStanding { Current, Replaced, Withdrawn, Unknown };
EditionStanding standing_of(const Records& records, const GuideEditions& guide, int number);

/// A difference that a learner has to know, as it is told: "The drain plug, tightening torque, is now 25 N·m; you learned 24 N·m from
/// edition 1."
struct ToldChange {
    Difference difference;
    int learned_from = 0;  // the edition that said otherwise
    std::string sentence;
};

/// What a learner has to confirm of a guide.
struct Owed {
    std::string learner, guide;
    int from = 0;  // the edition that was learned, or the first that was handed out
    int to = 0;    // the current one
    std::vector<ToldChange> changed;
};

/// What each learner has of each guide: the editions handed out or confirmed.
struct Had {
    int confirmed = 0;       // the last edition confirmed; 0: none
    int last = 0;            // the last one handed out or confirmed; 0: none
    std::vector<int> since;  // it and those handed out after it, in order; all that were handed out where none was confirmed
};
Had had_by(const Records& records, std::string_view guide, std::string_view learner);

/// Who learned what has changed, in the order of learners and guides. Somebody is on the list whose last confirmed edition, or any
/// handed out since, or before where none was confirmed, says otherwise than the current one where it must be read again. Nobody who
/// has left; nothing of a guide without a current edition.
std::vector<Owed> owed(const Records& records, const std::vector<GuideEditions>& guides);

/// Who has an edition: it is the last that was handed out to them or that they confirmed.
std::vector<std::string> holders_of(const Records& records, std::string_view guide, int edition);

}  // namespace anagraph::core
