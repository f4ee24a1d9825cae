// FastenerMap: the fasteners placed on a picture: how many there are, in which order they are tightened and to what.
#pragma once

#include <string>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// The numbers of the fasteners (from 1, as they were placed) in the order of tightening: from the middle outwards with
/// neighbours apart, as they sit on the picture. `aspect` is width over height. Empty for none and for more than kMostBolts.
std::vector<int> fastener_order(const Plate& plate, double aspect);

/// "6 fasteners (4 zinc cover bolts, 2 black cover bolts), tightened in the order drawn to 8 N·m (6 lbf·ft)." Empty for none.
/// Stages are told pass by pass; a figure that is not proved says what it is.
std::string fastener_words(const Procedure& p, const Plate& plate);

/// Where the map and a count of the guide do not agree, a sentence for each: "The picture shows 5 zinc cover bolts; the guide
/// counts 6."
std::vector<std::string> count_troubles(const Procedure& p, const Plate& plate);

}  // namespace anagraph::core
