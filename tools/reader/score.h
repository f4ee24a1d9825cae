// Scores what was read in a narration against what a careful person marked in it.
#pragma once

#include <map>
#include <nlohmann/json.hpp>
#include <string>

namespace anagraph::reader_tools {

struct Tally {
    int right = 0, wrong = 0, missed = 0;
    double f1() const { return right + wrong + missed == 0 ? 1.0 : 2.0 * right / (2.0 * right + wrong + missed); }
    Tally& operator+=(const Tally& other) {
        right += other.right, wrong += other.wrong, missed += other.missed;
        return *this;
    }
};
/// By "figures", "hedged", "steps", "cautions", "slips", "unseen", "chatter".
using Scores = std::map<std::string, Tally>;

/// Both in the form of marks_json(). A figure is right with its kind and, within 1 %, its value, in its segment or within 8 s; an entry
/// marked optional in the reference counts neither way. A step is right with its verb, or one that careful people use for the same act, in
/// its segment or the next; so are moments; talk is counted in segments.
Scores score(const nlohmann::json& gold, const nlohmann::json& answer);

}  // namespace anagraph::reader_tools
