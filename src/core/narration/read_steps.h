// Steps in a line: what is done or told to be done on the machine. A small grammar of clauses: who, verb, object, condition.
#pragma once

#include <string>
#include <vector>

#include "core/narration/line.h"
#include "core/narration/speech_model.h"

namespace anagraph::core {

struct FoundStep {
    std::string verb;       // the canonical verb
    std::string about;      // the thing acted on, or empty
    std::size_t at = 0;     // the word that says it
    std::size_t words = 1;  // how many words say it
    std::string because;
    bool guessed = false;  // no word says it outright: it is likely from what is said around it
};

/// `about` where a verb can be done to it, else nothing: nobody waits a capacitor, fills a bolt, fits a hole or cleans an oil.
std::string fitting(std::string_view verb, std::string about);

/// Every action of the line, in order; the same verb with the same thing once.
std::vector<FoundStep> read_steps(const Line& line, const SpeechModel& model);

}  // namespace anagraph::core
