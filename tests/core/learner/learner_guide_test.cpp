// What a learner reads: sentences in one piece, what stands with which picture, what is known of a figure.
#include "core/learner/learner_guide.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <numeric>

#include "core/plate/layout.h"

using namespace anagraph::core;

namespace {

Figure torque() {
    Figure f;
    f.id = FigureId("torque");
    f.kind = FigureKind::Torque;
    f.item = ItemId("plug");
    f.purpose = "tightening torque";
    f.value = {"25", "", "Nm"};
    f.tolerance = "2.5";
    f.proofs = {{SourceId("book"), "page 2", {"25", "", "Nm"}}};
    return f;
}

Edition edition() {
    Edition e;
    auto& p = e.procedure;
    p.header.variants = {"PT60", "PT60-T"};
    p.items = {{ItemId("plug"), ItemKind::Fastener, "drain plug", "", ""},
        {ItemId("wrench"), ItemKind::Tool, "torque wrench", "5 to 30", ""}, {ItemId("oil"), ItemKind::Fluid, "gear oil", "", ""},
        {ItemId("cover"), ItemKind::Part, "cover", "", ""}, {ItemId("gloves"), ItemKind::Protection, "gloves", "", ""}};
    p.sources = {{SourceId("book"), SourceKind::Book, "service book", ""}, {SourceId("label"), SourceKind::Label, "label", ""}};
    p.figures = {torque()};
    Step s;
    s.id = StepId("one");
    s.lines = {"Tighten the {item:plug} to {figure:torque} with the {item:wrench}.", "Look at the {item:cover}.", "Wipe the {item:plug}."};
    p.steps = {s};
    return e;
}

Plate plate(const char* id, std::initializer_list<const char*> items, PairRole role = PairRole::None) {
    Plate out{PlateId(id), RecordingId("r"), {}, id, {}};
    for (const char* item : items) out.callouts.push_back({ItemId(item), {1000, 1000}, {3000, 3000}});
    out.role = role;
    return out;
}

std::string words_of(const Sentence& s) {
    std::string out;
    for (const auto& part : s) out += part.kind == TokenKind::Figure ? part.figures.front().value : part.text;
    return out;
}

}  // namespace

TEST(LearnerGuide, ASentenceReadsOnOverItsFigureWithTheEvidenceBesideIt) {
    const auto guide = learner_guide(edition());
    const auto& line = guide.steps[0].rows[0].lines[0];
    EXPECT_EQ(words_of(line), "Tighten the drain plug to 25 N·m ± 2.5 with the torque wrench.");
    const auto figures = figures_of(line);
    ASSERT_EQ(figures.size(), 1U);
    EXPECT_EQ(figures[0], (FigureRead{"25 N·m ± 2.5", "18 lbf·ft", "", Standing::Proved, "book, page 2"}));
}

TEST(LearnerGuide, EverySourceBehindAFigureIsNamedAndOneThatDoesNotCountIsNot) {
    auto e = edition();
    e.procedure.figures[0].proofs.push_back({SourceId("label"), "", {"25", "", "Nm"}});
    EXPECT_EQ(learner_guide(e).figures[0].figure.evidence, "book, page 2; label");
    e.procedure.sources[1].variants = {"PT60-T"};
    e.procedure.figures[0].variants = {"PT60"};
    EXPECT_EQ(learner_guide(e).figures[0].figure.evidence, "book, page 2");
}

TEST(LearnerGuide, WhatIsNotProvedSaysSoAndGivesTheLearnerNothingToDoThatIsTheAuthors) {
    auto e = edition();
    auto& f = e.procedure.figures[0];
    EXPECT_EQ(learner_guide(e).figures[0].why, "") << "a source gives it and nothing contradicts it";
    f.claims = {{RecordingId("r"), {}, "thirty newton metres", {"30", "", "Nm"}}};
    auto read = learner_guide(e).figures[0];
    EXPECT_EQ(read.figure.standing, Standing::Disputed);
    EXPECT_NE(read.why.find("thirty newton metres"), std::string::npos);
    EXPECT_EQ(read.why.find("Say why"), std::string::npos);
    f.settled = "the book was corrected";
    EXPECT_NE(learner_guide(e).figures[0].why.find("the book was corrected"), std::string::npos);
    f = torque();
    f.proofs.clear();
    EXPECT_EQ(learner_guide(e).figures[0].figure.evidence, "no source gives it");
    f.value = {};
    read = learner_guide(e).figures[0];
    EXPECT_EQ(read.figure.value, "not known");
    EXPECT_EQ(read.figure.evidence, "nobody has found it");
}

TEST(LearnerGuide, TheSizeOfAToolIsANameAndIsNotConverted) {
    auto e = edition();
    auto& f = e.procedure.figures[0];
    f.kind = FigureKind::Size;
    f.value = {"17", "", "mm"};
    EXPECT_EQ(learner_guide(e).figures[0].figure.other, "");
    EXPECT_EQ(text_in_both(f), "17 mm");
    f.kind = FigureKind::Length;
    EXPECT_EQ(learner_guide(e).figures[0].figure.other, "0.67 in");
    EXPECT_EQ(text_in_both(f), "17 mm (0.67 in)");
}

TEST(LearnerGuide, AFigureThatDiffersByVariantIsReadForEachAndNeverAnothers) {
    auto e = edition();
    auto& f = e.procedure.figures[0];
    f.variants = {"PT60"};
    const auto figures = figures_of(learner_guide(e).steps[0].rows[0].lines[0]);
    ASSERT_EQ(figures.size(), 2U);
    EXPECT_EQ(figures[0].variant, "PT60");
    EXPECT_EQ(figures[1], (FigureRead{"not known", "", "PT60-T", Standing::Open, "nobody has found it"}));
}

