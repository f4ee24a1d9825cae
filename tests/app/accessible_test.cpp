// Without seeing: every station is read aloud from the tree of accessible objects and makes sense; what has the keys is always seen;
// the keys go through a station in the order in which it is read.
#include <gtest/gtest.h>

#include <QAccessible>
#include <QFile>
#include <QPointer>

#include "app/command/command_row.h"
#include "app/dryrun/thread_view.h"
#include "app/figures/figure_list.h"
#include "app/sheet/line_field.h"
#include "app/spoken/order.h"
#include "app/spoken/painted.h"
#include "tests/app/demo_guide.h"
#include "tests/app/read_aloud.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::makes_no_sense;
using anagraph::testing::read_aloud;

namespace {

class Accessible : public anagraph::testing::OnDemoGuide {
protected:
    QString station(int stop) {
        (*w)->go(stop);
        session().set_step(guide().steps.at(2).id);
        EXPECT_TRUE(stop != MainWindow::Tape || w->settled());
        QTest::qWait(300);
        const QString said = read_aloud(**w);
        if (const QString folder = qEnvironmentVariable("ANAGRAPH_PICTURES"); !folder.isEmpty()) {
            QFile file(folder + QStringLiteral("/read-aloud-%1.txt").arg(stop));
            EXPECT_TRUE(file.open(QIODevice::WriteOnly));
            file.write(said.toUtf8());
        }
        return said;
    }
    static void says(const QString& said, const std::vector<const char*>& sentences) {
        for (const char* sentence : sentences) EXPECT_TRUE(said.contains(QString::fromUtf8(sentence))) << sentence;
    }
};

}  // namespace

TEST_F(Accessible, EveryStationIsReadAloudAndMakesSense) {
    for (int stop = MainWindow::Tape; stop <= MainWindow::Logbook; ++stop) {
        (void)station(stop);
        EXPECT_EQ(makes_no_sense(**w).join(QLatin1Char('\n')).toStdString(), "") << "station " << stop;
    }
}

TEST_F(Accessible, WhatIsPaintedIsSaidInWordsThatMakeSense) {
    says(station(MainWindow::Figures),
        {"Drain plug, tightening torque, 25 newton metres plus or minus 2.5, proved, 2 claims, one source",
            "Perrick PT60 service book, page 2, torques: 25 newton metres, agrees", "said at 1:30: “twelve newtons”, differs",
            "Breather, tightening torque, not known, open, nothing speaks for it"});
    says(station(MainWindow::Tape),
        {"Step 4, Drain the oil, from 0:43 to 1:02", "torque, 24 newton metres, taken", "From 0:44 to 0:49 the picture is too dark",
            "listitem: 0:28: “now the cover six bolts ten mil socket”"});
    says(station(MainWindow::Sheet), {"statictext: Take the gearbox cover off.", "2: gearbox cover, top middle"});
    says(station(MainWindow::Plates),
        {"listitem: Step 3, Take off the cover, picture 1 of 2, in hand", "Callout 2, gearbox cover, points to 43 % across"});
    says(station(MainWindow::DryRun),
        {"row: Step 3, Take off the cover; after it the machine stands still, locked off", "gearbox cover: remove, now off",
            "gear oil: drain, now 0 to 15 % full", "Beside it lie: breather, zinc cover bolts, black cover bolts, gearbox cover",
            "Plan: from "});
    says(station(MainWindow::Logbook), {"PT60 no. 2, pump bay, 269.1 h, 100 h service is overdue", "oil and filter done"});
}

TEST_F(Accessible, ThingsOfAPlaceAreChosenLedToAndHeardOf) {
    (void)station(MainWindow::Figures);
    auto* list = (*w)->findChild<FigureList*>();
    auto* place = QAccessible::queryAccessibleInterface(list);
    ASSERT_GT(place->childCount(), 3);
    auto* second = place->child(1);
    EXPECT_FALSE(second->state().selected);
    EXPECT_EQ(second->parent(), place);
    EXPECT_EQ(place->indexOfChild(second), 1);
    ASSERT_GT(second->childCount(), 0);
    EXPECT_EQ(second->child(0)->parent(), second);
    EXPECT_EQ(place->childAt(second->rect().left() + 3, second->rect().bottom() - 3), second);
    QStringList heard;
    spoken::tell_changes_to([&](QAccessibleInterface& of, QAccessible::Event what) {
        if (what == QAccessible::Focus) heard << of.text(QAccessible::Name);
    });
    list->setFocus();
    second->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return heard.join(QLatin1Char(' ')).contains(QStringLiteral("Level plug, tightening torque")); }, 20000));
    spoken::tell_changes_to({});
    EXPECT_TRUE(second->state().selected);
    EXPECT_TRUE(second->state().focused);
    EXPECT_EQ(place->focusChild(), second);
    (void)station(MainWindow::DryRun);
    auto* run = QAccessible::queryAccessibleInterface((*w)->findChild<ThreadView*>());
    int led = 0;
    for (int i = 0; i < run->childCount(); ++i) {
        const auto to = run->child(i)->relations(QAccessible::Controller);
        for (const auto& [other, relation] : to)
            if (other->role() == QAccessible::Row) ++led;
    }
    EXPECT_GT(led, 5) << "a task of the plan leads to its step";
}

