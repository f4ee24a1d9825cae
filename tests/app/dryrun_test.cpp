// The Dry run by keys and mouse: walk to a finding, see its fix, take it, undo it; keep one as it is; take another order; confirm what was
// worked out; lay out the kit; put right what a line orders.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QFileInfo>
#include <QInputDialog>
#include <QScrollBar>

#include "app/dryrun/dryrun_station.h"
#include "app/dryrun/kit_dialog.h"
#include "app/dryrun/relations_dialog.h"
#include "app/dryrun/thread_layout.h"
#include "app/issue/issue_station.h"
#include "app/sheet/orders_dialog.h"
#include "app/sheet/sheet_station.h"
#include "core/dryrun/dry_run.h"
#include "core/review/open_points.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::MainWindow;
using anagraph::testing::OnDemoGuide;
using anagraph::testing::shown;
using anagraph::testing::when_asked;

namespace {

constexpr const char* kForklift = "tolvane-30-forklift-axle-oil-and-wheel-bearings";

class DryRunKeys : public OnDemoGuide {
protected:
    DryRunStation& station() { return (*w)->dry_run(); }
    void open_forklift() {
        ASSERT_TRUE(session().open_guide(store::GuideId(kForklift)));
        (*w)->go(MainWindow::DryRun);
    }
    void choose(core::OrderRule rule) {
        const auto& found = station().view().shown().findings;
        for (std::size_t i = 0; i < found.size(); ++i)
            if (found[i].rule == rule) station().list().setCurrentRow(static_cast<int>(i));
        ASSERT_TRUE(QTest::qWaitFor([&] { return !station().looking_for_fix(); }, 60000));
    }
    std::size_t count() { return station().view().shown().findings.size(); }
    bool finds(core::OrderRule rule) {
        const auto& found = station().view().shown().findings;
        return std::any_of(found.begin(), found.end(), [&](const core::OrderFinding& f) { return f.rule == rule; });
    }
    QString side() {
        QString out;
        for (const auto* l : station().findChildren<QLabel*>())
            if (l->isVisible()) out += l->text() + QLatin1Char('\n');
        return out;
    }
};

}  // namespace

TEST_F(DryRunKeys, AFindingIsWalkedToItsFixSeenTakenAndUndone) {
    open_forklift();
    EXPECT_EQ(count(), 8U);
    const auto before = guide();
    w->key(Qt::Key_F4);
    w->key(Qt::Key_F4);
    EXPECT_EQ(station().in_hand(), Hand::Finding);
    choose(core::OrderRule::OldSeal);
    EXPECT_TRUE(side().contains("Step 5 gains: Replace the drain plug washer.")) << side().toStdString();
    ASSERT_NE(shown(station(), "Take fix"), nullptr);
    w->key(Qt::Key_T);
    EXPECT_FALSE(finds(core::OrderRule::OldSeal));
    EXPECT_EQ(count(), 7U);
    const auto* plug = guide().find(core::StepId("plug"));
    EXPECT_EQ(plug->lines.front(), "Replace the {item:washer}.");
    EXPECT_EQ(plug->actions.front().verb, "replace");
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(guide(), before);
    EXPECT_TRUE(finds(core::OrderRule::OldSeal));
}

TEST_F(DryRunKeys, EnterGoesToTheLineOnTheSheetWhereTheFindingStandsToo) {
    open_forklift();
    choose(core::OrderRule::Overfilled);
    w->key(Qt::Key_Return);
    EXPECT_EQ((*w)->rail().current(), static_cast<int>(MainWindow::Sheet));
    EXPECT_EQ(session().step(), core::StepId("fill"));
    QTest::qWait(900);  // until the Sheet has read it
    auto* card = (*w)->sheet().card(5);
    ASSERT_NE(card, nullptr);
    EXPECT_EQ(card->line_in_hand(), 1);
    QString notes;
    for (const auto* l : card->findChildren<QLabel*>())
        if (l->isVisible()) notes += l->text();
    EXPECT_TRUE(notes.contains("Dry run:")) << notes.toStdString();
    EXPECT_TRUE(notes.contains("3.6 L is what goes in again"));
}

