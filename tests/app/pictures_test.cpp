// Whole pictures on the Plates, by keys and by mouse: the sharpest still, its care, a right/wrong pair, the order parts came
// off, callouts that follow, the clip trimmed to the frame.
#include <gtest/gtest.h>

#include <QMenu>
#include <QMessageBox>
#include <QSpinBox>

#include "app/plates/care_dialog.h"
#include "app/plates/clip_dialog.h"
#include "app/plates/plates_station.h"
#include "app/plates/still_dialog.h"
#include "core/review/open_points.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::MainWindow;
using anagraph::testing::when_asked;

namespace {

class OnPictures : public anagraph::testing::OnDemoGuide {
protected:
    void SetUp() override {
        OnDemoGuide::SetUp();
        go_to("drain");
    }
    void go_to(const char* id) {
        step_ = id;
        session().set_step(core::StepId(id));
        (*w)->go(MainWindow::Sheet);
        (*w)->go(MainWindow::Plates);
        ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 60000));
        (*w)->plates().view().setFocus();
    }
    const core::Step& step() { return *guide().find(core::StepId(step_)); }
    const core::Plate& plate(std::size_t i = 0) { return step().plates[i]; }
    const LoadedRecording& recording() { return *session().recording(plate().recording); }
    /// Goes down the next menu to the entry that says this, and takes it.
    static void choose(const char* words) {
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [timer, words] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (menu == nullptr) return;
            timer->deleteLater();
            for (int i = 0; i < menu->actions().size(); ++i) {
                QTest::keyClick(menu, Qt::Key_Down);
                if (menu->activeAction() != nullptr &&
                    menu->activeAction()->text().remove(QLatin1Char('&')).startsWith(QLatin1String(words)))
                    break;
            }
            QTest::keyClick(menu, Qt::Key_Return);
        });
        timer->start(50);
    }
    std::string step_;
};

}  // namespace

TEST_F(OnPictures, TheSharpestFrameIsOfferedAndTaken) {
    const auto before = plate().at;
    core::FrameTime offered;
    when_asked<StillDialog>([&](StillDialog* d) {
        ASSERT_TRUE(QTest::qWaitFor([&] { return d->ready(); }, 60000));
        offered = d->chosen();
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_K);
    EXPECT_EQ(plate().at, offered);
    EXPECT_LE(std::abs(offered.seconds() - before.seconds()), 0.61);
    if (offered != before) {
        w->key(Qt::Key_Z, Qt::ControlModifier);
        EXPECT_EQ(plate().at, before);
    }
}

TEST_F(OnPictures, APartIsCutOutByMouseAndAnotherHiddenByNumbers) {
    const auto callouts = plate().callouts.size();
    when_asked<CareDialog>([](CareDialog* d) {
        auto* view = d->findChild<CareView*>();
        QTest::mousePress(view, Qt::LeftButton, Qt::NoModifier, view->rect().center() - QPoint(200, 100));
        QTest::mouseMove(view, view->rect().center() + QPoint(150, 90));
        QTest::mouseRelease(view, Qt::LeftButton, Qt::NoModifier, view->rect().center() + QPoint(150, 90));
        EXPECT_FALSE(d->care().crop.whole());
        for (auto* b : d->findChildren<QPushButton*>())
            if (b->text().contains("Add")) QTest::keyClick(b, Qt::Key_Space);
        ASSERT_EQ(d->care().hidden.size(), 1U);
        for (auto* box : d->findChildren<QSpinBox*>())
            if (box->accessibleName() == "Hidden, left") box->setValue(45);
        EXPECT_EQ(d->care().hidden[0].left, 4500);
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_X);
    EXPECT_FALSE(plate().care.crop.whole());
    EXPECT_EQ(plate().care.hidden.size(), 1U);
    EXPECT_LE(plate().callouts.size(), callouts);
    ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 60000));
    EXPECT_LT((*w)->plates().view().still().width(), 1280);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(plate().care.empty());
    EXPECT_EQ(plate().callouts.size(), callouts);
}

