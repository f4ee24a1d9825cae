// Each station as a tired expert uses it: by keys, in odd order, with wrong input; what is refused says why and changes
// nothing.
#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QPushButton>
#include <algorithm>
#include <filesystem>
#include <fstream>

#include "app/figures/figures_station.h"
#include "app/issue/issue_station.h"
#include "app/plates/plates_station.h"
#include "app/sheet/sheet_station.h"
#include "app/shelf/shelf_station.h"
#include "core/review/open_points.h"
#include "store/files.h"
#include "tests/app/demo_guide.h"
#include "tests/media/sample_films.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::Scratch;
using anagraph::testing::shown;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

class Stations : public anagraph::testing::OnDemoGuide {
protected:
    const core::Figure& figure(const char* kind_of_trouble) {
        for (const auto& f : guide().figures)
            if (core::name_of(core::standing_of(f)) == kind_of_trouble) return f;
        ADD_FAILURE() << "no figure of the guide is " << kind_of_trouble;
        return guide().figures.front();
    }
};

using FiguresKeys = Stations;
using SheetKeys = Stations;
using PlatesKeys = Stations;
using IssueKeys = Stations;
using ShelfKeys = Stations;

}  // namespace

TEST_F(FiguresKeys, ADisputeIsSettledWithAReasonAndOpenedAgain) {
    (*w)->go(MainWindow::Figures);
    const auto id = figure("disputed").id;
    (*w)->figures().choose(id);
    when_asked<QInputDialog>([](QInputDialog* dialog) {
        QTest::keyClicks(dialog->findChild<QLineEdit*>(), "the speaker said newtons and meant newton metres");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_D);
    EXPECT_EQ(core::standing_of(*guide().find(id)), core::Standing::Proved);
    EXPECT_EQ(guide().find(id)->settled, "the speaker said newtons and meant newton metres");
    w->key(Qt::Key_D);
    EXPECT_EQ(core::standing_of(*guide().find(id)), core::Standing::Disputed);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(core::standing_of(*guide().find(id)), core::Standing::Proved);
}

TEST_F(FiguresKeys, SettlingWithoutAReasonChangesNothingAndSaysSo) {
    (*w)->go(MainWindow::Figures);
    const auto id = figure("disputed").id;
    (*w)->figures().choose(id);
    when_asked<QInputDialog>([](QInputDialog* dialog) { QTest::keyClick(dialog, Qt::Key_Return); });
    w->key(Qt::Key_D);
    EXPECT_TRUE(guide().find(id)->settled.empty());
    EXPECT_TRUE((*w)->notice().contains("reason"));
}

TEST_F(FiguresKeys, AWrongValueIsRefusedWithASentence) {
    (*w)->go(MainWindow::Figures);
    const auto before = guide();
    auto* value = (*w)->figures().findChildren<QLineEdit*>().at(0);
    for (const char* wrong : {"25", "25 wombats", "10 to 8 mm", "Nm"}) {
        value->setFocus();
        value->selectAll();
        QTest::keyClicks(value, wrong);
        QTest::keyClick(value, Qt::Key_Return);
        EXPECT_EQ(guide(), before) << wrong;
        EXPECT_FALSE((*w)->notice().isEmpty());
    }
    auto* tolerance = (*w)->figures().findChildren<QLineEdit*>().at(1);
    value->setText(QString::fromStdString(core::text_of(guide().find((*w)->figures().chosen())->value)));
    tolerance->setFocus();
    tolerance->selectAll();
    QTest::keyClicks(tolerance, "ten");
    QTest::keyClick(tolerance, Qt::Key_Return);
    EXPECT_EQ(guide(), before);
    EXPECT_TRUE((*w)->notice().contains("tolerance"));
}

TEST_F(FiguresKeys, ASourceMustSayWhereItStandsBeforeItIsTaken) {
    (*w)->go(MainWindow::Figures);
    const auto id = figure("open").id;
    (*w)->figures().choose(id);
    const auto before = guide();
    int refusals = 0;
    when_asked<QDialog>([&refusals](QDialog* dialog) {
        const auto fields = dialog->findChildren<QLineEdit*>();  // title, edition, place, value, tolerance
        const auto refused = [&] {
            QTest::keyClick(dialog, Qt::Key_Return);
            refusals += dialog->isVisible() ? 1 : 0;
        };
        fields[3]->setText("thirty");
        refused();  // no value
        fields[3]->setText("30 Nm");
        fields[2]->clear();
        refused();  // no place
        fields[2]->setText("page 2");
        fields[4]->setText("a bit");
        refused();  // no tolerance that is a number
        QTest::keyClick(dialog, Qt::Key_Escape);
    });
    w->key(Qt::Key_B);
    EXPECT_EQ(refusals, 3);
    EXPECT_EQ(guide(), before);
}

TEST_F(FiguresKeys, AFigureIsAddedAndOneInUseIsNotRemoved) {
    (*w)->go(MainWindow::Figures);
    const auto count = guide().figures.size();
    bool kept_open = false;
    when_asked<QDialog>([&](QDialog* dialog) {
        const auto fields = dialog->findChildren<QLineEdit*>();
        fields[0]->setText("gap at the ring");
        fields[1]->setText("0.4 mm");
        QTest::keyClick(dialog, Qt::Key_Return);  // a length is no torque
        kept_open = dialog->isVisible();
        auto* kind = dialog->findChildren<QComboBox*>().first();
        kind->setCurrentIndex(kind->findText("length"));
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_N);
    EXPECT_TRUE(kept_open);
    ASSERT_EQ(guide().figures.size(), count + 1);
    const auto id = (*w)->figures().chosen();
    EXPECT_EQ(guide().find(id)->purpose, "gap at the ring");
    w->key(Qt::Key_Delete);
    EXPECT_EQ(guide().figures.size(), count);
    // one that was heard in a step stays
    const auto used = guide().steps[5].heard.front();
    (*w)->figures().choose(used);
    w->key(Qt::Key_Delete);
    EXPECT_NE(guide().find(used), nullptr);
    EXPECT_FALSE((*w)->notice().isEmpty());
}

TEST_F(FiguresKeys, F4GoesThroughEverythingThatIsNotProved) {
    (*w)->go(MainWindow::Figures);
    std::set<std::string> seen;
    const auto open = std::count_if(guide().figures.begin(), guide().figures.end(),
        [](const core::Figure& f) { return core::standing_of(f) != core::Standing::Proved; });
    for (long i = 0; i < open; ++i) {
        w->key(Qt::Key_F4);
        seen.insert((*w)->figures().chosen().text());
    }
    EXPECT_EQ(static_cast<long>(seen.size()), open);
}

TEST_F(SheetKeys, ACautionAndACheckAreAddedToTheStepInHand) {
    (*w)->go(MainWindow::Sheet);
    QTest::qWait(50);
    (*w)->sheet().card(4)->focus_heading();
    const auto id = guide().steps[4].id;
    const auto cautions = guide().find(id)->cautions.size();
    const auto checks = guide().find(id)->checks.size();
    w->key(Qt::Key_W, Qt::ControlModifier);
    w->key(Qt::Key_T, Qt::ControlModifier);
    EXPECT_EQ(guide().find(id)->cautions.size(), cautions + 1);
    EXPECT_EQ(guide().find(id)->checks.size(), checks + 1);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(guide().find(id)->cautions.size(), cautions);
    EXPECT_EQ(guide().find(id)->checks.size(), checks);
}

TEST_F(SheetKeys, AStepIsAddedAfterTheOneInHandAndTakenOutAgain) {
    (*w)->go(MainWindow::Sheet);
    session().set_step(guide().steps[2].id);
    QTest::qWait(50);
    const auto before = guide();
    (*w)->sheet().setFocus();
    w->key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_EQ(guide().steps.size(), before.steps.size() + 1);
    EXPECT_EQ(guide().steps[2].id, before.steps[2].id);
    EXPECT_TRUE(guide().steps[3].heading.empty());
    QTest::qWait(50);
    w->key(Qt::Key_Backspace, Qt::ControlModifier);
    EXPECT_EQ(guide(), before);
}

TEST_F(SheetKeys, AnUnknownNameInALineIsAnOpenPointThatStopsTheIssue) {
    core::Step s = guide().steps[0];
    s.lines.push_back("Tighten to {figure:nowhere}.");
    ASSERT_TRUE(session().perform(core::Change{"write", {core::Put<core::Step>{s, std::nullopt}}}));
    (*w)->go(MainWindow::Sheet);
    QTest::qWait(50);
    const auto reasons = core::reasons_not_to_issue(guide());
    ASSERT_EQ(reasons.size(), 1U);
    EXPECT_NE(reasons[0].english().find("nowhere"), std::string::npos);
    bool listed = false;
    for (auto* list : (*w)->sheet().findChildren<QListWidget*>())
        for (int i = 0; i < list->count(); ++i) listed = listed || list->item(i)->text().contains("nowhere");
    EXPECT_TRUE(listed);
    (*w)->go(MainWindow::Issue);
    (*w)->issue().checker().setText("checker");
    EXPECT_EQ(shown((*w)->issue(), "Issue edition 1"), nullptr);
}

TEST_F(PlatesKeys, ACalloutIsPlacedMovedAndTakenOutByKeys) {
    session().set_step(guide().steps[5].id);
    (*w)->go(MainWindow::Plates);
    ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 20000));
    const auto callouts = [&]() -> const std::vector<core::Callout>& { return guide().steps[5].plates.front().callouts; };
    const auto count = callouts().size();
    w->key(Qt::Key_C);
    ASSERT_EQ(callouts().size(), count + 1) << (*w)->notice().toStdString();
    const auto placed = callouts().back();
    w->key(Qt::Key_Right);
    EXPECT_GT(callouts().back().label.x, placed.label.x);
    EXPECT_EQ(callouts().back().target, placed.target);
    w->key(Qt::Key_Down, Qt::ShiftModifier);
    EXPECT_GT(callouts().back().target.y, placed.target.y);
    w->key(Qt::Key_Delete);
    EXPECT_EQ(callouts().size(), count);
}

