// A step taken over from another guide brings what it needs and nothing twice.
#include "core/edits/copy_step.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/procedure/text.h"
#include "tests/core/job.h"
#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
namespace job = anagraph::core::testing;

namespace {

Procedure from_guide() {
    Procedure p = job::guide();
    p.header.variants = {"T", "U"};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "M14", ""}, {ItemId("washer"), ItemKind::Seal, "washer", "", ""}};
    p.sources = {{SourceId("book"), SourceKind::Book, "service book", "issue 4"}};
    p.figures = {{FigureId("t"), FigureKind::Torque, ItemId("plug"), "torque", {"25", "", "Nm"}, "", {{job::kFilm, job::at(1), "", {}}},
                     {{SourceId("book"), "page 2", {"25", "", "Nm"}}}, "", {"T"}},
        {FigureId("u"), FigureKind::Torque, ItemId("plug"), "torque", {"30", "", "Nm"}, "", {}, {}, "", {"U"}}};
    Step& s = p.steps[0];
    s.lines = {"Tighten the {item:plug} to {figure:t}."};
    s.plates = {{PlateId("plate"), job::kFilm, job::at(2), "", {{ItemId("washer"), {}, {}}}}};
    s.comments = {{"", "checker", "", "why?"}};
    s.methods = {{"tighten", "angle", "here"}};
    return p;
}

}  // namespace

TEST(CopyStep, BringsItemsFiguresOfAllVariantsSourcesAndPictures) {
    const Procedure from = from_guide();
    Procedure to = job::guide();
    to.recordings.clear();
    to.steps.clear();
    to.items.clear();
    const auto q = job::after(to, copy_step(from, StepId("one"), to, 0));
    ASSERT_EQ(q.steps.size(), 1U);
    EXPECT_EQ(q.items.size(), 2U);
    EXPECT_EQ(q.figures.size(), 2U) << "the other variant's too";
    EXPECT_EQ(q.sources.size(), 1U);
    EXPECT_NE(q.find(job::kFilm), nullptr);
    EXPECT_EQ(q.steps[0].takes.size(), 1U);
    EXPECT_EQ(rendered(q, q.steps[0].lines[0]).find("unknown"), std::string::npos);
    EXPECT_TRUE(q.steps[0].comments.empty());
    EXPECT_EQ(q.steps[0].methods, (std::vector<StepMethod>{{"tighten"}})) << "the house answers it here";
}

TEST(CopyStep, UsesWhatTheGuideHasAlready) {
    const Procedure from = from_guide();
    Procedure to = from;
    to.steps.erase(to.steps.begin());
    const auto q = job::after(to, copy_step(from, StepId("one"), to, 99));
    EXPECT_EQ(q.items, to.items);
    EXPECT_EQ(q.figures, to.figures);
    EXPECT_EQ(q.sources, to.sources);
    EXPECT_EQ(q.steps.back().lines, from.steps[0].lines);
}

TEST(CopyStep, WhatIsCalledAlikeAndDiffersComesInBesideIt) {
    const Procedure from = from_guide();
    Procedure to = job::guide();
    to.items = {{ItemId("plug"), ItemKind::Part, "spark plug", "", ""}};
    const auto q = job::after(to, copy_step(from, StepId("one"), to, 0));
    EXPECT_EQ(q.find(ItemId("plug"))->name, "spark plug");
    const auto pieces = pieces_of(q.steps[0].lines[0]);
    const auto named = std::find_if(pieces.begin(), pieces.end(), [](const TextPiece& p) { return p.kind == TokenKind::Item; });
    ASSERT_NE(named, pieces.end());
    EXPECT_NE(named->text, "plug");
    EXPECT_EQ(q.find(ItemId(named->text))->name, "drain plug");
    EXPECT_TRUE(q.steps[0].takes.empty()) << "the moment belongs to a step of this guide";
}

TEST(CopyStep, AnyStepOfAnyGuideGoesIntoAnyOther) {
    job::holds([] {
        const Procedure from = job::random_procedure(30);
        const Procedure to = job::random_procedure(30);
        if (from.steps.empty()) return;
        const auto& step = from.steps[static_cast<std::size_t>(job::pick(0, static_cast<int>(from.steps.size())))];
        const auto change = copy_step(from, step.id, to, 0);
        if (!change) RC_FAIL(change.error().message);
        const auto q = anagraph::core::apply(to, *change);
        RC_ASSERT(q.has_value());
        RC_ASSERT(q->steps.size() == to.steps.size() + 1);
        RC_ASSERT(q->steps.front().lines.size() == step.lines.size());
        const auto back = anagraph::core::apply(*q, *inverse(to, *change));
        RC_ASSERT(*back == to);
    });
}

TEST(CopyStep, RecordingsThatRunAlongsideEachOtherComeTogether) {
    Procedure from = from_guide();
    const RecordingId one("left");
    const RecordingId other("right");
    from.recordings.push_back({one, "left", {}});
    from.recordings.push_back({other, "right", {}});
    from.recordings[from.recordings.size() - 2].alongside = Alongside{other, {1, 1}};
    from.recordings.back().alongside = Alongside{one, {-1, 1}};
    from.steps[0].takes = {{one, job::at(100), job::at(110)}};
    const auto change = copy_step(from, from.steps[0].id, job::guide(), 0);
    ASSERT_TRUE(change) << change.error().message;
    const auto q = anagraph::core::apply(job::guide(), *change);
    ASSERT_TRUE(q) << q.error().message;
    EXPECT_EQ(q->find(one)->alongside->with, other);
    EXPECT_EQ(q->find(other)->alongside->with, one);
}

TEST(CopyStep, AStepThatIsNotThereIsSaid) { EXPECT_FALSE(copy_step(from_guide(), StepId("no"), job::guide(), 0)); }
