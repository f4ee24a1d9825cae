// The table of commands: what a station shows for the thing in hand, its keys, the finder and the help that are made from it.
#include <gtest/gtest.h>

#include <QContextMenuEvent>
#include <QListWidget>
#include <QMenu>
#include <QTextBrowser>
#include <map>
#include <set>

#include "app/dryrun/dryrun_station.h"
#include "app/figures/figures_station.h"
#include "app/figures/page_reader.h"
#include "app/figures/source_dialog.h"
#include "app/figures/work_out.h"
#include "app/guide/settings_dialog.h"
#include "app/house/house_dialog.h"
#include "app/issue/issue_station.h"
#include "app/plates/clip_dialog.h"
#include "app/plates/plates_station.h"
#include "app/plates/still_dialog.h"
#include "app/sheet/sheet_station.h"
#include "app/sheet/step_card.h"
#include "app/sheet/translation_dialog.h"
#include "app/shelf/shelf_station.h"
#include "app/tape/takes_dialog.h"
#include "app/window/finder.h"
#include "app/window/help.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::when_asked;

namespace {

class CommandTable : public anagraph::testing::OnDemoGuide {
protected:
    const std::vector<Commands*>& tables() { return (*w)->commands(); }
    const Command& command(const char* id) {
        for (auto* table : tables())
            if (const auto* c = table->find(QLatin1String(id))) return *c;
        throw std::runtime_error(std::string("no command is called ") + id);
    }
    /// The buttons a person sees at the station.
    static std::vector<const CommandButton*> seen(const QWidget& station) {
        std::vector<const CommandButton*> out;
        for (const auto* b : station.findChildren<CommandButton*>())
            if (b->isVisible()) out.push_back(b);
        return out;
    }
    /// What must hold whatever is in hand; `expected`: what is.
    void look(Commands& commands, Hand expected) {
        QTest::qWait(30);
        const auto buttons = seen(*commands.scope());
        const std::string where = commands.station().toStdString() + ", hand " + std::to_string(static_cast<int>(commands.in_hand()));
        EXPECT_EQ(commands.in_hand(), expected) << where;
        EXPECT_LE(buttons.size(), Commands::kMostShown) << where;
        if (buttons.empty()) {
            EXPECT_FALSE(commands.scope()->findChild<CommandRow*>()->accessibleDescription().isEmpty())
                << where << ": nothing is shown and nobody says why";
        }
        int accents = 0;
        for (const auto* b : buttons) {
            EXPECT_TRUE(b->isEnabled()) << where << ": " << b->text().toStdString();
            EXPECT_TRUE(commands.cannot(b->command()).isEmpty()) << where << ": " << b->text().toStdString() << " cannot be done";
            EXPECT_TRUE(commands.fits(b->command())) << where << ": " << b->text().toStdString() << " does not fit";
            EXPECT_GE(b->width(), b->sizeHint().width()) << where << ": " << b->text().toStdString() << " is cut";
            EXPECT_TRUE(b->parentWidget()->rect().contains(b->geometry())) << where << ": " << b->text().toStdString() << " is cut";
            accents += b->way_on() ? 1 : 0;
        }
        EXPECT_LE(accents, 1) << where;
        // for the eye: ANAGRAPH_PICTURES=FOLDER leaves a picture of each
        if (const QString folder = qEnvironmentVariable("ANAGRAPH_PICTURES"); !folder.isEmpty())
            (*w)->grab().save(QStringLiteral("%1/%2-%3.png").arg(folder, commands.station()).arg(static_cast<int>(expected)));
    }
};

}  // namespace

