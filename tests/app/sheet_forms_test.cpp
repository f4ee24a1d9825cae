// What a step says beside its lines, asked for by keys: cautions by their parts, readings, states, ways, resets, follow-ups;
// comments, history, translation, variants, a step of another guide, words in all guides.
#include <gtest/gtest.h>

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QSpinBox>
#include <QTextBrowser>

#include "app/house/house_dialog.h"
#include "app/house/methods_dialog.h"
#include "app/sheet/sheet_station.h"
#include "core/edits/translation.h"
#include "core/review/open_points.h"
#include "tests/app/demo_guide.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::fill;
using anagraph::testing::MainWindow;
using anagraph::testing::when_asked;

namespace {

class OnAStep : public anagraph::testing::OnDemoGuide {
protected:
    void SetUp() override {
        OnDemoGuide::SetUp();
        (*w)->go(MainWindow::Sheet);
        session().set_step(core::StepId("drain"));
        QTest::qWait(50);
        card().focus_heading();
    }
    const core::Step& step() { return *guide().find(core::StepId("drain")); }
    StepCard& card() {
        for (std::size_t i = 0;; ++i)
            if ((*w)->sheet().card(i)->step() == core::StepId("drain")) return *(*w)->sheet().card(i);
    }
    template <class Widget>
    static Widget* named(QWidget* in, const char* name) {
        for (auto* x : in->findChildren<Widget*>())
            if (x->accessibleName() == QString::fromUtf8(name)) return x;
        ADD_FAILURE() << "nothing is called " << name;
        return nullptr;
    }
    static void tick(QWidget* in, const char* words) {
        for (auto* box : in->findChildren<QCheckBox*>())
            if (box->text().startsWith(QString::fromUtf8(words))) {
                QTest::keyClick(box, Qt::Key_Space);
                return;
            }
        ADD_FAILURE() << "no box says " << words;
    }
    static void ok(QDialog* dialog) { QTest::keyClick(dialog, Qt::Key_Return); }
    static QString trouble(QDialog* dialog) { return dialog->findChild<QLabel*>(QStringLiteral("trouble"))->text(); }
};

}  // namespace

TEST_F(OnAStep, ACautionIsAskedForByItsPartsAndItsWordFollowsFromTheHarm) {
    const auto before = step().cautions.size();
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "Hot oil", "A falling pan");
        ok(d);
        EXPECT_TRUE(trouble(d).contains("how to avoid it")) << "a warning alone does not help";
        auto* hazard = named<QComboBox>(d, "Hazard");
        hazard->setFocus();
        QTest::keyClicks(hazard, "hot");
        emit hazard->activated(hazard->currentIndex());
        EXPECT_TRUE(named<QComboBox>(d, "What can happen")->currentText().contains("WARNING"));
        ok(d);
    });
    w->key(Qt::Key_W, Qt::AltModifier);
    ASSERT_EQ(step().cautions.size(), before + 1);
    EXPECT_EQ(step().cautions.back().hazard, "hot-oil");
    EXPECT_EQ(step().cautions.back().signal, core::Signal::Warning);
    EXPECT_NE(step().cautions.back().text.find("burn"), std::string::npos);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(step().cautions.size(), before);
}

TEST_F(OnAStep, ACheckHasWhomToAskAndAReadingWithItsLimits) {
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "mesh of the strainer", "time");
        ok(d);
        EXPECT_TRUE(trouble(d).contains("good"));
        fill(*d, "whole and clean", "within the limits");
        fill(*d, "torn or full of chips", "much longer");
        fill(*d, "the instructor", "the instructor");
        fill(*d, "h, bar, mm; empty where a word is written", "wombats");
        ok(d);
        EXPECT_TRUE(trouble(d).contains("wombats"));
        fill(*d, "h, bar, mm; empty where a word is written", "min");
        ok(d);
        EXPECT_TRUE(trouble(d).contains("written down"));
        fill(*d, "nothing; or what is read: hour meter", "drained for");
        auto* limits = named<QComboBox>(d, "Must lie within");
        limits->setCurrentIndex(limits->findText("5 min", Qt::MatchContains));
        ok(d);
    });
    w->key(Qt::Key_T, Qt::AltModifier);
    ASSERT_FALSE(step().checks.empty());
    const auto& c = step().checks.back();
    EXPECT_EQ(c.ask, "the instructor");
    ASSERT_TRUE(c.reading);
    EXPECT_EQ(c.reading->unit, "min");
    EXPECT_FALSE(c.reading->limits.empty());
    QTest::qWait(50);  // a new row is shown once the events are through
    bool shown = false;
    for (const auto* l : card().findChildren<QLabel*>())
        shown = shown || (l->isVisibleTo(&card()) && l->text().contains("drained for") && l->text().contains("5 min"));
    EXPECT_TRUE(shown);
}

