// The window keeps what is the person's: the right guide is issued, everything is undone, long work ends with the window, and words
// are shown as they are written.
#include <gtest/gtest.h>

#include <QCheckBox>
#include <QElapsedTimer>
#include <QFileDialog>
#include <QLabel>
#include <QMenu>
#include <QMessageBox>
#include <QTextBrowser>
#include <filesystem>
#include <fstream>

#include "app/figures/figures_station.h"
#include "app/figures/page_reader.h"
#include "app/issue/issue_station.h"
#include "app/sheet/sheet_station.h"
#include "app/shelf/shelf_station.h"
#include "app/window/said_search.h"
#include "publish/cover.h"
#include "shop/intake.h"
#include "store/files.h"
#include "tests/place.h"
#include "tests/store/behind.h"
#include "tests/app/demo_guide.h"
#include "tests/app/window.h"
#include "tests/demo_copy.h"
#include "tests/media/sample_films.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::fill;
using anagraph::testing::run;
using anagraph::testing::Scratch;
using anagraph::testing::place;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

const std::string kFilms = ANAGRAPH_SOURCE "/demo/films/";

class Keeping : public anagraph::testing::OnDemoGuide {
protected:
    core::Header header(const char* title) {
        core::Header h;
        h.machine = "Perrick PT60";
        h.title = title;
        h.number = title;
        return h;
    }
    /// Another guide of the library that says the same words.
    store::GuideId other(const char* title, const char* line) {
        core::Procedure p;
        p.header = header(title);
        core::Step s;
        s.id = core::StepId("s");
        s.heading = "Work";
        s.lines = {line};
        p.steps = {s};
        return *session().library().create_guide(p, "author");
    }
    std::string line_of(const store::GuideId& id) { return session().library().load_guide(id)->steps[0].lines[0]; }
};

}  // namespace

TEST_F(Keeping, WhatIsIssuedIsTheGuideThatWasAskedForWhateverIsOpenedMeanwhile) {
    const auto asked = session().guide();
    const auto b = other("other job", "Pull.");
    (*w)->go(MainWindow::Issue);
    (*w)->issue().checker().setText("checker");
    when_asked<QMessageBox>([](QMessageBox* box) { box->button(QMessageBox::Yes)->click(); });
    w->key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE((*w)->issue().busy()) << (*w)->notice().toStdString();
    const auto frozen = guide();
    // an edit, and another guide taken in hand, while the pack is made
    core::Step s = guide().steps[0];
    s.heading = "Changed meanwhile";
    ASSERT_TRUE(session().perform(core::Change{"write", {core::Put<core::Step>{s, std::nullopt}}}));
    ASSERT_TRUE(session().open_guide(b));
    ASSERT_TRUE(QTest::qWaitFor([&] { return !(*w)->issue().busy(); }, 180000));
    EXPECT_TRUE(session().library().editions(b)->empty()) << "the guide in hand got nothing";
    const auto editions = session().library().editions(asked);
    ASSERT_EQ(editions->size(), 1U);
    EXPECT_EQ(editions->front().edition.procedure.steps[0].heading, frozen.steps[0].heading) << "as it was when it was asked for";
    const auto listed = *session().library().guides();
    for (const auto& g : listed) EXPECT_TRUE(!(g.id == asked) || g.changed_since) << "the edit made meanwhile is not in it";
    // and the pack is written again from the window, as it was issued
    ASSERT_TRUE(session().open_guide(asked));
    (*w)->go(MainWindow::Issue);
    std::filesystem::create_directories(scratch / "stick");
    (*w)->issue().copy_pack_into(QString::fromStdString(scratch / "stick"));
    const auto copy = scratch / "stick/perrick-pt60-100-h-service-1";
    ASSERT_TRUE(QTest::qWaitFor([&] { return std::filesystem::exists(copy); }, 60000));
    EXPECT_EQ(*store::read_file(copy + "/manifest.json"), *store::read_file((*w)->issue().chosen_pack().toStdString() + "/manifest.json"));
}

TEST_F(Keeping, WordsReplacedInAllGuidesAreTakenBackByOneUndo) {
    const auto a = other("a", "Turn the wombat in.");
    const auto b = other("b", "Oil the wombat.");
    core::Step s = guide().steps[0];
    s.lines = {"Look at the wombat."};
    ASSERT_TRUE(session().perform(core::Change{"write", {core::Put<core::Step>{s, std::nullopt}}}));
    const auto before = guide();
    (*w)->go(MainWindow::Sheet);
    when_asked<QDialog>([&](QDialog* dialog) {
        fill(*dialog, "words as they stand", "wombat");
        fill(*dialog, "what stands there instead; empty removes them", "plug");
        dialog->findChild<QCheckBox*>()->setChecked(true);
        const auto ready = [&] {
            for (auto* label : dialog->findChildren<QLabel*>())
                if (label->text().contains("In 2 other guides: 2 places")) return true;
            return false;
        };
        EXPECT_TRUE(QTest::qWaitFor(ready, 20000));
        dialog->accept();
    });
    w->key(Qt::Key_H, Qt::ControlModifier);
    EXPECT_EQ(line_of(a), "Turn the plug in.");
    EXPECT_EQ(line_of(b), "Oil the plug.");
    EXPECT_EQ(guide().steps[0].lines[0], "Look at the plug.");
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(guide(), before);
    EXPECT_EQ(line_of(a), "Turn the wombat in.");
    EXPECT_EQ(line_of(b), "Oil the wombat.");
    w->key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(line_of(b), "Oil the plug.");
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(line_of(b), "Oil the wombat.");
}