TEST(LearnerGuide, APictureStandsWithTheFirstLineThatNamesWhatItShows) {
    auto e = edition();
    auto& s = e.procedure.steps[0];
    s.plates = {plate("plug", {"plug"}), plate("cover", {"cover", "plug"})};
    const auto rows = learner_guide(e).steps[0].rows;
    ASSERT_EQ(rows.size(), 2U);
    EXPECT_EQ(rows[0].plates, std::vector<std::size_t>{0});
    EXPECT_EQ(rows[0].lines.size(), 1U);
    EXPECT_EQ(rows[1].first_line, 1U);
    EXPECT_EQ(rows[1].plates, std::vector<std::size_t>{1});
    EXPECT_EQ(rows[1].lines.size(), 2U);
    s.plates = {plate("cover", {"cover"})};
    EXPECT_EQ(learner_guide(e).steps[0].rows.size(), 1U) << "the first picture stands at the first line";
}

TEST(LearnerGuide, APairStaysTogetherAndAFullPlateWantsTheWidth) {
    auto e = edition();
    auto& s = e.procedure.steps[0];
    s.plates = {plate("plug", {"plug"}), plate("right", {"cover"}, PairRole::Right), plate("wrong", {"cover"}, PairRole::Wrong)};
    auto rows = learner_guide(e).steps[0].rows;
    ASSERT_EQ(rows.size(), 2U);
    EXPECT_EQ(rows[1].plates, (std::vector<std::size_t>{1, 2}));
    Plate full = plate("full", {});
    for (std::size_t i = 0; i <= kNarrowCallouts; ++i) full.callouts.push_back({ItemId("plug"), {}, {}});
    s.plates = {full, plate("plug", {"plug"})};
    const auto step = learner_guide(e).steps[0];
    EXPECT_EQ(step.across, std::vector<std::size_t>{0});
    EXPECT_EQ(step.rows[0].plates, std::vector<std::size_t>{1});
}

RC_GTEST_PROP(LearnerGuideProperty, EveryLineAndEveryPlateIsReadOnceAndInOrder, ()) {
    auto e = edition();
    auto& s = e.procedure.steps[0];
    const std::vector<std::string> lines{"Tighten the {item:plug}.", "Look at the {item:cover}.", "Fill {item:oil} in.", "Wait."};
    s.lines.clear();
    for (const int i : *rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 4))) s.lines.push_back(lines[static_cast<std::size_t>(i)]);
    const std::vector<const char*> items{"plug", "cover", "oil"};
    for (const int i : *rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 9))) {
        const auto id = std::to_string(s.plates.size());
        const auto role = i < 3 ? PairRole::None : i < 6 ? PairRole::Right : PairRole::Wrong;
        s.plates.push_back(plate(id.c_str(), {items[static_cast<std::size_t>(i % 3)]}, role));
    }
    const auto step = learner_guide(e).steps[0];
    std::vector<std::size_t> plates;
    std::size_t next = 0;
    for (const auto& row : step.rows) {
        RC_ASSERT(row.first_line == next);
        next += row.lines.size();
        plates.insert(plates.end(), row.plates.begin(), row.plates.end());
        for (std::size_t i = 0; i < row.lines.size(); ++i)
            RC_ASSERT(words_of(row.lines[i]) == words_of(sentence(e.procedure, {}, s.lines[row.first_line + i])));
    }
    RC_ASSERT(next == s.lines.size());
    std::vector<std::size_t> all(s.plates.size());
    std::iota(all.begin(), all.end(), 0U);
    RC_ASSERT(plates == all);
}

TEST(LearnerGuide, AFluidIsTakenUpOnlyWhereItIsPutInAndProtectionIsLaidOutFirst) {
    auto e = edition();
    auto& s = e.procedure.steps[0];
    s.lines = {"Drain the {item:oil}."};
    EXPECT_TRUE(learner_guide(e).steps[0].needs.empty());
    s.lines = {"Pour {item:oil} in.", "Tighten the {item:plug} with the {item:wrench}."};
    const auto guide = learner_guide(e);
    ASSERT_EQ(guide.steps[0].needs.size(), 2U);
    EXPECT_EQ(guide.steps[0].needs[1].spec, "5 to 30");
    EXPECT_EQ(guide.kit.front().name, "gloves");
}

TEST(LearnerGuide, AMethodSaidAgainIsMarkedAndAnotherIsNot) {
    auto e = edition();
    e.methods = {{"seal", "new", "A washer is cheap.", {"inspected"}}};
    auto& s = e.procedure.steps[0];
    s.methods = {{"seal"}, {"tighten"}};
    Step later = s;
    later.id = StepId("two");
    later.methods = {{"seal"}, {"drain-heat"}};
    Step other = s;
    other.id = StepId("three");
    other.methods = {{"seal", "inspected", "It is a steel ring."}};
    e.procedure.steps = {s, later, other};
    const auto guide = learner_guide(e);
    EXPECT_FALSE(guide.steps[0].methods[0].again);
    EXPECT_TRUE(guide.steps[1].methods[0].again);
    EXPECT_FALSE(guide.steps[1].methods[1].again);
    EXPECT_FALSE(guide.steps[2].methods[0].again) << "this step has a reason of its own";
}

TEST(LearnerGuide, WhatIsNamedAndNotThereIsLeftOutAndTheStatementNever) {
    auto e = edition();
    e.procedure.steps[0].lines = {"Use the {item:nowhere}{figure:nothing}now."};
    const auto guide = learner_guide(e);
    EXPECT_EQ(words_of(guide.steps[0].rows[0].lines[0]), "Use the now.");
    EXPECT_EQ(guide.safety, safety_statement());
}
