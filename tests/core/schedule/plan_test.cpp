// Plans: as short as trying every order, allowed by the dry run, and honest about what is not known.
#include "core/schedule/plan.h"

#include <gtest/gtest.h>

#include <map>
#include <numeric>
#include <random>
#include <set>

#include "core/dryrun/dry_run.h"
#include "core/schedule/search.h"
#include "tests/core/dryrun/guides.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;
using Part = PlannedTask::Part;

namespace {

/// A machine with a drain that takes its time, and jobs beside it of which some need one another.
Procedure random_job(std::mt19937& random, int steps) {
    const auto some = [&](int from, int to) { return std::uniform_int_distribution<int>(from, to)(random); };
    GuideOf g("Orrin W5");
    g.part("winch", "capstan winch").fluid("oil", "gear oil", "3.0", "2.6").part("tap", "drain tap").closes("oil", Opening::Bottom);
    g.part("cap", "filler cap").closes("oil", Opening::Top).vessel("pan", "drain pan", "5").part("dipstick", "dipstick");
    g.step("drain", {"isolate", "open cap", "place pan", "open tap", "drain oil with pan"}, {Stopped, Level})
        .takes(some(1, 6))
        .waits(some(5, 20));
    g.step("fill", {"close tap", "fill oil @oil-refill", "close cap"}).takes(some(1, 6));
    if (some(0, 1) == 1) g.waits(some(1, 6), some(0, 1) == 1);
    g.step("test", {"release", "run winch", "inspect tap", "stop winch", "measure dipstick", "isolate"}).takes(some(1, 6));
    for (int i = 0; i < steps - 3; ++i) {
        const std::string id = "thing-" + std::to_string(i);
        g.part(id, "fitting " + std::to_string(i));
        // some lie behind the one before, which comes off first and goes back last
        const bool behind = i > 0 && some(0, 2) == 0;
        if (behind) g.behind({"thing-" + std::to_string(i - 1)});
        g.step("job-" + std::to_string(i),
             some(0, 1) == 0 ? std::vector<std::string>{"remove " + id} : std::vector<std::string>{"clean " + id})
            .takes(some(1, 6));
        if (some(0, 2) == 0) g.waits(some(1, 9), some(0, 1) == 1);
        g.p.steps.back().pinned = some(0, 7) == 0;
    }
    // the order that is written is any one
    for (int i = 0; i < 2; ++i) {
        const std::size_t from = static_cast<std::size_t>(some(3, steps - 1));
        if (!g.p.steps[from].pinned) g.p = moved(g.p, g.p.steps[from].id.text(), static_cast<std::size_t>(some(0, steps - 1)));
    }
    return g.p;
}

struct Shortest {
    Seconds seconds = 0;
    int inversions = 0;
};

/// Every order, and every way to share it between two people.
Shortest by_trying(const schedule::Allowed& allowed, const schedule::Load& load, int people) {
    const auto n = static_cast<int>(load.held.size());
    std::vector<int> order(load.held.size());
    std::iota(order.begin(), order.end(), 0);
    Shortest best{schedule::length_of(load, schedule::as_written(load, people), people), 0};
    do {
        if (!allowed.order(order)) continue;
        for (int share = 0; share < (people == 1 ? 1 : 1 << (n - 1)); ++share) {
            std::vector<schedule::Placing> placing;
            for (int i = 0; i < n; ++i) placing.push_back({order[static_cast<std::size_t>(i)], i == 0 ? 0 : share >> (i - 1) & 1});
            const Seconds seconds = schedule::length_of(load, placing, people);
            const int inversions = schedule::inversions(placing);
            if (seconds < best.seconds || (seconds == best.seconds && inversions < best.inversions)) best = {seconds, inversions};
        }
    } while (std::next_permutation(order.begin(), order.end()));
    return best;
}

struct Given {
    dryrun::Job job;
    schedule::Allowed allowed;
    schedule::Load load;
    Given(const Procedure& p, int people) : job(dryrun::job_of(p, "")), allowed(job) {
        std::vector<StepTimes> times;
        for (const auto& s : job.steps) times.push_back(times_of(job.guide, *s.step, ""));
        load = schedule::load_of(job, times);
        if (people == 2) schedule::tell_apart(allowed, load);
    }
};

const PlannedTask& hands_of(const Plan& plan, const std::string& step) {
    return *std::find_if(
        plan.tasks.begin(), plan.tasks.end(), [&](const PlannedTask& t) { return t.step.text() == step && t.part == Part::Hands; });
}

/// A winch whose filter is changed after the long drain.
Procedure with_a_filter() {
    Procedure p = instead(winch(), "read", "wait oil @settle", "wait oil");
    GuideOf g("Orrin W5");
    g.p = p;
    g.part("air", "air filter");
    g.step("air", {"remove air", "replace air", "dispose air"}, {MachineState::LockedOff});
    g.p.steps.back().heading = "Change the air filter";
    p = moved(g.p, "air", 5);
    int minutes = 2;
    for (auto& s : p.steps) {
        s.hands = {std::to_string(minutes), "", "min"};
        minutes = minutes == 6 ? 2 : minutes + 1;
    }
    GuideOf h("Orrin W5");
    h.p = p;
    std::swap(h.p.steps[2], h.p.steps.back());
    h.waits(12);
    std::swap(h.p.steps[2], h.p.steps.back());
    return h.p;
}

}  // namespace

