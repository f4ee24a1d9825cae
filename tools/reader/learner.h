// Learner: makes the tables of the speech model from narrations with reference answers and from sentences. Logistic regression with a
// penalty on large weights; in a paragraph the likeliest stretch stands for it. Only features that several speakers share are used. The
// same input gives the same tables.
#pragma once

#include <nlohmann/json.hpp>
#include <set>
#include <string>
#include <vector>

#include "core/narration/speech_model.h"
#include "core/narration/timed_text.h"

namespace anagraph::reader_tools {

/// A narration with what a careful person marked in it.
struct Sample {
    std::string name;
    std::vector<core::Segment> segments;
    nlohmann::json gold;
};
/// NAME.gold.json with NAME.vtt, .srt or .txt beside it, by name.
std::vector<Sample> read_samples(const std::string& folder);

struct Example {
    core::Line line;
    std::set<std::string> labels;  // of moments and of steps
    bool knows_moments = true;     // whether its labels of that kind are known
    bool knows_steps = true;
    bool knows_matter = true;                        // whether it is known to be about the work, and not mere talk
    std::vector<std::vector<std::size_t>> features;  // of each stretch, for the table in hand
};
using Speakers = std::vector<std::vector<Example>>;

/// Each line as it was written and each as it is read (core/narration/reading_lines), with what was marked in it.
std::vector<Example> examples_of(const Sample& sample);
/// "c sentence": one letter says the moment (m: only matter, t: only talk, -: either); "remove,clean sentence": verbs say the steps.
/// They are added as a few speakers of their own.
void add_sentences(const std::string& file, Speakers& speakers);

/// The tables as they are written: moments, steps.
struct Tables {
    std::string moments, steps;
};
Tables learn(Speakers& speakers);

}  // namespace anagraph::reader_tools
