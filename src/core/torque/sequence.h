// TighteningSequence: in which order the bolts of a joint are tightened, and in which stages.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/base/named.h"
#include "core/base/result.h"

namespace anagraph::core {

/// Where a bolt sits, in any unit; y runs down.
struct BoltPlace {
    double x = 0;
    double y = 0;
};

enum class BoltPattern {
    Circle,     // bolt 1 at the top, the others clockwise
    Rectangle,  // two rows, bolt 1 at the upper left, the others clockwise
    Line,       // bolt 1 at one end
};
template <>
struct Names<BoltPattern> {
    static constexpr auto all = std::to_array<Named<BoltPattern>>({{BoltPattern::Circle, "circle", "on a circle"},
        {BoltPattern::Rectangle, "rectangle", "on a rectangle"}, {BoltPattern::Line, "line", "in a line"}});
};

/// Where so many bolts of a pattern sit, within a square of side 2 about (0, 0).
std::vector<BoltPlace> bolt_places(BoltPattern pattern, int count);

/// Bolt numbers (from 1) in the order of tightening. On a circle a star: each bolt as far across as may be. On a rectangle
/// and a line from the middle outwards. Two bolts one after the other are never neighbours where any order avoids it (from
/// five on a circle or rectangle and four in a line), so that the joint is drawn down evenly; for fewer the cross.
/// Source: the common practice of flange and cylinder-head bolting, e.g. EN 1591-4 for flanges.
/// Errors: BadInput for fewer than one bolt or more than kMostBolts.
Result<std::vector<int>> tightening_order(BoltPattern pattern, int count);

/// The order for bolts placed freely: from the middle outwards, neighbours (those nearest each other) kept apart where it
/// can be done. Errors as above.
Result<std::vector<int>> tightening_order(const std::vector<BoltPlace>& places);

inline constexpr int kMostBolts = 400;

/// The stages of a torque: each pass over all bolts goes to one of them. Errors: BadInput where a stage is not above the one
/// before.
Result<std::vector<double>> stages_checked(std::vector<double> stages);

}  // namespace anagraph::core