TEST(Plan, IsAsShortAsTryingEveryOrderAndAsNearToTheWrittenOne) {
    std::mt19937 random(7);
    int shorter = 0;
    for (int i = 0; i < 240; ++i) {
        const Procedure p = random_job(random, 4 + i % 4);
        const Given given(p, 1);
        const auto best = schedule::best_order(given.allowed, given.load, 1, {});
        const auto tried = by_trying(given.allowed, given.load, 1);
        ASSERT_TRUE(best.proved);
        ASSERT_EQ(best.seconds, tried.seconds) << "instance " << i;
        ASSERT_EQ(schedule::inversions(best.order), tried.inversions) << "instance " << i;
        if (best.seconds < schedule::length_of(given.load, schedule::as_written(given.load, 1), 1)) ++shorter;
    }
    EXPECT_GT(shorter, 40) << "some of them have something to gain";
}

TEST(Plan, ForTwoPeopleIsAsShortAsTryingEveryOrderAndEveryWayToShare) {
    std::mt19937 random(11);
    for (int i = 0; i < 120; ++i) {
        const Procedure p = random_job(random, 4 + i % 3);
        const Given given(p, 2);
        const auto best = schedule::best_order(given.allowed, given.load, 2, {});
        ASSERT_TRUE(best.proved);
        ASSERT_EQ(best.seconds, by_trying(given.allowed, given.load, 2).seconds) << "instance " << i;
    }
}

TEST(Plan, FindsNothingThatTheWrittenOrderDoesNotHave) {
    std::mt19937 random(23);
    for (int i = 0; i < 60; ++i) {
        const Procedure p = random_job(random, 8);
        for (int people = 1; people <= 2; ++people) {
            const auto made = plan(p, "", people);
            Procedure q = p;
            for (std::size_t at = 0; at < made.order.size(); ++at) q = moved(q, made.order[at].text(), at);
            const auto before = dry_run(p);
            for (const auto& f : dry_run(q))
                EXPECT_TRUE(std::any_of(before.begin(), before.end(), [&](const OrderFinding& o) {
                    return o.rule == f.rule && o.items == f.items;
                })) << f.because;
            for (std::size_t at = 0; at < p.steps.size(); ++at)
                if (p.steps[at].pinned) {
                    EXPECT_EQ(made.order[at], p.steps[at].id) << "pinned";
                }
        }
    }
}

