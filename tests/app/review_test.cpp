// A guide reviewed, checked, signed, issued, handed out and withdrawn in the window, by keys.
#include <gtest/gtest.h>

#include <QDropEvent>
#include <QListWidget>
#include <QMessageBox>
#include <QMimeData>
#include <algorithm>
#include <filesystem>
#include <fstream>

#include "app/desk/desk_dialog.h"
#include "app/issue/issue_station.h"
#include "app/people/learners_dialog.h"
#include "app/sheet/sheet_station.h"
#include "shop/handout.h"
#include "shop/issue.h"
#include "tests/app/window.h"
#include "tests/core/dryrun/guides.h"
#include "tests/core/learner/answered.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::app::IssueStation;
using anagraph::app::LearnersDialog;
using anagraph::app::MainWindow;
using anagraph::testing::fill;
using anagraph::testing::Scratch;
using anagraph::testing::place;
using anagraph::testing::shown;
using anagraph::testing::when_asked;
using anagraph::testing::Window;

namespace {

constexpr const char* kWords = "seven dry harbours";

class ReviewKeys : public ::testing::Test {
protected:
    void SetUp() override {
        {
            auto library = store::Library::make_or_open(place(s / "library"));
            ASSERT_TRUE(library);
            guide = *(*library)->create_guide(core::testing::written(core::testing::engine()), "author");
        }
        open();
    }
    void TearDown() override {
        if (w) (*w)->session().set_author("author");
    }
    void open() {
        w.reset();
        w = std::make_unique<Window>(s / "library");
        ASSERT_TRUE((*w)->session().open_guide(guide));
        (*w)->session().set_author("author");
        (*w)->go(MainWindow::Issue);
    }
    IssueStation& issue() { return (*w)->issue(); }
    store::Library& library() { return (*w)->session().library(); }