TEST_F(DryRunKeys, AFindingIsKeptAsItIsWithAReasonAndAskedAgain) {
    open_forklift();
    choose(core::OrderRule::VesselTooSmall);
    when_asked<QInputDialog>([](QInputDialog* d) {
        d->setTextValue("a second pan stands beside it");
        d->accept();
    });
    w->key(Qt::Key_A, Qt::AltModifier);
    EXPECT_FALSE(finds(core::OrderRule::VesselTooSmall));
    const auto& answered = guide().find(core::StepId("drain"))->answered;
    ASSERT_EQ(answered.size(), 1U);
    EXPECT_EQ(answered[0].because, "a second pan stands beside it");
    station().list().setCurrentRow(station().list().count() - 1);
    ASSERT_EQ(station().in_hand(), Hand::Answered);
    w->key(Qt::Key_A);
    EXPECT_TRUE(finds(core::OrderRule::VesselTooSmall));
}

TEST_F(DryRunKeys, WhatStopsAGuideIsCountedAndStopsItsIssueUntilItIsKept) {
    open_forklift();
    const auto stops = [&] {
        int n = 0;
        for (const auto& r : core::reasons_not_to_issue(guide())) n += QString::fromStdString(r).contains("washer") ? 1 : 0;
        return n;
    };
    EXPECT_EQ(stops(), 1);
    EXPECT_EQ((*w)->rail().stops()[MainWindow::DryRun].open, 8);
    choose(core::OrderRule::OldSeal);
    when_asked<QInputDialog>([](QInputDialog* d) {
        d->setTextValue("the washer was renewed last week");
        d->accept();
    });
    w->key(Qt::Key_A, Qt::AltModifier);
    EXPECT_EQ(stops(), 0);
    EXPECT_EQ((*w)->rail().stops()[MainWindow::DryRun].open, 7);
}

TEST_F(DryRunKeys, ARightGuideShowsItsPlanAndAnotherOrderIsTakenAndUndone) {
    (*w)->go(MainWindow::DryRun);
    ASSERT_TRUE(QTest::qWaitFor([&] { return station().planned(); }, 60000));
    EXPECT_EQ(count(), 0U);
    ASSERT_TRUE(station().plan()->suggestion);
    const auto before = guide();
    const auto seconds = station().plan()->seconds;
    station().list().setCurrentRow(0);
    ASSERT_EQ(station().in_hand(), Hand::Suggestion);
    w->key(Qt::Key_O);
    EXPECT_NE(guide(), before);
    ASSERT_TRUE(QTest::qWaitFor([&] { return station().planned(); }, 60000));
    EXPECT_EQ(station().plan()->as_written, seconds);
    EXPECT_FALSE(station().plan()->suggestion);
    EXPECT_EQ(count(), 0U) << "the new order works";
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(guide(), before);
}

TEST_F(DryRunKeys, ForTwoPeopleItIsNoLonger) {
    (*w)->go(MainWindow::DryRun);
    ASSERT_TRUE(QTest::qWaitFor([&] { return station().planned(); }, 60000));
    const auto one = station().plan()->seconds;
    w->key(Qt::Key_W);
    ASSERT_TRUE(QTest::qWaitFor([&] { return station().planned(); }, 60000));
    EXPECT_EQ(station().plan()->people, 2);
    EXPECT_LE(station().plan()->seconds, one);
    EXPECT_NE(shown(station(), "Plan for one"), nullptr);
}

TEST_F(DryRunKeys, WhatWasWorkedOutIsConfirmedOrDeniedByAKey) {
    (*w)->go(MainWindow::DryRun);
    ASSERT_TRUE(QTest::qWaitFor([&] { return station().planned(); }, 60000));
    const auto to_fact = [&] {
        for (int i = 0; i < station().list().count(); ++i) {
            station().list().setCurrentRow(i);
            if (station().in_hand() == Hand::WorkedOut) return true;
        }
        return false;
    };
    ASSERT_TRUE(to_fact());
    const auto rows = station().list().count();
    w->key(Qt::Key_C);
    ASSERT_TRUE(QTest::qWaitFor([&] { return station().planned(); }, 60000));
    EXPECT_EQ(station().list().count(), rows - 1);
    EXPECT_EQ(guide().find(core::ItemId("washer"))->renew, core::Renewal::EachTime);
    ASSERT_TRUE(to_fact());
    w->key(Qt::Key_N);
    EXPECT_EQ(guide().find(core::ItemId("oil"))->none_of, std::vector<std::string>{"total"});
}

