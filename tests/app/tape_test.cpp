// Logging on the Tape by keys alone: drafting and confirming, dividing, joining and nudging steps, notes and corrections.
#include <gtest/gtest.h>

#include <QFile>
#include <QFileDialog>
#include <QInputDialog>
#include <QLineEdit>
#include <QScrollBar>
#include <QShortcut>
#include <QTextBrowser>
#include <map>

#include "app/tape/takes_dialog.h"
#include "core/tape/draft.h"
#include "core/tape/logging.h"
#include "tests/place.h"
#include "tests/app/window.h"
#include "tests/demo_copy.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::Scratch;
using anagraph::testing::place;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

/// Answers the next question with words.
void answer_with(const QString& words) {
    when_asked<QInputDialog>([words](QInputDialog* dialog) {
        auto* field = dialog->findChild<QLineEdit*>();
        field->clear();
        QTest::keyClicks(field, words);
        QTest::keyClick(field, Qt::Key_Return);
    });
}

/// A guide on the two demo films in which nothing is logged yet.
class TapeKeys : public ::testing::Test {
protected:
    void SetUp() override {
        anagraph::testing::copy_demo_library(scratch / "library");
        w = std::make_unique<Window>(scratch / "library");
        core::Header header;
        header.machine = "Perrick PT60";
        header.title = "100 h service";
        header.number = "KQ-PT60-100";
        ASSERT_TRUE((*w)->session().new_guide(header));
        const auto films = (*w)->session().library().recordings();
        ASSERT_TRUE(films);
        for (const auto& film : *films)
            ASSERT_TRUE((*w)->session().perform(
                core::Change{"use a recording", {core::Put<core::RecordingUse>{{film.id, film.name, {}}, std::nullopt}}}));
        (*w)->go(MainWindow::Tape);
        ASSERT_TRUE(w->settled());
    }
    const core::Procedure& guide() { return w->guide(); }
    TapeStation& tape() { return (*w)->tape(); }
    /// A step from the beginning of one line to the beginning of another, by keys.
    void bracket(std::size_t from, std::size_t to) {
        w->to_line(from);
        ASSERT_TRUE(w->settled());
        w->key(Qt::Key_BracketLeft);
        w->to_line(to);
        ASSERT_TRUE(w->settled());
        w->key(Qt::Key_BracketRight);
    }
    const core::RecordingId& film() { return tape().recording()->entry.id; }

    Scratch scratch;
    std::unique_ptr<Window> w;
};

}  // namespace

TEST_F(TapeKeys, AWholeFilmIsLoggedInFewPresses) {
    const int before = w->presses();
    w->key(Qt::Key_D);
    ASSERT_GE(guide().steps.size(), 6U);
    const auto drafted = [&] {
        return std::count_if(guide().steps.begin(), guide().steps.end(), [](const core::Step& s) { return s.drafted; });
    };
    EXPECT_EQ(drafted(), static_cast<long>(guide().steps.size()));
    while (drafted() > 0) {
        w->key(Qt::Key_Return);
        ASSERT_TRUE(w->settled());
    }
    // what is still open is put aside line by line
    const auto open = [&] { return core::open_marks(guide(), film(), tape().recording()->marks).size(); };
    for (int guard = 0; open() > 0 && guard < 80; ++guard) {
        w->key(Qt::Key_F4);
        ASSERT_TRUE(w->settled());
        if (tape().recording()->entry.id != film()) break;
        w->key(Qt::Key_X);
    }
    EXPECT_EQ(open(), 0U);
    const int presses = w->presses() - before;
    RecordProperty("presses", presses);
    std::printf(
        "one film of %zu lines logged in %d key presses, %zu steps\n", tape().recording()->narration.size(), presses, guide().steps.size());
    EXPECT_LT(presses, 60);
    const auto& times = tape().recording()->index.times;
    for (const auto& s : guide().steps)
        EXPECT_TRUE(std::binary_search(times.begin(), times.end(), s.takes.front().from)) << "steps begin at frames";
    // every figure taken can be heard again at the moment it was said
    for (const auto& f : guide().figures) EXPECT_FALSE(f.claims.empty());
}

TEST_F(TapeKeys, TheWindowFits1280WithAFilmAndADraftInIt) {
    w->key(Qt::Key_D);
    ASSERT_TRUE(w->settled());
    for (const int stop : {MainWindow::Figures, MainWindow::Sheet, MainWindow::Plates, MainWindow::DryRun, MainWindow::Issue,
             MainWindow::Shelf, MainWindow::Tape}) {
        (*w)->go(stop);
        QTest::qWait(50);
        EXPECT_LE((*w)->minimumSizeHint().width(), 1280) << "station " << stop;
        EXPECT_LE((*w)->minimumSizeHint().height(), 800) << "station " << stop;
    }
}

