// The demo path in the real window, by keys and mouse, on the demo films: what a person does and what a person sees.
#include "tests/app/window.h"

#include <gtest/gtest.h>

#include <QDialog>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QImage>
#include <QLineEdit>
#include <QMessageBox>
#include <QMimeData>
#include <QTest>
#include <QTimer>
#include <fstream>
#include <functional>

#include "app/figures/figures_station.h"
#include "app/issue/issue_station.h"
#include "app/plates/plates_station.h"
#include "app/sheet/sheet_station.h"
#include "app/shelf/shelf_station.h"
#include "app/tape/tape_station.h"
#include "app/window/main_window.h"
#include "core/tape/logging.h"
#include "media/exact_frame.h"
#include "publish/pack.h"
#include "store/files.h"
#include "tests/demo_copy.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::fill;
using anagraph::testing::Scratch;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

const QString kFilms = QStringLiteral(ANAGRAPH_SOURCE "/demo/films/");

double difference(const QImage& a, const media::Picture& b) {
    double sum = 0;
    for (int y = 0; y < b.height; y += 3)
        for (int x = 0; x < b.width; x += 3) {
            const QRgb p = a.pixel(x, y);
            const auto* q = &b.bgra[(static_cast<std::size_t>(y) * static_cast<std::size_t>(b.width) + static_cast<std::size_t>(x)) * 4];
            sum += std::abs(qBlue(p) - q[0]) + std::abs(qGreen(p) - q[1]) + std::abs(qRed(p) - q[2]);
        }
    return sum / (b.width / 3.0 * (b.height / 3.0) * 3);
}

}  // namespace