    void sits(const char* post) {
        when_asked<QDialog>([post](QDialog* d) {
            fill(*d, "author, checker, instructor pump bay", post);
            QTest::keyClick(d, Qt::Key_Return);
        });
        w->key(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        ASSERT_EQ((*w)->session().author(), post);
    }
    void makes_key(const char* post) {
        when_asked<QDialog>([post, this](QDialog* d) {
            const auto fields = d->findChildren<QLineEdit*>();
            fields[0]->setText(post);
            fields[1]->setText(QString::fromStdString(s / (std::string(post) + ".key")));
            fields[2]->setText(kWords);
            fields[3]->setText(kWords);
            QTest::keyClick(d, Qt::Key_Return);
        });
        issue().places().setFocus();
        w->key(Qt::Key_K, Qt::AltModifier);
    }
    void passes_all() {
        issue().places().setFocus();
        for (int i = 0; i < issue().places().count(); ++i) w->key(Qt::Key_Return);
    }
    void checks() {
        when_asked<QDialog>([](QDialog* d) { QTest::keyClick(d, Qt::Key_Return); });
        issue().places().setFocus();
        w->key(Qt::Key_K, Qt::ControlModifier);
    }
    void issues(int number) {
        when_asked<QMessageBox>([](QMessageBox* box) { box->button(QMessageBox::Yes)->click(); });
        issue().places().setFocus();
        w->key(Qt::Key_Return, Qt::ControlModifier);
        ASSERT_TRUE(issue().busy()) << (*w)->notice().toStdString();
        ASSERT_TRUE(QTest::qWaitFor([&] { return !issue().busy(); }, 180000));
        ASSERT_EQ(library().editions(guide)->back().edition.number, number) << (*w)->notice().toStdString();
    }
    void changes_a_torque(const char* to) {
        const auto& p = (*w)->session().procedure();
        core::Figure f =
            *std::find_if(p.figures.begin(), p.figures.end(), [](const core::Figure& x) { return x.kind == core::FigureKind::Torque; });
        f.value.low = to;
        f.proofs[0].value.low = to;
        ASSERT_TRUE((*w)->session().perform(core::Change{"change a torque", {core::Put<core::Figure>{f, std::nullopt}}}));
    }

    const Scratch s;
    store::GuideId guide;
    std::unique_ptr<Window> w;
};

}  // namespace

TEST_F(ReviewKeys, AuthorsPassNothingAndACheckerWalksEveryPlace) {
    issue().places().setFocus();
    w->key(Qt::Key_Return);
    EXPECT_TRUE((*w)->notice().contains("a second person checks it")) << (*w)->notice().toStdString();
    sits("checker");
    EXPECT_EQ(shown(issue(), "Check the guide"), nullptr) << "nothing is passed yet";
    // who only comments is no author, of a first edition either
    core::Step asked = w->guide().steps[0];
    asked.comments.push_back({"", "checker", "2026-11-30", "Which cap?", "The filler cap."});
    ASSERT_TRUE((*w)->session().perform(core::Change{"comment", {core::Put<core::Step>{asked, std::nullopt}}}));
    (*w)->issue().checker().setText("somebody else");
    const QString first = issue().panel().told();
    // nothing is compared with an edition that is not there
    for (const auto* label : issue().panel().findChildren<QLabel*>())
        EXPECT_FALSE(label->text().contains(QStringLiteral("text-decoration"))) << label->text().left(200).toStdString();
    issue().places().setFocus();
    w->key(Qt::Key_Return);
    EXPECT_NE(issue().panel().told(), first) << "goes on to the next";
    EXPECT_TRUE(issue().places().item(0)->text().startsWith(QStringLiteral("✓")));
    passes_all();
    ASSERT_NE(shown(issue(), "Check the guide"), nullptr);
    EXPECT_TRUE(shown(issue(), "Check the guide")->way_on());
    checks();
    const auto records = library().records();
    ASSERT_EQ(records->checks(guide.text()).size(), 1U);
    EXPECT_EQ(records->checks(guide.text())[0].by, "checker");
    EXPECT_EQ(records->kept<core::PlacePassed>().size(), static_cast<std::size_t>(issue().places().count()));
    // a pass by mistake is taken back, and the check that stood on it
    issue().places().setFocus();
    issue().places().setCurrentRow(2);
    w->key(Qt::Key_Backspace);
    EXPECT_FALSE(issue().places().item(2)->text().startsWith(QStringLiteral("✓")));
    EXPECT_TRUE(library().records()->checks(guide.text()).empty());
    issue().life().setFocus();
    issue().life().setCurrentRow(0);
    EXPECT_TRUE(issue().panel().told().contains("Nothing stands in the way")) << issue().panel().told().toStdString();
    passes_all();
    checks();
    // who checked is known then; nobody types it
    sits("author");
    EXPECT_EQ(issue().checker().text(), "checker");
    issues(1);
    EXPECT_TRUE(issue().verdict().contains("Edition 1 is issued"));
}

TEST_F(ReviewKeys, AfterAChangeOnlyItsPlaceIsLookedAtWithTheOldBesideTheNew) {
    sits("checker");
    passes_all();
    checks();
    sits("author");
    issues(1);
    changes_a_torque("41");
    (*w)->go(MainWindow::Issue);
    sits("checker");
    int open = 0;
    for (int i = 0; i < issue().places().count(); ++i) open += issue().places().item(i)->text().startsWith(QStringLiteral("✓")) ? 0 : 1;
    EXPECT_EQ(open, 1);
    EXPECT_EQ(issue().places().currentRow(), 0);
    const QString told = issue().panel().told();
    EXPECT_TRUE(told.contains("35 N·m")) << told.toStdString();
    EXPECT_TRUE(told.contains("41 N·m"));
    EXPECT_TRUE(told.contains("now 41 N·m"));
    EXPECT_EQ(issue().life().stages().front().title, "Edition 1");
    // a comment stands until it is answered
    issue().places().setFocus();
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "what is unclear, wrong or missing here", "Which book says so?");
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_C);
    ASSERT_TRUE(std::any_of(w->guide().steps.begin(), w->guide().steps.end(), [](const core::Step& x) { return !x.comments.empty(); }));
    passes_all();
    issue().places().setFocus();
    w->key(Qt::Key_K, Qt::ControlModifier);
    EXPECT_TRUE((*w)->notice().contains("Which book says so?")) << (*w)->notice().toStdString();
    EXPECT_EQ(library().records()->checks(guide.text()).size(), 1U);
    sits("author");
    core::Step answered =
        *std::find_if(w->guide().steps.begin(), w->guide().steps.end(), [](const core::Step& x) { return !x.comments.empty(); });
    answered.comments[0].answer = "The new issue, page 3.";
    ASSERT_TRUE((*w)->session().perform(core::Change{"answer", {core::Put<core::Step>{answered, std::nullopt}}}));
    sits("checker");
    ASSERT_NE(shown(issue(), "Check the guide"), nullptr) << "an answer changes no place";
    checks();
    EXPECT_EQ(library().records()->checks(guide.text()).size(), 2U);
}

