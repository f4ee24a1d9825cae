#include "core/bench/bench.h"

#include <nlohmann/json.hpp>

#include "tests/core/bench/at_the_bench.h"
#include "tests/core/property.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

/// Up to the third step, the drain's wait run out and ended.
void to_the_plug(AtTheBench& b) {
    b.begin();
    b.press(), b.press(), b.press();  // two lines, then the clock
    b.press();                        // meanwhile
    b.press();                        // the line of the filter
    b.press();                        // done, back to the drain
    b.now += 600;
    b.press();  // the wait is over
    b.press();  // done
}

/// The events of a run as they are kept and read again.
std::vector<BenchEvent> kept_and_read(const Bench& bench) {
    std::vector<BenchEvent> out;
    for (const auto& e : bench.events()) {
        auto body = bench_body_from_json(nlohmann::json::parse(to_json(e.body).dump()));
        EXPECT_TRUE(body) << (body ? std::string() : body.error().message.english());
        out.push_back({e.at, std::move(*body)});
    }
    return out;
}

}  // namespace

TEST(Bench, NothingBeginsBeforeTheGearIsOnAndTheMachineIsSafe) {
    AtTheBench b;
    EXPECT_NE(b.press().find("gloves"), std::string::npos);
    b.must(KitTicked{"gloves"});
    EXPECT_NE(b.press().find("safe"), std::string::npos);
    EXPECT_FALSE(b.add(LinesDone{"drain", 1})) << "a step is not worked on before the work begins";
    b.must(anagraph::core::LockedOff{});
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.in_hand(), "drain");
    b.bench.add({b.now, KitTicked{"torque wrench"}});
    EXPECT_TRUE(b.bench.has("torque wrench"));
}

TEST(Bench, OneKeyTicksLinesStartsTheClockAndGoesToWhatThePlanDoesMeanwhile) {
    AtTheBench b;
    b.begin();
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.bench.entered(StepId("drain")).lines, 2U);
    EXPECT_TRUE(b.bench.clocks(b.now).empty());
    EXPECT_EQ(b.press(), "");
    ASSERT_EQ(b.bench.clocks(b.now).size(), 1U);
    EXPECT_EQ(b.bench.clocks(b.now)[0].left, 600);
    b.now += 60;
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.in_hand(), "filter");
    EXPECT_EQ(b.bench.clocks(b.now)[0].left, 540) << "the clock of the drain runs on";
    b.press();
    b.press();
    EXPECT_EQ(b.in_hand(), "drain") << "nothing else may be done while it drains";
    EXPECT_NE(b.press().find("9:00 left"), std::string::npos);
    b.now += 540;
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.in_hand(), "plug");
    EXPECT_EQ(b.bench.entered(StepId("drain")).state, StepState::Done);
}

TEST(Bench, ThePressIsToldBeforeItIsMade) {
    AtTheBench b;
    std::vector<BenchPress> told{b.bench.press(b.now)};
    b.begin();
    for (int i = 0; i < 5; ++i) told.push_back(b.bench.press(b.now)), b.press();
    told.push_back(b.bench.press(b.now)), b.press();
    told.push_back(b.bench.press(b.now));
    b.now += 600;
    for (int i = 0; i < 2; ++i) told.push_back(b.bench.press(b.now)), b.press();
    using enum BenchPress;
    EXPECT_EQ(
        told, (std::vector{BeginWork, NextLine, LastLine, StartClock, Meanwhile, LastLine, CloseStep, KeepWaiting, EndWait, CloseStep}));
    b.must(StepClosed{"plug", StepState::Skipped, "done last week"});
    EXPECT_EQ(b.bench.press(b.now), NextStep);
    b.must(RunPaused{});
    EXPECT_EQ(b.bench.press(b.now), GoOn);
    b.press(), b.press();
    b.must(StepClosed{"meter", StepState::Skipped, "no meter"});
    EXPECT_EQ(b.bench.press(b.now), EndRun);
    b.press();
    EXPECT_EQ(b.bench.press(b.now), HandIn);
}

TEST(Bench, WhatIsAskedNowIsWhatHasNoGoodAnswerYet) {
    AtTheBench b;
    EXPECT_EQ(b.bench.wanted_now(), nullptr);
    EXPECT_FALSE(b.bench.check_now());
    to_the_plug(b);
    b.press(), b.press();
    const auto good = q("25 Nm");
    ASSERT_NE(b.bench.wanted_now(), nullptr);
    EXPECT_EQ(b.bench.check_now(), 0U);
    EXPECT_FALSE(b.bench.wants_reason());
    b.must(CheckLooked{"plug", 0, false, "it is nicked"});
    EXPECT_TRUE(b.bench.wants_reason()) << "a check that is not good";
    b.must(CheckLooked{"plug", 0, true, ""});
    EXPECT_FALSE(b.bench.wants_reason());
    b.must(ReadingTaken{"plug", "t1", "", q("31 Nm"), "typed", ""});
    EXPECT_TRUE(b.bench.wants_reason()) << "a reading outside its limits";
    b.must(ReadingTaken{"plug", "t1", "", good, "typed", ""});
    EXPECT_FALSE(b.bench.wants_reason());
    EXPECT_EQ(b.bench.readings_of(*b.bench.step(), *b.bench.wanted_now()).size(), 2U);
}