TEST_F(OnPictures, ARightAndAWrongPictureAreMadeAPairAndPartedAgain) {
    const auto open = [&](const char* words) {
        const auto points = core::open_points(guide());
        return std::any_of(
            points.begin(), points.end(), [&](const core::OpenPoint& p) { return p.text.english().find(words) != std::string::npos; });
    };
    go_to("canister");
    choose("this is right");
    w->key(Qt::Key_D);
    ASSERT_EQ(step().plates.size(), 2U);
    EXPECT_EQ(plate(0).role, core::PairRole::Right);
    EXPECT_EQ(plate(1).role, core::PairRole::Wrong);
    EXPECT_TRUE(open("same frame")) << "the second picture has to be found";
    // the second one is in hand: another frame is chosen for it
    for (int i = 0; i < 5; ++i) w->key(Qt::Key_Comma);
    EXPECT_LT(plate(1).at, plate(0).at);
    EXPECT_FALSE(open("same frame"));
    EXPECT_TRUE((*w)->plates().other_view().isVisible());
    choose("Look here");
    w->key(Qt::Key_M);
    ASSERT_EQ(plate(1).marks.size(), 1U) << "what differs is marked";
    // the other one is taken in hand by the mouse
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->plates().other_view().still().isNull(); }, 60000));
    QTest::mouseClick(
        &(*w)->plates().other_view(), Qt::LeftButton, Qt::NoModifier, (*w)->plates().other_view().to_widget({9800, 300}).toPoint());
    (*w)->plates().view().setFocus();
    choose("two pictures");
    w->key(Qt::Key_D);
    EXPECT_EQ(plate(0).role, core::PairRole::None);
    EXPECT_EQ(plate(1).role, core::PairRole::None);
}

TEST_F(OnPictures, PartsComeOffInAnOrderAndADetailIsMagnified) {
    w->key(Qt::Key_O);
    EXPECT_TRUE((*w)->notice().contains("callout"));
    w->key(Qt::Key_N);
    w->key(Qt::Key_O);
    w->key(Qt::Key_N);
    w->key(Qt::Key_O);
    ASSERT_EQ(plate().off_order.size(), 2U);
    EXPECT_EQ(plate().off_order[0], plate().callouts[0].item);
    w->key(Qt::Key_O);
    EXPECT_EQ(plate().off_order.size(), 1U) << "named once more it is taken out";
    w->key(Qt::Key_N);
    const auto third = plate().callouts[*(*w)->plates().view().selected()].item;
    w->key(Qt::Key_O);
    w->key(Qt::Key_Delete);
    EXPECT_EQ(std::count(plate().off_order.begin(), plate().off_order.end(), third), 0) << "a callout that is gone came off nowhere";
    // by its letter, which is a key of the station as well
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, timer, [timer] {
        auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
        if (menu == nullptr) return;
        timer->deleteLater();
        QTest::keyClick(menu, Qt::Key_M);
    });
    timer->start(50);
    QTimer::singleShot(20000, qApp, [] {
        while (auto* open = QApplication::activePopupWidget()) open->close();
    });
    w->key(Qt::Key_M);
    ASSERT_EQ(plate().marks.size(), 1U);
    EXPECT_EQ(plate().marks[0].sign, core::PlateSign::Magnify);
    (*w)->plates().view().grab();  // draws the glass
}

TEST_F(OnPictures, CalloutsFollowFromThePlateBefore) {
    // a second plate a few frames on, with nothing on it yet
    core::Step s = step();
    core::Plate next{
        core::PlateId("later"), plate().recording, recording().index.times[recording().index.frame_at(plate().at) + 3], "", {}};
    s.plates.insert(s.plates.begin() + 1, next);
    ASSERT_TRUE(session().perform(core::Change{"a plate", {core::Put<core::Step>{s, std::nullopt}}}));
    auto* list = (*w)->plates().findChild<QListWidget*>();
    for (int i = 0; i < list->count(); ++i)
        if (list->item(i)->data(Qt::UserRole).toString() == "later") list->setCurrentRow(i);
    ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 60000));
    (*w)->plates().view().setFocus();
    when_asked<QMessageBox>([](QMessageBox* box) {
        EXPECT_TRUE(box->text().contains("level plug"));
        QTest::keyClick(box, Qt::Key_Y, Qt::AltModifier);
    });
    w->key(Qt::Key_A);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !plate(1).callouts.empty(); }, 60000)) << "looked for beside the window";
    const auto find = [](const core::Plate& p) {
        return *std::find_if(
            p.callouts.begin(), p.callouts.end(), [](const core::Callout& c) { return c.item == core::ItemId("level-plug"); });
    };
    EXPECT_NEAR(find(plate(1)).target.x, find(plate(0)).target.x, 400);
    EXPECT_NEAR(find(plate(1)).target.y, find(plate(0)).target.y, 400);
}

