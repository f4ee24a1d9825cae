#include "core/review/taught.h"

#include <gtest/gtest.h>

#include "core/bench/bench_events.h"
#include "core/figure/evidence.h"
#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

constexpr Moment kNow = 1796032800;

Procedure guide_taught() {
    Procedure p = winch();
    for (auto& f : p.figures)
        if (f.kind == FigureKind::Torque) f.tolerance = "2";
    return p;
}
const Figure& torque(const Procedure& p) {
    return *std::find_if(p.figures.begin(), p.figures.end(), [](const Figure& f) { return f.kind == FigureKind::Torque; });
}

class Runs {
public:
    explicit Runs(const Procedure& p) : step(p.steps[1].id.text()) {}
    RunStep& add(Seconds took, StepState state = StepState::Done) {
        RunInLog r;
        r.entry = static_cast<std::int64_t>(all.size()) + 10;
        RunStep s;
        s.id = step;
        s.began = utc_text(kNow);
        s.ended = utc_text(kNow + took);
        s.state = state;
        r.run.steps = {s};
        all.push_back(std::move(r));
        return all.back().run.steps.back();
    }
    std::string step;
    std::vector<RunInLog> all;
};

std::string all_notes(const std::vector<StepTaught>& t) {
    std::string out;
    for (const auto& s : t)
        for (const auto& n : s.notes) out += n.text.english() + "\n";
    return out;
}

}  // namespace

TEST(Taught, TheTimeOfAStepIsTheMiddleOfItsRunsWithoutPausesAndFromThreeOn) {
    const Procedure p = guide_taught();
    Runs runs(p);
    runs.add(60);
    runs.add(600).paused = 480;
    EXPECT_FALSE(taught(p, runs.all).at(0).hands) << "two are too few";
    runs.add(3000);
    const auto t = taught(p, runs.all).at(0);
    EXPECT_EQ(t.hands, 120);
    EXPECT_EQ(t.runs, 3U);
    EXPECT_EQ(t.time_words(), "2 min in the middle of 3 runs, half of them 2 min to 50 min");
    runs.add(9999, StepState::Stopped);
    EXPECT_EQ(taught(p, runs.all).at(0).hands, 120) << "a step that stopped says nothing of its time";
}

TEST(Taught, WaitsAndWhatWasDoneMeanwhileAreNoTimeOfHands) {
    Procedure p = guide_taught();
    Figure drip;
    drip.id = FigureId("drip");
    drip.kind = FigureKind::Duration;
    drip.value = *parse_figure_value("10 min", FigureKind::Duration);
    p.figures.push_back(drip);
    p.steps[1].waits = {{"it drips", FigureId("drip")}};
    Runs runs(p);
    for (int i = 0; i < 3; ++i) {
        runs.add(840);
        RunStep meanwhile;
        meanwhile.id = p.steps[2].id.text();
        meanwhile.began = utc_text(kNow + 100);
        meanwhile.ended = utc_text(kNow + 400);
        runs.all.back().run.steps.push_back(meanwhile);
    }
    const auto t = taught(p, runs.all);
    EXPECT_EQ(t.at(0).hands, 240) << "ten of the fourteen minutes it dripped";
    EXPECT_EQ(t.at(1).hands, 300);
}

TEST(Taught, SaysWhereRunsStoppedWhatWasOutsideAndWhatWasFound) {
    const Procedure p = guide_taught();
    Runs runs(p);
    runs.add(60);
    runs.add(60, StepState::Stopped).because = "the thread is crossed";
    runs.add(60, StepState::Skipped).because = "done last week";
    const auto& f = torque(p);
    const double value = Number::kept(f.value.low)->value();
    const auto read = [&](double by) {
        return RunReading{
            f.id.text(), "", *Quantity::parse(rounded_text(value + by, 6) + " " + f.value.unit), "typed", "", "", Judged::Within};
    };
    runs.all[0].run.steps[0].readings = {read(9), read(1.9), read(0)};
    runs.all[0].run.steps[0].checks = {{"the washer", false, "bent"}};
    for (int i : {0, 1})
        runs.all[static_cast<std::size_t>(i)].run.findings = {{runs.step, i == 0 ? "a chafed pipe" : "A chafed  pipe", Urgency::Now, {}}};
    const auto t = taught(p, runs.all, {{StepId(runs.step), "learner 07"}});
    const auto notes = all_notes(t);
    EXPECT_NE(notes.find("1 of 3 runs stopped here: the thread is crossed."), std::string::npos) << notes;
    EXPECT_NE(notes.find("Left out in 1 run: done last week."), std::string::npos) << notes;
    EXPECT_NE(notes.find(": outside its limits: " + display(read(9).value)), std::string::npos)
        << "judged here, whatever the run says: " << notes;
    EXPECT_NE(notes.find(": near its limits: " + display(read(1.9).value)), std::string::npos) << notes;
    EXPECT_NE(notes.find("Did not look good: the washer: bent."), std::string::npos) << notes;
    EXPECT_NE(notes.find("Found here: a chafed pipe (2 times)."), std::string::npos) << notes;
    EXPECT_NE(notes.find("1 learner was wrong at first"), std::string::npos) << notes;
    EXPECT_EQ(t[0].notes[0].runs, std::vector<std::int64_t>{11});
    EXPECT_EQ(taught_words(p, t).at(0).rfind("Step 2, " + p.steps[1].heading, 0), 0U);
}

TEST(Taught, NothingIsToldOfStepsThatAreGone) {
    const Procedure p = guide_taught();
    Runs runs(p);
    runs.step = "gone";
    runs.add(60, StepState::Stopped).because = "x";
    EXPECT_TRUE(taught(p, runs.all).empty());
}

TEST(Measured, OnlyWhatAnInstrumentReadOfAFigureNobodyProvedIsOffered) {
    Procedure p = guide_taught();
    for (auto& f : p.figures)
        if (f.kind == FigureKind::Torque) f.proofs.clear(), f.value = {};
    const auto id = torque(p).id;
    Runs runs(p);
    auto& s = runs.add(60);
    s.readings = {{id.text(), "", *Quantity::parse("24.8 Nm"), "wrench", "12", "2026-11-30T10:00:00Z", Judged::NoLimits},
        {id.text(), "", *Quantity::parse("99 Nm"), "typed", "", "2026-11-30T10:00:00Z", Judged::NoLimits}};
    const auto offers = measured(p, runs.all);
    ASSERT_EQ(offers.size(), 1U) << "what was typed was read by nobody knows what";
    const auto change = take_measured(p, offers[0]);
    ASSERT_TRUE(change);
    const auto after = apply(p, *change);
    ASSERT_TRUE(after) << after.error().message;
    EXPECT_EQ(text_of(after->find(id)->value), "24.8 N·m");
    EXPECT_EQ(after->sources.back().instrument, "wrench 12");
    EXPECT_EQ(standing_of(*after, *after->find(id)), Standing::Proved);
    EXPECT_TRUE(measured(*after, runs.all).empty()) << "it is proved now";
}
