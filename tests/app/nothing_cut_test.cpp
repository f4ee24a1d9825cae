// Everything can be read: at the smallest window and at the usual one, no station cuts words or lays them over each other.
#include "tests/app/nothing_cut.h"

#include <gtest/gtest.h>

#include "app/sheet/sheet_station.h"
#include "app/theme/theme.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::what_cannot_be_read;

namespace {

class NothingCut : public anagraph::testing::OnDemoGuide {
protected:
    /// What cannot be read at any station with any step in hand, at this size.
    QStringList at(QSize size) {
        QStringList out;
        (*w)->resize(size);
        for (int stop = MainWindow::Tape; stop <= MainWindow::Logbook; ++stop) {
            (*w)->go(stop);
            for (const auto& step : {guide().steps.front().id, guide().steps.at(5).id}) {
                session().set_step(step);
                QTest::qWait(60);
                for (const auto& fault : what_cannot_be_read(**w)) out << QStringLiteral("station %1: %2").arg(stop).arg(fault);
            }
        }
        if (const QString folder = qEnvironmentVariable("ANAGRAPH_PICTURES"); !folder.isEmpty()) {
            for (int stop = MainWindow::Tape; stop <= MainWindow::Logbook; ++stop) {
                (*w)->go(stop);
                QTest::qWait(500);
                const QImage seen = (*w)->grab().toImage();
                const QString name = QStringLiteral("%1-%2-%3.png")
                                         .arg(theme::text(std::string(core::name_of(theme::colours_now()))))
                                         .arg(size.width())
                                         .arg(stop);
                seen.save(folder + QLatin1Char('/') + name);
                // no state may be told by its colour alone
                seen.convertToFormat(QImage::Format_Grayscale8).save(folder + QStringLiteral("/grey-") + name);
            }
        }
        EXPECT_EQ((*w)->size(), size) << "the window does not become this small";
        out.removeDuplicates();
        return out;
    }
};

}  // namespace

TEST(WhatCannotBeRead, IsFound) {
    QWidget window;
    auto* down = new QVBoxLayout(&window);
    auto* cut = new QLabel(QStringLiteral("a sentence that is longer than its place"), &window);
    cut->setFixedWidth(60);
    down->addWidget(cut);
    auto* low = new QLabel(QStringLiteral("a sentence that is broken into several lines and needs them"), &window);
    low->setWordWrap(true);
    low->setFixedSize(120, 16);
    down->addWidget(low);
    auto* button = new QPushButton(QStringLiteral("Verify this edition"), &window);
    button->setFixedWidth(40);
    down->addWidget(button);
    auto* box = new QComboBox(&window);
    box->addItem(QStringLiteral("any step of the guide"));
    box->setFixedWidth(60);
    down->addWidget(box);
    auto* over = new QLabel(QStringLiteral("over"), &window);
    window.show();
    over->setGeometry(cut->geometry());
    over->show();
    const auto found = what_cannot_be_read(window).join(QLatin1Char('\n'));
    EXPECT_TRUE(found.contains(QStringLiteral("longer than its place\" is 60 wide"))) << found.toStdString();
    EXPECT_TRUE(found.contains(QStringLiteral("needs them\" is 16 high"))) << found.toStdString();
    EXPECT_TRUE(found.contains(QStringLiteral("Verify this edition\" is 40 wide"))) << found.toStdString();
    EXPECT_TRUE(found.contains(QStringLiteral("any step of the guide\" is 60 wide"))) << found.toStdString();
    EXPECT_TRUE(found.contains(QStringLiteral("lie over each other"))) << found.toStdString();
}

TEST_F(NothingCut, AtTheUsualSize) { EXPECT_EQ(at({1280, 800}).join(QLatin1Char('\n')).toStdString(), ""); }

TEST_F(NothingCut, AtTheSmallestSize) { EXPECT_EQ(at({1024, 640}).join(QLatin1Char('\n')).toStdString(), ""); }

// Nothing is cut for want of other colours; its pictures are looked at.
TEST_F(NothingCut, InDarkAndInHighContrast) {
    for (const auto set : {publish::ColourSet::Dark, publish::ColourSet::Contrast}) {
        w.reset();
        theme::apply(set);
        w = std::make_unique<anagraph::testing::Window>(scratch / "library");
        ASSERT_TRUE(session().open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
        EXPECT_EQ(at({1280, 800}).join(QLatin1Char('\n')).toStdString(), "");
        const QImage seen = (*w)->grab().toImage();
        EXPECT_EQ(seen.pixelColor(seen.width() / 2, 4), theme::colour("sheet")) << "the head has the set's ground";
    }
    theme::apply();
}

TEST_F(NothingCut, OnASheetThatIsShownWhileAChangeComes) {
    (*w)->go(MainWindow::Sheet);
    core::Step step = guide().steps.at(2);
    step.heading = "Fit the plug with a new washer";
    ASSERT_TRUE(session().perform(core::Change{"write a heading", {core::Put<core::Step>{step, std::nullopt}}}));
    QTest::qWait(500);
    EXPECT_EQ(what_cannot_be_read(**w).join(QLatin1Char('\n')).toStdString(), "");
}