TEST_F(TapeKeys, ADraftIsUndoneAtOnce) {
    w->key(Qt::Key_D);
    ASSERT_FALSE(guide().steps.empty());
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(guide().steps.empty());
    EXPECT_TRUE(guide().figures.empty());
}

TEST_F(TapeKeys, AStepIsDividedJoinedAndNudged) {
    bracket(5, 9);
    ASSERT_EQ(guide().steps.size(), 1U);
    const auto whole = guide().steps[0].takes.front();
    w->to_line(7);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_Slash);
    ASSERT_EQ(guide().steps.size(), 2U);
    EXPECT_EQ(guide().steps[0].takes.front().to, guide().steps[1].takes.front().from);
    w->to_line(6);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_J);
    ASSERT_EQ(guide().steps.size(), 1U);
    EXPECT_EQ(guide().steps[0].takes.front(), whole);
    // the head is near the beginning: that edge moves, by a frame and by a line
    const auto& times = tape().recording()->index.times;
    w->key(Qt::Key_Left, Qt::ShiftModifier);
    const auto place = std::lower_bound(times.begin(), times.end(), whole.from);
    EXPECT_EQ(guide().steps[0].takes.front().from, *(place - 1));
    w->key(Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_EQ(guide().steps[0].takes.front().from, whole.from);
    w->key(Qt::Key_Up, Qt::ShiftModifier);
    const auto& index = tape().recording()->index;
    EXPECT_EQ(guide().steps[0].takes.front().from, index.times[index.frame_from(tape().recording()->narration[4].start)]);
    w->key(Qt::Key_Down, Qt::ShiftModifier);
    EXPECT_EQ(guide().steps[0].takes.front().from, whole.from);
}

TEST_F(TapeKeys, WhatIsMissingIsNotedAtItsMoment) {
    w->to_line(3);
    ASSERT_TRUE(w->settled());
    answer_with(QStringLiteral("the thread of the plug from near"));
    w->key(Qt::Key_N);
    ASSERT_EQ(guide().find(film())->notes.size(), 1U);
    const auto& note = guide().find(film())->notes.front();
    EXPECT_EQ(note.kind, core::NoteKind::NotFilmed);
    EXPECT_EQ(note.text, "the thread of the plug from near");
    EXPECT_EQ(note.at, tape().film().time());
    answer_with(QStringLiteral("torque of the breather"));
    w->key(Qt::Key_L);
    EXPECT_EQ(guide().find(film())->notes.size(), 2U);
    // an empty answer notes nothing and says why
    answer_with(QString());
    w->key(Qt::Key_T);
    EXPECT_EQ(guide().find(film())->notes.size(), 2U);
    EXPECT_FALSE((*w)->notice().isEmpty());
}

TEST_F(TapeKeys, ALineIsPutRightAndReadAgain) {
    w->to_line(2);
    ASSERT_TRUE(w->settled());
    const auto heard = tape().recording()->narration[2].text;
    answer_with(QStringLiteral("tighten the little plug to thirty newton metres"));
    w->key(Qt::Key_E);
    EXPECT_EQ(tape().recording()->narration[2].text, "tighten the little plug to thirty newton metres");
    EXPECT_EQ(tape().recording()->heard[2].text, heard);
    const auto& marks = tape().recording()->marks;
    EXPECT_TRUE(std::any_of(marks.begin(), marks.end(),
        [](const core::Mark& m) { return m.segment == 2 && m.kind == core::MarkKind::Figure && m.value.low == "30"; }));
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(tape().recording()->narration[2].text, heard);
}

TEST_F(TapeKeys, ALineDroppedAsTalkCountsNoLonger) {
    const auto open = [&] { return core::open_marks(guide(), film(), tape().recording()->marks).size(); };
    const auto before = open();
    w->key(Qt::Key_F4);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_K);
    EXPECT_LT(open(), before);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(open(), before);
}

TEST_F(TapeKeys, WhatWasSaidIsFoundAndItsMomentShown) {
    when_asked<QDialog>([](QDialog* dialog) {
        auto* words = dialog->findChild<QLineEdit*>();
        QTest::keyClicks(words, "washer every time");  // a line; "copper washer" alone is an item first
        QTest::keyClick(words, Qt::Key_Return);
    });
    w->key(Qt::Key_F, Qt::ControlModifier);
    ASSERT_TRUE(w->settled());
    const auto line = tape().tape().line_at(tape().film().time());
    ASSERT_TRUE(line.has_value());
    EXPECT_NE(tape().recording()->narration[*line].text.find("copper washer"), std::string::npos);
}

