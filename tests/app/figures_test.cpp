// The Figures worked out by keys: the house rule, not found, joining and parting, wrenches, filling, mixture, order.
#include <gtest/gtest.h>

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSlider>
#include <QSpinBox>

#include "app/figures/details_dialog.h"
#include "app/figures/figures_station.h"
#include "app/figures/fill_panel.h"
#include "app/figures/mixture_panel.h"
#include "app/figures/sequence_panel.h"
#include "app/figures/work_out.h"
#include "app/theme/theme.h"
#include "app/figures/wrench_panel.h"
#include "app/house/house_dialog.h"
#include "core/figure/evidence.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::fill;
using anagraph::testing::MainWindow;
using anagraph::testing::when_asked;

namespace {

class FiguresWorkedOut : public anagraph::testing::OnDemoGuide {
protected:
    void SetUp() override {
        OnDemoGuide::SetUp();
        (*w)->go(MainWindow::Figures);
    }
    void choose(const char* id) { (*w)->figures().choose(core::FigureId(id)); }
    /// Opens what works the chosen figure out and hands it over; it is closed by Escape.
    void work_out(const std::function<void(WorkOut&)>& look) {
        bool looked = false;
        when_asked<WorkOut>([&](WorkOut* dialog) {
            look(*dialog);
            looked = true;
            QTest::keyClick(dialog, Qt::Key_Escape);
        });
        w->key(Qt::Key_W);
        EXPECT_TRUE(looked);
    }
    static bool says(QWidget& where, const char* words) {
        for (const auto* label : where.findChildren<QLabel*>())
            if (label->text().contains(QString::fromUtf8(words))) return true;
        return false;
    }
};

}  // namespace

TEST_F(FiguresWorkedOut, TheHouseRuleSettlesADisputeAndCanBeTakenBack) {
    choose("refill");
    const auto refill = [&] { return *guide().find(core::FigureId("refill")); };
    ASSERT_EQ(core::standing_of(refill()), core::Standing::Disputed);
    w->key(Qt::Key_R);
    EXPECT_EQ(core::standing_of(refill()), core::Standing::Proved);
    EXPECT_NE(refill().settled.find("house rule"), std::string::npos);
    EXPECT_NE(refill().settled.find("the maker's book over"), std::string::npos);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(core::standing_of(refill()), core::Standing::Disputed);
}

TEST_F(FiguresWorkedOut, TheHouseRuleCannotProveWhatIsOnlySaid) {
    core::Figure f = *guide().find(core::FigureId("refill"));
    f.proofs.clear();
    ASSERT_TRUE((*w)->session().perform(core::Change{"take the sources away", {core::Put<core::Figure>{f, std::nullopt}}}));
    choose("refill");
    w->key(Qt::Key_R);
    EXPECT_EQ(core::standing_of(*guide().find(core::FigureId("refill"))), core::Standing::Open);
    EXPECT_TRUE((*w)->notice().contains("proves nothing"));
}

