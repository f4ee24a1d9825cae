// FastenerMap: the fasteners placed on a picture: how many there are, in which order they are tightened and to what.
#pragma once

#include <string>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

/// The numbers of the fasteners (from 1, as they were placed) in the order of tightening: from the middle outwards with
/// neighbours apart, as they sit on the picture. `aspect` is width over height. Empty for none and for more than kMostBolts.
std::vector<int> fastener_order(const Plate& plate, double aspect);

/// The kinds of fastener on the map, as they were first placed.
std::vector<ItemId> fastener_kinds(const Plate& plate);

/// "16 mm long, head hexagon, washer not known"; empty where nothing of it is known.
std::string fastening_words(const Fastening& f);
/// "4 zinc cover bolts: 16 mm long, head hexagon, washer not known". Without what tells them apart where nothing of it is known.
std::string kind_words(const Procedure& p, const Plate& plate, const ItemId& kind);
/// "Each goes back where it came from. Tightened in the order drawn to 8 N·m (6 lbf·ft)." Stages are told pass by pass; a
/// figure that is not proved says what it is.
std::string tightening_words(const Procedure& p, const Plate& plate);

/// What is drawn about each fastener of a kind, so that kinds are told apart without colour. Past the fourth kind the shapes
/// come again.
enum class FastenerShape { Circle, Square, Triangle, Diamond };
FastenerShape fastener_shape(const Plate& plate, const ItemId& kind);

/// "6 fasteners. 4 zinc cover bolts, in circles: 16 mm long, head hexagon, washer not known. … Each goes back where it came
/// from. Tightened in the order drawn to 8 N·m (6 lbf·ft)." Empty for none. Of one kind no shape is told.
std::string fastener_words(const Procedure& p, const Plate& plate);

/// Where the map and a count of the guide do not agree, a sentence for each: "The picture shows 5 zinc cover bolts; the guide
/// counts 6."
std::vector<Words> count_troubles(const Procedure& p, const Plate& plate);

/// What is not known of a fastener on the map, a sentence for each kind: "Length and washer of the zinc cover bolts are not
/// stated."
std::vector<Words> unstated(const Procedure& p, const Plate& plate);

}  // namespace anagraph::core
