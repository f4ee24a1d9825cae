// The Figures worked out by keys: the house rule, not found, joining and parting, wrenches, filling, mixture, order.
#include <gtest/gtest.h>

#include <QDialogButtonBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QSlider>
#include <QSpinBox>

#include "app/figures/figures_station.h"
#include "app/figures/fill_panel.h"
#include "app/figures/mixture_panel.h"
#include "app/figures/sequence_panel.h"
#include "app/figures/work_out.h"
#include "app/figures/wrench_panel.h"
#include "core/procedure/evidence.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
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
        EXPECT_TRUE(says(dialog, "the opened 0.40 L of gear oil"));
        auto* reading = dialog.findChild<QSlider*>();
        reading->setValue(33);
        EXPECT_TRUE(says(dialog, "add 0.17 L"));
        reading->setValue(120);
        EXPECT_TRUE(says(dialog, "draw off 50 mL"));
        // a contradiction is said, not reckoned with
        auto* total = dialog.findChildren<QLineEdit*>().front();
        total->setText(QStringLiteral("1.5 L"));
        EXPECT_TRUE(says(dialog, "cannot be"));
        total->setText(QStringLiteral("plenty"));
        EXPECT_TRUE(says(dialog, "is no number"));
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
        EXPECT_TRUE(says(dialog, "Drain <b>1.8 L</b>"));
        EXPECT_TRUE(says(dialog, "freezes at about"));
        dialog.findChildren<QLineEdit*>().at(3)->setText(QStringLiteral("40"));
        EXPECT_TRUE(says(dialog, "cannot bring the mixture"));
    });
    choose("canister-turn");
    work_out([&](WorkOut& dialog) { EXPECT_TRUE(says(dialog, "<b>270°</b>: 4 1/2 flats")); });
    choose("cover-count");
    work_out([&](WorkOut& dialog) {
        EXPECT_TRUE(says(dialog, "1, 4, 2, 5, 3, 6"));
        dialog.findChild<QSpinBox*>()->setValue(8);
        EXPECT_TRUE(says(dialog, "1, 5, 3, 7, 2, 6, 4, 8"));
    });
}

TEST_F(FiguresWorkedOut, EachVariantHasItsOwnAmount) {
    const auto& refill = *guide().find(core::FigureId("refill"));
    EXPECT_EQ(core::text_of(core::figure_for(guide(), refill, "PT60-T")->value), "2.2 L");
    EXPECT_EQ(core::text_of(core::figure_for(guide(), refill, "PT60")->value), "1.7 L");
    EXPECT_EQ(core::text_for_all(guide(), refill), "1.7 L (1.8 US qt) for PT60, 2.2 L (2.3 US qt) for PT60-T");
}