TEST_F(CommandTable, EveryCommandHasItsWordsItsHelpAndAKeyOfItsOwn) {
    std::set<QString> ids;
    const auto& everywhere = tables().back()->all();
    std::size_t count = 0;
    for (auto* table : tables()) {
        std::map<QString, QString> keys;
        if (table != tables().back())
            for (const auto& c : everywhere) keys[c->key.toString()] = c->id;
        std::map<QString, QString> words;
        for (const auto& c : table->all()) {
            const std::string id = c->id.toStdString();
            ++count;
            EXPECT_TRUE(ids.insert(c->id).second) << id << " twice";
            EXPECT_FALSE(c->words.isEmpty() || c->group.isEmpty()) << id;
            EXPECT_TRUE(c->help.endsWith('.')) << id << ": the help is a sentence";
            EXPECT_FALSE(c->words.endsWith('.')) << id;
            EXPECT_FALSE(c->key.isEmpty()) << id << " cannot be reached by a key";
            EXPECT_TRUE(keys.emplace(c->key.toString(), c->id).second)
                << id << " and " << keys[c->key.toString()].toStdString() << " share " << c->key.toString().toStdString();
            EXPECT_TRUE(words.emplace(c->words, c->id).second)
                << id << " and " << words[c->words].toStdString() << " are both called " << c->words.toStdString();
            // sentence case: a word that is not the first begins small, unless it is a station's name
            const auto parts = c->words.split(' ');
            for (qsizetype i = 1; i < parts.size(); ++i)
                EXPECT_TRUE(!parts[i][0].isUpper() || c->id.startsWith("window.")) << id << ": " << c->words.toStdString();
        }
    }
    EXPECT_GT(count, 120U);
}

TEST_F(CommandTable, AKeyIsWrittenAsItStandsOnTheKeyboard) {
    EXPECT_EQ(key_words(Qt::CTRL | Qt::Key_Return), "Ctrl+Enter");
    EXPECT_EQ(key_words(Qt::Key_PageDown), "Page Down");
    EXPECT_EQ(key_words(Qt::SHIFT | Qt::Key_P), "Shift+P");
}

TEST_F(CommandTable, AtMostEightCommandsAreShownWhateverIsInHand) {
    auto& window = **w;
    window.go(MainWindow::Tape);
    ASSERT_TRUE(w->settled());
    const auto& drain = *guide().find(core::StepId("drain"));
    window.tape().show_moment(drain.takes.front().recording, drain.takes.front().from, false);
    ASSERT_TRUE(w->settled());
    look(window.tape().commands(), Hand::Step);
    window.figures().choose(core::FigureId("drain-torque"));
    window.go(MainWindow::Figures);
    for (const auto& f : guide().figures) {
        window.figures().choose(f.id);
        look(window.figures().commands(), Hand::Figure);
    }
    session().set_step(core::StepId("drain"));
    window.go(MainWindow::Sheet);
    look(window.sheet().commands(), Hand::Step);
    for (std::size_t i = 0; i < guide().steps.size(); ++i)
        if (auto* card = window.sheet().card(i); card->step() == core::StepId("drain")) card->focus_line(0);
    look(window.sheet().commands(), Hand::Line);
    w->key(Qt::Key_W, Qt::ControlModifier);
    look(window.sheet().commands(), Hand::Caution);
    w->key(Qt::Key_T, Qt::ControlModifier);
    look(window.sheet().commands(), Hand::Check);
    session().set_step(core::StepId("cover"));
    window.go(MainWindow::Plates);
    ASSERT_TRUE(QTest::qWaitFor([&] { return window.plates().still_ready(); }, 60000));
    look(window.plates().commands(), Hand::Plate);
    w->key(Qt::Key_N);
    look(window.plates().commands(), Hand::Callout);
    w->key(Qt::Key_F);
    look(window.plates().commands(), Hand::Fasteners);
    window.go(MainWindow::DryRun);
    ASSERT_TRUE(QTest::qWaitFor([&] { return window.dry_run().planned(); }, 60000));
    window.dry_run().list().setCurrentRow(0);
    look(window.dry_run().commands(), Hand::Suggestion);
    for (int i = 0; i < window.dry_run().list().count(); ++i) {
        window.dry_run().list().setCurrentRow(i);
        look(window.dry_run().commands(), window.dry_run().in_hand());
    }
    window.go(MainWindow::Issue);
    look(window.issue().commands(), Hand::Place);
    window.go(MainWindow::Shelf);
    look(window.shelf().commands(), Hand::Guide);
    window.shelf().recordings().setFocus();
    look(window.shelf().commands(), Hand::Recording);
}

