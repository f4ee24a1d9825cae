// A small guide on two recordings, for tests of what is done on the tape.
#pragma once

#include <gtest/gtest.h>

#include "core/edits/edit.h"

namespace anagraph::core::testing {

inline const RecordingId kFilm("film");
inline const RecordingId kOther("other");

inline FrameTime at(int s) { return {s, 1}; }

inline Step step(const char* id, int from, int to) {
    Step s;
    s.id = StepId(id);
    s.heading = id;
    s.takes = {{kFilm, at(from), at(to)}};
    return s;
}

/// Steps "one" 0-10 s, "two" 10-20 s, "three" 30-40 s, all on kFilm.
inline Procedure guide() {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.recordings = {{kFilm, "", {}}, {kOther, "", {}}};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "plug", "", ""}};
    p.steps = {step("one", 0, 10), step("two", 10, 20), step("three", 30, 40)};
    return p;
}

/// The guide after a change that must be possible.
inline Procedure after(const Procedure& p, const Result<Change>& change) {
    EXPECT_TRUE(change) << (change ? std::string() : change.error().message.english());
    return change ? *anagraph::core::apply(p, *change) : p;
}

}  // namespace anagraph::core::testing
