// Judgement: how well the reader reads. Once by the tables that ship, which were learned from these narrations too, and once by tables
// learned without the speaker that is read (and without two others, so that nine tables do for all).
#pragma once

#include <map>
#include <string>
#include <utility>
#include <vector>

#include "core/narration/speech_model.h"
#include "tools/reader/cut_otherwise.h"
#include "tools/reader/learner.h"
#include "tools/reader/score.h"

namespace anagraph::reader_tools {

struct Judgement {
    /// Of all narrations of one manner of speech.
    struct Manner {
        Scores seen;                   // by the tables that ship
        Scores left_out;               // by tables that never heard the speaker, and so all that follows
        std::vector<int> keys, typed;  // from a draft, and from nothing, to a good sheet: a number a narration
        Differing cut;                 // in paragraphs of the same words

        static double mean(const std::vector<int>& values);
    };
    struct Each {
        std::string name;
        Scores left_out;
        nlohmann::json answer;  // as `anagraph-cli read --json` writes it
    };
    std::map<std::string, Manner> manners;
    std::vector<Each> each;  // by name
};

/// `narrations`: a folder as read_samples reads it; `sentences`: as add_sentences reads them; `manners`: a line each, "NAME manner".
/// Errors: std::runtime_error with a sentence where a narration has no manner.
Judgement judge(const std::string& narrations, const std::string& sentences, const std::string& manners);

}  // namespace anagraph::reader_tools