TEST_F(Accessible, TheKeysGoThroughEveryStationAsItIsReadAndWhatHasThemIsSeen) {
    // a line of the sheet turns into its text while it has the keys
    const auto named = [](const QWidget* of) {
        if (const auto* line = qobject_cast<const LineField*>(of->parentWidget())) of = line;
        return QString::fromLatin1(of->metaObject()->className()) + QStringLiteral(" “%1”").arg(of->accessibleName());
    };
    // which commands can be done changes with what has the keys; one that is gone gives them to its station
    const auto counted = [](const QWidget* of) {
        return qobject_cast<const CommandButton*>(of) == nullptr && !QByteArrayView(of->metaObject()->className()).endsWith("Station");
    };
    for (int stop = MainWindow::Tape; stop <= MainWindow::Logbook; ++stop) {
        (void)station(stop);
        const auto order = spoken::in_order(**w);
        ASSERT_GT(order.size(), 2U) << "station " << stop;
        const QPointer<QWidget> first = *std::find_if(order.begin(), order.end(), counted);
        QStringList wanted, came;
        for (const auto* o : order)
            if (counted(o)) wanted << named(o);
        first->setFocus(Qt::TabFocusReason);
        bool round = false;
        for (std::size_t i = 0; i < 2 * order.size() + 20 && !round; ++i) {
            const QPointer<QWidget> had = QApplication::focusWidget();
            if (counted(had)) came << named(had);
            const QRect around = QRect(had->mapTo(&**w, QPoint(0, 0)), had->size()).adjusted(-4, -4, 4, 4);
            const QImage with = (*w)->grab(around).toImage();
            QTest::keyClick(had, Qt::Key_Tab);
            QCoreApplication::processEvents();
            ASSERT_NE(QApplication::focusWidget(), nullptr) << "station " << stop;
            if (had != nullptr && had->isVisible() && counted(had) && had != QApplication::focusWidget()) {
                EXPECT_NE(with, (*w)->grab(around).toImage())
                    << "station " << stop << ": nobody sees that " << named(had).toStdString() << " has the keys";
            }
            round = QApplication::focusWidget() == first;
        }
        EXPECT_TRUE(round) << "station " << stop << ": the keys do not come round, they are at "
                           << named(QApplication::focusWidget()).toStdString();
        EXPECT_EQ(came.join(QLatin1Char('\n')).toStdString(), wanted.join(QLatin1Char('\n')).toStdString()) << "station " << stop;
        // and back: the last, not the same again
        const QPointer<QWidget> at = QApplication::focusWidget();
        QTest::keyClick(at, Qt::Key_Backtab, Qt::ShiftModifier);
        EXPECT_NE(QApplication::focusWidget(), at.data()) << "station " << stop;
    }
}

TEST(InOrder, IsTheOrderOfTheLayoutWhateverWasMadeFirst) {
    QWidget window;
    auto* last = new QLineEdit(&window);
    auto* first = new QLineEdit(&window);
    auto* middle = new QLineEdit(&window);
    auto* beside = new QLineEdit(&window);
    auto* down = new QVBoxLayout(&window);
    down->addWidget(first);
    auto* grid = new QGridLayout;
    grid->addWidget(beside, 0, 1);
    grid->addWidget(middle, 0, 0);
    down->addLayout(grid);
    down->addWidget(last);
    window.show();
    EXPECT_EQ(spoken::in_order(window), (std::vector<QWidget*>{first, middle, beside, last}));
    middle->setEnabled(false);
    EXPECT_EQ(spoken::in_order(window), (std::vector<QWidget*>{first, beside, last}));
}
