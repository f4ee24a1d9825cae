// Keys as a person wants them: what can have which key, two that would share one, and the window that is made with them.
#include "app/command/own_keys.h"

#include <gtest/gtest.h>

#include <QDialogButtonBox>

#include "app/running/keys_dialog.h"
#include "app/running/settings.h"
#include "app/window/help_words.h"
#include "tests/app/demo_guide.h"
#include "tests/app/read_aloud.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

class OwnKeysOnDemo : public anagraph::testing::OnDemoGuide {
protected:
    void TearDown() override { Settings().remove(QStringLiteral("keys")); }
    const Command& command(const char* id) {
        for (const auto* station : (*w)->commands())
            if (const auto* c = station->find(QLatin1String(id))) return *c;
        throw std::logic_error(id);
    }
    OwnKeys keys() { return OwnKeys((*w)->commands()); }
    /// As when the window is closed to be opened anew.
    void open_anew() {
        w.reset();
        w = std::make_unique<Window>(scratch / "library");
        ASSERT_TRUE(session().open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
    }
};

}  // namespace

TEST_F(OwnKeysOnDemo, WhatWalksAndWhatIsTypedIsRefused) {
    auto k = keys();
    EXPECT_TRUE(k.why_not(command("sheet.comment"), QKeySequence(Qt::Key_C)).startsWith("C is typed there"));
    EXPECT_TRUE(k.why_not(command("window.find"), QKeySequence(Qt::Key_Q)).startsWith("Q is typed there"));
    EXPECT_TRUE(k.why_not(command("window.find"), QKeySequence(Qt::SHIFT | Qt::Key_Q)).startsWith("Shift+Q is typed there"));
    EXPECT_EQ(k.why_not(command("tape.clip"), QKeySequence(Qt::Key_Z)), "") << "on the Tape a letter is a command";
    EXPECT_EQ(k.why_not(command("sheet.comment"), QKeySequence(Qt::Key_F6)), "");
    EXPECT_TRUE(k.why_not(command("tape.clip"), QKeySequence(Qt::Key_Tab)).contains("from one place to the next"));
    EXPECT_TRUE(k.why_not(command("tape.clip"), QKeySequence(Qt::Key_Left)).contains("from one place to the next"));
    EXPECT_EQ(k.why_not(command("figures.next"), QKeySequence(Qt::Key_Down)), "") << "its usual key is always free to go back to";
    EXPECT_FALSE(k.set(command("sheet.comment"), QKeySequence(Qt::Key_C)));
    EXPECT_FALSE(k.differs());
}

TEST_F(OwnKeysOnDemo, OnlyWhatWorksAtTheSamePlaceIsAConflict) {
    auto k = keys();
    const auto holders = [&](const char* id, QKeySequence key) {
        QStringList out;
        for (const auto& h : k.holders(command(id), key)) out << h.command->id;
        return out.join(' ');
    };
    EXPECT_EQ(holders("tape.clip", Qt::Key_F), "tape.take-figure");
    EXPECT_EQ(holders("tape.clip", Qt::CTRL | Qt::Key_N), "") << "the Shelf's key does not meet the Tape's";
    EXPECT_EQ(holders("tape.clip", Qt::CTRL | Qt::Key_G), "window.guide-settings");
    EXPECT_EQ(holders("window.guide-settings", Qt::CTRL | Qt::Key_E).split(' ').size(), 5)
        << holders("window.guide-settings", Qt::CTRL | Qt::Key_E).toStdString();
    EXPECT_FALSE(k.set(command("tape.clip"), Qt::Key_F));
    EXPECT_FALSE(k.swap(command("window.guide-settings"), Qt::CTRL | Qt::Key_E)) << "several would have to give theirs up";
    EXPECT_TRUE(k.swap(command("tape.clip"), Qt::Key_F));
    EXPECT_EQ(k.key_of(command("tape.clip")), QKeySequence(Qt::Key_F));
    EXPECT_EQ(k.key_of(command("tape.take-figure")), QKeySequence(Qt::Key_C));
    // the one that would get the key must be able to have it
    EXPECT_FALSE(k.swap(command("tape.draft"), Qt::CTRL | Qt::Key_G)) << "D is typed where Guide settings works";
    EXPECT_EQ(k.key_of(command("tape.draft")), QKeySequence(Qt::Key_D));
}

