// The dry run as a whole: right guides are clean, each action that matters is missed when it is gone, fixes mend, and what it says
// follows laws: fluid is conserved, what is independent makes no difference.
#include "core/dryrun/dry_run.h"

#include <gtest/gtest.h>

#include <set>

#include "core/dryrun/threads.h"
#include "core/dryrun/walk.h"
#include "core/editing/line_actions.h"
#include "tests/core/dryrun/guides.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using namespace anagraph::core::testing;

namespace {

std::string told(const std::vector<OrderFinding>& found) {
    std::string out;
    for (const auto& f : found) out += "\n  " + std::string(name_of(f.rule)) + " at " + f.step.text() + ": " + f.because.english();
    return out;
}

/// With every action, the lines that order it.
Procedure with_written_lines(Procedure p) {
    for (auto& s : p.steps)
        if (s.lines.empty())
            for (const auto& a : s.actions) s.lines.push_back(line_for(p, a));
    return p;
}

/// Closing, tightening, fitting, filling, renewing and locking off, and the looks for leaks while it runs or after.
bool matters(const Procedure& p, std::size_t s, std::size_t a) {
    const auto verb = verb_of(p.steps[s].actions[a].verb);
    static const std::set<Verb> kAlways{Verb::Close, Verb::Tighten, Verb::Fit, Verb::Fill, Verb::Replace, Verb::Isolate, Verb::Connect};
    if (verb && kAlways.count(*verb) != 0) return true;
    if (verb != Verb::Inspect) return false;
    for (std::size_t before = 0; before < a; ++before)
        if (verb_of(p.steps[s].actions[before].verb) == Verb::Run) return true;
    return false;
}

bool holds_in(const std::vector<OrderFinding>& list, const OrderFinding& f) {
    return std::any_of(list.begin(), list.end(), [&](const OrderFinding& o) { return o.rule == f.rule && o.items == f.items; });
}

}  // namespace

TEST(DryRun, GuidesThatAreRightAreClean) {
    for (const auto& [name, guide] : right_guides()) EXPECT_TRUE(is_clean(dry_run(guide))) << name << told(dry_run(guide));
}

TEST(DryRun, AnyActionThatMattersIsMissedWhenItIsGone) {
    int tried = 0;
    for (const auto& [name, guide] : right_guides())
        for (std::size_t s = 0; s < guide.steps.size(); ++s)
            for (std::size_t a = 0; a < guide.steps[s].actions.size(); ++a) {
                if (!matters(guide, s, a)) continue;
                Procedure p = guide;
                p.steps[s].actions.erase(p.steps[s].actions.begin() + static_cast<std::ptrdiff_t>(a));
                const Action& gone = guide.steps[s].actions[a];
                EXPECT_FALSE(is_clean(dry_run(p))) << name << ", step " << p.steps[s].id.text() << ": " << gone.verb << " "
                                                   << (gone.items.empty() ? "" : gone.items[0].text());
                ++tried;
            }
    EXPECT_GT(tried, 60);
}

TEST(DryRun, AFixTakesItsFindingAwayAndBringsNoneAsHeavy) {
    int fixed = 0;
    int found_at_all = 0;
    for (const auto& [name, right] : right_guides()) {
        const Procedure guide = with_written_lines(right);
        for (std::size_t s = 0; s < guide.steps.size(); ++s)
            for (std::size_t a = 0; a < guide.steps[s].actions.size(); ++a) {
                Procedure p = guide;
                p.steps[s].actions.erase(p.steps[s].actions.begin() + static_cast<std::ptrdiff_t>(a));
                if (a < p.steps[s].lines.size()) p.steps[s].lines.erase(p.steps[s].lines.begin() + static_cast<std::ptrdiff_t>(a));
                const auto before = dry_run(p);
                for (const auto& f : before) {
                    ++found_at_all;
                    const auto fix = fix_for(p, f);
                    if (!fix) continue;
                    ++fixed;
                    const auto mended = anagraph::core::apply(p, *fix);
                    ASSERT_TRUE(mended) << mended.error().message;
                    const auto after = dry_run(*mended);
                    EXPECT_FALSE(holds_in(after, f)) << name << ": " << f.because;
                    for (const auto& o : after)
                        if (o.weight() <= f.weight()) {
                            EXPECT_TRUE(holds_in(before, o)) << name << ": " << fix->label << " brings " << o.because;
                        }
                    for (const auto& step : mended->steps) {
                        Step read = with_lines(step, step.lines, mended->items);
                        if (step.lines.size() == step.actions.size()) {
                            EXPECT_EQ(read.actions.size(), step.actions.size()) << name << ": " << fix->label;
                        }
                    }
                    const auto back = inverse(p, *fix);
                    ASSERT_TRUE(back);
                    EXPECT_EQ(*anagraph::core::apply(*mended, *back), p) << "a fix is undone";
                }
            }
    }
    EXPECT_GT(fixed * 2, found_at_all) << "of " << found_at_all << " findings " << fixed << " have a fix";
}