TEST(Bench, WhatIsTypedWithoutAUnitIsInTheOneThatIsAskedFor) {
    const auto sheet = drain_sheet();
    const auto& torque = sheet.steps[2].wanted[0];
    EXPECT_EQ(*reading_typed(torque, "24.8"), q("24.8 Nm"));
    EXPECT_EQ(*reading_typed(torque, "18.3 lbf.ft"), q("18.3 lbf.ft"));
    EXPECT_FALSE(reading_typed(torque, "tight"));
    BenchWanted word;
    EXPECT_FALSE(reading_typed(word, "24.8")) << "nothing says in which unit";
}

TEST(Bench, AStepIsNotDoneBeforeWhatComesFirstUnlessItIsDoneMeanwhile) {
    AtTheBench b;
    b.begin();
    b.must(StepTaken{"filter"});
    b.must(LinesDone{"filter", 1});
    EXPECT_NE(b.press().find("Step 1 comes first"), std::string::npos);
    b.must(StepClosed{"drain", StepState::Skipped, "it was drained this morning"});
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.in_hand(), "plug");
}

TEST(Bench, WhatThePlanDoesDuringAWaitIsDoneBeforeTheStepsBetween) {
    BenchSheet sheet = drain_sheet();
    std::swap(sheet.steps[1], sheet.steps[2]);  // the filter is written after the plug
    AtTheBench b;
    b.bench = Bench(sheet);
    b.must(
        RunBegun{"123e4567-e89b-42d3-a456-426614174000", "guide-1", "KQ-1 / 2 / a08904e8", "PT60", "PT60 no. 3", "", "learner 07", "", 2});
    b.begin();
    b.press(), b.press(), b.press(), b.press();
    ASSERT_EQ(b.in_hand(), "filter");
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.press(), "") << "the plug is still open, and comes after the drain";
    EXPECT_EQ(b.bench.entered(StepId("filter")).state, StepState::Done);
}

TEST(Bench, WhatWasBegunDuringAWaitIsFinishedAlthoughTheWaitIsOver) {
    AtTheBench b;
    b.begin();
    b.press(), b.press(), b.press(), b.press();
    ASSERT_EQ(b.in_hand(), "filter");
    b.now += 900;
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.bench.entered(StepId("filter")).state, StepState::Done);
    EXPECT_EQ(b.in_hand(), "drain");
}

TEST(Bench, AReadingOutsideItsLimitsHoldsTheStepAndBothReadingsAreKept) {
    AtTheBench b;
    to_the_plug(b);
    ASSERT_EQ(b.in_hand(), "plug");
    b.press(), b.press();
    b.must(CheckLooked{"plug", 0, true, ""});
    b.must(ReadingTaken{"plug", "t1", "", q("31 Nm"), "typed", ""});
    EXPECT_NE(b.press().find("31 N·m is above the limits"), std::string::npos);
    b.must(ReadingTaken{"plug", "t1", "", q("18.4 lbf.ft"), "typed", ""});
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.in_hand(), "meter");
    const auto run = b.bench.run();
    ASSERT_EQ(run.steps[2].readings.size(), 2U);
    EXPECT_EQ(run.steps[2].readings[0].judged, Judged::Above);
    EXPECT_EQ(run.steps[2].readings[1].judged, Judged::Within) << "18.4 lbf·ft is 24.9 N·m";
}

TEST(Bench, AReasonLetsAStepGoOnUntilSomethingNewIsRead) {
    AtTheBench b;
    to_the_plug(b);
    b.press(), b.press();
    b.must(CheckLooked{"plug", 0, false, "it is bent"});
    EXPECT_NE(b.press().find("not good"), std::string::npos);
    b.must(ReasonGiven{"plug", "the instructor has seen it"});
    b.must(ReadingTaken{"plug", "t1", "", q("20 Nm"), "typed", ""});
    EXPECT_NE(b.press().find("below"), std::string::npos) << "the reason was given before this reading";
    b.must(ReasonGiven{"plug", "the wrench was off"});
    EXPECT_EQ(b.press(), "");
    EXPECT_EQ(b.bench.run().steps[2].because, "the wrench was off");
}

