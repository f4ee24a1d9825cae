// A guide with everything that is entered at the bench: a wait, a torque within limits, something to look at, a meter to read.
#pragma once

#include <algorithm>

#include "tests/place.h"
#include "tests/issued_library.h"

namespace anagraph::testing {

inline core::Procedure bench_guide() {
    using namespace core;
    Procedure p = core::testing::engine();
    // something that has nothing to do with the oil, and is done while it runs out
    p.items.push_back({ItemId("belt"), ItemKind::Part, "V-belt", "", ""});
    Step belt;
    belt.id = StepId("belt");
    belt.heading = "belt";
    belt.actions = {{"inspect", {ItemId("belt")}, {}}};
    belt.states = {MachineState::LockedOff};
    p.steps.insert(std::find_if(p.steps.begin(), p.steps.end(), [](const Step& s) { return s.id == StepId("plug"); }), belt);
    p = core::testing::written(p);
    p.header.number = "KQ-M4";
    Figure drip;
    drip.id = FigureId("drip");
    drip.kind = FigureKind::Duration;
    drip.purpose = "drip time";
    drip.value = *parse_figure_value("10 min", FigureKind::Duration);
    drip.proofs = {{SourceId("book"), "page 3", drip.value}};
    p.figures.push_back(drip);
    for (auto& f : p.figures)
        if (f.id == FigureId("plug-torque")) f.tolerance = "3";
    for (auto& s : p.steps) {
        s.hands = {"2", "", "min"};
        if (s.id == StepId("drain")) s.waits = {{"until it drips", FigureId("drip")}};
        if (s.id == StepId("plug")) s.checks = {{"the washer", "it sits square", "it is bent"}};
        if (s.id == StepId("end")) s.checks = {{"the hour meter", "it was read", "", {}, "", Reading{"hour meter", "h", {}}}};
    }
    return p;
}

/// A library with that guide issued once, and the machine it is done on.
struct BenchLibrary {
    explicit BenchLibrary(const std::string& folder) : library(*store::Library::make_or_open(anagraph::testing::place(folder))) {
        const auto id = library->create_guide(bench_guide(), "author");
        EXPECT_TRUE(id);
        guide = *id;
        EXPECT_FALSE(issue(*library, guide).empty());
        EXPECT_TRUE(library->log({core::MachineAdded{"launch", "Ostrel M4 launch diesel", "", "M4-2291", "harbour steps", ""},
                                     core::StockCounted{"engine oil", "", *core::Quantity::parse("9 L"), {}, ""}},
            "author"));
        EXPECT_TRUE(library->record({core::LearnerAdded{"learner 07", "term 2"}}, "author"));
    }
    std::unique_ptr<store::Library> library;
    store::GuideId guide;
};

}  // namespace anagraph::testing