TEST_F(CommandTable, WithoutAnythingInHandAStationStillSaysWhatToDo) {
    core::Header header;
    header.machine = "Ostrel M4";
    header.title = "oil change";
    session().set_chosen_recording({});
    ASSERT_TRUE(session().new_guide(header));
    (*w)->go(MainWindow::Figures);
    look((*w)->figures().commands(), Hand::Nothing);
    EXPECT_EQ((*w)->figures().commands().row().front()->id, "figures.new");
    (*w)->go(MainWindow::Sheet);
    look((*w)->sheet().commands(), Hand::Nothing);
    EXPECT_EQ((*w)->sheet().commands().row().front()->id, "sheet.new-step");
}

TEST_F(CommandTable, AKeyWhoseCommandCannotBeDoneSaysWhy) {
    (*w)->go(MainWindow::Tape);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_BracketRight);
    EXPECT_EQ((*w)->notice(), "No step is open; open one where it begins.");
}

TEST_F(CommandTable, TheContextMenuHoldsWhatFitsTheThingInHandAndDoesIt) {
    (*w)->go(MainWindow::Figures);
    (*w)->figures().choose(core::FigureId("drain-torque"));
    const auto figures = guide().figures.size();
    QStringList entries;
    QTimer::singleShot(100, [&] {
        auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
        ASSERT_NE(menu, nullptr);
        for (auto* a : menu->actions())
            if (!a->isSeparator()) entries << a->text();
        QTest::keyClick(menu, Qt::Key_Escape);
    });
    QContextMenuEvent event(QContextMenuEvent::Keyboard, QPoint(10, 10), (*w)->figures().mapToGlobal(QPoint(10, 10)));
    QApplication::sendEvent(&(*w)->figures(), &event);
    EXPECT_TRUE(entries.contains("Merge with another\tJ")) << entries.join("|").toStdString();
    EXPECT_FALSE(entries.filter("Show every figure").size() > 0) << "nothing is filtered";
    EXPECT_EQ(guide().figures.size(), figures) << "Escape does nothing";
}

TEST_F(CommandTable, TheFinderFindsEveryCommandByItsWords) {
    (*w)->go(MainWindow::Tape);
    std::map<QString, const Command*> all;
    when_asked<Finder>([&](Finder* finder) {
        for (auto* table : tables())
            for (const auto& c : table->all()) {
                if (c->id == "window.find") continue;
                finder->line().setText(c->words);
                bool found = false;
                // words that stations share stand beside each other
                for (int i = 0; i < finder->list().count() && i < 6; ++i)
                    found = found ||
                        (finder->list().item(i)->data(Qt::UserRole + 1).toString() == table->station() &&
                            finder->list().item(i)->data(Qt::UserRole + 2).toString() == key_words(c->key));
                EXPECT_TRUE(found) << c->id.toStdString() << " by " << c->words.toStdString();
            }
        QTest::keyClick(finder, Qt::Key_Escape);
    });
    w->key(Qt::Key_F, Qt::ControlModifier);
}

TEST_F(CommandTable, TheFinderGoesToTheStationAndDoesIt) {
    (*w)->go(MainWindow::Tape);
    ASSERT_TRUE(w->settled());
    const auto steps = guide().steps.size();
    when_asked<Finder>([&](Finder* finder) {
        QTest::keyClicks(&finder->line(), "new step");
        EXPECT_GT(finder->list().count(), 0);
        QTest::keyClick(&finder->line(), Qt::Key_Return);
    });
    w->key(Qt::Key_F, Qt::ControlModifier);
    EXPECT_EQ((*w)->rail().current(), MainWindow::Sheet);
    EXPECT_EQ(guide().steps.size(), steps + 1);
}

