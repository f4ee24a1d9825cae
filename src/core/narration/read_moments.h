// Moments of a narration that are no figure and no step: cautions, slips, what the picture does not show, and talk. Each is weighed from
// turns of speech, moods and classes of words; what spoke loudest for it is the explanation.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/narration/line.h"
#include "core/narration/speech_model.h"

namespace anagraph::core {

/// What a line is, with the reason for each; nothing where it is not.
struct Moments {
    std::optional<std::string> caution;  // a warning of harm to a person, the machine or the place
    std::optional<std::string> slip;     // the speaker corrects himself, remembers something late, mislays or forgets
    std::optional<std::string> unseen;   // the speaker says that the picture does not show it
    double matter = 0;                   // log odds that it is about the work at all, by how it is said
};

/// The likeliest stretch of the line stands for it. `taken_back`: a value was corrected aloud.
Moments read_moments(const Line& line, bool taken_back, const SpeechModel& model);

/// A figure or picture promised for later ("I'll look it up").
bool promises(const Line& line);

/// How much a line is about the machine (above 0) or nothing but talk (below 0); `content` is what its marks speak for,
/// `matter` the model's log odds.
double talk_balance(const Line& line, double content, double matter);

/// Which lines are talk: the likeliest run through the balances, where changing over costs. Linear in their number.
std::vector<bool> talk_runs(const std::vector<double>& balances);

}  // namespace anagraph::core