TEST_F(ReviewKeys, KeysAreMadeAskedForOnceASessionAndAWrongPassphraseIsToldAndWaits) {
    makes_key("author");
    makes_key("checker");
    ASSERT_EQ(library().records()->keys().size(), 2U) << (*w)->notice().toStdString();
    sits("checker");
    passes_all();
    checks();
    open();  // another session: nothing is open any more
    ASSERT_EQ(issue().keys().key_of("author"), nullptr);
    bool told = false;
    bool waited = false;
    when_asked<QDialog>([&](QDialog* d) {
        std::vector<QLineEdit*> secrets;
        for (auto* f : d->findChildren<QLineEdit*>())
            if (f->echoMode() == QLineEdit::Password) secrets.push_back(f);
        ASSERT_EQ(secrets.size(), 2U);
        const auto says = [d](const char* words) {
            for (auto* label : d->findChildren<QLabel*>())
                if (label->text().contains(words)) return true;
            return false;
        };
        secrets[0]->setText("wrong");
        secrets[1]->setText(kWords);
        QTest::keyClick(d, Qt::Key_Return);
        told = says("passphrase is not the one");
        secrets[0]->setText(kWords);
        QTest::keyClick(d, Qt::Key_Return);
        waited = says("try again in");
        QTimer::singleShot(1300, d, [d] {
            when_asked<QMessageBox>([](QMessageBox* box) { box->button(QMessageBox::Yes)->click(); });
            QTest::keyClick(d, Qt::Key_Return);
        });
    });
    issue().places().setFocus();
    w->key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(told);
    EXPECT_TRUE(waited);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !issue().busy() && !library().editions(guide)->empty(); }, 180000))
        << (*w)->notice().toStdString();
    ASSERT_EQ(library().editions(guide)->size(), 1U) << (*w)->notice().toStdString();
    EXPECT_EQ(library().editions(guide)->back().edition.signers.size(), 2U);
    // dropped on the window it is verified
    const QString pack = issue().chosen_pack();
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(pack)});
    (*w)->go(MainWindow::Sheet);
    QDragEnterEvent enter(QPoint(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&**w, &enter);
    ASSERT_TRUE(enter.isAccepted());
    QDropEvent drop(QPointF(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&**w, &drop);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !issue().busy() && !issue().verdict().isEmpty(); }, 60000));
    EXPECT_TRUE(issue().verdict().contains("Intact and signed")) << issue().verdict().toStdString();
    // the next edition asks for nothing
    changes_a_torque("41");
    sits("checker");
    passes_all();
    checks();
    sits("author");
    issues(2);
}

TEST_F(ReviewKeys, AnEditionIsHandedOutAndWithdrawnAndItsHoldersAreTold) {
    sits("checker");
    passes_all();
    checks();
    sits("author");
    issues(1);
    ASSERT_TRUE(library().record({core::LearnerAdded{"learner 07", "spring"}, core::LearnerAdded{"learner 08", "autumn"}}, "author"));
    issue().life().choose_edition(1);
    issue().life().setFocus();
    when_asked<QDialog>([](QDialog* d) {
        auto* list = d->findChild<QListWidget*>();
        list->setFocus();
        list->setCurrentRow(1);
        QTest::keyClick(list, Qt::Key_Space);
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_O, Qt::ControlModifier);
    EXPECT_EQ(core::holders_of(*library().records(), guide.text(), 1), std::vector<std::string>{"learner 07"});
    EXPECT_TRUE(issue().edition_panel().told().contains("learner 07"));
    changes_a_torque("41");
    sits("checker");
    EXPECT_TRUE(issue().panel().told().contains("One learner has edition 1 and will be told: learner 07"))
        << issue().panel().told().toStdString();
    passes_all();
    checks();
    sits("author");
    issues(2);
    // what the edition changed is drawn: the old beside the new, and the figure on its number line
    issue().life().choose_edition(2);
    const QString drawn = issue().edition_panel().told();
    for (const char* words : {"Edition 1", "35 N·m", "41 N·m", "Who learned it has to read it again."})
        EXPECT_TRUE(drawn.contains(QString::fromUtf8(words))) << words << "\n" << drawn.toStdString();
    EXPECT_FALSE(drawn.contains("proved by")) << "what has not changed is not shown";
    ASSERT_EQ(issue().edition_panel().findChildren<app::ChangeLineView*>().size(), 1);
    EXPECT_TRUE(issue().edition_panel().findChild<app::ChangeLineView*>()->accessibleName().contains(QString::fromUtf8("Edition 2: 41 N·m")));
    // the register says who has to read what again, until it is confirmed
    LearnersDialog learners((*w)->session(), &**w);
    learners.show();
    for (int i = 0; i < learners.list().topLevelItemCount(); ++i)
        if (learners.list().topLevelItem(i)->text(0) == "learner 07") learners.list().setCurrentItem(learners.list().topLevelItem(i));
    EXPECT_TRUE(learners.owed_words().contains("you learned 35 N·m")) << learners.owed_words().toStdString();
    when_asked<QDialog>([](QDialog* d) { QTest::keyClick(d, Qt::Key_Return); });
    learners.commands().perform(*learners.commands().find("learners.confirm"));
    EXPECT_TRUE(learners.owed_words().contains("nothing to read again")) << learners.owed_words().toStdString();
    EXPECT_TRUE(shop::owed(library())->empty());
    learners.close();
    issue().life().choose_edition(2);
    issue().life().setFocus();
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "the torque of the drain plug is wrong", "41 is the wrong plug");
        QTest::keyClick(d, Qt::Key_Return);
    });
    w->key(Qt::Key_W, Qt::ControlModifier);
    EXPECT_NE(library().records()->withdrawal(guide.text(), 2), nullptr);
    EXPECT_TRUE(issue().verdict().contains("It is with: learner 07. Tell them.")) << issue().verdict().toStdString();
    issue().life().choose_edition(2);
    issue().life().setFocus();
    w->key(Qt::Key_O, Qt::ControlModifier);
    EXPECT_TRUE((*w)->notice().contains("withdrawn")) << "nothing more is handed out of it";
}