TEST_F(CommandTable, TheFinderLeavesTheLineInHandAndItsTypingAsTheyAre) {
    session().set_step(core::StepId("drain"));
    (*w)->go(MainWindow::Sheet);
    StepCard* card = nullptr;
    for (std::size_t i = 0; i < guide().steps.size(); ++i)
        if ((*w)->sheet().card(i)->step() == core::StepId("drain")) card = (*w)->sheet().card(i);
    card->focus_line(1);
    w->type(" now");
    when_asked<Finder>([&](Finder* finder) { QTest::keyClick(finder, Qt::Key_Escape); });
    w->key(Qt::Key_F, Qt::ControlModifier);
    EXPECT_EQ(card->line_in_hand(), 1);
    QApplication::setActiveWindow(&**w);  // as a desktop does when a dialog closes
    w->type(" then");
    const auto steps = guide().steps.size();
    when_asked<Finder>([&](Finder* finder) {
        QTest::keyClicks(&finder->line(), "split step");
        QTest::keyClick(&finder->line(), Qt::Key_Return);
    });
    w->key(Qt::Key_F, Qt::ControlModifier);
    ASSERT_EQ(guide().steps.size(), steps + 1) << (*w)->notice().toStdString();
    const auto at =
        std::find_if(guide().steps.begin(), guide().steps.end(), [](const core::Step& s) { return s.id == core::StepId("drain"); });
    EXPECT_EQ(at->lines.size(), 1U) << "split at the line that was in hand";
    EXPECT_TRUE((at + 1)->lines.front().ends_with(" now then")) << (at + 1)->lines.front();
}

TEST_F(CommandTable, TheFinderGoesToStepsFiguresItemsAndGuides) {
    const auto find = [&](const QString& typed) {
        when_asked<Finder>([&](Finder* finder) {
            QTest::keyClicks(&finder->line(), typed);
            QTest::keyClick(&finder->line(), Qt::Key_Return);
        });
        w->key(Qt::Key_F, Qt::ControlModifier);
    };
    (*w)->go(MainWindow::Tape);
    const auto& step = guide().steps[5];
    find(QString::fromStdString(step.heading));
    EXPECT_EQ((*w)->rail().current(), MainWindow::Sheet);
    EXPECT_EQ(session().step(), step.id);
    const auto& item = guide().items.front();
    find(QString::fromStdString(item.name));
    EXPECT_EQ((*w)->rail().current(), MainWindow::Plates);
    EXPECT_EQ((*w)->plates().items().currentItem()->data(Qt::UserRole).toString().toStdString(), item.id.text());
    find("perrick 100");
    EXPECT_EQ((*w)->rail().current(), MainWindow::Tape);
}

TEST_F(CommandTable, TheFinderSaysWhyACommandCannotBeDoneAndShowsTheUsedOnesFirst) {
    (*w)->go(MainWindow::Sheet);
    when_asked<Finder>([&](Finder* finder) {
        finder->line().setText("redo");
        ASSERT_GT(finder->list().count(), 0);
        EXPECT_EQ(finder->list().item(0)->data(Qt::UserRole).toString(), "There is nothing to redo.");
        QTest::keyClick(finder, Qt::Key_Escape);
    });
    w->key(Qt::Key_F, Qt::ControlModifier);
    for (int i = 0; i < 3; ++i) {
        w->key(Qt::Key_Return, Qt::ControlModifier);
        w->key(Qt::Key_Z, Qt::ControlModifier);
    }
    when_asked<Finder>([&](Finder* finder) {
        QStringList first;
        for (int i = 0; i < 2; ++i) first << finder->list().item(i)->text();
        EXPECT_TRUE(first.contains("New step")) << first.join(", ").toStdString();
        QTest::keyClick(finder, Qt::Key_Escape);
    });
    w->key(Qt::Key_F, Qt::ControlModifier);
}

TEST_F(CommandTable, TheHelpListsEveryCommandWithItsKey) {
    QString help;
    when_asked<QDialog>([&](QDialog* dialog) {
        auto* pages = dialog->findChild<QListWidget*>();
        QTest::keyClick(pages, Qt::Key_Home);  // it opened at the page of the station
        for (int i = 0; i < pages->count(); ++i) {
            help += dialog->findChild<QTextBrowser*>()->toPlainText() + QLatin1Char('\n');
            QTest::keyClick(pages, Qt::Key_Down);
        }
        QTest::keyClick(dialog, Qt::Key_Escape);
    });
    w->key(Qt::Key_F1);
    for (auto* table : tables())
        for (const auto& c : table->all()) {
            EXPECT_TRUE(help.contains(c->words)) << c->id.toStdString();
            EXPECT_TRUE(help.contains(key_words(c->key))) << c->id.toStdString();
            EXPECT_TRUE(help.contains(c->help)) << c->id.toStdString();
        }
}

