// A run in the middle of its work, for tests: a sheet of four steps, and a bench whose clock the test moves.
#pragma once

#include <gtest/gtest.h>

#include "core/bench/bench.h"
#include "tests/core/quantities.h"

namespace anagraph::core::testing {

/// 1 undoes the plug and drains for ten minutes; 2 changes the filter meanwhile; 3 tightens the plug to 25 N·m ± 2.5 on two bolts and
/// looks; 4 reads the hour meter.
inline BenchSheet drain_sheet() {
    BenchSheet s{"guide-1", "100 h service", "Perrick PT60", "KQ-1 / 2 / a08904e8", "PT60", 2, {"torque wrench"}, {"gloves"}, {}};
    BenchStep drain;
    drain.id = StepId("drain");
    drain.number = 1;
    drain.heading = "Drain the oil";
    drain.lines = {"Undo the plug.", "Let it run."};
    drain.waits = {{"the oil drips out", 600}};
    drain.meanwhile = {StepId("filter")};
    BenchStep filter;
    filter.id = StepId("filter");
    filter.number = 2;
    filter.heading = "Change the filter";
    filter.lines = {"Turn it off."};
    BenchStep plug;
    plug.id = StepId("plug");
    plug.number = 3;
    plug.heading = "Refit the plug";
    plug.lines = {"By hand.", "Tighten to 25 N·m."};
    BenchWanted torque{"t1", "Drain plug, tightening torque", "25 N·m ± 2.5", "", find_unit("Nm"), {find_unit("Nm"), 22.5, 27.5}, {}};
    torque.times = 2;
    torque.line = 2;
    plug.wanted = {torque};
    plug.checks = {{"the washer sits square", "", "", "", "", {}}};
    BenchStep meter;
    meter.id = StepId("meter");
    meter.number = 4;
    meter.heading = "Write down the hours";
    BenchWanted hours{"", "hour meter", "", "", find_unit("h"), {}, {}, true};
    meter.wanted = {hours};
    s.steps = {drain, filter, plug, meter};
    return s;
}

class AtTheBench {
public:
    AtTheBench() : bench(drain_sheet()) {
        must(RunBegun{"123e4567-e89b-42d3-a456-426614174000", "guide-1", "KQ-1 / 2 / a08904e8", "PT60", "PT60 no. 3", "P-303", "learner 07",
            "instructor", 2});
    }
    Outcome add(BenchBody body) { return bench.add({now, std::move(body)}); }
    void must(BenchBody body) {
        const auto done = add(std::move(body));
        EXPECT_TRUE(done) << (done ? std::string() : done.error().message.english());
    }
    /// Presses the one large key; the sentence where it could not be done.
    std::string press() {
        const auto on = bench.way_on(now);
        if (!on) return on.error().message;
        for (const auto& body : *on) must(body);
        return "";
    }
    void begin() {
        must(KitTicked{"gloves"});
        must(core::LockedOff{});
        EXPECT_EQ(press(), "");
    }
    std::string in_hand() const { return bench.step() == nullptr ? "" : bench.step()->id.text(); }

    Moment now = 1796032800;  // 2026-11-30T10:00:00Z
    Bench bench;
};

}  // namespace anagraph::core::testing
