// Moments of a narration that are no figure and no step: cautions, slips, what the picture does not show, and talk. Each is weighed from
// turns of speech, moods and classes of words; what spoke loudest for it is the explanation.
#pragma once

#include <string>
#include <vector>

#include "core/narration/line.h"
#include "core/narration/speech_model.h"

namespace anagraph::core {

enum class MomentKind {
    Caution,  // a warning of harm to a person, the machine or the place
    Slip,     // the speaker corrects himself, remembers something late, mislays or forgets
    Unseen,   // the speaker says that the picture does not show it
};

/// A moment, the stretch of the line that says it, and why it is taken for one.
struct FoundMoment {
    MomentKind kind = MomentKind::Caution;
    Stretch words;
    std::string because;
};

struct Moments {
    std::vector<FoundMoment> found;
    double matter = 0;  // log odds that the line is about the work at all, by how it is said
};

/// `taken_back`: a value was corrected aloud, which is a slip of the whole line.
Moments read_moments(const Line& line, bool taken_back, const SpeechModel& model);

/// Which of the parts of a moment's words speaks for it most: where a moment spans several lines as they were written, it is shown there.
std::size_t loudest_part(const Line& line, MomentKind kind, const std::vector<Stretch>& parts, const SpeechModel& model);

/// A figure or picture promised for later ("I'll look it up").
bool promises(const Line& line);

/// How much a line is about the machine (above 0) or nothing but talk (below 0); `content` is what its marks speak for,
/// `matter` the model's log odds.
double talk_balance(const Line& line, double content, double matter);

/// Which lines are talk: the likeliest run through the balances, where changing over costs. Linear in their number.
std::vector<bool> talk_runs(const std::vector<double>& balances);

}  // namespace anagraph::core