TEST_F(FiguresWorkedOut, NotFoundIsWrittenDownWithWhere) {
    choose("breather-torque");
    when_asked<QInputDialog>([](QInputDialog* dialog) {
        QTest::keyClicks(dialog->findChild<QLineEdit*>(), "label on the breather");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_X);
    const auto& f = *guide().find(core::FigureId("breather-torque"));
    ASSERT_EQ(f.looked.size(), 2U);
    EXPECT_EQ(f.looked.back().where, "label on the breather");
    EXPECT_EQ(f.looked.back().who, "author");
    EXPECT_FALSE(f.value.known());
    when_asked<QInputDialog>([](QInputDialog* dialog) { QTest::keyClick(dialog, Qt::Key_Return); });
    w->key(Qt::Key_X);
    EXPECT_EQ(guide().find(core::FigureId("breather-torque"))->looked.size(), 2U);
    EXPECT_TRUE((*w)->notice().contains("where"));
}

TEST_F(FiguresWorkedOut, ClaimsArePartedAndJoinedAgain) {
    choose("drain-torque");
    const auto count = guide().figures.size();
    const auto claims = guide().find(core::FigureId("drain-torque"))->claims.size();
    ASSERT_GE(claims, 2U);
    w->key(Qt::Key_P);
    ASSERT_EQ(guide().figures.size(), count + 1) << (*w)->notice().toStdString();
    EXPECT_EQ(guide().find(core::FigureId("drain-torque"))->claims.size(), claims - 1);
    choose("drain-torque");
    when_asked<QInputDialog>([](QInputDialog* dialog) { QTest::keyClick(dialog, Qt::Key_Return); });  // the first offered
    w->key(Qt::Key_J);
    EXPECT_EQ(guide().figures.size(), count);
}

TEST_F(FiguresWorkedOut, TheWrenchThatWillDoStandsFirstAndAnExtensionChangesItsSetting) {
    choose("drain-torque");
    work_out([&](WorkOut& dialog) {
        auto* scales = dialog.findChild<WrenchScales*>();
        ASSERT_NE(scales, nullptr);
        ASSERT_NE(scales->wrench(), nullptr);
        EXPECT_TRUE(scales->words().contains("Set 25 N·m")) << scales->words().toStdString();
        auto* extension = dialog.findChild<QLineEdit*>();
        QTest::keyClicks(extension, "60");
        EXPECT_FALSE(scales->words().contains("Set 25 N·m")) << scales->words().toStdString();
        // to the last one, which is out of its range
        scales->setFocus();
        for (int i = 0; i < 6; ++i) QTest::keyClick(scales, Qt::Key_Down);
        EXPECT_TRUE(scales->words().contains("smaller") || scales->words().contains("calibration")) << scales->words().toStdString();
    });
}

TEST_F(FiguresWorkedOut, AWrenchIsWrittenDownForAllGuidesAndTakenAwayAgain) {
    choose("drain-torque");
    const auto wrenches = [&] { return (*w)->session().library().house()->wrenches.size(); };
    const auto before = wrenches();
    work_out([&](WorkOut& dialog) {
        when_asked<QDialog>([](QDialog* form) {
            if (qobject_cast<WorkOut*>(form) != nullptr) return;
            const auto fields = form->findChildren<QLineEdit*>();
            QTest::keyClick(form, Qt::Key_Return);  // nothing is filled in: it says so and stays
            EXPECT_TRUE(form->isVisible());
            const char* words[] = {"borrowed", "Nm", "10", "50", "10", "1", "4", "300", "3/8 in", "2026-01-05", "2027-01-05"};
            for (int i = 0; i < fields.size() && i < 11; ++i) fields[i]->setText(QString::fromUtf8(words[i]));
            QTest::keyClick(form, Qt::Key_Return);
        });
        QTest::keyClick(&dialog, Qt::Key_N);
        EXPECT_EQ(wrenches(), before + 1);
        auto* scales = dialog.findChild<WrenchScales*>();
        QApplication::setActiveWindow(&dialog);
        scales->setFocus();
        QTest::keyClick(scales, Qt::Key_Delete);
        EXPECT_EQ(wrenches(), before);
    });
}

TEST_F(FiguresWorkedOut, TheFillingPlanFollowsFromTheGuidesOwnFigures) {
    choose("refill");
    work_out([&](WorkOut& dialog) {
        EXPECT_TRUE(says(dialog, "Pour 1.4 L")) << "the first pour";
        EXPECT_TRUE(says(dialog, "1.7 L (1.8 US qt) in all"));
        EXPECT_TRUE(says(dialog, "the opened 0.4 L of gear oil"));
        auto* reading = dialog.findChild<QSlider*>();
        reading->setValue(33);
        EXPECT_TRUE(says(dialog, "add 0.17 L"));
        reading->setValue(120);
        EXPECT_TRUE(says(dialog, "draw off 50 mL"));
        for (const auto* l : dialog.findChildren<QLabel*>())
            EXPECT_TRUE(!l->text().contains("<b>") || l->textFormat() == Qt::RichText)
                << "its signs would be read: " << l->text().toStdString();
        // a contradiction is said, not reckoned with
        auto* total = dialog.findChildren<QLineEdit*>().front();
        total->setText(QStringLiteral("1.5 L"));
        EXPECT_TRUE(says(dialog, "cannot be"));
        total->setText(QStringLiteral("plenty"));
        EXPECT_TRUE(says(dialog, "is no number"));
    });
    work_out([&](WorkOut& dialog) {
        EXPECT_TRUE(says(dialog, "The vessel of 3 L takes all 1.7 L")) << "the guide's own pan";
        EXPECT_TRUE(says(dialog, "dipstick resting, not screwed in")) << "how its level is read";
        dialog.findChild<QSpinBox*>()->setValue(3);
        EXPECT_TRUE(says(dialog, "For 3 machines:"));
        EXPECT_TRUE(says(dialog, "does not take 5.1 L")) << "the pan is too small for three";
    });
    // the other variant is worked out with its own total, never with this one's
    choose("refill-t");
    work_out([&](WorkOut& dialog) {
        EXPECT_EQ(dialog.findChildren<QLineEdit*>().front()->text(), "2.6 L");
        EXPECT_TRUE(says(dialog, "2.2 L (2.3 US qt) in all"));
    });
}

TEST_F(FiguresWorkedOut, AMixtureAndAnOrderOfBolts) {
    core::Figure strength;
    strength.id = core::FigureId("strength");
    strength.kind = core::FigureKind::Percent;
    strength.value = {"50", "", "%"};
    ASSERT_TRUE((*w)->session().perform(core::Change{"add a figure", {core::Put<core::Figure>{strength, std::nullopt}}}));
    choose("strength");
    work_out([&](WorkOut& dialog) {
        EXPECT_TRUE(says(dialog, "Fill in all four")) << "nothing is made up";
        fill(dialog, "8 L", "8 L");
        fill(dialog, "35", "35");
        EXPECT_TRUE(says(dialog, "Drain <b>1.8 L (2.0 US qt)</b>"));
        EXPECT_TRUE(says(dialog, "freezes at about"));
        fill(dialog, "2 L", "1 L");
        EXPECT_TRUE(says(dialog, "In the jug, 2 times: concentrate to the mark <b>0.92 L</b>"));
        fill(dialog, "100", "40");
        EXPECT_TRUE(says(dialog, "cannot bring the mixture"));
        fill(dialog, "100", "100");
        auto* way = dialog.findChild<QComboBox*>();
        way->setCurrentIndex(1);
        fill(dialog, "1 L", "1 L");
        EXPECT_TRUE(says(dialog, "there is room for 1"));
        fill(dialog, "1 L", "3 L");
        EXPECT_TRUE(says(dialog, "Pour in <b>2.4 L"));
        way->setCurrentIndex(2);
        fill(dialog, "8 L", "2 L");
        fill(dialog, "1 : 10", "1 : 3");
        fill(dialog, "2 L", "2 L");
        EXPECT_TRUE(says(dialog, "concentrate to the mark <b>0.50 L</b>, then water to the mark <b>2.0 L</b>"));
    });
    choose("canister-turn");
    work_out([&](WorkOut& dialog) { EXPECT_TRUE(says(dialog, "<b>270°</b>: 4 1/2 flats")); });
    choose("zinc-count");
    work_out([&](WorkOut& dialog) { EXPECT_TRUE(says(dialog, "every bolt to <b>8 N·m</b>")) << "the torque of the same item"; });
    choose("cover-count");
    work_out([&](WorkOut& dialog) {
        EXPECT_TRUE(says(dialog, "1, 4, 2, 5, 3, 6"));
        dialog.findChild<QSpinBox*>()->setValue(8);
        EXPECT_TRUE(says(dialog, "1, 5, 3, 7, 2, 6, 4, 8"));
        fill(dialog, "20, then 40, then 60 Nm", "20, then 40 Nm, then 90 deg");
        EXPECT_TRUE(says(dialog, "Pass 2: every bolt to <b>40 N·m</b>"));
        EXPECT_TRUE(says(dialog, "Pass 3: every bolt <b>90°</b> further"));
        EXPECT_TRUE(says(dialog, "used once"));
        fill(dialog, "20, then 40, then 60 Nm", "40, then loosen, then 20, then 60 Nm");
        EXPECT_TRUE(says(dialog, "Pass 2: loosen every bolt again"));
        // bolts placed by hand, with the mouse as by typing
        dialog.findChildren<QComboBox*>().front()->setCurrentIndex(3);
        EXPECT_TRUE(says(dialog, "Click where the bolts sit"));
        auto* panel = dialog.findChild<SequencePanel*>();
        for (const auto& [dx, dy] : {std::pair(-60, -60), std::pair(60, -60), std::pair(60, 60), std::pair(-60, 60), std::pair(0, 0)})
            QTest::mouseClick(
                panel, Qt::LeftButton, Qt::NoModifier, QPoint(350 + (panel->width() - 350) / 2 + dx, panel->height() / 2 + dy));
        EXPECT_TRUE(says(dialog, "numbered as they were placed"));
        EXPECT_TRUE(says(dialog, ": 5,")) << "from the middle outwards";
    });
}

TEST_F(FiguresWorkedOut, EachVariantHasItsOwnAmount) {
    const auto& refill = *guide().find(core::FigureId("refill"));
    EXPECT_EQ(core::text_of(core::figure_for(guide(), refill, "PT60-T")->value), "2.2 L");
    EXPECT_EQ(core::text_of(core::figure_for(guide(), refill, "PT60")->value), "1.7 L");
    EXPECT_EQ(core::text_for_all(guide(), refill), "1.7 L (1.8 US qt) for PT60, 2.2 L (2.3 US qt) for PT60-T");
}

TEST_F(FiguresWorkedOut, TheNextServiceFollowsFromTheGuidesIntervals) {
    choose("interval-hours");
    work_out([&](WorkOut& dialog) {
        EXPECT_TRUE(says(dialog, "Say when it was serviced last"));
        const QByteArray day = theme::text(theme::today() - std::chrono::days(184)).toUtf8();  // shown as an example
        fill(dialog, "202 h, 1200 km", "202 h");
        fill(dialog, day.constData(), "2026-01-10");
        EXPECT_TRUE(says(dialog, "due at <b>302 h</b>"));
        fill(dialog, day.constData(), "2025-01-10");
        EXPECT_TRUE(says(dialog, "Overdue")) << "by the calendar, twelve months on";
        fill(dialog, day.constData(), "yesterday");
        EXPECT_FALSE(says(dialog, "Overdue"));
    });
}

TEST_F(FiguresWorkedOut, TheListShowsWhatTheFilterLetsThrough) {
    auto& list = *(*w)->figures().findChild<FigureList*>();
    const auto all = list.shown().size();
    ASSERT_EQ(all, guide().figures.size());
    w->key(Qt::Key_O);
    EXPECT_LT(list.shown().size(), all);
    for (const auto& id : list.shown()) EXPECT_EQ(core::standing_of(guide(), *guide().find(id)), core::Standing::Open);
    w->key(Qt::Key_Escape);
    EXPECT_EQ(list.shown().size(), all);
    const auto shown = [&](FigureFilter filter) { return figures_shown(guide(), filter); };
    EXPECT_EQ(shown({core::Standing::Disputed, {}, {}}).front(), core::FigureId("level-torque"));
    EXPECT_EQ(shown({std::nullopt, core::StepId("level"), {}}), std::vector{core::FigureId("level-torque")});
    for (const auto& id : shown({std::nullopt, {}, core::ItemId("oil")})) EXPECT_EQ(guide().find(id)->item, core::ItemId("oil"));
    EXPECT_EQ(shown({std::nullopt, core::StepId("gone"), core::ItemId("gone")}).size(), all);
    // a figure asked for from elsewhere is shown, whatever the filter
    w->key(Qt::Key_O);
    choose("drain-torque");
    EXPECT_EQ(list.chosen(), core::FigureId("drain-torque"));
    EXPECT_EQ(list.shown().size(), all);
}

TEST_F(FiguresWorkedOut, WhatItHoldsForIsSaidByKeys) {
    choose("refill");
    when_asked<DetailsDialog>([&](DetailsDialog* dialog) {
        const auto boxes = dialog->findChildren<QCheckBox*>();
        ASSERT_EQ(boxes.size(), 2);
        boxes[0]->setChecked(false);
        QTest::keyClick(dialog, Qt::Key_Return);
        EXPECT_TRUE(dialog->isVisible()) << "a figure for no variant is refused";
        boxes[0]->setChecked(true);
        boxes[1]->setChecked(true);
        fill(*dialog, "cold; new seal; first 20 h; nothing where it always holds", "cold");
        dialog->findChildren<QComboBox*>().at(1)->setCurrentIndex(1);  // warm or cold
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_E);
    const auto& f = *guide().find(core::FigureId("refill"));
    EXPECT_TRUE(f.variants.empty()) << "all of them";
    EXPECT_EQ(f.condition, "cold");
    EXPECT_EQ(core::text_of(*f.level), "On level ground, cold, stopped for 5 min, dipstick resting, not screwed in.");
    choose("canister-number");
    when_asked<DetailsDialog>([&](DetailsDialog* dialog) {
        fill(*dialog, "KQ-FC1, KQ-FC0", "");
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_E);
    EXPECT_EQ(core::standing_of(guide(), *guide().find(core::FigureId("canister-number"))), core::Standing::Disputed)
        << "the older number is no longer said to be one";
}

TEST_F(FiguresWorkedOut, TheHouseIsChangedForAllGuides) {
    when_asked<HouseDialog>([&](HouseDialog* dialog) {
        QTest::keyClick(dialog, Qt::Key_Down, Qt::AltModifier);
        when_asked<QDialog>([&](QDialog* form) {
            if (qobject_cast<HouseDialog*>(form) != nullptr) return;
            fill(*form, "gear oil", "gear oil");
            fill(*form, "1 L, 1 qt, 500 mL", "1 L");
            fill(*form, "as much as it holds when it is closed", "2 L");
            QTest::keyClick(form, Qt::Key_Return);
            EXPECT_TRUE(form->isVisible()) << "more than it holds";
            fill(*form, "as much as it holds when it is closed", "0.7 L");
            QTest::keyClick(form, Qt::Key_Return);
        });
        QTest::keyClick(dialog, Qt::Key_N);
        auto* rules = dialog->findChildren<QListWidget*>().at(2);
        rules->item(0)->setCheckState(Qt::Unchecked);
        QTest::keyClick(dialog, Qt::Key_Return);
    });
    w->key(Qt::Key_H);
    const auto house = *session().library().house();
    EXPECT_EQ(house.rank.front(), core::SourceKind::Standard);
    EXPECT_EQ(house.rules_off, std::vector<std::string>{"two actions"});
    ASSERT_EQ(house.store.size(), 2U);
    EXPECT_DOUBLE_EQ(house.store.back().left, 0.7);
    choose("refill");
    w->key(Qt::Key_R);
    EXPECT_NE(guide().find(core::FigureId("refill"))->settled.find("a standard over the maker's book"), std::string::npos);
}