TEST_F(TapeKeys, WordsNobodySaidLeadNowhere) {
    const auto before = tape().film().time();
    bool stays = false;
    when_asked<QDialog>([&](QDialog* dialog) {
        auto* words = dialog->findChild<QLineEdit*>();
        QTest::keyClicks(words, "wombat");
        QTest::keyClick(words, Qt::Key_Return);
        QTest::qWait(300);
        stays = dialog->isVisible();
        QTest::keyClick(dialog, Qt::Key_Escape);
    });
    w->key(Qt::Key_F, Qt::ControlModifier);
    EXPECT_TRUE(stays);
    EXPECT_EQ(tape().film().time(), before);
}

TEST_F(TapeKeys, TheReshootListIsWrittenAndOpened) {
    answer_with(QStringLiteral("the thread from near"));
    w->key(Qt::Key_N);
    const auto page = QString::fromStdString(scratch / "again.html");
    when_asked<QFileDialog>([&](QFileDialog* dialog) {
        auto* name = dialog->findChild<QLineEdit*>();
        name->setText(page);
        QTest::keyClick(name, Qt::Key_Return);
    });
    w->key(Qt::Key_R, Qt::ControlModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return QFile::exists(page) && (*w)->notice().contains("reshoot"); }, 20000))
        << (*w)->notice().toStdString();
    QFile file(page);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_TRUE(file.readAll().contains("the thread from near"));
}

TEST_F(TapeKeys, TheWholeJobStandsOnOneScreenAndTheMomentKeepsItsPlace) {
    auto& view = tape().tape();
    w->to_line(10);
    ASSERT_TRUE(w->settled());
    const auto place = [&] { return view.layout_now().axis.y(0, tape().film().time().seconds()) - view.verticalScrollBar()->value(); };
    const double before = place();
    for (const int zoom : {Qt::Key_Plus, Qt::Key_Plus, Qt::Key_3, Qt::Key_2, Qt::Key_Minus}) {
        w->key(zoom);
        EXPECT_NEAR(place(), before, 2) << "key " << zoom;
    }
    w->key(Qt::Key_1);
    EXPECT_LE(view.layout_now().height(), view.viewport()->height() + 2) << "nothing to scroll";
    EXPECT_EQ(view.input().recordings.size(), 2U);
    w->key(Qt::Key_3);
    const auto& index = tape().recording()->index;
    const auto& axis = view.layout_now().axis;
    EXPECT_GT(axis.y(0, index.times[101].seconds()) - axis.y(0, index.times[100].seconds()), 40) << "a frame has the height of its picture";
    w->key(Qt::Key_M);
    w->key(Qt::Key_Down);
    EXPECT_NEAR(place(), view.viewport()->height() * 0.4, 2) << "the head stays, the tape runs";
}

TEST_F(TapeKeys, TalkIsFoldedAndUnfolded) {
    auto& view = tape().tape();
    w->key(Qt::Key_H);
    const auto shut = view.shut_folds();
    ASSERT_GE(shut, 2U);
    w->to_line(0);  // good morning
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_H, Qt::ShiftModifier);
    EXPECT_EQ(view.shut_folds(), shut - 1) << (*w)->notice().toStdString();
    w->key(Qt::Key_H, Qt::ShiftModifier);
    EXPECT_EQ(view.shut_folds(), shut);
    w->key(Qt::Key_H);
    EXPECT_EQ(view.shut_folds(), 0U);
}

TEST_F(TapeKeys, AStepIsTakenAgainComparedAndTheBetterTakeChosen) {
    bracket(5, 7);
    ASSERT_EQ(guide().steps.size(), 1U);
    w->key(Qt::Key_U);
    EXPECT_NE((*w)->notice().indexOf("one take only"), -1);
    w->to_line(12);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_A);
    w->to_line(14);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_BracketRight);
    ASSERT_EQ(guide().steps.size(), 1U) << "another take, not another step";
    ASSERT_EQ(guide().steps[0].takes.size(), 2U);
    const auto second = guide().steps[0].takes[1];
    when_asked<TakesDialog>([](TakesDialog* dialog) {
        QTest::keyClick(dialog, Qt::Key_Right);
        QTest::keyClick(dialog, Qt::Key_R);
    });
    w->key(Qt::Key_U);
    EXPECT_EQ(guide().steps[0].takes[0], second) << "the right one is the best now";
    w->to_line(6);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_B);
    EXPECT_EQ(guide().steps[0].takes[1], second);
    w->key(Qt::Key_A, Qt::ShiftModifier);
    EXPECT_EQ(guide().steps[0].takes, std::vector<core::Take>{second});
}

