// The number line of a figure: claims as pins, sources as blocks, the tolerance as a band. A pure layout with its own
// test; figure_list.cpp paints it.
#pragma once

#include <QString>
#include <vector>

#include "core/procedure/figure.h"

namespace anagraph::app {

struct NumberPin {
    double at = 0;          // in the unit of the line
    QString words;          // "“eighteen foot pounds” 1:19" shortened by the painter
    std::size_t claim = 0;  // index into the figure's claims
    int level = 0;          // 0 nearest the line: pins close together stand at different heights
};

struct NumberBlock {
    double from = 0;
    double to = 0;  // equal for a single value
    std::size_t proof = 0;
};

struct NumberLine {
    bool drawable = false;  // grades and part numbers have no line
    QString unit;
    double low = 0;  // ends of the scale
    double high = 1;
    std::vector<double> ticks;
    QString other_unit;                // of the other system; empty where there is none
    std::vector<QString> other_ticks;  // the same places there, with as many digits as tell them apart
    std::vector<NumberPin> pins;
    std::vector<NumberBlock> blocks;
    double band_from = 0;
    double band_to = 0;  // equal to band_from when there is no tolerance
    /// Place of a value between 0 (low) and 1 (high).
    double place(double value) const { return (value - low) / (high - low); }
};

NumberLine number_line(const core::Figure& figure);

}  // namespace anagraph::app
