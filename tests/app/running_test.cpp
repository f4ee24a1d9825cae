// What the program keeps around it: a log without a word of a guide, what it leaves when it ends badly, and what the next start says.
#include <gtest/gtest.h>

#include <QLabel>
#include <QProcess>
#include <QPushButton>
#include <csignal>
#include <filesystem>

#include "app/company/backing_up.h"
#include "app/company/backup_dialog.h"
#include "app/running/colour_choice.h"
#include "app/running/ended_dialog.h"
#include "app/running/event_log.h"
#include "app/sheet/sheet_station.h"
#include "store/files.h"
#include "store/whole_library.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::when_asked;

namespace {

class RunningWindow : public anagraph::testing::OnDemoGuide {
protected:
    void SetUp() override {
        OnDemoGuide::SetUp();
        event_log::begin(scratch / "state");
    }
    void TearDown() override { event_log::end(); }
    std::string log() { return store::read_file(scratch / "state/anagraph.log").value_or(""); }
};

}  // namespace

TEST_F(RunningWindow, LogsWhatWasDoneAndNoWordOfAGuide) {
    (*w)->go(MainWindow::Sheet);
    core::Step step = guide().steps.at(2);
    step.heading = "Sesquipedalian";
    ASSERT_TRUE(session().perform(core::Change{"write a heading", {core::Put<core::Step>{step, std::nullopt}}}));
    auto* own = (*w)->commands().back();
    ASSERT_NE(own->find(QStringLiteral("window.undo")), nullptr);
    EXPECT_TRUE(own->perform(*own->find(QStringLiteral("window.undo"))));
    event_log::command(QStringLiteral("Sesquipedalian words"));
    event_log::tell("library checked", core::fail(core::ErrorCode::Damaged, std::string("Sesquipedalian is damaged")));
    event_log::tell("work ended", 312, "ms");
    const std::string text = log();
    EXPECT_NE(text.find("command window.undo\n"), std::string::npos) << text;
    EXPECT_NE(text.find("work ended, 312 ms"), std::string::npos) << text;
    EXPECT_NE(text.find("library checked: error"), std::string::npos) << text;
    EXPECT_EQ(text.find("Sesquipedalian"), std::string::npos);
    for (const auto& s : guide().steps) EXPECT_EQ(text.find(s.heading), std::string::npos) << s.heading;
    EXPECT_EQ(text.find(scratch / "library"), std::string::npos) << "where a library lies is nobody's business";
}

TEST_F(RunningWindow, EveryCommandsIdIsOneThatIsLogged) {
    for (const auto* commands : (*w)->commands())
        for (const auto& c : commands->all()) {
            event_log::command(c->id);
            EXPECT_NE(log().find("command " + c->id.toStdString() + "\n"), std::string::npos) << c->id.toStdString();
        }
}

