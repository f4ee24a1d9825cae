#include "core/review/review.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "tests/core/dryrun/guides.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

Edition as_edition(Procedure p) {
    Edition e;
    e.procedure = std::move(p);
    return e;
}

const ReviewPlace* place(const std::vector<ReviewPlace>& places, const std::string& id) {
    const auto it = std::find_if(places.begin(), places.end(), [&](const ReviewPlace& p) { return p.id == id; });
    return it == places.end() ? nullptr : &*it;
}

Change comment(const Procedure& p, const std::string& text) {
    Step s = p.steps.front();
    s.comments.push_back({"", "checker", "2026-11-30", text});
    return {"comment", {Put<Step>{s, std::nullopt}}};
}

bool any_says(const std::vector<Words>& reasons, const char* words) {
    return std::any_of(reasons.begin(), reasons.end(), [&](const Words& r) { return r.english().find(words) != std::string::npos; });
}

}  // namespace

TEST(Review, EveryStepAndFigureIsAPlaceOnceAndTheGuideIsOne) {
    holds([] {
        const Procedure p = rnd::random_procedure(30);
        const auto places = review_places(nullptr, as_edition(p));
        RC_ASSERT(places.size() == 1 + p.steps.size() + p.figures.size());
        for (const auto& s : p.steps) RC_ASSERT(place(places, "step:" + s.id.text()) != nullptr);
        for (const auto& f : p.figures) RC_ASSERT(place(places, "figure:" + f.id.text()) != nullptr);
        RC_ASSERT(std::all_of(places.begin(), places.end(), [](const ReviewPlace& x) { return x.changed; }));
    });
}

TEST(Review, WhatDiffersHasAPlaceThatSaysSoAndItsContentIsAnother) {
    holds([] {
        const Edition before = as_edition(rnd::random_procedure(20));
        Edition now = before;
        for (int i = rnd::pick(0, 4); i > 0; --i)
            if (auto next = anagraph::core::apply(now.procedure, rnd::random_edit(now.procedure))) now.procedure = *next;
        const auto places = review_places(&before, now);
        std::size_t told = 0;
        for (const auto& p : places) {
            told += p.differences.size();
            RC_ASSERT(p.changed == !p.differences.empty());
        }
        RC_ASSERT(told >= differences(before, now).size());
        RC_ASSERT(std::is_partitioned(places.begin(), places.end(), [](const ReviewPlace& x) { return x.changed; }));
        const auto then = review_places(nullptr, before);
        for (const auto& p : places)
            if (const auto* old = place(then, p.id); old != nullptr && p.changed) RC_ASSERT(old->content != p.content || p.id == "guide");
        if (told > 0) RC_ASSERT(review_content(places) != review_content(then));
    });
}

TEST(Review, AChangedTorqueComesFirstAndOnlyItsPlaceIsAnother) {
    const Edition before = as_edition(rnd::engine());
    Edition now = before;
    Figure& f = *std::find_if(
        now.procedure.figures.begin(), now.procedure.figures.end(), [](const Figure& x) { return x.kind == FigureKind::Torque; });
    f.value.low = "31";
    const auto places = review_places(&before, now);
    EXPECT_EQ(places.front().id, "figure:" + f.id.text());
    EXPECT_FALSE(places.front().step.empty()) << "it is looked at where it is read";
    const auto then = review_places(&before, before);
    int other = 0;
    for (const auto& p : places)
        if (place(then, p.id)->content != p.content) ++other;
    EXPECT_EQ(other, 1);
}

TEST(Review, WhatTheHousePrintsWithItIsPartOfTheGuideAsAWhole) {
    const Edition before = as_edition(rnd::engine());
    for (std::string Edition::*field : {&Edition::desk, &Edition::rule}) {
        Edition now = before;
        now.*field = "another";
        const auto places = review_places(&before, now);
        EXPECT_EQ(places.front().id, "guide");
        EXPECT_TRUE(places.front().changed);
        EXPECT_NE(place(review_places(&before, before), "guide")->content, places.front().content);
    }
}

TEST(Review, WhatStopsACheckSaysWhatToDo) {
    Procedure p = rnd::written(rnd::engine());
    ASSERT_TRUE(reasons_not_to_check(p).empty()) << reasons_not_to_check(p).front();
    p.steps[0].comments.push_back({"", "checker", "2026-11-30", "Which plug?"});
    EXPECT_TRUE(any_says(reasons_not_to_check(p), "Which plug?"));
    p.steps[0].comments[0].answer = "The lower one.";
    EXPECT_TRUE(reasons_not_to_check(p).empty());
    Figure& f = *std::find_if(p.figures.begin(), p.figures.end(), [](const Figure& x) { return !x.proofs.empty(); });
    const auto proof = f.proofs[0];
    f.proofs[0].value.low = "999";
    EXPECT_TRUE(any_says(reasons_not_to_check(p), "disputed"));
    f.proofs.push_back(proof);
    f.settled = "the book's new issue gives it";
    EXPECT_FALSE(any_says(reasons_not_to_check(p), "disputed"));
    p.recordings.push_back(use_of(p, RecordingId(std::string(64, 'a'))));
    p.recordings[0].notes.push_back({NoteKind::NotFilmed, FrameTime(1, 1), "the level after the run"});
    EXPECT_TRUE(any_says(reasons_not_to_check(p), "the level after the run"));
    EXPECT_FALSE(reasons_not_to_check(rnd::without(rnd::written(rnd::engine()), "plug", "tighten plug @plug-torque with wrench")).empty())
        << "the dry run finds it left loose";
}

TEST(Review, AuthorsAreThoseWhoChangedWhatItSaysNotThoseWhoComment) {
    Procedure p = rnd::engine();
    std::vector<Authored> changes;
    const Procedure start = p;
    changes.push_back({"checker", comment(p, "Which plug?")});
    p = *anagraph::core::apply(p, changes.back().change);
    Step worded = p.steps[0];
    worded.heading = "Another heading";
    changes.push_back({"author", {"word it", {Put<Step>{worded, std::nullopt}}}});
    p = *anagraph::core::apply(p, changes.back().change);
    changes.push_back({"checker", comment(p, "Thank you.")});
    EXPECT_EQ(authors_of(start, changes), std::vector<std::string>{"author"});
    p = *anagraph::core::apply(p, changes.back().change);
    Step moved = p.steps[0];
    moved.comments.clear();
    moved.heading = "Changed with a comment";
    changes.push_back({"checker", {"both at once", {Put<Step>{moved, std::nullopt}}}});
    EXPECT_EQ(authors_of(start, changes), (std::vector<std::string>{"author", "checker"}));
    EXPECT_TRUE(is_one_of(" Author", {"author"}));
}
