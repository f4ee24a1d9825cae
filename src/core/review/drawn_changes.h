// What an edition changed, for drawing: place by place the lines that differ, a figure on its number line, and what moved on a plate.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/edition/compare_words.h"
#include "core/edition/edition.h"

namespace anagraph::core {

/// A plate that differs. Steps and plates are numbered from 1, as their pictures are named in a pack.
struct PlateChange {
    struct Seen {
        int step = 0;
        int plate = 0;
    };
    std::optional<Seen> was, is;  // nothing: it was not there, it is gone
    /// The picture itself is another: another moment, another crop, something else hidden. Then nothing on it can be told to have moved.
    bool other_picture = false;
    struct Mark {
        std::string name;  // of the part
        int number = 0;    // on the plate, in the edition that has it
        Place at;
        Place before;  // of what moved
    };
    std::vector<Mark> moved, added, gone;
    bool marks_changed = false;  // what is drawn beside the callouts
};

struct ChangedPlace {
    std::string title;                   // "Step 4, Drain the oil"
    ComparedWords text;                  // the lines that differ
    std::optional<Figure> was, is;       // of a figure
    std::vector<PlateChange> plates;     // of a step
    std::vector<std::string> sentences;  // the differences, as they are told
    bool read_again = false;
};

/// Every place that differs: what has to be read again first, each kind in the order a checker walks them.
std::vector<ChangedPlace> drawn_changes(const Edition& before, const Edition& now);

}  // namespace anagraph::core
