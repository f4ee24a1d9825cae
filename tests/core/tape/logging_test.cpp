#include "core/tape/logging.h"

#include <gtest/gtest.h>

#include "core/review/open_points.h"

using namespace anagraph::core;

namespace {

const RecordingId kRecording("r1");

struct Job {
    Procedure p;
    std::vector<Segment> segments;
    std::vector<Mark> marks;

    explicit Job(std::initializer_list<const char*> lines) {
        p.header = {"100 h service", "Perrick PT60", "KQ-1", "", {}, ""};
        for (const char* l : lines) {
            const auto at = static_cast<std::int64_t>(segments.size()) * 4;
            segments.push_back({FrameTime(at, 1), FrameTime(at + 4, 1), l});
        }
        marks = read_marks(segments);
    }
    void perform(const Result<Change>& change) {
        ASSERT_TRUE(change) << change.error().message;
        p = *anagraph::core::apply(p, *change);
    }
    const Mark& figure(std::size_t n = 0) const {
        for (const auto& m : marks)
            if (m.kind == MarkKind::Figure && !m.taken_back && n-- == 0) return m;
        return marks.front();
    }
};

}  // namespace

TEST(Logging, ABracketedStepTakesHeadingAndActionsFromWhatWasHeard) {
    Job job({"undo the breather plug", "tighten the drain plug to 25 newton metres", "fit a new copper washer"});
    job.perform(bracket_step(job.p, kRecording, FrameTime(4, 1), FrameTime(12, 1), job.marks));
    ASSERT_EQ(job.p.steps.size(), 1U);
    EXPECT_EQ(job.p.steps[0].heading, "Tighten the drain plug");
    ASSERT_EQ(job.p.steps[0].actions.size(), 2U);
    EXPECT_EQ(job.p.steps[0].actions[1].verb, "fit");
    EXPECT_NE(job.p.find(kRecording), nullptr);
    EXPECT_EQ(step_at(job.p, kRecording, FrameTime(11, 1)), &job.p.steps[0]);
    EXPECT_EQ(step_at(job.p, kRecording, FrameTime(12, 1)), nullptr);
}

TEST(Logging, StepsStandInTheOrderOfTheTapeWhateverOrderTheyAreBracketedIn) {
    Job job({"undo the breather plug", "drain the oil", "fit a new copper washer"});
    for (const int at : {8, 0, 4}) job.perform(bracket_step(job.p, kRecording, FrameTime(at, 1), FrameTime(at + 4, 1), job.marks));
    ASSERT_EQ(job.p.steps.size(), 3U);
    for (std::size_t i = 0; i < 3; ++i) EXPECT_EQ(job.p.steps[i].takes[0].from, FrameTime(static_cast<std::int64_t>(i) * 4, 1));
}

TEST(Logging, ATakenFigureMakesItsItemOnceAndCountsNoLongerAsOpen) {
    Job job({"tighten the drain plug to 25 newton metres", "so that is eighteen foot pounds on the drain plug"});
    job.perform(bracket_step(job.p, kRecording, FrameTime(0, 1), FrameTime(8, 1), job.marks));
    const auto open_before = open_marks(job.p, kRecording, job.marks).size();
    job.perform(take_figure(job.p, kRecording, job.figure(), job.p.steps[0].id));
    job.perform(take_figure(job.p, kRecording, job.figure(1), job.p.steps[0].id));
    ASSERT_EQ(job.p.items.size(), 1U);
    EXPECT_EQ(job.p.items[0].name, "drain plug");
    ASSERT_EQ(job.p.figures.size(), 1U) << "two claims about one thing are one figure";
    EXPECT_EQ(job.p.figures[0].claims.size(), 2U);
    EXPECT_EQ(job.p.steps[0].heard.size(), 1U);
    EXPECT_EQ(open_marks(job.p, kRecording, job.marks).size(), open_before - 2);
    EXPECT_EQ(standing_of(job.p.figures[0]), Standing::Open);
}

TEST(Logging, ClaimsAreOneFigureOnlyWhereThingKindAndPurposeAreTheSameAndTheValuesAgree) {
    Job job({"tighten the drain plug to 25 newton metres", "the drain plug goes to 35 newton metres",
        "tighten the level plug to 25 newton metres"});
    job.perform(bracket_step(job.p, kRecording, FrameTime(0, 1), FrameTime(12, 1), job.marks));
    for (int i = 0; i < 3; ++i) job.perform(take_figure(job.p, kRecording, job.figure(i), job.p.steps[0].id));
    ASSERT_EQ(job.p.figures.size(), 3U) << "35 is not 25, and another plug is another figure";
    const auto points = open_points(job.p);
    const auto asked =
        std::find_if(points.begin(), points.end(), [](const OpenPoint& o) { return o.text.english().find("twice") != std::string::npos; });
    ASSERT_NE(asked, points.end()) << "which of the two holds is asked";
    EXPECT_NE(asked->text.english().find("25 N·m and 35 N·m"), std::string::npos) << asked->text;
    EXPECT_EQ(
        std::count_if(points.begin(), points.end(), [](const OpenPoint& o) { return o.text.english().find("twice") != std::string::npos; }),
        1);
    auto apart = job.p;
    apart.figures[1].condition = "new seal";
    for (const auto& o : open_points(apart)) EXPECT_EQ(o.text.english().find("twice"), std::string::npos) << "told apart";
}