TEST_F(DryRunKeys, ThePictureIsStoodOnPlayedAndClicked) {
    (*w)->go(MainWindow::DryRun);
    auto& view = station().view();
    view.setFocus();
    view.stand_on({3, 1});
    EXPECT_TRUE(view.told().contains("drain plug")) << view.told().toStdString();
    w->key(Qt::Key_Home);
    EXPECT_EQ(view.place().step, 0);
    QTest::keyPress(&view, Qt::Key_Space);
    EXPECT_TRUE(view.playing());
    EXPECT_TRUE(QTest::qWaitFor([&] { return view.place().step > 0; }, 20000));
    QTest::keyRelease(&view, Qt::Key_Space);
    EXPECT_FALSE(view.playing());
    w->key(Qt::Key_End);
    EXPECT_EQ(view.place().step, 13);
    EXPECT_TRUE(view.told().contains("nothing lies beside it")) << view.told().toStdString();
    const auto y = view.layout().row_top(2) + 10 - view.verticalScrollBar()->value();
    QTest::mouseClick(view.viewport(), Qt::LeftButton, {}, QPoint(60, static_cast<int>(y)));
    EXPECT_EQ(view.place().step, 2);
    EXPECT_EQ(session().step(), guide().steps[2].id) << "the stations agree on the step in hand";
    open_forklift();
    choose(core::OrderRule::LeftLoose);
    const auto& found = view.shown().findings;
    for (std::size_t i = 0; i < found.size(); ++i)
        if (found[i].rule == core::OrderRule::OldSeal) {
            station().view().stand_on({0, 0});
            QTest::mouseClick(view.viewport(), Qt::LeftButton, {}, view.mark_of(static_cast<int>(i)).center().toPoint());
            EXPECT_EQ(view.finding(), static_cast<int>(i));
            EXPECT_EQ(station().list().currentRow(), static_cast<int>(i));
        }
}

TEST_F(DryRunKeys, AStepIsGivenItsTimeAndKeptInPlace) {
    (*w)->go(MainWindow::DryRun);
    station().view().stand_on({4, 0.5});
    when_asked<QInputDialog>([](QInputDialog* d) {
        d->setTextValue("7 min");
        d->accept();
    });
    w->key(Qt::Key_M);
    EXPECT_EQ(guide().steps[4].hands.low, "7");
    w->key(Qt::Key_F);
    EXPECT_TRUE(guide().steps[4].pinned);
    when_asked<QInputDialog>([](QInputDialog* d) {
        d->setTextValue("7 Nm");
        d->accept();
    });
    w->key(Qt::Key_M);
    EXPECT_EQ(guide().steps[4].hands.unit, "min");
    EXPECT_FALSE((*w)->notice().isEmpty());
    station().view().stand_on({3, 0.5});
    w->key(Qt::Key_H);
    EXPECT_TRUE(guide().steps[3].waits.front().attended);
}

TEST_F(DryRunKeys, RelationsOfItemsAreSetInADialog) {
    (*w)->go(MainWindow::DryRun);
    when_asked<RelationsDialog>([](RelationsDialog* d) {
        auto* item = d->findChildren<QComboBox*>().first();
        item->setCurrentIndex(item->findText("dipstick"));
        for (auto* list : d->findChildren<QListWidget*>())
            if (list->isVisible() && list->accessibleName() == "Lies behind") list->item(0)->setCheckState(Qt::Checked);
        d->accept();
    });
    w->key(Qt::Key_I);
    EXPECT_EQ(guide().find(core::ItemId("dipstick"))->behind, std::vector<core::ItemId>{guide().items.front().id});
}

TEST_F(DryRunKeys, TheKitIsAListToTickAndPrinted) {
    (*w)->go(MainWindow::DryRun);
    const QString file = QString::fromStdString(scratch / "kit.pdf");
    when_asked<KitDialog>([file](KitDialog* d) {
        EXPECT_TRUE(d->words().contains("torque wrench"));
        EXPECT_TRUE(d->words().contains("2 × 1 L")) << d->words().toStdString();
        EXPECT_TRUE(d->print_into(file));
        EXPECT_FALSE(d->print_into(QStringLiteral("/no/such/folder/kit.pdf")));
        EXPECT_FALSE(d->trouble().isEmpty());
        d->reject();
    });
    w->key(Qt::Key_K);
    EXPECT_GT(QFileInfo(file).size(), 1000);
}

