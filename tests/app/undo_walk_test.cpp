// Every command of every station, done to the demo guide with something in hand and every question answered: whatever it changes
// in this guide, in another or in the house, one undo takes back.
#include <gtest/gtest.h>

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QInputDialog>
#include <QLabel>
#include <QListWidget>
#include <QMenu>
#include <QMessageBox>
#include <QPushButton>
#include <QTranslator>
#include <map>
#include <set>

#include "app/dryrun/dryrun_station.h"
#include "app/figures/figures_station.h"
#include "app/plates/plates_station.h"
#include "app/running/languages.h"
#include "app/sheet/sheet_station.h"
#include "app/sheet/step_card.h"
#include "app/shelf/shelf_station.h"
#include "app/tape/tape_station.h"
#include "tests/app/demo_guide.h"
#include "tests/app/window.h"

using namespace anagraph;
using namespace anagraph::app;

namespace {

/// Answers whatever opens: the first entry of a menu, a dialog filled in and accepted, or called off where that is not enough.
class AnswersEverything : public QObject {
public:
    AnswersEverything() {
        connect(&timer_, &QTimer::timeout, this, &AnswersEverything::answer);
        timer_.start(25);
    }
    int answered() const { return answered_; }

private:
    void answer() {
        if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
            for (auto* a : menu->actions())
                if (a->isEnabled() && !a->isSeparator() && a->menu() == nullptr) {
                    ++answered_;
                    menu->setActiveAction(a);
                    QTest::keyClick(menu, Qt::Key_Return);
                    return;
                }
            menu->close();
            return;
        }
        auto* modal = QApplication::activeModalWidget();
        if (modal == nullptr) return;
        ++answered_;
        if (auto* box = qobject_cast<QMessageBox*>(modal)) {
            if (auto* yes = box->button(QMessageBox::Yes)) return yes->click();
            return box->accept();
        }
        auto* dialog = qobject_cast<QDialog*>(modal);
        if (dialog == nullptr) return;
        if (qobject_cast<QFileDialog*>(dialog) != nullptr) return dialog->reject();
        if (auto* input = qobject_cast<QInputDialog*>(dialog)) {
            if (input->textValue().isEmpty()) input->setTextValue(QStringLiteral("as the book says"));
            return input->accept();
        }
        // a dialog that waits for work of its own is given time
        const int tried = ++tried_[dialog];
        if (tried == 1) fill(*dialog);
        if (tried <= 8) return press(*dialog);
        tried_.erase(dialog);
        dialog->reject();
    }

    static void fill(QDialog& dialog) {
        for (auto* list : dialog.findChildren<QListWidget*>())
            if (list->currentRow() < 0 && list->count() > 0) list->setCurrentRow(0);
        for (auto* box : dialog.findChildren<QCheckBox*>())
            if (box->isVisible() && box->isEnabled() && !box->isChecked()) {
                box->setChecked(true);
                break;
            }
        for (auto* edit : dialog.findChildren<QLineEdit*>())
            if (edit->isVisible() && edit->isEnabled() && edit->text().isEmpty()) edit->setText(QStringLiteral("oil"));
    }

    static void press(QDialog& dialog) {
        if (auto* buttons = dialog.findChild<QDialogButtonBox*>())
            for (auto* b : buttons->buttons())
                if (buttons->buttonRole(b) == QDialogButtonBox::AcceptRole && b->isEnabled()) return b->click();
    }

    QTimer timer_;
    std::map<QDialog*, int> tried_;
    int answered_ = 0;
};

/// Everything a person could lose.
struct Everything {
    std::map<std::string, core::Procedure> guides;
    core::House house;
    friend bool operator==(const Everything&, const Everything&) = default;
};

class UndoWalk : public anagraph::testing::OnDemoGuide {
protected:
    Everything now() {
        Everything out;
        const auto all = *session().library().guides();
        for (const auto& g : all) out.guides[g.id.text()] = *session().library().load_guide(g.id);
        out.house = *session().library().house();
        return out;
    }

