// The first hour: somebody who has never seen the program makes a guide of a film of their own, pressing only what stands on the
// screen and finding the rest by typing.
#include <gtest/gtest.h>

#include <QFileDialog>
#include <QInputDialog>
#include <QLabel>
#include <QMessageBox>
#include <QScrollArea>
#include <QScrollBar>
#include <QSettings>
#include <QTextDocument>
#include <cstdlib>
#include <fstream>
#include <set>

#include "app/dryrun/dryrun_station.h"
#include "app/issue/issue_station.h"
#include "app/shelf/example_dialog.h"
#include "app/shelf/shelf_station.h"
#include "app/window/finder.h"
#include "app/window/help.h"
#include "app/window/way_round.h"
#include "core/review/open_points.h"
#include "store/files.h"
#include "tests/app/window.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::Scratch;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

constexpr const char* kNarration =
    "WEBVTT\n\n"
    "00:01.000 --> 00:04.000\nfirst switch the compressor off and lock it off\n\n"
    "00:05.000 --> 00:08.000\nundo the drain plug with the seventeen mil socket\n\n"
    "00:09.000 --> 00:12.000\nlet the oil drain for ten minutes\n\n"
    "00:13.000 --> 00:16.000\nrefit the drain plug and tighten it to twenty five newton metres\n\n"
    "00:17.000 --> 00:19.000\nfill it with two litres of compressor oil\n";

class FirstHour : public ::testing::Test {
protected:
    void SetUp() override {
        film = scratch / "compressor.mp4";
        ASSERT_EQ(std::system(("ffmpeg -v error -y -f lavfi -i testsrc2=size=640x360:rate=25:duration=20 -f lavfi -i sine=440:duration=20 "
                               "-c:v libx264 -preset ultrafast -c:a aac " +
                      film)
                                  .c_str()),
            0);
        std::ofstream(scratch / "compressor.vtt") << kNarration;
        w = std::make_unique<Window>(scratch / "library");
    }
    /// Presses the key that stands on a button the person sees.
    void press(const QString& words) {
        auto* button = anagraph::testing::shown(**w, words);
        ASSERT_NE(button, nullptr) << words.toStdString() << " is not on the screen";
        const auto key = button->command().key[0];
        w->key(key.key(), key.keyboardModifiers());
        QTest::qWait(30);
    }
    void find(const QString& typed) {
        when_asked<Finder>([&](Finder* finder) {
            QTest::keyClicks(&finder->line(), typed);
            QTest::keyClick(&finder->line(), Qt::Key_Return);
        });
        press("Find");
        QApplication::setActiveWindow(&**w);  // as a desktop does when a dialog closes
    }
    /// What the dry run stops the draft for is mended where it knows how, else kept with a reason.
    void walk_until_nothing_stops() {
        auto& station = (*w)->dry_run();
        const auto stop = [&] {
            const auto& found = station.view().shown().findings;
            const auto it =
                std::find_if(found.begin(), found.end(), [](const core::OrderFinding& f) { return f.weight() == core::Weight::Stop; });
            return it == found.end() ? -1 : static_cast<int>(it - found.begin());
        };
        for (int i = 0; i < 40 && stop() >= 0; ++i) {
            station.list().setCurrentRow(stop());
            ASSERT_TRUE(QTest::qWaitFor([&] { return !station.looking_for_fix(); }, 60000));
            if (anagraph::testing::shown(station, "Take fix") != nullptr) {
                press("Take fix");
                continue;
            }
            when_asked<QInputDialog>([](QInputDialog* d) {
                d->setTextValue("it was done off the film");
                d->accept();
            });
            press("Keep as it is");
        }
        EXPECT_EQ(stop(), -1);
    }
    void choose_film() {
        when_asked<QFileDialog>([this](QFileDialog* dialog) {
            auto* name = dialog->findChild<QLineEdit*>();
            name->setText(QString::fromStdString(film));
            QTest::keyClick(name, Qt::Key_Return);
        });
    }
    Scratch scratch;
    std::string film;
    std::unique_ptr<Window> w;
};

}  // namespace

