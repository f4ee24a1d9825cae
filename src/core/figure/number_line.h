// NumberLine: the evidence of a figure on one scale: what was said as pins, what the sources give as blocks, the tolerance as
// a band, the stages of a torque as steps. Places only; who paints it decides how it looks.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/figure/figure.h"

namespace anagraph::core {

struct NumberPin {
    double at = 0;          // in the unit of the line
    std::string words;      // "“eighteen foot pounds” 1:19"
    std::size_t claim = 0;  // index into the figure's claims
};

struct NumberBlock {
    double from = 0;
    double to = 0;  // equal for a single value
    std::size_t proof = 0;
};

/// A stage of a torque: 20, then 40, then 60 N·m are three.
struct NumberStage {
    double at = 0;
    bool loosened = false;  // undone again after it
};

struct NumberLine {
    bool drawable = false;  // grades and part numbers have no line
    const Unit* unit = nullptr;
    double low = 0;  // ends of the scale
    double high = 1;
    std::vector<double> ticks;
    const Unit* other_unit = nullptr;      // of the other system; null where there is none
    std::vector<std::string> other_ticks;  // the same places there, with as many digits as tell them apart
    std::vector<NumberPin> pins;           // from left to right
    std::vector<NumberBlock> blocks;
    std::vector<NumberStage> stages;  // of the value, the last one too; empty for one stage
    bool turned = false;              // by an angle after the last stage
    double band_from = 0;
    double band_to = 0;  // equal to band_from when there is no tolerance
    /// Place of a value between 0 (low) and 1 (high).
    double place(double value) const { return (value - low) / (high - low); }
};

NumberLine number_line(const Figure& figure);

/// Where the labels of pins may stand, in pixels.
struct LabelRoom {
    double left = 0;
    double right = 0;
    double gap = 10;  // between a pin and its label
    double dot = 6;   // radius of a pin's head
    std::function<double(const std::string&)> width = {};
};

/// The label of a pin. Rows count upwards from the line; the pin's head stands in row `head`, the last line of the label in
/// row `row`.
struct PlacedLabel {
    double x = 0;  // left edge
    double width = 0;
    int row = 0;
    int head = 0;
    std::vector<std::string> lines;  // of the words, none left out
};

/// A label for each pin, in the order given (`x` from left to right, as `words`): none covers another or another's head, and
/// none is cut; one that is wider than the room is broken into lines. Beside its pin where there is room, else above it.
std::vector<PlacedLabel> placed_labels(const std::vector<double>& x, const std::vector<std::string>& words, const LabelRoom& room);
/// So many rows they take.
int rows_of(const std::vector<PlacedLabel>& labels);

}  // namespace anagraph::core
