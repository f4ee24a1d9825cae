// Where on the tape each part of a step was said.
#include "core/editing/where_said.h"

#include <gtest/gtest.h>

#include "core/editing/line_actions.h"
#include "tests/core/editing/drained.h"
#include "tests/core/narration/said.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

/// A step over 0 to 24 s of the film, told in lines of four seconds.
class WhereSaid : public ::testing::Test {
protected:
    void SetUp() override {
        p_ = drained();
        Step& s = p_.steps[0];
        s.takes = {{kFilm, at(0), at(24)}};
        p_.steps.erase(p_.steps.begin() + 1, p_.steps.end());
        s.lines = {"Undo the {item:plug}.", "Drain the {item:oil}.", "Tighten the {item:plug} to {figure:t}.", "Whistle."};
        s.actions = actions_of(s, p_.items, {});
        s.cautions = {{Signal::Warning, "The {item:oil} is hot and can scald you.", "hot-oil"}, {Signal::Notice, "Keep the paint clean."}};
        s.checks = {{"the magnet", "grey paste", "chips"}, {"the lamp", "off", "on"}};
        s.waits = {{"", FigureId("w")}, {"until it is dry", {}}};
        p_.figures[1].claims = {{kFilm, at(20), "five minutes", {"5", "", "min"}}};
        lines_ = said({"undo the drain plug", "careful the gear oil is hot and can scald you", "drain the gear oil", "look at the magnet",
            "tighten the drain plug to twenty five newton metres", "then wait five minutes"});
        marks_ = read_marks(lines_);
    }
    std::optional<FrameTime> begins(StepPart part, std::size_t index = 0) const {
        const auto found = where_said(p_, p_.steps[0], {part, index}, {{kFilm, &lines_, &marks_}});
        return found ? std::optional(found->from) : std::nullopt;
    }

    Procedure p_;
    std::vector<Segment> lines_;
    std::vector<Mark> marks_;
};

}  // namespace

TEST_F(WhereSaid, AnActionIsWhereItsVerbAndItemWereSaid) {
    EXPECT_EQ(begins(StepPart::Step), at(0));
    EXPECT_EQ(begins(StepPart::Line, 0), at(0));
    EXPECT_EQ(begins(StepPart::Line, 1), at(8));
    EXPECT_EQ(begins(StepPart::Line, 2), at(16));
}

TEST_F(WhereSaid, CautionsChecksAndWaitsAreFoundByWhatTheySay) {
    EXPECT_EQ(begins(StepPart::Caution, 0), at(4));
    EXPECT_EQ(begins(StepPart::Check, 0), at(12));
    EXPECT_EQ(begins(StepPart::Wait, 0), at(20));
}

TEST_F(WhereSaid, NothingIsClaimedThatWasNotSaid) {
    EXPECT_FALSE(begins(StepPart::Line, 3));
    EXPECT_FALSE(begins(StepPart::Caution, 1));
    EXPECT_FALSE(begins(StepPart::Check, 1));
    EXPECT_FALSE(begins(StepPart::Wait, 1));
    EXPECT_FALSE(begins(StepPart::Line, 99));
    EXPECT_FALSE(where_said(p_, p_.steps[0], {StepPart::Line, 0}, {})) << "no tape is told";
}

TEST_F(WhereSaid, WhatWasPutOnTheTapeIsWhereItWasPut) {
    p_.steps[0].checks[0].shown = Take{kFilm, at(1), at(2)};
    EXPECT_EQ(begins(StepPart::Check, 0), at(1));
}

TEST_F(WhereSaid, OnlyTheStepsOwnTakesAreSearchedTheBestOneFirst) {
    p_.steps[0].takes = {{kFilm, at(12), at(24)}};
    EXPECT_FALSE(begins(StepPart::Line, 1)) << "said before the step";
    p_.steps[0].takes = {{kOther, at(0), at(24)}, {kFilm, at(0), at(24)}};
    EXPECT_EQ(begins(StepPart::Line, 1), at(8)) << "the best take tells nothing of it";
    std::vector<Segment> other = lines_;
    std::rotate(other.begin(), other.begin() + 2, other.end());
    for (std::size_t i = 0; i < other.size(); ++i) other[i].start = lines_[i].start, other[i].end = lines_[i].end;
    const auto marks = read_marks(other);
    const auto found = where_said(p_, p_.steps[0], {StepPart::Line, 1}, {{kFilm, &lines_, &marks_}, {kOther, &other, &marks}});
    ASSERT_TRUE(found);
    EXPECT_EQ(*found, (Take{kOther, at(0), at(4)}));
}

TEST_F(WhereSaid, BothEndsAreFrames) {
    const auto later = [](const FrameTime& t) { return FrameTime::from_milliseconds(static_cast<std::int64_t>(t.seconds() * 1000) + 40); };
    const auto found = where_said(p_, p_.steps[0], {StepPart::Line, 1}, {{kFilm, &lines_, &marks_, later}});
    ASSERT_TRUE(found);
    EXPECT_EQ(found->from, later(at(8)));
    EXPECT_EQ(found->to, later(at(12)));
}
