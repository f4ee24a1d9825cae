// Lines, checks and waits drafted from what was heard.
#include "core/editing/draft_lines.h"

#include <gtest/gtest.h>

#include "core/editing/line_actions.h"
#include "core/procedure/text.h"
#include "core/tape/draft.h"
#include "tests/core/editing/drained.h"
#include "tests/core/narration/said.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

TEST(DraftLines, EveryHeardActionBecomesALineACheckOrAWait) {
    const Procedure q = after(drained(), draft_lines(drained(), StepId("one")));
    const Step& s = q.steps[0];
    EXPECT_EQ(s.lines, std::vector<std::string>{"Tighten the {item:plug} to {figure:t}."});
    ASSERT_EQ(s.checks.size(), 1U);
    EXPECT_EQ(s.checks[0].look, "magnet");
    EXPECT_TRUE(s.checks[0].good.empty()) << "what is good is the author's to say";
    ASSERT_EQ(s.waits.size(), 1U);
    EXPECT_EQ(s.waits[0].figure, FigureId("w"));
}

TEST(DraftLines, NeverWriteOverWhatAPersonWrote) {
    Procedure p = drained();
    p.steps[0].lines = {"Do it my way."};
    EXPECT_FALSE(draft_lines(p, StepId("one")));
    EXPECT_FALSE(draft_lines(p, StepId("two"))) << "nothing was heard there";
    EXPECT_FALSE(draft_lines(p, StepId("no")));
    EXPECT_FALSE(draft_all_lines(p));
}

TEST(DraftLines, AWholeTapeIsDraftedDownToItsLines) {
    Procedure p;
    p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
    p.items = drained().items;
    const auto lines = said({"undo the drain plug with a seventeen spanner", "drain the gear oil into a tray",
        "tighten the drain plug to 25 newton metres", "look at the magnet"});
    p = after(p, draft_steps(p, RecordingId("film"), lines, read_marks(lines), lines.back().end));
    p = after(p, draft_all_lines(p));
    std::string all;
    for (const auto& s : p.steps) {
        for (const auto& l : s.lines) {
            all += rendered(p, l) + "\n";
            EXPECT_TRUE(unknown_names(p, l).empty());
            EXPECT_FALSE(actions_of_line(l, p.items).empty()) << l << " is an action again";
        }
    }
    EXPECT_NE(all.find("Tighten the drain plug to 25 N·m"), std::string::npos) << all;
    EXPECT_NE(all.find("Drain the gear oil."), std::string::npos) << all;
}

TEST(DraftLines, ChecksAndWaitsStandWhereTheyWereSaid) {
    Procedure p = drained();
    const auto lines = said({"tighten the drain plug to twenty five", "look at the magnet", "give the gear oil five minutes"});
    Step& s = p.steps[0];
    s.takes = {{kFilm, at(0), at(10)}};
    p.figures[1].claims = {{kFilm, at(8), "five minutes", {"5", "", "min"}}};
    const std::vector<Mark> marks = read_marks(lines);
    const Procedure q = after(p, draft_lines(p, StepId("one"), {{kFilm, &lines, &marks}}));
    EXPECT_EQ(q.steps[0].checks.at(0).shown, (Take{kFilm, at(4), at(8)}));
    EXPECT_EQ(q.steps[0].waits.at(0).shown, (Take{kFilm, at(8), at(10)})) << "no further than the step";
}