TEST_F(RunningWindow, TheLogRotates) {
    for (int i = 0; i < 60'000; ++i) event_log::tell("a line that is long enough to fill a megabyte in a while", i, "times");
    EXPECT_EQ(store::names_in(scratch / "state").size(), 3u);
    EXPECT_LT(store::bytes_below(scratch / "state"), 3'200'000);
    const std::string last = event_log::last_lines(2);
    EXPECT_EQ(std::count(last.begin(), last.end(), '\n'), 2);
    EXPECT_NE(last.find("59999 times"), std::string::npos) << last;
}

TEST_F(RunningWindow, AfterABadEndWhatIsSavedIsSaidAndAReportCanBeReadFirst) {
    core::Step step = guide().steps.at(2);
    step.heading = "Fit the plug with a new washer";
    ASSERT_TRUE(session().perform(core::Change{"write a heading", {core::Put<core::Step>{step, std::nullopt}}}));
    event_log::tell("guide opened");
    store::Ended ended{"2026-12-01T10:00:00Z", session().home(), session().guide().text(), "signal 11\n" + (scratch / "x")};
    const EndedDialog dialog(ended, session(), w->operator->());
    EXPECT_TRUE(dialog.saved().contains(QStringLiteral("write a heading"))) << dialog.saved().toStdString();
    EXPECT_TRUE(dialog.saved().contains(QStringLiteral("Perrick PT60"))) << dialog.saved().toStdString();
    EXPECT_TRUE(dialog.report().contains(QStringLiteral("signal 11")));
    EXPECT_TRUE(dialog.report().contains(QStringLiteral("guide opened")));
    EXPECT_TRUE(dialog.report().contains(QStringLiteral("forms: library")));
    EXPECT_FALSE(dialog.report().contains(QStringLiteral("Fit the plug"))) << "nothing of a guide goes into it";
    ended.library = "/another/library";
    EXPECT_FALSE(EndedDialog(ended, session(), w->operator->()).saved().contains(QStringLiteral("write a heading")))
        << "of another it is not known";
}

TEST(ColourChoice, TheDesktopIsAskedAndAPersonsChoiceGoesBefore) {
    using publish::ColourSet;
    EXPECT_EQ(asked_by_desktop(std::nullopt, std::nullopt, false), ColourSet::Light);
    EXPECT_EQ(asked_by_desktop(std::nullopt, std::nullopt, true), ColourSet::Dark);
    EXPECT_EQ(asked_by_desktop(1, 0, false), ColourSet::Dark);
    EXPECT_EQ(asked_by_desktop(2, 0, true), ColourSet::Light);
    EXPECT_EQ(asked_by_desktop(0, std::nullopt, true), ColourSet::Dark) << "it has no preference; its palette has";
    EXPECT_EQ(asked_by_desktop(1, 1, true), ColourSet::Contrast);
    EXPECT_EQ(chosen_colours(), std::nullopt);
    choose_colours(ColourSet::Contrast);
    EXPECT_EQ(chosen_colours(), ColourSet::Contrast);
    choose_colours(std::nullopt);
    EXPECT_EQ(chosen_colours(), std::nullopt);
}

TEST_F(RunningWindow, OtherColoursOpenTheWindowAnew) {
    when_asked<ColourDialog>([](ColourDialog* d) {
        auto* list = d->findChild<QListWidget*>();
        EXPECT_EQ(list->count(), 4);
        QTest::keyClick(list, Qt::Key_End);
        EXPECT_EQ(d->chosen(), publish::ColourSet::Contrast);
        QTest::keyClick(list, Qt::Key_Return);
    });
    (*w)->go(MainWindow::Sheet);
    QTest::keyClick(w->operator->(), Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_TRUE((*w)->wants_anew());
    EXPECT_FALSE((*w)->isVisible());
    EXPECT_EQ((*w)->station(), MainWindow::Sheet);
    EXPECT_EQ(chosen_colours(), publish::ColourSet::Contrast);
    choose_colours(std::nullopt);
}

TEST(RunningProgram, ClosesWhenItIsToldToAndLeavesItsLastWordsWhenItFails) {
    const anagraph::testing::Scratch scratch;
    QProcess program;
    auto environment = QProcessEnvironment::systemEnvironment();
    for (const char* place : {"XDG_STATE_HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_CACHE_HOME"})
        environment.insert(QLatin1String(place), QString::fromStdString(scratch / place));
    program.setProcessEnvironment(environment);
    const std::string state = scratch / "XDG_STATE_HOME/anagraph";
    const auto is_open = [&] {
        for (const auto& name : store::names_in(state))
            if (name.ends_with(".running")) return true;
        return false;
    };
    const auto open = [&] {
        program.start(QStringLiteral(ANAGRAPH_BINARIES "/anagraph"), {});
        return QTest::qWaitFor([&] { return store::read_file(state + "/anagraph.log").value_or("").ends_with("window open\n"); }, 60000);
    };
    // told to close, as by a desktop whose session ends, it closes
    ASSERT_TRUE(open());
    EXPECT_TRUE(is_open());
    ::kill(static_cast<pid_t>(program.processId()), SIGTERM);
    ASSERT_TRUE(program.waitForFinished(-1));
    EXPECT_EQ(program.exitStatus(), QProcess::NormalExit);
    EXPECT_FALSE(is_open());
    ASSERT_TRUE(open());
    ::kill(static_cast<pid_t>(program.processId()), SIGSEGV);
    ASSERT_TRUE(program.waitForFinished(-1));
    EXPECT_EQ(program.exitStatus(), QProcess::CrashExit) << "the signal does what it does";
    const auto ended = store::Running::ended(state);
    ASSERT_EQ(ended.size(), 1u);
    EXPECT_TRUE(ended[0].last_words.starts_with("signal 11\n")) << ended[0].last_words;
    EXPECT_NE(ended[0].last_words.find("anagraph("), std::string::npos) << "and where it was: " << ended[0].last_words;
    EXPECT_FALSE(store::names_in(scratch / "XDG_CONFIG_HOME").size() > 1) << "settings lie in one folder";
}

TEST_F(RunningWindow, BackupsAreWishedForInTheWindowMadeWhenDueAndNoNag) {
    const std::string stick = scratch / "stick";
    auto& backing_up = (*w)->backing_up();
    backing_up.look();
    EXPECT_FALSE(backing_up.work().busy()) << "nobody wished for one";
    when_asked<BackupDialog>([&](BackupDialog* d) {
        auto* folder = d->findChild<QLineEdit*>();
        folder->setFocus();
        QTest::keyClicks(folder, QString::fromStdString(stick));
        QTest::keyClick(d, Qt::Key_Escape);
    });
    QTest::keyClick(w->operator->(), Qt::Key_B, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(backing_up.wish().folder.toStdString(), stick);
    EXPECT_EQ(backing_up.wish().every, 7);
    // the stick is not in: said once
    QStringList said;
    QObject::connect(&session(), &Session::failed, &session(), [&](const QString& words) { said << words; });
    backing_up.look();
    backing_up.look();
    EXPECT_EQ(said.size(), 1) << said.join(QLatin1Char('\n')).toStdString();
    // it is in
    ASSERT_TRUE(store::make_folder(stick));
    backing_up.look();
    ASSERT_TRUE(QTest::qWaitFor([&] { return !backing_up.work().busy(); }, 120000));
    ASSERT_EQ(backing_up.there().size(), 1u);
    EXPECT_TRUE(store::try_archive(backing_up.there().front().file));
    backing_up.look();
    EXPECT_FALSE(backing_up.work().busy()) << "the next is due in a week";
    QString shown_there;
    QApplication::setActiveWindow(w->operator->());
    when_asked<BackupDialog>([&](BackupDialog* d) {
        shown_there = d->findChild<QListWidget*>()->item(0)->text();
        d->reject();
    });
    QTest::keyClick(w->operator->(), Qt::Key_B, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_TRUE(shown_there.contains(QStringLiteral(".zip"))) << shown_there.toStdString();
    backing_up.set_wish({});
}
