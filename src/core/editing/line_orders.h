// LineOrders: what a line of an instruction orders, read by a small grammar of controlled language: a verb with its particle, what
// it is done to, and what it is done with or into. A line that forbids or describes orders nothing.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::core {

struct LineOrder {
    /// drain fill remove fit replace tighten loosen open close clean inspect check measure lubricate run stop wait mark reset lift
    /// lower pump bleed cut adjust record dispose connect disconnect place isolate release hold.
    std::string verb;
    std::vector<ItemId> items;  // what it is done to
    std::vector<ItemId> needs;  // the tools and vessels it is done with or into
    FigureId figure;            // the first one named; may be empty
    friend bool operator==(const LineOrder&, const LineOrder&) = default;
};

/// The orders of a line, in order. "it" is what the order before was done to. `items`: those its tokens name, for their kinds.
std::vector<LineOrder> line_orders(std::string_view line, const std::vector<Item>& items);

}  // namespace anagraph::core