TEST(Plan, NobodyDoesTwoThingsAtOnceAndTheTimesAddUp) {
    std::mt19937 random(31);
    for (int i = 0; i < 60; ++i) {
        const Procedure p = random_job(random, 9);
        const auto made = plan(p, "", 1 + i % 2);
        std::map<int, std::vector<std::pair<Seconds, Seconds>>> busy;
        Seconds end = 0;
        for (const auto& t : made.tasks) {
            EXPECT_LE(t.from, t.to);
            end = std::max(end, t.to);
            if (t.who >= 0) busy[t.who].emplace_back(t.from, t.to);
        }
        EXPECT_EQ(end, made.seconds);
        EXPECT_LE(made.seconds, made.as_written);
        for (auto& [who, times] : busy) {
            std::sort(times.begin(), times.end());
            Seconds sum = 0;
            for (std::size_t k = 0; k < times.size(); ++k) {
                sum += times[k].second - times[k].first;
                if (k > 0) {
                    EXPECT_LE(times[k - 1].second, times[k].first) << "one thing after the other";
                }
            }
            EXPECT_EQ(made.idle.at(static_cast<std::size_t>(who)), made.seconds - sum);
        }
        ASSERT_FALSE(made.critical.empty());
    }
}

TEST(Plan, TwoPeopleAreNeverWithinOneSystemAtOnce) {
    std::mt19937 random(43);
    for (int i = 0; i < 60; ++i) {
        const auto made = plan(random_job(random, 8), "", 2);
        const std::set<std::string> oil{"drain", "fill", "test"};
        for (const auto& a : made.tasks)
            for (const auto& b : made.tasks)
                if (a.step != b.step && a.who >= 0 && b.who >= 0 && oil.count(a.step.text()) != 0 && oil.count(b.step.text()) != 0) {
                    EXPECT_TRUE(a.to <= b.from || b.to <= a.from) << a.step.text() << " and " << b.step.text();
                }
        // while it is run, no other hand is in it
        const auto& run = hands_of(made, "test");
        for (const auto& t : made.tasks)
            if (t.step.text() != "test" && t.part == Part::Hands && t.to > t.from) {
                EXPECT_TRUE(t.to <= run.from || run.to <= t.from) << t.step.text();
            }
    }
}

TEST(Plan, WhatCanBeDoneInALongWaitIsSuggestedAndIsAChange) {
    const Procedure p = with_a_filter();
    const auto made = plan(p, "", 1);
    ASSERT_TRUE(made.suggestion);
    EXPECT_LT(made.seconds, made.as_written);
    EXPECT_EQ(made.suggestion->because.english(),
        "Change the air filter during the wait of step 3: " + time_text(made.as_written - made.seconds) + " less.");
    EXPECT_EQ(made.moved.size(), made.suggestion->change.edits.size()) << "each moved once";
    const auto taken = anagraph::core::apply(p, made.suggestion->change);
    ASSERT_TRUE(taken);
    const auto after = plan(*taken, "", 1);
    EXPECT_EQ(after.as_written, made.seconds);
    EXPECT_FALSE(after.suggestion) << "it was taken";
    EXPECT_EQ(*anagraph::core::apply(*taken, *inverse(p, made.suggestion->change)), p);
    const auto& filter = hands_of(made, "air");
    const auto& drain = hands_of(made, "drain");
    EXPECT_GE(filter.from, drain.to);
    EXPECT_LT(filter.from, drain.to + 12 * 60) << "within the wait";
    EXPECT_GE(hands_of(made, "close").from, drain.to + 12 * 60) << "the plug goes back when it has run out";
}

TEST(Plan, ChangesOfOrderLeadToTheOrderWithEachStepMovedOnce) {
    std::mt19937 random(57);
    for (int i = 0; i < 40; ++i) {
        const Procedure p = random_job(random, 8);
        const auto made = plan(p, "", 1);
        if (!made.suggestion) continue;
        const auto taken = anagraph::core::apply(p, made.suggestion->change);
        ASSERT_TRUE(taken);
        for (std::size_t at = 0; at < made.order.size(); ++at) EXPECT_EQ(taken->steps[at].id, made.order[at]);
        std::set<StepId> moved_once;
        for (const auto& e : made.suggestion->change.edits) EXPECT_TRUE(moved_once.insert(std::get<MoveStep>(e).id).second);
    }
}

