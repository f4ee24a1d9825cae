// A small guide in whose first step oil is drained: items, a torque and a time, actions heard and nothing written yet.
#pragma once

#include "tests/core/job.h"

namespace anagraph::core::testing {

inline Procedure drained() {
    Procedure p = guide();
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}, {ItemId("oil"), ItemKind::Fluid, "gear oil", "", ""},
        {ItemId("magnet"), ItemKind::Part, "magnet", "", ""}};
    const auto figure = [](const char* id, FigureKind kind, const char* item, FigureValue value) {
        return Figure{FigureId(id), kind, ItemId(item), "", std::move(value), "", {}, {}, ""};
    };
    p.figures = {figure("t", FigureKind::Torque, "plug", {"25", "", "Nm"}), figure("w", FigureKind::Duration, "oil", {"5", "", "min"})};
    Step& s = p.steps[0];
    s.actions = {{"tighten", {ItemId("plug")}, {}}, {"look", {ItemId("magnet")}, {}}, {"clean", {}, {}}};
    s.heard = {FigureId("t"), FigureId("w")};
    return p;
}

}  // namespace anagraph::core::testing
