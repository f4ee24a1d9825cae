// The two demo guides: one that is right, for every variant, and one in which eight things are not.
#include <gtest/gtest.h>

#include <set>

#include "core/dryrun/dry_run.h"
#include "core/procedure/verbs.h"
#include "core/schedule/plan.h"
#include "demo/forklift_guide.h"
#include "store/library.h"
#include "tests/demo_copy.h"

using namespace anagraph::core;
using anagraph::testing::Scratch;

namespace {

Procedure pump_guide() {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    const auto library = anagraph::store::Library::read(scratch / "library");
    return (*library)->guide_state(anagraph::store::GuideId(anagraph::testing::kDemoGuide))->procedure;
}

std::string told(const std::vector<OrderFinding>& found) {
    std::string out;
    for (const auto& f : found) out += "\n  " + std::string(name_of(f.rule)) + " at " + f.step.text() + ": " + f.because.english();
    return out;
}

}  // namespace

TEST(DemoGuide, IsRightForEveryVariant) {
    const auto found = dry_run(pump_guide());
    EXPECT_TRUE(found.empty()) << told(found);
}

TEST(DemoGuide, EachActionThatMattersIsMissedWhenItIsGone) {
    const Procedure guide = pump_guide();
    static const std::set<Verb> kMatter{Verb::Close, Verb::Tighten, Verb::Fit, Verb::Fill, Verb::Replace, Verb::Isolate};
    for (std::size_t s = 0; s < guide.steps.size(); ++s)
        for (std::size_t a = 0; a < guide.steps[s].actions.size(); ++a) {
            const Action& action = guide.steps[s].actions[a];
            const bool leaks = guide.steps[s].id.text() == "read-level" && verb_of(action.verb) == Verb::Inspect;
            if (!leaks && kMatter.count(verb_of(action.verb).value_or(Verb::Hold)) == 0) continue;
            Procedure p = guide;
            p.steps[s].actions.erase(p.steps[s].actions.begin() + static_cast<std::ptrdiff_t>(a));
            if (leaks) p.steps[s].checks.clear();
            EXPECT_FALSE(is_clean(dry_run(p))) << guide.steps[s].id.text() << ": " << action.verb << " "
                                               << (action.items.empty() ? "" : action.items[0].text());
        }
}

TEST(DemoGuide, ItsPlanUsesTheLongDrain) {
    const auto one = plan(pump_guide(), "PT60", 1);
    EXPECT_TRUE(one.optimal);
    ASSERT_TRUE(one.suggestion);
    EXPECT_LT(one.seconds, one.as_written);
    EXPECT_LE(plan(pump_guide(), "PT60", 2).seconds, one.seconds);
    EXPECT_TRUE(one.time_unknown.empty());
}

TEST(ForkliftGuide, HasEightFaultsEachOfAnotherRule) {
    const auto found = dry_run(anagraph::demo::forklift_guide());
    std::set<OrderRule> rules;
    for (const auto& f : found) rules.insert(f.rule);
    EXPECT_EQ(rules,
        (std::set<OrderRule>{OrderRule::FillNotProved, OrderRule::OldSeal, OrderRule::LeftLoose, OrderRule::TightenedEarly,
            OrderRule::Unsupported, OrderRule::VesselTooSmall, OrderRule::NotTested, OrderRule::Overfilled}))
        << told(found);
    EXPECT_EQ(found.size(), 8U) << told(found);
}

TEST(ForkliftGuide, CanBeMendedFixByFix) {
    Procedure p = anagraph::demo::forklift_guide();
    std::size_t fixed = 0;
    for (bool again = true; again;) {
        again = false;
        for (const auto& f : dry_run(p))
            if (const auto fix = fix_for(p, f)) {
                p = *anagraph::core::apply(p, *fix);
                ++fixed;
                again = true;
                break;
            }
        ASSERT_LT(fixed, 20U);
    }
    EXPECT_GE(fixed, 6U) << told(dry_run(p));
}
