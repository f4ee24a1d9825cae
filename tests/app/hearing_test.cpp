// A film without a narration, from its import to a draft whose figures are to be listened to; by keys.
#include "app/hearing/hearing.h"

#include <gtest/gtest.h>

#include <QFileDialog>
#include <QInputDialog>
#include <QLabel>
#include <QMessageBox>
#include <QPushButton>
#include <fstream>

#include "app/figures/figures_station.h"
#include "app/house/recogniser_dialog.h"
#include "app/shelf/shelf_station.h"
#include "core/tape/logging.h"
#include "tests/app/window.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::run;
using anagraph::testing::Scratch;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

constexpr int kLong = 300000;  // ms: hearing takes its time on a busy machine

class HearingFilms : public ::testing::Test {
protected:
    void SetUp() override { w = std::make_unique<Window>(scratch / "library"); }
    /// The first seconds of a demo film, without its narration.
    std::string demo_film(int seconds) {
        const std::string film = scratch / "job.mp4";
        EXPECT_TRUE(
            run("ffmpeg -y -t " + std::to_string(seconds) + " -i " ANAGRAPH_SOURCE "/demo/films/pt60-service-1.mp4 -c copy " + film));
        return film;
    }
    void keep_recogniser(const std::string& command) {
        auto house = *(*w)->session().library().house();
        house.recogniser = command;
        ASSERT_TRUE((*w)->session().keep_house(house, "recogniser"));
    }
    /// A recogniser that hears these lines.
    std::string that_hears(const std::string& vtt) {
        std::ofstream(scratch / "heard.vtt") << vtt;
        return "cat " + (scratch / "heard.vtt") + " #";
    }
    void import_by_keys(const std::string& film) {
        when_asked<QFileDialog>([film](QFileDialog* dialog) {
            auto* name = dialog->findChild<QLineEdit*>();
            name->setText(QString::fromStdString(film));
            QTest::keyClick(name, Qt::Key_Return);
        });
        w->key(Qt::Key_O, Qt::ControlModifier);
        ASSERT_TRUE(
            QTest::qWaitFor([&] { return (*w)->shelf().recordings().model()->rowCount() == 1 && !(*w)->shelf().importing(); }, kLong))
            << (*w)->notice().toStdString();
    }
    void begin_guide() {
        when_asked<QDialog>([](QDialog* d) {
            anagraph::testing::fill(*d, "Perrick PT60", "Perrick PT60");
            anagraph::testing::fill(*d, "100 h service", "200 h service");
            QTest::keyClick(d, Qt::Key_Return);
        });
        w->key(Qt::Key_N, Qt::ControlModifier);
        ASSERT_EQ((*w)->rail().current(), MainWindow::Tape);
        ASSERT_TRUE(w->settled());
    }
    bool heard() {
        return QTest::qWaitFor([&] { return !(*w)->session().hearing().busy(); }, kLong);
    }
    const LoadedRecording& recording() { return *(*w)->tape().recording(); }
    Scratch scratch;
    std::unique_ptr<Window> w;
};

constexpr const char* kMisheard =
    "WEBVTT\n\n"
    "00:01.000 --> 00:03.000\nundo the <00:01.800><c.unsure>brain</c> <c.unsure>love</c> with the seventeen mil socket\n\n"
    "00:04.000 --> 00:06.000\nlet the oil drain for ten minutes\n\n"
    "00:07.000 --> 00:10.000\nput the brain love in again and tighten it to twenty five newton metres\n";

}  // namespace

TEST_F(HearingFilms, FromImportToADraftWhoseFiguresAreToBeListenedTo) {
    import_by_keys(demo_film(62));
    begin_guide();
    ASSERT_TRUE(heard()) << (*w)->notice().toStdString();
    ASSERT_GT(recording().narration.size(), 5U) << (*w)->notice().toStdString();
    for (const auto& line : recording().narration) EXPECT_TRUE(line.by_program);
    w->key(Qt::Key_D);
    ASSERT_FALSE(w->guide().steps.empty()) << (*w)->notice().toStdString();
    for (const auto& s : w->guide().steps) EXPECT_TRUE(s.drafted);
    ASSERT_FALSE(w->guide().figures.empty());
    for (const auto& f : w->guide().figures) {
        EXPECT_EQ(core::standing_of(f), core::Standing::Open);
        for (const auto& c : f.claims) EXPECT_TRUE(c.by_program) << c.words;
        EXPECT_NE(core::finding_of(f).english().find("Heard by the program"), std::string::npos) << core::finding_of(f);
    }
}