TEST_F(PlatesKeys, AnotherFrameIsChosenAndBothEndsOfTheFilmHold) {
    session().set_step(guide().steps[5].id);
    (*w)->go(MainWindow::Plates);
    ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 20000));
    const auto at = [&] { return guide().steps[5].plates.front().at; };
    const auto first = at();
    w->key(Qt::Key_Period);
    EXPECT_LT(first, at());
    w->key(Qt::Key_Comma);
    EXPECT_EQ(at(), first);
    const auto* film = session().recording(guide().steps[5].plates.front().recording);
    const auto frame = film->index.frame_at(first);
    EXPECT_EQ(film->index.times[frame], first) << "a plate is an exact frame";
}

TEST_F(PlatesKeys, ANewItemIsThereToBeCalledOut) {
    (*w)->go(MainWindow::Plates);
    const auto count = guide().items.size();
    when_asked<QDialog>([](QDialog* dialog) {
        dialog->findChildren<QLineEdit*>().first()->setText("vent cap");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_I, Qt::ControlModifier);
    ASSERT_EQ(guide().items.size(), count + 1);
    EXPECT_EQ(guide().items.back().name, "vent cap");
    EXPECT_EQ((*w)->plates().items().count(), static_cast<int>(guide().items.size()));
}

TEST_F(IssueKeys, WaitsForACheckerAndForSomethingToIssue) {
    (*w)->go(MainWindow::Issue);
    EXPECT_EQ(shown((*w)->issue(), "Issue edition 1"), nullptr);
    w->key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE((*w)->notice().contains("who checked")) << "the key says why";
    w->type("checker");
    EXPECT_NE(shown((*w)->issue(), "Issue edition 1"), nullptr);
    (*w)->issue().checker().clear();
    EXPECT_EQ(shown((*w)->issue(), "Issue edition 1"), nullptr);
}

TEST_F(IssueKeys, TheAuthorCannotCheckHimselfAndNothingIsWritten) {
    (*w)->go(MainWindow::Issue);
    (*w)->issue().checker().setText(session().author());
    w->key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_FALSE((*w)->issue().busy());
    EXPECT_TRUE((*w)->notice().contains("second person"));
    EXPECT_TRUE(session().library().editions(session().guide())->empty());
}

TEST_F(IssueKeys, IsCancelledWithEscapeAndLeavesNoEditionAndNoPack) {
    (*w)->go(MainWindow::Issue);
    (*w)->issue().checker().setText("checker");
    when_asked<QMessageBox>([](QMessageBox* box) { box->button(QMessageBox::Yes)->click(); });
    w->key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE((*w)->issue().busy());
    QTest::qWait(60);
    w->key(Qt::Key_Escape);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->issue().busy(); }, 60000));
    EXPECT_TRUE(session().library().editions(session().guide())->empty());
    EXPECT_FALSE(session().library().pack_folder(session().guide(), 1));
    for (const char* part : {"/editions", "/work"}) EXPECT_TRUE(std::filesystem::is_empty(session().library().folder() + part)) << part;
    EXPECT_TRUE((*w)->notice().contains("stopped")) << (*w)->notice().toStdString();
}

