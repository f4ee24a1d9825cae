// The Sheet and the Plates worked by keys: the editor's findings mended and answered, steps split and merged, words replaced,
// callouts laid out, fasteners and marks placed.
#include <gtest/gtest.h>

#include <QInputDialog>
#include <QLabel>
#include <QListWidget>
#include <QMenu>
#include <QTimer>

#include "app/plates/plate_view.h"
#include "app/plates/plates_station.h"
#include "app/sheet/sheet_station.h"
#include "core/plate/fastener_map.h"
#include "core/plate/layout.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::fill;
using anagraph::testing::MainWindow;
using anagraph::testing::when_asked;

namespace {

class OnTheSheet : public anagraph::testing::OnDemoGuide {
protected:
    void SetUp() override {
        OnDemoGuide::SetUp();
        (*w)->go(MainWindow::Sheet);
        session().set_step(core::StepId("drain"));
    }
    const core::Step& step(const char* id) { return *guide().find(core::StepId(id)); }
    void write(const char* id, std::vector<std::string> lines) {
        core::Step s = step(id);
        s.lines = std::move(lines);
        ASSERT_TRUE(session().perform(core::Change{"write", {core::Put<core::Step>{s, std::nullopt}}}));
        ASSERT_TRUE(QTest::qWaitFor([&] { return read(); }, 5000));
    }
    bool read() { return !(*w)->sheet().found().empty(); }
    StepCard& card(const char* id) {
        for (std::size_t i = 0;; ++i)
            if ((*w)->sheet().card(i)->step() == core::StepId(id)) return *(*w)->sheet().card(i);
    }
    /// What stands beside the lines of a step.
    static QString notes(StepCard& card) {
        QString out;
        for (const auto* l : card.findChildren<QLabel*>(QStringLiteral("note")))
            if (l->isVisibleTo(&card)) out += l->text() + QLatin1Char('\n');
        return out;
    }
};

class OnThePlates : public anagraph::testing::OnDemoGuide {
protected:
    void SetUp() override {
        OnDemoGuide::SetUp();
        session().set_step(core::StepId("cover"));
        (*w)->go(MainWindow::Plates);
        ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 60000));
        (*w)->plates().view().setFocus();
    }
    const core::Plate& plate() { return guide().find(core::StepId("cover"))->plates.front(); }
    void choose_item(const char* id) {
        auto& items = (*w)->plates().items();
        for (int i = 0; i < items.count(); ++i)
            if (items.item(i)->data(Qt::UserRole).toString() == QLatin1String(id)) items.setCurrentRow(i);
    }
};

}  // namespace

TEST_F(OnTheSheet, TheEditorFindsNothingWrongWithTheDemoGuide) {
    // that the editor is at work shows on a line it must find
    write("drain", {"Push the {item:pan} under the {item:drain-plug} and crack the {item:drain-plug} with the {item:socket-17}."});
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->sheet().found().empty(); }, 20000));
    session().undo();
    EXPECT_TRUE(QTest::qWaitFor([&] { return (*w)->sheet().found().empty(); }, 20000));
    for (const auto& f : (*w)->sheet().found()) ADD_FAILURE() << f.step.text() << ": " << f.text << ": " << f.why;
}

TEST_F(OnTheSheet, AFindingStandsBesideItsLineAndIsMendedByAKey) {
    write("drain", {"Push the {item:pan} under the {item:drain-plug} and crack the {item:drain-plug} with the {item:socket-17}."});
    EXPECT_TRUE(notes(card("drain")).contains("Two actions in one line")) << notes(card("drain")).toStdString();
    EXPECT_TRUE(notes(card("drain")).contains("The editor can put it right"));
    card("drain").focus_line(0);
    w->key(Qt::Key_M, Qt::AltModifier);
    ASSERT_EQ(step("drain").lines.size(), 2U);
    EXPECT_EQ(step("drain").lines[1], "Crack the {item:drain-plug} with the {item:socket-17}.");
    EXPECT_FALSE(notes(card("drain")).contains("Two actions"));
    w->key(Qt::Key_Tab);  // leaving the field does not bring its old words back
    EXPECT_EQ(step("drain").lines[0], "Push the {item:pan} under the {item:drain-plug}.");
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(step("drain").lines.size(), 1U);
}