TEST_F(OnAStep, VariantsAndStatesAreTickedAndNoneThatCannotBe) {
    when_asked<QDialog>([](QDialog* d) {
        tick(d, "PT60-T");
        tick(d, "running");
        ok(d);
        EXPECT_TRUE(trouble(d).contains("cannot run")) << "it is locked off";
        tick(d, "running");
        tick(d, "on level ground");
        ok(d);
    });
    w->key(Qt::Key_V, Qt::AltModifier);
    EXPECT_EQ(step().variants, std::vector<std::string>{"PT60"});
    EXPECT_EQ(step().states, (std::vector<core::MachineState>{core::MachineState::Level, core::MachineState::LockedOff}));
    bool shown = false;
    for (const auto* l : card().findChildren<QLabel*>()) shown = shown || l->text().contains("PT60 only");
    EXPECT_TRUE(shown);
    when_asked<QDialog>([](QDialog* d) {
        auto* page = d->findChild<QTextBrowser*>();
        EXPECT_TRUE(page->toPlainText().contains("not for this one"));
        EXPECT_TRUE(page->toPlainText().contains("differs"));
        EXPECT_TRUE(page->toPlainText().contains("2.2 L"));
        named<QComboBox>(d, "Shown")->setCurrentIndex(1);
        EXPECT_FALSE(page->toPlainText().contains("2.2 L")) << "one variant alone";
        QTest::keyClick(d, Qt::Key_Escape);
    });
    w->key(Qt::Key_B, Qt::AltModifier);
}

TEST_F(OnAStep, TheHousesWayIsCarriedAndADepartureNeedsItsReason) {
    when_asked<QDialog>([](QDialog* d) {
        auto* way = named<QComboBox>(d, "Method: How long does it drain?");
        way->setCurrentIndex(2);
        ok(d);
        EXPECT_TRUE(trouble(d).contains("differs from the house"));
        named<QLineEdit>(d, "Why: How long does it drain?")->setText("the plan gives ten minutes");
        ok(d);
    });
    w->key(Qt::Key_Y, Qt::AltModifier);
    const auto it =
        std::find_if(step().methods.begin(), step().methods.end(), [](const core::StepMethod& m) { return m.topic == "drain-time"; });
    ASSERT_NE(it, step().methods.end());
    EXPECT_EQ(it->chosen, "set-time");
    EXPECT_EQ(it->because, "the plan gives ten minutes");
    bool shown = false;
    for (const auto* l : card().findChildren<QLabel*>()) shown = shown || l->text().contains("For this step: for a set time");
    EXPECT_TRUE(shown);
}

TEST_F(OnAStep, AResetIsWrittenPressByPress) {
    when_asked<QDialog>([](QDialog* d) {
        ok(d);
        EXPECT_TRUE(trouble(d).contains("which display"));
        fill(*d, "display with two buttons", "display with one button");
        ok(d);
        EXPECT_TRUE(trouble(d).contains("pressed first"));
        auto* button = named<QLineEdit>(d, "Button 1");
        QTest::keyClicks(button, "SET");
        QTest::keyClick(d, Qt::Key_Return, Qt::ControlModifier);
        QTest::keyClicks(named<QLineEdit>(d, "Button 2"), "MODE");
        named<QLineEdit>(d, "Display shows 2")->setText("0 h");
        ok(d);
    });
    w->key(Qt::Key_R, Qt::AltModifier);
    ASSERT_EQ(step().resets.size(), 1U);
    ASSERT_EQ(step().resets[0].presses.size(), 2U);
    EXPECT_EQ(step().resets[0].presses[1].button, "MODE");
    EXPECT_EQ(step().resets[0].presses[1].shows, "0 h");
    EXPECT_TRUE(step().resets[0].variants.empty()) << "all are ticked: it is for all";
}