TEST_F(Keeping, AGuideThatCannotBeReadIsSaidAndNotCountedAsNone) {
    const auto a = other("torn", "Turn the wombat in.");
    anagraph::testing::behind(scratch / "library", "UPDATE snapshot SET seal = 'x' WHERE guide = '" + a.text() + "'");
    (*w)->go(MainWindow::Sheet);
    bool said = false;
    when_asked<QDialog>([&](QDialog* dialog) {
        fill(*dialog, "words as they stand", "wombat");
        dialog->findChild<QCheckBox*>()->setChecked(true);
        said = QTest::qWaitFor(
            [&] {
                for (auto* label : dialog->findChildren<QLabel*>())
                    if (label->text().contains("could not be read")) return true;
                return false;
            },
            20000);
        dialog->reject();
    });
    w->key(Qt::Key_H, Qt::ControlModifier);
    EXPECT_TRUE(said);
}

TEST_F(Keeping, TheHouseIsUndoneInItsTurn) {
    core::House house = *session().library().house();
    const auto before = house;
    house.store.clear();
    core::Step s = guide().steps[0];
    s.heading = "first";
    ASSERT_TRUE(session().perform(core::Change{"write", {core::Put<core::Step>{s, std::nullopt}}}));
    ASSERT_TRUE(session().keep_house(house, "change the house"));
    EXPECT_EQ(session().undo_label(), "change the house");
    EXPECT_EQ(*session().library().house(), house);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(*session().library().house(), before);
    EXPECT_EQ(guide().steps[0].heading, "first") << "the change before it is still there";
    session().redo();
    EXPECT_EQ(*session().library().house(), house);
    session().undo();
    session().undo();
    EXPECT_NE(guide().steps[0].heading, "first");
}

TEST_F(Keeping, ANumberThatCanBeReadTwoWaysIsAskedForInTheWindow) {
    (*w)->go(MainWindow::Figures);
    core::Figure f;
    f.id = core::FigureId("valve");
    f.kind = core::FigureKind::Pressure;
    f.purpose = "relief valve";
    ASSERT_TRUE(session().perform(core::Change{"add", {core::Put<core::Figure>{f, std::nullopt}}}));
    (*w)->figures().choose(f.id);
    QLineEdit* value = nullptr;
    for (auto* edit : (*w)->figures().findChildren<QLineEdit*>())
        if (edit->accessibleName() == "Value") value = edit;
    ASSERT_NE(value, nullptr);
    QStringList offered;
    const auto choose = [&](int which) {
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [&, timer, which] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (menu == nullptr) return;
            timer->deleteLater();
            offered.clear();
            for (const auto* a : menu->actions())
                if (!a->isSeparator()) offered << a->data().toString();
            QTest::keyClick(menu, static_cast<Qt::Key>(Qt::Key_0 + which));
        });
        timer->start(30);
        value->setFocus();
        value->clear();
        QTest::keyClicks(value, "2,000 kPa");
        QTest::keyClick(value, Qt::Key_Return);
    };
    choose(2);
    EXPECT_EQ(offered, (QStringList{"2.0 kPa", "2000 kPa"})) << "both readings are shown";
    EXPECT_EQ(guide().find(f.id)->value.low, "2000");
    choose(1);
    EXPECT_EQ(guide().find(f.id)->value.low, "2.0");
}

TEST_F(Keeping, WordsAreShownAsTheyAreWritten) {
    core::Header h = guide().header;
    h.title = "<img src=x> <b>service</b>";
    ASSERT_TRUE(session().perform(core::Change{"head", {core::SetHeader{h}}}));
    session().tell("<b>no such file</b> <img src='file:///etc/passwd'>");
    for (int stop = 0; stop < 6; ++stop) {
        (*w)->go(stop);
        QTest::qWait(30);
        for (auto* label : (*w)->findChildren<QLabel*>()) {
            if (!label->text().contains("<img") && !label->text().contains("<b>no such")) continue;
            EXPECT_EQ(label->textFormat(), Qt::PlainText) << label->text().toStdString();
        }
    }
}