TEST_F(FirstHour, AnEmptyLibrarySaysWhatToDoAndEachStepLeadsToTheNext) {
    auto& shelf = (*w)->shelf();
    EXPECT_TRUE(shelf.welcoming());
    EXPECT_EQ(shelf.commands().row().front()->id, "shelf.import");
    choose_film();
    press("Import recording");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !shelf.importing() && shelf.recordings().model()->rowCount() == 1; }, 60000))
        << (*w)->notice().toStdString();
    EXPECT_FALSE(shelf.welcoming());
    EXPECT_EQ(shelf.commands().row().front()->id, "shelf.new");
    when_asked<QDialog>([](QDialog* d) {
        anagraph::testing::fill(*d, "Perrick PT60", "Varro C2");
        anagraph::testing::fill(*d, "100 h service", "oil change");
        QTest::keyClick(d, Qt::Key_Return);
    });
    press("New guide");
    EXPECT_EQ((*w)->rail().current(), MainWindow::Tape) << "the window goes on by itself";
    ASSERT_EQ(w->guide().recordings.size(), 1U) << "the guide uses the recording";
    ASSERT_TRUE(w->settled());
    EXPECT_EQ((*w)->tape().commands().row().front()->id, "tape.draft");

    press("Draft steps");
    ASSERT_FALSE(w->guide().steps.empty());
    const auto drafted = [&] {
        return std::count_if(w->guide().steps.begin(), w->guide().steps.end(), [](const core::Step& s) { return s.drafted; });
    };
    for (int i = 0; i < 20 && drafted() > 0; ++i) {
        if (anagraph::testing::shown(**w, "Take figure") != nullptr) press("Take figure");
        if (w->guide().find((*w)->session().step())->plates.empty()) press("Keep picture");
        press(anagraph::testing::shown(**w, "Confirm step") != nullptr ? "Confirm step" : "Next drafted step");
        ASSERT_TRUE(w->settled());
    }
    EXPECT_EQ(drafted(), 0);
    find("draft lines");
    EXPECT_EQ((*w)->rail().current(), MainWindow::Sheet);
    for (const auto& s : w->guide().steps) EXPECT_FALSE(s.lines.empty()) << s.heading;

    when_asked<QDialog>([](QDialog* d) {
        when_asked<QDialog>([](QDialog* settings) {
            anagraph::testing::fill(*settings, "the workshop's number, as in KQ-PT60-100", "KQ-C2-1");
            QTest::keyClick(settings, Qt::Key_Return);
        });
        auto* line = d->findChild<QLineEdit*>();
        QTest::keyClicks(line, "guide number");
        QTest::keyClick(line, Qt::Key_Return);
    });
    press("Find");
    EXPECT_EQ(w->guide().header.number, "KQ-C2-1");
    find("go to dry run");
    EXPECT_EQ((*w)->rail().current(), MainWindow::DryRun);
    walk_until_nothing_stops();
    find("go to issue");
    std::string reasons;
    for (const auto& r : core::reasons_not_to_issue(w->guide())) reasons += r.english() + "\n";
    EXPECT_TRUE(reasons.empty()) << reasons;
    w->type("checker");
    when_asked<QMessageBox>([](QMessageBox* box) { box->button(QMessageBox::Yes)->click(); });
    press("Issue edition 1");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->issue().busy() && anagraph::testing::shown(**w, "Open pack") != nullptr; }, 120000))
        << (*w)->notice().toStdString();
    EXPECT_EQ((*w)->session().library().editions((*w)->session().guide())->size(), 1U);
}

TEST_F(FirstHour, AGuideWithoutRecordingsShowsTheOneChosenOnTheShelf) {
    (*w)->shelf().bring_in({QString::fromStdString(film)});
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->shelf().importing() && (*w)->shelf().recordings().model()->rowCount() == 1; }, 60000));
    core::Header header;
    header.machine = "Varro C2";
    header.title = "oil change";
    ASSERT_TRUE((*w)->session().new_guide(header));
    (*w)->session().set_chosen_recording(core::RecordingId((*w)->session().library().recordings()->front().id));
    (*w)->go(MainWindow::Tape);
    EXPECT_TRUE(w->settled());
}

TEST_F(FirstHour, TheWayRoundShowsFivePlacesOnceAndIsLeftByEsc) {
    QSettings settings(QStringLiteral("anagraph"), QStringLiteral("anagraph"));
    settings.remove(QStringLiteral("way-round-seen"));
    const auto shown = [this] {
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        auto* way = (*w)->findChild<WayRound*>();
        return way != nullptr && way->isVisible() ? way : nullptr;
    };
    (*w)->show_way_round_once();
    std::set<QString> sentences;
    for (int i = 0; i < 5; ++i) {
        ASSERT_NE(shown(), nullptr) << i;
        sentences.insert(shown()->sentence());
        QTest::keyClick(shown(), Qt::Key_Return);
    }
    EXPECT_EQ(sentences.size(), 5U);
    EXPECT_EQ(shown(), nullptr) << "the fifth is the last";
    (*w)->show_way_round_once();
    EXPECT_EQ(shown(), nullptr) << "never twice";
    (*w)->show_way_round();
    ASSERT_NE(shown(), nullptr) << "but whenever it is asked for";
    QTest::keyClick(shown(), Qt::Key_Escape);
    EXPECT_EQ(shown(), nullptr);
}

