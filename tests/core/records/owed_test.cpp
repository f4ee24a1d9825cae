#include "core/records/owed.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

/// An edition with these torques: figure a at step one, b at step two.
Edition edition(int number, const std::string& a, const std::string& b, const std::string& caution = "hot") {
    Edition e;
    e.number = number;
    Procedure& p = e.procedure;
    p.header = {"service", "pump", "KQ-1", "", {}, ""};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""}};
    for (const auto& [id, value] : {std::pair("a", a), std::pair("b", b)}) {
        p.figures.push_back({FigureId(id), FigureKind::Torque, ItemId("plug"), id, {value, "", "Nm"}, "", {}, {}, ""});
        Step s;
        s.id = StepId(std::string("step-") + id);
        s.heading = id;
        s.lines = {std::string("Tighten to {figure:") + id + "}."};
        s.cautions = {{Signal::Warning, caution}};
        p.steps.push_back(s);
    }
    return e;
}

void enter(Records& r, Entry entry) {
    const auto done = r.add({r.next_number(), "2026-01-01T00:00:00Z", "author", std::move(entry)});
    ASSERT_TRUE(done) << done.error().message;
}

Records with_learner() {
    Records r;
    enter(r, LearnerAdded{"learner 07", ""});
    return r;
}

}  // namespace

TEST(Owed, WhoLearnedAFigureThatChangedIsToldWhatItWasAndIs) {
    const std::vector<GuideEditions> guides{{"g", {edition(1, "24", "8"), edition(2, "25", "8")}}};
    auto r = with_learner();
    EXPECT_TRUE(owed(r, guides).empty()) << "had nothing";
    enter(r, Learned{"g", 1, "learner 07"});
    const auto o = owed(r, guides);
    ASSERT_EQ(o.size(), 1U);
    EXPECT_EQ(o[0].from, 1);
    EXPECT_EQ(o[0].to, 2);
    ASSERT_EQ(o[0].changed.size(), 1U);
    const auto& c = o[0].changed[0];
    EXPECT_EQ(c.difference.figure, FigureId("a"));
    EXPECT_EQ(c.difference.step, StepId("step-a"));
    EXPECT_EQ(c.difference.was, "24 N·m (18 lbf·ft)");
    EXPECT_EQ(c.difference.is, "25 N·m (18 lbf·ft)");
    EXPECT_EQ(c.sentence, "Drain plug, a: now 25 N·m (18 lbf·ft); you learned 24 N·m (18 lbf·ft) from edition 1.");
    enter(r, HandedOut{"g", 2, "learner 07"});
    EXPECT_EQ(owed(r, guides).size(), 1U) << "to have it is not to have read it";
    enter(r, Learned{"g", 2, "learner 07"});
    EXPECT_TRUE(owed(r, guides).empty());
}

TEST(Owed, AHandOutCountsAsLearnedUntilSomethingIsConfirmed) {
    const std::vector<GuideEditions> guides{{"g", {edition(1, "24", "8"), edition(2, "25", "8")}}};
    auto r = with_learner();
    enter(r, HandedOut{"g", 1, "learner 07"});
    ASSERT_EQ(owed(r, guides).size(), 1U);
    EXPECT_EQ(owed(r, guides)[0].from, 1);
}

TEST(Owed, WhatWasLearnedBetweenCountsEvenWhereItIsBackAtWhatItWas) {
    // 24, 25, 24: who was handed the second has 25 in the hand
    const std::vector<GuideEditions> guides{{"g", {edition(1, "24", "8"), edition(2, "25", "8"), edition(3, "24", "8")}}};
    auto r = with_learner();
    enter(r, Learned{"g", 1, "learner 07"});
    EXPECT_TRUE(owed(r, guides).empty());
    enter(r, HandedOut{"g", 2, "learner 07"});
    const auto o = owed(r, guides);
    ASSERT_EQ(o.size(), 1U);
    EXPECT_EQ(o[0].changed.at(0).learned_from, 2);
}

TEST(Owed, NothingOfAWithdrawnGuideNorOfWhoLeft) {
    const std::vector<GuideEditions> guides{{"g", {edition(1, "24", "8"), edition(2, "25", "8")}}};
    auto r = with_learner();
    enter(r, Learned{"g", 1, "learner 07"});
    enter(r, Withdrawn{"g", 2, "wrong"});
    EXPECT_TRUE(owed(r, guides).empty()) << "there is nothing to learn";
    EXPECT_EQ(current_edition(r, guides[0]), nullptr) << "the one before was replaced";
    EXPECT_EQ(standing_of(r, guides[0], 1), EditionStanding::Replaced);
    EXPECT_EQ(standing_of(r, guides[0], 2), EditionStanding::Withdrawn);
    EXPECT_EQ(standing_of(r, guides[0], 3), EditionStanding::Unknown);
    Records gone = with_learner();
    enter(gone, Learned{"g", 1, "learner 07"});
    enter(gone, LearnerLeft{"learner 07"});
    EXPECT_TRUE(owed(gone, guides).empty());
    EXPECT_TRUE(holders_of(gone, "g", 1).empty());
}

