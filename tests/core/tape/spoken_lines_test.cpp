#include "core/tape/spoken_lines.h"

#include <gtest/gtest.h>

#include "core/tape/logging.h"
#include "tests/core/job.h"

using namespace anagraph::core;
using anagraph::core::testing::after;
using anagraph::core::testing::at;
using anagraph::core::testing::guide;
using anagraph::core::testing::kFilm;

namespace {

const std::vector<Segment> kHeard{{at(0), at(4), "undo the brief her", "Lena"}, {at(10), at(14), "tighten the plug to 25 newton metres"},
    {at(20), at(24), "and wipe it"}};

std::vector<Segment> lines(const Procedure& p) { return spoken_lines(kHeard, p.find(kFilm)).lines; }

}  // namespace

TEST(Corrections, PutALineRightAndTheRecognisersWordsTakeItOutAgain) {
    Procedure p = guide();
    p = after(p, correct_line(p, kFilm, kHeard[0], "undo the breather"));
    auto now = lines(p);
    EXPECT_EQ(now[0].text, "undo the breather");
    EXPECT_EQ(now[1].text, kHeard[1].text);
    p = after(p, correct_line(p, kFilm, kHeard[0], "undo the breather plug"));
    EXPECT_EQ(p.find(kFilm)->corrections.size(), 1U);
    p = after(p, correct_line(p, kFilm, kHeard[0], kHeard[0].text));
    EXPECT_TRUE(p.find(kFilm)->corrections.empty());
    EXPECT_EQ(correct_line(p, kFilm, kHeard[0], " ").error().code, ErrorCode::Refused);
}

TEST(TypedLines, StandAmongTheOthersAndAreTakenOutEmpty) {
    Procedure p = guide();
    EXPECT_EQ(type_line(p, kFilm, {at(5), at(6), " "}).error().code, ErrorCode::Refused);
    p = after(p, type_line(p, kFilm, {at(12), at(13), "look at the washer"}));
    p = after(p, type_line(p, kFilm, {at(5), at(6), "cover comes off"}));
    const auto all = spoken_lines(kHeard, p.find(kFilm));
    ASSERT_EQ(all.lines.size(), 5U);
    EXPECT_EQ(all.lines[1].text, "cover comes off");
    EXPECT_EQ(all.lines[3].text, "look at the washer");
    EXPECT_EQ(all.heard, (std::vector<std::optional<std::size_t>>{0U, std::nullopt, 1U, std::nullopt, 2U}));
    EXPECT_EQ(type_line(p, kFilm, {at(5), at(6), "the cover comes off"}).error().code, ErrorCode::Refused)
        << "the words that are there would be lost";
    EXPECT_EQ(retype_line(p, kFilm, {at(4), at(6), "x"}).error().code, ErrorCode::NotFound);
    p = after(p, retype_line(p, kFilm, {at(5), at(6), "the cover comes off"}));
    EXPECT_EQ(lines(p)[1].text, "the cover comes off") << "written anew";
    p = after(p, retype_line(p, kFilm, {at(5), at(6), ""}));
    EXPECT_EQ(lines(p).size(), 4U);
}

TEST(TypedLines, AreReadLikeAnyOther) {
    Procedure p = after(guide(), type_line(guide(), kFilm, {at(5), at(6), "tighten the drain plug to 30 newton metres"}));
    const auto marks = read_marks(spoken_lines({}, p.find(kFilm)).lines);
    EXPECT_TRUE(std::any_of(marks.begin(), marks.end(), [](const Mark& m) { return m.kind == MarkKind::Figure && m.value.low == "30"; }));
}

TEST(Speakers, HoldFromTheirLineOn) {
    Procedure p = guide();
    EXPECT_EQ(lines(p)[0].speaker, "Lena");
    EXPECT_EQ(lines(p)[1].speaker, "");
    p = after(p, set_speaker(p, kFilm, kHeard[1], "Ivo"));
    EXPECT_EQ(lines(p)[0].speaker, "Lena");
    EXPECT_EQ(lines(p)[1].speaker, "Ivo");
    EXPECT_EQ(lines(p)[2].speaker, "Ivo");
    p = after(p, set_speaker(p, kFilm, kHeard[1], ""));
    EXPECT_EQ(lines(p)[2].speaker, "");
}

TEST(FilmTime, OneTieShiftsTwoStretch) {
    EXPECT_EQ(film_time({}, at(7)), at(7));
    EXPECT_EQ(film_time({{at(10), at(13)}}, at(10)), at(13));
    EXPECT_EQ(film_time({{at(10), at(13)}}, at(4)), at(7));
    EXPECT_EQ(film_time({{at(10), at(8)}}, at(1)), at(0)) << "never before the beginning";
    const std::vector<Anchor> two{{at(10), at(10)}, {at(20), at(25)}};
    EXPECT_EQ(film_time(two, at(14)), at(16));
    EXPECT_EQ(film_time(two, at(24)), at(31)) << "on at the same pace";
    const std::vector<Anchor> three{{at(10), at(10)}, {at(20), at(25)}, {at(30), at(35)}};
    EXPECT_EQ(film_time(three, at(24)), at(29)) << "each stretch at its own pace";
}

TEST(TieLine, MovesTheLinesAndWhatWasDecidedOnThem) {
    Procedure p = guide();
    const auto marks = read_marks(kHeard);
    const auto figure = std::find_if(marks.begin(), marks.end(), [](const Mark& m) { return m.kind == MarkKind::Figure; });
    ASSERT_NE(figure, marks.end());
    p = after(p, take_figure(p, kFilm, *figure, StepId("one")));
    p = after(p, add_note(p, kFilm, {NoteKind::DropAsTalk, at(20), ""}));
    p = after(p, add_note(p, kFilm, {NoteKind::LookUp, at(20), "which washer"}));
    p = after(p, tie_line(p, kFilm, kHeard, 0, at(3)));
    const auto moved = read_marks(lines(p));
    EXPECT_EQ(lines(p)[1].start, at(13));
    for (const auto& m : moved) {
        if (m.kind == MarkKind::Figure) {
            EXPECT_NE(taken_as(p, kFilm, m), nullptr) << "still taken";
        }
    }
    EXPECT_EQ(p.find(kFilm)->notes[0].at, at(20)) << "a note belongs to the film and stays";
    EXPECT_EQ(p.find(kFilm)->notes[1].at, at(23)) << "a dropped line is dropped where it stands now";
    EXPECT_EQ(tie_line(p, kFilm, kHeard, 2, at(100)).error().code, ErrorCode::Refused) << "five times slower";
    EXPECT_EQ(tie_line(p, kFilm, kHeard, 2, at(2)).error().code, ErrorCode::Refused) << "out of order";
    p = after(p, untie_line(p, kFilm, kHeard, 0));
    EXPECT_EQ(lines(p)[1].start, at(10));
    EXPECT_EQ(p.find(kFilm)->notes[1].at, at(20));
    EXPECT_EQ(untie_line(p, kFilm, kHeard, 0).error().code, ErrorCode::NotFound);
}