TEST(DryRun, WhatIsFoundStandsAtItsLine) {
    Procedure p = with_written_lines(winch());
    p = instead(p, "drain", "loosen plug with socket", "loosen plug with ratchet");
    p.steps[2].lines[1] = "Loosen the {item:plug} with the {item:ratchet}.";
    const auto found = dry_run(p);
    ASSERT_EQ(found.size(), 1U) << told(found);
    EXPECT_EQ(found[0].rule, OrderRule::NotNamed);
    EXPECT_EQ(found[0].line, std::optional<std::size_t>(1));
    EXPECT_EQ(found[0].action, std::optional<std::size_t>(1));
}

TEST(DryRun, VariantsAreWalkedEachAndWhatTheyHaveInCommonIsSaidOnce) {
    Procedure p = winch();
    p.header.variants = {"W5", "W5-T"};
    Step extra = p.steps[3];
    extra.id = StepId("extra");
    extra.variants = {"W5-T"};
    extra.actions = {GuideOf::action("loosen winch")};
    p.steps.insert(p.steps.begin() + 4, extra);
    p = without(p, "fill", "close cap");
    const auto found = dry_run(p);
    const auto of = [&](OrderRule rule) {
        return std::find_if(found.begin(), found.end(), [&](const OrderFinding& f) { return f.rule == rule; });
    };
    ASSERT_NE(of(OrderRule::LeftOff), found.end());
    EXPECT_TRUE(of(OrderRule::LeftOff)->variants.empty()) << "both leave the cap open";
    ASSERT_NE(of(OrderRule::LeftLoose), found.end());
    EXPECT_EQ(of(OrderRule::LeftLoose)->variants, std::vector<std::string>{"W5-T"});
    EXPECT_TRUE(std::none_of(
        found.begin(), found.end(), [](const OrderFinding& f) { return f.rule == OrderRule::LeftLoose && f.variants.size() == 2; }));
}

TEST(DryRun, AFigureIsThatOfTheVariant) {
    Procedure p = winch();
    p.header.variants = {"W5", "W5-T"};
    for (auto& f : p.figures)
        if (f.id.text() == "oil-refill") f.variants = {"W5"};
    const auto found = dry_run(p);
    ASSERT_EQ(found.size(), 1U) << told(found);
    EXPECT_EQ(found[0].rule, OrderRule::FigureOpen);
    EXPECT_EQ(found[0].variants, std::vector<std::string>{"W5-T"}) << "what holds for the W5 is not known for the other";
}

TEST(DryRun, AnAnswerLetsAFindingStandAndIsTakenBack) {
    const Procedure p = without(winch(), "end", "record");
    const auto found = dry_run(p);
    ASSERT_EQ(found.size(), 1U);
    EXPECT_FALSE(answer(p, found[0], "  "));
    const auto answered = answer(p, found[0], "the shop's own book is written by the foreman");
    ASSERT_TRUE(answered);
    const Procedure now = *anagraph::core::apply(p, *answered);
    EXPECT_TRUE(dry_run(now).empty());
    const auto kept = now.steps.back().answered;
    ASSERT_EQ(kept.size(), 1U);
    EXPECT_EQ(rule_answered(kept[0]), OrderRule::NotRecorded);
    const auto again = ask_again(now, now.steps.back().id, kept[0]);
    ASSERT_TRUE(again);
    EXPECT_EQ(dry_run(*anagraph::core::apply(now, *again)).size(), 1U);
    EXPECT_FALSE(ask_again(p, StepId("end"), kept[0]));
}