TEST_F(IssueKeys, VerifyAndOpenSayWhenNothingIsIssuedYet) {
    (*w)->go(MainWindow::Issue);
    w->key(Qt::Key_Y, Qt::ControlModifier);
    EXPECT_TRUE((*w)->notice().contains("No edition"));
    w->key(Qt::Key_P, Qt::ControlModifier);
    EXPECT_TRUE((*w)->notice().contains("No edition"));
}

TEST_F(ShelfKeys, AGuideIsBegunOnlyWithMachineAndJob) {
    (*w)->go(MainWindow::Shelf);
    const auto guides = session().library().guides()->size();
    bool early = true;
    bool late = false;
    when_asked<QDialog>([&](QDialog* dialog) {
        auto* begin = dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok);
        const auto fields = dialog->findChildren<QLineEdit*>();
        fields[0]->setText("  ");
        fields[1]->setText("oil change");
        early = begin->isEnabled();
        fields[0]->setText("Perrick PT60");
        late = begin->isEnabled();
        QTest::keyClick(dialog, Qt::Key_Escape);
    });
    w->key(Qt::Key_N, Qt::ControlModifier);
    EXPECT_FALSE(early);
    EXPECT_TRUE(late);
    EXPECT_EQ(session().library().guides()->size(), guides) << "Escape begins nothing";
}