TEST(Bench, TheWrenchGoesOnWhenItsLastReadingIsGood) {
    AtTheBench b;
    to_the_plug(b);
    b.must(CheckLooked{"plug", 0, true, ""});
    const auto wrench = [&](const char* value) {
        const auto news = b.bench.wrench_reading(q(value), "wrench 12", b.now);
        EXPECT_TRUE(news);
        for (const auto& body : *news) b.must(body);
    };
    wrench("30 Nm");
    EXPECT_EQ(b.in_hand(), "plug");
    wrench("25.1 Nm");
    EXPECT_EQ(b.in_hand(), "plug") << "there are two bolts";
    wrench("24.8 Nm");
    EXPECT_EQ(b.in_hand(), "meter") << "its lines are done, its check was answered";
    EXPECT_EQ(b.bench.run().steps[2].readings[2].device, "wrench 12");
    EXPECT_FALSE(b.bench.wrench_reading(q("25 Nm"), "wrench 12", b.now)) << "the hour meter is read in hours";
}

TEST(Bench, AWrenchReadingOfAnotherKindIsTakenNowhere) {
    AtTheBench b;
    to_the_plug(b);
    const auto news = b.bench.wrench_reading(q("250 kPa"), "gauge", b.now);
    ASSERT_FALSE(news);
    EXPECT_NE(news.error().message.english().find("wants no such reading"), std::string::npos);
    EXPECT_FALSE(b.add(ReadingTaken{"plug", "t1", "", q("250 kPa"), "typed", ""}));
}

TEST(Bench, APauseIsCountedToTheSecondAndWaitsRunOn) {
    AtTheBench b;
    b.begin();
    b.press(), b.press(), b.press();
    b.now += 100;
    b.must(RunPaused{});
    EXPECT_FALSE(b.add(LinesDone{"drain", 1}));
    b.now += 77;
    EXPECT_EQ(b.bench.clocks(b.now)[0].left, 600 - 177) << "the oil drips on";
    EXPECT_EQ(b.press(), "") << "the one key goes on";
    EXPECT_EQ(b.bench.run().steps[0].paused, 77);
}

TEST(Bench, AProgramThatEndedIsAPauseFromTheLastMomentItWasThere) {
    AtTheBench b;
    b.begin();
    b.press(), b.press(), b.press();
    const Moment cut = b.now + 42;
    auto again = Bench::again(drain_sheet(), {"run", kept_and_read(b.bench), cut});
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(again->at(), Bench::At::Paused);
    EXPECT_EQ(again->clocks(cut + 10)[0].left, 600 - 52);
    ASSERT_TRUE(again->add({cut + 300, RunGoesOn{}}));
    EXPECT_EQ(again->run().steps[0].paused, 300);
    EXPECT_EQ(again->step()->id.text(), "drain");
}

TEST(Bench, TheSameEventsGiveTheSameRun) {
    AtTheBench b;
    to_the_plug(b);
    b.must(EvidenceTaken{"plug", std::string(64, 'a'), EvidenceSort::Photo});
    b.must(SomethingFound{"plug", "a chafed pipe", Urgency::Now, {}});
    b.must(SomethingUsed{"gear oil", q("2 L"), "", "B-77"});
    const auto again = Bench::again(drain_sheet(), {"run", kept_and_read(b.bench), 0});
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(to_json(again->run()), to_json(b.bench.run()));
    const auto read = run_from_json(to_json(b.bench.run()));
    ASSERT_TRUE(read) << read.error().message;
    EXPECT_EQ(to_json(*read), to_json(b.bench.run())) << "what is written is what is read";
}

TEST(Bench, DoneAgainKeepsWhatWasReadAndAsksForTheRestAnew) {
    AtTheBench b;
    to_the_plug(b);
    b.press(), b.press();
    b.must(ReadingTaken{"plug", "t1", "", q("31 Nm"), "typed", ""});
    b.must(CheckLooked{"plug", 0, true, ""});
    b.must(StepAgain{"plug"});
    EXPECT_EQ(b.bench.entered(StepId("plug")).lines, 0U);
    EXPECT_EQ(b.bench.reading_of(*b.bench.step(), b.bench.step()->wanted[0]), nullptr);
    EXPECT_EQ(b.bench.run().steps[2].readings.size(), 1U);
    b.press(), b.press();
    EXPECT_NE(b.press().find("Look"), std::string::npos);
}