TEST_F(OnAStep, WhatIsDoneLaterAndAWaitAreKept) {
    when_asked<QDialog>([](QDialog* d) {
        named<QLineEdit>(d, "When 4")->setText("after a week");
        ok(d);
        EXPECT_TRUE(trouble(d).contains("both"));
        named<QLineEdit>(d, "What 4")->setText("look at the belt");
        ok(d);
    });
    w->key(Qt::Key_L, Qt::AltModifier);
    ASSERT_EQ(guide().header.follow_ups.size(), 4U);
    EXPECT_EQ(guide().header.follow_ups[3].what, "look at the belt");
    when_asked<QDialog>([](QDialog* d) {
        ok(d);
        EXPECT_FALSE(trouble(d).isEmpty());
        fill(*d, "until the oil has run into the sump", "until it only drips");
        ok(d);
    });
    w->key(Qt::Key_L, Qt::ControlModifier);
    ASSERT_EQ(step().waits.size(), 2U);
    EXPECT_TRUE(step().waits[1].figure.empty()) << "no time is known, and none is made up";
}

TEST_F(OnAStep, ACommentStandsAtItsLineUntilItIsAnswered) {
    const auto open = [&] {
        const auto points = core::open_points(guide());
        return std::any_of(points.begin(), points.end(),
            [](const core::OpenPoint& p) { return p.text.english().find("which spanner?") != std::string::npos; });
    };
    card().focus_line(1);
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "what is unclear, wrong or missing here", "which spanner?");
        fill(*d, "by post: checker, learner 07", "checker");
        ok(d);
    });
    w->key(Qt::Key_C, Qt::AltModifier);
    ASSERT_EQ(step().comments.size(), 1U);
    EXPECT_EQ(step().comments[0].at, step().lines[1]);
    EXPECT_EQ(step().comments[0].who, "checker");
    EXPECT_TRUE(open());
    card().focus_line(1);
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "what came of it", "17 mm, said in the line");
        tick(d, "done with");
        ok(d);
    });
    w->key(Qt::Key_C, Qt::AltModifier);
    EXPECT_TRUE(step().comments[0].closed);
    EXPECT_FALSE(open());
}

TEST_F(OnAStep, TheHistoryOfALineIsReadAndAnOldVersionWrittenBack) {
    const auto before = step().lines[2];
    card().focus_line(2);
    QTest::keyClicks(card().line(2)->edit(), " Slowly.");
    QTest::keyClick(card().line(2)->edit(), Qt::Key_Tab);
    ASSERT_NE(step().lines[2], before);
    card().focus_line(2);
    when_asked<QDialog>([](QDialog* d) {
        auto* list = d->findChild<QListWidget*>();
        EXPECT_EQ(list->count(), 2);
        EXPECT_TRUE(list->item(0)->text().contains("Slowly"));
        EXPECT_TRUE(list->item(0)->text().contains("author"));
        list->setCurrentRow(1);
        ok(d);
    });
    w->key(Qt::Key_H, Qt::AltModifier);
    EXPECT_EQ(step().lines[2], before);
}

