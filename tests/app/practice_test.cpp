// The three tasks on the demo guide: done by the keys they name, and seen to be done.
#include <gtest/gtest.h>

#include <QInputDialog>

#include "app/figures/figures_station.h"
#include "app/plates/plates_station.h"
#include "app/sheet/sheet_station.h"
#include "app/window/practice_dialog.h"
#include "tests/app/demo_guide.h"
#include "tests/app/read_aloud.h"

using namespace anagraph;
using namespace anagraph::app;

namespace {

class ThreeTasks : public anagraph::testing::OnDemoGuide {
protected:
    PracticeDialog& dialog() {
        w->key(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        auto* out = (*w)->findChild<PracticeDialog*>();
        if (out == nullptr || !out->isVisible()) throw std::logic_error("the tasks are not shown");
        return *out;
    }
    QString row(int task) { return (*w)->findChild<PracticeDialog*>()->list().item(task)->text(); }
    void go_there(int task) {
        auto& d = dialog();
        d.list().setCurrentRow(task);
        emit d.list().itemActivated(d.list().currentItem());
        back_to_work();
    }
    /// As when the window is pressed.
    void back_to_work() {
        QApplication::setActiveWindow(&**w);
        ASSERT_TRUE(QTest::qWaitForWindowActive(&**w, 120000));
        ASSERT_TRUE(QTest::qWaitFor(
            [&] { return QApplication::focusWidget() != nullptr && QApplication::focusWidget()->window() == &**w; }, 120000));
    }
    void go_on(int key, Qt::KeyboardModifiers m = Qt::NoModifier) {
        w->key(key, m);
        QCoreApplication::processEvents();  // what is new is shown
    }
};

}  // namespace

TEST_F(ThreeTasks, NoneIsDoneInTheDemoGuideAsItComes) {
    for (int i = 0; i < dialog().list().count(); ++i) EXPECT_FALSE(row(i).contains("done")) << row(i).toStdString();
    EXPECT_TRUE(anagraph::testing::makes_no_sense(dialog()).isEmpty());
}

TEST_F(ThreeTasks, TheyAreDoneByTheKeysTheyNameAndSaySo) {
    go_there(0);
    ASSERT_EQ((*w)->rail().current(), MainWindow::Figures);
    const QString read = anagraph::testing::read_aloud(dialog());
    EXPECT_TRUE(read.contains("Follow house rule (Figures, R)")) << read.toStdString();
    EXPECT_TRUE(read.contains("Not done yet. What was said")) << read.toStdString();
    back_to_work();
    go_on(Qt::Key_R);
    EXPECT_EQ(row(0), "Settle a figure: done") << (*w)->notice().toStdString();

    go_there(1);
    ASSERT_EQ((*w)->rail().current(), MainWindow::Plates);
    ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 120000));
    go_on(Qt::Key_C);
    EXPECT_EQ(row(1), "Call a part out: done") << (*w)->notice().toStdString();

    go_there(2);
    ASSERT_EQ((*w)->rail().current(), MainWindow::Sheet);
    EXPECT_EQ(session().step(), core::StepId("strainer"));
    go_on(Qt::Key_T, Qt::ControlModifier);
    EXPECT_EQ(row(2), "Add a check") << "an empty check is none yet";
    for (const char* words : {"wing nuts", "hand tight, both", "one that turns without end"}) {
        w->type(words);
        go_on(Qt::Key_Tab);
    }
    EXPECT_EQ(row(2), "Add a check: done");
    EXPECT_TRUE(anagraph::testing::read_aloud(dialog()).contains("you know your way"));
}

TEST_F(ThreeTasks, UndoOpensATaskAgain) {
    go_there(0);
    go_on(Qt::Key_R);
    ASSERT_EQ(row(0), "Settle a figure: done");
    go_on(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(row(0), "Settle a figure");
}

TEST_F(ThreeTasks, WithoutTheDemoGuideTheySayWhichToOpen) {
    core::Header header;
    header.machine = "Ostrel M4";
    header.title = "oil change";
    ASSERT_TRUE(session().new_guide(header));
    const QString read = anagraph::testing::read_aloud(dialog());
    EXPECT_TRUE(read.contains("Open the guide “Perrick PT60")) << read.toStdString();
    EXPECT_FALSE(read.contains("Not done yet")) << read.toStdString();
}