TEST_F(DryRunKeys, WhatALineOrdersIsPutRightOnTheSheet) {
    (*w)->go(MainWindow::Sheet);
    session().set_step(core::StepId("drain"));
    StepCard* card = nullptr;
    for (std::size_t i = 0; i < guide().steps.size(); ++i)
        if ((*w)->sheet().card(i)->step() == core::StepId("drain")) card = (*w)->sheet().card(i);
    ASSERT_NE(card, nullptr);
    EXPECT_EQ(card->orders_of(0), "place drain pan");
    EXPECT_EQ(card->orders_of(2), "") << "it names nothing";
    card->focus_line(2);
    when_asked<OrdersDialog>([](OrdersDialog* d) {
        QTest::keyClick(d, Qt::Key_A, Qt::AltModifier);
        auto* verb = d->findChildren<QComboBox*>().first();
        verb->setCurrentIndex(verb->findText("loosen"));
        emit verb->activated(verb->currentIndex());
        for (auto* list : d->findChildren<QListWidget*>())
            if (list->accessibleName() == "Done to")
                for (int i = 0; i < list->count(); ++i)
                    if (list->item(i)->text() == "drain plug") list->item(i)->setCheckState(Qt::Checked);
        d->accept();
    });
    w->key(Qt::Key_E, Qt::AltModifier);
    EXPECT_EQ(card->orders_of(2), "● loosen drain plug");
    const auto& s = *guide().find(core::StepId("drain"));
    ASSERT_EQ(s.put_right.size(), 1U);
    EXPECT_EQ(s.actions[2].verb, "loosen");
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(guide().find(core::StepId("drain"))->put_right.empty());
}

TEST_F(DryRunKeys, AnotherGuideIsOpenedWhileALineIsInHand) {
    (*w)->go(MainWindow::Sheet);
    (*w)->sheet().card(3)->focus_line(0);
    ASSERT_TRUE(session().open_guide(store::GuideId(kForklift)));
    QTest::qWait(50);
    EXPECT_EQ((*w)->sheet().card(0)->step(), core::StepId("park"));
}

TEST(ThreadLayout, HasAColumnForEachThreadAndTimeRunsDown) {
    core::Threads t;
    t.steps = {core::StepId("a"), core::StepId("b"), core::StepId("c")};
    t.threads = {{core::ItemId("x"), "x", core::ItemKind::Part, core::Sits::Tight, {}},
        {core::ItemId("y"), "y", core::ItemKind::Part, core::Sits::Tight, {}}};
    t.fluids = {{core::ItemId("oil"), "oil", 1, 1, {}}};
    core::Plan plan;
    plan.seconds = 300;
    plan.order = {core::StepId("c"), core::StepId("a"), core::StepId("b")};
    plan.moved = {core::StepId("c")};
    using Part = core::PlannedTask::Part;
    plan.tasks = {{core::StepId("c"), Part::Hands, 0, 100, 0}, {core::StepId("a"), Part::Hands, 100, 200, 0},
        {core::StepId("a"), Part::Wait, 200, 300, -1}, {core::StepId("b"), Part::Hands, 200, 300, 0}};
    ThreadMetrics m;
    const auto out = thread_layout(t, &plan, m);
    ASSERT_EQ(out.threads.size(), 2U);
    EXPECT_LT(out.band, out.threads[0]);
    EXPECT_LT(out.threads[0], out.threads[1]);
    EXPECT_LT(out.threads[1], out.fluids[0]);
    EXPECT_LT(out.fluids[0], out.plan_left);
    EXPECT_DOUBLE_EQ(out.y({1, 0.5}), out.row_top(1) + m.row / 2);
    EXPECT_EQ(out.down_at(out.y({2, 0.25})).step, 2);
    EXPECT_NEAR(out.down_at(out.y({2, 0.25})).at, 0.25, 1e-9);
    EXPECT_EQ(out.down_at(-50).step, 0);
    EXPECT_EQ(out.down_at(1e6).step, 2);
    ASSERT_EQ(out.blocks.size(), 4U);
    EXPECT_LT(out.blocks[0].box.bottom(), out.blocks[1].box.top() + 1);
    EXPECT_GT(out.blocks[2].box.left(), out.blocks[3].box.left()) << "waits stand beside the hands";
    EXPECT_TRUE(out.blocks[0].moved) << "c comes first";
    EXPECT_FALSE(out.blocks[1].moved);
    EXPECT_DOUBLE_EQ(out.blocks[3].box.top(), m.head + 200 * out.pixels_per_second);
}

TEST(ThreadLayout, ManyThreadsNeedMoreRoomThanThereIs) {
    core::Threads t;
    t.steps = {core::StepId("a")};
    for (int i = 0; i < 60; ++i)
        t.threads.push_back({core::ItemId("x" + std::to_string(i)), "x", core::ItemKind::Part, core::Sits::Tight, {}});
    const auto out = thread_layout(t, nullptr, {});
    EXPECT_GT(out.width, ThreadMetrics().width);
    EXPECT_GE(out.threads[1] - out.threads[0], kLeastBetweenThreads);
    EXPECT_TRUE(thread_layout({}, nullptr, {}).threads.empty());
}