TEST_F(FirstHour, TheHelpHasAPageWithItsPictureForEveryStation) {
    const auto pages = help_pages((*w)->commands());
    ASSERT_EQ(pages.size(), (*w)->commands().size() + 6);
    for (const auto* station : (*w)->commands()) {
        const auto page = std::find_if(pages.begin(), pages.end(), [&](const HelpPage& p) { return p.title == station->station(); });
        ASSERT_NE(page, pages.end()) << station->station().toStdString();
        for (const auto& c : station->all()) EXPECT_TRUE(page->html.contains(c->help.toHtmlEscaped())) << c->id.toStdString();
        if (station->station() == QStringLiteral("Everywhere")) continue;
        const auto from = page->html.indexOf(QStringLiteral("src=':")) + 5;
        EXPECT_FALSE(QImage(page->html.mid(from, page->html.indexOf(QLatin1Char('\''), from) - from)).isNull())
            << station->station().toStdString();
    }
}

TEST_F(FirstHour, TheHelpBeginsWithSafetyAnswersTheFirstWeekAndIsSearched) {
    const auto pages = help_pages((*w)->commands());
    EXPECT_EQ(pages.front().title, QStringLiteral("Safety first"));
    const auto week =
        std::find_if(pages.begin(), pages.end(), [](const HelpPage& p) { return p.title == QStringLiteral("The first week"); });
    ASSERT_NE(week, pages.end());
    EXPECT_EQ(week->html.count(QStringLiteral("<h3>")), 12);
    EXPECT_FALSE(week->html.contains(QLatin1Char('{'))) << "every command it names is there: " << week->html.toStdString();
    EXPECT_TRUE(is_about(*week, QStringLiteral("POWER saved")));
    EXPECT_FALSE(is_about(*week, QStringLiteral("power carburettor")));
    when_asked<QDialog>([&](QDialog* d) {
        auto* sought = d->findChild<QLineEdit*>();
        sought->setFocus();
        QTest::keyClicks(sought, QStringLiteral("stick network"));
        auto* list = d->findChild<QListWidget*>();
        int seen = 0;
        for (int i = 0; i < list->count(); ++i) seen += list->item(i)->isHidden() ? 0 : 1;
        EXPECT_GE(seen, 1);
        EXPECT_LT(seen, 4);
        EXPECT_EQ(list->currentItem()->text(), QStringLiteral("The first week"));
        d->reject();
    });
    show_help((*w)->commands(), QString(), &**w);
}

TEST_F(FirstHour, TheHelpIsWrittenForABrowser) {
    const auto pages = help_pages((*w)->commands());
    ASSERT_TRUE(write_help((*w)->commands(), scratch / "help"));
    for (std::size_t i = 1; i <= pages.size(); ++i) {
        const std::string html = store::read_file(scratch / "help/page-" + std::to_string(i) + ".html").value_or("");
        EXPECT_NE(html.find("</html>"), std::string::npos) << i;
        EXPECT_EQ(html.find(":/app"), std::string::npos) << "every picture lies beside it: " << i;
    }
    EXPECT_GT(store::bytes_below(scratch / "help/pictures"), 100'000);
}

TEST_F(FirstHour, AnEmptyLibraryShowsAnExampleGuide) {
    bool seen = false;
    when_asked<ExampleDialog>([&](ExampleDialog* d) {
        seen = true;
        auto* scroll = d->findChild<QScrollArea*>();
        EXPECT_GT(scroll->widget()->height(), 8 * scroll->widget()->width()) << "all its pages, one under the other";
        EXPECT_EQ(scroll->horizontalScrollBar()->maximum(), 0) << "a page is as wide as its place";
        QTest::keyClick(scroll, Qt::Key_PageDown);
        EXPECT_GT(scroll->verticalScrollBar()->value(), 100);
        QTest::keyClick(d, Qt::Key_Escape);
    });
    press("See an example guide");
    EXPECT_TRUE(seen);
}