TEST_F(OwnKeysOnDemo, AWindowMadeAnewHasThemEverywhereAndTheOldKeyIsFree) {
    auto k = keys();
    ASSERT_TRUE(k.set(command("window.next-open"), Qt::Key_F7));
    ASSERT_TRUE(k.set(command("window.figures"), Qt::ALT | Qt::Key_2));
    k.keep();
    open_anew();
    EXPECT_EQ(command("window.next-open").key, QKeySequence(Qt::Key_F7));
    EXPECT_EQ(command("window.next-open").usual_key, QKeySequence(Qt::Key_F4));
    (*w)->go(MainWindow::Tape);
    w->key(Qt::Key_2, Qt::ControlModifier);
    EXPECT_EQ((*w)->rail().current(), MainWindow::Tape) << "the key it had does nothing any more";
    w->key(Qt::Key_2, Qt::AltModifier);
    EXPECT_EQ((*w)->rail().current(), MainWindow::Figures);
    EXPECT_EQ((*w)->rail().stops()[MainWindow::Figures].key, "Alt+2") << "the rail says the key as it is";
    bool seen = false;
    for (const auto* b : (*w)->findChildren<CommandButton*>())
        if (b->command().id == "window.next-open") seen = b->toolTip().contains("F7") && !b->toolTip().contains("F4");
    EXPECT_TRUE(seen) << "so does its button";
    EXPECT_TRUE(first_week_page((*w)->commands()).html.contains("F7")) << "and the help";
    auto back = keys();
    back.set_all_usual();
    EXPECT_TRUE(back.differs());
    back.keep();
    EXPECT_TRUE(Settings().childGroups().filter("keys").isEmpty()) << "only what differs is kept";
}

TEST_F(OwnKeysOnDemo, NoTextOfTheHelpNamesAKeyThatCanBeChanged) {
    // every key in the help comes out of the table of commands: with all keys changed, none of the usual ones is left
    Settings settings;
    int n = 0;
    std::vector<QString> usual;
    for (const auto* station : (*w)->commands())
        for (const auto& c : station->all()) {
            const auto modifiers = c->key[0].keyboardModifiers();
            if ((modifiers & Qt::ControlModifier) == 0) continue;  // "F4" and letters stand in words too
            usual.push_back(key_words(c->key));
            settings.setValue("keys/" + c->id, QStringLiteral("Ctrl+Alt+F%1").arg(1 + n++ % 35));
        }
    settings.sync();
    open_anew();
    for (const auto& page : help_pages((*w)->commands()))
        for (const auto& key : usual) EXPECT_FALSE(page.html.contains(key)) << page.title.toStdString() << ": " << key.toStdString();
}

TEST_F(OwnKeysOnDemo, TheDialogShowsAConflictAndSwapsByKeysAlone) {
    QString conflict;
    QString read;
    bool wanted_swap = false;
    when_asked<KeysDialog>([&](KeysDialog* d) {
        const auto type = [&](const QString& words) { QTest::keyClicks(QApplication::focusWidget(), words); };
        const auto key = [&](Qt::Key k, Qt::KeyboardModifiers m = Qt::NoModifier) { QTest::keyClick(QApplication::focusWidget(), k, m); };
        type("guide settings");
        ASSERT_NE(d->list().currentItem(), nullptr);
        EXPECT_EQ(d->list().currentItem()->text(0), "Guide settings");
        key(Qt::Key_Tab);
        key(Qt::Key_Return);
        ASSERT_EQ(QApplication::focusWidget(), &d->key());
        key(Qt::Key_F4);
        for (const auto* label : d->findChildren<QLabel*>("trouble")) conflict = label->text();
        read = anagraph::testing::read_aloud(*d);
        EXPECT_FALSE(d->keys().differs()) << "nothing is taken from another without being asked";
        for (auto* b : d->findChildren<QPushButton*>())
            if (b->text() == "Swap the two" && b->isVisible()) {
                wanted_swap = true;
                b->setFocus();
            }
        key(Qt::Key_Space);
        EXPECT_TRUE(d->keys().differs());
        d->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok)->click();
    });
    w->key(Qt::Key_K, Qt::ControlModifier | Qt::AltModifier);
    EXPECT_EQ(conflict, "F4 is “Next open point” already (Everywhere). The two can swap their keys, or press another.");
    EXPECT_TRUE(read.contains(conflict)) << "a reader says it";
    EXPECT_TRUE(wanted_swap);
    EXPECT_TRUE((*w)->wants_anew());
    open_anew();
    EXPECT_EQ(command("window.guide-settings").key, QKeySequence(Qt::Key_F4));
    EXPECT_EQ(command("window.next-open").key, QKeySequence(Qt::CTRL | Qt::Key_G));
}