TEST_F(ShelfKeys, ARecordingInUseIsNotOfferedAgain) {
    (*w)->go(MainWindow::Shelf);
    EXPECT_EQ(shown((*w)->shelf(), "Use in open guide"), nullptr);
    w->key(Qt::Key_U, Qt::ControlModifier);
    EXPECT_TRUE((*w)->notice().contains("already"));
    core::Header header;
    header.machine = "Perrick PT60";
    header.title = "oil change";
    ASSERT_TRUE(session().new_guide(header));
    (*w)->go(MainWindow::Shelf);
    EXPECT_NE(shown((*w)->shelf(), "Use in open guide"), nullptr);
    w->key(Qt::Key_U, Qt::ControlModifier);
    EXPECT_EQ(guide().recordings.size(), 1U);
    EXPECT_EQ(shown((*w)->shelf(), "Use in open guide"), nullptr);
}

TEST_F(ShelfKeys, TheHeadOffersOnlyWhatThereIs) {
    (*w)->go(MainWindow::Shelf);
    for (auto* b : (*w)->findChildren<CommandButton*>())
        EXPECT_FALSE(b->isVisible() && b->command().id == "window.next-open") << "nothing is open on the Shelf";
    for (auto* b : (*w)->findChildren<QPushButton*>()) {
        if (b->isVisible()) {
            EXPECT_FALSE(b->accessibleName().isEmpty()) << b->text().toStdString();
        }
    }
}

TEST_F(Stations, EveryFieldAndListHasAnAccessibleName) {
    for (const int stop : {MainWindow::Tape, MainWindow::Figures, MainWindow::Sheet, MainWindow::Plates, MainWindow::DryRun,
             MainWindow::Issue, MainWindow::Shelf}) {
        (*w)->go(stop);
        QTest::qWait(30);
        for (auto* list : (*w)->findChildren<QListWidget*>()) {
            if (list->isVisible()) {
                EXPECT_FALSE(list->accessibleName().isEmpty()) << "a list of station " << stop;
            }
        }
        for (auto* field : (*w)->findChildren<QLineEdit*>()) {
            if (field->isVisible() && qobject_cast<QComboBox*>(field->parentWidget()) == nullptr) {
                EXPECT_FALSE(field->accessibleName().isEmpty() && field->placeholderText().isEmpty()) << "a field of station " << stop;
            }
        }
    }
}

TEST_F(ShelfKeys, WhileTheOriginalIsAwayTheSmallCopyWorksAndItIsFoundAgain) {
    const auto id = guide().recordings.front().id;
    const auto path = session().recording(id)->entry.path;
    const std::string elsewhere = scratch / "elsewhere";
    std::filesystem::create_directories(elsewhere);
    std::filesystem::rename(path, elsewhere + "/somewhere.mp4");
    session().reload_recording(id);
    emit session().library_changed();
    ASSERT_TRUE(session().recording(id)->away);
    (*w)->go(MainWindow::Tape);
    ASSERT_TRUE(w->settled()) << "the small copy is shown";
    auto& film = (*w)->tape().film();
    film.show_frame(100);
    ASSERT_TRUE(w->settled());
    EXPECT_EQ(film.frame(), 100U);
    EXPECT_EQ(film.picture().width(), 640) << "small";
    w->key(Qt::Key_BracketLeft);
    film.show_frame(200);
    ASSERT_TRUE(w->settled());
    EXPECT_FALSE(media::exact_frame(path, film.time())) << "exact things wait";

    (*w)->go(MainWindow::Shelf);
    EXPECT_NE(shown((*w)->shelf(), "Find original"), nullptr);
    (*w)->shelf().find_original_in(QString::fromStdString(scratch / "library"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->shelf().importing(); }, 60000));
    EXPECT_TRUE(session().recording(id)->away);
    EXPECT_TRUE((*w)->notice().contains("looked at")) << (*w)->notice().toStdString();
    (*w)->shelf().find_original_in(QString::fromStdString(elsewhere));
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->shelf().importing(); }, 60000));
    EXPECT_FALSE(session().recording(id)->away) << (*w)->notice().toStdString();
    EXPECT_EQ(shown((*w)->shelf(), "Find original"), nullptr);
    (*w)->go(MainWindow::Tape);
    ASSERT_TRUE(w->settled());
    EXPECT_EQ(film.picture().width(), 1280) << "the original again";
}
