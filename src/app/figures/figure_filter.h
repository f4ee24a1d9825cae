// FigureFilter: which figures of a guide the list shows.
#pragma once

#include <optional>
#include <vector>

#include "core/procedure/procedure.h"

namespace anagraph::app {

struct FigureFilter {
    std::optional<core::Standing> standing;
    core::StepId step;  // used in that step; empty: in any or none
    core::ItemId item;  // about that item; empty: about any
    friend bool operator==(const FigureFilter&, const FigureFilter&) = default;
};

/// The figures that pass, in the guide's order. A step or item the guide no longer has lets everything through.
std::vector<core::FigureId> figures_shown(const core::Procedure& p, const FigureFilter& filter);

}  // namespace anagraph::app