TEST(DryRun, AnAnswerIsAboutItsThings) {
    Procedure p = without(without(winch(), "end", "dispose washer"), "end", "dispose oil");
    const auto found = dry_run(p);
    ASSERT_EQ(found.size(), 2U);
    p = *anagraph::core::apply(p, *answer(p, found[0], "it is sold"));
    EXPECT_EQ(dry_run(p).size(), 1U) << "the other one is still asked";
}

TEST(DryRunLaw, AnIndependentStepLeavesACleanGuideClean) {
    int tried = 0;
    for (const auto& [name, guide] : right_guides())
        for (std::size_t at = 0; at <= guide.steps.size(); ++at) {
            Procedure p = guide;
            p.items.push_back({ItemId("grease-nipple"), ItemKind::Part, "grease nipple of the hitch", "", ""});
            Step s;
            s.id = StepId("independent");
            s.actions = {GuideOf::action("clean grease-nipple"), GuideOf::action("inspect grease-nipple")};
            if (at == 0) std::swap(s.states, p.steps[0].states);  // the first step says how the machine is found
            p.steps.insert(p.steps.begin() + static_cast<std::ptrdiff_t>(at), s);
            // where it runs, or hangs on the jack, a hand in it is not independent
            const auto machine = threads_of(guide, "").machine_at({static_cast<int>(at), 0});
            if (at > 0 && (machine.running || machine.lifted)) continue;
            ++tried;
            EXPECT_TRUE(is_clean(dry_run(p))) << name << " at " << at << told(dry_run(p));
        }
    EXPECT_GT(tried, 40);
}

TEST(DryRunLaw, TheOrderOfUnrelatedStepsDoesNotMatter) {
    Procedure p = winch();
    for (const char* id : {"a", "b", "c"}) {
        p.items.push_back({ItemId(id), ItemKind::Part, std::string("fitting ") + id, "", ""});
        Step s;
        s.id = StepId(id);
        s.actions = {GuideOf::action(std::string("remove ") + id), GuideOf::action(std::string("clean ") + id)};
        p.steps.insert(p.steps.begin() + 3, s);
    }
    std::vector<std::string> ids{"a", "b", "c"};
    std::set<std::set<std::string>> told_of;
    do {
        Procedure q = p;
        for (std::size_t i = 0; i < ids.size(); ++i) q = moved(q, ids[i], 3 + i);
        std::set<std::string> found;
        for (const auto& f : dry_run(q)) found.insert(std::string(name_of(f.rule)) + f.items.front().text());
        told_of.insert(found);
    } while (std::next_permutation(ids.begin(), ids.end()));
    EXPECT_EQ(told_of.size(), 1U);
    EXPECT_EQ(told_of.begin()->size(), 3U);
}

TEST(DryRunLaw, FluidIsConserved) {
    anagraph::core::testing::holds([] {
        // any order of pouring, draining, opening and closing: what is in and what came out is what was there and what was poured
        Procedure p = winch();
        p.steps.clear();
        GuideOf g("");
        g.p = p;
        std::vector<std::string> orders;
        double poured = 0;
        for (int i = *rc::gen::inRange(0, 14); i > 0; --i) {
            orders.push_back(*rc::gen::element<std::string>(
                "fill oil @oil-refill", "drain oil with pan", "remove plug", "fit plug", "tighten plug", "open cap", "close cap"));
            if (orders.back().starts_with("fill")) poured += 2.6;
        }
        g.step("all", orders);
        const auto job = dryrun::job_of(g.p, "");
        const auto walk = dryrun::walked(job, false);
        const auto& f = walk.state().fluids.at(0);
        // 0 to 3 litres were in it
        RC_ASSERT(f.inside.low + f.out.low <= 3.0 + poured + 1e-9);
        RC_ASSERT(f.inside.high + f.out.high >= poured - 1e-9);
        RC_ASSERT(f.inside.low >= 0);
        RC_ASSERT(f.inside.low <= f.inside.high + 1e-9);
        RC_ASSERT(f.out.low <= f.out.high + 1e-9);
    });
}