TEST_F(OnAStep, ATranslationIsWrittenBesideTheOriginalAndFallsOutOfDate) {
    const std::string line = step().lines[2];
    when_asked<QDialog>([&](QDialog* d) {
        for (auto* edit : d->findChildren<QLineEdit*>())
            if (edit->accessibleName().endsWith(QString::fromStdString(line))) {
                edit->setFocus();
                QTest::keyClicks(edit, "Mit der Hand fertig machen und hineinpressen.");
                QTest::keyClick(edit, Qt::Key_Tab);
                break;
            }
        QTest::keyClick(d, Qt::Key_Escape);
    });
    w->key(Qt::Key_O, Qt::AltModifier);
    ASSERT_EQ(step().translated.size(), 1U);
    EXPECT_EQ(step().translated[0].of, line);
    core::Step s = step();
    s.lines[2] = "Finish by hand, pressing in all the time.";
    ASSERT_TRUE(session().perform(core::Change{"write", {core::Put<core::Step>{s, std::nullopt}}}));
    const auto all = core::translation(guide(), "de");
    EXPECT_EQ(std::count_if(
                  all.begin(), all.end(), [](const core::TranslatedLine& l) { return l.state == core::TranslatedLine::State::OutOfDate; }),
        1);
    when_asked<QDialog>([](QDialog* d) {
        bool told = false;
        for (const auto* l : d->findChildren<QLabel*>()) told = told || l->text().contains("1 out of date");
        EXPECT_TRUE(told);
        QTest::keyClick(d, Qt::Key_Escape);
    });
    w->key(Qt::Key_O, Qt::AltModifier);
}

TEST_F(OnAStep, LinesAreDraftedFromWhatWasLoggedAndNothingWrittenIsTouched) {
    w->key(Qt::Key_D, Qt::ControlModifier);
    EXPECT_TRUE((*w)->notice().contains("Every step has its lines"));
    // the same tape once more, from nothing
    const auto recordings = guide().recordings;
    core::Header header;
    header.machine = "Perrick PT60";
    header.title = "from the tape";
    ASSERT_TRUE(session().new_guide(header));
    for (const auto& r : recordings)
        session().perform(core::Change{"use", {core::Put<core::RecordingUse>{{r.id, r.title, {}}, std::nullopt}}});
    (*w)->go(MainWindow::Tape);
    ASSERT_TRUE(w->settled());
    w->key(Qt::Key_D);
    ASSERT_GE(guide().steps.size(), 3U);
    (*w)->go(MainWindow::Sheet);
    QTest::qWait(50);
    w->key(Qt::Key_D, Qt::ControlModifier);
    std::size_t lines = 0;
    for (const auto& s : guide().steps) lines += s.lines.size();
    EXPECT_GE(lines, 3U);
    int nested = 0;
    for (const auto& s : guide().steps) {
        for (const auto& c : s.checks) nested += c.shown ? 1 : 0;
        for (const auto& wait : s.waits) nested += wait.shown ? 1 : 0;
    }
    EXPECT_GE(nested, 1) << "checks and waits stand where they were said";
    ASSERT_NE((*w)->sheet().card(0), nullptr);
    w->key(Qt::Key_Z, Qt::ControlModifier);
    for (const auto& s : guide().steps) EXPECT_TRUE(s.lines.empty());
}

TEST_F(OnAStep, ALineIsHeardWhereItWasSaid) {
    card().focus_line(1);
    w->key(Qt::Key_P, Qt::AltModifier);
    EXPECT_TRUE((*w)->tape().isVisible());
    const auto& take = step().takes.front();
    ASSERT_TRUE(QTest::qWaitFor([&] { return !((*w)->tape().film().time() < take.from); }, 60000));
    EXPECT_LT((*w)->tape().film().time(), take.to);
    (*w)->tape().film().pause();
}

TEST_F(OnAStep, ACheckIsHeardWhereItWasPutOnTheTape) {
    core::Step s = step();
    const auto& times = session().recording(s.takes.front().recording)->index.times;
    const auto last = std::lower_bound(times.begin(), times.end(), s.takes.front().to) - times.begin() - 1;
    const auto put = times[static_cast<std::size_t>(last - 2)];
    s.checks = {{"jet of oil", "thin", "none", core::Take{s.takes.front().recording, put, s.takes.front().to}}};
    ASSERT_TRUE(session().perform(core::Change{"nest a check", {core::Put<core::Step>{s, std::nullopt}}}));
    QTest::qWait(50);
    auto* look = named<QLineEdit>(&card(), "Check: look at");
    ASSERT_NE(look, nullptr);
    look->setFocus();
    w->key(Qt::Key_P, Qt::AltModifier);
    EXPECT_TRUE((*w)->tape().isVisible());
    EXPECT_TRUE(QTest::qWaitFor([&] { return !((*w)->tape().film().time() < put); }, 60000));
    (*w)->tape().film().pause();
}