TEST_F(OnPictures, WhatTellsAFastenerApartIsSaidOnceAndStandsInTheWordsOfTheMap) {
    go_to("refit-cover");
    for (auto* items : (*w)->plates().findChildren<QListWidget*>())
        for (int i = 0; items->accessibleName() == "Items" && i < items->count(); ++i)
            if (items->item(i)->data(Qt::UserRole).toString() == "black-bolts") items->setCurrentRow(i);
    when_asked<QDialog>([](QDialog* d) {
        anagraph::testing::fill(*d, "plain; none; empty: not known", "spring");
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_E, Qt::ControlModifier);
    EXPECT_EQ(guide().find(core::ItemId("black-bolts"))->fastening.washer, "spring");
    const auto told = [&] {
        QStringList words;
        for (auto* label : (*w)->plates().findChildren<QLabel*>()) words << label->text();
        return words.join(' ');
    };
    EXPECT_TRUE(told().contains("40 mm long, head hexagon, 10 mm across flats, washer spring")) << told().toStdString();
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(told().contains("no washer"));
}

TEST_F(OnPictures, AClipIsTrimmedToTheFrameSlowedAndDrawnOn) {
    const auto before = *step().clip;
    const auto& times = recording().index.times;
    const auto first = recording().index.frame_at(before.take.from);
    when_asked<ClipDialog>([&](ClipDialog* d) {
        const auto at = [&](std::size_t frame) {
            return QTest::qWaitFor([&] { return d->film().frame() == frame && !d->film().settling(); }, 60000);
        };
        ASSERT_TRUE(at(first));
        for (int i = 0; i < 4; ++i) QTest::keyClick(d, Qt::Key_Right);
        ASSERT_TRUE(at(first + 4));
        QTest::keyClick(d, Qt::Key_BracketLeft);
        for (int i = 0; i < 20; ++i) QTest::keyClick(d, Qt::Key_Right);
        ASSERT_TRUE(at(first + 24));
        QTest::keyClick(d, Qt::Key_BracketRight);
        QTest::keyClick(d, Qt::Key_P);
        QTest::keyClick(d, Qt::Key_S);
        QTest::keyClick(d, Qt::Key_N);
        EXPECT_EQ(d->clip().slower, 2);
        EXPECT_TRUE(d->clip().silent);
        QTest::keyClick(d, Qt::Key_Home);
        ASSERT_TRUE(at(first + 4));
        choose("Pull");
        QTest::keyClick(d, Qt::Key_M);
        // placed by the mouse, its far end by a drag
        auto* overlay = d->film().findChild<QWidget*>();
        const QRectF r = d->film().picture_rect();
        QTest::mousePress(
            overlay, Qt::LeftButton, Qt::NoModifier, QPointF(r.left() + r.width() * 0.25, r.top() + r.height() * 0.5).toPoint());
        EXPECT_NEAR(d->clip().marks.back().mark.at.x, 2500, 60);
        QTest::keyClick(d, Qt::Key_Right, Qt::AltModifier);
        EXPECT_NEAR(d->clip().marks.back().mark.at.x, 2650, 60);
        ASSERT_TRUE(QTest::qWaitFor([&] { return d->bytes() > 0; }, 120000)) << "the size is measured";
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_G);
    ASSERT_TRUE(step().clip);
    EXPECT_EQ(step().clip->take.from, times[first + 4]);
    EXPECT_EQ(step().clip->take.to, times[first + 25]) << "the frame in hand is the last one shown";
    EXPECT_EQ(step().clip->poster, times[first + 24]);
    EXPECT_EQ(step().clip->marks.back().mark.sign, core::PlateSign::Pull);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(*step().clip, before);
}

TEST_F(OnPictures, APlateIsForOneVariant) {
    choose("PT60-T only");
    w->key(Qt::Key_V);
    EXPECT_EQ(plate().variants, std::vector<std::string>{"PT60-T"});
}