TEST_F(CommandTable, TheCommandsOfDialogsHaveWordsHelpAndKeysToo) {
    // a second take, so that there are two to compare
    core::Step again = guide().steps.front();
    ASSERT_FALSE(again.takes.empty());
    const auto& times = session().recording(again.takes.front().recording)->index.times;
    again.takes.push_back({again.takes.front().recording, times[times.size() - 20], times[times.size() - 10]});
    ASSERT_TRUE(session().perform(core::Change{"take it again", {core::Put<core::Step>{again, std::nullopt}}}));
    const auto& p = guide();
    const auto with_clip = std::find_if(p.steps.begin(), p.steps.end(), [](const core::Step& s) { return !s.plates.empty() && s.clip; });
    ASSERT_NE(with_clip, p.steps.end()) << "the demo has a step with a plate and a clip";
    const auto torque =
        std::find_if(p.figures.begin(), p.figures.end(), [](const core::Figure& f) { return f.kind == core::FigureKind::Torque; });
    const auto& plate = with_clip->plates[0];
    PageReader reader(nullptr);
    std::vector<std::unique_ptr<QDialog>> dialogs;
    dialogs.push_back(std::make_unique<HouseDialog>(core::House{}, nullptr));
    dialogs.push_back(std::make_unique<GuideSettingsDialog>(p, nullptr));
    dialogs.push_back(std::make_unique<TranslationDialog>(session(), nullptr));
    dialogs.push_back(std::make_unique<StillDialog>(*session().recording(plate.recording), plate.at, plate.care, nullptr));
    dialogs.push_back(std::make_unique<ClipDialog>(session(), *with_clip->clip, nullptr));
    dialogs.push_back(std::make_unique<TakesDialog>(session(), again.id, nullptr));
    dialogs.push_back(std::make_unique<WorkOut>(session(), *torque, nullptr));
    dialogs.push_back(std::make_unique<SourceDialog>(session(), reader, *torque, nullptr));
    for (const auto& dialog : dialogs) {
        const std::string title = dialog->windowTitle().toStdString();
        const auto tables_here = dialog->findChildren<Commands*>();
        ASSERT_EQ(tables_here.size(), 1) << title;
        std::set<QString> keys;
        for (const auto& c : tables_here.front()->all()) {
            const std::string id = title + ": " + c->id.toStdString();
            EXPECT_FALSE(c->words.isEmpty()) << id;
            EXPECT_TRUE(c->help.endsWith(QLatin1Char('.'))) << id;
            EXPECT_FALSE(c->group.isEmpty()) << id;
            EXPECT_FALSE(c->key.isEmpty()) << id;
            EXPECT_TRUE(keys.insert(c->key.toString()).second) << id << ": two commands on one key";
        }
        dialog->show();
        for (const auto* b : seen(*dialog)) {
            EXPECT_TRUE(b->isEnabled()) << title << ": " << b->text().toStdString();
            EXPECT_TRUE(tables_here.front()->cannot(b->command()).isEmpty())
                << title << ": " << b->text().toStdString() << " cannot be done";
        }
    }
}

TEST_F(CommandTable, WordsWithSignsOfMarkUpAreShownWithoutThem) {
    const auto look_at = [](const QWidget& shown, const std::string& where) {
        for (const auto* l : shown.findChildren<QLabel*>())
            EXPECT_TRUE(!(l->text().contains("<b>") || l->text().contains("<p")) || l->textFormat() == Qt::RichText)
                << where << " shows the signs of " << l->text().toStdString();
    };
    for (const auto& f : guide().figures) {
        if (!WorkOut::serves(guide(), f)) continue;
        WorkOut dialog(session(), f, nullptr);
        dialog.show();
        look_at(dialog, core::title_of(guide(), f));
    }
    for (const auto station : {anagraph::testing::MainWindow::Tape, anagraph::testing::MainWindow::Figures,
             anagraph::testing::MainWindow::Sheet, anagraph::testing::MainWindow::Plates, anagraph::testing::MainWindow::DryRun,
             anagraph::testing::MainWindow::Issue, anagraph::testing::MainWindow::Shelf}) {
        (*w)->go(station);
        QTest::qWait(50);
        look_at(*w->operator->(), "station " + std::to_string(static_cast<int>(station)));
    }
}
