// Mood: how a clause stands to what is done on the machine. Explaining is not doing: what others do, what could be done, what was done
// another day or holds in general is no step.
#pragma once

#include <string_view>

#include "core/narration/line.h"

namespace anagraph::core {

enum class Mood {
    Order,         // "take the plug out"
    Advised,       // "you want to take the plug out", "you need to"
    Now,           // "I take the plug out", "we're taking it out"
    Done,          // "I've taken it out", "I put it back"
    Intended,      // "we're going to take it out", "let's take it out"
    Possible,      // "you can take it out", "you might"
    Hypothetical,  // "if you take it out", "I would take it out"
    Others,        // "some people take it out", "the dealer takes it out"
    General,       // "it comes out every year", "the newer ones have a plug"
    Denied,        // "don't take it out", "you don't need to"
    Asked,         // "did you take it out", "how do you take it out"
};
/// As it is said to a person: "read as a general remark".
std::string_view spoken_name_of(Mood mood);

/// The words that hang together: from one mark of punctuation, connecting word or new subject to the next.
struct Clause {
    std::size_t from = 0;
    std::size_t to = 0;
};
std::vector<Clause> clauses_of(const Line& line);

/// How the verb of the clause at `verb` is meant, by the small words before it and the form it has.
Mood mood_of(const Line& line, const Clause& clause, std::size_t verb);

}  // namespace anagraph::core