TEST_F(OnAStep, ALineWrittenIsAnActionDone) {
    card().focus_line(3);
    QTest::keyClick(card().line(3)->edit(), Qt::Key_Return);
    card().line(4)->edit()->setText("Loosen the {item:level-plug}.");  // pasted
    QTest::keyClick(card().line(4)->edit(), Qt::Key_Tab);
    const auto done = std::find_if(step().actions.begin(), step().actions.end(),
        [](const core::Action& a) { return a.items == std::vector<core::ItemId>{core::ItemId("level-plug")}; });
    ASSERT_NE(done, step().actions.end());
    EXPECT_EQ(done->verb, "loosen");
}

TEST_F(OnAStep, TheHouseIsAskedOnceWhatItDoes) {
    (*w)->go(MainWindow::Figures);
    when_asked<HouseDialog>([](HouseDialog* house) {
        when_asked<MethodsDialog>([](MethodsDialog* d) {
            d->show_topic("flush");
            named<QComboBox>(d, "This house")->setCurrentIndex(2);
            named<QLineEdit>(d, "Because")->setText("the oil costs little");
            tick(d, "do not flush");
            ok(d);
        });
        QTest::keyClick(house, Qt::Key_W);
        ok(house);
    });
    w->key(Qt::Key_H);
    const auto house = *session().library().house();
    const auto it = std::find_if(house.methods.begin(), house.methods.end(), [](const core::HouseMethod& m) { return m.topic == "flush"; });
    ASSERT_NE(it, house.methods.end());
    EXPECT_EQ(it->chosen, "yes");
    EXPECT_EQ(it->accepted, std::vector<std::string>{"no"});
    (*w)->go(MainWindow::Sheet);
    session().set_step(core::StepId("warm"));
    session().set_step(core::StepId("drain"));
    bool shown = false;
    for (const auto* l : card().findChildren<QLabel*>()) shown = shown || l->text().contains("flush with a little new oil");
    EXPECT_TRUE(shown);
}

TEST_F(OnAStep, AStepOfAnotherGuideComesInBehindTheOneInHandAndWordsAreReplacedInBoth) {
    const auto first = session().guide();
    core::Header header;
    header.machine = "Ostrel M4";
    header.title = "oil change";
    ASSERT_TRUE(session().new_guide(header));
    (*w)->go(MainWindow::Sheet);
    when_asked<QDialog>([](QDialog* d) {
        auto* list = d->findChild<QListWidget*>();
        list->setCurrentRow(3);
        ok(d);
    });
    w->key(Qt::Key_I, Qt::AltModifier);
    ASSERT_EQ(guide().steps.size(), 1U);
    EXPECT_EQ(guide().steps[0].heading, "Drain the oil");
    EXPECT_FALSE(guide().items.empty());
    const auto points = core::open_points(guide());
    const auto of_the_order = std::count_if(points.begin(), points.end(),
        [](const core::OpenPoint& x) { return x.stops_issue && x.station == core::Station::DryRun; });  // one step alone is no job
    EXPECT_LE(core::reasons_not_to_issue(guide()).size(), 1U + static_cast<std::size_t>(of_the_order))
        << "only the guide's number is missing";
    when_asked<QDialog>([](QDialog* d) {
        fill(*d, "words as they stand", "pressing in");
        tick(d, "in the other guides");
        EXPECT_TRUE(QTest::qWaitFor(
            [&] {
                for (const auto* l : d->findChildren<QLabel*>())
                    if (l->text().contains("In 1 other guides: 1 places")) return true;
                return false;
            },
            20000));
        fill(*d, "what stands there instead; empty removes them", "pushing in");
        ok(d);
    });
    w->key(Qt::Key_H, Qt::ControlModifier);
    EXPECT_EQ(guide().steps[0].lines[2], "Finish by hand, pushing in.");
    ASSERT_TRUE(session().open_guide(first));
    EXPECT_EQ(step().lines[2], "Finish by hand, pushing in.");
}