TEST_F(Keeping, APageIsReadAgainAfterReadingWasStopped) {
    PageReader reader(nullptr);
    const std::string book = ANAGRAPH_SOURCE "/demo/book/perrick-pt60-book.pdf";
    bool shown = false;
    bool read = false;
    QObject::connect(&reader, &PageReader::page_shown, [&] { shown = true; });
    QObject::connect(&reader, &PageReader::page_read, [&] { read = true; });
    reader.show_page(book, 1, false);
    ASSERT_TRUE(QTest::qWaitFor([&] { return shown; }, 60000));
    reader.show_page(book, 1, true);
    reader.stop();
    reader.show_page(book, 1, true);
    EXPECT_TRUE(QTest::qWaitFor([&] { return read; }, 60000)) << "it never ended";
}

TEST(Shelf, ANewGuideTakesTheRecordingThatWasChosen) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    Window w(scratch / "library");
    const auto all = *w->session().library().recordings();
    ASSERT_EQ(all.size(), 2U);
    auto& list = w->shelf().recordings();
    list.setFocus();
    w.key(Qt::Key_End);
    ASSERT_EQ(list.currentIndex().row(), 1);
    when_asked<QDialog>([](QDialog* dialog) {
        fill(*dialog, "Perrick PT60", "Perrick PT60");
        fill(*dialog, "100 h service", "look again");
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
    });
    w.key(Qt::Key_N, Qt::ControlModifier);
    ASSERT_EQ(w.guide().recordings.size(), 1U) << w->notice().toStdString();
    EXPECT_EQ(w.guide().recordings[0].id, all[1].id);
}

TEST(Shelf, ClosingTheWindowEndsAnImportAtOnceAndFreesTheLibrary) {
    const Scratch scratch;
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i testsrc2=size=1280x720:rate=30:duration=60 -c:v libx264 -preset ultrafast " + (scratch / "long.mp4")));
    QElapsedTimer clock;
    {
        Window w(scratch / "library");
        w->shelf().bring_in({QString::fromStdString(scratch / "long.mp4")});
        QTest::qWait(400);
        ASSERT_TRUE(w->shelf().importing());
        clock.start();
    }
    // sixty seconds of film take many seconds to look through; ending takes a few pictures
    const auto closing = clock.elapsed();
    const auto library = store::Library::open(place(scratch / "library"));
    ASSERT_TRUE(library) << library.error().message;
    EXPECT_TRUE((*library)->recordings()->empty());
    for (const char* part : {"/media", "/work"}) EXPECT_TRUE(std::filesystem::is_empty(scratch / "library" + part)) << part;
    std::printf("closing during an import took %lld ms\n", static_cast<long long>(closing));
}

TEST(Shelf, ARotatedFilmStandsUprightInTheList) {
    const Scratch scratch;
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i \"color=black:size=320x240:rate=25:duration=2,drawbox=x=240:y=0:w=80:h=80:color=white:t=fill\" -c:v "
            "libx264 -pix_fmt yuv420p " +
            (scratch / "flat.mp4")));
    ASSERT_TRUE(run("ffmpeg -y -i " + (scratch / "flat.mp4") + " -c copy -metadata:s:v rotate=90 " + (scratch / "turned.mp4")));
    auto library = store::Library::make_or_open(place(scratch / "library"));
    auto prepared = shop::prepare_recording(scratch / "library", scratch / "turned.mp4", "");
    ASSERT_TRUE(prepared) << prepared.error().message;
    ASSERT_TRUE(shop::enter_recording(**library, *prepared));
    QImage cover(QString::fromStdString((*library)->recording_folder(prepared->entry.id) + "/" + publish::kCoverFile));
    ASSERT_FALSE(cover.isNull());
    EXPECT_GT(cover.height(), cover.width());
    EXPECT_GT(qGray(cover.pixel(cover.width() / 8, cover.height() / 8)), 128) << "what was stored at the top right stands at the top left";
    EXPECT_LT(qGray(cover.pixel(cover.width() * 7 / 8, cover.height() * 7 / 8)), 128);
}

TEST(Shelf, OfALibraryOfBeforeFillsInWhatItsListNeeds) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    {
        const auto library = store::Library::open(place(scratch / "library"));
        const auto all = *(*library)->recordings();
        for (const auto& r : all) std::filesystem::remove((*library)->recording_folder(r.id) + "/" + publish::kCoverFile);
    }
    Window w(scratch / "library");
    const auto folder = w->session().library().recording_folder(w->session().library().recordings()->front().id);
    EXPECT_TRUE(QTest::qWaitFor([&] { return std::filesystem::exists(folder + "/" + publish::kCoverFile); }, 20000));
}

TEST(Search, OnlyTheWordsAskedForLastAreAnswered) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    const auto open = store::Library::open(place(scratch / "library"));
    SaidSearch search(place(scratch / "library"));
    QStringList answered;
    std::size_t lines = 0;
    QObject::connect(&search, &SaidSearch::found, [&](const QString& words, const std::vector<store::SaidLine>& found) {
        answered << words;
        lines = found.size();
    });
    for (const char* words : {"d", "dr", "dra", "drai", "drain"}) search.look_for(words);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !answered.isEmpty() && answered.last() == "drain"; }, 20000));
    EXPECT_GT(lines, 0U);
}