TEST(DryRunLaw, AnyGuideIsWalkedToItsEnd) {
    anagraph::core::testing::holds([] {
        const Procedure p = random_procedure(*rc::gen::inRange(0, 60));
        for (const auto& f : dry_run(p)) {
            RC_ASSERT(p.find(f.step) != nullptr);
            RC_ASSERT(!f.because.empty());
            if (f.line) {
                RC_ASSERT(*f.line < p.find(f.step)->lines.size());
            }
        }
    });
}

TEST(DryRunBadInput, ThingsBehindEachOtherAreSaidToBeOutOfReach) {
    Procedure p = winch();
    for (auto& i : p.items) {
        if (i.id.text() == "plug") i.behind = {ItemId("cap")};
        if (i.id.text() == "cap") i.behind = {ItemId("dipstick")};
        if (i.id.text() == "dipstick") i.behind = {ItemId("plug")};
    }
    const auto found = dry_run(p);
    EXPECT_TRUE(std::any_of(found.begin(), found.end(), [](const OrderFinding& f) {
        return f.rule == OrderRule::NotReached && f.because.english().find("neither") != std::string::npos;
    })) << told(found);
}

TEST(DryRunBadInput, NothingAtAllAndOneOfEverythingUnknown) {
    EXPECT_TRUE(dry_run(Procedure{}).empty());
    Procedure p;
    Step s;
    s.id = StepId("one");
    for (const auto& verb : all_of<Verb>())
        s.actions.push_back({std::string(verb.name), {ItemId("nowhere")}, FigureId("none"), {ItemId("nothing")}});
    s.actions.push_back({"whistle", {}, {}, {}});
    p.steps = {s};
    p.items = {{ItemId("self"), ItemKind::Part, "", "", ""}};
    p.items[0].behind = {ItemId("self"), ItemId("gone")};
    p.items[0].under = {ItemId("gone")};
    p.items[0].closes = Closes{ItemId("gone"), Opening::Bottom};
    p.items[0].total = FigureId("none");
    EXPECT_FALSE(is_clean(dry_run(p)));
}

TEST(DryRunBadInput, TwoThousandCoversAreWalked) {
    Procedure p;
    for (int i = 0; i < 2000; ++i) {
        p.items.push_back({ItemId("cover-" + std::to_string(i)), ItemKind::Part, "cover " + std::to_string(i), "", ""});
        Step s;
        s.id = StepId("step-" + std::to_string(i));
        s.actions = {{"remove", {p.items.back().id}, {}}, {"fit", {p.items.back().id}, {}}};
        p.steps.push_back(std::move(s));
    }
    EXPECT_TRUE(dry_run(p).empty());
}

TEST(DryRunBadInput, AFixIsLookedForInALongGuideToo) {
    Procedure p = with_written_lines(winch());
    for (int n = 0; n < 300; ++n) {
        Step s = p.steps[4];
        s.id = StepId("more-" + std::to_string(n));
        s.actions.assign(16, GuideOf::action("inspect winch"));
        s.lines.clear();
        s.states.clear();
        p.steps.push_back(std::move(s));
    }
    p.steps[3].actions.erase(p.steps[3].actions.begin());
    p.steps[3].lines.erase(p.steps[3].lines.begin());
    const auto found = dry_run(p);
    ASSERT_EQ(found.size(), 1U) << told(found);
    EXPECT_TRUE(fix_for(p, found[0]));
}

TEST(DryRunBadInput, FiveThousandActionsAreWalked) {
    Procedure p = winch();
    for (int n = 0; n < 200; ++n) {
        Step s = p.steps[2];
        s.id = StepId("more-" + std::to_string(n));
        s.actions.clear();
        for (int i = 0; i < 25; ++i) s.actions.push_back(GuideOf::action("clean plug"));
        p.steps.push_back(std::move(s));
    }
    EXPECT_FALSE(dry_run(p).empty()) << "they ask for a machine that is locked off";
}
