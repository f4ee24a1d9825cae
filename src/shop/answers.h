// Answers of learners to the check of a guide, taken into the records: from files, and from the desk's inbox.
#pragma once

#include <string>
#include <vector>

#include "core/learner/check_answers.h"
#include "store/library.h"

namespace anagraph::shop {

/// What became of one learner's answers.
struct TakenAnswers {
    std::string file;
    std::string learner;
    std::string guide;  // id; empty where the edition is not known here
    std::string title;  // "Perrick PT60 100 h service"
    int edition = 0;
    core::CheckResult result;
    bool kept = false;   // it is in the records: it was passed
    bool again = false;  // it was there already
    std::string words;   // one sentence, also where nothing could be kept
};

/// Judges the answers anew, and keeps those that passed as learned, with date, edition and answers; the same answers once. What cannot be
/// taken in is told and left where it is: answers of an edition this library did not issue, or withdrew; of a learner who is not in the
/// register. `files`: NAME.check.json. Errors: those of reading the library.
core::Result<std::vector<TakenAnswers>> take_answers(
    store::Library& library, const std::vector<std::string>& files, const std::string& post);

/// The files that came back over the desk and wait.
std::vector<std::string> waiting_answers(const store::Library& library);
/// Takes those in. What is kept, or was not passed, waits no longer: it lies in the folder "taken" of the inbox from then on.
core::Result<std::vector<TakenAnswers>> take_waiting_answers(store::Library& library, const std::string& post);

}  // namespace anagraph::shop
