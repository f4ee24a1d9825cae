// The settings of a guide in the window: from the title and by a key, as one change that is undone.
#include <gtest/gtest.h>

#include <QLabel>
#include <QListWidget>

#include "app/guide/settings_dialog.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::when_asked;

namespace {

class OnGuideSettings : public anagraph::testing::OnDemoGuide {
protected:
    /// Opens the settings by their key and answers them.
    void set(const std::function<void(GuideSettingsDialog*)>& answer) {
        when_asked<GuideSettingsDialog>(answer);
        w->key(Qt::Key_G, Qt::ControlModifier);
    }
    static void press_ok(QDialog* d) { QTest::keyClick(d, Qt::Key_Return); }
};

}  // namespace

TEST_F(OnGuideSettings, MachineJobAndNewVariantsAreSetAsOneChange) {
    const auto before = guide();
    set([](GuideSettingsDialog* d) {
        anagraph::testing::fill(*d, "Perrick PT60", "Perrick PT80");
        anagraph::testing::fill(*d, "100 h service", "200 h service");
        auto* list = d->findChild<QListWidget*>();
        QTest::keyClick(d, Qt::Key_I, Qt::ControlModifier);
        auto* editor = list->findChild<QLineEdit*>();
        ASSERT_NE(editor, nullptr);
        QTest::keyClicks(editor, "PT80 X");
        QTest::keyClick(editor, Qt::Key_Return);
        QTest::qWait(20);  // the list takes the name when the key is done with
        EXPECT_TRUE(d->isVisible()) << "Enter ends the name and not the dialog";
        press_ok(d);
    });
    EXPECT_EQ(guide().header.machine, "Perrick PT80");
    EXPECT_EQ(guide().header.title, "200 h service");
    EXPECT_EQ(guide().header.variants.back(), "PT80 X");
    EXPECT_EQ(guide().header.variants.size(), before.header.variants.size() + 1);
    bool shown = false;
    for (const auto* l : (*w)->findChildren<QLabel*>()) shown = shown || l->text() == "Perrick PT80 · 200 h service";
    EXPECT_TRUE(shown) << "the head of the window follows";
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(guide(), before);
}

TEST_F(OnGuideSettings, AVariantThatSomethingAppliesToAloneDoesNotGoAndIsRenamedEverywhere) {
    const auto& variants = guide().header.variants;
    const auto held =
        std::find_if(variants.begin(), variants.end(), [&](const std::string& v) { return !core::only_for(guide(), {v}).empty(); });
    ASSERT_NE(held, variants.end()) << "the demo has something for one variant alone";
    const std::string name = *held;
    const int row = static_cast<int>(held - variants.begin());
    const auto count = core::only_for(guide(), {name}).size();
    set([&](GuideSettingsDialog* d) {
        auto* list = d->findChild<QListWidget*>();
        list->setFocus();
        list->setCurrentRow(row);
        QTest::keyClick(d, Qt::Key_Backspace, Qt::ControlModifier);
        EXPECT_EQ(list->count(), static_cast<int>(guide().header.variants.size())) << "it stays";
        bool told = false;
        for (const auto* l : d->findChildren<QLabel*>()) told = told || l->text().contains("cannot go");
        EXPECT_TRUE(told);
        list->item(row)->setText("PT60 heavy");
        press_ok(d);
    });
    EXPECT_EQ(guide().header.variants[static_cast<std::size_t>(row)], "PT60 heavy");
    EXPECT_EQ(core::only_for(guide(), {"PT60 heavy"}).size(), count);
    EXPECT_TRUE(core::only_for(guide(), {name}).empty());
}

TEST_F(OnGuideSettings, WhatIsWrongKeepsTheQuestionOpenAndTheTitleOpensItToo) {
    const auto before = guide();
    when_asked<GuideSettingsDialog>([](GuideSettingsDialog* d) {
        anagraph::testing::fill(*d, "Perrick PT60", "");
        press_ok(d);
        EXPECT_TRUE(d->isVisible());
        bool told = false;
        for (const auto* l : d->findChildren<QLabel*>()) told = told || l->text().contains("needs a machine");
        EXPECT_TRUE(told);
        QTest::keyClick(d, Qt::Key_Escape);
    });
    QLabel* title = nullptr;
    for (auto* l : (*w)->findChildren<QLabel*>())
        if (l->text().startsWith("Perrick PT60 · ")) title = l;
    ASSERT_NE(title, nullptr);
    QTest::mouseClick(title, Qt::LeftButton);
    EXPECT_EQ(guide(), before);
}