TEST_F(TapeKeys, ACheckAndAWaitAreNestedAtTheirLines) {
    bracket(5, 9);
    w->to_line(6);
    ASSERT_TRUE(w->settled());
    answer_with("the six bolts");
    w->key(Qt::Key_I);
    answer_with("until nothing drips");
    w->key(Qt::Key_Q);
    ASSERT_EQ(guide().steps[0].checks.size(), 1U);
    ASSERT_EQ(guide().steps[0].waits.size(), 1U);
    const auto& shown = *guide().steps[0].checks[0].shown;
    const auto& index = tape().recording()->index;
    EXPECT_EQ(shown.from, index.times[index.frame_from(tape().recording()->narration[6].start)]);
    EXPECT_EQ(tape().tape().layout_now().nested.size(), 2U);
    EXPECT_EQ(guide().steps[0].waits[0].text, "until nothing drips");
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(guide().steps[0].waits.empty());
}

TEST_F(TapeKeys, WordsAreTypedTiedAndGivenTheirSpeaker) {
    const auto lines = tape().recording()->narration.size();
    w->to_line(4);
    ASSERT_TRUE(w->settled());
    for (int i = 0; i < 10; ++i) w->key(Qt::Key_Right);
    ASSERT_TRUE(w->settled());
    const auto moment = tape().film().time();
    answer_with("mark the cover with chalk");
    w->key(Qt::Key_Y);
    ASSERT_EQ(tape().recording()->narration.size(), lines + 1);
    const auto& typed = tape().recording()->narration[5];
    EXPECT_EQ(typed.text, "mark the cover with chalk");
    EXPECT_EQ(typed.start, moment);
    answer_with("");
    w->key(Qt::Key_E);  // emptied, a typed line is taken out
    EXPECT_EQ(tape().recording()->narration.size(), lines);

    answer_with("Ivo");
    w->key(Qt::Key_R);
    EXPECT_EQ(tape().recording()->narration[4].speaker, "Ivo");
    EXPECT_EQ(tape().recording()->narration.back().speaker, "Ivo");

    const auto said = tape().recording()->heard[4].start;
    w->key(Qt::Key_V);
    EXPECT_EQ(tape().recording()->narration[4].start, moment) << "heard where the film stands";
    EXPECT_NEAR(tape().recording()->narration[9].start.seconds() - tape().recording()->heard[9].start.seconds(),
        moment.seconds() - said.seconds(), 0.002);
    w->key(Qt::Key_V, Qt::ShiftModifier);
    EXPECT_EQ(tape().recording()->narration[4].start, said);
}

TEST_F(TapeKeys, EveryMarkExplainsItselfToTheKeys) {
    const auto& r = *tape().recording();
    const auto figure = std::find_if(r.marks.begin(), r.marks.end(), [](const core::Mark& m) { return m.kind == core::MarkKind::Figure; });
    ASSERT_NE(figure, r.marks.end());
    w->to_line(figure->segment);
    EXPECT_NE(tape().why().indexOf(QString::fromStdString(figure->because)), -1) << tape().why().toStdString();
    EXPECT_FALSE(figure->because.empty());
}

TEST_F(TapeKeys, APictureKeptOutsideAStepBecomesAPlateOfTheStepAroundIt) {
    w->to_line(6);
    ASSERT_TRUE(w->settled());
    const auto moment = tape().film().time();
    w->key(Qt::Key_P);
    ASSERT_EQ(guide().find(film())->notes.size(), 1U);
    bracket(5, 8);
    ASSERT_EQ(guide().steps[0].plates.size(), 1U);
    EXPECT_EQ(guide().steps[0].plates[0].at, moment);
    EXPECT_TRUE(guide().find(film())->notes.empty());
    w->key(Qt::Key_P, Qt::ShiftModifier);
    ASSERT_TRUE(w->settled());
    const auto& take = guide().steps[0].takes[0];
    EXPECT_EQ(tape().film().frame(), tape().recording()->index.sharpest(take.from, take.to));
}

TEST_F(TapeKeys, WhileTheFilmRunsAnEdgeSnapsToThePause) {
    const auto& index = tape().recording()->index;
    ASSERT_FALSE(index.pauses.empty());
    const auto& pause =
        *std::find_if(index.pauses.begin(), index.pauses.end(), [](const media::Pause& p) { return p.from.seconds() > 20; });
    // half a second late
    tape().film().show_time(core::FrameTime::from_milliseconds(static_cast<std::int64_t>(pause.to.seconds() * 1000) + 300));
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_Space);
    QTest::qWait(150);
    w->key(Qt::Key_BracketLeft);
    w->key(Qt::Key_Space);
    ASSERT_TRUE(w->settled());
    w->to_line(*tape().tape().line_at(tape().film().time()) + 4);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_BracketRight);
    ASSERT_EQ(guide().steps.size(), 1U) << (*w)->notice().toStdString();
    EXPECT_EQ(guide().steps[0].takes[0].from, index.times[index.frame_from(pause.to)]);
}