TEST_F(OnTheSheet, AFindingIsAnsweredWithAReasonThatIsKept) {
    write("drain", {"Make sure the {item:drain-plug} is clean with the {item:socket-17}."});
    ASSERT_TRUE(notes(card("drain")).contains("cannot be checked"));
    card("drain").focus_line(0);
    when_asked<QInputDialog>([](QInputDialog* dialog) { QTest::keyClick(dialog, Qt::Key_Return); });
    w->key(Qt::Key_A, Qt::AltModifier);
    EXPECT_TRUE(step("drain").answered.empty()) << "no reason, no answer";
    card("drain").focus_line(0);
    when_asked<QInputDialog>([](QInputDialog* dialog) {
        QTest::keyClicks(dialog->findChild<QLineEdit*>(), "the clip shows it");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_A, Qt::AltModifier);
    ASSERT_EQ(step("drain").answered.size(), 1U);
    EXPECT_EQ(step("drain").answered[0].because, "the clip shows it");
    EXPECT_FALSE(notes(card("drain")).contains("cannot be checked"));
}

TEST_F(OnTheSheet, AMisspeltWordIsPointedOutWithTheGuidesOwnWordsLeftAlone) {
    write("drain", {"Wipe the seet of the Perrick and the {item:drain-plug}."});
    EXPECT_TRUE(notes(card("drain")).contains("seet"));
    EXPECT_FALSE(notes(card("drain")).contains("Perrick"));
}

TEST_F(OnTheSheet, AStepIsSplitAtTheCursorAndMergedAgain) {
    const auto lines = step("drain").lines;
    const auto steps = guide().steps.size();
    card("drain").focus_line(2);
    w->key(Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier);
    ASSERT_EQ(guide().steps.size(), steps + 1);
    EXPECT_EQ(step("drain").lines.size(), 2U);
    session().set_step(core::StepId("drain"));
    w->key(Qt::Key_J, Qt::ControlModifier);
    ASSERT_EQ(guide().steps.size(), steps);
    EXPECT_EQ(step("drain").lines, lines);
}

TEST_F(OnTheSheet, WordsAreReplacedThroughTheGuide) {
    when_asked<QDialog>([&](QDialog* dialog) {
        fill(*dialog, "words as they stand", "instructor");
        bool counted = false;
        for (const auto* l : dialog->findChildren<QLabel*>()) counted = counted || l->text().contains("It stands in 7 places");
        EXPECT_TRUE(counted);
        fill(*dialog, "what stands there instead; empty removes them", "trainer");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_H, Qt::ControlModifier);
    EXPECT_NE(step("warm").checks[0].ask.find("trainer"), std::string::npos);
    EXPECT_NE(step("magnet").checks[0].ask.find("trainer"), std::string::npos);
}

TEST_F(OnThePlates, FiveCalloutsAreLaidOutByKeys) {
    for (const char* id : {"drain-plug", "level-plug"}) {
        choose_item(id);
        (*w)->plates().view().setFocus();
        w->key(Qt::Key_C);
        for (int i = 0; i < (std::string(id) == "drain-plug" ? 6 : 12); ++i) w->key(Qt::Key_Down, Qt::ShiftModifier);
    }
    ASSERT_EQ(plate().callouts.size(), 5U);
    EXPECT_EQ(core::layout_faults(plate().callouts, (*w)->plates().view().aspect()).all(), 0);
    // one moved by hand stays when the rest is laid out anew
    w->key(Qt::Key_Left);
    const auto chosen = *(*w)->plates().view().selected();
    const auto label = plate().callouts[chosen].label;
    EXPECT_TRUE(plate().callouts[chosen].fixed);
    w->key(Qt::Key_L);
    EXPECT_EQ(plate().callouts[chosen].label, label);
    w->key(Qt::Key_L, Qt::ShiftModifier);
    EXPECT_FALSE(plate().callouts[chosen].fixed);
    EXPECT_EQ(core::layout_faults(plate().callouts, (*w)->plates().view().aspect()).all(), 0);
}

TEST_F(OnThePlates, AFastenerMapIsPlacedByKeysAndByMouseAndKnowsItsOrder) {
    choose_item("cover");
    (*w)->plates().view().setFocus();
    w->key(Qt::Key_F);
    w->key(Qt::Key_Return);
    EXPECT_TRUE(plate().fasteners.empty());
    EXPECT_TRUE((*w)->notice().contains("Choose a fastener"));
    choose_item("zinc-bolts");
    (*w)->plates().view().setFocus();
    for (int i = 0; i < 4; ++i) {
        for (int k = 0; k < 8; ++k) w->key(i % 2 == 0 ? Qt::Key_Left : Qt::Key_Down);
        w->key(Qt::Key_Return);
    }
    ASSERT_EQ(plate().fasteners.size(), 4U);
    auto& view = (*w)->plates().view();
    QTest::mouseClick(&view, Qt::LeftButton, Qt::NoModifier, view.to_widget({8000, 2000}).toPoint());
    ASSERT_EQ(plate().fasteners.size(), 5U);
    w->key(Qt::Key_Delete);
    EXPECT_EQ(plate().fasteners.size(), 4U);
    EXPECT_EQ(core::fastener_order(plate(), view.aspect()).size(), 4U);
    EXPECT_NE(core::fastener_words(guide(), plate()).find("4 zinc cover bolts"), std::string::npos);
    w->key(Qt::Key_F);
    EXPECT_FALSE(view.cursor_shown());
}

TEST_F(OnThePlates, AMarkIsChosenFromTheMenuAndMovedByArrows) {
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, timer, [timer] {
        auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
        if (menu == nullptr) return;
        timer->deleteLater();
        QTest::keyClick(menu, Qt::Key_Down);
        QTest::keyClick(menu, Qt::Key_Return);
    });
    timer->start(50);
    w->key(Qt::Key_M);
    ASSERT_EQ(plate().marks.size(), 1U);
    EXPECT_EQ(plate().marks[0].sign, core::PlateSign::Turn);
    const auto at = plate().marks[0].at;
    w->key(Qt::Key_Right);
    EXPECT_EQ(plate().marks[0].at.x, at.x + 150);
    const auto to = plate().marks[0].to;
    w->key(Qt::Key_Down, Qt::ShiftModifier);
    EXPECT_EQ(plate().marks[0].to.y, to.y + 150);
    EXPECT_EQ(plate().marks[0].at.x, at.x + 150) << "only the far end";
    w->key(Qt::Key_Delete);
    EXPECT_TRUE(plate().marks.empty());
}

TEST_F(OnTheSheet, KeysThatLostTheirPlaceUnderADialogGoBackToTheStation) {
    (*w)->go(MainWindow::Sheet);
    QTest::qWait(100);
    const auto in_station = [&] { return (*w)->sheet().isAncestorOf((*w)->focusWidget()) || (*w)->focusWidget() == &(*w)->sheet(); };
    const auto meanwhile = [&](const std::function<void()>& work) {
        QEvent away(QEvent::WindowDeactivate);
        QApplication::sendEvent(&**w, &away);
        work();
        QEvent back(QEvent::WindowActivate);
        QApplication::sendEvent(&**w, &back);
    };
    // what Qt does with the keys of a thing that goes: they are the next one's in the window
    auto* next = anagraph::testing::shown(**w, QStringLiteral("Find"));
    ASSERT_TRUE(in_station());
    meanwhile([&] { next->setFocus(); });
    EXPECT_TRUE(in_station()) << (*w)->focusWidget()->accessibleName().toStdString();
    // and where they were elsewhere, they stay there
    next->setFocus();
    meanwhile([] {});
    EXPECT_EQ((*w)->focusWidget(), next);
}