TEST_F(HearingFilms, WordsItIsNotSureOfAreHatchedAndACorrectionIsOfferedElsewhere) {
    keep_recogniser(that_hears(kMisheard));
    import_by_keys(demo_film(12));
    begin_guide();
    ASSERT_TRUE(heard());
    ASSERT_EQ(recording().narration.size(), 3U) << (*w)->notice().toStdString();
    EXPECT_TRUE(recording().narration[0].words[2].unsure);
    auto& tape = (*w)->tape().tape();
    const auto pictured = [&] { return tape.viewport()->grab().toImage(); };
    w->to_line(0);
    const QImage hatched = pictured();

    when_asked<QInputDialog>([](QInputDialog* d) {
        when_asked<QMessageBox>([](QMessageBox* box) {
            EXPECT_TRUE(box->text().contains(QStringLiteral("“drain plug” for “brain love”"))) << box->text().toStdString();
            EXPECT_TRUE(box->informativeText().contains(QStringLiteral("put the drain plug in again")));
            QTest::keyClick(box, Qt::Key_A, Qt::AltModifier);
        });
        d->setTextValue(QStringLiteral("undo the drain plug with the seventeen mil socket"));
        d->accept();
    });
    w->key(Qt::Key_E);
    EXPECT_EQ(recording().narration[0].text, "undo the drain plug with the seventeen mil socket");
    EXPECT_EQ(recording().narration[2].text, "put the drain plug in again and tighten it to twenty five newton metres");
    EXPECT_NE(pictured(), hatched);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(recording().narration[0].text, recording().heard[0].text) << "one undo takes both back";
    EXPECT_EQ(recording().narration[2].text, recording().heard[2].text);

    // a figure of a line that nobody listened to says so on the Figures, until its step is confirmed
    w->key(Qt::Key_D);
    ASSERT_FALSE(w->guide().figures.empty());
    const auto by_program = [&] {
        return std::any_of(w->guide().figures.begin(), w->guide().figures.end(), [](const core::Figure& f) {
            return std::any_of(f.claims.begin(), f.claims.end(), [](const auto& c) { return c.by_program; });
        });
    };
    EXPECT_TRUE(by_program());
    for (int i = 0; i < 10 && std::any_of(w->guide().steps.begin(), w->guide().steps.end(), [](const auto& s) { return s.drafted; }); ++i) {
        w->key(Qt::Key_Return);
        ASSERT_TRUE(w->settled());
    }
    EXPECT_FALSE(by_program());
}

TEST_F(HearingFilms, IsStoppedByAKeyAndBegunAgainFromTheTapeWithoutLosingAnOpenStep) {
    keep_recogniser("sleep 600 #");
    import_by_keys(demo_film(12));
    begin_guide();
    ASSERT_TRUE((*w)->session().hearing().busy());
    w->key(Qt::Key_BracketLeft);
    EXPECT_EQ((*w)->tape().in_hand(), Hand::Bracket);
    w->key(Qt::Key_Escape);
    ASSERT_TRUE(heard());
    EXPECT_TRUE(recording().narration.empty());
    EXPECT_TRUE((*w)->notice().contains(QStringLiteral("stopped"))) << (*w)->notice().toStdString();
    keep_recogniser(that_hears(kMisheard));
    w->key(Qt::Key_Y, Qt::ShiftModifier);
    ASSERT_TRUE(heard());
    EXPECT_EQ(recording().narration.size(), 3U);
    EXPECT_EQ((*w)->tape().in_hand(), Hand::Bracket) << "the step that was open is still open";
    w->key(Qt::Key_Y, Qt::ShiftModifier);
    EXPECT_FALSE((*w)->session().hearing().busy()) << "a narration is never heard over";
    EXPECT_TRUE((*w)->notice().contains(QStringLiteral("has a narration"))) << (*w)->notice().toStdString();
}

TEST_F(HearingFilms, TheHousesRecogniserIsTriedOnTheSpot) {
    RecogniserDialog dialog(that_hears("WEBVTT\n\n00:00.000 --> 00:02.000\nwhat it made of it\n"), nullptr);
    dialog.show();
    const auto try_it = [&] {
        QApplication::setActiveWindow(&dialog);
        QTest::keyClick(&dialog, Qt::Key_T, Qt::AltModifier);
    };
    try_it();
    const auto says = [&](const QString& words) {
        return QTest::qWaitFor(
            [&] {
                const auto labels = dialog.findChildren<QLabel*>();
                return std::any_of(labels.begin(), labels.end(), [&](const QLabel* l) { return l->text().contains(words); });
            },
            kLong);
    };
    EXPECT_TRUE(says(QStringLiteral("Heard: what it made of it")));
    dialog.findChild<QLineEdit*>()->setText(QStringLiteral("no-such-recogniser"));
    try_it();
    EXPECT_TRUE(says(QStringLiteral("no-such-recogniser\" failed")));
    EXPECT_EQ(dialog.command(), "no-such-recogniser");
}