TEST(Bench, ARunThatStoppedEndsAndIsNoService) {
    AtTheBench b;
    b.begin();
    EXPECT_FALSE(b.add(RunEnded{})) << "three steps are to come";
    EXPECT_FALSE(b.add(StepClosed{"drain", StepState::Stopped, ""})) << "the reason is missing";
    b.must(StepClosed{"drain", StepState::Stopped, "the thread is crossed"});
    b.must(RunEnded{});
    const auto run = b.bench.run();
    EXPECT_FALSE(run.whole());
    EXPECT_EQ(run.steps.size(), 1U) << "what was not begun is not in it";
    EXPECT_FALSE(b.add(SomethingFound{"", "late", Urgency::Watch, {}}));
}

TEST(Bench, OnlyWhoDidItAndWhoAssessedItSignAndThenNothingChanges) {
    AtTheBench b;
    b.begin();
    EXPECT_FALSE(b.add(RunSignedBy{"learner 07", "", ""})) << "it is not at its end";
    b.must(StepClosed{"drain", StepState::Stopped, "no more oil"});
    b.must(RunEnded{});
    b.must(StepAssessed{"drain", Assessed::WithHelp});
    EXPECT_FALSE(b.add(RunSignedBy{"learner 08", "", ""}));
    b.must(RunSignedBy{"Learner 07", "", ""});
    EXPECT_FALSE(b.add(RunSignedBy{"learner 07", "", ""}));
    EXPECT_FALSE(b.add(StepAssessed{"drain", Assessed::Alone}));
    b.must(RunSignedBy{"instructor", "k", "s"});
    const auto run = b.bench.run();
    EXPECT_EQ(run.steps[0].assessed, Assessed::WithHelp);
    auto unsigned_run = run;
    unsigned_run.signed_by.clear();
    EXPECT_EQ(signed_text(run), to_json(unsigned_run));
}

TEST(Bench, NobodyAssessesTheirOwnRunAndAMachineIsNamed) {
    Bench b(drain_sheet());
    RunBegun begun{
        "123e4567-e89b-42d3-a456-426614174000", "guide-1", "KQ-1 / 2 / a08904e8", "PT60", "", "", "learner 07", "Learner  07", 2};
    EXPECT_FALSE(b.add({1, begun}));
    begun.serial = "P-303";
    EXPECT_FALSE(b.add({1, begun}));
    begun.assessor.clear();
    EXPECT_TRUE(b.add({1, begun}));
    begun.mark = "KQ-1 / 1 / 00000000";
    EXPECT_FALSE(Bench(drain_sheet()).add({1, begun})) << "begun with another edition";
}

TEST(Bench, WhateverIsPressedNothingIsLostAndTimeNeverRunsBackwards) {
    holds([] {
        AtTheBench b;
        b.begin();
        std::size_t readings = 0;
        for (int i = 0; i < 60 && b.bench.at() != Bench::At::Ended; ++i) {
            b.now += *rc::gen::inRange(-5, 200);
            const std::string at = b.in_hand();
            switch (*rc::gen::inRange(0, 6)) {
                case 0:
                    readings += b.add(ReadingTaken{at, "t1", "", q(*rc::gen::element<std::string>("25 Nm", "31 Nm")), "typed", ""}) ? 1 : 0;
                    break;
                case 1:
                    (void)b.add(CheckLooked{at, 0, *rc::gen::arbitrary<bool>(), ""});
                    break;
                case 2:
                    (void)b.add(RunPaused{});
                    break;
                case 3:
                    readings += b.add(ReadingTaken{at, "", "hour meter", q("302 h"), "typed", ""}) ? 1 : 0;
                    break;
                case 4:
                    (void)b.add(StepTaken{*rc::gen::element<std::string>("drain", "filter", "plug", "meter")});
                    break;
                default:
                    (void)b.press();
            }
        }
        const auto again = Bench::again(drain_sheet(), {"run", kept_and_read(b.bench), 0});
        RC_ASSERT(again.has_value());
        const auto run = b.bench.run();
        std::size_t found = 0;
        for (const auto& s : run.steps) {
            found += s.readings.size();
            RC_ASSERT(s.ended.empty() || s.began <= s.ended);
            RC_ASSERT(s.paused >= 0);
            if (!s.ended.empty() && s.state == StepState::Done) RC_ASSERT(*parse_utc(s.ended) - *parse_utc(s.began) >= s.paused);
        }
        RC_ASSERT(found == readings);
    });
}

TEST(Utc, MomentsComeBackAsTheyWereWritten) {
    EXPECT_EQ(utc_text(1796032800), "2026-11-30T10:00:00Z");
    EXPECT_EQ(parse_utc("2026-11-30T10:00:00Z").value(), 1796032800);
    for (const char* bad :
        {"", "2026-11-30", "2026-11-30T25:00:00Z", "2026-02-30T10:00:00Z", "2026-11-30T10:00:0xZ", "2026-11-30 10:00:00Z"})
        EXPECT_FALSE(parse_utc(bad)) << bad;
}