TEST_F(ReviewKeys, LearnersComeInAndGoOutAsAList) {
    LearnersDialog learners((*w)->session(), &**w);
    std::ofstream(s / "in.csv") << "Group;Learner\r\nspring;learner 01\r\nspring;\"learner; 02\"\r\nautumn;learner 01\r\n";
    learners.import_from(QString::fromStdString(s / "in.csv"));
    ASSERT_EQ(learners.list().topLevelItemCount(), 2);
    EXPECT_EQ(learners.list().topLevelItem(0)->text(1), "spring");
    learners.export_to(QString::fromStdString(s / "out.csv"));
    std::ifstream in(s / "out.csv");
    const std::string out{std::istreambuf_iterator<char>(in), {}};
    EXPECT_NE(out.find("\"learner; 02\",spring"), std::string::npos) << out;
    std::ofstream(s / "bad.csv") << "learner,group\n,spring\n";
    learners.import_from(QString::fromStdString(s / "bad.csv"));
    EXPECT_EQ(learners.list().topLevelItemCount(), 2);
    learners.export_to(QString::fromStdString(s / "bad.csv"));
    std::ifstream kept(s / "bad.csv");
    EXPECT_EQ(std::string(std::istreambuf_iterator<char>(kept), {}).substr(0, 14), "learner,group\n") << "another file is not written over";
}

TEST_F(ReviewKeys, AnswersThatCameBackOverTheDeskAreTakenInByAKey) {
    sits("checker");
    passes_all();
    checks();
    sits("author");
    issues(1);
    ASSERT_TRUE(library().record({core::LearnerAdded{"learner 07", "spring"}}, "author"));
    const auto e = library().editions(guide)->front();
    std::filesystem::create_directories(s / "library/inbox");
    std::ofstream(s / "library/inbox/a.check.json")
        << core::to_json(core::testing::answered(e.edition, publish::edition_mark(e.edition, e.sha256), 7));
    LearnersDialog learners((*w)->session(), &**w);
    learners.show();
    EXPECT_TRUE(learners.told().contains("came back over the desk")) << learners.told().toStdString();
    learners.commands().perform(*learners.commands().find("learners.answers"));
    EXPECT_TRUE(learners.told().contains("passed")) << learners.told().toStdString();
    EXPECT_TRUE(learners.owed_words().contains("Passed the check of")) << learners.owed_words().toStdString();
    learners.take_answers({QString::fromStdString(s / "nothing.check.json")});
    EXPECT_EQ(library().records()->kept<core::Learned>().size(), 1U);
}

TEST_F(ReviewKeys, TheDeskIsOpenedFromTheWindowAndItsAddressGoesOntoPages) {
    sits("checker");
    passes_all();
    checks();
    sits("author");
    issues(1);
    std::unique_ptr<shop::Desk> desk;
    app::DeskDialog dialog((*w)->session(), desk, &**w);
    dialog.show();
    int port = 18460;
    for (; port < 18560 && desk == nullptr; ++port) {
        dialog.port().setValue(port);
        dialog.commands().perform(*dialog.commands().find("desk.open"));
    }
    ASSERT_NE(desk, nullptr) << dialog.told().toStdString();
    dialog.commands().perform(*dialog.commands().find("desk.print-address"));
    EXPECT_EQ(library().house()->desk, desk->address());
    dialog.commands().perform(*dialog.commands().find("desk.close"));
    EXPECT_EQ(desk, nullptr);
    dialog.close();
    QApplication::setActiveWindow(&**w);
    (*w)->go(MainWindow::Issue);
    issue().places().setFocus();
    sits("checker");
    passes_all();
    checks();
    sits("author");
    issues(2);
    EXPECT_EQ(library().editions(guide)->back().edition.desk, library().house()->desk) << "the next edition's pages carry it";
    (*w)->session().undo();
    EXPECT_TRUE(library().house()->desk.empty()) << "undone like any other change";
}