TEST(Window, TheWholePathFromARecordingToTwoEditionsByKeys) {
    const Scratch scratch;
    Window w(scratch / "library");

    // 1. Shelf: nothing is there; the two films are dropped in, their narration comes along
    auto& shelf = w->shelf();
    QMimeData films;
    films.setUrls({QUrl::fromLocalFile(kFilms + "pt60-service-1.mp4"), QUrl::fromLocalFile(kFilms + "pt60-service-1.vtt"),
        QUrl::fromLocalFile(kFilms + "pt60-service-2.mp4")});
    QDragEnterEvent enter(QPoint(50, 50), Qt::CopyAction, &films, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&shelf, &enter);
    EXPECT_TRUE(enter.isAccepted());
    QDropEvent drop(QPointF(50, 50), Qt::CopyAction, &films, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&shelf, &drop);
    EXPECT_TRUE(shelf.importing());
    ASSERT_TRUE(QTest::qWaitFor([&] { return !shelf.importing(); }, 120000));
    ASSERT_EQ(w->session().library().recordings()->size(), 2U) << w->notice().toStdString();
    EXPECT_TRUE(w->session().library().recordings()->front().has_narration);

    // a guide is begun by keys; it takes the chosen recording
    when_asked<QDialog>([](QDialog* dialog) {
        const auto fields = dialog->findChildren<QLineEdit*>();
        QTest::keyClicks(fields[0], "Perrick PT60");
        QTest::keyClicks(fields[1], "100 h service");
        QTest::keyClicks(fields[2], "KQ-PT60-100");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w.key(Qt::Key_N, Qt::ControlModifier);
    ASSERT_TRUE(w->session().has_guide()) << w->notice().toStdString();
    ASSERT_EQ(w.guide().recordings.size(), 1U);

    // 2. Tape: line by line; brackets; figures and a caution taken with one key each
    w.key(Qt::Key_1, Qt::ControlModifier);
    ASSERT_NE(w->tape().recording(), nullptr);
    ASSERT_TRUE(w.settled());
    EXPECT_GT(w->session().open_marks(), 5);
    w.to_line(4);
    w.key(Qt::Key_BracketLeft);
    w.to_line(6);
    w.key(Qt::Key_BracketRight);
    ASSERT_EQ(w.guide().steps.size(), 1U) << w->notice().toStdString();
    EXPECT_EQ(w.guide().steps[0].takes[0].from,
        w->tape().recording()->index.times[w->tape().recording()->index.frame_at(w.guide().steps[0].takes[0].from)])
        << "an exact frame";
    w.to_line(4);
    const int open_before = w->session().open_marks();
    w.key(Qt::Key_F);
    ASSERT_EQ(w.guide().figures.size(), 1U) << w->notice().toStdString();
    EXPECT_EQ(core::text_of(w.guide().figures[0].value), "5 min");
    EXPECT_LT(w->session().open_marks(), open_before);
    w.to_line(5);
    w.key(Qt::Key_W);
    ASSERT_EQ(w.guide().steps[0].cautions.size(), 1U);
    w.to_line(21);
    w.key(Qt::Key_BracketLeft);
    w.to_line(25);
    w.key(Qt::Key_BracketRight);
    ASSERT_EQ(w.guide().steps.size(), 2U);
    w.to_line(23);
    w.key(Qt::Key_F);
    ASSERT_EQ(w.guide().steps[1].heard.size(), 1U) << "both units are one figure";
    const core::FigureId torque = w.guide().steps[1].heard[0];
    EXPECT_EQ(w.guide().find(torque)->claims.size(), 2U);
    EXPECT_EQ(core::standing_of(*w.guide().find(torque)), core::Standing::Open);

    // the frame shown is the exact frame; stepping and playing move it
    w.key(Qt::Key_Right);
    ASSERT_TRUE(w.settled());
    auto& film = w->tape().film();
    const auto still = media::exact_frame(film.recording()->entry.path, film.time());
    ASSERT_TRUE(still);
    EXPECT_LT(difference(film.picture(), *still), 1.5);
    const auto before = film.frame();
    w.key(Qt::Key_Left);
    EXPECT_EQ(film.frame(), before - 1);
    ASSERT_TRUE(w.settled());
    w.key(Qt::Key_S);
    EXPECT_TRUE(film.slow());
    w.key(Qt::Key_S);
    w.key(Qt::Key_Space);
    EXPECT_TRUE(film.playing());
    EXPECT_TRUE(QTest::qWaitFor([&] { return film.frame() > before + 3; }, 10000));
    w.key(Qt::Key_Space);
    ASSERT_TRUE(w.settled());
    // keep a picture, a clip
    w.to_line(22);
    ASSERT_TRUE(w.settled());
    const auto kept = film.time();
    w.key(Qt::Key_P);
    w.key(Qt::Key_C);
    ASSERT_EQ(w.guide().steps[1].plates.size(), 1U);
    EXPECT_EQ(w.guide().steps[1].plates[0].at, kept);
    EXPECT_TRUE(w.guide().steps[1].clip.has_value());

    // 3. Figures: a source by hand, so that it is proved
    w.key(Qt::Key_2, Qt::ControlModifier);
    while (w->figures().chosen() != torque) w.key(Qt::Key_Down);
    w.key(Qt::Key_Space);
    EXPECT_TRUE(QTest::qWaitFor([&] { return w->figures().film().playing(); }, 5000)) << "the claim is heard";
    w.key(Qt::Key_Space);
    when_asked<QDialog>([](QDialog* dialog) {
        fill(*dialog, "Perrick PT60 service book", "Perrick PT60 service book");
        fill(*dialog, "page 2, torque table", "page 2, torques");
        fill(*dialog, "25 Nm, 8 to 10 mm, 75W90", "25 Nm");
        fill(*dialog, "± in the same unit, if given", "2.5");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w.key(Qt::Key_B);
    ASSERT_EQ(w.guide().find(torque)->proofs.size(), 1U) << w->notice().toStdString();
    EXPECT_EQ(core::text_of(w.guide().find(torque)->value), "25 N·m") << "the book outranks what was said";
    EXPECT_EQ(core::standing_of(*w.guide().find(torque)), core::Standing::Proved) << core::argue_standing(*w.guide().find(torque));
    // the author sets another value, within the book's tolerance
    auto* value = w->figures().findChildren<QLineEdit*>().at(0);
    value->setFocus();
    value->selectAll();
    QTest::keyClicks(value, "24 Nm");
    QTest::keyClick(value, Qt::Key_Return);
    EXPECT_EQ(core::text_of(w.guide().find(torque)->value), "24 N·m");
    EXPECT_EQ(core::standing_of(*w.guide().find(torque)), core::Standing::Proved) << core::argue_standing(*w.guide().find(torque));

    // 4. Sheet: text with tokens, typed in place; a step moved; undo across stations
    w.key(Qt::Key_3, Qt::ControlModifier);
    QTest::qWait(50);
    auto* second = w->sheet().card(1);
    ASSERT_NE(second, nullptr);
    second->focus_heading();
    QTest::qWait(20);
    w.key(Qt::Key_A, Qt::ControlModifier);
    w.type("Refit the drain plug");
    w.key(Qt::Key_Return);  // on to the first line
    w.type("Tighten to {");
    w.type(QString::fromStdString("figure:" + torque.text()) + "}.");
    second->add_line(0);
    w.type("Wipe it dry.");
    second->focus_heading();
    ASSERT_EQ(w.guide().steps[1].lines.size(), 2U);
    EXPECT_EQ(w.guide().steps[1].lines[0], "Tighten to {figure:" + torque.text() + "}.");
    EXPECT_EQ(w.guide().steps[1].heading, "Refit the drain plug");
    auto* first = w->sheet().card(0);
    first->focus_line(0);
    w.type("Run it at idle.");
    first->focus_heading();
    const auto order = w.guide().steps[0].id;
    w.key(Qt::Key_Down, Qt::AltModifier);
    EXPECT_EQ(w.guide().steps[1].id, order);
    w.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(w.guide().steps[0].id, order);
    w.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(w.guide().steps[1].id, order);
    w->session().undo();
    EXPECT_EQ(w.guide().steps[0].id, order);

    // 5. Plates: an item called out by mouse, its label dragged; the same item keeps its number
    w->session().set_step(w.guide().steps[1].id);
    w.key(Qt::Key_4, Qt::ControlModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return w->plates().still_ready(); }, 20000));
    auto& plate = w->plates().view();
    ASSERT_GT(w->plates().items().count(), 0);
    QTest::mouseClick(&plate, Qt::LeftButton, Qt::NoModifier, plate.to_widget({4000, 5000}).toPoint());
    ASSERT_EQ(w.guide().steps[1].plates[0].callouts.size(), 1U) << w->notice().toStdString();
    const auto label = w.guide().steps[1].plates[0].callouts[0].label;
    const QPoint from = plate.to_widget(label).toPoint();
    QTest::mousePress(&plate, Qt::LeftButton, Qt::NoModifier, from);
    QTest::mouseMove(&plate, from + QPoint(20, 10));
    QTest::mouseMove(&plate, from + QPoint(60, 30));
    QTest::mouseRelease(&plate, Qt::LeftButton, Qt::NoModifier, from + QPoint(60, 30));
    const auto moved = w.guide().steps[1].plates[0].callouts[0].label;
    EXPECT_GT(moved.x, label.x + 100);
    w.key(Qt::Key_Left);  // and by keys
    EXPECT_LT(w.guide().steps[1].plates[0].callouts[0].label.x, moved.x);
    EXPECT_LT(difference(plate.still(), *media::exact_frame(film.recording()->entry.path, kept)), 0.01) << "the still is the exact frame";

    // 6. Issue: edition 1; a torque changes; edition 2 says so; edition 1 is untouched
    w.key(Qt::Key_6, Qt::ControlModifier);
    w->issue().checker().setFocus();
    w.type("checker");
    const auto issue = [&](int number) {
        when_asked<QMessageBox>([](QMessageBox* box) { box->button(QMessageBox::Yes)->click(); });
        w->issue().checker().setFocus();
        w.key(Qt::Key_Return, Qt::ControlModifier);
        EXPECT_TRUE(w->issue().busy()) << w->notice().toStdString();
        EXPECT_TRUE(QTest::qWaitFor([&] { return !w->issue().busy(); }, 180000));
        EXPECT_EQ(w->session().library().editions(w->session().guide())->back().edition.number, number) << w->notice().toStdString();
    };
    issue(1);
    const std::string pack1 = w->issue().chosen_pack().toStdString();
    ASSERT_TRUE(publish::verify_pack(pack1));
    EXPECT_TRUE(publish::verify_pack(pack1)->undamaged);
    const std::string page = *store::read_file(pack1 + "/guide.html");
    EXPECT_NE(page.find("24 N·m"), std::string::npos);
    EXPECT_LT(page.find("book, local codes"), page.find("Refit the drain plug</span>"));
    const std::string edition1 = *store::read_file(pack1 + "/edition.json");
    core::Figure changed = *w.guide().find(torque);
    changed.value = {"25", "", "Nm"};
    ASSERT_TRUE(w->session().perform(core::Change{"change a torque", {core::Put<core::Figure>{changed, std::nullopt}}}));
    issue(2);
    const std::string pack2 = w->issue().chosen_pack().toStdString();
    EXPECT_NE(store::read_file(pack2 + "/guide.html")->find("now 25 N·m (18 lbf·ft); it was 24 N·m (18 lbf·ft)"), std::string::npos);
    EXPECT_EQ(*store::read_file(pack1 + "/edition.json"), edition1);
    EXPECT_TRUE(publish::verify_pack(pack1)->undamaged);
}

TEST(Window, EverythingIsUndoneBackToTheBeginningAndWhatIsSavedComesBack) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    core::Procedure start;
    core::Procedure end;
    {
        Window w(scratch / "library");
        ASSERT_TRUE(w->session().open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
        start = w.guide();
        w->go(MainWindow::Sheet);
        w.key(Qt::Key_Return, Qt::ControlModifier);  // a new step
        w.type("Another step");
        w->go(MainWindow::Figures);
        w.key(Qt::Key_Delete);
        EXPECT_FALSE(w->notice().isEmpty()) << "a figure in use is not removed without a word";
        EXPECT_EQ(w.guide().steps.size(), start.steps.size() + 1);
        EXPECT_EQ(w.guide().find(w->session().step())->heading, "Another step");
        end = w.guide();
        while (w->session().can_undo()) w.key(Qt::Key_Z, Qt::ControlModifier);
        EXPECT_EQ(w.guide(), start);
        while (w->session().can_redo()) w->session().redo();
        EXPECT_EQ(w.guide(), end);
    }
    Window again(scratch / "library");
    ASSERT_TRUE(again->session().open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
    EXPECT_EQ(again.guide(), end);
}

TEST(Window, BadFilesGiveASentenceInTheWindowAndLeaveTheLibraryAsItWas) {
    const Scratch scratch;
    std::ofstream(scratch / "list.mp4") << "bread, milk";
    std::ofstream(scratch / "empty.mov");
    Window w(scratch / "library");
    for (const char* file : {"list.mp4", "empty.mov", "none.mkv", "words.vtt"}) {
        w->shelf().bring_in({QString::fromStdString(scratch / file)});
        ASSERT_TRUE(QTest::qWaitFor([&] { return !w->shelf().importing(); }, 20000));
        EXPECT_TRUE(w->notice().contains(QLatin1String(file))) << w->notice().toStdString();
    }
    EXPECT_TRUE(w->session().library().recordings()->empty());
    EXPECT_TRUE(std::filesystem::is_empty(scratch / "library/media"));
}

TEST(Window, AnImportIsCancelledWithEscapeAndNothingOfItIsKept) {
    const Scratch scratch;
    Window w(scratch / "library");
    w->shelf().bring_in({kFilms + "pt60-service-1.mp4"});
    ASSERT_TRUE(w->shelf().importing());
    QTest::qWait(300);
    QTest::keyClick(&w->shelf(), Qt::Key_Escape);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !w->shelf().importing(); }, 20000));
    EXPECT_TRUE(w->session().library().recordings()->empty());
    EXPECT_TRUE(std::filesystem::is_empty(scratch / "library/media"));
}

