// StepWords: everything a step says and acts on as single words, for finding out what kind of work it is.
#pragma once

#include <set>
#include <string>
#include <vector>

#include "core/narration/lexicon.h"
#include "core/procedure/procedure.h"

namespace anagraph::core {

/// The words of lines and of items named in them, in lower case, each as written and singular; and those of actions.
std::set<std::string> words_of(const Procedure& p, const std::vector<std::string>& lines, const std::vector<Action>& actions = {});
/// What was heard counts only until something is written.
std::set<std::string> words_of_step(const Procedure& p, const Step& step);
bool any(const std::set<std::string>& words, const WordList& of);

}  // namespace anagraph::core