TEST(Logging, AValueTakenBackInWordsJoinsTheOneItWasTakenBackFor) {
    Job job({"tighten the drain plug to 25 newton metres", "fit a new copper washer"});
    job.perform(bracket_step(job.p, kRecording, FrameTime(0, 1), FrameTime(8, 1), job.marks));
    job.perform(take_figure(job.p, kRecording, job.figure(), job.p.steps[0].id));
    Mark wrong = job.figure();
    wrong.value.low = "40";
    wrong.words = "forty newton metres";
    wrong.taken_back = true;
    job.perform(take_figure(job.p, kRecording, wrong, job.p.steps[0].id));
    ASSERT_EQ(job.p.figures.size(), 1U);
    EXPECT_EQ(job.p.figures[0].claims.size(), 2U);
}

TEST(Logging, AThingIsCalledByItsNoun) {
    Job job({"drain the engine's oil", "tighten the plug's bolt to 25 newton metres", "the drain plug's a seventeen"});
    for (const auto& m : job.marks) EXPECT_EQ(m.about.find("'s"), std::string::npos) << m.about;
    EXPECT_TRUE(std::any_of(job.marks.begin(), job.marks.end(), [](const Mark& m) { return m.about == "drain plug"; }));
}

TEST(Within, IsAShareOfTheLargerInAnyUnitOfTheKind) {
    const auto v = [](const char* text) { return *parse_figure_value(text); };
    EXPECT_TRUE(within(0.03, v("25 Nm"), v("18 lbf.ft")));
    EXPECT_TRUE(within(0.03, v("18 lbf.ft"), v("25 Nm")));
    EXPECT_FALSE(within(0.03, v("25 Nm"), v("26 Nm")));
    EXPECT_TRUE(within(0.03, v("12 Nm"), v("12 N"))) << "the number was meant";
    EXPECT_FALSE(within(0.03, v("12 Nm"), v("12 L")));
    EXPECT_FALSE(within(0.03, v("8 to 10 mm"), v("8 mm")));
    EXPECT_TRUE(within(0.03, v("75W-90"), v("75w90")));
    EXPECT_FALSE(within(0.03, FigureValue{}, FigureValue{}));
}

TEST(Logging, AForceSaidForATorqueIsKeptAsAClaimButGivesNoValue) {
    Job job({"twelve newtons on the little level plug"});
    job.perform(bracket_step(job.p, kRecording, FrameTime(0, 1), FrameTime(4, 1), job.marks));
    job.perform(take_figure(job.p, kRecording, job.figure(), job.p.steps[0].id));
    EXPECT_FALSE(job.p.figures[0].value.known());
    EXPECT_EQ(job.p.figures[0].claims[0].value.unit, "N");
}

TEST(Logging, AMarkPutAsideStaysSoAfterASecondReading) {
    Job job({"you can't see it it's dark under here", "drain the oil"});
    ASSERT_EQ(open_marks(job.p, kRecording, job.marks).size(), 1U);
    job.perform(dismiss(job.p, kRecording, *open_marks(job.p, kRecording, job.marks)[0]));
    const auto again = read_marks(job.segments);
    EXPECT_TRUE(open_marks(job.p, kRecording, again).empty());
}

TEST(Logging, ACautionIsTakenOnceInTheWordsSaid) {
    Job job({"careful hot oil burns"});
    job.perform(bracket_step(job.p, kRecording, FrameTime(0, 1), FrameTime(4, 1), job.marks));
    const auto& mark = *std::find_if(job.marks.begin(), job.marks.end(), [](const Mark& m) { return m.kind == MarkKind::Caution; });
    job.perform(take_caution(job.p, mark, job.p.steps[0].id));
    EXPECT_EQ(job.p.steps[0].cautions[0].text, "Careful hot oil burns.");
    EXPECT_FALSE(take_caution(job.p, mark, job.p.steps[0].id));
    EXPECT_FALSE(take_caution(job.p, mark, StepId("none")));
}