TEST(Plan, AnAttendedWaitHoldsItsPerson) {
    GuideOf g("Orrin W5");
    g.part("a", "first fitting").part("b", "second fitting");
    g.step("one", {"clean a"}).takes(1).waits(5, true);
    g.step("two", {"clean b"}).takes(1);
    EXPECT_EQ(plan(g.p, "", 1).seconds, 7 * 60);
    g.p.steps[0].waits[0].attended = false;
    EXPECT_EQ(plan(g.p, "", 1).seconds, 6 * 60) << "the second fits into the wait";
}

TEST(Plan, ATimeThatNobodySaidIsNamed) {
    const auto made = plan(winch(), "", 1);
    EXPECT_EQ(made.time_unknown.size(), winch().steps.size());
    Procedure p = winch();
    p.steps[0].hands = {"90", "", "s"};
    EXPECT_EQ(plan(p, "", 1).time_unknown.size(), winch().steps.size() - 1);
}

TEST(Plan, AStepIsAsLongAsItsBestTakeLessTheWaitsShownInIt) {
    Procedure p = winch();
    p.recordings = {{RecordingId("r"), "", {}}};
    Step& s = p.steps[2];
    s.takes = {{RecordingId("r"), FrameTime(0, 1), FrameTime(200, 1)}, {RecordingId("r"), FrameTime(300, 1), FrameTime(310, 1)}};
    s.waits = {{"", FigureId("settle"), Take{RecordingId("r"), FrameTime(50, 1), FrameTime(170, 1)}}};
    const auto times = times_of(p, s, "");
    EXPECT_EQ(times.from, TimeFrom::Take);
    EXPECT_EQ(times.hands, 80);
    EXPECT_EQ(times.alone(), 600);
    s.hands = {"3", "", "min"};
    EXPECT_EQ(times_of(p, s, "").hands, 180) << "the author knows better";
}

TEST(Plan, AWaitThatIsAnOrderCountsOnce) {
    Procedure p = winch();
    EXPECT_EQ(times_of(p, p.steps[6], "").before, 600) << "it is waited before the dipstick is read";
    p.steps[6].waits = {{"", FigureId("settle")}};
    EXPECT_EQ(times_of(p, p.steps[6], "").before, 0);
    EXPECT_EQ(times_of(p, p.steps[6], "").alone(), 600);
    EXPECT_TRUE(times_of(p, p.steps[1], "").open_wait) << "cooling has a temperature, and no time";
}

TEST(Plan, AWaitOfFourHundredDaysAndATwoHundredStepGuideArePlanned) {
    Procedure p = winch();
    p.figures.push_back({FigureId("long"), FigureKind::Duration, ItemId("oil"), "wait", {"400", "", "day"}, "", {}, {}, ""});
    p.steps[2].waits = {{"", FigureId("long")}};
    EXPECT_GT(plan(p, "", 1).seconds, 360 * 24 * 3600);
    for (int i = 0; i < 250; ++i) {
        Step s;
        s.id = StepId("more-" + std::to_string(i));
        s.hands = {"1", "", "min"};
        s.actions = {GuideOf::action("clean winch")};
        p.steps.push_back(std::move(s));
    }
    int asked = 0;
    const auto made = plan(p, "", 2, [&] { return ++asked < 3; });
    EXPECT_EQ(made.order.size(), p.steps.size());
    EXPECT_TRUE(plan(Procedure{}, "", 1).tasks.empty());
}

TEST(TimeText, IsToTheMinuteFromOneMinuteOn) {
    EXPECT_EQ(time_text(45), "45 s");
    EXPECT_EQ(time_text(480), "8 min");
    EXPECT_EQ(time_text(4800), "1 h 20 min");
    EXPECT_EQ(time_text(7200), "2 h");
    EXPECT_EQ(time_text(400 * 24 * 3600), "400 days");
}