    void walk(Commands& commands, const std::function<void()>& in_hand, const std::set<QString>& left_out = {}) {
        AnswersEverything answers;
        int changed = 0;
        for (const auto& command : commands.all()) {
            if (left_out.contains(command->id)) continue;
            in_hand();
            const auto guide_open = session().guide();
            const Everything before = now();
            commands.perform(*command);
            const std::string name = command->id.toStdString();
            QTest::qWait(20);
            QTest::qWaitFor(
                [&] { return QApplication::activeModalWidget() == nullptr && QApplication::activePopupWidget() == nullptr; }, 60000) ||
                (ADD_FAILURE() << name << " stays open", true);
            // a field keeps what was typed when it is left
            if (auto* focus = QApplication::focusWidget()) focus->clearFocus();
            if (session().guide() != guide_open) {
                ASSERT_TRUE(session().open_guide(guide_open));
                continue;
            }
            if (now() == before) continue;
            ++changed;
            EXPECT_TRUE(session().can_undo()) << name << ": it changes something and cannot be undone";
            const QByteArray label = session().undo_label().toUtf8();
            // settings of the house are named by the window, in its own language
            if (now().house == before.house) {
                EXPECT_FALSE(german_.translate("Changes", label.constData()).isEmpty()) << name << ": " << label.constData();
            }
            session().undo();
            EXPECT_TRUE(now() == before) << name << ": one undo does not take it back";
            while (session().can_undo()) session().undo();
        }
        std::printf("%s: %zu commands, %d changed something, %d questions answered\n", qPrintable(commands.station()),
            commands.all().size(), changed, answers.answered());
        changed_ += changed;
    }
    int changed_ = 0;
    QTranslator german_;
};

}  // namespace

TEST_F(UndoWalk, OneUndoTakesBackWhateverACommandChanged) {
    languages();  // the tables are there then
    ASSERT_TRUE(german_.load(QStringLiteral(":/app/words/anagraph_de")));
    core::Header h;
    h.machine = "Ostrel M4";
    h.title = "oil change";
    core::Procedure p;
    p.header = h;
    core::Step s;
    s.id = core::StepId("s");
    s.heading = "Drain the oil";
    s.lines = {"Let the oil drain."};
    p.steps = {s};
    ASSERT_TRUE(session().library().create_guide(p, "author"));

    (*w)->go(MainWindow::Tape);
    ASSERT_TRUE(w->settled());
    walk((*w)->tape().commands(), [&] {
        (*w)->go(MainWindow::Tape);
        const auto& take = guide().find(core::StepId("drain"))->takes.front();
        (*w)->tape().show_moment(take.recording, take.from, false);
        (*w)->tape().film().step_frames(40);
        (*w)->tape().setFocus();
    });
    EXPECT_GE(changed_, 18) << "the walk does something";
    (*w)->go(MainWindow::Figures);
    walk((*w)->figures().commands(), [&] {
        (*w)->go(MainWindow::Figures);
        (*w)->figures().choose(core::FigureId("drain-torque"));
        (*w)->figures().setFocus();
    });
    const int after_figures = changed_;
    (*w)->go(MainWindow::Sheet);
    walk((*w)->sheet().commands(), [&] {
        session().set_step(core::StepId("drain"));
        (*w)->go(MainWindow::Sheet);
        for (auto* card : (*w)->sheet().findChildren<StepCard*>())
            if (card->step() == core::StepId("drain")) card->focus_line(0);
    });
    EXPECT_GE(changed_ - after_figures, 10);
    session().set_step(core::StepId("cover"));
    (*w)->go(MainWindow::Plates);
    ASSERT_TRUE(QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 60000));
    walk((*w)->plates().commands(), [&] {
        session().set_step(core::StepId("cover"));
        (*w)->go(MainWindow::Plates);
        (void)QTest::qWaitFor([&] { return (*w)->plates().still_ready(); }, 60000);
        (*w)->plates().items().setCurrentRow(3);
        (*w)->plates().view().setFocus();
    });
    const int before_the_dry_run = changed_;
    for (const int row : {0, 1}) {
        walk((*w)->dry_run().commands(), [&] {
            (*w)->go(MainWindow::DryRun);
            (void)QTest::qWaitFor([&] { return (*w)->dry_run().planned(); }, 60000);
            (*w)->dry_run().view().stand_on({3, 0.5});
            (*w)->dry_run().list().setCurrentRow(row);
            (*w)->dry_run().list().setFocus();
        });
    }
    EXPECT_GE(changed_ - before_the_dry_run, 4);
    (*w)->go(MainWindow::Shelf);
    // what it brings in, finds again and opens is no change of a guide
    walk((*w)->shelf().commands(), [&] { (*w)->go(MainWindow::Shelf); }, {"shelf.new"});
    EXPECT_GE(changed_, 30);
}