TEST(Window, StationsOfAGuideWaitForAGuideAndTheWindowFits1280) {
    const Scratch scratch;
    Window w(scratch / "library");
    w.key(Qt::Key_1, Qt::ControlModifier);
    EXPECT_EQ(w->rail().current(), static_cast<int>(MainWindow::Shelf));
    EXPECT_TRUE(w->notice().contains("Shelf"));
    QStringList open;
    QStringList shut;
    for (const auto& stop : w->rail().stops()) (stop.enabled ? open : shut) << stop.name;
    EXPECT_EQ(open, (QStringList{"Shelf", "Bench", "Logbook"}));
    EXPECT_EQ(shut, (QStringList{"Tape", "Figures", "Sheet", "Plates", "Dry run", "Issue"}));
    EXPECT_LE(w->minimumSizeHint().width(), 1280);
    EXPECT_LE(w->minimumSizeHint().height(), 800);
}

TEST(Window, TheWindowAnswersWhileARecordingIsBroughtIn) {
    // how long it takes to answer is measured in bench; here, that it does, all the way through
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    Window w(scratch / "library");
    ASSERT_TRUE(w->session().open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
    std::filesystem::copy_file(kFilms.toStdString() + "pt60-service-2.mp4", scratch / "again.mp4");
    w->go(MainWindow::Shelf);
    w->shelf().bring_in({QString::fromStdString(scratch / "again.mp4")});
    int answered = 0;
    while (w->shelf().importing() && answered < 2000) {
        const int stop = answered % 2 == 0 ? MainWindow::Figures : MainWindow::Shelf;
        w.key(stop == MainWindow::Figures ? Qt::Key_2 : Qt::Key_7, Qt::ControlModifier);
        EXPECT_EQ(w->rail().current(), stop);
        if (answered == 4) {
            core::Step s = w.guide().steps[0];
            s.heading = "Written meanwhile";
            EXPECT_TRUE(w->session().perform(core::Change{"write", {core::Put<core::Step>{s, std::nullopt}}})) << w->notice().toStdString();
        }
        ++answered;
        QTest::qWait(5);
    }
    EXPECT_GE(answered, 5) << "the import is over before anything was asked";
    EXPECT_EQ(w->session().library().load_guide(w->session().guide())->steps[0].heading, "Written meanwhile");
    EXPECT_EQ(w->session().library().recordings()->size(), 2U);
}

TEST(Window, AClickOnTheTapeGoesToThatMomentAndAClaimsPinIsHeard) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    Window w(scratch / "library");
    ASSERT_TRUE(w->session().open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
    w->go(MainWindow::Tape);
    ASSERT_TRUE(w.settled());
    auto& tape = w->tape().tape();
    const auto& line = tape.layout_now().lines[3];
    QTest::mouseClick(tape.viewport(), Qt::LeftButton, Qt::NoModifier, line.box.center().toPoint());
    EXPECT_EQ(tape.line_at(w->tape().film().time()), 3U);
    // F4 goes from one open point to the next
    w.key(Qt::Key_F4);
    const auto first = w->tape().film().time();
    w.key(Qt::Key_F4);
    EXPECT_LT(first, w->tape().film().time());
    w->go(MainWindow::Figures);
    w.key(Qt::Key_F4);
    EXPECT_NE(core::standing_of(*w.guide().find(w->figures().chosen())), core::Standing::Proved);
}
