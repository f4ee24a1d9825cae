#include "core/tape/undone.h"

#include <gtest/gtest.h>

#include "tests/core/job.h"

using namespace anagraph::core;
using anagraph::core::testing::at;
using anagraph::core::testing::guide;
using anagraph::core::testing::kFilm;
using anagraph::core::testing::kOther;

namespace {

Mark done(int when, const char* verb, const char* what) {
    Mark m;
    m.kind = MarkKind::Step;
    m.at = at(when);
    m.verb = verb;
    m.about = what;
    m.words = std::string(verb) + " the " + what;
    return m;
}

std::vector<std::string> states(const Procedure& p, const std::vector<HeardTape>& tapes) {
    std::vector<std::string> out;
    for (const auto& u : undone_after(p, tapes)) out.push_back(state_text(u));
    return out;
}

Procedure unlogged() {
    Procedure p = guide();
    p.steps.clear();
    return p;
}

}  // namespace

TEST(Undone, WhatIsTakenOffStaysOffUntilItIsFitted) {
    const std::vector<Mark> first{
        done(1, "remove", "cover"), done(5, "loosen", "drain plug"), done(6, "remove", "drain plug"), done(9, "drain", "oil")};
    const std::vector<Mark> second{done(2, "fit", "plug"), done(4, "fill", "sump")};
    const auto p = unlogged();
    EXPECT_EQ(states(p, {{kFilm, &first}}), (std::vector<std::string>{"cover off", "drain plug off", "oil drained"}));
    EXPECT_EQ(states(p, {{kFilm, &first}, {kOther, &second}}), (std::vector<std::string>{"cover off"}))
        << "the short name is the same thing";
}

TEST(Undone, APutAsideMarkDoesNotCount) {
    auto p = unlogged();
    const std::vector<Mark> heard{done(1, "remove", "cover")};
    p.recordings[0].dismissed = {{at(1), heard[0].words}};
    EXPECT_TRUE(undone_after(p, {{kFilm, &heard}}).empty());
}

TEST(Undone, AStepsOwnActionsStandForItsStretch) {
    auto p = guide();
    p.items.push_back({ItemId("cover"), ItemKind::Part, "belt cover", "", ""});
    p.steps[0].actions = {{"remove", {ItemId("cover")}, {}}};
    const std::vector<Mark> heard{done(1, "remove", "lid"), done(22, "disconnect", "hose")};
    EXPECT_EQ(states(p, {{kFilm, &heard}}), (std::vector<std::string>{"belt cover off", "hose disconnected"}))
        << "what was heard within the step is what the author made of it";
}

TEST(Undone, ItIsTheLastThingThatCanBeMeant) {
    const std::vector<Mark> heard{done(1, "loosen", "drain plug"), done(2, "remove", "filter"), done(3, "fit", ""), done(4, "remove", "")};
    EXPECT_EQ(states(unlogged(), {{kFilm, &heard}}), (std::vector<std::string>{"drain plug off"})) << "loosened, and then it was taken out";
}