TEST(Owed, TheHolderOfAnEditionHasItLast) {
    auto r = with_learner();
    enter(r, LearnerAdded{"learner 08", ""});
    enter(r, HandedOut{"g", 1, "learner 07"});
    enter(r, HandedOut{"g", 1, "learner 08"});
    enter(r, HandedOut{"g", 2, "learner 08"});
    EXPECT_EQ(holders_of(r, "g", 1), std::vector<std::string>{"learner 07"});
    EXPECT_EQ(holders_of(r, "g", 2), std::vector<std::string>{"learner 08"});
}

TEST(Owed, EqualsASlowReferenceOnRandomHistories) {
    holds([] {
        const int count = rnd::pick(1, 6);
        GuideEditions guide{"g", {}};
        struct Says {
            std::string a, b, caution;
        };
        std::vector<Says> says;
        const auto one_of = [](std::initializer_list<const char*> all) {
            return std::string(*(all.begin() + rnd::pick(0, static_cast<int>(all.size()))));
        };
        for (int n = 1; n <= count; ++n) {
            says.push_back({one_of({"24", "25"}), one_of({"8", "9"}), one_of({"hot", "cold"})});
            guide.editions.push_back(edition(n, says.back().a, says.back().b, says.back().caution));
        }
        Records r;
        struct Event {
            std::string who;
            int edition;
            bool confirmed;
        };
        std::vector<Event> events;
        for (const char* who : {"x", "y"}) RC_ASSERT(r.add({r.next_number(), "", "author", LearnerAdded{who, ""}}).has_value());
        for (int i = rnd::pick(0, 12); i > 0; --i) {
            const Event e{one_of({"x", "y"}), rnd::pick(1, count + 1), rnd::pick(0, 2) == 1};
            const Entry entry = e.confirmed ? Entry(Learned{"g", e.edition, e.who}) : Entry(HandedOut{"g", e.edition, e.who});
            RC_ASSERT(r.add({r.next_number(), "", "author", entry}).has_value());
            const auto number = r.all().back().number;
            if (rnd::pick(0, 6) == 0)
                RC_ASSERT(r.add({r.next_number(), "", "author", Struck{number, "a mistake"}}).has_value());
            else
                events.push_back(e);
        }
        const bool withdrawn = rnd::pick(0, 4) == 0;
        if (withdrawn) RC_ASSERT(r.add({r.next_number(), "", "author", Withdrawn{"g", count, "wrong"}}).has_value());

        // the reference goes through every learner, every matter and every event
        std::set<std::string> expected;
        for (const char* who : {"x", "y"}) {
            std::ptrdiff_t last = -1;
            for (std::size_t i = 0; i < events.size(); ++i)
                if (events[i].who == who && events[i].confirmed) last = static_cast<std::ptrdiff_t>(i);
            if (withdrawn || (last >= 0 && events[static_cast<std::size_t>(last)].edition == count)) continue;
            for (std::size_t i = 0; i < events.size(); ++i) {
                if (events[i].who != who || static_cast<std::ptrdiff_t>(i) < last) continue;
                const Says& then = says[static_cast<std::size_t>(events[i].edition - 1)];
                const Says& now = says.back();
                if (then.a != now.a) expected.insert(std::string(who) + " a");
                if (then.b != now.b) expected.insert(std::string(who) + " b");
                if (then.caution != now.caution)
                    expected.insert({std::string(who) + " caution of step-a"}), expected.insert({std::string(who) + " caution of step-b"});
            }
        }
        std::set<std::string> found;
        for (const auto& o : owed(r, {guide}))
            for (const auto& c : o.changed) {
                const auto& d = c.difference;
                RC_ASSERT(found.insert(o.learner + (d.figure.empty() ? " caution of " + d.step.text() : " " + d.figure.text())).second);
                if (!d.figure.empty()) {
                    const Says& then = says[static_cast<std::size_t>(c.learned_from - 1)];
                    RC_ASSERT(d.was.starts_with(d.figure == FigureId("a") ? then.a : then.b));
                }
            }
        RC_ASSERT(found == expected);
    });
}
